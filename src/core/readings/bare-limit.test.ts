import { describe, expect, it } from 'vitest';
import { countsAlone, sameRate, sameSize, withUnit } from './bare-limit';
import { judgeReading } from './verdict';

describe('a limit without a unit of its own', () => {
  it.each([
    ['3', 'at least 5 pulses', { entered: '3', limit: 'at least 5' }],
    ['6 cycles', 'min 5 cycles', { entered: '6', limit: 'min 5' }],
    ['1 flash', '2 flashes', { entered: '1', limit: '2' }],
    [' 3 ', ' at least 5 pulses ', { entered: '3', limit: 'at least 5' }],
    ['12 PULSES', '10-15 pulses', { entered: '12', limit: '10-15' }],
    ['3 clicks', 'at least 5 pulses', undefined],
    ['or 3', 'at least 5 pulses', undefined],
    ['3 of 5', 'at least 5 pulses', undefined],
    ['3.5', 'at least 5 pulses', undefined],
    ['', 'at least 5 pulses', undefined],
    ['pulses', 'at least 5 pulses', undefined],
    ['3 V', 'at least 5 pulses', undefined],
    ['3', 'at least 5', undefined],
  ])('%s against %s counts as %j', (entered, limit, alone) =>
    expect(countsAlone(entered, limit)).toEqual(alone),
  );

  it.each([
    ['4.6 mV/A', '4 to 5 mV/A', { entered: '4.6', limit: '4 to 5' }],
    [' 4.6 mV/A ', ' 4 mV/A to 5 mV/A ', { entered: '4.6', limit: '4 to 5' }],
    ['4.6', '4 to 5 mV/A', undefined],
    ['4.6 mV/A', '4 to 5 V/A', undefined],
    ['4.6 mV/A', '4 to 5', undefined],
    // Known units are converted, not taken off.
    ['60 L/min', '1 L/min', undefined],
  ])('%s against %s is the rate %j', (entered, limit, alone) =>
    expect(sameRate(entered, limit)).toEqual(alone),
  );

  it('takes the unit of the reading where its size leaves no other', () => {
    expect(withUnit('12.4 or better', 'V')).toBe('12.4 V or better');
    const between = (low: number, high: number) => ({ low, high });
    expect(sameSize({ value: 12.1, unit: 'V' }, between(12.4, Infinity))).toBe(true);
    expect(sameSize({ value: 800, unit: 'mV' }, between(0.5, 0.9))).toBe(false);
    expect(sameSize({ value: 9.9, unit: 'V' }, between(1, 2))).toBe(true);
    expect(sameSize({ value: 10, unit: 'V' }, between(1, 2))).toBe(false);
    expect(sameSize({ value: 0, unit: 'V' }, between(0, 2))).toBe(false);
    expect(sameSize({ value: 0, unit: 'V' }, between(-2, 2))).toBe(false);
    expect(sameSize({ value: 5, unit: 'V' }, between(0, Infinity))).toBe(false);
    expect(sameSize({ value: 5, unit: 'V' }, between(-Infinity, Infinity))).toBe(false);
    expect(sameSize({ value: 5, unit: '' }, between(4, 6))).toBe(false);
    expect(sameSize({ value: 32, unit: 'psi' }, between(30, 35))).toBe(false);
  });

  it.each([
    ['3', 'at least 5 pulses', 'fail'],
    ['6 pulses', 'at least 5 pulses', 'pass'],
    ['3 V', 'at least 5 pulses', 'unsure'],
    ['6 cycles', 'no fewer than 5', 'pass'],
    ['4 cycles', 'no fewer than 5', 'fail'],
    ['4.6 mV/A', '4 to 5 mV/A', 'pass'],
    ['5.2 mV/A', '4 to 5 mV/A', 'fail'],
    ['5.2 mV/A', '4 to 5 V/A', 'unsure'],
    ['dead short', 'not less than 10 kΩ', 'fail'],
    ['short', '< 1 Ω', 'unsure'],
    ['3° ATDC', '10° BTDC ± 2°', 'fail'],
    ['11° BTDC', '10° BTDC ± 2°', 'pass'],
    ['1° ATDC', '0° BTDC ± 2°', 'pass'],
    ['λ=1.05', '0.98–1.02', 'fail'],
    ['AFR 14.6', '14.2–15.2', 'pass'],
    ['1.265', '1.260 or better', 'pass'],
    ['1.245', '1.260 or better', 'fail'],
    ['3.9 bar', '4 bar (+0.2 −0.3)', 'pass'],
    ['3.6 bar', '4 bar (+0.2 −0.3)', 'fail'],
    ['4.25 bar', '4 bar (+0.2/-0.3)', 'fail'],
    ['58 Ω', 'approx. 60 Ω (55-65)', 'pass'],
    // A range beside the figure is not about it.
    ['58 Ω', 'approx. 60 Ω (5-6)', 'unsure'],
    ['9.5 kg/cm2', 'min 10 bar', 'fail'],
    ['10.5 kg/cm2', 'min 10 bar', 'pass'],
    ['red', 'green', 'fail'],
    ['gray', 'grey', 'pass'],
    ['reddish', 'green', 'unsure'],
    ['7 Nm', '8.0 (+1.0/-0.5) N·m', 'fail'],
    ['8.5 Nm', '8.0 (+1.0/-0.5) N·m', 'pass'],
    ['1.95 mm', '2 mm min lining', 'fail'],
    ['4/32', '2/32 min', 'pass'],
    ['1/32', '2/32 min', 'fail'],
    ['12 kV cyl 3', '8–14 kV', 'pass'],
    ['8.9 V under load', '9.6 V min', 'fail'],
    ['0.5 V under', '9.6 V min', 'unsure'],
    ['0.2 Ω to ground', '> 1 MΩ to ground', 'fail'],
    ['cracked', 'no cracks', 'fail'],
    ['seized', 'turns freely', 'fail'],
  ])('%s against %s: %s', (value, limit, verdict) =>
    expect(judgeReading(value, limit).verdict).toBe(verdict),
  );
});
