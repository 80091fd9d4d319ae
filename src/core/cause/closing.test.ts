import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dueOdometer, readWords, withoutWord, writeWord } from './closing';

describe('a word about each unexplained item', () => {
  const labels = ['P0455', 'rough idle'];
  it('is asked for one by one, and free lines stay', () => {
    let text = 'Customer took the car away.';
    expect(withoutWord(text, labels)).toEqual(labels);
    text = writeWord(text, labels, 'rough idle', 'only seen once');
    expect(withoutWord(text, labels)).toEqual(['P0455']);
    text = writeWord(text, labels, 'P0455', 'cap left open: customer says so');
    expect(text).toBe(
      'P0455: cap left open: customer says so\nrough idle: only seen once\nCustomer took the car away.',
    );
    expect(withoutWord(text, labels)).toEqual([]);
    expect(writeWord(text, labels, 'P0455', '')).toBe(
      'rough idle: only seen once\nCustomer took the car away.',
    );
  });
  it('comes back as it was typed, whatever it is, and touches no other', () => {
    const word = fc.string({ maxLength: 20 }).filter((w) => !w.includes('\n') && w.trim() !== '');
    fc.assert(
      fc.property(word, word, (a, b) => {
        const text = writeWord(writeWord('', labels, 'P0455', a), labels, 'rough idle', b);
        const { of } = readWords(text, labels);
        return of.get('P0455') === a && of.get('rough idle') === b;
      }),
    );
  });
});

describe('the odometer of a follow-up', () => {
  it.each([
    ['159 300 km', '1 000 km', '160300 km'],
    ['60 000 mi', '1 000 mi', '61000 mi'],
    ['100 000 mi', '600 mi', '100600 mi'],
    ['61,000 mi', '1 000 km', '61621 mi'],
    // Kilometres or miles: not told.
    ['100000', '500 km', ''],
    ['', '1 000 km', ''],
    ['100 000 km', '', ''],
    ['many', '1 000 km', ''],
  ])('%s and %s: %s', (odometer, distance, due) => {
    expect(
      dueOdometer(odometer, distance)
        .replace(/[\s\u202f]/g, ' ')
        .replace(/(\d) (\d)/g, '$1$2'),
    ).toBe(due);
  });
});
