/** What was pressed before React listened, as the script below keeps it on `window`. */
export interface EarlyPress {
  /** The last button pressed, or the form that was to be sent. */
  target?: HTMLElement;
  event?: Event;
  /** Ends the keeping. */
  end: () => void;
}

declare global {
  interface Window {
    earlyPress?: EarlyPress;
  }
}

/**
 * A script for the top of the page: it keeps the last press on a button until React listens, and marks the button so
 * that whoever pressed sees that it was heard. A form is not sent by the browser itself: its fields, a passphrase
 * among them, would stand in the address. It must stand on its own; the page takes it as text.
 */
export const KEEP_EARLY_PRESS = `(() => {
  const press = (event) => {
    const button = event.target.closest && event.target.closest('button');
    if (!button || button.disabled || (button.form && button.type === 'submit')) return;
    keep(button, event);
  };
  const submit = (event) => {
    event.preventDefault();
    keep(event.target, event);
  };
  const keep = (target, event) => {
    if (early.target) early.target.removeAttribute('data-waiting');
    target.setAttribute('data-waiting', '');
    early.target = target;
    early.event = event;
  };
  const early = (window.earlyPress = {
    end: () => {
      removeEventListener('click', press, true);
      removeEventListener('submit', submit, true);
      if (early.target) early.target.removeAttribute('data-waiting');
    },
  });
  addEventListener('click', press, true);
  addEventListener('submit', submit, true);
})()`;

/**
 * Ends the keeping and gives what was pressed. Where the very press that is under way made React listen, React hears
 * of it by itself: it is not given a second time.
 */
export function takeEarlyPress(): HTMLElement | undefined {
  const early = window.earlyPress;
  if (!early) return undefined;
  delete window.earlyPress;
  early.end();
  return early.event === window.event ? undefined : early.target;
}

/** Presses it again, where it is still there. */
export function pressAgain(target: HTMLElement): void {
  if (!target.isConnected) return;
  if (target instanceof HTMLFormElement) target.requestSubmit();
  else target.click();
}
