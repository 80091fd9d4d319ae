import { expect, test } from '@playwright/test';
import { freshCase, Hands, part, REPORT_OF_25_CODES, saved } from './help';

/** What is done every day, counted in presses. The counts may go down, never up. */

test('a report of 25 codes pasted and its roles settled: four presses', async ({ page }) => {
  await freshCase(page);
  await page.waitForLoadState('networkidle');
  const hands = new Hands(page);
  await hands.press('Alt+s');
  await expect(page.locator(':focus')).toHaveAccessibleName(/Scan report/);
  await hands.paste(REPORT_OF_25_CODES);
  await hands.press('Control+Enter');
  await expect(page.locator(':focus')).toHaveAccessibleName(/Accept all/);
  await hands.press('Enter');
  await expect(page.getByText(/are only proposed/)).toBeHidden();
  await saved(page);
  expect(hands.keys).toBeLessThanOrEqual(4);
});

test('a failed test repeated after the repair: two presses', async ({ page }) => {
  const id = await freshCase(page);
  const add = (kind: string, rowId: string, row: object) => ({ op: 'add', kind, id: rowId, row });
  const at = (hour: number) => `2026-01-05T${String(hour).padStart(2, '0')}:00:00.000Z`;
  const written = await page.request.post(`/api/cases/${id}/changes`, {
    data: {
      who: '',
      changes: [
        {
          id: `presses-${id}`,
          ops: [
            add('test', `t-${id}`, { question: 'Does the rail hold?', at: at(9), position: 0 }),
            add('reading', `r-${id}`, {
              testId: `t-${id}`,
              label: 'rail',
              entered: '2.1 bar',
              limit: '≥ 3.5 bar',
            }),
            add('repair', `p-${id}`, { what: 'regulator renewed', action: 'replaced', at: at(11) }),
          ],
        },
      ],
    },
  });
  expect(written.ok()).toBe(true);
  await page.reload();
  const hands = new Hands(page);
  const evidence = part(page, 'Evidence');
  await hands.touch(evidence.getByRole('button', { name: 'Repeat after the repair' }));
  await expect(page.locator(':focus')).toHaveAccessibleName(/Value|Reading/);
  await hands.say('3.9 bar');
  await expect(evidence.getByText(/^3\.9.bar is OK/)).toBeVisible();
  await saved(page);
  expect(hands.keys).toBeLessThanOrEqual(2);
});

test('a similar case found and its deciding test put on this one: three presses', async ({ page }) => {
  const made = await page.request.post('/api/cases', {
    data: { line: 'corvane tessa P0171 shakes at idle' },
  });
  const { number } = (await made.json()) as { number: number };
  await page.goto(`/cases/${number}`);
  const hands = new Hands(page);
  const guidance = page.getByRole('complementary', { name: 'Guidance' });
  await hands.touch(guidance.getByRole('link', { name: /^3 intake boot/ }));
  const beside = page.getByRole('complementary', { name: 'Case 3 beside' });
  const add = beside.getByRole('button', { name: /^Add to this case: / }).first();
  const question = (await add.getAttribute('aria-label'))!.replace('Add to this case: ', '');
  await hands.touch(add);
  const test = part(page, 'Evidence').getByRole('article', { name: question });
  await expect(test).toBeVisible();
  await expect(page.locator(':focus')).toHaveRole('textbox');
  // On this case already, it is offered no more; no figure of the other vehicle came along, its engine is not known.
  await expect(beside.getByRole('button', { name: `Add to this case: ${question}` })).toHaveCount(0);
  for (const limit of await test.getByLabel(/^Limit/).all())
    expect(await limit.inputValue()).not.toMatch(/\d/);
  expect(hands.keys).toBeLessThanOrEqual(3);
});
