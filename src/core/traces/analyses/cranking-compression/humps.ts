import type { Channel } from '../../channel';
import { mod, type FiringPlan } from '../../engine';
import { bin, deviation, median, quantile, quantiles, smooth } from '../../signal';

export interface Cranking {
  /** Seconds between which humps are compared; inrush and run-up lie outside. */
  from: number;
  to: number;
  /** Seconds of each compression stroke, dead ones included, and its place in the plan. */
  humps: { at: number; place: number }[];
  /** Current over each whole cycle, its slow course taken off, in even steps of crank angle. */
  cycles: Float64Array[];
  rpm: { first: number; last: number };
  /** Highest current of the inrush; undefined when the recording begins within it or later. */
  inrush: number | undefined;
}

/** Cranking speeds looked for, in revolutions per minute; common practice, no source. */
const SLOWEST = 70;
const FASTEST = 480;
/** Samples a second that humps are looked at with. */
const RATE = 1200;

/** The stretch of steady cranking: after the inrush, before the engine runs or the starter lets go. */
function steady(x: Float32Array): { from: number; to: number; inrush: number | undefined } | undefined {
  const [floor, top] = quantiles(x, [0.01, 0.999], Infinity) as [number, number];
  const on = x.findIndex((v) => v > floor + 0.3 * (top - floor));
  if (on < 0) return undefined;
  const level = quantile(
    x.filter((v) => v > floor + 0.15 * (top - floor)),
    0.5,
    Infinity,
  );
  let from = 0;
  let inrush: number | undefined;
  // An inrush is the highest of all, early, and far above the rest.
  let peak = 0;
  for (let i = 0; i < x.length; i++) if (x[i]! > x[peak]!) peak = i;
  if (x[peak]! > 1.6 * level && peak < 0.5 * x.length) {
    // A recording that begins within the inrush has not seen how high it went.
    inrush = peak > 3 ? x[peak]! : undefined;
    from = peak;
    while (from < x.length && x[from]! > 1.12 * level) from++;
  } else if (on > 0.01 * RATE) from = on + Math.round(0.15 * RATE);
  let to = x.length;
  while (to > from && !(x[to - 1]! > 0.45 * level)) to--;
  return to - from > 0.5 * RATE ? { from, to, inrush } : undefined;
}

/** Slices of a cycle in which the expected current is drawn up. */
export const SLICES = 240;

/** Correlation with itself that a current with a hump at each firing would have, over one cycle. */
function expected(plan: FiringPlan, width: number): Float64Array {
  const reach = (width * plan.cycle) / plan.order.length;
  const m = Float64Array.from({ length: SLICES }, (_, i) => {
    const a = (i / SLICES) * plan.cycle;
    return plan.angles.reduce((sum, at) => {
      const d = Math.abs(mod(a - at + plan.cycle / 2, plan.cycle) - plan.cycle / 2);
      return sum + (d < reach ? 1 + Math.cos((Math.PI * d) / reach) : 0);
    }, 0);
  });
  const middle = m.reduce((a, b) => a + b, 0) / SLICES;
  return Float64Array.from({ length: SLICES }, (_, k) =>
    m.reduce((sum, v, i) => sum + (v - middle) * (m[(i + k) % SLICES]! - middle), 0),
  );
}

/**
 * Samples of one cycle: the length under which the current's correlation with itself goes best with that of
 * an even current of this plan. Twice the length, or half, puts valleys where peaks belong; a missing hump
 * only lowers the fit.
 */
function cycleLength(y: Float32Array, plan: FiringPlan): { cycle: number; fit: number } | undefined {
  const shortest = ((plan.cycle / 360) * 60 * RATE) / FASTEST;
  const longest = Math.min(((plan.cycle / 360) * 60 * RATE) / SLOWEST, y.length / 1.6);
  if (longest <= shortest) return undefined;
  const lags = Math.ceil(longest) + 2;
  const r = new Float64Array(lags);
  for (let k = 0; k < lags; k++) {
    let sum = 0;
    for (let i = 0; i + k < y.length; i++) sum += y[i]! * y[i + k]!;
    r[k] = sum / (y.length - k);
  }
  let best: { cycle: number; fit: number } | undefined;
  // Narrow humps and wide ones: where firings are unevenly spaced, wide ones run into pairs.
  for (const model of [expected(plan, 0.42), expected(plan, 0.7)])
    for (let p = shortest; p <= longest; p *= 1.004) {
      let both = 0;
      let own = 0;
      let its = 0;
      for (let k = Math.ceil(0.06 * p); k <= p; k++) {
        const m = model[Math.floor((k / p) * SLICES) % SLICES]!;
        both += r[k]! * m;
        own += r[k]! ** 2;
        its += m * m;
      }
      const fit = both / Math.sqrt(own * its || 1);
      if (!best || fit > best.fit) best = { cycle: p, fit };
    }
  return best;
}

/** Distances from firing to firing as shares of the cycle. */
const stepsOf = (plan: FiringPlan): number[] =>
  plan.angles.map(
    (a, i) => mod(plan.angles[(i + 1) % plan.angles.length]! - a, plan.cycle) / plan.cycle || 1,
  );

/**
 * Follows the humps from one to the next, forward from a beginning and back from it: each is looked for
 * where the last distance says, and where none stands out the place is kept, so that a missing hump is
 * counted too.
 */
function follow(
  s: Float32Array,
  begin: number,
  place: number,
  cycle: number,
  plan: FiringPlan,
): { at: number; place: number }[] {
  const steps = stepsOf(plan);
  const n = steps.length;
  const swing = deviation(s);
  const walk = (direction: 1 | -1) => {
    const out: { at: number; place: number }[] = [];
    let at = begin;
    let length = cycle;
    let k = place;
    for (;;) {
      const share = steps[direction > 0 ? k : mod(k - 1, n)]!;
      const due = at + direction * share * length;
      k = mod(k + direction, n);
      const room = 0.3 * share * length;
      if (due - room < 0 || due + room >= s.length) return out;
      let top = Math.round(due);
      for (let i = Math.ceil(due - room); i <= due + room; i++) if (s[i]! > s[top]!) top = i;
      const edge = Math.min(s[Math.ceil(due - room)]!, s[Math.floor(due + room)]!);
      const stands = s[top]! - edge > 0.5 * swing && Math.abs(top - due) < 0.95 * room;
      const found = stands ? top : due;
      if (stands) length += 0.3 * ((direction * (found - at)) / share - length);
      // A hump pulls the place towards it, noise on its top only a little.
      at = stands ? due + 0.6 * (found - due) : due;
      out.push({ at, place: k });
    }
  };
  return [...walk(-1).reverse(), { at: begin, place }, ...walk(1)];
}

/**
 * Compression humps in a cranking current.
 *
 * @param current amperes of the starter, of either sign
 * @returns humps in order, or a sentence saying why none can be told
 */
export function crankingHumps(current: Channel, plan: FiringPlan): Cranking | string {
  const by = Math.max(1, Math.round(1 / (current.interval * RATE)));
  let x = bin(current.samples, by);
  const interval = current.interval * by;
  if (median(x) < 0 || Math.abs(quantile(x, 0.001)) > Math.abs(quantile(x, 0.999))) x = x.map((v) => -v);
  const scale = 1 / (interval * RATE);
  const part = steady(smooth(x, 5));
  if (!part)
    return 'There is no second of steady cranking in this stretch. Disable fuel or ignition and crank for some three seconds.';
  const raw = x.subarray(part.from, part.to);
  const found = cycleLength(ripple(raw, Math.round(0.5 * RATE * scale)), plan);
  if (!found || found.fit < 0.3)
    return 'No even row of humps stands out of this current. Check the clamp, and crank with every plug in.';
  const hump = found.cycle / plan.order.length;
  const s = smooth(detrend(raw, Math.round(found.cycle)), Math.max(3, Math.round(hump / 7)));
  // Begin at the clearest hump of the middle, with the place in the plan that makes the rest fit best.
  let begin = Math.round(s.length * 0.3);
  for (let i = begin; i < Math.min(s.length * 0.7, begin + found.cycle * 1.2); i++)
    if (s[i]! > s[begin]!) begin = i;
  const even = new Set(stepsOf(plan).map((v) => v.toFixed(3))).size === 1;
  let best: { slots: { at: number; place: number }[]; sum: number } | undefined;
  for (let place = 0; place < (even ? 1 : plan.order.length); place++) {
    const slots = follow(s, begin, place, found.cycle, plan);
    const sum = slots.reduce((a, v) => a + (s[Math.round(v.at)] ?? 0), 0) / slots.length;
    if (!best || sum > best.sum) best = { slots, sum };
  }
  const slots = best!.slots;
  const whole = slots.length - slots.findIndex((v) => v.place === 0);
  if (whole < 2 * plan.order.length + 1)
    return 'Fewer than two whole cycles of cranking are in this stretch; crank longer.';
  const light = smooth(detrend(raw, Math.round(found.cycle)), Math.max(1, Math.round(hump / 14)));
  const time = (k: number) => current.start + (part.from + k + 0.5) * interval;
  const speed = (a: number, b: number) =>
    (60 * (plan.cycle / 360) * ((b - a) / plan.order.length)) / (time(slots[b]!.at) - time(slots[a]!.at));
  const n = plan.order.length;
  return {
    from: time(0),
    to: time(s.length),
    humps: slots.map((v) => ({ at: time(v.at), place: v.place })),
    cycles: fold(light, slots, plan),
    rpm: { first: speed(0, n), last: speed(slots.length - 1 - n, slots.length - 1) },
    inrush: part.inrush,
  };
}

/**
 * What is left of a current when its slow course is taken off and what is far from it is cut down: beside
 * the deep dip of a dead cylinder the humps of the others would hardly count.
 */
function ripple(x: Float32Array, window: number): Float32Array {
  const size = Math.max(1, Math.round(window / 8));
  const mids = Float32Array.from({ length: Math.ceil(x.length / size) }, (_, k) =>
    median(x.subarray(k * size, (k + 1) * size)),
  );
  const slow = Float32Array.from(mids, (_, k) => median(mids.subarray(Math.max(0, k - 4), k + 5)));
  const off = Float32Array.from(x, (v, i) => v - slow[Math.floor(i / size)]!);
  const usual = median(off.map((v) => Math.abs(v)));
  const cut = off.map((v) => Math.min(1.6 * usual, Math.max(-1.6 * usual, v)));
  const middle = cut.reduce((a, b) => a + b, 0) / cut.length;
  return cut.map((v) => v - middle);
}

function detrend(x: Float32Array, window: number): Float32Array {
  // Twice over takes the drift of a falling current away as well.
  const trend = smooth(smooth(x, window), window);
  return Float32Array.from(x, (v, i) => v - trend[i]!);
}

/** Each whole cycle on even steps of crank angle, read between the humps that were followed. */
function fold(
  s: Float32Array,
  slots: readonly { at: number; place: number }[],
  plan: FiringPlan,
): Float64Array[] {
  const n = plan.order.length;
  const out: Float64Array[] = [];
  for (let i = slots.findIndex((v) => v.place === 0); i >= 0 && i + n < slots.length; i += n) {
    out.push(
      Float64Array.from({ length: SLICES }, (_, k) => {
        const angle = (k / SLICES) * plan.cycle;
        let p = n - 1;
        while (plan.angles[p]! > angle) p--;
        const end = p + 1 < n ? plan.angles[p + 1]! : plan.cycle;
        const x = (angle - plan.angles[p]!) / (end - plan.angles[p]!);
        const at = slots[i + p]!.at + x * (slots[i + p + 1]!.at - slots[i + p]!.at);
        const a = Math.min(Math.max(Math.floor(at), 0), s.length - 2);
        return s[a]! + (s[a + 1]! - s[a]!) * (at - a);
      }),
    );
  }
  return out;
}
