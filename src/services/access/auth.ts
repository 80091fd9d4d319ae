import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { betterAuth, type BetterAuthPlugin } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { createAuthEndpoint } from 'better-auth/api';
import { setSessionCookie } from 'better-auth/cookies';
import { z } from 'zod';
import { db, write } from '@/store/database';
import * as schema from '@/store/schema';
import { getSetting, putSetting } from '@/store/shop';

/**
 * Sessions and secrets by better-auth on the shop's own tables. Its own routes are not mounted: how people sign in
 * here (a PIN on an admitted device, a passphrase elsewhere) is decided in `sign-in.ts`, which begins the session.
 */

const SECRET = 'access.secret';
const DAYS = 24 * 60 * 60;

/** The key that signs cookies, made at the first start; it is in no backup and no export. */
async function signingKey(): Promise<string> {
  const kept = await getSetting<string>(db(), SECRET);
  if (kept) return kept;
  return write(async (tx) => {
    const there = await getSetting<string>(tx, SECRET);
    if (there) return there;
    const made = randomBytes(32).toString('base64url');
    await putSetting(tx, SECRET, made);
    return made;
  });
}

/** Begins a session for somebody who proved who they are; sets its cookie. */
const sessions = {
  id: 'shop-sessions',
  endpoints: {
    beginSession: createAuthEndpoint(
      '/shop/begin',
      {
        method: 'POST',
        body: z.object({ userId: z.string(), deviceId: z.string().nullable() }),
        metadata: { SERVER_ONLY: true },
      },
      async (ctx) => {
        const { userId, deviceId } = ctx.body;
        const user = await ctx.context.internalAdapter.findUserById(userId);
        if (!user) throw ctx.error('UNAUTHORIZED');
        const session = await ctx.context.internalAdapter.createSession(userId, false, {
          deviceId,
          activeAt: new Date(),
        });
        await setSessionCookie(ctx, { session, user });
        return ctx.json({ id: session.id });
      },
    ),
  },
} satisfies BetterAuthPlugin;

const made = (secret: string, secure: boolean) =>
  betterAuth({
    database: drizzleAdapter(db(), {
      provider: 'sqlite',
      schema: {
        user: schema.users,
        session: schema.sessions,
        account: schema.accounts,
        verification: schema.verifications,
      },
    }),
    secret,
    // Links are never sent; Host and Origin are checked before anything else (`scripts/server.mjs`).
    baseURL: 'http://localhost',
    emailAndPassword: {
      enabled: true,
      disableSignUp: true,
      password: { hash: hashSecret, verify: isSecret },
    },
    session: {
      expiresIn: 30 * DAYS,
      // Looking writes nothing: a session ends thirty days after it began.
      disableSessionRefresh: true,
      additionalFields: {
        deviceId: { type: 'string', required: false, input: false },
        activeAt: { type: 'date', required: false, input: false },
      },
    },
    advanced: { cookiePrefix: 'vantle', useSecureCookies: secure },
    telemetry: { enabled: false },
    logger: { disabled: true },
    plugins: [sessions],
  });
type Auth = ReturnType<typeof made>;

const shared = globalThis as typeof globalThis & { vantleAuth?: Map<string, Promise<Auth>> };

/** better-auth on the present database. Cookies are `Secure` where the page came over TLS. */
export function auth(secure: boolean): Promise<Auth> {
  const all = (shared.vantleAuth ??= new Map());
  const key = `${process.env.VANTLE_DATABASE_URL ?? ''} ${secure}`;
  const known = all.get(key);
  if (known) return known;
  const fresh = signingKey().then((secret) => made(secret, secure));
  all.set(key, fresh);
  fresh.catch(() => all.delete(key));
  return fresh;
}

/** argon2id with the parameters of the OWASP password storage cheat sheet: 19 MiB, two passes, one lane. */
export const hashSecret = (secret: string): Promise<string> =>
  hash(secret, { memoryCost: 19_456, timeCost: 2, parallelism: 1 });

export const isSecret = ({ hash: kept, password }: { hash: string; password: string }): Promise<boolean> =>
  verify(kept, password).catch(() => false);
