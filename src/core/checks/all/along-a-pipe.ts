import { z } from 'zod';
import { convertDifference, findUnit } from '@/core/readings';
import { defineCheck, type Drawing, type Finding } from '../contract';
import { ANY, like, likeDifference, list, optional, type Read, type ReadAt } from '../fields';

/** What neighbours along a pipe may differ by: 40 °C, or a tenth of the larger; common practice, no source. */
function bandOf(each: readonly ReadAt[], stated: Read | undefined): number {
  const unit = each[0]!.unit;
  const most = Math.max(...each.map((r) => Math.abs(r.value)));
  if (stated)
    return stated.unit === '%' && unit !== '%'
      ? (most * stated.value) / 100
      : convertDifference({ value: stated.value, unit: stated.unit || unit }, unit).value;
  return findUnit(unit)?.measures === 'temperature'
    ? convertDifference({ value: 40, unit: '°C' }, unit).value
    : Math.max(most * 0.1, 1e-9);
}

/**
 * Members in the order of the flow that lie off both of their neighbours, to the same side, while those two agree.
 *
 * @param values in order, one unit
 * @param band what neighbours may differ by, above 0
 * @returns positions of such members; an end has one neighbour and is never among them
 * @example offNeighbours([779, 1050, 900, 1050, 1050], 72) // [2]
 */
export function offNeighbours(values: readonly number[], band: number): number[] {
  return values.flatMap((v, i) => {
    const before = values[i - 1];
    const after = values[i + 1];
    if (before === undefined || after === undefined) return [];
    const off = Math.abs(v - before) > band && Math.abs(v - after) > band;
    return off && v > before === v > after && Math.abs(before - after) <= band ? [i] : [];
  });
}

export default defineCheck({
  id: 'along-a-pipe',
  title: 'Sensors along a pipe',
  question: 'Which sensor along the flow lies?',
  explains:
    'Along an exhaust or a cooling circuit each sensor is held against its two neighbours, not against the mean: heat is added and lost on the way, so the first and the last may well differ. A sensor that lies off both neighbours while those two agree is the one. An end has one neighbour only, so a difference there is shown and judges nothing.',
  have: ['scan tool', 'exhaust temperatures', 'several sensors in a row'],
  codes: ['P0544-P0549', 'P2031-P2036', 'P2080-P2086', 'P2428', 'P242A-P242D', 'P246E', 'P2470-P2473'],
  source:
    'In regeneration the sensor between two at 1050 °F that shows 900 °F is wrong: common practice, no source. The 40 °C band: common practice, no source.',
  needs: ['steady flow, all read at one moment'],
  caution: 'exhaust is hot',
  minutes: 10,
  input: z.object({
    each: list({
      title: 'In the order of the flow',
      unit: ANY,
      each: 'sensor',
      labels: ['1', '2', '3', '4', '5'],
      least: 3,
    }),
    band: optional({
      given: true,
      title: 'Neighbours may differ by',
      help: '40 °C, or 10 %, when left empty',
      unit: ANY,
      difference: true,
      above: 0,
    }),
  }),
  example: {
    each: [
      { at: '1', entered: '415 °C' },
      { at: '2', entered: '566' },
      { at: '3', entered: '482' },
      { at: '4', entered: '566' },
      { at: '5', entered: '563' },
    ],
  },
  run(i): Finding[] {
    const band = bandOf(i.each, i.band);
    const values = i.each.map((r) => r.value);
    const off = offNeighbours(values, band);
    const findings = off.map((k): Finding => {
      const r = i.each[k]!;
      const middle = (values[k - 1]! + values[k + 1]!) / 2;
      return {
        about: r.at,
        verdict: 'fail',
        figure: like(r.value, r),
        because: `${like(r.value, r)} between ${like(values[k - 1]!, r)} and ${like(values[k + 1]!, r)}: off by ${likeDifference(Math.abs(r.value - middle), r)} while its neighbours agree.`,
      };
    });
    const steps = values.slice(1).flatMap((v, k) => (Math.abs(v - values[k]!) > band ? [k] : []));
    const open = steps.filter((k) => !off.includes(k) && !off.includes(k + 1));
    const atEnd = (k: number) => k === 0 || k === values.length - 2;
    const last = i.each[0]!;
    for (const k of open)
      findings.push({
        about: `${i.each[k]!.at} to ${i.each[k + 1]!.at}`,
        verdict: atEnd(k) ? '' : 'unsure',
        because: atEnd(k)
          ? `A step of ${likeDifference(Math.abs(values[k + 1]! - values[k]!), last)} at the end of the row: a place that is hotter or colder, or a sensor; one neighbour cannot say.`
          : `A step of ${likeDifference(Math.abs(values[k + 1]! - values[k]!), last)} in between, with sensors agreeing on both sides of it: the place, not one sensor. Compare all of them cold.`,
      });
    if (findings.every((f) => f.verdict === ''))
      findings.push(
        open.length === 0
          ? {
              verdict: 'pass',
              because: `Each agrees with its neighbours within ${likeDifference(band, last)}.`,
            }
          : {
              verdict: 'unsure',
              because:
                'None lies off two agreeing neighbours; an end cannot be judged this way. Read all of them cold.',
            },
      );
    return findings;
  },
  draw(i): Drawing {
    const off = offNeighbours(
      i.each.map((r) => r.value),
      bandOf(i.each, i.band),
    );
    return {
      kind: 'bars',
      unit: i.each[0]!.unit,
      bars: i.each.map((r, k) => ({ at: r.at, value: r.value, verdict: off.includes(k) ? 'fail' : '' })),
    };
  },
});
