import { asc, desc, eq, like, or } from 'drizzle-orm';
import type { Db, Tx } from './database';
import * as s from './schema';

/** The most traces of healthy vehicles that are offered to be laid over another. */
const MOST = 40;

/** Traces of a case, and of others that are marked as those of a healthy vehicle, with where their file lies. */
export async function tracesBeside(q: Tx | Db, caseId: string) {
  return q
    .select({
      id: s.traces.id,
      name: s.traces.name,
      caseId: s.traces.caseId,
      number: s.cases.number,
      readAs: s.traces.readAs,
      sheet: s.traces.sheet,
      hash: s.attachments.hash,
    })
    .from(s.traces)
    .innerJoin(s.attachments, eq(s.attachments.id, s.traces.attachmentId))
    .innerJoin(s.cases, eq(s.cases.id, s.traces.caseId))
    .where(or(eq(s.traces.caseId, caseId), like(s.traces.sheet, '%"stands":"known-good"%')))
    .orderBy(desc(eq(s.traces.caseId, caseId)), asc(s.cases.number))
    .limit(MOST);
}
