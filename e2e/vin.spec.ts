import { expect, test } from '@playwright/test';

test('a VIN fills what is empty: from the data set, from the shop’s own past, and never over what stands', async ({
  page,
}) => {
  const { id } = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  // 49 CFR 565.15(c) example. The data set is unpacked on first use, while the page goes on working.
  await page.getByLabel('VIN').fill('1M8GDM9AXKP042788');
  await page.getByLabel('Customer’s own words').fill('still typing');
  await expect(page.getByText('The VIN says:')).toBeVisible({ timeout: 30_000 });
  await page.getByLabel('Model').fill('what stands already');
  await page.getByRole('button', { name: 'Fill in what is empty' }).click();
  await expect(page.getByLabel('Make')).not.toHaveValue('');
  // A bus: position 7 does not tell 1989 from 2019, and the data set serves both.
  await expect(page.getByLabel('Year')).toHaveValue('');
  await expect(page.getByLabel('Year')).toHaveAttribute('placeholder', '1989?');
  await expect(page.getByText(/model year 1989 \(a heavy truck or motorcycle: or 2019\)/)).toBeVisible();
  await expect(page.getByLabel('Model')).toHaveValue('what stands already');

  // A character misread: a warning with the place, not a wall.
  await page.getByLabel('VIN').fill('1MBGDM9AXKP042788');
  await expect(page.getByText(/position 3, B for 8/)).toBeVisible();

  // Of a maker that neither the data set nor the shop knows.
  await page.getByLabel('VIN').fill('VC7QQ16B9FK999999');
  await expect(page.getByText(/The VIN says/)).toBeHidden();

  // The shop’s own past: same first eight characters and year letter.
  const again = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${again.id}`);
  await page.getByLabel('VIN').fill('VC9TA16B9FK999999');
  await expect(page.getByText(/As on \d+ earlier case/)).toBeVisible();
  await page.getByRole('button', { name: 'Fill in what is empty' }).click();
  await expect(page.getByLabel('Model')).toHaveValue('Tessa');
  await page.getByRole('button', { name: /Engine layout/ }).click();
  await expect(page.getByLabel('Firing order')).toHaveValue('1-3-4-2');
  await expect(page.getByText('Fires every 180° of the crank')).toBeVisible();
  await page.getByLabel('Firing order').fill('1-3-3-2');
  await expect(page.getByText('Cylinder 3 fires twice in this order.')).toBeVisible();
});

test('a code’s meaning can be put in the shop’s own words', async ({ page }) => {
  await page.goto('/cases/39');
  const evidence = page.getByRole('region', { name: 'Evidence', exact: true });
  await expect(evidence.getByText('mixture too lean, bank 1')).toBeVisible();
  await evidence.getByRole('button', { name: 'Say what P0507 means in the shop’s words' }).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('idle runs away upward');
  await page.keyboard.press('Enter');
  await expect(evidence.getByText('idle runs away upward')).toBeVisible();
  await page.reload();
  await expect(evidence.getByText('idle runs away upward')).toBeVisible();
});

test('a paste that is far too long is refused with a word, and the page stays alive', async ({ page }) => {
  await page.goto('/cases/40');
  const evidence = page.getByRole('region', { name: 'Evidence', exact: true });
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence.getByLabel('Scan report').evaluate((el) => {
    const data = new DataTransfer();
    data.setData('text', 'P0171 lean\n'.repeat(4_500_000));
    el.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  });
  await expect(
    evidence.getByText(/million characters; a scan of more than 500,000 is not taken/),
  ).toBeVisible();
  await evidence.getByLabel('Scan report').fill('P0171 lean');
  await expect(evidence.getByText('1 code', { exact: true })).toBeVisible();
  await evidence.getByLabel('Scan report').fill('');
});
