import { z } from 'zod';
import { CaseListFilter } from '@/core/case';
import { CaseFile } from '@/core/exchange';
import { FindAnswer } from './find';
import { ReadRecordsRequest, RecordsReading, RecordsTaken, TakeRecordsRequest } from './old-records';
import { ProblemAnswer } from './problem';
import { ScanReading } from './scan-reading';
import { SymptomsReading } from './symptoms';
import { TraceAnswer, TraceForm } from './trace-analysis';
import { ConclusionsAnswer, GuideAnswer, ImportAnswer, ShopTaken } from './programs';

/** One way in for programs: path, what it takes, what it answers. The description is made from these. */
export interface Operation {
  id: string;
  method: 'get' | 'post';
  path: string;
  summary: string;
  /** Parameters in the path and behind the question mark, as they come: text. */
  params: Record<string, z.ZodType>;
  /** Of several forms of body each has its own shape; text where none is given. */
  body?: { about: string; types: Record<string, object> };
  answers: Record<number, { about: string; type: string; schema?: { name: string; of: z.ZodType } }>;
}

const limit = z.coerce
  .number('limit is a number from 1 to 100.')
  .int('limit is a whole number from 1 to 100.')
  .min(1, 'limit is at least 1.')
  .max(100, 'limit is at most 100.');
export const FindQuery = z.object({
  q: z.string().max(500, 'q is at most 500 characters long.').default('').describe('The search line.'),
  limit: limit.default(30).describe('How many cases at the most.'),
});
export const ExportQuery = z.object({
  as: z
    .enum(['cases', 'cases.csv', 'readings.csv'], 'as is cases, cases.csv or readings.csv.')
    .default('cases')
    .describe('Case files, one in a line; or a table of cases or of readings.'),
  files: z
    .enum(['inline', 'none'], 'files is inline or none.')
    .default('none')
    .describe('Whether photos and other files come inside the case files.'),
  numbers: z.string().max(4000).optional().describe('Only these cases: numbers and spans, as in 12, 15-20.'),
  day: z
    .string()
    .max(10)
    .optional()
    .describe('Only cases that were opened, written on or closed on this day (2026-11-28).'),
  until: z.string().max(10).optional().describe('The last of several days, the first being day.'),
  q: z.string().max(500).optional().describe('Only cases that a search line finds.'),
  ...CaseListFilter.partial().shape,
});
/** Which cases are given out; nothing said: all. Those that a chosen one refers to come along. */
export type ExportChoice = Omit<z.infer<typeof ExportQuery>, 'as' | 'files'>;
/** How much a choice gives out. */
export const ExportSize = z.object({
  cases: z.number().int(),
  brought: z.array(z.number().int()),
  files: z.number().int(),
  bytes: z.number(),
});
export const CaseQuery = z.object({ files: ExportQuery.shape.files });
const CaseParam = z.object({ id: z.string().max(60).describe('Id of the case, or its number.') });

const json = 'application/json';
const problem = (about: string) => ({ about, type: json, schema: { name: 'Problem', of: ProblemAnswer } });

export const OPERATIONS: readonly Operation[] = [
  {
    id: 'findCases',
    method: 'get',
    path: '/api/v1/find',
    summary: 'Past cases for one line of vehicle, code, symptom and reading in any order, with reasons',
    params: FindQuery.shape,
    answers: {
      200: {
        about: 'How it was read, cases, causes',
        type: json,
        schema: { name: 'FindAnswer', of: FindAnswer },
      },
      400: problem('A parameter is not understood'),
    },
  },
  {
    id: 'readScan',
    method: 'post',
    path: '/api/v1/scans/read',
    summary: 'What a scan report says, as text or as a photo of the screen; nothing is kept',
    params: {},
    body: {
      about: 'The report as text; or a form with the text, or with a photo of the screen (JPEG, PNG, WebP).',
      types: {
        'text/plain': { type: 'string' },
        'multipart/form-data': {
          type: 'object',
          properties: {
            text: { type: 'string' },
            picture: { type: 'string', contentMediaType: 'image/*' },
          },
        },
      },
    },
    answers: {
      200: { about: 'The reading', type: json, schema: { name: 'ScanReading', of: ScanReading } },
      400: problem('There is nothing in it that can be read'),
      413: problem('It is too large'),
    },
  },
  {
    id: 'readSymptoms',
    method: 'post',
    path: '/api/v1/symptoms/read',
    summary: 'What a complaint says, in anyone’s words; nothing is kept',
    params: {},
    body: { about: 'The complaint as text.', types: { 'text/plain': { type: 'string' } } },
    answers: {
      200: { about: 'The reading', type: json, schema: { name: 'SymptomsReading', of: SymptomsReading } },
      400: problem('There is no text'),
      413: problem('It is too long'),
    },
  },
  {
    id: 'analyseTrace',
    method: 'post',
    path: '/api/v1/traces/analyse',
    summary: 'What a recording is taken for and what is found in it; nothing is kept',
    params: {},
    body: {
      about:
        'A form with the recording as `file`, and what is asked: `analysis`, `firingOrder`, `strokes` as text, `roles` and `settings` as JSON.',
      types: {
        'multipart/form-data': {
          type: 'object',
          required: ['file'],
          properties: {
            file: { type: 'string', contentMediaType: 'application/octet-stream' },
            ...(z.toJSONSchema(TraceForm, { io: 'input' }).properties as object),
          },
        },
      },
    },
    answers: {
      200: { about: 'The findings', type: json, schema: { name: 'TraceAnswer', of: TraceAnswer } },
      400: problem('The recording or what is asked is not understood'),
      413: problem('It is too large'),
    },
  },
  {
    id: 'readRecords',
    method: 'post',
    path: '/api/v1/records/read',
    summary: 'How a table of past jobs is read: its columns, and what its rows become; nothing is kept',
    params: {},
    body: {
      about: 'Rows of the table, the heads among them.',
      types: { [json]: z.toJSONSchema(ReadRecordsRequest, { io: 'input' }) },
    },
    answers: {
      200: { about: 'The reading', type: json, schema: { name: 'RecordsReading', of: RecordsReading } },
      400: problem('The rows are not understood'),
    },
  },
  {
    id: 'takeRecords',
    method: 'post',
    path: '/api/v1/records',
    summary: 'Takes past jobs in as cases marked as from old records; one that is here already adds nothing',
    params: {},
    body: {
      about: 'Some hundred jobs, and how they are read.',
      types: { [json]: z.toJSONSchema(TakeRecordsRequest, { io: 'input' }) },
    },
    answers: {
      200: { about: 'What became of each', type: json, schema: { name: 'RecordsTaken', of: RecordsTaken } },
      400: problem('The jobs are not understood'),
      413: problem('It is too much at once'),
    },
  },
  {
    id: 'getCase',
    method: 'get',
    path: '/api/v1/cases/{id}',
    summary: 'One case as a case file',
    params: { ...CaseParam.shape, ...CaseQuery.shape },
    answers: {
      200: { about: 'The case', type: json, schema: { name: 'CaseFile', of: CaseFile } },
      400: problem('A parameter is not understood'),
      404: problem('There is no such case'),
    },
  },
  {
    id: 'getGuide',
    method: 'get',
    path: '/api/v1/cases/{id}/guide',
    summary: 'Odds over causes for a case, the tests that would tell most per minute, and why',
    params: CaseParam.shape,
    answers: {
      200: { about: 'The guide', type: json, schema: { name: 'GuideAnswer', of: GuideAnswer } },
      404: problem('There is no such case'),
    },
  },
  {
    id: 'getConclusions',
    method: 'get',
    path: '/api/v1/cases/{id}/conclusions',
    summary:
      'What follows from a case: what scans cover, course and role of each code, verdicts, cover, suspects, grade',
    params: CaseParam.shape,
    answers: {
      200: {
        about: 'The conclusions',
        type: json,
        schema: { name: 'ConclusionsAnswer', of: ConclusionsAnswer },
      },
      404: problem('There is no such case'),
    },
  },
  {
    id: 'exportCases',
    method: 'get',
    path: '/api/v1/export',
    summary: 'Cases as case files, one in a line (NDJSON), or as a table (CSV): all, or those chosen',
    params: ExportQuery.shape,
    answers: {
      200: { about: 'The cases, lowest number first', type: 'application/x-ndjson' },
      400: problem('A parameter is not understood'),
    },
  },
  {
    id: 'importCases',
    method: 'post',
    path: '/api/v1/import',
    summary: 'Takes case files in, one in a line, each whole or not at all; the same one twice is one case',
    params: {},
    body: {
      about: 'Case files (schema CaseFile), one in a line.',
      types: { 'application/x-ndjson': { type: 'string' } },
    },
    answers: {
      200: {
        about: 'What became of the lines',
        type: json,
        schema: { name: 'ImportAnswer', of: ImportAnswer },
      },
      400: problem('There was no body'),
    },
  },
  {
    id: 'exportShop',
    method: 'get',
    path: '/api/v1/shop',
    summary:
      'What the shop has beside its cases: procedures, known-good values, lists, words, meanings, bulletins, history',
    params: {},
    answers: {
      200: { about: 'One thing in a line (docs/formats, vantle-shop/1)', type: 'application/x-ndjson' },
    },
  },
  {
    id: 'importShop',
    method: 'post',
    path: '/api/v1/shop',
    summary: 'Takes the lists of a shop file in; what is here already stays as it is',
    params: {},
    body: {
      about: 'A shop file, one thing in a line.',
      types: { 'application/x-ndjson': { type: 'string' } },
    },
    answers: {
      200: {
        about: 'What became of the lines',
        type: 'application/json',
        schema: { name: 'ShopTaken', of: ShopTaken },
      },
      400: problem('It is no shop file'),
    },
  },
];
