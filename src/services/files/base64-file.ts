import { createHash, randomUUID } from 'node:crypto';
import { mkdir, open, rm, type FileHandle } from 'node:fs/promises';
import path from 'node:path';
import { incomingFolder } from '@/store/files';

const BASE64 = /^[A-Za-z0-9+/]*={0,2}$/;

/** Some programs write every slash of JSON with a backslash. */
const unescaped = (text: string): string => text.replaceAll('\\/', '/');

/** Whether the beginning of a JSON string is base64 as far as it goes. */
export const beginsLikeBase64 = (text: string): boolean => BASE64.test(unescaped(text).replace(/\\$/, ''));

/** A file that is written from base64 as it comes, in pieces of any length. */
export class Base64File {
  /** Characters that wait for their group of four. */
  private rest = '';
  private padded = false;
  private broken = false;
  private bytes = 0;
  private readonly hash = createHash('sha256');

  private constructor(
    private readonly handle: FileHandle,
    readonly path: string,
    private readonly mostBytes: number,
  ) {}

  /** Begins one among the files that are coming in; what is left there after a crash is swept. */
  static async begin(mostBytes: number): Promise<Base64File> {
    await mkdir(incomingFolder(), { recursive: true });
    const file = path.join(incomingFolder(), randomUUID());
    return new Base64File(await open(file, 'w'), file, mostBytes);
  }

  async write(text: string, last = false): Promise<void> {
    const all = unescaped(this.rest + text);
    // A backslash may belong to the slash of the next piece.
    const ready = all.length - (all.endsWith('\\') ? 1 : 0);
    const whole = last ? all.length : ready - (ready % 4);
    this.rest = all.slice(whole);
    const group = all.slice(0, whole);
    if (group === '') return;
    // Padding ends it.
    this.broken ||= this.padded || !BASE64.test(group) || group.length % 4 !== 0;
    this.padded = group.endsWith('=');
    if (this.broken || this.bytes > this.mostBytes) return;
    const bytes = Buffer.from(group, 'base64');
    this.bytes += bytes.length;
    this.hash.update(bytes);
    await this.handle.write(bytes);
  }

  /**
   * Ends it. What turned out to be no base64, or too long, leaves no file.
   *
   * @returns the SHA-256 of what was written
   */
  async end(): Promise<{ hash: string } | 'not base64' | 'too large'> {
    await this.write('', true);
    await this.handle.close();
    const size = this.bytes > this.mostBytes ? 'too large' : undefined;
    const wrong = this.broken ? 'not base64' : size;
    if (wrong) await rm(this.path, { force: true });
    return wrong ?? { hash: this.hash.digest('hex') };
  }

  /** Ends it where the rest will not come. */
  async drop(): Promise<void> {
    await this.handle.close().catch(() => undefined);
    await rm(this.path, { force: true });
  }
}
