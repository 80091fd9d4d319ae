import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { startHrana } from '../scripts/hrana-server.mjs';
import { freePort, runBeside, serve, TSX } from '../scripts/lib.mjs';
import { makeCase, makeOwner, part, saved } from './help';

test.setTimeout(120_000);

test('two servers on one database: each sees the other’s writes at once, numbers are given once, and one may die', async ({
  browser,
}) => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-two-'));
  const database = await startHrana(path.join(folder, 'shop.db'), { delayMs: 2 });
  const env = {
    VANTLE_DATABASE_URL: database.url,
    VANTLE_FILES: path.join(folder, 'files'),
    VANTLE_LOG: 'silent',
    VANTLE_DEMO: 'no',
  };
  // Beside the database server, which answers from this very process: it must not be held up.
  expect((await runBeside(process.execPath, [TSX(), 'scripts/prepare.ts'], env)).code).toBe(0);
  const [one, two] = await Promise.all([
    serve({ port: await freePort(), env, quiet: true }),
    serve({ port: await freePort(), env, quiet: true }),
  ]);
  try {
    const [first, second] = [await browser.newPage(), await browser.newPage()];
    await makeOwner(first, one.url);
    await second.goto(two.url);
    await second.getByLabel('Name', { exact: true }).fill('Ilse Brandt');
    await second.getByLabel(/^Passphrase/).fill('three worn valve seats');
    await second.getByRole('button', { name: 'Sign in' }).click();
    await expect(second.getByRole('button', { name: 'Signed in: Ilse Brandt' })).toBeVisible();

    const made = await Promise.all(
      Array.from({ length: 12 }, (_, i) => (i % 2 ? makeCase(first, one.url) : makeCase(second, two.url))),
    );
    expect(made.map((m) => m.number).sort((a, b) => a - b)).toEqual(made.map((_, i) => i + 1));

    const { id } = made[0]!;
    await first.goto(`${one.url}/cases/${id}`);
    await second.goto(`${two.url}/cases/${id}`);
    const words = (page: typeof first) => part(page, 'Complaint').getByLabel('Customer’s own words');
    await words(first).fill('Cuts out on the motorway.');
    await saved(first);
    await expect(words(second)).toHaveValue('Cuts out on the motorway.');

    one.child.kill('SIGKILL');
    await words(second).fill('Cuts out on the motorway, restarts after ten minutes.');
    await saved(second);
    await second.reload();
    await expect(words(second)).toHaveValue('Cuts out on the motorway, restarts after ten minutes.');
    expect((await makeCase(second, two.url)).number).toBe(made.length + 1);
  } finally {
    await Promise.all([one.stop(), two.stop()]);
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
