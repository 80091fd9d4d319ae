import { describe, expect, it } from 'vitest';
import { judgeReading } from '../verdict';
import { HELD_OUT } from './held-out';
import { LOOKED_AT } from './looked-at';

/** `value | limit | verdict`; the limit may have bars of its own. */
const pairsOf = (table: string) =>
  table
    .split('\n')
    .filter((l) => l.trim() !== '' && !l.startsWith('#'))
    .map((l) => {
      const cells = l.split(' | ');
      return { value: cells[0]!, limit: cells.slice(1, -1).join(' | '), meant: cells.at(-1)! };
    });
const outcome = ({ value, limit, meant }: ReturnType<typeof pairsOf>[number]) => {
  const { verdict } = judgeReading(value, limit);
  const said = verdict === 'unsure' ? 'ask' : verdict;
  if (said === meant) return 'right';
  return said === 'ask' || said === '' ? 'not read' : 'wrong';
};

describe('pairs of value and limit as technicians write them', () => {
  it.each(pairsOf(LOOKED_AT).map((p) => [`${p.value} against ${p.limit}: ${p.meant}`, p] as const))(
    '%s',
    (_, p) => expect(outcome(p)).toBe('right'),
  );

  it('of the half that was not looked at, none is wrong and fewer than 3 % are not read', () => {
    const count = { right: 0, wrong: 0, 'not read': 0 };
    const pairs = pairsOf(HELD_OUT);
    for (const p of pairs) count[outcome(p)]++;
    console.log(`Held out: ${count.right} right, ${count.wrong} wrong, ${count['not read']} not read`);
    expect(count.wrong).toBe(0);
    expect(count['not read'] / pairs.length).toBeLessThan(0.03);
  });
});
