import { z } from 'zod';
import { defineCheck, Refusal, type Finding } from '../contract';
import { count, like, list, optional, type ReadAt, type Read } from '../fields';
import { CYLINDERS, percent } from '../words';

const pressures = (i: { cylinders: number; dry: ReadAt[] }) => {
  if (i.dry.length !== i.cylinders)
    throw new Refusal(
      `${i.dry.length} of ${i.cylinders} cylinders were measured. The spread needs all of them.`,
      'dry',
    );
  return Math.max(...i.dry.map((r) => r.value));
};

export default defineCheck({
  id: 'compression-spread',
  title: 'Compression and its spread',
  question: 'Does every cylinder hold enough, and about the same?',
  explains:
    'The lowest should reach three quarters of the highest, and all the maker’s least. A little oil in a low cylinder: if it comes up, the rings leak; if not, the valves or the gasket do. Two low neighbours are the gasket between them.',
  have: ['compression gauge'],
  codes: ['P0300-P0312', 'P0363'],
  source: 'Lowest at least 75 % of highest: common practice, no source.',
  needs: ['throttle open', 'battery charged', 'engine warm'],
  caution: 'fuel and ignition off, plugs out; hands away from belts',
  minutes: 40,
  input: z.object({
    cylinders: count({ given: 'cylinders', title: 'Cylinders', min: 1, max: 16 }),
    dry: list({
      title: 'Compression',
      unit: 'bar',
      each: 'cylinder',
      labels: CYLINDERS,
      least: 1,
      min: 0,
      max: 80,
    }),
    wet: list({
      title: 'With oil',
      help: 'only the low ones',
      unit: 'bar',
      each: 'cylinder',
      labels: [],
      least: 0,
      min: 0,
      max: 90,
    }),
    least: optional({ given: true, title: 'Maker’s least', unit: 'bar', above: 0, max: 60 }),
    share: optional({
      given: true,
      title: 'Lowest against highest',
      help: '75 % when left empty',
      unit: '%',
      above: 0,
      max: 100,
    }),
  }),
  example: {
    cylinders: '4',
    dry: [
      { at: '1', entered: '12,1' },
      { at: '2', entered: '7.6' },
      { at: '3', entered: '7.9' },
      { at: '4', entered: '12.3' },
    ],
    wet: [{ at: '2', entered: '7.8' }],
    least: '9 bar',
  },
  run(i) {
    const high = pressures(i);
    if (high <= 0)
      return [
        { verdict: 'unsure', because: 'No cylinder shows anything: check the gauge on one that must hold.' },
      ];
    const share = (i.share?.value ?? 75) / 100;
    const low = i.dry.filter((r) => r.value < high * share - 1e-9 || r.value < (i.least?.value ?? 0) - 1e-9);
    const findings: Finding[] = low.map((r) => {
      const wet = i.wet.find((w) => w.at === r.at);
      const under =
        i.least && r.value < i.least.value ? `, and under the least of ${like(i.least.value, i.least)}` : '';
      return {
        about: `Cylinder ${r.at}`,
        verdict: 'fail',
        figure: like(r.value, r),
        because: `${like(r.value, r)} is ${percent(r.value / high)} of the highest${under}.${wet ? ` ${withOil(wet, r)}` : ''}`,
      };
    });
    const neighbours = low.find((r, k) => low[k + 1] && Number(low[k + 1]!.at) === Number(r.at) + 1);
    if (neighbours && low.length === 2)
      findings.push({
        verdict: '',
        because: `${neighbours.at} and ${Number(neighbours.at) + 1} are low: if they stand side by side in one bank, the head gasket between them.`,
      });
    if (low.length === 0)
      findings.push({
        verdict: i.dry.length === 1 && !i.least ? 'unsure' : 'pass',
        because:
          i.dry.length === 1 && !i.least
            ? 'A single cylinder has no siblings; give the maker’s least.'
            : `The lowest is ${percent(Math.min(...i.dry.map((r) => r.value)) / high)} of the highest.${i.least ? '' : ' Without the maker’s least, all could be equally low.'}`,
      });
    return findings;
  },
  draw(i) {
    const high = pressures(i);
    const edge = Math.max(((i.share?.value ?? 75) / 100) * high, i.least?.value ?? 0);
    return {
      kind: 'bars',
      unit: 'bar',
      low: edge,
      bars: i.dry.map((r) => ({
        at: r.at,
        value: r.value,
        verdict: r.value < edge - 1e-9 ? 'fail' : 'pass',
      })),
    };
  },
});

/** What a little oil in the cylinder told. */
function withOil(wet: Read, dry: Read): string {
  const says = like(wet.value, wet);
  if (wet.value > dry.value * 1.1 + 1e-9) return `With oil ${says}: the rings.`;
  if (wet.value < dry.value * 0.8)
    return `With oil ${says}, which is less than dry: one of the two was not read right.`;
  return `With oil no better (${says}): valves or head gasket.`;
}
