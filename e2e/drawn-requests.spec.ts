import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { freePort, run, serve, TSX } from '../scripts/lib.mjs';
import { rights } from '../scripts/rights';
import { sendDrawn } from './drawn-requests';

/** Pages are asked as well as routes; what starts a process of its own is left out. */
export const ROUTES = rights()
  .map((r) => r.of.replace('page ', 'GET '))
  .filter((of) => of !== 'POST /api/backups');

test('five thousand drawn requests: no error of the server, and none waits long', async () => {
  test.setTimeout(400_000);
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-drawn-'));
  const env = {
    VANTLE_DATABASE_URL: `file:${path.join(folder, 'shop.db')}`,
    VANTLE_FILES: path.join(folder, 'files'),
    VANTLE_LOG: 'silent',
    VANTLE_DEMO: 'no',
  };
  expect(run(process.execPath, [TSX(), 'scripts/prepare.ts'], { capture: true, env }).code).toBe(0);
  const server = await serve({ port: await freePort(), env, quiet: true });
  try {
    // Beside another worker's browser only what hangs is late; `npm run bench -- fuzz` holds answers to 2 s.
    const { findings } = await sendDrawn(server.url, server.token, ROUTES, 19, 5000, 40);
    expect(findings.slice(0, 10)).toEqual([]);
    expect((await fetch(`${server.url}/api/health`)).status).toBe(200);
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
