import { z } from 'zod';
import { convertDifference } from '@/core/readings';
import { defineCheck, Refusal, type Finding } from '../contract';
import { choice, like, likeDifference, optional, quantity, type Read } from '../fields';
import { percent } from '../words';

/**
 * Rate at which pressure leaks away, from two readings: it falls by the same share in equal times,
 * so k = ln(p₀ / p₁) / t.
 *
 * @param start above 0
 * @param end above 0, same unit
 * @param minutes above 0
 * @returns share lost per minute, 0 … 1
 */
export function leakRate(start: number, end: number, minutes: number): number {
  return 1 - Math.exp(-Math.log(start / end) / minutes);
}

/** Half of the last digit that was typed, in the unit of the check. */
const halfDigit = (r: Read): number =>
  convertDifference({ value: 0.5 * 10 ** -r.decimals, unit: r.as }, r.unit).value;

const WHERE: Record<string, string> = {
  'fuel, supply side': 'Pinch the return, then the supply: pump check valve, regulator, or an injector.',
  'fuel, high pressure': 'Return flow of each injector, then pump and relief valve.',
  oil: 'Check valve in the filter or pump; after standing it rattles until pressure is there.',
  'cooling system': 'Look for the drop outside; if there is none, cylinder leakage with the radiator open.',
  'air or vacuum': 'Listen, or spray soapy water from the source on.',
};

export default defineCheck({
  id: 'pressure-hold',
  title: 'Pressure hold and leak-down rate',
  question: 'Does it keep its pressure after it is switched off?',
  explains:
    'Two readings and the time between give the share lost per minute, so that five and twenty minutes can be compared. Pressure that rises again after switching off is heat, not health.',
  have: ['pressure gauge', 'fuel pressure', 'oil pressure', 'hand pump'],
  codes: ['P0087', 'P0088', 'P0093', 'P0094', 'P0520-P0524', 'P1291', 'P0441', 'P0442', 'P0455-P0457'],
  source: 'Exponential leak-down: general physics. 20 % in 5 min: common practice, no source.',
  needs: ['pump off, nothing drawing'],
  caution:
    'fuel under pressure: rag over the fitting, no flame; diesel rails hold lethal pressure, use the scan tool',
  minutes: 15,
  input: z.object({
    what: choice({
      given: true,
      title: 'What holds',
      options: ['fuel, supply side', 'fuel, high pressure', 'oil', 'cooling system', 'air or vacuum'],
    }),
    start: quantity({ title: 'At the start', unit: 'bar', above: 0, max: 4000 }),
    end: quantity({ title: 'At the end', unit: 'bar', min: 0, max: 4000 }),
    time: quantity({ title: 'After', unit: 'min', above: 0, max: 10_000 }),
    allowed: optional({
      given: true,
      title: 'May lose',
      help: '20 % in 5 min when left empty',
      unit: '%',
      above: 0,
      max: 99.9,
    }),
    over: optional({
      given: true,
      title: 'Within',
      help: '5 min when left empty',
      unit: 'min',
      above: 0,
      max: 10_000,
    }),
  }),
  example: { what: 'fuel, supply side', start: '3,8 bar', end: '1,9 bar', time: '10 min' },
  run(i) {
    if (i.end.value > i.start.value)
      throw new Refusal(
        'It rose. Wait until it has settled after switching off, then take the first reading.',
        'end',
      );
    if (i.end.value === 0)
      return [
        {
          verdict: 'fail',
          because: `All of ${like(i.start.value, i.start)} is gone after ${like(i.time.value, i.time)}. ${WHERE[i.what]}`,
        },
      ];
    const rate = leakRate(i.start.value, i.end.value, i.time.value);
    const over = i.over?.value ?? 5;
    const lostIn = (start: number, end: number) =>
      end <= 0 ? 1 : 1 - (1 - leakRate(start, end, i.time.value)) ** over;
    const lost = lostIn(i.start.value, i.end.value);
    const allowed = (i.allowed?.value ?? 20) / 100;
    const good = lost <= allowed + 1e-9;
    // What is written 3.8 may be 3.75 or 3.85: in a short time that is more than any leak.
    // One gauge shows both: who writes 4 and then 3.9 means 4.0.
    const half = Math.min(halfDigit(i.start), halfDigit(i.end));
    const least = lostIn(i.start.value - half, Math.min(i.end.value + half, i.start.value - half));
    const most = lostIn(i.start.value + half, i.end.value - half);
    if (i.time.value < over && (good ? most > allowed + 1e-9 : least <= allowed + 1e-9))
      return [
        {
          verdict: 'unsure',
          figure: `${percent(rate, 1)} a minute`,
          because: `${like(i.start.value, i.start)}, then ${like(i.end.value, i.end)} after ${like(i.time.value, i.time)}: by the last digit of the gauge that is ${percent(least)} to ${percent(most)} in ${over} min, ${percent(allowed)} allowed. Wait the ${over} min.`,
        },
      ];
    const finding: Finding = {
      verdict: good ? 'pass' : 'fail',
      figure: `${percent(rate, 1)} a minute`,
      because: `It lost ${likeDifference(i.start.value - i.end.value, i.start, 1)} in ${like(i.time.value, i.time)}, ${percent(rate, 1)} a minute: ${percent(lost)} in ${over} min, ${percent(allowed)} allowed.${good ? '' : ` ${WHERE[i.what]}`}`,
    };
    return [finding];
  },
});
