import { AsyncLocalStorage } from 'node:async_hooks';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { createClient, type Client, type InArgs, type Transaction } from '@libsql/client';
import { Mutex } from 'async-mutex';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import type { CaseCache } from './case-cache';
import { batchingClient, DeferredWriteFailed } from './batching-client';
import { GroupCommit, type Member, type Outcome } from './group-commit';
import { Replica } from './replica';
import * as schema from './schema';

export type Db = LibSQLDatabase<typeof schema>;
/** A transaction; has the same query methods as the database. */
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0];

/** What belongs to one attempt at a transaction. */
interface TransactionState {
  /** Statement by statement: an earlier attempt had a batch refused. */
  careful: boolean;
  /** The last number that the history gave. */
  seq?: number;
  /** What it wrote into the history, in order. */
  entries: { kind: string; rowId: string; op: string }[];
  /** The cases it wrote on. */
  wroteOn: Set<string>;
  /** The rows of the case that is written. */
  cache?: CaseCache;
}
interface Store {
  db: Db;
  client: Client;
  writing: Mutex;
  url: string;
  /** A copy for reading on this machine. */
  replica: Replica | undefined;
  /** Saves that go into the database together; a file is no trip away. */
  group: GroupCommit<Tx> | undefined;
}

// The bundler may load this module more than once in one process; the connection must stay one, and a group of saves
// is run by whichever of them opened it.
const shared = globalThis as typeof globalThis & {
  vantleStores?: Map<string, Store>;
  vantleTransaction?: AsyncLocalStorage<TransactionState>;
};
const transactionState = (shared.vantleTransaction ??= new AsyncLocalStorage<TransactionState>());

/** What belongs to the transaction under way; undefined outside of one. */
export const currentTransaction = (): TransactionState | undefined => transactionState.getStore();

/** Where the shop's data lives: `VANTLE_DATABASE_URL`, else a file under `data/`. */
function databaseUrl(): string {
  return process.env.VANTLE_DATABASE_URL ?? 'file:data/vantle.db';
}

/** The connection behind `db()` and `write()`; for migrations only. */
export function connection(): { client: Client; db: Db; url: string } {
  return open(databaseUrl());
}

function open(url: string): Store {
  const stores = (shared.vantleStores ??= new Map());
  const known = stores.get(url);
  if (known) return known;
  if (url.startsWith('file:')) {
    const file = url
      .slice('file:'.length)
      .replace(/^\/\/(?=\/)/, '')
      .split('?')[0]!;
    mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
  }
  const authToken = process.env.VANTLE_DATABASE_TOKEN;
  const local = createClient({ url, ...(authToken ? { authToken } : {}), timeout: 8000 });
  const copy = process.env.VANTLE_DATABASE_REPLICA;
  const replica = copy && !url.startsWith('file:') ? new Replica(copy) : undefined;
  // A file is no trip away.
  const client = url.startsWith('file:')
    ? local
    : batchingClient(local, () => transactionState.getStore()?.careful ?? false, replica);
  const writing = new Mutex();
  const store: Store = {
    client,
    db: drizzle(client, { schema, casing: 'snake_case' }),
    writing,
    url,
    replica,
    group: url.startsWith('file:')
      ? undefined
      : new GroupCommit<Tx>(
          (work) => writing.runExclusive(work),
          (members) => runGroup(store, members),
        ),
  };
  stores.set(url, store);
  return store;
}

/** Whether the database is a server, which other Vantle servers may share. */
export const isShared = (): boolean => !databaseUrl().startsWith('file:');

/** The database for reading. */
export function db(): Db {
  return open(databaseUrl()).db;
}

/**
 * Runs one write transaction. Writers of this process queue up here, since a second SQLite
 * connection waiting for the first would block the very thread that has to finish it; writers of
 * other processes are waited for and retried.
 */
export async function write<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
  const store = open(databaseUrl());
  return store.writing.runExclusive(() => transact(store, work));
}

/** One transaction, by whoever holds the other writers of this process off. */
async function transact<T>(store: Store, work: (tx: Tx) => Promise<T>): Promise<T> {
  let careful = false;
  for (let attempt = 0; ; attempt++) {
    try {
      return await transactionState.run(freshState(careful), () => store.db.transaction(work));
    } catch (e) {
      if (!careful && isDeferredWrite(e)) {
        careful = true;
        continue;
      }
      if (attempt >= 5 || !isBusy(e)) throw e;
      await new Promise((r) => setTimeout(r, 40 * 2 ** attempt));
    }
  }
}

const freshState = (careful: boolean): TransactionState => ({ careful, entries: [], wroteOn: new Set() });

/**
 * Runs one write on a case. On a database server, those that wait for each other share a transaction; each is whole or
 * not at all, and none sees less than those before it wrote.
 *
 * @param caseId the case that is written
 * @param ahead reads what the write is known to need; run again where a write before it may have changed that
 * @param work writes, given what was read
 */
export async function writeOnCase<Read, T>(
  caseId: string,
  ahead: (tx: Tx) => Promise<Read>,
  work: (tx: Tx, read: Read) => Promise<T>,
): Promise<T> {
  const store = open(databaseUrl());
  return store.group
    ? store.group.save(caseId, ahead, work)
    : store.writing.runExclusive(() => transact(store, async (tx) => work(tx, await ahead(tx))));
}

const alone = (store: Store, { inContext, ahead, work }: Member<Tx>): Promise<Outcome> =>
  inContext(() => transact(store, async (tx) => work(tx, await ahead(tx)))).then(
    (result) => ({ ok: true, result }),
    (error: unknown) => ({ ok: false, error }),
  );

const runGroup = async (store: Store, members: Member<Tx>[]): Promise<Outcome[]> =>
  members.length === 1
    ? [await alone(store, members[0]!)]
    : transact(store, (tx) => runTogether(tx, members));

/** Kinds of rows on which saves of other cases rest. */
const SHARED = new Set(['vehicle', 'comeback']);

async function runTogether(tx: Tx, members: Member<Tx>[]): Promise<Outcome[]> {
  const careful = currentTransaction()?.careful ?? false;
  const begun = await Promise.all(
    members.map(async ({ inContext, ahead }) => {
      const state = freshState(careful);
      return { state, read: await inContext(() => transactionState.run(state, () => ahead(tx))) };
    }),
  );
  const outcomes: Outcome[] = [];
  const wroteOn = new Set<string>();
  let shared = false;
  let seq: number | undefined;
  for (const [i, { key, inContext, ahead, work }] of members.entries()) {
    let { state, read } = begun[i]!;
    const stale = shared || wroteOn.has(key);
    if (stale) state = freshState(careful);
    if (seq !== undefined) state.seq = seq;
    try {
      const result = await inContext(() =>
        transactionState.run(state, () =>
          tx.transaction(async (inner) => {
            if (stale) read = await ahead(inner);
            return work(inner, read);
          }),
        ),
      );
      outcomes.push({ ok: true, result });
      seq = state.seq;
      for (const id of state.wroteOn) wroteOn.add(id);
      shared ||= state.entries.some(({ kind }) => SHARED.has(kind));
    } catch (error) {
      // What concerns the transaction as a whole is not one save's own.
      if (isDeferredWrite(error) || isBusy(error)) throw error;
      outcomes.push({ ok: false, error });
    }
  }
  return outcomes;
}

/**
 * Holds all other writers off, of this process and of others, while something is looked up and then written as one
 * batch: numbers that were looked up are still free when they are given.
 *
 * @param work looks up what it needs with `db()`, and hands statements to what it is given; they go down when it ends
 */
export async function holdingWriters<T>(work: (put: PutBatch) => Promise<T>): Promise<T> {
  const store = open(databaseUrl());
  return store.writing.runExclusive(async () => {
    for (let attempt = 0; ; attempt++) {
      let held: Transaction | undefined;
      try {
        const tx = (held = await store.client.transaction('write'));
        const done = await work(async (statements) => void (await tx.batch(statements)));
        await tx.commit();
        return done;
      } catch (e) {
        if (attempt >= 5 || !isBusy(e)) throw e;
        await new Promise((r) => setTimeout(r, 40 * 2 ** attempt));
      } finally {
        held?.close();
      }
    }
  });
}
/** Puts statements into the transaction that holds the writers off. */
export type PutBatch = (statements: { sql: string; args: InArgs }[]) => Promise<void>;

/** The error and what it came of. */
function* causesOf(e: unknown): Generator<Error> {
  for (let at: unknown = e; at instanceof Error; at = at.cause) yield at;
}
const isDeferredWrite = (e: unknown): boolean =>
  [...causesOf(e)].some((c) => c instanceof DeferredWriteFailed);

function isBusy(e: unknown): boolean {
  return [...causesOf(e)].some(
    (c) => 'code' in c && typeof c.code === 'string' && c.code.startsWith('SQLITE_BUSY'),
  );
}

/** Closes the connection, folding the write-ahead log back into the file. */
export async function closeDatabase(): Promise<void> {
  const url = databaseUrl();
  const store = shared.vantleStores?.get(url);
  if (!store) return;
  await store.writing.waitForUnlock();
  if (url.startsWith('file:'))
    await store.client.execute('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
  store.client.close();
  store.replica?.close();
  shared.vantleStores?.delete(url);
}
