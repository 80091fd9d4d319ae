/** A picture in shades of grey: `data[y * width + x]`, 0 black to 255 white. */
export interface Gray {
  width: number;
  height: number;
  data: Uint8Array;
}

/**
 * Shades of grey of a picture in colour.
 *
 * @param rgba four bytes a pixel
 * @param width pixels
 * @param height pixels
 * @returns luma by Rec. ITU-R BT.601, section 2.5.1
 * @throws RangeError where the bytes do not fit the size
 */
export function grayOf(rgba: Uint8Array | Uint8ClampedArray, width: number, height: number): Gray {
  if (rgba.length !== width * height * 4)
    throw new RangeError('The bytes do not fit the size of the picture.');
  const data = new Uint8Array(width * height);
  for (let i = 0, j = 0; i < data.length; i++, j += 4)
    data[i] = (299 * rgba[j]! + 587 * rgba[j + 1]! + 114 * rgba[j + 2]! + 500) / 1000;
  return { width, height, data };
}

/** Sums over rectangles: `sum[(y) * (width + 1) + x]` of all pixels above and left of it. */
function summed({ width, height, data }: Gray): Float64Array {
  const w = width + 1;
  const sum = new Float64Array(w * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += data[y * width + x]!;
      sum[(y + 1) * w + x + 1] = sum[y * w + x + 1]! + row;
    }
  }
  return sum;
}

/** The mean of a square around each pixel, cut off at the edges. */
export function boxMean(g: Gray, radius: number): Gray {
  const sum = summed(g);
  const w = g.width + 1;
  const data = new Uint8Array(g.data.length);
  for (let y = 0; y < g.height; y++) {
    const top = Math.max(0, y - radius);
    const bottom = Math.min(g.height, y + radius + 1);
    for (let x = 0; x < g.width; x++) {
      const left = Math.max(0, x - radius);
      const right = Math.min(g.width, x + radius + 1);
      const total =
        sum[bottom * w + right]! - sum[top * w + right]! - sum[bottom * w + left]! + sum[top * w + left]!;
      data[y * g.width + x] = total / ((bottom - top) * (right - left));
    }
  }
  return { ...g, data };
}

/** The value of a place between pixels, straight lines between the four around it; the edge beyond it. */
function between({ width, height, data }: Gray, x: number, y: number): number {
  const cx = Math.min(width - 1, Math.max(0, x));
  const cy = Math.min(height - 1, Math.max(0, y));
  const x0 = Math.floor(cx);
  const y0 = Math.floor(cy);
  const x1 = Math.min(width - 1, x0 + 1);
  const y1 = Math.min(height - 1, y0 + 1);
  const fx = cx - x0;
  const top = data[y0 * width + x0]! * (1 - fx) + data[y0 * width + x1]! * fx;
  const bottom = data[y1 * width + x0]! * (1 - fx) + data[y1 * width + x1]! * fx;
  return top + (bottom - top) * (cy - y0);
}

/**
 * Weights of the four pixels around a place, by its distance from the second: cubic convolution with a = −0.5. Keys,
 * "Cubic convolution interpolation for digital image processing", IEEE Trans. ASSP 29 (1981) 1153–1160.
 */
export function cubicWeights(t: number): [number, number, number, number] {
  const [t2, t3] = [t * t, t * t * t];
  return [
    -0.5 * t3 + t2 - 0.5 * t,
    1.5 * t3 - 2.5 * t2 + 1,
    -1.5 * t3 + 2 * t2 + 0.5 * t,
    0.5 * t3 - 0.5 * t2,
  ];
}

/** Made larger with sharper edges than straight lines between the pixels give; rows first, then columns. */
export function enlarged(g: Gray, factor: number): Gray {
  if (factor <= 1) return scaled(g, factor);
  const width = Math.round(g.width * factor);
  const height = Math.round(g.height * factor);
  const steps = (to: number, from: number) =>
    Array.from({ length: to }, (_, i) => {
      const x = (i + 0.5) / factor - 0.5;
      const at = Math.floor(x);
      return {
        from: [-1, 0, 1, 2].map((d) => Math.min(from - 1, Math.max(0, at + d))),
        weights: cubicWeights(x - at),
      };
    });
  const wide = new Float32Array(width * g.height);
  const columns = steps(width, g.width);
  for (let y = 0; y < g.height; y++)
    for (let x = 0; x < width; x++) {
      const { from, weights } = columns[x]!;
      let v = 0;
      for (let k = 0; k < 4; k++) v += weights[k]! * g.data[y * g.width + from[k]!]!;
      wide[y * width + x] = v;
    }
  const data = new Uint8Array(width * height);
  const rows = steps(height, g.height);
  for (let y = 0; y < height; y++) {
    const { from, weights } = rows[y]!;
    for (let x = 0; x < width; x++) {
      let v = 0;
      for (let k = 0; k < 4; k++) v += weights[k]! * wide[from[k]! * width + x]!;
      data[y * width + x] = Math.min(255, Math.max(0, Math.round(v)));
    }
  }
  return { width, height, data };
}

/**
 * Edges made steeper: what a pixel differs from its surroundings is added once more (unsharp masking; Gonzalez &
 * Woods, Digital Image Processing, section 3.6).
 *
 * @param radius of the surroundings, in pixels
 */
export function sharpened(g: Gray, radius: number): Gray {
  const soft = boxMean(boxMean(g, radius), radius);
  return { ...g, data: g.data.map((v, i) => Math.min(255, Math.max(0, 2 * v - soft.data[i]!))) };
}

/** Made larger or smaller; smaller ones are smoothed first, so that no pattern comes of it. */
export function scaled(g: Gray, factor: number): Gray {
  if (factor === 1) return g;
  const from = factor < 0.75 ? boxMean(g, Math.max(1, Math.round(0.5 / factor))) : g;
  const width = Math.max(1, Math.round(g.width * factor));
  const height = Math.max(1, Math.round(g.height * factor));
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      data[y * width + x] = between(from, (x + 0.5) / factor - 0.5, (y + 0.5) / factor - 0.5);
  return { width, height, data };
}

/**
 * Drawn anew so that lines which rise by `slope` become level; a line's slope may differ from top to bottom, as in a
 * photo taken from the side.
 *
 * @param top slope (rise per pixel to the right) at the upper edge
 * @param bottom slope at the lower edge
 */
export function levelled(g: Gray, top: number, bottom: number = top): Gray {
  const data = new Uint8Array(g.data.length);
  const middle = g.width / 2;
  for (let y = 0; y < g.height; y++) {
    const slope = top + ((bottom - top) * y) / g.height;
    for (let x = 0; x < g.width; x++) data[y * g.width + x] = between(g, x, y - slope * (x - middle));
  }
  return { ...g, data };
}

/** What `cutOut` leaves around a piece, in pixels. */
export const marginOf = ({ top, bottom }: { top: number; bottom: number }): number =>
  Math.max(6, Math.round((bottom - top) * 0.35));

/** A piece of a picture with a margin around it, white beyond the edges. */
export function cutOut(
  g: Gray,
  { left, right, top, bottom }: { left: number; right: number; top: number; bottom: number },
): Gray {
  const margin = marginOf({ top, bottom });
  const width = right - left + 2 * margin;
  const height = bottom - top + 2 * margin;
  const data = new Uint8Array(width * height).fill(255);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [sx, sy] = [x + left - margin, y + top - margin];
      if (sx >= 0 && sy >= 0 && sx < g.width && sy < g.height)
        data[y * width + x] = g.data[sy * g.width + sx]!;
    }
  return { width, height, data };
}

/**
 * The picture with dark and light exchanged, as a dark screen has to be for a reader of printed letters.
 *
 * @param g eight bits a pixel
 * @returns a new picture of the same size
 */
export const inverted = (g: Gray): Gray => ({ ...g, data: g.data.map((v) => 255 - v) });

/**
 * The picture as the bytes of a BMP file (Windows bitmap, version 3), eight bits a pixel: what a reader of letters
 * takes without another codec.
 */
export function bitmapOf({ width, height, data }: Gray): Uint8Array {
  const stride = (width + 3) & ~3;
  const offset = 14 + 40 + 1024;
  const bytes = new Uint8Array(offset + stride * height);
  const view = new DataView(bytes.buffer);
  bytes.set([0x42, 0x4d]);
  view.setUint32(2, bytes.length, true);
  view.setUint32(10, offset, true);
  view.setUint32(14, 40, true);
  view.setInt32(18, width, true);
  view.setInt32(22, height, true);
  view.setUint16(26, 1, true);
  view.setUint16(28, 8, true);
  view.setUint32(46, 256, true);
  for (let i = 0; i < 256; i++) bytes.set([i, i, i, 0], 54 + i * 4);
  for (let y = 0; y < height; y++)
    bytes.set(data.subarray(y * width, (y + 1) * width), offset + (height - 1 - y) * stride);
  return bytes;
}
