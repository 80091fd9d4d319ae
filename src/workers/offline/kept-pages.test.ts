import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isTooOld, pageWithoutConnection, withKeptAt } from './kept-pages';
import { isAssetList, isKept } from './names';

describe('pages kept for the time without a connection', () => {
  it('are the desk and single cases, nothing that lists people, customers or the shop', () => {
    expect(['/', '/cases/17', '/cases/01J-x'].every(isKept)).toBe(true);
    expect(
      ['/find', '/shop', '/shop/customers', '/sign-in', '/cases', '/cases/17/report', '/api/cases/17'].some(
        isKept,
      ),
    ).toBe(false);
  });

  it('need the files of the build, and the list of those names nothing else', () => {
    expect(isAssetList(['/_next/static/chunks/0a-b_c~1.js', '/_next/static/media/Plex-s.p.12ab.woff2'])).toBe(
      true,
    );
    expect(isAssetList([])).toBe(true);
    for (const other of [
      '/api/cases',
      'https://elsewhere.example/_next/static/a.js',
      '/_next/static/../x',
      7,
    ])
      expect(isAssetList(['/_next/static/a.js', other]), String(other)).toBe(false);
    expect(isAssetList({ 0: '/_next/static/a.js' })).toBe(false);
  });

  it('say when the server drew them; one without a date says that it does not know', () => {
    const html = '<html lang="en"><body data-role="lead">x</body></html>';
    // The example date of RFC 9110, 5.6.7.
    expect(withKeptAt(html, 'Sun, 06 Nov 1994 08:49:37 GMT')).toBe(
      '<html lang="en"><body data-kept-at="1994-11-06T08:49:37.000Z" data-role="lead">x</body></html>',
    );
    expect(withKeptAt(html, '')).toContain('data-kept-at="unknown"');
  });

  it('are shown for two weeks, by the clock of the server that drew them', () => {
    const drawn = 'Sun, 06 Nov 1994 08:49:37 GMT';
    expect(isTooOld(drawn, Date.parse('1994-11-20T08:49:37Z'))).toBe(false);
    expect(isTooOld(drawn, Date.parse('1994-11-20T08:49:38Z'))).toBe(true);
    expect(isTooOld('', Date.now())).toBe(false);
  });

  it('stand as links on the page for an address that is not kept', () => {
    const page = pageWithoutConnection([
      { path: '/cases/8', html: '<title>8 · Corvane &amp; Sons · Vantle</title>' },
      { path: '/cases/9', html: '<p>no title</p>' },
      { path: '/', html: '<title>Vantle</title>' },
    ]);
    expect(page).toContain('<a href="/cases/8">8 · Corvane &amp; Sons</a>');
    expect(page).toContain('<a href="/cases/9">/cases/9</a>');
    expect(page).toContain('<a href="/">Desk</a>');
    expect(pageWithoutConnection([])).toContain('No page is kept');
  });

  it('bring no script of their own into that page', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const page = pageWithoutConnection([{ path: `/cases/${text}"><script>`, html: `<title>${text}` }]);
        expect(page.includes('<script')).toBe(false);
      }),
    );
  });
});
