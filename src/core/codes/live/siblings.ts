import { compareSiblings, readEntry, writeQuantity, convert, comparable } from '@/core/readings';

/**
 * Values that one vehicle has several times: of a cylinder, of a corner. What stands in their names' place is one
 * group. Common practice, no source.
 */
const PLACES: readonly { of: 'cylinder' | 'corner'; pattern: RegExp }[] = [
  {
    of: 'cylinder',
    pattern: /\b(?:cyl(?:inder|\.)?|zyl(?:inder|\.)?|injector|inj\.?)\s*(?:no\.?|nr\.?|#)?\s*(\d{1,2})\b/iu,
  },
  {
    of: 'corner',
    pattern:
      /\b(fl|fr|rl|rr|lf|rf|lr|(?:front|rear)[ -]?(?:left|right)|(?:left|right)[ -]?(?:front|rear)|vl|hl|vr|hr)\b/iu,
  },
];

/** At the corners: what may differ in a bend, in the unit as it is shown; common practice, no source. */
const CORNER_SHARE = 0.05;
/** Of the others' middle, and in steps of what the tool shows: nearer together is alike; common practice, no source. */
const ALIKE_SHARE = 0.2;
const ALIKE_STEPS = 5;
const LEAST = 3;

/**
 * Which values of a list stand out of the others of their kind: one cylinder of four, one wheel of four. It names
 * what is seen and no fault: a wheel may differ in a bend.
 *
 * @param values as the tool printed them
 * @returns by place in the list, a sentence for each that stands out
 * @example oddLive([4 × 'Injector n correction' of 0.1 0.2 0.1 3.9 mg]).get(3) // 'stands out: the other 3 read about 0.1 mg'
 */
export function oddLive(values: readonly { name: string; entered: string }[]): Map<number, string> {
  const groups = new Map<string, { of: 'cylinder' | 'corner'; members: number[] }>();
  values.forEach(({ name }, i) => {
    for (const { of, pattern } of PLACES) {
      if (!pattern.test(name)) continue;
      const key = `${of}: ${name.replace(pattern, '#').toLowerCase().replace(/\s+/g, ' ').trim()}`;
      const group = groups.get(key) ?? { of, members: [] };
      group.members.push(i);
      groups.set(key, group);
      break;
    }
  });
  const odd = new Map<number, string>();
  for (const { of, members } of groups.values()) {
    const read = members.map((i) => ({ i, entry: readEntry(values[i]!.entered) }));
    const unit = read.flatMap(({ entry }) => (entry.kind === 'quantity' ? [entry.quantity.unit] : []))[0];
    if (unit === undefined) continue;
    const numbers = read.flatMap(({ i, entry }) => {
      if (entry.kind !== 'quantity') return [];
      const { quantity } = entry;
      if (quantity.unit !== unit && !comparable(quantity.unit, unit)) return [];
      return [{ i, value: convert(quantity, unit).value, decimals: entry.decimals }];
    });
    // All of them have to be numbers of one kind: what is missing may be the odd one.
    if (numbers.length < LEAST || numbers.length < members.length) continue;
    const decimals = Math.max(...numbers.map((n) => n.decimals));
    const sizes = numbers.map((n) => Math.abs(n.value)).sort((a, b) => a - b);
    const middle = sizes[Math.floor(sizes.length / 2)]!;
    const tolerance = Math.max(
      (of === 'corner' ? CORNER_SHARE : ALIKE_SHARE) * middle,
      ALIKE_STEPS * 10 ** -decimals,
    );
    const found = compareSiblings(
      numbers.map((n) => ({ at: String(n.i), value: n.value })),
      tolerance,
    );
    if (found.outcome !== 'odd') continue;
    for (const o of found.odd)
      odd.set(
        Number(o.at),
        `stands out: the other ${numbers.length - found.odd.length} read about ${writeQuantity({ value: o.others, unit }, decimals)}${of === 'corner' ? ' (a bend does that too)' : ''}`,
      );
  }
  return odd;
}
