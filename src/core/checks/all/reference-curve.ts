import { z } from 'zod';
import { asCurve, compareCurve, convert, convertDifference } from '@/core/readings';
import { defineCheck, Refusal } from '../contract';
import { ANY, inUnit, like, optional, table, type Read } from '../fields';
import { curveSentence } from '../words';

const columns = { x: { title: 'At', unit: ANY }, y: { title: 'Value', unit: ANY } } as const;
type Rows = { x: Read; y: Read }[];

/** Both curves in the units of the measured one. */
function points(rows: Rows, of: Rows, field: string) {
  return rows.map((r) => {
    try {
      const to = of[0]!;
      const into = (from: Read, unit: string) =>
        from.unit === unit || from.unit === ''
          ? from.value
          : convert({ value: from.value, unit: from.unit }, unit).value;
      return { x: into(r.x, to.x.unit), y: into(r.y, to.y.unit) };
    } catch (e) {
      throw new Refusal(e instanceof Error ? e.message : 'The units do not fit.', field);
    }
  });
}

export default defineCheck({
  id: 'reference-curve',
  title: 'Readings against a reference curve',
  question: 'Is it off at one point, or everywhere, and how does that go?',
  explains:
    'Between the points of the reference straight lines are drawn; beyond its ends nothing is judged, and that is said. Off at every point and growing tells more than one reading over a limit.',
  have: ['reference curve', 'several readings', 'known-good vehicle'],
  codes: [],
  source: 'Straight lines between points: general mathematics. The 10 % band: common practice, no source.',
  minutes: 15,
  input: z.object({
    reference: table({ given: true, title: 'Reference', columns, least: 2 }),
    measured: table({ title: 'Measured', columns, least: 1 }),
    band: optional({
      given: true,
      title: 'Band',
      help: 'a share or an amount; 10 % when left empty',
      unit: ANY,
      above: 0,
    }),
  }),
  example: {
    reference: [
      { x: '1000 rpm', y: '2.0 bar' },
      { x: '2000', y: '3.1' },
      { x: '4000', y: '4.4' },
    ],
    measured: [
      { x: '1000 rpm', y: '1.6 bar' },
      { x: '2500', y: '2.4' },
      { x: '4000', y: '2.9' },
      { x: '5000', y: '3.0' },
    ],
    band: '10 %',
  },
  run(i) {
    const first = i.measured[0]!;
    const band = i.band;
    const percent = band && first.y.unit !== '%' ? inUnit(band, '%') : undefined;
    const share = band === undefined ? 0.1 : percent && percent.value / 100;
    const amount =
      share === undefined
        ? convertDifference({ value: band!.value, unit: band!.unit || first.y.unit }, first.y.unit).value
        : 0;
    const c = compareCurve(
      points(i.reference, i.measured, 'reference'),
      points(i.measured, i.measured, 'measured'),
      (r) => (share === undefined ? amount : Math.abs(r) * share),
    );
    return [
      curveSentence(
        c,
        (v) => like(v, first.y),
        (v) => like(v, first.x),
      ),
    ];
  },
  draw: (i) => ({
    kind: 'curve',
    x: i.measured[0]!.x.unit,
    y: i.measured[0]!.y.unit,
    lines: [
      { name: 'reference', role: 'reference', points: asCurve(points(i.reference, i.measured, 'reference')) },
      {
        name: 'measured',
        role: 'measured',
        points: points(i.measured, i.measured, 'measured').sort((a, b) => a.x - b.x),
      },
    ],
  }),
});
