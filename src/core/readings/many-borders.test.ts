import { describe, expect, it } from 'vitest';
import { pastedLine, placesOf, readMany } from './many';

const many = (text: string) =>
  readMany(text)?.map(({ at, entered }) => (at === '' ? entered : `${at}: ${entered}`));

describe('several readings in one line', () => {
  it.each([
    ['  FL: 24 ;; FR: 31 psi', ['FL: 24 psi', 'FR: 31 psi']],
    ['1: 0.9|2: 0.4', ['1: 0.9', '2: 0.4']],
    ['1:1,500 2:1,480 rpm', ['1: 1,500 rpm', '2: 1,480 rpm']],
    ['A: OL; B: 4.7 kΩ', ['A: OL', 'B: 4.7 kΩ']],
    ['A: open; B: 4.7 kΩ', ['A: open', 'B: 4.7 kΩ']],
    ['LF −18 mm; RF −20 mm', ['LF: −18 mm', 'RF: −20 mm']],
    ['LF −18 mm;RF −20 mm', ['LF: −18 mm', 'RF: −20 mm']],
    ['LF −18 mm  |  RF −20 mm', ['LF: −18 mm', 'RF: −20 mm']],
    ['LF −18 mm , RF −20 mm', ['LF: −18 mm', 'RF: −20 mm']],
    ['LF −18 mm,  RF −20 mm', ['LF: −18 mm', 'RF: −20 mm']],
    ['LF −18 mm', ['LF: −18 mm']],
    ['LF 42 RF 41  LR 38, RR 38 psi', ['LF: 42 psi', 'RF: 41 psi', 'LR: 38 psi', 'RR: 38 psi']],
    ['2.7  2.7 3.25 2.7 bar', ['2.7 bar', '2.7 bar', '3.25 bar', '2.7 bar']],
    ['−2 −3 −4', ['−2', '−3', '−4']],
    ['50 mph, 50, 50', ['50 mph', '50 mph', '50 mph']],
    ['13; 5 ;10', ['13', '5', '10']],
    ['13 , 5', ['13', '5']],
    ['101 102 1030', ['101', '102', '1030']],
    ['1010 102 103', ['1010', '102', '103']],
    ['10 102.55 103', ['10', '102.55', '103']],
  ])('%s', (text, readings) => expect(many(text)).toEqual(readings));

  it.each([
    'LF −18',
    'ok −18 mm; no −20 mm',
    'xyLF −18 mm',
    'LF 42 middle RF',
    'FL: 24; FR:',
    'FL: warm; FR: cold',
    '1 500 000',
    '12 500.5',
    '1 500 000 km',
    'no start; stalls',
    'a 1: 2',
    '5 6',
  ])('is not: %s', (text) => expect(many(text)).toBeUndefined());

  it('of two thousand letters are read, of more not', () => {
    const line = (length: number) => `1: 5; 2: ${'5'.padStart(length - 9, ' ')}`;
    expect(line(2000)).toHaveLength(2000);
    expect(many(line(2000))).toEqual(['1: 5', '2: 5']);
    expect(many(line(2001))).toBeUndefined();
    expect(many(` ${line(2000)} `)).toEqual(['1: 5', '2: 5']);
  });
});

describe('the place that a reading belongs to', () => {
  const of = (names: string[], places: string[]) =>
    placesOf(
      names.map((at) => ({ at, entered: '1' })),
      places,
    );
  it.each([
    [
      ['FL', 'LR'],
      ['front left', 'front right', 'rear left', 'rear right'],
      [0, 2],
    ],
    [
      ['cyl 3', 'c12'],
      ['1', ' 3 ', '12'],
      [1, 2],
    ],
    [['Supply'], ['supply ', 'ground'], [0]],
    [
      ['', '', ''],
      ['a', 'b'],
      [0, 1, -1],
    ],
    [
      ['cyl 123', 'nowhere'],
      ['23', '123a'],
      [-1, -1],
    ],
  ])('%j in %j', (names, places, indexes) => expect(of(names, places)).toEqual(indexes));
});

describe('a pasted table as one line', () => {
  it.each([
    ['FL\t13\nFR\t5', 'FL: 13; FR: 5'],
    ['FL\tFR\n13\t5', 'FL: 13; FR: 5'],
    ['13\n5', '13; 5'],
    ['1\t0.9\n3\t0.4', '1: 0.9; 3: 0.4'],
    ['2\t0.9\n3\t0.4', '2; 0.9; 3; 0.4'],
    ['1\t0.9\n1\t0.4', '1; 0.9; 1; 0.4'],
    ['1\t0.9\n123\t0.4', '1; 0.9; 123; 0.4'],
    ['1\t0.9\n2\t0.4\t0.5', '1; 0.9; 2; 0.4; 0.5'],
    ['1\t13', '1; 13'],
    ['\n\n13\t5\n', '13; 5'],
    ['13\t\t5', '13; 5'],
    ['FL\t\n13\t5', 'FL; 13; 5'],
    ['FL\n13', 'FL; 13'],
  ])('%j', (text, line) => expect(pastedLine(text)).toBe(line));
  it.each(['13', '', '\n\n', ' 13 \n'])('is none: %j', (text) => expect(pastedLine(text)).toBeUndefined());
});
