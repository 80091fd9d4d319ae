import { z } from 'zod';
import { compareSiblings, CORNERS, siblingSentence } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { like, list } from '../fields';
import { shownAs, siblingBars } from '../words';

const SHARE = 0.03;
/** Below this the vehicle may as well stand, in km/h. */
const STANDS = 3;
const STILL = 1;

interface Wheel {
  at: string;
  value: number;
}
const compare = (wheels: Wheel[]) =>
  compareSiblings(wheels, Math.max(0.5, SHARE * Math.max(...wheels.map((w) => w.value))));

/** Wheels that show nothing while another turns have no signal, whatever the rest says of each other; and the rest. */
const parted = <W extends Wheel>(wheels: readonly W[]): { silent: W[]; turning: W[] } => {
  const top = Math.max(...wheels.map((w) => w.value));
  const isSilent = (w: W) => top >= STANDS && w.value < STILL && w.value < 0.1 * top;
  return { silent: wheels.filter(isSilent), turning: wheels.filter((w) => !isSilent(w)) };
};

export default defineCheck({
  id: 'wheel-speeds',
  title: 'Wheel speeds on a straight road',
  question: 'Which wheel does not turn as fast as the others?',
  explains:
    'Straight on, all four show one speed. One that is a few percent off has another tyre size or pressure; one at zero has no signal; one that falls away at low speed has too wide a gap, and one that jitters a damaged ring, which a trace shows better than a number.',
  have: ['scan tool', 'road test', 'wheel speed sensors'],
  codes: ['C0031-C0051', 'C1225-C1238', 'P0500-P0503', 'C1210-C1214'],
  source: 'Within 3 %: common practice, no source.',
  needs: ['straight road, steady speed', 'same tyre size all round'],
  caution: 'a second person reads the tool',
  minutes: 10,
  input: z.object({
    wheels: list({
      title: 'Speed',
      unit: 'km/h',
      each: 'wheel',
      labels: CORNERS,
      least: 3,
      min: 0,
      max: 400,
    }),
  }),
  example: {
    wheels: [
      { at: 'FL', entered: '49.8' },
      { at: 'FR', entered: '50.1' },
      { at: 'RL', entered: '0' },
      { at: 'RR', entered: '50.0 km/h' },
    ],
  },
  run(i) {
    if (i.wheels.every((w) => w.value < STANDS))
      return [
        { verdict: 'void', because: 'The vehicle stands. Read them at a steady speed, 40 km/h or more.' },
      ];
    const { silent, turning } = parted(i.wheels);
    const names = silent.map((w) => w.at).join(', ');
    if (turning.length === 1)
      return [
        {
          verdict: 'unsure',
          because: `Only ${turning[0]!.at} shows a speed. On the road that many sensors at once are rarely dead: look at what ${names} share (supply, ground, control module). With the vehicle lifted, only a wheel that turns shows one.`,
        },
      ];
    const noSignal = silent.map((w): Finding => ({
      about: w.at,
      verdict: 'fail',
      figure: like(w.value, w),
      because: 'No signal: plug, wire, sensor, in that order.',
    }));
    const first = i.wheels[0]!;
    const c = compare(turning.map((w) => ({ at: w.at, value: w.value })));
    const findings: Finding[] = [
      ...noSignal,
      {
        ...(silent.length > 0 && { about: 'The other wheels' }),
        ...siblingSentence(
          shownAs(c, first),
          first.as,
          Math.max(...i.wheels.map((w) => w.decimals)),
          'wheel',
        ),
      },
    ];
    for (const o of c.odd) {
      const r = turning.find((w) => w.at === o.at)!;
      const share = Math.abs(o.delta / o.others);
      findings.push({
        about: o.at,
        verdict: 'fail',
        figure: like(o.value, r),
        because:
          share < 0.12
            ? 'A few percent: tyre size, pressure or wear before any sensor.'
            : 'Far off: ring teeth missing, wrong bearing side or ring, or too wide a gap.',
      });
    }
    return findings;
  },
  draw(i) {
    const { silent, turning } = parted(i.wheels);
    const bars = siblingBars(i.wheels, compare(turning.map((w) => ({ at: w.at, value: w.value }))));
    const verdictOf = (n: number) => {
      if (turning.length === 1) return 'unsure';
      if (silent.includes(i.wheels[n]!)) return 'fail';
      return bars.bars[n]!.verdict;
    };
    return { ...bars, bars: bars.bars.map((b, n) => ({ ...b, verdict: verdictOf(n) })) };
  },
});
