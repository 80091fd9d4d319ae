import { describe, expect, it } from 'vitest';
import { decimalSignOf, edgesOf, readLimit } from './limit';

const limit = (text: string) => {
  const read = readLimit(text);
  return read.ok ? read.limit : read.message;
};

describe('a limit on its borders', () => {
  it('of one point is a range', () => {
    expect(limit('3–3 V')).toEqual({ form: 'between', low: 3, high: 3, unit: 'V', decimals: 0 });
  });
  it('below zero counts away from zero, above it must go up', () => {
    expect(limit('-0.6 to -0.8 bar')).toMatchObject({ low: -0.8, high: -0.6 });
    expect(limit('0 to -0.8 bar')).toMatchObject({ low: -0.8, high: 0 });
    expect(limit('3.6–3.0 V')).toBe(
      'The range is the wrong way round: 3.6 is more than 3.0. Put the smaller one first.',
    );
  });
  it('takes the unit of its other end, and converts where each has one', () => {
    expect(limit('300 kPa to 3.6 bar')).toMatchObject({ low: 3, high: 3.6, unit: 'bar' });
    expect(limit('3.0–3.6 V')).toMatchObject({ low: 3, high: 3.6, unit: 'V' });
    expect(limit('3 V–3 bar')).toBe('Two units in one limit: V and bar.');
  });
  it('within a time is soon enough, within a voltage asks of what', () => {
    expect(limit('within 10 s')).toEqual({ form: 'at most', high: 10, unit: 's', decimals: 0 });
    expect(limit('±10 s')).toBe('±10 s of what? Write the target too, as in 5 V ± 0.2, or the range.');
    expect(limit('±8 %')).toEqual({ form: 'between', low: -8, high: 8, unit: '%', decimals: 0 });
  });
  it('with a tolerance in another unit, or as a share', () => {
    expect(limit('0.8 V ± 50 mV')).toEqual({
      form: 'target',
      target: 0.8,
      tolerance: 0.05,
      unit: 'V',
      decimals: 2,
    });
    // 5 % of 100 bar is 5 bar.
    expect(limit('100 bar ± 5 %')).toMatchObject({ form: 'target', target: 100, tolerance: 5, unit: 'bar' });
    expect(limit('5 V +0.1/-0.2')).toMatchObject({ form: 'between', low: 4.8, high: 5.1, unit: 'V' });
    expect(limit('20 ± 5 %')).toMatchObject({ form: 'target', target: 20, tolerance: 1, unit: '' });
    expect(limit('20 % ± 5 %')).toMatchObject({ form: 'target', target: 20, tolerance: 5, unit: '%' });
    expect(limit('20 ± 0.5 V')).toMatchObject({ form: 'target', target: 20, tolerance: 0.5, unit: 'V' });
    expect(limit('90 °C ± 5 %')).toBe(
      'Percent of a temperature depends on its scale. Write ± so many °C instead.',
    );
    // 5 % of 300 K is 15 K.
    expect(limit('300 K ± 5 %')).toMatchObject({ form: 'target', tolerance: 15, unit: 'K' });
  });
  it('in two units holds in the first where the second is the same', () => {
    expect(limit('30 Nm (22 lb·ft)')).toMatchObject({ form: 'exactly', target: 30 });
    expect(limit('30 Nm (30 lb·ft)')).toBe('30 Nm and 30 lb·ft are not the same. Write the one that holds.');
  });
  it('in words is states, parted by “or” unless they deny', () => {
    expect(limit('on | lit')).toEqual({ form: 'states', states: ['on', 'lit'] });
    expect(limit('= clicks')).toEqual({ form: 'states', states: ['clicks'] });
    expect(limit('on or lit')).toEqual({ form: 'states', states: ['on', 'lit'] });
    expect(limit('no cracks or leaks')).toEqual({ form: 'states', states: ['no cracks or leaks'] });
    expect(limit('|')).toBe('That limit is empty.');
    expect(limit('  ')).toBeNull();
  });
  it('of siblings has a tolerance above nothing', () => {
    expect(limit('siblings ± 10 %')).toEqual({ form: 'siblings', tolerance: { value: 10, unit: '%' } });
    expect(limit('siblings ± 0 %')).toBe('How much siblings may differ is a number above 0.');
  });
  it('within other words is offered, not taken', () => {
    expect(readLimit('fan on at 92–97 °C')).toMatchObject({ ok: true, offers: ['92–97 °C'] });
    expect(readLimit('replace at 92–97 °C')).not.toHaveProperty('offers');
    expect(readLimit('a b c d e f g at 92–97 °C')).toHaveProperty('offers');
    expect(readLimit('a b c d e f g h at 92–97 °C')).not.toHaveProperty('offers');
    expect(readLimit('fan on at 92–97 qq')).not.toHaveProperty('offers');
  });
});

describe('the figures of a limit', () => {
  const edges = (text: string) => {
    const read = readLimit(text);
    return edgesOf(read.ok ? read.limit : null).map((q) => `${q.value} ${q.unit}`.trim());
  };
  it.each([
    ['3.0–3.6 V', ['3 V', '3.6 V']],
    ['≥ 12 V', ['12 V']],
    ['≤ 200 mV', ['200 mV']],
    ['5 V ± 0.5', ['4.5 V', '5.5 V']],
    ['= 5 V', ['5 V']],
    ['on | lit', []],
    ['siblings ± 10 %', []],
    ['', []],
  ])('%s', (text, figures) => expect(edges(text)).toEqual(figures));
  it('show the decimal sign where they have one', () => {
    expect(decimalSignOf(' 3,0–3,6 V ')).toBe(',');
    expect(decimalSignOf('≥ 12.5 V')).toBe('.');
    expect(decimalSignOf('≥ 12 V')).toBeUndefined();
    expect(decimalSignOf('lit')).toBeUndefined();
  });
});
