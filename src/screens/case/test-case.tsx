import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import type { Conflict } from '@/core/api';
import type { CaseRecord } from '@/core/case';
import { CaseContext, createCaseStore } from './saving/store';
import { openedCase } from './saving/test-open-case';

/** For tests of components: a part of the screen on a case that no server keeps. */
export function renderOnCase(part: ReactNode, record: CaseRecord, conflicts: Conflict[] = []) {
  const store = createCaseStore(openedCase(record));
  store.setState({ conflicts });
  return { store, ...render(<CaseContext.Provider value={store}>{part}</CaseContext.Provider>) };
}
