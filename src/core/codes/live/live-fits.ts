import { convert, findUnit, readEntry } from '@/core/readings';
import { liveName, type LiveName } from './names';

type Kind = NonNullable<LiveName['kind']>;

/** What a kind of live value is measured in, and how far it goes; the ends with room for what tools clip at. */
const KINDS: Record<Kind, { measures: readonly string[]; unit: string; from: number; to: number }> = {
  // −40 to 215 °C of one byte, exhaust beyond it: SAE J1979.
  temperature: { measures: ['temperature'], unit: '°C', from: -50, to: 1300 },
  pressure: { measures: ['pressure', 'absolute pressure'], unit: 'kPa', from: 0, to: 700 },
  speed: { measures: ['engine speed'], unit: 'rpm', from: 0, to: 16_384 },
  trim: { measures: ['share'], unit: '%', from: -100, to: 100 },
  share: { measures: ['share'], unit: '%', from: -5, to: 110 },
  // Trucks and boats have 24 V.
  voltage: { measures: ['voltage'], unit: 'V', from: 0, to: 36 },
  flow: { measures: ['mass flow'], unit: 'g/s', from: 0, to: 656 },
  angle: { measures: ['angle', 'angle before dead centre'], unit: '°', from: -64, to: 64 },
  'vehicle speed': { measures: ['speed'], unit: 'km/h', from: 0, to: 320 },
};
/**
 * Narrower or wider than their kind, in its unit: outside pressure at sea level and on the highest roads, injection
 * at up to 3,000 bar. Common practice, no source.
 */
const OWN: Record<string, { from: number; to: number }> = {
  baro: { from: 50, to: 110 },
  rail: { from: 0, to: 350_000 },
};

/**
 * The unit of a value that can have one only, whatever its letters were read as.
 *
 * @param name as the tool prints it
 * @example onlyUnitOf('Engine speed') // 'rpm'
 * @example onlyUnitOf('Manifold pressure') // undefined: kPa, bar, psi …
 */
export function onlyUnitOf(name: string): string | undefined {
  const { kind } = liveName(name);
  return kind === 'speed' || kind === 'trim' || kind === 'share' ? KINDS[kind].unit : undefined;
}

/**
 * Whether a unit can belong to a value; any can where the name is not known.
 *
 * @param name as the tool prints it
 * @param unit as read
 */
export function unitFits(name: string, unit: string): boolean {
  const { kind } = liveName(name);
  const found = findUnit(unit);
  return found !== undefined && (kind === undefined || KINDS[kind].measures.includes(found.measures));
}

/**
 * Whether what was read of a picture can be a live value: a quantity, of a unit its name can have, and within what
 * is possible. A value of a name nobody knows has to be a quantity.
 *
 * @param name as read
 * @param entered value and unit as read
 * @example liveFits('Battery voltage', '129 V') // false
 */
export function liveFits(name: string, entered: string): boolean {
  const entry = readEntry(entered);
  if (entry.kind !== 'quantity') return false;
  const { kind, key } = liveName(name);
  if (kind === undefined) return true;
  const { quantity } = entry;
  if (quantity.unit === '') return false;
  if (!unitFits(name, quantity.unit)) return false;
  const { from, to } = OWN[key.split(' ')[0]!] ?? KINDS[kind];
  try {
    const { value } = convert({ ...quantity, unit: quantity.unit.replace(/ abs$/, '') }, KINDS[kind].unit);
    return value >= from && value <= to;
  } catch {
    return false;
  }
}
