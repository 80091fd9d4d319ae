import { CONDITIONS, conditionLabel } from './conditions';
import { symptomById } from './names';
import { SYMPTOMS } from './vocabulary';
import { canonical, nearWord, NEGATIONS, SMALL, stem, tokens } from './words';

export { stem, tokens } from './words';

interface SymptomHit {
  id: string;
  label: string;
  /** Token positions in the sentence, first and one past the last. */
  from: number;
  to: number;
  /** The words of the sentence that said it. */
  words: string;
  negated: boolean;
}

export interface SentenceReading {
  symptoms: SymptomHit[];
  conditions: SymptomHit[];
  frequency: '' | 'always' | 'intermittent' | 'once';
  /** Words that belong to no symptom, condition or frequency, in order. */
  rest: string[];
}

/** A word or phrase a shop has taught: what it means, by its concept. */
export interface TaughtWord {
  of: 'symptom' | 'condition';
  concept: string;
  words: string;
}

interface Phrase {
  id: string;
  label: string;
  tokens: string[];
  /** How many other words of weight may stand between two of its tokens. */
  gap: number;
  /** Words of weight in it, small ones for a tenth. */
  weight: number;
  negative: boolean;
}
type Hit = Phrase & { from: number; to: number };

const ARTICLES = new Set(['the', 'a', 'an', 'my', 'it', 'its']);
/** How many words a phrase may be spread over when its words come in another order. */
const SPREAD = 7;
const MOST_CORRECTED = 5000;
const MOST_KEPT = 4000;
/** Comma, full stop and the like, but not within a number. */
const CLAUSE_END = /[,;.!?\n](?!\d)/;
const WALL = Array.from({ length: SPREAD }, () => ({ word: '', token: '|' }));

/**
 * A phrase as the tokens that must be met in order. One with a single word of weight ("at the
 * lights") keeps its small words, and nothing may stand between.
 */
function phrase(id: string, label: string, text: string): Phrase {
  const all = canonical(tokens(text).map((t) => t.token)).filter(Boolean);
  const content = all.filter((t) => !SMALL.has(t));
  const loose = content.length >= 2;
  return {
    id,
    label,
    tokens: loose ? content : all.filter((t) => !ARTICLES.has(t)),
    gap: loose ? 2 : 0,
    weight: content.length + (all.length - content.length) / 10,
    negative: all.some((t) => NEGATIONS.has(t)),
  };
}

/** All phrases that ship; of those that follow a pattern only what nobody claimed by hand for another symptom. */
function shippedPhrases(): Phrase[] {
  const out = SYMPTOMS.flatMap((s) => s.says.map((p) => phrase(s.id, s.label, p)));
  const key = (p: Phrase) => [...p.tokens].sort().join(' ');
  const claimed = new Map(out.map((p) => [key(p), p.id]));
  for (const s of SYMPTOMS)
    for (const say of s.patterned) {
      // Nothing may stand between: a heater hose that is broken is no dead heater.
      const p = { ...phrase(s.id, s.label, say), gap: 0 };
      const k = key(p);
      if (!claimed.has(k)) {
        claimed.set(k, s.id);
        out.push(p);
      }
    }
  return out;
}

const FREQUENCY: readonly [RegExp, SentenceReading['frequency']][] = [
  [/\b(always|every time|constantly|permanent(ly)?|all the time)\b/i, 'always'],
  [
    /\b(sometimes|intermittent(ly)?|occasional(ly)?|now and then|random(ly)?|from time to time|on and off|sporadic(ally)?|comes and goes)\b/i,
    'intermittent',
  ],
  [/\b(once|one time|just the once|a single time)\b/i, 'once'],
];

/** "The engine light is off again" takes a lamp back; "won't go off" does not. */
const wentOff = (before: string[], after: string[]): boolean =>
  ['off', 'out'].includes(after[0] ?? '') && ![...before, ...after].some((t) => NEGATIONS.has(t));

/** "It rattled, but the new chain fixed it" within one clause. */
const fixedIt = (after: string[]): boolean => {
  const wall = after.indexOf('|');
  const clause = wall < 0 ? after : after.slice(0, wall);
  return clause.some((t, i) => CURED.has(t) && ['it', 'that', 'this'].includes(clause[i + 1] ?? ''));
};

/** "Stalls hot but fine when cold": when it is fine is no circumstance of the trouble. */
const allIsWell = (sentence: string[], from: number): boolean => {
  const before = sentence.slice(Math.max(0, from - 3), from);
  const wall = before.lastIndexOf('|');
  return before.slice(wall + 1).some((t, i, list) => WELL.has(t) && !NEGATIONS.has(list[i - 1] ?? ''));
};
const WELL = new Set('fine ok okay good normal perfect alright well'.split(' ').map(stem));

/** "It used to stall": that is over. */
const usedTo = (sentence: string[], from: number): boolean => {
  const before = sentence.slice(Math.max(0, from - 3), from);
  return before.some((t, i) => /^us(?:ed?)?$/.test(t) && before[i + 1] === 'to');
};

/** Conditions that stay when a symptom's own phrase says them: they say nothing of the symptom itself. */
const STAYS = new Set(['load', 'acceleration', 'bumps', 'rain', 'low-speed', 'high-speed', 'turning']);
/** Said after a symptom, these take it back: "the rattle has gone". */
const CURED = new Set(
  'gone cur cured fix fixed disappear vanish solv replac repair renew exchang'.split(' '),
);

/** The shipped vocabulary with a shop's own words over it. */
export class Vocabulary {
  private symptoms: Map<string, Phrase[]> = new Map();
  private conditions: Map<string, Phrase[]> = new Map();
  private known: Set<string> = new Set();
  private drawnUp = false;
  private readonly implied = new Map<string, Set<string>>();
  private readonly corrected = new Map<string, string>();
  private readonly sentences = new Map<string, SentenceReading>();
  private speaks: Map<string, Map<string, number>> | undefined;

  /** @param taught words the shop added; one with an unknown concept is passed over */
  constructor(readonly taught: readonly TaughtWord[] = []) {}

  /** Draws its phrases up when the first sentence comes: most pages that load it read none. */
  private drawUp(): void {
    if (this.drawnUp) return;
    this.drawnUp = true;
    const { taught } = this;
    const own = (of: TaughtWord['of'], label: (id: string) => string | undefined): Phrase[] =>
      taught.flatMap((t) => {
        const name = t.of === of ? label(t.concept) : undefined;
        return name === undefined ? [] : [phrase(t.concept, name, t.words)];
      });
    const symptoms = [...own('symptom', (id) => symptomById(id)?.label), ...shippedPhrases()];
    const conditions = [
      ...own('condition', conditionLabel),
      ...CONDITIONS.flatMap((c) => c.says.map((p) => phrase(c.id, c.label, p))),
    ];
    this.known = new Set([...symptoms, ...conditions].flatMap((p) => p.tokens));
    this.symptoms = byRarest(symptoms);
    this.conditions = byRarest(conditions);
    for (const s of SYMPTOMS)
      this.implied.set(
        s.id,
        new Set(find(this.plain(s.label).tokens, this.conditions).kept.map((c) => c.id)),
      );
  }

  /**
   * Reads a sentence, in anyone's words, into symptoms, conditions and how often. Misspellings within
   * one or two letters are met, and words that mean the same; "no longer stalls" is read as negated.
   *
   * @param text the sentence
   * @returns what was understood, and the words left over
   * @example new Vocabulary().read('winds over all day without firing').symptoms[0].id // 'no-start'
   */
  read(text: string): SentenceReading {
    this.drawUp();
    const known = this.sentences.get(text);
    if (known) return known;
    const reading = this.readAnew(text);
    // The same few words come again and again: in lists, while one types, in files of many cases.
    if (this.sentences.size >= MOST_KEPT) this.sentences.clear();
    if (text.length < 200) this.sentences.set(text, reading);
    return reading;
  }

  private readAnew(text: string): SentenceReading {
    const { list, tokens: plain } = this.plain(text);
    const { kept: symptoms, again } = find(plain, this.symptoms);
    const when = find(plain, this.conditions);
    const used = new Set<number>();
    const conditions = when.kept.filter((c) => {
      if (allIsWell(plain, c.from)) {
        for (let i = c.from; i < c.to; i++) used.add(i);
        return false;
      }
      const inside = symptoms.find((s) => c.from >= s.from && c.to <= s.to);
      // One word may belong to the symptom ("hot wheel"); "when braking" says when.
      const says = STAYS.has(c.id) || c.to - c.from > 1;
      return !inside || (says && !this.implied.get(inside.id)?.has(c.id));
    });
    const saidBy = (i: number) => symptoms.some((s) => i >= s.from && i < s.to);
    // What is said twice is understood twice, and counts once.
    for (const h of [...again, ...when.again]) for (let i = h.from; i < h.to; i++) used.add(i);
    const hit = (h: Hit, of: 'symptom' | 'condition'): SymptomHit => {
      for (let i = h.from; i < h.to; i++) used.add(i);
      // The "no" of "no start" is the symptom's own: it takes no circumstance back.
      const before = plain
        .slice(Math.max(0, h.from - 2), h.from)
        .map((t, i, list) => (of === 'condition' && saidBy(h.from - list.length + i) ? '' : t));
      const after = plain.slice(h.to, h.to + 3);
      const negated =
        !h.negative &&
        (before.some((t) => NEGATIONS.has(t)) ||
          after.some((t) => CURED.has(t)) ||
          usedTo(plain, h.from) ||
          fixedIt(plain.slice(h.to, h.to + SPREAD + 2)) ||
          (plain.slice(h.from, h.to).includes('lamp') && wentOff(before, after)));
      const words = [...new Set(list.slice(h.from, h.to).map((t) => t.word))].join(' ');
      return { id: h.id, label: h.label, from: h.from, to: h.to, words, negated };
    };
    return {
      symptoms: symptoms.map((s) => hit(s, 'symptom')),
      conditions: conditions.map((c) => hit(c, 'condition')),
      frequency: FREQUENCY.find(([p]) => p.test(text))?.[1] ?? '',
      rest: [
        ...new Set(
          list
            .filter((t, i) => t.word !== '' && !used.has(i) && !SMALL.has(t.token) && !NEGATIONS.has(t.token))
            .map((t) => t.word),
        ),
      ],
    };
  }

  /**
   * The symptom that leftover words most likely mean, by the company they keep in the vocabulary: each
   * word speaks for the concepts it is used for, rare words more. A guess, to be shown as one.
   *
   * @param text words that `read` did not understand
   * @returns the concept, or undefined when no concept stands clearly before the others
   * @example new Vocabulary().guess('terribly sooty')?.id // 'black-smoke'
   */
  guess(text: string): { id: string; label: string; words: string } | undefined {
    this.drawUp();
    // A misspelling is brought back where the whole phrase bears it out, not for a guess.
    const list = tokens(text).filter((t) => t.token !== '');
    const plain = canonical(list.map((t) => t.token));
    const scores = new Map<string, number>();
    const speakers = new Map<string, Set<string>>();
    const said: string[] = [];
    this.speaks ??= speaking(this.symptoms);
    for (const [i, token] of plain.entries()) {
      const speaks = this.speaks.get(token);
      if (!speaks) continue;
      said.push(list[i]!.word);
      for (const [id, points] of speaks) {
        scores.set(id, (scores.get(id) ?? 0) + points);
        if (points >= GUESS.each) speakers.set(id, (speakers.get(id) ?? new Set()).add(token));
      }
    }
    const [first, second] = [...scores].sort((a, b) => b[1] - a[1]);
    if (!first || first[1] < GUESS.least || first[1] < GUESS.ahead * (second?.[1] ?? 0)) return undefined;
    // One word is company to nothing: of guesses that rested on one, none was right.
    if ((speakers.get(first[0])?.size ?? 0) < 2) return undefined;
    return { id: first[0], label: symptomById(first[0])?.label ?? first[0], words: said.join(' ') };
  }

  private plain(text: string): { list: { word: string; token: string }[]; tokens: string[] } {
    // What belongs together is said within one clause: nothing is met across its end.
    const list = text
      .split(CLAUSE_END)
      .flatMap((clause, i) => [...(i > 0 ? WALL : []), ...tokens(clause).filter((t) => t.token !== '')]);
    // A misspelt word first finds its word, then the one that stands for it.
    return { list, tokens: canonical(list.map((t) => this.correct(t.token))) };
  }

  /** Brings a misspelt token back to the one word of the vocabulary it is near to, if there is one. */
  private correct(token: string): string {
    if (this.known.has(token) || token.length < 5 || /\d/.test(token)) return token;
    if (canonical([token])[0] !== token) return token;
    const seen = this.corrected.get(token);
    if (seen !== undefined) return seen;
    let best = token;
    for (const k of this.known) {
      if (k.length < 4 || k[0] !== token[0]) continue;
      if (nearWord(token, k, token.length >= 9 ? 2 : 1)) {
        best = k;
        break;
      }
    }
    if (this.corrected.size > MOST_CORRECTED) this.corrected.clear();
    this.corrected.set(token, best);
    return best;
  }
}

/** When leftover words are clear enough for a guess: points of the best concept, beside the next, and of each of the two words it rests on. */
export const GUESS = { least: 2.2, ahead: 1.2, each: 0.8 };

/** For each word, how strongly it speaks for each concept: rarity of the word, by its share there. */
function speaking(phrases: Map<string, Phrase[]>): Map<string, Map<string, number>> {
  const counts = new Map<string, Map<string, number>>();
  const sizes = new Map<string, number>();
  for (const p of [...phrases.values()].flat()) {
    sizes.set(p.id, (sizes.get(p.id) ?? 0) + 1);
    for (const t of new Set(p.tokens)) {
      if (SMALL.has(t) || NEGATIONS.has(t)) continue;
      const by = counts.get(t) ?? new Map<string, number>();
      by.set(p.id, (by.get(p.id) ?? 0) + 1);
      counts.set(t, by);
    }
  }
  const speaks = new Map<string, Map<string, number>>();
  for (const [token, by] of counts) {
    const rarity = Math.log(sizes.size / by.size);
    const rates = [...by].map(([id, n]) => [id, n / (sizes.get(id)! + 2)] as const);
    const sum = rates.reduce((s, [, r]) => s + r, 0);
    speaks.set(token, new Map(rates.map(([id, r]) => [id, (rarity * r) / sum])));
  }
  return speaks;
}

/** Phrases by the one of their tokens that fewest phrases have, so that few are looked at. */
function byRarest(phrases: Phrase[]): Map<string, Phrase[]> {
  const count = new Map<string, number>();
  for (const p of phrases) for (const t of new Set(p.tokens)) count.set(t, (count.get(t) ?? 0) + 1);
  const map = new Map<string, Phrase[]>();
  for (const p of phrases) {
    const rarest = p.tokens.reduce((a, b) => (count.get(b)! < count.get(a)! ? b : a));
    const list = map.get(rarest);
    if (list) list.push(p);
    else map.set(rarest, [p]);
  }
  return map;
}

function find(sentence: string[], phrases: Map<string, Phrase[]>): { kept: Hit[]; again: Hit[] } {
  const at = new Map<string, number[]>();
  sentence.forEach((t, i) => t !== '' && at.set(t, [...(at.get(t) ?? []), i]));
  const hits: (Hit & { ordered: boolean })[] = [];
  for (const token of at.keys())
    for (const p of phrases.get(token) ?? []) {
      const found = inOrder(sentence, at, p).filter((f) => p.negative || !deniedWithin(sentence, f));
      if (found.length) hits.push(...found.map((f) => ({ ...p, ...f, ordered: true })));
      else {
        const spread = inAnyOrder(at, p);
        if (spread && !deniedWithin(sentence, spread)) hits.push({ ...p, ...spread, ordered: false });
      }
    }
  // The reading with most words wins, one in order before one that is not, then the tightest; what it
  // covers is not read again.
  hits.sort(
    (a, b) =>
      b.weight - a.weight ||
      Number(b.ordered) - Number(a.ordered) ||
      a.to - a.from - (b.to - b.from) ||
      a.from - b.from,
  );
  const kept: Hit[] = [];
  const again: Hit[] = [];
  for (const h of hits) {
    if ([...kept, ...again].some((k) => h.from < k.to && k.from < h.to)) continue;
    (kept.some((k) => k.id === h.id) ? again : kept).push(h);
  }
  return { kept: kept.sort((a, b) => a.from - b.from), again };
}

/** "Loses water but I see no puddle": what stands behind a "no" within it is not said. */
const deniedWithin = (sentence: string[], f: { from: number; to: number }): boolean =>
  sentence.slice(f.from + 1, f.to).some((t) => NEGATIONS.has(t));

/** The words in order, with few others slipped in between. */
function inOrder(sentence: string[], at: Map<string, number[]>, p: Phrase): { from: number; to: number }[] {
  const hits: { from: number; to: number }[] = [];
  for (const start of at.get(p.tokens[0]!) ?? []) {
    let end = start;
    let ok = true;
    for (const t of p.tokens.slice(1)) {
      const next = (at.get(t) ?? []).find((i) => i > end);
      if (next === undefined || contentBetween(sentence, end, next) > p.gap) {
        ok = false;
        break;
      }
      end = next;
    }
    if (ok) hits.push({ from: start, to: end + 1 });
  }
  return hits;
}

/** All words of a phrase close together in another order: "the boot is full of water". */
function inAnyOrder(at: Map<string, number[]>, p: Phrase): { from: number; to: number } | undefined {
  // Turning a phrase with "not" or "no" round changes what it denies.
  if (p.gap === 0 || p.negative) return undefined;
  for (const start of at.get(p.tokens[0]!) ?? []) {
    const places = p.tokens.map((t) =>
      (at.get(t) ?? []).reduce((a, b) => (Math.abs(b - start) < Math.abs(a - start) ? b : a), Infinity),
    );
    const [from, to] = [Math.min(...places), Math.max(...places)];
    if (to - from < SPREAD && new Set(places).size === places.length) return { from, to: to + 1 };
  }
  return undefined;
}

function contentBetween(sentence: string[], a: number, b: number): number {
  let n = 0;
  for (let i = a + 1; i < b; i++) if (sentence[i] !== '' && !SMALL.has(sentence[i]!)) n++;
  return n;
}

/** The vocabulary as it ships. */
export const SHIPPED = new Vocabulary();

/**
 * Reads a sentence with the shipped vocabulary alone.
 *
 * @example readSentence('winds over all day without firing').symptoms[0].id // 'no-start'
 */
export function readSentence(text: string): SentenceReading {
  return SHIPPED.read(text);
}
