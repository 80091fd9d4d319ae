import { expect, test, type Page } from '@playwright/test';
import { freshCase, makeCase } from './help';

const words = (page: Page) => page.getByLabel('Customer’s own words');
test('a reload in the middle of typing loses nothing, even when nothing got through yet', async ({
  page,
}) => {
  await freshCase(page);
  await page.route('**/changes', (route) => route.abort());
  await words(page).pressSequentially('It rattles on the left', { delay: 5 });
  await page.reload();
  await expect(words(page)).toHaveValue('It rattles on the left');
  await page.unroute('**/changes');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 20_000 });
  const other = await page.context().newPage();
  await other.goto(page.url());
  await expect(words(other)).toHaveValue('It rattles on the left');
});

test('what is typed before the page’s program has loaded is kept too', async ({ page }) => {
  const { id } = await makeCase(page);
  let go = () => {};
  const held = new Promise<void>((done) => (go = done));
  await page.route('**/*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(`/cases/${id}`, { waitUntil: 'commit' });
  await words(page).pressSequentially('It whistles');
  await page.getByLabel('What the shop saw').pressSequentially('a hose off');
  go();
  await expect
    .poll(async () => {
      const answer = await page.request.get(`/api/cases/${id}`);
      return ((await answer.json()) as { record: { case: object } }).record.case;
    })
    .toMatchObject({ said: 'It whistles', seen: 'a hose off' });
  // The field goes on from there.
  await page.keyboard.type(' again');
  await expect(page.getByLabel('What the shop saw')).toHaveValue('a hose off again');
});

test('a browser that crashed leaves its words to the next one', async ({ page, context }) => {
  const id = await freshCase(page);
  await page.route('**/changes', (route) => route.abort());
  await words(page).fill('typed just before the crash');
  // The tab is gone without a goodbye; its outbox is taken once it shows no sign of life.
  await page.close({ runBeforeUnload: false });
  const next = await context.newPage();
  await next.addInitScript(() => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + 60_000;
  });
  await next.goto(`/cases/${id}`);
  await expect(words(next)).toHaveValue('typed just before the crash');
  await expect(next.getByText('Saved', { exact: true })).toBeVisible();
});

test('a lost connection is said, and what was typed goes out when it is back', async ({ page, context }) => {
  const id = await freshCase(page);
  await context.setOffline(true);
  await words(page).fill('written in the cellar');
  await page.getByLabel('What the shop saw').fill('nothing yet');
  await expect(page.getByText(/No connection: 2 not saved yet, kept here/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 20_000 });
  const stored = (await (await page.request.get(`/api/cases/${id}`)).json()) as {
    record: { case: { said: string; seen: string } };
  };
  expect(stored.record.case).toMatchObject({ said: 'written in the cellar', seen: 'nothing yet' });
});

test('two people on one field: both versions are shown, and nobody’s words are lost', async ({
  page,
  browser,
}) => {
  const id = await freshCase(page);
  const second = await (await browser.newContext()).newPage();
  await second.goto(new URL(`/cases/${id}`, page.url()).href);
  await second.getByLabel('Signed in as').selectOption({ label: 'Tomasz Bielak' });
  // Hold the first writer's poll and writes back, so that both start from the same words.
  await page.route('**/api/cases/**', (route) => route.abort());
  await words(page).fill('mine: it knocks');
  await words(second).fill('theirs: it squeaks');
  await expect(second.getByText('Saved', { exact: true })).toBeVisible();
  await page.unroute('**/api/cases/**');
  const note = page.getByRole('alert').filter({ hasText: 'Tomasz Bielak wrote here' });
  await expect(note).toContainText('theirs: it squeaks', { timeout: 20_000 });
  await expect(note).toContainText('mine: it knocks');
  await expect(words(second)).toHaveValue('theirs: it squeaks');
  // A reload does not lose the question.
  await page.reload();
  await expect(note).toContainText('mine: it knocks');
  await note.getByRole('button', { name: 'Keep both' }).click();
  await expect(words(page)).toHaveValue('theirs: it squeaks\nmine: it knocks');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await expect(words(second)).toHaveValue('theirs: it squeaks\nmine: it knocks', { timeout: 15_000 });
});

test('two people on different fields do not get into each other’s way', async ({ page, browser }) => {
  const id = await freshCase(page);
  const second = await (await browser.newContext()).newPage();
  await second.goto(new URL(`/cases/${id}`, page.url()).href);
  await words(page).fill('what was said');
  await second.getByLabel('What the shop saw').fill('what was seen');
  await expect(second.getByText('Saved', { exact: true })).toBeVisible();
  await expect(page.getByLabel('What the shop saw')).toHaveValue('what was seen', { timeout: 15_000 });
  await expect(words(second)).toHaveValue('what was said', { timeout: 15_000 });
  await expect(page.getByRole('alert').filter({ hasText: 'wrote here' })).toHaveCount(0);
});

test('bad requests get a sentence and change nothing', async ({ request }) => {
  const { id } = (await (await request.post('/api/cases', { data: {} })).json()) as { id: string };
  const url = `/api/cases/${id}/changes`;
  const broken = await request.post(url, {
    data: 'not json',
    headers: { 'content-type': 'application/json' },
  });
  expect(broken.status()).toBe(400);
  const empty = await request.post(url, { data: { changes: [] } });
  expect((await empty.json()) as object).toHaveProperty('error');
  const wrong = await request.post(url, {
    data: {
      changes: [{ id: 'x', ops: [{ op: 'set', kind: 'case', id, revision: 1, set: { said: 7 }, was: {} }] }],
    },
  });
  expect(await wrong.json()).toMatchObject({
    results: [{ ok: false, error: expect.stringContaining('said') }],
  });
  expect((await request.get('/api/cases/nowhere')).status()).toBe(404);
  const huge = await request.post(url, {
    data: {
      changes: [
        {
          id: 'x',
          ops: [{ op: 'set', kind: 'case', id, revision: 1, set: { said: 'x'.repeat(9_000_000) }, was: {} }],
        },
      ],
    },
  });
  expect(huge.status()).toBe(413);
});
