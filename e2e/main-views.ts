import type { Page } from '@playwright/test';

/** Every main view with the most JavaScript it may send, in kilobytes as they come over the wire. */
export const VIEWS: { url: string; kb: number }[] = [
  { url: '/', kb: 264 },
  { url: '/find?q=P0171%20shakes', kb: 272 },
  { url: '/cases/34', kb: 540 },
  { url: '/cases/41', kb: 540 },
  { url: '/cases/25', kb: 540 },
  { url: '/cases/34?beside=3', kb: 540 },
  { url: '/cases/34/report', kb: 250 },
  { url: '/cases/34/history', kb: 300 },
  { url: '/cases/34/traces/new', kb: 476 },
  { url: '/cases/25/traces/demo-trace-4', kb: 476 },
  { url: '/compare?a=3&b=9', kb: 308 },
  { url: '/tests', kb: 359 },
  { url: '/tests/filter-back-pressure', kb: 375 },
  { url: '/tests/known-good', kb: 340 },
  { url: '/tests/procedures', kb: 374 },
  { url: '/causes', kb: 255 },
  { url: '/shop', kb: 255 },
  { url: '/shop/words', kb: 262 },
  { url: '/shop/bulletins', kb: 300 },
  { url: '/shop/data', kb: 300 },
  { url: '/shop/records', kb: 300 },
  { url: '/experience/code/P0171', kb: 275 },
  { url: '/experience/odds', kb: 366 },
];

/** What a fresh browser was sent as JavaScript for the page it shows, in kilobytes. */
export const scriptKb = (page: Page): Promise<number> =>
  page.evaluate(() =>
    Math.round(
      performance
        .getEntriesByType('resource')
        .filter((r) => /\.js(\?|$)/.test(r.name))
        .reduce((sum, r) => sum + (r as PerformanceResourceTiming).transferSize, 0) / 1024,
    ),
  );
