import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readCaseNumbers } from './case-numbers';

describe('numbers of cases', () => {
  it.each([
    ['12', [12]],
    ['31, 12-14', [12, 13, 14, 31]],
    ['#5 #5; 7 to 9', [5, 7, 8, 9]],
    ['3 – 4', [3, 4]],
    ['', []],
  ])('%s', (text, is) => expect(readCaseNumbers(text)).toEqual(is));
  it.each(['twelve', '5-', '9-3', '1-999999999', '12.5', '-4'])('%s is refused with what to do', (text) =>
    expect(() => readCaseNumbers(text)).toThrow(/Write (?:numbers and spans|the lower number)/),
  );
  it('reads back what is written', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(99_999), { maxLength: 30 }), (numbers) => {
        expect(readCaseNumbers(numbers.join(', '))).toEqual([...numbers].sort((a, b) => a - b));
      }),
    );
  });
});
