import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase } from '../cases/cases';
import { formatOf, previewFile } from '@/core/traces/files';
import { atPort, recordRun, simulatedFaults } from './port';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

const fresh = async (fault?: string) => {
  const { id } = await createCase('lead');
  if (fault) await atPort(id, { do: 'connect', fault }, 'lead');
  return id;
};
const record = async (id: string) => (await openCase(id))!.record;

describe('at the vehicle’s port', () => {
  it('offers the faults of the stand-in', () => {
    expect(simulatedFaults().length).toBeGreaterThanOrEqual(12);
  });

  it('stores a scan with its codes, values, monitors and the whole conversation', async () => {
    const id = await fresh('coolant');
    expect(await atPort(id, { do: 'read' }, 'lead')).toBe('Read: 1 code in 4 controllers.');
    const r = await record(id);
    expect(r.scan[0]).toMatchObject({ phase: 'first', tool: 'simulated vehicle', key: 'on', leftover: [] });
    expect(r.scan[0]!.text).toContain('can0 7DF#');
    expect(r.code.map((c) => c.code)).toEqual(['P0118']);
    expect(r.live).toContainEqual(
      expect.objectContaining({ name: 'Coolant temperature', entered: '−40 °C' }),
    );
    expect(r.freeze.length).toBeGreaterThan(2);
    expect(r.module.map((m) => m.name)).toEqual(
      expect.arrayContaining(['Engine', 'Transmission', 'ABS', 'Body']),
    );
  });

  it('stores a scan before every clear, and the clear with its time', async () => {
    const id = await fresh('flat-boot');
    const said = await atPort(id, { do: 'clear' }, 'lead');
    expect(said).toMatch(/^Read: 7 codes.*Then cleared: 4 controllers confirmed\.$/);
    const r = await record(id);
    expect(r.scan).toHaveLength(1);
    expect(r.clear).toHaveLength(1);
    expect(r.scan[0]!.at <= r.clear[0]!.at).toBe(true);
    await atPort(id, { do: 'key' }, 'lead');
    await atPort(id, { do: 'read' }, 'lead');
    await atPort(id, { do: 'drive' }, 'lead');
    await atPort(id, { do: 'read' }, 'lead');
    expect((await record(id)).scan.map((s) => s.phase)).toEqual([
      'first',
      'after key cycle',
      'after road test',
    ]);
  });

  it('notes a silent controller', async () => {
    const id = await fresh('abs');
    expect(await atPort(id, { do: 'read' }, '')).toMatch(/1 silent/);
    expect((await record(id)).module.find((m) => m.name === 'ABS')).toMatchObject({ answered: false });
  });

  it('says what to do when nothing is connected, and refuses a fault that is not there', async () => {
    const id = await fresh();
    await expect(atPort(id, { do: 'read' }, '')).rejects.toThrow(/Nothing is connected/);
    await expect(atPort(id, { do: 'connect', fault: 'gremlins' }, '')).rejects.toThrow(/no simulated fault/);
    await expect(atPort('nowhere', { do: 'read' }, '')).rejects.toThrow(/no such case/);
    expect((await record(id)).scan).toEqual([]);
  });

  it('keeps the vehicles of two cases apart', async () => {
    const [a, b] = [await fresh('coolant'), await fresh('coil')];
    await atPort(a, { do: 'clear' }, '');
    await atPort(b, { do: 'read' }, '');
    expect((await record(b)).code.map((c) => c.code)).toEqual(expect.arrayContaining(['P0303']));
    expect((await record(b)).clear).toEqual([]);
  });

  it('records live values over time as a frame log that reads as a trace', async () => {
    const id = await fresh('healthy');
    const log = new TextEncoder().encode(await recordRun(id, 20));
    const { readAs } = previewFile(log, 'run.log', log.length);
    const reader = formatOf(readAs.format).reader(readAs);
    reader.push(log);
    const { channels } = reader.end();
    const rpm = channels.find((c) => c.name === 'Engine speed')!;
    expect(rpm).toMatchObject({ unit: 'rpm' });
    expect(rpm.interval).toBeCloseTo(0.1, 2);
    expect(rpm.samples.length * rpm.interval).toBeCloseTo(20, 0);
    // Idle, and a blip of the throttle every ten seconds.
    expect(Math.min(...rpm.samples)).toBeGreaterThan(600);
    expect(Math.max(...rpm.samples)).toBeGreaterThan(1800);
    expect(channels.map((c) => c.name)).toEqual(
      expect.arrayContaining(['Air flow', 'Coolant temperature', 'Module voltage']),
    );
    await expect(recordRun(await fresh(), 5)).rejects.toThrow(/press Vehicle and connect it/);
  });
});
