import { distance } from 'fastest-levenshtein';
import Qty from 'js-quantities';

/** A number with its unit, kept as it was entered and converted only to compare. */
export interface Quantity {
  value: number;
  unit: string;
}

interface UnitEntry {
  /** The sign shown. */
  sign: string;
  /** What it measures, in the trade's word. */
  measures: string;
  /** The same unit in the unit library's notation. */
  lib: string;
  /** How many of the library's unit one of these is; 1 when left out. */
  times?: number;
  /** Other ways it is typed. Matched case-sensitively first, then without case. */
  also?: string[];
}

/**
 * The units a repair shop meets. Conversion itself is the unit library's; this table only says
 * which signs are understood and what they measure.
 */
export const UNITS: readonly UnitEntry[] = [
  { sign: 'V', measures: 'voltage', lib: 'V', also: ['volt', 'volts', 'vdc', 'vac', 'volts dc', 'volts ac'] },
  { sign: 'mV', measures: 'voltage', lib: 'mV', also: ['millivolt', 'millivolts'] },
  { sign: 'kV', measures: 'voltage', lib: 'kV', also: ['kilovolt', 'kilovolts'] },
  { sign: 'µV', measures: 'voltage', lib: 'uV', also: ['uV', 'microvolt', 'microvolts'] },
  { sign: 'Vpp', measures: 'voltage from peak to peak', lib: 'V', also: ['v p-p', 'v pp', 'v peak to peak'] },
  { sign: 'A', measures: 'current', lib: 'A', also: ['amp', 'amps', 'ampere', 'amperes'] },
  { sign: 'mA', measures: 'current', lib: 'mA', also: ['milliamp', 'milliamps'] },
  { sign: 'µA', measures: 'current', lib: 'uA', also: ['uA', 'microamp', 'microamps'] },
  { sign: 'Ω', measures: 'resistance', lib: 'ohm', also: ['ohm', 'ohms', 'Ohm', 'R'] },
  {
    sign: 'mΩ',
    measures: 'resistance',
    lib: 'mohm',
    also: ['mohm', 'mohms', 'mOhm', 'milliohm', 'milliohms'],
  },
  { sign: 'kΩ', measures: 'resistance', lib: 'kohm', also: ['kohm', 'kohms', 'kilohm', 'kilohms', 'k'] },
  {
    sign: 'MΩ',
    measures: 'resistance',
    lib: 'Mohm',
    also: ['Mohm', 'MOhm', 'MOHM', 'Mohms', 'M', 'megohm', 'megohms'],
  },
  { sign: 'S', measures: 'conductance', lib: 'S', also: ['mho'] },
  { sign: 'mS', measures: 'conductance', lib: 'mS' },
  { sign: 'µF', measures: 'capacitance', lib: 'uF', also: ['uF', 'microfarad', 'mfd'] },
  { sign: 'nF', measures: 'capacitance', lib: 'nF' },
  { sign: 'pF', measures: 'capacitance', lib: 'pF' },
  { sign: 'W', measures: 'power', lib: 'W', also: ['watt', 'watts'] },
  { sign: 'kW', measures: 'power', lib: 'kW' },
  { sign: 'Pa', measures: 'pressure', lib: 'Pa' },
  { sign: 'kPa', measures: 'pressure', lib: 'kPa' },
  { sign: 'MPa', measures: 'pressure', lib: 'MPa' },
  { sign: 'hPa', measures: 'pressure', lib: 'hPa' },
  { sign: 'bar', measures: 'pressure', lib: 'bar', also: ['bars', 'barg', 'bar(g)', 'bar gauge'] },
  // The technical atmosphere: 98.0665 kPa, NIST SP 811 B.8.
  {
    sign: 'kg/cm²',
    measures: 'pressure',
    lib: 'kPa',
    times: 98.0665,
    also: ['kg/cm2', 'kgf/cm2', 'kgf/cm²', 'kp/cm2'],
  },
  { sign: 'mbar', measures: 'pressure', lib: 'mbar', also: ['millibar', 'millibars'] },
  { sign: 'psi', measures: 'pressure', lib: 'psi', also: ['psig', 'psi(g)', 'psi gauge', 'lbs'] },
  {
    sign: 'inHg',
    measures: 'pressure',
    lib: 'inHg',
    also: ['"hg', 'in hg', 'in/hg', 'inches hg', 'inches of mercury'],
  },
  { sign: 'mmHg', measures: 'pressure', lib: 'mmHg', also: ['mm hg'] },
  {
    sign: 'inH2O',
    measures: 'pressure',
    lib: 'inH2O',
    also: ['"h2o', 'in h2o', 'inches h2o', 'inches of water', 'inwc', '"wc'],
  },
  { sign: 'cmH2O', measures: 'pressure', lib: 'cmH2O', also: ['cm h2o'] },
  { sign: 'mmH2O', measures: 'pressure', lib: 'cmH2O', times: 0.1 },
  { sign: 'mH2O', measures: 'pressure', lib: 'cmH2O', times: 100 },
  // Against vacuum; a gauge reads against the air around it, so that the two are not compared without knowing it.
  { sign: 'bar abs', measures: 'absolute pressure', lib: 'bar', also: ['bara', 'bar(a)', 'bar absolute'] },
  {
    sign: 'mbar abs',
    measures: 'absolute pressure',
    lib: 'mbar',
    also: ['mbara', 'mbar(a)', 'mbar absolute'],
  },
  { sign: 'kPa abs', measures: 'absolute pressure', lib: 'kPa', also: ['kpaa', 'kpa(a)', 'kpa absolute'] },
  { sign: 'psi abs', measures: 'absolute pressure', lib: 'psi', also: ['psia', 'psi(a)', 'psi absolute'] },
  {
    sign: 'inHg abs',
    measures: 'absolute pressure',
    lib: 'inHg',
    also: ['inhga', 'inhg(a)', 'inhg absolute'],
  },
  { sign: '°C', measures: 'temperature', lib: 'tempC', also: ['C', 'c', 'degC', 'celsius', 'degrees c'] },
  {
    sign: '°F',
    measures: 'temperature',
    lib: 'tempF',
    also: ['F', 'f', 'degF', 'fahrenheit', 'degrees f'],
  },
  { sign: 'K', measures: 'temperature', lib: 'tempK', also: ['kelvin'] },
  { sign: 's', measures: 'time', lib: 's', also: ['sec', 'secs', 'second', 'seconds'] },
  { sign: 'ms', measures: 'time', lib: 'ms', also: ['msec', 'millisecond', 'milliseconds'] },
  { sign: 'µs', measures: 'time', lib: 'us', also: ['us', 'μs', 'microseconds'] },
  { sign: 'min', measures: 'time', lib: 'min', also: ['mins', 'minute', 'minutes'] },
  { sign: 'h', measures: 'time', lib: 'h', also: ['hr', 'hrs', 'hour', 'hours'] },
  { sign: '°', measures: 'angle', lib: 'deg', also: ['deg', 'degree', 'degrees', '°ca', '°crank'] },
  { sign: '°BTDC', measures: 'angle', lib: 'deg', also: ['btdc', 'deg btdc', 'degrees btdc'] },
  {
    sign: '°ATDC',
    measures: 'angle after dead centre',
    lib: 'deg',
    also: ['atdc', 'deg atdc', 'degrees atdc'],
  },
  { sign: 'turn', measures: 'angle', lib: 'deg', times: 360, also: ['turns'] },
  {
    sign: 'rpm',
    measures: 'engine speed',
    lib: 'rpm',
    also: ['1/min', 'rev/min', 'r/min', 'min-1', '/min', 'u/min', 'tr/min', 'giri/min', 'omw/min', 'revs'],
  },
  { sign: 'Hz', measures: 'frequency', lib: 'Hz', also: ['hertz'] },
  { sign: 'kHz', measures: 'frequency', lib: 'kHz' },
  { sign: 'km/h', measures: 'speed', lib: 'km/h', also: ['kph', 'kmh'] },
  { sign: 'mph', measures: 'speed', lib: 'mph', also: ['miles/h', 'mi/h'] },
  { sign: 'm/s', measures: 'speed', lib: 'm/s' },
  { sign: 'g/s', measures: 'mass flow', lib: 'g/s', also: ['gps'] },
  { sign: 'kg/h', measures: 'mass flow', lib: 'kg/h' },
  { sign: 'kg/min', measures: 'mass flow', lib: 'kg/min' },
  { sign: 'lb/min', measures: 'mass flow', lib: 'lb/min', also: ['lbs/min'] },
  { sign: 'mg/stroke', measures: 'mass per stroke', lib: 'mg', also: ['mg/hub', 'mg/str', 'mg'] },
  {
    sign: 'L/min',
    measures: 'volume flow',
    lib: 'L/min',
    also: ['lpm', 'l per min', 'l per minute', 'litres per minute', 'liters per minute'],
  },
  { sign: 'L/h', measures: 'volume flow', lib: 'L/h', also: ['lph'] },
  { sign: 'm³/h', measures: 'volume flow', lib: 'm^3/h', also: ['m3/h'] },
  { sign: 'm³/min', measures: 'volume flow', lib: 'm^3/min', also: ['m3/min'] },
  { sign: 'L/s', measures: 'volume flow', lib: 'L/s', also: ['l/sec'] },
  { sign: 'cfm', measures: 'volume flow', lib: 'ft^3/min', also: ['ft3/min', 'cu ft/min'] },
  { sign: 'mL/min', measures: 'volume flow', lib: 'ml/min', also: ['cc/min'] },
  { sign: 'mm', measures: 'length', lib: 'mm' },
  { sign: 'cm', measures: 'length', lib: 'cm' },
  { sign: 'm', measures: 'length', lib: 'm' },
  { sign: 'km', measures: 'length', lib: 'km', also: ['kms'] },
  { sign: 'mi', measures: 'length', lib: 'mi', also: ['mile', 'miles'] },
  { sign: 'in', measures: 'length', lib: 'in', also: ['inch', 'inches', '"'] },
  { sign: 'thou', measures: 'length', lib: 'mil', also: ['mil'] },
  { sign: 'µm', measures: 'length', lib: 'um', also: ['um', 'μm', 'micron', 'microns'] },
  { sign: 'L', measures: 'volume', lib: 'L', also: ['litre', 'litres', 'liter', 'liters', 'ltr'] },
  { sign: 'mL', measures: 'volume', lib: 'ml', also: ['ml', 'cc', 'ccm', 'cm3'] },
  { sign: 'gal', measures: 'volume', lib: 'gal', also: ['gallon', 'gallons', 'us gal'] },
  { sign: 'qt', measures: 'volume', lib: 'qt', also: ['quart', 'quarts', 'qts'] },
  { sign: 'cu in', measures: 'volume', lib: 'in^3', also: ['cid', 'ci', 'in³', 'cui'] },
  { sign: 'g', measures: 'mass', lib: 'g' },
  { sign: 'kg', measures: 'mass', lib: 'kg' },
  { sign: 'N·m', measures: 'torque', lib: 'N*m', also: ['nm', 'n*m', 'n m'] },
  { sign: 'lb·ft', measures: 'torque', lib: 'ft*lbf', also: ['lbft', 'ftlb', 'ftlbs', 'lbsft', 'lbfft'] },
  {
    sign: 'kgf·m',
    measures: 'torque',
    lib: 'N*m',
    times: 9.80665,
    also: ['kg·m', 'kgm', 'kp·m', 'mkg', 'mkp'],
  },
  { sign: 'lb·in', measures: 'torque', lib: 'in*lbf', also: ['lbin', 'inlb', 'inlbs', 'lbsin', 'lbfin'] },
  { sign: 'ppm', measures: 'share', lib: 'ppm' },
  {
    sign: '%',
    measures: 'share',
    lib: '%',
    also: ['percent', 'pct', '% vol', 'vol %', 'vol.-%', '% duty', '% duty cycle', '% dc'],
  },
  { sign: 'L/100 km', measures: 'fuel consumption', lib: '', also: ['l/100km'] },
  { sign: 'λ', measures: 'lambda', lib: '', also: ['lambda'] },
  { sign: ':1', measures: 'ratio', lib: '', also: [': 1', 'afr'] },
  { sign: 'SG', measures: 'specific gravity', lib: '', also: ['s.g.', 'kg/l', 'g/cm3', 'g/cm³', 'g/ml'] },
  { sign: 'pH', measures: 'acidity', lib: '' },
  { sign: 'dB', measures: 'loudness', lib: '', also: ['db(a)', 'dba'] },
  { sign: 'Ah', measures: 'charge', lib: 'A*h' },
  { sign: 'CCA', measures: 'cold cranking current', lib: 'A', also: ['A (EN)', 'en'] },
  { sign: 'kWh', measures: 'energy', lib: 'kWh' },
];

const exact = new Map<string, UnitEntry>();
const folded = new Map<string, UnitEntry>();
/** Without case, blanks, dots and hyphens: `in.Hg`, `k-ohm`, `ft·lb`, `V DC`. */
const squeezed = new Map<string, UnitEntry>();
const fold = (name: string) => name.toLowerCase();
const squeeze = (name: string) => fold(name).replace(/[\s.·*-]/g, '');
for (const u of UNITS) {
  for (const name of [u.sign, ...(u.also ?? [])]) {
    exact.set(name, u);
    if (!folded.has(fold(name))) folded.set(fold(name), u);
    if (!squeezed.has(squeeze(name))) squeezed.set(squeeze(name), u);
  }
}

/** No unit is written with more letters. */
export const LONGEST_UNIT = 24;

/** One letter for one sign: `℃`, `H₂O`, the ohm sign and both micro signs as they stand in the table. */
const plainSigns = (typed: string) => typed.normalize('NFKC').replace(/μ/g, 'µ').replace(/º/g, '°');

function lookUp(typed: string): UnitEntry | undefined {
  const t = plainSigns(typed.trim());
  if (t === '') return undefined;
  const hit = exact.get(t) ?? folded.get(fold(t));
  if (hit) return hit;
  const s = squeeze(t);
  // What is left of it has to be more than a letter, or "- A" would be amperes.
  return s.length > 1 || s === '°' ? squeezed.get(s) : undefined;
}

/**
 * Finds a unit as typed.
 *
 * @param typed any usual way to write it: `V`, `volts`, `inHg`, `degC`
 * @returns the sign shown and what it measures, or undefined when unknown
 * @example findUnit('volts') // { sign: 'V', measures: 'voltage' }
 */
export function findUnit(typed: string): { sign: string; measures: string } | undefined {
  const hit = lookUp(typed);
  return hit && { sign: hit.sign, measures: hit.measures };
}

function entry(unit: string): UnitEntry {
  const hit = lookUp(unit);
  if (!hit) throw new RangeError(`The unit "${unit}" is not known here.`);
  return hit;
}

/**
 * Converts a quantity into another unit of the same kind.
 *
 * @param q value and unit
 * @param unit the unit wanted
 * @returns the same amount in that unit
 * @throws RangeError with a sentence, when a unit is unknown, the two measure different things, or a
 * temperature lies below absolute zero
 * @remarks Factors are those of the js-quantities library, tested against NIST SP 811 appendix B.
 * @example convert({ value: 1, unit: 'psi' }, 'kPa') // { value: 6.89476, unit: 'kPa' }
 */
export function convert(q: Quantity, unit: string): Quantity {
  if (q.unit === unit) return q;
  const from = entry(q.unit);
  const to = entry(unit);
  if (from.measures !== to.measures) {
    throw new RangeError(
      `${q.unit} measures ${from.measures} and ${unit} measures ${to.measures}; they cannot be compared.`,
    );
  }
  const times = (from.times ?? 1) / (to.times ?? 1);
  if (from.lib === to.lib) return { value: q.value * times, unit: to.sign };
  if (from.measures !== 'temperature')
    return { value: q.value * times * factor(from.lib, to.lib), unit: to.sign };
  try {
    // The library takes no number smaller than it can write; nothing in a shop is.
    const value = Math.abs(q.value) < 1e-12 ? 0 : q.value;
    return { value: Qty(value, from.lib).to(to.lib).scalar, unit: to.sign };
  } catch {
    throw new RangeError(`${q.value} ${q.unit} is below absolute zero; check the sign and the unit.`);
  }
}

const factors = new Map<string, number>();
function factor(from: string, to: string): number {
  const key = `${from}>${to}`;
  const known = factors.get(key) ?? Qty(1, from).to(to).scalar;
  factors.set(key, known);
  return known;
}

/**
 * Says whether two units measure the same thing.
 *
 * @returns true when both are known and comparable
 */
export function comparable(a: string, b: string): boolean {
  const x = findUnit(a);
  const y = findUnit(b);
  return x !== undefined && y !== undefined && x.measures === y.measures;
}

/**
 * Converts a difference: 2 °C apart are 3.6 °F apart. For all but temperatures this is `convert`.
 *
 * @throws RangeError as `convert` does
 * @example convertDifference({ value: 2, unit: '°C' }, '°F') // { value: 3.6, unit: '°F' }
 */
export function convertDifference(q: Quantity, unit: string): Quantity {
  if (q.unit === unit) return q;
  const at = (value: number) => convert({ value, unit: q.unit }, unit).value;
  // From a base that is above absolute zero on every scale.
  if (findUnit(q.unit)?.measures === 'temperature')
    return { value: at(500 + q.value) - at(500), unit: findUnit(unit)?.sign ?? unit };
  return convert(q, unit);
}

/** All units that measure the same, by their signs; the wanted quantity in the trade's word. */
export function unitsOf(measures: string): string[] {
  return UNITS.filter((u) => u.measures === measures).map((u) => u.sign);
}

/**
 * The unit that was likely meant.
 *
 * @param typed what was typed and is not known, or does not fit
 * @param measures the quantity it has to be, when that is known
 * @returns the nearest sign by letters (at most half of them different), or undefined
 * @example suggestUnit('inHgg') // 'inHg'
 */
export function suggestUnit(typed: string, measures?: string): string | undefined {
  const t = typed.trim().toLowerCase();
  let best: { sign: string; far: number } | undefined;
  for (const u of UNITS) {
    if (measures === undefined ? u.measures === 'absolute pressure' : u.measures !== measures) continue;
    for (const name of [u.sign, ...(u.also ?? [])]) {
      const far = distance(t, name.toLowerCase()) / Math.max(t.length, name.length, 1);
      if (!best || far < best.far) best = { sign: u.sign, far };
    }
  }
  if (best && best.far <= 0.5) return best.sign;
  return undefined;
}
