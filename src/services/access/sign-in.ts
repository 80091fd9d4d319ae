import { randomBytes } from 'node:crypto';
import { z } from 'zod';
import { deviceCode, Passphrase, Pin, plainCode, type Role } from '@/core/access';
import { Problem } from '@/core/problem';
import {
  hasOwner,
  insertDevice,
  noteTry,
  putSecret,
  secretOf,
  takeDeviceCode,
  type AccountRow,
  type DeviceRow,
  type SecretKind,
} from '@/store/access';
import { db, write } from '@/store/database';
import { listPeople, putSetting, upsertPerson } from '@/store/shop';
import { newId } from '../cases/save';
import { RegionSetting } from '../shop/shop';
import { auth, hashSecret, isSecret } from './auth';
import { noteAccess } from './log';
import { sha256 } from './request';
import { deviceHere, DEVICE_COOKIE, isDemo, PERSON_COOKIE } from './who';
import { isSecure } from './request';

/** Signing in: the owner at the first start, a PIN on an admitted device, a passphrase anywhere. */

export const SignInRequest = z.discriminatedUnion('do', [
  z.object({
    do: z.literal('owner'),
    name: z.string().trim().min(1, 'Write your name.').max(80),
    passphrase: Passphrase,
    pin: Pin,
    device: z.string().trim().min(1, 'Name this device.').max(60),
    region: RegionSetting.optional(),
  }),
  z.object({ do: z.literal('pin'), personId: z.string().max(40), pin: z.string().max(12) }),
  z.object({ do: z.literal('passphrase'), name: z.string().trim().max(80), passphrase: z.string().max(200) }),
  z.object({
    do: z.literal('admit'),
    code: z.string().max(40),
    device: z.string().trim().min(1, 'Name this device.').max(60),
  }),
]);
export type SignInRequest = z.infer<typeof SignInRequest>;

/** What is said back, with the cookies that go with it. */
interface Signed {
  cookies: string[];
  personId?: string;
}

/** Wrong PINs after which only a lead, or the person's passphrase, helps. */
const PINS_TRIED = 5;
/** Wrong passphrases after which the next try has to wait, and how long it waits at the most. */
const PASSPHRASES_TRIED = 5;
const LONGEST_WAIT_MS = 15 * 60_000;
const YEAR = 365 * 24 * 60 * 60;

/** Whoever tried a name or a secret that is none gets the same words: which of them was wrong is not told. */
const WRONG = { pin: 'That PIN is not right.', credential: 'Name and passphrase do not belong together.' };

/** A hash of nothing anybody knows: a name without a secret takes as long as one with. */
let nobodys: Promise<string> | undefined;

const cookie = (name: string, value: string, headers: Headers, more: string): string =>
  `${name}=${encodeURIComponent(value)}; Path=/; Max-Age=${YEAR}; SameSite=Lax${isSecure(headers) ? '; Secure' : ''}${more}`;

/**
 * Signs somebody in, or admits a device.
 *
 * @param request what was entered
 * @param headers of the request: its device, and whether it came over TLS
 * @throws Problem `sign in` for what is not right, `locked` after too many tries, each with what to do
 */
export async function signIn(request: SignInRequest, headers: Headers): Promise<Signed> {
  if (await isDemo(headers)) throw new Problem('In the demo everybody is signed in: choose a name above.');
  if (request.do === 'owner') return makeOwner(request, headers);
  if (request.do === 'admit') return admit(request.code, request.device, headers);
  const device = await deviceHere(headers);
  if (request.do === 'pin' && !device)
    throw new Problem(
      'This device has not been admitted, or no longer is. Sign in with a passphrase.',
      'sign in',
    );
  const kind: SecretKind = request.do === 'pin' ? 'pin' : 'credential';
  const secret = request.do === 'pin' ? request.pin : request.passphrase;
  const personId = request.do === 'pin' ? request.personId : await personNamed(request.name);
  await prove(personId, kind, secret, device);
  return begin(personId, device, headers);
}

/** Who goes by a name, as it is written or nearly; empty for nobody. */
async function personNamed(name: string): Promise<string> {
  const plain = (n: string) => n.normalize('NFKC').trim().toLowerCase();
  return (await listPeople(db())).find((p) => p.active && plain(p.name) === plain(name))?.id ?? '';
}

/** Holds a secret against what is kept, and counts wrong tries. */
async function prove(
  personId: string,
  kind: SecretKind,
  secret: string,
  device: DeviceRow | undefined,
): Promise<void> {
  const person = (await listPeople(db())).find((p) => p.id === personId && p.active);
  const kept = person && (await secretOf(db(), personId, kind));
  if (!kept?.password) {
    await isSecret({ hash: await (nobodys ??= hashSecret(newId())), password: secret });
    throw new Problem(WRONG[kind], 'sign in');
  }
  const wait = waits(kept, kind);
  if (wait) throw new Problem(wait, 'locked');
  // Counted before it is looked at, so that tries side by side do not get round the count.
  await write((tx) => countTry(tx, personId, kind));
  if (await isSecret({ hash: kept.password, password: secret })) {
    await write((tx) =>
      noteTry(tx, kept.id, { tries: 0, triedAt: new Date().toISOString(), locked: kept.locked }),
    );
    return;
  }
  const now = (await secretOf(db(), personId, kind))!;
  await noteAccess('', 'failed sign-in', personId, {
    with: kind === 'pin' ? 'PIN' : 'passphrase',
    device: device?.name ?? '',
    ...(now.locked ? { locked: true } : {}),
  });
  throw now.locked
    ? new Problem(waits(now, kind)!, 'locked')
    : new Problem(
        kind === 'pin' ? `${WRONG.pin} ${left(PINS_TRIED - now.tries)}` : WRONG.credential,
        'sign in',
      );
}

async function countTry(tx: Parameters<Parameters<typeof write>[0]>[0], personId: string, kind: SecretKind) {
  const row = await secretOf(tx, personId, kind);
  if (!row) return;
  const wait = waits(row, kind);
  if (wait) throw new Problem(wait, 'locked');
  const tries = row.tries + 1;
  const locked = row.locked || (kind === 'pin' && tries >= PINS_TRIED);
  await noteTry(tx, row.id, { tries, triedAt: new Date().toISOString(), locked });
}

const left = (n: number): string => `${n} ${n === 1 ? 'try' : 'tries'} left.`;

/** Why the next try has to wait; undefined where it need not. */
function waits(row: AccountRow, kind: SecretKind): string | undefined {
  if (kind === 'pin')
    return row.locked ? 'Too many wrong PINs. A lead unlocks it, or sign in with the passphrase.' : undefined;
  if (row.tries < PASSPHRASES_TRIED || !row.triedAt) return undefined;
  const wait = Math.min(LONGEST_WAIT_MS, 30_000 * 2 ** (row.tries - PASSPHRASES_TRIED));
  const seconds = Math.ceil((new Date(row.triedAt).getTime() + wait - Date.now()) / 1000);
  return seconds > 0 ? `Too many wrong passphrases. Try again in ${seconds} s.` : undefined;
}

async function begin(personId: string, device: DeviceRow | undefined, headers: Headers): Promise<Signed> {
  const { api } = await auth(isSecure(headers));
  const response = await api.beginSession({
    body: { userId: personId, deviceId: device?.id ?? null },
    headers,
    asResponse: true,
  });
  if (!response.ok) throw new Problem('Signing in did not work. Try again.', 'internal');
  await noteAccess(personId, 'sign-in', personId, { device: device?.name ?? 'elsewhere' });
  return {
    personId,
    cookies: [...response.headers.getSetCookie(), cookie(PERSON_COOKIE, personId, headers, '')],
  };
}

/** The first start: who makes the owner is the shop's first lead, and this its first device. */
async function makeOwner(
  { name, passphrase, pin, device, region }: Extract<SignInRequest, { do: 'owner' }>,
  headers: Headers,
): Promise<Signed> {
  const [passHash, pinHash] = [await hashSecret(passphrase), await hashSecret(pin)];
  const personId = await write(async (tx) => {
    if (await hasOwner(tx))
      throw new Problem('This shop has an owner already. Ask a lead to let you in.', 'not allowed');
    const people = await listPeople(tx);
    // Somebody of that name, else the nameless lead that every new shop begins with.
    const known =
      people.find((p) => p.name.toLowerCase() === name.toLowerCase()) ??
      people.find((p) => p.id === 'lead' && p.name === 'Diagnostic lead');
    const person = { id: known?.id ?? newId(), name, role: 'lead' as Role, active: true };
    await upsertPerson(tx, person);
    await putSecret(tx, person, 'credential', passHash, new Date());
    await putSecret(tx, person, 'pin', pinHash, new Date());
    if (region) await putSetting(tx, 'shop.region', region);
    return person.id;
  });
  await noteAccess(personId, 'owner', personId, { name });
  const admitted = await keepDevice(device, personId);
  const { cookies } = await begin(personId, admitted.row, headers);
  return { personId, cookies: [...cookies, cookie(DEVICE_COOKIE, admitted.secret, headers, '; HttpOnly')] };
}

async function keepDevice(name: string, by: string): Promise<{ row: DeviceRow; secret: string }> {
  const secret = randomBytes(32).toString('base64url');
  const row: DeviceRow = {
    id: newId(),
    name,
    secretHash: sha256(secret),
    idleMinutes: 10,
    admittedAt: new Date().toISOString(),
    admittedById: by,
    seenAt: null,
    revokedAt: null,
  };
  await write((tx) => insertDevice(tx, row));
  await noteAccess(by, 'device', row.id, { admitted: name });
  return { row, secret };
}

const codesTried: number[] = [];
/** Tries of codes in an hour, over all devices: a code has 40 bits and is good for ten minutes. */
const CODES_AN_HOUR = 60;

async function admit(code: string, name: string, headers: Headers): Promise<Signed> {
  const hour = Date.now() - 3_600_000;
  while (codesTried[0] !== undefined && codesTried[0] < hour) codesTried.shift();
  if (codesTried.length >= CODES_AN_HOUR)
    throw new Problem('Too many codes were tried. Wait an hour, or restart the server.', 'locked');
  codesTried.push(Date.now());
  const by = await write((tx) => takeDeviceCode(tx, sha256(plainCode(code))));
  if (by === undefined) {
    await noteAccess('', 'failed sign-in', '', { with: 'device code' });
    throw new Problem(
      'That code is not good, or no longer. A lead makes a new one under Shop, Access.',
      'sign in',
    );
  }
  const { secret } = await keepDevice(name, by);
  return { cookies: [cookie(DEVICE_COOKIE, secret, headers, '; HttpOnly')] };
}

/** Makes a code that admits one device, for ten minutes. */
export const newDeviceCode = (): string => deviceCode(randomBytes(8));
