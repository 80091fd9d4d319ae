import type { Proof } from '@/core/case';
import { DRIVES } from './bring-about';
import type { Missing } from './missing';

/** Kinds of step behind which a clear and a scan have to stand. */
const SCANS: ReadonlySet<Proof['kind']> = new Set(['record and clear', 'key cycle and scan']);

/**
 * What a step of the proof would settle of what a higher grade still asks for.
 *
 * @param step an open step
 * @param missing what the grade lacks
 * @returns the item, and whether the step settles it by being passed (`tick`), or only by what stands on the case
 * (`scan`, `repeat`); undefined when the grade does not ask for such a step
 */
export function sufficesFor(
  step: Pick<Proof, 'kind' | 'testId'>,
  missing: readonly Missing[],
): { missing: Missing; by: 'tick' | 'scan' | 'repeat' } | undefined {
  const find = (of: Missing['of'][]) => missing.find((m) => of.includes(m.of));
  if (step.kind === 'failing test again') {
    const m = missing.find((x) => x.of === 'test' && (x.testId === undefined || x.testId === step.testId));
    return m && { missing: m, by: 'repeat' };
  }
  if (DRIVES.has(step.kind)) {
    const m = find(['conditions']);
    return m && { missing: m, by: 'tick' };
  }
  if (SCANS.has(step.kind)) {
    const m = find(['clear', 'scan', 'code']);
    return m && { missing: m, by: 'scan' };
  }
  return undefined;
}
