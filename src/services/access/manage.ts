import { randomBytes } from 'node:crypto';
import { z } from 'zod';
import { Passphrase, Pin, plainCode, TOKEN_SCOPES } from '@/core/access';
import { Problem } from '@/core/problem';
import {
  endSessions,
  insertDeviceCode,
  insertToken,
  listDevices,
  listSessions,
  listTokens,
  putSecret,
  secretOf,
  secretsOfAll,
  touchSession,
  unlockSecrets,
  updateDevice,
  updateToken,
} from '@/store/access';
import { db, write } from '@/store/database';
import { listPeople } from '@/store/shop';
import { newId } from '../cases/save';
import { allow, type Actor } from './actor';
import { hashSecret, isSecret } from './auth';
import { accessLog, noteAccess } from './log';
import { sha256 } from './request';
import { newDeviceCode } from './sign-in';

/** What a lead decides of devices, sessions, secrets and tokens, and what everybody may do about their own. */

const Id = z.string().min(1).max(60);
export const AccessRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('active') }),
  z.object({ do: z.literal('sign out') }),
  z.object({
    do: z.literal('own secret'),
    now: z.string().max(200),
    pin: Pin.optional(),
    passphrase: Passphrase.optional(),
  }),
  z.object({ do: z.literal('device code') }),
  z.object({
    do: z.literal('device'),
    id: Id,
    name: z.string().trim().min(1).max(60),
    idleMinutes: z.number().int().min(0).max(600),
  }),
  z.object({ do: z.literal('revoke device'), id: Id }),
  z.object({ do: z.literal('revoke session'), id: Id }),
  z.object({ do: z.literal('unlock'), personId: Id }),
  z.object({ do: z.literal('secret'), personId: Id, pin: Pin.optional(), passphrase: Passphrase.optional() }),
  z.object({
    do: z.literal('token'),
    name: z.string().trim().min(1, 'Name the token after what uses it.').max(60),
    scope: z.enum(TOKEN_SCOPES),
    days: z.number().int().min(1).max(730, 'At most two years.'),
  }),
  z.object({ do: z.literal('revoke token'), id: Id }),
]);
export type AccessRequest = z.infer<typeof AccessRequest>;

/** What is shown once: a code for a device, or a token. */
export type AccessDone = { code?: string; token?: string; signedOut?: boolean };

const OWN: ReadonlySet<AccessRequest['do']> = new Set(['active', 'sign out', 'own secret']);
const CODE_MINUTES = 10;

/** Does what was asked about access. */
export async function changeAccess(request: AccessRequest, who: Actor): Promise<AccessDone> {
  allow(OWN.has(request.do) ? 'own' : 'run the shop', who);
  const note = (kind: Parameters<typeof noteAccess>[1], id: string, says: Record<string, unknown>) =>
    noteAccess(who.personId, kind, id, says);
  switch (request.do) {
    case 'active':
      if (who.sessionId) await touchSession(db(), who.sessionId, new Date());
      return {};
    case 'sign out':
      if (who.sessionId) await write((tx) => endSessions(tx, { id: who.sessionId! }));
      await note('sign-out', who.personId, {});
      return { signedOut: true };
    case 'own secret':
      await proveOwn(who, request.now);
      await setSecrets(who.personId, request);
      await note('secret', who.personId, secretFields(request));
      return {};
    case 'secret':
      await setSecrets(request.personId, request);
      // Whoever was signed in by the old one is not any more.
      await write((tx) => endSessions(tx, { userId: request.personId }));
      await note('secret', request.personId, secretFields(request));
      return {};
    case 'unlock':
      await write((tx) => unlockSecrets(tx, request.personId));
      await note('secret', request.personId, { unlocked: true });
      return {};
    case 'device code': {
      const code = newDeviceCode();
      const until = new Date(Date.now() + CODE_MINUTES * 60_000);
      await write((tx) => insertDeviceCode(tx, newId(), sha256(plainCode(code)), who.personId, until));
      return { code };
    }
    case 'device':
      await write((tx) =>
        updateDevice(tx, request.id, { name: request.name, idleMinutes: request.idleMinutes }),
      );
      await note('device', request.id, { name: request.name, idleMinutes: request.idleMinutes });
      return {};
    case 'revoke device':
      await write(async (tx) => {
        await updateDevice(tx, request.id, { revokedAt: new Date().toISOString() });
        await endSessions(tx, { deviceId: request.id });
      });
      await note('device', request.id, { revoked: true });
      return {};
    case 'revoke session':
      await write((tx) => endSessions(tx, { id: request.id }));
      await note('session', request.id, { ended: true });
      return {};
    case 'token': {
      const token = `vt_${randomBytes(30).toString('base64url')}`;
      const now = new Date();
      await write((tx) =>
        insertToken(tx, {
          id: newId(),
          name: request.name,
          hash: sha256(token),
          begins: token.slice(0, 8),
          scope: request.scope,
          createdAt: now.toISOString(),
          createdById: who.personId,
          expiresAt: new Date(now.getTime() + request.days * 86_400_000).toISOString(),
          usedAt: null,
          revokedAt: null,
        }),
      );
      await note('token', request.name, { scope: request.scope, days: request.days });
      return { token };
    }
    case 'revoke token':
      await write((tx) => updateToken(tx, request.id, { revokedAt: new Date().toISOString() }));
      await note('token', request.id, { revoked: true });
      return {};
  }
}

const secretFields = (r: { pin?: string | undefined; passphrase?: string | undefined }) => ({
  ...(r.pin === undefined ? {} : { PIN: 'set' }),
  ...(r.passphrase === undefined ? {} : { passphrase: 'set' }),
});

/** Whoever changes their own secret shows that they know one of them. */
async function proveOwn(who: Actor, now: string): Promise<void> {
  for (const kind of ['pin', 'credential'] as const) {
    const kept = await secretOf(db(), who.personId, kind);
    if (kept?.password && !kept.locked && (await isSecret({ hash: kept.password, password: now }))) return;
  }
  throw new Problem('That is neither your PIN nor your passphrase of today.', 'not allowed');
}

async function setSecrets(
  personId: string,
  secrets: { pin?: string | undefined; passphrase?: string | undefined },
): Promise<void> {
  const person = (await listPeople(db())).find((p) => p.id === personId);
  if (!person) throw new Problem('There is nobody of that name.', 'gone');
  const hashed = await Promise.all(
    (
      [
        ['pin', secrets.pin],
        ['credential', secrets.passphrase],
      ] as const
    ).map(async ([kind, secret]) =>
      secret === undefined ? undefined : ([kind, await hashSecret(secret)] as const),
    ),
  );
  await write(async (tx) => {
    for (const h of hashed)
      if (h) await putSecret(tx, { id: person.id, name: person.name }, h[0], h[1], new Date());
  });
}

/** Everything a lead sees of access. */
export async function accessOverview() {
  const people = await listPeople(db());
  const names = new Map(people.map((p) => [p.id, p.name]));
  const devices = await listDevices(db());
  const device = new Map(devices.map((d) => [d.id, d.name]));
  const secrets = await secretsOfAll(db());
  return {
    people: people.map((p) => ({
      id: p.id,
      name: p.name,
      role: p.role,
      active: p.active,
      pin: secrets.some((s) => s.userId === p.id && s.kind === 'pin'),
      passphrase: secrets.some((s) => s.userId === p.id && s.kind === 'credential'),
      locked: secrets.some((s) => s.userId === p.id && s.locked),
    })),
    devices: devices.map((d) => ({
      id: d.id,
      name: d.name,
      idleMinutes: d.idleMinutes,
      admittedAt: d.admittedAt,
      by: names.get(d.admittedById) ?? '',
    })),
    sessions: (await listSessions(db())).map((s) => ({
      id: s.id,
      who: names.get(s.userId) ?? '',
      where: s.deviceId ? (device.get(s.deviceId) ?? 'a revoked device') : 'with a passphrase, elsewhere',
      since: s.createdAt.toISOString(),
      activeAt: s.activeAt?.toISOString() ?? null,
    })),
    tokens: (await listTokens(db())).map(({ id, name, begins, scope, createdAt, expiresAt, usedAt }) => ({
      id,
      name,
      begins,
      scope,
      createdAt,
      expiresAt,
      usedAt,
    })),
    log: await accessLog(),
  };
}
export type AccessOverview = Awaited<ReturnType<typeof accessOverview>>;

/** People who can sign in with a PIN on an admitted device, by name. */
export async function peopleWithPin(): Promise<{ id: string; name: string; role: string }[]> {
  const withPin = new Set((await secretsOfAll(db())).flatMap((s) => (s.kind === 'pin' ? [s.userId] : [])));
  return (await listPeople(db()))
    .filter((p) => p.active && withPin.has(p.id))
    .map(({ id, name, role }) => ({ id, name, role }));
}

/** Everybody who works here, to be chosen before a passphrase. */
export async function peopleToSignIn(): Promise<{ id: string; name: string; role: string }[]> {
  const can = new Set((await secretsOfAll(db())).map((s) => s.userId));
  return (await listPeople(db()))
    .filter((p) => p.active && can.has(p.id))
    .map(({ id, name, role }) => ({ id, name, role }));
}
