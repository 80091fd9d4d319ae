import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { startHrana } from '../scripts/hrana-server.mjs';
import { startS3 } from '../scripts/s3-server.mjs';
import { freePort, runBeside, serve, TSX } from '../scripts/lib.mjs';
import { makeCase, makeOwner, part, saved } from './help';

test.setTimeout(120_000);

test('two servers on one database: each sees the other’s writes at once, numbers are given once, and one may die', async ({
  browser,
}) => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-two-'));
  const database = await startHrana(path.join(folder, 'shop.db'), { delayMs: 2 });
  const store = await startS3();
  const env = {
    VANTLE_DATABASE_URL: database.url,
    VANTLE_FILES: 's3://shop/group',
    VANTLE_S3_ENDPOINT: store.url,
    VANTLE_S3_KEY_ID: 'group',
    VANTLE_S3_SECRET: 'test-secret',
    VANTLE_LOG: 'silent',
    VANTLE_DEMO: 'no',
  };
  // Beside the database server, which answers from this very process: it must not be held up.
  expect((await runBeside(process.execPath, [TSX(), 'scripts/prepare.ts'], env)).code).toBe(0);
  const [one, two] = await Promise.all([
    serve({ port: await freePort(), env, quiet: true }),
    // One of them reads from a copy on its own disk.
    serve({
      port: await freePort(),
      env: { ...env, VANTLE_DATABASE_REPLICA: path.join(folder, 'copy', 'shop.db') },
      quiet: true,
    }),
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

    // A photo sent to the one is shown by the other: it is in the store that both reach, and nowhere else.
    const photo = await sharp({ create: { width: 20, height: 20, channels: 3, background: '#446' } })
      .png()
      .toBuffer();
    await part(first, 'Complaint')
      .getByLabel('Photos and files of the case')
      .setInputFiles({ name: 'plug.png', mimeType: 'image/png', buffer: photo });
    await expect(first.getByRole('link', { name: 'Open plug.png' })).toBeVisible();
    // A field is not filled while React takes the page over: what was selected in it would no longer be.
    await second.reload({ waitUntil: 'networkidle' });
    const link = second.getByRole('link', { name: 'Open plug.png' });
    const shown = await second.request.get(new URL((await link.getAttribute('href'))!, two.url).href);
    expect([shown.status(), shown.headers()['content-type']]).toEqual([200, 'image/png']);
    expect([...store.contents.keys()].every((key) => key.startsWith('group/'))).toBe(true);
    expect(store.contents.size).toBe(2);

    one.child.kill('SIGKILL');
    await words(second).fill('Cuts out on the motorway, restarts after ten minutes.');
    await saved(second);
    await second.reload();
    await expect(words(second)).toHaveValue('Cuts out on the motorway, restarts after ten minutes.');
    expect((await makeCase(second, two.url)).number).toBe(made.length + 1);
  } finally {
    await Promise.all([one.stop(), two.stop()]);
    await database.stop();
    await store.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
