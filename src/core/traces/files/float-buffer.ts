import { MOST_SAMPLES } from './contract';
import { Unreadable } from './read-as';

/** A list of floats that grows by doubling, without a box per number. */
export class FloatBuffer {
  data: Float32Array;
  length = 0;

  constructor(first = 4096) {
    this.data = new Float32Array(first);
  }

  push(v: number): void {
    if (this.length === this.data.length) {
      const more = new Float32Array(this.length * 2);
      more.set(this.data);
      this.data = more;
    }
    this.data[this.length++] = v;
  }

  done(): Float32Array {
    return this.data.subarray(0, this.length);
  }
}

/** The same for moments, which need the digits. */
export class GrowingTimes {
  data = new Float64Array(4096);
  length = 0;

  push(v: number): void {
    if (this.length === this.data.length) {
      const more = new Float64Array(this.length * 2);
      more.set(this.data);
      this.data = more;
    }
    this.data[this.length++] = v;
  }

  done(): Float64Array {
    return this.data.subarray(0, this.length);
  }
}

/** @throws Unreadable when it is more than a browser's memory should be asked for */
export function notTooMany(samples: number): void {
  if (samples > MOST_SAMPLES)
    throw new Unreadable(
      `There are more than ${MOST_SAMPLES / 1e6} million samples in it. Export a shorter stretch or fewer channels, and take that.`,
    );
}
