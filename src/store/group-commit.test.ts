import { AsyncLocalStorage } from 'node:async_hooks';
import { Mutex } from 'async-mutex';
import { describe, expect, it } from 'vitest';
import { GroupCommit, type Member, type Outcome } from './group-commit';

/** A database that only notes which saves shared a transaction. */
function gathering(run?: (members: Member<string>[]) => Promise<Outcome[]>) {
  const groups: string[][] = [];
  const mutex = new Mutex();
  const group = new GroupCommit<string>(
    (work) => mutex.runExclusive(work),
    async (members) => {
      groups.push(members.map((m) => m.key));
      if (run) return run(members);
      const outcomes: Outcome[] = [];
      for (const { ahead, work, inContext } of members)
        outcomes.push(
          await inContext(async () => work('tx', await ahead('tx'))).then(
            (result): Outcome => ({ ok: true, result }),
            (error: unknown): Outcome => ({ ok: false, error }),
          ),
        );
      return outcomes;
    },
  );
  const save = (key: string, work: () => Promise<string> = async () => `saved ${key}`) =>
    group.save(
      key,
      async () => 'read',
      async () => work(),
    );
  return { groups, mutex, save, group };
}

describe('saves that wait for each other', () => {
  it('go together, and each is told what its own work gives', async () => {
    const { groups, save } = gathering();
    expect(await Promise.all(['a', 'b', 'c'].map((key) => save(key)))).toEqual([
      'saved a',
      'saved b',
      'saved c',
    ]);
    expect(groups).toEqual([['a', 'b', 'c']]);
  });

  it('of one case go one after the other, in the order in which they came', async () => {
    const { groups, save } = gathering();
    const order: string[] = [];
    await Promise.all(
      ['a', 'b', 'a', 'a', 'b'].map((key, i) =>
        save(key, async () => {
          order.push(`${key}${i}`);
          return '';
        }),
      ),
    );
    expect(groups).toEqual([['a', 'b'], ['a', 'b'], ['a']]);
    expect(order.filter((o) => o.startsWith('a'))).toEqual(['a0', 'a2', 'a3']);
    expect(order.filter((o) => o.startsWith('b'))).toEqual(['b1', 'b4']);
  });

  it('wait for whoever else writes, and gather meanwhile', async () => {
    const { groups, save, mutex } = gathering();
    const free = await mutex.acquire();
    const all = Promise.all(['a', 'b'].map((key) => save(key)));
    await new Promise((r) => setTimeout(r, 20));
    const more = save('c');
    expect(groups).toEqual([]);
    free();
    await all;
    await more;
    expect(groups).toEqual([['a', 'b', 'c']]);
  });

  it('are refused alone: the others of the group are saved', async () => {
    const { save } = gathering();
    const [a, b, c] = await Promise.allSettled([
      save('a'),
      save('b', () => Promise.reject(new Error('another version'))),
      save('c'),
    ]);
    expect(a).toEqual({ status: 'fulfilled', value: 'saved a' });
    expect(b).toMatchObject({ status: 'rejected', reason: { message: 'another version' } });
    expect(c).toEqual({ status: 'fulfilled', value: 'saved c' });
  });

  it('all fail where the transaction as a whole does, and those after them go on', async () => {
    let times = 0;
    const { save } = gathering(async (members) => {
      if (++times === 1) throw new Error('no connection');
      return members.map(() => ({ ok: true, result: 'saved' }));
    });
    const first = await Promise.allSettled([save('a'), save('b')]);
    expect(first.map((r) => r.status)).toEqual(['rejected', 'rejected']);
    expect(await save('a')).toBe('saved');
  });

  it('each run as who asked for them', async () => {
    const who = new AsyncLocalStorage<string>();
    const { save } = gathering();
    const seen = await Promise.all(
      ['mara', 'joon'].map((name) => who.run(name, () => save(name, async () => who.getStore() ?? 'nobody'))),
    );
    expect(seen).toEqual(['mara', 'joon']);
  });

  it('are at most two dozen at a time', async () => {
    const { groups, save } = gathering();
    await Promise.all(Array.from({ length: 50 }, (_, i) => save(`case ${i}`)));
    expect(groups.map((g) => g.length)).toEqual([24, 24, 2]);
  });
});
