import { z } from 'zod';
import { asCurve, compareCurve, type CurveComparison } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { like, optional, table, type Read } from '../fields';
import { curveSentence, inside } from '../words';

/** A sensor at rest may be off by this; common practice, no source. */
const ZERO_MBAR = 3;

const columns = {
  flow: { title: 'Exhaust flow', unit: 'm³/h', min: 0 },
  pressure: { title: 'Differential pressure', unit: 'mbar', min: -1000, max: 5000 },
} as const;

/** Read at less than this share of the clean filter's highest flow, it says nothing; common practice, no source. */
const ENOUGH_FLOW = 0.5;

/** A difference that no sensor at rest explains: ten times what it may be off by. */
const PLAIN_MBAR = 10 * ZERO_MBAR;

interface Given {
  off: Read | undefined;
  clean: { flow: Read }[];
  measured: { flow: Read }[];
}

/** What the comparison says of the filter: nothing where the sensor lies, or where little flowed. */
function filterFinding(said: Finding, c: CurveComparison, i: Given, zeroBad: boolean): Finding {
  if (zeroBad) return { verdict: 'unsure', because: 'Not judged while the sensor does not read 0 at rest.' };
  const judged = c.points.filter((p) => p.side !== 'beyond');
  const highest = Math.max(...i.clean.map((p) => p.flow.value));
  const blocked = said.verdict === 'fail' && c.everywhere === 'above';
  const flowed = Math.max(...judged.map((p) => p.x)) >= ENOUGH_FLOW * highest;
  const plain = judged.some((p) => Math.abs(p.y - (p.reference ?? p.y)) > PLAIN_MBAR);
  if (judged.length > 0 && !flowed && (said.verdict === 'pass' || !plain))
    return {
      verdict: 'unsure',
      because: `${said.because} Little flowed: at idle a blocked filter and a clean one are close. Read it again at a higher speed, up to about ${like(highest, i.measured[0]!.flow)}.`,
    };
  const notRead = i.off ? '' : ' if the sensor reads 0 with the engine off; that was not read';
  if (blocked)
    return {
      ...said,
      because: `${said.because} The filter is blocked${notRead && `,${notRead}`}.`,
      speaks: [{ says: 'for', part: 'particle filter', failure: 'blocked', where: '' }],
    };
  if (said.verdict === 'fail' && c.everywhere === 'below')
    return {
      ...said,
      because: `${said.because} Filter cracked or removed, or a hose off${i.off ? '' : ', or a sensor that reads too low: it was not read with the engine off'}.`,
    };
  if (said.verdict !== 'pass') return said;
  // A sensor that reads too low makes a clean filter of any.
  if (!i.off) return { ...said, because: `${said.because} That holds${notRead}.` };
  return { ...said, speaks: [{ says: 'against', part: 'particle filter', failure: 'blocked', where: '' }] };
}

export default defineCheck({
  id: 'filter-back-pressure',
  title: 'Particle filter: back pressure against flow',
  question: 'Is the filter blocked, or does its sensor lie?',
  explains:
    'Differential pressure rises with exhaust flow, so one reading at idle says nothing. Held against a clean filter at the same flows, a blocked one lies above at every point and steepens. First the sensor: engine off it has to read 0.',
  have: ['differential pressure', 'scan tool', 'exhaust flow', 'hand pump'],
  codes: ['P2002', 'P2003', 'P242F', 'P2452-P2455', 'P2463', 'P244A', 'P244B'],
  source: 'Comparison with a clean filter at equal flow: common practice, no source.',
  needs: ['engine warm', 'no regeneration running'],
  caution: 'exhaust and filter are hot',
  minutes: 20,
  input: z.object({
    off: optional({ title: 'Reading with the engine off', unit: 'mbar', min: -1000, max: 5000 }),
    clean: table({
      given: true,
      title: 'Clean filter of this build',
      help: 'from a known-good vehicle or a published curve',
      columns,
      least: 2,
    }),
    measured: table({ title: 'Measured', columns, least: 1 }),
    band: optional({
      given: true,
      title: 'Band around clean',
      help: '40 % when left empty',
      unit: '%',
      above: 0,
      max: 300,
    }),
  }),
  example: {
    off: '0 mbar',
    clean: [
      { flow: '55 m³/h', pressure: '28 mbar' },
      { flow: '140', pressure: '66' },
      { flow: '310', pressure: '152' },
    ],
    measured: [
      { flow: '58', pressure: '61' },
      { flow: '139', pressure: '138' },
      { flow: '300', pressure: '402' },
    ],
    band: '40 %',
  },
  run(i) {
    const findings: Finding[] = [];
    const zeroBad = i.off !== undefined && !inside(i.off.value, -ZERO_MBAR, ZERO_MBAR);
    if (i.off) {
      findings.push(
        zeroBad
          ? {
              about: 'Sensor',
              verdict: 'fail',
              because: `Engine off it shows ${like(i.off.value, i.off)} instead of 0: the sensor or its hoses, before any filter.`,
              speaks: [
                { says: 'for', part: 'differential pressure sensor', failure: 'wrong reading', where: '' },
              ],
            }
          : { about: 'Sensor', verdict: 'pass', because: 'Reads 0 with the engine off.' },
      );
    }
    const share = (i.band?.value ?? 40) / 100;
    const first = i.measured[0]!;
    const c = compareCurve(
      i.clean.map((p) => ({ x: p.flow.value, y: p.pressure.value })),
      i.measured.map((p) => ({ x: p.flow.value, y: p.pressure.value })),
      (r) => Math.abs(r) * share,
    );
    const said = curveSentence(
      c,
      (v) => like(v, first.pressure),
      (v) => like(v, first.flow),
    );
    findings.push({ about: 'Filter', ...filterFinding(said, c, i, zeroBad) });
    return findings;
  },
  draw(i) {
    const clean = asCurve(i.clean.map((p) => ({ x: p.flow.value, y: p.pressure.value })));
    return {
      kind: 'curve',
      x: 'm³/h',
      y: 'mbar',
      lines: [
        {
          name: 'clean',
          role: 'reference',
          points: clean,
        },
        {
          name: 'measured',
          role: 'measured',
          points: i.measured.map((p) => ({ x: p.flow.value, y: p.pressure.value })).sort((a, b) => a.x - b.x),
        },
      ],
    };
  },
});
