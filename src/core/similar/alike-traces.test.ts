import { describe, expect, it } from 'vitest';
import { Catalogue } from '@/core/cause';
import { CaseIndex } from './case-index';
import { rank, type AlikeTraces } from './search';
import { testDigest } from './test-digest';
import { criteriaOf } from './criteria';

const part = (id: string) => ({
  id,
  kind: 'part' as const,
  system: '',
  name: id,
  synonyms: [],
  mergedInto: null,
  fresh: false,
});
const catalogue = new Catalogue(['coil', 'gasket', 'pump'].map(part));

/** Cases of which nothing is known but their cause. */
function shop(causes: Record<string, string>) {
  const index = new CaseIndex();
  Object.entries(causes).forEach(([id, partId], number) =>
    index.put(testDigest({ id, number, causes: [{ partId, failureId: null }] }), false),
  );
  return index;
}
const index = shop({ a1: 'coil', a2: 'coil', b1: 'gasket', b2: 'gasket', c1: 'pump', c2: 'pump' });
const asked = (alike?: AlikeTraces) => rank(index, criteriaOf([]), catalogue, 10, '', alike);
const of = (r: ReturnType<typeof rank>, name: string) =>
  [...r.fit.shares].find(([key]) => key.includes(name))![1];

describe('recordings of the same shape as evidence', () => {
  it('raise the cause of the cases that have one, and put those first', () => {
    const cases = new Map([
      ['a1', 0.9],
      ['b1', 0.05],
    ]);
    const r = asked({ cases, among: new Set(['a1', 'a2', 'b1', 'b2']) });
    expect(of(r, 'coil').share).toBeGreaterThan(1.5 * of(r, 'gasket').share);
    expect(r.ranked[0]!.id).toBe('a1');
    expect(of(r, 'coil').because[0]!.label).toBe('a recording of this shape');
  });
  it('say nothing of a cause that was never recorded', () => {
    const r = asked({ cases: new Map([['a1', 0.9]]), among: new Set(['a1', 'a2', 'b1', 'b2']) });
    const factor = (name: string) => of(r, name).because[0]!.factor;
    expect(factor('pump')).toBeCloseTo(1);
    expect(factor('gasket')).toBeLessThan(1);
    expect(factor('coil')).toBeGreaterThan(1);
  });
  it('change nothing where none is alike', () => {
    const none = asked({ cases: new Map(), among: new Set() });
    expect(none.asks).toEqual([]);
    expect(of(none, 'coil').share).toBeCloseTo(of(asked(), 'coil').share);
  });
});
