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
