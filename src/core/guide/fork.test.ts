import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import type { ForkCase } from './attributes';
import { foldQuestion, forkFacts } from './facts';
import { findForks, sideOf } from './fork';
import { bestThreshold, entropy, informationGain } from './information';

/** Quinlan 1986, table 1: 14 Saturday mornings. outlook, temperature, humidity, windy, class. */
const SATURDAYS = `
sunny hot high false N
sunny hot high true N
overcast hot high false P
rain mild high false P
rain cool normal false P
rain cool normal true N
overcast cool normal true P
sunny mild high false N
sunny cool normal false P
rain mild normal false P
sunny mild normal true P
overcast mild high true P
overcast hot normal false P
rain mild high true N`
  .trim()
  .split('\n')
  .map((l) => l.split(' '));
const column = (i: number) => SATURDAYS.map((r) => r[i]!);
const play = column(4);

describe('information gain (Quinlan, Induction of Decision Trees, 1986)', () => {
  it('entropy of 9 and 5 is 0.940 bits', () => {
    expect(entropy([9, 5])).toBeCloseTo(0.94, 3);
    expect(entropy([7, 7])).toBe(1);
    expect(entropy([14])).toBe(0);
    expect(entropy([])).toBe(0);
  });
  it.each([
    ['outlook', 0, 0.246],
    ['temperature', 1, 0.029],
    ['humidity', 2, 0.151],
    ['windy', 3, 0.048],
  ])('gain of %s', (_, i, gain) => {
    // The paper cuts its figures off behind the third place; outlook is 0.2467.
    expect(Math.abs(informationGain(play, column(i)) - gain)).toBeLessThan(0.001);
  });
  it('is never negative and never more than what there is to know', () => {
    const labels = fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.constantFrom('x', 'y')), {
      minLength: 1,
      maxLength: 20,
    });
    fc.assert(
      fc.property(labels, (rows) => {
        const gain = informationGain(
          rows.map((r) => r[0]),
          rows.map((r) => r[1]),
        );
        return gain > -1e-9 && gain <= Math.log2(3) + 1e-9;
      }),
    );
  });
});

describe('thresholds', () => {
  it('lie halfway where the classes part (worked by hand)', () => {
    // 2 4 | 10 12: a a b b → entropy 1, both sides pure → gain 1, at (4 + 10) / 2.
    expect(bestThreshold([10, 2, 12, 4], ['b', 'a', 'b', 'a'])).toEqual({ at: 7, gain: 1 });
    // a a b a over 1 2 3 4: cut at 2.5 leaves {b, a}: 0.8113 − 0.5 = 0.3113.
    const t = bestThreshold([1, 2, 3, 4], ['a', 'a', 'b', 'a'])!;
    expect(t.at).toBe(2.5);
    expect(t.gain).toBeCloseTo(0.3113, 4);
    expect(bestThreshold([5, 5], ['a', 'b'])).toBeUndefined();
  });
  it('do not depend on the order', () => {
    const rows = fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 50 }), fc.constantFrom('a', 'b')), {
      minLength: 3,
      maxLength: 12,
    });
    fc.assert(
      fc.property(rows, (list) => {
        const one = bestThreshold(
          list.map((r) => r[0]),
          list.map((r) => r[1]),
        );
        const back = [...list].reverse();
        const two = bestThreshold(
          back.map((r) => r[0]),
          back.map((r) => r[1]),
        );
        return one?.at === two?.at && Math.abs((one?.gain ?? 0) - (two?.gain ?? 0)) < 1e-9;
      }),
    );
  });
});

const test = (id: string, question: string, over: object = {}) =>
  KINDS.test.parse({ id, caseId: 'k', at: '2026-01-01T10:00:00.000Z', question, ...over });
const reading = (testId: string, label: string, entered: string) =>
  KINDS.reading.parse({ id: `${testId}-${label}`, caseId: 'k', testId, label, entered });
const forkCase = (
  number: number,
  cause: string,
  tests: ReturnType<typeof test>[],
  readings: ReturnType<typeof reading>[],
): ForkCase => ({
  id: `c${number}`,
  number,
  cause: { key: cause, name: cause },
  ...forkFacts({ test: tests, reading: readings }),
});

describe('forks', () => {
  const lean = (n: number, cause: string, verdict: string, trim: string) =>
    forkCase(
      n,
      cause,
      [
        test('t', 'Is it lean at idle only, or everywhere?', { verdict: 'fail' }),
        test('s', 'Does smoke come out?', { verdict, minutes: 15 }),
        test('s2', 'Does smoke come out?', { verdict: 'pass', repeatOf: 's' }),
      ],
      [reading('t', 'trim at 2500 rpm', trim)],
    );
  const cases = [
    lean(3, 'boot', 'fail', '6 %'),
    lean(5, 'boot', 'fail', '4 %'),
    lean(9, 'pump', 'pass', '17 %'),
    lean(12, 'pump', 'fail', '21 %'),
  ];

  it('name the reading with its threshold first, then the outcome, with the cases behind', () => {
    const [first, second, ...rest] = findForks(cases);
    expect(first).toMatchObject({ of: 'reading', label: 'trim at 2500 rpm', cases: 4, gain: 1 });
    expect(first!.threshold).toEqual({ value: 11.5, unit: '%' });
    expect(first!.sides.map((s) => [s.says, s.causes[0]!.name, s.numbers])).toEqual([
      ['up to 11.5\u00a0%', 'boot', [3, 5]],
      ['above 11.5\u00a0%', 'pump', [9, 12]],
    ]);
    expect(second).toMatchObject({ of: 'outcome', question: 'Does smoke come out?', cases: 4 });
    // A question that failed on all of them separates nothing.
    expect(rest).toEqual([]);
  });
  it('say on which side the open case falls, in any unit and wording of the question', () => {
    const [fork] = findForks(cases);
    const here = forkFacts({
      test: [test('x', 'is it lean everywhere, or at idle only')],
      reading: [reading('x', 'trim at 2500 rpm', '4.4 %')],
    });
    expect(sideOf(fork!, here)).toMatchObject({
      side: { causes: [{ name: 'boot' }] },
      here: '4.4\u00a0%',
      value: 4.4,
    });
    expect(sideOf(fork!, forkFacts({ test: [], reading: [] }))).toBeUndefined();
  });
  it('need two causes and two cases, and put units together', () => {
    expect(findForks(cases.slice(0, 2))).toEqual([]);
    const rail = (n: number, cause: string, entered: string) =>
      forkCase(
        n,
        cause,
        [test('t', 'Does it hold?', { verdict: 'fail' })],
        [reading('t', 'pressure', entered)],
      );
    const forks = findForks([
      rail(1, 'pump', '2 bar'),
      rail(2, 'line', '400 kPa'),
      rail(3, 'line', '58 psi'),
    ]);
    expect(forks[0]!.threshold!.unit).toBe('bar');
    expect(forks[0]!.threshold!.value).toBeCloseTo(3, 1);
    // Every value on one scale, whatever it was read in: 58 psi are 4.0 bar (NIST SP 811, 1 psi = 6.894757 kPa).
    expect(forks[0]!.values!.map((v) => [v.cause, v.number, Number(v.value.toFixed(3))])).toEqual([
      ['pump', 1, 2],
      ['line', 2, 4],
      ['line', 3, 3.999],
    ]);
  });
  it('take no outcome of a void or repeated test', () => {
    const facts = forkFacts({
      test: [
        test('t', 'Holds?', { verdict: 'void' }),
        test('u', 'Holds?', { verdict: 'pass', repeatOf: 't' }),
      ],
      reading: [reading('t', 'p', '2 bar'), reading('u', 'p', '4 bar')],
    });
    expect([...facts.readings]).toEqual([]);
    expect(facts.outcomes.get(foldQuestion('Holds?'))?.verdict).toBe('void');
  });
});
