import { convert } from '@/core/readings';
import { defineCheck, type Finding } from '../contract';
import { choice, like, optional, quantity } from '../fields';
import { inside, percent } from '../words';
import { z } from 'zod';

/** Gas constant of dry air, J/(kg·K); ICAO standard atmosphere (ISO 2533). */
const R_AIR = 287.05;

/**
 * Air an engine pumps: displacement × speed ÷ turns per intake stroke × filling.
 *
 * @param litres displacement
 * @param rpm engine speed
 * @param strokes 4 (every second turn) or 2 (every turn)
 * @param filling 1 = a full cylinder at the pressure and temperature in front of the valve
 * @returns volume flow in m³/h
 * @example airFlow(2.494, 2000, 4, 1) // 149.6
 */
export function airFlow(litres: number, rpm: number, strokes: 2 | 4, filling: number): number {
  return ((litres / 1000) * rpm * 60 * filling) / (strokes === 4 ? 2 : 1);
}

/** Density of dry air in kg/m³ at a pressure in kPa and a temperature in °C (ideal gas). */
export function airDensity(kPa: number, celsius: number): number {
  return (kPa * 1000) / (R_AIR * (celsius + 273.15));
}

const SHOW = ['m³/h', 'm³/min', 'L/s', 'cfm'] as const;

export default defineCheck({
  id: 'engine-air-flow',
  title: 'Air flow of an engine',
  question: 'Does the air meter report what this engine must be breathing?',
  explains:
    'An engine is a pump: displacement × speed × filling gives the volume, pressure and temperature in the intake give its mass. A meter that reads well under it with the throttle open is dirty or has air going past it; a blocked exhaust lowers the filling itself.',
  have: ['air meter reading', 'scan tool', 'engine speed', 'displacement', 'manifold pressure'],
  codes: ['P0100-P0104', 'P0068', 'P2279', 'P0106'],
  source:
    'Displacement formula: general engineering. Air density: ideal gas, ISO 2533. The ± 15 % band: common practice, no source.',
  minutes: 10,
  input: z.object({
    displacement: quantity({ given: 'displacement', title: 'Displacement', unit: 'L', above: 0, max: 100 }),
    speed: quantity({ title: 'Engine speed', unit: 'rpm', above: 0, max: 30_000 }),
    strokes: choice({ given: 'strokes', title: 'Working', options: ['four-stroke', 'two-stroke'] }),
    filling: optional({
      title: 'Filling',
      help: '100 % when left empty: naturally aspirated, throttle wide open',
      unit: '%',
      above: 0,
      max: 400,
    }),
    pressure: optional({
      title: 'Intake pressure, absolute',
      help: '101.3 kPa when left empty',
      unit: 'kPa',
      above: 0,
      max: 600,
    }),
    temperature: optional({
      title: 'Intake air',
      help: '20 °C when left empty',
      unit: '°C',
      min: -60,
      max: 200,
    }),
    metered: optional({ title: 'Air meter shows', unit: 'g/s', above: 0, max: 5000 }),
    show: choice({ given: true, title: 'Show flow in', options: SHOW }),
  }),
  example: {
    displacement: '2.2 L',
    speed: '2400 rpm',
    filling: '95 %',
    pressure: '99 kPa',
    temperature: '31 °C',
    metered: '34,2 g/s',
    strokes: 'four-stroke',
    show: 'm³/h',
  },
  run(i) {
    const filling = (i.filling?.value ?? 100) / 100;
    const perHour = airFlow(
      i.displacement.value,
      i.speed.value,
      i.strokes === 'four-stroke' ? 4 : 2,
      filling,
    );
    const shown = convert({ value: perHour, unit: 'm³/h' }, i.show).value;
    const mass = (perHour * airDensity(i.pressure?.value ?? 101.325, i.temperature?.value ?? 20)) / 3.6;
    const expected = {
      verdict: '' as const,
      because: `It pumps ${shown.toPrecision(4)} ${i.show}, about ${mass.toFixed(1)} g/s of air.`,
      figure: `${shown.toPrecision(4)} ${i.show}`,
    };
    if (!i.metered) return [expected];
    const ratio = i.metered.value / mass;
    const says = `the meter shows ${like(i.metered.value, i.metered)}, ${percent(ratio)} of what the engine pumps`;
    return [
      expected,
      { figure: percent(ratio), ...meterFinding(ratio, says, Boolean(i.filling || i.pressure)) },
    ];
  },
});

/** The meter against what the engine pumps; that the throttle was wide open is a guess unless the filling was given. */
function meterFinding(ratio: number, says: string, known: boolean): Finding {
  if (inside(ratio, 0.85, 1.15))
    return {
      verdict: 'pass',
      because: `It fits: ${says}.`,
      ...(known
        ? { speaks: [{ says: 'against', part: 'air-flow meter', failure: 'wrong reading', where: '' }] }
        : {}),
    };
  if (ratio < 1 && !known)
    return {
      verdict: 'unsure',
      because: `It does not fit a throttle wide open: ${says}. With the throttle less open that has to be: give the filling or the intake pressure of that moment.`,
    };
  return {
    verdict: 'fail',
    because: `It does not fit: ${says}. ${ratio < 1 ? 'Dirty or false meter, air past it, or an engine that cannot fill (blocked exhaust or filter, valve timing).' : 'Meter reads high, or the filling or pressure given is too low.'}`,
  };
}
