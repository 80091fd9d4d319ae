import { z } from 'zod';
import { calibrate, convertDifference, writeNumber } from '@/core/readings';
import { defineCheck, Refusal, type Finding } from '../contract';
import { ANY, inUnit, like, likeDifference, optional, table, type Read } from '../fields';
import { percent } from '../words';

/** The steps with both values in the unit that was applied. */
function points(steps: { truth: Read; shown: Read }[]): { truth: number; shown: number }[] {
  const unit = steps[0]!.truth.unit;
  return steps.map((s) => {
    const shown = inUnit(s.shown, unit);
    if (shown) return { truth: s.truth.value, shown: shown.value };
    throw new Refusal(
      `Applied in ${unit || 'no unit'}, shown in ${s.shown.unit || 'no unit'}; give both in one.`,
      'steps',
    );
  });
}

export default defineCheck({
  id: 'applied-truth',
  title: 'A sensor against applied truth',
  question: 'Does the controller see what is really applied?',
  explains:
    'A known value is applied (hand pump, calibrator, ice water) and what the scan tool shows is noted. An offset is the same everywhere, a gain error grows, a bent line is a damaged sensor. It proves sensor, wiring and controller in one go.',
  have: ['hand pump', 'gauge', 'calibrator', 'scan tool'],
  codes: ['P0105-P0109', 'P0190-P0194', 'P0236-P0239', 'P2452-P2455', 'P0450-P0454', 'P0520-P0523'],
  source: 'Least squares; 3 % of the span when nothing is given: common practice, no source.',
  needs: ['the applied value is itself known to be true'],
  minutes: 12,
  input: z.object({
    steps: table({
      title: 'Applied and shown',
      columns: { truth: { given: true, title: 'Applied', unit: ANY }, shown: { title: 'Shown', unit: ANY } },
      least: 2,
    }),
    band: optional({
      given: true,
      title: 'May be off by',
      help: '3 % of the span when left empty',
      unit: ANY,
      above: 0,
    }),
  }),
  example: {
    steps: [
      { truth: '0 mbar', shown: '1 mbar' },
      { truth: '200', shown: '161' },
      { truth: '400', shown: '322' },
      { truth: '500', shown: '402' },
    ],
    band: '15 mbar',
  },
  run(i) {
    const first = i.steps[0]!;
    const unit = first.truth.unit;
    const c = calibrate(points(i.steps));
    const band = bandOf(i.band, unit, c.span);
    // With the places of the finest reading: 0.03 bar are not 0.0.
    const places = Math.max(1, ...i.steps.flatMap((s) => [s.truth.decimals, s.shown.decimals]));
    const d = (v: number) => likeDifference(v, first.truth, places);
    const line = `offset ${d(c.offset)}, gain ${writeNumber(c.gain, 3)}`;
    const findings: Finding[] = [];
    if (Math.abs(c.worst) <= band * (1 + 1e-9))
      findings.push({
        verdict: 'pass',
        because: `It is never more than ${d(Math.abs(c.worst))} off (${line}).`,
      });
    else {
      const bent = i.steps.length >= 3 && c.nonlinearity > band;
      const why = bent
        ? `and not straight (up to ${d(c.nonlinearity)} from a line): damaged, or air in the hose`
        : offWords(c);
      findings.push({
        verdict: 'fail',
        figure: d(c.worst),
        because: `At ${like(c.worstAt, first.truth)} it is off by ${d(c.worst)}, ${why} (${line}).`,
      });
    }
    if (i.steps.length < 3)
      findings.push({ verdict: '', because: 'Two steps cannot show a bent line; take a third between.' });
    return findings;
  },
  draw: (i) => ({
    kind: 'curve',
    x: i.steps[0]!.truth.unit,
    y: i.steps[0]!.truth.unit,
    lines: [
      {
        name: 'true',
        role: 'reference',
        points: i.steps.map((s) => ({ x: s.truth.value, y: s.truth.value })).sort((a, b) => a.x - b.x),
      },
      {
        name: 'shown',
        role: 'measured',
        points: points(i.steps)
          .map((s) => ({ x: s.truth, y: s.shown }))
          .sort((a, b) => a.x - b.x),
      },
    ],
  }),
});

/** How far off still passes, in the unit of the steps: as given, as a share of the span, or 3 % of it. */
function bandOf(band: Read | undefined, unit: string, span: number): number {
  if (!band) return 0.03 * span;
  const share = unit === '%' ? undefined : inUnit(band, '%');
  if (share) return (span * share.value) / 100;
  return convertDifference({ value: band.value, unit: band.unit || unit }, unit).value;
}

/** How a straight line lies beside the truth. */
function offWords(c: { gain: number; offset: number; span: number }): string {
  if (Math.abs(c.gain - 1) * c.span > Math.abs(c.offset))
    return `by gain: it shows ${percent(c.gain)} of what is there. Wrong sensor, leak in the hose, or supply off`;
  return 'by the same everywhere: offset, often a ground or a zero not learned';
}
