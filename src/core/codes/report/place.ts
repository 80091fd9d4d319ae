import { readCode } from '../code';

/** A code as it stands in a line. */
export interface Found {
  code: string;
  at: number;
  end: number;
}

/**
 * Codes of the standards as they are printed: five characters with a blank, a dash or the letter O in them, with a
 * failure type or without; and the suspect parameter with its failure mode.
 */
const STANDARD =
  /(?<![\p{L}\p{N}])(?:([PCBU])[ -]?([0O][ -]?|[1-3][ -]?)([0-9A-FOI]{3})(?:\s?[-:]\s?([0-9A-F]{2})(?![\p{L}\p{N}.,]))?|SPN\s*[:=]?\s*(\d{1,6})[\s,;/-]*FMI\s*[:=]?\s*(\d{1,2}))(?![\p{L}\p{N}])/giu;

/**
 * All codes of the standards in a line, as they are written everywhere.
 *
 * @example findCodes('P 0171, PO174-00') // P0171 and P0174-00 with their places
 */
export function findCodes(line: string): Found[] {
  return [...line.matchAll(STANDARD)].flatMap((m): Found[] => {
    const [whole, letter, first, rest, type, spn, fmi] = m;
    if (spn !== undefined) {
      const code = readCode(`SPN ${spn} FMI ${fmi}`);
      return code?.scheme === 'j1939' ? [{ code: code.code, at: m.index, end: m.index + whole.length }] : [];
    }
    // The letter O stands for a nought; a word such as "boo2" has no digit at its place.
    const digits = `${first!.replace(/[ -]/g, '')}${rest!}`.replace(/O/gi, '0').replace(/I/gi, '1');
    // The letter I stands for a one only among figures.
    if (/I/i.test(rest!) && (whole.match(/\d/g)?.length ?? 0) < 2) return [];
    if (!/\d/.test(whole) || (/ /.test(first!) && !beginsLine(line, m))) return [];
    const code = readCode(`${letter!}${digits}${type ? `-${type}` : ''}`);
    return code?.scheme === 'iso' ? [{ code: code.code, at: m.index, end: m.index + whole.length }] : [];
  });
}

/** The maker's number right before the standard's. */
export const OWN_BEFORE = /^(?=\S*\d)[0-9A-F]{4,6}$/u;

/** "P0 442 EVAP leak": parted so only where a line begins with it. */
const beginsLine = (line: string, { 0: whole, index }: RegExpExecArray): boolean =>
  index === 0 && /^[A-Z]/.test(whole) && /^\s+\p{L}{2}/u.test(line.slice(whole.length));

/** A maker's own number in front of a line: four to eight digits, hexadecimal ones with a figure among them. */
const OWN =
  /^\s*(?:[-–•*·]\s*)?((?=(?:0x|\$)?[0-9A-F]*\d)(?:(?:0x|\$)?[0-9A-F]{4,8}(?:[-:][0-9A-F]{2})?|\d{6}\.\d{2}))(?=\s{2,}|\s?[-–:|\t]\s?|\s[\p{L}"(])(?!\s?[-–/.:]\s?\d)/u;

/**
 * The maker's own number that begins a line; only believed where the lines around it bear it out.
 *
 * @returns the number as printed, never turned into another code, with its place
 */
export function ownNumber(line: string): Found | undefined {
  const m = OWN.exec(line);
  return m ? { code: m[1]!, at: m.index, end: m[0].length } : undefined;
}
