import { Problem } from '@/core/problem';
import { z } from 'zod';
import { readsReadings, type KnownWords } from '@/core/similar';
import { canBeMet, CONDITIONS, symptomById, Vocabulary, type TaughtWord } from '@/core/symptoms';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { historySince, lastHistorySeq, listPeople } from '@/store/shop';
import { deleteWord, insertWord, listWords, symptomRowsWithout, type WordRow } from '@/store/words';
import { caseIndex, type IndexState } from './index-of-cases';
import { applyChanges, newId } from '../cases/save';

/** The words of this shop: its vehicles and people by name, and what it taught. */

interface Words {
  url: string;
  historySeq: number;
  taught: WordRow[];
  vocabulary: Vocabulary;
  people: { id: string; name: string }[];
}
const shared = globalThis as typeof globalThis & { vantleWords?: Words };
const lists = new WeakMap<IndexState['index'], { changes: number; known: Omit<KnownWords, 'today'> }>();

async function words(): Promise<Words> {
  const url = process.env.VANTLE_DATABASE_URL ?? '';
  const held = shared.vantleWords;
  if (held?.url === url) {
    const news = await historySince(db(), held.historySeq, ['word', 'person', 'shop']);
    if (news.length === 0) return held;
    held.historySeq = news.at(-1)!.seq;
  }
  const seq = held?.url === url ? held.historySeq : await lastHistorySeq(db());
  const taught = await listWords(db());
  shared.vantleWords = {
    url,
    historySeq: seq,
    taught,
    vocabulary: new Vocabulary(
      taught.flatMap((t) => (t.of === 'symptom' || t.of === 'condition' ? [t as TaughtWord] : [])),
    ),
    people: (await listPeople(db())).map(({ id, name }) => ({ id, name })),
  };
  return shared.vantleWords;
}

/** The vocabulary with this shop's own words over it. */
export async function shopVocabulary(): Promise<Vocabulary> {
  return (await words()).vocabulary;
}

/** What the shop taught, for screens that read sentences themselves. */
export async function taughtWords(): Promise<WordRow[]> {
  return (await words()).taught;
}

/** The index with the names and words that a search line is read by, asked for together. */
export async function indexAndWords(): Promise<{ held: IndexState; words: KnownWords }> {
  const [held, now] = await Promise.all([caseIndex(), words()]);
  return { held, words: known(held, now) };
}

/** Names and words a search line is read by. */
function known(held: IndexState, { vocabulary, people, taught }: Words): KnownWords {
  let list = lists.get(held.index);
  if (!list || list.changes !== held.index.changes) {
    list = {
      changes: held.index.changes,
      known: {
        makes: held.index.values('mk'),
        models: held.index.values('md'),
        engines: held.index.values('en'),
        vins: held.index.vins,
        readings: readsReadings(held.index),
      },
    };
    lists.set(held.index, list);
  }
  return {
    ...list.known,
    vocabulary,
    people,
    nicknames: taught.filter((t) => t.of === 'vehicle').map((t) => ({ words: t.words, vehicle: t.concept })),
    today: new Date().toISOString(),
  };
}

export const WordRequest = z.discriminatedUnion('do', [
  z.object({
    do: z.literal('teach'),
    words: z.string().trim().min(2, 'Write the word or phrase.').max(80),
    of: z.enum(['symptom', 'condition', 'vehicle', 'ignore']),
    /** Id of the symptom or condition; make/model/engine of a vehicle; empty for words to pass over. */
    concept: z.string().max(300),
  }),
  z.object({ do: z.literal('forget'), id: z.string().min(1).max(40) }),
]);
export type WordRequest = z.infer<typeof WordRequest>;

/**
 * Teaches a word or phrase, or forgets one. Symptoms that stood on cases in words nobody knew are read
 * again, and say from then on what the word means; the history shows it like any other change.
 *
 * @returns how many symptoms on cases are now understood
 * @throws Error with a sentence for a meaning that does not exist
 */
export async function changeWord(request: WordRequest, who: string): Promise<{ understood: number }> {
  const note = (rowId: string, op: 'add' | 'remove', value: Record<string, unknown>) => ({
    at: new Date().toISOString(),
    who,
    caseId: null,
    kind: 'word',
    rowId,
    op,
    before: op === 'remove' ? value : null,
    after: op === 'add' ? value : null,
  });
  if (request.do === 'forget') {
    await write(async (tx) => {
      const row = (await listWords(tx)).find((w) => w.id === request.id);
      if (!row) return;
      await deleteWord(tx, request.id);
      await appendHistory(tx, note(row.id, 'remove', { ...row }));
    });
    return { understood: 0 };
  }
  const { words: said, of, concept } = request;
  if (of === 'symptom' && !symptomById(concept)) throw new Problem('Choose the symptom that the word means.');
  if (of === 'condition' && !CONDITIONS.some((c) => c.id === concept))
    throw new Problem('Choose the circumstance that the word means.');
  if (of === 'vehicle' && concept.split('/').filter(Boolean).length === 0)
    throw new Problem('Choose the vehicle that goes by this name.');
  if ((of === 'symptom' || of === 'condition') && !canBeMet(said))
    throw new Problem(`"${said}" has no word that says something. Write a word a customer would use.`);
  await write(async (tx) => {
    const same = (await listWords(tx)).find((w) => w.words.toLowerCase() === said.toLowerCase());
    if (same) throw new Problem(`"${said}" has been taught already. Forget it first, then teach it anew.`);
    const row = { id: newId(), of, concept, words: said };
    await insertWord(tx, row);
    await appendHistory(tx, note(row.id, 'add', row));
  });
  return { understood: of === 'symptom' ? await readAgain(said, who) : 0 };
}

/** Symptoms on cases whose words were not understood, read again now that a word was taught. */
async function readAgain(said: string, who: string): Promise<number> {
  const vocabulary = await shopVocabulary();
  let understood = 0;
  for (const row of await symptomRowsWithout(db(), said.split(' ')[0]!)) {
    const concept = vocabulary.read(row.words).symptoms.find((s) => !s.negated)?.id;
    if (!concept) continue;
    const [result] = await applyChanges(
      row.caseId,
      [
        {
          id: `taught-${row.id}`.slice(0, 40),
          ops: [
            {
              op: 'set',
              kind: 'symptom',
              id: row.id,
              revision: row.revision,
              set: { concept },
              was: { concept: '' },
            },
          ],
        },
      ],
      who,
    );
    if (result?.ok) understood++;
  }
  return understood;
}

/** A word that keeps being used and that nothing is known of. */
export interface UnknownWord {
  word: string;
  cases: number;
  /** The symptom it is likely to mean, by the company it keeps. */
  guess: { id: string; label: string } | null;
}

const LEAST_CASES = 2;

/** Words of symptoms that at least two cases use and that the shop's vocabulary does not know. */
export async function unknownWords(): Promise<UnknownWord[]> {
  const { index } = await caseIndex();
  const { vocabulary, taught } = await words();
  const passedOver = new Set(taught.filter((t) => t.of === 'ignore').map((t) => t.words.toLowerCase()));
  return index
    .values('u')
    .map((word) => ({ word, cases: index.count(`u|${word}`) }))
    .filter(
      ({ word, cases }) =>
        cases >= LEAST_CASES && !passedOver.has(word) && vocabulary.read(word).rest.includes(word),
    )
    .sort((a, b) => b.cases - a.cases || a.word.localeCompare(b.word))
    .slice(0, 40)
    .map(({ word, cases }) => {
      const guess = vocabulary.guess(word);
      return { word, cases, guess: guess ? { id: guess.id, label: guess.label } : null };
    });
}

const MOST_BUILDS = 400;

/** Builds the shop has met, as make/model/engine, for teaching what one is called. */
export async function buildsKnown(): Promise<{ value: string; label: string }[]> {
  const { index } = await caseIndex();
  return index
    .values('bd')
    .map((value) => ({ value, label: value.split('/').filter(Boolean).join(' ') }))
    .sort((a, b) => a.label.localeCompare(b.label))
    .slice(0, MOST_BUILDS);
}
