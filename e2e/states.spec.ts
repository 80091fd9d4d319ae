import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { freshCase, makeOwner, ownShop, part, saved } from './help';
import { longCase } from './long-case';

test('an empty shop says how to begin, and a file of cases makes it a shop', async ({ page }) => {
  const shop = await ownShop();
  try {
    await makeOwner(page, shop.url);
    const ways = page.getByRole('list', { name: 'Beginnings' });
    await expect(ways.getByRole('heading', { level: 2 })).toHaveCount(5);
    await expect(ways.getByText('npm run demo')).toBeVisible();
    await expect(ways.getByRole('link', { name: 'Name the shop and its people' })).toBeVisible();

    // A case that says at each step what to do, and why.
    await page.getByRole('button', { name: 'Start a case with a guide' }).click();
    const guide = page.getByRole('region', { name: 'Guide through this case' });
    await expect(guide).toContainText('Step 1 of 9');
    await guide.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByLabel('VIN')).toBeFocused();
    await guide.getByRole('button', { name: 'Skip' }).click();
    await expect(guide).toContainText('Write what the customer says');
    await guide.getByRole('button', { name: 'Begin' }).click();
    await page.keyboard.type('it stalls when it is warm');
    await expect(guide).toContainText('Accept the symptoms heard in it');
    await expect(guide).toContainText('1 done');
    // It is of this device and this case, and outlives a reload.
    await saved(page);
    await page.reload();
    await expect(guide).toContainText('Accept the symptoms heard in it');
    await guide.getByRole('button', { name: 'End the guide' }).click();
    await expect(guide).toHaveCount(0);
    await page.getByLabel('Customer’s own words').fill('');
    await saved(page);
    await page.getByRole('button', { name: 'Delete empty case' }).click();

    // No empty screen anywhere else either.
    for (const [url, says] of [
      ['/find?q=P0171', /nothing|no case/i],
      ['/experience/odds', /No case is proven yet/],
      ['/tests/procedures', /./],
      ['/causes', /./],
    ] as const) {
      await page.goto(shop.url + url);
      await expect(page.getByRole('main')).toContainText(says);
    }

    const file = path.join(shop.folder, 'cases.ndjson');
    writeFileSync(file, `${JSON.stringify(longCase(7))}\n{"format": "of another kind"}\n`);
    // A file chosen before the page is alive is not heard of.
    await page.goto(shop.url, { waitUntil: 'networkidle' });
    await page.getByLabel('Case file').setInputFiles(file);
    await expect(page.getByText('1 case created')).toBeVisible();
    await expect(page.getByText('line 2')).toBeVisible();
    await page.goto(shop.url);
    await expect(page.getByRole('link', { name: /Bartholomäus/ })).toBeVisible();

    await page.getByRole('button', { name: 'New case' }).click();
    await expect(page.getByLabel('VIN')).toBeFocused();
  } finally {
    await shop.end();
  }
});

test('a case as full as they come fits at every size, and is answered while one writes', async ({ page }) => {
  const taken = await page.request.post('/api/v1/import', { data: JSON.stringify(longCase(2)) });
  expect(await taken.json()).toMatchObject({ refused: [] });
  await page.goto('/cases/very-long-2');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Bartholomäus');
  for (const [width, height] of [
    [1920, 1080],
    [1024, 768],
    [768, 1024],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect([width, Math.max(0, over)]).toEqual([width, 0]);
  }
  const evidence = part(page, 'Evidence');
  // Finished tests are folded to a line each; the worst case is all of them open.
  await evidence.getByRole('button', { name: /^Unfold \d+ finished tests$/ }).click();
  await expect(evidence.getByRole('article')).toHaveCount(60);
  // A letter shows at once, and what follows from it follows.
  const value = evidence.getByRole('article').nth(30).getByLabel('Value', { exact: true }).first();
  await value.fill('9.9 V');
  await expect(evidence.getByText('9.9 V is 6.3 V above the limit of 3.6 V.').first()).toBeVisible();
  await saved(page);
});

test('a link leads to any part of a case, down to one test', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/cases/34');
  const card = part(page, 'Evidence').getByRole('article').last();
  const id = await card.getAttribute('id');
  await card.getByLabel('Question').focus();
  await page.keyboard.press('Alt+.');
  await page.keyboard.type('copy link');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Link copied')).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  expect(link).toContain('/cases/34#');

  await page.goto('/');
  await page.goto(`/cases/34#${id}`);
  await expect(page.locator(`[id="${id}"]`)).toBeInViewport();
  await page.goto('/cases/34#proof');
  await expect(page.getByRole('heading', { name: 'Proof' })).toBeInViewport();
});

test('without a connection the page stays, and says so', async ({ page, context }) => {
  await freshCase(page);
  // What a fresh page still loads has to be there before the connection goes.
  await page.waitForLoadState('networkidle');
  await context.setOffline(true);
  await page.getByLabel('Customer’s own words').fill('It hums.');
  await page.getByRole('link', { name: 'Shop', exact: true }).click();
  await expect(page.getByText('No connection: this page stays open')).toBeVisible();
  await expect(page.getByLabel('Customer’s own words')).toHaveValue('It hums.');
  await expect(page.getByText(/not saved yet, kept here/)).toBeVisible();
  await context.setOffline(false);
  await saved(page);
});

test('a case is printed whole, without what only a screen needs', async ({ page }) => {
  await page.goto('/cases/17');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'Proof' }).first()).toBeVisible();
  for (const name of ['New case', 'Test', 'Undo the last change'])
    await expect(page.getByRole('button', { name, exact: true })).toHaveCount(0);
  await expect(page.getByRole('complementary', { name: 'Guidance' })).toBeHidden();
});
