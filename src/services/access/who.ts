import type { Role, TokenScope } from '@/core/access';
import { db } from '@/store/database';
import {
  deviceBySecret,
  hasOwner,
  listDevices,
  tokenByHash,
  updateToken,
  type DeviceRow,
} from '@/store/access';
import { getSetting, listPeople } from '@/store/shop';
import type { Actor } from './actor';
import { auth } from './auth';
import { cookieOf, isLoopback, isSecure, sameText, sha256 } from './request';

/** Who a request comes from: a token, a session on a device, or the open demo. */

export const DEVICE_COOKIE = 'vantle-device';
/** A cookie that page scripts can read: whose words are waiting in this browser. It gives no rights but in the demo. */
export const PERSON_COOKIE = 'vantle-person';

/** Whether this is the demo shop, where everybody is signed in as its lead, on its own machine. */
export async function isDemo(headers: Headers): Promise<boolean> {
  return (
    process.env.VANTLE_DEMO === 'yes' &&
    isLoopback(headers) &&
    (await getSetting<string>(db(), 'shop.kind')) === 'demo'
  );
}

/** The admitted device that a request comes from. */
export async function deviceHere(headers: Headers): Promise<DeviceRow | undefined> {
  const secret = cookieOf(headers, DEVICE_COOKIE);
  return secret ? deviceBySecret(db(), sha256(secret)) : undefined;
}

const byToken = async (headers: Headers): Promise<Actor | undefined> => {
  const token = /^Bearer ([\x21-\x7e]{8,200})$/i.exec(headers.get('authorization') ?? '')?.[1];
  if (!token) return undefined;
  const given = process.env.VANTLE_TOKEN ?? '';
  if (given.length >= 16 && isLoopback(headers) && sameText(token, given))
    return { personId: '', name: 'VANTLE_TOKEN', role: 'lead', via: 'token', scope: 'lead' };
  const row = await tokenByHash(db(), sha256(token));
  if (!row || row.expiresAt < new Date().toISOString()) return undefined;
  const today = new Date().toISOString();
  // Once an hour is enough to see which are in use.
  if (!row.usedAt || row.usedAt.slice(0, 13) !== today.slice(0, 13))
    // A disk that is full refuses no look.
    await updateToken(db(), row.id, { usedAt: today }).catch(() => undefined);
  const scope = row.scope as TokenScope;
  const role: Role = scope === 'lead' ? 'lead' : 'technician';
  return { personId: '', name: row.name, role, via: 'token', scope };
};

const inDemo = async (headers: Headers): Promise<Actor | undefined> => {
  if (!(await isDemo(headers))) return undefined;
  const people = (await listPeople(db())).filter((p) => p.active);
  const chosen = cookieOf(headers, PERSON_COOKIE);
  const person = people.find((p) => p.id === chosen) ?? people.find((p) => p.role === 'lead') ?? people[0];
  return person && { personId: person.id, name: person.name, role: person.role as Role, via: 'demo' };
};

/** A minute more than the device waits: the page locks itself first, and loses nothing by it. */
const GRACE_MS = 60_000;

const bySession = async (headers: Headers): Promise<Actor | undefined> => {
  if (!/(?:^|;\s*)(?:__Secure-)?vantle\.session_token=/.test(headers.get('cookie') ?? '')) return undefined;
  const found = await (await auth(isSecure(headers))).api.getSession({ headers });
  if (!found) return undefined;
  const { session, user } = found;
  const person = (await listPeople(db())).find((p) => p.id === user.id);
  if (!person?.active) return undefined;
  const deviceId = session.deviceId ?? null;
  if (deviceId !== null) {
    // A session of a device is good on that device only, and only while hands are on it.
    const device = (await listDevices(db())).find((d) => d.id === deviceId);
    if (!device || (await deviceHere(headers))?.id !== deviceId) return undefined;
    const idle = Date.now() - new Date(session.activeAt ?? session.createdAt).getTime();
    if (device.idleMinutes > 0 && idle > device.idleMinutes * 60_000 + GRACE_MS) return undefined;
  }
  return {
    personId: person.id,
    name: person.name,
    role: person.role as Role,
    via: 'session',
    sessionId: session.id,
    deviceId,
  };
};

/**
 * Who a request comes from.
 *
 * @param headers of the request
 * @returns undefined where nobody is signed in
 */
export async function whoAsks(headers: Headers): Promise<Actor | undefined> {
  return headers.has('authorization')
    ? byToken(headers)
    : ((await inDemo(headers)) ?? (await bySession(headers)));
}

/** Whether anybody can sign in at all. */
export const canSignIn = (): Promise<boolean> => hasOwner(db());

/** Where somebody who is not signed in has to go: the first start makes the owner. */
export const whereToSignIn = async (): Promise<'/welcome' | '/sign-in'> =>
  (await hasOwner(db())) ? '/sign-in' : '/welcome';
