/** Taking a customer out of what is kept, so that the case stays useful without them. */

const ERASED = '(customer)';
/** Shorter words of a name are in too many others. */
const LEAST = 4;
/** Fields that are about the customer and nothing else. */
const OWN = new Set(['customer', 'phone', 'plate', 'orderNumber', 'spendingLimit']);

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

const TITLES = 'mr|mrs|ms|miss|mx|dr|herr|frau|mme|señora?';

/** The words of a name that are long enough to be looked for alone. */
const wordsOf = (name: string): string[] => name.split(/[\s,]+/).filter((w) => [...w].length >= LEAST);

/**
 * Words of a name that are words of the trade too. They are erased only as part of the whole name or after a title,
 * because "Black Diesel Repairs" must not take black and diesel out of what was found.
 *
 * @param name as it stands on the case
 * @param isTradeWord whether a word, in lower case, is one of the trade
 * @returns those words, as they stand in the name
 * @example ambiguousWords('Ada Black', (w) => w === 'black') // ['Black']
 */
export function ambiguousWords(name: string, isTradeWord: (word: string) => boolean): string[] {
  // A name of one word is looked for alone however short it is.
  const words = /[\s,]/.test(name.trim()) ? wordsOf(name) : [name.trim()];
  return words.filter((w) => isTradeWord(w.toLowerCase()));
}

/**
 * Says how texts are rid of somebody's name and telephone number.
 *
 * @param name as it stands on the case; the whole of it and each longer word of it go
 * @param phone the number, whatever stands between its figures
 * @param isTradeWord words, in lower case, that go only with the whole name or after a title
 * @returns replaces them in a text
 * @example erasing('Ada Fenwick', '')('Mrs Fenwick says') // 'Mrs (customer) says'
 */
export function erasing(
  name: string,
  phone: string,
  isTradeWord: (word: string) => boolean = () => false,
): (text: string) => string {
  const ambiguous = ambiguousWords(name, isTradeWord);
  const wanted = [name.trim(), ...wordsOf(name)].filter((w) => w !== '' && !ambiguous.includes(w));
  const figures = phone.replace(/\D/g, '').slice(-7);
  const START = '(?<![\\p{L}\\p{N}])';
  const anyOf = (list: readonly string[], before: string) =>
    list.length === 0
      ? []
      : [new RegExp(`${before}(?:${list.map(escaped).join('|')})(?![\\p{L}\\p{N}])`, 'giu')];
  const patterns = [
    ...anyOf(wanted, START),
    ...anyOf(ambiguous, `(?<=${START}(?:${TITLES})\\.?\\s)`),
    ...(figures.length >= 6 ? [new RegExp(`[+\\d]*${[...figures].join('[\\s()/.-]{0,2}')}`, 'gu')] : []),
  ];
  return (text) => patterns.reduce((t, p) => t.replace(p, ERASED), text);
}

/**
 * A value with every text in it rid of the customer; fields that are about them alone become empty.
 *
 * @param value a row, or any part of one
 * @param rid as of `erasing`
 * @returns the same value where nothing is to be done
 */
export function withoutCustomer<T>(value: T, rid: (text: string) => string): T {
  if (typeof value === 'string') return rid(value) as T;
  if (Array.isArray(value)) {
    const list = value.map((v: unknown) => withoutCustomer(v, rid));
    return list.some((v, i) => v !== value[i]) ? (list as T) : value;
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).map(([k, v]): [string, unknown] => [
    k,
    OWN.has(k) && typeof v === 'string' ? '' : withoutCustomer(v, rid),
  ]);
  const before = value as Record<string, unknown>;
  return entries.some(([k, v]) => v !== before[k]) ? (Object.fromEntries(entries) as T) : value;
}
