import { codeRelation, meaningOf } from './dictionary';

/** One reading of a code's letters, with how sure the reader of letters was, 0 to 100. */
export interface CodeReading {
  text: string;
  confidence: number;
}

/** What each character of a code is taken for on photos. Common practice, no source. */
const CONFUSED: Record<string, string> = {
  '0': 'DQUC@6',
  '1': 'IilL|!7tT',
  '2': 'Zz7',
  '3': '8B5',
  '4': 'A',
  '5': 'Ss$638',
  '6': 'Gb850',
  '7': 'T1/Z',
  '8': 'B3&S056',
  '9': 'gq',
  A: '4R',
  B: '8R3E',
  C: '(cGO0',
  D: 'O0',
  E: 'F',
  F: 'EPr',
  P: 'pFRr',
  U: 'uVvO0',
};
const FIRST = 'PCBU';
const HEX = '0123456789ABCDEF';
/** The letter O for a nought is no misreading worth a doubt. */
const NOUGHT = 'Oo';

interface Candidate {
  code: string;
  /** What had to be read otherwise: 1 for a character, 0.2 for an O that is a nought. */
  cost: number;
}

/** All codes that five characters may have been, with at most two of them confused. */
function candidatesOf(token: string): Candidate[] {
  const options = [...token].map((ch, i): [string, number][] => {
    const allowed = [FIRST, '0123'][i] ?? HEX;
    const upper = ch.toUpperCase();
    const out: [string, number][] = allowed.includes(upper) ? [[upper, ch === upper ? 0 : 0.2]] : [];
    if (i > 0 && NOUGHT.includes(ch)) out.push(['0', 0.2]);
    for (const [to, from] of Object.entries(CONFUSED))
      if (to !== upper && allowed.includes(to) && from.includes(ch)) out.push([to, 1]);
    // A figure cannot begin a code: where it can only have been one letter, it was that.
    if (i === 0 && out.length === 1 && /\d/.test(ch)) out[0]![1] = 0.3;
    return out;
  });
  let found: Candidate[] = [{ code: '', cost: 0 }];
  for (const each of options)
    found = found
      .flatMap((c) => each.map(([ch, cost]) => ({ code: c.code + ch, cost: c.cost + cost })))
      .filter((c) => c.cost < 2.7);
  return found;
}

/** From here on a wording is that of a code, and not one word by chance ("charge flap", "charge air"). */
const LIKE_ITS_WORDING = 0.3;

/** Some words of a code's wording stand beside it. */
const SOMETHING_OF_ITS_WORDING = 0.15;

/** Five characters as a code has them, some of them perhaps confused. */
export function looksLikeCode(word: string): boolean {
  const token = fiveOf(word);
  if (token === undefined) return false;
  const figures = (token.match(/[0-9OoIl|]/g) ?? []).length;
  // Without a figure only where no word is written so: capitals with an O at the second place.
  const written =
    /\d/.test(token) ||
    (/^[PCBU]O[0-9A-Z@|!$]{3}$/.test(token) && token.slice(2).replace(/[0-9A-FO]/g, '').length <= 1);
  return written && figures >= 2 && candidatesOf(token).length > 0;
}

const fiveOf = (word: string): string | undefined =>
  /^[^\p{L}\p{N}@(|!$&/]*([A-Za-z0-9@(|!$&/]{5})(?:[-:][0-9A-Fa-fOo]{2})?[^\p{L}\p{N}]*$/u.exec(
    word.trim(),
  )?.[1];

const wordsOf = (s: string): string[] => s.toLowerCase().match(/\p{L}{4,}/gu) ?? [];

/** How much of a code's own wording stands in a text, and how much of the text is that wording; 0 to 1. */
function agreement(code: string, text: string): number {
  const wording = wordsOf(meaningOf(code));
  const there = new Set(wordsOf(text));
  if (wording.length === 0 || there.size === 0) return 0;
  const same = wording.filter((w) => there.has(w)).length;
  return (2 * same) / (wording.length + Math.min(there.size, 2 * wording.length));
}

/** Single figures of a wording: "bank 2", "cylinder 3". */
const numbersIn = (s: string): Set<string> => new Set(s.match(/\b\d\b/g));

/**
 * The code that several readings of one place make together, by grammar, dictionary and the wording beside it.
 *
 * @param readings of one place
 * @param wording what stands beside the code
 * @returns the code and how sure it is, 0 to 1; under 0.8 a person has to look. Undefined where no reading can be one
 */
export function mendCode(
  readings: readonly CodeReading[],
  wording: string,
): { code: string; sure: number } | undefined {
  const tokens = readings.flatMap((r) => {
    const token = fiveOf(r.text);
    return token === undefined ? [] : [{ token, weight: 0.4 + 0.6 * (Math.max(0, r.confidence) / 100) }];
  });
  const votes = new Map<string, { votes: number; exact: number }>();
  for (const { token, weight } of tokens)
    for (const c of candidatesOf(token)) {
      const there = votes.get(c.code) ?? { votes: 0, exact: 0 };
      there.votes += weight * Math.max(0, 1 - 0.55 * c.cost);
      if (c.cost < 0.9) there.exact++;
      votes.set(c.code, there);
    }
  const total = tokens.reduce((s, t) => s + t.weight, 0);
  const ranked = [...votes]
    .map(([code, v]) => {
      const agrees = agreement(code, wording);
      // Bank 1 there and bank 2 in the dictionary: another code was meant.
      const [own, beside] = [numbersIn(meaningOf(code)), numbersIn(wording)];
      const clashes = agrees > 0 && own.size > 0 && beside.size > 0 && ![...own].some((n) => beside.has(n));
      return {
        code,
        ...v,
        agrees,
        clashes,
        score: v.votes / total + 1.3 * agrees + (meaningOf(code) ? 0.06 : 0) - (clashes ? 0.5 : 0),
      };
    })
    .sort((a, b) => b.score - a.score);
  const [first, second] = ranked;
  if (!first) return undefined;
  const margin = first.score - (second?.score ?? 0);
  // Readings of one picture err alike; where no wording bears the code out, not one of them may say another.
  const spare = tokens.length > 3 && first.agrees >= SOMETHING_OF_ITS_WORDING ? 1 : 0;
  const whole = tokens.length >= 3 && first.exact >= tokens.length - spare;
  // Sure where the wording says the same, or where nearly every reading does by itself.
  const agreed =
    (first.agrees >= 0.3 && first.exact >= 1 && margin >= 0.25) ||
    (first.agrees >= 0.5 && margin >= 0.4) ||
    // Its whole wording stands there, and the readings do not agree on another code: B to one, S to the other.
    (first.agrees >= 0.6 && margin >= 0.2 && ranked.slice(1).every((r) => r.exact < 0.7 * tokens.length));
  // Another code whose wording fits better is never passed over for sure.
  const rival = ranked
    .slice(1)
    .some(
      (r) =>
        r.agrees >= LIKE_ITS_WORDING &&
        r.agrees > first.agrees + (codeRelation(r.code, first.code) === 'same circuit' ? 0.03 : 0.15),
    );
  const borne = (agreed || (whole && margin >= 0.3)) && !rival && !first.clashes;
  return { code: first.code, sure: borne ? Math.min(1, 0.82 + 0.18 * Math.min(1, margin)) : 0.5 };
}
