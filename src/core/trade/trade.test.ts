import { describe, expect, test } from 'vitest';
import { EARLIER_KINDS } from '@/core/case';
import { Catalogue, starterItems } from '@/core/cause';
import { meaningOf } from '@/core/codes';
import { foldQuestion } from '@/core/guide/facts';
import { CONDITIONS, symptomById } from '@/core/symptoms';
import { FAULT_FILES, PLACES, TRADE_FAULTS, TRADE_TESTS } from '.';
import { fuelsOf, canOccur } from './places';
import { readCodes, readFaults } from './read-faults';
import { allTradeFaults } from './shop';

const list = new Catalogue(starterItems());
const name = (f: { part: string; failure: string }) => `${f.part}, ${f.failure}`;

describe('the tables', () => {
  test('hold at least 350 faults, each once', () => {
    expect(TRADE_FAULTS.length).toBeGreaterThanOrEqual(350);
    const names = TRADE_FAULTS.map(name);
    expect(names.filter((n, i) => names.indexOf(n) !== i)).toEqual([]);
  });
  test('name parts and failures of the starter list', () => {
    const unknown = TRADE_FAULTS.filter(
      (f) =>
        list.find('part', f.part)?.name !== f.part || list.find('failure', f.failure)?.name !== f.failure,
    );
    expect(unknown.map(name)).toEqual([]);
  });
  test('name symptoms, conditions, events, tests and places that exist', () => {
    const conditions = new Set(CONDITIONS.map((c) => c.id));
    const wrong = TRADE_FAULTS.flatMap((f) => [
      ...f.signs.filter((s) => !symptomById(s.symptom)).map((s) => `${name(f)}: ${s.symptom}`),
      ...f.signs.flatMap((s) => s.when.filter((w) => !conditions.has(w)).map((w) => `${name(f)}: ${w}`)),
      ...[...f.after.keys()]
        .filter((e) => !(EARLIER_KINDS as readonly string[]).includes(e))
        .map((e) => `${name(f)}: ${e}`),
      ...[...f.tests.keys()].filter((t) => !TRADE_TESTS.has(t)).map((t) => `${name(f)}: ${t}`),
      ...f.where.filter((w) => !(PLACES as readonly string[]).includes(w)).map((w) => `${name(f)}: ${w}`),
    ]);
    expect(wrong).toEqual([]);
  });
  test('list only codes that the dictionary knows, none of a maker’s own', () => {
    const unknown = TRADE_FAULTS.flatMap((f) =>
      [...f.codes.keys()].filter((c) => meaningOf(c) === '').map((c) => `${name(f)}: ${c}`),
    );
    expect(unknown).toEqual([]);
  });
  test('hold chances between nothing and certain, weights above nothing, and a sign or a code each', () => {
    for (const f of TRADE_FAULTS) {
      const chances = [
        ...f.signs.map((s) => s.chance),
        ...f.codes.values(),
        ...f.after.values(),
        ...f.tests.values(),
      ];
      expect(
        chances.every((c) => c > 0 && c < 1),
        name(f),
      ).toBe(true);
      expect(f.weight, name(f)).toBeGreaterThan(0);
      expect(f.signs.length + f.codes.size, name(f)).toBeGreaterThan(0);
    }
  });
  test('give each fault a test that finds it', () => {
    const none = TRADE_FAULTS.filter((f) => ![...f.tests.values()].some((c) => c >= 0.5));
    expect(none.map(name)).toEqual([]);
  });
  test('every system has a file of its own, and every test is used', () => {
    expect(new Set(FAULT_FILES.map((f) => f.system)).size).toBe(FAULT_FILES.length);
    const used = new Set(TRADE_FAULTS.flatMap((f) => [...f.tests.keys()]));
    expect([...TRADE_TESTS.keys()].filter((t) => !used.has(t))).toEqual([]);
  });
});

describe('reading a table', () => {
  test('a line in full', () => {
    const [f] = readFaults(
      'fuel pump, low output | petrol bike | 9 | no-power:.6@load,hot stall:.2 | P0171/P0174:.8 P0087:.4 | flat-battery:.1 | fuel-pressure:.93 | fuel filter; air-flow meter',
    );
    expect(f).toMatchObject({
      part: 'fuel pump',
      failure: 'low output',
      where: ['petrol', 'bike'],
      weight: 9,
      signs: [
        { symptom: 'no-power', chance: 0.6, when: ['load', 'hot'] },
        { symptom: 'stall', chance: 0.2, when: [] },
      ],
      mistaken: ['fuel filter', 'air-flow meter'],
    });
    expect(f!.after.get('flat battery')).toBe(0.1);
    expect(f!.codes.get('P0087')).toBe(0.4);
    expect(f!.codes.get('P0171')).toBeCloseTo(0.8 / Math.SQRT2);
  });
  test.each([
    ['P0301-P0304:.8', 4, 'P0303', 0.4],
    ['P0208-P0211:.4', 4, 'P0210', 0.2],
    ['P208A-P208D:.3', 4, 'P208B', 0.15],
    ['P0455:.6', 1, 'P0455', 0.6],
  ])('%s', (text, size, code, chance) => {
    expect(readCodes(text).size).toBe(size);
    expect(readCodes(text).get(code)).toBeCloseTo(chance);
  });
  test('of a group that is set with a chance, none is set with the rest of it', () => {
    const [f] = readFaults('a, b | | 1 | stall:.5 | P0301-P0304:.8 P0455:.6 | | x:.9');
    const none = [...f!.expected.values()].reduce((left, p) => left * (1 - p), 1);
    expect(none).toBeCloseTo((1 - 0.8) * (1 - 0.6), 9);
  });
  test.each(['X0301:.4', 'P03:.4', 'P0300-P03:.2'])('%s is no code', (text) => {
    expect(() => readCodes(text)).toThrow('Not a code');
  });
  test('a line without its cells is refused', () => {
    expect(() => readFaults('fuel pump | petrol')).toThrow('Not a line of faults');
    expect(() => readFaults('fuel pump, worn | petrol | 3 | stall | P0171:.2 | | a:.9 |')).toThrow(
      'Not a sign',
    );
  });
});

describe('where a fault can occur', () => {
  const v = (over: object) => ({
    vin: '',
    make: '',
    model: '',
    year: null,
    engine: '',
    kind: '' as const,
    fuel: '',
    ...over,
  });
  test.each([
    [{ fuel: 'petrol' }, ['petrol']],
    [{ engine: '2.0 diesel' }, ['diesel']],
    [{ fuel: 'hybrid' }, ['hybrid', 'petrol']],
    [{ fuel: 'electric' }, ['electric']],
    [{ fuel: '' }, []],
  ])('%j runs on %j', (over, fuels) => {
    expect(fuelsOf(v(over))).toEqual(fuels);
  });
  test.each([
    [['diesel'], { fuel: 'petrol' }, 0],
    [['diesel'], { fuel: 'diesel' }, 1],
    [['diesel'], {}, 0.45],
    [['petrol', 'hybrid'], { fuel: 'hybrid' }, 1],
    [['bike'], { kind: 'motorcycle' }, 1],
    [['bike'], { kind: 'car' }, 0],
    [['petrol', 'old'], { fuel: 'petrol', year: 1988 }, 1],
    [['petrol', 'old'], { fuel: 'petrol', year: 2015 }, 0],
    [['old', 'petrol', 'bike'], { kind: 'motorcycle', fuel: 'petrol', year: 2009 }, 1],
    [['diesel', 'truck'], { kind: 'car', fuel: 'diesel' }, 1],
    [['truck'], { kind: 'car' }, 0],
    [[], {}, 1],
  ])('%j on %j: %d', (where, over, factor) => {
    expect(canOccur({ where }, v(over))).toBeCloseTo(factor);
  });
});

test.each([
  [
    'electric',
    { fuel: 'electric' },
    [
      'silencer',
      'engine oil',
      'timing chain',
      'spark plug',
      'fuel cap',
      'turbocharger',
      'alternator',
      'starter motor',
      'thermostat',
    ],
  ],
  [
    'a motorcycle',
    { kind: 'motorcycle' as const, fuel: 'petrol' },
    ['window regulator', 'sunroof drain', 'clock spring'],
  ],
])('on %s there is none of what it does not have', (_, over, parts) => {
  const v = { vin: '', make: '', model: '', year: 2020, engine: '', kind: '' as const, ...over };
  const there = TRADE_FAULTS.filter((f) => parts.includes(f.part) && canOccur(f, v) > 0);
  expect(there.map(name)).toEqual([]);
});

test('the dictionary adds codes and parts that no table lists', () => {
  const all = allTradeFaults();
  expect(all.length).toBeGreaterThan(TRADE_FAULTS.length);
  const listed = TRADE_FAULTS.find((f) => f.part === 'purge valve' && f.failure === 'open circuit')!;
  const full = all.find((f) => f.part === 'purge valve' && f.failure === 'open circuit')!;
  expect(full.codes).toEqual(listed.codes);
  expect([...full.rarely.keys()].some((c) => listed.codes.has(c))).toBe(false);
});

test('a test of the trade that is an opening move too is asked in the same words', () => {
  const questions = new Set([...TRADE_TESTS.values()].map((t) => foldQuestion(t.question)));
  for (const move of [
    'Is it lean at idle only, or everywhere?',
    'Where does smoke come out with the intake at low pressure?',
    'Does the misfire follow the coil to another cylinder?',
    'Does every glow plug draw current?',
    'Is the silent module fed?',
    'Is the data bus whole?',
    'Is its wire whole to the module?',
  ])
    expect(questions, move).toContain(foldQuestion(move));
});
