import { Readable } from 'node:stream';
import { Decrypter, Encrypter } from 'age-encryption';
import { Problem } from '@/core/problem';

/**
 * Encrypts a stream with a passphrase in the open age format (age-encryption.org/v1): scrypt for the key, the STREAM
 * construction over ChaCha20-Poly1305 for the pieces, so that none can be left out, doubled or moved. Any program that
 * reads age files opens it.
 */

const MAGIC = 'age-encryption.org/v1\n';
const WRONG = 'The passphrase is not the one of this backup, or the file was damaged.';

/** The same passphrase, however a keyboard composes its letters. */
const composed = (passphrase: string): string => passphrase.normalize('NFKC');

const bytesOf = (source: AsyncIterable<unknown>): ReadableStream<Uint8Array> =>
  Readable.toWeb(Readable.from(source, { objectMode: false })) as ReadableStream<Uint8Array>;

/**
 * A step of a pipeline that encrypts what goes through it.
 *
 * @param work how hard a passphrase is to guess, as the binary logarithm of what scrypt turns over; the usual one takes
 *   seconds and a quarter of a gigabyte
 */
export const sealing = (passphrase: string, work = 18) =>
  async function* (source: AsyncIterable<unknown>): AsyncGenerator<Uint8Array> {
    const encrypter = new Encrypter();
    encrypter.setPassphrase(composed(passphrase));
    encrypter.setScryptWorkFactor(work);
    yield* await encrypter.encrypt(bytesOf(source));
  };

/** Whether a file begins like a sealed one. */
export const isSealed = (head: Uint8Array): boolean =>
  Buffer.from(head.subarray(0, MAGIC.length)).toString('latin1') === MAGIC;

/**
 * A step of a pipeline that decrypts what goes through it.
 *
 * @throws Problem, in the pipeline, for another passphrase and for anything changed, left out or added
 */
export const unsealing = (passphrase: string) =>
  async function* (source: AsyncIterable<unknown>): AsyncGenerator<Uint8Array> {
    const decrypter = new Decrypter();
    decrypter.addPassphrase(composed(passphrase));
    try {
      yield* await decrypter.decrypt(bytesOf(source));
    } catch (e) {
      throw new Problem(WRONG, 'invalid', { cause: e });
    }
  };
