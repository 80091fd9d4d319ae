/** What a VIN says by its form alone. */
export interface VinReading {
  /** Cleaned: upper case, no blanks or hyphens. */
  vin: string;
  ok: boolean;
  /** Sentences about what is odd, most important first. A failing check digit is a warning, not a wall. */
  warnings: string[];
  /** The VIN with look-alike letters (I, O, Q) put right, when that makes it better. */
  suggestion?: string;
  region: string;
  /** Model years that position 10 allows, the likelier one first. */
  years: number[];
  /**
   * There are two, and the first of them holds for cars, multi-purpose vehicles and trucks up to 10,000 lb, as position 7 says; heavy
   * trucks, buses and motorcycles may be of either.
   */
  byPosition7: boolean;
  checkDigit: 'right' | 'wrong' | 'not used';
}

const WEIGHTS = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2];
const VALUES: Record<string, number> = {};
'ABCDEFGH'.split('').forEach((c, i) => (VALUES[c] = i + 1));
'JKLMN'.split('').forEach((c, i) => (VALUES[c] = i + 1));
Object.assign(VALUES, { P: 7, R: 9 });
'STUVWXYZ'.split('').forEach((c, i) => (VALUES[c] = i + 2));
for (let d = 0; d <= 9; d++) VALUES[String(d)] = d;
const YEAR_LETTERS = 'ABCDEFGHJKLMNPRSTVWXY123456789';

/**
 * The check digit of a VIN. Source: 49 CFR 565.15(c): transliteration, weights, modulo 11, X for 10.
 *
 * @param vin 17 characters of the VIN alphabet
 * @returns `0`–`9` or `X`; undefined when a character is not of the alphabet
 */
export function vinCheckDigit(vin: string): string | undefined {
  let sum = 0;
  for (let i = 0; i < 17; i++) {
    const value = VALUES[vin[i] ?? ''];
    if (value === undefined) return undefined;
    sum += value * WEIGHTS[i]!;
  }
  const rest = sum % 11;
  return rest === 10 ? 'X' : String(rest);
}

/** Characters that are taken for one another on a windscreen plate. Common practice, no source. */
const LOOKALIKES = [
  '8B',
  '0D',
  '5S',
  '2Z',
  '6G',
  '1L',
  '1T',
  'UV',
  'VY',
  '4A',
  '7T',
  'MN',
  'EF',
  'PR',
  '3B',
  '38',
  '68',
  'CG',
  'HN',
  'XK',
  'WV',
];

/**
 * Single characters that, read as their look-alike, would make the check digit right.
 *
 * @param vin 17 characters of the VIN alphabet
 * @returns positions (from 1) with what was read and what it may be; empty when the digit is right
 */
export function likelyMisread(vin: string): { position: number; read: string; maybe: string; vin: string }[] {
  if (vin.length !== 17 || vinCheckDigit(vin) === vin[8]) return [];
  const out: { position: number; read: string; maybe: string; vin: string }[] = [];
  for (let i = 0; i < 17; i++) {
    for (const pair of LOOKALIKES) {
      if (!pair.includes(vin[i]!)) continue;
      const maybe = pair.replace(vin[i]!, '');
      const other = vin.slice(0, i) + maybe + vin.slice(i + 1);
      if (vinCheckDigit(other) === other[8]) out.push({ position: i + 1, read: vin[i]!, maybe, vin: other });
    }
  }
  return out;
}

/**
 * Region by first character. Source: ISO 3780; H (China) and 7 (United States) were given out later, and stand
 * so in the public VIN data set that ships with Vantle.
 */
function regionOf(first: string): string {
  if (/[A-G]/.test(first)) return 'Africa';
  if (/[HJ-R]/.test(first)) return 'Asia';
  if (/[S-Z]/.test(first)) return 'Europe';
  if (/[1-57]/.test(first)) return 'North America';
  if (first === '6') return 'Oceania';
  return /[89]/.test(first) ? 'South America' : '';
}

/**
 * Model years a VIN allows. Source: 49 CFR 565.15(d): 30-year cycle; a letter in position 7 of a North American
 * car, multi-purpose vehicle or truck up to 10,000 lb means 2010 or later, a digit before. The VIN's form does
 * not say which kind of vehicle it is, so that the other year stays possible.
 */
function yearsOf(vin: string, region: string, thisYear: number): number[] {
  const i = YEAR_LETTERS.indexOf(vin[9] ?? '');
  if (i < 0) return [];
  // A model year begins in the year before at the most.
  const years = [1980 + i, 2010 + i].filter((year) => year <= thisYear + 1);
  return region === 'North America' && /[A-Z]/.test(vin[6] ?? '') ? years.reverse() : years;
}

/**
 * Reads a VIN typed or pasted in any form.
 *
 * @param typed blanks, hyphens and lower case are fine
 * @param thisYear model years after the next one cannot be
 * @returns the reading with warnings; `ok` when length and alphabet are right
 * @example readVin('1m8g dm9a xkp0 42788').checkDigit // 'right'
 */
export function readVin(typed: string, thisYear = new Date().getFullYear()): VinReading {
  const vin = typed.toUpperCase().replace(/[\s\-–.*]/g, '');
  const warnings: string[] = [];
  const result: VinReading = {
    vin,
    ok: false,
    warnings,
    region: '',
    years: [],
    byPosition7: false,
    checkDigit: 'not used',
  };
  if (vin === '') return result;
  const lookalikes = vin.replace(/[OQ]/g, '0').replace(/I/g, '1');
  if (lookalikes !== vin) {
    warnings.push(`I, O and Q never occur in a VIN. Did you mean ${lookalikes}?`);
    result.suggestion = lookalikes;
  }
  const strange = [...new Set([...lookalikes].filter((c) => VALUES[c] === undefined))];
  if (strange.length)
    warnings.push(`Not VIN characters: ${strange.slice(0, 5).join(' ')}. A VIN has letters and digits only.`);
  if (vin.length !== 17) {
    warnings.push(
      vin.length < 17
        ? `${vin.length} of 17 characters. Older vehicles may have fewer; otherwise ${17 - vin.length} are missing.`
        : `${vin.length} characters: a VIN has 17, ${vin.length - 17} too many.`,
    );
  }
  result.region = regionOf(vin[0] ?? '');
  if (vin.length !== 17 || strange.length || lookalikes !== vin) return result;
  result.ok = true;
  result.years = yearsOf(vin, result.region, thisYear);
  result.byPosition7 = result.region === 'North America' && result.years.length > 1;
  const expected = vinCheckDigit(vin);
  if (expected === vin[8]) result.checkDigit = 'right';
  else if (result.region === 'North America') {
    result.checkDigit = 'wrong';
    warnings.push(
      `The check digit (9th character) is ${vin[8]}, and the rest asks for ${expected}. Probably misread: ${
        likelyMisread(vin)
          .slice(0, 3)
          .map((l) => `position ${l.position}, ${l.read} for ${l.maybe}?`)
          .join(' ') || 'one character.'
      }`,
    );
  }
  return result;
}
