const FIRST = 16;
const STEP = 8;

interface Level {
  /** Samples that one block stands for. */
  size: number;
  low: Float32Array;
  high: Float32Array;
}

/**
 * Lowest and highest value of blocks of samples, in levels: any stretch can then be drawn at any width
 * without looking at each sample, and without losing a spike. Takes about a seventh of the samples' own
 * memory.
 */
export class Pyramid {
  private readonly levels: Level[] = [];

  constructor(readonly samples: Float32Array) {
    let level = reduce(samples, samples, FIRST, FIRST);
    while (level.low.length > 1) {
      this.levels.push(level);
      level = reduce(level.low, level.high, STEP, level.size * STEP);
    }
    this.levels.push(level);
  }

  /**
   * Lowest and highest of a stretch; missing samples are passed over.
   *
   * @param from first sample
   * @param to sample after the last
   * @returns [lowest, highest], both NaN when there is none
   */
  range(from: number, to: number): [number, number] {
    let low = Infinity;
    let high = -Infinity;
    const take = (lows: Float32Array, highs: Float32Array, a: number, b: number) => {
      for (let i = a; i < b; i++) {
        const l = lows[i]!;
        const h = highs[i]!;
        if (l < low) low = l;
        if (h > high) high = h;
      }
    };
    let a = Math.max(0, from);
    let b = Math.min(this.samples.length, to);
    // Ragged ends from the finer level, whole blocks from the coarser one, and so on up.
    let lows = this.samples;
    let highs = this.samples;
    for (let k = 0; k <= this.levels.length; k++) {
      const step = k === 0 ? FIRST : STEP;
      const up = this.levels[k];
      const ua = Math.ceil(a / step);
      const ub = Math.floor(b / step);
      if (!up || ub <= ua) {
        take(lows, highs, a, b);
        break;
      }
      take(lows, highs, a, ua * step);
      take(lows, highs, ub * step, b);
      a = ua;
      b = ub;
      lows = up.low;
      highs = up.high;
    }
    return low > high ? [NaN, NaN] : [low, high];
  }

  /**
   * What a drawing `width` pixels wide shows of a stretch: for each pixel the lowest and highest sample
   * in it. Neighbouring pixels share a sample, so that a steep line stays joined up.
   *
   * @param from first sample, may be a fraction and outside
   * @param to sample after the last, may be a fraction and outside
   * @returns 2 × `width` values: lowest, highest of each pixel; NaN where nothing is
   */
  columns(from: number, to: number, width: number): Float32Array {
    const out = new Float32Array(2 * width).fill(NaN);
    const per = (to - from) / width;
    for (let x = 0; x < width; x++) {
      const a = Math.floor(from + x * per);
      const b = Math.max(Math.floor(from + (x + 1) * per), a) + 1;
      if (b <= 0 || a >= this.samples.length) continue;
      const [low, high] = this.range(a, b);
      out[2 * x] = low;
      out[2 * x + 1] = high;
    }
    return out;
  }
}

function reduce(lows: Float32Array, highs: Float32Array, step: number, size: number): Level {
  const n = Math.ceil(lows.length / step);
  const low = new Float32Array(n);
  const high = new Float32Array(n);
  for (let i = 0; i < n; i++) {
    let l = Infinity;
    let h = -Infinity;
    for (let j = i * step, end = Math.min(j + step, lows.length); j < end; j++) {
      const a = lows[j]!;
      const b = highs[j]!;
      if (a < l) l = a;
      if (b > h) h = b;
    }
    low[i] = l;
    high[i] = h;
  }
  return { size, low, high };
}
