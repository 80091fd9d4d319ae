'use client';

import { useEffect, useLayoutEffect, useRef } from 'react';
import { pressAgain, takeEarlyPress } from './early-press';

type TextField = HTMLInputElement | HTMLTextAreaElement;

/** Fields that a person wrote in: what a browser puts back by itself after a reload is not asked for. */
const WRITTEN = ':is(input, textarea):is(:focus, :user-valid, :user-invalid)';
const NOT_TEXT = new Set(['checkbox', 'radio', 'file', 'button', 'submit', 'hidden']);

/**
 * Tells the page what was typed and pressed before its program had loaded. On a slow tablet the page can be seen and
 * used for a second or two before React listens: the words then stand on the screen and nothing keeps them, and a
 * press does nothing.
 */
export function EarlyInput() {
  const pressed = useRef<HTMLElement>(undefined);
  // Before anything else can be pressed: React listens from here on.
  useLayoutEffect(() => {
    pressed.current = takeEarlyPress() ?? pressed.current;
  }, []);
  useEffect(() => {
    for (const field of document.querySelectorAll<TextField>(WRITTEN))
      if (!NOT_TEXT.has(field.type) && field.value !== field.defaultValue) tellAgain(field);
    // What was written comes first: a form is sent with it.
    if (pressed.current) pressAgain(pressed.current);
    pressed.current = undefined;
  }, []);
  return null;
}

/**
 * React hears of a change only where the value differs from the one it last set: the first text is set through
 * React's own setter, and what was typed past it.
 */
function tellAgain(field: TextField) {
  const typed = field.value;
  const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
  const { selectionStart, selectionEnd } = field;
  field.value = field.defaultValue;
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')?.set?.call(field, typed);
  if (selectionStart !== null) field.setSelectionRange(selectionStart, selectionEnd);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
