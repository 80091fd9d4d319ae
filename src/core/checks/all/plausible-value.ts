import { z } from 'zod';
import { convert, convertDifference, findUnit, isAtBarometer, isOpenTemperature } from '@/core/readings';
import { defineCheck, Refusal, type Finding } from '../contract';
import { ANY, choice, like, likeDifference, optional, quantity, type Read } from '../fields';

const KINDS = [
  'temperature',
  '5 V signal',
  'manifold pressure, engine off',
  'share of a range',
  'other',
] as const;

/** Near the upper end of most coolant and air scales. Common practice, no source. */
const HOT_END = 140;

const at = (r: Read, unit: string, field: string): number => {
  try {
    return r.unit === '' ? r.value : convert({ value: r.value, unit: r.unit }, unit).value;
  } catch (e) {
    throw new Refusal(e instanceof Error ? e.message : 'The unit does not fit.', field);
  }
};

export default defineCheck({
  id: 'plausible-value',
  title: 'Is this value possible at all?',
  question: 'Is it a measurement, or a broken circuit that looks like one?',
  explains:
    'A value at either end of its scale is a circuit, not a measurement: −40 °C is an open sensor. With the engine off manifold pressure is the barometer. And nothing physical jumps from one reading to the next.',
  have: ['scan tool', 'one odd value'],
  codes: ['P0105-P0119', 'P0120-P0124', 'P0190-P0194', 'P0450-P0454', 'P2228', 'P2229'],
  source:
    '−40° for an open temperature circuit, ends of scale, barometer = manifold pressure: common practice, no source.',
  minutes: 2,
  input: z.object({
    kind: choice({ given: true, title: 'What it is', options: KINDS }),
    value: quantity({ title: 'Shown', unit: ANY }),
    low: optional({ given: true, title: 'Lower end of its scale', unit: ANY }),
    high: optional({ given: true, title: 'Upper end of its scale', unit: ANY }),
    barometer: optional({ title: 'Barometer', unit: 'kPa', min: 40, max: 115 }),
    previous: optional({ title: 'The reading before', unit: ANY }),
    apart: optional({ title: 'Time between', unit: 's', above: 0, max: 86_400 }),
    fastest: optional({ given: true, title: 'Can change per second by', unit: ANY, above: 0 }),
  }),
  example: { kind: 'temperature', value: '-40 °F' },
  run(i) {
    const unit = i.value.unit;
    const says = like(i.value.value, i.value);
    const kind = KINDS_JUDGED[i.kind];
    const findings: Finding[] = kind ? [kind(i, says)] : [];
    for (const [name, end] of [
      ['lower', i.low],
      ['upper', i.high],
    ] as const) {
      if (!end) continue;
      const e =
        end.unit === unit || end.unit === '' ? end.value : at(end, unit, name === 'lower' ? 'low' : 'high');
      if (Math.abs(e - i.value.value) <= 1e-6 * Math.max(1, Math.abs(e)))
        findings.push({
          verdict: 'fail',
          because: `${says} sits on the ${name} end of its scale: a circuit, not a measurement.`,
        });
    }
    if (i.low && i.high && i.low.value >= i.high.value)
      throw new Refusal('The lower end has to be below the upper end.', 'low');
    if (i.previous) findings.push(jumpFinding({ ...i, previous: i.previous }));
    if (findings.length === 0)
      findings.push({
        verdict: '',
        because: 'Give the ends of its scale, or the reading before, to judge it.',
      });
    return findings;
  },
});

interface Plausible {
  value: Read;
  low?: Read | undefined;
  high?: Read | undefined;
  barometer?: Read | undefined;
  apart?: Read | undefined;
  fastest?: Read | undefined;
}
type Judge = (i: Plausible, says: string) => Finding;

const KINDS_JUDGED: Record<string, Judge | undefined> = {
  temperature(i, says) {
    if (findUnit(i.value.unit)?.measures !== 'temperature')
      throw new Refusal('A temperature needs °C or °F.', 'value');
    const c = at(i.value, '°C', 'value');
    if (isOpenTemperature(c))
      return {
        verdict: 'fail',
        because: `${says} is the cold end of the scale: the circuit is open (plug, wire, sensor).`,
      };
    if (c < -41 && !i.low)
      return {
        verdict: 'unsure',
        because: `${says} is colder than the scale of nearly every such sensor goes: read the unit again.`,
      };
    if (c >= HOT_END && !i.high)
      return {
        verdict: 'unsure',
        because: `${says} is near the hot end of most coolant and air scales: shorted to ground, unless this one sits in the exhaust.`,
      };
    return {
      verdict: 'unsure',
      because: `${says} can be; whether it is right is not told. A second sensor or a thermometer would tell.`,
    };
  },
  '5 V signal'(i, says) {
    const v = at(i.value, 'V', 'value');
    if (v > 5.5)
      return { verdict: 'fail', because: `${says} is more than the 5 V there are: shorted to battery.` };
    if (v >= 4.8)
      return {
        verdict: 'fail',
        because: `${says} is the upper end: open ground or signal, or shorted to the supply.`,
      };
    if (v <= 0.2)
      return { verdict: 'fail', because: `${says} is the lower end: shorted to ground, or no supply.` };
    return {
      verdict: 'unsure',
      because: `${says} lies inside 0.5 to 4.5 V or near it: no broken circuit, but whether it is right is not told. Move what it measures and watch.`,
    };
  },
  'manifold pressure, engine off'(i, says) {
    if (!i.barometer)
      throw new Refusal(
        'Give the barometer: another module, a weather report for this height, a gauge.',
        'barometer',
      );
    const off = at(i.value, 'kPa', 'value') - i.barometer.value;
    const asTyped = convertDifference({ value: Math.abs(off), unit: 'kPa' }, i.value.unit || 'kPa').value;
    const shown = likeDifference(asTyped, i.value, 1);
    if (isAtBarometer(off)) return { verdict: 'pass', because: `${says} is the barometer, within ${shown}.` };
    return {
      verdict: 'fail',
      because: `${says} with the engine off is ${shown} ${off > 0 ? 'above' : 'below'} the barometer: the sensor, its hose or its ground.`,
    };
  },
  'share of a range'(i, says) {
    const p = i.value.unit === '' ? i.value.value : at(i.value, '%', 'value');
    if (p <= 0.4 || p >= 99.6)
      return {
        verdict: 'fail',
        because: `${says} is an end of the range: a circuit, or a stop, not a measurement.`,
      };
    return {
      verdict: 'unsure',
      because: `${says} lies inside its range; whether it is right is not told.`,
    };
  },
};

/** The step since the reading before, against what can be. */
function jumpFinding(i: Plausible & { previous: Read }): Finding {
  const { unit } = i.value;
  if (!i.apart || !i.fastest)
    throw new Refusal(
      'To judge a jump, give the time between and how fast it can change.',
      i.apart ? 'fastest' : 'apart',
    );
  const same = i.previous.unit === unit || i.previous.unit === '';
  const before = same ? i.previous.value : at(i.previous, unit, 'previous');
  const perSecond = convertDifference({ value: i.fastest.value, unit: i.fastest.unit || unit }, unit).value;
  const can = perSecond * i.apart.value;
  const jump = Math.abs(i.value.value - before);
  if (jump > can * (1 + 1e-9))
    return {
      verdict: 'fail',
      because: `It jumped by ${likeDifference(jump, i.value)} in ${like(i.apart.value, i.apart)}; no more than ${likeDifference(can, i.value)} is possible: a contact.`,
    };
  return { verdict: '', because: `The step of ${likeDifference(jump, i.value)} is possible.` };
}
