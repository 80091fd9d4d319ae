import { comparable, findUnit, suggestUnit, unitsOf, type Quantity } from './units';

/** What a person typed into a reading, understood. */
export type Entry =
  | { kind: 'empty' }
  | { kind: 'quantity'; quantity: Quantity; decimals: number; text: string }
  | { kind: 'beyond'; text: string }
  | { kind: 'state'; state: string }
  /** `offer` is the whole entry with the likely unit, ready to be taken. */
  | { kind: 'problem'; message: string; offer?: string };

export const NUMBER =
  '[+\\-−–]?(?:\\d{1,3}(?:[ \\u00a0\\u202f]\\d{3})+|\\d+)(?:[.,]\\d+)?(?:[eE][+-]?\\d+)?|[+\\-−–]?[.,]\\d+';

/**
 * Reads a number the way people in a shop write it: decimal point or comma, a real minus sign,
 * blanks between thousands.
 *
 * @param text digits as typed
 * @returns the number and how many decimals were given, or undefined when it is not a number
 * @example readNumber('24,1') // { value: 24.1, decimals: 1 }
 */
export function readNumber(text: string): { value: number; decimals: number } | undefined {
  const clean = text
    .trim()
    .replace(/[−–]/g, '-')
    .replace(/[ \u00a0\u202f]/g, '')
    .replace(',', '.');
  if (!/^[+-]?(\d+\.?\d*|\.\d+)([eE][+-]?\d+)?$/.test(clean)) return undefined;
  const value = Number(clean);
  if (!Number.isFinite(value)) return undefined;
  return { value, decimals: /\.(\d+)/.exec(clean)?.[1]?.length ?? 0 };
}

const quantityPattern = new RegExp(`^(${NUMBER})\\s*(.*)$`);

/**
 * Reads what was typed into a reading: a number with its unit, "OL" or "open" on a meter's display
 * (beyond its range), or a state in words.
 *
 * @param text as typed, for instance `3.72 V`, `24,1 inHg`, `-12C`, `OL`, `lamp lights`
 * @param expected a unit to assume when only a number was typed
 * @returns the entry; a number with an unknown unit is a `problem` with a sentence, never a guess
 * @example readEntry('24,1 inHg') // quantity 24.1 inHg, 1 decimal
 */
export function readEntry(text: string, expected?: string): Entry {
  const t = text.trim();
  if (t === '') return { kind: 'empty' };
  if (/^(o\.?l\.?|over ?limit|∞|infinite|>\s*max)$/i.test(t)) return { kind: 'beyond', text: t };
  const m = quantityPattern.exec(t);
  if (!m) return { kind: 'state', state: t };
  const number = readNumber(m[1] ?? '');
  if (!number) return { kind: 'state', state: t };
  const typed = (m[2] ?? '').trim();
  if (typed === '') {
    if (expected !== undefined) {
      return {
        kind: 'quantity',
        quantity: { value: number.value, unit: expected },
        decimals: number.decimals,
        text: t,
      };
    }
    return {
      kind: 'quantity',
      quantity: { value: number.value, unit: '' },
      decimals: number.decimals,
      text: t,
    };
  }
  const unit = findUnit(typed);
  if (unit && expected && !comparable(unit.sign, expected)) return misfit(t, m[1]!, unit, expected);
  if (unit)
    return {
      kind: 'quantity',
      quantity: { value: number.value, unit: unit.sign },
      decimals: number.decimals,
      text: t,
    };
  // "4 humps of 6", "2nd gear": words that start with a number are a state, not a broken unit.
  if (/\s/.test(typed) || /^(st|nd|rd|th|x)\b/i.test(typed)) return { kind: 'state', state: t };
  const wanted = expected ? findUnit(expected)?.measures : undefined;
  const likely = suggestUnit(typed, wanted) ?? expected;
  return {
    kind: 'problem',
    message: likely
      ? `"${typed}" is not a unit known here. Was ${likely} meant?`
      : `"${typed}" is not a unit known here. Write for instance 3.72 V, 24,1 inHg, -12 °C.`,
    ...(likely ? { offer: `${m[1]!.trim()} ${likely}` } : {}),
  };
}

/** A known unit of another quantity than the one wanted here. */
function misfit(
  text: string,
  number: string,
  unit: { sign: string; measures: string },
  expected: string,
): Entry {
  const wanted = findUnit(expected)?.measures ?? '';
  if (wanted === '') return { kind: 'problem', message: `"${text}" does not go with ${expected}.` };
  const likely = suggestUnit(unit.sign, wanted) ?? expected;
  return {
    kind: 'problem',
    message: `${unit.sign} measures ${unit.measures}; here a ${wanted} is wanted, in ${unitsOf(wanted).slice(0, 4).join(', ')} … Was ${likely} meant?`,
    offer: `${number.trim()} ${likely}`,
  };
}

/**
 * Writes a number with a fixed number of decimals, with a real minus sign and no "-0".
 *
 * @param value any finite number
 * @param decimals digits after the point
 */
export function writeNumber(value: number, decimals: number): string {
  const s = value.toFixed(Math.min(decimals, 6));
  return (Number(s) === 0 ? s.replace('-', '') : s).replace('-', '−');
}

/** Writes a quantity: `writeQuantity({ value: 0.88, unit: 'V' }, 2)` gives `0.88 V`. */
export function writeQuantity(q: Quantity, decimals: number): string {
  const glue = q.unit === '' || q.unit === '°' ? '' : '\u00a0';
  return `${writeNumber(q.value, decimals)}${glue}${q.unit}`;
}
