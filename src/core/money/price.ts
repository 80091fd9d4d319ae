import { NUMBER, readNumeral } from '@/core/readings';
import { z } from 'zod';

/** What the shop counts in, and what it charges for an hour of work; no rate: hours are not priced. */
export const Money = z.object({
  currency: z
    .string()
    .trim()
    .toUpperCase()
    .regex(/^[A-Z]{3}$/, 'A currency is its three letters, as in EUR, GBP or USD.'),
  hourRate: z
    .number('A number, please.')
    .min(0, 'Not less than nothing.')
    .max(10_000, 'At most 10 000 an hour.')
    .nullable(),
});
export type Money = z.infer<typeof Money>;

/** What currencies are called where their sign or their three letters (ISO 4217) are not written. */
const CALLED = new Set(['kr', 'zł', 'fr', 'sfr', 'ft', 'kč', 'lei', 'lv', 'rs']);
const CODES = new Set(Intl.supportedValuesOf('currency'));
const isCurrency = (word: string): boolean =>
  word === '' ||
  /^\p{Sc}$/u.test(word) ||
  CODES.has(word.toUpperCase()) ||
  CALLED.has(word.replace(/\.$/, '').toLowerCase());

const WORD = '(\\p{Sc}|\\p{L}{2,3}\\.?)?';
const PRICE = new RegExp(`^(?:(\\d{1,3})\\s*[x×*]\\s*)?${WORD}\\s*(${NUMBER})\\s*${WORD}(?:[.,]?-)?$`, 'u');

/**
 * Reads a price as it is typed: with or without a sign of the currency, `2 x 12.50` for two pieces. Money has two
 * decimals, so that three digits behind a separator are thousands.
 *
 * @param text as typed
 * @returns the amount in the shop's currency, or undefined where it is no single price; never negative
 * @example readPrice('2 x 12,50 €') // 25
 * @example readPrice('1,200') // 1200
 */
export function readPrice(text: string): number | undefined {
  const m = PRICE.exec(text.trim());
  // "ca. 80" is about as much: no price yet.
  if (!m || !isCurrency(m[2] ?? '') || !isCurrency(m[4] ?? '')) return undefined;
  const figure = readNumeral(m[3]!)?.figures[0];
  if (!figure || figure.value < 0) return undefined;
  const price = Number(m[1] ?? 1) * figure.value;
  return Number.isFinite(price) ? price : undefined;
}

/**
 * Writes an amount for a person to read.
 *
 * @param amount in the currency
 * @param currency its three letters (ISO 4217)
 * @example writePrice(1234.5, 'EUR') // 'EUR 1,234.50', with spaces that do not break
 */
export const writePrice = (amount: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency, currencyDisplay: 'code' }).format(amount);
