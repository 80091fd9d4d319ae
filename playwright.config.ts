import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/lib.mjs';

// Started by scripts/test.mjs, which brings up the production build on throw-away databases: an address for
// each worker, so that no test meets another's cases.
const addresses = (process.env.VANTLE_BASE_URL ?? '').split(' ');
const mine = Number(process.env.TEST_PARALLEL_INDEX ?? 0);

export default defineConfig({
  testDir: './e2e',
  timeout: 180_000,
  workers: addresses.length,
  // The machine may be slow and shared; what is waited for must come, not come fast.
  expect: { timeout: 30_000 },
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    baseURL: addresses[mine],
    viewport: { width: 1280, height: 800 },
    browserName: 'chromium',
    // What a page keeps for later would be drawn twice; the test of it allows them.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: CHROMIUM(),
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
    trace: 'off',
  },
});
