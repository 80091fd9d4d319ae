import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { closeDatabase, db, write } from './database';
import { migrateDatabase } from './migrate';
import { appendHistory } from './rows';
import { caseHistory } from './shop';

const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-store-'));
const entry = {
  at: '2026-01-01T00:00:00Z',
  who: 'mara',
  caseId: 'k',
  kind: 'case',
  rowId: 'k',
  op: 'set' as const,
  before: { said: '' },
  after: { said: 'x' },
};

beforeAll(async () => {
  process.env.VANTLE_DATABASE_URL = `file:${path.join(folder, 'shop.db')}`;
  await migrateDatabase();
});
afterAll(async () => {
  await closeDatabase();
  rmSync(folder, { recursive: true, force: true });
});

describe('history', () => {
  it('only grows, and its numbers with it', async () => {
    const first = await write((tx) => appendHistory(tx, entry));
    const second = await write((tx) => appendHistory(tx, entry));
    expect(second).toBeGreaterThan(first);
    await expect(write((tx) => tx.run(sql`delete from history`))).rejects.toThrow();
    await expect(write((tx) => tx.run(sql`update history set who = 'nobody'`))).rejects.toThrow();
    expect(await caseHistory(db(), 'k', 10)).toHaveLength(2);
  });

  it('takes back what a failed transaction wrote', async () => {
    const work = write(async (tx) => {
      await appendHistory(tx, entry);
      throw new Error('broken off');
    });
    await expect(work).rejects.toThrow('broken off');
    expect(await caseHistory(db(), 'k', 10)).toHaveLength(2);
  });

  it('migrates a second time without harm', async () => {
    await migrateDatabase();
    expect(await caseHistory(db(), 'k', 10)).toHaveLength(2);
  });
});
