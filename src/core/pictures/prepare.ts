import { boxMean, enlarged, inverted, levelled, scaled, sharpened, type Gray } from './gray';
import { patchesOf } from './patches';

/** Above this many pixels a photo is made smaller before anything else: letters stay large enough. */
const MOST_PIXELS = 6e6;
/** The height of capital letters that the reader of letters reads best, in pixels. */
const CAPITALS = 24;

/** A photo of a screen as it is read: three pictures of one size. */
export interface PreparedScreen {
  smooth: Gray;
  /** Black on white. */
  sharp: Gray;
  /** As photographed, its light and its ground: nothing smoothed, sharpened or taken away. */
  shades: Gray;
}

/**
 * A photo of a screen made ready to be read: level, dark letters on a light ground, the light flattened, letters of
 * a good size. Two ways, because the one fails where the other reads: smooth shades, and black on white.
 *
 * @param photo in shades of grey
 * @returns the pictures, of one size
 */
export function prepareScreen(photo: Gray): PreparedScreen {
  const small = scaled(photo, Math.min(1, Math.sqrt(MOST_PIXELS / (photo.width * photo.height))));
  const flat = flattened(small);
  const straighten = byItsLines(flat);
  const level = straighten(flat);
  const height = capitalHeight(blackWhite(level));
  const factor = Math.min(3.5, Math.max(0.5, CAPITALS / height));
  const most = Math.sqrt(9e6 / (level.width * level.height));
  const size = Math.min(factor, most);
  const large = enlarged(level, size);
  const sharper = stretched(sharpened(large, Math.max(1, Math.round(CAPITALS / 10))));
  return { ...onlyLetters(sharper, blackWhite(large)), shades: enlarged(straighten(small), size) };
}

/**
 * Evens out the light: each pixel against the ground around it, dark letters on a light ground afterwards. Glare,
 * shadows and dark screens go; the contrast of letters stays.
 */
export function flattened(g: Gray): Gray {
  const radius = Math.max(8, Math.round(Math.min(g.width, g.height) / 22));
  const soft = boxMean(g, 1);
  const ground = boxMean(soft, radius);
  // Contrast differs over the photo too: each place by the spread around it.
  const away = { ...g, data: soft.data.map((v, i) => Math.min(255, Math.abs(v - ground.data[i]!))) };
  const spread = boxMean(away, radius * 2);
  // Where there is no letter there is only noise; that must not be raised to the contrast of letters.
  const usual = percentile(spread, 0.9);
  const data = new Uint8Array(g.data.length);
  let skew = 0;
  for (let i = 0; i < data.length; i++) {
    const off = (soft.data[i]! - ground.data[i]!) / Math.max(3, 0.55 * usual, spread.data[i]!);
    if (Math.abs(off) > 2) skew += Math.sign(off);
    data[i] = Math.min(255, Math.max(0, 128 + off * 26));
  }
  // Letters are few and far from the ground: where more lies above it, they are light on dark.
  const flat = { ...g, data };
  return skew > 0 ? inverted(flat) : flat;
}

/** The value below which a share of all pixels lies. */
function percentile(g: Gray, share: number): number {
  const counts = new Uint32Array(256);
  for (const v of g.data) counts[v]!++;
  let sum = 0;
  for (let v = 0; v < 256; v++) if ((sum += counts[v]!) >= share * g.data.length) return v;
  return 255;
}

/** Contrast pulled to the full range, the darkest two and the lightest half of all pixels cut off. */
export function stretched(g: Gray): Gray {
  const low = percentile(g, 0.01);
  const high = Math.max(low + 20, percentile(g, 0.3));
  return { ...g, data: g.data.map((v) => Math.min(255, Math.max(0, ((v - low) * 255) / (high - low)))) };
}

/**
 * Black on white by the ground around each pixel. Sauvola & Pietikäinen, "Adaptive document image binarization",
 * Pattern Recognition 33 (2000) 225–236, with k = 0.2.
 */
export function blackWhite(g: Gray): Gray {
  const radius = Math.max(6, Math.round(g.height / 60));
  const mean = boxMean(g, radius);
  const away = { ...g, data: g.data.map((v, i) => Math.min(255, Math.abs(v - mean.data[i]!))) };
  const spread = boxMean(away, radius);
  return {
    ...g,
    data: g.data.map((v, i) => {
      const deviation = spread.data[i]! * 1.25;
      return v < mean.data[i]! * (1 - 0.2 * (1 - deviation / 128)) - 6 ? 0 : 255;
    }),
  };
}

/** Turned and sheared until its lines of letters are level, each half by its own slope. */
export const straightened = (g: Gray): Gray => byItsLines(g)(g);

/** What makes the lines of letters of a picture level, for it and others of its size. */
function byItsLines(g: Gray): (other: Gray) => Gray {
  const small = blackWhite(scaled(g, Math.min(1, 900 / Math.max(g.width, g.height))));
  const top = slopeOf(small, 0, 0.55);
  const bottom = slopeOf(small, 0.45, 1);
  return (other) =>
    Math.abs(top) < 0.002 && Math.abs(bottom) < 0.002 ? other : levelled(other, top, bottom);
}

/**
 * The slope of lines of letters in a band of the picture: the one at which rows of pixels differ most, full of
 * letters or empty.
 */
function slopeOf(bw: Gray, from: number, to: number): number {
  const first = Math.floor(bw.height * from);
  const last = Math.ceil(bw.height * to);
  const dark: [number, number][] = [];
  for (let y = first; y < last; y++)
    for (let x = 0; x < bw.width; x++) if (bw.data[y * bw.width + x] === 0) dark.push([x - bw.width / 2, y]);
  if (dark.length < 200) return 0;
  const step = Math.max(1, Math.floor(dark.length / 40_000));
  const score = (slope: number) => {
    const rows = new Float64Array(bw.height * 2);
    for (let i = 0; i < dark.length; i += step) {
      const [x, y] = dark[i]!;
      const row = Math.round(y + slope * x + bw.height / 2);
      if (row >= 0 && row < rows.length) rows[row]!++;
    }
    let sum = 0;
    for (let k = 1; k < rows.length; k++) sum += (rows[k]! - rows[k - 1]!) ** 2;
    return sum;
  };
  let best = 0;
  let most = score(0) * 1.02;
  for (const span of [0.01, 0.002]) {
    const middle = best;
    for (let k = -18; k <= 18; k++) {
      const slope = middle + k * span;
      const s = score(slope);
      if (s > most) [best, most] = [slope, s];
    }
  }
  return best;
}

/** The usual height of a capital letter: of the connected dark patches that are shaped like letters. */
export function capitalHeight(bw: Gray): number {
  const heights: number[] = [];
  for (const { width: w, height: h, size } of patchesOf(bw))
    if (h >= 5 && h < bw.height / 6 && w < h * 3 && w > h / 8 && size > 0.15 * w * h) heights.push(h);
  if (heights.length < 8) return CAPITALS;
  heights.sort((a, b) => a - b);
  // Capitals and figures are the taller ones of a line.
  return heights[Math.floor(heights.length * 0.7)]!;
}

/**
 * Only the letters: specks, frames and noise of the ground taken away from the black on white, and from the shades
 * what is far from any letter.
 */
function onlyLetters(smooth: Gray, sharp: Gray): { smooth: Gray; sharp: Gray } {
  const data = new Uint8Array(sharp.data.length).fill(255);
  for (const { width: w, height: h, pixels } of patchesOf(sharp)) {
    const letter = h >= CAPITALS * 0.35 && h <= CAPITALS * 2.6 && w <= CAPITALS * 12;
    const mark =
      h < CAPITALS * 0.35 && w < CAPITALS && pixels.length >= CAPITALS * 0.3 && pixels.length > 0.4 * w * h;
    if (letter || mark) for (const p of pixels) data[p] = 0;
  }
  const kept = { ...sharp, data };
  const near = boxMean(inverted(kept), CAPITALS);
  return {
    sharp: kept,
    smooth: { ...smooth, data: smooth.data.map((v, i) => (near.data[i]! > 6 ? v : 255)) },
  };
}
