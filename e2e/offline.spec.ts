import { expect, test } from '@playwright/test';
import { makeCase, makeOwner, ownShop, part, saved } from './help';

test.use({ serviceWorkers: 'allow' });
test.setTimeout(180_000);

test('the application opens without a connection, takes a test down, and sends it when the server is back', async ({
  page,
  context,
}) => {
  const shop = await ownShop();
  try {
    await makeOwner(page, shop.url);
    const { id } = await makeCase(page, shop.url);
    await page.goto(`${shop.url}/cases/${id}`);
    await part(page, 'Complaint').getByRole('textbox').first().fill('No start when hot.');
    await saved(page);
    // Read once more with the worker in place, as on any later day; kept soon after.
    await page.goto(shop.url);
    await page.goto(`${shop.url}/cases/${id}`);
    const kept = () =>
      page.evaluate(async (path) => {
        const cache = await caches.open('vantle-pages');
        return (await (await cache.match(path))?.text())?.includes('No start when hot.') ?? false;
      }, `/cases/${id}`);
    await expect.poll(kept, { timeout: 30_000 }).toBe(true);
    // And what the application is made of, shown or not.
    const missing = () =>
      page.evaluate(async () => {
        const cache = await caches.open('vantle-assets');
        const all = (await (await fetch('/offline-assets.json')).json()) as string[];
        const there = await Promise.all(all.map((url) => cache.match(url)));
        return all.length === 0 ? Infinity : there.filter((response) => !response).length;
      });
    await expect.poll(missing, { timeout: 60_000 }).toBe(0);
    await page.close();

    await shop.stop();
    const later = await context.newPage();
    await later.goto(`${shop.url}/cases/${id}`);
    await expect(
      later.getByRole('status').filter({ hasText: 'No connection. This page is as it was on' }),
    ).toBeVisible();
    await expect(part(later, 'Complaint').getByRole('textbox').first()).toHaveValue('No start when hot.');
    const evidence = part(later, 'Evidence');
    await evidence.getByRole('button', { name: 'Test', exact: true }).click();
    await later.keyboard.type('Crank sensor resistance hot');
    await expect(later.getByText(/No connection: \d+ not saved yet, kept here/)).toBeVisible();
    // What this page had not shown before: its code comes from the device too.
    await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
    await expect(later.getByLabel('Scan report')).toBeVisible();
    await later.keyboard.press('Escape');
    // A page never opened here: what can be opened instead.
    const other = await context.newPage();
    await other.goto(`${shop.url}/shop`);
    await expect(other.getByRole('heading', { name: 'No connection to the shop’s server' })).toBeVisible();
    await other.getByRole('link', { name: 'Desk' }).click();
    await expect(other.getByRole('status').filter({ hasText: 'No connection. This page' })).toBeVisible();
    await other.close();

    await shop.restart();
    await saved(later);
    await later.getByRole('button', { name: 'Load it anew' }).click();
    await expect(
      part(later, 'Evidence').getByRole('article', { name: 'Crank sensor resistance hot' }),
    ).toBeVisible();
    await expect(later.getByText('This page is')).toHaveCount(0);

    // Signing out leaves nothing behind for whoever comes next.
    const out = later.getByRole('button', { name: 'Sign out' });
    // A press before the page has come alive again is lost; a person presses again.
    await expect(async () => {
      await later.getByRole('button', { name: 'Signed in: Ilse Brandt' }).click();
      await expect(out).toBeVisible({ timeout: 2000 });
    }).toPass();
    await out.click();
    await expect(later).toHaveURL(/sign-in/);
    const left = async () => (await (await caches.open('vantle-pages')).keys()).length;
    await expect.poll(() => later.evaluate(left)).toBe(0);
  } finally {
    await shop.end();
  }
});
