/** Lists of documents by term on typed arrays: what keeps a hundred thousand cases small and fast. */

/** Documents that have one term, in the order they came, each with a weight of 0 … 1 in 255 steps. */
export class Postings {
  docs = new Int32Array(2);
  weights = new Uint8Array(2);
  length = 0;
  /** How many of them still stand; the others belong to versions of a case that were replaced. */
  live = 0;

  constructor(readonly id: number) {}

  push(doc: number, weight: number): void {
    if (this.length === this.docs.length) {
      this.docs = grown(this.docs, Int32Array);
      this.weights = grown(this.weights, Uint8Array);
    }
    this.docs[this.length] = doc;
    this.weights[this.length] = Math.max(1, Math.round(weight * 255));
    this.length++;
    this.live++;
  }

  /** The same list over other document numbers; −1 leaves one out. */
  packed(to: Int32Array, id: number): Postings {
    const fresh = new Postings(id);
    for (let i = 0; i < this.length; i++) {
      const doc = to[this.docs[i]!]!;
      if (doc >= 0) fresh.push(doc, this.weights[i]! / 255);
    }
    return fresh;
  }
}

/** A growing list of whole numbers. */
export class IntList {
  values = new Int32Array(16);
  length = 0;

  push(value: number): void {
    if (this.length === this.values.length) this.values = grown(this.values, Int32Array);
    this.values[this.length++] = value;
  }
}

/** A growing list of numbers. */
export class FloatList {
  values = new Float64Array(16);
  length = 0;

  push(value: number): void {
    if (this.length === this.values.length) this.values = grown(this.values, Float64Array);
    this.values[this.length++] = value;
  }
}

type Typed = Int32Array | Uint8Array | Float64Array;

function grown<T extends Typed>(old: T, Kind: new (size: number) => T): T {
  const next = new Kind(Math.ceil(old.length * 1.6) + 2);
  next.set(old as never);
  return next;
}
