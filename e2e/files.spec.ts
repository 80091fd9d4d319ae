import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { addTest, freshCase, part, saved } from './help';

/** A photo with the place where it was taken. */
const photo = (background: string) =>
  sharp({ create: { width: 640, height: 480, channels: 3, background } })
    .jpeg()
    .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '59/1 19/1 45/1' } })
    .toBuffer();

test.use({ viewport: { width: 768, height: 1024 }, hasTouch: true });

test('photos go onto a test from a tablet, several at once, without their place', async ({ page }) => {
  await freshCase(page);
  const card = await addTest(page, 'What does the plug look like?');
  await saved(page);
  const [red, green] = [await photo('#a03020'), await photo('#206030')];
  expect((await sharp(red).metadata()).exif).toBeDefined();
  const chooser = page.waitForEvent('filechooser');
  await card.getByRole('button', { name: 'Photo, file' }).tap();
  await (
    await chooser
  ).setFiles([
    { name: 'plug.jpg', mimeType: 'image/jpeg', buffer: red },
    { name: 'socket.jpg', mimeType: 'image/jpeg', buffer: green },
  ]);
  const strip = card.getByRole('list', { name: 'Photos and files of this test' });
  await expect(strip.getByRole('img')).toHaveCount(2);
  const href = (await strip.getByRole('link', { name: 'Open plug.jpg' }).getAttribute('href'))!;
  const stored = await (await page.request.get(href)).body();
  expect((await sharp(stored).metadata()).exif).toBeUndefined();
  const thumb = await page.request.get(`${href}?thumb`);
  expect(thumb.headers()['content-type']).toBe('image/webp');
  // Fingers need room.
  const box = await card.getByRole('button', { name: 'Photo, file' }).boundingBox();
  expect(box!.height).toBeGreaterThanOrEqual(44);
  await page.reload();
  await expect(strip.getByRole('img')).toHaveCount(2);
});

test('an upload that breaks is kept, goes on after a reload, and arrives once', async ({ page }) => {
  await freshCase(page);
  await page.getByLabel('Customer’s own words').fill('see the photo');
  await saved(page);
  await page.route('**/files/**', (route) => route.abort());
  const chooser = page.waitForEvent('filechooser');
  await part(page, 'Complaint').getByRole('button', { name: 'Photo, file' }).click();
  await (await chooser).setFiles({ name: 'leak.jpg', mimeType: 'image/jpeg', buffer: await photo('#334') });
  const strip = page.getByRole('list', { name: 'Photos and files of the case' });
  await expect(strip.getByText('Kept here, waits for the connection')).toBeVisible();
  await page.reload();
  await expect(strip.getByText('leak.jpg')).toBeVisible();
  await page.unroute('**/files/**');
  await expect(strip.getByRole('link', { name: 'Open leak.jpg' })).toBeVisible({ timeout: 15_000 });
  await expect(strip.getByRole('listitem')).toHaveCount(1);
  await strip.getByRole('button', { name: 'Remove leak.jpg' }).click();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(strip.getByRole('link', { name: 'Open leak.jpg' })).toBeVisible();
});

test('a photo of a test that is still on its way waits for it', async ({ page }) => {
  await freshCase(page);
  // Let through again by a word, not by taking the route away: requests held just then would hang.
  let broken = true;
  await page.route('**/changes', (route) => (broken ? route.abort() : route.continue()));
  const card = await addTest(page, 'What is on the plug?');
  const chooser = page.waitForEvent('filechooser');
  await card.getByRole('button', { name: 'Photo, file' }).click();
  const buffer = await photo('#556');
  await (await chooser).setFiles({ name: 'plug.jpg', mimeType: 'image/jpeg', buffer });
  const strip = card.getByRole('list', { name: 'Photos and files of this test' });
  await expect(strip.getByText(/Kept here|On its way/)).toBeVisible();
  broken = false;
  await expect(strip.getByRole('link', { name: 'Open plug.jpg' })).toBeVisible({ timeout: 25_000 });
});

test('a file that is too large, or is a program, is refused with a word', async ({ page }) => {
  await freshCase(page);
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-large-'));
  const large = path.join(folder, 'film.mp4');
  const program = path.join(folder, 'photo.jpg');
  writeFileSync(large, Buffer.alloc(50 * 1024 * 1024 + 1));
  writeFileSync(program, Buffer.concat([Buffer.from('\x7fELF\x02\x01\x01'), Buffer.alloc(64)]));
  const chooser = page.waitForEvent('filechooser');
  await part(page, 'Complaint').getByRole('button', { name: 'Photo, file' }).click();
  await (await chooser).setFiles([large, program]);
  const strip = page.getByRole('list', { name: 'Photos and files of the case' });
  await expect(strip.getByText(/larger than 50 MB/)).toBeVisible();
  await expect(strip.getByText(/is a program/)).toBeVisible();
  await strip.getByRole('button', { name: 'Stop sending film.mp4' }).click();
  await expect(strip.getByText(/larger than 50 MB/)).toBeHidden();
  rmSync(folder, { recursive: true });
});
