import type { CaseRecord } from '@/core/case';

/** Nothing that says anything was written on it yet. */
export const isEmpty = (r: CaseRecord) =>
  r.case.said === '' &&
  r.vehicle.vin === '' &&
  r.symptom.length + r.scan.length + r.test.length + r.suspect.length + r.cause.length === 0;
