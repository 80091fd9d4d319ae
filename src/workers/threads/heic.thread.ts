import libheif from 'libheif-js/wasm-bundle.js';

/** Decodes HEIC pictures beside the server's own thread; see `services/files/heic.ts`. */

export interface Pixels {
  width: number;
  height: number;
  /** Red, green, blue and alpha of each pixel, row by row, upright. */
  data: Uint8ClampedArray;
}

/** More than this is no photograph, and would take the memory of the server. */
const MOST_PIXELS = 120e6;

/**
 * The main picture of a HEIC file (ISO 23008-12), turned as the file says.
 *
 * @throws Error when nothing in it can be decoded
 */
export default async function decodeHeic(content: Uint8Array): Promise<Pixels> {
  const pictures = new libheif.HeifDecoder().decode(content);
  const main = pictures.find((p) => p.is_primary()) ?? pictures[0];
  try {
    if (!main) throw new Error('no picture in it');
    const [width, height] = [main.get_width(), main.get_height()];
    if (width * height > MOST_PIXELS) throw new Error('too many pixels');
    const data = new Uint8ClampedArray(width * height * 4);
    await new Promise<void>((done, failed) =>
      main.display({ width, height, data }, (shown) => (shown ? done() : failed(new Error('not decoded')))),
    );
    return { width, height, data };
  } finally {
    for (const p of pictures) p.free();
  }
}
