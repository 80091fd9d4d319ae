import { parentPort } from 'node:worker_threads';
import { readScan } from '@/core/codes';

/** Reads long reports beside the server's own thread; see `services/scan-thread.ts`. */

export interface ScanQuestion {
  id: number;
  text: string;
  hints: Parameters<typeof readScan>[1];
}
export type ScanAnswer = { id: number; read: ReturnType<typeof readScan> } | { id: number; error: string };

parentPort?.on('message', ({ id, text, hints }: ScanQuestion) => {
  try {
    parentPort!.postMessage({ id, read: readScan(text, hints) } satisfies ScanAnswer);
  } catch (e) {
    parentPort!.postMessage({ id, error: e instanceof Error ? e.message : 'unknown' } satisfies ScanAnswer);
  }
});
