import { describe, expect, it } from 'vitest';
import { readEntry } from './entry';
import { readLimit } from './limit';
import { agree, saidTwice } from './two-units';
import { judgeReading } from './verdict';

describe('one figure in two units', () => {
  it.each([
    ['6.2 bar (90 psi)', ['6.2 bar', '90 psi']],
    ['30 ± 3 N·m (22 ± 2 lb·ft)', ['30 ± 3 N·m', '22 ± 2 lb·ft']],
    // A state, another kind, the same unit again: no second writing of the same.
    ['6.2 bar (hot)', undefined],
    ['6.2 bar (80 °C)', undefined],
    ['6.2 bar (6.0 bar)', undefined],
    ['6.2 bar ( 90 psi )', ['6.2 bar', '90 psi']],
    ['(6.2 bar)', undefined],
    ['6.2 (90)', undefined],
    ['6.2 (90 psi)', undefined],
    ['6.2 bar (90)', undefined],
    ['6.2 bar (90 zz)', undefined],
    ['6.2 bar', undefined],
  ])('%s: %j', (text, halves) => expect(saidTwice(text)).toEqual(halves));

  // NIST SP 811 B.8: 1 lbf·ft = 1.355 818 N·m, 1 psi = 6.894 757 kPa.
  it('agrees where the rest is rounding', () => {
    expect(agree([{ value: 30, unit: 'N·m' }], [{ value: 22, unit: 'lb·ft' }])).toBe(true);
    expect(agree([{ value: 30, unit: 'N·m' }], [{ value: 20, unit: 'lb·ft' }])).toBe(false);
    expect(agree([{ value: 30, unit: 'N·m' }], [{ value: 22, unit: 'psi' }])).toBe(false);
    // 5 % of the larger: 100 and 95.1 are one, 100 and 94.9 are not, whichever comes first.
    const kPa = (value: number) => [{ value, unit: 'kPa' }];
    const mbar = (value: number) => [{ value: value * 10, unit: 'mbar' }];
    expect([agree(kPa(100), mbar(95.1)), agree(kPa(95.1), mbar(100))]).toEqual([true, true]);
    expect([agree(kPa(100), mbar(94.9)), agree(kPa(94.9), mbar(100))]).toEqual([false, false]);
    expect(agree([{ value: 0, unit: 'bar' }], [{ value: 0, unit: 'psi' }])).toBe(true);
    const range = [20, 30].map((value) => ({ value, unit: 'psi' }));
    expect(
      agree(
        range,
        [138, 207].map((value) => ({ value, unit: 'kPa' })),
      ),
    ).toBe(true);
    expect(
      agree(
        range,
        [138, 300].map((value) => ({ value, unit: 'kPa' })),
      ),
    ).toBe(false);
  });

  it('is read by its first half, and not at all where the halves differ', () => {
    expect(readEntry('6.2 bar (90 psi)')).toMatchObject({ quantity: { value: 6.2, unit: 'bar' } });
    expect(readEntry('6.2 bar (60 psi)').kind).not.toBe('quantity');
    expect(readLimit('≥ 4 bar (58 psi)')).toMatchObject({ limit: { form: 'at least', low: 4, unit: 'bar' } });
    expect(readLimit('≥ 4 bar (max 58 psi)').ok).toBe(false);
    expect(readLimit('≥ 4 bar (at 58 psi)').ok).toBe(false);
    expect(readLimit('≥ 4 bar (≥ 58 psi)').ok).toBe(true);
    expect(readLimit('≥ 4 bar (85 psi)')).toEqual({
      ok: false,
      message: '≥ 4 bar and 85 psi are not the same. Write the one that holds.',
      offers: ['≥ 4 bar', '85 psi'],
    });
    expect(judgeReading('20 N·m', '30 ± 3 N·m (22 ± 2 lb·ft)').verdict).toBe('fail');
    expect(judgeReading('28 N·m', '30 ± 3 N·m (22 ± 2 lb·ft)').verdict).toBe('pass');
  });
});
