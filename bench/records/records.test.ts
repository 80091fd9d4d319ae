import { describe, expect, it } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { LATER_SENTENCES } from './done-sentences';
import { scoreDone, type Tally } from './score-done';
import { ROW_PARTS, scoreRows } from './score-rows';
import { scoreColumns } from './score-tables';
import { HALVES, LAYOUTS } from './tables';

const catalogue = new Catalogue(starterItems());
const share = (t: Tally, of: keyof Tally) => t[of] / (t.right + t.wrong + t.unread);

describe('tables of past jobs whose truth is known', () => {
  it('name only parts and failures of the list', () => {
    for (const s of [
      ...HALVES['looked at'].sentences,
      ...HALVES['not looked at'].sentences,
      ...LATER_SENTENCES,
    ]) {
      if (s.part) expect(catalogue.find('part', s.part)?.name, s.text).toBe(s.part);
      if (s.failure) expect(catalogue.find('failure', s.failure)?.name, s.text).toBe(s.failure);
    }
    expect(LAYOUTS.length).toBeGreaterThanOrEqual(16);
  });
  it.each(Object.entries(HALVES))('of the half %s are read column by column and row by row', (_, half) => {
    const columns = scoreColumns(half.layouts, half.sentences, [3, 4]);
    expect(share(columns.columns, 'right')).toBeGreaterThanOrEqual(0.98);
    expect(columns.firstRow.wrong).toBe(0);
    const rows = scoreRows(half.layouts, half.sentences, [3, 4], catalogue);
    for (const part of ROW_PARTS.filter((p) => p !== 'part' && p !== 'model')) {
      expect(share(rows.of[part], 'right'), part).toBeGreaterThanOrEqual(0.98);
      expect(share(rows.of[part], 'wrong'), part).toBeLessThanOrEqual(0.005);
    }
  });
  it('say what was done, and rather nothing than another part', () => {
    const done = scoreDone([...HALVES['not looked at'].sentences, ...LATER_SENTENCES], catalogue);
    expect(share(done.part, 'right')).toBeGreaterThanOrEqual(0.8);
    expect(share(done.part, 'wrong')).toBeLessThanOrEqual(0.03);
    expect(share(done.failure, 'wrong')).toBeLessThanOrEqual(0.03);
    expect(share(done.action, 'wrong')).toBeLessThanOrEqual(0.05);
  });
});
