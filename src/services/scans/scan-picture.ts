import { createRequire } from 'node:module';
import path from 'node:path';
import { Mutex } from 'async-mutex';
import sharp from 'sharp';
import type { ScanReading } from '@/core/api';
import {
  grayOf,
  LETTERS_BEGIN,
  prepareScreen,
  readScreen,
  type Letters,
  type ScreenText,
} from '@/core/pictures';
import { Problem } from '@/core/problem';
import { readScanText } from './scan-reading';

/** More pixels than any camera's picture of a screen needs; beyond it nothing is even decoded. */
const MOST_PIXELS = 80e6;

const from = createRequire(path.join(process.cwd(), 'package.json'));
let reader: Promise<{ letters: Letters; end: () => Promise<unknown> }> | undefined;

/** The reader of letters, started once; its language data ships with the application. */
function letters() {
  reader ??= (async () => {
    const { createWorker } = await import('tesseract.js');
    const data = path.join(
      path.dirname(from.resolve('@tesseract.js-data/eng/package.json')),
      '4.0.0_best_int',
    );
    const worker = await createWorker('eng', 1, { langPath: data, cacheMethod: 'none', gzip: true });
    await worker.setParameters(LETTERS_BEGIN as never);
    const own: Letters = {
      setParameters: (p) => worker.setParameters(p),
      recognize: async (bitmap, output) => (await worker.recognize(Buffer.from(bitmap), {}, output)).data,
    };
    return { letters: own, end: () => worker.terminate() };
  })();
  return reader;
}

/** One picture at a time: the reader of letters has one state. */
const oneAtATime = new Mutex();

/** Stops the reader of letters; it starts again when it is needed. */
export async function stopLetters(): Promise<void> {
  const there = reader;
  reader = undefined;
  await (await there)?.end();
}

/**
 * The text on a photo of a tool's screen.
 *
 * @param bytes of a JPEG, PNG, WebP or another picture
 * @throws Problem with a sentence for what is no picture, and for one with more pixels than can be read
 */
export async function textOfPicture(bytes: Uint8Array): Promise<ScreenText> {
  const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'none' });
  let raw;
  try {
    raw = await picture
      .rotate()
      .resize(4000, 4000, { fit: 'inside', withoutEnlargement: true })
      .ensureAlpha()
      .toColourspace('srgb')
      .raw()
      .toBuffer({ resolveWithObject: true });
  } catch (e) {
    if (e instanceof Error && /pixel limit/i.test(e.message))
      throw new Problem(
        'That picture has more than 80 million pixels. Take it smaller, or cut out the screen.',
        'too large',
      );
    throw new Problem('That is no picture that can be read. Take a JPEG, PNG or WebP of the screen.');
  }
  const pictures = prepareScreen(grayOf(raw.data, raw.info.width, raw.info.height));
  const { letters: own } = await letters();
  return oneAtATime.runExclusive(() => readScreen(pictures, own));
}

/**
 * Reads a photo of a tool's screen by the same reader as text, each row with how sure it is.
 *
 * @throws Problem with a sentence for a picture without text on it
 */
export async function readScanPicture(bytes: Uint8Array): Promise<ScanReading> {
  const { text, sure } = await textOfPicture(bytes);
  if (text.trim() === '')
    throw new Problem(
      'There is no text on that picture. Take the screen from the front, filling the picture, without the lamp in it.',
    );
  return readScanText(text, sure);
}
