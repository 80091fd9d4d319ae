import { existsSync, readdirSync } from 'node:fs';
import { mkdir, mkdtemp, rename, rm } from 'node:fs/promises';
import path from 'node:path';
import { Problem } from '@/core/problem';
import { contentStore } from '@/store/content';
import { differenceOf, type Difference } from '@/store/snapshot';
import type { Manifest } from './manifest';
import { unpackBackup } from './read';

/** Puts a backup back: into an empty place, or beside what is there, with a comparison. */

export interface Place {
  /** Path of the database. */
  database: string;
  /** Folder of the stored files, or `s3://bucket/prefix`. */
  files: string;
}

/** Folders of restores under way. */
const UNDER_WAY = 'restoring-';

const isEmpty = (folder: string): boolean => !existsSync(folder) || readdirSync(folder).length === 0;

/**
 * Restores into a place where no shop is; killed on the way it is no shop yet, and can be done again.
 *
 * @throws Problem where something is there already
 */
export async function restoreInto(
  file: string,
  passphrase: string | undefined,
  to: Place,
): Promise<Manifest> {
  if (existsSync(to.database))
    throw new Problem(
      `There is a shop at ${to.database} already. It was left as it is; restore beside it (--beside FOLDER) and compare first, or move it away.`,
    );
  const folder = path.dirname(path.resolve(to.database));
  await mkdir(folder, { recursive: true });
  // What a restore that was killed has left.
  for (const name of readdirSync(folder))
    if (name.startsWith(UNDER_WAY)) await rm(path.join(folder, name), { recursive: true, force: true });
  const beside = await mkdtemp(path.join(folder, UNDER_WAY));
  try {
    const manifest = await unpackBackup(file, passphrase, beside);
    // They may be meant for another disk, or another machine. Files are named by their content: those that are there
    // already, of a restore that was killed, are the same.
    const store = contentStore(to.files);
    for (const { name } of await contentStore(path.join(beside, 'files')).list())
      await store.putFile(name, path.join(beside, 'files', name.slice(0, 2), name));
    // The database comes last: with it the place is a shop.
    await rename(path.join(beside, 'shop.db'), to.database);
    return manifest;
  } finally {
    await rm(beside, { recursive: true, force: true });
  }
}

/** Unpacks a backup into a folder of its own and says how it differs from the shop that is there. */
export async function restoreBeside(
  file: string,
  passphrase: string | undefined,
  folder: string,
  shop: Place,
): Promise<{ manifest: Manifest; difference: Difference | undefined }> {
  if (!isEmpty(folder)) throw new Problem(`"${folder}" is not empty. Name a folder that is not there yet.`);
  const manifest = await unpackBackup(file, passphrase, folder);
  const difference = existsSync(shop.database)
    ? await differenceOf(shop.database, path.join(folder, 'shop.db'))
    : undefined;
  return { manifest, difference };
}

/** The comparison in lines for a terminal. */
export function differenceInWords(d: Difference): string[] {
  const { cases } = d;
  return [
    `Cases: ${cases.same} the same, ${cases.newerHere} written on since, ${cases.newerThere} newer in the backup, ${cases.onlyHere} only in the shop, ${cases.onlyThere} only in the backup.`,
    ...d.tables
      .filter((t) => t.here !== t.there)
      .map((t) => `${t.name}: ${t.here} in the shop, ${t.there} in the backup`),
  ];
}
