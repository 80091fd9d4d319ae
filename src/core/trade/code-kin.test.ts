import { describe, expect, it } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { dictionaryEntries } from '@/core/codes';
import { codeKin } from './code-kin';
import { withDictionary } from './derived';
import { TRADE_FAULTS } from './index';
import { j1939Kin } from './j1939-kin';

const kin = codeKin();
const tabled = new Set(TRADE_FAULTS.flatMap((f) => [...f.codes.keys()]));
const full = withDictionary(TRADE_FAULTS, new Catalogue(starterItems()));

/** How surely a fault sets a code, whether a table says so or its like does. */
const chance = (code: string, part: string): number =>
  Math.max(...full.filter((f) => f.part === part).map((f) => f.codes.get(code) ?? f.rarely.get(code) ?? 0));

describe('codes that are like others', () => {
  it('name only codes that a table of faults knows', () => {
    const unknown = [...new Set([...kin.values()].flat())].filter((code) => !tabled.has(code));
    expect(unknown).toEqual([]);
  });

  it('are all in the dictionary, but for the numbers of J1939', () => {
    const known = new Set([...dictionaryEntries()].map(([code]) => code));
    const made = [...kin.keys()].filter((code) => !code.startsWith('SPN') && !known.has(code));
    // A range runs over numbers that nobody has given a meaning.
    expect(made.length / kin.size).toBeLessThan(0.1);
  });

  it('are never like themselves', () => {
    for (const [code, like] of kin) expect(like, code).not.toContain(code);
  });

  // What each stands for is said by the standard's wording; which fault it speaks of is common practice, no source.
  it.each([
    ['P2187', 'vacuum hose'],
    ['P2188', 'fuel injector'],
    ['P0422', 'catalytic converter'],
    ['P0316', 'spark plug'],
    ['P0356', 'ignition coil'],
    ['P0323', 'crankshaft sensor'],
    ['P2BAD', 'nitrogen oxide sensor'],
    ['P0281', 'fuel injector'],
    ['SPN 4364 FMI 18', 'reduction catalyst'],
    ['SPN 157 FMI 18', 'high-pressure fuel pump'],
    ['SPN 110 FMI 0', 'water pump'],
    ['SPN 723 FMI 2', 'camshaft sensor'],
  ])('%s speaks for the %s', (code, part) => {
    expect(tabled.has(code)).toBe(false);
    expect(chance(code, part)).toBeGreaterThan(0.03);
  });

  it('leave alone what a table says itself', () => {
    for (const f of full)
      for (const code of f.codes.keys()) expect(f.rarely.has(code), `${f.part}, ${code}`).toBe(false);
  });
});

describe('numbers of J1939', () => {
  it('tell a circuit from what is measured by their failure mode', () => {
    const of = (fmi: number) => j1939Kin().get(`SPN 110 FMI ${fmi}`);
    expect([of(3), of(4), of(0), of(16), of(18)]).toEqual([
      ['P0117', 'P0118'],
      ['P0117', 'P0118'],
      ['P0217'],
      ['P0217'],
      ['P0128'],
    ]);
  });

  it('say nothing for a number that is in no line', () => {
    expect(j1939Kin().get('SPN 520200 FMI 3')).toBeUndefined();
  });
});
