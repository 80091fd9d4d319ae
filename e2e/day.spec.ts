import { expect, test, type Browser, type Page } from '@playwright/test';
import { part } from './help';

/**
 * A day in the shop, seen by three at once: the front desk, a technician on a tablet with a bad network, and the lead.
 * Each has a browser of their own.
 */

/** Ids of the people of the demo shop. */
const ID = { 'Jun Okafor': 'jun', 'Mara Voss': 'mara', 'Aoife Kerr': 'aoife' };

async function asPerson(
  browser: Browser,
  name: keyof typeof ID,
  size = { width: 1280, height: 800 },
): Promise<Page> {
  const url = test.info().project.use.baseURL!;
  const context = await browser.newContext({ viewport: size, baseURL: url });
  await context.addCookies([{ name: 'vantle-person', value: ID[name], url }]);
  const page = await context.newPage();
  await page.goto('/');
  return page;
}
const saved = (page: Page) =>
  expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 20_000 });
const number = async (page: Page) =>
  (await page.getByRole('heading', { level: 1 }).innerText()).split(' ')[0]!;
const row = (page: Page, n: string) =>
  page.getByRole('listitem').filter({ has: page.getByText(n, { exact: true }) });

test('a case goes from the counter to the bay, to the customer and back, and each sees it at once', async ({
  browser,
}) => {
  test.setTimeout(180_000);
  const desk = await asPerson(browser, 'Jun Okafor');
  const lead = await asPerson(browser, 'Mara Voss');
  const bay = await asPerson(browser, 'Aoife Kerr', { width: 820, height: 1180 });

  // At the counter: whose car, how to reach them, what was promised, as it is spoken.
  await desk.getByRole('button', { name: 'New case' }).click();
  await desk.waitForURL(/\/cases\//);
  await desk.getByLabel('Make').fill('Haldric');
  await desk.getByLabel('Model').fill('Drover');
  await desk.getByLabel('Plate').fill('DAY 26 ONE');
  await desk.getByLabel('Customer', { exact: true }).first().fill('Ina Brook');
  await desk.getByLabel('Telephone').fill('01632 960 201');
  await desk.getByLabel('May be spent').fill('200');
  await desk
    .getByLabel('Customer’s own words')
    .fill('It squeals on cold mornings, never when hot. It pulls fine. The battery light comes on.');
  await expect(desk.getByRole('button', { name: /belt squeal/ })).toContainText('cold start');
  await expect(desk.getByRole('button', { name: /pulls to one side/ })).toHaveCount(0);
  await desk.getByRole('button', { name: /^all 2/ }).click();
  await saved(desk);
  const n = await number(desk);
  const address = desk.url();

  // The lead's desk shows it without a reload, finds it by plate and by name, and it is given on with a word.
  await expect(row(lead, n)).toContainText('Ina Brook');
  await lead.goto('/find?q=day26one');
  await expect(lead.getByRole('list', { name: 'By plate, customer or number' })).toContainText('Ina Brook');
  await lead.goto('/find?q=brook');
  await lead.getByRole('list', { name: 'By plate, customer or number' }).getByRole('link').first().click();
  await lead.getByRole('button', { name: /^Assigned to: Jun Okafor/ }).click();
  await lead.getByLabel('Give to').selectOption({ label: 'Aoife Kerr' });
  await lead.getByLabel('Note for them').fill('look at the tensioner first');
  await lead.getByRole('button', { name: 'Give it to Aoife Kerr' }).click();
  await expect(row(bay, n)).toContainText('look at the tensioner first');
  await bay.getByLabel('Whose').selectOption({ label: 'Tomasz Bielak' });
  await expect(row(bay, n)).toHaveCount(0);
  await bay.getByLabel('Whose').selectOption({ label: 'Aoife Kerr' });

  // In the bay, behind the lift, without a network: nothing is lost, and it goes out from another page.
  await bay.goto(address);
  await expect(bay.getByText('for you: look at the tensioner first')).toBeVisible();
  // The counter has it open as well.
  await expect(lead.getByText('Jun Okafor, Aoife Kerr are on it too')).toBeVisible();
  await bay.getByLabel('What the shop saw').waitFor();
  await bay.context().setOffline(true);
  await bay.getByLabel('What the shop saw').fill('belt glazed, tensioner at its stop');
  await expect(bay.getByText(/No connection: 1 not saved yet, kept here/)).toBeVisible({ timeout: 15_000 });
  await bay.context().setOffline(false);
  await saved(bay);

  // Two repairs, one agreed and on order, one refused: only what is done is done.
  const cause = part(bay, 'Cause');
  for (const [name, at] of [
    ['accessory belt', 0],
    ['alternator', 1],
  ] as const) {
    await cause.getByRole('button', { name: 'Cause', exact: true }).click();
    await bay.keyboard.type(name);
    await bay.keyboard.press('Enter');
    await bay.keyboard.press('Tab');
    await bay.keyboard.press('Escape');
    const accounts = cause
      .getByRole('checkbox', { name: at === 0 ? 'belt squeals' : 'does not charge' })
      .nth(at);
    await accounts.click();
    await expect(accounts).toBeChecked();
    await part(bay, 'Repair').getByRole('button', { name: 'Repair', exact: true }).click();
  }
  await saved(bay);
  // The technician proposes, the lead names them.
  await lead.goto(bay.url());
  for (const left of [1, 0]) {
    await part(lead, 'Cause').getByRole('button', { name: 'Confirm the cause' }).first().click();
    await expect(part(lead, 'Cause').getByRole('button', { name: 'Confirm the cause' })).toHaveCount(left);
  }
  await saved(lead);
  const repairs = part(desk, 'Repair');
  const belt = repairs.getByRole('group', { name: /accessory belt: where it stands/ });
  const charger = repairs.getByRole('group', { name: /alternator: where it stands/ });
  await expect(charger).toBeVisible({ timeout: 15_000 });
  await belt.getByRole('button', { name: 'Customer asked' }).click();
  await charger.getByRole('button', { name: 'Customer asked' }).click();
  await expect(desk.getByLabel('Status', { exact: true })).toHaveValue('authorisation');
  await belt.getByRole('button', { name: 'Authorised' }).click();
  await charger.getByRole('button', { name: 'Declined' }).click();
  await expect(belt.getByText('authorised', { exact: true })).toBeVisible();
  await expect(charger.getByText('declined', { exact: true })).toBeVisible();
  // Nothing waits for somebody who has answered.
  await expect(desk.getByLabel('Status', { exact: true })).toHaveValue('repair');
  await saved(desk);
  await lead.goto(`/cases/${n}/report`);
  await expect(lead.getByText(/Accessory belt: agreed with you, not done yet/)).toBeVisible();
  await expect(lead.getByRole('heading', { name: 'Not repaired at your wish' })).toBeVisible();
  await expect(lead.getByRole('heading', { name: 'What we did', exact: true })).toHaveCount(0);

  // Done in the bay, credited to who did it; the proof is asked for, without what was refused.
  const done = part(bay, 'Repair').getByRole('group', { name: /accessory belt: where it stands/ });
  await done.getByRole('button', { name: /^Done/ }).click();
  await expect(done).toContainText('by Aoife Kerr');
  await expect(bay.getByLabel('Status', { exact: true })).toHaveValue('proof');
  await part(bay, 'Proof')
    .getByRole('button', { name: /Make verification plan/ })
    .click();
  await expect(part(bay, 'Proof').getByLabel('What', { exact: true }).first()).toBeVisible();
  for (const what of await part(bay, 'Proof').getByLabel('What', { exact: true }).all())
    await expect(what).not.toHaveValue(/charg|battery/);
  await saved(bay);

  // The same car at the counter an hour later: known by its plate, and not taken in twice without a word.
  await desk.goto('/');
  await desk.getByRole('button', { name: 'New case' }).click();
  await desk.waitForURL((u) => u.pathname.startsWith('/cases/') && u.href !== address);
  await desk.getByLabel('Plate').fill('day26 one');
  const known = desk.getByRole('list', { name: 'Vehicle known here' });
  await expect(known).toContainText('likely the same: the same plate');
  await expect(desk.getByRole('note', { name: 'Taken in twice?' })).toContainText(`Case ${n}`);
  await known.getByRole('button', { name: 'It is this vehicle' }).click();
  await expect(desk.getByLabel('Make')).toHaveValue('Haldric');
  await expect(known).toHaveCount(0);
  await expect(desk.getByRole('list', { name: 'Earlier cases of this vehicle' })).toContainText('still open');
});

test('what a closed tab left behind goes out from any page, with a word in the bar', async ({ browser }) => {
  const page = await asPerson(browser, 'Aoife Kerr');
  const { id, number: n } = (await (await page.request.post('/api/cases', { data: {} })).json()) as {
    id: string;
    number: number;
  };
  await page.goto(`/cases/${id}`);
  await page.context().route('**/changes', (route) => route.abort());
  await page.getByLabel('Customer’s own words').fill('said in the cellar');
  await expect(page.getByText(/not saved yet, kept here/)).toBeVisible();
  const next = await page.context().newPage();
  await page.close({ runBeforeUnload: false });
  await next.goto('/find');
  await expect(next.getByText('Not saved yet:')).toContainText(`case ${n}`);
  await next.context().unroute('**/changes');
  await expect(next.getByText('Not saved yet:')).toHaveCount(0, { timeout: 20_000 });
  const stored = (await (await next.request.get(`/api/cases/${id}`)).json()) as {
    record: { case: { said: string } };
  };
  expect(stored.record.case.said).toBe('said in the cellar');
});

test('a case opened again within seconds shows what its closed tab had not sent', async ({ browser }) => {
  const page = await asPerson(browser, 'Aoife Kerr');
  const { id } = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  await page.context().route('**/changes', (route) => route.abort());
  await page.getByLabel('Customer’s own words').fill('typed and gone');
  const next = await page.context().newPage();
  await page.close({ runBeforeUnload: false });
  await next.goto(`/cases/${id}`);
  await expect(next.getByLabel('Customer’s own words')).toHaveValue('typed and gone');
});

test('going back and forward never shows older text, and what was undone can be done again', async ({
  browser,
}) => {
  const page = await asPerson(browser, 'Mara Voss');
  const { id } = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  const words = page.getByLabel('Customer’s own words');
  await words.fill('first');
  await saved(page);
  await page.getByRole('link', { name: 'Desk', exact: true }).click();
  await page.waitForURL((u) => u.pathname === '/');
  await page.getByRole('link', { name: 'Find', exact: true }).click();
  await page.waitForURL((u) => u.pathname === '/find');
  await page.goBack();
  await page.waitForURL((u) => u.pathname === '/');
  await page.goBack();
  await expect(words).toHaveValue('first');
  await words.fill('second');
  await saved(page);
  await page.getByRole('link', { name: 'Desk', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Weir Lane Garage' })).toBeVisible();
  await page.goBack();
  // At once, not after the next look at the server.
  await expect(words).toHaveValue('second', { timeout: 1500 });
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  // A case that was left and entered again undoes what was done since; what was before stands.
  await expect(page.getByRole('status').filter({ hasText: /Undone|Nothing was changed/ })).toBeVisible();
  await words.fill('third');
  await saved(page);
  await words.blur();
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(words).toHaveValue('second');
  const again = page.getByRole('button', { name: 'Do again what was undone' });
  // It stays longer than the note about it.
  await page.waitForTimeout(9000);
  await again.click();
  await expect(words).toHaveValue('third');
  await expect(again).toHaveCount(0);
});

test('a case of somebody who has left says so, and shows nobody else in their place', async ({ browser }) => {
  const page = await asPerson(browser, 'Mara Voss');
  const person = { id: 'left-soon', name: 'Ole Brandt', role: 'technician' };
  const shop = (active: boolean) =>
    page.request.post('/api/shop', { data: { do: 'person', person: { ...person, active } } });
  expect((await shop(true)).ok()).toBe(true);
  const { id } = (await (await page.request.post('/api/cases', { data: {} })).json()) as { id: string };
  await page.goto(`/cases/${id}`);
  await page.getByRole('button', { name: /assigned/i }).click();
  await page.getByLabel('Lead', { exact: true }).selectOption({ label: 'Ole Brandt' });
  await page.keyboard.press('Escape');
  await saved(page);
  expect((await shop(false)).ok()).toBe(true);
  await page.reload();
  const hand = page.getByRole('button', { name: 'Assigned to: Ole Brandt' });
  await hand.click();
  await expect(page.getByLabel('Lead', { exact: true }).locator('option:checked')).toHaveText(
    'Ole Brandt (has left)',
  );
  await expect(page.getByLabel('Give to').locator('option', { hasText: 'Ole Brandt' })).toHaveCount(0);
});
