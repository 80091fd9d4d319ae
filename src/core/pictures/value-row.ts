import { findUnit } from '../readings';
import { liveName, mendLiveName, onlyUnitOf, unitFits } from '../codes';
import type { Figures } from './figures';
import { mendNumber } from './mend-number';
import type { OcrLine, OcrWord, Place } from './ocr';

/** A number, its unit perhaps run into it. */
const NUMERIC = /^([-−–—~+]?\d[\d.,]*)([^\d\s]{0,6})$/u;
/** Words behind a value that are its unit: "°C", "kg / h". */
const UNIT_WORDS = 2;
/** In heights of the letters: a unit stands nearer, another value's name as far. */
const FAR = 4;
const COLUMN_GAP = 1.5;
const MOSTLY = 0.75;
/** So many readings of a name that nobody knows have to be alike. */
const ALIKE = 3;
const DOUBTFUL = 0.6;
/** The value, its name and unit all seen alike. */
const SURE = 0.95;

/** A line of a list of live values as one reading has it. */
interface Reading {
  name: string;
  number: OcrWord;
  unit: string;
  words: OcrLine;
}

const heightOf = (line: OcrLine): number => Math.max(1, ...line.map((w) => w.bottom - w.top));

const isUnit = (text: string): boolean =>
  findUnit(text) !== undefined || findUnit(mendedUnit(text)) !== undefined;

/** "9%" behind a number is its sign of percent. */
const isPercent = (w: OcrWord, before: OcrWord | undefined): boolean =>
  /^\d?%$/.test(w.text) && before !== undefined && NUMERIC.test(before.text);

/** A name, then a number, then at most a unit; of a line of text nothing. */
function readingOf(line: OcrLine): Reading | undefined {
  const isNumber = (w: OcrWord, i: number) => NUMERIC.test(w.text) && !isPercent(w, line[i - 1]);
  // Behind "12.9 V" a speck may be read as one more number.
  const withUnit = line.findLastIndex((w, i) => isNumber(w, i) && line[i + 1] && isUnit(line[i + 1]!.text));
  const at = withUnit >= 1 ? withUnit : line.findLastIndex(isNumber);
  if (at < 1) return undefined;
  // Far behind a value stands what belongs to something else, or nothing.
  const near = (w: OcrWord, i: number) => w.left - line[at + i]!.right < FAR * heightOf(line);
  const all = line.slice(at + 1);
  const end = all.findIndex((w, i) => !near(w, i));
  const behind = end < 0 ? all : all.slice(0, end);
  if (behind.length > UNIT_WORDS) return undefined;
  const [, , stuck] = NUMERIC.exec(line[at]!.text)!;
  const unit = [stuck!, ...behind.map((w) => w.text)].join('').trim();
  const words = line
    .slice(0, at)
    .map((w) => w.text)
    .join(' ');
  const name = mendLiveName(words);
  if (!/\p{L}{2}/u.test(name) || unit.length > 8) return undefined;
  // "Engine 3 faults" counts something; what a known value is measured in may be read as anything.
  if (unit !== '' && !isUnit(unit) && liveName(name).kind === undefined) return undefined;
  return { name, number: line[at]!, unit, words: [...line.slice(0, at + 1), ...behind] };
}

/** Whether a line of a picture, in any of its readings, may be a name with its value. */
export const mayBeValue = (row: readonly OcrLine[]): boolean => row.some((l) => readingOf(l) !== undefined);

/** The words of a value in a reading of its line, with its name and unit; none where it is no value. */
export const wordsOfValue = (line: OcrLine): OcrLine => readingOf(line)?.words ?? [];

/**
 * Where the names of further values begin in a line that holds several beside each other.
 *
 * @returns their left edges in pixels; none where the line holds one value, or none
 */
export function furtherValues(line: OcrLine): number[] {
  const out: number[] = [];
  let numbered = false;
  line.forEach((w, i) => {
    const gap = i === 0 ? 0 : w.left - line[i - 1]!.right;
    if (NUMERIC.test(w.text)) numbered = i > 0;
    else if (numbered && gap > COLUMN_GAP * heightOf(line) && /\p{L}{2}/u.test(w.text) && !findUnit(w.text)) {
      if (line.slice(i + 1).some((o) => NUMERIC.test(o.text))) out.push(w.left);
      numbered = false;
    }
  });
  return out;
}

/**
 * Reads a line of a list of live values from several readings: name, number and unit each by what the readings have
 * in common, the number also by its shapes.
 *
 * @param row readings of the line
 * @param figuresAt what the shapes of a number show
 * @returns undefined where it is no such line
 */
export function valueRow(
  row: readonly OcrLine[],
  figuresAt: (place: Place) => Figures | undefined,
): { text: string; sure: number } | undefined {
  const readings = row.flatMap((l) => readingOf(l) ?? []);
  const first = readings[0];
  if (!first) return undefined;
  // What else was read where the number stands, be it no number.
  const numbers = row.flatMap((l) => {
    const own = readingOf(l);
    if (own) return [NUMERIC.exec(own.number.text)![1]!];
    const word = l.find((w) => w.left < first.number.right && w.right > first.number.left);
    return word ? [word.text] : [];
  });
  const place = readings.reduce<Place>(
    (p, { number: n }) => ({
      left: Math.min(p.left, n.left),
      right: Math.max(p.right, n.right),
      top: Math.min(p.top, n.top),
      bottom: Math.max(p.bottom, n.bottom),
    }),
    first.number,
  );
  const stuck = readings.some((r) => !/\d$/.test(r.number.text));
  const number = mendNumber(numbers, stuck ? undefined : figuresAt(place));
  if (!number) return undefined;
  const name = nameOf(readings);
  const unit = unitOf(name.text, readings);
  return {
    text: `${name.text}   ${number.text} ${unit.text}`.trim(),
    sure: name.sure && unit.sure ? Math.min(SURE, number.sure) : DOUBTFUL,
  };
}

const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** A name that is known, or that was read alike several times. */
function nameOf(readings: readonly Reading[]): { text: string; sure: boolean } {
  const known = readings.filter((r) => liveName(r.name).kind !== undefined);
  const keys = new Set(known.map((r) => liveName(r.name).key));
  if (keys.size > 0) {
    // "Bl" is a bank whose figure was not read: the reading that has it says more.
    const most = [...keys].sort((a, b) => b.length - a.length)[0]!;
    const one = known.find((r) => liveName(r.name).key === most)!;
    return { text: one.name, sure: [...keys].every((k) => most.startsWith(k)) && bankSeen(most, readings) };
  }
  const alike = (r: Reading) => readings.filter((o) => plain(o.name) === plain(r.name)).length;
  const most = [...readings].sort((a, b) => alike(b) - alike(a))[0]!;
  return {
    text: most.name,
    sure: alike(most) >= ALIKE && alike(most) >= MOSTLY * readings.length && !RESTS.test(most.name),
  };
}

/** What is left of a name whose first word was lost: "temperature" of what? */
const RESTS =
  /^(?:(?:air|fuel|rail|trim|rate|flow|temp[a-z]*|pressure|position|speed|volt[a-z]*|current|level|value|B[12]|bank|sensor|\d)(?![a-z])\s*)+$/iu;

/** A name without a bank has none in any reading either: "B1" may have been read as "BL". */
const bankSeen = (key: string, readings: readonly Reading[]): boolean =>
  /\d/.test(key) || !readings.some((r) => /\bB\S$/u.test(r.name));

/** The only unit the value can have, or the one that was read and nothing else that is one. */
function unitOf(name: string, readings: readonly Reading[]): { text: string; sure: boolean } {
  const only = onlyUnitOf(name);
  if (only !== undefined && readings.some((r) => r.unit !== '')) return { text: only, sure: true };
  const read = readings.flatMap((r) => {
    const found = r.unit === '' ? undefined : (findUnit(r.unit) ?? findUnit(mendedUnit(r.unit)));
    return found ? [found.sign] : [];
  });
  const times = (u: string) => read.filter((r) => r === u).length;
  const [most] = [...new Set(read.filter((u) => unitFits(name, u)))].sort((a, b) => times(b) - times(a));
  // A letter gets lost ("Pa" of "kPa"), none is found that is not there.
  if (most !== undefined && (liveName(name).kind !== undefined || times(most) >= 2))
    return { text: most, sure: times(most) >= MOSTLY * read.length };
  if (readings.every((r) => r.unit === '')) return { text: '', sure: true };
  return { text: readings.find((r) => r.unit !== '')!.unit, sure: false };
}

/** Signs that letters are taken for: "°C" is read "*C", "V" also "Vv". */
const mendedUnit = (unit: string): string =>
  unit
    .replace(/^["'*ºo“”‘’®](?=[CF]$)/u, '°')
    .replace(/^v+$/iu, 'V')
    .replace(/^[go9q¢]?[i/l|'][s5]$|^o?s$/u, 'g/s');
