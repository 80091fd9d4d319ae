import sharp from 'sharp';
import type { Pixels } from '@/workers/threads/heic.thread';
import { besideServer } from '../running/thread';

/** Types of the pictures that phones make by default (ISO 23008-12). */
export const isHeic = (mime: string): boolean => /^image\/hei[cf](-sequence)?$/.test(mime);

/** Twelve million pixels take about two seconds. */
const decode = besideServer<Uint8Array, Pixels>(
  'heic.thread.mjs',
  async (content) => (await import('@/workers/threads/heic.thread')).default(content),
  false,
);

/**
 * A HEIC picture as JPEG with nothing but its pixels, upright: what every screen shows.
 *
 * @throws Error when it cannot be decoded
 */
export async function jpegOfHeic(content: Uint8Array): Promise<Buffer> {
  const { width, height, data } = await decode(content);
  return sharp(data, { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: 92 })
    .toBuffer();
}
