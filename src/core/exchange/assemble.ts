import { Problem } from '@/core/problem';
import { CASE_KINDS, type CaseRecord } from '@/core/case';
import { judgeTests } from '@/core/checks';
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
  if (!own || !car) throw new Problem('A case needs its own row and a vehicle.');
  const whole = { ...record, case: own, vehicle: car } as unknown as CaseRecord;
  // The rows themselves are stored, so the verdicts are written into them.
  const { tests, readings } = judgeTests(whole);
  for (const { row, verdict } of [...tests, ...readings]) Object.assign(row, verdict);
  return whole;
}
