import { convert, readEntry, writeQuantity } from '@/core/readings';

/** Words about what stays unexplained, kept as text with one line for each: `P0455: cap left open`. */
export interface Words {
  of: Map<string, string>;
  /** Lines that speak of none of the items. */
  rest: string[];
}

/**
 * Reads the words about unexplained items from the text that keeps them.
 *
 * @param text one line for each item, its label and a colon first; other lines are kept as they are
 * @param labels what is unexplained now
 */
export function readWords(text: string, labels: readonly string[]): Words {
  const of = new Map<string, string>();
  const rest: string[] = [];
  for (const line of text.split('\n')) {
    const label = labels.find((l) => line.startsWith(`${l}:`));
    if (label !== undefined && !of.has(label)) of.set(label, line.slice(label.length + 1).replace(/^ /, ''));
    else if (line.trim() !== '') rest.push(line);
  }
  return { of, rest };
}

/**
 * The text with a word about one item put down; an empty word takes its line out.
 *
 * @returns the new text; what it says of other items is unchanged
 */
export function writeWord(text: string, labels: readonly string[], label: string, word: string): string {
  const { of, rest } = readWords(text, labels);
  if (word === '') of.delete(label);
  else of.set(label, word);
  return [...labels.flatMap((l) => (of.has(l) ? [`${l}: ${of.get(l)}`] : [])), ...rest].join('\n');
}

/** Items that still ask for a word before the case can be closed. */
export const withoutWord = (text: string, labels: readonly string[]): string[] => {
  const { of } = readWords(text, labels);
  return labels.filter((l) => (of.get(l) ?? '').trim() === '');
};

/**
 * The odometer at which a follow-up falls due.
 *
 * @param odometer as typed, `159 300 km`
 * @param distance as typed, `1 000 km`
 * @returns the sum in the odometer's unit, or empty when one of them, or the unit of one, is unknown
 * @example dueOdometer('159 300 km', '1 000 km') // '160300 km'
 */
export function dueOdometer(odometer: string, distance: string): string {
  const at = readEntry(odometer);
  const further = readEntry(distance);
  if (at.kind !== 'quantity' || further.kind !== 'quantity') return '';
  try {
    const there = convert(further.quantity, at.quantity.unit).value + at.quantity.value;
    return writeQuantity({ value: Math.round(there), unit: at.quantity.unit }, 0).replace(/\u00a0/g, ' ');
  } catch {
    return '';
  }
}
