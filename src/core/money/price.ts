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

/** What a currency is called beside its three letters and its sign. */
const ALSO: Record<string, readonly string[]> = { CHF: ['fr', 'sfr'], GBP: ['stg'] };

/** Whether a word before or after a figure names this currency: `EUR`, `€`, `kr`, `Fr.`; none at all names the shop's. */
function names(word: string, currency: string): boolean {
  const said = word.replace(/\.$/, '').toLowerCase();
  if (said === '' || said === currency.toLowerCase()) return true;
  const sign = new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' })
    .formatToParts(0)
    .find((p) => p.type === 'currency')?.value;
  return said === sign?.toLowerCase() || (ALSO[currency] ?? []).includes(said);
}

const WORD = '(\\p{Sc}|\\p{L}{2,3}\\.?)?';
const PRICE = new RegExp(`^(?:(\\d{1,3})\\s*[x×*]\\s*)?${WORD}\\s*(${NUMBER})\\s*${WORD}(?:[.,]?-)?$`, 'u');

/**
 * Reads a price as it is typed: with or without a sign of the currency, `2 x 12.50` for two pieces. Money has two
 * decimals, so that three digits behind a separator are thousands.
 *
 * @param text as typed
 * @param currency the shop's, by its three letters (ISO 4217)
 * @returns the amount, or undefined where it is no single price in this currency; never negative
 * @example readPrice('2 x 12,50 €', 'EUR') // 25
 * @example readPrice('1,200', 'EUR') // 1200
 */
export function readPrice(text: string, currency: string): number | undefined {
  const m = PRICE.exec(text.trim());
  // "ca. 80" is about as much, and 80 of another currency are not 80 of this one.
  if (!m || !names(m[2] ?? '', currency) || !names(m[4] ?? '', currency)) return undefined;
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
