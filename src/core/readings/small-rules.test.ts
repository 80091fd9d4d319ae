import { describe, expect, it } from 'vitest';
import { barometerOf } from './barometer';
import { batteryLimit, isBatteryLimit } from './battery-limit';
import { cornerOf } from './corner';
import { distanceTo } from './distance';
import { acrossTheAir } from './gauge';
import { isAtBarometer, isOpenTemperature } from './plausible';

const plain = (s: string) => s.replace(/[\u00a0\u202f]/g, ' ').replace(/−/g, '-');

describe('corners of a vehicle (common practice, no source)', () => {
  it.each([
    ['LF', 'FL'],
    ['f/l', 'FL'],
    ['VL', 'FL'],
    ['front-left', 'FL'],
    ['Left  Front', 'FL'],
    ['RF', 'FR'],
    ['vr', 'FR'],
    ['right front', 'FR'],
    ['LR', 'RL'],
    ['HL', 'RL'],
    ['rear left', 'RL'],
    ['RR', 'RR'],
    ['r.r', 'RR'],
    ['hr', 'RR'],
    ['right rear', 'RR'],
    ['FLR', undefined],
    ['left', undefined],
    ['rear', undefined],
    ['left front tyre', undefined],
    ['', undefined],
  ])('%s is %s', (label, corner) => expect(cornerOf(label)).toBe(corner));
});

describe('how far a reading is from its limit', () => {
  it.each([
    ['4.48 V', '3.0–3.6 V', '0.88 V above'],
    ['2.9 V', '3.0–3.6 V', '0.1 V below'],
    ['3.2 V', '3.0–3.6 V', '0.2 V inside'],
    ['3.5 V', '3.0–3.6 V', '0.1 V inside'],
    ['480 mV', '≥ 0.5 V', '0.0 V below'],
    ['470 mV', '≥ 0.50 V', '0.03 V below'],
    ['12.6 V', '≥ 12.4 V', '0.2 V inside'],
    ['58 psi', '≤ 3 bar', '1 bar above'],
    ['3.0 V', '3.0 V', ''],
    ['on', '≥ 12 V', ''],
    ['3.0 V', 'on', ''],
    ['3.0 V', '', ''],
    ['3.0 V', '2–4 bar', ''],
    ['3.0 V', 'siblings', ''],
    ['3.0 V', '9–2 V', ''],
  ])('%s of %s: %s', (entered, limit, far) => expect(plain(distanceTo(entered, limit))).toBe(far));
});

describe('air and battery of the same test', () => {
  it.each([
    ['Barometer', '850 mbar', 85_000],
    ['baro', '101.3 kPa', 101_300],
    ['barometric pressure', '1013 mbar abs', 101_300],
    ['Ambient pressure', '29.92 inHg', 101_320],
    ['atmospheric pressure', '0.55 bar', 55_000],
    ['barometer', '1.1 bar', 110_000],
    ['barometer', '0.54 bar', undefined],
    ['barometer', '1.11 bar', undefined],
    ['barometer', '12 V', undefined],
    ['barometer', 'rising', undefined],
    ['barometer hose', '1 bar', undefined],
    ['oil pressure', '1 bar', undefined],
  ])('%s of %s: %s Pa', (label, entered, pascal) => {
    const read = barometerOf([{ label, entered }]);
    if (pascal === undefined) expect(read).toBeUndefined();
    else expect(read! / pascal).toBeCloseTo(1, 3);
  });
  it('takes the first barometer that can be one', () =>
    expect(
      barometerOf([
        { label: 'oil pressure', entered: '0.9 bar' },
        { label: 'barometer', entered: '3 bar' },
        { label: 'barometer', entered: '0.98 bar' },
      ]),
    ).toBeCloseTo(98_000, 6));

  it.each([
    ['B+', true],
    ['~ battery voltage', true],
    ['Ubat', true],
    ['= U_batt', true],
    ['battery (B+)', true],
    ['battery lamp', false],
    ['12.6 V', false],
    ['B-', false],
  ])('%s says battery voltage: %s', (limit, is) => expect(isBatteryLimit(limit)).toBe(is));
  it.each([
    ['battery', '12.6 V', '12.1..12.9 V'],
    ['Battery posts', '12.58', '12.08..12.88 V'],
    ['battery voltage, running', '14 V', '13.5..14.3 V'],
    ['battery at rest', '12.4 V', '11.9..12.7 V'],
    ['B+', '24.9 V', '24.4..25.2 V'],
    ['battery lamp', '12.6 V', undefined],
    ['battery', 'OL', undefined],
    ['battery', '60 A', undefined],
  ])('%s of %s is %s', (label, entered, limit) => {
    const held = batteryLimit([
      { label: 'feed', entered: '11 V' },
      { label, entered },
    ]);
    if (limit) expect(held).toEqual({ limit });
    else
      expect(held).toEqual({
        problem: 'B+ is what the battery reads: add a reading named “battery” to this test.',
      });
  });

  // ISO 2533: 1013.25 hPa at sea level.
  it.each([
    [0.5, 'bar', 'bar abs', undefined, 1.513_25],
    [1.513_25, 'bar abs', 'bar', undefined, 0.5],
    [0.5, 'bar', 'kPa abs', 80_000, 130],
    [130, 'kPa abs', 'bar', 80_000, 0.5],
    [-5, 'psi', 'kPa abs', 100_000, 65.526],
  ])('%s %s is %s at %s Pa', (value, unit, to, air, there) =>
    expect(acrossTheAir({ value, unit }, to, air)!.value).toBeCloseTo(there, 3),
  );
  it.each([
    ['bar', 'psi'],
    ['bar abs', 'kPa abs'],
    ['V', 'bar abs'],
    ['bar', 'V'],
    ['bogus', 'bar abs'],
  ])('from %s to %s there is no air between', (unit, to) =>
    expect(acrossTheAir({ value: 1, unit }, to)).toBeUndefined(),
  );

  it('knows an open temperature circuit and a manifold at outside pressure by their borders', () => {
    expect([-40, -40.5, -39.5].map(isOpenTemperature)).toEqual([true, true, true]);
    expect([-40.6, -39.4, -35, 0, 40].map(isOpenTemperature)).toEqual([false, false, false, false, false]);
    expect([0, 3, -3].map(isAtBarometer)).toEqual([true, true, true]);
    expect([3.1, -3.1].map(isAtBarometer)).toEqual([false, false]);
  });
});
