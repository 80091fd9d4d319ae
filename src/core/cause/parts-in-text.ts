import type { CatalogueItem } from '@/core/case';
import type { Catalogue } from './catalogue';

/** A part or failure of the shop's list where a text names it. */
export interface Named {
  item: CatalogueItem;
  /** Words of the text, the first and one past the last. */
  from: number;
  to: number;
}

/** Abbreviations shops write, as the words of the list. Common practice, no source. */
const SHORT: Record<string, string> = {
  temp: 'temperature',
  cam: 'camshaft',
  crank: 'crankshaft',
  vac: 'vacuum',
  alt: 'alternator',
  o2: 'oxygen',
  press: 'pressure',
  trans: 'transmission',
  reg: 'regulator',
  htr: 'heater',
  inj: 'injector',
  conn: 'connector',
  rad: 'radiator',
  cat: 'catalytic',
  diff: 'differential',
  accel: 'accelerator',
  pos: 'position',
  brg: 'bearing',
  loom: 'harness',
  leakage: 'leak',
};

/** A word as it is compared: lower case, without plural, an abbreviation written out. */
function wordOf(raw: string): string {
  const w = raw.toLowerCase();
  const long = SHORT[w] ?? w;
  // "Batteries", "switches", "boxes".
  if (long.length > 4 && /[^aeiou]ies$/.test(long) && long !== 'series') return `${long.slice(0, -3)}y`;
  if (/(?:[cs]h|x|ss)es$/.test(long)) return long.slice(0, -2);
  // "Gas" and "bias" are no plurals, "cameras" is one.
  const plural = long.length > 3 && /[^s]s$/.test(long) && !/(?:us|is|^.{0,3}as)$/.test(long);
  return plural ? long.slice(0, -1) : long;
}

/**
 * A name with its abbreviations written out, each word as it is compared.
 *
 * @example writtenOut('Coolant temp sensors') // 'coolant temperature sensor'
 */
export const writtenOut = (name: string): string =>
  wordsIn(name)
    .map((w) => w.word)
    .join(' ');

/**
 * The words of a text, for finding names in it.
 *
 * @returns each word as it is compared, with its place in the text
 * @example wordsIn('Cam sensors').map((w) => w.word) // ['camshaft', 'sensor']
 */
export function wordsIn(text: string): { word: string; at: number; end: number }[] {
  return [...text.matchAll(/[\p{L}\p{N}]+/gu)].map((m) => ({
    word: wordOf(m[0].normalize('NFKD').replace(/\p{M}/gu, '')),
    at: m.index,
    end: m.index + m[0].length,
  }));
}

type Names = Map<string, { words: string[]; item: CatalogueItem }[]>;
const kept = new WeakMap<Catalogue, Record<CatalogueItem['kind'], Names>>();

/** All names of the list by their first word, the longest first; drawn up once for each list. */
function namesOf(catalogue: Catalogue, kind: CatalogueItem['kind']): Names {
  let both = kept.get(catalogue);
  if (!both) {
    both = { part: new Map(), failure: new Map() };
    for (const item of catalogue.items)
      for (const name of [item.name, ...item.synonyms]) {
        const words = wordsIn(name).map((w) => w.word);
        if (words.length === 0) continue;
        const list = both[item.kind].get(words[0]!);
        if (list) list.push({ words, item });
        else both[item.kind].set(words[0]!, [{ words, item }]);
      }
    for (const names of Object.values(both))
      for (const list of names.values()) list.sort((a, b) => b.words.length - a.words.length);
    kept.set(catalogue, both);
  }
  return both[kind];
}

/**
 * Every part or failure of the shop's list that a text names, in order; of names that overlap, the longest.
 *
 * @param words of the text, from `wordsIn`
 * @param catalogue the shop's list
 * @param kind part or failure
 * @returns entries with their places, merged ones as those that took them over
 * @example namedIn(wordsIn('cam sensor loose'), the shop’s list, 'part') // the camshaft sensor
 */
export function namedIn(
  words: readonly { word: string }[],
  catalogue: Catalogue,
  kind: CatalogueItem['kind'],
): Named[] {
  const names = namesOf(catalogue, kind);
  const found: Named[] = [];
  for (let i = 0; i < words.length;) {
    const hit = names.get(words[i]!.word)?.find((n) => n.words.every((w, k) => words[i + k]?.word === w));
    const item = hit && catalogue.resolve(hit.item.id);
    if (hit && item) found.push({ item, from: i, to: i + hit.words.length });
    i += hit ? hit.words.length : 1;
  }
  return found;
}
