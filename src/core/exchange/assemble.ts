import { CASE_KINDS, type CaseRecord } from '@/core/case';
import { judgeWhole } from '@/core/checks';
import type { CaseRows } from './read-case-file';

/**
 * Puts rows together as a whole case, with the verdicts of its tests and readings computed.
 *
 * @param rows as `readCaseFile` gives them, in order
 * @param vehicle the vehicle as it is known, where the rows bring none
 * @returns the record; its rows are the ones given, with verdicts written into them
 * @throws Error when there is no case among the rows, or no vehicle
 */
export function assemble(rows: CaseRows['rows'], vehicle?: CaseRecord['vehicle']): CaseRecord {
  const record = Object.fromEntries(CASE_KINDS.map((k) => [k, [] as unknown[]])) as Record<string, unknown[]>;
  let own: unknown;
  let car: unknown = vehicle;
  for (const { kind, row } of rows) {
    if (kind === 'case') own = row;
    else if (kind === 'vehicle') car = row;
    else record[kind]!.push(row);
  }
  if (!own || !car) throw new Error('A case needs its own row and a vehicle.');
  const whole = { ...record, case: own, vehicle: car } as unknown as CaseRecord;
  judgeRecord(whole);
  return whole;
}

/** Computes the verdicts of all tests of a case and writes them into it. */
function judgeRecord(record: CaseRecord): void {
  const by = <T extends { testId: string }>(rows: T[]): Map<string, T[]> => {
    const map = new Map<string, T[]>();
    for (const r of rows) {
      const list = map.get(r.testId);
      if (list) list.push(r);
      else map.set(r.testId, [r]);
    }
    return map;
  };
  const [conditions, readings, inputs] = [by(record.condition), by(record.reading), by(record.input)];
  for (const test of record.test) {
    const own = readings.get(test.id) ?? [];
    const judged = judgeWhole(test, conditions.get(test.id) ?? [], own, inputs.get(test.id) ?? []);
    own.forEach((r, i) => Object.assign(r, judged.readings[i]));
    Object.assign(test, judged.test);
  }
}
