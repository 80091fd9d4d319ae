import { describe, expect, it } from 'vitest';
import { judgeReading } from '../verdict';
import { BAY_NOTES } from './bay-notes';
import { DICTATED_SHEETS } from './dictated-sheets';
import { HELD_OUT } from './held-out';
import { JOB_SHEETS } from './job-sheets';
import { LOOKED_AT } from './looked-at';
import { MIXED_SHEETS } from './mixed-sheets';
import { WORKSHOP } from './workshop';

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

  it.each([
    ['the half that was not looked at', HELD_OUT],
    ['worksheets and messages', WORKSHOP],
    ['notes of the bay', BAY_NOTES],
  ])('of %s, none is wrong and fewer than 3 % are not read', (name, table) => {
    const pairs = pairsOf(table);
    const of = (what: string) => pairs.filter((p) => outcome(p) === what);
    console.log(
      `${name}: ${of('right').length} right, ${of('wrong').length} wrong, ${of('not read').length} not read`,
    );
    expect(of('wrong')).toEqual([]);
    expect(of('not read').length / pairs.length, JSON.stringify(of('not read'))).toBeLessThan(0.03);
  });

  // Three quarters of these have been looked at since; the last quarter has not.
  it('of job sheets, none is wrong', () => {
    const pairs = pairsOf(JOB_SHEETS);
    const unlooked = pairs.filter((_, i) => i % 4 === 3);
    expect(pairs.filter((p) => outcome(p) === 'wrong')).toEqual([]);
    const unread = unlooked.filter((p) => outcome(p) === 'not read').length;
    console.log(`job sheets, the quarter not looked at: ${unread} of ${unlooked.length} not read`);
    expect(unread / unlooked.length).toBeLessThan(0.25);
  });

  it('of mixed sheets, none is wrong, and what is not read is mostly offered in a press', () => {
    const pairs = pairsOf(MIXED_SHEETS + DICTATED_SHEETS);
    const unread = pairs.filter((p) => outcome(p) === 'not read');
    console.log(`mixed sheets: ${unread.length} of ${pairs.length} not read`);
    expect(pairs.filter((p) => outcome(p) === 'wrong')).toEqual([]);
    expect(unread.length / pairs.length).toBeLessThan(0.1);
  });

  it('are at least 400', () => {
    expect(pairsOf(LOOKED_AT).length + pairsOf(HELD_OUT).length + pairsOf(WORKSHOP).length).toBeGreaterThan(
      400,
    );
  });
});
