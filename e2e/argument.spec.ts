import { expect, test } from '@playwright/test';
import { addTest, freshCase, part, saved } from './help';

test('suspects are offered by codes and by what was just fitted; tests speak for and against them', async ({
  page,
}) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await evidence
    .getByLabel('Scan report')
    .fill('Engine\nP0113 Intake air temperature sensor 1 circuit high  stored');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await evidence.getByRole('radiogroup', { name: 'Role of P0113' }).getByText('chase').click();
  const cause = part(page, 'Cause');
  const offers = cause.getByRole('list', { name: 'Suspects offered' });
  await offers.getByRole('button', { name: /intake air temperature sensor, open circuit/ }).click();
  await expect(cause.getByLabel('Why', { exact: true })).toHaveValue('P0113 speaks of its circuit high');
  await expect(cause.getByText('Not tested yet.')).toBeVisible();

  const card = await addTest(page, 'Is the sensor whole?');
  await card.getByLabel('Value', { exact: true }).fill('OL');
  await card.getByLabel('Limit', { exact: true }).fill('1–6 kΩ');
  await cause.getByRole('button', { name: /Is the sensor whole\?: for/ }).click();
  await expect(card.getByText('→ speaks for intake air temperature sensor, open circuit')).toBeVisible();
  await cause.getByRole('button', { name: 'This is the cause' }).click();
  await expect(cause.getByText('0 of 2 explained. Not explained:')).toBeVisible();
  await cause.getByRole('checkbox', { name: 'P0113' }).check();
  await cause.getByRole('checkbox', { name: /not OK/ }).check();
  await expect(cause.getByText('All 2 items are explained')).toBeVisible();
  // On order: the case waits for the part by itself.
  await cause.getByLabel('Stands').selectOption('part on order');
  await expect(page.getByLabel('Status', { exact: true })).toHaveValue('part');
});

test('closing asks for a word about each thing left, and a tick alone proves nothing', async ({ page }) => {
  await freshCase(page);
  for (const words of ['rough idle', 'stalls']) {
    await page.getByLabel('Add a symptom').fill(words);
    await page.getByLabel('Add a symptom').press('Enter');
  }
  const card = await addTest(page, 'Does it hold?');
  await card.getByLabel('Value', { exact: true }).fill('2 bar');
  await card.getByLabel('Limit', { exact: true }).fill('≥ 3 bar');
  const repair = part(page, 'Repair');
  await part(page, 'Cause').getByRole('button', { name: 'Cause', exact: true }).click();
  await page.keyboard.press('Escape');
  await repair.getByRole('button', { name: 'Repair', exact: true }).click();
  await repair.getByLabel('What', { exact: true }).fill('pump');
  await repair.getByRole('button', { name: 'Done: the cause is repaired' }).click();
  const proof = part(page, 'Proof');
  await proof.getByRole('button', { name: 'Make verification plan' }).click();
  const again = proof.getByRole('radiogroup', { name: /Does it hold/ });
  await again.getByText('passed').click();
  await proof
    .getByRole('radiogroup', { name: /as the customer does/ })
    .getByText('passed')
    .click();
  await expect(proof.getByText(/a tick alone proves nothing/)).toBeVisible();
  await expect(proof.getByText(/it is ticked, but no reading shows it/)).toBeVisible();
  await expect(proof.getByText('proven', { exact: true })).toBeHidden();
  await card.getByRole('button', { name: 'Repeat after the repair' }).click();
  await part(page, 'Evidence')
    .getByRole('article')
    .nth(1)
    .getByLabel('Value', { exact: true })
    .fill('3.4 bar');
  await expect(proof.getByText('proven', { exact: true })).toBeVisible();
  await expect(repair.getByText(/One change between the failing and the passing test/)).toBeVisible();
  await repair.getByLabel('Other changes').fill('filter and relay');
  await expect(repair.getByText(/3 changes between the failing and the passing test/)).toBeVisible();

  const close = proof.getByRole('button', { name: 'Close the case' });
  await expect(close).toBeDisabled();
  const left = proof.getByRole('region', { name: 'Not explained' });
  await left.getByLabel('rough idle').fill('gone with the pump, not ticked');
  await expect(close).toBeDisabled();
  await left.getByLabel('stalls').fill('same');
  await expect(proof.getByText(/To close, add a note on .*not OK/)).toBeVisible();
  await left.getByLabel(/not OK/).fill('the pump');
  await close.click();
  await expect(proof.getByText(/^Closed/)).toBeVisible();
  // The shop asks later whether it held, by its own period.
  await expect(proof.getByText('in 30 days')).toBeVisible();
  await saved(page);
  await page.goto('/');
  await expect(page.getByText('in 30 days').first()).toBeVisible();
});

test('a comeback is offered, confirmed, lowers the earlier case, and is undone from the history', async ({
  page,
}) => {
  await page.goto('/cases/43');
  const offer = page.getByRole('note', { name: 'Comeback of case 27?' });
  await expect(offer).toContainText('P0441 again');
  await expect(offer).toContainText('6,500 km');
  await offer.getByRole('button', { name: 'It came back' }).click();
  await expect(offer).toBeHidden();
  await saved(page);
  await page.goto('/cases/27');
  await expect(page.getByText('came back: case 43')).toBeVisible();
  await expect(page.getByText('claimed, came back').first()).toBeVisible();
  await page.goto('/cases/43/history');
  const change = page.getByRole('list', { name: 'Changes' }).getByRole('listitem').first();
  await expect(change).toContainText('Comeback');
  await expect(change).toContainText('Mara Voss');
  await change.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('Undone; that stands in the history too.')).toBeVisible();
  await page.goto('/cases/27');
  await expect(page.getByText('stayed fixed', { exact: true }).first()).toBeVisible();
});

test('forks say what separated near cases, and two cases stand side by side', async ({ page }) => {
  await page.goto('/cases/34');
  const forks = page.getByRole('region', { name: 'Forks' });
  await expect(forks).toContainText('long-term trim at 2500 rpm');
  await expect(forks).toContainText('← this one');
  await page
    .getByRole('complementary', { name: 'Guidance' })
    .getByRole('link', { name: 'side by side' })
    .first()
    .click();
  await page.waitForURL(/compare/);
  await page.goto('/compare?a=3&b=9');
  await expect(page.getByRole('region', { name: 'Deciding tests' })).toContainText('on 2 cases');
  const row = page.getByRole('row').filter({ hasText: 'Is it lean at idle only, or everywhere?' });
  await expect(row).toContainText('6.2 %');
  await expect(row).toContainText('17.2 %');
});

test('reports come as a page, as PDF and as Markdown from one source', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/cases/9/report');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What we found and what we did');
  await expect(page.getByRole('cell', { name: /2.4 bar.*not right/ })).toBeVisible();
  await page.getByRole('button', { name: 'Copy as Markdown' }).click();
  await expect(page.getByText('Copied.')).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  const fetched = await (await page.request.get('/api/cases/9/report?for=customer&as=md')).text();
  expect(copied).toBe(fetched);
  const pdf = await page.request.get('/api/cases/9/report?for=technician&as=pdf');
  expect(pdf.headers()['content-type']).toBe('application/pdf');
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await page.getByRole('link', { name: 'For the next technician' }).click();
  await expect(page.getByText('VIN', { exact: true })).toBeVisible();
  // On paper the frame and the buttons are gone.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
  const wrong = await page.request.get('/api/cases/9/report?for=nobody');
  expect([wrong.status(), (await wrong.json()) as { error: string }]).toMatchObject([
    400,
    { error: expect.stringContaining('customer, technician') },
  ]);
});

test('the shop sets when it asks whether a repair held', async ({ page }) => {
  await page.goto('/shop');
  await page.getByLabel('Ask after days').fill('45');
  await page.getByLabel('or distance', { exact: true }).fill('3 bar');
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  await expect(page.getByText(/A distance is a number with km or mi/)).toBeVisible();
  await page.getByLabel('or distance', { exact: true }).fill('2 000 km');
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  await expect(page.getByText('The periods are kept.')).toBeVisible();
  await freshCase(page);
  await page.getByLabel('Odometer').fill('100 000 km');
  await part(page, 'Proof').getByRole('button', { name: 'Follow-up' }).click();
  await expect(part(page, 'Proof').getByText('in 45 days')).toBeVisible();
  await expect(part(page, 'Proof').getByLabel('Or at')).toHaveValue(/102.?000 km/);
  await page.goto('/shop');
  await page.getByLabel('Ask after days').fill('30');
  await page.getByLabel('or distance', { exact: true }).fill('1 000 km');
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  await expect(page.getByText('The periods are kept.')).toBeVisible();
});

test('the margin says what it may be and which test would tell most, and puts it on the case', async ({
  page,
}) => {
  await page.goto('/cases/34');
  const margin = page.getByRole('complementary', { name: 'Guidance' });
  const odds = margin.getByRole('region', { name: 'Likely causes' });
  await expect(odds.getByRole('listitem').first()).toContainText('intake boot, cracked');
  await expect(odds.getByRole('listitem').first()).toContainText(
    /2 of 5 similar cases, 1 stayed fixed, 1 checked · about \d+\s%/,
  );
  await expect(odds).toContainText('Something else');
  await expect(odds).toContainText('Light: general practice.');
  await odds.getByText('Why').first().click();
  await expect(odds.getByText(/times likelier by it/).first()).toBeVisible();
  await expect(odds.getByRole('link', { name: 'case 3' })).toBeVisible();
  // Readings that part the causes stand as dots on one scale, this car among them.
  const told = margin.getByRole('img', { name: /: \d+ cases?, .* (?:%|bar|Ω|V)/ });
  await expect(told.first()).toBeVisible();
  const next = margin.getByRole('region', { name: 'Next test' });
  const offer = next.getByRole('listitem').first();
  const question = await offer.locator('b').innerText();
  await expect(offer).toContainText(/speaks (for|against)/);
  await expect(offer).toContainText(/general practice|as in case/);
  await offer.getByRole('button', { name: 'Add to the case' }).click();
  const card = part(page, 'Evidence').getByRole('article', { name: question });
  await expect(card).toBeVisible();
  await expect(next.getByText(question, { exact: true })).toBeHidden();
  await card.getByRole('button', { name: 'Remove this test' }).click();
  await saved(page);
});

test('a cause whose part is changed takes the name along on its repairs, and leaves other words alone', async ({
  page,
}) => {
  await freshCase(page);
  const cause = part(page, 'Cause');
  const repair = part(page, 'Repair');
  await cause.getByRole('button', { name: 'Cause', exact: true }).click();
  await page.keyboard.type('alternator');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Escape');
  await repair.getByRole('button', { name: 'Repair', exact: true }).click();
  const what = repair.getByLabel('What', { exact: true });
  await expect(what).toHaveValue('alternator');
  const chosen = cause.getByRole('combobox', { name: 'Part', exact: true });
  await chosen.fill('starter motor');
  await chosen.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Escape');
  await expect(what).toHaveValue('starter motor');
  await what.fill('starter, with its cable');
  await chosen.fill('alternator');
  await chosen.press('Enter');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Escape');
  await expect(chosen).toHaveValue('alternator');
  await expect(what).toHaveValue('starter, with its cable');
  await saved(page);
});

test('two symptoms in one line have each the conditions of its own clause, and one is taken off in a press', async ({
  page,
}) => {
  await freshCase(page);
  const line = page.getByLabel('Add a symptom');
  await line.fill('squeals on start up, stalls when hot');
  await expect(page.getByText(/^Read as:/)).toBeVisible();
  await line.press('Enter');
  const row = (label: string) => page.locator('[id^=symptom-]').filter({ hasText: label });
  await expect(row('stalls').getByRole('button', { name: 'Remove: hot' })).toBeVisible();
  await expect(row('squeal').getByRole('button', { name: 'Remove: hot' })).toHaveCount(0);
  await row('stalls').getByRole('button', { name: 'Remove: hot' }).click();
  await expect(row('stalls').getByRole('button', { name: 'Remove: hot' })).toHaveCount(0);
  await saved(page);
});
