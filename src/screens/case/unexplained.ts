import { coverOf } from '@/core/cause';
import { symptomById } from '@/core/symptoms';
import { useRecord } from './store';

/** Labels of chased codes, symptoms and failed tests that no cause accounts for yet. */
export function useUnexplained(): string[] {
  const record = useRecord();
  return coverOf(record, (id) => symptomById(id)?.label ?? id)
    .filter((i) => i.causeIds.length === 0)
    .map((i) => i.label);
}
