import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { LOOKED_AT } from '../../bench/words';
import { NOTHING } from '../../src/core/symptoms/likelihood';
import { SYMPTOM_NAMES } from '../../src/core/symptoms/names';
import { SYMPTOMS } from '../../src/core/symptoms/vocabulary';
import { drawn } from './fit';

/** One text to learn from, what it says, and how much it counts. */
export interface Text {
  text: string;
  is: string;
  weight: number;
}
const WEIGHT = { way: 1, patterned: 0.5, sentence: 2, among: 0.6 };

/** What stands around a complaint and says nothing of it. */
const FRAMES = [
  'customer states',
  'c/s',
  'complains that',
  'the car',
  'client says',
  'driver reports',
  'it',
  'since last week',
  'only when cold',
  'when hot',
  'after a long drive',
  'on the motorway',
  'in the morning',
  'sometimes',
  'please check',
  'intermittent',
  'after rain',
  'at 60 mph',
  'every day',
  'again',
];
const folder = path.join(import.meta.dirname, 'sentences');

/** Blocks of `# id`, a sentence a line. */
function sentencesOf(file: string): Text[] {
  return readFileSync(path.join(folder, file), 'utf8')
    .split(/^# /m)
    .slice(1)
    .flatMap((block) => {
      const [id = '', ...lines] = block.trim().split('\n');
      return lines.map((text) => ({ text, is: id, weight: WEIGHT.sentence }));
    });
}

/** The same among words that say nothing, so that each is known by its own. */
function amongOthers(texts: readonly Text[], nothing: readonly string[]): Text[] {
  const draw = drawn(2);
  const pick = (list: readonly string[]): string => list[Math.floor(draw() * list.length)]!;
  return texts.map((t) => {
    const beside = pick(draw() < 0.6 ? FRAMES : nothing);
    const text = draw() < 0.5 ? `${beside} ${t.text}` : `${t.text} ${beside}`;
    return { ...t, text, weight: t.weight * WEIGHT.among };
  });
}

/**
 * What the weights are fitted to: the ways of the vocabulary, the sentences beside this file, the half of the bench's
 * sentences that is looked at, and the first two once more among words that say nothing. The bench's other half is for
 * measuring alone.
 *
 * @returns all texts; `known` are those whose words the model knows
 * @throws where a sentence is said to mean what is no symptom
 */
export function textsToLearn(): { known: Text[]; further: Text[] } {
  const says = SYMPTOMS.flatMap((s) => s.says.map((text): Text => ({ text, is: s.id, weight: WEIGHT.way })));
  const patterned = SYMPTOMS.flatMap((s) =>
    s.patterned.map((text): Text => ({ text, is: s.id, weight: WEIGHT.patterned })),
  );
  const written = readdirSync(folder).toSorted().flatMap(sentencesOf);
  // Of a sentence with two symptoms no one is its class.
  const labelled = LOOKED_AT.flatMap((set) => set.sentences).flatMap((s): Text[] => {
    const of = (is: string): Text => ({ text: s.text, is, weight: WEIGHT.sentence });
    if (s.symptoms.length + s.optional.length === 0) return [of(NOTHING)];
    return s.symptoms.length === 1 ? [of(s.symptoms[0]!)] : [];
  });
  const [nothing, spoken] = [true, false].map((is) => written.filter((t) => (t.is === NOTHING) === is));
  const among = amongOthers(
    [...says, ...spoken!],
    nothing!.map((t) => t.text),
  );
  const all = { known: [...says, ...patterned, ...written], further: [...labelled, ...among] };
  const names = new Set([...SYMPTOM_NAMES.map((s) => s.id), NOTHING]);
  const unknown = [...all.known, ...all.further].find((t) => !names.has(t.is));
  if (unknown) throw new Error(`"${unknown.is}" is no symptom: ${unknown.text}`);
  return all;
}

/** What tells whether weights were fitted to these texts. */
export const fingerprintOf = (texts: readonly Text[]): string =>
  createHash('sha256')
    .update(texts.map((t) => `${t.is} ${t.weight} ${t.text}`).join('\n'))
    .digest('hex')
    .slice(0, 16);
