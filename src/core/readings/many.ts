import { cornerOf } from './corner';
import { OPEN, readEntry, unitOf } from './entry';

/** One of several readings typed at once; `at` is empty where none was named. */
export interface Labelled {
  at: string;
  entered: string;
}

/** What names a reading before a colon: `FL`, `left front`, `bank 1`, `cyl 3`, `b1`, `3`. */
const NAME =
  '(?:front|rear|left|right)[ -](?:left|right|front|rear)|' +
  '(?:bank|cylinder|cyl|injector|inj|sensor|coil|wheel|axle)\\.? ?\\d{1,2}|' +
  '[A-Za-z]{1,12}\\d{0,2}|\\d{1,2}';
const NAMED = new RegExp(`(?<=^|[\\s,;|])(${NAME})\\s*[:=]\\s*`, 'gi');
/** A name that can stand without a colon before a value with its unit. */
const NAMED_BARE =
  /^((?:front|rear|left|right)[ -](?:left|right|front|rear)|[A-Za-z]{2}|(?:bank|cylinder|cyl|injector|inj) ?\d{1,2})\s+([−+-]?\d.*)$/i;

const bareNumber = /^[−+-]?[\d.,'’\s]*\d$/;

/** A value, or a meter beyond its range: what can stand behind a name. */
function isValue(text: string): boolean {
  const entry = readEntry(text);
  if (entry.kind === 'quantity' || entry.kind === 'beyond') return true;
  // 1,500 is one of two numbers, and a number all the same.
  if (entry.kind === 'problem') return entry.or !== undefined;
  return entry.kind === 'state' && OPEN.test(entry.state);
}

/** A unit given once, behind the last of them or the first, holds for all that have none. */
function withUnit(found: Labelled[]): Labelled[] {
  const units = [...new Set(found.map((f) => unitOf(f.entered)).filter(Boolean))];
  const last = unitOf(found.at(-1)!.entered);
  const unit = units.length === 1 ? units[0]! : last;
  return found.map((f) =>
    unit && bareNumber.test(f.entered) ? { ...f, entered: `${f.entered} ${unit}` } : f,
  );
}

/** `1:0.9 2:0.4`, `FL: 24, FR: 31 psi`: names with a colon or an equals sign. */
function named(text: string): Labelled[] | undefined {
  const marks = [...text.matchAll(NAMED)];
  if (marks.length === 0 || marks[0]!.index !== 0) return undefined;
  return marks.map((m, i) => ({
    at: m[1]!.trim(),
    entered: text
      .slice(m.index + m[0].length, marks[i + 1]?.index)
      .trim()
      .replace(/[,;|]+$/, '')
      .trim(),
  }));
}

/** `LF −18 mm; RF −20 mm`, and one alone. */
function namedBare(text: string): Labelled[] | undefined {
  const parts = text.split(/\s*[;|]\s*|\s*,\s+/).map((p) => NAMED_BARE.exec(p));
  if (parts.some((m) => m === null || (/^[A-Za-z]{2}$/.test(m[1]!) && !cornerOf(m[1]!)))) return undefined;
  return parts.map((m) => ({ at: m![1]!, entered: m![2]! }));
}

/** `LF 42 RF 41 LR 38 RR 38 psi`, `FL 5/32 FR 6/32`: corners with nothing between but blanks. */
function cornersInARow(text: string): Labelled[] | undefined {
  const found: { at: string; entered: string[] }[] = [];
  for (const word of text.split(/[\s,;]+/)) {
    if (/^[A-Za-z]{2}$/.test(word) && cornerOf(word)) found.push({ at: word, entered: [] });
    else if (found.length === 0) return undefined;
    else found.at(-1)!.entered.push(word);
  }
  return found.map((f) => ({ at: f.at, entered: f.entered.join(' ') }));
}

/** `2.7 2.7 3.3 2.7 bar`, `50 mph, 50, 50, 50`, `13; 5; 10; 10`: values in the order of their places. */
function unnamed(text: string): Labelled[] | undefined {
  const marked = text.split(/\s*[;|]\s*|\s*,\s+/).filter(Boolean);
  if (marked.length >= 2) return marked.map((entered) => ({ at: '', entered }));
  const m = /^((?:[−+-]?\d+(?:[.,]\d+)?\s+){2,}[−+-]?\d+(?:[.,]\d+)?)(\s*[^\d\s][^\d]*)?$/.exec(text);
  if (!m) return undefined;
  const values = m[1]!.trim().split(/\s+/);
  // 1 500 000 is one number with its thousands apart; only its end can have decimals.
  const thousands =
    values.slice(1, -1).every((v) => /^\d{3}$/.test(v)) && /^\d{3}([.,]\d+)?$/.test(values.at(-1)!);
  if (thousands && values[0]!.length <= 3) return undefined;
  return values.map((v, i) => ({ at: '', entered: i === values.length - 1 ? `${v}${m[2] ?? ''}` : v }));
}

/**
 * Reads several readings typed in one line: `1:0.9 2:0.4 3:0.9`, `FL: 24 psi FR: 31 psi`, `A:3;B:4`,
 * `1: 1,200 2: 1,180 rpm`, `2.7 2.7 3.3 2.7 bar`; and one that names its place, `LF −18 mm`. A unit given once
 * holds for those that have none.
 *
 * @param text as typed, or as `pastedLine` makes it of a column
 * @returns the readings with their names in order, or undefined when it is not such a line
 */
export function readMany(text: string): Labelled[] | undefined {
  const t = text.trim();
  if (t.length > 2000) return undefined;
  for (const read of [named, namedBare, cornersInARow, unnamed]) {
    const found = read(t);
    if (!found || found.some((f) => f.entered === '')) continue;
    if (found.length < 2 && (read !== namedBare || !unitOf(found[0]!.entered))) continue;
    const whole = withUnit(found);
    if (whole.every((f) => isValue(f.entered))) return whole;
  }
  return undefined;
}

/** The number a name ends with, when it counts cylinders, banks and the like. */
const numberIn = (name: string) => /^(?:[a-z]+\.? ?)?(\d{1,2})$/i.exec(name.trim())?.[1];

/**
 * Says which place of a list each of several readings belongs to: the one of its name in any way of writing
 * it (LF is FL, cyl 3 is 3), else by their order.
 *
 * @param many as read
 * @param places the names of the list's places
 * @returns for each reading the index of its place, or -1 when the list has none of that name
 */
export function placesOf(many: readonly Labelled[], places: readonly string[]): number[] {
  return many.map(({ at }, i) => {
    if (at === '') return i < places.length ? i : -1;
    const same = (fits: (place: string) => boolean) => places.findIndex(fits);
    const exact = same((p) => p.trim().toLowerCase() === at.toLowerCase());
    if (exact >= 0) return exact;
    const corner = cornerOf(at);
    if (corner) return same((p) => cornerOf(p) === corner);
    const number = numberIn(at);
    return number === undefined ? -1 : same((p) => numberIn(p) === number);
  });
}

/**
 * Makes one line of what was pasted as lines or as cells of a table: `FL⇥13` and `FR⇥5` become
 * `FL: 13; FR: 5`; a row of names over a row of values is read so too; a bare column becomes `13; 5`. A field
 * of one line would otherwise run them together.
 *
 * @param text from the clipboard
 * @returns the line, or undefined when the text is of one line and one cell
 */
export function pastedLine(text: string): string | undefined {
  const rows = text
    .split(/\r\n|\r|\n/)
    .map((row) => row.split('\t').map((c) => c.trim()))
    .filter((row) => row.some((c) => c !== ''));
  if (rows.length === 0 || (rows.length === 1 && rows[0]!.length === 1)) return undefined;
  const names = (cells: string[]) => cells.every((c) => c !== '' && !isValue(c));
  if (rows.length === 2 && rows[0]!.length > 1 && rows[0]!.length === rows[1]!.length && names(rows[0]!))
    return rows[0]!.map((name, i) => `${name}: ${rows[1]![i]}`).join('; ');
  const filled = rows.map((cells) => cells.filter(Boolean));
  // "1 0.9", "3 0.4": places by their numbers, from the first on; "13 5" is two values beside each other.
  const counted =
    filled.length > 1 &&
    filled[0]![0] === '1' &&
    filled.every(
      (cells, i) =>
        cells.length === 2 &&
        /^\d{1,2}$/.test(cells[0]!) &&
        (i === 0 || Number(cells[0]) > Number(filled[i - 1]![0])),
    );
  return filled
    .map((cells) =>
      cells.length === 2 && (names([cells[0]!]) || counted) ? `${cells[0]}: ${cells[1]}` : cells.join('; '),
    )
    .join('; ');
}
