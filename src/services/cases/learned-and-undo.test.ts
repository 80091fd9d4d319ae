import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase } from './cases';
import { undo, undoLast } from './history';
import { learnedLately, oddsHeld } from '../guide/learned';
import { applyChanges } from './save';
import { testDemoShop } from '../testing/test-demo-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testDemoShop();
}, 60_000);
afterAll(() => end());

describe('what the shop learned', () => {
  it('names causes that no other case has, and only those', async () => {
    const { causes } = await learnedLately();
    expect(causes.length).toBeGreaterThan(0);
    // The demo shop met a cracked intake boot more than once.
    expect(causes.map((c) => c.name)).not.toContain('intake boot, cracked');
    expect(new Set(causes.map((c) => c.key)).size).toBe(causes.length);
  });

  it('names a test that told two cases apart, with both', async () => {
    const { forks } = await learnedLately();
    expect(forks.length).toBeGreaterThan(0);
    for (const f of forks) {
      expect(f.number).not.toBe(f.fromNumber);
      expect(f.told).not.toBe(f.from);
    }
    // Each pair once, whichever way round.
    const pairs = forks.map((f) => [f.number, f.fromNumber].sort().join());
    expect(new Set(pairs).size).toBe(pairs.length);
  });

  it('holds the odds against what it was, on proven cases alone', async () => {
    const held = await oddsHeld(100);
    expect(held.cases).toBeGreaterThan(20);
    expect(held.met).toBeLessThanOrEqual(held.cases);
    expect(held.first).toBeLessThanOrEqual(held.firstThree);
    expect(held.firstThree).toBeLessThanOrEqual(held.met);
    expect(held.looked.filter((l) => l.rank === 1)).toHaveLength(held.first);
    // Saying the same of everything is worse than saying what the cases say.
    expect(held.brier).toBeLessThan(held.even);
    for (const b of held.bands) expect(b.was).toBeLessThanOrEqual(1);
  });

  it('is worked out once for one state of the shop, and anew after a write', async () => {
    const before = await learnedLately();
    expect(await learnedLately()).toBe(before);
    await createCase('');
    expect(await learnedLately()).not.toBe(before);
  });
});

describe('undoing what was done last', () => {
  const opened = async () => {
    const { id } = await createCase('mara');
    return { id, seq: (await openCase(id))!.record.case.seq };
  };
  const add = (id: string, row: string, words: string, who: string) =>
    applyChanges(
      id,
      [{ id: `c-${row}`, ops: [{ op: 'add', kind: 'symptom', id: row, row: { words } }] }],
      who,
    );
  const words = async (id: string) => (await openCase(id))!.record.symptom.map((s) => s.words);

  it('goes back step by step, does again, and stops at what stood when the case was opened', async () => {
    const { id, seq } = await opened();
    await add(id, 's1', 'shakes', 'mara');
    await add(id, 's2', 'stalls', 'mara');
    const first = (await undoLast(id, 'mara', seq, []))!;
    expect(await words(id)).toEqual(['shakes']);
    expect(first.lines.join()).toContain('stalls');
    // Doing it again is undoing the undoing.
    await undo(id, first.by, 'mara');
    expect(await words(id)).toEqual(['shakes', 'stalls']);

    const skip = [first.seq, first.by];
    const again = (await undoLast(id, 'mara', seq, skip))!;
    skip.push(again.seq, again.by);
    expect(await words(id)).toEqual(['shakes']);
    const second = (await undoLast(id, 'mara', seq, skip))!;
    skip.push(second.seq, second.by);
    expect(await words(id)).toEqual([]);
    expect(await undoLast(id, 'mara', seq, skip)).toBeUndefined();
  });

  it('leaves alone what others did, and what Vantle worked out', async () => {
    const { id, seq } = await opened();
    await add(id, 's3', 'hums', 'mara');
    await add(id, 's4', 'squeals', 'jun');
    await undoLast(id, 'mara', seq, []);
    expect(await words(id)).toEqual(['squeals']);
  });

  it('says so when somebody wrote over it since', async () => {
    const { id, seq } = await opened();
    const set = async (said: string, was: string, who: string) => {
      const { revision } = (await openCase(id))!.record.case;
      await applyChanges(
        id,
        [
          {
            id: `w-${said}`,
            ops: [{ op: 'set', kind: 'case', id, revision, set: { said }, was: { said: was } }],
          },
        ],
        who,
      );
    };
    await set('It shakes.', '', 'mara');
    await set('It shakes when hot.', 'It shakes.', 'jun');
    await expect(undoLast(id, 'mara', seq, [])).rejects.toThrow(/written again since/);
    expect((await openCase(id))!.record.case.said).toBe('It shakes when hot.');
  });
});
