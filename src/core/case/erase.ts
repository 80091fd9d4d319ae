/** Taking a customer out of what is kept, so that the case stays useful without them. */

const ERASED = '(customer)';
/** Shorter words of a name are in too many others. */
const LEAST = 4;
/** Fields that are about the customer and nothing else. */
const OWN = new Set(['customer', 'phone', 'plate', 'orderNumber', 'spendingLimit']);

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/**
 * Says how texts are rid of somebody's name and telephone number.
 *
 * @param name as it stands on the case; the whole of it and each longer word of it go
 * @param phone the number, whatever stands between its figures
 * @returns replaces them in a text
 * @example erasing('Ada Fenwick', '')('Mrs Fenwick says') // 'Mrs (customer) says'
 */
export function erasing(name: string, phone: string): (text: string) => string {
  const words = name.split(/[\s,]+/).filter((w) => [...w].length >= LEAST);
  const wanted = [name.trim(), ...words].filter((w) => w !== '').map(escaped);
  const figures = phone.replace(/\D/g, '').slice(-7);
  const patterns = [
    ...(wanted.length > 0
      ? [new RegExp(`(?<![\\p{L}\\p{N}])(?:${wanted.join('|')})(?![\\p{L}\\p{N}])`, 'giu')]
      : []),
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
