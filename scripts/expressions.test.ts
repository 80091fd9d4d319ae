import { describe, expect, it } from 'vitest';
import { expressionsInCode, judged, notJudged } from './expressions';

describe('regular expressions', () => {
  it('each was judged by the checker; new ones by npm run expressions', () => {
    expect(expressionsInCode().size).toBeGreaterThan(700);
    expect(notJudged().map(([expression, file]) => `${file}: ${expression}`)).toEqual([]);
  });
  it('one that nobody judged is found', () => {
    const { safe, bounded } = judged();
    expect(notJudged({ safe: safe.slice(1), bounded })).toHaveLength(1);
  });
  it('those that can run away are few, and each says what bounds it', () => {
    const { safe, bounded } = judged();
    expect(Object.keys(bounded).length).toBeLessThan(safe.length / 5);
    for (const why of Object.values(bounded)) expect(why.length).toBeGreaterThan(10);
  });
});
