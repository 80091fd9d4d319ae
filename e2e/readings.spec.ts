import { expect, test } from '@playwright/test';
import { addTest, freshCase, saved } from './help';

test('thousands are read as meant, and where two readings remain it is asked in one press', async ({
  page,
}) => {
  await freshCase(page);
  const card = await addTest(page, 'Does it rev?');
  const value = card.getByLabel('Value', { exact: true });
  const limit = card.getByLabel('Limit', { exact: true });
  await value.fill('850 rpm');
  await limit.fill('≥ 1,500 rpm');
  await expect(card.getByText('850 rpm is 650 rpm below the limit of 1500 rpm.')).toBeVisible();
  await value.fill('1,650 rpm');
  await expect(card.getByText('pass', { exact: true }).first()).toBeVisible();
  // Words of both sides of the sea.
  await limit.fill('not more than 1.600 rpm');
  await expect(card.getByText('fail', { exact: true }).first()).toBeVisible();
  // 1.5 bar or 1500 bar: nothing tells, so nothing is judged.
  await limit.fill('');
  await value.fill('1,500 bar');
  await expect(card.getByText('"1,500" can be 1500 or 1.5. Which was meant?')).toBeVisible();
  await expect(card.getByRole('button', { name: 'Take 1500 bar' })).toBeVisible();
  await card.getByRole('button', { name: 'Take 1.50 bar' }).click();
  await expect(value).toHaveValue('1.50 bar');
  await expect(card.getByText(/Which was meant/)).toBeHidden();
  await limit.fill('about 1.6 bar');
  await expect(card.getByText(/how far it may be off is not said/)).toBeVisible();
  await saved(page);
});

test('a shop that says how it writes numbers is not asked, and sees what was made of it', async ({
  page,
}) => {
  const says = async (option: string) => {
    await page.goto('/shop');
    const choice = page.getByLabel('Numbers are written');
    await choice.selectOption({ label: option });
    await expect(page.getByText('How numbers are written is kept.')).toBeVisible();
  };
  await says('1.500,5 (comma for decimals)');
  await freshCase(page);
  const card = await addTest(page, 'What does the rail hold?');
  const value = card.getByLabel('Value', { exact: true });
  await value.fill('1,500 bar');
  await value.press('Tab');
  await expect(value).toHaveValue('1.50 bar');
  await expect(
    card.getByText('1,500 bar is written as 1.50 bar, as this shop writes numbers.'),
  ).toBeVisible();
  await card.getByRole('button', { name: 'Take 1500 bar' }).click();
  await expect(value).toHaveValue('1500 bar');
  // An answer that is pressed goes before the shop's way.
  await value.fill('2,500 bar');
  await card.getByRole('button', { name: 'Take 2500 bar' }).click();
  await expect(value).toHaveValue('2500 bar');
  await saved(page);

  // In the field of a check as well.
  await page.goto('/tests/pressure-hold');
  const start = page.getByLabel('At the start');
  await start.fill('1,500 bar');
  await start.press('Tab');
  await expect(
    page.getByText('1,500 bar is written as 1.50 bar, as this shop writes numbers.'),
  ).toBeVisible();
  await says('either way: ask');
  await page.goto('/tests/pressure-hold');
  await start.fill('1,500 bar');
  await start.press('Tab');
  await page.getByRole('button', { name: 'Take 1500 bar' }).click();
  await expect(start).toHaveValue('1500 bar');
});

test('several readings typed or pasted at once become readings of their own', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await freshCase(page);
  const card = await addTest(page, 'Do the tyres hold?');
  const value = card.getByLabel('Value', { exact: true });
  await value.first().fill('LF:2.3 RF:2.3 LR:2.1 RR:0.9 bar');
  await expect(card.getByText('Enter makes 4 readings of it.')).toBeVisible();
  await value.first().press('Enter');
  await expect(value).toHaveCount(4);
  await expect(value.nth(1)).toHaveValue('2.3 bar');
  await expect(card.getByText(/RR: 0.9.bar is/)).toBeVisible();

  // A column from a table keeps its figures apart, which a field of one line would run together.
  const other = await addTest(page, 'And what do the sensors say?');
  const pasted = other.getByLabel('Value', { exact: true });
  await page.evaluate(() => navigator.clipboard.writeText('13\n5\n10\n10 bar\n'));
  await pasted.first().focus();
  await page.keyboard.press('Control+V');
  await expect(pasted.first()).toHaveValue('13; 5; 10; 10 bar');
  await other.getByRole('button', { name: 'Make 4 readings of it' }).click();
  await expect(pasted).toHaveCount(4);
  await expect(pasted.nth(1)).toHaveValue('5 bar');
  await saved(page);
});

test('a limit of B+ is held against the battery’s own reading', async ({ page }) => {
  await page.goto('/cases/44');
  await expect(page.getByText(/11\.3.V is .* below the limit/).first()).toBeVisible();
});
