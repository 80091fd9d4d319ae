import { defineConfig } from '@playwright/test';

// Started by scripts/test.mjs, which brings up the production build on a throw-away database.
export default defineConfig({
  testDir: './e2e',
  timeout: 60_000,
  workers: 1,
  retries: 0,
  reporter: [['list'], ['json']],
  use: {
    baseURL: process.env.VANTLE_BASE_URL,
    viewport: { width: 1280, height: 800 },
    browserName: 'chromium',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
    trace: 'off',
  },
});
