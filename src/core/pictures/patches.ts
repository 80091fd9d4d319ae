import type { Gray } from './gray';

/** A connected patch of black: its box and its pixels. */
export interface Patch {
  width: number;
  height: number;
  size: number;
  pixels: readonly number[];
}

/** All patches of black that hang together over their sides. */
export function* patchesOf({ width, height, data }: Gray): Generator<Patch> {
  const seen = new Uint8Array(data.length);
  for (let start = 0; start < data.length; start++) {
    if (data[start] !== 0 || seen[start]) continue;
    const pixels = [start];
    seen[start] = 1;
    let [left, right, top, bottom] = [width, 0, height, 0];
    for (let k = 0; k < pixels.length; k++) {
      const p = pixels[k]!;
      const x = p % width;
      const y = (p - x) / width;
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y);
      if (x > 0) take(p - 1);
      if (x < width - 1) take(p + 1);
      take(p - width);
      take(p + width);
    }
    yield { width: right - left + 1, height: bottom - top + 1, size: pixels.length, pixels };
    function take(q: number): void {
      if (q < 0 || q >= data.length || data[q] !== 0 || seen[q]) return;
      seen[q] = 1;
      pixels.push(q);
    }
  }
}
