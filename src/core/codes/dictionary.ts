import { baseCode } from './code';
import { CODE_RUNS } from './runs';
import { PLAIN_CODES } from './plain-codes';

/**
 * A generic code's meaning in our own short words. All from memory of the public standard's tables
 * (SAE J2012 / ISO 15031-6); a shop can correct and extend it.
 */
const MEANINGS = new Map<string, string>();
for (const run of CODE_RUNS)
  for (const { code, says } of run.codes) MEANINGS.set(code, `${run.part}: ${says}`);
for (const { code, says } of PLAIN_CODES) MEANINGS.set(code, says);

/** How many definitions there are. */
export const DICTIONARY_SIZE = MEANINGS.size;

/** All codes with their meanings, in the order of the dictionary. */
export const dictionaryEntries = (): [string, string][] => [...MEANINGS];

/**
 * What a generic code means, in short; from memory, not from the standard's text.
 *
 * @param code with or without failure type byte
 * @returns the meaning, or empty for maker-specific and unknown codes
 * @example meaningOf('P0113') // 'intake air temperature sensor 1: circuit high'
 */
export function meaningOf(code: string): string {
  return MEANINGS.get(baseCode(code)) ?? '';
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
 * @example akin('P0130', 'P0150') // 'same part, other position'
 */
export function akin(a: string, b: string): string {
  const [x, y] = [baseCode(a), baseCode(b)];
  if (x === y) return 'same code';
  const [fx, fy] = [circuitOf(x), circuitOf(y)];
  if (fx && fy) {
    if (fx === fy || fx.part === fy.part) return 'same circuit';
    if (general(fx.part) === general(fy.part)) return 'same part, other position';
    return '';
  }
  const [mx, my] = [meaningOf(x), meaningOf(y)];
  const plain = (m: string) => m.replace(/\b(cylinder|bank|sensor) \d+\b/g, '$1').replace(/ [A-F]\b/g, '');
  if (mx !== '' && my !== '' && plain(mx) === plain(my))
    return /cylinder/.test(mx) ? 'same fault, other cylinder' : 'same fault, other bank';
  return '';
}
