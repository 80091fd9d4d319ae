/** Chunks of a PNG (ISO/IEC 15948) that say more than the picture: text, EXIF, the time it was made. */
const MORE = new Set(['tEXt', 'zTXt', 'iTXt', 'eXIf', 'tIME']);
const SIGNATURE = 8;

/**
 * A PNG, moving ones (APNG) included, without what it says beside its pixels. The other chunks are kept to the byte.
 *
 * @param file the whole file
 * @returns a copy without them; from where it is no PNG any more, nothing is kept
 */
export function withoutPngText(file: Uint8Array): Uint8Array {
  const view = new DataView(file.buffer, file.byteOffset, file.byteLength);
  const kept: Uint8Array[] = [file.subarray(0, SIGNATURE)];
  for (let at = SIGNATURE; at + 12 <= file.length;) {
    // Length, type, data, checksum.
    const end = at + 12 + view.getUint32(at);
    if (end > file.length) break;
    const type = String.fromCharCode(...file.subarray(at + 4, at + 8));
    if (!MORE.has(type)) kept.push(file.subarray(at, end));
    at = end;
  }
  const out = new Uint8Array(kept.reduce((n, k) => n + k.length, 0));
  let to = 0;
  for (const k of kept) {
    out.set(k, to);
    to += k.length;
  }
  return out;
}
