/**
 * Multinomial logistic regression on sparse features: Adam (Kingma and Ba 2015) on the cross-entropy with a ridge,
 * classes weighed by the root of how often they come. The same input gives the same weights.
 */

/** One text to learn from: its features by number, its class by number, and how much it counts. */
export interface Example {
  features: number[];
  is: number;
  weight: number;
}

const EPOCHS = 14;
const BATCH = 256;
const RATE = 0.02;
const RIDGE = 3e-4;
/** The features of a text together have this length. */
const SCALE = 6.4;
const [BETA1, BETA2, TINY] = [0.9, 0.999, 1e-8];

/** A generator of numbers from 0 to 1 that begins the same each time (mulberry32, public domain). */
export function drawn(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A dense array with what Adam remembers of each of its numbers. */
class Learned {
  readonly value: Float64Array;
  private readonly mean: Float64Array;
  private readonly square: Float64Array;
  readonly slope: Float64Array;
  constructor(size: number) {
    this.value = new Float64Array(size);
    this.mean = new Float64Array(size);
    this.square = new Float64Array(size);
    this.slope = new Float64Array(size);
  }
  step(rate: number, t: number, ridge: number): void {
    const [c1, c2] = [1 - BETA1 ** t, 1 - BETA2 ** t];
    for (let i = 0; i < this.value.length; i++) {
      const g = this.slope[i]! + ridge * this.value[i]!;
      this.mean[i] = BETA1 * this.mean[i]! + (1 - BETA1) * g;
      this.square[i] = BETA2 * this.square[i]! + (1 - BETA2) * g * g;
      this.value[i]! -= (rate * (this.mean[i]! / c1)) / (Math.sqrt(this.square[i]! / c2) + TINY);
    }
    this.slope.fill(0);
  }
}

/**
 * @param examples what to learn from
 * @param features how many features there are
 * @param classes how many classes
 * @returns weights, those of one feature side by side, already times the scale; and the bias of each class
 */
export function fit(
  examples: readonly Example[],
  features: number,
  classes: number,
): { weights: Float64Array; bias: Float64Array } {
  const often = new Float64Array(classes);
  for (const e of examples) often[e.is]! += e.weight;
  const evened = examples.map((e) => e.weight / Math.sqrt(often[e.is]!));
  const mean = evened.reduce((a, b) => a + b, 0) / evened.length;
  const weights = new Learned(features * classes);
  const bias = new Learned(classes);
  const random = drawn(1);
  const order = examples.map((_, i) => i);
  let t = 0;
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (let i = order.length - 1; i > 0; i--) {
      const k = Math.floor(random() * (i + 1));
      [order[i], order[k]] = [order[k]!, order[i]!];
    }
    for (let from = 0; from < order.length; from += BATCH) {
      const batch = order.slice(from, from + BATCH);
      for (const n of batch) slopeOf(examples[n]!, evened[n]! / mean / batch.length, weights, bias);
      const rate = RATE * (1 - epoch / (EPOCHS + 1));
      t++;
      weights.step(rate, t, RIDGE);
      bias.step(rate, t, 0);
    }
  }
  return { weights: weights.value.map((w) => w * SCALE), bias: bias.value };
}

/** Adds what one example says of the slope. */
function slopeOf(e: Example, counts: number, weights: Learned, bias: Learned): void {
  if (e.features.length === 0) return;
  const classes = bias.value.length;
  const x = SCALE / Math.sqrt(e.features.length);
  const z = Float64Array.from(bias.value);
  for (const f of e.features) for (let c = 0; c < classes; c++) z[c]! += weights.value[f * classes + c]! * x;
  const highest = z.reduce((a, b) => Math.max(a, b), -Infinity);
  let total = 0;
  for (let c = 0; c < classes; c++) total += z[c] = Math.exp(z[c]! - highest);
  for (let c = 0; c < classes; c++) z[c] = (z[c]! / total - (c === e.is ? 1 : 0)) * counts;
  for (let c = 0; c < classes; c++) bias.slope[c]! += z[c]!;
  for (const f of e.features) for (let c = 0; c < classes; c++) weights.slope[f * classes + c]! += z[c]! * x;
}
