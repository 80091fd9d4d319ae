import type { Page } from '@playwright/test';

/** Every main view with the most JavaScript it may send, in kilobytes as they come over the wire. */
export const VIEWS: { url: string; kb: number }[] = [
  { url: '/', kb: 269 },
  { url: '/find?q=P0171%20shakes', kb: 277 },
  { url: '/cases/34', kb: 554 },
  { url: '/cases/41', kb: 554 },
  { url: '/cases/25', kb: 554 },
  { url: '/cases/34?beside=3', kb: 554 },
  { url: '/cases/34/report', kb: 264 },
  { url: '/cases/34/history', kb: 308 },
  { url: '/cases/34/traces/new', kb: 489 },
  { url: '/cases/25/traces/demo-trace-4', kb: 489 },
  { url: '/cases', kb: 400 },
  { url: '/compare?a=3&b=9', kb: 316 },
  { url: '/tests', kb: 376 },
  { url: '/tests/filter-back-pressure', kb: 394 },
  { url: '/tests/known-good', kb: 348 },
  { url: '/tests/procedures', kb: 391 },
  { url: '/causes', kb: 264 },
  { url: '/shop', kb: 264 },
  { url: '/shop/words', kb: 267 },
  { url: '/shop/review', kb: 400 },
  { url: '/shop/bulletins', kb: 308 },
  { url: '/shop/data', kb: 312 },
  { url: '/shop/records', kb: 308 },
  { url: '/experience/code/P0171', kb: 283 },
  { url: '/experience/odds', kb: 376 },
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
