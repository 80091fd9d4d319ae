import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { RecordSettings } from '@/core/api';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { caseIdByNumber } from '@/store/shop';
import { caseIndex } from '../find/index-of-cases';
import { readRecords, takeRecords } from './old-records';
import { applyChanges } from '../cases/save';
import { testShop } from '../testing/test-shop';

let over: () => Promise<void>;
beforeAll(async () => {
  over = await testShop();
});
afterAll(() => over());

const heads = ['Date', 'Job', 'Reg', 'Make', 'Model', 'Chassis', 'Complaint', 'Repair'];
const settings: RecordSettings = {
  columns: ['date', 'order', 'plate', 'make', 'model', 'vin', 'complaint', 'done'],
  dateOrder: 'day first',
  odometerUnit: '',
  makes: [],
};
const job = (row: number, cells: string[]) => ({ row, cells });
const first = job(1, [
  '3/4/2021',
  '501',
  'AB12 XYZ',
  'Norvik',
  'Tessa',
  '',
  'no heat',
  'thermostat stuck open, replaced',
]);
const take = (jobs: { row: number; cells: string[] }[], more: Partial<RecordSettings> = {}) =>
  takeRecords({ settings: { ...settings, ...more }, jobs, heads: [] }, '').then((t) => t.jobs);
const caseOf = async (number: number) => (await loadCase(db(), (await caseIdByNumber(db(), number))!))!;

describe('a table of past jobs', () => {
  it('goes in graded claimed, is marked, found and weighed so, and only once', async () => {
    const [taken] = await take([first]);
    expect(taken).toMatchObject({ row: 1, state: 'created' });
    const record = await caseOf(taken!.number!);
    expect(record.case).toMatchObject({ grade: 'claimed', origin: 'old records', orderNumber: '501' });
    expect(record.cause).toHaveLength(1);
    const held = await caseIndex();
    expect(held.index.size).toBe(1);
    expect((await take([first]))[0]).toEqual({ row: 1, state: 'unchanged' });
    expect(held.index.size).toBe(1);
  });
  it('adds nothing when its case was worked on since, or its columns are read otherwise', async () => {
    const record = await caseOf(1);
    const [saved] = await applyChanges(
      record.case.id,
      [
        {
          id: 'worked-on',
          ops: [
            {
              op: 'set',
              kind: 'case',
              id: record.case.id,
              revision: record.case.revision,
              set: { said: 'no heat at all' },
              was: { said: record.case.said },
            },
          ],
        },
      ],
      '',
    );
    expect(saved).toMatchObject({ ok: true });
    expect(
      (await take([first], { columns: settings.columns.map((c) => (c === 'make' ? '' : c)) }))[0]!.state,
    ).toBe('unchanged');
  });
  it('refuses a job of the same number, day and vehicle with other words, and says so', async () => {
    const other = job(9, first.cells.with(7, 'replaced water pump'));
    const twice = await take([other]);
    expect(twice[0]).toMatchObject({
      row: 9,
      state: 'refused',
      reason: expect.stringContaining('501') as string,
    });
    const inOne = await take([
      job(1, first.cells.with(1, '502')),
      job(2, first.cells.with(1, '502').with(7, 'other work')),
      job(3, first.cells.with(1, '502')),
    ]);
    expect(inOne.map((t) => t.state)).toEqual(['created', 'refused', 'unchanged']);
  });
  it('knows a vehicle again by its plate, unless make or VIN speak against it', async () => {
    const vin = '1M8GDM9AXKP042788';
    const taken = await take([
      job(1, ['5/5/2021', '601', 'kx-29 rto', 'Calder', 'Moor', '', 'noise', 'replaced wheel bearing']),
      job(2, ['6/6/2021', '602', 'KX29RTO', 'Calder', '', '', 'noise', 'replaced wheel bearing']),
      job(3, ['7/7/2021', '603', 'KX29 RTO', 'Ostara', 'Lino', '', 'noise', 'replaced wheel bearing']),
      job(4, ['8/8/2021', '604', 'KX29 RTO', 'Calder', 'Moor', vin, 'noise', 'replaced wheel bearing']),
      job(5, ['9/9/2021', '605', '', '', '', vin, 'noise', 'replaced wheel bearing']),
    ]);
    const vehicles = await Promise.all(taken.map(async (t) => (await caseOf(t.number!)).vehicle.id));
    expect(vehicles[1]).toBe(vehicles[0]);
    expect(vehicles[2]).not.toBe(vehicles[0]);
    expect(vehicles[3]).toBe(vehicles[0]);
    // What is no plate names no vehicle.
    const trade = await take([
      job(1, ['5/5/2021', '611', 'TRADE', 'Calder', 'Moor', '', 'noise', 'replaced drop link']),
      job(2, ['6/6/2021', '612', 'TRADE', 'Calder', 'Moor', '', 'noise', 'replaced drop link']),
    ]);
    const two = await Promise.all(trade.map(async (t) => (await caseOf(t.number!)).vehicle.id));
    expect(two[0]).not.toBe(two[1]);
    // In a later table too.
    const [later] = await take([
      job(1, ['1/2/2022', '606', 'KX29RTO', 'Calder', 'Moor', '', 'noise', 'replaced drop link']),
    ]);
    expect((await caseOf(later!.number!)).vehicle.id).toBe(vehicles[0]);
  });
  it('takes in what can be read of a piece, and names the rest', async () => {
    const taken = await take([
      job(1, ['soon', '701', '', '', '', '', 'noise', 'x']),
      job(2, ['', '', '', '', '', '', '', '']),
      job(3, ['1/2/2022', '703', '', '', '', '', 'noise', 'replaced drop link']),
    ]);
    expect(taken.map((t) => t.state)).toEqual(['refused', 'no job', 'created']);
    expect(taken[0]!.reason).toContain('soon');
  });
  it('remembers what columns hold for tables with the same heads', async () => {
    const rows = [heads, first.cells, first.cells.with(0, '25/4/2021')];
    expect((await readRecords(rows)).columns[6]).toMatchObject({ field: 'complaint', by: 'head' });
    const put = { ...settings, columns: settings.columns.with(6, 'diagnosis') };
    await takeRecords({ settings: put, jobs: [first], heads }, '');
    const again = await readRecords(rows, { ...settings, dateOrder: null }, false);
    expect(again.columns[6]).toMatchObject({ field: 'diagnosis', by: 'kept' });
    expect(again.settings.columns).toEqual(put.columns);
    // A person's word about this table comes first.
    expect((await readRecords(rows, settings)).settings.columns[6]).toBe('complaint');
  });
  it('shows what rows become before anything is written', async () => {
    const size = (await caseIndex()).index.size;
    const seen = await readRecords([
      ['Day', ...heads.slice(1)],
      first.cells.with(1, '999'),
      ['', 'Total', '', '', '', '', '', ''],
    ]);
    expect(seen.firstRow).toBe(1);
    expect(seen.settings.dateOrder).toBeNull();
    expect(seen.jobs[0]).toMatchObject({
      state: 'refused',
      reason: expect.stringContaining('day or the month') as string,
    });
    const told = await readRecords([heads, first.cells.with(1, '999')], settings);
    expect(told.jobs[0]).toMatchObject({
      day: '2021-04-03',
      cause: 'thermostat, stuck open',
      action: 'replaced',
      vehicle: 'Norvik Tessa AB12 XYZ',
    });
    expect((await caseIndex()).index.size).toBe(size);
  });
});
