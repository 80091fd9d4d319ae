import { describe, expect, test } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { CaseIndex } from './case-index';
import { rank } from './search';
import { testDigest } from './test-digest';
import { criteriaOfCase } from './criteria';

const catalogue = new Catalogue(starterItems());
const id = (kind: 'part' | 'failure', name: string) => catalogue.find(kind, name)!.id;
const cause = (part: string, failure: string) => ({
  partId: id('part', part),
  failureId: id('failure', failure),
});
const key = (part: string, failure: string) => `${id('part', part)}/${id('failure', failure)}`;

const indexOf = (count: number, part: string, failure: string, code: string) => {
  const index = new CaseIndex();
  for (let i = 0; i < count; i++)
    index.put(
      testDigest({
        id: `c${i}`,
        number: i + 1,
        codes: [{ code, weight: 1 }],
        causes: [cause(part, failure)],
      }),
    );
  return index;
};
const asked = (over: Parameters<typeof testDigest>[0] = {}) =>
  criteriaOfCase(testDigest({ id: 'here', ...over }));
const sharesOf = (index: CaseIndex, wanted: ReturnType<typeof asked>) =>
  rank(index, wanted, catalogue).fit.shares;
const first = (shares: ReturnType<typeof sharesOf>) =>
  [...shares].reduce((a, b) => (b[1].share > a[1].share ? b : a))[0];

describe('general practice and the shop’s cases in one reckoning', () => {
  test('an empty shop names what the trade knows of a code, none of it its own', () => {
    const shares = sharesOf(new CaseIndex(), asked({ codes: [{ code: 'P0128', weight: 1 }] }));
    expect(first(shares)).toBe(key('thermostat', 'stuck open'));
    const thermostat = shares.get(first(shares))!;
    expect(thermostat.own).toBe(0);
    expect(thermostat.because.find((b) => b.label === 'P0128')!.practice).toBeCloseTo(0.85, 1);
  });
  test('cases correct it: forty times a water pump behind P0128 outweighs the thermostat of the books', () => {
    const index = indexOf(40, 'water pump', 'broken', 'P0128');
    const shares = sharesOf(index, asked({ codes: [{ code: 'P0128', weight: 1 }] }));
    expect(first(shares)).toBe(key('water pump', 'broken'));
    expect(shares.get(key('water pump', 'broken'))!.own).toBeGreaterThan(0.9);
  });
  test('one case does not silence it', () => {
    const index = indexOf(1, 'water pump', 'broken', 'P0128');
    const shares = sharesOf(index, asked({ codes: [{ code: 'P0128', weight: 1 }] }));
    expect(shares.get(key('thermostat', 'stuck open'))!.share).toBeGreaterThan(0.05);
  });
  test('many codes that a part could set do not speak against it where none is set', () => {
    // A coil has a circuit code for each of a dozen cylinders; a misfire alone is still a coil or a plug first.
    const shares = sharesOf(
      new CaseIndex(),
      asked({
        codes: ['P0301', 'P0303'].map((code) => ({ code, weight: 1 })),
        symptoms: [{ id: 'misfire', label: 'misfires' }],
      }),
    );
    const [one, two] = [...shares].sort((a, b) => b[1].share - a[1].share).map(([k]) => k);
    expect([one, two].sort()).toEqual(
      [key('ignition coil', 'internal fault'), key('spark plug', 'worn')].sort(),
    );
  });
  test('what cannot be on a vehicle is not named for it', () => {
    const wanted = (fuel: string) =>
      asked({
        symptoms: [{ id: 'hard-start', label: 'hard to start' }],
        conditions: ['cold-start'],
        vehicle: {
          id: 'v',
          vin: '',
          make: 'Pellar',
          model: 'Nib',
          engine: '',
          year: 2015,
          kind: 'car',
          fuel,
        },
      });
    const glow = key('glow plug', 'open circuit');
    expect(sharesOf(new CaseIndex(), wanted('petrol')).get(glow)).toBeUndefined();
    expect(first(sharesOf(new CaseIndex(), wanted('diesel')))).toBe(glow);
  });
  test('what happened before counts: after a repair what was just fitted wrongly is likelier', () => {
    const codes = [{ code: 'P0102', weight: 1 }];
    const loose = key('connector', 'not latched');
    const without = sharesOf(new CaseIndex(), asked({ codes })).get(loose)!.share;
    const after = sharesOf(new CaseIndex(), asked({ codes, events: ['repair'] })).get(loose)!.share;
    expect(after).toBeGreaterThan(1.3 * without);
  });
  test('a shop’s own name for a failure is read by those of its part that fail alike', () => {
    const index = indexOf(2, 'oxygen sensor', 'slow to respond', 'P2A00');
    const shares = sharesOf(index, asked({ codes: [{ code: 'P0133', weight: 1 }] }));
    expect(shares.get(key('oxygen sensor', 'slow to respond'))!.share).toBeGreaterThan(0.05);
  });
  test('shares and the rest add up to no more than all', () => {
    for (const index of [new CaseIndex(), indexOf(3, 'fuel pump', 'low output', 'P0087')]) {
      const { fit } = rank(index, asked({ codes: [{ code: 'P0087', weight: 1 }] }), catalogue);
      const sum = [...fit.shares.values()].reduce((s, x) => s + x.share, fit.unseen);
      expect(sum).toBeGreaterThan(0.95);
      expect(sum).toBeLessThanOrEqual(1 + 1e-9);
    }
  });
});
