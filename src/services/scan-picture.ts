import type { ScanReading } from '@/core/api';
import { Problem } from '@/core/problem';

/** A photo of a tool's screen, read into rows. */
// eslint-disable-next-line @typescript-eslint/require-await
export async function readScanPicture(_bytes: Uint8Array): Promise<ScanReading> {
  throw new Problem('Pictures are not read yet.');
}
