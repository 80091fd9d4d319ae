import { expect, test } from '@playwright/test';
import { addTest, freshCase, part, saved } from './help';

test('a procedure is run as a checklist, left, and taken up again', async ({ page }) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Procedure', exact: true }).click();
  await page.getByRole('button', { name: 'Begin: Flat after a few days' }).click();
  const run = page.getByRole('region', { name: /Procedure: Flat after/ });
  await expect(run.getByRole('status').first()).toContainText('0 of 2 done');
  await run.getByRole('button', { name: 'Both are met' }).click();
  await run.getByLabel('Value', { exact: true }).fill('210 mA');
  await expect(run.getByText(/210.mA is 160.mA above/).first()).toBeVisible();
  // A verdict does not close the step under the finger; the button goes on.
  await expect(run.getByLabel('Value', { exact: true })).toBeVisible();
  await run.getByRole('button', { name: 'Next step' }).click();
  await expect(run.getByText(/pull no fuse while it sleeps/)).toBeVisible();
  await saved(page);

  await page.reload();
  await expect(run.getByRole('status').first()).toContainText('1 of 2 done');
  await expect(run.getByText(/pull no fuse while it sleeps/)).toBeVisible();
  await run.getByRole('button', { name: 'Skip this step' }).click();
  await run.getByLabel('Skipped because').fill('fuse box wet, see the photo');
  await run.getByRole('button', { name: 'Done with the procedure' }).click();
  await expect(run.getByRole('status').first()).toContainText('2 of 2 done');
  await expect(run.getByText('left out', { exact: true })).toBeVisible();
});

test('a test that told becomes a procedure, is changed on its shelf, and offered on the next case', async ({
  page,
}) => {
  await freshCase(page);
  const card = await addTest(page, 'Does the latch switch bounce?');
  await card.getByLabel('Reading', { exact: true }).fill('contact over 20 slams');
  await card.getByLabel('Value', { exact: true }).fill('drops out');
  await card.getByLabel('Limit', { exact: true }).fill('steady');
  await card.getByRole('button', { name: 'Save as a procedure' }).click();
  const panel = page.getByRole('region', { name: 'Save as a procedure' });
  await panel.getByLabel('Name').fill('Latch switch: twenty slams');
  await panel.getByLabel('For codes').fill('B1310 B1311');
  await panel.getByRole('button', { name: 'Save the procedure' }).click();
  await page.getByRole('link', { name: 'See and change it' }).click();

  await page.getByRole('button', { name: /Latch switch: twenty slams/ }).click();
  const editor = page.getByRole('region', { name: 'Procedure', exact: true });
  await expect(editor.getByLabel('Limit')).toHaveValue('steady');
  await expect(editor.getByText('drops out')).toHaveCount(0);
  await editor.getByRole('button', { name: 'Step', exact: true }).click();
  await editor.getByLabel('Question').nth(1).fill('Is the plug latched?');
  // What is not saved yet survives a reload.
  await page.reload();
  await page.getByRole('button', { name: /Latch switch: twenty slams/ }).click();
  await expect(editor.getByLabel('Question').nth(1)).toHaveValue('Is the plug latched?');
  await editor.getByRole('button', { name: 'Step 2 up' }).click();
  await editor.getByRole('button', { name: 'Save the procedure' }).click();
  await expect(editor.getByText('is saved.')).toBeVisible();

  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence.getByLabel('Scan report').fill('Doors\nB1310 Door latch switch  stored');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await evidence.getByRole('button', { name: 'Procedure', exact: true }).click();
  const first = page.getByRole('region', { name: 'Procedures of this shop' }).getByRole('listitem').first();
  await expect(first).toContainText('for B1310');
  await first.getByRole('button', { name: /^Begin/ }).click();
  const run = page.getByRole('region', { name: /Procedure: Latch switch/ });
  await expect(run.getByText('1. Is the plug latched?')).toBeVisible();
  // Nothing done yet: it can be taken off again, and put back whole.
  await run.getByRole('button', { name: 'Remove from the case' }).click();
  await expect(run).toBeHidden();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(run.getByText('2. Does the latch switch bounce?')).toBeVisible();
  await saved(page);

  await page.goto('/tests/procedures');
  await page.getByRole('button', { name: /Latch switch: twenty slams/ }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByText(/is removed/)).toBeVisible();
});
