import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readScan } from '../read-scan';
import { looksLikeCandump, readCandump } from './candump';
import { readFrameLog, statusWords } from './frame-log';
import { cutIntoFrames, reassemble } from './isotp';
import recorded from './recorded.json';

const here = path.join(import.meta.dirname, 'recorded.log');
const plain = (d: Uint8Array) => Buffer.from(d).toString('hex');
const ours = () =>
  reassemble(readCandump(readFileSync(here, 'utf8')).frames).messages.map((m) => ({
    line: m.lastLine,
    id: m.id,
    data: plain(m.data),
  }));

// The log holds one message at a time: this release of the dissector mixes up messages that interleave.
describe('frames against an independent dissector', () => {
  it('puts the same messages together as the recorded result of tshark 4.0.17', () => {
    expect(recorded.messages.length).toBeGreaterThan(40);
    expect(ours()).toEqual(recorded.messages);
  });

  const tshark = spawnSync('tshark', ['-v']).status === 0;
  it.runIf(tshark)('and as the tshark on this machine', () => {
    const args = recorded.how.replace('tshark -r recorded.log', '').trim().split(' ');
    const { stdout } = spawnSync('tshark', ['-r', here, ...args], { encoding: 'utf8' });
    const theirs = stdout
      .split('\n')
      .map((l) => l.split('\t'))
      .filter(([, , type, , length]) => type === '0x00' || length)
      .map(([line, id, , data]) => ({ line: Number(line), id: Number(id), data }));
    expect(ours()).toEqual(theirs);
  });
});

describe('frame log', () => {
  const log = (...frames: string[]) =>
    frames.map((f, i) => `(1700000000.${String(i).padStart(6, '0')}) can0 ${f}`).join('\n');

  it('decodes services 03, 07, 0A, 01, 09, 19 and a clear', () => {
    const r = readFrameLog(
      log(
        '7DF#0103',
        '7E8#0643020171050700',
        '7E8#0447010300',
        '7E8#044A010420',
        '7E9#024300',
        '7E8#04410C0BD0',
        '7E8#0341055B',
        '7E8#04414236B0',
        '7E8#100B5902FF029928',
        '7E8#21080133002F',
        '7E8#0144',
      ),
    );
    expect(r.codes).toEqual([
      { code: 'P0171', text: '', statuses: ['stored'], module: 0 },
      { code: 'P0507', text: '', statuses: ['stored'], module: 0 },
      { code: 'P0300', text: '', statuses: ['pending'], module: 0 },
      { code: 'P0420', text: '', statuses: ['permanent'], module: 0 },
      { code: 'P0299-28', text: '', statuses: ['stored'], module: 0 },
      { code: 'P0133', text: '', statuses: ['active', 'stored', 'pending'], module: 0 },
    ]);
    // SAE J1979 formulas: 0C = (256A+B)/4, 05 = A−40, 42 = (256A+B)/1000.
    expect(r.live.map((l) => `${l.name} ${l.entered}`)).toEqual([
      'Engine speed 756 rpm',
      'Coolant temperature 51 °C',
      'Module voltage 14.00 V',
    ]);
    expect(r).toMatchObject({ battery: '14.00 V', engine: 'running', cleared: [0], leftover: [] });
    expect(r.modules.map((m) => m.name)).toEqual(['Engine', 'Transmission']);
  });

  it('reads the VIN and freeze frames', () => {
    const vin = cutIntoFrames(Uint8Array.from([0x49, 2, 1, ...Buffer.from('VC9TA16B5FK104417')]));
    const r = readFrameLog(
      log(...vin.map((f) => `7E8#${plain(f)}`), '7E8#0542020001710000', '7E8#0442050083', '7E8#05420C000B98'),
    );
    expect(r.vin).toBe('VC9TA16B5FK104417');
    expect(r.codes[0]?.code).toBe('P0171');
    expect(r.freeze).toEqual([
      { code: 0, name: 'Coolant temperature', entered: '91 °C' },
      { code: 0, name: 'Engine speed', entered: '742 rpm' },
    ]);
  });

  it('gives each frame to the code that parameter 02 names for it, in whatever order it comes', () => {
    const r = readFrameLog(
      log(
        // Frame 0 is P0171, frame 1 is P0301; the values of frame 1 come before its code.
        '7E8#0542020001710000',
        '7E8#0442050083',
        '7E8#0442050164',
        '7E8#0542020103010000',
        '7E8#05420C010FA0',
      ),
    );
    expect(r.codes.map((c) => c.code)).toEqual(['P0171', 'P0301']);
    expect(r.freeze).toEqual([
      { code: 0, name: 'Coolant temperature', entered: '91 °C' },
      { code: 1, name: 'Coolant temperature', entered: '60 °C' },
      { code: 1, name: 'Engine speed', entered: '1000 rpm' },
    ]);
    expect(r.leftover).toEqual([]);
  });

  it('takes P0000 for no code, and no values for those of another', () => {
    const r = readFrameLog(
      log('7E8#0643010301000000', '7E8#0542020000000000', '7E8#0442050083', '7E8#0442050264'),
    );
    expect(r.codes.map((c) => c.code)).not.toContain('P0000');
    expect(r.freeze).toEqual([]);
    expect(r.leftover.join()).toMatch(/freeze frame 3 without its code.*Coolant temperature 60 °C/);
  });

  it('keeps two frames of one code two', () => {
    const r = readFrameLog(
      log('7E8#0542020001710000', '7E8#0542020101710000', '7E8#0442050083', '7E8#0442050164'),
    );
    expect(r.codes).toHaveLength(1);
    expect(r.freeze.map((f) => `${f.name}: ${f.entered}`)).toEqual([
      'Coolant temperature: 91 °C',
      'Coolant temperature (frame 2): 60 °C',
    ]);
  });

  it('keeps calibrations, and says what stands after a value', () => {
    const calibration = cutIntoFrames(Uint8Array.from([0x49, 4, 1, ...Buffer.from('CAL-1234 B')]));
    const r = readFrameLog(
      log(...calibration.map((f) => `7E8#${plain(f)}`), '7E8#0542020001710000', '7E8#0642050083FFFF'),
    );
    expect(r.live).toEqual([{ name: 'Calibration', entered: 'CAL-1234 B' }]);
    expect(r.leftover.join()).toMatch(/bytes after a freeze frame value.*42 05 00 83 FF FF/);
  });

  it('names every broken line with its reason and keeps the rest', () => {
    const r = readFrameLog(
      [
        '(1.0) can0 7E8#064302017105',
        '(1.1) can0 7E8#21000000',
        'hello',
        '(1.2) can0 7E8#123',
        '(1.3) can0 7E8#1014490201564339',
        '(1.4) can0 7E8#2254413136423546',
        '(1.5) can0 7E8#0203',
        '(1.6) can0 7E8#0443010420',
      ].join('\n'),
    );
    expect(r.codes.map((c) => c.code)).toEqual(['P0420']);
    expect(r.leftover.map((l) => l.split(':')[0])).toEqual([
      'line 1',
      'line 2',
      'line 3',
      'line 4',
      'line 6',
      'line 7',
    ]);
    expect(r.leftover.join('\n')).toMatch(
      /says 6 bytes and holds 5.*\n.*without a first frame.*\n.*not a line of a frame log.*\n.*half a byte.*\n.*frame 1 of the message from line 5 is missing/s,
    );
  });

  // ISO 14229-1 annex D: bit 0 test failed, 2 pending, 3 confirmed, 4 not completed since clear.
  it.each([
    [0x2f, ['active', 'stored', 'pending']],
    [0x28, ['stored']],
    [0x04, ['pending']],
    [0x50, ['not run']],
    [0x20, ['history']],
    [0x00, []],
  ])('reads status %s', (status, words) => {
    expect(statusWords(status)).toEqual(words);
  });

  it('comes back whole from cutting and putting together', () => {
    fc.assert(
      fc.property(fc.uint8Array({ minLength: 1, maxLength: 4095 }), (data) => {
        const frames = cutIntoFrames(data).map((d, i) => ({
          time: i,
          bus: 'c',
          id: 0x7e8,
          extended: false,
          data: d,
          line: i + 1,
        }));
        const { messages, problems } = reassemble(frames);
        return problems.length === 0 && messages.length === 1 && plain(messages[0]!.data) === plain(data);
      }),
      { numRuns: 60 },
    );
    expect(() => cutIntoFrames(new Uint8Array(0))).toThrow(RangeError);
  });

  it('never throws, and accounts for every line that is no frame', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.oneof(
            fc.string({ maxLength: 40 }),
            fc.uint8Array({ maxLength: 8 }).map((d) => `(1.0) can0 7E8#${plain(d)}`),
          ),
          { maxLength: 20 },
        ),
        (lines) => {
          const text = lines.map((l) => l.replace(/[\r\n]/g, ' ')).join('\n');
          const { frames, problems } = readCandump(text);
          readFrameLog(text);
          return (
            frames.length + problems.length ===
            text.split('\n').filter((l) => l.trim() !== '' && !l.trim().startsWith('//')).length
          );
        },
      ),
    );
  });

  it('reads the column form too', () => {
    expect(looksLikeCandump('  can0  7E8   [8]  06 43 02 01 71 05 07 00')).toBe(true);
    expect(readFrameLog('  can0  7E8   [8]  06 43 02 01 71 05 07 00').codes).toHaveLength(2);
  });
});

describe('any form of scan', () => {
  it('tells frames, tables and text apart', () => {
    expect(readScan('(1.0) can0 7E8#0643020171050700').form).toBe('frames');
    const csv = readScan(
      'Module;Code;Description;Status\nEngine;P0171;"Too lean; bank 1";stored\nABS;C0035;Wheel speed;aktiv\nfoo;;;',
    );
    expect(csv.form).toBe('table');
    expect(csv.report.codes).toEqual([
      { code: 'P0171', text: 'Too lean; bank 1', statuses: ['stored'], module: 0 },
      { code: 'C0035', text: 'Wheel speed', statuses: ['active'], module: 1 },
    ]);
    expect(csv.report.leftover).toEqual(['foo;;;']);
    expect(readScan('P0171 lean, stored').form).toBe('text');
  });
  it('never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (s) =>
        ['text', 'table', 'frames'].includes(readScan(s).form),
      ),
    );
  });
});
