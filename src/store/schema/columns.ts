import { integer, real, text } from 'drizzle-orm/sqlite-core';

/** Text that is never null; empty means "not recorded". */
export const line = () => text().notNull().default('');
/** A moment as ISO 8601 text in UTC, or null. */
export const moment = () => text();
/** A list of short words as JSON. */
export const words = () => text({ mode: 'json' }).$type<string[]>().notNull().default([]);
export const id = () => text().primaryKey();
export const revision = () => integer().notNull().default(1);
export const position = () => real().notNull().default(0);
export const flag = (on: boolean) => integer({ mode: 'boolean' }).notNull().default(on);
