import { SLICES, turned, type ChannelPrint, type Fingerprint } from './fingerprint';

/** How far time may be warped, as a share of the whole. */
const BAND = 0.06;

/**
 * Distance of two courses under time warping within a band (Sakoe & Chiba 1978), as a mean over the path.
 *
 * @param most distances above this are not told exactly
 */
export function warpedDistance(a: Float32Array, b: Float32Array, most = Infinity): number {
  const n = a.length;
  const reach = Math.max(1, Math.round(BAND * n));
  let before = new Float64Array(n + 1).fill(Infinity);
  let row = new Float64Array(n + 1).fill(Infinity);
  before[0] = 0;
  for (let i = 1; i <= n; i++) {
    row.fill(Infinity);
    let least = Infinity;
    for (let j = Math.max(1, i - reach); j <= Math.min(n, i + reach); j++) {
      const d = a[i - 1]! - b[j - 1]!;
      const v = d * d + Math.min(before[j]!, before[j - 1]!, row[j - 1]!);
      row[j] = v;
      if (v < least) least = v;
    }
    if (Math.sqrt(least / n) > most) return Math.sqrt(least / n);
    [before, row] = [row, before];
  }
  return Math.sqrt(before[n]! / n);
}

/** Root of the mean square difference. */
export function plainDistance(a: Float32Array, b: Float32Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i]! - b[i]!) ** 2;
  return Math.sqrt(sum / Math.max(1, a.length));
}

/** Least distance of two cycles over all places where the one may begin. */
export function cycleDistance(a: Float32Array, b: Float32Array): number {
  let best = Infinity;
  for (let by = 0; by < SLICES; by++) best = Math.min(best, plainDistance(a, turned(b, by)));
  return best;
}

/** How much each part of a channel's shape counts; found on recordings of the simulated scope (`npm run bench -- likeness`). */
export const WEIGHTS = { course: 0.5, swing: 1, cycle: 0.8, harmonics: 2, steps: 3, rough: 1 };
/** What a channel counts that the other recording has no like of. */
const ALONE = 1.2;

/** What it costs that one channel repeats itself and the other does not. By judgement. */
const ONE_REPEATS = 0.6;

/** The distance of what repeats: where both do, where one does, and none where neither. */
function ofRepeats(a: ChannelPrint, b: ChannelPrint, one: number, both: () => number): number {
  const repeats = Number(a.cycle.length > 0) + Number(b.cycle.length > 0);
  if (repeats === 2) return both();
  return repeats === 1 ? one : 0;
}

/** Quick distance of two channels, without warping and turning. */
export function quickChannel(a: ChannelPrint, b: ChannelPrint): number {
  return (
    WEIGHTS.course * Math.min(1.2, plainDistance(a.course, b.course)) +
    WEIGHTS.swing * plainDistance(a.swing, b.swing) +
    WEIGHTS.steps * plainDistance(a.steps, b.steps) +
    WEIGHTS.rough * Math.abs(a.rough - b.rough) +
    ofRepeats(a, b, ONE_REPEATS, () => WEIGHTS.harmonics * plainDistance(a.harmonics, b.harmonics))
  );
}

/** Distance of two channels: course and swing warped, the cycle turned to where it fits. */
export function channelDistance(a: ChannelPrint, b: ChannelPrint): number {
  return (
    WEIGHTS.course * Math.min(1.2, warpedDistance(a.course, b.course)) +
    WEIGHTS.swing * warpedDistance(a.swing, b.swing) +
    WEIGHTS.steps * plainDistance(a.steps, b.steps) +
    WEIGHTS.rough * Math.abs(a.rough - b.rough) +
    ofRepeats(
      a,
      b,
      ONE_REPEATS + WEIGHTS.cycle,
      () =>
        WEIGHTS.harmonics * plainDistance(a.harmonics, b.harmonics) +
        WEIGHTS.cycle * cycleDistance(a.cycle, b.cycle),
    )
  );
}

const known = new Map<string, string[]>();
/** Words of a name; names come again and again. */
function words(name: string): string[] {
  let own = known.get(name);
  if (!own) {
    own = name.toLowerCase().match(/[a-z]{3,}/g) ?? [];
    if (known.size > 5000) known.clear();
    known.set(name, own);
  }
  return own;
}

/** Whether two channels may be of one kind: measured alike, or called alike. */
export function sameKind(a: ChannelPrint, b: ChannelPrint): boolean {
  if (a.unit !== '' && a.unit === b.unit) return true;
  const own = words(a.name);
  return words(b.name).some((w) => own.includes(w));
}

/** Pairs of channels of two recordings, the nearest first; each channel once. */
export function pairsOf(
  a: Fingerprint,
  b: Fingerprint,
  distance: (x: ChannelPrint, y: ChannelPrint) => number,
): { a: number; b: number; d: number }[] {
  const all = a.channels.flatMap((x, i) =>
    b.channels.flatMap((y, k) => (sameKind(x, y) ? [{ a: i, b: k, d: distance(x, y) }] : [])),
  );
  all.sort((p, q) => p.d - q.d);
  const [takenA, takenB] = [new Set<number>(), new Set<number>()];
  return all.filter((p) => {
    if (takenA.has(p.a) || takenB.has(p.b)) return false;
    takenA.add(p.a);
    takenB.add(p.b);
    return true;
  });
}

/**
 * Distance of two recordings: the mean over channels that go together; one without a like counts as far.
 *
 * @returns 0 for the same shape; undefined where no channel of the one is of a kind with one of the other
 */
export function distanceOf(
  a: Fingerprint,
  b: Fingerprint,
  distance: (x: ChannelPrint, y: ChannelPrint) => number = channelDistance,
): number | undefined {
  const pairs = pairsOf(a, b, distance);
  if (pairs.length === 0) return undefined;
  const alone = Math.max(a.channels.length, b.channels.length) - pairs.length;
  return (pairs.reduce((s, p) => s + p.d, 0) + alone * ALONE) / (pairs.length + alone);
}
