import { changesOf, undoChange, type HistoryChange, type HistoryRow } from '@/core/case';
import { Catalogue } from '@/core/cause';
import { changeInWords, type WordsContext } from '@/core/case/history-words';
import { symptomById } from '@/core/symptoms';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { caseHistory, listCatalogue, listPeople } from '@/store/shop';
import { applyChanges, newId } from './save';

/** A change as the screen shows it. */
export interface ShownChange {
  seq: number;
  at: string;
  who: string;
  /** Part of the argument it bears on: evidence, cause, repair, proof; `complaint` for the rest. */
  part: string;
  lines: string[];
  /** Why it cannot be undone now; empty when it can. */
  fixed: string;
}

const MOST_ROWS = 4000;

async function changes(caseId: string): Promise<HistoryChange[]> {
  return changesOf((await caseHistory(db(), caseId, MOST_ROWS)) as HistoryRow[]);
}

/** What happened on a case, newest first, in words; undefined when there is no such case. */
export async function historyOf(
  caseId: string,
): Promise<{ number: number; changes: ShownChange[] } | undefined> {
  const record = await loadCase(db(), caseId);
  if (!record) return undefined;
  const people = new Map((await listPeople(db())).map((p) => [p.id, p.name]));
  const catalogue = new Catalogue(await listCatalogue(db()));
  const all = await changes(caseId);
  const words: WordsContext = {
    record,
    rows: all.flatMap((c) => c.rows),
    catalogueName: (id) => catalogue.resolve(id)?.name ?? '',
    personName: (id) => people.get(id) ?? id,
    symptomLabel: (id) => symptomById(id)?.label ?? id,
  };
  return {
    number: record.case.number,
    changes: all.map((c) => {
      const undo = undoChange(c, record);
      return {
        seq: c.seq,
        at: c.at,
        who: people.get(c.who) ?? '',
        ...changeInWords(c, words),
        fixed: typeof undo === 'string' ? undo : '',
      };
    }),
  };
}

/**
 * Undoes a change, as a new change with its own place in the history.
 *
 * @throws Error with a sentence when something was written over it since
 */
export async function undo(caseId: string, seq: number, who: string): Promise<void> {
  const record = await loadCase(db(), caseId);
  const change = (await changes(caseId)).find((c) => c.seq === seq);
  if (!record || !change) throw new Error('That change is not in the history of this case.');
  const ops = undoChange(change, record);
  if (typeof ops === 'string') throw new Error(ops);
  const [result] = await applyChanges(caseId, [{ id: newId(), ops }], who);
  if (!result?.ok)
    throw new Error(
      result && 'error' in result
        ? result.error
        : 'Somebody wrote there at the same moment. Look again before you undo it.',
    );
}
