/**
 * Takes the location out of a film in an ISO base media file (MP4, MOV; ISO/IEC 14496-12): the
 * boxes that carry it keep their size but become `free`, so that no offset in the file moves.
 *
 * Location stands in `©xyz` and `loci` under `udta`, in `meta` under `moov` (keys such as
 * `com.apple.quicktime.location.ISO6709`), and in `uuid` boxes with XMP.
 *
 * @param file the whole file
 * @returns a copy without them; the same content when there is nothing to take out
 */
export function withoutPlace(file: Uint8Array): Uint8Array {
  const out = new Uint8Array(file);
  clean(out, 0, out.length);
  return out;
}

const INSIDE = new Set(['moov', 'udta', 'trak', 'mdia', 'moof', 'traf']);
const DROPPED = new Set(['\u00a9xyz', 'loci', 'meta', 'uuid', 'XMP_', 'GPMF']);

function clean(bytes: Uint8Array, from: number, to: number): void {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = from;
  while (at + 8 <= to) {
    const type = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    let size = view.getUint32(at);
    let head = 8;
    if (size === 1 && at + 16 <= to) {
      size = Number(view.getBigUint64(at + 8));
      head = 16;
    } else if (size === 0) size = to - at;
    if (size < head || at + size > to) return;
    if (DROPPED.has(type)) {
      bytes.set([0x66, 0x72, 0x65, 0x65], at + 4);
      bytes.fill(0, at + head, at + size);
    } else if (INSIDE.has(type)) clean(bytes, at + head, at + size);
    at += size;
  }
}
