import { CASE_KINDS, KINDS, type CaseRecord } from './kinds';

/**
 * For tests: a case on which nothing stands yet.
 *
 * @param own fields of the case that shall say something
 * @param vehicle fields of its vehicle
 * @returns case `k` number 1 of vehicle `v`, opened on 1 January 2026
 */
export function emptyRecord(own: object = {}, vehicle: object = {}): CaseRecord {
  return {
    case: KINDS.case.parse({
      ...{ id: 'k', number: 1, vehicleId: 'v', openedAt: '2026-01-01T10:00:00.000Z' },
      ...own,
    }),
    vehicle: KINDS.vehicle.parse({ id: 'v', ...vehicle }),
    ...Object.fromEntries(CASE_KINDS.map((kind) => [kind, []])),
  } as unknown as CaseRecord;
}
