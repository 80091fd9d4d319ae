import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { timeAt, type Channel } from '../channel';
import { defineAnalysis, one, type TraceFinding } from '../contract';
import { crankClock, triggersOf, type CrankClock } from '../crank';
import { mod, type FiringPlan } from '../engine';
import { number, pick } from '../settings';
import { median, spread } from '../signal';
import { fixed, listed } from '../words';
import { triggerAdvance, triggerCylinder, triggerRole } from './trigger';

/** Slices of a cycle that pressure is averaged over. */
const SLICES = 144;

/**
 * A signal laid over the crank: for each cycle its mean in each of 144 slices, each cycle's own mean taken
 * off (time-synchronous averaging).
 *
 * @param delay seconds by which the signal comes late through hose and sensor
 * @returns cycles × slices; slices without a sample are NaN
 */
function overCrank(c: Channel, clock: CrankClock, delay: number): Float64Array[] {
  const out: Float64Array[] = [];
  for (let k = 0; k + 1 < clock.marks.length; k++) {
    const [a, b] = [clock.marks[k]! + delay, clock.marks[k + 1]! + delay];
    const first = Math.ceil((a - c.start) / c.interval);
    const last = Math.ceil((b - c.start) / c.interval);
    if (first < 0 || last > c.samples.length) continue;
    const sum = new Float64Array(SLICES);
    const n = new Float64Array(SLICES);
    for (let i = first; i < last; i++) {
      const v = c.samples[i]!;
      if (v !== v) continue;
      const s = Math.min(SLICES - 1, Math.floor(((timeAt(c, i) - a) / (b - a)) * SLICES));
      sum[s]! += v;
      n[s]!++;
    }
    const means = sum.map((v, s) => (n[s]! > 0 ? v / n[s]! : NaN));
    // Few samples a cycle leave slices empty; a neighbour stands in.
    for (let s = 0; s < SLICES; s++) if (means[s] !== means[s]) means[s] = means[mod(s - 1, SLICES)]!;
    const middle = means.reduce((x, y) => x + (y === y ? y : 0), 0) / SLICES;
    out.push(means.map((v) => v - middle));
  }
  return out;
}

/** Where pulses of a medium are looked for, in degrees from a cylinder's firing; common practice, no source. */
const WINDOWS = {
  coolant: {
    from: -1,
    to: 0,
    stroke: 'compression',
    says: 'combustion gas reaches the coolant: head gasket, head or liner',
  },
  crankcase: { from: 0, to: 1, stroke: 'expansion', says: 'gas passes the piston rings' },
  exhaust: { from: 'opening', to: 1, stroke: 'exhaust', says: 'its exhaust pulse differs from the others' },
  intake: { from: -1, to: 0, stroke: 'compression', says: 'gas comes back past an intake valve' },
} as const;
type Medium = keyof typeof WINDOWS;
/** Degrees after firing at which an exhaust valve opens; common practice, no source. */
const EXHAUST_OPENS = 130;

export interface Pulsation {
  /** Averaged over all cycles. */
  mean: Float64Array;
  cycles: number;
  /** The cylinder whose pulse stands out, or undefined when none does. */
  cylinder: number | undefined;
  /** Degrees after its firing at which the pulse rises. */
  past: number;
  /** Share of resampled halves of the recording that name it. */
  sure: number;
  /** Height of the pulse over the noise left in the average. */
  contrast: number;
  /** It comes at every turn of the crank alike, so from none of the cylinders. */
  onceATurn: boolean;
  votes: { cylinder: number; share: number }[];
}

const smoothRound = (m: Float64Array, half: number): Float64Array =>
  m.map((_, i) => {
    let sum = 0;
    for (let k = -half; k <= half; k++) sum += m[mod(i + k, SLICES)]!;
    return sum / (2 * half + 1);
  });

function meanOf(cycles: readonly Float64Array[], take: (i: number) => boolean): Float64Array {
  const sum = new Float64Array(SLICES);
  let n = 0;
  cycles.forEach((c, i) => {
    if (!take(i)) return;
    n++;
    for (let s = 0; s < SLICES; s++) sum[s]! += c[s]! === c[s]! ? c[s]! : 0;
  });
  return sum.map((v) => v / Math.max(1, n));
}

/** Middle of the flank that leads up to the highest point, in slices. */
function riseTo(m: Float64Array): { at: number; height: number } {
  let top = 0;
  for (let i = 1; i < SLICES; i++) if (m[i]! > m[top]!) top = i;
  let bottom = top;
  for (let k = 1; k < SLICES / 3; k++) {
    const i = mod(top - k, SLICES);
    if (m[i]! < m[bottom]!) bottom = i;
    else if (m[i]! > m[bottom]! + 0.25 * (m[top]! - m[bottom]!)) break;
  }
  const half = (m[top]! + m[bottom]!) / 2;
  for (let k = 1; k < SLICES / 3; k++) {
    const i = mod(top - k, SLICES);
    if (m[i]! <= half) {
      const next = m[mod(i + 1, SLICES)]!;
      return { at: i + (half - m[i]!) / (next - m[i]! || 1) + 0.5, height: m[top]! - m[bottom]! };
    }
  }
  return { at: top, height: m[top]! - m[bottom]! };
}

/** The cylinder in whose window an angle (degrees from the first mark) lies. */
function ownerOf(plan: FiringPlan, angle: number, medium: Medium): { cylinder: number; past: number } {
  const w = WINDOWS[medium];
  let best = { cylinder: plan.order[0]!, past: Infinity };
  plan.order.forEach((cylinder, i) => {
    const a = plan.angles[i]!;
    if (w.from === 'opening') {
      const d = mod(angle - a - EXHAUST_OPENS + 20, plan.cycle);
      if (d < mod(best.past - EXHAUST_OPENS + 20, plan.cycle) || best.past === Infinity)
        best = { cylinder, past: d + EXHAUST_OPENS - 20 };
    } else if (w.from === 0) {
      const d = mod(angle - a, plan.cycle);
      if (d < best.past) best = { cylinder, past: d };
    } else {
      const d = mod(a - angle, plan.cycle);
      if (d < Math.abs(best.past)) best = { cylinder, past: -d };
    }
  });
  return best;
}

/** What does not repeat half a cycle later: for a four-stroke engine, all that does not come once a crank turn. */
const oncePerCycle = (m: Float64Array): Float64Array =>
  m.map((v, i) => (v - m[(i + SLICES / 2) % SLICES]!) / 2);

/** A small generator, so that the same trace always gives the same answer (Park & Miller 1988). */
function* halves(): Generator<number> {
  let seed = 20_231;
  for (;;) {
    seed = (seed * 16_807) % 2_147_483_647;
    yield seed / 2_147_483_647;
  }
}

const RESAMPLES = 120;
/** Share of the draws that must name one cylinder. */
const SURE = 0.9;
/** Height over the noise left from which a pulse is one. */
const CLEAR = 9;
/** A pulse of one cylinder keeps at least half its height when what repeats each turn is taken off. */
const ONCE_A_CYCLE = 0.3;

/**
 * Lays a pressure over the crank and finds the pulse that comes once a cycle and stands out: its rising
 * flank is given to the cylinder in whose stroke it lies. How sure is how often halves of the cycles,
 * drawn at random, name the same cylinder (half-sampling, McCarthy 1969).
 *
 * @param clock marks at the firing of the known cylinder
 * @param known angle of the known cylinder in the plan
 * @param o.doubt how much later the pressure may come than entered (seconds), and how far the trigger may stand off
 *   (degrees)
 */
function pulsationOf(
  c: Channel,
  clock: CrankClock,
  plan: FiringPlan,
  known: number,
  o: { medium: Medium; delay: number; doubt: { delay: number; trigger: number } },
): Pulsation {
  const cycles = overCrank(c, clock, o.delay);
  if (cycles.length < 6)
    throw new Refusal(
      'Fewer than six whole cycles are in this stretch. Record longer, with the engine turning.',
    );
  const half = Math.max(1, Math.round(SLICES / plan.order.length / 12));
  const own = (m: Float64Array) => {
    const s = withoutCommon(smoothRound(m, half), plan);
    const rise = riseTo(s);
    const at = mod((rise.at / SLICES) * plan.cycle + known, plan.cycle);
    return { ...ownerOf(plan, at, o.medium), at, height: rise.height };
  };
  const mean = meanOf(cycles, () => true);
  const whole = own(mean);
  // Noise left in the average: cycles against each other, slice by slice.
  const left =
    median(Array.from({ length: 24 }, (_, k) => spread(cycles.map((y) => y[k * 6]!)))) /
    Math.sqrt(cycles.length * (2 * half + 1));
  const counts = new Map<number, number>();
  const chance = halves();
  const perSecond = plan.cycle / (median(clock.marks.slice(1).map((m, i) => m - clock.marks[i]!)) || 1);
  // On a four-stroke engine the part that does not repeat each turn must say the same as the whole.
  const turns = plan.cycle === 720;
  const odd = turns ? own(oncePerCycle(mean)) : whole;
  for (let r = 0; r < RESAMPLES; r++) {
    const drawn = cycles.map(() => chance.next().value as number);
    const cut = median(drawn);
    const { at } = own(meanOf(cycles, (i) => drawn[i]! <= cut));
    // What is not known besides the noise is drawn with it: how late the hose is, and where the trigger stands.
    const late = (chance.next().value as number) * o.doubt.delay * perSecond;
    const trigger = (2 * (chance.next().value as number) - 1) * o.doubt.trigger;
    const { cylinder } = ownerOf(plan, mod(at - late + trigger, plan.cycle), o.medium);
    counts.set(cylinder, (counts.get(cylinder) ?? 0) + 1);
  }
  const votes = [...counts]
    .map(([cylinder, n]) => ({ cylinder, share: n / RESAMPLES }))
    .sort((a, b) => b.share - a.share);
  const contrast = whole.height / Math.max(left, 1e-12);
  const first = votes[0]!;
  // Once a turn leaves nothing of itself in the part that is once a cycle.
  // What is left of a ripple that all firings make alike is small beside it, and comes of no one thing.
  const swing = Math.max(...mean) - Math.min(...mean);
  const onceATurn =
    turns && contrast > CLEAR && whole.height > 0.4 * swing && odd.height < ONCE_A_CYCLE * whole.height;
  const same = !turns || odd.cylinder === first.cylinder;
  return {
    mean,
    cycles: cycles.length,
    cylinder: contrast > CLEAR && !onceATurn && same ? first.cylinder : undefined,
    past: whole.past,
    sure: first.share,
    contrast,
    onceATurn,
    votes,
  };
}

const share = (v: { share: number }): string => `${Math.round(100 * v.share)} %`;

/** What is said of a pulse that belongs to no cylinder for sure. */
function ofNoCylinder(p: Pulsation): TraceFinding {
  if (p.onceATurn)
    return {
      verdict: 'unsure',
      because: `The pulse comes at every turn of the crank alike, over ${p.cycles} cycles: from something that turns with it (a pump, a pulley, a damper), not from one cylinder. Whether a cylinder adds to it is not told.`,
      about: 'once a turn',
    };
  return {
    verdict: 'unsure',
    because:
      p.contrast <= CLEAR
        ? `Over ${p.cycles} cycles nothing comes once a cycle clear of the noise. Record longer, or bring the sensor nearer.`
        : `The pulse may be of ${listed(p.votes.slice(0, 2).map((v) => `cylinder ${v.cylinder} (${share(v)})`))}. Enter how late the pressure comes, and where the trigger stands: that would tell.`,
    about: 'not told',
  };
}

/** Takes off what comes with every firing alike, so that the one that differs is left. */
function withoutCommon(m: Float64Array, plan: FiringPlan): Float64Array {
  const n = plan.order.length;
  if (n < 3) return m;
  return m.map((v, i) => {
    const others = plan.angles.map((a) => {
      const x = mod(i + ((a - plan.angles[0]!) / plan.cycle) * SLICES, SLICES);
      const k = Math.floor(x);
      return m[k]! + (m[(k + 1) % SLICES]! - m[k]!) * (x - k);
    });
    return v - median(others);
  });
}

export const pulsation = defineAnalysis({
  id: 'pulsation',
  title: 'Which cylinder a pressure pulse comes from',
  question: 'Which cylinder makes the coolant, crankcase, exhaust or intake pressure pulse?',
  explains:
    'The pressure is laid over the crank, cycle on cycle, so that what comes once a cycle stays and all else averages out; what every firing does alike is taken off. The rising flank of what is left lies in a stroke of one cylinder: for coolant and intake the compression stroke before its firing, for the crankcase the expansion stroke after it, for the exhaust the stroke after the valve opens. How sure is told by how often random halves of the cycles say the same, with the hose and the trigger as far off as they may be. What comes once a crank turn is told apart: no cylinder does that.',
  source:
    'A coolant pulse belongs to the cylinder on compression: common practice, no source. Time-synchronous averaging; half-sampling after McCarthy 1969.',
  engine: 'needed',
  roles: [
    {
      id: 'pressure',
      name: 'Pressure',
      guess: /press|coolant|crankcase|exhaust|intake|manifold|bar|kpa|mbar/i,
    },
    triggerRole({ also: 'coil|ignit|inject' }),
  ],
  settings: z.object({
    medium: pick({ label: 'Pressure of', options: ['coolant', 'crankcase', 'exhaust', 'intake'] }),
    cylinder: triggerCylinder(),
    advance: triggerAdvance(),
    delay: number({ label: 'The pressure comes late by', unit: 'ms', is: 0, min: 0, max: 100 }),
    delayDoubt: number({
      label: 'and perhaps later still, by up to',
      unit: 'ms',
      is: 2,
      min: 0,
      max: 100,
      hint: 'a hose of half a metre takes 1.5 ms',
    }),
    triggerDoubt: number({ label: 'The trigger is known to within', unit: '°', is: 6, min: 0, max: 90 }),
  }),
  run(given, settings) {
    const c = one(given, 'pressure')!;
    const plan = given.engine!;
    const known = plan.angles[plan.order.indexOf(settings.cylinder)];
    if (known === undefined)
      throw new Refusal(`Cylinder ${settings.cylinder} does not stand in the firing order.`, 'cylinder');
    const clock = crankClock(triggersOf(one(given, 'trigger')!), plan.cycle);
    if (!clock)
      throw new Refusal(
        'No row of triggers stands out of the trigger channel. Check its clamp, or choose another channel.',
      );
    const medium = settings.medium as Medium;
    const p = pulsationOf(c, clock, plan, mod(known - settings.advance, plan.cycle), {
      medium,
      delay: settings.delay / 1000,
      doubt: { delay: settings.delayDoubt / 1000, trigger: settings.triggerDoubt },
    });
    const w = WINDOWS[medium];
    const first = clock.marks.find((m) => m >= c.start) ?? clock.marks[0]!;
    const sure = p.sure >= SURE && p.cylinder !== undefined;
    const finding: TraceFinding = sure
      ? {
          verdict: 'fail',
          because: `The pulse rises ${fixed(Math.abs(p.past), '°', 0)} ${p.past < 0 ? 'before' : 'after'} the firing of cylinder ${p.cylinder}, in its ${w.stroke} stroke: ${w.says}. ${share(p.votes[0]!)} of ${RESAMPLES} draws from ${p.cycles} cycles say so, with a pressure up to ${settings.delayDoubt} ms later and a trigger within ${settings.triggerDoubt}°.`,
          about: `cylinder ${p.cylinder}`,
          figure: share(p.votes[0]!),
          place: { channel: c.name, from: first, to: first + (clock.marks[1]! - clock.marks[0]!) },
          reading: { label: `${medium} pulse in step with`, entered: `cylinder ${p.cylinder}`, limit: '' },
        }
      : ofNoCylinder(p);
    return {
      findings: [finding],
      marks: [],
      drawing: {
        kind: 'curve',
        x: '° after the trigger',
        y: c.unit,
        lines: [
          {
            name: 'mean of all cycles',
            role: 'measured',
            points: [...p.mean].map((y, i) => ({ x: Math.round(((i + 0.5) / SLICES) * plan.cycle), y })),
          },
        ],
      },
    };
  },
});
