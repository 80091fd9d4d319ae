import { format, parseISO } from 'date-fns';
import { Problem } from '@/core/problem';
import type { HistoryAnswer } from '@/core/api';
import { changesOf, undoChange, type CaseRecord, type HistoryChange, type HistoryRow } from '@/core/case';
import { Catalogue } from '@/core/cause';
import { changeInWords, type WordsContext } from '@/core/case/history-words';
import { symptomById } from '@/core/symptoms';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';
import { caseHistory, listPeople } from '@/store/shop';
import { applyChanges, newId } from './save';

const MOST_ROWS = 4000;

async function changes(caseId: string): Promise<HistoryChange[]> {
  return changesOf((await caseHistory(db(), caseId, MOST_ROWS)) as HistoryRow[]);
}

const COMPUTED = 'It is as it was before already, or Vantle computed it.';

/** What happened on a case, newest first, in words; undefined when there is no such case. */
export async function historyOf(caseId: string): Promise<Omit<HistoryAnswer, 'undone'> | undefined> {
  const record = await loadCase(db(), caseId);
  if (!record) return undefined;
  const all = await changes(caseId);
  const { words, people } = await wordsFor(record, all);
  return {
    number: record.case.number,
    changes: all.map((c) => {
      const undo = undoChange(c, record);
      const computed = undo.length === 0 ? COMPUTED : '';
      return {
        seq: c.seq,
        at: c.at,
        who: people.get(c.who) ?? '',
        ...changeInWords(c, words),
        fixed: typeof undo === 'string' ? undo : computed,
      };
    }),
  };
}

async function wordsFor(record: CaseRecord, all: HistoryChange[]) {
  const people = new Map((await listPeople(db())).map((p) => [p.id, p.name]));
  const catalogue = new Catalogue(await listCatalogue(db()));
  const words: WordsContext = {
    record,
    rows: all.flatMap((c) => c.rows),
    catalogueName: (id) => catalogue.resolve(id)?.name ?? '',
    personName: (id) => people.get(id) ?? id,
    symptomLabel: (id) => symptomById(id)?.label ?? id,
    dayTime: (at) => format(parseISO(at), 'd MMM yyyy, HH:mm'),
  };
  return { words, people };
}

/**
 * Undoes a change, as a new change with its own place in the history.
 *
 * @throws Error with a sentence when something was written over it since
 */
export async function undo(
  caseId: string,
  seq: number,
  who: string,
): Promise<NonNullable<HistoryAnswer['undone']>> {
  const record = await loadCase(db(), caseId);
  const all = await changes(caseId);
  const change = all.find((c) => c.seq === seq);
  if (!record || !change) throw new Problem('That change is not in the history of this case.');
  const ops = undoChange(change, record);
  if (typeof ops === 'string') throw new Problem(ops);
  if (ops.length === 0) throw new Problem(COMPUTED);
  const [result] = await applyChanges(caseId, [{ id: newId(), ops }], who);
  if (!result?.ok)
    throw new Problem(
      result && 'error' in result
        ? result.error
        : 'Somebody wrote there at the same moment. Search again before you undo it.',
    );
  const by = (await changes(caseId)).find((c) => c.who === who && c.seq > all[0]!.seq);
  const { words } = await wordsFor(record, all);
  return { seq, by: by?.seq ?? 0, lines: changeInWords(change, words).lines };
}

/**
 * Undoes what a person did last on a case.
 *
 * @param after only what stands behind this number of the history, such as what was done since the case was opened
 * @param skip changes that are undone already, and those that undid them
 * @returns undefined when nothing is left to undo
 * @throws Error with a sentence when something was written over it since
 */
export async function undoLast(
  caseId: string,
  who: string,
  after: number,
  skip: readonly number[],
): Promise<HistoryAnswer['undone']> {
  const record = await loadCase(db(), caseId);
  if (!record) return undefined;
  const passed = new Set(skip);
  const last = (await changes(caseId)).find((c) => {
    if (c.who !== who || c.seq <= after || passed.has(c.seq)) return false;
    // A new name in the list is nothing that was done on this case.
    if (c.rows.every((r) => r.kind === 'catalogue')) return false;
    const ops = undoChange(c, record);
    return typeof ops === 'string' || ops.length > 0;
  });
  return last && undo(caseId, last.seq, who);
}
