/** A fault code, understood as far as its structure goes. */
export interface FaultCode {
  /** The way it is written everywhere: `P0301`, `P0301-11`, `SPN 3251 FMI 0`, or the maker's own text. */
  code: string;
  scheme: 'iso' | 'j1939' | 'own';
  /** P powertrain, C chassis, B body, U network; empty for the other schemes. */
  system: '' | 'P' | 'C' | 'B' | 'U';
  /** Defined by the standard, or by the maker. */
  generic: boolean;
  /** Failure type byte, two hex digits, where given. */
  failureType: string;
  spn?: number;
  fmi?: number;
}

const LETTERS = 'PCBU' as const;

/**
 * Turns the two-byte form of a trouble code into its five characters.
 * Source: ISO 15031-6 / SAE J2012: bits 15–14 system, 13–12 first digit, then three hex digits.
 *
 * @param bytes 0 to 0xFFFF
 * @returns for instance 0x0133 → `P0133`, 0xC100 → `U0100`
 * @throws RangeError outside two bytes
 */
export function codeFromBytes(bytes: number): string {
  if (!Number.isInteger(bytes) || bytes < 0 || bytes > 0xffff)
    throw new RangeError('A two-byte code lies between 0 and FFFF.');
  const letter = LETTERS[bytes >> 14]!;
  return letter + ((bytes >> 12) & 3) + (bytes & 0xfff).toString(16).toUpperCase().padStart(3, '0');
}

/**
 * The inverse of {@link codeFromBytes}.
 *
 * @param code five characters, for instance `B1234`
 * @returns the two bytes, for instance 0x9234
 * @throws Error when it is not a five-character code
 */
export function codeToBytes(code: string): number {
  const m = /^([PCBU])([0-3])([0-9A-F]{3})$/i.exec(code.trim());
  if (!m) throw new Error(`"${code}" is not a five-character code such as P0301.`);
  return (LETTERS.indexOf(m[1]!.toUpperCase() as 'P') << 14) | (Number(m[2]) << 12) | parseInt(m[3]!, 16);
}

/** Generic or maker-specific by the first digit and range. Source: SAE J2012 (from memory of its table of ranges). */
function isGeneric(code: string): boolean {
  const letter = code[0];
  const digit = code[1];
  if (digit === '0') return true;
  if (letter === 'P') return digit === '2' || (digit === '3' && /^P3[4-9A-F]/.test(code));
  return letter === 'U' && digit === '3';
}

/**
 * Reads one code in any scheme met in the trade: five characters with or without failure type
 * byte, two or three bytes in hex (`0x0133`, `$C100`, `0133h`, `013311h`), SPN/FMI, otherwise a
 * maker's own number.
 *
 * @param text one code as typed or printed
 * @returns the code understood, or undefined for empty text
 * @example readCode('p0299-00') // { code: 'P0299-00', scheme: 'iso', system: 'P', generic: true, failureType: '00' }
 */
export function readCode(text: string): FaultCode | undefined {
  const t = text.trim().replace(/^["'([]+|["')\].,;:]+$/g, '');
  if (t === '') return undefined;
  let m = /^([PCBU])\s?([0-3][0-9A-F]{3})(?:[-:\s/]?([0-9A-F]{2}))?$/i.exec(t);
  if (m) return iso(m[1]! + m[2]!, m[3]);
  m = /^(?:0x|\$)([0-9A-F]{4})([0-9A-F]{2})?$/i.exec(t) ?? /^([0-9A-F]{4})([0-9A-F]{2})?h$/i.exec(t);
  if (m) return iso(codeFromBytes(parseInt(m[1]!, 16)), m[2]);
  m = /^(?:SPN)\s*[:=]?\s*(\d{1,6})\s*[,;/\s-]*\s*FMI\s*[:=]?\s*(\d{1,2})$/i.exec(t);
  if (m) {
    const spn = Number(m[1]);
    const fmi = Number(m[2]);
    if (spn < 1 << 19 && fmi < 32) {
      return {
        code: `SPN ${spn} FMI ${fmi}`,
        scheme: 'j1939',
        system: '',
        generic: true,
        failureType: '',
        spn,
        fmi,
      };
    }
  }
  return {
    code: t.replace(/\s+/g, ' ').slice(0, 60),
    scheme: 'own',
    system: '',
    generic: false,
    failureType: '',
  };
}

function iso(five: string, failureType: string | undefined): FaultCode {
  const base = five.toUpperCase();
  const type = failureType?.toUpperCase() ?? '';
  return {
    code: type ? `${base}-${type}` : base,
    scheme: 'iso',
    system: base[0] as 'P',
    generic: isGeneric(base),
    failureType: type,
  };
}

/**
 * The code without its failure type byte, by which codes of one circuit are compared.
 *
 * @example baseCode('P0299-00') // 'P0299'
 */
export function baseCode(code: string): string {
  return /^[PCBU][0-3][0-9A-F]{3}/i.exec(code)?.[0].toUpperCase() ?? code;
}
