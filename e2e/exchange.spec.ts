import { expect, test } from '@playwright/test';

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

test('a HEIC picture is refused before anything of it is sent', async ({ page }) => {
  const { id } = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  let sent = 0;
  page.on('request', (r) => (sent += r.method() === 'PUT' ? 1 : 0));
  const head = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(64)]);
  await page
    .getByLabel('Photos and files of the case')
    .first()
    .setInputFiles({ name: 'IMG_0042.HEIC', mimeType: 'image/heic', buffer: head });
  await expect(page.getByRole('alert').filter({ hasText: 'HEIC picture' })).toBeVisible();
  expect(sent).toBe(0);
});
