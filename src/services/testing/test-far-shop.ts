import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { closeDatabase } from '@/store/database';
import { startHrana } from '../../../scripts/hrana-server.mjs';
import { forgetIndex } from '../find/index-of-cases';
import { prepare } from '../running/setup';

/** An empty shop whose database is a server, for one file of tests: the server, which counts round trips, and its end. */
export async function testFarShop() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-far-'));
  const server = await startHrana(path.join(folder, 'shop.db'));
  process.env.VANTLE_DATABASE_URL = server.url;
  process.env.VANTLE_FILES = path.join(folder, 'files');
  forgetIndex();
  await prepare('own');
  const end = async () => {
    await closeDatabase();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { server, end };
}
