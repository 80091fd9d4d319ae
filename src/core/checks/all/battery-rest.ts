import { z } from 'zod';
import { interpolate } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { choice, like, optional, quantity, type Read } from '../fields';
import { percent } from '../words';

/** Open-circuit voltage against state of charge in %, 12 V at 25 °C; the trade's tables, from memory. */
const REST: Record<'flooded' | 'AGM or gel', { x: number; y: number }[]> = {
  flooded: [
    { x: 11.89, y: 0 },
    { x: 12.06, y: 25 },
    { x: 12.24, y: 50 },
    { x: 12.45, y: 75 },
    { x: 12.65, y: 100 },
  ],
  'AGM or gel': [
    { x: 11.8, y: 0 },
    { x: 12.0, y: 25 },
    { x: 12.3, y: 50 },
    { x: 12.6, y: 75 },
    { x: 12.85, y: 100 },
  ],
};

/** State of charge in % of a rested 12 V battery; 0 and 100 beyond the ends. */
export function stateOfCharge(volts: number, type: 'flooded' | 'AGM or gel'): number {
  const curve = REST[type];
  if (volts <= curve[0]!.x) return 0;
  return interpolate(curve, volts) ?? 100;
}

export default defineCheck({
  id: 'battery-rest',
  title: 'Battery: charge at rest and conductance',
  question: 'Is the battery empty, or is it worn?',
  explains:
    'Rest voltage tells how full it is, once the surface charge is gone; conductance (or the cold current a tester makes of it) tells how much plate is left. Low charge with good conductance wants charging, low conductance when charged wants a new one.',
  have: ['multimeter', 'battery tester', 'battery'],
  codes: ['P0560-P0563', 'B1318', 'U3003', 'P0A7D', 'P1A15'],
  source:
    'Voltage against charge: tables of the trade, from memory. 80 and 60 % of the rating: common practice, no source.',
  needs: ['rested for at least 2 h, or surface charge drawn off'],
  caution: 'acid and gas: goggles, no spark',
  minutes: 5,
  input: z.object({
    type: choice({ given: true, title: 'Type', options: ['flooded', 'AGM or gel'] }),
    rest: quantity({ title: 'Rest voltage of one 12 V battery', unit: 'V', min: 0, max: 20 }),
    measured: optional({ title: 'Tester shows', unit: 'CCA', min: 0, max: 3000 }),
    rated: optional({
      given: true,
      title: 'Rated',
      help: 'same standard as the tester',
      unit: 'CCA',
      above: 0,
      max: 3000,
    }),
  }),
  example: { type: 'flooded', rest: '12,28 V', measured: '310', rated: '640 CCA' },
  run(i) {
    const charge = stateOfCharge(i.rest.value, i.type);
    const findings: Finding[] = [{ about: 'Charge', ...chargeFinding(i.rest, charge) }];
    if (i.measured && i.rated) {
      const share = i.measured.value / i.rated.value;
      findings.push({ about: 'Plates', figure: percent(share), ...platesFinding(share, charge) });
    } else
      findings.push({
        about: 'Plates',
        verdict: 'unsure',
        because:
          i.measured || i.rated
            ? 'Both figures are needed, the tester’s and the rated one.'
            : 'Voltage shows its charge, not its wear: a conductance or load test would tell.',
      });
    return findings;
  },
});

/** How full it is; nothing above surface charge or below empty is a share of the charge. */
function chargeFinding(rest: Read, charge: number): Finding {
  const says = like(rest.value, rest);
  if (rest.value > 13.1)
    return {
      verdict: 'unsure',
      because: `${says} is surface charge or a charger still on: draw it off with the lights, wait, read again.`,
    };
  if (rest.value < 10.5)
    return {
      verdict: 'fail',
      because: `${says} is below empty: deeply discharged, or a cell is shorted.`,
    };
  const figure = `${Math.round(charge)} %`;
  const full = `${says} is about ${figure} full`;
  if (charge >= 75) return { verdict: 'pass', figure, because: `${full}.` };
  return {
    verdict: charge >= 50 ? 'unsure' : 'fail',
    figure,
    because: `${full}: charge it before any other test.`,
  };
}

/** How much plate is left; what is nearly empty is not condemned. */
function platesFinding(share: number, charge: number): Finding {
  const aged = { part: 'battery', failure: 'aged', where: '' };
  const left = `${percent(share)} of the rating`;
  if (share >= 0.8 - 1e-9)
    return { verdict: 'pass', speaks: [{ says: 'against', ...aged }], because: `${left} is left.` };
  if (share < 0.6 - 1e-9 && charge >= 50)
    return { verdict: 'fail', speaks: [{ says: 'for', ...aged }], because: `${left} is left: worn out.` };
  return {
    verdict: 'unsure',
    because:
      charge < 50
        ? `${left} while nearly empty: charge and test again before condemning it.`
        : `${left}: ageing; test again charged and warm.`,
  };
}
