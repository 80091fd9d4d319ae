import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase } from '../cases/cases';
import { catalogueItems, changeCatalogue, entryUse } from './catalogue';
import { experiencePage } from '../find/experience';
import { historyOf, undoLast } from '../cases/history';
import { applyChanges } from '../cases/save';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

let n = 0;
const part = (name: string) => changeCatalogue({ do: 'add', kind: 'part', name, system: '' }, 'lead');
async function caseWith(partId: string): Promise<{ id: string; number: number }> {
  const made = await createCase('lead');
  const ops = [
    { op: 'add' as const, kind: 'cause' as const, id: `c${++n}`, row: { partId } },
    { op: 'add' as const, kind: 'suspect' as const, id: `s${n}`, row: { partId } },
  ];
  await applyChanges(made.id, [{ id: `w${n}`, ops }], 'lead');
  return made;
}
const named = async (id: string) => (await catalogueItems()).find((i) => i.id === id)!;
const lines = async (caseId: string) => (await historyOf(caseId))!.changes.flatMap((c) => c.lines);

describe('renaming and merging', () => {
  it('say beforehand what they change, and stand in the history of each case', async () => {
    const item = await part('breather hose');
    const { id, number } = await caseWith(item.id);
    expect(await entryUse(item.id)).toMatchObject({ causes: 1, suspects: 1, cases: [number], undo: '' });
    await changeCatalogue({ do: 'change', id: item.id, name: 'breather pipe' }, 'lead');
    expect(await lines(id)).toContain(
      'List of parts and failures: “breather hose” renamed to “breather pipe”',
    );
    // Not by the way: what was done in the list is taken back there.
    expect(await undoLast(id, 'lead', (await openCase(id))!.record.case.seq, [])).toBeUndefined();
    expect((await entryUse(item.id))!.undo).toBe('be called “breather hose” again');
    await changeCatalogue({ do: 'undo', id: item.id }, 'lead');
    expect((await named(item.id)).name).toBe('breather hose');
    expect((await lines(id))[0]).toContain('“breather pipe” renamed to “breather hose”');
    await expect(changeCatalogue({ do: 'undo', id: item.id }, 'lead')).rejects.toThrow(/could be taken back/);
  });

  it('are undone whole: names, synonyms, and what had been merged before', async () => {
    const [a, b, c] = [await part('duct a'), await part('duct b'), await part('duct c')];
    await changeCatalogue({ do: 'change', id: c.id, synonyms: ['own word'] }, 'lead');
    const { id } = await caseWith(a.id);
    await changeCatalogue({ do: 'merge', id: a.id, into: b.id }, 'lead');
    await changeCatalogue({ do: 'merge', id: b.id, into: c.id }, 'lead');
    expect((await named(a.id)).mergedInto).toBe(c.id);
    expect((await named(c.id)).synonyms).toEqual(['own word', 'duct b', 'duct a']);
    // The first merge went into what is merged itself now: the later one is taken back first.
    await expect(changeCatalogue({ do: 'undo', id: a.id }, 'lead')).rejects.toThrow(/Take that back first/);
    expect((await entryUse(c.id))!.merged.map((m) => m.name).sort()).toEqual(['duct a', 'duct b']);
    await changeCatalogue({ do: 'undo', id: b.id }, 'lead');
    expect([(await named(a.id)).mergedInto, (await named(b.id)).mergedInto]).toEqual([b.id, null]);
    expect((await named(c.id)).synonyms).toEqual(['own word']);
    await changeCatalogue({ do: 'undo', id: a.id }, 'lead');
    expect((await named(a.id)).mergedInto).toBeNull();
    expect((await named(b.id)).synonyms).toEqual([]);
    expect((await lines(id))[0]).toContain('“duct b” renamed to “duct a”');
  });

  it('do not write over what somebody else changed since, and write beside it', async () => {
    const seen = await part('flap shaft');
    const was = { name: seen.name, system: seen.system, synonyms: seen.synonyms };
    await changeCatalogue({ do: 'change', id: seen.id, synonyms: ['swirl spindle'], was }, 'jun');
    await expect(
      changeCatalogue({ do: 'change', id: seen.id, synonyms: ['flap axle'], was }, 'lead'),
    ).rejects.toThrow('its synonyms is “swirl spindle” now');
    // Another field goes in, and the same words twice are no conflict.
    await changeCatalogue({ do: 'change', id: seen.id, name: 'flap spindle', was }, 'lead');
    await changeCatalogue({ do: 'change', id: seen.id, synonyms: ['swirl spindle'], was }, 'lead');
    expect(await named(seen.id)).toMatchObject({ name: 'flap spindle', synonyms: ['swirl spindle'] });
  });

  it('an id that is taken by another entry is said', async () => {
    const one = await part('duct z');
    await expect(
      changeCatalogue({ do: 'add', id: one.id, kind: 'part', name: 'duct y', system: '' }, 'lead'),
    ).rejects.toThrow('taken by “duct z”');
  });

  it('keep old addresses working', async () => {
    const [old, now] = [await part('old spring'), await part('new spring')];
    const { number } = await caseWith(old.id);
    const before = await experiencePage('cause', `${old.id}/`);
    expect(before?.cases.map((c) => c.number)).toEqual([number]);
    await changeCatalogue({ do: 'merge', id: old.id, into: now.id }, 'lead');
    for (const id of [old.id, now.id])
      expect((await experiencePage('cause', `${id}/`))?.title).toMatch(/^new spring/);
  });
});
