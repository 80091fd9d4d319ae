import { and, eq, sql } from 'drizzle-orm';
import type { Db, Tx } from './database';
import { symptoms, symptomWords } from './schema';

/** Words the shop taught. */
export type WordRow = typeof symptomWords.$inferSelect;

export async function listWords(q: Tx | Db): Promise<WordRow[]> {
  return q.select().from(symptomWords);
}

export async function insertWord(tx: Tx, row: WordRow): Promise<void> {
  await tx.insert(symptomWords).values(row);
}

export async function deleteWord(tx: Tx, id: string): Promise<void> {
  await tx.delete(symptomWords).where(eq(symptomWords.id, id));
}

/** Symptoms on cases that have no concept yet and in whose words a word stands. */
export async function symptomRowsWithout(q: Tx | Db, word: string) {
  return q
    .select({ id: symptoms.id, caseId: symptoms.caseId, words: symptoms.words, revision: symptoms.revision })
    .from(symptoms)
    .where(and(eq(symptoms.concept, ''), sql`${symptoms.words} like ${`%${word.replace(/[%_]/g, '')}%`}`));
}
