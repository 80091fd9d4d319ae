import { describe, expect, it } from 'vitest';
import { readReport } from './report';
import { rowsWithLines, SURE_ENOUGH, sureOfPicture } from './reading-rows';

const rows = (text: string, sure: number[]) => {
  const report = readReport(text);
  return rowsWithLines(report, sureOfPicture(report, sure));
};

describe('rows of a photographed report with how sure they are', () => {
  it('take it from the line they begin in', () => {
    const { codes } = rows('P0171   System too lean   Stored\nP0300   Random misfire   Stored', [0.9, 0.4]);
    expect(codes.map((c) => [c.code, c.sure, c.lines])).toEqual([
      ['P0171', 0.9, [1]],
      ['P0300', 0.4, [2]],
    ]);
  });
  it('are not doubted for a code that has letters among its figures', () => {
    const { codes } = rows(
      'P1B4D   Charge flap not locked   Stored\nP0A1F   Battery energy   Stored',
      [0.95, 0.95],
    );
    expect(codes.every((c) => c.sure >= SURE_ENOUGH)).toBe(true);
  });
  it('ask where a fault has lost its code', () => {
    const text =
      'P0171   System too lean   Stored\nRandom misfire – Stored\nP0562   System voltage low   Stored';
    const { codes } = rows(text, [0.95, 0.95, 0.95]);
    for (const c of codes) expect(c.sure >= SURE_ENOUGH, c.code).toBe(/^P\d/.test(c.code));
  });
  it('are sure where there is no picture', () => {
    const report = readReport('P0171 stored');
    expect(rowsWithLines(report).codes[0]!.sure).toBe(1);
  });
});
