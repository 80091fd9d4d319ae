import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import path from 'node:path';

const from = createRequire(path.join(process.cwd(), 'package.json'));
const beside = (name: string, file: string) =>
  path.join(path.dirname(from.resolve(`${name}/package.json`)), file);

/** A file of the readers of letters and of barcodes that a browser may ask for, by its bare name. */
export async function readLettersFile(file: string): Promise<{ bytes: Buffer; type: string } | undefined> {
  if (file === 'worker.min.js') return script(beside('tesseract.js', 'dist/worker.min.js'));
  if (/^tesseract-core(?:-relaxedsimd|-simd)?-lstm\.wasm\.js$/.test(file))
    return script(beside('tesseract.js-core', file));
  if (file === 'eng.traineddata.gz')
    return {
      bytes: await readFile(beside('@tesseract.js-data/eng', '4.0.0_best_int/eng.traineddata.gz')),
      type: 'application/octet-stream',
    };
  if (file === 'zxing_reader.wasm')
    return {
      bytes: await readFile(from.resolve('zxing-wasm/reader/zxing_reader.wasm')),
      type: 'application/wasm',
    };
  return undefined;
}

const script = async (path: string) => ({ bytes: await readFile(path), type: 'text/javascript' });
