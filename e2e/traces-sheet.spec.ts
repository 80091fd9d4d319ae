import { expect, test, type Page } from '@playwright/test';
import { freshCase, part } from './help';
import { openLongTrace } from './long-trace';

/** Takes a table in as a recording, as it is read. */
async function taken(page: Page, name: string, text: string) {
  await part(page, 'Evidence').getByRole('button', { name: 'Trace', exact: true }).click();
  await page.getByLabel('Recording').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByTestId('trace')).toBeVisible();
  await expect(page.getByText('Keeping the recording')).toBeHidden();
}

const square = (until: number, times = 1) => {
  const rows = Array.from({ length: 4000 }, (_, i) => {
    const t = i / 1000;
    return `${t.toFixed(3)},${t < until && (t * 20) % 1 < 0.5 ? 4.8 * times : 0.2 * times}`;
  });
  return `Time (s),wheel sensor (V)\n${rows.join('\n')}\n`;
};

test('a recording finds its like in another case, and says what its own looks like', async ({ page }) => {
  await freshCase(page);
  await taken(page, 'silent after three seconds.csv', square(3));
  await expect(page.getByTestId('looks-like')).toContainText('This looks like wheel sensor.');
  await freshCase(page);
  await taken(page, 'another.csv', square(3.05, 0.5));
  await page.getByRole('button', { name: 'Find traces like this one' }).click();
  const like = page.getByRole('region', { name: 'Traces like this one' });
  const first = like.getByRole('listitem').first();
  await expect(first).toContainText('silent after three seconds');
  await expect(first).toContainText('Same shape');
  await first.getByRole('button', { name: 'Overlay this one' }).click();
  const moved = page.getByLabel('moved, s');
  await expect(moved).toHaveValue('0');
  // By keyboard to the right, and dragged back by hand.
  await page.getByTestId('trace').focus();
  await page.keyboard.press('Shift+.');
  await expect.poll(async () => Number(await moved.inputValue())).toBeGreaterThan(0.02);
  const right = Number(await moved.inputValue());
  await page.getByRole('radio', { name: 'move the other' }).click({ force: true });
  const box = (await page.getByTestId('trace').boundingBox())!;
  await page.mouse.move(box.x + 600, box.y + 200);
  await page.mouse.down();
  await page.mouse.move(box.x + 400, box.y + 200, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => Number(await moved.inputValue())).toBeLessThan(right - 0.5);
});

test('channels are scaled, inverted and computed, and marks read what came of it', async ({ page }) => {
  await freshCase(page);
  const rows = Array.from({ length: 500 }, (_, i) => `${(i / 100).toFixed(2)},${5 + (i % 2) / 1000},3`);
  await taken(page, 'pair.csv', `Time (s),upper (V),lower (V)\n${rows.join('\n')}\n`);
  await page.getByRole('button', { name: 'Channels …' }).click();
  const table = page.getByRole('table', { name: 'Scale and offset' });
  await table.getByLabel('lower, times').fill('2');
  await table.getByLabel('lower, times').blur();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Computed channels' })).toContainText('upper − lower');
  await page.getByTestId('trace').focus();
  await page.keyboard.press('f');
  const marks = page.getByRole('table', { name: 'Marks' });
  await expect(marks.getByRole('row', { name: /^lower / })).toContainText('6 V');
  await expect(marks.getByRole('row', { name: /^upper − lower/ })).toContainText('-1 V');
  await table
    .getByRole('row', { name: /^upper, V/ })
    .getByRole('button', { name: 'Invert' })
    .click();
  await page.getByTestId('trace').focus();
  await page.keyboard.press('f');
  await expect(marks.getByRole('row', { name: /^upper − lower/ })).toContainText('-11 V');
  await page.getByRole('button', { name: 'Remove upper − lower' }).click();
  await expect(marks.getByRole('row', { name: /^upper − lower/ })).toHaveCount(0);
});

test('what is normal is not taken from a trace of before the repair, unless a person says so', async ({
  page,
}) => {
  await page.goto('/cases/27');
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  await part(page, 'Evidence').getByRole('link', { name: 'cam and crank, healthy engine' }).click();
  await page.getByLabel('It stands for').selectOption('before');
  await page.goto('/cases/42');
  await part(page, 'Evidence').getByRole('link', { name: 'cam and crank' }).click();
  // Of another case only known-good ones are offered; it is not one any more.
  await expect(page.getByLabel('Overlay').getByRole('option', { name: /healthy engine/ })).toHaveCount(0);
  await page.goto('/cases/27');
  await page.getByRole('button', { name: 'Edit', exact: true }).click();
  await part(page, 'Evidence').getByRole('link', { name: 'cam and crank, healthy engine' }).click();
  await page.getByLabel('It stands for').selectOption('known-good');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test('before and after stand side by side, with whether the difference is real', async ({ page }) => {
  await page.goto('/cases/25/traces/demo-trace-11');
  await page.getByTestId('trace').waitFor();
  await page.getByLabel('Overlay').selectOption({ label: 'cranking, valves tight (before)' });
  await expect(page.getByLabel('moved, s')).toBeVisible();
  await page.getByRole('button', { name: 'Analyse', exact: true }).click();
  const beside = page.getByRole('table', { name: /^Beside/ });
  await expect(beside.getByRole('row', { name: /relative compression, cylinder 3/ })).toContainText('real');
  await expect(beside.getByRole('row', { name: /relative compression, cylinder 1/ })).toContainText(
    'scatter',
  );
});

test('ten million samples are read, zoomed into, and shown whole again', async ({ page }) => {
  await freshCase(page);
  await openLongTrace(page);
  const sheet = page.getByTestId('trace');
  const drawn = () => sheet.evaluate((c: HTMLCanvasElement) => c.toDataURL());
  // The line stands there once the worker has answered and nothing more is drawn.
  await expect(async () => {
    const first = await drawn();
    await page.waitForTimeout(300);
    expect(await drawn()).toBe(first);
  }).toPass();
  const whole = await drawn();
  await sheet.hover({ position: { x: 500, y: 100 } });
  for (let i = 0; i < 10; i++) await page.mouse.wheel(0, -200);
  await expect.poll(drawn).not.toBe(whole);
  await sheet.focus();
  await page.keyboard.press('w');
  await sheet.blur();
  await page.mouse.move(0, 0);
  await expect.poll(drawn).toBe(whole);
});
