import { readEntry } from '@/core/readings';
import { stem } from '@/core/symptoms';
import type { ReadingAsked } from '../chips';
import type { LineReader } from './contract';

/** Within which share of it a value is about the same. */
export const NEAR_VALUE = 0.05;

const NUMBER = '[+\\-−]?\\d+(?:[.,]\\d+)?';
const COMPARISON = new RegExp(
  `((?:[\\p{L}][\\p{L}\\p{N}.-]*\\s+){1,4}?)(>=|<=|>|<|≥|≤|=|over|above|below|under|more than|less than|at least|at most)\\s*(${NUMBER})\\s*([^\\s\\d,;]*)`,
  'gu',
);
const MORE = /^(>|>=|≥|over|above|more than|at least)$/;
/** "battery 11.2V", "coolant temp -40": words, a number, and its unit where it has one. */
const VALUE = new RegExp(
  `(?<= )((?:\\p{L}[\\p{L}\\p{N}.-]*\\s+){1,4})(?:(?:of|is|at|reads|shows)\\s+)?(${NUMBER})\\s?([^\\s\\d,;]*)(?= )`,
  'gu',
);

/** "trim > 20 %" and "battery 11.2 V": the words before it that name a reading taken here, the last one in any case. */
export const readReadings: LineReader = (text, known) => {
  const taken = (word: string) => known.readings?.has(stem(word.toLowerCase())) ?? false;
  for (const m of [...text.rest.matchAll(COMPARISON)]) {
    const all = m[1]!.trim().split(/\s+/);
    // "will not rev over 3000" compares nothing that was ever read here.
    if (known.readings && !taken(all.at(-1)!)) continue;
    const lessOrSame = m[2] === '=' ? '=' : '<';
    const sign = MORE.test(m[2]!) ? '>' : lessOrSame;
    const tail = m[0].slice(m[1]!.length);
    put(text, named(all, taken), sign, m[3]!, m[4]!, tail);
  }
  if (!known.readings) return;
  for (const m of [...text.rest.matchAll(VALUE)]) {
    const all = m[1]!.trim().split(/\s+/);
    if (!taken(all.at(-1)!)) continue;
    // A bare number counts only with its sign: "cylinder 3" is no value.
    if (m[3] === '' && !/^[-−]/.test(m[2]!)) continue;
    put(text, named(all, taken), '≈', m[2]!, m[3]!, m[0].slice(m[1]!.length));
  }
};

/** The last words of several, as far back as they are known from readings. */
function named(all: string[], taken: (word: string) => boolean): string[] {
  let from = all.length - 1;
  while (from > 0 && taken(all[from - 1]!)) from--;
  return all.slice(from);
}

function put(
  text: Parameters<LineReader>[0],
  words: string[],
  op: ReadingAsked['op'],
  number: string,
  unit: string,
  tail: string,
): void {
  const entry = readEntry(`${number} ${unit}`.trim());
  const plain = entry.kind === 'quantity' ? entry : readEntry(number);
  if (plain.kind !== 'quantity') return;
  // "battery 11 months": what stands behind the number is no unit.
  if (op === '≈' && unit !== '' && entry.kind !== 'quantity') return;
  const { quantity } = plain;
  const said =
    `${words.join(' ')} ${entry.kind === 'quantity' ? tail : tail.slice(0, tail.length - unit.length)}`.trim();
  const sign = op === '≈' ? '' : `${op} `;
  text.take(said, {
    kind: 'reading',
    label: `${words.join(' ')} ${sign}${number}${quantity.unit ? ` ${quantity.unit}` : ''}`,
    value: `${words.join(' ').toLowerCase()}${op}${quantity.value}${quantity.unit}`,
    reading: { words, op, quantity },
  });
}
