import { CONDITIONS, conditionLabel } from './conditions';
import { conditionPhrases, saysWhen } from './circumstances';
import { frequencyIn, type Frequency } from './frequency';
import { isTakenBack } from './denial';
import { symptomById } from './names';
import { frameTokens } from './frame-tables';
import { readFrames } from './frames';
import { GUESS, speaking } from './guess';
import { ORDINARY } from './ordinary-words';
import { byRarest, find, phrase, shippedPhrases, type Hit, type Phrase } from './phrases';
import { weighed, type Perhaps } from './second-opinion';
import { SYMPTOMS } from './vocabulary';
import { walledClauses } from './walled-clauses';
import { canonical, GROUPED, nearWord, NEGATIONS, SMALL, stem, tokens } from './words';

export { GUESS } from './guess';
export { stem, tokens } from './words';

export interface SymptomHit {
  id: string;
  label: string;
  /** Token positions in the sentence, first and one past the last. */
  from: number;
  to: number;
  /** The words of the sentence that said it. */
  words: string;
  negated: boolean;
  /** No phrase says it, only all words together: enough for a complaint, not for a few words of a search. */
  byWords?: true;
}

export interface SentenceReading {
  /** What is said, or said not to be so. */
  symptoms: SymptomHit[];
  /** What may be said, to be asked: a phrase that the rest of the sentence does not bear out, or only the words. */
  perhaps: (SymptomHit & Pick<Perhaps, 'share' | 'said'>)[];
  conditions: SymptomHit[];
  frequency: Frequency;
  /** Words that belong to no symptom, condition or frequency, in order. */
  rest: string[];
}

/** A word or phrase a shop has taught: what it means, by its concept. */
export interface TaughtWord {
  of: 'symptom' | 'condition';
  concept: string;
  words: string;
}

const MOST_CORRECTED = 5000;
const MOST_KEPT = 4000;
/** "Stalls hot but fine when cold": when it is fine is no circumstance of the trouble. */
const allIsWell = (sentence: string[], from: number): boolean => {
  const before = sentence.slice(Math.max(0, from - 3), from);
  const wall = before.lastIndexOf('|');
  return before.slice(wall + 1).some((t, i, list) => WELL.has(t) && !NEGATIONS.has(list[i - 1] ?? ''));
};
const WELL = new Set('fine ok okay good normal perfect alright well'.split(' ').map(stem));

/** "Like driving over cobbles", "as if over bumps": what it is compared with is not when it happens. */
const isLikened = (sentence: string[], from: number): boolean => {
  const before = sentence.slice(Math.max(0, from - 3), from);
  const clause = before.slice(before.lastIndexOf('|') + 1);
  return clause.some((t, i) => t === 'like' || (t === 'as' && clause[i + 1] === 'if'));
};

/** Words of weight that were used for nothing, each once. */
const wordsLeft = (list: readonly { word: string; token: string }[], used: ReadonlySet<number>): string[] => [
  ...new Set(
    list
      .filter((t, i) => t.word !== '' && !used.has(i) && !SMALL.has(t.token) && !NEGATIONS.has(t.token))
      .map((t) => t.word),
  ),
];

/** Conditions that stay when a symptom's own phrase says them: they say nothing of the symptom itself. */
const STAYS = new Set(['load', 'acceleration', 'bumps', 'rain', 'low-speed', 'high-speed', 'turning']);
/** Together some milliseconds on a desk, some twenty on a tablet. */
const STEPS_AT_ONCE = 20;

/** The shipped vocabulary with a shop's own words over it. */
export class Vocabulary {
  private symptoms: Map<string, Phrase[]> = new Map();
  private conditions: Map<string, Phrase[]> = new Map();
  private readonly known: Set<string> = new Set();
  private readonly steps = this.drawnUpInSteps();
  private readonly implied = new Map<string, Set<string>>();
  private readonly corrected = new Map<string, string>();
  private readonly sentences = new Map<string, SentenceReading>();
  private speaks: Map<string, Map<string, number>> | undefined;

  /** @param taught words the shop added; one with an unknown concept is passed over */
  constructor(readonly taught: readonly TaughtWord[] = []) {}

  /** Draws its phrases up when the first sentence comes: most pages that load it read none. */
  private drawUp(): void {
    while (!this.steps.next().done);
  }

  /**
   * Draws its phrases up in small steps, before the first sentence comes. A sentence that comes meanwhile is read
   * none the less.
   *
   * @param pause called after every `STEPS_AT_ONCE` of some hundred steps; what it waits for goes first
   */
  async prepare(pause: () => Promise<void>): Promise<void> {
    for (let n = 1; !this.steps.next().done; n++) if (n % STEPS_AT_ONCE === 0) await pause();
  }

  private *drawnUpInSteps(): Generator<undefined> {
    const { taught } = this;
    const own = (of: TaughtWord['of'], label: (id: string) => string | undefined): Phrase[] =>
      taught.flatMap((t) => {
        const name = t.of === of ? label(t.concept) : undefined;
        return name === undefined ? [] : [{ ...phrase(t.concept, name, t.words), taught: true }];
      });
    const symptoms = own('symptom', (id) => symptomById(id)?.label);
    for (const some of shippedPhrases()) {
      symptoms.push(...some);
      yield;
    }
    const conditions = [...own('condition', conditionLabel), ...conditionPhrases(CONDITIONS)];
    yield;
    for (const list of [symptoms, conditions])
      for (const p of list) for (const token of p.tokens) this.known.add(token);
    for (const token of frameTokens()) this.known.add(token);
    yield;
    this.symptoms = byRarest(symptoms);
    yield;
    this.conditions = byRarest(conditions);
    for (const s of SYMPTOMS) {
      const { kept } = find(this.plain(s.label).tokens, this.conditions);
      this.implied.set(s.id, new Set(kept.map((c) => c.id)));
      yield;
    }
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
    const { list, own, tokens: plain } = this.plain(text);
    const words = list.map((t) => t.word.toLowerCase());
    const frames = readFrames(plain, words);
    const { kept, again } = find(
      plain,
      this.symptoms,
      frames.hits,
      own,
      (h) => h.tokens.length === 0 || !frames.isOfAnother(h),
    );
    const saysNot = (h: Hit) =>
      h.denied === true || isTakenBack(plain, h, plain.slice(Math.max(0, h.from - 2), h.from), true);
    const when = find(plain, this.conditions);
    // "When hot" says nothing of what it does then.
    const inOne = (i: number) => kept.some((h) => i >= h.from && i < h.to);
    const told = plain.map((t, i) => (!inOne(i) && when.kept.some((c) => i >= c.from && i < c.to) ? '' : t));
    const { sure: symptoms, byWords, perhaps } = weighed(told, kept, saysNot);
    const used = new Set<number>();
    const conditions = when.kept.filter((c) => {
      if (!saysWhen(plain, c, kept)) return false;
      if (allIsWell(plain, c.from) || isLikened(plain, c.from)) {
        for (let i = c.from; i < c.to; i++) used.add(i);
        return false;
      }
      const inside = kept.find((s) => c.from >= s.from && c.to <= s.to);
      // One word may belong to the symptom ("hot wheel"); "when braking" says when.
      const says = STAYS.has(c.id) || c.to - c.from > 1;
      return !inside || (says && !this.implied.get(inside.id)?.has(c.id));
    });
    const saidBy = (i: number) => kept.some((s) => i >= s.from && i < s.to);
    // What is said twice is understood twice, and counts once.
    for (const h of [...again, ...when.again]) for (let i = h.from; i < h.to; i++) used.add(i);
    const wordsOf = (from: number, to: number): string =>
      [...new Set(list.slice(from, to).flatMap((t) => t.word || []))].join(' ');
    const hit = (h: Hit, of: 'symptom' | 'condition'): SymptomHit => {
      for (let i = h.from; i < h.to; i++) used.add(i);
      // The "no" of "no start" is the symptom's own: it takes no circumstance back.
      const before = plain
        .slice(Math.max(0, h.from - 2), h.from)
        .map((t, i, list) => (of === 'condition' && saidBy(h.from - list.length + i) ? '' : t));
      const negated = h.denied === true || isTakenBack(plain, h, before, of === 'symptom');
      return { id: h.id, label: h.label, from: h.from, to: h.to, words: wordsOf(h.from, h.to), negated };
    };
    const spoken = ({ id, from, to }: { id: string; from: number; to: number }): SymptomHit => ({
      id,
      from,
      to,
      label: symptomById(id)?.label ?? id,
      words: wordsOf(from, to),
      negated: false,
    });
    const wordsAlone = byWords ? [{ ...spoken(byWords), byWords: true as const }] : [];
    return {
      symptoms: [...symptoms.map((s) => hit(s, 'symptom')), ...wordsAlone],
      perhaps: perhaps.map((p) => ({ ...spoken(p), share: p.share, said: p.said })),
      conditions: conditions.map((c) => hit(c, 'condition')),
      frequency: frequencyIn(text),
      rest: wordsLeft(list, used),
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

  private plain(text: string): {
    list: { word: string; token: string }[];
    own: string[];
    tokens: string[];
  } {
    const list = walledClauses(text);
    // A misspelt word first finds its word, then the one that stands for it.
    const own = list.map((t) => this.correct(t.token));
    return { list, own, tokens: canonical(own) };
  }

  /** Brings a misspelt token back to the one word of the vocabulary it is near to, if there is one. */
  private correct(token: string): string {
    if (this.known.has(token) || ORDINARY.has(token) || token.length < 5 || /\d/.test(token)) return token;
    if (GROUPED.has(token) || canonical([token])[0] !== token) return token;
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
