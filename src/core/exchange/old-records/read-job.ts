import type { Catalogue } from '@/core/cause';
import { findCodes } from '@/core/codes';
import { symptomsByClause, type Vocabulary } from '@/core/symptoms';
import { readVin } from '@/core/vehicle';
import type { CaseFile } from '../case-file';
import { clausesOf } from './clauses';
import { readDay, type DateOrder } from './dates';
import type { RecordField } from './fields';
import { numberIn } from './jobs';
import { readVehicleWords } from './vehicle-words';
import { readDone, type DoneReading } from './what-was-done';

/** How the rows of one table are read. */
export interface RecordReader {
  /** What each column holds. */
  columns: readonly (RecordField | '')[];
  /** How its dates are written, where the table or a person tells. */
  dateOrder: DateOrder | undefined;
  /** Unit of a bare odometer: from its head, or a person. */
  odometerUnit: string;
  makes: readonly string[];
  catalogue: Catalogue;
  vocabulary: Vocabulary;
  /** The day it is, YYYY-MM-DD: no job is later. */
  today: string;
}

export type JobReading =
  | { state: 'read'; file: CaseFile; done: DoneReading; key: string[] }
  /** A line without a job: a sum, a head repeated on the next page. */
  | { state: 'no job' }
  | { state: 'refused'; reason: string };

const LINE = 400;
const PROSE = 20_000;
const cut = (text: string, most = LINE): string =>
  text.length <= most ? text : `${text.slice(0, most - 1)}…`;

/** What the row of sums under a table or a page begins with. Common practice, no source. */
const SUM =
  /^\s*(?:grand |sub-?)?(?:sum|totals?|summe|gesamt|zwischensumme|somme|suma|somma|totale|totaal)\b[\s:]*/iu;

/**
 * Reads one past job into a case file: vehicle, complaint, codes and symptoms, and what was done with the part it
 * names. Whatever is not understood stays in the words of the case.
 *
 * @param cells of the job, as long as `reader.columns`
 * @param reader how the table is read
 * @returns the case file with what names the job for good, or why there is none
 */
export function readJob(cells: readonly string[], reader: RecordReader): JobReading {
  const get = (field: RecordField): string => {
    const i = reader.columns.indexOf(field);
    return i < 0 ? '' : (cells[i] ?? '').trim();
  };
  const all = (field: RecordField): string =>
    reader.columns
      .flatMap((c, i) => (c === field ? [(cells[i] ?? '').trim()] : []))
      .filter(Boolean)
      .join('\n');

  const [complaint, diagnosis, work] = [all('complaint'), all('diagnosis'), all('done')];
  const codeText = all('codes');
  const texts = [complaint, diagnosis, work, codeText];
  const written = get('date').split('\n')[0]!;
  const day = readDay(written, reader.dateOrder);
  if (day === undefined) {
    const words = texts.map((t) => t.replace(SUM, '')).join('');
    if ((written === '' || SUM.test(written)) && !/\p{L}{3}/u.test(words)) return { state: 'no job' };
    if (
      /^\p{L}[\p{L}\s./]*$/u.test(written) &&
      get('vin') + get('odometer') !== '' &&
      !/\d/.test(get('odometer'))
    )
      return { state: 'no job' };
    return { state: 'refused', reason: dateReason(written, reader) };
  }
  if (day > reader.today) return { state: 'refused', reason: `The date ${written} is still to come.` };
  if (texts.every((t) => t === ''))
    return { state: 'refused', reason: 'It says neither what was wrong nor what was done.' };
  const long = texts.find((t) => t.length > PROSE);
  if (long !== undefined)
    return { state: 'refused', reason: 'A text of it is longer than 20,000 characters; shorten it.' };

  const done = readDone([diagnosis, work].filter(Boolean).join('.\n'), reader.catalogue);
  const vehicle = vehicleOf(get, reader);
  // "C1500" may be the pickup itself.
  const named = [vehicle.model, vehicle.engine, get('vehicle')].join(' ').toUpperCase();
  const codes = codesIn(texts).filter((c) => !named.includes(c));
  const [opened, finished] = [`${day}T11:00:00.000Z`, `${day}T12:00:00.000Z`];
  const repaired = done.action !== '';
  const file: CaseFile = {
    format: 'vantle-case/1',
    origin: 'old records',
    orderNumber: cut(get('order').split('\n')[0]!),
    openedAt: opened,
    closedAt: finished,
    customer: cut(get('customer').replace(/\n/g, ', ')),
    odometer: odometerOf(get('odometer').split('\n')[0]!, reader.odometerUnit),
    vehicle,
    said: complaint,
    seen: [diagnosis, ...(repaired ? [] : [work]), all('note')].filter(Boolean).join('\n').slice(0, PROSE),
    symptoms: symptomsByClause(reader.vocabulary, complaint).map((s) => ({
      words: cut(s.words),
      concept: s.id,
      conditions: s.conditions,
      frequency: s.frequency,
    })),
    earlier: done.inVain.map((p) => ({
      what: `${p.name} fitted first`,
      part: p.name,
      changed: 'no change' as const,
    })),
    scans:
      codes.length > 0
        ? [
            {
              at: opened,
              phase: 'first' as const,
              tool: 'Codes named in the old records',
              text: cut(texts.filter((t) => findCodes(t).length > 0).join('\n'), PROSE),
              read: { codes: codes.map((code) => ({ code })) },
            },
          ]
        : [],
    causes: repaired
      ? [
          {
            ref: 'cause',
            part: done.part?.name,
            failure: done.failure?.name,
            where: cut(done.where),
            why: diagnosis,
            state: 'repaired' as const,
          },
        ]
      : [],
    repairs: repaired ? [repairOf(get, all, done, work || diagnosis, finished)] : [],
  };
  return { state: 'read', file, done, key: keyOf(get, day, cells) };
}

function dateReason(written: string, reader: RecordReader): string {
  if (!reader.columns.includes('date')) return 'No column is said to hold the date of the job.';
  if (written === '') return 'The date is missing.';
  if (reader.dateOrder === undefined && readDay(written, 'day first') !== undefined)
    return `${written} may be two days: say whether this table writes the day or the month first.`;
  return `“${cut(written, 40)}” is no date that can be read.`;
}

function vehicleOf(get: (f: RecordField) => string, reader: RecordReader): CaseFile['vehicle'] {
  const one = readVehicleWords(get('vehicle').split('\n')[0]!, reader.makes);
  const vin = readVin(get('vin').split('\n')[0]!);
  const year = yearOf(get('year'), reader.dateOrder) ?? one.year;
  return {
    // A VIN that is none stays in words: it may be the last digits of one, or a serial number.
    ...(vin.ok ? { vin: vin.vin } : {}),
    ...(get('vin') !== '' && !vin.ok ? { note: `VIN in the old records: ${cut(get('vin'), 60)}` } : {}),
    ...(vin.ok && vin.checkDigit === 'wrong'
      ? { note: 'The check digit of the VIN in the old records is wrong.' }
      : {}),
    plate: cut(get('plate').split('\n')[0]!.toUpperCase(), 40),
    make: cut(get('make') || one.make, 80),
    model: cut(get('model') || one.model, 80),
    engine: cut(get('engine') || one.engine, 80),
    ...(year === undefined ? {} : { year }),
  };
}

function yearOf(text: string, order: DateOrder | undefined): number | undefined {
  const plain = /^(?:19[4-9]\d|20[0-4]\d)(?=\.0$|$)/.exec(text)?.[0];
  if (plain) return Number(plain);
  const day = text === '' ? undefined : (readDay(text, order) ?? readDay(text, 'day first'));
  return day === undefined ? undefined : Number(day.slice(0, 4));
}

/** As typed, with the unit of its column where it has none of its own. */
function odometerOf(text: string, unit: string): string {
  if (text === '' || !/\d/.test(text)) return '';
  const plain = text.replace(/\.0+$/, '');
  return cut(unit !== '' && /^[\d\s.,']+$/.test(plain) ? `${plain} ${unit}` : plain, 40);
}

/** Codes a job names, but for those it denies or only speaks of as of something else. */
function codesIn(texts: readonly string[]): string[] {
  const [complaint, diagnosis, work, column] = texts as [string, string, string, string];
  const said = [complaint, diagnosis, work].flatMap((t) =>
    clausesOf(t)
      .filter((c) => !/\b(?:no|not|without|never|bulletin|tsb)\b/iu.test(c))
      .flatMap((c) => findCodes(c)),
  );
  return [...new Set([...findCodes(column), ...said].map((f) => f.code))];
}

function repairOf(
  get: (f: RecordField) => string,
  all: (f: RecordField) => string,
  done: DoneReading,
  text: string,
  at: string,
): NonNullable<CaseFile['repairs']>[number] {
  const hours = numberIn(get('hours'));
  const by = get('technician').split('\n')[0]!;
  return {
    at,
    action: done.action || 'other',
    what: cut(text.replace(/\s*\n\s*/g, '; ')),
    ...(text.length > LINE ? { note: text } : {}),
    ...(hours > 0 && hours <= 1000 ? { hours } : {}),
    ...(by !== '' && by.length <= 40 ? { by } : {}),
    alsoChanged: cut(done.also.map((p) => p.name).join(', ')),
    parts: all('parts')
      .split(/[,;\n|]+/)
      .map((p) => p.trim())
      .filter(Boolean)
      .slice(0, 40)
      .map((name) => ({ name: cut(name) })),
  };
}

/**
 * What names a job for good, so that the same table twice adds nothing: its number with day and vehicle, else all
 * that stands in it, whatever the order of the columns.
 */
function keyOf(get: (f: RecordField) => string, day: string, cells: readonly string[]): string[] {
  const order = get('order').split('\n')[0]!;
  const plain = (s: string) => s.toLowerCase().replace(/\s+/g, ' ').trim();
  return order === ''
    ? ['row', ...cells.map(plain).filter(Boolean).sort()]
    : [
        'job',
        plain(order),
        day,
        plain(get('vin') || get('plate') || get('vehicle') || get('model')).replace(/ /g, ''),
      ];
}
