import path from 'node:path';
import type { ContentStore } from './contract';
import { folderStore } from './folder';
import { s3Settings, s3Store } from './s3';

export { CONTENT_NAME, StoreUnreachable, type ContentStore, type StoredContent } from './contract';

const DEFAULT = 'data/files';
/** One store for each address: a client keeps its connections. */
const stores = new Map<string, ContentStore>();

const address = (): string => process.env.VANTLE_FILES ?? DEFAULT;
const isS3 = (at: string): boolean => at.startsWith('s3://');
// The bundler must not follow a path that is known only when the shop runs.
const absolute = (at: string) => path.resolve(/* turbopackIgnore: true */ process.cwd(), at);

/** Where the contents of files are kept: `VANTLE_FILES`, a folder or `s3://bucket/prefix`; else `data/files`. */
export function contentStore(at = address()): ContentStore {
  const known = stores.get(at);
  if (known) return known;
  const store = isS3(at) ? s3Store(s3Settings(at, process.env)) : folderStore(absolute(at));
  stores.set(at, store);
  return store;
}

/** Where files are while they come in, on this machine's own disk; what was cut off is swept from there. */
export const incomingFolder = (): string =>
  isS3(address()) ? absolute('data/incoming') : path.join(absolute(address()), 'incoming');
