import { existsSync } from 'node:fs';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import { readScan } from '@/core/codes';
import type { ScanAnswer, ScanQuestion } from '@/workers/threads/scan.thread';

/** Long reports are read in a thread of their own, so that nobody waits for somebody else's report. */

/** A report of this many characters takes about 40 ms; starting and asking a thread is not worth it for less. */
const LONG = 20_000;
/** Where the build puts it; without a build, as in tests, reports are read here. */
const BUILT = path.resolve(/* turbopackIgnore: true */ process.cwd(), 'dist/scan.thread.mjs');
/** A thread that had nothing to do for so long is let go. */
const IDLE_MS = 60_000;

type Read = ReturnType<typeof readScan>;
type Hints = ScanQuestion['hints'];

/** Asks one thread, started when it is needed and anew after it died. */
export class ScanThread {
  private worker: Worker | undefined;
  private readonly waiting = new Map<number, { done: (read: Read) => void; fail: (e: Error) => void }>();
  private asked = 0;
  private idle: NodeJS.Timeout | undefined;

  constructor(private readonly file: string) {}

  /**
   * @param text of the report
   * @param hints as of `readScan`
   * @throws Error where reading threw, or the thread died
   */
  read(text: string, hints: Hints): Promise<Read> {
    const worker = (this.worker ??= this.start());
    clearTimeout(this.idle);
    const id = ++this.asked;
    return new Promise((done, fail) => {
      this.waiting.set(id, { done, fail });
      worker.postMessage({ id, text, hints } satisfies ScanQuestion);
    });
  }

  async stop(): Promise<void> {
    clearTimeout(this.idle);
    await this.worker?.terminate();
  }

  private start(): Worker {
    const worker = new Worker(/* turbopackIgnore: true */ this.file);
    worker.unref();
    worker.on('message', (answer: ScanAnswer) => {
      const asker = this.waiting.get(answer.id);
      this.waiting.delete(answer.id);
      if ('read' in answer) asker?.done(answer.read);
      else asker?.fail(new Error(answer.error));
      if (this.waiting.size > 0) return;
      this.idle = setTimeout(() => void this.stop(), IDLE_MS);
      this.idle.unref();
    });
    worker.on('error', () => undefined);
    worker.on('exit', () => {
      if (this.worker !== worker) return;
      this.worker = undefined;
      for (const { fail } of this.waiting.values()) fail(new Error('The thread that reads reports ended.'));
      this.waiting.clear();
    });
    return worker;
  }
}

let thread: ScanThread | undefined;

/** `readScan`, beside the server's own thread where the report is long. */
export async function readScanBeside(text: string, hints: Hints): Promise<Read> {
  if (text.length < LONG || !existsSync(BUILT)) return readScan(text, hints);
  thread ??= new ScanThread(BUILT);
  return thread.read(text, hints);
}
