import { describe, expect, it } from 'vitest';
import { checkOf, CHECKS, runCheck, type Typed } from './index';

// A bar that stands as pass beside a sentence that says unsure is read first, and is wrong.

/** The example, and the example without each of its fields. */
function variants(example: Typed): [string, Typed][] {
  const without = Object.keys(example).map((field): [string, Typed] => [
    `without ${field}`,
    Object.fromEntries(Object.entries(example).filter(([name]) => name !== field)),
  ]);
  return [['as it is', example], ...without];
}

/** What its own variants do not reach: a load that is not on. */
const OTHERS: [string, string, Typed][] = [
  ['voltage-drop', 'with no current', { ...(checkOf('voltage-drop')!.example as Typed), current: '0.05 A' }],
];

const drawn = [
  ...CHECKS.flatMap((check) =>
    variants(check.example as Typed).map(([what, typed]) => [check.id, what, typed] as const),
  ),
  ...OTHERS,
].flatMap(([id, what, typed]) => {
  const result = runCheck(checkOf(id)!, typed);
  return result.state === 'done' && result.drawing?.kind === 'bars'
    ? [[id, what, result.findings, result.drawing.bars] as const]
    : [];
});
describe('bars beside the findings they belong to', () => {
  it('are drawn by several checks', () => {
    expect(new Set(drawn.map(([id]) => id)).size).toBeGreaterThan(6);
  });

  it.each(drawn)('%s %s', (_, __, findings, bars) => {
    for (const bar of bars) {
      const own = findings.filter((f) => f.about === bar.at && f.verdict !== '');
      if (own.length > 0 && bar.verdict !== '')
        expect(
          own.map((f) => f.verdict),
          bar.at,
        ).toContain(bar.verdict);
      // Where all is unsure, no bar is well.
      if (findings.every((f) => f.verdict === 'unsure' || f.verdict === 'void' || f.verdict === ''))
        expect(bar.verdict, bar.at).not.toBe('pass');
    }
  });
});
