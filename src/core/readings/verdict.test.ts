import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readEntry, readNumber } from './entry';
import { readLimit } from './limit';
import { judgeTest } from './test-verdict';
import { comparable, convert, UNITS } from './units';
import { judgeReading } from './verdict';

describe('entries', () => {
  it.each([
    ['3.72 V', 3.72, 'V', 2],
    ['24,1 inHg', 24.1, 'inHg', 1],
    ['-12C', -12, '°C', 0],
    ['−0.5 V', -0.5, 'V', 1],
    ['1 250 rpm', 1250, 'rpm', 0],
    ['.8 bar', 0.8, 'bar', 1],
    ['12%', 12, '%', 0],
    ['1.2e3 Ω', 1200, 'Ω', 1],
  ])('reads %s', (typed, value, unit, decimals) => {
    expect(readEntry(typed)).toMatchObject({ kind: 'quantity', quantity: { value, unit }, decimals });
  });

  it.each([
    ['OL', 'beyond'],
    ['open', 'state'],
    ['4 humps of 6', 'state'],
    ['', 'empty'],
    ['3.7 flurbs', 'problem'],
  ])('reads %s as %s', (typed, kind) => {
    expect(readEntry(typed).kind).toBe(kind);
  });

  it('never throws and never invents a number', () => {
    fc.assert(
      fc.property(fc.string(), (s) =>
        ['empty', 'quantity', 'beyond', 'state', 'problem'].includes(readEntry(s).kind),
      ),
    );
    fc.assert(
      fc.property(
        fc.double({ noNaN: true, noDefaultInfinity: true, min: -1e9, max: 1e9 }),
        (x) => readNumber(x.toFixed(4))?.value === Number(x.toFixed(4)),
      ),
    );
  });
});

describe('limits', () => {
  it.each([
    ['3.0–3.6 V', { form: 'between', low: 3, high: 3.6, unit: 'V' }],
    ['3,0 - 3,6 V', { form: 'between', low: 3, high: 3.6 }],
    ['-8..8 %', { form: 'between', low: -8, high: 8, unit: '%' }],
    ['between 10 and 20 bar', { form: 'between', low: 10, high: 20, unit: 'bar' }],
    ['≥ 12 V', { form: 'at least', low: 12 }],
    ['min 12 V', { form: 'at least', low: 12 }],
    ['12 V or more', { form: 'at least', low: 12 }],
    ['max. 200 mV', { form: 'at most', high: 200, unit: 'mV' }],
    ['<0,2V', { form: 'at most', high: 0.2, unit: 'V' }],
    ['0.8 V ± 0.1', { form: 'target', target: 0.8, tolerance: 0.1 }],
    ['100 bar ± 5 %', { form: 'target', target: 100, tolerance: 5, unit: 'bar' }],
    ['50 % ± 5 %', { form: 'target', target: 50, tolerance: 5, unit: '%' }],
    ['clicks | hums', { form: 'states', states: ['clicks', 'hums'] }],
    ['10 °C - 20 °C', { form: 'between', low: 10, high: 20, unit: '°C' }],
  ])('reads %s', (typed, expected) => {
    const read = readLimit(typed);
    expect(read.ok && read.limit).toMatchObject(expected);
  });

  it.each(['3.6–3.0 V', '3 V – 5 bar', '≥', '5 V ± -1', '3 flurbs'])(
    'says what is wrong with %s',
    (typed) => {
      const read = readLimit(typed);
      expect(read.ok).toBe(false);
      expect(!read.ok && read.message.length).toBeGreaterThan(15);
    },
  );

  it('never throws', () => {
    fc.assert(fc.property(fc.string(), (s) => typeof readLimit(s).ok === 'boolean'));
  });
});

describe('verdicts', () => {
  // Trade facts of shared/FACTS.md: common practice, no source.
  it.each([
    ['1.22 V', '≤ 0.9 V', 'fail'],
    ['0.77 V', '0.8 V ± 0.1', 'pass'],
    ['4.48 V', '3.0–3.6 V', 'fail'],
    ['60 Ω', '55–65 Ω', 'pass'],
    ['OL', '55–65 Ω', 'fail'],
    ['OL', '≥ 1 MΩ', 'pass'],
    ['lamp lights', 'lamp lights', 'pass'],
    ['nothing', 'lamp lights', 'fail'],
    ['3.2', '3.0–3.6 V', 'pass'],
    ['3.2 bar', '3.0–3.6 V', 'unsure'],
    ['hot', '3.0–3.6 V', 'unsure'],
    ['3.2 V', '', ''],
    ['', '3.0–3.6 V', ''],
  ])('%s against %s: %s', (entered, limit, verdict) => {
    expect(judgeReading(entered, limit).verdict).toBe(verdict);
  });

  it('says by how much, in a sentence', () => {
    expect(judgeReading('4.48 V', '3.0–3.6 V').because.replace(/\u00a0/g, ' ')).toBe(
      '4.48 V is 0.88 V above the limit of 3.6 V.',
    );
    expect(judgeReading('212 °F', '≤ 90 °C').because.replace(/\u00a0/g, ' ')).toBe(
      '212 °F (100.00 °C) is 10.00 °C above the limit of 90 °C.',
    );
  });

  it('counts a reading exactly on a limit as inside', () => {
    fc.assert(
      fc.property(fc.integer({ min: -9999, max: 9999 }), fc.integer({ min: 0, max: 3 }), (n, d) => {
        const x = (n / 10 ** d).toFixed(d);
        return (
          judgeReading(`${x} V`, `≤ ${x} V`).verdict === 'pass' &&
          judgeReading(`${x} V`, `≥ ${x} V`).verdict === 'pass'
        );
      }),
    );
  });

  it('does not change with the unit the reading is in', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...UNITS),
        fc.constantFrom(...UNITS),
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 2, max: 400, noNaN: true }),
        (a, b, value, limit) => {
          if (!comparable(a.sign, b.sign) || Math.abs(value - limit) < 0.01 * limit) return true;
          const other = convert({ value, unit: a.sign }, b.sign).value;
          // Written with 12 digits, so that the text holds the same amount.
          const before = judgeReading(
            `${value.toPrecision(12)} ${a.sign}`,
            `≤ ${limit.toFixed(4)} ${a.sign}`,
          ).verdict;
          const after = judgeReading(
            `${other.toPrecision(12)} ${b.sign}`,
            `≤ ${limit.toFixed(4)} ${a.sign}`,
          ).verdict;
          return before === after;
        },
      ),
      { numRuns: 400 },
    );
  });
});

describe('verdict of a test', () => {
  const test = { setup: '', setupResult: '' as const, overrule: '' as const, overruleWhy: '' };
  const good = { label: 'rest', entered: '3.2 V', limit: '3.0–3.6 V' };
  const bad = { label: 'vacuum', entered: '4.4 V', limit: '1.3–2.1 V' };

  it('fails on one failing reading and passes when all pass', () => {
    expect(judgeTest(test, [], [good, bad])).toMatchObject({ verdict: 'fail' });
    expect(judgeTest(test, [], [good, good])).toMatchObject({ verdict: 'pass' });
  });

  it('is void, not failed, when a condition is not met or the set-up is wrong', () => {
    expect(judgeTest(test, [{ what: 'oil above 85 °C', met: 'no' }], [bad])).toMatchObject({
      verdict: 'void',
      because: expect.stringContaining('oil above 85'),
    });
    expect(judgeTest({ ...test, setup: 'leads on battery', setupResult: 'failed' }, [], [bad]).verdict).toBe(
      'void',
    );
  });

  it('is unsure without a limit, and while nobody said whether a condition held', () => {
    expect(judgeTest(test, [], [{ ...good, limit: '' }]).verdict).toBe('unsure');
    expect(judgeTest(test, [{ what: 'key on', met: '' }], [good]).verdict).toBe('unsure');
  });

  it('has no verdict before anything is read, and a person may overrule it', () => {
    expect(judgeTest(test, [], [{ ...good, entered: ' ' }]).verdict).toBe('');
    expect(judgeTest({ ...test, overrule: 'pass', overruleWhy: 'seen twice' }, [], [bad])).toEqual({
      verdict: 'pass',
      because: expect.stringMatching(/^By hand: seen twice Computed: fail\. /) as string,
    });
    // Without a reason it changes nothing that was measured.
    expect(judgeTest({ ...test, overrule: 'pass', overruleWhy: '' }, [], [bad]).verdict).toBe('fail');
    expect(judgeTest({ ...test, overrule: 'pass', overruleWhy: '' }, [], []).verdict).toBe('pass');
  });
});
