import type { Page } from '@playwright/test';

/** Every main view with the most JavaScript it may send, in kilobytes as they come over the wire. */
export const VIEWS: { url: string; kb: number }[] = [
  { url: '/', kb: 270 },
  { url: '/find?q=P0171%20shakes', kb: 280 },
  // With the vocabulary, 120 KB fetched behind the page: it may have come by the time that is counted, or not.
  { url: '/cases/34', kb: 684 },
  { url: '/cases/41', kb: 684 },
  { url: '/cases/25', kb: 685 },
  { url: '/cases/34?beside=3', kb: 688 },
  { url: '/cases/34/report', kb: 266 },
  { url: '/cases/34/history', kb: 303 },
  { url: '/cases/34/traces/new', kb: 501 },
  { url: '/cases/25/traces/demo-trace-4', kb: 628 },
  { url: '/cases', kb: 344 },
  { url: '/compare?a=3&b=9', kb: 320 },
  { url: '/tests', kb: 381 },
  { url: '/tests/filter-back-pressure', kb: 401 },
  { url: '/tests/known-good', kb: 305 },
  { url: '/tests/procedures', kb: 397 },
  { url: '/causes', kb: 267 },
  { url: '/shop', kb: 267 },
  { url: '/shop/words', kb: 270 },
  { url: '/shop/review', kb: 429 },
  { url: '/shop/bulletins', kb: 304 },
  { url: '/shop/data', kb: 330 },
  { url: '/shop/records', kb: 311 },
  { url: '/experience/code/P0171', kb: 287 },
  { url: '/experience/odds', kb: 380 },
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
