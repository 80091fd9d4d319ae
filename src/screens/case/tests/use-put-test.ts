import { nanoid } from 'nanoid';
import { putTest } from '@/core/guide';
import { focusNext, nowIso } from '../fields';
import { useCaseStore } from '../saving/store';
import { firstCell } from './first-cell';

/** Puts a test on the case, with the cursor in its first value; one that asks for none gets a line for what is found. */
export function usePutTest(): (step: Parameters<typeof putTest>[0]) => void {
  const store = useCaseStore();
  return (step) => {
    const { record, together } = store.getState();
    const { testId, ops } = putTest(step, {
      at: nowIso(),
      position: record.test.length,
      newId: () => nanoid(14),
      vehicle: record.vehicle,
    });
    const first = firstCell(ops);
    if (first) {
      together(ops);
      return focusNext(first);
    }
    const id = nanoid(14);
    together([...ops, { op: 'add', kind: 'reading', id, row: { testId, position: 0 } }]);
    focusNext(`${id}:entered`);
  };
}
