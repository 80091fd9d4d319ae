import { writeNumber } from '@/core/readings';

/** How the bytes of a J1979 parameter become a value. `a` and `b` are its first two bytes. */
export interface Pid {
  name: string;
  bytes: number;
  unit: string;
  decimals: number;
  value: (a: number, b: number) => number;
}

const percent = (a: number) => (a * 100) / 255;
const trim = (a: number) => ((a - 128) * 100) / 128;

/** Parameters by their number. Source: SAE J1979 / ISO 15031-5; those beyond shared/FACTS.md from memory. */
export const PIDS: Readonly<Record<number, Pid>> = {
  0x04: { name: 'Calculated load', bytes: 1, unit: '%', decimals: 1, value: percent },
  0x05: { name: 'Coolant temperature', bytes: 1, unit: '°C', decimals: 0, value: (a) => a - 40 },
  0x06: { name: 'Short-term fuel trim, bank 1', bytes: 1, unit: '%', decimals: 1, value: trim },
  0x07: { name: 'Long-term fuel trim, bank 1', bytes: 1, unit: '%', decimals: 1, value: trim },
  0x08: { name: 'Short-term fuel trim, bank 2', bytes: 1, unit: '%', decimals: 1, value: trim },
  0x09: { name: 'Long-term fuel trim, bank 2', bytes: 1, unit: '%', decimals: 1, value: trim },
  0x0a: { name: 'Fuel pressure', bytes: 1, unit: 'kPa', decimals: 0, value: (a) => a * 3 },
  0x0b: { name: 'Manifold pressure', bytes: 1, unit: 'kPa', decimals: 0, value: (a) => a },
  0x0c: { name: 'Engine speed', bytes: 2, unit: 'rpm', decimals: 0, value: (a, b) => (256 * a + b) / 4 },
  0x0d: { name: 'Vehicle speed', bytes: 1, unit: 'km/h', decimals: 0, value: (a) => a },
  0x0e: { name: 'Ignition timing advance', bytes: 1, unit: '°', decimals: 1, value: (a) => a / 2 - 64 },
  0x0f: { name: 'Intake air temperature', bytes: 1, unit: '°C', decimals: 0, value: (a) => a - 40 },
  0x10: { name: 'Air flow', bytes: 2, unit: 'g/s', decimals: 2, value: (a, b) => (256 * a + b) / 100 },
  0x11: { name: 'Throttle position', bytes: 1, unit: '%', decimals: 1, value: percent },
  0x1f: { name: 'Time since start', bytes: 2, unit: 's', decimals: 0, value: (a, b) => 256 * a + b },
  0x21: {
    name: 'Distance with the lamp on',
    bytes: 2,
    unit: 'km',
    decimals: 0,
    value: (a, b) => 256 * a + b,
  },
  0x2f: { name: 'Fuel level', bytes: 1, unit: '%', decimals: 1, value: percent },
  0x30: { name: 'Warm-ups since the clear', bytes: 1, unit: '', decimals: 0, value: (a) => a },
  0x31: { name: 'Distance since the clear', bytes: 2, unit: 'km', decimals: 0, value: (a, b) => 256 * a + b },
  0x33: { name: 'Barometric pressure', bytes: 1, unit: 'kPa', decimals: 0, value: (a) => a },
  0x42: { name: 'Module voltage', bytes: 2, unit: 'V', decimals: 2, value: (a, b) => (256 * a + b) / 1000 },
  0x46: { name: 'Outside air temperature', bytes: 1, unit: '°C', decimals: 0, value: (a) => a - 40 },
  0x5c: { name: 'Oil temperature', bytes: 1, unit: '°C', decimals: 0, value: (a) => a - 40 },
};

/** Bits of parameter 01: monitors supported (first byte pair) and not yet complete. Spark and compression differ. */
export const MONITORS = {
  continuous: ['Misfire', 'Fuel system', 'Components'],
  spark: [
    'Catalyst',
    'Heated catalyst',
    'Evaporative system',
    'Secondary air',
    'Refrigerant',
    'Oxygen sensor',
    'Oxygen sensor heater',
    'EGR or VVT',
  ],
  compression: [
    'NMHC catalyst',
    'NOx aftertreatment',
    '',
    'Boost pressure',
    '',
    'Exhaust gas sensor',
    'Particle filter',
    'EGR or VVT',
  ],
} as const;

/**
 * A parameter's value as it is written on a case.
 *
 * @param pid of `PIDS`
 * @param a first byte
 * @param b second byte, 0 where there is none
 */
export function entered(pid: (typeof PIDS)[number], a: number, b: number): string {
  const text = writeNumber(pid.value(a, b), pid.decimals);
  return pid.unit === '' ? text : `${text} ${pid.unit}`;
}
