import { expect, test } from '@playwright/test';
import { drawScreens, screenOf } from '../bench/screens/draw';
import { photographed } from '../bench/screens/photo';
import { freshCase, part, saved } from './help';

test('each line stands beside what it became; what is put right holds for the next report of its kind', async ({
  page,
}) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  const report = evidence.getByLabel('Scan report');
  await report.fill(
    [
      'Diagnosis protocol 2026-03-14 09:42',
      'K7/2 front module: no fault codes',
      'PCM - Powertrain control module - 2 DTCs',
      'PO171 - System too lean - Merk',
      'P0300 - Random misfire - Merk',
      'Tailgate',
      'Bulletin 24-117: engines with P0341',
    ].join('\n'),
  );
  const lines = evidence.getByRole('list', { name: 'Lines of the report' });
  await expect(lines.getByText('no codes', { exact: true })).toBeVisible();
  // A word of this tool for a status: said once, it holds on every line.
  await lines.getByLabel('Status of P0171').selectOption('stored');
  await expect(lines.getByLabel('Status of P0300')).toHaveValue('stored');
  // A line that was not understood is a module after all.
  await lines
    .getByRole('listitem')
    .filter({ hasText: 'Tailgate' })
    .getByRole('button', { name: 'A module' })
    .click();
  await expect(
    lines.getByRole('listitem').filter({ hasText: 'Tailgate' }).getByText('module', { exact: true }),
  ).toBeVisible();
  await expect(evidence.getByText(/The scan gets the time the report says/)).toBeVisible();
  await evidence.getByRole('button', { name: 'Use them next time' }).click();
  await expect(
    evidence.getByText('Read with corrections made in earlier reports of this kind.'),
  ).toBeVisible();
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await expect(
    evidence.getByRole('table', { name: 'Codes over the scans' }).getByText('P0300', { exact: true }),
  ).toBeVisible();
  await expect(evidence.getByRole('table', { name: 'Codes over the scans' }).getByText('P0341')).toHaveCount(
    0,
  );

  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await report.fill(
    'Diagnosis protocol 2026-03-19 16:01\nPCM - Powertrain control module - 1 DTC\nP0174 - Other bank lean - Merk',
  );
  await expect(lines.getByLabel('Status of P0174')).toHaveValue('stored');
  await evidence.getByRole('button', { name: 'Forget that' }).click();
  await expect(lines.getByLabel('Status of P0174')).toHaveValue('');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();

  // One more by hand, by keyboard alone.
  await evidence.getByRole('button', { name: 'Code', exact: true }).first().press('Enter');
  await expect(evidence.getByLabel('Code or fault in words')).toBeFocused();
  await page.keyboard.type('u0121 no message from the brakes');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Gateway');
  await page.keyboard.press('Tab');
  await page.keyboard.press('a');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(
    evidence.getByRole('table', { name: 'Codes over the scans' }).getByText('U0121', { exact: true }),
  ).toBeVisible();
  // Lists of live values stand side by side, by value.
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await report.fill('Live data\nRPM\t0\trpm\nMAP\t91\tkPa\nBARO\t100\tkPa\nIAT\t-40\t°C');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
  await report.fill('Engine speed: 780 rpm\nIntake air temperature: -40 °C\nManifold pressure: 33 kPa');
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  const values = evidence.getByRole('table', { name: 'Live values' });
  await expect(values.getByRole('row', { name: /Engine speed 0 rpm 780 rpm/ })).toBeVisible();
  await expect(values.getByText(/an open circuit/).first()).toBeVisible();
  await expect(values.getByText(/the engine stands, and outside it is 100/)).toBeVisible();
  await expect(values.getByRole('columnheader', { name: /idle/ })).toBeVisible();
  await saved(page);
});

test('a photo of a screen is read, what is doubtful is asked, and the photo stays with the scan', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const [drawn] = await drawScreens([screenOf(5)]);
  const photo = await photographed(drawn!, 5);
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  // A press before the page has come alive is lost; a person presses again.
  await expect(async () => {
    await evidence.getByRole('button', { name: 'Scan', exact: true }).click();
    await expect(evidence.getByLabel('Scan report')).toBeVisible({ timeout: 3000 });
  }).toPass();
  const chosen = evidence.locator('input[aria-label="Photo of the screen"]');
  await chosen.setInputFiles({
    name: 'cat.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('no picture at all'),
  });
  await expect(evidence.getByText(/That is no picture this browser can read/)).toBeVisible();
  await chosen.setInputFiles({ name: 'screen.jpg', mimeType: 'image/jpeg', buffer: photo });
  await expect(evidence.getByLabel('Reading the photo')).toBeVisible();
  const lines = evidence.getByRole('list', { name: 'Lines of the report' });
  await expect(lines).toBeVisible({ timeout: 90_000 });
  await evidence.getByRole('button', { name: 'Add to the case' }).click();
  await expect(
    evidence
      .getByRole('table', { name: 'Codes over the scans' })
      .getByText(screenOf(5).codes[1]!, { exact: true }),
  ).toBeVisible();
  await expect(evidence.getByRole('list', { name: 'Photos of S1' })).toBeVisible();
  await expect(evidence.getByRole('link', { name: 'Open screen.jpg' })).toBeVisible();
  await saved(page);
});
