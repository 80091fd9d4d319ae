import { describe, expect, it } from 'vitest';
import { checkOf, runCheck, type Typed } from './index';

/** What a check finds, a line for each: what it is about, the verdict, the sentence; with common blanks. */
export function told(id: string, typed: Typed): string {
  const result = runCheck(checkOf(id)!, typed);
  if (result.state !== 'done') return JSON.stringify(result);
  return result.findings
    .map((f) => `${f.about ?? ''}|${f.verdict}|${f.because}`)
    .join('\n')
    .replaceAll('\u00a0', ' ');
}
/** What is shown, the entries, what the findings say, and what none of them says. */
export type Border = [what: string, typed: Typed, says: RegExp, not?: RegExp];
/** Tests a check on a table of such rows. */
export const holds = (id: string, borders: Border[]) =>
  describe(id, () => {
    it.each(borders)('%s', (_, typed, says, not) => {
      const text = told(id, typed);
      expect(text).toMatch(says);
      if (not) expect(text).not.toMatch(not);
    });
  });
