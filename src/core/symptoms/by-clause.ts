import type { SentenceReading, Vocabulary } from './read';

/** One symptom of a text, with what its own clause says of it. */
export interface ClauseSymptom {
  id: string;
  label: string;
  /** The words that said it. */
  words: string;
  conditions: string[];
  frequency: '' | 'always' | 'intermittent' | 'once';
}

/** Two lamps are two things: "the engine light and the ABS light". */
const CLAUSES =
  /[;.!?\n]+(?!\d)|,(?!\d)|\b(?:but|and then|also)\b|\band\b(?=[^,;.!?\n]{0,80}\b(?:light|lamp)s?\b)/iu;
/** A clause that only says more of the one before it. */
const GOES_ON =
  /^\s*(?:when|only|mostly|mainly|usually|especially|worse|particularly|after|under|at|in|on|from|once|whenever|if|while|sometimes|always|intermittent\w*)\b/iu;
/** When it is well is no circumstance of the trouble: "in the cold all good". */
const IS_WELL = /\b(?:fine|ok(?:ay)?|good|normal(?:ly)?|perfect(?:ly)?|all right|alright)\b/iu;
const NOT_WELL = /\b(?:not|never|no|n[’']t|isn|doesn|won)\b/iu;

/** What a text says, and what it may say and is to be asked. */
export interface WordsRead {
  symptoms: ClauseSymptom[];
  perhaps: SentenceReading['perhaps'];
}

/**
 * Both readings of a text: its symptoms by clause, and what it may say beside them.
 *
 * @param vocabulary the shop's own
 * @param text a complaint as it was written down
 */
export const readWords = (vocabulary: Vocabulary, text: string): WordsRead => ({
  symptoms: symptomsByClause(vocabulary, text),
  perhaps: perhapsIn(vocabulary, text),
});

/**
 * What a text may say and is to be asked: what neither the whole nor one of its clauses says for sure.
 *
 * @param vocabulary the shop's own
 * @param text a complaint as it was written down
 * @returns each symptom once, the likeliest first
 * @example perhapsIn(the shipped vocabulary, 'goes into emergency programme at full throttle')[0].id // 'limp'
 */
export function perhapsIn(vocabulary: Vocabulary, text: string): SentenceReading['perhaps'] {
  const said = new Set(symptomsByClause(vocabulary, text).map((s) => s.id));
  return vocabulary.read(text).perhaps.filter((p) => !said.has(p.id));
}

/**
 * The symptoms a text tells of, each with the conditions of its own clause; what is denied is left out. "Pulls left
 * when braking, noise when cold" gives braking to the one and cold to the other.
 *
 * @param vocabulary the shop's own
 * @param text a complaint as it was written down
 * @returns each symptom once, in the order they are told
 * @example symptomsByClause(the shipped vocabulary, 'rough idle, only when cold') // rough idle on a cold start
 */
export function symptomsByClause(vocabulary: Vocabulary, text: string): ClauseSymptom[] {
  const found = new Map<string, ClauseSymptom>();
  let before: ClauseSymptom[] = [];
  const all = vocabulary.read(text);
  const whole = new Set(all.symptoms.flatMap((s) => (s.negated ? [] : [s.id])));
  // What no phrase says is told of the whole or not at all.
  const byWords = all.symptoms.find((s) => s.byWords);
  for (const clause of text.split(CLAUSES)) {
    if (clause.trim() === '') continue;
    const read = vocabulary.read(clause.trim());
    const conditions = read.conditions.filter((c) => !c.negated).map((c) => c.id);
    // What its clause alone leaves open may be borne out by the rest.
    const here = [...read.symptoms, ...read.perhaps.filter((p) => p.said && whole.has(p.id))]
      .filter((s) => !s.negated && !('byWords' in s && s.id !== byWords?.id))
      .map(({ id, label, words }) => ({
        id,
        label,
        words,
        conditions: [...conditions],
        frequency: read.frequency,
      }));
    if (
      read.symptoms.length === 0 &&
      GOES_ON.test(clause) &&
      (!IS_WELL.test(clause) || NOT_WELL.test(clause))
    )
      for (const s of before) {
        s.conditions = [...new Set([...s.conditions, ...conditions])];
        s.frequency ||= read.frequency;
      }
    for (const s of here) {
      const known = found.get(s.id);
      if (known) known.conditions = [...new Set([...known.conditions, ...s.conditions])];
      else found.set(s.id, s);
    }
    if (read.symptoms.length > 0) before = here.map((s) => found.get(s.id)!);
  }
  if (byWords && !found.has(byWords.id)) {
    const { id, label, words } = byWords;
    const conditions = all.conditions.flatMap((c) => (c.negated ? [] : [c.id]));
    found.set(id, { id, label, words, conditions, frequency: all.frequency });
  }
  return [...found.values()];
}
