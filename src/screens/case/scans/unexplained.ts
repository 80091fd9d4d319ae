import { useConclusions } from '../conclusion/conclusions';

/** Labels of chased codes, symptoms and failed tests that no cause accounts for yet. */
export function useUnexplained(): string[] {
  return useConclusions()
    .cover.filter((i) => i.causeIds.length === 0)
    .map((i) => i.label);
}
