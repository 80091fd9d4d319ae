/** What the service worker and the window agree on. */

/** Names of the caches. The window deletes the first two when somebody else signs in. */
export const CACHES = {
  pages: 'vantle-pages',
  pictures: 'vantle-pictures',
  assets: 'vantle-assets',
} as const;

/** Attribute of the body of a page that was answered from the cache: when the server drew it. */
export const KEPT_AT = 'data-kept-at';

/** From the window: keep the page at this path, and what it loaded of the application. */
export interface KeepMessage {
  keep: string;
  assets: string[];
}

/** The desk and single cases: what somebody at a vehicle needs when the connection goes. */
export const isKept = (path: string): boolean => path === '/' || /^\/cases\/[^/]+$/.test(path);
