import { bisector } from 'd3-array';
import { DOING } from './doing';
import { namesAPart } from './phrases';
import { THINGS } from './things';
import { canonical, SMALL, stem, tokens } from './words';

/** The tables of things and of what they do, drawn up for finding them in a sentence. */

/** A way of saying, as tokens; one with "=" is held against the very word. */
type Way = readonly { token: string; exact: boolean }[];
export interface Thing {
  way: Way;
  /** The symptom by what the thing does. */
  does: Map<string, string>;
}
export interface Found<T> {
  what: T;
  from: number;
  to: number;
  /** Places of the words that said it. */
  at: number[];
  /** Whether it was met by the very word, not by one that stands for others. */
  exact: boolean;
}

/** Where among the things, in their order, a place lies: the first that ends behind it. */
export const endsBehind = bisector((t: Found<Thing>) => t.to).right;

/** What only means that there is something wrong with a thing. */
const ANY =
  'dead stuck alone stays cuts stalls erratic wrong slow weak noise whines rattles clicks flickers fault'.split(
    ' ',
  );
/** Words that say how much or how often and stand between anything. */
const ADVERBS = new Set(
  'really always even just very so quite all right any more again too often usually only properly now still suddenly completely totally also almost nearly real pretty bit little both fully sometimes either ever make made get got want try sound'
    .split(' ')
    .map(stem),
);
const way = (text: string): Way => {
  const marked = text
    .trim()
    .split(/\s+/)
    .map((w) => ({ word: w.replace(/^=/, ''), exact: w.startsWith('=') }));
  if (marked.some((m) => m.exact))
    return marked.map((m) =>
      m.exact ? { token: m.word, exact: true } : { token: canonical([stem(m.word)])[0]!, exact: false },
    );
  return canonical(tokens(text).map((t) => t.token))
    .filter((t) => t !== '' && !['the', 'a', 'an'].includes(t))
    .map((token) => ({ token, exact: false }));
};

const rows = (table: string) => table.trim().split('\n');
const parts = (text: string) =>
  text
    .split(';')
    .map((p) => p.trim())
    .filter(Boolean);

/** By the first word of a way, exact words with "=" before them. */
type Index<T> = Map<string, { way: Way; what: T }[]>;
function put<T>(index: Index<T>, w: Way, what: T): void {
  const first = w[0]!.exact ? `=${w[0]!.token}` : w[0]!.token;
  const list = index.get(first);
  if (list) list.push({ way: w, what });
  else index.set(first, [{ way: w, what }]);
}

let drawn: { things: Index<Thing>; doing: Index<string> } | undefined;
/** Both tables by the first word of each way; drawn up when the first sentence comes. */
export function tables() {
  if (drawn) return drawn;
  const byWay = new Map<string, Thing>();
  for (const row of rows(THINGS)) {
    const [names = '', does = ''] = row.split('|');
    const pairs = parts(does).flatMap((d) => {
      const [how = '', id = ''] = d.split(':').map((x) => x.trim());
      return how
        .split(' ')
        .flatMap((h) => (h === 'any' ? ANY : [h]))
        .map((h) => [h, id] as const);
    });
    for (const name of parts(names)) {
      const w = way(name);
      const key = w.map((t) => (t.exact ? `=${t.token}` : t.token)).join(' ');
      const thing = byWay.get(key) ?? { way: w, does: new Map<string, string>() };
      for (const [h, id] of pairs) if (!thing.does.has(h)) thing.does.set(h, id);
      byWay.set(key, thing);
    }
  }
  const things: Index<Thing> = new Map();
  for (const thing of byWay.values()) put(things, thing.way, thing);
  const doing: Index<string> = new Map();
  for (const row of rows(DOING)) {
    const [name = '', ways = ''] = row.split('|').map((p) => p.trim());
    for (const w of parts(ways)) put(doing, way(w), name);
  }
  drawn = { things, doing };
  return drawn;
}

/**
 * Every word the tables are made of.
 *
 * @returns plain tokens, some more than once
 */
export function frameTokens(): string[] {
  const { things, doing } = tables();
  return [...things.values(), ...doing.values()].flat().flatMap((x) => x.way.map((t) => t.token));
}

let named: Set<string> | undefined;
/** Every word that the name of a thing is made of, as plain tokens. */
export function thingWords(): ReadonlySet<string> {
  named ??= new Set([...tables().things.values()].flat().flatMap((t) => t.way.map((w) => w.token)));
  return named;
}

/** All ways that begin at a place, the words in order with nothing of weight between. */
export function startingAt<T>(
  index: Index<T>,
  sentence: readonly string[],
  words: readonly string[],
  i: number,
): Found<T>[] {
  const out: Found<T>[] = [];
  for (const { way: w, what } of [
    ...(index.get(sentence[i]!) ?? []),
    ...(index.get(`=${words[i]!}`) ?? []),
  ]) {
    const at = [i];
    let k = i;
    let met = true;
    for (const t of w.slice(1)) {
      let next = k + 1;
      while (next <= k + 3 && !says(sentence, words, next, t) && passedOver(sentence[next])) next++;
      if (!says(sentence, words, next, t)) {
        met = false;
        break;
      }
      at.push(next);
      k = next;
    }
    if (met) out.push({ what, from: i, to: k + 1, at, exact: isExact(w) });
  }
  return out;
}
const says = (sentence: readonly string[], words: readonly string[], i: number, t: Way[number]): boolean =>
  t.exact ? words[i] === t.token : sentence[i] === t.token;
/** Whether a token may stand between the words of a way of saying: a small word, or one of how much and how often. */
export const passedOver = (t: string | undefined): boolean =>
  t !== undefined && (t === '' || SMALL.has(t) || ADVERBS.has(t));

/**
 * The things a sentence names, the longest name at each place.
 *
 * @param sentence plain tokens, `|` between clauses
 * @param words the words they came from, lower case, one each
 * @returns things in order, with what each does
 */
export function thingsIn(sentence: readonly string[], words: readonly string[]): Found<Thing>[] {
  const things: Found<Thing>[] = [];
  for (let i = 0; i < sentence.length; i++) {
    if (sentence[i] === '' || sentence[i] === '|') continue;
    // The regulator of a window is no window.
    const all = startingAt(tables().things, sentence, words, i).filter((t) => !namesAPart(sentence, t));
    if (all.length === 0) continue;
    const most = Math.max(...all.map((t) => t.at.length));
    // The same words may be a lamp on the dash and lights at the back: the very word goes first.
    const same = all.filter((t) => t.at.length === most).sort((x, y) => Number(y.exact) - Number(x.exact));
    // "Water" may be rain: what is said of coolant holds only where its own row says so.
    const exact = same.filter((t) => t.exact);
    const does = new Map((exact.length > 0 ? exact : same).toReversed().flatMap((t) => [...t.what.does]));
    things.push({ ...same[0]!, what: { way: same[0]!.what.way, does } });
    i = same[0]!.to - 1;
  }
  return things;
}
const isExact = (w: Way): boolean => w.some((t) => t.exact);
