import { vehicleNearness, type VehicleFacts } from '@/core/vehicle';
import { uncertainty } from './accuracy';
import { readEntry, writeQuantity } from './entry';
import { comparable, convert } from './units';

/** One reading of a vehicle known to be healthy then. */
export interface KnownValue {
  label: string;
  entered: string;
  /** The question of the test it was read in, when it comes from one. */
  question?: string;
  /** Conditions that held, as worded. */
  conditions: string[];
  vehicle: VehicleFacts & { id: string };
  /** Where it comes from: "case 31", "taken on purpose". */
  from: string;
  caseId?: string;
}

/** Known-good values of one build under one set of conditions, offered where a reading has no limit. */
export interface KnownOffer {
  /** How near the build is, in words. */
  build: string;
  near: number;
  conditions: 'same' | 'none noted';
  conditionWords: string[];
  vehicles: number;
  /** Lowest and highest, written out. */
  low: string;
  high: string;
  /** A limit to take over, as typed; empty where so few vehicles are a reference and no limit. */
  limit: string;
  /** What the limit rests on: enough vehicles, or a reference with the instrument's accuracy around it. */
  limitFrom: '' | 'vehicles' | 'accuracy';
  /** Where this one stands, in a sentence; empty while nothing is entered. */
  stands: string;
  from: { text: string; caseId?: string }[];
}

const fold = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim();
const FILLER = new Set(['the', 'at', 'of', 'a', 'in', 'on', 'with', 'reading']);
/** The words of a label in order of the alphabet, without those that say nothing. */
export const labelWords = (s: string): string =>
  fold(s)
    .split(' ')
    .filter((w) => w && !FILLER.has(w))
    .sort()
    .join(' ');

/** A label of fewer words than this ("at rest") means something only under its question. */
const TELLING_WORDS = 3;

/** Whether two readings are the same thing read: same label, and for a bare label the same question. */
export function sameThing(
  label: string,
  question: string | undefined,
  value: Pick<KnownValue, 'label' | 'question'>,
): boolean {
  if (labelWords(value.label) !== label) return false;
  if (value.question === undefined || question === undefined) return true;
  return label.split(' ').length >= TELLING_WORDS || labelWords(value.question) === labelWords(question);
}

/** Builds further apart than this are not offered: same make, another model. */
const LEAST_NEAR = 0.3;
/** Fewer healthy vehicles than this are a reference: what they read is no limit. Common practice, no source. */
const LEAST_VEHICLES = 3;

/**
 * Known-good values for one reading. Values are put together only when build and conditions are
 * alike; each group says how near it is. What was read under other conditions is not offered. Nothing is mixed.
 *
 * @param reading label, what was entered so far, the question of its test and the accuracy of its instrument
 * @param conditions conditions met on this test, as worded
 * @param vehicle the vehicle of this case
 * @param values readings of healthy vehicles
 * @returns groups, nearest build first, equal conditions before others
 */
export function knownGoodFor(
  reading: { label: string; entered: string; question?: string; accuracy?: string },
  conditions: readonly string[],
  vehicle: VehicleFacts & { id: string },
  values: readonly KnownValue[],
): KnownOffer[] {
  const label = labelWords(reading.label);
  if (label === '') return [];
  const wanted = [...conditions].map(labelWords).filter(Boolean).sort().join('|');
  const groups = new Map<string, { offer: KnownOffer; values: KnownValue[] }>();
  for (const v of values) {
    if (!sameThing(label, reading.question, v) || v.vehicle.id === vehicle.id) continue;
    const near = vehicleNearness(vehicle, v.vehicle);
    if (near.score < LEAST_NEAR) continue;
    const held = v.conditions.map(labelWords).filter(Boolean).sort().join('|');
    if (held !== wanted) continue;
    // Years apart are said for the group, so they do not split it.
    const build = near.reason.replace(/, (same year|\d+ years? apart)$/, '');
    const key = `${build}/${held}`;
    const group = groups.get(key) ?? {
      offer: {
        build,
        near: near.score,
        conditions: wanted === '' ? 'none noted' : 'same',
        conditionWords: v.conditions,
        vehicles: 0,
        low: '',
        high: '',
        limit: '',
        limitFrom: '',
        stands: '',
        from: [],
      },
      values: [],
    };
    group.values.push(v);
    group.offer.near = Math.max(group.offer.near, near.score);
    groups.set(key, group);
  }
  return [...groups.values()]
    .flatMap(({ offer, values: mine }) => fill(offer, mine, reading.entered, reading.accuracy ?? '') ?? [])
    .sort((a, b) => b.near - a.near);
}

/** The range of a group, and where this reading stands; undefined when its values are no numbers of one kind. */
function fill(
  offer: KnownOffer,
  values: KnownValue[],
  entered: string,
  accuracy: string,
): KnownOffer | undefined {
  const read = values.flatMap((v) => {
    const e = readEntry(v.entered);
    return e.kind === 'quantity' ? [{ v, ...e }] : [];
  });
  const unit = read[0]?.quantity.unit;
  if (unit === undefined) return undefined;
  const alike = read.filter((r) => r.quantity.unit === unit || comparable(r.quantity.unit, unit));
  const numbers = alike.map((r) => convert(r.quantity, unit).value);
  const low = Math.min(...numbers);
  const high = Math.max(...numbers);
  const decimals = Math.max(...alike.map((r) => r.decimals));
  const say = (value: number) => writeQuantity({ value, unit }, decimals);
  const vehicles = new Set(alike.map((r) => r.v.vehicle.id)).size;
  // One car that is well says what one car reads; how far another may be from it, it does not say.
  const around = accuracy.trim() === '' ? 0 : uncertainty(accuracy, { value: high, unit }, decimals);
  const byAccuracy = typeof around === 'number' && around > 0 ? ('accuracy' as const) : ('' as const);
  const limitFrom = vehicles >= LEAST_VEHICLES && low < high ? ('vehicles' as const) : byAccuracy;
  const widen = limitFrom === 'accuracy' && typeof around === 'number' ? around : 0;
  // Rounded outwards: a limit is not made closer than what it rests on.
  const step = 10 ** -decimals;
  const [from, to] = widen
    ? [Math.floor((low - widen) / step + 1e-9) * step, Math.ceil((high + widen) / step - 1e-9) * step]
    : [low, high];
  const filled: KnownOffer = {
    ...offer,
    vehicles,
    low: say(low),
    high: say(high),
    limit: limitFrom === '' ? '' : `${say(from)}–${say(to)}`,
    limitFrom,
    from: alike.map((r) => ({ text: r.v.from, ...(r.v.caseId ? { caseId: r.v.caseId } : {}) })),
  };
  const now = readEntry(entered, unit === '' ? undefined : unit);
  if (now.kind !== 'quantity') return filled;
  const here = convert(now.quantity, unit).value;
  filled.stands = stands(here, low, high, say);
  return filled;
}

/** Where a reading stands among those of healthy vehicles. */
function stands(here: number, low: number, high: number, say: (value: number) => string): string {
  if (here > high) return `This one is ${say(here - high)} above the highest.`;
  if (here < low) return `This one is ${say(low - here)} below the lowest.`;
  return low === high ? 'This one reads the same.' : 'This one lies among them.';
}
