import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { startHrana } from '../../scripts/hrana-server.mjs';

/** The bundler of the production build loads a module once for every route that wants it. */

let server: Awaited<ReturnType<typeof startHrana>>;
let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-twice-'));
  server = await startHrana(path.join(folder, 'shop.db'));
  process.env.VANTLE_DATABASE_URL = server.url;
  process.env.VANTLE_FILES = path.join(folder, 'files');
});
afterAll(async () => {
  await (await import('@/store/database')).closeDatabase();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('a save through another copy of the modules than the one that opened the database', () => {
  it('is kept like any other, alone and with others', async () => {
    const { prepare } = await import('./setup');
    const { createCase } = await import('./cases');
    await prepare('own');
    const ids = await Promise.all([1, 2, 3].map(async () => (await createCase('lead')).id));
    vi.resetModules();
    const { saveChanges } = await import('./save');
    const { openCase } = await import('./cases');
    const answers = await Promise.all(
      ids.map((id, i) =>
        saveChanges(
          id,
          [
            {
              id: `twice-${i}`,
              ops: [{ op: 'add', kind: 'symptom', id: `tw-${i}`, row: { words: 'stalls' } }],
            },
          ],
          'lead',
        ),
      ),
    );
    expect(answers.map((a) => a.results[0])).toEqual(ids.map((_, i) => ({ id: `twice-${i}`, ok: true })));
    expect((await openCase(ids[2]!))!.record.symptom.map((s) => s.words)).toEqual(['stalls']);
  });
});
