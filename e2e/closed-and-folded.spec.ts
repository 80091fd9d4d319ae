import { expect, test } from '@playwright/test';
import { part } from './help';

test('a closed case reads as a report; a link to one of its tests opens the case at it', async ({ page }) => {
  await page.goto('/cases/9');
  const report = page.getByRole('article', { name: 'The case as a report' });
  await expect(report.getByRole('heading', { name: 'Complaint' })).toBeVisible();
  await expect(part(page, 'Evidence')).toHaveCount(0);
  // Nothing is offered any more: it is known what it was.
  for (const name of ['Likely causes', 'Next test'])
    await expect(page.getByRole('region', { name })).toHaveCount(0);
  // What is still to do on a closed case stays at hand.
  await expect(part(page, 'Proof').getByRole('button', { name: 'Reopen' })).toBeVisible();
  await page
    .getByRole('navigation', { name: 'Parts of the case' })
    .getByRole('link', { name: /^Evidence/ })
    .click();
  await expect(report).toHaveCount(0);
  await expect(part(page, 'Evidence')).toBeVisible();
});

test('finished tests are folded to their result, open on a press and by a link', async ({ page }) => {
  await page.goto('/cases/9');
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  const evidence = part(page, 'Evidence');
  const smoke = evidence.getByRole('button', { name: /^Smoke .* – OK/ });
  await expect(smoke).toBeVisible();
  await expect(evidence.getByRole('article')).toHaveCount(4);
  await smoke.click();
  await expect(evidence.getByRole('article')).toHaveCount(5);
  // What one works on does not fold.
  const id = await evidence
    .getByRole('button', { name: / – not OK/ })
    .first()
    .getAttribute('id');
  await page.evaluate((hash) => (location.hash = hash), `#${id}`);
  await expect(evidence.getByRole('article')).toHaveCount(6);
});

test('nothing is folded on paper', async ({ page }) => {
  await page.goto('/cases/9');
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  const evidence = part(page, 'Evidence');
  await expect(evidence.getByRole('article')).toHaveCount(4);
  await page.pdf();
  await expect(evidence.getByRole('article')).toHaveCount(6);
});

test('a part says what it is for', async ({ page }) => {
  await page.goto('/cases/34');
  await page.getByRole('button', { name: 'What Proof is for' }).click();
  const said = page.getByRole('note', { name: 'What Proof is for' });
  await expect(said).toContainText('claimed until it is checked');
  await page.keyboard.press('Escape');
  await expect(said).toBeHidden();
});
