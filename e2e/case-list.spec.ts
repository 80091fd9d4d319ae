import { expect, test } from '@playwright/test';

test('all cases are filtered, sorted, opened by a press on their row, and exported', async ({ page }) => {
  await page.goto('/cases');
  const table = page.getByRole('grid', { name: 'All cases' });
  const rows = table.getByRole('row');
  await expect(rows.nth(3)).toBeVisible();
  await page.getByLabel('Vehicle, plate, customer or order number').fill('tessa corvane');
  const status = page.getByRole('status').filter({ hasText: /\d+ cases/ });
  await expect(rows.nth(1)).toContainText('Tessa');
  await expect(page).toHaveURL(/words=tessa/);
  const filtered = Number.parseInt((await status.textContent())!.replace(/\D/g, ''), 10);
  expect(filtered).toBeGreaterThan(2);

  // Lowest number first, and back.
  await table.getByRole('columnheader', { name: 'Case', exact: false }).first().click();
  await expect(page).toHaveURL(/order=up/);
  const numbers = () =>
    table
      .getByRole('rowheader')
      .allTextContents()
      .then((all) => all.map(Number));
  await expect.poll(async () => (await numbers()).every((n, i, a) => i === 0 || a[i - 1]! < n)).toBe(true);

  // Two of them, as case files.
  await rows.nth(1).locator('label').click();
  await rows.nth(2).locator('label').click();
  const two = page.getByRole('link', { name: 'Export 2 selected' });
  const href = (await two.getAttribute('href'))!;
  const lines = (await (await page.request.get(href)).text()).trim().split('\n');
  expect(lines.length).toBeGreaterThanOrEqual(2);
  // Another filter lets go of what was chosen.
  await page.getByLabel('Status').selectOption('closed');
  await expect(page.getByRole('link', { name: /^Export all/ })).toBeVisible();

  await expect(rows.nth(1)).toContainText('Tessa');
  const [first] = await numbers();
  await rows.nth(1).getByText('Tessa').click();
  await expect(page).toHaveURL(new RegExp(`/cases/${first}$`));
  await expect(page).toHaveTitle(new RegExp(`^Case ${first}: .*Tessa`));
});

test('a row of the desk opens wherever it is pressed, and a case that is not there is named', async ({
  page,
}) => {
  await page.goto('/');
  const row = page.getByRole('listitem').filter({ has: page.getByRole('link', { name: /Corvane Tessa/ }) });
  const box = (await row.first().boundingBox())!;
  await page.mouse.click(box.x + box.width - 20, box.y + box.height / 2);
  await expect(page).toHaveURL(/\/cases\/34$/);
  await page.goto('/cases/34/history');
  await expect(page).toHaveTitle(/^History of case 34: 2018 Corvane Tessa/);
  await page.goto('/cases/98765');
  await expect(page.getByRole('heading', { name: 'There is no case 98765' })).toBeVisible();
});

test('on a tablet the next test and the likely cause stay in sight, the rest opens over the case', async ({
  page,
}) => {
  await page.setViewportSize({ width: 768, height: 1024 });
  await page.goto('/cases/34');
  const bar = page.getByRole('region', { name: 'Guidance in short' });
  await expect(bar).toContainText('intake boot, cracked');
  await expect(bar).toContainText('?');
  const guidance = page.getByRole('complementary', { name: 'Guidance' });
  await expect(guidance).toBeHidden();
  // Name and parts of the case stay at the top, however far it is scrolled.
  await page.getByRole('heading', { name: 'Proof' }).scrollIntoViewIfNeeded();
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toBeInViewport();
  await expect(page.getByRole('navigation', { name: 'Parts of the case' })).toBeInViewport();
  await expect(bar).toBeInViewport();

  const open = bar.getByRole('button', { name: 'Guidance' });
  const drawer = page.getByRole('dialog', { name: 'Guidance' });
  await open.click();
  await expect(drawer.getByRole('region', { name: 'Likely causes' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(drawer).toBeHidden();
  await expect(open).toBeFocused();
  // Beside it a press closes it, and touches nothing of the case under it.
  await open.click();
  await expect(drawer).toBeVisible();
  const before = await page.getByRole('radio', { checked: true }).count();
  await page.mouse.click(40, 600);
  await expect(drawer).toBeHidden();
  expect(await page.getByRole('radio', { checked: true }).count()).toBe(before);
  // The next test goes onto the case with the cursor in its first value.
  const made = await page.request.post('/api/cases', {
    data: { line: 'corvane tessa P0171 shakes at idle' },
  });
  await page.goto(`/cases/${((await made.json()) as { number: number }).number}`);
  await open.click();
  await drawer.getByRole('button', { name: 'Add to the case' }).first().click();
  await expect(drawer).toBeHidden();
  await expect(page.locator(':focus')).toHaveRole('textbox');
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(guidance).toBeVisible();
  await expect(bar).toBeHidden();
});

test('the review of a period counts its cases, and each figure opens them', async ({ page }) => {
  await page.goto('/shop/review');
  const ends = page.getByRole('region', { name: 'How cases end' });
  await expect(ends.getByRole('row').nth(1)).toBeVisible();
  const all = Number.parseInt((await page.getByRole('status').last().textContent())!.replace(/\D/g, ''), 10);
  expect(all).toBeGreaterThan(10);
  const href = (await ends.getByRole('link').first().getAttribute('href'))!;
  expect(href).toMatch(/^\/cases\/\d+$/);
  await page.getByLabel('Closed from').fill('soon');
  await page.getByRole('button', { name: 'Show', exact: true }).click();
  await expect(page.getByText('Write it as 2026-11-28.')).toBeVisible();
  await page.getByRole('button', { name: 'Last 30 days' }).click();
  await expect(page).toHaveURL(/from=\d{4}-\d{2}-\d{2}$/);
  const csv = await page.request.get('/api/review?from=2000-01-01');
  expect((await csv.text()).split('\r\n')[0]).toBe('figure,about,value,unit,cases');
});
