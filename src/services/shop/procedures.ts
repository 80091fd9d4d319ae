import { Problem } from '@/core/problem';
import { z } from 'zod';
import { Procedure } from '@/core/case';
import { db, write } from '@/store/database';
import { deleteProcedure, getProcedure, listProcedures, putProcedure } from '@/store/procedures';
import { appendHistory } from '@/store/rows';
import { readable } from '../running/set-aside';

/** The shop's own procedures: kept, changed, taken away. */

export const ProcedureRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('save'), procedure: Procedure }),
  z.object({
    do: z.literal('remove'),
    id: z.string().min(1).max(40),
    /** The revision that whoever removes it has seen. */
    revision: z.number().int().optional(),
  }),
]);
export type ProcedureRequest = z.infer<typeof ProcedureRequest>;

/** All procedures by title. */
export async function procedures(): Promise<Procedure[]> {
  return readable('procedure', await listProcedures(db()), Procedure);
}

/**
 * Saves or removes a procedure, with history.
 *
 * @throws Error with a sentence when somebody changed it since it was opened
 */
export async function changeProcedure(request: ProcedureRequest, who: string): Promise<void> {
  await write(async (tx) => {
    const id = request.do === 'save' ? request.procedure.id : request.id;
    const before = await getProcedure(tx, id);
    const note = (op: 'add' | 'set' | 'remove', after: Record<string, unknown> | null) =>
      appendHistory(tx, {
        at: new Date().toISOString(),
        who,
        caseId: null,
        kind: 'procedure',
        rowId: id,
        op,
        before: before ?? null,
        after,
      });
    if (request.do === 'remove') {
      if (!before) return;
      if (request.revision !== undefined && before.revision !== request.revision)
        throw new Problem(
          `"${before.title}" was changed by somebody else since you opened it, so it was not removed. Open it again.`,
          'changed',
        );
      await deleteProcedure(tx, id);
      await note('remove', null);
      return;
    }
    const { procedure } = request;
    if (before && before.revision !== procedure.revision)
      throw new Problem(
        `"${before.title}" was changed by somebody else since you opened it. Open it again and put your change in.`,
        'changed',
      );
    const next = { ...procedure, revision: (before?.revision ?? 0) + 1 };
    await putProcedure(tx, next);
    await note(before ? 'set' : 'add', next);
  });
}
