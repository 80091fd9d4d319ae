import { expect, test, type Page } from '@playwright/test';
import { part, saved } from './help';

/** Chooses from a combo box by typing and Enter. */
async function choose(page: Page, within: ReturnType<typeof part>, label: string, typed: string, nth = 0) {
  const box = within.getByRole('combobox', { name: label, exact: true }).nth(nth);
  await box.fill(typed);
  await page.getByRole('option').first().click();
  await expect(box).not.toHaveValue(typed === '' ? ' ' : '');
}

test('a case from complaint to proof, and found again', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.waitForURL(/\/cases\//);

  // Complaint
  await page.getByLabel('VIN').fill('vc9ta16b0gk170001');
  await page.getByLabel('Make').fill('Corvane');
  await page.getByLabel('Model').fill('Tessa');
  await page.getByLabel('Year').fill('2016');
  await page.getByLabel('Engine', { exact: true }).first().fill('1.6 petrol');
  await page.getByLabel('Customer’s own words').fill('It shakes at the lights when it is warm.');
  // What comes in above may push it away from under the cursor on a slow machine: then one presses again.
  const offer = page.getByRole('button', { name: /^rough idle/ });
  await expect(offer).toBeVisible();
  await expect(async () => {
    if (await offer.isVisible()) await offer.click();
    await expect(offer).toBeHidden({ timeout: 4000 });
  }).toPass();
  await page.getByText('yes', { exact: true }).first().click();
  const symptom = page.getByLabel('Add a symptom');
  await symptom.fill('engine light');
  await expect(page.getByText('Read as: engine light on')).toBeVisible();
  await symptom.press('Enter');

  // Evidence: a pasted scan becomes rows; one line is not understood and kept.
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence
    .getByLabel('Scan report')
    .fill(
      'Engine\nP0171  System too lean bank 1  stored\nP0507 Idle speed high  pending\nABS: no response\nseen by candlelight',
    );
  await expect(evidence.getByText('2 codes', { exact: false }).first()).toBeVisible();
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await expect(evidence.getByText('ABS did not answer')).toBeVisible();
  await expect(evidence.getByText('1 line not understood')).toBeVisible();
  await evidence.getByRole('radiogroup', { name: 'Role of P0171' }).getByText('chase').click();
  await evidence.getByRole('radiogroup', { name: 'Role of P0507' }).getByText('follow-on').click();

  // A precedent appears in the margin by itself.
  const margin = page.getByRole('complementary', { name: 'Guidance' });
  await expect(margin.getByText('intake boot, cracked').first()).toBeVisible();
  await expect(margin.getByText('P0171', { exact: true }).first()).toBeVisible();

  // A test whose verdict is computed while typing; Enter adds the next reading.
  await evidence.getByRole('button', { name: 'Test', exact: true }).click();
  await page.keyboard.type('Is it lean at idle only, or everywhere?');
  await evidence.getByLabel('Reading', { exact: true }).fill('long-term trim at idle');
  await evidence.getByLabel('Value', { exact: true }).fill('18,4 %');
  await evidence.getByLabel('Limit', { exact: true }).fill('-8..8 %');
  await expect(evidence.getByText('18.4 % is 10.4 % above the limit of 8 %.')).toBeVisible();
  await evidence.getByLabel('Limit', { exact: true }).press('Enter');
  await page.keyboard.type('trim at 2500 rpm');
  await page.keyboard.press('Tab');
  await page.keyboard.type('3 %');
  await expect(evidence.getByText('fail', { exact: true }).first()).toBeVisible();

  // Suspect, cause, what it accounts for
  const cause = part(page, 'Cause');
  await cause.getByRole('button', { name: 'Suspect', exact: true }).click();
  await choose(page, cause, 'Part', 'air duct');
  await choose(page, cause, 'What may be wrong', 'split');
  await cause.getByRole('button', { name: 'This is the cause' }).click();
  for (const label of ['P0171', 'rough idle', 'engine light on', 'Long-term trim at idle 18,4 % – not OK']) {
    await cause.getByRole('checkbox', { name: label }).check();
  }
  await expect(margin.getByText('Not explained by a cause')).toBeHidden();

  // Repair
  const repair = part(page, 'Repair');
  await repair.getByRole('button', { name: 'Repair', exact: true }).click();
  await repair.getByLabel('What', { exact: true }).fill('intake boot');
  await repair.getByRole('button', { name: 'Done: the cause is repaired' }).click();

  // Proof: the failing test again, now passing
  const proof = part(page, 'Proof');
  await expect(proof.getByText('claimed', { exact: true })).toBeVisible();
  await evidence.getByRole('button', { name: 'Repeat this test' }).click();
  const repeat = evidence.getByRole('article').nth(1);
  await repeat.getByLabel('Value', { exact: true }).first().fill('2.1 %');
  // Half a repeat is none: the value at 2500 rpm failed nobody, but it was asked for.
  await expect(repeat.getByText(/not taken yet: .*trim at 2500 rpm/).first()).toBeVisible();
  await repeat.getByLabel('Value', { exact: true }).nth(1).fill('1.8 %');
  await expect(repeat.getByText(/Was 18.4.%: 16.3.% less now/)).toBeVisible();
  await expect(repeat.getByText('pass', { exact: true }).first()).toBeVisible();
  await proof.getByRole('button', { name: 'Make verification plan' }).click();
  const conditions = proof.getByRole('radiogroup', { name: /as the customer does/ });
  await conditions.getByText('passed').click();
  // Nothing has read the engine since: P0171 was not seen to be gone, and the grade says so.
  const lacks = proof.getByLabel('Missing for a better grade');
  await expect(proof.getByText('claimed', { exact: true })).toBeVisible();
  await expect(lacks).toContainText('codes cleared and scanned again: P0171');
  await evidence.getByRole('button', { name: 'Codes cleared' }).click();
  await expect(lacks).toContainText(/a scan after repair and clear that reads Engine of P0171/i);
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence.getByLabel('Scan report').fill('ABS: no codes');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  // The ABS alone acquits the engine of nothing.
  await expect(proof.getByText('claimed', { exact: true })).toBeVisible();
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence.getByLabel('Scan report').fill('Engine: no codes');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await expect(proof.getByText('proven', { exact: true })).toBeVisible();
  await proof.getByLabel('Tip for the next technician').fill('Listen under the clip with a hose.');
  await proof.getByRole('button', { name: 'Close the case' }).click();
  await expect(proof.getByText(/^Closed/)).toBeVisible();
  await saved(page);

  // Nothing depends on this tab: a fresh load shows it all.
  const number = (await page.getByRole('heading', { level: 1 }).innerText()).split(' ')[0]!;
  await page.reload();
  // A closed case reads as a report, until it is edited.
  const report = page.getByRole('article', { name: 'The case as a report' });
  await expect(report).toContainText('It shakes at the lights when it is warm.');
  await expect(page.getByLabel('Customer’s own words')).toHaveCount(0);
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  await expect(page.getByLabel('Customer’s own words')).toHaveValue(
    'It shakes at the lights when it is warm.',
  );
  await expect(page.getByText('proven', { exact: true }).first()).toBeVisible();

  // Found again, with reasons
  await page.keyboard.press('/');
  await page.keyboard.type('idle P0171 corvane tessa lights');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/find/);
  const hit = page.getByRole('list', { name: 'Cases' }).getByRole('listitem').filter({ hasText: number });
  await expect(hit.first()).toContainText('intake boot, cracked');
  await expect(hit.first()).toContainText('P0171');
});

test('a vehicle met before is recognised while its VIN is typed, and its history shown', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New case' }).click();
  await page.waitForURL(/\/cases\//);
  await page.getByLabel('VIN').fill('SB9SH23D2GM0');
  await page.getByRole('button', { name: 'It is this vehicle' }).click();
  await expect(page.getByLabel('Make')).toHaveValue('Brannock');
  await expect(
    page.getByRole('list', { name: 'Earlier cases of this vehicle' }).getByRole('link'),
  ).toHaveText(['case 28', 'case 19']);
});

test('a precedent opens beside the case in hand, with what both share marked', async ({ page }) => {
  await page.goto('/cases/34');
  await page
    .getByRole('complementary', { name: 'Guidance' })
    .getByRole('link', { name: /intake boot/ })
    .first()
    .click();
  const beside = page.getByRole('complementary', { name: 'Case 3 beside' });
  await expect(beside.locator('mark').filter({ hasText: 'P0171' }).first()).toBeVisible();
  await beside.getByRole('link', { name: 'Close the case beside' }).click();
  await expect(beside).toBeHidden();
  // From the find line too.
  await page.keyboard.press('/');
  await page.keyboard.type('P0171');
  await page.keyboard.press('Enter');
  await page.getByRole('link', { name: 'beside the case in hand' }).first().click();
  await page.waitForURL(/beside=/);
});

test('what is removed can be put back, with what hung on it', async ({ page }) => {
  await page.goto('/cases/36');
  const evidence = part(page, 'Evidence');
  await expect(evidence.getByRole('table').getByText('C1A60', { exact: true })).toBeVisible();
  await evidence.getByRole('button', { name: 'Remove S1' }).click();
  await expect(evidence.getByRole('table').getByText('C1A60', { exact: true })).toBeHidden();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(evidence.getByRole('table').getByText('C1A60', { exact: true })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(evidence.getByRole('table').getByText('C1A60', { exact: true })).toBeVisible();
});
