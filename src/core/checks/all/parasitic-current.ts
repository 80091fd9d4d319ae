import { z } from 'zod';
import { writeQuantity } from '@/core/readings';
import { defineCheck, Refusal, type Finding } from '../contract';
import { choice, like, optional, table } from '../fields';

/**
 * Cold resistance of blade fuses in mΩ by rating in A. Typical sheet values, from memory; single
 * fuses differ by some 15 %.
 */
const BLADE: Record<number, number> = {
  2: 53.5,
  3: 31.1,
  4: 22.8,
  5: 17.9,
  7.5: 10.9,
  10: 7.7,
  15: 4.8,
  20: 3.4,
  25: 2.5,
  30: 2.0,
  35: 1.6,
  40: 1.4,
};
const MINI: Record<number, number> = {
  2: 59.5,
  3: 32,
  4: 24,
  5: 17.9,
  7.5: 10.9,
  10: 7.6,
  15: 4.6,
  20: 3.2,
  25: 2.4,
  30: 1.9,
};

/**
 * Current through a fuse from the voltage across it.
 *
 * @param millivolts across the fuse
 * @param rating in A
 * @param size which table
 * @returns amperes, or undefined for a rating that is in neither table
 */
export function fuseCurrent(
  millivolts: number,
  rating: number,
  size: 'blade' | 'mini blade',
): number | undefined {
  const ohms = (size === 'blade' ? BLADE : MINI)[rating];
  return ohms === undefined ? undefined : Math.abs(millivolts) / ohms;
}

export default defineCheck({
  id: 'parasitic-current',
  title: 'Current at rest from fuse drops',
  question: 'Which circuit draws the battery empty overnight?',
  explains:
    'A fuse is a small known resistor: the millivolts across it give the current without pulling it, so no module wakes up. Start when the vehicle has gone to sleep, and do not open a door.',
  have: ['multimeter', 'fuse box', 'flat battery'],
  codes: ['P0562', 'B1325', 'U3003'],
  source:
    'Ohm’s law; fuse resistances typical, from memory, ± 15 %. 50 mA in all: common practice, no source.',
  needs: ['locked and asleep, at least 20 min', 'door latch fooled, bonnet open'],
  minutes: 40,
  input: z.object({
    size: choice({ given: true, title: 'Fuse size', options: ['blade', 'mini blade'] }),
    fuses: table({
      title: 'Fuses with a voltage across them',
      columns: {
        name: { given: true, title: 'Fuse', words: true },
        rating: { given: true, title: 'Rating', unit: 'A', above: 0, max: 60 },
        drop: { title: 'Across it', unit: 'mV', min: -500, max: 500 },
      },
      least: 1,
    }),
    whole: optional({
      title: 'Current at the battery',
      help: 'by a clamp at its cable, all asleep',
      unit: 'mA',
      min: 0,
      max: 100_000,
    }),
    allowed: optional({
      given: true,
      title: 'Allowed in all',
      help: '50 mA when left empty',
      unit: 'mA',
      above: 0,
      max: 2000,
    }),
  }),
  example: {
    size: 'mini blade',
    fuses: [
      { name: 'F12 radio', rating: '15', drop: '0,1 mV' },
      { name: 'F31 tailgate', rating: '20', drop: '1.4 mV' },
    ],
  },
  run(i) {
    const rows = i.fuses.map((f) => {
      const amps = fuseCurrent(f.drop.value, f.rating.value, i.size);
      if (amps === undefined)
        throw new Refusal(
          `There is no ${i.size} fuse of ${like(f.rating.value, f.rating)} in the table.`,
          'fuses',
        );
      return { ...f, milli: amps * 1000 };
    });
    const total = rows.reduce((s, r) => s + r.milli, 0);
    const allowed = i.allowed?.value ?? 50;
    const findings: Finding[] = rows.map((r) => ({
      about: r.name,
      verdict: '',
      figure: say(r.milli),
      because: `about ${say(r.milli)} through it.`,
    }));
    const most = rows.reduce((a, b) => (b.milli > a.milli ? b : a));
    findings.push({
      about: 'In all',
      figure: say(total),
      ...inAll({ total, allowed, whole: i.whole?.value, most: most.name }),
    });
    return findings;
  },
  draw: (i) => ({
    kind: 'bars',
    unit: 'mA',
    high: i.allowed?.value ?? 50,
    bars: i.fuses.map((f) => {
      const milli = (fuseCurrent(f.drop.value, f.rating.value, i.size) ?? 0) * 1000;
      return { at: f.name, value: milli, verdict: milli > (i.allowed?.value ?? 50) ? 'fail' : '' };
    }),
  }),
});

const say = (mA: number): string => writeQuantity({ value: mA, unit: 'mA' }, mA < 10 ? 1 : 0);

/**
 * All of it against what is allowed, in milliamperes. The table is good to 15 %, so the edge of what fuses say is that
 * wide; a clamp at the battery decides where there is one.
 */
function inAll(m: { total: number; allowed: number; whole: number | undefined; most: string }): Finding {
  const { total, allowed, whole } = m;
  const most = `Most goes through ${m.most}: look at what hangs on it.`;
  if (whole !== undefined) {
    // What flows through some of the fuses cannot be more than the whole; too much by either is too much.
    if (whole <= allowed && total * 0.85 > whole)
      return {
        verdict: 'unsure',
        because: `${say(whole)} at the battery, yet ${say(total)} through these fuses: not at the same time, or in another unit. Read both again while it sleeps.`,
      };
    const against = `${say(whole)} at the battery against ${say(allowed)} allowed, ${say(total)} of it through these fuses.`;
    return whole <= allowed
      ? { verdict: 'pass', because: against }
      : { verdict: 'fail', because: `${against} ${most}` };
  }
  if (total <= allowed * 0.85)
    return {
      verdict: 'unsure',
      because: `${say(total)} through the fuses that were measured, under the ${say(allowed)} allowed. One that was not may draw more: a clamp at the battery cable would tell.`,
    };
  const against = `${say(total)} against ${say(allowed)} allowed`;
  if (total > allowed * 1.15) return { verdict: 'fail', because: `${against}. ${most}` };
  return {
    verdict: 'unsure',
    because: `${against}, too near for fuses that differ by 15 %: clamp or shunt it. ${most}`,
  };
}
