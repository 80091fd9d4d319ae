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

/** Where the build lists its scripts, styles and fonts; written by `scripts/bundles.mjs`. */
export const ASSET_LIST = '/offline-assets.json';

/** Whether that is a list of the build's own files, and of nothing else. */
export const isAssetList = (list: unknown): list is string[] =>
  Array.isArray(list) &&
  list.every(
    (url) => typeof url === 'string' && /^\/_next\/static\/[\w./~-]+$/.test(url) && !url.includes('..'),
  );
