import { and, desc, eq, gt, inArray, isNull, lt, or, sql } from 'drizzle-orm';
import type { Db, Tx } from './database';
import * as s from './schema';

/** Who may sign in, admitted devices, sessions and tokens. */

export type AccountRow = typeof s.accounts.$inferSelect;
export type DeviceRow = typeof s.devices.$inferSelect;
export type TokenRow = typeof s.tokens.$inferSelect;
/** How somebody signs in. */
export type SecretKind = 'credential' | 'pin';

/** Whether anybody can sign in at all: there is a lead with a passphrase. */
export async function hasOwner(q: Tx | Db): Promise<boolean> {
  const [row] = await q
    .select({ id: s.accounts.id })
    .from(s.accounts)
    .where(eq(s.accounts.providerId, 'credential'))
    .limit(1);
  return row !== undefined;
}

export async function secretOf(
  q: Tx | Db,
  userId: string,
  kind: SecretKind,
): Promise<AccountRow | undefined> {
  const [row] = await q
    .select()
    .from(s.accounts)
    .where(and(eq(s.accounts.userId, userId), eq(s.accounts.providerId, kind)));
  return row;
}

/** Which kinds of secret everybody has, and whether one is locked. */
export async function secretsOfAll(
  q: Tx | Db,
): Promise<{ userId: string; kind: SecretKind; locked: boolean }[]> {
  const rows = await q
    .select({ userId: s.accounts.userId, kind: s.accounts.providerId, locked: s.accounts.locked })
    .from(s.accounts);
  return rows as { userId: string; kind: SecretKind; locked: boolean }[];
}

/** Puts a hashed passphrase or PIN down for a person, who can sign in from then on. */
export async function putSecret(
  tx: Tx,
  person: { id: string; name: string },
  kind: SecretKind,
  hash: string,
  at: Date,
): Promise<void> {
  const email = `${person.id.toLowerCase()}@people.invalid`;
  await tx
    .insert(s.users)
    .values({ ...person, email, emailVerified: true, createdAt: at, updatedAt: at })
    .onConflictDoUpdate({ target: s.users.id, set: { name: person.name, updatedAt: at } });
  await tx
    .insert(s.accounts)
    .values({
      id: `${kind}-${person.id}`,
      accountId: person.id,
      providerId: kind,
      userId: person.id,
      password: hash,
      createdAt: at,
      updatedAt: at,
    })
    .onConflictDoUpdate({
      target: s.accounts.id,
      set: { password: hash, tries: 0, triedAt: null, locked: false, updatedAt: at },
    });
}

export async function noteTry(
  tx: Tx,
  id: string,
  set: { tries: number; triedAt: string; locked: boolean },
): Promise<void> {
  await tx.update(s.accounts).set(set).where(eq(s.accounts.id, id));
}

export async function unlockSecrets(tx: Tx, userId: string): Promise<void> {
  await tx.update(s.accounts).set({ tries: 0, locked: false }).where(eq(s.accounts.userId, userId));
}

export async function deviceBySecret(q: Tx | Db, secretHash: string): Promise<DeviceRow | undefined> {
  const [row] = await q
    .select()
    .from(s.devices)
    .where(and(eq(s.devices.secretHash, secretHash), isNull(s.devices.revokedAt)));
  return row;
}
export async function listDevices(q: Tx | Db): Promise<DeviceRow[]> {
  return q.select().from(s.devices).where(isNull(s.devices.revokedAt)).orderBy(desc(s.devices.admittedAt));
}
export async function insertDevice(tx: Tx, row: DeviceRow): Promise<void> {
  await tx.insert(s.devices).values(row);
}
export async function updateDevice(tx: Tx, id: string, set: Partial<DeviceRow>): Promise<void> {
  await tx.update(s.devices).set(set).where(eq(s.devices.id, id));
}

const DEVICE_CODE = 'device code';
export async function insertDeviceCode(tx: Tx, id: string, hash: string, by: string, until: Date) {
  const now = new Date();
  await tx.delete(s.verifications).where(lt(s.verifications.expiresAt, now));
  await tx.insert(s.verifications).values({
    id,
    identifier: `${DEVICE_CODE} ${hash}`,
    value: by,
    expiresAt: until,
    createdAt: now,
    updatedAt: now,
  });
}
/** Uses a device code up; gives who made it. */
export async function takeDeviceCode(tx: Tx, hash: string): Promise<string | undefined> {
  const [row] = await tx
    .delete(s.verifications)
    .where(
      and(
        eq(s.verifications.identifier, `${DEVICE_CODE} ${hash}`),
        gt(s.verifications.expiresAt, new Date()),
      ),
    )
    .returning({ by: s.verifications.value });
  return row?.by;
}

/** Sessions that are still good, with whose they are and on which device. */
export async function listSessions(q: Tx | Db) {
  return q
    .select({
      id: s.sessions.id,
      userId: s.sessions.userId,
      deviceId: s.sessions.deviceId,
      createdAt: s.sessions.createdAt,
      activeAt: s.sessions.activeAt,
      userAgent: s.sessions.userAgent,
    })
    .from(s.sessions)
    .where(gt(s.sessions.expiresAt, new Date()))
    .orderBy(desc(s.sessions.activeAt));
}
export async function touchSession(q: Tx | Db, id: string, at: Date): Promise<void> {
  await q.update(s.sessions).set({ activeAt: at }).where(eq(s.sessions.id, id));
}
/** Ends sessions: one, all of a person, all of a device. */
export async function endSessions(
  tx: Tx,
  which: { id?: string; userId?: string; deviceId?: string },
): Promise<number> {
  const wanted = [
    which.id === undefined ? undefined : eq(s.sessions.id, which.id),
    which.userId === undefined ? undefined : eq(s.sessions.userId, which.userId),
    which.deviceId === undefined ? undefined : eq(s.sessions.deviceId, which.deviceId),
  ].filter((c) => c !== undefined);
  if (wanted.length === 0) return 0;
  return (
    await tx
      .delete(s.sessions)
      .where(or(...wanted))
      .returning({ id: s.sessions.id })
  ).length;
}

export async function tokenByHash(q: Tx | Db, hash: string): Promise<TokenRow | undefined> {
  const [row] = await q
    .select()
    .from(s.tokens)
    .where(and(eq(s.tokens.hash, hash), isNull(s.tokens.revokedAt)));
  return row;
}
export async function listTokens(q: Tx | Db): Promise<TokenRow[]> {
  return q.select().from(s.tokens).where(isNull(s.tokens.revokedAt)).orderBy(desc(s.tokens.createdAt));
}
export async function insertToken(tx: Tx, row: TokenRow): Promise<void> {
  await tx.insert(s.tokens).values(row);
}
export async function updateToken(q: Tx | Db, id: string, set: Partial<TokenRow>): Promise<void> {
  await q.update(s.tokens).set(set).where(eq(s.tokens.id, id));
}

/** What was written of signing in and of access, the newest first. */
export async function accessHistory(q: Tx | Db, kinds: readonly string[], most: number) {
  return q
    .select({
      seq: s.history.seq,
      at: s.history.at,
      who: s.history.who,
      kind: s.history.kind,
      rowId: s.history.rowId,
      op: s.history.op,
      after: s.history.after,
    })
    .from(s.history)
    .where(and(inArray(s.history.kind, [...kinds]), sql`${s.history.caseId} is null`))
    .orderBy(desc(s.history.seq))
    .limit(most);
}
