import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { closeDatabase } from '@/store/database';
import { forgetIndex } from './index-of-cases';
import { prepare } from './setup';

/** For tests: a shop in a database of its own that is thrown away afterwards. */
export async function testShop(): Promise<() => Promise<void>> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-unit-'));
  process.env.VANTLE_DATABASE_URL = `file:${path.join(folder, 'shop.db')}`;
  process.env.VANTLE_FILES = path.join(folder, 'files');
  process.env.VANTLE_LOG = 'silent';
  forgetIndex();
  await prepare('own');
  return async () => {
    await closeDatabase();
    rmSync(folder, { recursive: true, force: true });
  };
}
