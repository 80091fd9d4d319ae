import { runInThisContext } from 'node:vm';
import { render } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { EarlyInput } from './early-input';
import { KEEP_EARLY_PRESS } from './early-press';

/** The page as it stands before React: written by the server, with the script at its top already run. */
function pageBefore(html: string) {
  document.body.innerHTML = `${html}<div id="root"></div>`;
  runInThisContext(KEEP_EARLY_PRESS);
}
const byId = <T extends HTMLElement>(id: string) => document.getElementById(id) as T;
const start = () => render(<EarlyInput />, { container: byId('root') });

beforeEach(() => {
  delete window.earlyPress;
});
afterEach(() => {
  window.earlyPress?.end();
  delete window.earlyPress;
  document.body.innerHTML = '';
});

describe('what is pressed before React listens', () => {
  it('is pressed again once, when it listens, and is marked until then', () => {
    pageBefore('<button id="b"><span id="in">New case</span></button>');
    byId('in').click();
    expect(byId('b').hasAttribute('data-waiting')).toBe(true);
    const heard = vi.fn();
    byId('b').addEventListener('click', heard);
    start();
    expect(heard).toHaveBeenCalledTimes(1);
    expect(byId('b').hasAttribute('data-waiting')).toBe(false);
    // From here on React hears it by itself.
    byId('b').click();
    expect(heard).toHaveBeenCalledTimes(2);
  });
  it('the last of several is meant, and pressing twice is pressing once', () => {
    pageBefore('<button id="a">A</button><button id="b">B</button>');
    for (const id of ['a', 'b', 'b']) byId(id).click();
    expect(byId('a').hasAttribute('data-waiting')).toBe(false);
    const [a, b] = [vi.fn(), vi.fn()];
    byId('a').addEventListener('click', a);
    byId('b').addEventListener('click', b);
    start();
    expect([a.mock.calls.length, b.mock.calls.length]).toEqual([0, 1]);
  });
  it('links, plain text and buttons that cannot be pressed are left to the browser', () => {
    pageBefore('<a id="l" href="#x">Link</a><p id="p">text</p><button id="d" disabled>D</button>');
    for (const id of ['l', 'p', 'd']) byId(id).dispatchEvent(new MouseEvent('click', { bubbles: true }));
    expect(window.earlyPress?.target).toBeUndefined();
  });
  it('what is no longer on the page is not pressed', () => {
    pageBefore('<button id="b">B</button>');
    const b = byId('b');
    b.click();
    b.remove();
    const heard = vi.fn();
    b.addEventListener('click', heard);
    start();
    expect(heard).not.toHaveBeenCalled();
  });
  it('the press that itself made React listen is not given twice', () => {
    pageBefore('<button id="b">B</button>');
    const heard = vi.fn();
    byId('b').addEventListener('click', () => {
      heard();
      if (heard.mock.calls.length === 1) start();
    });
    byId('b').click();
    expect(heard).toHaveBeenCalledTimes(1);
  });
  it('a form is not sent by the browser, whose address would show a passphrase, but by the page', () => {
    pageBefore('<form id="f"><input name="passphrase" type="password" /><button id="s">Send</button></form>');
    byId('s').click();
    expect(window.earlyPress?.event?.defaultPrevented).toBe(true);
    const sent = vi.fn((e: Event) => e.preventDefault());
    byId('f').addEventListener('submit', sent);
    start();
    expect(sent).toHaveBeenCalledTimes(1);
  });
  it('without the script, as on a page of an older worker, nothing happens', () => {
    document.body.innerHTML = '<div id="root"></div>';
    expect(() => start()).not.toThrow();
  });
});

describe('what is written before React listens', () => {
  it('is told to the page, before the press', () => {
    pageBefore('<input id="i" value="" /><button id="b">Find</button>');
    const order: string[] = [];
    byId('i').focus();
    byId<HTMLInputElement>('i').value = 'P0171';
    byId('b').click();
    byId('i').focus();
    byId('i').addEventListener('input', () => order.push(byId<HTMLInputElement>('i').value));
    byId('b').addEventListener('click', () => order.push('pressed'));
    start();
    expect(order).toEqual(['P0171', 'pressed']);
  });
});
