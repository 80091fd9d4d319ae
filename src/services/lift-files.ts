import { createHash, randomUUID } from 'node:crypto';
import { mkdir, open, rm, type FileHandle } from 'node:fs/promises';
import path from 'node:path';
import { incomingFolder } from '@/store/files';

/**
 * Case files bring photos and recordings inside them, as base64 in a string of JSON. Such strings are taken out of the
 * stream as they come and put into files, so that a case with any number of files takes the memory of a case without.
 */

/** A string of base64 that is longer is lifted. */
const LONG = 64 * 1024;
const MARK = 'vantle-lifted:';
const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const BASE64 = /^[A-Za-z0-9+/]*={0,2}$/;

/** Some programs write every slash of JSON with a backslash. */
const unescaped = (text: string): string => text.replaceAll('\\/', '/');

interface Lifting {
  handle: FileHandle;
  file: string;
  /** Characters that wait for their group of four. */
  rest: string;
  /** Something that is no base64 came: what was written is no file. */
  broken: boolean;
  hash: ReturnType<typeof createHash>;
}

/** Lifts the files out of one stream, and knows where they are until it is thrown away. */
export class LiftedFiles {
  private readonly files = new Map<string, string>();
  private pieces: Buffer[] = [];
  private length = 0;
  private inString = false;
  private escaped = false;
  private lifting: Lifting | undefined;

  /** The stream with marks in place of long strings of base64. */
  through(body: ReadableStream<Uint8Array>): ReadableStream<Uint8Array> {
    return body.pipeThrough(
      new TransformStream<Uint8Array, Uint8Array>({
        transform: async (chunk, to) => {
          // As one piece: a stream takes its time for each, and a text may be nothing but quotes.
          const out = await this.take(Buffer.from(chunk));
          if (out.length > 0) to.enqueue(Buffer.concat(out));
        },
        flush: async (to) => {
          // Cut off within a string: what is left is no JSON, and is refused as such.
          if (this.lifting) await this.drop(this.lifting);
          if (this.pieces.length > 0) to.enqueue(Buffer.concat(this.pieces));
        },
      }),
    );
  }

  /**
   * Where the content behind a mark is.
   *
   * @param data of a case file's file
   * @returns the path of the lifted file; undefined where it is no mark of this stream
   */
  of(data: string): string | undefined {
    if (data.length > 200) return undefined;
    const text = Buffer.from(data, 'base64').toString('latin1');
    return text.startsWith(MARK) ? this.files.get(text.slice(MARK.length)) : undefined;
  }

  async throwAway(): Promise<void> {
    if (this.lifting) await this.drop(this.lifting);
    for (const file of this.files.values()) await rm(file, { force: true });
    this.files.clear();
  }

  private async take(chunk: Buffer): Promise<Buffer[]> {
    const out: Buffer[] = [];
    let from = 0;
    // Looked for once, not again after each backslash.
    let quote = -1;
    const quoteFrom = (at: number): number => {
      if (quote < at) {
        const next = chunk.indexOf(QUOTE, at);
        quote = next < 0 ? chunk.length : next;
      }
      return quote;
    };
    for (let at = 0; at < chunk.length;) {
      if (!this.inString) {
        const begin = quoteFrom(at);
        at = Math.min(begin + 1, chunk.length);
        this.inString = begin < chunk.length;
        out.push(chunk.subarray(from, at));
        from = at;
        continue;
      }
      if (this.escaped) {
        this.escaped = false;
        at++;
        continue;
      }
      const end = quoteFrom(at);
      const back = chunk.subarray(at, end).indexOf(BACKSLASH);
      if (back >= 0) {
        this.escaped = true;
        at += back + 1;
        continue;
      }
      await this.inside(chunk.subarray(from, end), out);
      from = end;
      at = end;
      if (end === chunk.length) continue;
      // The quote that ends it.
      out.push(...(await this.ended()), chunk.subarray(end, end + 1));
      this.inString = false;
      from = at = end + 1;
    }
    if (this.inString && from < chunk.length) await this.inside(chunk.subarray(from), out);
    return out;
  }

  /** More of a string. */
  private async inside(bytes: Buffer, out: Buffer[]): Promise<void> {
    if (bytes.length === 0) return;
    if (this.lifting) return this.write(this.lifting, bytes.toString('latin1'));
    this.length += bytes.length;
    // Past the length at which it was found to be no base64 it goes on as it comes.
    if (this.pieces.length === 0 && this.length > bytes.length) return void out.push(bytes);
    this.pieces.push(Buffer.from(bytes));
    if (this.length <= LONG) return;
    const text = Buffer.concat(this.pieces).toString('latin1');
    if (!BASE64.test(unescaped(text).replace(/\\$/, ''))) {
      out.push(...this.pieces);
      this.pieces = [];
      return;
    }
    this.pieces = [];
    await mkdir(incomingFolder(), { recursive: true });
    const file = path.join(incomingFolder(), randomUUID());
    const handle = await open(file, 'w');
    this.lifting = { handle, file, rest: '', broken: false, hash: createHash('sha256') };
    await this.write(this.lifting, text);
  }

  /** What stands for a string that ended here. */
  private async ended(): Promise<Buffer[]> {
    const { lifting, pieces } = this;
    this.pieces = [];
    this.length = 0;
    this.lifting = undefined;
    if (!lifting) return pieces;
    if (lifting.rest !== '') await this.write(lifting, '', true);
    await lifting.handle.close();
    if (lifting.broken) {
      await rm(lifting.file, { force: true });
      return [Buffer.from('not base64!')];
    }
    const hash = lifting.hash.digest('hex');
    // The same content twice is one file.
    if (this.files.has(hash)) await rm(lifting.file, { force: true });
    else this.files.set(hash, lifting.file);
    return [Buffer.from(Buffer.from(`${MARK}${hash}`).toString('base64'))];
  }

  private async write(to: Lifting, text: string, last = false): Promise<void> {
    const all = unescaped(to.rest + text);
    const ready = all.length - (all.endsWith('\\') ? 1 : 0);
    const whole = last ? all.length : ready - (ready % 4);
    to.rest = all.slice(whole);
    const group = all.slice(0, whole);
    to.broken ||= !BASE64.test(group) || (last && all.length % 4 !== 0);
    if (to.broken || group === '') return;
    const bytes = Buffer.from(group, 'base64');
    to.hash.update(bytes);
    await to.handle.write(bytes);
  }

  private async drop(lifting: Lifting): Promise<void> {
    this.lifting = undefined;
    await lifting.handle.close().catch(() => undefined);
    await rm(lifting.file, { force: true });
  }
}
