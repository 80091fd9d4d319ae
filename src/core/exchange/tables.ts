import { doneTests, type CaseRecord } from '@/core/case';
import { causeName } from '@/core/cause';
import { readEntry } from '@/core/readings';
import { conditionLabel } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import type { ExportContext } from './write-case-file';

/** What a spreadsheet takes for the beginning of a formula, and a signed value that is none. */
const RUNS = /^\s*[=+\-@\t\r|%]/;
const PLAIN = /^[+-]\d+(?:[.,]\d+)?(?: ?[\p{L}%°Ω/]{1,10})?$/u;

/**
 * One line of a CSV file (RFC 4180): fields with a comma, a quote or a line end are quoted. A field a
 * spreadsheet would run as a formula is kept text by a leading apostrophe.
 *
 * @example csvLine(['a', 'b,c', 3]) // 'a,"b,c",3\r\n'
 */
export function csvLine(fields: readonly (string | number | null)[]): string {
  const cell = (f: string | number | null): string => {
    if (f === null) return '';
    if (typeof f === 'number') return String(f);
    const text = RUNS.test(f) && !PLAIN.test(f) ? `'${f}` : f;
    return /[",\r\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text;
  };
  return `${fields.map(cell).join(',')}\r\n`;
}

export const CASES_CSV_HEAD = [
  'number',
  'opened',
  'closed',
  'vin',
  'make',
  'model',
  'year',
  'engine',
  'odometer',
  'customer said',
  'symptoms',
  'conditions',
  'codes',
  'causes',
  'repairs',
  'parts',
  'grade',
  'lead',
  'minutes of tests',
  'lesson',
] as const;

/** A case as one row of a table, its lists joined by semicolons. */
export function casesCsvRow(r: CaseRecord, from: ExportContext): (string | number | null)[] {
  const minutes = doneTests(r).flatMap((t) => t.minutes ?? []);
  const joined = (list: string[]) => [...new Set(list.filter(Boolean))].join('; ');
  return [
    r.case.number,
    r.case.openedAt.slice(0, 10),
    r.case.closedAt?.slice(0, 10) ?? '',
    r.vehicle.vin,
    r.vehicle.make,
    r.vehicle.model,
    r.vehicle.year,
    r.vehicle.engine,
    r.case.odometer,
    r.case.said,
    joined(r.symptom.map((s) => symptomById(s.concept)?.label ?? s.words)),
    joined(r.symptom.flatMap((s) => s.conditions.map(conditionLabel))),
    joined(r.code.map((c) => c.code)),
    joined(r.cause.map((c) => causeName(from.catalogue, c))),
    joined(r.repair.map((x) => [x.action, x.what].filter(Boolean).join(' '))),
    joined(r.part.map((p) => p.name)),
    r.case.grade,
    from.person(r.case.leadId) ?? '',
    minutes.length ? minutes.reduce((a, b) => a + b, 0) : null,
    r.case.lesson,
  ];
}

export const READINGS_CSV_HEAD = [
  'case',
  'taken',
  'make',
  'model',
  'year',
  'engine',
  'test',
  'reading',
  'entered',
  'value',
  'unit',
  'limit',
  'verdict',
  'after repair',
] as const;

/** The readings of a case, one row each; value and unit where a number was read. */
export function readingsCsvRows(r: CaseRecord): (string | number | null)[][] {
  const tests = new Map(r.test.map((t) => [t.id, t]));
  return r.reading.flatMap((reading) => {
    const test = tests.get(reading.testId);
    if (!test) return [];
    const entry = readEntry(reading.entered);
    return [
      [
        r.case.number,
        test.at,
        r.vehicle.make,
        r.vehicle.model,
        r.vehicle.year,
        r.vehicle.engine,
        test.question,
        reading.label,
        reading.entered,
        entry.kind === 'quantity' ? entry.quantity.value : null,
        entry.kind === 'quantity' ? entry.quantity.unit : '',
        reading.limit,
        reading.verdict,
        test.repeatOf === null ? '' : 'yes',
      ],
    ];
  });
}
