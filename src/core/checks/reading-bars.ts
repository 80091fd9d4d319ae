import type { Reading, Verdict } from '@/core/case';
import {
  comparable,
  convert,
  cornerOf,
  findUnit,
  readEntry,
  readLimit,
  type Limit,
  type Quantity,
} from '@/core/readings';
import type { Drawing } from './contract';

type Facts = Pick<Reading, 'label' | 'entered' | 'limit'>;
type Bars = Extract<Drawing, { kind: 'bars' }>;

/** Fewer are read at a glance as numbers. */
const ENOUGH = 3;
const LONGEST_NAME = 16;

/**
 * The readings of one test as bars, where they are of one kind: cylinders, corners, banks, or whatever is held
 * against its siblings.
 *
 * @param readings of the test, in order
 * @param verdicts one for each
 * @param before of the test that this one repeats; matched by label
 * @returns bars in the unit of the first reading, or undefined when there are fewer than three, when they are of
 * different things, or when one is no number: a bar that is left out would hide the one that matters
 * @example readingBars([cylinder 1: 11.8 bar, cylinder 2: 11.5 bar, cylinder 3: 7.9 bar], …) // three bars, in bar
 */
export function readingBars(
  readings: readonly Facts[],
  verdicts: readonly Verdict[],
  before: readonly Facts[] = [],
): Bars | undefined {
  const names = namesOf(readings);
  if (!names) return undefined;
  const quantities = readings.map(quantityOf);
  const unit = quantities.find((q) => q && q.unit !== '')?.unit ?? '';
  const values = quantities.map((q) => q && inUnit(q, unit));
  if (values.some((v) => v === undefined)) return undefined;
  const earlier = new Map(before.map((b) => [nameOf(b.label), b]));
  return {
    kind: 'bars',
    unit,
    bars: readings.map((r, i) => {
      const first = earlier.get(nameOf(r.label));
      const was = first && quantityOf(first);
      const value = was && inUnit(was, unit);
      return {
        at: names[i]!,
        value: values[i]!,
        verdict: verdicts[i] ?? '',
        ...(value === undefined ? {} : { before: value }),
      };
    }),
    ...limitsOf(readings, unit),
  };
}

/**
 * The bars of a repeated check beside those of its first run.
 *
 * @param now what the check draws
 * @param first what it drew the first time
 * @returns `now`, each bar with the value its name had before; unchanged where one of them is no bars, or their units
 * do not compare
 */
export function withBefore(now: Drawing, first: Drawing | undefined): Drawing {
  if (now.kind !== 'bars' || first?.kind !== 'bars') return now;
  const bars = now.bars.map((b) => {
    const was = first.bars.find((f) => f.at === b.at);
    const value = was && inUnit({ value: was.value, unit: first.unit }, now.unit);
    return value === undefined ? b : { ...b, before: value };
  });
  return { ...now, bars };
}

/** What each is called under its bar, when all are of one kind and none twice. */
function namesOf(readings: readonly Facts[]): string[] | undefined {
  if (readings.length < ENOUGH) return undefined;
  const names = readings.map((r) => nameOf(r.label));
  if (new Set(names).size < names.length) return undefined;
  if (names.every((n) => /^(?:FL|FR|RL|RR)$/.test(n))) return names;
  const kinds = new Set(readings.map((r) => r.label.trim().toLowerCase().replace(/\d+/g, '#')));
  // "Bank 1 sensor 2" is 1/2: the first number alone would stand under two bars.
  if (kinds.size === 1 && /#/.test([...kinds][0]!)) {
    const numbers = readings.map((r) => r.label.match(/\d+/g)!.join('/'));
    return new Set(numbers).size === numbers.length ? numbers : undefined;
  }
  const held = readings.every((r) => {
    const limit = readLimit(r.limit);
    return limit.ok && limit.limit?.form === 'siblings';
  });
  return held && names.every((n) => n !== '') ? names.map(cut) : undefined;
}

const nameOf = (label: string) => cornerOf(label) ?? label.trim();
const cut = (name: string) => (name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1)}…` : name);

function quantityOf(r: Facts): Quantity | undefined {
  const entry = readEntry(r.entered);
  return entry.kind === 'quantity' ? entry.quantity : undefined;
}

/** A bare number is in the unit of its neighbours. */
function inUnit(q: Quantity, unit: string): number | undefined {
  if (q.unit === '' || q.unit === unit) return q.value;
  return unit !== '' && comparable(q.unit, unit) && findUnit(unit) ? convert(q, unit).value : undefined;
}

/** The limit drawn across, where all have the same. */
function limitsOf(readings: readonly Facts[], unit: string): { low?: number; high?: number } {
  if (new Set(readings.map((r) => r.limit.trim())).size > 1) return {};
  const read = readLimit(readings[0]!.limit);
  if (!read.ok || !read.limit) return {};
  const ends = endsOf(read.limit);
  const own = 'unit' in read.limit ? read.limit.unit : '';
  const end = (value: number | undefined) =>
    value === undefined ? undefined : inUnit({ value, unit: own }, unit);
  const low = end(ends.low);
  const high = end(ends.high);
  return { ...(low === undefined ? {} : { low }), ...(high === undefined ? {} : { high }) };
}

function endsOf(limit: Limit): { low?: number; high?: number } {
  if (limit.form === 'between') return { low: limit.low, high: limit.high };
  if (limit.form === 'at least') return { low: limit.low };
  if (limit.form === 'at most') return { high: limit.high };
  if (limit.form === 'target')
    return { low: limit.target - limit.tolerance, high: limit.target + limit.tolerance };
  return {};
}
