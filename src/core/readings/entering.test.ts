import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { uncertainty } from './accuracy';
import { judgeCondition } from './condition';
import { readEntry } from './entry';
import { barometerOf } from './barometer';
import { acrossTheAir } from './gauge';
import { pastedLine, placesOf, readMany } from './many';
import { judgeTest } from './test-verdict';
import { convert, convertDifference, suggestUnit, UNITS, unitsOf } from './units';
import { judgeReading } from './verdict';

describe('several readings in one line', () => {
  it.each([
    ['1:0.9 2:0.4 3:0.9', ['1=0.9', '2=0.4', '3=0.9']],
    ['1:0,9 V 2:0,4 V', ['1=0,9 V', '2=0,4 V']],
    ['FL: 24, FR: 31, RL: 24 psi', ['FL=24 psi', 'FR=31 psi', 'RL=24 psi']],
    ['b1=+18.5% b2=-2%', ['b1=+18.5%', 'b2=-2%']],
    ['1:17;2:16;3:-4', ['1=17', '2=16', '3=-4']],
    ['FL:13 FR:5 RL:10 RR:10 bar', ['FL=13 bar', 'FR=5 bar', 'RL=10 bar', 'RR=10 bar']],
    ['bank1:1.9 bank2:0 V', ['bank1=1.9 V', 'bank2=0 V']],
    ['bank 1: 1.9 V, bank 2: 0 V', ['bank 1=1.9 V', 'bank 2=0 V']],
    ['1:17 2:16 3:16', ['1=17', '2=16', '3=16']],
    ['1:17,2:16,3:16', ['1=17', '2=16', '3=16']],
    ['A:3;B:4', ['A=3', 'B=4']],
    ['LF 42 RF 41 LR 38 RR 38 psi', ['LF=42 psi', 'RF=41 psi', 'LR=38 psi', 'RR=38 psi']],
    ['FL 5/32 FR 6/32', ['FL=5/32', 'FR=6/32']],
    ['FL 12.5, FR 12.5, RL 3.1 bar', ['FL=12.5 bar', 'FR=12.5 bar', 'RL=3.1 bar']],
    ['1: 1,200 2: 1,180 rpm', ['1=1,200 rpm', '2=1,180 rpm']],
    ['1: 1.2 bar 2: 1.3 bar', ['1=1.2 bar', '2=1.3 bar']],
    ['left front: 24 right front: 31 psi', ['left front=24 psi', 'right front=31 psi']],
    ['LF −18 mm', ['LF=−18 mm']],
    ['LF −18 mm, RF −20 mm', ['LF=−18 mm', 'RF=−20 mm']],
    ['cyl 3 11.2 bar', ['cyl 3=11.2 bar']],
    ['2.7 2.7 3.3 2.7 bar', ['=2.7 bar', '=2.7 bar', '=3.3 bar', '=2.7 bar']],
    ['2,7 2,7 3,3', ['=2,7', '=2,7', '=3,3']],
    ['50 mph, 50, 50, 50', ['=50 mph', '=50 mph', '=50 mph', '=50 mph']],
    ['13; 5; 10; 10', ['=13', '=5', '=10', '=10']],
    ['1: 0.4 2: OL 3: 0.4 Ω', ['1=0.4 Ω', '2=OL', '3=0.4 Ω']],
  ])('%s', (typed, wanted) => {
    expect(readMany(typed)?.map((r) => `${r.at}=${r.entered}`)).toEqual(wanted);
  });
  it.each([
    '3.72 V',
    '',
    '1:',
    'lamp lights',
    '12:30',
    'P0171: lean 2: rich',
    '1:0.9',
    '1 500 000 km',
    '1 500 rpm',
    '1,500 rpm',
    '12.4 12.6',
    '5 humps of 6',
    'OK 12 V',
    'in 12 V',
    'FL 13',
    'FL: wet; FR: dry',
    '±0.2 V',
    '4, but jumps',
  ])('not %s', (typed) => {
    expect(readMany(typed)).toBeUndefined();
  });
  it('takes back what was written, in order, whatever the numbers', () => {
    const row = fc.record({ at: fc.integer({ min: 1, max: 16 }), v: fc.integer({ min: -9999, max: 9999 }) });
    fc.assert(
      fc.property(fc.array(row, { minLength: 2, maxLength: 8 }), (rows) => {
        const read = readMany(rows.map((r) => `${r.at}:${r.v / 100}`).join(' '));
        return (
          read?.map((r) => `${r.at}:${Number(r.entered) * 100}`).join() ===
          rows.map((r) => `${r.at}:${(r.v / 100) * 100}`).join()
        );
      }),
    );
    fc.assert(
      fc.property(fc.string(), (s) => {
        const read = readMany(s);
        return read === undefined || read.length >= 2 || read[0]!.at !== '';
      }),
    );
  });
});

describe('where several readings belong', () => {
  it.each([
    ['LF:1 RF:2 LR:3 RR:4', ['FL', 'FR', 'RL', 'RR'], [0, 1, 2, 3]],
    ['VL:1 VR:2 HL:3 HR:4', ['FL', 'FR', 'RL', 'RR'], [0, 1, 2, 3]],
    ['rear left: 1 front-left: 2', ['FL', 'FR', 'RL', 'RR'], [2, 0]],
    ['cyl 3: 1 cyl 1: 2', ['1', '2', '3'], [2, 0]],
    ['bank1: 1 B2: 2', ['bank 1', 'bank 2'], [0, 1]],
    ['1:1 4:2', ['1', '2', '3'], [0, -1]],
    ['oil: 1 gas: 2', ['1', '2'], [-1, -1]],
    ['3; 4; 5', ['1', '2'], [0, 1, -1]],
  ])('%s in %j', (typed, places, wanted) => {
    expect(placesOf(readMany(typed)!, places)).toEqual(wanted);
  });
});

describe('a pasted column', () => {
  it.each([
    ['13\n5\n10\n10', '13; 5; 10; 10'],
    ['13\r\n5\r\n\r\n10 bar\r\n', '13; 5; 10 bar'],
    ['FL\t13\nFR\t5', 'FL: 13; FR: 5'],
    ['1\t11.2 bar\n2\t11.4 bar', '1: 11.2 bar; 2: 11.4 bar'],
    ['FL\tFR\n13\t5', 'FL: 13; FR: 5'],
    ['13\t5\t10', '13; 5; 10'],
    ['FL: 13\nFR: 5', 'FL: 13; FR: 5'],
  ])('%j is %s', (pasted, line) => {
    expect(pastedLine(pasted)).toBe(line);
    expect(readMany(line)?.length).toBe(line.split(';').length);
  });
  it('leaves one cell alone, with a line end behind it too', () => {
    expect(pastedLine('12.4 V')).toBeUndefined();
    expect(pastedLine('12.4 V\r\n')).toBeUndefined();
  });
  it('never runs figures together: every figure pasted is in the line by itself', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 999 }), { minLength: 2, maxLength: 9 }), (column) => {
        const line = pastedLine(column.join('\n'))!;
        return (
          readMany(line)
            ?.map((r) => r.entered)
            .join() === column.join()
        );
      }),
    );
  });
});

describe('gauge and absolute pressure', () => {
  // At 850 mbar outside, at about 1450 m: 0.50 bar of boost are 1.35 bar from vacuum, not 1.51.
  it('takes the barometer of the same test', () => {
    const air = barometerOf([
      { label: 'Boost', entered: '0.5 bar' },
      { label: 'Barometric pressure', entered: '850 mbar' },
    ]);
    expect(air).toBe(85_000);
    expect(readEntry('0.5 bar', 'bar abs', { air })).toMatchObject({
      offer: '1.35\u00a0bar abs',
      message: expect.stringContaining('With the barometer at 850 mbar, 0.5 bar is'),
    });
    expect(judgeReading('0.5 bar', '1.3–1.4 bar abs', '', air)).toMatchObject({ verdict: 'unsure' });
  });
  it.each([
    ['Barometer', '98 kPa', 98_000],
    ['ambient pressure', '29.9 inHg', 101_253],
    ['Barometer', '14.5 psi abs', 99_974],
    ['Barometer', '3 bar', undefined],
    ['Barometer sensor', '98 kPa', undefined],
    ['Barometer', '98', undefined],
    ['Barometer', '1.2 V', undefined],
  ])('reads %s %s', (label, entered, pascal) => {
    const air = barometerOf([{ label, entered }]);
    if (pascal === undefined) expect(air).toBeUndefined();
    else expect(air! / pascal).toBeCloseTo(1, 3);
  });

  // ISO 2533: 1013.25 hPa at sea level; 14.696 psi; 29.921 inHg.
  it.each([
    ['0.5 bar', 'bar abs', '1.51 bar abs'],
    ['1.51 bar abs', 'bar', '0.50 bar'],
    ['-18 inHg', 'kPa abs', '40.37 kPa abs'],
    ['22.0 psi', 'psi abs', '36.70 psi abs'],
    ['14.70 psia', 'psi', '0.00 psi'],
    ['95 kPa abs', 'mbar', '−63.25 mbar'],
  ])('%s where %s is wanted is offered as %s', (typed, expected, offer) => {
    const e = readEntry(typed, expected);
    expect(e.kind === 'problem' ? e.offer?.replace(/\u00a0/g, ' ') : e.kind).toBe(offer);
    expect(e.kind === 'problem' && e.message).toMatch(/counts from the air outside/);
  });
  it('is never judged across the two without being asked', () => {
    expect(judgeReading('1.5 bar', '1.4–1.6 bar abs').verdict).toBe('unsure');
    expect(judgeReading('1.5 bar abs', '1.4–1.6 bar').verdict).toBe('unsure');
    expect(readEntry('12 V', 'bar abs')).toMatchObject({ kind: 'problem' });
  });
  it('comes back to where it began, at any air pressure', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1, max: 20, noNaN: true }),
        fc.integer({ min: 60_000, max: 110_000 }),
        (value, air) => {
          const there = acrossTheAir({ value, unit: 'bar' }, 'psi abs', air)!;
          return Math.abs(acrossTheAir(there, 'bar', air)!.value - value) < 1e-9;
        },
      ),
    );
  });
});

describe('units that do not fit', () => {
  it.each([
    ['24,1 inHgg', undefined, '24,1 inHg'],
    ['12 bra', undefined, '12 bar'],
    ['24 inHg', 'V', '24 V'],
    ['3 kA', 'kPa', '3 kPa'],
    ['12 mB', 'kPa', '12 mbar'],
  ])('%s where %s is wanted: offers %s', (typed, expected, offer) => {
    const e = readEntry(typed, expected);
    expect(e.kind === 'problem' ? e.offer : e.kind).toBe(offer);
  });
  it('says what the unit measures and what is wanted', () => {
    const e = readEntry('24 inHg', 'V');
    expect(e.kind === 'problem' && e.message).toMatch(
      /inHg measures pressure; here a voltage is wanted, in V, mV, kV/,
    );
  });
  it('never offers a unit of another quantity', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 6 }), fc.constantFrom(...UNITS), (typed, unit) => {
        const s = suggestUnit(typed, unit.measures);
        return s === undefined || unitsOf(unit.measures).includes(s);
      }),
    );
  });
});

describe('differences', () => {
  it('2 °C apart are 3.6 °F apart (NIST SP 811, B.8: Δt/°F = 1.8 Δt/°C)', () => {
    expect(convertDifference({ value: 2, unit: '°C' }, '°F').value).toBeCloseTo(3.6, 9);
    expect(convertDifference({ value: 9, unit: '°F' }, 'K').value).toBeCloseTo(5, 9);
    expect(convertDifference({ value: 1, unit: 'bar' }, 'kPa').value).toBeCloseTo(100, 9);
  });
  it.each([
    // NIST SP 811 appendix B.8, factors to SI.
    [1, 'cfm', 'L/s', 0.4719474],
    [1, 'lb/min', 'g/s', 7.559873],
    [1, 'cu in', 'mL', 16.38706],
    [1, 'cmH2O', 'Pa', 98.0665],
    [1, 'm³/min', 'm³/h', 60],
    [1, 'mS', 'S', 0.001],
  ])('%d %s is %s %d', (value, from, to, wanted) => {
    expect(convert({ value, unit: from }, to).value / wanted).toBeCloseTo(1, 4);
  });
});

describe('the instrument’s accuracy', () => {
  it.each([
    ['± 0.5 %', 12, 'V', 1, 0.06],
    ['0.5 % + 2 digits', 12, 'V', 1, 0.26],
    ['± (0,8 % + 1 dgt)', 4.5, 'V', 2, 0.046],
    ['20 mV', 12, 'V', 1, 0.02],
    ['2 °F', 85, '°C', 0, 1.1111],
    ['', 12, 'V', 1, 0],
  ])('%s at %d %s', (text, value, unit, decimals, wanted) => {
    expect(uncertainty(text, { value, unit }, decimals)).toBeCloseTo(wanted, 3);
  });
  it('makes a reading near an edge unsure, and leaves the others', () => {
    expect(judgeReading('3.58 V', '3.0–3.6 V').verdict).toBe('pass');
    expect(judgeReading('3.58 V', '3.0–3.6 V', '± 0.05 V')).toMatchObject({ verdict: 'unsure' });
    expect(judgeReading('3.62 V', '3.0–3.6 V', '± 0.05 V').because).toMatch(/only good to 0\.05\sV/);
    expect(judgeReading('3.30 V', '3.0–3.6 V', '± 0.05 V').verdict).toBe('pass');
    expect(judgeReading('3.90 V', '3.0–3.6 V', '± 0.05 V').verdict).toBe('fail');
    expect(judgeReading('3.9 V', '3.0–3.6 V', 'rather good').because).toContain('is not understood');
  });
  it('comes out alike in any unit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 500 }), fc.constantFrom('mV', 'kV'), (n, unit) => {
        const other = convert({ value: n / 100, unit: 'V' }, unit);
        const a = judgeReading(`${n / 100} V`, '3.0–3.6 V', '± 0.07 V').verdict;
        return a === judgeReading(`${other.value.toFixed(7)} ${unit}`, '3.0–3.6 V', '± 0.07 V').verdict;
      }),
    );
  });
});

describe('conditions', () => {
  it.each([
    ['oil above 85 °C', '', '92 °C', 'yes'],
    ['oil above 85 °C', 'yes', '78 °C', 'no'],
    ['oil above 85 °C', '', '185 °F', 'yes'],
    ['battery at least 12 V', '', '11.4', 'no'],
    ['fuel level below 20 %', '', '35 %', 'no'],
    ['coolant between 80 and 95 °C', '', '88', 'yes'],
    ['oil above 85 °C', 'yes', '', 'yes'],
    ['level ground', 'yes', 'spirit level', 'yes'],
    ['key on', '', '', ''],
    ['oil above 85 °C', '', '3 bar', ''],
    ['second gauge at most 0.1 bar apart', '', '0.05 bar', 'yes'],
    ['pump against a gauge: within 4 mbar of it', 'yes', '203 mbar', 'yes'],
    ['pump against a second gauge at 200 mbar: within 4 mbar', '', '203 mbar', 'yes'],
    ['pump against a second gauge at 200 mbar: within 4 mbar', 'yes', '206 mbar', 'no'],
    ['stopped less than 10 minutes ago', '', '5 min', ''],
  ] as const)('%s, ticked "%s", read %s: %s', (what, met, reading, wanted) => {
    expect(judgeCondition({ what, met, reading }).met).toBe(wanted);
  });
});

describe('a whole test', () => {
  const plain = { setup: '', setupResult: '', overrule: '', overruleWhy: '' } as const;
  const good = [{ label: '', entered: '3.3 V', limit: '3.0–3.6 V' }];
  it('is void when its condition’s reading says so, and says what to do', () => {
    const j = judgeTest(plain, [{ what: 'oil above 85 °C', met: 'yes', reading: '78 °C' }], good);
    expect(j.verdict).toBe('void');
    expect(j.because).toMatch(/78\s°C is 7\s°C below.*Bring it about/);
  });
  it('is void when the set-up check read wrong', () => {
    const j = judgeTest(
      { ...plain, setup: 'leads on the battery: above 12 V', setupReading: '0.2 V' },
      [],
      good,
    );
    expect(j).toMatchObject({ verdict: 'void' });
    expect(
      judgeTest({ ...plain, setup: 'leads: above 12 V', setupReading: '12.4 V' }, [], good).verdict,
    ).toBe('pass');
  });
  it('never acquits a fault that comes and goes because it was seen good', () => {
    const seen = { ...plain, watch: 'seen good', tries: 5, took: '40 min' } as const;
    expect(judgeTest(seen, [], good).verdict).toBe('unsure');
    expect(judgeTest(seen, [], good).because).toMatch(/5 tries in 40 min.*not acquitted/);
    expect(judgeTest(seen, [], []).verdict).toBe('unsure');
  });
  it('fails when it was caught', () => {
    const caught = {
      ...plain,
      watch: 'caught',
      tries: 7,
      took: '25 min',
      caughtUnder: 'hot, over a bump',
    } as const;
    expect(judgeTest(caught, [], good)).toEqual({
      verdict: 'fail',
      because: 'Caught in the act in 25 min, hot, over a bump, after 7 tries that did not show it.',
    });
  });
});
