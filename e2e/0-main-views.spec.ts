import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { scriptKb, VIEWS } from './main-views';

/** A desk, a large screen, a tablet both ways, and text at twice its size: half the screen in its own pixels. */
const SIZES = [
  [1920, 1080],
  [1024, 768],
  [768, 1024],
  [640, 800],
  [1280, 800],
] as const;

// The first file by its name: on the demo shop as it ships, before other tests have written on it.
test.describe.configure({ mode: 'parallel' });
for (const { url, kb } of VIEWS)
  test(`${url}: no error, within its budget, nothing off the side, no serious finding in light and dark`, async ({
    page,
  }) => {
    const wrong: string[] = [];
    page.on('pageerror', (e) => wrong.push(e.message));
    page.on('console', (m) => m.type() === 'error' && wrong.push(m.text()));
    // What the server draws up when a page is asked for the first time is not the page’s own.
    await page.request.get(url);
    // What is fetched a moment after the page counts too: at `load` the figure hung on how fast the machine is.
    await page.goto(url, { waitUntil: 'networkidle' });
    const sent = await scriptKb(page);
    if (sent > kb) wrong.push(`${sent} KB of JavaScript, more than its budget of ${kb}`);

    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      const over = await overTheSide(page);
      const what = over > 1 ? (await page.evaluate(offTheSide)).slice(0, 3).join('; ') : '';
      if (over > 1) wrong.push(`at ${width}x${height} it runs ${over} px off the side: ${what}`);
    }

    const look = async (colorScheme: 'light' | 'dark', rules?: string[]) => {
      await page.emulateMedia({ colorScheme });
      // There are no frames here; without looking for them the checker is three times as fast.
      const checker = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode(true);
      if (rules) checker.withRules(rules);
      for (const v of (await checker.analyze()).violations)
        if (v.impact === 'serious' || v.impact === 'critical')
          wrong.push(`${colorScheme}, ${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`);
    };
    await look('light');
    // Only colours differ in the dark.
    await look('dark', ['color-contrast']);
    expect(wrong).toEqual([]);
  });

test('in a wider font than its own, until that is there, nothing runs off the side', async ({ page }) => {
  test.setTimeout(60_000);
  for (const url of ['/', '/cases/34', '/cases/25/traces/demo-trace-4', '/shop/review']) {
    await page.goto(url, { waitUntil: 'load' });
    await page.addStyleTag({ content: '* { font-family: "DejaVu Sans", sans-serif !important }' });
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      // What comes in while the page is still being taken over may push for a moment; what stays must not.
      await expect
        .poll(() => page.evaluate(offTheSide), { message: `${url} at ${width}x${height}`, timeout: 10_000 })
        .toEqual([]);
    }
  }
});

/** How far the page can be scrolled sideways, once what measures itself, as a chart does, has found its new size. */
async function overTheSide(page: Page): Promise<number> {
  const now = () =>
    page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  for (const end = Date.now() + 10_000; ;) {
    const over = await now();
    if (over <= 1 || Date.now() > end) return over;
    await page.waitForTimeout(100);
  }
}

/** The innermost things that lie beyond the right edge, where the page can be scrolled sideways. */
function offTheSide(): string[] {
  const edge = document.documentElement.clientWidth + 1;
  if (document.documentElement.scrollWidth <= edge) return [];
  const beyond = (e: Element) => e.getBoundingClientRect().right > edge;
  return [...document.body.querySelectorAll('*')]
    .filter((e) => beyond(e) && ![...e.children].some(beyond))
    .map((e) => `${e.tagName} ${e.textContent?.slice(0, 40)}`);
}
