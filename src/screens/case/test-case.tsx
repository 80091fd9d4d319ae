import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Conflict } from '@/core/api';
import type { CaseRecord } from '@/core/case';
import { CaseContext, createCaseStore } from './saving/store';

/** For tests of components: a part of the screen on a case that no server keeps. */
export function renderOnCase(part: ReactNode, record: CaseRecord, conflicts: Conflict[] = []) {
  const store = createCaseStore({
    record,
    sameVehicle: [],
    cameBackAs: [],
    comebackOf: [],
    comebackOffers: [],
    twin: null,
    money: { currency: 'EUR', hourRate: null },
    followUp: { days: 30, distance: '' },
  });
  store.setState({ conflicts });
  return { store, ...render(<CaseContext.Provider value={store}>{part}</CaseContext.Provider>) };
}
