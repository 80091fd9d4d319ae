/** A vehicle as one cell of a table describes it. */
export interface VehicleWords {
  year: number | undefined;
  make: string;
  model: string;
  engine: string;
}

/** A cell that names no vehicle. */
const NONE =
  /^(?:[-–—.?/*\s]*|n\/?a|none|unk(?:nown)?|see (?:file|notes?|above|order)|various|misc\w*|t\.?b\.?[ac]\.?|(?:loan|courtesy|customer['’]?s?) (?:car|vehicle))$/iu;
/** A span of years is the build's, not this vehicle's. */
const SPAN = /[([]?\b(?:19|20)\d\d\s?(?:[-–—/]|to)\s?(?:(?:19|20)?\d\d)\b[)\]]?/giu;
/** A year alone, behind its month, as a model year, or short behind an apostrophe. */
const YEAR =
  /(?<![\d.,/])(?:\(|\[)?(?:\b(?:0?[1-9]|1[0-2])[/.])?\b(?:my ?)?(19[4-9]\d|20[0-4]\d)\b(?:\)|\])?(?![.,]?\d)|(?<!\S)(?:my ?'?|['’])(\d\d)\b/iu;
const KIND = String.raw`V\d|[Dd]iesel|[Pp]etrol|[Hh]ybrid|[Tt]urbo|TD|[Hh][Dd][Ii]?|T|\d{1,2}V`;
const POWER = String.raw`\(?\d{2,3}\s?(?:[Hh][Pp]|bhp|BHP|[Pp][Ss]|[Kk][Ww]|[Cc][Vv])\b\)?`;
/** Behind a blank only short capitals belong to a displacement: "1.6 TDI", but "1.6 Tessa". */
const DISPLACEMENT = String.raw`\d[.,]\d(?:\s[A-Z]{1,3}|[A-Za-z]{0,5})(?![A-Za-z])|\d{3,4}\s?cc\b`;
const ENGINE = new RegExp(
  String.raw`(?<!\S)(?:(?:(?:${KIND})\s+)?(?:${DISPLACEMENT})(?:\s+(?:${KIND}|${POWER}))*|${POWER})(?=[\s,;)]|$)`,
  'u',
);
const ODOMETER = /(?<!\S)(?:\d{1,3}(?:[.,' ]\d{3}){1,2}|\d{2,6})\s?(?:km|kms|mi|miles)\b/iu;

/**
 * The makes that a column of vehicles shows: first words that stand before different models.
 *
 * @param cells of the column
 * @param known makes the shop has
 * @returns makes, the longest first
 * @example makesIn(['Norvik Tessa', 'Norvik Fjell', 'Norvik Tessa'], []) // ['Norvik']
 */
export function makesIn(cells: readonly string[], known: readonly string[]): string[] {
  const after = new Map<string, { name: string; times: number; next: Set<string> }>();
  for (const cell of cells) {
    const words = plain(cell).split(' ').filter(Boolean);
    // "Brandt & Kole K7": what an "and" joins is one name.
    const length = words.length > 3 && /^(?:&|and|\+)$/i.test(words[1]!) ? 3 : 1;
    if (words.length <= length) continue;
    const name = words.slice(0, length).join(' ');
    if (!/^\p{L}/u.test(name)) continue;
    const seen = after.get(name.toLowerCase()) ?? { name, times: 0, next: new Set<string>() };
    seen.times++;
    seen.next.add(words[length]!.toLowerCase());
    after.set(name.toLowerCase(), seen);
  }
  const shown = [...after.values()].filter((s) => s.next.size >= 2 || s.times >= 3).map((s) => s.name);
  return [...new Map([...shown, ...known.filter(Boolean)].map((m) => [m.toLowerCase(), m])).values()].sort(
    (a, b) => b.length - a.length,
  );
}

const plain = (cell: string): string =>
  cell
    .replace(ODOMETER, ' ')
    .replace(SPAN, ' ')
    .replace(YEAR, ' ')
    .replace(ENGINE, ' ')
    .replace(/[\s,/]+/gu, ' ')
    .trim();

/** A year of two figures, where it can only be of one century. */
function fullYear(year: string): number | undefined {
  if (year.length === 4) return Number(year);
  if (Number(year) <= 35) return 2000 + Number(year);
  return Number(year) >= 60 ? 1900 + Number(year) : undefined;
}

/**
 * Takes a vehicle's description apart. What is not plainly a make stays with the model; a span of years tells none.
 *
 * @param cell as written: "2014 Norvik Tessa 1.6 petrol"
 * @param makes from `makesIn`
 * @returns year, make, model and engine, empty where it does not say
 * @example readVehicleWords('2014 Norvik Tessa 1.6', ['Norvik']) // its year, make, model and engine
 */
export function readVehicleWords(cell: string, makes: readonly string[]): VehicleWords {
  if (NONE.test(cell.trim())) return { year: undefined, make: '', model: '', engine: '' };
  const single = cell.replace(ODOMETER, ' ').replace(SPAN, ' ');
  const [, long, short] = YEAR.exec(single) ?? [];
  const year = long ?? short;
  const engine = ENGINE.exec(single.replace(YEAR, ' '))?.[0]?.trim() ?? '';
  const rest = plain(cell);
  const make = makes.find((m) => {
    const head = rest.slice(0, m.length + 1).toLowerCase();
    return head === m.toLowerCase() || head === `${m.toLowerCase()} `;
  });
  return {
    year: year === undefined ? undefined : fullYear(year),
    make: make ?? '',
    model: make === undefined ? rest : rest.slice(make.length).trim(),
    engine,
  };
}
