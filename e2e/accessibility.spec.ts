import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

/** Every main view; a new one is one line here. */
const VIEWS = [
  '/',
  '/find?q=P0171%20shakes',
  '/cases/34',
  '/cases/41',
  '/cases/25',
  '/cases/34?beside=3',
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
/** A desk, a large screen, a tablet both ways, and text at twice its size: half the screen in its own pixels. */
const SIZES = [
  [1920, 1080],
  [1024, 768],
  [768, 1024],
  [640, 800],
  [1280, 800],
] as const;

test.describe.configure({ mode: 'parallel' });
for (const [i, url] of VIEWS.entries())
  test(`${url}: no error, nothing off the side, no serious finding by a checker in light and dark`, async ({
    page,
  }) => {
    const wrong: string[] = [];
    page.on('pageerror', (e) => wrong.push(e.message));
    page.on('console', (m) => m.type() === 'error' && wrong.push(m.text()));
    await page.goto(url, { waitUntil: 'networkidle' });

    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      if (over > 1) wrong.push(`at ${width}x${height} it runs ${over} px off the side`);
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
    // Only colours differ in the dark, and they come from one place: every second view tells.
    if (i % 2 === 0) await look('dark', ['color-contrast']);
    expect(wrong).toEqual([]);
  });
