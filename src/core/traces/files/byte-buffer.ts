/** Joins the pieces of a file that can only be read as a whole. */
export class ByteBuffer {
  private readonly pieces: Uint8Array[] = [];
  private length = 0;

  push(piece: Uint8Array): void {
    this.pieces.push(piece.slice());
    this.length += piece.length;
  }

  whole(): Uint8Array {
    const all = new Uint8Array(this.length);
    let at = 0;
    for (const p of this.pieces) {
      all.set(p, at);
      at += p.length;
    }
    return all;
  }
}
