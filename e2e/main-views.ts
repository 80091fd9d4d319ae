import type { Page } from '@playwright/test';

/** Every main view with the most JavaScript it may send, in kilobytes as they come over the wire. */
export const VIEWS: { url: string; kb: number }[] = [
  { url: '/', kb: 269 },
  { url: '/find?q=P0171%20shakes', kb: 277 },
  { url: '/cases/34', kb: 545 },
  { url: '/cases/41', kb: 545 },
  { url: '/cases/25', kb: 545 },
  { url: '/cases/34?beside=3', kb: 545 },
  { url: '/cases/34/report', kb: 260 },
  { url: '/cases/34/history', kb: 305 },
  { url: '/cases/34/traces/new', kb: 481 },
  { url: '/cases/25/traces/demo-trace-4', kb: 481 },
  { url: '/compare?a=3&b=9', kb: 313 },
  { url: '/tests', kb: 367 },
  { url: '/tests/filter-back-pressure', kb: 385 },
  { url: '/tests/known-good', kb: 345 },
  { url: '/tests/procedures', kb: 379 },
  { url: '/causes', kb: 260 },
  { url: '/shop', kb: 260 },
  { url: '/shop/words', kb: 267 },
  { url: '/shop/bulletins', kb: 305 },
  { url: '/shop/data', kb: 309 },
  { url: '/shop/records', kb: 305 },
  { url: '/experience/code/P0171', kb: 280 },
  { url: '/experience/odds', kb: 371 },
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
