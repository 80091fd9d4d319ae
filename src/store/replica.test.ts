import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { createClient, type Client } from '@libsql/client';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { startHrana } from '../../scripts/hrana-server.mjs';
import { batchingClient } from './batching-client';
import { Replica } from './replica';

/** A copy nearby, kept by a process of its own from a database server, and read beside it. */

let folder: string;
let server: Awaited<ReturnType<typeof startHrana>>;
let other: Client;
let replica: Replica;
let own: Client;
let ahead = 0;
const file = () => path.join(folder, 'copy', 'shop.db');
beforeEach(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-replica-'));
  server = await startHrana(path.join(folder, 'shop.db'));
  process.env.VANTLE_DATABASE_URL = server.url;
  other = createClient({ url: server.url });
  await other.execute('CREATE TABLE part (id INTEGER PRIMARY KEY, name TEXT)');
  ahead = 0;
  replica = new Replica(file(), () => performance.now() + ahead);
  own = batchingClient(createClient({ url: server.url }), () => false, replica);
});
afterEach(async () => {
  replica.close();
  other.close();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

const names = async () => (await own.execute('SELECT name FROM part ORDER BY id')).rows.map((r) => r.name);
const insert = (name: string) => ({ sql: 'INSERT INTO part (name) VALUES (?)', args: [name] });
const tripsOf = async (work: () => Promise<unknown>) => {
  const before = { ...server.counted };
  await work();
  return { trips: server.counted.trips - before.trips, syncs: server.counted.syncs - before.syncs };
};

describe('a copy of the data nearby', () => {
  it('answers reads without a trip while it is fresh, and looks again after a second', async () => {
    await other.execute(insert('relay'));
    expect(await names()).toEqual(['relay']);
    expect(await tripsOf(names)).toEqual({ trips: 0, syncs: 0 });
    await other.execute(insert('fuse'));
    expect(await names()).toEqual(['relay']);
    ahead += 1001;
    expect(await names()).toEqual(['relay', 'fuse']);
  });

  it('has what was written here before it is asked, however it was written', async () => {
    await names();
    await own.execute(insert('relay'));
    expect(await names()).toEqual(['relay']);
    await own.batch([insert('fuse')], 'write');
    expect(await names()).toEqual(['relay', 'fuse']);
    const transaction = await own.transaction('write');
    await transaction.execute(insert('lamp'));
    expect(await names()).toEqual(['relay', 'fuse']);
    await transaction.commit();
    expect(await names()).toEqual(['relay', 'fuse', 'lamp']);
    const undone = await own.transaction('write');
    await undone.execute(insert('horn'));
    await undone.rollback();
    expect(await names()).toEqual(['relay', 'fuse', 'lamp']);
    await own.executeMultiple("UPDATE part SET name = 'bulb' WHERE name = 'lamp'");
    expect(await names()).toEqual(['relay', 'fuse', 'bulb']);
  });

  it('is never behind what was written here, in whatever order reads and writes come', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.constantFrom('write', 'read', 'together', 'wait'), { minLength: 3, maxLength: 12 }),
        async (steps) => {
          let count = (await names()).length;
          for (const step of steps) {
            if (step === 'write') await own.execute(insert(`n${++count}`));
            if (step === 'together') {
              const [, read] = await Promise.all([own.execute(insert(`n${++count}`)), names()]);
              expect(read.length).toBeGreaterThanOrEqual(count - 1);
            }
            if (step === 'wait') ahead += 1001;
            if (step === 'read') expect(await names()).toHaveLength(count);
          }
          expect(await names()).toHaveLength(count);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('is taken afresh where its file is not one', async () => {
    await names();
    replica.close();
    writeFileSync(file(), 'no database');
    await other.execute(insert('relay'));
    expect(await names()).toEqual(['relay']);
    expect(await tripsOf(names)).toEqual({ trips: 0, syncs: 0 });
  });

  it('says what the server says of a question that is wrong', async () => {
    await names();
    await expect(own.execute('SELECT colour FROM part')).rejects.toThrow(/no such column/);
  });

  it('sends the reader to the server where it cannot be kept, and is tried again later', async () => {
    const broken = path.join(folder, 'a file');
    writeFileSync(broken, '');
    const homeless = new Replica(path.join(broken, 'shop.db'), () => performance.now() + ahead);
    const reader = batchingClient(createClient({ url: server.url }), () => false, homeless);
    await other.execute(insert('relay'));
    const count = async () => Number((await reader.execute('SELECT count(*) AS n FROM part')).rows[0]!.n);
    expect(await count()).toBe(1);
    rmSync(broken);
    expect(await tripsOf(count)).toEqual({ trips: 1, syncs: 0 });
    ahead += 5001;
    expect(await count()).toBe(1);
    expect((await tripsOf(count)).trips).toBe(0);
    homeless.close();
  });

  it('whose folder has gone before it could be opened is no copy: the server is asked, and nothing is thrown', async () => {
    await other.execute(insert('relay'));
    // What is done when the keeper says that the copy is there; its folder was never made.
    expect((replica as unknown as { opens: () => boolean }).opens()).toBe(false);
    expect(await names()).toEqual(['relay']);
  });
});
