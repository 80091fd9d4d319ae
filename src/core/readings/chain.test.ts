import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { searchChain, type ChainNode } from './chain';

const node = (name: string, likely = 1, minutes = 5, found: ChainNode['found'] = ''): ChainNode => ({
  name,
  likely,
  minutes,
  found,
});
const row = (n: number) => Array.from({ length: n }, (_, i) => node(`p${i + 1}`));

/** A way of searching: where to probe, and how to go on when that is good or bad. */
type Plan = undefined | { at: number; good: Plan; bad: Plan };
/** Every way there is between a good and a bad place. */
function plansBetween(good: number, bad: number): Plan[] {
  if (bad - good <= 1) return [undefined];
  const all: Plan[] = [];
  for (let at = good + 1; at < bad; at++)
    for (const b of plansBetween(good, at))
      for (const g of plansBetween(at, bad)) all.push({ at, good: g, bad: b });
  return all;
}
/** Minutes until the stretch that ends at `fault` is found: the plan is walked. */
function minutesOf(plan: Plan, fault: number, nodes: readonly ChainNode[]): number {
  let minutes = 0;
  for (let p = plan; p; p = p.at < fault ? p.good : p.bad) minutes += nodes[p.at]!.minutes;
  return minutes;
}
const expected = (plan: Plan, nodes: readonly ChainNode[]): number => {
  const weight = nodes.reduce((s, n) => s + n.likely, 0);
  return nodes.reduce((s, n, i) => s + (n.likely / weight) * minutesOf(plan, i, nodes), 0);
};

describe('where along a chain a fault lies', () => {
  it('is halved where all is alike: three probes for eight stretches', () => {
    // Worked by hand: 2³ = 8; in order (1 + 2 + … + 7 + 7) / 8 = 4.375 probes of 5 minutes.
    expect(searchChain(row(8))).toEqual({
      state: 'open',
      from: '',
      to: 'p8',
      next: 'p4',
      best: 15,
      inOrder: 21.875,
    });
  });

  it('begins where the fault likely is, and not where it takes an hour to get to', () => {
    const likely = searchChain([node('fuse', 8), node('relay'), node('connector'), node('pump')]);
    expect(likely).toMatchObject({ next: 'fuse' });
    const far = searchChain([node('fuse'), node('under the tank', 1, 60), node('connector'), node('pump')]);
    expect(far.state === 'open' && far.next).not.toBe('under the tank');
  });

  it('tells what has been found', () => {
    const at = (...found: ChainNode['found'][]) =>
      searchChain(found.map((f, i) => node(`p${i + 1}`, 1, 5, f)));
    expect(at('good', '', 'bad')).toMatchObject({ state: 'open', from: 'p1', to: 'p3', next: 'p2', best: 5 });
    expect(at('good', 'bad', '')).toEqual({ state: 'found', before: 'p1', at: 'p2' });
    expect(at('bad', '', '')).toEqual({ state: 'found', before: '', at: 'p1' });
    expect(at('', 'good', 'good')).toEqual({ state: 'whole', at: 'p3' });
    expect(at('bad', 'good', '')).toEqual({ state: 'contradiction', bad: 'p1', good: 'p2' });
    // The first bad place counts, and the last good one before it.
    expect(at('good', 'good', '', '', 'bad', 'bad')).toMatchObject({ from: 'p2', to: 'p5' });
  });

  it('refuses what is no chain', () => {
    expect(() => searchChain([node('one')])).toThrow('at least two places');
    expect(() => searchChain([node('one', 0), node('two')])).toThrow('above 0');
    expect(() => searchChain([node('one'), node('two', 1, 0)])).toThrow('above 0');
  });

  it('is searched as fast as by the best of all ways there are, each walked', () => {
    const nodes = fc.array(
      fc.record({ likely: fc.integer({ min: 1, max: 9 }), minutes: fc.integer({ min: 1, max: 30 }) }),
      {
        minLength: 2,
        maxLength: 6,
      },
    );
    fc.assert(
      fc.property(nodes, (drawn) => {
        const chain = drawn.map((d, i) => node(`p${i + 1}`, d.likely, d.minutes));
        const all = plansBetween(-1, chain.length - 1).map((plan) => expected(plan, chain));
        const told = searchChain(chain);
        if (told.state !== 'open') throw new Error(told.state);
        expect(told.best).toBeCloseTo(Math.min(...all), 9);
        expect(told.inOrder).toBeGreaterThanOrEqual(told.best - 1e-9);
        expect(all.some((m) => Math.abs(m - told.inOrder) < 1e-9)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});
