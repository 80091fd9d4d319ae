import { readScan } from '@/core/codes';

/** Reads long reports beside the server's own thread; see `services/scans/scan-thread.ts`. */

export interface ScanQuestion {
  text: string;
  hints: Parameters<typeof readScan>[1];
}

export default ({ text, hints }: ScanQuestion): ReturnType<typeof readScan> => readScan(text, hints);
