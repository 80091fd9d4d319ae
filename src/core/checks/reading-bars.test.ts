import { describe, expect, it } from 'vitest';
import { readingBars, withBefore } from './reading-bars';

const row = (label: string, entered: string, limit = '') => ({ label, entered, limit });
const cylinders = (...values: string[]) => values.map((v, i) => row(`cylinder ${i + 1}`, v));
const pass = ['pass', 'pass', 'pass', 'pass'] as const;

describe('readings as bars', () => {
  it('draws cylinders by their number, in the unit of the first', () => {
    // 165 psi = 11.376 bar (1 bar = 14.503774 psi, NIST SP 811).
    const bars = readingBars(cylinders('11.8 bar', '165 psi', '7.9'), ['pass', 'pass', 'fail']);
    expect(bars?.unit).toBe('bar');
    expect(bars?.bars.map((b) => [b.at, Number(b.value.toFixed(2)), b.verdict])).toEqual([
      ['1', 11.8, 'pass'],
      ['2', 11.38, 'pass'],
      ['3', 7.9, 'fail'],
    ]);
  });

  it('tells sensors of two banks apart by both numbers', () => {
    const labels = ['bank 1 sensor 1', 'bank 1 sensor 2', 'bank 2 sensor 1'];
    expect(
      readingBars(
        labels.map((l) => row(l, '0.6 V')),
        pass,
      )?.bars.map((b) => b.at),
    ).toEqual(['1/1', '1/2', '2/1']);
  });

  it('draws corners however they are written', () => {
    const bars = readingBars(
      [row('LF', '13 bar'), row('front right', '5 bar'), row('R/L', '10 bar'), row('HR', '10 bar')],
      pass,
    );
    expect(bars?.bars.map((b) => b.at)).toEqual(['FL', 'FR', 'RL', 'RR']);
  });

  it('puts what it was before beside each, by label and in one unit', () => {
    const bars = readingBars(cylinders('11.8 bar', '11.5 bar', '11.6 bar'), pass, [
      row('cylinder 3', '110 psi'),
      row('cylinder 1', '11.9 bar'),
      row('cylinder 2', 'OL'),
    ]);
    expect(bars?.bars.map((b) => b.before && Number(b.before.toFixed(2)))).toEqual([11.9, undefined, 7.58]);
  });

  it('draws the limit that all of them have, in their unit', () => {
    const limited = (limit: string) =>
      readingBars(
        [1, 2, 3].map((n) => row(`injector ${n}`, '250 kPa', limit)),
        pass,
      );
    expect(limited('2.0–3.0 bar')).toMatchObject({ low: 200, high: 300 });
    expect(limited('≥ 2.4 bar')).toMatchObject({ low: 240 });
    expect(limited('≥ 2.4 bar')).not.toHaveProperty('high');
    expect(limited('2.5 bar ± 0.3')?.low).toBeCloseTo(220, 9);
    expect(limited('2.5 bar ± 0.3')?.high).toBeCloseTo(280, 9);
    expect(limited('siblings ± 10 %')).not.toHaveProperty('low');
    // Volts say nothing of a pressure.
    expect(limited('≥ 12 V')).not.toHaveProperty('low');
  });

  it.each([
    ['two are read as numbers', cylinders('11 bar', '12 bar')],
    ['one is no number', cylinders('11 bar', '12 bar', 'OL')],
    ['one is still empty', cylinders('11 bar', '12 bar', '')],
    ['units do not compare', cylinders('11 bar', '12 bar', '3 V')],
    ['gauge and absolute do not compare without the weather', cylinders('11 bar', '12 bar', '12 bar abs')],
    ['a place is there twice', [...cylinders('11 bar', '12 bar'), row('cylinder 1', '9 bar')]],
    ['they are of different things', [row('supply', '5 V'), row('signal', '2.4 V'), row('ground', '0 V')]],
    ['kinds differ', [row('cylinder 1', '5 V'), row('injector 2', '2.4 V'), row('cylinder 3', '0 V')]],
  ])('draws nothing where %s', (_, readings) => {
    expect(readingBars(readings, pass)).toBeUndefined();
  });

  it('draws what is held against its siblings by name', () => {
    const s = 'siblings ± 5 °C';
    const bars = readingBars(
      [row('before the turbocharger', '240 °C', s), row('middle', '236 °C', s), row('after', '201 °C', s)],
      ['pass', 'pass', 'fail'],
    );
    expect(bars?.bars.map((b) => b.at)).toEqual(['before the turb…', 'middle', 'after']);
  });
});

describe('a repeated check beside its first run', () => {
  const drawn = (unit: string, ...values: number[]) => ({
    kind: 'bars' as const,
    unit,
    bars: values.map((value, i) => ({ at: String(i + 1), value, verdict: 'pass' as const })),
  });
  const before = (d: ReturnType<typeof withBefore>) => (d.kind === 'bars' ? d.bars.map((b) => b.before) : []);

  it('has each bar’s earlier value, converted', () => {
    expect(before(withBefore(drawn('kPa', 1180, 1150), drawn('bar', 11.9, 7.5)))).toEqual([1190, 750]);
  });
  it('leaves a place without an earlier value, and units that do not compare, alone', () => {
    expect(before(withBefore(drawn('bar', 11, 12), drawn('bar', 10)))).toEqual([10, undefined]);
    expect(before(withBefore(drawn('bar', 11), drawn('V', 10)))).toEqual([undefined]);
    expect(before(withBefore(drawn('bar', 11), undefined))).toEqual([undefined]);
  });
});
