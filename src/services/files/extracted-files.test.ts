import { randomBytes } from 'node:crypto';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ExtractedFiles } from './extracted-files';

let folder: string;
beforeAll(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-extract-'));
  process.env.VANTLE_FILES = folder;
});
afterAll(() => {
  delete process.env.VANTLE_FILES;
  rmSync(folder, { recursive: true, force: true });
});

function stream(text: string, piece: number): ReadableStream<Uint8Array> {
  const bytes = Buffer.from(text);
  let at = 0;
  return new ReadableStream({
    pull(controller) {
      if (at >= bytes.length) return controller.close();
      controller.enqueue(bytes.subarray(at, (at += piece)));
    },
  });
}
const textOf = (body: ReadableStream<Uint8Array>) => new Response(body).text();
const fileOf = (extracted: ExtractedFiles, data: string): string => {
  const of = extracted.of(data);
  if (typeof of !== 'object') throw new Error(String(of));
  return of.file;
};
const left = () =>
  existsSync(path.join(folder, 'incoming')) ? readdirSync(path.join(folder, 'incoming')) : [];

describe('files inside a stream of case files', () => {
  it('come out whole, however the bytes come and however slashes are written, and are thrown away', async () => {
    for (const piece of [1000, 4099, 70_001, 1e7])
      for (const escape of [false, true]) {
        const contents = [randomBytes(200_001), randomBytes(90_000), randomBytes(90_001)];
        const text = JSON.stringify({
          a: 'x "quoted" \\ ü',
          files: contents.map((c) => ({ data: c.toString('base64') })),
        });
        const extracted = new ExtractedFiles(1e6);
        const out = await textOf(
          extracted.through(stream(escape ? text.replaceAll('/', '\\/') : text, piece)),
        );
        expect(out.length).toBeLessThan(1000);
        const read = JSON.parse(out) as { a: string; files: { data: string }[] };
        expect(read.a).toBe('x "quoted" \\ ü');
        expect(
          read.files.map((f) =>
            readFileSync(fileOf(extracted, f.data)).equals(contents[read.files.indexOf(f)]!),
          ),
        ).toEqual([true, true, true]);
        await extracted.throwAway();
        expect(left()).toEqual([]);
      }
  });

  it('that are short, and every other text, pass as they are', async () => {
    await fc.assert(
      fc.asyncProperty(fc.jsonValue(), fc.integer({ min: 1, max: 40 }), async (value, piece) => {
        const text = JSON.stringify(value);
        expect(await textOf(new ExtractedFiles(1e6).through(stream(text, piece)))).toBe(text);
      }),
    );
    const long = JSON.stringify({ said: `${'stalls when hot. '.repeat(9000)}"\\`, data: 'AAAA'.repeat(10) });
    expect(await textOf(new ExtractedFiles(1e6).through(stream(long, 5000)))).toBe(long);
  });

  it('take time that grows with the text, also where it is nothing but quotes or backslashes', async () => {
    for (const piece of ['{"a":', '"\\\\\\\\"', '"" ']) {
      const seconds = async (bytes: number) => {
        const text = piece.repeat(bytes / piece.length);
        const from = process.cpuUsage();
        await textOf(new ExtractedFiles(1e6).through(stream(text, 65_536)));
        const { user, system } = process.cpuUsage(from);
        return (user + system) / 1e6;
      };
      await seconds(1 << 16);
      // Time that grows with the square would be sixteen times.
      const whole = await seconds(1 << 20);
      expect(whole / Math.max(0.02, await seconds(1 << 18)), piece).toBeLessThan(9);
    }
  });

  it('are taken out under their key alone: a long word elsewhere is a word', async () => {
    const long = 'a'.repeat(100_000);
    for (const value of [
      { said: long },
      { list: ['data', long] },
      { data2: long },
      { said: 'data', x: [long] },
    ]) {
      const text = JSON.stringify(value);
      expect(await textOf(new ExtractedFiles(1e6).through(stream(text, 30_000)))).toBe(text);
    }
    const spaced = `{ "data" \n : \n "${long}" }`;
    const extracted = new ExtractedFiles(1e6);
    expect((await textOf(extracted.through(stream(spaced, 7)))).length).toBeLessThan(300);
    await extracted.throwAway();
  });

  it('that are too large leave nothing on the disk but a word; padding in the middle is no base64', async () => {
    const extracted = new ExtractedFiles(150_000);
    const text = JSON.stringify({ data: randomBytes(200_000).toString('base64') });
    const { data } = JSON.parse(await textOf(extracted.through(stream(text, 9000)))) as { data: string };
    expect(extracted.of(data)).toBe('too large');
    expect(left()).toEqual([]);
    const padded = `{"data":"${randomBytes(100_000).toString('base64')}${randomBytes(10).toString('base64')}"}`;
    expect(await textOf(new ExtractedFiles(1e6).through(stream(padded, 4096)))).toContain('not base64!');
  });

  it('are thrown away with their last use', async () => {
    const data = randomBytes(100_000).toString('base64');
    const extracted = new ExtractedFiles(1e6);
    const out = await textOf(extracted.through(stream(JSON.stringify([{ data }, { data }]), 9000)));
    const [one, two] = JSON.parse(out) as { data: string }[];
    await extracted.stored(one!.data);
    expect(left()).toHaveLength(1);
    await extracted.stored(two!.data);
    expect(left()).toEqual([]);
    await extracted.stored(two!.data);
  });

  it('that turn out to be none, or are cut off, leave nothing behind', async () => {
    const extracted = new ExtractedFiles(1e6);
    const out = await textOf(extracted.through(stream(`{"data":"${'A'.repeat(100_000)}!"}`, 30_000)));
    expect(JSON.parse(out)).toEqual({ data: 'not base64!' });
    await textOf(extracted.through(stream(`{"data":"${'A'.repeat(100_000)}`, 30_000)));
    expect(left()).toEqual([]);
    // A mark that somebody wrote themselves leads nowhere.
    expect(
      extracted.of(Buffer.from(`vantle-extracted:${'0'.repeat(64)}`).toString('base64')),
    ).toBeUndefined();
  });
});
