import { baseCode, readCode } from './code';
import { failureMode, failureType } from './failure-types';
import { AFTERTREATMENT_AND_THROTTLE } from './meanings/aftertreatment-and-throttle';
import { CHASSIS_AND_BODY } from './meanings/chassis-and-body';
import { countedCodes } from './meanings/counted';
import { FUEL_AND_AIR } from './meanings/fuel-and-air';
import { HYBRID } from './meanings/hybrid';
import { IGNITION_AND_EMISSIONS } from './meanings/ignition-and-emissions';
import { networkCodes } from './meanings/network';
import { readRows } from './meanings/rows';
import { TRANSMISSION } from './meanings/transmission';

const ROWS = [
  FUEL_AND_AIR,
  IGNITION_AND_EMISSIONS,
  TRANSMISSION,
  AFTERTREATMENT_AND_THROTTLE,
  HYBRID,
  CHASSIS_AND_BODY,
].map(readRows);
const CODE_RUNS = ROWS.flatMap((r) => r.runs);

/**
 * A generic code's meaning in our own short words. All from memory of the public standard's tables
 * (SAE J2012 / ISO 15031-6); a shop can correct and extend it.
 */
const MEANINGS = new Map<string, string>();
/** No code is given two meanings: a run that counts into another's place is a mistake in the rows. */
function define(code: string, says: string): void {
  if (MEANINGS.has(code)) throw new Error(`${code} has two meanings: "${MEANINGS.get(code)}" and "${says}".`);
  MEANINGS.set(code, says);
}
for (const run of CODE_RUNS) for (const { code, says } of run.codes) define(code, `${run.part}: ${says}`);
for (const { code, says } of [...ROWS.flatMap((r) => r.single), ...countedCodes(), ...networkCodes()])
  define(code, says);

/** How many definitions there are. */
export const DICTIONARY_SIZE = MEANINGS.size;

/** All codes with their meanings, in the order of the dictionary. */
export const dictionaryEntries = (): [string, string][] => [...MEANINGS];

/**
 * What a generic code means, in short; from memory, not from the standard's text. A failure type byte or a
 * failure mode adds what it says.
 *
 * @param code with or without failure type byte, or `SPN 97 FMI 3`
 * @returns the meaning, or empty for maker-specific and unknown codes
 * @example meaningOf('P0113') // 'intake air temperature sensor 1: circuit high'
 * @example meaningOf('P0299-77') // 'boost too low (underboost), commanded position not reached'
 * @example meaningOf('SPN 97 FMI 3') // 'voltage above normal or shorted high'
 */
export function meaningOf(code: string): string {
  const read = readCode(code);
  if (read?.fmi !== undefined) return failureMode(read.fmi)?.says ?? '';
  const says = MEANINGS.get(baseCode(code)) ?? '';
  const failure = failureType(read?.failureType ?? '')?.says;
  return says && failure ? `${says}, ${failure}` : says;
}

const FAMILY = new Map<string, { part: string; codes: string[] }>();
for (const run of CODE_RUNS) {
  const codes = run.codes.map((c) => c.code);
  for (const code of codes) FAMILY.set(code, { part: run.part, codes });
}

/** The circuit a code belongs to: the part, and all codes of that circuit. */
export function circuitOf(code: string): { part: string; codes: string[] } | undefined {
  return FAMILY.get(baseCode(code));
}

/** A part's name without bank, sensor and cylinder, by which siblings are met. */
const general = (part: string) =>
  part
    .replace(/,? (bank|sensor|cylinder|unit) ?\d.*$/, '')
    .replace(/ (\d+|[A-F])$/, '')
    .trim();

/**
 * How two codes are akin: the same circuit, the other bank or sensor position of the same part, or
 * the next cylinder.
 *
 * @returns how, in words for the screen; empty when they are not akin
 * @example codeRelation('P0130', 'P0150') // 'same part, other position'
 */
export function codeRelation(a: string, b: string): string {
  const [x, y] = [baseCode(a), baseCode(b)];
  if (x === y) return 'same code';
  const [fx, fy] = [circuitOf(x), circuitOf(y)];
  if (fx && fy) {
    if (fx === fy || fx.part === fy.part) return 'same circuit';
    if (general(fx.part) === general(fy.part)) return 'same part, other position';
    return '';
  }
  const [mx, my] = [meaningOf(x), meaningOf(y)];
  const plain = (m: string) => m.replace(/\b(cylinder|bank|sensor) \d+\b/g, '$1').replace(/ [A-L]\b/g, '');
  if (mx !== '' && my !== '' && plain(mx) === plain(my))
    return /cylinder/.test(mx) ? 'same fault, other cylinder' : 'same fault, other bank';
  return '';
}
