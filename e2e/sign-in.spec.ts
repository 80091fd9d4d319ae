import { expect, test, type Page } from '@playwright/test';
import { makeCase, makeOwner, ownShop, part, saved } from './help';

/** What the page itself says; the router announces pages as an alert too. */
const alert = (page: Page) => page.getByRole('main').getByRole('alert');

/** Opens the list of who else may sign in; a press before the script has arrived does nothing. */
const openMenu = async (page: Page, name: string) => {
  const menu = page.getByRole('group', { name: 'Switch person' });
  await expect(async () => {
    if (!(await menu.isVisible())) await page.getByRole('button', { name: `Signed in: ${name}` }).click();
    await expect(menu).toBeVisible({ timeout: 1000 });
  }).toPass();
};

/** Says who is working; a press before the script has arrived does nothing. */
const choosePerson = async (page: Page, name: string) => {
  await expect(async () => {
    const pad = page.getByRole('group', { name: 'PIN' });
    if (!(await pad.isVisible())) await page.getByRole('button', { name, exact: true }).click();
    await expect(pad).toBeVisible({ timeout: 1000 });
  }).toPass();
};

const enterPin = async (page: Page, pin: string) => {
  await expect(page.getByRole('group', { name: 'PIN' })).toBeVisible();
  // The pad takes digits once its script has arrived.
  await page.waitForLoadState('networkidle');
  await page.keyboard.type(pin);
  await expect(page.getByLabel(`${pin.length} digits entered`)).toBeVisible();
  await page.keyboard.press('Enter');
};

test('from the first start to two people on two devices, each in their own name', async ({ browser }) => {
  test.setTimeout(180_000);
  const shop = await ownShop();
  const lead = await (await browser.newContext()).newPage();
  const tablet = await (await browser.newContext()).newPage();
  try {
    await makeOwner(lead, shop.url);
    // Nobody else becomes the owner, and nothing is to be seen without signing in.
    await tablet.goto(`${shop.url}/welcome`);
    await expect(tablet).toHaveURL(/sign-in/);
    await tablet.goto(`${shop.url}/cases/1`);
    await expect(tablet).toHaveURL(/sign-in/);
    await expect(tablet.getByText('Ilse Brandt')).toHaveCount(0);
    expect((await tablet.request.get(`${shop.url}/api/desk`)).status()).toBe(401);

    // A technician, by the lead, with a PIN.
    await lead.goto(`${shop.url}/shop`);
    await lead.getByLabel('Name of a new person').fill('Tam Reuter');
    await lead.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(lead.getByText('Tam Reuter is here now.')).toBeVisible();
    // Where the shop is says what a bare odometer is in.
    await lead.getByLabel('Region').selectOption('us');
    await expect(lead.getByText('The region is kept.')).toBeVisible();
    const made = await makeCase(lead, shop.url);
    await lead.goto(`${shop.url}/cases/${made.number}`);
    await lead.getByLabel('Odometer').fill('84,200');
    await lead.keyboard.press('Tab');
    await expect(lead.getByLabel('Odometer')).toHaveValue('84,200 mi');
    await lead.goto(`${shop.url}/shop/access`);
    const row = lead.getByRole('listitem').filter({ hasText: 'Tam Reuter' });
    await row.getByRole('button', { name: 'Set PIN or passphrase' }).click();
    await row.getByLabel('PIN, 4 to 6 digits').fill('1234');
    await row.getByRole('button', { name: 'Keep' }).click();
    await expect(alert(lead)).toContainText('first one anybody tries');
    await row.getByLabel('PIN, 4 to 6 digits').fill('8052');
    await row.getByRole('button', { name: 'Keep' }).click();
    await expect(row.getByText('PIN', { exact: true })).toBeVisible();

    // The tablet is admitted by a code, once.
    await lead.getByRole('button', { name: 'Add a device' }).click();
    const code = (await lead.locator('output strong').textContent())!;
    const admit = async (page: Page) => {
      await page.goto(`${shop.url}/sign-in?code=${code}`);
      await page.getByLabel('Name of this device').fill('Tablet, bay 2');
      await page.getByRole('button', { name: 'Admit', exact: true }).click();
    };
    await admit(tablet);
    await tablet.getByRole('button', { name: 'Tam Reuter' }).click();
    await enterPin(tablet, '9999');
    await expect(alert(tablet)).toContainText('4 tries left');
    await enterPin(tablet, '8052');
    await expect(tablet.getByRole('button', { name: 'Signed in: Tam Reuter' })).toBeVisible();
    const third = await (await browser.newContext()).newPage();
    await admit(third);
    await expect(alert(third)).toContainText('not good, or no longer');
    await third.close();

    // What Tam writes stands in Tam's name, and naming the cause is the lead's.
    await tablet.getByRole('button', { name: 'New case' }).click();
    await expect(tablet.getByLabel('VIN')).toBeFocused();
    const words = part(tablet, 'Complaint').getByLabel('Customer’s own words');
    await words.fill('shakes at idle');
    await saved(tablet);
    const number = /cases\/(\d+)/.exec(tablet.url())![1]!;
    const { id } = await tablet.evaluate(
      async (n) => (await (await fetch(`/api/cases?number=${n}`)).json()) as { id: string },
      number,
    );
    const changed = await tablet.evaluate(async (id) => {
      const change = {
        id: 'c-1',
        ops: [{ op: 'add', kind: 'cause', id: 'cause-1', row: { state: 'diagnosed' } }],
      };
      const response = await fetch(`/api/cases/${id}/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ changes: [change] }),
      });
      return (await response.json()) as { results: { ok: boolean; code: string; error: string }[] };
    }, id);
    expect(changed.results[0]).toMatchObject({ ok: false, code: 'not allowed' });
    await tablet.goto(`${shop.url}/shop/access`);
    await expect(tablet.getByRole('heading', { name: 'Not for you' })).toBeVisible();

    // Two presses and a PIN: the lead on the same tablet.
    await tablet.goto(`${shop.url}/cases/${id}`);
    await openMenu(tablet, 'Tam Reuter');
    await tablet.getByRole('button', { name: 'Ilse Brandt', exact: true }).click();
    await enterPin(tablet, '4071');
    await expect(tablet).toHaveURL(new RegExp(`/cases/${id}`));
    await expect(tablet.getByRole('button', { name: 'Signed in: Ilse Brandt' })).toBeVisible();
    await tablet.goto(`${shop.url}/cases/${id}/history`);
    await expect(tablet.getByRole('main')).toContainText('Tam Reuter');

    // The lead sees it all, and takes the tablet out of the shop.
    await lead.reload();
    const log = lead.getByRole('region', { name: 'Activity log' });
    await expect(log).toContainText('Failed sign-in');
    await expect(log).toContainText('Tam Reuter');
    await lead
      .getByRole('region', { name: 'Devices' })
      .getByRole('listitem')
      .filter({ hasText: 'Tablet, bay 2' })
      .getByRole('button', { name: 'Revoke' })
      .click();
    await expect(lead.getByRole('region', { name: 'Devices' })).not.toContainText('Tablet, bay 2');
    await tablet.goto(shop.url);
    await expect(tablet).toHaveURL(/sign-in/);
    await expect(tablet.getByLabel('Passphrase')).toBeVisible();
  } finally {
    await shop.end();
  }
});

test('words written without a connection wait for who wrote them', async ({ browser }) => {
  test.setTimeout(120_000);
  const shop = await ownShop();
  const context = await browser.newContext();
  const page = await context.newPage();
  try {
    await makeOwner(page, shop.url);
    const post = (url: string, body: unknown) =>
      page.evaluate(
        ([url, body]) =>
          fetch(url!, { method: 'POST', headers: { 'content-type': 'application/json' }, body: body! }).then(
            (r) => r.status,
          ),
        [url, JSON.stringify(body)],
      );
    const person = { id: 'tam', name: 'Tam Reuter', role: 'technician', active: true };
    expect(await post('/api/shop', { do: 'person', person })).toBe(200);
    expect(await post('/api/access', { do: 'secret', personId: 'tam', pin: '8052' })).toBe(200);
    await page.goto(shop.url);
    await page.getByRole('button', { name: 'New case' }).click();
    await expect(page.getByLabel('VIN')).toBeFocused();
    // The case cannot be reached, signing in can.
    await context.route('**/changes', (route) => route.abort());
    await part(page, 'Complaint').getByLabel('Customer’s own words').fill('said by Ilse');
    await openMenu(page, 'Ilse Brandt');
    await page.getByRole('button', { name: 'Tam Reuter' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'Ilse Brandt' })).toContainText('not saved yet');
    await page.getByRole('button', { name: 'Leave it so, and go on' }).click();
    await enterPin(page, '8052');
    await context.unroute('**/changes');
    const words = part(page, 'Complaint').getByLabel('Customer’s own words');
    await expect(words).toHaveValue('');
    await page.waitForTimeout(1500);
    await expect(words).toHaveValue('');

    await openMenu(page, 'Tam Reuter');
    await choosePerson(page, 'Ilse Brandt');
    await enterPin(page, '4071');
    await expect(words).toHaveValue('said by Ilse');
    await saved(page);
  } finally {
    await shop.end();
  }
});

test('five wrong PINs lock it, the passphrase still lets in, and a lead unlocks', async ({ page }) => {
  test.setTimeout(180_000);
  const shop = await ownShop();
  try {
    await makeOwner(page, shop.url);
    await openMenu(page, 'Ilse Brandt');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page).toHaveURL(/sign-in/);
    await choosePerson(page, 'Ilse Brandt');
    for (let i = 0; i < 5; i++) {
      await enterPin(page, '2580');
      await expect(alert(page)).toContainText(i < 4 ? `${4 - i} tr` : 'Too many wrong PINs');
    }
    await enterPin(page, '4071');
    await expect(alert(page)).toContainText('Too many wrong PINs');
    await page.getByRole('button', { name: 'Passphrase' }).click();
    await page.getByLabel('Name', { exact: true }).fill('ilse brandt');
    await page.getByLabel('Passphrase').fill('three worn valve seats');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('button', { name: 'Signed in: Ilse Brandt' })).toBeVisible();
    await page.goto(`${shop.url}/shop/access`);
    await page.getByRole('button', { name: 'Unlock' }).click();
    await expect(page.getByText('locked', { exact: true })).toHaveCount(0);
  } finally {
    await shop.end();
  }
});

test('an unattended device locks itself, keeps what was written, and opens again by PIN', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const shop = await ownShop();
  try {
    await page.clock.install();
    await makeOwner(page, shop.url);
    const { id } = await makeCase(page, shop.url);
    await page.goto(`${shop.url}/cases/${id}`);
    const words = part(page, 'Complaint').getByLabel('Customer’s own words');
    await words.fill('shudders in fourth');
    await saved(page);
    // Hands on it now and then keep it open.
    await page.clock.fastForward('08:00');
    await page.mouse.click(5, 300);
    await page.clock.fastForward('08:00');
    await expect(page.getByRole('button', { name: 'Signed in: Ilse Brandt' })).toBeVisible();
    await page.clock.fastForward('11:00');
    await expect(page).toHaveURL(/sign-in/);
    await expect(page.getByText('shudders in fourth')).toHaveCount(0);
    expect((await page.request.get(`${shop.url}/api/desk`)).status()).toBe(401);
    await enterPin(page, '4071');
    await expect(words).toHaveValue('shudders in fourth');
  } finally {
    await shop.end();
  }
});

test('programs come in with a token, and a page of another site does not', async ({ page }) => {
  test.setTimeout(180_000);
  const shop = await ownShop();
  const ask = (path: string, token?: string, init: RequestInit = {}) =>
    fetch(shop.url + path, {
      ...init,
      headers: { ...init.headers, ...(token ? { authorization: `Bearer ${token}` } : {}) },
    });
  try {
    // Before there is an owner, the token given at the start.
    expect((await ask('/api/v1/find?q=P0171')).status).toBe(401);
    expect((await ask('/api/v1/find?q=P0171', shop.token)).status).toBe(200);
    await makeOwner(page, shop.url);
    await page.goto(`${shop.url}/shop/access`);
    await page.getByLabel('Name of the program').fill('parts desk');
    await page.getByRole('button', { name: 'Make a token' }).click();
    const token = (await page.locator('output strong').textContent())!;
    expect((await ask('/api/v1/find?q=P0171', token)).status).toBe(200);
    const import_ = { method: 'POST', body: '{}' };
    expect((await ask('/api/v1/import', token, import_)).status).toBe(403);
    expect((await ask('/api/v1/find?q=P0171', `${token}x`)).status).toBe(401);

    // The session's cookie rides along on what another site sends: it is not taken.
    const cookie = (await page.context().cookies()).map((c) => `${c.name}=${c.value}`).join('; ');
    const json = { 'content-type': 'application/json', cookie };
    const body = '{}';
    const write = (headers: Record<string, string>) =>
      ask('/api/cases', undefined, { method: 'POST', headers, body }).then((r) => r.status);
    expect(await write({ ...json, origin: 'https://elsewhere.example' })).toBe(403);
    expect(await write({ ...json, 'sec-fetch-site': 'cross-site' })).toBe(403);
    expect(await write({ cookie, 'content-type': 'text/plain' })).toBe(415);
    expect(await write({ ...json, origin: shop.url })).toBe(200);
  } finally {
    await shop.end();
  }
});
