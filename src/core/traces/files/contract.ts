import type { Trace } from '../channel';
import type { Preview, ReadAs } from './read-as';

/** Takes a file in piece by piece. */
export interface TraceReader {
  /** @throws Unreadable as soon as the file cannot be read on */
  push(piece: Uint8Array): void;
  /** @throws Unreadable when what came makes no trace */
  end(): Trace;
}

/**
 * A file format of recordings. A new one is one new file and one line in `index.ts`.
 */
export interface TraceFormat {
  id: string;
  /** As said to a person: "Table (CSV)". */
  name: string;
  endings: string[];
  /** How well the beginning of a file fits, 0 … 1. */
  fits(head: Uint8Array, fileName: string): number;
  /**
   * @param head the first bytes, whole file if it is small
   * @throws Unreadable when nothing can be made of it
   */
  preview(head: Uint8Array, corrected?: ReadAs): Preview;
  reader(as: ReadAs): TraceReader;
}

/** More than this is not taken: it would not fit the memory of a tablet's browser. */
export const MOST_BYTES = 1.5e9;
/** Samples over all channels. */
export const MOST_SAMPLES = 80e6;
