import { z } from 'zod';
import { Refusal } from '@/core/checks/contract';
import { endOf, type Channel } from '../channel';
import { defineAnalysis, one, type Mark, type TraceFinding } from '../contract';
import { angleAt, crankClock, firingsOf, timeOfAngle, triggersOf, type CrankClock } from '../crank';
import { mod, nearestFiring, type FiringPlan } from '../engine';
import { number, pick } from '../settings';
import { median, noiseOf, quantiles, spread } from '../signal';
import { fixed, listed, moment, plural } from '../words';
import { triggerCylinder, triggerRole } from './trigger';
import { verdictOf } from './verdict-of';

/** One event with the cylinder it belongs to. */
interface Placed {
  /** Seconds. */
  at: number;
  /** Undefined when it lies as near to one firing as to the next. */
  cylinder: number | undefined;
  /** Degrees after the cylinder's firing; negative before. */
  past: number;
  /** In a wasted-spark system: fired at the end of the exhaust stroke. */
  wasted: boolean;
}

export interface Mapping {
  clock: CrankClock;
  events: Placed[];
  /** Degrees by which events as a whole lie after the firings they belong to. */
  lead: number;
  /** How far single events lie from that, as a standard deviation in degrees. */
  scatter: number;
  /** Cylinders of the plan that had no event in at least one turn: cylinder → turns without, of all turns. */
  missing: Map<number, { without: number; of: number }>;
}

/** Degrees that events of one cylinder may differ by, whatever the others do. */
const OWN_ANGLE = 8;
/** Room on either side that an event may use, as a share of half the distance to the next firing. */
const SURE = 0.75;

/**
 * Which cylinder each event belongs to, from a trigger on one cylinder and the firing order: the crank is
 * taken to turn evenly from trigger to trigger, and each event goes to the firing it lies nearest to, once
 * what all events share as lead has been taken off.
 *
 * @param triggers seconds of the known cylinder's trigger, once per `every` degrees
 * @param events seconds, rising; several within `burst` degrees are one stroke's sparks and count once
 * @throws Refusal with fewer than three triggers
 */
export function mapEvents(
  plan: FiringPlan,
  triggerCylinder: number,
  triggers: readonly number[],
  events: readonly number[],
  o: { every: number; burst: number; span: { from: number; to: number }; noisy?: boolean },
): Mapping {
  const clock = crankClock(triggers, o.every);
  if (!clock || clock.marks.length < 3)
    throw new Refusal(
      'Fewer than three triggers are in this stretch; choose a longer one, or check the trigger channel.',
    );
  const known = plan.angles[plan.order.indexOf(triggerCylinder)];
  if (known === undefined)
    throw new Refusal(`Cylinder ${triggerCylinder} does not stand in the firing order.`);
  // With a spark on every turn the same mark stands for two cylinders; events then repeat every turn.
  const wasted = o.every < plan.cycle;
  const turn = wasted ? foldPlan(plan, o.every) : plan;
  const raw = events.flatMap((at) => {
    const a = angleAt(clock, at);
    return Number.isNaN(a) ? [] : [{ at, angle: a + known }];
  });
  const strokes = raw.filter((e, i) => i === 0 || e.angle - raw[i - 1]!.angle > o.burst);
  const lead = commonLead(
    turn,
    strokes.map((e) => e.angle),
  );
  const nearest = strokes.map((e) => nearestFiring(turn, mod(e.angle - lead, turn.cycle)));
  // A peak of the noise comes at any angle; the events themselves keep to theirs.
  const own = o.noisy ? Math.max(OWN_ANGLE, 6 * spread(nearest.map((n) => n.past))) : Infinity;
  const placed = strokes.map((e, i): Placed => {
    const near = nearest[i]!;
    const sure = Math.abs(near.past) < Math.min(own, (SURE * near.room) / 2);
    const cylinder = turn.order[near.place]!;
    return { at: e.at, cylinder: sure ? cylinder : undefined, past: near.past + lead, wasted: false };
  });
  return {
    clock,
    events: placed,
    lead,
    scatter: spread(placed.map((e) => e.past)),
    missing: missingOf(turn, clock, placed, known, lead, o.span),
  };
}

/** One crank turn of a plan in which pairs fire together: the first of each pair stands for both. */
function foldPlan(plan: FiringPlan, every: number): FiringPlan {
  const at = new Map<number, number>();
  plan.order.forEach((cylinder, i) => {
    const a = mod(plan.angles[i]!, every);
    if (![...at.keys()].some((b) => Math.abs(b - a) < 1)) at.set(a, cylinder);
  });
  const sorted = [...at].sort((a, b) => a[0] - b[0]);
  return { order: sorted.map(([, c]) => c), angles: sorted.map(([a]) => a), cycle: every };
}

/**
 * What all events share as distance from the firings: the middle of the distances, taken around the circle
 * so that events half way to the next firing are not split in two heaps.
 */
function commonLead(plan: FiringPlan, angles: readonly number[]): number {
  const n = plan.order.length;
  const usual = plan.cycle / n;
  let x = 0;
  let y = 0;
  for (const a of angles) {
    const { past } = nearestFiring(plan, mod(a, plan.cycle));
    x += Math.cos((2 * Math.PI * past) / usual);
    y += Math.sin((2 * Math.PI * past) / usual);
  }
  const middle = (Math.atan2(y, x) / (2 * Math.PI)) * usual;
  const distances = angles.map((a) => nearestFiring(plan, mod(a - middle, plan.cycle)).past);
  return distances.length === 0 ? 0 : middle + median(distances);
}

function missingOf(
  plan: FiringPlan,
  clock: CrankClock,
  events: readonly Placed[],
  known: number,
  lead: number,
  span: { from: number; to: number },
): Map<number, { without: number; of: number }> {
  const out = new Map<number, { without: number; of: number }>();
  plan.order.forEach((cylinder, i) => {
    const own = events.filter((e) => e.cylinder === cylinder).map((e) => e.at);
    let of = 0;
    let without = 0;
    for (let turn = -1; turn < clock.marks.length; turn++) {
      const due = turn * plan.cycle + mod(plan.angles[i]! + lead - known, plan.cycle);
      const at = timeOfAngle(clock, due);
      const room = ((plan.cycle / plan.order.length / 2) * (clock.marks[1]! - clock.marks[0]!)) / clock.cycle;
      if (
        at - room < span.from ||
        at + room > span.to ||
        due < 0 ||
        due > (clock.marks.length - 1) * clock.cycle
      )
        continue;
      of++;
      if (!own.some((t) => Math.abs(t - at) < room)) without++;
    }
    out.set(cylinder, { without, of });
  });
  return out;
}

export const cylinderMap = defineAnalysis({
  id: 'cylinder-map',
  title: 'Which cylinder each event belongs to',
  question: 'Which cylinder made this event, and which one is missing?',
  explains:
    'A trigger on one known cylinder and the firing order tell where the crank stands at any moment; each event goes to the firing it lies nearest to, after the lead that all events share is taken off. Several sparks of one stroke count once. With a wasted spark the trigger comes every turn and stands for a pair. An event half way between two firings is said to be unsure.',
  source: 'Crank angle by even turning between triggers: common practice, no source.',
  engine: 'needed',
  roles: [
    triggerRole({ also: 'plug|#1' }),
    { id: 'events', name: 'Events', guess: /coil|spark|ignit|inject|puls|kv/i },
  ],
  settings: z.object({
    cylinder: triggerCylinder(),
    comes: pick({ label: 'The trigger comes', options: ['once a cycle', 'every turn (wasted spark)'] }),
    carries: pick({
      label: 'The event channel carries',
      options: ['all cylinders', 'some of them (a shared wire)'],
    }),
    burst: number({ label: 'Sparks count as one stroke within', unit: '°', is: 25, min: 0, max: 90 }),
  }),
  run(given, settings) {
    const trigger = one(given, 'trigger')!;
    const channel = one(given, 'events')!;
    const plan = given.engine!;
    const every = settings.comes === 'once a cycle' ? plan.cycle : 360;
    const map = mapEvents(plan, settings.cylinder, triggersOf(trigger), firingsOf(channel), {
      every,
      burst: settings.burst,
      span: { from: channel.start, to: endOf(channel) },
      noisy: drownsIn(channel),
    });
    return {
      findings: findingsOf(map, plan, every, channel, settings.carries === 'all cylinders'),
      marks: marksOf(map, plan, every, channel.name),
    };
  },
});

/** What is said for a cylinder; in a wasted-spark system it stands for the pair that fires together. */
function nameOf(cylinder: number, plan: FiringPlan, every: number): string {
  if (every >= plan.cycle) return `cylinder ${cylinder}`;
  const a = plan.angles[plan.order.indexOf(cylinder)]!;
  const pair = plan.order.filter((_, i) => Math.abs(mod(plan.angles[i]! - a + 1, every) - 1) < 1);
  return `cylinders ${listed([...pair].sort((x, y) => x - y))}`;
}

/** With more noise than this share of the whole swing, events are lost in it: measured on simulated recordings. */
const NOISE = 0.05;
/** So large a share of its events a cylinder may lose in noise. */
const LOST_IN_NOISE = 0.3;
function drownsIn(c: Channel): boolean {
  const [low, high] = quantiles(c.samples, [0, 1]) as [number, number];
  return noiseOf(c.samples) > NOISE * (high - low);
}

function findingsOf(
  map: Mapping,
  plan: FiringPlan,
  every: number,
  channel: Channel,
  all: boolean,
): TraceFinding[] {
  const unsure = map.events.filter((e) => e.cylinder === undefined);
  const shares = [...map.missing.values()].map((m) => m.without / m.of);
  // In noise any cylinder may lose an event: one is missing that loses far more than the others do.
  const noisy = drownsIn(channel);
  const lostByAll = noisy ? Math.max(LOST_IN_NOISE, 4 * median(shares)) : 0;
  const findings = [...map.missing].flatMap(([cylinder, m]): TraceFinding[] => {
    const own = map.events.filter((e) => e.cylinder === cylinder);
    // A wire that carries some cylinders only says nothing of the others.
    if (own.length === 0 && !all) return [];
    const name = nameOf(cylinder, plan, every);
    // A few that could not be placed may be the ones that seem to be missing.
    const mayBeLost = Math.max(0.02 * m.of, lostByAll * m.of, unsure.length);
    const verdict = verdictOf(m.without > mayBeLost, m.without === 0);
    return [
      {
        verdict,
        because:
          m.without === 0
            ? `${plural(own.length, 'event')} of ${name}, ${fixed(Math.abs(median(own.map((e) => e.past))), '°', 0)} ${median(own.map((e) => e.past)) < 0 ? 'before' : 'after'} its firing.`
            : `${name} has no event in ${m.without} of ${plural(m.of, 'cycle')}.${noisy && verdict === 'unsure' ? ' The noise is so large that some may be lost in it: record again with less.' : ''}`,
        about: name,
        figure: `${m.without} missing`,
        ...(own[0] ? { place: { channel: channel.name, from: own[0].at, to: own[0].at } } : {}),
        reading: { label: `missing events, ${name}`, entered: String(m.without), limit: 'max 0' },
      },
    ];
  });
  if (unsure.length > 0)
    findings.push({
      verdict: 'unsure',
      because: `${plural(unsure.length, 'event')} lie half way between two firings, the first at ${moment(unsure[0]!.at)}.`,
      about: 'not placed',
      place: { channel: channel.name, from: unsure[0]!.at, to: unsure[0]!.at },
    });
  if (map.clock.mended > 0)
    findings.push({
      verdict: 'unsure',
      because: `${plural(map.clock.mended, 'trigger')} missing; put in between the neighbours.`,
      about: 'trigger',
    });
  return findings;
}

function marksOf(map: Mapping, plan: FiringPlan, every: number, channel: string): Mark[] {
  return map.events.slice(0, 400).map((e) => ({
    at: e.at,
    channel,
    words:
      e.cylinder === undefined
        ? '?'
        : nameOf(e.cylinder, plan, every)
            .replace(/cylinders? /, '')
            .replace(' and ', '/'),
    verdict: e.cylinder === undefined ? ('unsure' as const) : ('pass' as const),
  }));
}
