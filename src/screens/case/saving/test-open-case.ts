import type { CaseRecord } from '@/core/case';
import type { OpenCase } from './store';

/** For tests: a case as the server opens it, with nothing around it. */
export const openedCase = (record: CaseRecord): OpenCase => ({
  record,
  sameVehicle: [],
  cameBackAs: [],
  comebackOf: [],
  comebackOffers: [],
  twin: null,
  money: { currency: 'EUR', hourRate: null },
  followUp: { days: 30, distance: '' },
});
