import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';

const TABLE = [
  'Kestrel Lane, finished jobs;;;;;',
  'Datum;Auftrag;Kennzeichen;Fzg;Was;Arbeit',
  '3.4.2019;K-11;KL AB 12;Norvik Tessa 1.6;Heizung kalt, P0128;thermostat stuck open, replaced',
  '25.4.2019;K-12;KL CD 34;Norvik Fjell 2.0;misfire when cold;coil 2 cracked, new coil',
  'irgendwann;K-13;KL EF 56;Norvik Tessa 1.6;noise;replaced wheel bearing',
  '25.4.2019;K-14;KL GH 78;Calder Moor;clutch slipping;customer declined',
].join('\n');

test('a shop’s old table: columns put right and remembered, rows taken in once, the rest to mend', async ({
  page,
}) => {
  await page.goto('/shop/records');
  await page.waitForLoadState('networkidle');
  const choose = () =>
    page.getByLabel('Table of past jobs').setInputFiles({
      name: 'jobs.csv',
      mimeType: 'text/csv',
      // As a spreadsheet of Western Europe saves it.
      buffer: Buffer.from(TABLE, 'latin1'),
    });
  await choose();
  await expect(page.getByLabel('What column Datum holds')).toHaveValue('date');
  await expect(page.getByLabel('Dates are written')).toHaveValue('day first');
  const first = page.getByRole('list', { name: 'First jobs as they are read' });
  await expect(first.getByText('replaced: thermostat, stuck open')).toBeVisible();
  await expect(first.getByText('It tells of no repair.')).toBeVisible();
  await expect(first.getByText(/“irgendwann” is no date/)).toBeVisible();

  // A head that says nothing is put right by hand.
  await page.getByLabel('What column Was holds').selectOption('complaint');
  await expect(first.getByText('misfires')).toBeVisible();
  await expect(first.getByText('P0128', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Take in 4 rows' }).click();
  const became = page.getByRole('region', { name: 'What became of the table' });
  await expect(became.getByRole('status')).toHaveText(
    '3 cases created, 0 here already, 1 to mend, of 4 jobs.',
  );
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    became.getByRole('button', { name: 'Save the rows to mend' }).click(),
  ]);
  const mend = readFileSync(await download.path(), 'utf8');
  expect(mend).toContain('why it was refused');
  expect(mend).toContain('irgendwann,K-13');

  // The same again adds nothing, and is read as it was put right.
  await choose();
  await expect(page.getByLabel('What column Was holds')).toHaveValue('complaint');
  await page.getByRole('button', { name: 'Take in 4 rows' }).click();
  await expect(became.getByRole('status')).toHaveText(
    '0 cases created, 3 here already, 1 to mend, of 4 jobs.',
  );
  // The mended row goes in.
  await page.getByLabel('Table of past jobs').setInputFiles({
    name: 'jobs to mend.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(mend.replaceAll('irgendwann', '26.4.2019')),
  });
  await page.getByRole('button', { name: 'Take in 1 row' }).click();
  await expect(became.getByRole('status')).toHaveText('1 case created, 0 here already, 0 to mend, of 1 job.');

  await page.goto('/find?q=Norvik%20thermostat');
  await expect(page.getByText('from old records').first()).toBeVisible();
  await page
    .getByRole('main')
    .getByRole('link', { name: /heater|blows cold|P0128/ })
    .first()
    .click();
  await expect(page.getByText('from old records, job K-11')).toBeVisible();
  await expect(page.getByText('claimed').first()).toBeVisible();
});

test('what is no table is said, and the page lives on', async ({ page }) => {
  await page.goto('/shop/records');
  await page.waitForLoadState('networkidle');
  const choose = (name: string, content: Buffer) =>
    page
      .getByLabel('Table of past jobs')
      .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: content });
  await choose('locked.xlsx', Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1, 0, 0]));
  await expect(page.getByRole('alert').getByText(/without a password/)).toBeVisible();
  await choose('scan.pdf', Buffer.from('%PDF-1.7'));
  await expect(page.getByRole('alert').getByText(/This is a PDF/)).toBeVisible();
  await choose('empty.csv', Buffer.from(''));
  await expect(page.getByRole('alert').getByText(/empty/)).toBeVisible();
  await page.getByLabel('Or paste cells').fill('Date\tReg\tFix\n2020-01-02\tAB1\treplaced battery');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByText('replaced: battery')).toBeVisible();
});
