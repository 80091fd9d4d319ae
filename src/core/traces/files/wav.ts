import { Unreadable, type Preview, type ReadAs } from './read-as';
import type { TraceFormat, TraceReader } from './contract';
import { ByteBuffer } from './byte-buffer';
import { notTooMany } from './float-buffer';
import type { Trace } from '../channel';

const PCM = 1;
const FLOAT = 3;
const EXTENSIBLE = 0xfffe;

interface Layout {
  channels: number;
  rate: number;
  bits: number;
  float: boolean;
  dataAt: number;
  dataBytes: number;
}

const tag = (v: DataView, at: number) => String.fromCharCode(...[0, 1, 2, 3].map((i) => v.getUint8(at + i)));

/**
 * Finds format and samples in a RIFF WAVE file (Multimedia Programming Interface and Data Specifications
 * 1.0, IBM and Microsoft 1991; extensible format tag from the 2001 revision).
 *
 * @param partial the bytes are only the beginning of the file
 */
function layoutOf(b: Uint8Array, partial: boolean): Layout {
  const v = new DataView(b.buffer, b.byteOffset, b.byteLength);
  if (b.length < 12 || tag(v, 0) !== 'RIFF' || tag(v, 8) !== 'WAVE')
    throw new Unreadable('This is not a WAV file: it does not begin with RIFF … WAVE.');
  let format: Omit<Layout, 'dataAt' | 'dataBytes'> | undefined;
  for (let at = 12; at + 8 <= b.length;) {
    const size = v.getUint32(at + 4, true);
    const body = at + 8;
    if (tag(v, at) === 'fmt ' && body + 16 <= b.length) {
      let kind = v.getUint16(body, true);
      if (kind === EXTENSIBLE && size >= 26 && body + 26 <= b.length) kind = v.getUint16(body + 24, true);
      const bits = v.getUint16(body + 14, true);
      if (kind !== PCM && kind !== FLOAT)
        throw new Unreadable(`The WAV file is compressed (format ${kind}). Save it as PCM and take that.`);
      if (![8, 16, 24, 32, 64].includes(bits) || (kind === PCM && bits === 64))
        throw new Unreadable(`The WAV file has ${bits} bits per sample; 8, 16, 24 or 32 can be read.`);
      format = {
        channels: v.getUint16(body + 2, true),
        rate: v.getUint32(body + 4, true),
        bits,
        float: kind === FLOAT,
      };
    }
    if (tag(v, at) === 'data') {
      if (!format) break;
      if (format.channels < 1 || format.rate < 1)
        throw new Unreadable('The WAV file states no channel or no sample rate; it is damaged.');
      // A recorder that was cut off leaves a size of nothing, or one beyond the end.
      const there = partial ? size : Math.min(size === 0 ? Infinity : size, b.length - body);
      return { ...format, dataAt: body, dataBytes: there };
    }
    at = body + size + (size % 2);
  }
  throw new Unreadable('The WAV file has no samples in it; it was cut off, or it is damaged.');
}

function preview(head: Uint8Array, corrected?: ReadAs): Preview {
  const l = layoutOf(head, true);
  const readAs: ReadAs = corrected ?? {
    format: 'wav',
    encoding: 'utf-8',
    separator: ',',
    decimal: '.',
    skip: 0,
    timeUnit: 's',
    interval: 1 / l.rate,
    columns: Array.from({ length: l.channels }, (_, i) => ({
      name: l.channels === 1 ? 'channel' : `channel ${i + 1}`,
      unit: '',
      use: 'channel' as const,
      times: 1,
    })),
  };
  return {
    readAs,
    rows: [],
    notes: [
      `${l.channels} ${l.channels === 1 ? 'channel' : 'channels'}, ${l.rate} samples a second, ${l.bits} bits. Full scale counts as 1: enter what 1 stands for where it is known.`,
    ],
  };
}

class WavReader extends ByteBuffer implements TraceReader {
  constructor(private readonly as: ReadAs) {
    super();
  }

  end(): Trace {
    const b = this.whole();
    if (b.length === 0) throw new Unreadable('The file is empty.');
    const l = layoutOf(b, false);
    const bytes = l.bits / 8;
    const n = Math.floor(l.dataBytes / (bytes * l.channels));
    if (n < 2) throw new Unreadable('There is only one sample in it; a trace needs at least two.');
    notTooMany(n * l.channels);
    const v = new DataView(b.buffer, b.byteOffset + l.dataAt, n * bytes * l.channels);
    const read = reading(v, l);
    const channels = this.as.columns.slice(0, l.channels).flatMap((c, k) => {
      if (c.use !== 'channel') return [];
      const samples = new Float32Array(n);
      for (let i = 0; i < n; i++) samples[i] = read((i * l.channels + k) * bytes) * c.times;
      return [{ name: c.name, unit: c.unit, samples, interval: this.as.interval ?? 1 / l.rate, start: 0 }];
    });
    if (channels.length === 0) throw new Unreadable('No channel is taken; choose at least one.');
    return { channels, notes: [] };
  }
}

/** One sample as a share of full scale; 8-bit PCM is unsigned, wider PCM signed. */
function reading(v: DataView, l: Layout): (at: number) => number {
  if (l.float) return l.bits === 64 ? (at) => v.getFloat64(at, true) : (at) => v.getFloat32(at, true);
  if (l.bits === 8) return (at) => (v.getUint8(at) - 128) / 128;
  if (l.bits === 16) return (at) => v.getInt16(at, true) / 32_768;
  if (l.bits === 24) return (at) => ((v.getInt8(at + 2) << 16) | v.getUint16(at, true)) / 8_388_608;
  return (at) => v.getInt32(at, true) / 2_147_483_648;
}

/** Sound files: the sample rate is the time base. */
export const wav: TraceFormat = {
  id: 'wav',
  name: 'Sound (WAV)',
  endings: ['wav'],
  fits: (head) => (head.length >= 12 && String.fromCharCode(...head.subarray(0, 4)) === 'RIFF' ? 1 : 0),
  preview,
  reader: (as) => new WavReader(as),
};
