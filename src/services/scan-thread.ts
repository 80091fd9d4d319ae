import { existsSync } from 'node:fs';
import path from 'node:path';
import Piscina from 'piscina';
import { readScan } from '@/core/codes';
import type { ScanQuestion } from '@/workers/threads/scan.thread';
import { log } from './log';

/** Long reports are read in a thread of their own, so that nobody waits for somebody else's report. */

/** A report of this many characters takes about 40 ms; asking a thread is not worth it for less. */
const LONG = 20_000;
/** Where the build puts it; without a build, as in tests, reports are read here. */
const BUILT = path.resolve(/* turbopackIgnore: true */ process.cwd(), 'dist/scan.thread.mjs');
/** A thread that had nothing to do for so long is let go. */
const IDLE_MS = 60_000;

type Read = ReturnType<typeof readScan>;

/** A thread for the bundle at a path, started when it is needed. */
export const scanThread = (filename: string): Piscina<ScanQuestion, Read> =>
  new Piscina<ScanQuestion, Read>({ filename, minThreads: 0, maxThreads: 1, idleTimeout: IDLE_MS });

let thread: Piscina<ScanQuestion, Read> | undefined;

/** `readScan`, beside the server's own thread where the report is long. */
export async function readScanBeside(text: string, hints: ScanQuestion['hints']): Promise<Read> {
  if (text.length < LONG || !existsSync(BUILT)) return readScan(text, hints);
  thread ??= scanThread(BUILT);
  try {
    return await thread.run({ text, hints });
  } catch (e) {
    // Whatever befell the thread, the report is read; others wait for it once.
    log.error({ err: e instanceof Error ? e.message : '' }, 'the thread for long reports failed');
    return readScan(text, hints);
  }
}
