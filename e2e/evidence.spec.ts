import { expect, test, type Locator, type Page } from '@playwright/test';
import { addTest, freshCase, part, saved } from './help';

async function paste(page: Page, report: string) {
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence.getByLabel('Scan report').fill(report);
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
}
const codeRow = (page: Page, code: string) =>
  part(page, 'Evidence')
    .getByRole('row')
    .filter({ has: page.getByText(code, { exact: true }) });

/** Sets a moment so many days back. */
async function daysBack(page: Page, moment: Locator, days: number) {
  await moment.click();
  const earlier = page.getByRole('button', { name: '1 day earlier', exact: true });
  for (let i = 0; i < days; i++) await earlier.click();
  await page.getByRole('dialog').getByRole('button', { name: 'Done', exact: true }).click();
}

test('a scan acquits only the modules it read; what a bare list read is asked in one press', async ({
  page,
}) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await paste(page, 'Engine\nP0102 Air flow meter circuit low stored\nAirbag\nB1234 Seat switch stored');
  await evidence.getByRole('button', { name: 'Codes cleared' }).click();
  await paste(page, 'Engine: no codes');
  await expect(codeRow(page, 'B1234')).toContainText('not read');
  await expect(codeRow(page, 'P0102')).toContainText('did not return');
  // A report that could not be read covers nothing.
  await paste(page, 'tool lost connection, report could not be read');
  await expect(codeRow(page, 'B1234')).toContainText('not read');
  await expect(codeRow(page, 'B1234')).not.toContainText('did not return');
  // A bare list tells only of what it names, until it is said what was read.
  await paste(page, 'P0420');
  const ask = evidence.getByRole('group', { name: 'What did it read?' });
  await expect(ask.last()).toContainText('no code counts as gone');
  await ask.last().getByRole('button', { name: 'The whole vehicle' }).click();
  await expect(codeRow(page, 'B1234')).toContainText('did not return');
  await saved(page);
});

test('before and after follow from the times that are set, not from when it was written down', async ({
  page,
}) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  const first = await addTest(page, 'Does it charge?');
  await first.getByLabel('Value', { exact: true }).fill('12.1 V');
  await first.getByLabel('Limit', { exact: true }).fill('13.8..14.8 V');
  await first.getByRole('button', { name: 'Repeat this test' }).click();
  const again = evidence.getByRole('article').nth(1);
  await again.getByLabel('Value', { exact: true }).fill('14.3 V');
  // The repair is written down last.
  await part(page, 'Cause').getByRole('button', { name: 'Cause', exact: true }).click();
  await page.keyboard.press('Escape');
  const repair = part(page, 'Repair');
  await repair.getByRole('button', { name: 'Repair', exact: true }).click();
  await repair.getByLabel('What', { exact: true }).fill('alternator');
  await repair.getByRole('button', { name: 'Done: the cause is repaired' }).click();
  const proof = part(page, 'Proof');
  await expect(proof.getByText('claimed', { exact: true })).toBeVisible();
  await expect(proof.getByLabel('Missing for a better grade')).toContainText(
    '“Does it charge?” repeated and passing',
  );
  await daysBack(page, evidence.getByRole('button', { name: /set the time/ }).first(), 2);
  await daysBack(page, repair.getByRole('button', { name: /set the time/ }).first(), 1);
  await expect(proof.getByText('claimed', { exact: true })).toBeHidden();
  await expect(proof.getByText(/^(checked|proven)$/)).toBeVisible();
  await saved(page);
});

test('below proven, closing asks once and says what is missing; roles are accepted in one press', async ({
  page,
}) => {
  await freshCase(page);
  await paste(page, 'Engine\nP0171 System too lean stored\nAirbag\nB1210 Low supply voltage history');
  await codeRow(page, 'P0171').getByText('chase', { exact: true }).click();
  await part(page, 'Cause').getByRole('button', { name: 'Cause', exact: true }).click();
  await page.keyboard.press('Escape');
  const repair = part(page, 'Repair');
  await repair.getByRole('button', { name: 'Repair', exact: true }).click();
  await repair.getByLabel('What', { exact: true }).fill('intake boot');
  await repair.getByRole('button', { name: 'Done: the cause is repaired' }).click();
  await part(page, 'Cause').getByRole('checkbox', { name: 'P0171' }).check();
  const proof = part(page, 'Proof');
  await proof.getByRole('button', { name: /^Accept all/ }).click();
  await expect(proof.getByText('Roles only proposed')).toBeHidden();
  await proof.getByRole('button', { name: 'Close the case' }).click();
  const asks = proof.getByRole('alert');
  await expect(asks).toContainText('It would be closed as claimed');
  await expect(asks).toContainText('codes cleared and scanned again: P0171');
  await expect(proof.getByText(/^Closed/)).toBeHidden();
  await proof.getByRole('button', { name: 'Close anyway' }).click();
  await expect(proof.getByText(/^Closed/)).toBeVisible();
  await saved(page);
});

test('what a check found is a suspect by itself, until a person decides', async ({ page }) => {
  await page.goto('/cases/41');
  const cause = part(page, 'Cause');
  const margin = page.getByRole('complementary', { name: 'Guidance' });
  await expect(cause.getByText('found by a test')).toBeVisible();
  await expect(
    margin.getByRole('listitem').filter({ hasText: 'particle filter, blocked' }).first(),
  ).toContainText('found by a test');
  await cause.getByRole('button', { name: 'Keep on the list' }).click();
  await expect(cause.getByText('found by a test')).toBeHidden();
  await saved(page);
  await page.reload();
  await expect(margin.getByText('particle filter, blocked').first()).toBeVisible();
  await expect(cause.getByText('found by a test')).toBeHidden();
});

test('an analysis is repeated on another recording in one press, and stands beside the first', async ({
  page,
}) => {
  await page.goto('/cases/25');
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  const evidence = part(page, 'Evidence');
  // What is finished is folded to its result.
  await expect(evidence.getByRole('button', { name: /– not OK/ }).first()).toBeVisible();
  await evidence.getByRole('button', { name: /^Unfold/ }).click();
  const asked = evidence.getByRole('article', { name: /^Which cylinder is low/ });
  await expect(asked).toHaveCount(2);
  await expect(asked.first().getByRole('list', { name: 'What was found' })).toContainText(
    /fail.*Cylinder 3 makes 5\d %/,
  );
  // The repeat that the demo shop has is taken off, and made anew from the second recording.
  await asked.last().getByRole('button', { name: 'Remove this test' }).click();
  await expect(asked).toHaveCount(1);
  await saved(page);
  await evidence.getByRole('link', { name: 'cranking, valves set' }).first().click();
  const repeat = page.getByRole('button', { name: /^Repeat “/ });
  await repeat.click();
  // The offer goes once the repeat is on the case.
  await expect(repeat).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'What was found' })).toContainText('No cylinder stands out');
  await page.getByRole('link', { name: /^Case 25$/ }).click();
  // The first is folded again where the page came with its repeat.
  const again = asked.filter({ hasText: 'Again, as on' });
  await expect(again).toHaveCount(1);
  await expect(again.getByText('pass', { exact: true }).first()).toBeVisible();
  await expect(again.getByText(/Again, as on/)).toContainText('fail');
  await saved(page);
});

test('a margin that could not be brought up to date says of when it is', async ({ page }) => {
  await page.goto('/cases/34');
  const margin = page.getByRole('complementary', { name: 'Guidance' });
  await expect(margin.getByText('intake boot, cracked').first()).toBeVisible();
  await page.route('**/api/**', (route) =>
    route.request().method() === 'GET' ? route.abort() : route.continue(),
  );
  await page.getByLabel('Add a symptom').fill('stalls');
  await expect(page.getByText(/^Read as: stalls/)).toBeVisible();
  await page.getByLabel('Add a symptom').press('Enter');
  await expect(margin.getByRole('status')).toContainText(/As of .*could not be brought up to date/);
  await page.unroute('**/api/**');
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await saved(page);
});
