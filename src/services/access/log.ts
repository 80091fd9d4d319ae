import { appendHistory } from '@/store/rows';
import { db, write } from '@/store/database';
import { accessHistory } from '@/store/access';
import { listPeople } from '@/store/shop';

/** What stands in the history of signing in and of data that left the shop. */

export const ACCESS_KINDS = [
  'owner',
  'sign-in',
  'sign-out',
  'failed sign-in',
  'secret',
  'device',
  'session',
  'token',
  'export',
  'backup',
  'customer',
] as const;
export type AccessKind = (typeof ACCESS_KINDS)[number];

/** Puts one thing into the history. */
export async function noteAccess(
  who: string,
  kind: AccessKind,
  rowId: string,
  after: Record<string, unknown>,
): Promise<void> {
  await write((tx) =>
    appendHistory(tx, {
      at: new Date().toISOString(),
      who,
      caseId: null,
      kind,
      rowId,
      op: 'add',
      before: null,
      after,
    }),
  );
}

const MOST = 300;

/** The newest of it, with the names of people. */
export async function accessLog() {
  const names = new Map((await listPeople(db())).map((p) => [p.id, p.name]));
  return (await accessHistory(db(), ACCESS_KINDS, MOST)).map(({ seq, at, who, kind, rowId, after }) => ({
    seq,
    at,
    who: names.get(who) ?? who,
    kind: kind as AccessKind,
    about: names.get(rowId) ?? '',
    says: after ?? {},
  }));
}
