/** One sheet of a file: rows of cells, all of them text; days as YYYY-MM-DD. */
export interface Sheet {
  name: string;
  rows: string[][];
}

/** A kind of file that holds tables. A new one is a file behind this. */
export interface TableFile {
  id: string;
  /** Whether this is one, by its first bytes and its name. */
  is: (head: Uint8Array, name: string) => boolean;
  /**
   * Reads all of its sheets.
   *
   * @throws Problem with a sentence that says what to do, when it cannot be read
   */
  read: (bytes: Uint8Array) => Promise<Sheet[]>;
}

/** More rows than a shop has jobs: beyond it a file is a mistake, or an attack. */
export const MOST_ROWS = 200_000;
/** Unpacked size of one part of a packed file. */
export const MOST_UNPACKED = 400 * 1024 * 1024;

/**
 * Whether a file begins with a signature.
 *
 * @param bytes the file, or its head
 * @param signature bytes that have to stand at its beginning
 * @returns true where all of them do
 * @example startsWith(new Uint8Array([80, 75, 3, 4, 0]), ZIP) // true
 */
export const startsWith = (bytes: Uint8Array, signature: readonly number[]): boolean =>
  signature.every((b, i) => bytes[i] === b);
/** "PK", as every ZIP container begins. */
export const ZIP = [0x50, 0x4b, 0x03, 0x04] as const;

/** A cell as text; a moment without a time of day as its day alone. */
export function cellText(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (value instanceof Date) {
    if (Number.isNaN(value.getTime())) return '';
    const iso = value.toISOString();
    return iso.endsWith('T00:00:00.000Z') ? iso.slice(0, 10) : iso.slice(0, 16).replace('T', ' ');
  }
  return typeof value === 'string' ? value.trim() : String(value as number | boolean);
}
