import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import recorded from '../../codes/frames/recorded.json';
import type { Channel, Trace } from '../channel';
import { csvOf, formatOf, MOST_BYTES, previewFile, Unreadable, type ReadAs } from './index';
import { readNumberBytes } from './number-bytes';

const bytes = (text: string) => new TextEncoder().encode(text);

/** Reads a file as the page does: preview, then all of it, in pieces of any size. */
function read(
  content: Uint8Array | string,
  name = 'x.csv',
  change: (as: ReadAs) => ReadAs = (as) => as,
  piece = 7,
): Trace {
  const b = typeof content === 'string' ? bytes(content) : content;
  const as = change(previewFile(b, name, b.length).readAs);
  const reader = formatOf(as.format).reader(as);
  for (let at = 0; at < b.length; at += piece) reader.push(b.subarray(at, at + piece));
  return reader.end();
}
const rounded = (c: Channel) => [...c.samples].map((v) => (v === v ? Number(v.toPrecision(6)) : null));

describe('a number from bytes', () => {
  const via = (text: string, decimal = '.') =>
    readNumberBytes(bytes(text), 0, bytes(text).length, decimal.charCodeAt(0));
  it('is what Number makes of the same text', () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (x) => {
        const text = String(x);
        const got = via(text);
        return got === x || Math.abs(got - x) <= Math.abs(x) * 1e-14 + Number.MIN_VALUE;
      }),
    );
    fc.assert(
      fc.property(fc.integer({ min: -1e9, max: 1e9 }), fc.integer({ min: 0, max: 6 }), (n, d) => {
        const text = (n / 10 ** d).toFixed(d);
        return via(text) === Number(text) && via(text.replace('.', ','), ',') === Number(text);
      }),
    );
  });
  it('takes blanks and quotes around it, and nothing else', () => {
    expect(via(' -1.5e3\r')).toBe(-1500);
    expect(via('"+.5"')).toBe(0.5);
    for (const bad of ['', ' ', '-', 'e5', '1e', '1.2.3', '12V', '0x10', '1 2']) expect(via(bad)).toBeNaN();
  });
});

describe('a table', () => {
  it('is read whatever its separator, decimal sign and heading', () => {
    const want = [1.5, -2.25, 3];
    const tables = {
      comma: 'time,rail (bar)\n0,1.5\n0.1,-2.25\n0.2,3\n',
      'semicolon and decimal comma': 'Zeit;rail [bar]\r\n0,0;1,5\r\n0,1;-2,25\r\n0,2;3\r\n',
      'tab, units row': 'Time\trail\n(s)\t(bar)\n0\t1.5\n0.1\t-2.25\n0.2\t3',
      'milliseconds, words above':
        'Recorded by somebody\nSerial 12\n\ntime (ms),rail (bar)\n0,1.5\n100,-2.25\n200,3\n',
      'quoted cells': '"time","rail (bar)"\n"0","1.5"\n"0.1","-2.25"\n"0.2","3"\n',
      blanks: '0.0   1.5\n0.1  -2.25\n0.2   3\n',
      'byte order mark': '\uFEFFtime,rail (bar)\n0,1.5\n0.1,-2.25\n0.2,3\n',
    };
    for (const [name, text] of Object.entries(tables)) {
      const t = read(text);
      expect([name, rounded(t.channels[0]!)]).toEqual([name, want]);
      expect([name, t.channels[0]!.interval]).toEqual([name, expect.closeTo(0.1, 9)]);
      if (name !== 'blanks')
        expect([name, t.channels[0]!.name, t.channels[0]!.unit]).toEqual([name, 'rail', 'bar']);
    }
  });
  it('is read from wide characters and old line ends too', () => {
    const text = 'time,rail (bar)\n0,1\n1,2\n2,4\n';
    const wide = new Uint8Array(2 + text.length * 2);
    wide.set([0xff, 0xfe]);
    for (let i = 0; i < text.length; i++) wide[2 + 2 * i] = text.charCodeAt(i);
    expect(rounded(read(wide).channels[0]!)).toEqual([1, 2, 4]);
    expect(rounded(read('time,rail\r0,1\r1,2\r2,4\r').channels[0]!)).toEqual([1, 2, 4]);
  });
  it('without a time column goes by the sample rate that stands above it', () => {
    const t = read('Sample rate: 2 kHz\nrail\n1\n2\n3\n');
    expect(t.channels[0]!.interval).toBeCloseTo(0.0005, 12);
    expect(read('Interval;10 us\nrail;coil\n1;2\n2;3\n3;4\n').channels[1]!.interval).toBeCloseTo(1e-5, 12);
    const p = previewFile(bytes('rail\n1\n2\n3\n'), 'x.csv', 12);
    expect(p.notes.join()).toContain('sample rate');
    expect(() => read('rail\n1\n2\n3\n')).toThrow(/enter the sample rate/);
    expect(read('rail\n1\n2\n3\n', 'x.csv', (as) => ({ ...as, interval: 0.5 })).channels[0]!.interval).toBe(
      0.5,
    );
  });
  it('keeps gaps as gaps, and even steps even', () => {
    const t = read('time,a\n0,1\n1,2\n2,\n3,---\n4,5\n');
    expect(rounded(t.channels[0]!)).toEqual([1, 2, null, null, 5]);
    const gap = read(`time,a\n${[0, 1, 2, 3, 9, 10, 11, 12].map((x) => `${x},${x}`).join('\n')}\n`);
    expect(gap.channels[0]!.samples).toHaveLength(13);
    expect(rounded(gap.channels[0]!)[5]).toBeNull();
    expect(gap.notes.join()).toContain('1 gap');
  });
  it.each([1000, 1500, 3000])(
    'at %i Hz with times of too few digits is spread evenly, no sample lost',
    (hz) => {
      const digits = hz === 1000 ? 2 : 3;
      const t = read(
        `time,a\n${Array.from({ length: 600 }, (_, i) => `${(Math.floor((i / hz) * 10 ** digits) / 10 ** digits).toFixed(digits)},${i}`).join('\n')}\n`,
      );
      expect(t.channels[0]!.samples).toHaveLength(600);
      expect(Math.abs(t.channels[0]!.interval * hz - 1)).toBeLessThan(0.02);
      expect(t.notes.join()).toContain('too coarsely');
    },
  );
  it('with uneven steps holds each value until the next', () => {
    const times = [0, 0.1, 0.23, 0.29, 0.45, 0.5, 0.61, 0.77, 0.8, 0.9, 1.06, 1.1];
    const t = read(`time,a\n${times.map((x, i) => `${x},${i}`).join('\n')}\n`);
    expect(t.notes.join()).toMatch(/Steps vary/);
    expect([...t.channels[0]!.samples].every((v, i, all) => i === 0 || v >= all[i - 1]!)).toBe(true);
  });
  it('reads clock times over midnight', () => {
    const t = read('time,a\n23:59:58,1\n23:59:59,2\n00:00:00,3\n00:00:01,4\n');
    expect(t.channels[0]!.interval).toBe(1);
    expect(rounded(t.channels[0]!)).toEqual([1, 2, 3, 4]);
  });
  it('says what is no number, and where, and goes on', () => {
    const t = read(
      `time,a\n${Array.from({ length: 20 }, (_, i) => `${i},${i === 7 ? 'ERR' : i}`).join('\n')}\n`,
    );
    expect(t.notes.join()).toContain('“ERR” at line 9 in "a" is not a number');
    expect(rounded(t.channels[0]!)[7]).toBeNull();
  });
  it('reads the same in pieces of any size', () => {
    const text = `time;a;b\n${Array.from({ length: 60 }, (_, i) => `${i / 10};${Math.sin(i).toFixed(4)};${i}`.replaceAll('.', ',')).join('\r\n')}\r\n`;
    const whole = read(text, 'x.csv', undefined, 1e6);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), (piece) => {
        const t = read(text, 'x.csv', undefined, piece);
        return t.channels.every((c, k) => c.samples.every((v, i) => v === whole.channels[k]!.samples[i]));
      }),
      { numRuns: 25 },
    );
  });
  it('written out is read back as it was', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.float({ min: -1e6, max: 1e6, noNaN: true }), fc.constant(NaN)), {
          minLength: 5,
          maxLength: 40,
        }),
        fc.constantFrom(1e-6, 0.001, 0.1, 1),
        (list, interval) => {
          list[0] = 1;
          list[1] = -2.5;
          const c: Channel = {
            name: 'rail, front',
            unit: 'bar',
            samples: Float32Array.from(list),
            interval,
            start: 0,
          };
          const text = [...csvOf([c], 0, Infinity)].join('');
          const [back] = read(text).channels;
          expect(back!.name).toBe('rail, front');
          expect(back!.unit).toBe('bar');
          expect(Math.abs(back!.interval / interval - 1)).toBeLessThan(1e-6);
          list.forEach((v, i) => {
            const got = back!.samples[i]!;
            if (Number.isNaN(v)) expect(got).toBeNaN();
            else expect(Math.abs(got - v)).toBeLessThanOrEqual(1e-6 * Math.abs(v) + 1e-12);
          });
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('a file that cannot be read', () => {
  it.each([
    ['is empty', '', /is empty/],
    ['has one sample', 'time,a\n0,1\n', /only one sample/],
    ['is words', 'dear reader\nthis is a letter\nand no figures\n', /no rows of figures/],
    ['runs backwards', 'time,a\n0,1\n1,2\n2,3\n1.5,4\n3,5\n', /backwards at line 5: 1\.5 s after 2 s/],
    ['stands still', 'time,a\n1,1\n1,2\n1,3\n1,4\n', /stands still/],
  ])('%s: says so', (_, text, says) => {
    expect(() => read(text)).toThrow(says);
    expect(() => read(text)).toThrow(Unreadable);
  });
  it('is refused by its size before a byte is read', () => {
    expect(() => previewFile(bytes('time,a\n0,1\n'), 'huge.csv', 3e9)).toThrow(/3\.0 GB; up to 1\.5 GB/);
    expect(MOST_BYTES).toBeLessThan(3e9);
  });
  it('never makes the reader fail in any other way', () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 400 }),
        fc.constantFrom('x.csv', 'x.json', 'x.wav', 'x.log'),
        (b, name) => {
          try {
            read(b, name);
          } catch (e) {
            if (!(e instanceof Unreadable)) throw e;
          }
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('a sound file', () => {
  /** A RIFF WAVE file, put together field by field. */
  function wav(o: {
    rate: number;
    channels: number;
    bits: number;
    format?: number;
    data: Uint8Array;
  }): Uint8Array {
    const b = new Uint8Array(44 + o.data.length);
    const v = new DataView(b.buffer);
    const tag = (at: number, s: string) => [...s].forEach((c, i) => v.setUint8(at + i, c.charCodeAt(0)));
    tag(0, 'RIFF');
    v.setUint32(4, 36 + o.data.length, true);
    tag(8, 'WAVEfmt ');
    v.setUint32(16, 16, true);
    v.setUint16(20, o.format ?? 1, true);
    v.setUint16(22, o.channels, true);
    v.setUint32(24, o.rate, true);
    v.setUint16(32, (o.channels * o.bits) / 8, true);
    v.setUint16(34, o.bits, true);
    tag(36, 'data');
    v.setUint32(40, o.data.length, true);
    b.set(o.data, 44);
    return b;
  }
  it('gives its channels as shares of full scale, at its sample rate', () => {
    const t = read(
      wav({
        rate: 8000,
        channels: 2,
        bits: 16,
        data: new Uint8Array(Int16Array.from([16384, -32768, -16384, 0]).buffer),
      }),
      'x.wav',
    );
    expect(t.channels.map(rounded)).toEqual([
      [0.5, -0.5],
      [-1, 0],
    ]);
    expect(t.channels[0]!.interval).toBe(1 / 8000);
  });
  it('in 8, 24 and 32 bits and floats', () => {
    const one = (bits: number, data: Uint8Array, format = 1) =>
      rounded(read(wav({ rate: 1, channels: 1, bits, data, format }), 'x.wav').channels[0]!);
    expect(one(8, Uint8Array.from([0, 128, 192]))).toEqual([-1, 0, 0.5]);
    expect(one(24, Uint8Array.from([0, 0, 0x40, 0, 0, 0xc0]))).toEqual([0.5, -0.5]);
    expect(one(32, new Uint8Array(Int32Array.from([2 ** 30, -(2 ** 30)]).buffer))).toEqual([0.5, -0.5]);
    expect(one(32, new Uint8Array(Float32Array.from([0.25, -0.75]).buffer), 3)).toEqual([0.25, -0.75]);
  });
  it('that is compressed or cut off says so', () => {
    expect(() =>
      read(wav({ rate: 8000, channels: 1, bits: 16, format: 17, data: new Uint8Array(8) }), 'x.wav'),
    ).toThrow(/compressed/);
    expect(() =>
      read(wav({ rate: 8000, channels: 1, bits: 16, data: new Uint8Array(8) }).subarray(0, 30), 'x.wav'),
    ).toThrow(/cut off|damaged/);
  });
});

describe('JSON and frame logs', () => {
  it('are read in each of three shapes', () => {
    const shapes = [
      { channels: [{ name: 'rail', unit: 'bar', interval: 0.5, samples: [1, null, 3] }] },
      [
        { time: 0, 'rail (bar)': 1 },
        { time: 0.5, 'rail (bar)': null },
        { time: 1, 'rail (bar)': 3 },
      ],
      { time: [0, 0.5, 1], 'rail (bar)': [1, null, 3] },
    ];
    for (const s of shapes) {
      const [c] = read(JSON.stringify(s), 'x.json').channels;
      expect([c!.name, c!.unit, c!.interval, rounded(c!)]).toEqual(['rail', 'bar', 0.5, [1, null, 3]]);
    }
    expect(() => read('{"channels":', 'x.json')).toThrow(/breaks off/);
    expect(() => read('{"a":1}', 'x.json')).toThrow(/no recording/);
  });
  it('loses no value of a recorded log that tshark took apart, whatever its steps', () => {
    const log = readFileSync(path.join(import.meta.dirname, '../../codes/frames/recorded.log'));
    const { channels } = read(new Uint8Array(log), 'run.log');
    for (const c of channels) {
      const id = Number.parseInt(/, ([0-9A-F]{3})$/.exec(c.name)![1]!, 16);
      // SAE J1979: 0C = (256 A + B) / 4 rpm, from the messages as tshark 4.0.17 put them together.
      const wanted = recorded.messages
        .filter((m) => m.id === id && m.data.startsWith('410c'))
        .map((m) => Number.parseInt(m.data.slice(4, 8), 16) / 4);
      expect([c.name, [...c.samples].filter((v, i, all) => v !== all[i - 1])]).toEqual([c.name, wanted]);
    }
    expect(channels).toHaveLength(3);
  });
  it('J1979 answers become channels with their units (0C engine speed, 05 coolant)', () => {
    // SAE J1979: 0C = (256 A + B) / 4 rpm, 05 = A − 40 °C.
    const lines = Array.from({ length: 6 }, (_, i) => [
      `(${(100 + i * 0.1).toFixed(6)}) can0 7E8#04410C${(0x1af8 + 4 * i).toString(16).toUpperCase()}000000`,
      `(${(100.02 + i * 0.1).toFixed(6)}) can0 7E8#0341057B00000000`,
    ]).flat();
    const t = read(lines.join('\n'), 'run.log');
    const rpm = t.channels.find((c) => c.unit === 'rpm')!;
    expect(rpm.interval).toBeCloseTo(0.1, 6);
    expect(rounded(rpm)).toEqual([1726, 1727, 1728, 1729, 1730, 1731]);
    expect(rounded(t.channels.find((c) => c.unit === '°C')!)[0]).toBe(83);
    expect(() => read('(1.0) can0 7E8#0341057B00000000', 'run.log')).toThrow(Unreadable);
  });
});
