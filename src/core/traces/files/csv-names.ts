import { figureText, isUnit, isUnitWord } from './figure-text';

const UNIT_CELL = /^[([]?\s*([a-zµμ°Ω%/²³·0-9^*-]{1,12})\s*[)\]]?$/i;
const IN_BRACKETS = /^(.*?)\s*[([]([^()[\]]{1,14})[)\]]\s*$/;
const LONGEST_NAME = 200;
const MOST_TOLD_APART = 200;
/** Header rows that are looked at, from the figures upwards. */
const HEADERS = 5;
/** Letters that tell things apart differ; the same one behind several names is their unit. */
const AMPERES = /\s+A$/;

/** Name and unit of a cell such as `Rail pressure (bar)`, `Engine speed, rpm` or `Pedal %`. */
export function nameAndUnit(long: string): { name: string; unit: string } {
  const cell = long.slice(0, LONGEST_NAME);
  const inside = IN_BRACKETS.exec(cell);
  if (inside && inside[1] !== '') return { name: inside[1]!, unit: inside[2]! };
  const comma = /^(.+?)\s*,\s*(\S+)$/.exec(cell);
  if (comma && isUnit(comma[2]!)) return { name: comma[1]!, unit: comma[2]! };
  // A single letter may be the name's own ("sensor A"), unless it is what such a thing is measured in.
  const own = /^(.*(?:current|strom|amps))\s+(A)$|^(.*[a-zäöü]{2}[\d_]*)\s+(V)$/i.exec(cell);
  if (own) return { name: (own[1] ?? own[3])!, unit: (own[2] ?? own[4])! };
  const last = /^(.+?)[,\s]+(\S+)$/.exec(cell);
  if (last && isUnitWord(last[2]!)) return { name: last[1]!.replace(/,$/, ''), unit: last[2]! };
  return { name: cell, unit: '' };
}

/** Names that stand once each: where two channels are called alike, another header row or a number tells them apart. */
function apart(names: readonly string[], others: readonly string[][]): string[] {
  const places = new Map<string, number[]>();
  for (const [i, name] of names.entries()) places.set(name, [...(places.get(name) ?? []), i]);
  return names.map((name, i) => {
    const alike = places.get(name)!;
    if (alike.length < 2 || names.length > MOST_TOLD_APART) return name;
    const telling = others.find((r) => new Set(alike.map((k) => r[k] ?? '')).size === alike.length && r[i]);
    const place = alike.indexOf(i) + 1;
    if (telling) return `${name} ${telling[i]!}`;
    if (place === 1) return name;
    return `${name} ${place}`;
  });
}

/**
 * Names and units from however many header rows stand above the figures.
 *
 * @param above cells of the lines above, in order
 * @param first the first row of figures, which may carry units
 */
export function namesAbove(
  above: readonly string[][],
  first: readonly string[],
  columns: number,
  decimal: '.' | ',',
): { name: string; unit: string }[] {
  const rows = above
    .filter(
      (r) =>
        r.length <= columns &&
        r.length >= Math.max(1, columns - 1) &&
        r.some((c) => c !== '') &&
        !r.some((c) => figureText(c, decimal)?.plain),
    )
    .slice(-HEADERS);
  const filled = (r: readonly string[]) => r.filter((c) => c !== '');
  const unitsOnly = (r: readonly string[]) => filled(r).every((c) => isUnit(c));
  // A row of short words under another row is units too, even ones that are not known.
  const units =
    rows.findLast(unitsOnly) ??
    (rows.length > 1 &&
    filled(rows.at(-1)!).every((c) => UNIT_CELL.test(c)) &&
    rows.at(-1)!.length === columns
      ? rows.at(-1)
      : undefined);
  const rest = rows.filter((r) => r !== units);
  const letters = (r: readonly string[]) => new Set(filled(r)).size + filled(r).join('').length / 1e4;
  const names = rest.reduce<string[] | undefined>(
    (a, b) => (!a || letters(b) > letters(a) + 1e-9 ? b : a),
    undefined,
  );
  const split = Array.from({ length: columns }, (_, i) => {
    const raw = names?.[i] ?? '';
    const own = units?.[i] ? { name: raw, unit: UNIT_CELL.exec(units[i])?.[1] ?? '' } : nameAndUnit(raw);
    const behind = own.unit === '' ? (figureText(first[i] ?? '', decimal)?.unit ?? '') : '';
    return {
      name: own.name.slice(0, 110) || (columns === 1 ? 'channel' : `column ${i + 1}`),
      unit: (own.unit || behind).slice(0, 40),
    };
  });
  const amperes = split.filter((s) => AMPERES.test(s.name) && s.unit === '');
  if (amperes.length > 1)
    for (const s of amperes) Object.assign(s, { name: s.name.replace(AMPERES, ''), unit: 'A' });
  const told = apart(
    split.map((s) => s.name),
    rest.filter((r) => r !== names),
  );
  return split.map((s, i) => ({ ...s, name: told[i]! }));
}
