import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pastedLine, placesOf, readMany } from './many';

const at = (typed: string) => readMany(typed)?.map((r) => `${r.at}=${r.entered}`);

describe('several readings in one line, at the borders', () => {
  it.each([
    // One unit holds for all that have none; of two, the last one's does.
    ['1: 2 bar 2: 3', ['1=2 bar', '2=3 bar']],
    ['1: 2 bar 2: 3 psi 3: 4', ['1=2 bar', '2=3 psi', '3=4']],
    ['1: 2 2: 3 psi 3: 4 psi', ['1=2 psi', '2=3 psi', '3=4 psi']],
    ['1: 2 bar 2: 30 3: 4 psi', ['1=2 bar', '2=30 psi', '3=4 psi']],
    ['1=0.9; 2=0.4 | 3=0.9 V', ['1=0.9 V', '2=0.4 V', '3=0.9 V']],
    ['bank 1: 0.2 V, bank 2: 0.8 V', ['bank 1=0.2 V', 'bank 2=0.8 V']],
    ['cyl. 1: 11 cyl. 2: 12 bar', ['cyl. 1=11 bar', 'cyl. 2=12 bar']],
    ['1: OL; 2: no continuity', ['1=OL', '2=no continuity']],
    ['1: 1,500 2: 1,480', ['1=1,500', '2=1,480']],
    ['RF −18 mm', ['RF=−18 mm']],
    ['bank 2 0.8 V', ['bank 2=0.8 V']],
    ['LF 42 RF 41', ['LF=42', 'RF=41']],
    ['LF 42 V RF 41 V', ['LF=42 V', 'RF=41 V']],
    ['1 2 3', ['=1', '=2', '=3']],
    ['-1.5 +2 3,5 mm', ['=-1.5 mm', '=+2 mm', '=3,5 mm']],
    ['12; 13', ['=12', '=13']],
    // No line of readings.
    ['1: 0.9', undefined],
    ['RF −18', undefined],
    ['ZZ 18 mm', undefined],
    ['see 1: 0.9 2: 0.4', undefined],
    ['1: 2:', undefined],
    ['1: wet 2: dry', undefined],
    ['1 2', undefined],
    ['100 200 300', undefined],
    ['1000 200 300', ['=1000', '=200', '=300']],
    ['10 200 30', ['=10', '=200', '=30']],
    ['LF RF 42', undefined],
    ['42 LF 41 RF', undefined],
  ])('%s', (typed, read) => expect(at(typed)).toEqual(read));

  it('is no longer looked at beyond 2,000 characters', () => {
    const line = (n: number) => '1; '.repeat(n).slice(0, -2);
    expect(line(667)).toHaveLength(1999);
    expect(readMany(line(667))).toHaveLength(667);
    expect(readMany(line(668))).toBeUndefined();
  });

  it('gives back what was put into it', () => {
    const values = fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 3, maxLength: 8 });
    fc.assert(
      fc.property(values, fc.constantFrom('bar', 'V', 'mm'), (v, unit) => {
        const read = readMany(v.map((x, i) => `${i + 1}: ${x}`).join(' ') + ` ${unit}`);
        expect(read).toEqual(v.map((x, i) => ({ at: String(i + 1), entered: `${x} ${unit}` })));
      }),
    );
  });
});

describe('the place of each of several readings', () => {
  const named = (...names: string[]) => names.map((n) => ({ at: n, entered: '1' }));
  it.each([
    [named('', '', ''), ['FL', 'FR'], [0, 1, -1]],
    [named('LF', 'rear right', 'HL'), ['FL', 'FR', 'RL', 'RR'], [0, 3, 2]],
    [named('fl'), ['front left'], [0]],
    [named('cyl 3', 'Cyl. 1', '2'), ['1', '2', '3'], [2, 0, 1]],
    [named('b1'), ['bank 1', 'bank 2'], [0]],
    [named('7'), ['1', '2'], [-1]],
    [named('spare'), ['FL', 'FR'], [-1]],
    [named('RR'), ['FL', 'FR'], [-1]],
    // The very name goes before a number in it.
    [named('sensor 1'), ['1', 'Sensor 1'], [1]],
    [named('s123'), ['123'], [-1]],
  ])('%j in %j: %j', (many, places, found) => expect(placesOf(many, places)).toEqual(found));
});

describe('lines and cells that were pasted', () => {
  it.each([
    ['12.4 V', undefined],
    ['', undefined],
    ['\n\n', undefined],
    ['13\n5\n10', '13; 5; 10'],
    ['13\r\n5', '13; 5'],
    ['13\r5', '13; 5'],
    ['13\t5\t10', '13; 5; 10'],
    ['FL\t13\nFR\t5', 'FL: 13; FR: 5'],
    ['1\t0.9 V\n2\t0.4 V', '1: 0.9 V; 2: 0.4 V'],
    ['FL\tFR\n13\t5', 'FL: 13; FR: 5'],
    ['FL\tFR\n13\t', 'FL: 13; FR: '],
    // Two rows of values are no heads and values; nor are rows of different lengths.
    ['12 V\t13 V\n14 V\t15 V', '12 V; 13 V; 14 V; 15 V'],
    ['FL\tFR\tRL\n13\t5', 'FL; FR; RL; 13; 5'],
    ['13\t5', '13; 5'],
    ['13\t5\n10\t10', '13; 5; 10; 10'],
    ['1\t0.9\n3\t0.4', '1: 0.9; 3: 0.4'],
    ['1\t0.9\n1\t0.4', '1; 0.9; 1; 0.4'],
    ['2\t0.9\n3\t0.4', '2; 0.9; 3; 0.4'],
    ['FL\t\t13', 'FL: 13'],
    [' 13 \n\n 5 ', '13; 5'],
    ['123\t5', '123; 5'],
    ['lamp\ton\tidle', 'lamp; on; idle'],
  ])('%j becomes %j', (pasted, line) => expect(pastedLine(pasted)).toBe(line));
});
