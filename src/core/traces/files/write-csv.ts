import { stretch, timeAt, valueAt, type Channel } from '../channel';

const ROWS_A_PIECE = 5000;
const quoted = (text: string) => (/[",\n]/.test(text) ? `"${text.replace(/"/g, '""')}"` : text);

/**
 * A stretch of channels as a table: one row per sample of the finest channel, others on the straight
 * line between theirs; missing samples are empty cells. Reads back as the same trace.
 *
 * @param from seconds
 * @param to seconds
 * @returns pieces of text, to be written one after the other
 */
export function* csvOf(channels: readonly Channel[], from: number, to: number): Generator<string> {
  const finest = channels.reduce((a, b) => (b.interval < a.interval ? b : a));
  const part = stretch(finest, from, to);
  yield `${['Time (s)', ...channels.map((c) => quoted(c.unit ? `${c.name} (${c.unit})` : c.name))].join(',')}\n`;
  // As many digits as tell two neighbouring samples apart, and a few more.
  const digits = Math.min(15, Math.max(3, Math.ceil(-Math.log10(finest.interval)) + 4));
  let piece = '';
  for (let i = 0; i < part.samples.length; i++) {
    const t = timeAt(part, i);
    piece += t.toFixed(digits);
    for (const c of channels) {
      const v = c === finest ? part.samples[i]! : valueAt(c, t);
      piece += v === v ? `,${Number(v.toPrecision(7))}` : ',';
    }
    piece += '\n';
    if (i % ROWS_A_PIECE === ROWS_A_PIECE - 1) {
      yield piece;
      piece = '';
    }
  }
  if (piece) yield piece;
}
