import { causeName } from '@/core/cause';
import { STARTER, type Scenario } from './read-scenario';

/**
 * Holds one expected conclusion against what was drawn.
 *
 * @param s the scenario
 * @param line `P0171 cured chase`, `code P0171 because …`, `boost fail`, `boost because …`, `grade proven`,
 * `grade because …`, `lacks …`, `lacks nothing`, `unexplained P0455`, `explained`, `suspect particle filter, blocked for filter`
 * @returns what the conclusion says in the same words, and what was expected of it
 */
export function scenarioResult(s: Scenario, line: string): { found: string; wanted: string | RegExp } {
  const { codes, grade, cover, suspects } = s.conclusions;
  const words = line.split(' ');
  const rest = (n: number) => words.slice(n).join(' ');
  const pattern = (text: string) => new RegExp(text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), 'i');
  if (words[0] === 'grade')
    return words[1] === 'because'
      ? { found: grade.because, wanted: pattern(rest(2)) }
      : { found: grade.grade || 'none', wanted: rest(1) };
  if (words[0] === 'lacks') {
    const says = grade.missing.map((m) => `${m.for}: ${m.say}`).join(' | ') || 'nothing';
    return { found: says, wanted: rest(1) === 'nothing' ? 'nothing' : pattern(rest(1)) };
  }
  if (words[0] === 'unexplained' || words[0] === 'explained') {
    const open = cover.filter((c) => c.causeIds.length === 0).map((c) => c.label);
    return {
      found: open.join(', ') || 'all explained',
      wanted: words[0] === 'explained' ? 'all explained' : rest(1),
    };
  }
  if (words[0] === 'suspect' || words[0] === 'no') {
    const named = suspects.flatMap((e) =>
      e.says.map((w) => {
        const test = [...s.tests].find(([, id]) => id === w.testId)?.[0] ?? '';
        return `${causeName(STARTER, e)} ${w.says} ${test}`;
      }),
    );
    return words[0] === 'no'
      ? { found: named.join(' | ') || 'no suspect', wanted: 'no suspect' }
      : { found: named.join(' | '), wanted: pattern(rest(1)) };
  }
  const code = codes.find((c) => c.code === words[0] || (words[0] === 'code' && c.code === words[1]));
  if (code) {
    if (words[0] === 'code')
      return { found: `${code.because} ${code.roleBecause}`, wanted: pattern(rest(3)) };
    const wanted = rest(1);
    const full = `${code.course} ${code.role}`;
    return { found: wanted.startsWith(code.course) && wanted === code.course ? code.course : full, wanted };
  }
  const id = s.tests.get(words[0]!);
  const test = s.record.test.find((t) => t.id === id);
  if (!test) throw new Error(`${s.name}: nothing is called "${words[0]}".`);
  return words[1] === 'because'
    ? { found: test.because, wanted: pattern(rest(2)) }
    : { found: test.verdict || 'none', wanted: rest(1) };
}
