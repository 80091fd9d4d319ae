import path from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM, freePort, run, serve, TSX } from '../scripts/lib.mjs';

/**
 * The production build on a demo shop of its own in `folder`, under a name that no other benchmark of the run has.
 * Gives the server. Throws when the demo data do not load.
 */
export async function serveDemoShop(folder: string, name: string) {
  const env = {
    VANTLE_DATABASE_URL: `file:${path.join(folder, `${name}.db`)}`,
    VANTLE_FILES: path.join(folder, `${name}-files`),
    VANTLE_LOG: 'error',
    VANTLE_DEMO: 'yes',
  };
  if (run(process.execPath, [TSX(), 'demo/load.ts'], { capture: true, env }).code !== 0)
    throw new Error('The demo shop did not load.');
  return { server: await serve({ port: await freePort(), env, quiet: true }) };
}

/** Debian's browser, started as in the browser tests. */
export const launchBrowser = () =>
  chromium.launch({
    executablePath: CHROMIUM(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
