import { CONDITIONS } from './conditions';
import { SYMPTOMS } from './vocabulary';

export interface SymptomHit {
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

interface Phrase {
  id: string;
  label: string;
  tokens: string[];
  /** How many other words of weight may stand between two of its tokens. */
  gap: number;
  negative: boolean;
}

const SMALL = new Set(
  'the a an of in on at to is it its my i and or when while with for by be has have had then that this was are from if after'.split(
    ' ',
  ),
);
const NEGATIONS = new Set(['not', 'no', 'never', 'without', 'longer', 'neither', 'nor']);

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
    .match(/[\p{L}\p{N}][\p{L}\p{N}'/&-]*/gu) ?? []) {
    const w = word.toLowerCase();
    if (/^(won't|can't|cannot|doesn't|don't|isn't|didn't|wouldn't|couldn't|aren't|hasn't)$/.test(w)) {
      out.push({ word, token: 'not' });
      continue;
    }
    for (const piece of w.replace(/'s?$|'/g, '').split(/[-/&]/))
      if (piece) out.push({ word, token: stem(piece) });
  }
  return out;
}

/** Takes simple English endings off, enough to meet "stalls", "stalled" and "stalling". */
function stem(w: string): string {
  if (/^(will|does|do|did|would)$/.test(w)) return '';
  if (w === 'wont' || w === 'doesnt' || w === 'dont' || w === 'cant' || w === 'refuses') return 'not';
  if (w.length > 5 && w.endsWith('ies')) return w.slice(0, -3) + 'y';
  if (w.length > 5 && w.endsWith('ing')) return undouble(w.slice(0, -3));
  if (w.length > 4 && w.endsWith('ed')) return undouble(w.slice(0, -2));
  if (w.length > 4 && /(ss|sh|ch|x|zz)es$/.test(w)) return w.slice(0, -2);
  if (w.length > 3 && w.endsWith('s') && !/(ss|us|is)$/.test(w)) return dropE(w.slice(0, -1));
  return dropE(w);
}
const undouble = (w: string) => dropE(/([bdgmnprt])\1$/.test(w) ? w.slice(0, -1) : w);
const dropE = (w: string) => (w.length > 4 && w.endsWith('e') ? w.slice(0, -1) : w);

const ARTICLES = new Set(['the', 'a', 'an', 'my', 'it', 'its']);

/**
 * A phrase as the tokens that must be met in order. One with a single word of weight ("at the
 * lights") keeps its small words, and nothing may stand between.
 */
function phrase(id: string, label: string, text: string): Phrase {
  const all = tokens(text)
    .map((t) => t.token)
    .filter(Boolean);
  const content = all.filter((t) => !SMALL.has(t));
  const loose = content.length >= 2;
  return {
    id,
    label,
    tokens: loose ? content : all.filter((t) => !ARTICLES.has(t)),
    gap: loose ? 2 : 0,
    negative: all.some((t) => NEGATIONS.has(t)),
  };
}

const SYMPTOM_PHRASES = SYMPTOMS.flatMap((s) => s.says.map((p) => phrase(s.id, s.label, p)));
const CONDITION_PHRASES = CONDITIONS.flatMap((c) => c.says.map((p) => phrase(c.id, c.label, p)));
const KNOWN = new Set([...SYMPTOM_PHRASES, ...CONDITION_PHRASES].flatMap((p) => p.tokens));
const FREQUENCY: readonly [RegExp, SentenceReading['frequency']][] = [
  [/\b(always|every time|constantly|permanent(ly)?|all the time)\b/i, 'always'],
  [
    /\b(sometimes|intermittent(ly)?|occasional(ly)?|now and then|random(ly)?|from time to time|on and off|sporadic(ally)?)\b/i,
    'intermittent',
  ],
  [/\b(once|one time|just the once|a single time)\b/i, 'once'],
];

/** Optimal string alignment distance, stopping above `most`. */
function near(a: string, b: string, most: number): boolean {
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

const corrected = new Map<string, string>();
/** Brings a misspelt token back to the one word of the vocabulary it is near to, if there is one. */
function correct(token: string): string {
  if (KNOWN.has(token) || token.length < 5 || /\d/.test(token)) return token;
  const known = corrected.get(token);
  if (known !== undefined) return known;
  let best = token;
  for (const k of KNOWN) {
    if (k.length < 4 || k[0] !== token[0]) continue;
    if (near(token, k, token.length >= 9 ? 2 : 1)) {
      best = k;
      break;
    }
  }
  if (corrected.size > 5000) corrected.clear();
  corrected.set(token, best);
  return best;
}

function find(sentence: string[], phrases: Phrase[]): (Phrase & { from: number; to: number })[] {
  const at = new Map<string, number[]>();
  sentence.forEach((t, i) => at.set(t, [...(at.get(t) ?? []), i]));
  const hits: (Phrase & { from: number; to: number })[] = [];
  for (const p of phrases) {
    for (const start of at.get(p.tokens[0]!) ?? []) {
      // The words in order, with few others slipped in between.
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
      if (ok) hits.push({ ...p, from: start, to: end + 1 });
    }
  }
  // The reading with most words wins; what it covers is not read again.
  hits.sort((a, b) => b.tokens.length - a.tokens.length || a.from - b.from);
  const kept: typeof hits = [];
  for (const h of hits) {
    const clash = kept.some((k) => h.from < k.to && k.from < h.to);
    if (!clash && !kept.some((k) => k.id === h.id)) kept.push(h);
  }
  return kept.sort((a, b) => a.from - b.from);
}

function contentBetween(sentence: string[], a: number, b: number): number {
  let n = 0;
  for (let i = a + 1; i < b; i++) if (sentence[i] !== '' && !SMALL.has(sentence[i]!)) n++;
  return n;
}

/**
 * Reads a sentence, in anyone's words, into symptoms, conditions and how often. Misspellings within
 * one or two letters are met; "no longer stalls" is read as a negated symptom.
 *
 * @param text the sentence
 * @returns what was understood, and the words left over
 * @example readSentence('winds over all day without firing').symptoms[0].id // 'no-start'
 */
export function readSentence(text: string): SentenceReading {
  const list = tokens(text).filter((t) => t.token !== '');
  const plain = list.map((t) => correct(t.token));
  const frequency = FREQUENCY.find(([p]) => p.test(text))?.[1] ?? '';
  const symptoms = find(plain, SYMPTOM_PHRASES);
  const used = new Set<number>();
  const conditions = find(plain, CONDITION_PHRASES).filter(
    (c) => !symptoms.some((s) => c.from >= s.from && c.to <= s.to),
  );
  const hit = (h: Phrase & { from: number; to: number }): SymptomHit => {
    for (let i = h.from; i < h.to; i++) used.add(i);
    const before = plain.slice(Math.max(0, h.from - 2), h.from);
    const negated = !h.negative && before.some((t) => NEGATIONS.has(t));
    const words = [...new Set(list.slice(h.from, h.to).map((t) => t.word))].join(' ');
    return { id: h.id, label: h.label, from: h.from, to: h.to, words, negated };
  };
  const result = { symptoms: symptoms.map(hit), conditions: conditions.map(hit), frequency };
  const rest = list
    .filter((t, i) => !used.has(i) && !SMALL.has(t.token) && !NEGATIONS.has(t.token))
    .map((t) => t.word);
  return { ...result, rest: [...new Set(rest)] };
}
