import { releaseProxy, wrap } from 'comlink';
import type { ScreenText } from '@/core/pictures';
import type { PictureApi } from '@/workers/picture.worker';

/** More on a side than letters on a screen need; larger photos are made smaller while they are decoded. */
const MOST_SIDE = 3600;
/** More pixels than a browser decodes without running out of memory. */
const MOST_BYTES = 60 * 1024 * 1024;

/** A photo under reading: `text` comes when it is done; `stop` ends it at once. */
export interface PhotoReading {
  text: Promise<ScreenText>;
  stop: () => void;
}

/**
 * Reads the text on a photo of a tool's screen, in workers of its own.
 *
 * @param file a picture
 * @param progress told the share that is done, 0 to 1
 * @returns the reading; it rejects with a sentence where the picture cannot be read
 */
export function readPhoto(file: Blob, progress: (share: number) => void): PhotoReading {
  const ends: (() => void)[] = [];
  let stopped = false;
  const stop = () => {
    stopped = true;
    for (const end of ends.splice(0)) end();
  };
  const check = () => {
    if (stopped) throw new Error('stopped');
  };
  const work = async (): Promise<ScreenText> => {
    if (file.size > MOST_BYTES)
      throw new Error('That picture is larger than 60 MB. Take it smaller, or cut out the screen.');
    progress(0.02);
    const { rgba, width, height } = await pixelsOf(file);
    check();
    const prepare = new Worker(new URL('../../../workers/picture.worker.ts', import.meta.url), {
      type: 'module',
    });
    ends.push(() => prepare.terminate());
    const api = wrap<PictureApi>(prepare);
    const pictures = await api.prepare(rgba, width, height);
    api[releaseProxy]();
    progress(0.1);
    check();
    const [{ createWorker }, { LETTERS_BEGIN, readScreen }] = await Promise.all([
      import('tesseract.js'),
      import('@/core/pictures'),
    ]);
    const worker = await createWorker('eng', 1, {
      workerPath: '/ocr/worker.min.js',
      workerBlobURL: false,
      corePath: '/ocr',
      langPath: '/ocr',
      cacheMethod: 'none',
    });
    ends.push(() => void worker.terminate());
    check();
    await worker.setParameters(LETTERS_BEGIN as never);
    return readScreen(
      pictures,
      {
        setParameters: (p) => worker.setParameters(p),
        recognize: async (bitmap, output) =>
          (await worker.recognize(new Blob([new Uint8Array(bitmap)]) as never, {}, output)).data,
      },
      (share) => progress(0.15 + 0.85 * share),
    );
  };
  return { text: work().finally(stop), stop };
}

async function pixelsOf(file: Blob): Promise<{ rgba: Uint8ClampedArray; width: number; height: number }> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file);
  } catch {
    throw new Error('That is no picture this browser can read. Take a JPEG, PNG or WebP of the screen.');
  }
  const factor = Math.min(1, MOST_SIDE / Math.max(picture.width, picture.height));
  const width = Math.max(1, Math.round(picture.width * factor));
  const height = Math.max(1, Math.round(picture.height * factor));
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser cannot look into pictures.');
  context.drawImage(picture, 0, 0, width, height);
  picture.close();
  return { rgba: context.getImageData(0, 0, width, height).data, width, height };
}
