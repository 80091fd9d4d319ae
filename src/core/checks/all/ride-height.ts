import { z } from 'zod';
import { cornerOf, CORNERS } from '@/core/readings';
import { defineCheck, Refusal, type Finding } from '../contract';
import { like, likeDifference, list, optional, type ReadAt } from '../fields';
import { percent } from '../words';

const at = (rows: ReadAt[], corner: string) => rows.find((r) => cornerOf(r.at) === corner);

export default defineCheck({
  id: 'ride-height',
  title: 'Ride height and corner pressures',
  question: 'Which corner hangs, and is it the spring or the one diagonal to it?',
  explains:
    'Left and right of an axle stand level on level ground. With air springs, pressures at equal height show the load: a diagonal pair that carries more than the other means the vehicle stands twisted, often on a wrong height sensor rather than a weak spring.',
  have: ['tape measure', 'scan tool', 'height sensors', 'air spring pressures'],
  codes: ['C1A00-C1AFF', 'C1700-C17FF', 'C1830-C183F'],
  source: 'Left to right within 10 mm, diagonals within 15 %: common practice, no source.',
  needs: ['level ground', 'tyres at pressure', 'nobody and nothing heavy aboard'],
  caution: 'air springs can drop at once: nothing under the body but stands',
  minutes: 15,
  input: z.object({
    heights: list({
      title: 'Height',
      unit: 'mm',
      each: 'corner',
      labels: CORNERS,
      least: 1,
      // Sensors count from their own zero, so that a corner may stand below it.
      min: -3000,
      max: 3000,
    }),
    front: optional({ given: true, title: 'Wanted in front', unit: 'mm', min: -3000, max: 3000 }),
    rear: optional({ given: true, title: 'Wanted at the rear', unit: 'mm', min: -3000, max: 3000 }),
    apart: optional({
      given: true,
      title: 'May differ by',
      help: '10 mm when left empty',
      unit: 'mm',
      above: 0,
      max: 200,
    }),
    pressures: list({
      title: 'Spring pressure',
      unit: 'bar',
      each: 'corner',
      labels: [],
      least: 0,
      min: 0,
      max: 40,
    }),
  }),
  example: {
    heights: [
      { at: 'FL', entered: '402' },
      { at: 'FR', entered: '399' },
      { at: 'RL', entered: '411' },
      { at: 'RR', entered: '378 mm' },
    ],
    front: '400',
    rear: '410',
    pressures: [],
  },
  run(i) {
    const unknown = i.heights.find((h) => cornerOf(h.at) === undefined);
    if (unknown) throw new Refusal(`"${unknown.at}" is no corner. Use FL, FR, RL, RR.`, 'heights');
    const allowed = i.apart?.value ?? 10;
    const findings: Finding[] = [];
    for (const [axle, l, r, wanted] of [
      ['Front', 'FL', 'FR', i.front],
      ['Rear', 'RL', 'RR', i.rear],
    ] as const) {
      const left = at(i.heights, l);
      const right = at(i.heights, r);
      for (const h of [left, right])
        if (h && wanted && Math.abs(h.value - wanted.value) > allowed + 1e-9)
          findings.push({
            about: h.at,
            verdict: 'fail',
            figure: like(h.value, h),
            because: `${like(h.value, h)} is ${likeDifference(Math.abs(h.value - wanted.value), h)} ${h.value < wanted.value ? 'too low' : 'too high'}.`,
          });
      if (!left || !right) {
        if (left ?? right)
          findings.push({
            about: axle,
            verdict: 'unsure',
            because: 'Only one side was measured; measure the other from the same points.',
          });
        continue;
      }
      const d = left.value - right.value;
      const level = Math.abs(d) <= allowed + 1e-9;
      findings.push({
        about: axle,
        verdict: level ? 'pass' : 'fail',
        because: level
          ? `Left and right within ${likeDifference(Math.abs(d), left)}.${wanted ? '' : ' Without the maker’s height both could be equally off.'}`
          : `${d < 0 ? 'Left' : 'Right'} hangs ${likeDifference(Math.abs(d), left)} lower.`,
      });
    }
    const [fl, fr, rl, rr] = CORNERS.map((c) => at(i.pressures, c)?.value);
    if (fl !== undefined && fr !== undefined && rl !== undefined && rr !== undefined) {
      const a = fl + rr;
      const b = fr + rl;
      const off = (a - b) / Math.max((a + b) / 2, 1e-9);
      findings.push({
        about: 'Diagonals',
        verdict: Math.abs(off) <= 0.15 + 1e-9 ? 'pass' : 'fail',
        because:
          Math.abs(off) <= 0.15 + 1e-9
            ? `The two diagonals carry alike (${percent(Math.abs(off))} apart).`
            : `${a > b ? 'FL and RR' : 'FR and RL'} carry ${percent(Math.abs(off))} more: it stands twisted. Check the height sensors of that pair against the tape before any spring.`,
      });
    } else if (i.pressures.length)
      findings.push({
        about: 'Diagonals',
        verdict: 'unsure',
        because: 'All four pressures are needed to compare diagonals.',
      });
    return findings;
  },
  draw: (i) => ({
    kind: 'bars',
    unit: 'mm',
    bars: i.heights.map((h) => ({ at: h.at, value: h.value, verdict: '' })),
  }),
});
