import { expect, test } from '@playwright/test';

test('what is pressed and written before the program has come is done when it has', async ({ page }) => {
  let release = () => {};
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route(/\.js(\?|$)/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/', { waitUntil: 'commit' });
  const button = page.getByRole('button', { name: 'New case' });
  await button.click();
  // It is seen that the press was heard.
  await expect(button).toHaveAttribute('data-waiting');
  await expect(page).toHaveURL(/\/$/);
  release();
  await expect(page).toHaveURL(/\/cases\/[^/]+$/);
  await expect(page.getByLabel('VIN')).toBeFocused();
});
