import { readScan } from '@/core/codes';
import type { ScanQuestion } from '@/workers/threads/scan.thread';
import { besideServer } from '../running/thread';

/** A report of this many characters takes about 40 ms; asking a thread is not worth it for less. */
const LONG = 20_000;

const beside = besideServer('scan.thread.mjs', ({ text, hints }: ScanQuestion) => readScan(text, hints));

/** `readScan`, beside the server's own thread where the report is long. */
export const readScanBeside = async (
  text: string,
  hints: ScanQuestion['hints'],
): Promise<ReturnType<typeof readScan>> =>
  text.length < LONG ? readScan(text, hints) : beside({ text, hints });
