import { SAME_WORDS, WORD_GROUPS } from './thesaurus';

/** Words of a sentence brought to one plain form each, before anything is looked for in it. */

export const SMALL = new Set(
  'the a an of in on at to is it its my i and or when while with for by be has have had then that this was are from if after'.split(
    ' ',
  ),
);
/** "Not when it starts": it takes back what follows as a circumstance, and makes no symptom of it ("no start"). */
export const NOT_WHEN = 'not-when';
export const NEGATIONS = new Set(['not', 'no', 'never', 'without', 'longer', 'neither', 'nor', NOT_WHEN]);

/**
 * Splits a sentence into plain tokens: lower case, contractions opened, simple endings taken off.
 *
 * @returns tokens in order, each with its original word
 * @example tokens("Won't start!") // [{ word: "Won't", token: 'not' }, { word: 'start', token: 'start' }]
 */
export function tokens(text: string): { word: string; token: string }[] {
  const out: { word: string; token: string }[] = [];
  for (const word of text
    .normalize('NFKC')
    .replace(/[’`´]/g, "'")
    .match(/[\p{L}\p{N}][\p{L}\p{N}'/&-]*/gu) ?? [])
    for (const token of tokensOf(word)) out.push({ word, token });
  return out;
}

function tokensOf(word: string): string[] {
  const w = word.toLowerCase();
  if (NOT.test(w)) return ['not'];
  return w
    .replace(/'s?$|'/g, '')
    .split(/[-/&]/)
    .filter(Boolean)
    .map(stem);
}
const NOT =
  /^(won't|can't|cannot|doesn't|don't|isn't|didn't|wouldn't|couldn't|aren't|hasn't|haven't|hadn't|wasn't|weren't|shouldn't|ain't)$/;

/** Takes simple English endings off, enough to meet "stalls", "stalled" and "stalling". */
export function stem(w: string): string {
  if (/^(will|does|do|did|would)$/.test(w)) return '';
  if (w === 'wont' || w === 'doesnt' || w === 'dont' || w === 'cant' || w === 'refuses') return 'not';
  if (IRREGULAR.has(w)) return IRREGULAR.get(w)!;
  if (w.length > 5 && w.endsWith('ies')) return w.slice(0, -3) + 'y';
  if (w.length > 5 && w.endsWith('ing')) return undouble(w.slice(0, -3));
  if (w.length > 4 && w.endsWith('ed')) return undouble(w.slice(0, -2));
  if (w.length > 4 && /(ss|sh|ch|x|zz)es$/.test(w)) return w.slice(0, -2);
  if (w.length > 3 && w.endsWith('s') && !/(ss|us|is)$/.test(w)) return dropE(w.slice(0, -1));
  return dropE(w);
}
const undouble = (w: string) => dropE(/([bdgmnprt])\1$/.test(w) ? w.slice(0, -1) : w);
const dropE = (w: string) => (w.length > 4 && w.endsWith('e') ? w.slice(0, -1) : w);

/** Past forms that no ending gives away. */
const IRREGULAR = new Map(
  Object.entries({
    shook: 'shak',
    shaken: 'shak',
    lost: 'lose',
    losing: 'lose',
    loses: 'lose',
    stuck: 'stuck',
    went: 'go',
    gone: 'gone',
    goes: 'go',
    going: 'go',
    ran: 'run',
    died: 'die',
    dying: 'die',
    dies: 'die',
    drank: 'drink',
    froze: 'freez',
    frozen: 'freez',
    smelt: 'smell',
    blew: 'blow',
    blown: 'blow',
    sank: 'sink',
    stank: 'stink',
    ground: 'ground',
    took: 'take',
    came: 'come',
    cutting: 'cut',
    cuts: 'cut',
  }),
);

/** The word that stands for each word of the thesaurus, both as plain tokens. */
const CANON = new Map<string, string>();
for (const [first, ...others] of SAME_WORDS)
  for (const word of others) {
    const [from, to] = [stem(word), stem(first!)];
    if (from !== to && !CANON.has(from)) CANON.set(from, to);
  }
const GROUPS = new Map<string, { rest: string[]; to: string }[]>();
for (const [words, to] of WORD_GROUPS) {
  const [first, ...rest] = words.split(' ').map(stem);
  GROUPS.set(first!, [...(GROUPS.get(first!) ?? []), { rest, to: stem(to) }]);
}

/** Words of those groups: by themselves they stand in no phrase, and are no misspelling of one that does. */
export const GROUPED: ReadonlySet<string> = new Set(
  [...GROUPS].flatMap(([first, groups]) => [first, ...groups.flatMap((g) => g.rest)]),
);

/**
 * Brings plain tokens to the words that stand for them: "conks" and "cuts out" are "stall", "hood" is
 * "bonnet". A group of words becomes one; the places of its other words are left empty.
 *
 * @param plain tokens as `tokens` gives them
 * @returns as many tokens, some empty
 */
export function canonical(plain: readonly string[]): string[] {
  const out: string[] = [];
  for (let i = 0; i < plain.length; i++) {
    const group = GROUPS.get(plain[i]!)?.find((g) => g.rest.every((t, k) => plain[i + 1 + k] === t));
    if (group) {
      out.push(group.to, ...group.rest.map(() => ''));
      i += group.rest.length;
    } else out.push(CANON.get(plain[i]!) ?? plain[i]!);
  }
  return out;
}

/**
 * Whether two words are within so many letters put in, left out, changed or swapped with a neighbour
 * (optimal string alignment distance).
 */
export function nearWord(a: string, b: string, most: number): boolean {
  if (Math.abs(a.length - b.length) > most) return false;
  let last2: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      let d = Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + cost);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        d = Math.min(d, last2[j - 2]! + 1);
      row.push(d);
    }
    last2 = last;
    last = row;
  }
  return last[b.length]! <= most;
}

/** With one of these behind it a name is the name of another part: a knock sensor, a fuel shut-off valve. */
const DEVICES = new Set(
  'sensor switch solenoid relay regulator resistor actuator ratio mat module unit cable connector plug socket bulb valve mount gasket separator hose pipe strainer'
    .split(' ')
    .map(stem),
);

/**
 * Whether a word names a device that takes the words before it for its own name.
 *
 * @param word as written or as a plain token
 * @example isDevice('Sensors') // true
 */
export const isDevice = (word: string): boolean => DEVICES.has(stem(word.toLowerCase()));
