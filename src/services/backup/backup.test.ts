import { randomBytes } from 'node:crypto';
import {
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connection, write } from '@/store/database';
import { putSecret } from '@/store/access';
import { putSetting } from '@/store/shop';
import { rowsOf } from '@/store/test-rows';
import { createCase } from '../cases/cases';
import { takeFile } from '../files/files';
import { testShop, writeOn } from '../testing/test-shop';
import { makeBackup } from './make';
import { backUpBeside } from './process';
import { asksPassphrase, checkBackup } from './read';
import { differenceInWords, restoreBeside, restoreInto } from './restore';
import { backUpNow, backupIsDue, backupOverview, backupWarning } from './schedule';
import { isSealed, sealing, unsealing } from './seal';

let end: () => Promise<void>;
let folder: string;
beforeAll(async () => {
  end = await testShop();
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-backup-'));
  process.env.VANTLE_BACKUPS = path.join(folder, 'daily');
}, 30_000);
afterAll(async () => {
  delete process.env.VANTLE_BACKUPS;
  rmSync(folder, { recursive: true, force: true });
  await end();
});

const at = (name: string) => path.join(folder, name);
const body = (text: string) => new Response(text).body!;

describe('a backup', () => {
  it('made beside twenty writers is whole, and gives back every row and every file', async () => {
    const { id } = await createCase('lead');
    await write((tx) => putSecret(tx, { id: 'lead', name: 'Lead' }, 'pin', 'a hash', new Date()));
    const upload = { caseId: id, id: 'file-one', name: 'note.txt', testId: null, partId: null };
    await takeFile(upload, body('what was heard'), 0, 'lead');
    let writing = true;
    const writers = Array.from({ length: 20 }, async (_, w) => {
      for (let i = 0; writing; i++) {
        await new Promise((r) => setTimeout(r, 50));
        await writeOn(id, 'lead', {
          op: 'add',
          kind: 'symptom',
          id: `w${w}-${i}`,
          row: { words: `${w} ${i}` },
        });
      }
    });
    // As it is done in a shop: by a process of its own.
    await backUpBeside();
    writing = false;
    await Promise.all(writers);
    const [made] = (await backupOverview()).backups;
    const file = path.join(folder, 'daily', made!.name);
    expect(await checkBackup(file)).toMatchObject({ cases: 1, files: 1 });

    const to = { database: at('back/shop.db'), files: at('back/files') };
    await restoreInto(file, undefined, to);
    const rows = await rowsOf(to.database);
    // Every symptom has its history and every history its symptom: no write came half.
    const ids = (list: string[], field: string) =>
      list.map((r) => String((JSON.parse(r) as Record<string, unknown>)[field])).sort();
    const history = rows.history!.filter((r) => (JSON.parse(r) as { kind: string }).kind === 'symptom');
    expect(ids(rows.symptoms!, 'id')).toEqual(ids(history, 'row_id'));
    expect(readdirSync(to.files).flatMap((d) => readdirSync(path.join(to.files, d)))).toHaveLength(1);
    expect(statSync(to.database).mode & 0o777).toBe(0o600);
  });

  it('holds nothing that lets anybody in', async () => {
    await makeBackup(at('secrets.vantle-backup'), undefined);
    await restoreInto(at('secrets.vantle-backup'), undefined, {
      database: at('s/shop.db'),
      files: at('s/files'),
    });
    const rows = await rowsOf(at('s/shop.db'));
    for (const table of ['accounts', 'users', 'sessions', 'devices', 'tokens'])
      expect(rows[table], table).toEqual([]);
    expect(readFileSync(at('s/shop.db')).includes('a hash')).toBe(false);
    expect(rows.people!.length).toBeGreaterThan(0);
  });

  it('of a quiet shop is the shop, row by row', async () => {
    await makeBackup(at('quiet.vantle-backup'), undefined);
    const file = connection().url.replace('file:', '');
    await restoreInto(at('quiet.vantle-backup'), undefined, {
      database: at('q/shop.db'),
      files: at('q/files'),
    });
    const [mine, back] = [await rowsOf(file), await rowsOf(at('q/shop.db'))];
    for (const table of ['cases', 'symptoms', 'history', 'attachments', 'people', 'catalogue'])
      expect(back[table], table).toEqual(mine[table]);
  });

  it('is never put over a shop that is there, and says beside it what differs', async () => {
    await makeBackup(at('older.vantle-backup'), undefined);
    await createCase('lead');
    const file = connection().url.replace('file:', '');
    const shop = { database: file, files: process.env.VANTLE_FILES! };
    await expect(restoreInto(at('older.vantle-backup'), undefined, shop)).rejects.toThrow('already');
    const { difference } = await restoreBeside(at('older.vantle-backup'), undefined, at('beside'), shop);
    expect(difference!.cases).toMatchObject({ onlyHere: 1, onlyThere: 0 });
    expect(differenceInWords(difference!).join('\n')).toMatch(/1 only in the shop/);
  });

  it('is put back once more where it was killed before its database was there', async () => {
    const file = at('killed.vantle-backup');
    await makeBackup(file, undefined);
    const to = { database: at('again/shop.db'), files: at('again/files') };
    const first = await restoreInto(file, undefined, to);
    const files = readdirSync(to.files, { recursive: true }).map(String).sort();
    // Killed: the files are in their place, the rest is not.
    rmSync(to.database);
    mkdirSync(at('again/restoring-x/files'), { recursive: true });
    expect(await restoreInto(file, undefined, to)).toEqual(first);
    expect(readdirSync(to.files, { recursive: true }).map(String).sort()).toEqual(files);
    expect(readdirSync(at('again')).sort()).toEqual(['files', 'shop.db']);
    await expect(restoreInto(file, undefined, to)).rejects.toThrow('a shop at');
  });

  it('cut short, or with a byte changed, is refused', async () => {
    const file = at('damaged.vantle-backup');
    await makeBackup(file, undefined);
    const whole = readFileSync(file);
    for (const spoil of [
      () => truncateSync(file, whole.length - 40),
      () => {
        const bytes = Buffer.from(whole);
        bytes[bytes.length >> 1]! ^= 1;
        writeFileSync(file, bytes);
      },
      () => writeFileSync(file, 'nothing of the kind'),
    ]) {
      writeFileSync(file, whole);
      spoil();
      await expect(checkBackup(file)).rejects.toThrow(/not whole|damaged/);
    }
    await expect(checkBackup(at('none'))).rejects.toThrow('not there');
  });

  it('encrypted is asked for a passphrase, and shows nothing without', async () => {
    const file = at('sealed.vantle-backup');
    // It is read through with its passphrase before it counts.
    expect((await makeBackup(file, 'drei müde Ventile')).cases).toBeGreaterThan(0);
    expect(await asksPassphrase(file)).toBe(true);
    expect(readFileSync(file).includes('shop.db')).toBe(false);
    await expect(checkBackup(file)).rejects.toThrow('encrypted');
  });
});

describe('sealing', () => {
  type Step = ReturnType<typeof sealing>;
  const through = async (bytes: Buffer, step: Step): Promise<Buffer> => {
    const out: Buffer[] = [];
    await pipeline(Readable.from([bytes]), step, async (source) => {
      for await (const piece of source) out.push(Buffer.from(piece));
    });
    return Buffer.concat(out);
  };
  const PIECE = 64 * 1024;
  it.each([0, 3 * PIECE + 5])('%d bytes come back, also with letters composed in another way', async (n) => {
    const bytes = randomBytes(n);
    const sealed = await through(bytes, sealing('drei müde Ventile'.normalize('NFD'), 10));
    expect(isSealed(sealed)).toBe(true);
    expect((await through(sealed, unsealing('drei müde Ventile'.normalize('NFC')))).equals(bytes)).toBe(true);
  });
  it('another passphrase opens nothing', async () => {
    const sealed = await through(randomBytes(100), sealing('a passphrase', 10));
    await expect(through(sealed, unsealing('another one'))).rejects.toThrow('passphrase is not the one');
  });
  it('a piece left out, doubled or at the end cut off is found', async () => {
    const sealed = await through(randomBytes(3 * PIECE + 5), sealing('a passphrase', 10));
    // Pieces of the age format are 64 KiB and a tag of 16 bytes; the last here is five bytes and its tag.
    const start = sealed.length - (3 * (PIECE + 16) + 21);
    const piece = (i: number) => sealed.subarray(start + i * (PIECE + 16), start + (i + 1) * (PIECE + 16));
    for (const order of [
      [0, 2, 3],
      [0, 0, 1, 2, 3],
      [0, 1, 2],
    ])
      await expect(
        through(Buffer.concat([sealed.subarray(0, start), ...order.map(piece)]), unsealing('a passphrase')),
      ).rejects.toThrow('damaged');
  });
});

describe('every day', () => {
  it('is due once a day, keeps so many, and says when the last good one is old', async () => {
    const day = 86_400_000;
    const start = Date.now();
    expect(await backupIsDue(start + 2 * day)).toBe(true);
    await write((tx) => putSetting(tx, 'backup.last', { at: '', good: '', problem: '' }));
    expect(await backupWarning(start + 3 * day)).toBe('There is no backup yet.');
    for (let n = 0; n < 3; n++) await backUpNow('', undefined, new Date(start + n * 1000));
    expect((await backupOverview()).backups.length).toBeGreaterThanOrEqual(3);
    expect(await backupIsDue(start + day / 2)).toBe(false);
    expect(await backupIsDue(start + 2 * day)).toBe(true);
    expect(await backupWarning(start + day)).toBe('');
    expect(await backupWarning(start + 4 * day)).toContain('3 days old');
    await write((tx) => putSetting(tx, 'backup.settings', { daily: false, folder: '', keep: 14 }));
    expect(await backupWarning(start + day)).toBe('');
    expect(await backupWarning(start + 4 * day)).toBe(
      'The last good backup is 3 days old. Daily backups are off.',
    );
    await write((tx) => putSetting(tx, 'backup.settings', { daily: true, folder: '', keep: 14 }));
  });
  it('one that fails keeps what was there, and says why', async () => {
    const before = (await backupOverview()).last?.good ?? '';
    process.env.VANTLE_BACKUPS = at('quiet.vantle-backup/nowhere');
    await expect(backUpNow('')).rejects.toThrow('nowhere');
    process.env.VANTLE_BACKUPS = path.join(folder, 'daily');
    const { last } = await backupOverview();
    expect(last!.good).toBe(before);
    expect(last!.problem).toContain('could not be written');
  });
});
