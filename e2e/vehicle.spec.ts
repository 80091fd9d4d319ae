import { expect, test } from '@playwright/test';

test('the vehicle is read, cleared, driven, and says which codes deserve the next hour', async ({ page }) => {
  const { id } = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  await page.getByLabel('Add a symptom').fill('rough idle');
  await page.getByLabel('Add a symptom').press('Enter');
  const evidence = page.getByRole('region', { name: 'Evidence', exact: true });
  await evidence.getByRole('button', { name: 'Vehicle' }).click();
  const port = page.getByRole('region', { name: 'At the vehicle' });
  await port.getByRole('button', { name: 'Connect' }).click();
  // A clear is asked for before anything was read: the scan is stored first all the same.
  await port.getByRole('button', { name: 'Read, then clear' }).click();
  await expect(port.getByText(/Then cleared: 4 controllers confirmed/)).toBeVisible();
  await expect(evidence.getByText(/S1 · \d+ codes/)).toBeVisible();
  await expect(evidence.getByText('without a scan before it')).toBeHidden();
  await port.getByRole('button', { name: 'Key off and on' }).click();
  await port.getByRole('button', { name: 'Read the vehicle' }).click();
  await expect(evidence.getByText(/S2 · /)).toBeVisible();
  await port.getByRole('button', { name: 'Drive' }).click();
  await expect(port.getByText(/Driven/)).toBeVisible();
  await port.getByRole('button', { name: 'Read the vehicle' }).click();
  await expect(evidence.getByText(/S3 · /)).toBeVisible();

  const row = (code: string) =>
    evidence.getByRole('row').filter({ has: page.getByText(code, { exact: true }) });
  await expect(row('P0171')).toContainText('returned on the road');
  await expect(row('P0507')).toContainText('returned at once');
  await expect(row('U0140')).toContainText('did not return');
  // Proposed, not given; one key overrules.
  await expect(row('P0171')).toContainText('chase:');
  await expect(row('U0140')).toContainText('old:');
  await row('P0507').getByRole('radio', { name: 'chase' }).focus();
  await page.keyboard.press('u');
  await expect(row('P0507').getByRole('radio', { name: 'unrelated' })).toBeChecked();
  await evidence.getByRole('button', { name: 'Accept all' }).click();
  await expect(row('P0171').getByRole('radio', { name: 'chase' })).toBeChecked();
  await expect(row('P0507').getByRole('radio', { name: 'unrelated' })).toBeChecked();

  // The trade's opening moves, on the case with one press.
  await evidence.getByText('Usual first tests').click();
  await evidence.getByRole('button', { name: /Put these 3 tests on the case/ }).click();
  await expect(evidence.getByRole('article')).toHaveCount(3);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});
