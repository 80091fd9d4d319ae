import { describe, expect, it } from 'vitest';
import { vehicleName, vehicleNearness, type VehicleFacts } from './nearness';

const v = (over: Partial<VehicleFacts>): VehicleFacts => ({
  vin: '',
  make: 'Corvane',
  model: 'Tessa',
  engine: '1.6 petrol',
  year: 2015,
  kind: 'car',
  fuel: 'petrol',
  ...over,
});

describe('nearness of vehicles', () => {
  it('falls from the same vehicle to the same kind', () => {
    const base = v({ vin: 'VC9TA16B5FK104417' });
    const steps = [
      v({ vin: 'VC9TA16B5FK104417' }),
      v({ year: 2016 }),
      v({ year: 2021 }),
      v({ model: 'Marlo' }),
      v({ engine: '2.0 diesel', fuel: 'diesel' }),
      v({ model: 'Brisk', engine: '1.2 turbo' }),
      v({ make: 'Pellar', model: 'Nib', engine: '1.0 petrol' }),
      v({ make: 'Tervo', model: 'Lapwing', engine: '650 twin', kind: 'motorcycle' }),
    ].map((x) => vehicleNearness(base, x));
    const scores = steps.map((s) => s.score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
    expect(new Set(scores).size).toBe(scores.length);
    expect(steps[0]!.reason).toBe('same vehicle');
    expect(steps[1]!.reason).toMatch(/same build.*1 year apart/);
    expect(steps.at(-1)).toEqual({ score: 0, reason: '' });
  });

  it('knows a vehicle without a VIN by its id', () => {
    expect(vehicleNearness({ ...v({}), id: 'a' }, { ...v({ make: '' }), id: 'a' }).score).toBe(1);
  });

  it('does not call two unnamed vehicles alike', () => {
    const blank = v({ make: '', model: '', engine: '', year: null, kind: '', fuel: '' });
    expect(vehicleNearness(blank, blank).score).toBe(0);
    expect(vehicleName(blank)).toBe('Vehicle not named yet');
  });
});
