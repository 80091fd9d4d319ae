import { KEPT_AT } from './names';

/** What the service worker answers without a connection. */

/** What the server drew longer ago is shown no more. */
export const TWO_WEEKS_S = 14 * 86_400;

/**
 * Whether a page is too old to be shown; one that does not say when it was drawn is not.
 *
 * @param drawn value of its Date header
 * @param now in milliseconds
 */
export const isTooOld = (drawn: string, now: number): boolean => now - Date.parse(drawn) > TWO_WEEKS_S * 1000;

const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/**
 * A kept page that says of itself when it was drawn.
 *
 * @param html the page
 * @param drawn value of its Date header; empty where there is none
 */
export function withKeptAt(html: string, drawn: string): string {
  const time = Date.parse(drawn);
  const at = Number.isNaN(time) ? 'unknown' : new Date(time).toISOString();
  return html.replace(/<body\b/, `<body ${KEPT_AT}="${at}"`);
}

/** The title of a page, as its link is written on the page that stands in for one that is not kept. */
const titleOf = (html: string): string =>
  (/<title>([^<]*)<\/title>/.exec(html)?.[1] ?? '').replace(/ · Vantle$/, '');

/**
 * The page for an address that is not kept: what can be opened without a connection. It has no scripts and loads
 * nothing.
 *
 * @param kept path and HTML of each kept page, the last read first
 */
export function pageWithoutConnection(kept: readonly { path: string; html: string }[]): string {
  const links = kept
    .map(({ path, html }) => {
      // The title comes out of HTML and is escaped there already.
      const name = path === '/' ? 'Desk' : titleOf(html) || escaped(path);
      return `<li><a href="${escaped(path)}">${name}</a></li>`;
    })
    .join('');
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>No connection · Vantle</title>
<meta name="viewport" content="width=device-width, initial-scale=1"><meta name="color-scheme" content="light dark">
<style>body{font:1.0625rem/1.5 system-ui,sans-serif;max-width:40rem;margin:2rem auto;padding:0 1rem;background:#f4f0e8;color:#2b2426}h1{font-size:1.375rem}h2{font-size:1.0625rem}a{display:inline-block;padding:.75rem 0;color:#5c2751}ul{list-style:none;padding:0}@media(prefers-color-scheme:dark){body{background:#1d181a;color:#efe8e4}a{color:#e3b7d6}}</style></head>
<body><h1>No connection to the shop’s server</h1>
<p>This page was not opened on this device lately, so it cannot be shown now. What you wrote on a case stays on this device and is sent when the connection is back.</p>
${links ? `<h2>Can be opened now</h2><ul>${links}</ul>` : '<p>No page is kept on this device yet: the desk and the cases read last are, once they were opened.</p>'}
<p><a href="">Try again</a></p></body></html>`;
}
