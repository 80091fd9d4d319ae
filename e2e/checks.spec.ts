import { expect, test } from '@playwright/test';
import { freshCase, part, saved } from './help';

test('a check is found by what is in hand, computed on the case, and repeated after the repair', async ({
  page,
}) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Check', exact: true }).click();
  await page.getByLabel('What is in your hand').fill('multimeter test lamp solenoid');
  await page.keyboard.press('Enter');
  const card = evidence.getByRole('article').first();
  // The cursor stands in the first field to fill in; Enter goes on.
  await page.keyboard.type('12.4 V');
  await page.keyboard.press('Enter');
  await page.keyboard.type('12.4 V');
  await card.getByLabel('Control wire at the part, switched off').fill('0.4 V');
  await card.getByLabel('Control wire at the part, switched on').fill('0.02');
  await card
    .getByRole('radiogroup', { name: 'leads proven on the battery first: met?' })
    .getByText('met', { exact: true })
    .click();
  await expect(card.getByText(/One fault explains it: open coil/)).toBeVisible();
  await expect(card.getByText('fail', { exact: true }).first()).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(card.getByText(/One fault explains it: open coil/)).toBeVisible();

  const repair = part(page, 'Repair');
  await repair.getByRole('button', { name: 'Repair', exact: true }).click();
  await repair.getByLabel('What', { exact: true }).fill('solenoid');
  await card.getByRole('button', { name: 'Repeat after the repair' }).click();
  const again = evidence.getByRole('article').nth(1);
  await expect(again.getByText(/Again, as on/)).toContainText('fail');
  for (const [label, value] of [
    ['Battery voltage', '12.4 V'],
    ['Feed at the part, switched off', '12.4 V'],
    ['Control wire at the part, switched off', '12.3 V'],
    ['Control wire at the part, switched on', '0.1 V'],
  ] as const)
    await again.getByLabel(label).fill(value);
  await expect(again.getByText('was 0.4 V: 11.9 V more now')).toBeVisible();
  await expect(again.getByText(/^All that was measured is as it has to be/)).toBeVisible();
});

test('several readings in one cell spread over the list, and too few are refused', async ({ page }) => {
  await page.goto('/tests?q=P0301');
  await page.getByRole('link', { name: /Injector balance/ }).click();
  await page.getByLabel('Pressure at rest').fill('57.2 psi');
  await page.getByLabel('Injectors').fill('6');
  await page.getByLabel('Given as').selectOption('drop');
  await page.getByLabel('After the pulse, injector 1').fill('1:17 2:16 3:16 4:16 5:20');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('After the pulse, injector 5')).toHaveValue('20');
  await expect(page.getByText(/5 of 6 injectors were measured. Measure every one/)).toBeVisible();
  await page.getByLabel('After the pulse, injector 6').fill('16');
  await expect(page.getByText(/Drops 20.psi against 16.psi of the others/)).toBeVisible();
  await page.getByLabel('Injectors').fill('0');
  await expect(page.getByText('A whole number from 1 to 16 is wanted.')).toBeVisible();
  await expect(page.getByText('NaN')).toHaveCount(0);
});

test('a check goes onto a case from the library, with what was typed', async ({ page }) => {
  await page.goto('/tests/nox-conversion');
  await page.getByLabel('Before the catalyst').fill('250 ppm');
  await page.getByLabel('After the catalyst').fill('130 ppm');
  await expect(page.getByText(/48 %/).first()).toBeVisible();
  await page.getByLabel('Case', { exact: true }).selectOption({ label: '40 · Haldric Lugger' });
  await page.getByRole('button', { name: 'Add to this case' }).click();
  await page.waitForURL(/\/cases\//);
  const card = part(page, 'Evidence').getByRole('article').last();
  await expect(card.getByText(/48 %/).first()).toBeVisible();
  await card.getByRole('button', { name: 'Remove this test' }).click();
  await saved(page);
});

test('every check opens, shows its example in words and a picture or none, without an error', async ({
  page,
}) => {
  const broken: string[] = [];
  page.on('pageerror', (e) => broken.push(e.message));
  await page.goto('/tests');
  const links = await page
    .getByRole('main')
    .getByRole('listitem')
    .getByRole('link')
    .evaluateAll((all) => all.map((a) => a.getAttribute('href')!));
  expect(links.length).toBeGreaterThan(30);
  for (const href of links) {
    await page.locator(`main a[href="${href}"]`).first().click();
    await page.waitForURL(href);
    await page.getByRole('button', { name: 'Load example' }).click();
    await expect(page.getByRole('list', { name: 'Findings' }).getByRole('listitem').first()).toBeVisible();
    await page.goBack();
  }
  expect(broken).toEqual([]);
});

test('a circuit is drawn: where to measure, what was found, and where the fault would lie', async ({
  page,
}) => {
  await page.goto('/tests/switched-feed');
  const drawing = page.getByRole('figure');
  // Before anything is typed it says where to measure, and what a good circuit reads.
  await expect(drawing.locator('text', { hasText: 'good: 12.' }).first()).toBeVisible();
  await page.getByLabel('Battery voltage').fill('12.5 V');
  await page.getByLabel('Feed at the part, switched on').fill('12.3 V');
  await expect(drawing.locator('text', { hasText: '12.30' })).toBeVisible();
  await expect(drawing.locator('text', { hasText: 'measure next' })).toHaveCount(1);
  await expect(drawing.getByText('a fault that goes with the readings would lie here')).toHaveCount(0);
  await page.getByLabel('Ground side of the part, switched on').fill('7.1 V');
  await expect(page.getByText(/One fault explains it: resistance in the ground/)).toBeVisible();
  await expect(drawing.getByText('a fault that goes with the readings would lie here')).toBeVisible();
  // The same in words, for those who do not see it.
  await drawing.getByText('As a table').click();
  await expect(drawing.getByRole('row', { name: /Ground side of the part switched on/ })).toContainText(
    'fail',
  );
});
