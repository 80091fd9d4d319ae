import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { previewFile } from '@/core/traces/files';
import { random } from '@/sim/random';
import { judgeLogger, loggerFile, LOGGER_STYLES, readWhole } from './logger-files';

describe('recordings as loggers write them', () => {
  it.each(LOGGER_STYLES)('%s: the values, names and units that were recorded', (style) => {
    fc.assert(
      fc.property(fc.integer({ min: 5_000_000, max: 5_999_999 }), (seed) => {
        expect(judgeLogger(loggerFile(random(seed), style))).toBe('right');
      }),
      { numRuns: 8 },
    );
  });
  it('the judge is not content with another drive', () => {
    const [a, b] = [1, 2].map((s) => loggerFile(random(s), 'one header row'));
    expect(judgeLogger({ ...a!, text: b!.text })).not.toBe('right');
  });
});

describe('what stands beside the figures', () => {
  const names = (text: string, file = 'log.csv') =>
    readWhole(text, file).channels.map((c) => `${c.name}|${c.unit}`);
  it('a sensor called by a letter keeps it', () => {
    expect(names('Time (s),Sensor A,Starter current A\n0,1,2\n1,1,2\n2,3,4\n')).toEqual([
      'Sensor A|',
      'Starter current|A',
    ]);
  });
  it('a channel without a name is called by its file', () => {
    expect(names('t,value\n0,1\n1,2\n2,3\n', 'wheel speed front left (km_h).csv')[0]).toMatch(
      /^wheel speed front left/,
    );
  });
  it('two header rows of channels of one name tell them apart', () => {
    expect(names('Time,Voltage,Voltage\ns,V,V\n,bank 1,bank 2\n0,1,2\n1,1,2\n2,1,2\n')).toEqual([
      'Voltage bank 1|V',
      'Voltage bank 2|V',
    ]);
  });
  it('an injection time is a channel, not the time', () => {
    const bytes = new TextEncoder().encode(
      'Time (s),Injection time (ms)\n0,2.1\n0.1,2.0\n0.2,2.3\n0.3,2.2\n',
    );
    expect(previewFile(bytes, 'a.csv', bytes.length).readAs.columns.map((c) => c.use)).toEqual([
      'time',
      'channel',
    ]);
  });
  it('blocks that each begin at nought are laid end to end, and it is said', () => {
    const t = readWhole('A\nTime (s),v\n0,1\n1,2\n2,3\nB\nTime (s),v\n0,4\n1,5\n2,6\n', 'a.csv');
    expect([...t.channels[0]!.samples]).toEqual([1, 2, 3, 4, 5, 6]);
    expect(t.notes.join(' ')).toContain('2 blocks');
  });
  it('time that runs backwards without a new header is still refused', () => {
    expect(() => readWhole('Time (s),v\n0,1\n1,2\n2,3\n0.5,4\n3,5\n', 'a.csv')).toThrow(/backwards/);
  });
});
