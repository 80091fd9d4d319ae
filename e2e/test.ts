import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { chromium, test as base, type BrowserContext } from '@playwright/test';

/** What a page keeps; compiled code is not among it. */
const STORES = 'cookies,local_storage,indexeddb,cache_storage,service_workers,file_systems';

/**
 * Playwright's test with one browser profile for all tests of a worker. A fresh profile for each test compiles half a
 * megabyte of JavaScript anew with every first page; one that stays keeps what was compiled, as a shop's tablet does.
 * Nothing else is left from one test to the next: pages, cookies and what a page keeps are taken away after each. A
 * test that counts what a fresh browser is sent, or wants a browser of its own kind, takes Playwright's own.
 */
export const test = base.extend<object, { profile: BrowserContext }>({
  profile: [
    async ({}, use, worker) => {
      const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-profile-'));
      const { baseURL, viewport, serviceWorkers, launchOptions } = worker.project.use;
      const profile = await chromium.launchPersistentContext(folder, {
        ...launchOptions,
        baseURL,
        viewport,
        serviceWorkers,
      });
      await use(profile);
      await profile.close();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  context: async ({ profile }, use) => {
    await use(profile);
    await profile.setOffline(false);
    await profile.clearCookies();
    await profile.clearPermissions();
  },
  page: async ({ context, baseURL }, use) => {
    const page = await context.newPage();
    await use(page);
    const cdp = await context.newCDPSession(page);
    await cdp.send('Storage.clearDataForOrigin', {
      origin: new URL(baseURL ?? '').origin,
      storageTypes: STORES,
    });
    await page.close();
  },
});
