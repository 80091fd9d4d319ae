import { rowOf } from './apply';
import { displayWord } from './display-words';
import type { HistoryChange, HistoryRow } from './history';
import { KIND_NAMES, type CaseRecord, type Kind } from './kinds';

/** What it takes to say a change in words. */
export interface WordsContext {
  record: CaseRecord;
  /** All rows of the history, for the names of what is gone. */
  rows: readonly HistoryRow[];
  catalogueName: (id: string) => string;
  personName: (id: string) => string;
  symptomLabel: (concept: string) => string;
  /** A stored moment as people read it. */
  dayTime: (at: string) => string;
}

const PART_OF: Partial<Record<Kind, string>> = {
  scan: 'evidence',
  clear: 'evidence',
  module: 'evidence',
  code: 'evidence',
  freeze: 'evidence',
  live: 'evidence',
  monitor: 'evidence',
  role: 'evidence',
  test: 'evidence',
  condition: 'evidence',
  reading: 'evidence',
  input: 'evidence',
  run: 'evidence',
  attachment: 'evidence',
  trace: 'evidence',
  suspect: 'cause',
  bearing: 'cause',
  cause: 'cause',
  explains: 'cause',
  repair: 'repair',
  part: 'repair',
  proof: 'proof',
  followUp: 'proof',
  comeback: 'proof',
};

const NAMES: Partial<Record<Kind, string>> = {
  followUp: 'follow-up',
  input: 'entry of a check',
  run: 'procedure',
  part: 'part fitted',
  proof: 'proof step',
  bearing: 'link of test and suspect',
  explains: 'what a cause explains',
  bulletinUse: 'bulletin consulted',
  attachment: 'file',
  earlier: 'earlier repair or event',
};

const FIELDS: Record<string, string> = {
  partId: 'part',
  failureId: 'failure',
  leadId: 'lead',
  handId: 'assignee',
  handNote: 'note for them',
  promisedAt: 'promised for',
  spendingLimit: 'spending limit',
  toCustomer: 'note for the customer',
  answeredById: 'answer taken by',
  declinedMeans: 'what declining means',
  vehicleId: 'vehicle',
  byId: 'by',
  causeId: 'cause',
  closedAt: 'closed',
  at: 'time',
  waitsFor: 'waits for',
  waitNote: 'waits for, exactly',
  said: 'the customer’s words',
  orderNumber: 'the job number',
  origin: 'where it came from',
  seen: 'what the shop saw',
  why: 'why',
  says: 'says',
};
/** Fields that say nothing to a person, or say it elsewhere in the line. */
const SILENT = new Set(['id', 'caseId', 'revision', 'position', 'gradeWhy', 'hash', 'bytes', 'mime', 'seq']);
const MOST = 6;

const isKind = (kind: string): kind is Kind => (KIND_NAMES as string[]).includes(kind);

/** A row as it is, or as it last was. */
function stateOf(row: HistoryRow, c: WordsContext): Record<string, unknown> {
  const now = isKind(row.kind) ? rowOf(c.record, row.kind, row.rowId) : undefined;
  if (now) return now;
  const last = c.rows.find((r) => r.rowId === row.rowId && (r.op === 'remove' || r.op === 'add'));
  return last?.before ?? last?.after ?? {};
}

/** What a row is about, in a few words: "P0171", "fuel pump, worn", the question of a test. */
function nameOf(row: HistoryRow, c: WordsContext): string {
  const s = stateOf(row, c);
  const text = (f: string) => (typeof s[f] === 'string' ? s[f] : '');
  const listed = [text('partId'), text('failureId')]
    .map((id) => (id ? c.catalogueName(id) : ''))
    .filter(Boolean);
  if (listed.length) return listed.join(', ');
  if (text('concept')) return c.symptomLabel(text('concept'));
  for (const f of ['code', 'question', 'what', 'label', 'title', 'name', 'words', 'kind'])
    if (text(f) !== '' && f !== 'what') return text(f);
  if (row.kind === 'explains') return text('of') === 'code' ? text('what') : nameById(text('what'), c);
  if (row.kind === 'bearing') return nameById(text('testId'), c);
  return row.kind === 'repair' || row.kind === 'proof' || row.kind === 'condition' ? text('what') : '';
}

/** What a row that another one names is about, also where it was removed since. */
function nameById(id: string, c: WordsContext): string {
  const row = c.rows.find((r) => r.rowId === id && (r.op === 'add' || r.op === 'remove'));
  return row ? nameOf(row, c) : '';
}

const PEOPLE = new Set(['leadId', 'byId', 'handId', 'answeredById']);
/** Fields that name another row of the case. */
const NAMED = new Set(['causeId', 'suspectId', 'testId', 'repairId', 'scanId', 'repeatOf']);

/** A field's value for people; empty where there is none. */
function value(field: string, v: unknown, c: WordsContext): string {
  if (v === null || v === undefined || v === '') return '';
  if (Array.isArray(v)) return v.map(String).join(', ');
  const s = String(v);
  if (field === 'partId' || field === 'failureId') return c.catalogueName(s) || s;
  if (PEOPLE.has(field)) return c.personName(s);
  if (NAMED.has(field)) return nameById(s, c) || 'one that was removed';
  if (field === 'vehicleId' || field === 'ofCaseId') return 'another';
  if (field === 'concept') return c.symptomLabel(s);
  if (MOMENT.test(s)) return c.dayTime(s);
  if (typeof v === 'number' || ENUMERATED.has(field)) return displayWord(s);
  return s.length > 90 ? `“${s.slice(0, 88)}…”` : `“${s}”`;
}

const MOMENT = /^\d{4}-\d{2}-\d{2}T[\d:.]{1,12}Z$/;
const ENUMERATED = new Set(['role', 'grade', 'verdict', 'state', 'says', 'waitsFor']);

/**
 * What a field is called: by its own name, or its name in plain letters.
 *
 * @example fieldLabel('handId') // 'assignee'
 * @example fieldLabel('alsoChanged') // 'also changed'
 */
export const fieldLabel = (field: string): string =>
  FIELDS[field] ??
  field
    .replace(/Id$/, '')
    .replace(/At$/, '')
    .replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** What became of one field: "grade changed from claimed to proven". */
function fieldInWords(field: string, row: HistoryRow, c: WordsContext): string {
  const label = fieldLabel(field);
  const [before, after] = [value(field, row.before?.[field], c), value(field, row.after?.[field], c)];
  if (after === '') return `${label} removed${before ? ` (was ${before})` : ''}`;
  return before === '' ? `${label} set to ${after}` : `${label} changed from ${before} to ${after}`;
}

function explainsInWords(row: HistoryRow, c: WordsContext): string {
  const cause = nameById(String(stateOf(row, c).causeId), c) || 'a cause';
  const what = nameOf(row, c) || 'something';
  return row.op === 'remove' ? `${cause} no longer explains ${what}` : `${cause} explains ${what}`;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function rowInWords(row: HistoryRow, c: WordsContext): string {
  if (row.kind === 'catalogue')
    return `List of parts and failures: “${String(row.before?.name)}” renamed to “${String(row.after?.name)}”`;
  if (row.kind === 'explains' && row.op !== 'set') return capital(explainsInWords(row, c));
  if (row.kind === 'role' && row.op !== 'remove') return `${nameOf(row, c)}: ${fieldInWords('role', row, c)}`;
  const kind = isKind(row.kind) ? (NAMES[row.kind] ?? row.kind) : row.kind;
  const name = nameOf(row, c);
  const about = capital(name && row.kind !== 'case' && row.kind !== 'vehicle' ? `${kind} ${name}` : kind);
  if (row.op === 'add') return row.kind === 'case' ? 'Case opened' : `${about} added`;
  if (row.op === 'remove') return `${about} removed`;
  if (row.after && 'rules' in row.after) {
    const verdicts = Number(row.after.verdicts ?? 0);
    const moved = row.before?.grade === row.after.grade ? '' : fieldInWords('grade', row, c);
    const judged = verdicts > 0 ? `${verdicts} ${verdicts === 1 ? 'verdict' : 'verdicts'} recomputed` : '';
    return `Updated to newer rules: ${[moved, judged].filter(Boolean).join(', ') || 'another reason for its grade'}`;
  }
  const fields = Object.keys(row.after ?? {})
    .filter((f) => !SILENT.has(f))
    .slice(0, MOST)
    .map((f) => fieldInWords(f, row, c))
    .join('; ');
  return row.kind === 'case' ? capital(fields) : `${about}: ${fields}`;
}

/**
 * A change in words: one line for each thing written, many alike gathered into one.
 *
 * @param change as gathered by `changesOf`
 * @param c the case and the names it uses
 * @returns the lines, and the part of the case they bear on
 */
export function changeInWords(change: HistoryChange, c: WordsContext): { part: string; lines: string[] } {
  const lines: string[] = [];
  const counted = new Map<string, number>();
  for (const row of change.rows) {
    const key = `${row.op} ${row.kind}`;
    counted.set(key, (counted.get(key) ?? 0) + 1);
    if ((counted.get(key) ?? 0) <= 2 || row.op === 'set') lines.push(rowInWords(row, c));
  }
  for (const [key, n] of counted) {
    const [op, kind = ''] = key.split(' ');
    if (n > 2 && op !== 'set')
      lines.push(
        `${n - 2} more ${NAMES[kind as Kind] ?? kind} entries ${op === 'add' ? 'added' : 'removed'}`,
      );
  }
  // A grade moves because of something else in the same change; that something says where it belongs.
  const first = change.rows.find((r) => !(r.kind === 'case' && r.after && 'grade' in r.after));
  const kind = first?.kind ?? '';
  const known = (isKind(kind) && PART_OF[kind]) || 'complaint';
  const part = first === undefined ? 'proof' : known;
  return { part, lines };
}
