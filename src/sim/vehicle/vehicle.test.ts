import { describe, expect, it } from 'vitest';
import { clearAll, followCodes, readFrameLog, readOut } from '@/core/codes';
import { SIM_FAULTS } from './faults';
import { SimVehicle } from './vehicle';

const VIN = 'VC9TA16B5FK104417';
const read = async (v: SimVehicle) => readFrameLog(await readOut(v));
const codes = async (v: SimVehicle) =>
  (await read(v)).codes
    .map((c) => c.code.slice(0, 5))
    .filter((c, i, l) => l.indexOf(c) === i)
    .sort();

describe('the simulated vehicle', () => {
  it.each(SIM_FAULTS.map((f) => f.id))('"%s": every byte it says is understood', async (id) => {
    const vehicle = SimVehicle.withFault(id, VIN);
    for (const act of [() => undefined, () => vehicle.keyCycle(), () => vehicle.drive()]) {
      act();
      const r = await read(vehicle);
      expect(r.leftover).toEqual([]);
      expect(r.vin).toBe(VIN);
      expect(r.live.length).toBeGreaterThan(10);
    }
    expect(readFrameLog(await clearAll(vehicle)).leftover).toEqual([]);
  });

  it('has at least a dozen faults to choose from', () => {
    expect(SIM_FAULTS.length).toBeGreaterThanOrEqual(12);
  });

  it('brings codes back when its fault shows them: at once, running, on the road, or never', async () => {
    const v = SimVehicle.withFault('flat-boot', VIN);
    expect(await codes(v)).toEqual(['B1D08', 'C1225', 'P0171', 'P0507', 'P0562', 'U0140']);
    await clearAll(v);
    expect(await codes(v)).toEqual([]);
    v.keyCycle();
    expect(await codes(v)).toEqual(['P0507']);
    v.drive();
    expect(await codes(v)).toEqual(['P0171', 'P0507']);
    const shorted = SimVehicle.withFault('coolant', VIN);
    await clearAll(shorted);
    expect(await codes(shorted)).toEqual(['P0118']);
  });

  it('keeps a module silent, and the reader says so', async () => {
    const r = await read(SimVehicle.withFault('abs', VIN));
    expect(r.modules.find((m) => m.name === 'ABS')).toEqual({ name: 'ABS', answered: false });
    expect(r.modules.filter((m) => m.answered).map((m) => m.name)).toEqual([
      'Engine',
      'Transmission',
      'Body',
    ]);
  });

  it('runs its monitors as it is driven, and forgets old codes', async () => {
    const v = SimVehicle.withFault('flat', VIN);
    await clearAll(v);
    const waiting = async () => (await read(v)).monitors.filter((m) => m.state === 'incomplete').length;
    const before = await waiting();
    expect(before).toBeGreaterThan(2);
    v.drive();
    expect(await waiting()).toBe(before - 2);
    const old = SimVehicle.withFault('flat', VIN);
    for (let i = 0; i < 40; i++) old.drive();
    expect(await codes(old)).toEqual([]);
  });

  it('gives courses that the core reads as they were', async () => {
    const v = SimVehicle.withFault('flat-boot', VIN);
    const scans: {
      id: string;
      at: string;
      phase: 'first' | 'after clear' | 'after key cycle' | 'after road test';
    }[] = [];
    const modules: { id: string; scanId: string; name: string; answered: boolean; read?: boolean }[] = [];
    const found: { scanId: string; code: string; text: string; moduleId: string | null }[] = [];
    const scan = async (at: string, phase: (typeof scans)[number]['phase']) => {
      const report = await read(v);
      scans.push({ id: at, at, phase });
      report.modules.forEach((m, i) => modules.push({ ...m, id: `${at}-${i}`, scanId: at }));
      for (const c of report.codes)
        found.push({ scanId: at, code: c.code.slice(0, 5), text: '', moduleId: `${at}-${c.module}` });
    };
    await scan('1', 'first');
    await clearAll(v);
    v.keyCycle();
    await scan('3', 'after key cycle');
    v.drive();
    await scan('4', 'after road test');
    const course = Object.fromEntries(
      followCodes({ scans, modules, codes: found, clears: [{ at: '2' }] }).map((c) => [c.code, c.course]),
    );
    expect(course).toMatchObject({
      P0507: 'returned at once',
      P0171: 'returned on the road',
      P0562: 'did not return',
      U0140: 'did not return',
    });
  });
});
