import { describe, expect, it } from 'vitest';
import { MOST, refusalOf } from './upload-queue';

/** The head of an ISO base media file with a brand (ISO 14496-12). */
const media = (brand: string) =>
  new Blob([new Uint8Array([0, 0, 0, 24]), `ftyp${brand}`, new Uint8Array(12)]);

describe('a file that cannot be taken', () => {
  it.each(['heic', 'heix', 'mif1', 'hevc'])(
    'is a picture of brand %s, by what it is and not by its name',
    async (b) => expect(await refusalOf('IMG_1.jpg', media(b))).toMatch(/HEIC picture.*JPEG/),
  );
  it.each(['isom', 'mp42', 'qt  ', 'avif'])('is no film or picture of brand %s', async (b) =>
    expect(await refusalOf('a.heic', media(b))).toBe(''),
  );
  it('is one that is too large, and no other', async () => {
    const large = { size: MOST + 1, slice: () => new Blob() } as unknown as Blob;
    expect(await refusalOf('film.mp4', large)).toMatch(/larger than 50 MB/);
    expect(await refusalOf('a.txt', new Blob(['x']))).toBe('');
    expect(await refusalOf('empty', new Blob([]))).toBe('');
  });
});
