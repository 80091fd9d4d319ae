import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoCases } from '../../../demo/shop';
import { makeVinData } from '@/store/test-vin-data';
import { importCase } from '../exchange/import';
import { testShop } from '../testing/test-shop';
import { decodeVin, layoutOf } from './vin';

const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-vin-'));
let end: () => Promise<void>;

beforeAll(async () => {
  process.env.VANTLE_VIN_DATA = path.join(folder, 'vin.db');
  await makeVinData(process.env.VANTLE_VIN_DATA);
  end = await testShop();
  for (const file of demoCases(new Date('2026-06-01T00:00:00Z')).slice(0, 12)) await importCase(file, '');
}, 60_000);
afterAll(async () => {
  await end();
  rmSync(folder, { recursive: true, force: true });
});

describe('what a VIN says', () => {
  it('comes from the data set by maker, year and the pattern that names most', async () => {
    // Position 7 is a letter, so position 10 = F is 2015 (49 CFR 565.15(d)).
    const { data } = await decodeVin('1Z8AB2A00F0000001', '');
    expect(data).toMatchObject({
      make: 'Corvane',
      model: 'Tessa',
      year: 2015,
      engine: '1.6',
      displacement: '1.6 L',
      cylinders: 4,
      fuel: 'gasoline',
    });
    const later = await decodeVin('1Z8AB2A00L0000001', '');
    expect(later.data).toMatchObject({ model: 'Marlo', year: 2020 });
    expect(later.data).not.toHaveProperty('cylinders');
  });

  it('leaves the year open where neither position 7 nor the data set tells it: a motorcycle', async () => {
    // D is 1983 or 2013, and the maker's patterns serve both.
    const { data } = await decodeVin('1Z7AB2A00D0000001', '');
    expect(data).toMatchObject({ make: 'Corvane', model: 'Marlo' });
    expect(data).not.toHaveProperty('year');
    // 3 is 2003 alone: 2033 is yet to come.
    expect((await decodeVin('1Z7AB2A0030000001', '')).data).toMatchObject({ year: 2003 });
  });

  it('is nothing for an unknown maker or half a VIN', async () => {
    expect((await decodeVin('9ZZAB2A00F0000001', '')).data).toBeNull();
    expect(await decodeVin('1Z8AB2', '')).toEqual({ past: null, data: null, unpacking: false });
  });

  it('comes from the shop’s own past: same eight characters and year letter', async () => {
    const { past } = await decodeVin('VC9TA16B0EK999999', '');
    expect(past).toMatchObject({
      says: { make: 'Corvane', model: 'Tessa', year: 2014, firingOrder: '1-3-4-2' },
    });
    expect(past!.cases).toBe(3);
    expect((await decodeVin('VC9TA16B0SK999999', '')).past).toBeNull();
  });

  it('names only what all say where the shop has written it down in two ways, half and half', async () => {
    const pair = demoCases(new Date('2026-06-01T00:00:00Z')).slice(20, 22);
    for (const [n, file] of pair.entries()) {
      const vehicle = { ...file.vehicle, vin: `VC8TT16B0FK00000${n}`, make: 'Corvane', year: 2015 };
      await importCase({ ...file, vehicle: { ...vehicle, model: n ? 'Tesa' : 'Tessa' } }, '');
    }
    const { past } = await decodeVin('VC8TT16B0FK999999', '');
    expect(past!.says).toMatchObject({ make: 'Corvane', year: 2015 });
    expect(past!.says.model).toBeUndefined();
  });

  it('offers the layout of an engine the shop knows, whatever the letters’ case', async () => {
    expect(await layoutOf('corvane', '1.6 PETROL', '')).toEqual({
      cylinders: 4,
      firingOrder: '1-3-4-2',
      firing: 'even',
      displacement: '1.6 L',
      strokes: 4,
      banks: undefined,
    });
    expect(await layoutOf('Corvane', '9.9', '')).toBeNull();
    expect(await layoutOf('Corvane', ' ', '')).toBeNull();
  });
});
