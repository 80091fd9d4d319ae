import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase } from '../cases/cases';
import { exportAll } from './export';
import { chosenCases, sizeOfChoice } from './export-choice';
import { testShop, writeOn } from '../testing/test-shop';

let end: () => Promise<void>;
const cases: { id: string; number: number }[] = [];
beforeAll(async () => {
  end = await testShop();
  for (let i = 0; i < 5; i++) cases.push(await createCase('lead'));
  const [first, second, third, fourth] = cases as [(typeof cases)[0], ...typeof cases];
  // The third is a comeback of the second, that one of the first.
  await writeOn(third!.id, 'lead', {
    op: 'add',
    kind: 'comeback',
    id: 'b3',
    row: { ofCaseId: second!.id, state: 'confirmed' },
  });
  await writeOn(second!.id, 'lead', {
    op: 'add',
    kind: 'comeback',
    id: 'b2',
    row: { ofCaseId: first.id, state: 'confirmed' },
  });
  await writeOn(fourth!.id, 'lead', {
    op: 'add',
    kind: 'symptom',
    id: 's4',
    row: { concept: 'overheat', words: 'overheats' },
  });
  await writeOn(fourth!.id, 'lead', {
    op: 'add',
    kind: 'attachment',
    id: 'a4',
    row: { name: 'x.jpg', mime: 'image/jpeg', bytes: 1200, hash: 'f'.repeat(64) },
  });
});
afterAll(() => end());

const numbers = async (choice: Parameters<typeof chosenCases>[0]) => {
  const { ids, brought } = await chosenCases(choice);
  const at = new Map(cases.map((c) => [c.id, c.number]));
  return { numbers: ids.map((id) => at.get(id)), brought };
};

describe('what is given out', () => {
  it('is all where nothing is chosen, by number else, with the cases they refer to before them', async () => {
    expect((await numbers({})).numbers).toEqual([1, 2, 3, 4, 5]);
    expect(await numbers({ numbers: '3, 5' })).toEqual({ numbers: [1, 2, 3, 5], brought: [1, 2] });
    expect(await numbers({ numbers: '4-9' })).toEqual({ numbers: [4, 5], brought: [] });
  });

  it('is by day: opened, written on or closed on it', async () => {
    const id = cases[4]!.id;
    const own = (await openCase(id))!.record.case;
    const set = { closedAt: '2024-02-29T10:00:00.000Z' };
    await writeOn(id, 'lead', {
      op: 'set',
      kind: 'case',
      id,
      revision: own.revision,
      set,
      was: { closedAt: null },
    });
    expect(await numbers({ day: '2024-02-29' })).toEqual({ numbers: [5], brought: [] });
    expect((await numbers({ day: '2024-02-01', until: '2024-03-31' })).numbers).toEqual([5]);
    expect((await numbers({ day: '2024-03-01' })).numbers).toEqual([]);
    const now = new Date();
    const today = new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
    expect((await numbers({ day: today })).numbers).toEqual([1, 2, 3, 4, 5]);
  });

  it('is by a search line, and by all that is said at once', async () => {
    expect((await numbers({ q: 'overheats' })).numbers).toEqual([4]);
    expect((await numbers({ q: 'overheats', numbers: '1-3' })).numbers).toEqual([]);
  });

  it('is refused with what to do where it cannot be read', async () => {
    await expect(chosenCases({ numbers: '77' })).rejects.toThrow('There is no case 77.');
    await expect(chosenCases({ numbers: '3, 77' })).rejects.toThrow('There is no case 77.');
    await expect(chosenCases({ day: 'yesterday' })).rejects.toThrow(/Write it as 2026-11-28/);
    await expect(chosenCases({ day: '2024-03-01', until: '2024-02-01' })).rejects.toThrow(
      /earlier day first/,
    );
  });

  it('says beforehand how much it is, and comes in that order', async () => {
    expect(await sizeOfChoice({ numbers: '3-4' })).toEqual({
      cases: 4,
      brought: [1, 2],
      files: 1,
      bytes: 1200,
    });
    const { ids } = await chosenCases({ numbers: '3' });
    let text = '';
    for await (const piece of exportAll('cases', false, ids)) text += piece;
    expect(
      text
        .trim()
        .split('\n')
        .map((l) => (JSON.parse(l) as { number: number }).number),
    ).toEqual([1, 2, 3]);
  });
});
