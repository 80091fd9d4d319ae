import { z } from 'zod';

/** What people sign in with. */

/** Digits in a row up or down, or all the same: the first that anybody tries. */
function easyPin(pin: string): boolean {
  const steps = [...pin].slice(1).map((d, i) => Number(d) - Number(pin[i]));
  return steps.every((s) => s === steps[0] && Math.abs(s) <= 1);
}

export const Pin = z
  .string()
  .regex(/^\d{4,6}$/, 'A PIN is 4 to 6 digits.')
  .refine((pin) => !easyPin(pin), 'That PIN is the first one anybody tries. Take another.');

/** OWASP ASVS 5.0, 6.2.1 and 6.2.9: at least 8 characters, 15 advised, at least 64 allowed, nothing cut off. */
export const Passphrase = z
  .string()
  .min(10, 'A passphrase has at least 10 characters; a few words are easy to remember.')
  .max(200, 'At most 200 characters.')
  .refine((p) => new Set(p).size >= 5, 'That passphrase is too easy to guess. Take a few words.');

/** Characters of a code that is read off a screen: none that look alike. */
const CODE_LETTERS = 'ACDEFGHJKLMNPQRTUVWXY34679';

/**
 * A code that admits a device, from random bytes.
 *
 * @param random 8 bytes
 * @example deviceCode(new Uint8Array(8)) // 'AAAA-AAAA'
 */
export function deviceCode(random: Uint8Array): string {
  const letters = [...random].map((b) => CODE_LETTERS[b % CODE_LETTERS.length]!);
  return `${letters.slice(0, 4).join('')}-${letters.slice(4).join('')}`;
}

/** The code as it was typed, whatever the case, blanks and dashes. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
