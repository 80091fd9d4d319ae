import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

/** Every main view; a new one is one line here. */
const VIEWS = [
  '/',
  '/find?q=P0171%20shakes',
  '/cases/34',
  '/cases/41',
  '/cases/25',
  '/cases/34/report',
  '/cases/34/history',
  '/cases/34/traces/new',
  '/cases/25/traces/demo-trace-4',
  '/compare?a=3&b=9',
  '/tests',
  '/tests/filter-back-pressure',
  '/tests/known-good',
  '/tests/procedures',
  '/causes',
  '/shop',
  '/shop/words',
  '/shop/bulletins',
  '/shop/data',
  '/experience/code/P0171',
];

for (const colorScheme of ['light', 'dark'] as const)
  test(`no serious finding by an automated checker on any main view, ${colorScheme}`, async ({ browser }) => {
    test.setTimeout(180_000);
    const context = await browser.newContext({ colorScheme });
    const page = await context.newPage();
    const found: string[] = [];
    // Only colours differ in the dark, and they come from one place: every third view tells.
    for (const url of VIEWS.filter((_, i) => colorScheme === 'light' || i % 3 === 0)) {
      await page.goto(url);
      const checker = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
      if (colorScheme === 'dark') checker.withRules(['color-contrast']);
      const { violations } = await checker.analyze();
      for (const v of violations)
        if (v.impact === 'serious' || v.impact === 'critical')
          found.push(
            `${url} ${v.id}: ${v.nodes
              .map((n) => n.target.join(' '))
              .slice(0, 3)
              .join('; ')}`,
          );
    }
    expect(found).toEqual([]);
    await context.close();
  });

test('text at twice its size still fits and nothing runs off the side', async ({ page }) => {
  // Twice the text on a screen is what half the screen in its own pixels is.
  await page.setViewportSize({ width: 640, height: 800 });
  for (const url of ['/', '/find?q=P0171', '/cases/34', '/tests', '/causes', '/shop']) {
    await page.goto(url, { waitUntil: 'networkidle' });
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect([url, over <= 1]).toEqual([url, true]);
  }
});
