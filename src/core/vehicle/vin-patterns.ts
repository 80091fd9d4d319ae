/** A pattern of the VIN data set: which characters, which element, which value. */
export interface VinPattern {
  /** Characters from position 4 on; `*` any, `[A-C5]` one of; after `|` from position 10 on. */
  keys: string;
  element: number;
  value: string;
}

/** Positions 4 to 9 and 10 to 17 of a VIN against a pattern's keys. */
function part(keys: string, text: string): number {
  let at = 0;
  let exact = 0;
  for (let i = 0; i < keys.length; i++) {
    const key = keys[i]!;
    const ch = text[at++];
    if (ch === undefined) return -1;
    if (key === '*') continue;
    if (key === '#') {
      if (!/\d/.test(ch)) return -1;
      exact += 0.5;
    } else if (key === '[') {
      const end = keys.indexOf(']', i);
      if (end < 0) return -1;
      if (!inSet(keys.slice(i + 1, end), ch)) return -1;
      exact += 0.8;
      i = end;
    } else {
      if (key !== ch) return -1;
      exact++;
    }
  }
  return exact;
}

function inSet(set: string, ch: string): boolean {
  for (let i = 0; i < set.length; i++) {
    if (set[i + 1] === '-' && set[i + 2] !== undefined) {
      if (ch >= set[i]! && ch <= set[i + 2]!) return true;
      i += 2;
    } else if (set[i] === ch) return true;
  }
  return false;
}

/**
 * How well a pattern fits a VIN.
 *
 * @param keys the pattern's characters
 * @param vin 17 characters
 * @returns how many characters it names that agree; -1 when it does not fit
 * @example fitOf('**BA|A', vin) // 3 when positions 6 and 7 are BA and position 10 is A
 */
export function fitOf(keys: string, vin: string): number {
  const [front = '', back = ''] = keys.split('|');
  const a = part(front, vin.slice(3, 9));
  const b = part(back, vin.slice(9));
  return a < 0 || b < 0 ? -1 : a + b;
}

/**
 * The best value for each element: of the patterns that fit, the one that names most characters.
 *
 * @param patterns of the schemas that serve this VIN's maker and year
 * @param vin 17 characters
 * @returns element id → value; elements on which nothing fits are absent
 */
export function bestValues(patterns: VinPattern[], vin: string): Map<number, string> {
  const best = new Map<number, { fit: number; value: string }>();
  for (const p of patterns) {
    const fit = fitOf(p.keys, vin);
    if (fit >= 0 && fit > (best.get(p.element)?.fit ?? -1)) best.set(p.element, { fit, value: p.value });
  }
  return new Map([...best].map(([element, { value }]) => [element, value]));
}
