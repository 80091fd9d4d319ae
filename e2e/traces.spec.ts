import { expect, test } from '@playwright/test';
import { freshCase, part, saved } from './help';

const table = (rows: (i: number) => string, n: number, head = 'time (s),rail (bar)') =>
  Buffer.from(`${head}\n${Array.from({ length: n }, (_, i) => rows(i)).join('\n')}\n`);
const give = (name: string, buffer: Buffer, mimeType = 'text/csv') => ({ name, mimeType, buffer });

test('a recording is taken in, put right in the preview, measured, and stays with the case', async ({
  page,
}) => {
  await freshCase(page);
  await part(page, 'Evidence').getByRole('button', { name: 'Trace', exact: true }).click();
  const rows = table(
    (i) => `${(i / 100).toFixed(2).replace('.', ',')};${(3 + Math.sin(i / 8)).toFixed(3).replace('.', ',')}`,
    900,
    't;druck',
  );
  await page.getByLabel('Recording').setInputFiles(give('pump run.csv', rows));
  const pane = page.getByRole('region', { name: 'How the file is read' });
  await expect(pane.getByLabel('Separator')).toHaveValue(';');
  await expect(pane.getByLabel('Decimal sign')).toHaveValue(',');
  await pane.getByLabel('Name of column 2').fill('rail pressure');
  await pane.getByLabel('Unit of column 2').fill('bar');
  await pane.getByRole('button', { name: 'Read it' }).click();
  const sheet = page.getByTestId('trace');
  await sheet.focus();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('f');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('g');
  const marks = page.getByRole('table', { name: 'Marks' });
  await expect(marks.getByRole('row', { name: /rail pressure/ })).toContainText('bar');
  await expect(marks.getByRole('row', { name: /^time/ })).toContainText('Hz');
  await page.keyboard.press('p');
  await page.getByLabel(/^Note at/).fill('pump cuts in here');
  await page.getByLabel('Analysis', { exact: true }).selectOption('pulses');
  await page.getByRole('button', { name: 'Analyse' }).click();
  const found = page.getByRole('region', { name: 'What was found' });
  await expect(found).toContainText('No distance between pulses stands out');
  await found.getByRole('button', { name: 'Add to the case' }).click();
  await expect(found.getByRole('status')).toContainText('stands on the case');
  await expect(page.getByText('Keeping the recording')).toBeHidden();
  await saved(page);
  // The same trace from the case, later: file, reading, marks and notes are as they were.
  await page.getByRole('link', { name: /^Case \d+$/ }).click();
  const evidence = part(page, 'Evidence');
  const card = evidence.getByRole('article', {
    name: 'How fast does it pulse, how wide, and is a pulse missing?',
  });
  await expect(card.getByRole('list', { name: 'What was found' })).toContainText('Hz');
  await card.getByRole('link', { name: /where/ }).first().click();
  await expect(page.getByLabel(/^Note at/)).toHaveValue('pump cuts in here');
  await expect(page.getByRole('table', { name: 'Marks' })).toBeVisible();
});

test('the simulated scope gives a cranking current, and the low cylinder is named', async ({ page }) => {
  await freshCase(page);
  await part(page, 'Evidence').getByRole('button', { name: 'Trace', exact: true }).click();
  await page.getByLabel('Fault').selectOption('dead');
  await page.getByLabel('Firing order').selectOption('1-5-3-6-2-4');
  await page.getByRole('button', { name: 'Record' }).first().click();
  await page.getByRole('button', { name: 'Crank …' }).click();
  await page.getByLabel('Trigger channel').selectOption('coil 1 trigger');
  await page.getByLabel('Firing order', { exact: true }).fill('1-5-3-6-2-4');
  await expect(page.getByText(/^\d+ cycles$/)).toBeVisible();
  await page.getByLabel('Analysis', { exact: true }).selectOption('cranking-compression');
  await page.getByRole('button', { name: 'Analyse' }).click();
  const found = page.getByRole('region', { name: 'What was found' });
  await expect(found.getByText('fail', { exact: true })).not.toHaveCount(0);
  await expect(found.getByRole('listitem').first()).toContainText(
    /hump of cylinder \d is missing|Cylinder \d makes/,
  );
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'What is shown, as CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/cranking\.csv$/);
});

test('live values recorded at the vehicle become a trace with their units', async ({ page }) => {
  await freshCase(page);
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Trace', exact: true }).click();
  await page.getByRole('button', { name: 'Record' }).last().click();
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing is connected' })).toBeVisible();
  await page.getByRole('link', { name: /^Case \d+$/ }).click();
  await evidence.getByRole('button', { name: 'Vehicle' }).click();
  await page.getByRole('button', { name: 'Connect' }).click();
  await expect(page.getByText('Connected to the simulated vehicle.')).toBeVisible();
  await evidence.getByRole('button', { name: 'Trace', exact: true }).click();
  await page.getByRole('button', { name: 'Record' }).last().click();
  await page.getByRole('button', { name: 'Read it' }).click();
  const shown = page.getByRole('group', { name: 'Channels shown' });
  await expect(shown.getByLabel('Engine speed')).toBeChecked();
  await expect(page.getByText('Each value holds until it was answered again.')).toBeVisible();
});

test('a file that cannot be read gets a sentence, and the page stays alive', async ({ page }) => {
  await freshCase(page);
  await part(page, 'Evidence').getByRole('button', { name: 'Trace', exact: true }).click();
  const input = page.getByLabel('Recording');
  const alert = page.getByRole('main').getByRole('alert');
  for (const [file, says] of [
    [give('empty.csv', Buffer.from('')), 'is empty'],
    [give('letter.csv', Buffer.from('dear reader\nthis is a letter\n')), 'no rows of figures'],
    [give('broken.json', Buffer.from('{"channels":['), 'application/json'), 'breaks off'],
    [give('cut.wav', Buffer.from('RIFF....WAVEfmt '), 'audio/wav'), 'cut off'],
  ] as const) {
    await input.setInputFiles(file);
    await expect(alert).toContainText(says);
  }
  await input.setInputFiles(
    give(
      'back.csv',
      table((i) => `${i === 40 ? 3 : i},1`, 90),
    ),
  );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(alert).toContainText('Time runs backwards at line 42');
  // Read by its sample rate instead, as the sentence says.
  await page.getByLabel('Column 1 is', { exact: true }).selectOption('skip');
  await page.getByLabel('Samples a second').fill('10');
  await page.getByLabel('Samples a second').blur();
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByTestId('trace')).toBeVisible();
});

test('a healthy engine’s trace from another case is laid over this one', async ({ page }) => {
  await page.goto('/cases/42');
  await part(page, 'Evidence').getByRole('link', { name: 'cam and crank' }).click();
  await page
    .getByLabel('Overlay')
    .selectOption({ label: 'cam and crank, healthy engine (known-good), case 27' });
  await expect(page.getByLabel('moved, s')).toBeVisible();
  await page.getByLabel('moved, s').fill('0.02');
  await page.getByLabel('Analysis', { exact: true }).selectOption('cam-crank');
  // Nothing is stated: what is normal is taken from the healthy engine's trace.
  await page.getByRole('button', { name: 'Analyse' }).click();
  await expect(page.getByRole('region', { name: 'What was found' })).toContainText(
    /16\.\d° late against normal/,
  );
});

test('fingers on a tablet move the trace and pinch it wider', async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 1024, height: 768 } });
  const page = await context.newPage();
  await page.goto('/cases/25/traces/demo-trace-4');
  const sheet = page.getByTestId('trace');
  await sheet.waitFor();
  /** How far one step of the arrow key goes, in seconds: a fixed share of what is shown. */
  const step = async () => {
    await sheet.focus();
    for (const key of ['f', 'ArrowRight', 'g', 'ArrowLeft']) await page.keyboard.press(key);
    const row = page.getByRole('table', { name: 'Marks' }).getByRole('row', { name: /^time/ });
    const text = await row.innerText();
    const [, figure, unit] = /(-?[\d.]+)\s*(s|ms|µs)\b(?![\s\S]*\d\s*(?:s|ms|µs)\b)/.exec(text)!;
    return Math.abs(Number(figure)) * { s: 1, ms: 1e-3, µs: 1e-6 }[unit as 's']!;
  };
  const whole = await step();
  const box = (await sheet.boundingBox())!;
  const touch = await context.newCDPSession(page);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const fingers = (apart: number) => [
    { x: x - apart, y, id: 0 },
    { x: x + apart, y, id: 1 },
  ];
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: fingers(40) });
  for (let apart = 50; apart <= 160; apart += 10)
    await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: fingers(apart) });
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  // Four times as far apart, a quarter of the time is shown; the gesture's first move only starts it.
  await expect.poll(step).toBeLessThan(0.5 * whole);
  expect(await step()).toBeGreaterThan(0.1 * whole);
  await context.close();
});

test('from opening a known kind of file to its finding on the case it takes three presses', async ({
  page,
}) => {
  await freshCase(page);
  // A toothed wheel at 200 Hz whose sensor goes quiet at 1.2 s, and the speed that goes on.
  const rows = Array.from({ length: 20_000 }, (_, i) => {
    const t = i / 10_000;
    return `${t.toFixed(4)},${t > 1.2 && t < 1.3 ? 0.3 : (t * 200) % 1 < 0.5 ? 4.9 : 0.3},${900 + (i % 3)}`;
  });
  const buffer = Buffer.from(`Time (s),crank sensor (V),engine speed (rpm)\n${rows.join('\n')}\n`);
  await part(page, 'Evidence').getByRole('button', { name: 'Trace', exact: true }).click();
  await page.getByLabel('Recording').setInputFiles({ name: 'run.csv', mimeType: 'text/csv', buffer });
  await page.getByRole('button', { name: 'Read it' }).click();
  const found = page.getByRole('region', { name: 'What was found' });
  await expect(found).toContainText('crank sensor: it stays low');
  await expect(found).toContainText('while engine speed goes on');
  await found.getByRole('button', { name: 'Add to the case' }).click();
  await expect(found.getByRole('status')).toContainText('stands on the case');
});
