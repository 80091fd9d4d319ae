import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DEMO_KNOWN_GOOD } from '../../../demo/known-good';
import { DEMO_PROCEDURES } from '../../../demo/procedures';
import { DEMO_WORDS, demoCases, DEMO_MEANINGS, DEMO_PEOPLE, SHOP_NAME } from '../../../demo/shop';
import { catalogueItems } from '../shop/catalogue';
import { caseByNumber, createCase, openCase } from '../cases/cases';
import { desk } from '../shop/desk';
import { forgetIndex } from '../find/index-of-cases';
import { setMeaning, shopMeanings } from '../guide/meanings';
import { knownValues } from '../shop/known-good';
import { procedures } from '../shop/procedures';
import { closeDatabase, loadDemo, prepare } from './setup';
import { changeShop, everybody, people, shopName } from '../shop/shop';
import { updateCatalogue } from '@/store/catalogue';
import { write } from '@/store/database';
import { putSetting } from '@/store/shop';

let folder = '';
beforeEach(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-setup-'));
  process.env.VANTLE_DATABASE_URL = `file:${path.join(folder, 'shop.db')}`;
  process.env.VANTLE_FILES = path.join(folder, 'files');
  forgetIndex();
});
afterEach(async () => {
  await closeDatabase();
  rmSync(folder, { recursive: true, force: true });
});

const content = (n: number) => ({
  shopName: SHOP_NAME,
  people: DEMO_PEOPLE,
  region: 'metric' as const,
  money: { currency: 'EUR', hourRate: 90 },
  devices: ['Tablet'],
  tokens: [],
  meanings: DEMO_MEANINGS,
  cases: demoCases(new Date('2026-06-01T00:00:00Z')).slice(0, n),
  procedures: DEMO_PROCEDURES,
  knownGood: DEMO_KNOWN_GOOD,
  words: DEMO_WORDS,
  files: async () => [
    { caseNumber: 1, name: 'note.txt', content: new TextEncoder().encode('held at idle') },
    { caseNumber: 99, name: 'lost.txt', content: new TextEncoder().encode('no such case') },
  ],
});

describe('making a shop ready', () => {
  it('puts the starter list in once, however often it is started', async () => {
    expect(await prepare('own')).toBe('own');
    const first = (await catalogueItems()).length;
    expect(first).toBeGreaterThan(250);
    await prepare('own');
    expect(await catalogueItems()).toHaveLength(first);
    expect((await people()).map((p) => p.name)).toEqual(['Diagnostic lead']);
  });

  it('gives an older shop the names that parts have got since, once, and leaves its own alone', async () => {
    await prepare('own');
    const shipped = await catalogueItems();
    const of = (name: string) => shipped.find((i) => i.name === name)!;
    const [maf, thermostat, blower] = [of('air-flow meter'), of('thermostat'), of('blower motor')];
    // As it was before: few names; one that the shop gave to something else, one that it renamed.
    await write(async (tx) => {
      await updateCatalogue(tx, maf.id, { synonyms: ['maf', 'our meter'] });
      await updateCatalogue(tx, thermostat.id, { synonyms: [] });
      await updateCatalogue(tx, blower.id, { name: 'fan of the cabin', synonyms: ['tstat'] });
      await putSetting(tx, 'catalogue.names', 0);
    });
    await prepare('own');
    const now = async (id: string) => (await catalogueItems()).find((i) => i.id === id)!.synonyms;
    expect((await now(maf.id)).slice(0, 2)).toEqual(['maf', 'our meter']);
    expect(await now(maf.id)).toContain('maf sensor');
    expect(await now(thermostat.id)).toContain('t-stat');
    expect(await now(thermostat.id)).not.toContain('tstat');
    expect(await now(blower.id)).toEqual(['tstat']);

    // What somebody takes away afterwards stays away.
    await write((tx) => updateCatalogue(tx, maf.id, { synonyms: ['maf'] }));
    await prepare('own');
    expect(await now(maf.id)).toEqual(['maf']);
  });

  it('gives every starter entry an id of its own', async () => {
    await prepare('own');
    const items = await catalogueItems();
    expect(new Set(items.map((i) => i.id)).size).toBe(items.length);
  });

  it('loads the demo once and finishes what was broken off', async () => {
    await expect(
      loadDemo({ ...content(3), cases: [...content(2).cases, { format: 'nonsense' }] }),
    ).rejects.toThrow(/Not a case file/);
    expect((await desk()).total).toBe(2);
    expect(await loadDemo(content(3))).toBe(true);
    expect((await desk()).total).toBe(3);
    expect(await loadDemo(content(4))).toBe(false);
    expect((await desk()).total).toBe(3);
    expect(await shopName()).toBe(SHOP_NAME);
    expect((await procedures()).map((p) => p.id).sort()).toEqual(DEMO_PROCEDURES.map((p) => p.id).sort());
    expect((await knownValues()).filter((v) => v.id)).toHaveLength(DEMO_KNOWN_GOOD.length);
    const first = await openCase((await caseByNumber(1))!);
    expect(first!.record.attachment.map((a) => a.name)).toEqual(['note.txt']);
  });

  it('never loads the demo into a shop of one’s own', async () => {
    await prepare('own');
    await createCase('');
    await expect(loadDemo(content(3))).rejects.toThrow(/never loaded into it/);
    expect((await desk()).total).toBe(1);
    expect(await shopName()).toBe('Our shop');
  });
});

describe('the shop’s own words and people', () => {
  it('puts a meaning over the dictionary, without the failure type byte, and takes it back', async () => {
    await prepare('own');
    expect(await setMeaning({ code: 'c1225-13', says: 'supply low' }, '')).toEqual({ C1225: 'supply low' });
    expect(await setMeaning({ code: 'C1225', says: '' }, '')).toEqual({});
    expect(await shopMeanings()).toEqual({});
  });

  it('renames, adds, retires, but never the last one', async () => {
    await prepare('own');
    await changeShop({ do: 'name', name: 'Weir Lane' }, '');
    expect(await shopName()).toBe('Weir Lane');
    const [lead] = await everybody();
    await expect(
      changeShop({ do: 'person', person: { ...lead!, role: 'lead', active: false } }, ''),
    ).rejects.toThrow(/add another person/);
    await changeShop(
      { do: 'person', person: { id: 'new', name: 'Nadia', role: 'technician', active: true } },
      '',
    );
    await expect(
      changeShop({ do: 'person', person: { ...lead!, role: 'technician', active: true } }, ''),
    ).rejects.toThrow(/needs a lead/);
    await changeShop({ do: 'person', person: { id: 'new', name: 'Nadia', role: 'lead', active: true } }, '');
    await changeShop({ do: 'person', person: { ...lead!, role: 'lead', active: false } }, '');
    expect((await people()).map((p) => p.name)).toEqual(['Nadia']);
    expect(await everybody()).toHaveLength(2);
  });
});
