import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { drawGolden, goldenFaults, type GoldenFile } from './golden';

const kept = JSON.parse(readFileSync('demo/golden.json', 'utf8')) as GoldenFile;

describe('digests and conclusions of fixed cases', () => {
  it('change only with their version, so that old ones are drawn up anew', () => {
    const now = drawGolden();
    expect(goldenFaults(kept, now)).toEqual([]);
    // The kept file is of now: else run `npm run golden` and look at what changed.
    expect(now).toEqual(kept);
  });

  it('a changed digest or conclusion of an unchanged case is a fault until its version is raised', () => {
    const one = kept.cases['9']!;
    const with9 = (change: Partial<typeof one>, versions: Partial<GoldenFile> = {}): GoldenFile => ({
      ...kept,
      ...versions,
      cases: { ...kept.cases, '9': { ...one, ...change } },
    });
    expect(goldenFaults(kept, with9({ digest: 'other' }))).toEqual([
      'digests of cases 9 differ: raise DIGEST_VERSION',
    ]);
    expect(goldenFaults(kept, with9({ conclusions: 'other' }))).toEqual([
      'conclusions of cases 9 differ: raise RULES_VERSION',
    ]);
    const raised = { digestVersion: kept.digestVersion + 1, rulesVersion: kept.rulesVersion + 1 };
    expect(goldenFaults(kept, with9({ digest: 'other', conclusions: 'other' }, raised))).toEqual([]);
    // Other rows may well conclude otherwise.
    expect(goldenFaults(kept, with9({ case: 'other', digest: 'other', conclusions: 'other' }))).toEqual([]);
  });
});
