import { expect, test } from '@playwright/test';

test('the desk shows open cases by what they wait for', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Weir Lane Garage' })).toBeVisible();
  const waits = page.getByRole('region', { name: 'Wait for a part' });
  const first = waits.getByRole('listitem').filter({ hasText: 'Marlo' });
  await expect(first).toContainText('due Thursday');
  await expect(first).toContainText('part is to be here Thursday');
  await expect(page.getByRole('region', { name: 'Wait for authorisation' })).toContainText('Haldric Lugger');
});

test('the find line is read into chips that can be taken off', async ({ page }) => {
  await page.goto('/find');
  const line = page.getByRole('search').getByRole('combobox');
  const chips = page.getByRole('list', { name: 'How the search was read' });
  // Typed while the page is still waking up, a fill may go nowhere.
  await expect(async () => {
    await line.fill('lugger P0087 cranks for ages cold flurb');
    await expect(chips).toBeVisible({ timeout: 3000 });
  }).toPass();
  for (const chip of ['Lugger', 'P0087', 'hard to start', 'cold start', 'flurb']) {
    await expect(chips.getByRole('button', { name: `Remove ${chip}` })).toBeVisible();
  }
  await expect(page.getByRole('list', { name: 'Cases' }).getByRole('listitem').first()).toContainText(
    'fuel return line, leaking',
  );
  await chips.getByRole('button', { name: 'Remove flurb' }).click();
  await expect(line).toHaveValue('lugger P0087 cranks for ages cold');
  await chips.getByRole('button', { name: 'Remove hard to start' }).click();
  await expect(line).toHaveValue(/^lugger P0087.*cold$/);
  await expect(chips.getByRole('button', { name: 'Remove hard to start' })).toBeHidden();
});

test('nothing found is said, with what to do', async ({ page }) => {
  await page.goto('/find?q=xyzzyplugh');
  await expect(page.getByText(/shares any of this/)).toBeVisible();
});

test('a part is added to the list, given a synonym, and merged', async ({ page }) => {
  await page.goto('/causes');
  const filter = page.getByLabel('Filter by name or synonym');
  await filter.fill('snorkel pipe');
  await page.getByRole('button', { name: 'Add “snorkel pipe”' }).click();
  await expect(page.getByText('“snorkel pipe” is in the list now.')).toBeVisible();
  await page.getByRole('button', { name: /^snorkel pipe/ }).click();
  const panel = page.getByRole('complementary', { name: 'Chosen entry' });
  await panel.getByLabel('Means the same as').selectOption({ label: 'intake boot' });
  await panel.getByRole('button', { name: 'Merge into it' }).click();
  // It asks with what it changes.
  const sure = panel.getByRole('alertdialog', { name: 'Merge?' });
  await expect(sure).toContainText('will count under “intake boot”');
  await sure.getByRole('button', { name: 'Merge', exact: true }).click();
  await expect(panel.getByText(/Merged/)).toBeVisible();
  // And is taken apart again from what it was merged into.
  await panel.getByRole('button', { name: 'Undo the merge' }).click();
  await expect(panel.getByText('“snorkel pipe” stands for itself again.')).toBeVisible();
  await filter.fill('snorkel pipe');
  await expect(page.getByRole('button', { name: /^snorkel pipe/ })).toBeVisible();
  await page.getByRole('button', { name: /^snorkel pipe/ }).click();
  await panel.getByLabel('Means the same as').selectOption({ label: 'intake boot' });
  await panel.getByRole('button', { name: 'Merge into it' }).click();
  await sure.getByRole('button', { name: 'Merge', exact: true }).click();
  await expect(panel.getByText(/Merged/)).toBeVisible();
  await filter.fill('');
  await filter.fill('snorkel pipe');
  await expect(page.getByRole('button', { name: /^intake boot/ })).toBeVisible();
});

test('a person is added to the shop and can be chosen as the one writing', async ({ page }) => {
  await page.goto('/shop');
  await page.getByLabel('Name of a new person').fill('Nadia Fern');
  await page.getByLabel('Name of a new person').press('Enter');
  await expect(page.getByText('Nadia Fern is here now.')).toBeVisible();
  await page.goto('/');
  await page.getByLabel('Signed in as').selectOption({ label: 'Nadia Fern' });
});

test('a sheet of keys opens with ? from anywhere but a field', async ({ page }) => {
  await page.goto('/causes', { waitUntil: 'networkidle' });
  await page.keyboard.press('?');
  const sheet = page.getByRole('dialog', { name: 'Keys' });
  await expect(sheet).toContainText('Find past cases');
  // Letters alone can be turned off; with Alt they go on working.
  const alone = sheet.getByRole('checkbox', { name: /A letter alone/ });
  await alone.uncheck();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await page.keyboard.press('?');
  await expect(sheet).toBeHidden();
  await page.keyboard.press('Alt+.');
  await page.keyboard.type('keys');
  await page.keyboard.press('Enter');
  await alone.check();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await page.keyboard.press('/');
  await page.keyboard.type('what?');
  await expect(page.getByRole('combobox', { name: /Find past cases/ })).toHaveValue('what?');
  await expect(sheet).toBeHidden();
});
