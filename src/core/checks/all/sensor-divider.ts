import { z } from 'zod';
import { defineCheck, Refusal, type Finding } from '../contract';
import { like, likeDifference, optional, quantity, table, type Read } from '../fields';

/** A point of a temperature sensor: °C and Ω. */
export interface ThermistorPoint {
  celsius: number;
  ohms: number;
}

/**
 * Coefficients of the Steinhart–Hart equation 1/T = A + B·ln R + C·(ln R)³ through three points.
 * Steinhart & Hart, "Calibration curves for thermistors", Deep-Sea Research 15 (1968) 497–503.
 *
 * @param points three of them, different in both
 * @returns [A, B, C] with T in kelvin and R in ohms
 */
export function steinhartHart(
  points: readonly [ThermistorPoint, ThermistorPoint, ThermistorPoint],
): [number, number, number] {
  const [l1, l2, l3] = points.map((p) => Math.log(p.ohms)) as [number, number, number];
  const [y1, y2, y3] = points.map((p) => 1 / (p.celsius + 273.15)) as [number, number, number];
  const g2 = (y2 - y1) / (l2 - l1);
  const g3 = (y3 - y1) / (l3 - l1);
  const c = ((g3 - g2) / (l3 - l2)) * (1 / (l1 + l2 + l3));
  const b = g2 - c * (l1 * l1 + l1 * l2 + l2 * l2);
  return [y1 - (b + l1 * l1 * c) * l1, b, c];
}

/** Temperature in °C of a resistance by Steinhart–Hart. */
export function thermistorCelsius([a, b, c]: readonly [number, number, number], ohms: number): number {
  const l = Math.log(ohms);
  return 1 / (a + b * l + c * l * l * l) - 273.15;
}

/**
 * Temperature of a resistance from a table, by straight lines in ln R; undefined beyond its ends.
 *
 * @param points at least two
 */
export function tableCelsius(points: readonly ThermistorPoint[], ohms: number): number | undefined {
  const sorted = [...points].sort((a, b) => a.ohms - b.ohms);
  for (let i = 1; i < sorted.length; i++) {
    const a = sorted[i - 1]!;
    const b = sorted[i]!;
    if (ohms < a.ohms * (1 - 1e-9) || ohms > b.ohms * (1 + 1e-9)) continue;
    const share = Math.log(ohms / a.ohms) / Math.log(b.ohms / a.ohms);
    return a.celsius + (b.celsius - a.celsius) * share;
  }
  return undefined;
}

type Points = { temperature: Read; resistance: Read }[];

/** The temperature a resistance stands for: three points by formula, more by the table. */
function celsiusOf(points: Points, ohms: number): number | undefined {
  const p = points.map((x) => ({ celsius: x.temperature.value, ohms: x.resistance.value }));
  const known = [...p].sort((a, b) => a.ohms - b.ohms);
  if (
    known.some(
      (x, k) =>
        k > 0 &&
        (known[k - 1]!.ohms === x.ohms ||
          (known[k - 1]!.celsius - x.celsius) * (known[0]!.celsius - known.at(-1)!.celsius) <= 0),
    )
  )
    throw new Refusal(
      'The points of the sensor have to rise or fall throughout; two of them contradict each other.',
      'points',
    );
  if (known.length > 3) return tableCelsius(known, ohms);
  // A little beyond three points the formula still holds; far beyond it is invention.
  if (ohms < known[0]!.ohms / 2 || ohms > known.at(-1)!.ohms * 2) return undefined;
  return thermistorCelsius(steinhartHart([known[0]!, known[1]!, known[2]!]), ohms);
}

export default defineCheck({
  id: 'sensor-divider',
  title: 'Temperature sensor: resistance, temperature, voltage',
  question: 'Do resistance, signal voltage and the real temperature tell one story?',
  explains:
    'The sensor and a resistor in the controller divide the supply. From three points of the sensor (or its table) any of the three gives the others, so that sensor, wiring and controller can be told apart: resistance right and voltage wrong is wiring or controller; resistance wrong is the sensor.',
  have: ['multimeter', 'thermometer', 'scan tool', 'sensor table'],
  codes: ['P0110-P0119', 'P0125', 'P0128', 'P0180-P0184', 'P0195-P0199', 'P0070-P0074'],
  source:
    'Steinhart & Hart 1968 through three points; straight lines in ln R through a table. Agreement within 5 °C: common practice, no source.',
  minutes: 15,
  input: z.object({
    points: table({
      given: true,
      title: 'The sensor by its sheet',
      help: 'three points, or a longer table',
      columns: {
        temperature: { title: 'Temperature', unit: '°C', min: -60, max: 1200 },
        resistance: { title: 'Resistance', unit: 'Ω', above: 0, max: 1e7 },
      },
      least: 3,
    }),
    supply: quantity({ title: 'Sensor supply', unit: 'V', above: 0, max: 32 }),
    pullup: optional({ given: true, title: 'Resistor in the controller', unit: 'Ω', above: 0, max: 1e6 }),
    resistance: optional({ title: 'Sensor resistance, unplugged', unit: 'Ω', min: 0, max: 1e8 }),
    voltage: optional({ title: 'Signal voltage, plugged in', unit: 'V', min: 0, max: 32 }),
    real: optional({
      title: 'Real temperature',
      help: 'thermometer held to it',
      unit: '°C',
      min: -60,
      max: 1200,
    }),
  }),
  example: {
    points: [
      { temperature: '0 °C', resistance: '5.6 kΩ' },
      { temperature: '20', resistance: '2.4 kΩ' },
      { temperature: '80', resistance: '310 Ω' },
    ],
    supply: '5 V',
    pullup: '2.2 kΩ',
    resistance: '2.5 kΩ',
    voltage: '3.9 V',
    real: '19 °C',
  },
  run(i) {
    if (!i.resistance && !i.voltage)
      throw new Refusal('Give the sensor’s resistance or the signal voltage.', 'resistance');
    if (i.voltage && !i.pullup)
      throw new Refusal(
        'To make a temperature of the voltage, the resistor in the controller is needed.',
        'pullup',
      );
    const temperature = i.real ?? i.points[0]!.temperature;
    const findings: Finding[] = [];
    const judge = (about: string, ohms: number, shown: string) => {
      const t = celsiusOf(i.points, ohms);
      if (t === undefined) {
        findings.push({
          about,
          verdict: 'unsure',
          because: `${shown} lies beyond the points given; nothing is said there.`,
        });
        return undefined;
      }
      const says = `${shown} stands for ${like(t, temperature, 1)}`;
      if (!i.real)
        findings.push({ about, verdict: '', because: `${says}.`, figure: like(t, temperature, 1) });
      else {
        const off = Math.abs(t - i.real.value);
        findings.push({
          about,
          verdict: off <= 5 + 1e-9 ? 'pass' : 'fail',
          figure: like(t, temperature, 1),
          because: `${says}, ${likeDifference(off, temperature, 1)} from the real ${like(i.real.value, i.real)}.`,
        });
      }
      return t;
    };
    let byOhms: number | undefined;
    if (i.resistance?.value === 0)
      findings.push({ about: 'Sensor', verdict: 'fail', because: '0 Ω: shorted inside.' });
    else if (i.resistance)
      byOhms = judge('Sensor', i.resistance.value, like(i.resistance.value, i.resistance));
    if (i.voltage && i.pullup) {
      const v = i.voltage.value;
      if (v > i.supply.value * 1.02)
        findings.push({
          about: 'Signal',
          verdict: 'unsure',
          because: `${like(v, i.voltage)} is more than the supply of ${like(i.supply.value, i.supply)}: shorted to a higher voltage, or one of the two was not read right.`,
        });
      else if (v >= i.supply.value * 0.98)
        findings.push({
          about: 'Signal',
          verdict: 'fail',
          because: `${like(v, i.voltage)} is the supply itself: the circuit is open.`,
        });
      else if (v <= i.supply.value * 0.02)
        findings.push({
          about: 'Signal',
          verdict: 'fail',
          because: `${like(v, i.voltage)}: the signal is shorted to ground, or there is no supply.`,
        });
      else {
        const t = judge('Signal', (i.pullup.value * v) / (i.supply.value - v), like(v, i.voltage));
        if (t !== undefined && byOhms !== undefined && Math.abs(t - byOhms) > 5)
          findings.push({
            verdict: 'fail',
            because: `Sensor and signal are ${likeDifference(Math.abs(t - byOhms), temperature, 1)} apart: resistance in the wiring, or the controller.`,
          });
      }
    }
    return findings;
  },
  draw: (i) => ({
    kind: 'curve',
    x: '°C',
    y: 'Ω',
    lines: [
      {
        name: 'by its sheet',
        role: 'reference',
        points: i.points
          .map((p) => ({ x: p.temperature.value, y: p.resistance.value }))
          .sort((a, b) => a.x - b.x),
      },
      ...(i.real && i.resistance
        ? [
            {
              name: 'measured',
              role: 'measured' as const,
              points: [{ x: i.real.value, y: i.resistance.value }],
            },
          ]
        : []),
    ],
  }),
});
