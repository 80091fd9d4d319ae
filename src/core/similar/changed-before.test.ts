import { describe, expect, it } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { CaseIndex } from './case-index';
import { criteriaOfCase } from './criteria';
import { rank } from './search';
import { testDigest } from './test-digest';
import { FIT } from './weights';

const catalogue = new Catalogue(starterItems());
const key = (part: string, failure: string) =>
  `${catalogue.find('part', part)!.id}/${catalogue.find('failure', failure)!.id}`;
const COIL = key('ignition coil', 'internal fault');
const VALVE = key('exhaust valve', 'burnt');

/** Causes of a misfire of one cylinder in a shop without cases, with parts that were changed before without help. */
const causes = (vain: string[]) =>
  rank(
    new CaseIndex(),
    criteriaOfCase(testDigest({ codes: [{ code: 'P0303', weight: 1 }], vain })),
    catalogue,
  ).prior.shares;

describe('a part that was changed before and did not help', () => {
  const before = causes([]);
  it('speaks against its causes by one factor, and leaves the others as they are to each other', () => {
    const after = causes(['ignition coil']);
    const ratio = (shares: typeof before) => shares.get(COIL)!.share / shares.get(VALVE)!.share;
    expect(ratio(after) / ratio(before)).toBeCloseTo(FIT.changedInVain, 6);
    expect(after.get(VALVE)!.share).toBeGreaterThan(before.get(VALVE)!.share);
  });
  it('does not rule them out: the new part may be bad', () => {
    expect(causes(['ignition coil']).get(COIL)!.share).toBeGreaterThan(0.005);
  });
  it('is said among the reasons of its causes alone', () => {
    const after = causes(['ignition coil']);
    const says = (k: string) => after.get(k)!.because.map((b) => b.label);
    expect(says(COIL)).toContain('changed before, no help');
    expect(says(VALVE)).not.toContain('changed before, no help');
  });
  it.each([
    ['by another of its names', 'coil pack'],
    ['within a text', 'all coils renewed by another shop'],
  ])('is known %s', (_, text) => {
    expect(causes([text]).get(COIL)!.share).toBeLessThan(before.get(COIL)!.share);
  });
  it('that nobody knows changes nothing', () => {
    expect(causes(['the thing under the cover']).get(COIL)!.share).toBeCloseTo(before.get(COIL)!.share, 9);
  });
});
