import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { withoutPlace } from './without-place';

/** Boxes by ISO/IEC 14496-12, 4.2: size (32 bit, big-endian), type, content. */
const box = (type: string, ...inside: (Uint8Array | string)[]): Uint8Array => {
  const parts = inside.map((x) => (typeof x === 'string' ? new TextEncoder().encode(x) : x));
  const size = 8 + parts.reduce((n, p) => n + p.length, 0);
  const out = new Uint8Array(size);
  new DataView(out.buffer).setUint32(0, size);
  [...type].forEach((c, i) => (out[4 + i] = c.charCodeAt(0)));
  let at = 8;
  for (const p of parts) {
    out.set(p, at);
    at += p.length;
  }
  return out;
};
const join = (...all: Uint8Array[]) => new Uint8Array(all.flatMap((a) => [...a]));
const PLACE = '+59.3293+018.0686/';
const text = (b: Uint8Array) => new TextDecoder('latin1').decode(b);

describe('taking the place out of a film', () => {
  const film = join(
    box('ftyp', 'isom'),
    box('mdat', 'pictures and sound'),
    box('moov', box('mvhd', 'x'.repeat(20)), box('udta', box('\u00a9xyz', PLACE)), box('meta', PLACE)),
  );
  it('blanks the boxes that carry it and moves nothing', () => {
    const clean = withoutPlace(film);
    expect(text(clean)).not.toContain('59.3293');
    expect(clean.length).toBe(film.length);
    expect(text(clean)).toContain('pictures and sound');
    expect(text(clean).indexOf('mvhd')).toBe(text(film).indexOf('mvhd'));
    expect(text(clean).match(/free/g)).toHaveLength(2);
  });
  it('finds it in a track and after a box with a 64-bit size', () => {
    const large = new Uint8Array(24);
    new DataView(large.buffer).setUint32(0, 1);
    large.set(new TextEncoder().encode('mdat'), 4);
    new DataView(large.buffer).setBigUint64(8, 24n);
    const clean = withoutPlace(join(large, box('moov', box('trak', box('udta', box('loci', PLACE))))));
    expect(text(clean)).not.toContain('59.3293');
  });
  it('leaves a film without it as it is, the original untouched, and survives any bytes', () => {
    const plain = join(box('ftyp', 'isom'), box('mdat', 'x'));
    expect(withoutPlace(plain)).toEqual(plain);
    expect(text(film)).toContain('59.3293');
    fc.assert(fc.property(fc.uint8Array({ maxLength: 200 }), (b) => withoutPlace(b).length === b.length));
  });
});
