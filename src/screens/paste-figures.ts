import type { ClipboardEvent } from 'react';
import { pastedLine } from '@/core/readings';

/**
 * Takes a pasted column or table into a field of one line with its figures kept apart; the browser would run
 * them together (13 and 5 would be 135). A paste of one line is left to the browser.
 *
 * @param e the paste into the field
 * @param onChange told the field's new value
 */
export function pasteFigures(e: ClipboardEvent<HTMLInputElement>, onChange: (value: string) => void): void {
  const line = pastedLine(e.clipboardData.getData('text/plain'));
  if (line === undefined) return;
  e.preventDefault();
  const { value, selectionStart, selectionEnd, maxLength } = e.currentTarget;
  const from = selectionStart ?? value.length;
  const whole = value.slice(0, from) + line + value.slice(selectionEnd ?? from);
  onChange(maxLength > 0 ? whole.slice(0, maxLength) : whole);
}
