/**
 * Takes what a WebM or Matroska film says about itself out of it (EBML, RFC 8794; Matroska, RFC 9559): the elements
 * that may carry a place, a device or a person's words become `Void` of the same length, so that no position in the
 * file moves. Tags hold the place (`LOCATION`), attachments any file, the title and the writing program their texts.
 *
 * @param file the whole film
 * @returns a copy without them; undefined where the elements cannot be followed to the end, so that nobody can say
 *   what is in it
 * @example withoutTags(filmWithTags)!.length === filmWithTags.length // true
 */
export function withoutTags(file: Uint8Array): Uint8Array | undefined {
  const out = new Uint8Array(file);
  return clean(out, 0, out.length) ? out : undefined;
}

/** Ids as they stand in the file, RFC 9559, section 5. */
const SEGMENT = 0x18538067;
const CLUSTER = 0x1f43b675;
const INFO = 0x1549a966;
const EBML_HEADER = 0x1a45dfa3;
const BLANKED = new Set([
  0x1254c367, // Tags
  0x1941a469, // Attachments
  0x7ba9, // Title, within Info
  0x4d80, // MuxingApp
  0x5741, // WritingApp
  0x7384, // SegmentFilename
]);
const ENTERED = new Set([SEGMENT, INFO]);
/** Only these are written without knowing their length, by what records live. */
const MAY_BE_OPEN = new Set([SEGMENT, CLUSTER]);

interface Element {
  id: number;
  /** Where its content begins. */
  start: number;
  /** Undefined: it lasts until something else begins. */
  end: number | undefined;
}

/** How many bytes a number of variable length takes, told by the zeros before its first one. */
const lengthOf = (first: number): number => (first === 0 ? 0 : Math.clz32(first) - 23);

function elementAt(bytes: Uint8Array, at: number, to: number): Element | undefined {
  const idBytes = lengthOf(bytes[at]!);
  const sizeAt = at + idBytes;
  if (idBytes === 0 || idBytes > 4 || sizeAt >= to) return undefined;
  const sizeBytes = lengthOf(bytes[sizeAt]!);
  const start = sizeAt + sizeBytes;
  if (sizeBytes === 0 || start > to) return undefined;
  let id = 0;
  for (let i = at; i < sizeAt; i++) id = id * 256 + bytes[i]!;
  let size = bytes[sizeAt]! & (0xff >> sizeBytes);
  let open = size === 0xff >> sizeBytes;
  for (let i = sizeAt + 1; i < start; i++) {
    size = size * 256 + bytes[i]!;
    open &&= bytes[i] === 0xff;
  }
  return { id, start, end: open ? undefined : start + size };
}

/** `Void`, RFC 8794, 11.3.2: one byte of id, the size, and nothing. */
function blank(bytes: Uint8Array, from: number, to: number): void {
  const long = to - from > 9;
  const rest = to - from - (long ? 9 : 2);
  bytes.fill(0, from, to);
  bytes[from] = 0xec;
  if (!long) bytes[from + 1] = 0x80 | rest;
  else {
    bytes[from + 1] = 0x01;
    new DataView(bytes.buffer, bytes.byteOffset).setUint32(from + 5, rest);
  }
}

/** Whether everything from here to there could be followed. */
function clean(bytes: Uint8Array, from: number, to: number): boolean {
  let at = from;
  while (at < to) {
    const element = elementAt(bytes, at, to);
    if (!element) return false;
    const { id, start } = element;
    if (from === 0 && at === 0 && id !== EBML_HEADER) return false;
    if (element.end === undefined) {
      if (!MAY_BE_OPEN.has(id)) return false;
      // Its own elements come next, then those beside it.
      at = start;
      continue;
    }
    // The last cluster of a film that was cut off holds pictures and sound only.
    if (element.end > to && id !== CLUSTER && !(id === SEGMENT && start < to) && !BLANKED.has(id))
      return false;
    const end = Math.min(element.end, to);
    if (BLANKED.has(id)) blank(bytes, at, end);
    else if (ENTERED.has(id) && !clean(bytes, start, end)) return false;
    at = end;
  }
  return true;
}
