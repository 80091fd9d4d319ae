import { expect, test } from '@playwright/test';
import { freshCase, part, saved } from './help';

test('what was changed without help is taken from the customer’s words, and its days are seen as a line', async ({
  page,
}) => {
  await freshCase(page);
  const complaint = part(page, 'Complaint');
  await complaint.getByLabel('Customer’s own words').fill('Cylinder 3 misfires. New coil fitted, no change.');
  const offers = complaint.getByRole('group', { name: 'Changed before' });
  await offers.getByRole('button', { name: 'ignition coil' }).click();
  await expect(offers).toHaveCount(0);
  await expect(complaint.getByLabel('Part', { exact: true })).toHaveValue('ignition coil');
  await expect(complaint.getByLabel('Did it change anything')).toHaveValue('no change');
  await saved(page);

  // A case of one day has no line yet.
  await expect(part(page, 'Course of the case')).toHaveCount(0);
  await page.goto('/cases/42');
  const course = part(page, 'Course of the case');
  if ((await course.count()) === 0) await page.goto('/cases/34');
  await expect(course.getByRole('link').first()).toBeVisible();
  const target = await course.getByRole('link').first().getAttribute('href');
  await course.getByRole('link').first().click();
  await expect(page.locator(target!)).toBeInViewport();
});
