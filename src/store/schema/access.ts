import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { flag, id, line, moment } from './columns';

/** Who may sign in, from which device, and what programs may do. Passphrases, PINs and tokens stand here as hashes. */

const at = () => integer({ mode: 'timestamp' }).notNull();

/** People who can sign in; the id is the one in the list of people. The shape is better-auth's. */
export const users = sqliteTable('users', {
  id: id(),
  name: text().notNull(),
  email: text().notNull(),
  emailVerified: flag(false),
  image: text(),
  createdAt: at(),
  updatedAt: at(),
});

export const sessions = sqliteTable(
  'sessions',
  {
    id: id(),
    userId: text().notNull(),
    token: text().notNull().unique(),
    expiresAt: at(),
    ipAddress: text(),
    userAgent: text(),
    createdAt: at(),
    updatedAt: at(),
    /** The admitted device it was begun on; null: signed in with a passphrase elsewhere. */
    deviceId: text(),
    /** When a hand last did something on it. */
    activeAt: integer({ mode: 'timestamp' }),
  },
  (t) => [index('sessions_user').on(t.userId)],
);

/** Passphrases (`credential`) and PINs (`pin`), hashed with argon2id. */
export const accounts = sqliteTable(
  'accounts',
  {
    id: id(),
    accountId: text().notNull(),
    providerId: text().notNull(),
    userId: text().notNull(),
    accessToken: text(),
    refreshToken: text(),
    idToken: text(),
    accessTokenExpiresAt: integer({ mode: 'timestamp' }),
    refreshTokenExpiresAt: integer({ mode: 'timestamp' }),
    scope: text(),
    password: text(),
    createdAt: at(),
    updatedAt: at(),
    /** Wrong tries since the last right one, and when the last was. */
    tries: integer().notNull().default(0),
    triedAt: moment(),
    /** Locked until a lead unlocks it. */
    locked: flag(false),
  },
  (t) => [index('accounts_user').on(t.userId)],
);

export const verifications = sqliteTable('verifications', {
  id: id(),
  identifier: text().notNull(),
  value: text().notNull(),
  expiresAt: at(),
  createdAt: at(),
  updatedAt: at(),
});

/** Tablets and computers of the shop, admitted once by a lead. */
export const devices = sqliteTable('devices', {
  id: id(),
  name: text().notNull(),
  /** SHA-256 of the secret in its cookie. */
  secretHash: text().notNull().unique(),
  /** Minutes without a touch after which it asks for a PIN again; 0: never. */
  idleMinutes: integer().notNull().default(10),
  admittedAt: text().notNull(),
  admittedById: line(),
  seenAt: moment(),
  revokedAt: moment(),
});

/** Tokens of programs. */
export const tokens = sqliteTable('tokens', {
  id: id(),
  name: text().notNull(),
  /** SHA-256 of the token. */
  hash: text().notNull().unique(),
  /** Its first characters, to tell it from others. */
  begins: text().notNull(),
  scope: text().notNull(),
  createdAt: text().notNull(),
  createdById: line(),
  expiresAt: text().notNull(),
  usedAt: moment(),
  revokedAt: moment(),
});
