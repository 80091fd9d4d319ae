import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { withoutTags } from './without-tags';

/** An element by RFC 8794: id, size in so many bytes (0: unknown), content. */
const element = (id: string, inside: (Uint8Array | string)[], sizeBytes = 4): Uint8Array => {
  const parts = inside.map((x) => (typeof x === 'string' ? new TextEncoder().encode(x) : x));
  const content = Buffer.concat(parts);
  const size = Buffer.alloc(sizeBytes || 8);
  if (sizeBytes === 0) size.fill(0xff).writeUInt8(0x01, 0);
  else {
    size.writeUIntBE(content.length, 0, Math.min(sizeBytes, 6));
    size[0]! |= 0x80 >> (sizeBytes - 1);
  }
  return Buffer.concat([Buffer.from(id, 'hex'), size, content]);
};
const join = (...all: Uint8Array[]) => new Uint8Array(Buffer.concat(all));
const text = (b: Uint8Array | undefined) => Buffer.from(b ?? []).toString('latin1');

// Ids of RFC 9559.
const header = element('1a45dfa3', [element('4282', ['webm'], 1)], 1);
const PLACE = '+59.3293+018.0686/';
const tags = (sizeBytes = 4) =>
  element(
    '1254c367',
    [
      element(
        '7373',
        [element('67c8', [element('45a3', ['LOCATION'], 1), element('4487', [PLACE], 1)], 1)],
        2,
      ),
    ],
    sizeBytes,
  );
const info = element('1549a966', [
  element('2ad7b1', [new Uint8Array([0x0f, 0x42, 0x40])], 1),
  element('7ba9', ['At 12 Harbour Lane'], 1),
  element('5741', ['Phone of J. Okafor'], 1),
]);
const tracks = element('1654ae6b', ['tracks']);
const block = element('a3', ['pictures and sound'], 1);

describe('taking the place out of a WebM film', () => {
  const film = join(
    header,
    element('18538067', [info, tracks, element('1f43b675', [element('e7', ['\0'], 1), block]), tags()]),
  );

  it('blanks tags, title and writing program, and moves nothing', () => {
    const clean = withoutTags(film);
    expect(clean).toHaveLength(film.length);
    for (const gone of ['59.3293', 'LOCATION', 'Harbour', 'Okafor']) expect(text(clean)).not.toContain(gone);
    for (const kept of ['webm', 'tracks', 'pictures and sound'])
      expect(text(clean).indexOf(kept)).toBe(text(film).indexOf(kept));
    expect(text(film)).toContain(PLACE);
  });

  it('puts a Void of the same length there, which says its own length rightly', () => {
    for (const sizeBytes of [2, 4, 6]) {
      const one = join(header, element('18538067', [tags(sizeBytes), tracks]));
      const clean = withoutTags(one)!;
      // Cleaned again nothing is found, and it is followed to the end.
      expect(withoutTags(clean)).toEqual(clean);
      expect(text(clean)).not.toContain('59.3293');
      expect(text(clean)).toContain('tracks');
    }
    const short = join(
      header,
      element('18538067', [element('1549a966', [element('7ba9', ['ab'], 1)]), tracks]),
    );
    expect([...withoutTags(short)!.subarray(-19, -14)]).toEqual([0xec, 0x83, 0, 0, 0]);
  });

  it('of a film recorded live, whose segment and clusters do not say how long they are', () => {
    const live = join(
      header,
      element(
        '18538067',
        [
          info,
          tracks,
          element('1f43b675', [element('e7', ['\0'], 1), block], 0),
          tags(),
          element('1f43b675', [block], 0),
        ],
        0,
      ),
    );
    const clean = withoutTags(live);
    expect(text(clean)).not.toContain('59.3293');
    expect(text(clean).match(/pictures and sound/g)).toHaveLength(2);
  });

  it('of a film that was cut off in its last cluster or in its tags', () => {
    const cut = join(header, element('18538067', [tags(), tracks, element('1f43b675', [block])])).subarray(
      0,
      -8,
    );
    expect(text(withoutTags(cut))).not.toContain('59.3293');
    expect(text(withoutTags(cut))).toContain('tracks');
    const inTags = join(header, element('18538067', [tracks, tags()])).subarray(0, -3);
    expect(text(withoutTags(inTags))).not.toContain('59.32');
  });

  it('says so where it cannot be followed', () => {
    expect(withoutTags(join(header, new Uint8Array([0, 1, 2])))).toBeUndefined();
    expect(withoutTags(new TextEncoder().encode('no film at all'))).toBeUndefined();
    // Tracks that end beyond the file, or do not say where they end.
    expect(
      withoutTags(join(header, element('18538067', [tracks, tags()], 0)).subarray(0, 30)),
    ).toBeUndefined();
    expect(
      withoutTags(join(header, element('18538067', [element('1654ae6b', ['x'], 0), tags()]))),
    ).toBeUndefined();
  });

  it('never leaves the place in any film made of such elements, and survives any bytes', () => {
    const anything = fc.oneof(
      ...[tags(), tags(2), info, tracks, block, element('1f43b675', [block])].map((e) => fc.constant(e)),
      fc.uint8Array({ maxLength: 40 }).map((b) => element('ec', [b], 2)),
    );
    fc.assert(
      fc.property(fc.array(anything, { maxLength: 12 }), fc.constantFrom(0, 4, 8), (inside, sizeBytes) => {
        const clean = withoutTags(join(header, element('18538067', inside, sizeBytes)));
        expect(clean).toBeDefined();
        expect(text(clean)).not.toMatch(/59\.3293|Harbour|Okafor/);
      }),
    );
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (b) => {
        const clean = withoutTags(b);
        return clean === undefined || clean.length === b.length;
      }),
    );
  });
});
