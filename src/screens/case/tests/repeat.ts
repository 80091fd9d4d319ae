import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import type { RowOf } from '@/core/case';
import { partsOf, repeatTest } from '@/core/guide';
import { nowIso, focusNext } from '../fields';
import { useCaseStore } from '../saving/store';
import { firstCell } from './first-cell';

/**
 * Puts a test on the case again, as it was done, and the cursor into its first reading. A test on a trace needs a
 * new recording: its page opens, and offers the repeat there.
 */
export function useRepeat(): (test: RowOf<'test'>) => void {
  const store = useCaseStore();
  const router = useRouter();
  return (test) => {
    const { record, together } = store.getState();
    if (test.analysisId !== '') return router.push(`/cases/${record.case.number}/traces/new`);
    const { ops } = repeatTest(test, partsOf(record, test.id), {
      at: nowIso(),
      position: record.test.length,
      newId: () => nanoid(14),
    });
    together(ops);
    const first = firstCell(ops);
    if (first) focusNext(first);
  };
}
