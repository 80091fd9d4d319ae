import { expect, test } from '@playwright/test';
import { testHeic } from '../src/services/files/test-heic';
import { freshCase } from './help';

const caseFile = (id: string, more: object) =>
  JSON.stringify({
    format: 'vantle-case/1',
    id,
    openedAt: '2026-02-03T09:00:00.000Z',
    vehicle: { make: 'Corvane', model: 'Tessa' },
    ...more,
  });

test('a refused line is put right on the page and brought again; the others are not touched', async ({
  page,
}) => {
  await page.goto('/shop/data');
  const lines = [
    caseFile('mend-1', { said: 'good' }),
    caseFile('mend-2', { said: 'bad', reproduced: 'perhaps' }),
    '{"format":"vantle-case/1", broken',
  ];
  await page.getByLabel('Case file').setInputFiles({
    name: 'some.ndjson',
    mimeType: 'application/x-ndjson',
    buffer: Buffer.from(lines.join('\n')),
  });
  await expect(page.getByText('1 case created')).toBeVisible();
  const refused = page.getByRole('list', { name: 'Refused lines' }).getByRole('listitem');
  await expect(refused).toHaveCount(2);
  const bad = refused.first();
  await expect(bad).toContainText('line 2');
  await expect(bad).toContainText('reproduced');
  const text = bad.getByLabel('Text of line 2');
  await text.fill((await text.inputValue()).replace('"perhaps"', '"maybe"'));
  await bad.getByRole('button', { name: 'Bring it again' }).click();
  await expect(bad.getByRole('alert')).toContainText('reproduced');
  await text.fill((await text.inputValue()).replace('"maybe"', '"sometimes"'));
  await bad.getByRole('button', { name: 'Bring it again' }).click();
  await expect(bad.getByText('in', { exact: true })).toBeVisible();
  await expect(refused.nth(1).getByRole('alert')).toContainText('Not valid JSON');
  await page.goto('/find?q=mend');
  const both = await page.request.get('/api/v1/export?q=Corvane%20Tessa%20Feb%202026');
  expect(both.ok()).toBe(true);
});

test('cases are given out by number, with what they refer to, and how much that is stands before it', async ({
  page,
}) => {
  await page.goto('/find?q=P0171');
  const hits = page.getByRole('list', { name: 'Cases' });
  await hits.getByRole('checkbox').first().check();
  await page.getByRole('link', { name: 'Give it out …' }).click();
  await expect(page.getByText(/^1 case|^\d cases, among them/)).toBeVisible();
  // Case 11 came back after case 5: neither goes alone.
  await page.getByLabel('Numbers').fill('11');
  await expect(page.getByText(/2 cases.*among them 5/)).toBeVisible();
  const link = await page.getByRole('link', { name: 'Case files', exact: true }).getAttribute('href');
  const answer = await page.request.get(link!);
  const numbers = (await answer.text())
    .trim()
    .split('\n')
    .map((l) => (JSON.parse(l) as { number: number }).number);
  expect(numbers).toEqual([5, 11]);
  expect(answer.headers()['vantle-brought']).toBe('5');
  await page.getByLabel('Numbers').fill('nine');
  await expect(page.getByText(/is no number of a case/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Case files', exact: true })).toHaveAttribute(
    'aria-disabled',
    'true',
  );
});

test('a HEIC picture of a phone is shown like any other photo', async ({ page }) => {
  const id = await freshCase(page);
  await page
    .getByLabel('Photos and files of the case')
    .first()
    .setInputFiles({ name: 'IMG_0042.HEIC', mimeType: 'image/heic', buffer: testHeic() });
  const photo = page.getByRole('img', { name: /IMG_0042/ }).first();
  await expect(photo).toBeVisible();
  await expect.poll(() => photo.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(0);
  const { record } = (await (await page.request.get(`/api/cases/${id}`)).json()) as {
    record: { attachment: { name: string; mime: string }[] };
  };
  expect(record.attachment).toMatchObject([{ name: 'IMG_0042.jpg', mime: 'image/jpeg' }]);
});
