import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import {
  GetObjectCommand,
  HeadObjectCommand,
  ListObjectsV2Command,
  PutObjectCommand,
  S3Client,
  type S3ClientConfig,
} from '@aws-sdk/client-s3';
import { CONTENT_NAME, StoreUnreachable, type ContentStore } from './contract';

/** How to reach a store of the S3 kind. */
export interface S3Settings {
  bucket: string;
  /** Before every name; empty, or ending with a slash. */
  prefix: string;
  /** Address of the store; empty for the region's own. */
  endpoint: string;
  region: string;
  /** Empty: from where the machine keeps such things. */
  keyId: string;
  secret: string;
}

/**
 * Reads where a store of the S3 kind is.
 *
 * @param address `s3://bucket/prefix`
 * @param env `VANTLE_S3_ENDPOINT`, `VANTLE_S3_REGION`, `VANTLE_S3_KEY_ID`, `VANTLE_S3_SECRET`
 * @throws Error where no bucket is named
 */
export function s3Settings(address: string, env: Record<string, string | undefined>): S3Settings {
  const [bucket = '', ...rest] = address.replace(/^s3:\/\//, '').split('/');
  if (!/^[a-z0-9][a-z0-9.-]+$/.test(bucket))
    throw new Error(`VANTLE_FILES is "${address}"; write it as s3://bucket or s3://bucket/prefix.`);
  const prefix = rest.filter((p) => p !== '').join('/');
  return {
    bucket,
    prefix: prefix === '' ? '' : `${prefix}/`,
    endpoint: env.VANTLE_S3_ENDPOINT ?? '',
    region: env.VANTLE_S3_REGION ?? 'auto',
    keyId: env.VANTLE_S3_KEY_ID ?? '',
    secret: env.VANTLE_S3_SECRET ?? '',
  };
}

/** A bucket of a store of the S3 kind, which all servers of a group of shops reach. */
export function s3Store(at: S3Settings): ContentStore {
  const client = new S3Client(configOf(at));
  const place = (name: string) => ({ Bucket: at.bucket, Key: at.prefix + name });
  const sizeOf = async (name: string): Promise<number | undefined> => {
    try {
      return (await client.send(new HeadObjectCommand(place(name)))).ContentLength ?? 0;
    } catch (e) {
      if (isMissing(e)) return undefined;
      throw unreachable(e);
    }
  };
  const put = async (name: string, body: () => Uint8Array | Readable, bytes: number): Promise<void> => {
    // The same name is the same content: a film is not sent twice. A small picture may be drawn anew.
    if ((await sizeOf(name)) === bytes) return;
    try {
      await client.send(new PutObjectCommand({ ...place(name), Body: body(), ContentLength: bytes }));
    } catch (e) {
      throw unreachable(e);
    }
  };
  return {
    putBytes: (name, content) => put(name, () => content, content.byteLength),
    putFile: async (name, file) => put(name, () => createReadStream(file), (await stat(file)).size),
    async open(name) {
      try {
        const { Body, ContentLength } = await client.send(new GetObjectCommand(place(name)));
        return Body instanceof Readable ? { stream: Body, bytes: ContentLength ?? 0 } : undefined;
      } catch (e) {
        if (isMissing(e)) return undefined;
        throw unreachable(e);
      }
    },
    async list() {
      const found: { name: string; bytes: number }[] = [];
      let next: string | undefined;
      do {
        const page = await client
          .send(new ListObjectsV2Command({ Bucket: at.bucket, Prefix: at.prefix, ContinuationToken: next }))
          .catch((e: unknown) => {
            throw unreachable(e);
          });
        for (const { Key = '', Size = 0 } of page.Contents ?? []) {
          const name = Key.slice(at.prefix.length);
          if (CONTENT_NAME.test(name)) found.push({ name, bytes: Size });
        }
        next = page.IsTruncated ? page.NextContinuationToken : undefined;
      } while (next !== undefined);
      return found;
    },
  };
}

const configOf = (at: S3Settings): S3ClientConfig => ({
  region: at.region,
  maxAttempts: 3,
  // Not every store of this kind knows the newer checksums; the name is the checksum.
  requestChecksumCalculation: 'WHEN_REQUIRED',
  responseChecksumValidation: 'WHEN_REQUIRED',
  // Stores beside the best-known one take the bucket in the path.
  ...(at.endpoint === '' ? {} : { endpoint: at.endpoint, forcePathStyle: true }),
  ...(at.keyId === '' ? {} : { credentials: { accessKeyId: at.keyId, secretAccessKey: at.secret } }),
});

const isMissing = (e: unknown): boolean =>
  e instanceof Error && (e.name === 'NotFound' || e.name === 'NoSuchKey');

const unreachable = (e: unknown): StoreUnreachable =>
  new StoreUnreachable(e instanceof Error ? e.name : 'no answer', { cause: e });
