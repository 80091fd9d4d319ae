import { readdir, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { z } from 'zod';
import { Problem } from '@/core/problem';
import { db, write } from '@/store/database';
import { firstHistoryAt, getSetting, putSetting } from '@/store/shop';
import { noteAccess } from '../access/log';
import { log } from '../running/log';
import { ENDING, makeBackup } from './make';

/** Daily backups: where they go, how many stay, when the last good one was. */

export const BackupSettings = z.object({
  daily: z.boolean(),
  /** A folder, best on another disk; empty: `data/backups`. */
  folder: z.string().trim().max(400),
  keep: z.number().int().min(1, 'Keep one at least.').max(400),
});
export type BackupSettings = z.infer<typeof BackupSettings>;
const USUAL: BackupSettings = { daily: true, folder: '', keep: 14 };

export const SETTINGS = 'backup.settings';
const LAST = 'backup.last';
interface Last {
  at: string;
  /** When it last went well; empty: never. */
  good: string;
  problem: string;
}

const HOUR = 3_600_000;
/** After this long without a good one the desk says so. */
export const OVERDUE_MS = 48 * HOUR;

export async function backupSettings(): Promise<BackupSettings> {
  const kept = BackupSettings.safeParse(await getSetting(db(), SETTINGS));
  return kept.success ? kept.data : USUAL;
}

const folderOf = (s: BackupSettings): string =>
  path.resolve(
    /* turbopackIgnore: true */ process.cwd(),
    s.folder || process.env.VANTLE_BACKUPS || 'data/backups',
  );

/** The backups that are in the shop's folder, the newest first. */
async function backupsIn(folder: string): Promise<{ name: string; bytes: number; at: string }[]> {
  const names = (await readdir(folder).catch(() => [])).filter((n) => n.endsWith(ENDING));
  const found = await Promise.all(
    names.map(async (name) => {
      const { size, mtime } = await stat(path.join(folder, name));
      return { name, bytes: size, at: mtime.toISOString() };
    }),
  );
  return found.sort((a, b) => b.at.localeCompare(a.at));
}

/**
 * Backs up into the shop's folder and throws away the oldest beyond those that are kept.
 *
 * @throws Problem where it did not go well; what was there stays
 */
export async function backUpNow(
  who: string,
  passphrase?: string,
  now = new Date(),
): Promise<{ file: string; bytes: number }> {
  const settings = await backupSettings();
  const folder = folderOf(settings);
  const stamp = now.toISOString().slice(0, 19).replaceAll(':', '-');
  const file = path.join(folder, `vantle-${stamp}${ENDING}`);
  const last = await getSetting<Last>(db(), LAST);
  try {
    const { bytes, cases } = await makeBackup(file, passphrase, now);
    await write((tx) =>
      putSetting(tx, LAST, { at: now.toISOString(), good: now.toISOString(), problem: '' }),
    );
    await noteAccess(who, 'backup', '', { cases, bytes });
    for (const old of (await backupsIn(folder)).slice(settings.keep)) await rm(path.join(folder, old.name));
    return { file, bytes };
  } catch (e) {
    const problem = e instanceof Problem ? e.message : `The backup could not be written to ${folder}.`;
    log.error({ err: e instanceof Error ? e.name : '' }, 'backup failed');
    await write((tx) => putSetting(tx, LAST, { at: now.toISOString(), good: last?.good ?? '', problem }));
    throw new Problem(`${problem} Free some space there, or choose another folder.`, 'disk', { cause: e });
  }
}

/** Whether it is time for the daily one. */
export async function backupIsDue(now = Date.now()): Promise<boolean> {
  if ((await getSetting<string>(db(), 'shop.kind')) !== 'own') return false;
  if (!(await backupSettings()).daily) return false;
  const last = await getSetting<Last>(db(), LAST);
  const tried = last ? new Date(last.at).getTime() : 0;
  const good = last?.good ? new Date(last.good).getTime() : 0;
  // One that failed is tried again after an hour.
  return now - good >= 24 * HOUR && now - tried >= HOUR;
}

/**
 * What the desk has to say of backups; empty where all is well. A shop without daily backups is told too, and one
 * whose first never came: what was never tried has not failed, and is missing all the same.
 */
export async function backupWarning(now = Date.now()): Promise<string> {
  if ((await getSetting<string>(db(), 'shop.kind')) !== 'own') return '';
  const last = await getSetting<Last>(db(), LAST);
  const since = last?.good || (await firstHistoryAt(db()));
  const age = since ? now - new Date(since).getTime() : 0;
  if (age < OVERDUE_MS) return '';
  const days = Math.floor(age / (24 * HOUR));
  const daily = (await backupSettings()).daily;
  return [
    last?.good ? `The last good backup is ${days} days old.` : 'There is no backup yet.',
    daily ? (last?.problem ?? '') : 'Daily backups are off.',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Everything that the page of backups shows. */
export async function backupOverview() {
  const settings = await backupSettings();
  const folder = folderOf(settings);
  const last = await getSetting<Last>(db(), LAST);
  return { settings, folder, last: last ?? null, backups: (await backupsIn(folder)).slice(0, 60) };
}
export type BackupOverview = Awaited<ReturnType<typeof backupOverview>>;
