import { rm } from 'node:fs/promises';
import { Base64File, beginsLikeBase64 } from './base64-file';

/**
 * Case files bring photos and recordings inside them, as base64 under the key `data`. These strings are taken out of
 * the stream as they come and written to files, so that a case with any number of files takes the memory of a case
 * without.
 *
 * It looks at strings and keys only and parses nothing, as a streaming parser would: a line that is no JSON passes
 * unchanged and is refused by itself, and the lines behind it are still read.
 */

/** A string of base64 that is longer is taken out. */
const LONG = 64 * 1024;
const KEY = 'data';
const MARK = 'vantle-extracted:';
const TOO_LARGE = 'too large';
const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const COLON = 0x3a;

/** What stands in the stream instead; base64 itself, as the key asks for. */
const markOf = (what: string): Buffer => Buffer.from(Buffer.from(MARK + what).toString('base64'));

/** Takes the files out of one stream, and knows where they are until they are stored or thrown away. */
export class ExtractedFiles {
  /** By hash: where it is, and how often the stream named it since. */
  private readonly files = new Map<string, { file: string; uses: number }>();
  /** The string under way, or the last one: its pieces until it is known what it is. */
  private pieces: Buffer[] = [];
  private length = 0;
  private inString = false;
  private escaped = false;
  /** The string under way stands behind the key. */
  private isData = false;
  /** What the last string said, where it may have been a key. */
  private last = '';
  private colon = false;
  private writing: Base64File | undefined;

  /** @param mostBytes of one file; of a longer one nothing is kept */
  constructor(private readonly mostBytes: number) {}

  /** The stream with marks in place of the files. */
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
          await this.writing?.drop();
          if (this.pieces.length > 0) to.enqueue(Buffer.concat(this.pieces));
        },
      }),
    );
  }

  /**
   * Where the content behind a mark is.
   *
   * @param data of a case file's file
   * @returns the path of the file, or that it was too large; undefined where it is no mark of this stream
   */
  of(data: string): { file: string } | 'too large' | undefined {
    const name = this.nameIn(data);
    return name === TOO_LARGE ? TOO_LARGE : this.files.get(name ?? '');
  }

  /** Says that the content behind a mark is stored; it is thrown away with its last use. */
  async stored(data: string): Promise<void> {
    const name = this.nameIn(data);
    const known = this.files.get(name ?? '');
    if (!known || --known.uses > 0) return;
    this.files.delete(name!);
    await rm(known.file, { force: true });
  }

  async throwAway(): Promise<void> {
    await this.writing?.drop();
    for (const { file } of this.files.values()) await rm(file, { force: true });
    this.files.clear();
  }

  private nameIn(data: string): string | undefined {
    if (data.length > 200) return undefined;
    const text = Buffer.from(data, 'base64').toString('latin1');
    return text.startsWith(MARK) ? text.slice(MARK.length) : undefined;
  }

  private async take(chunk: Buffer): Promise<Buffer[]> {
    const out: Buffer[] = [];
    // Looked for once, not again after each backslash.
    let quote = -1;
    const quoteFrom = (at: number): number => {
      if (quote < at) {
        const next = chunk.indexOf(QUOTE, at);
        quote = next < 0 ? chunk.length : next;
      }
      return quote;
    };
    let from = 0;
    for (let at = 0; at < chunk.length;) {
      if (!this.inString) {
        const begin = quoteFrom(at);
        this.colon ||= chunk.subarray(at, begin).includes(COLON);
        at = Math.min(begin + 1, chunk.length);
        out.push(chunk.subarray(from, at));
        from = at;
        if (begin === chunk.length) continue;
        this.inString = true;
        this.isData = this.colon && this.last === KEY;
        this.colon = false;
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
    if (this.writing) return this.writing.write(bytes.toString('latin1'));
    this.length += bytes.length;
    // Past the length at which it was found to be no file it goes on as it comes.
    if (this.pieces.length === 0 && this.length > bytes.length) return void out.push(bytes);
    this.pieces.push(bytes);
    if (this.length <= LONG) return;
    const text = this.isData ? Buffer.concat(this.pieces).toString('latin1') : '';
    if (this.isData && beginsLikeBase64(text)) {
      this.writing = await Base64File.begin(this.mostBytes);
      await this.writing.write(text);
    } else out.push(...this.pieces);
    this.pieces = [];
  }

  /** What stands for a string that ended here. */
  private async ended(): Promise<Buffer[]> {
    const { writing, pieces } = this;
    this.last = this.length <= KEY.length ? Buffer.concat(pieces).toString('latin1') : '';
    this.pieces = [];
    this.length = 0;
    if (!writing) return pieces;
    this.writing = undefined;
    const ended = await writing.end();
    if (ended === 'too large') return [markOf(TOO_LARGE)];
    if (ended === 'not base64') return [Buffer.from('not base64!')];
    const known = this.files.get(ended.hash);
    // The same content twice is one file.
    if (known) {
      known.uses++;
      await rm(writing.path, { force: true });
    } else this.files.set(ended.hash, { file: writing.path, uses: 1 });
    return [markOf(ended.hash)];
  }
}
