import { MODEL } from './model';
import { NEGATIONS, SMALL, stem } from './words';

/**
 * How likely a sentence speaks of each symptom, by all its words: multinomial logistic regression over words and pairs
 * of neighbouring words (e.g. Jurafsky and Martin, Speech and Language Processing, 3rd ed. draft, chapter 4). Its
 * weights were fitted to the ways of saying in the vocabulary and to whole sentences (`npm run symptoms`). It is the
 * second opinion on what a phrase says: "pull over" meets the phrase "pulls", and nothing else in the sentence does.
 */

/** What stands for "no symptom at all" among the classes. */
export const NOTHING = 'none';

/** Words at which a long sentence is taken apart, each piece weighed by itself. */
const JOINTS = new Set(
  'but and which because since until then however although though'.split(' ').map((w) => stem(w)),
);

/**
 * Words and pairs of neighbours of one piece, each once.
 *
 * @param tokens plain tokens; empty ones and walls are passed over
 * @returns the features, pairs joined by a blank
 * @example featuresOf(['rough', 'idle']) // ['rough', 'idle', 'rough idle']
 */
export function featuresOf(tokens: readonly string[]): string[] {
  const said = tokens.filter(isWord);
  const pairs = said.slice(1).map((t, i) => `${said[i]!} ${t}`);
  return [...new Set([...said, ...pairs])];
}

/** A stretch of a sentence: first token, and one past the last. */
export interface Piece {
  from: number;
  to: number;
}

/**
 * The pieces of a sentence that are weighed: the whole, each clause, and each part between two joints.
 *
 * @param sentence plain tokens, `|` between clauses
 * @returns pieces with a word in them, the whole first
 * @example piecesOf(['stall', '|', 'whistl', 'loud']) // the whole and { from: 2, to: 4 }
 */
export function piecesOf(sentence: readonly string[]): Piece[] {
  const pieces: Piece[] = [{ from: 0, to: sentence.length }];
  let clause = 0;
  let part = 0;
  for (let i = 0; i <= sentence.length; i++) {
    const wall = i === sentence.length || sentence[i] === '|';
    if (!wall && !JOINTS.has(sentence[i]!)) continue;
    if (part > clause || !wall) pieces.push({ from: part, to: i });
    if (wall) pieces.push({ from: clause, to: i });
    part = i + 1;
    if (wall) clause = i + 1;
  }
  const [whole, ...others] = pieces;
  const size = (p: Piece) => sentence.slice(p.from, p.to).filter(isWord).length;
  return [whole!, ...others.filter((p) => size(p) >= 1 && p.to - p.from < sentence.length)];
}
const isWord = (t: string): boolean => t !== '' && t !== '|';

/** Weights of one feature: class and weight in turns. */
type Weights = { classes: Uint8Array; weights: Int8Array };
let table: Map<string, Weights> | undefined;

/** Takes the packed weights apart: of each feature how many classes, then class and weight of each. */
function unpacked(): Map<string, Weights> {
  if (table) return table;
  const packed = Uint8Array.from(MODEL.weights.match(/../g) ?? [], (pair) => parseInt(pair, 16));
  table = new Map();
  let at = 0;
  for (const feature of MODEL.features.split('|')) {
    const n = packed[at++]!;
    const classes = packed.slice(at, at + n);
    const weights = new Int8Array(packed.slice(at + n, at + 2 * n).buffer);
    table.set(feature, { classes, weights });
    at += 2 * n;
  }
  return table;
}

/**
 * How likely one piece speaks of each symptom, or of none.
 *
 * @param piece plain tokens of it
 * @returns a share for each of `MODEL.classes`, together 1; none where no word of it is known
 */
export function sharesOf(piece: readonly string[]): Float64Array | undefined {
  const known = featuresOf(piece).flatMap((f) => unpacked().get(f) ?? []);
  if (known.length === 0) return undefined;
  const sums = new Float64Array(MODEL.classes.length);
  const size = MODEL.step / Math.sqrt(known.length);
  for (const { classes, weights } of known)
    for (let i = 0; i < classes.length; i++) sums[classes[i]!]! += weights[i]! * size;
  MODEL.bias.forEach((b, i) => (sums[i]! += b));
  const highest = sums.reduce((a, b) => Math.max(a, b), -Infinity);
  let total = 0;
  for (let i = 0; i < sums.length; i++) total += sums[i] = Math.exp(sums[i]! - highest);
  return sums.map((s) => s / total);
}

const weighedClasses: ReadonlySet<string> = new Set(MODEL.classes);

/** Whether the weights know a symptom: one that was added since they were fitted has no share in anything. */
export const isWeighed = (id: string): boolean => weighedClasses.has(id);

/** What the words of one piece speak for. */
export interface Weighed extends Piece {
  /** By symptom, and `NOTHING`, the share, 0 to 1; those below a thousandth are left out. */
  shares: ReadonlyMap<string, number>;
  /** How many words of weight in it are known. */
  words: number;
}

/**
 * What the words of a sentence speak for, piece by piece.
 *
 * @param sentence plain tokens, `|` between clauses
 * @returns the pieces of which a word is known, the whole first
 * @example likelyIn(['rough', 'idle'])[0].shares.get('rough-idle') // 0.99…
 */
export function likelyIn(sentence: readonly string[]): Weighed[] {
  return piecesOf(sentence).flatMap((piece): Weighed[] => {
    const tokens = sentence.slice(piece.from, piece.to);
    const of = sharesOf(tokens);
    if (!of) return [];
    const shares = new Map<string, number>();
    of.forEach((share, i) => share > 0.001 && shares.set(MODEL.classes[i]!, share));
    return [
      {
        ...piece,
        shares,
        words: tokens.filter((t) => unpacked().has(t) && !SMALL.has(t) && !NEGATIONS.has(t)).length,
      },
    ];
  });
}
