import sharp from 'sharp';
import type { Gray } from '@/core/pictures';
import { normal, random } from '@/sim/random';

/**
 * A screen as a telephone photographs it: from the side, a little turned, out of focus, with a lamp's glare, the
 * pattern of the screen's own points, noise of the sensor, and JPEG.
 *
 * @param screen drawn
 * @param seed of the chance
 */
export async function photographed(screen: Gray, seed: number): Promise<Buffer> {
  const r = random(seed * 613 + 11);
  const scale = 1.1 + r() * 0.9;
  const width = Math.round(screen.width * scale);
  const height = Math.round(screen.height * scale);
  const turn = (r() - 0.5) * 0.14;
  const side = (r() - 0.5) * 0.00018;
  const tip = (r() - 0.5) * 0.00018;
  const glare = { x: r() * width, y: r() * height, size: width * (0.12 + r() * 0.2), light: 30 + r() * 90 };
  const pattern = { pitch: 3.1 + r() * 2, strength: r() * 9, turn: r() * Math.PI };
  const dim = 0.45 + r() * 0.55;
  const noise = 2 + r() * 8;
  const data = new Float32Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [x - width / 2, y - height / 2];
      const depth = 1 + side * u + tip * v;
      const sx = ((u * Math.cos(turn) - v * Math.sin(turn)) / depth / scale) * 1.04 + screen.width / 2;
      const sy = ((u * Math.sin(turn) + v * Math.cos(turn)) / depth / scale) * 1.04 + screen.height / 2;
      const inside = sx >= 0 && sy >= 0 && sx < screen.width - 1 && sy < screen.height - 1;
      let value = 40;
      if (inside) {
        const [x0, y0] = [Math.floor(sx), Math.floor(sy)];
        const [fx, fy] = [sx - x0, sy - y0];
        const at = (dx: number, dy: number) => screen.data[(y0 + dy) * screen.width + x0 + dx]!;
        value = (at(0, 0) * (1 - fx) + at(1, 0) * fx) * (1 - fy) + (at(0, 1) * (1 - fx) + at(1, 1) * fx) * fy;
      }
      const lamp = glare.light * Math.exp(-((x - glare.x) ** 2 + (y - glare.y) ** 2) / (2 * glare.size ** 2));
      const moire =
        pattern.strength *
        Math.sin((2 * Math.PI * (x * Math.cos(pattern.turn) + y * Math.sin(pattern.turn))) / pattern.pitch);
      data[y * width + x] = value * dim + lamp + moire;
    }
  const bytes = Buffer.alloc(width * height);
  for (let i = 0; i < bytes.length; i++) bytes[i] = Math.min(255, Math.max(0, data[i]!));
  const blurred = await sharp(bytes, { raw: { width, height, channels: 1 } })
    .blur(0.4 + r() * 0.9)
    .toColourspace('b-w')
    .raw()
    .toBuffer();
  for (let i = 0; i < blurred.length; i++)
    blurred[i] = Math.min(255, Math.max(0, blurred[i]! + normal(r) * noise));
  return sharp(blurred, { raw: { width, height, channels: 1 } })
    .jpeg({ quality: 55 + Math.floor(r() * 35) })
    .toBuffer();
}
