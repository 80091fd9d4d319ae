import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { buffer } from 'node:stream/consumers';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { startS3 } from '../../../scripts/s3-server.mjs';
import type { ContentStore } from './contract';
import { folderStore } from './folder';
import { s3Settings, s3Store } from './s3';

let s3: Awaited<ReturnType<typeof startS3>>;
let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-content-'));
  s3 = await startS3({ page: 3 });
});
afterAll(async () => {
  await s3.stop();
  rmSync(folder, { recursive: true, force: true });
});
beforeEach(() => {
  s3.contents.clear();
  s3.state.failing = false;
});

const ENV = () => ({ VANTLE_S3_ENDPOINT: s3.url, VANTLE_S3_KEY_ID: 'shop', VANTLE_S3_SECRET: 'test-secret' });
let n = 0;
const STORES: Record<string, () => ContentStore> = {
  'a folder': () => folderStore(path.join(folder, `store-${++n}`)),
  'a store of the S3 kind': () => s3Store(s3Settings('s3://shop/bay 1/files', ENV())),
  'one without a prefix': () => s3Store(s3Settings('s3://shop', ENV())),
};
const nameOf = (content: string) => createHash('sha256').update(content).digest('hex');
const textOf = async (store: ContentStore, name: string) => {
  const found = await store.open(name);
  return found && { text: (await buffer(found.stream)).toString(), bytes: found.bytes };
};

describe.each(Object.entries(STORES))('contents of files in %s', (_, make) => {
  it('are given back as they were put, bytes and files, with their size', async () => {
    const store = make();
    const film = path.join(folder, 'film');
    writeFileSync(film, 'a film of a noise');
    await store.putBytes(nameOf('photo'), Buffer.from('photo'));
    await store.putFile(nameOf('a film of a noise'), film);
    expect(await textOf(store, nameOf('photo'))).toEqual({ text: 'photo', bytes: 5 });
    expect(await textOf(store, nameOf('a film of a noise'))).toEqual({
      text: 'a film of a noise',
      bytes: 17,
    });
    expect(await store.open(nameOf('another'))).toBeUndefined();
  });

  it('put twice are there once', async () => {
    const store = make();
    for (let i = 0; i < 2; i++) await store.putBytes(nameOf('photo'), Buffer.from('photo'));
    const film = path.join(folder, 'again');
    writeFileSync(film, 'photo');
    await store.putFile(nameOf('photo'), film);
    expect(await store.list()).toEqual([{ name: nameOf('photo'), bytes: 5 }]);
  });

  it('are all listed, however many, with their small pictures', async () => {
    const store = make();
    const names = Array.from({ length: 8 }, (_, i) => nameOf(`photo ${i}`));
    for (const name of names) await store.putBytes(name, Buffer.from(name.slice(0, 9)));
    await store.putBytes(`${names[0]}.thumb`, Buffer.from('small'));
    const listed = await store.list();
    expect(listed.map((l) => l.name).sort()).toEqual([...names, `${names[0]}.thumb`].sort());
    expect(listed.find((l) => l.name === names[3])!.bytes).toBe(9);
  });
});

describe('a store of the S3 kind', () => {
  it('keeps shops that share a bucket apart by their prefix', async () => {
    const [one, two] = ['s3://shop/north', 's3://shop/south/'].map((at) => s3Store(s3Settings(at, ENV())));
    await one!.putBytes(nameOf('a'), Buffer.from('a'));
    expect(await two!.open(nameOf('a'))).toBeUndefined();
    expect(await two!.list()).toEqual([]);
    expect([...s3.contents.keys()]).toEqual([`north/${nameOf('a')}`]);
  });

  it('is not sent what it has', async () => {
    const store = s3Store(s3Settings('s3://shop', ENV()));
    const before = s3.counted.put;
    for (let i = 0; i < 3; i++) await store.putBytes(nameOf('film'), Buffer.from('film'));
    expect(s3.counted.put - before).toBe(1);
  });

  it('that fails, or does not know us, is no missing file: it is said, and may be tried again', async () => {
    const store = s3Store(s3Settings('s3://shop', ENV()));
    s3.state.failing = true;
    const failed = { code: 'CONTENT_STORE' };
    await expect(store.open(nameOf('a'))).rejects.toMatchObject(failed);
    await expect(store.putBytes(nameOf('a'), Buffer.from('a'))).rejects.toMatchObject(failed);
    await expect(store.list()).rejects.toMatchObject(failed);
    s3.state.failing = false;
    const wrong = s3Store(s3Settings('s3://shop', { ...ENV(), VANTLE_S3_SECRET: 'another' }));
    await expect(wrong.putBytes(nameOf('a'), Buffer.from('a'))).rejects.toMatchObject({
      code: 'CONTENT_STORE',
    });
    expect(s3.contents.size).toBe(0);
  }, 20_000);

  it('is named by bucket and prefix, or an error says how', () => {
    expect(s3Settings('s3://group-files/north//bay/', {})).toMatchObject({
      bucket: 'group-files',
      prefix: 'north/bay/',
      region: 'auto',
      endpoint: '',
    });
    for (const wrong of ['s3://', 's3:///north', 's3://A B/x'])
      expect(() => s3Settings(wrong, {})).toThrow(/write it as s3:\/\/bucket/);
  });
});
