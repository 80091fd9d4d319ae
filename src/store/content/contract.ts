/**
 * Where the contents of stored files are: each under its name, which is the hash of the content, or that with `.thumb`
 * for the small picture of it. What is put is there whole or not at all, and the same name is the same content. A kind
 * of store is one file in this folder.
 */
export interface ContentStore {
  /** Puts bytes under a name. */
  putBytes(name: string, content: Uint8Array): Promise<void>;
  /** Puts a file of this machine under a name, without ever holding the whole of it. */
  putFile(name: string, file: string): Promise<void>;
  /** A content as a stream with its size; undefined where there is none of that name. */
  open(name: string): Promise<StoredContent | undefined>;
  /** All names, with sizes in bytes. */
  list(): Promise<{ name: string; bytes: number }[]>;
}

export interface StoredContent {
  stream: NodeJS.ReadableStream;
  bytes: number;
}

/** A SHA-256 in hexadecimal, of a small picture with its ending. */
export const CONTENT_NAME = /^[0-9a-f]{64}(?:\.thumb)?$/;

/** The store does not answer as it should; nothing is lost, and it may be tried again. `code` names it to whoever tells. */
export class StoreUnreachable extends Error {
  readonly code = 'CONTENT_STORE';
}
