import { createClient, LibsqlError, type Client, type Transaction } from '@libsql/client';
import fc from 'fast-check';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { startHrana } from '../../scripts/hrana-server.mjs';
import { batchingClient, DeferredWriteFailed } from './batching-client';

/** The client against a database server, beside the one it wraps. */

let server: Awaited<ReturnType<typeof startHrana>>;
let folder: string;
let plain: Client;
let careful = false;
let batching: Client;
beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-batching-'));
  server = await startHrana(path.join(folder, 'a.db'));
  plain = createClient({ url: server.url });
  batching = batchingClient(plain, () => careful);
});
beforeEach(async () => {
  careful = false;
  await plain.batch(
    ['DROP TABLE IF EXISTS part', 'CREATE TABLE part (id INTEGER PRIMARY KEY, name TEXT NOT NULL UNIQUE)'],
    'write',
  );
});
afterAll(async () => {
  plain.close();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

const insert = (id: number, name: string | null) => ({
  sql: 'INSERT INTO part VALUES (?, ?)',
  args: [id, name],
});
const names = async (of: Pick<Client, 'execute'> | Transaction) =>
  (await (of as Transaction).execute('SELECT name FROM part ORDER BY id')).rows.map((r) => r.name);
const trips = async (work: () => Promise<unknown>) => {
  const before = server.counted.trips;
  await work();
  return server.counted.trips - before;
};

describe('reads outside of a transaction', () => {
  it('that are asked for together are one request, and each gets its own rows', async () => {
    await plain.batch([insert(1, 'relay'), insert(2, 'fuse')], 'write');
    let rows: unknown[] = [];
    const n = await trips(async () => {
      const all = await Promise.all([
        batching.execute('SELECT count(*) AS n FROM part'),
        batching.execute({ sql: 'SELECT name FROM part WHERE id = ?', args: [2] }),
        batching.execute('SELECT id FROM part WHERE name = ?', ['relay']),
      ]);
      rows = all.map((r) => Object.values({ ...r.rows[0] })[0]);
    });
    expect(rows).toEqual([2, 'fuse', 1]);
    expect(n).toBe(1);
  });

  it('fail alone: the neighbours of a wrong one are answered', async () => {
    await plain.execute(insert(1, 'relay'));
    const [good, bad, also] = await Promise.allSettled([
      names(batching),
      batching.execute('SELECT nothing FROM part'),
      batching.execute('SELECT 7 AS n'),
    ]);
    expect(good).toEqual({ status: 'fulfilled', value: ['relay'] });
    expect(bad.status).toBe('rejected');
    expect(also.status === 'fulfilled' && also.value.rows[0]!.n).toBe(7);
  });
});

describe('a transaction', () => {
  it('of writes and their end takes one request after its first', async () => {
    const n = await trips(async () => {
      const tx = await batching.transaction('write');
      for (let i = 1; i <= 20; i++) await tx.execute(insert(i, `part ${i}`));
      await tx.commit();
    });
    expect(await names(plain)).toHaveLength(20);
    expect(n).toBeLessThanOrEqual(2);
  });

  it('reads what it wrote, though that was not sent before', async () => {
    const tx = await batching.transaction('write');
    await tx.execute(insert(1, 'relay'));
    expect(await names(tx)).toEqual(['relay']);
    await tx.execute({ sql: 'UPDATE part SET name = ? WHERE id = 1', args: ['fuse'] });
    expect(await names(tx)).toEqual(['fuse']);
    await tx.commit();
    expect(await names(plain)).toEqual(['fuse']);
  });

  it('that is rolled back leaves nothing, sent or not', async () => {
    const tx = await batching.transaction('write');
    await tx.execute(insert(1, 'relay'));
    await names(tx);
    await tx.execute(insert(2, 'fuse'));
    await tx.rollback();
    expect(await names(plain)).toEqual([]);
  });

  it('whose write is refused at the end leaves nothing, and says that it can be done again', async () => {
    await plain.execute(insert(1, 'relay'));
    const tx = await batching.transaction('write');
    await tx.execute(insert(2, 'fuse'));
    await tx.execute(insert(3, 'relay'));
    await expect(tx.commit()).rejects.toBeInstanceOf(DeferredWriteFailed);
    expect(await names(plain)).toEqual(['relay']);
  });

  it('whose write was refused before a read says so at every step from then on', async () => {
    const tx = await batching.transaction('write');
    await tx.execute(insert(1, null));
    await expect(names(tx)).rejects.toBeInstanceOf(DeferredWriteFailed);
    await expect(tx.execute(insert(2, 'fuse'))).rejects.toBeInstanceOf(DeferredWriteFailed);
    await expect(tx.commit()).rejects.toBeInstanceOf(DeferredWriteFailed);
    await tx.rollback();
    expect(await names(plain)).toEqual([]);
  });

  it('done carefully gets the refusal at the statement itself, so that a savepoint can take it back', async () => {
    careful = true;
    await plain.execute(insert(1, 'relay'));
    const tx = await batching.transaction('write');
    await tx.execute('SAVEPOINT one');
    await expect(tx.execute(insert(2, 'relay'))).rejects.toBeInstanceOf(LibsqlError);
    await tx.execute('ROLLBACK TO one');
    await tx.execute(insert(3, 'fuse'));
    await tx.commit();
    expect(await names(plain)).toEqual(['relay', 'fuse']);
  });
});

describe('where the answer to COMMIT is lost', () => {
  const lost: Client[] = [];
  afterEach(() => lost.splice(0).forEach((c) => c.close()));

  it('nothing says that it can be done again: it may have gone through', async () => {
    const inner = createClient({ url: server.url });
    lost.push(inner);
    const cut = new Proxy(inner, {
      get(of, name) {
        if (name !== 'transaction') return Reflect.get(of, name, of) as unknown;
        return async () => {
          const tx = await of.transaction('write');
          const batch = tx.batch.bind(tx);
          tx.batch = async (statements) => {
            await batch(statements);
            throw new TypeError('fetch failed');
          };
          return tx;
        };
      },
    });
    const tx = await batchingClient(cut, () => false).transaction('write');
    await tx.execute(insert(1, 'relay'));
    const failure = await tx.commit().catch((e: unknown) => e);
    expect(failure).toBeInstanceOf(TypeError);
    expect(failure).not.toBeInstanceOf(DeferredWriteFailed);
    expect(await names(plain)).toEqual(['relay']);
  });
});

describe('any order of writes and reads', () => {
  const step = fc.oneof(
    fc.record({ do: fc.constant('add' as const), id: fc.integer({ min: 1, max: 6 }) }),
    fc.record({ do: fc.constant('remove' as const), id: fc.integer({ min: 1, max: 6 }) }),
    fc.record({ do: fc.constant('read' as const), id: fc.constant(0) }),
  );
  const run = async (
    client: Client,
    steps: { do: 'add' | 'remove' | 'read'; id: number }[],
    end: boolean,
  ) => {
    const seen: unknown[] = [];
    const tx = await client.transaction('write');
    for (const s of steps) {
      if (s.do === 'add')
        await tx.execute({ sql: 'INSERT OR REPLACE INTO part VALUES (?, ?)', args: [s.id, `part ${s.id}`] });
      else if (s.do === 'remove') await tx.execute({ sql: 'DELETE FROM part WHERE id = ?', args: [s.id] });
      else seen.push(await names(tx));
    }
    await (end ? tx.commit() : tx.rollback());
    return { seen, left: await names(plain) };
  };

  it('gives what the plain client gives', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { maxLength: 12 }), fc.boolean(), async (steps, end) => {
        await plain.execute('DELETE FROM part');
        const expected = await run(plain, steps, end);
        await plain.execute('DELETE FROM part');
        expect(await run(batching, steps, end)).toEqual(expected);
      }),
      { numRuns: 40 },
    );
  });
});
