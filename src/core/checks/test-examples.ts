import { describe, expect, it } from 'vitest';
import { checkOf, runCheck, type Typed } from './index';

/** Check, entries, what its findings must say in one line: about, verdict, sentence. */
export type Examples = Record<string, [typed: Typed, says: RegExp][]>;

/** All findings of a check in one line, or what it refused and why. */
export function sayFindings(id: string, typed: Typed): string {
  const result = runCheck(checkOf(id)!, typed);
  if (result.state === 'refused') return `refused ${result.problems.map((p) => p.message).join(' ')}`;
  if (result.state !== 'done') throw new Error(JSON.stringify(result));
  return result.findings.map((f) => `${f.about ? `${f.about}: ` : ''}${f.verdict} ${f.because}`).join(' | ');
}

/** One test per example. */
export function describeExamples(examples: Examples): void {
  describe.each(Object.entries(examples))('%s', (id, each) => {
    it.each(each)('%j', (typed, says) => {
      expect(sayFindings(id, typed)).toMatch(says);
    });
  });
}
