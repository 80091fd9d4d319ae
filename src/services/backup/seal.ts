import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { Duplex, Transform, type TransformCallback } from 'node:stream';
import { hashRaw } from '@node-rs/argon2';
import { Problem } from '@/core/problem';

/**
 * Encrypts a stream with a passphrase, piece by piece, so that neither length matters nor a piece can be left out,
 * doubled or moved: the STREAM construction (Hoang, Reyhanitabar, Rogaway, Vizár 2015) over AES-256-GCM, the key by
 * argon2id. Each piece has its number and whether it is the last in its nonce.
 */

const MAGIC = Buffer.from('VANTLE-SEALED-1\n');
const SALT = 16;
const PREFIX = 7;
const TAG = 16;
export const PIECE = 64 * 1024;
const HEAD = MAGIC.length + SALT + PREFIX;

const keyOf = (passphrase: string, salt: Buffer): Promise<Buffer> =>
  hashRaw(passphrase.normalize('NFKC'), {
    salt,
    memoryCost: 65_536,
    timeCost: 3,
    parallelism: 1,
    outputLen: 32,
  });

function nonceOf(prefix: Buffer, piece: number, last: boolean): Buffer {
  const nonce = Buffer.alloc(12);
  prefix.copy(nonce);
  nonce.writeUInt32BE(piece, PREFIX);
  nonce[11] = last ? 1 : 0;
  return nonce;
}

/** Cuts what comes into pieces of one size and hands them on, the last one said to be so. */
class Pieces extends Transform {
  private held: Buffer = Buffer.alloc(0);
  constructor(
    private readonly size: number,
    private readonly piece: (bytes: Buffer, last: boolean) => Buffer | Promise<Buffer>,
  ) {
    super();
  }
  override _transform(chunk: Buffer, _: BufferEncoding, done: TransformCallback): void {
    void this.cut(chunk).then(() => done(), done);
  }
  private async cut(chunk: Buffer): Promise<void> {
    this.held = this.held.length ? Buffer.concat([this.held, chunk]) : chunk;
    let at = 0;
    // One piece is held back: only the end of the stream says which is the last.
    for (; this.held.length - at > this.size; at += this.size)
      this.push(await this.piece(this.held.subarray(at, at + this.size), false));
    this.held = this.held.subarray(at);
  }
  override _flush(done: TransformCallback): void {
    void Promise.resolve(this.piece(this.held, true)).then(
      (bytes) => done(null, bytes),
      (e: unknown) => done(e as Error),
    );
  }
}

/** A stream that encrypts what goes through it. */
export async function sealing(passphrase: string): Promise<Transform> {
  const [salt, prefix] = [randomBytes(SALT), randomBytes(PREFIX)];
  const key = await keyOf(passphrase, salt);
  let n = 0;
  return new Pieces(PIECE, (bytes, last) => {
    const cipher = createCipheriv('aes-256-gcm', key, nonceOf(prefix, n, last));
    const sealed = [cipher.update(bytes), cipher.final(), cipher.getAuthTag()];
    return Buffer.concat(n++ === 0 ? [MAGIC, salt, prefix, ...sealed] : sealed);
  });
}

/** Whether a file begins like a sealed one. */
export const isSealed = (head: Uint8Array): boolean => MAGIC.equals(head.subarray(0, MAGIC.length));

const WRONG = 'The passphrase is not the one of this backup, or the file was damaged.';

/**
 * A stream that decrypts what goes through it.
 *
 * @param head the first bytes of the file, which come through the stream as well
 * @throws Problem, in the stream, for another passphrase and for anything changed, left out or added
 */
export async function unsealing(passphrase: string, head: Buffer): Promise<Duplex> {
  if (head.length < HEAD || !isSealed(head)) throw new Problem('This is no encrypted backup.');
  const salt = head.subarray(MAGIC.length, MAGIC.length + SALT);
  const prefix = head.subarray(MAGIC.length + SALT, HEAD);
  const key = await keyOf(passphrase, Buffer.from(salt));
  let n = 0;
  const pieces = new Pieces(PIECE + TAG, (bytes, last) => {
    if (bytes.length < TAG) throw new Problem(WRONG);
    const cipher = createDecipheriv('aes-256-gcm', key, nonceOf(prefix, n++, last));
    cipher.setAuthTag(bytes.subarray(bytes.length - TAG));
    try {
      return Buffer.concat([cipher.update(bytes.subarray(0, bytes.length - TAG)), cipher.final()]);
    } catch {
      throw new Problem(WRONG);
    }
  });
  let left = HEAD;
  const withoutHead = new Transform({
    transform(chunk: Buffer, _, done) {
      const rest = chunk.subarray(Math.min(left, chunk.length));
      left -= chunk.length - rest.length;
      done(null, rest);
    },
  });
  withoutHead.pipe(pieces);
  withoutHead.once('error', (e) => pieces.destroy(e));
  // What goes into one comes out of the other.
  return Duplex.from({ writable: withoutHead, readable: pieces });
}
