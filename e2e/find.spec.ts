import { expect, test } from '@playwright/test';
import { freshCase, part, saved } from './help';

test('suggestions go on with the line, by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await page.keyboard.press('/');
  const line = page.getByRole('search').getByRole('combobox');
  await line.pressSequentially('marlo P029');
  await expect(page.getByRole('option', { name: /P0299/ })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(line).toHaveValue('marlo P0299 ');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/find\?q=marlo/);
  await expect(page.getByRole('list', { name: 'Cases' }).getByRole('listitem').first()).toContainText(
    'P0299',
  );
});

test('a reading of the line is put right, narrowed and widened, and stands in the address', async ({
  page,
}) => {
  await page.goto('/find?q=flurb%20P0171');
  const chips = page.getByRole('list', { name: 'How the search was read' });
  await chips.getByRole('button', { name: 'as text flurb: correct' }).click();
  await page.getByLabel('It means').selectOption({ label: 'rough idle' });
  await expect(chips.getByRole('button', { name: 'Remove rough idle' })).toBeVisible();
  await expect(page.getByText('The shop has learned that “flurb” means rough idle.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Cases' }).getByRole('listitem').first()).toContainText(
    'intake boot, cracked',
  );
  await page
    .getByLabel('Narrow and sort')
    .getByRole('button', { name: /^closed/ })
    .click();
  await expect(chips.getByRole('button', { name: 'Not only closed' })).toBeVisible();
  await expect(page.getByText('still open')).toHaveCount(0);
  await page.waitForURL(/closed/);
  await page.reload();
  await expect(chips.getByRole('button', { name: 'Remove rough idle' })).toBeVisible();
  await chips.getByRole('button', { name: 'Not only closed' }).click();
  await expect(page.getByText('still open').first()).toBeVisible();
  // What was put right once is known from then on, until it is taken back.
  await page.goto('/find?q=flurb');
  await expect(chips.getByRole('button', { name: 'Remove rough idle' })).toBeVisible();
  await page.goto('/shop/words');
  await page.getByRole('button', { name: 'Forget flurb' }).click();
  await expect(page.getByText('“flurb” is forgotten.')).toBeVisible();
});

test('all cases that share something are shown, by nearness or by date', async ({ page }) => {
  await page.goto('/find?q=closed');
  const cases = page.getByRole('list', { name: 'Cases' }).getByRole('listitem');
  await expect(cases).toHaveCount(30);
  const count = /^30 of (\d+) shown/;
  const all = Number(count.exec(await page.getByText(count).innerText())![1]);
  await page.getByRole('button', { name: 'Show more' }).click();
  await expect(cases).toHaveCount(Math.min(all, 90));
  await page.getByRole('button', { name: 'date opened' }).click();
  await expect(page.getByText('cases share something, newest first')).toBeVisible();
  await expect(page).toHaveURL(/newest/);
  const newest = await cases.first().getByRole('link').first().innerText();
  await page.reload();
  await expect(page.getByText('cases share something, newest first')).toBeVisible();
  expect(await cases.first().getByRole('link').first().innerText()).toBe(newest);
});

test('what could mean two things is a choice in the chip, one press away', async ({ page }) => {
  await page.goto('/find?q=alternator%20light');
  const chips = page.getByRole('list', { name: 'How the search was read' });
  await expect(chips.getByRole('button', { name: 'Remove does not charge' })).toBeVisible();
  await chips.getByRole('button', { name: '“alternator light” means part alternator' }).click();
  await expect(chips.getByRole('button', { name: 'Remove alternator' })).toBeVisible();
  await expect(chips.getByRole('button', { name: 'Remove does not charge' })).toHaveCount(0);
});

test('a line names spans of years, groups of codes, engines and the likes of a case', async ({ page }) => {
  await page.goto('/find?q=like%20case%201');
  const chips = page.getByRole('list', { name: 'How the search was read' });
  await expect(chips.getByRole('button', { name: 'Remove like case #1' })).toBeVisible();
  const cases = page.getByRole('list', { name: 'Cases' });
  await expect(cases.getByRole('listitem').first()).toBeVisible();
  await expect(cases.getByRole('link', { name: /^#?1$/ })).toHaveCount(0);
  await page.goto('/find?q=lean%202013-2017');
  await expect(chips.getByRole('button', { name: 'Remove lean codes' })).toBeVisible();
  await expect(chips.getByRole('button', { name: 'Remove 2013 to 2017' })).toBeVisible();
  await expect(cases.getByRole('listitem').first()).toContainText('P0171');
});

test('readings by comparison, people and times are understood', async ({ page }) => {
  await page.goto('/find?q=trim%20at%20idle%20%3E%2010%20%25%20Mara%20last%202%20years');
  const chips = page.getByRole('list', { name: 'How the search was read' });
  for (const chip of ['trim at idle > 10 %', 'Mara Voss', 'last 2 years'])
    await expect(chips.getByRole('button', { name: `Remove ${chip}` })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Cases' }).getByRole('listitem').first()).toContainText(
    'long-term trim at idle',
  );
});

test('two results side by side, and what else is known beside them', async ({ page }) => {
  await page.goto('/find?q=corvane%20tessa%20P0171');
  const aside = page.getByRole('complementary', { name: /What it was/ });
  await expect(aside.getByText('Intake boot splits under the clip')).toBeVisible();
  await expect(aside.getByText(/for Corvane Tessa 1.6 petrol 2013–2017, for P0171/)).toBeVisible();
  await expect(aside.getByRole('heading', { name: 'Known-good' })).toBeVisible();
  const boxes = page.getByRole('checkbox', { name: 'side by side' });
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  await page.getByRole('link', { name: /side by side: what told them apart/ }).click();
  await page.waitForURL(/\/compare\?a=\d+&b=\d+/);
});

test('a page of experience says what it was, what told and what misled', async ({ page }) => {
  await page.goto('/find?q=P0171');
  await page
    .getByRole('complementary', { name: /What it was/ })
    .getByRole('link', { name: 'P0171', exact: true })
    .click();
  await page.waitForURL(/experience\/code\/P0171/);
  await expect(
    page
      .getByRole('region', { name: 'Readings by cause' })
      .getByRole('img', { name: /1 case|\d+ cases/ })
      .first(),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'What it was' })).toContainText('fuel pump, low output');
  await expect(page.getByRole('region', { name: 'What told' })).toContainText('long-term trim at idle');
  await expect(page.getByRole('region', { name: 'What misled' })).toContainText('case 3');
  await page
    .getByRole('region', { name: 'What it was' })
    .getByRole('link', { name: 'intake boot, cracked' })
    .click();
  await expect(page.getByRole('heading', { name: 'intake boot, cracked', level: 1 })).toBeVisible();
});

test('a word is taught, and what stood on cases in that word is understood', async ({ page }) => {
  const id = await freshCase(page);
  await page.getByLabel('Add a symptom').fill('gurglewhump');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.goto('/shop/words?word=gurglewhump');
  await page.getByLabel('meaning').selectOption({ label: 'stalls' });
  await page.getByRole('button', { name: 'Teach', exact: true }).click();
  await expect(
    page.getByText('“gurglewhump” is known now; 1 symptom on past cases say so too.'),
  ).toBeVisible();
  await page.goto(`/cases/${id}`);
  await expect(part(page, 'Complaint')).toContainText('stalls');
  await page.goto('/find?q=gurglewhump');
  await expect(page.getByRole('button', { name: 'Remove stalls' })).toBeVisible();
  await page.goto('/shop/words');
  await page.getByRole('button', { name: 'Forget gurglewhump' }).click();
  await expect(page.getByText('“gurglewhump” is forgotten.')).toBeVisible();
});

test('consulting a bulletin is noted on the case', async ({ page }) => {
  await page.goto('/cases/34');
  const bulletins = page.getByRole('region', { name: 'Bulletins' });
  await bulletins.getByText('Low-voltage codes after a flat battery').click();
  await bulletins.getByRole('button', { name: 'Note that it was consulted' }).click();
  await expect(bulletins.getByText('consulted', { exact: true })).toBeVisible();
  await bulletins.getByLabel('Did it help?').selectOption('no');
  await saved(page);
  await page.reload();
  await expect(bulletins.getByText('consulted', { exact: true })).toBeVisible();
});

test('a file of cases comes in with every refused line named, and only once', async ({ page }) => {
  await page.goto('/shop/data');
  const good = {
    format: 'vantle-case/1',
    id: 'from-a-file',
    openedAt: '2026-05-01T08:00:00.000Z',
    vehicle: { make: 'Tervo' },
    said: 'sings like a kettle',
  };
  const content = [JSON.stringify(good), '{"format":"vantle-case/1"}', 'no json'].join('\n');
  const give = () =>
    page.getByLabel('Case file').setInputFiles({
      name: 'cases.ndjson',
      mimeType: 'application/x-ndjson',
      buffer: Buffer.from(content),
    });
  await give();
  await expect(page.getByText('1 case created')).toBeVisible();
  await expect(page.getByText('line 2')).toBeVisible();
  await expect(page.getByText(/openedAt/)).toBeVisible();
  await expect(page.getByText('line 3')).toBeVisible();
  await give();
  await expect(page.getByText('0 cases created')).toBeVisible();
  await expect(page.getByText('1 here already')).toBeVisible();
  await page.goto('/find?q=kettle');
  await expect(page.getByRole('list', { name: 'Cases' }).getByRole('listitem')).toHaveCount(1);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.goto('/shop/data').then(() => page.getByRole('link', { name: 'Table of readings' }).click()),
  ]);
  expect(download.suggestedFilename()).toBe('readings.csv');
});

test('a bulletin file that is broken says where, and loads nothing', async ({ page }) => {
  await page.goto('/shop/bulletins');
  const before = await page.getByRole('listitem').count();
  const file = (value: unknown) => ({
    name: 'shelf.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(value)),
  });
  await page
    .getByLabel('Bulletin file')
    .setInputFiles(
      file({ format: 'vantle-bulletins/1', bulletins: [{ id: 'x', title: 'fine' }, { id: 'y' }] }),
    );
  await expect(page.getByText(/bulletin 2.*Nothing was loaded/)).toBeVisible();
  await page.getByLabel('Bulletin file').setInputFiles(
    file({
      format: 'vantle-bulletins/1',
      bulletins: [{ id: 'x', number: 'N 1', title: 'Kettle noise', codes: ['P0171'] }],
    }),
  );
  await expect(page.getByText('1 new, 0 replaced.')).toBeVisible();
  await expect(page.getByRole('listitem')).toHaveCount(before + 1);
  await page.getByRole('button', { name: 'Take N 1 off the shelf' }).click();
  await expect(page.getByText('N 1 is off the shelf.')).toBeVisible();
});

test('a line that no case answers is answered by general practice, and begins a case in one press', async ({
  page,
}) => {
  await page.goto('/find?q=P0741%20shudder%20at%2080');
  const practice = page.getByRole('region', { name: 'General practice' });
  await expect(practice).toContainText('torque converter, worn');
  await expect(practice).toContainText('P0741 in 65 %');
  await expect(practice).toContainText('no case of this shop had these');
  await practice.getByRole('button', { name: 'Start a case with this' }).click();
  await page.waitForURL(/\/cases\//);
  await expect(part(page, 'Evidence')).toContainText('P0741');
  await expect(part(page, 'Complaint')).toContainText('shudders at steady speed');
  const odds = page.getByRole('region', { name: 'Likely causes' });
  await expect(odds.getByRole('listitem').first()).toContainText('torque converter, worn');
  await expect(odds).toContainText('General practice: no case of this shop speaks of it yet.');
  // What practice knows can be taken onto the list of suspects, with what speaks for it.
  const cause = part(page, 'Cause');
  await cause
    .getByRole('list', { name: 'Suspects offered' })
    .getByRole('button', { name: /transmission oil.* general practice: / })
    .click();
  await expect(cause.getByLabel('Why', { exact: true })).toHaveValue(/^general practice: P0741/);
  const next = page.getByRole('region', { name: 'Next test' }).getByRole('listitem').first();
  const question = await next.locator('b').innerText();
  await next.getByRole('button', { name: 'Add to the case' }).click();
  const card = part(page, 'Evidence').getByRole('article', { name: question });
  await expect(card).toBeVisible();
  await saved(page);
});
