import { and, asc, desc, eq, inArray, isNull, like, ne, or } from 'drizzle-orm';
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

/** Where the file of a trace lies and how it is read. */
export interface TraceFile {
  id: string;
  name: string;
  readAs: string;
  hash: string;
}

const FILE = { id: s.traces.id, name: s.traces.name, readAs: s.traces.readAs, hash: s.attachments.hash };

/** One trace with its file; undefined where it is gone, or its file has not come yet. */
export async function traceFile(q: Tx | Db, id: string): Promise<TraceFile | undefined> {
  const [row] = await q
    .select(FILE)
    .from(s.traces)
    .innerJoin(s.attachments, eq(s.attachments.id, s.traces.attachmentId))
    .where(and(eq(s.traces.id, id), ne(s.attachments.hash, '')));
  return row;
}

/** Whether a case has any trace. */
export async function hasTraces(q: Tx | Db, caseId: string): Promise<boolean> {
  const rows = await q.select({ id: s.traces.id }).from(s.traces).where(eq(s.traces.caseId, caseId)).limit(1);
  return rows.length > 0;
}

/** Ids of traces in which a test of their case found a fault. */
export async function tracesWithFault(q: Tx | Db): Promise<Set<string>> {
  const rows = await q.select({ id: s.tests.traceId }).from(s.tests).where(eq(s.tests.verdict, 'fail'));
  return new Set(rows.flatMap((r) => r.id ?? []));
}

/** Traces that have a file and no fingerprint of this version. */
export async function tracesWithoutFingerprint(
  q: Tx | Db,
  version: number,
  limit: number,
): Promise<TraceFile[]> {
  return q
    .select(FILE)
    .from(s.traces)
    .innerJoin(s.attachments, eq(s.attachments.id, s.traces.attachmentId))
    .leftJoin(s.fingerprints, eq(s.fingerprints.traceId, s.traces.id))
    .where(
      and(
        ne(s.attachments.hash, ''),
        or(isNull(s.fingerprints.traceId), ne(s.fingerprints.version, version)),
      ),
    )
    .limit(limit);
}

export async function putFingerprint(tx: Tx, row: typeof s.fingerprints.$inferInsert): Promise<void> {
  await tx
    .insert(s.fingerprints)
    .values(row)
    .onConflictDoUpdate({ target: s.fingerprints.traceId, set: { version: row.version, body: row.body } });
}

/** Ids of all traces that have a fingerprint of this version, with what names them. */
export async function fingerprintedTraces(q: Tx | Db, version: number) {
  return q
    .select({
      id: s.traces.id,
      name: s.traces.name,
      caseId: s.traces.caseId,
      sheet: s.traces.sheet,
      hash: s.attachments.hash,
      readAs: s.traces.readAs,
    })
    .from(s.fingerprints)
    .innerJoin(s.traces, eq(s.traces.id, s.fingerprints.traceId))
    .innerJoin(s.attachments, eq(s.attachments.id, s.traces.attachmentId))
    .where(and(eq(s.fingerprints.version, version), ne(s.fingerprints.body, '')));
}

/** Fingerprints of some traces, as they are kept. */
export async function fingerprintBodies(q: Tx | Db, ids: string[]): Promise<Map<string, string>> {
  const rows = await q
    .select({ id: s.fingerprints.traceId, body: s.fingerprints.body })
    .from(s.fingerprints)
    .where(inArray(s.fingerprints.traceId, ids));
  return new Map(rows.map((r) => [r.id, r.body]));
}
