import { describe, expect, it } from 'vitest';
import { gapsOfTurn } from './gaps';

/** A wheel of teeth, some of them missing, as distances between those that are left; the mean of all is 1. */
const wheel = (teeth: number, ...missing: number[]): number[] => {
  const there = Array.from({ length: teeth }, (_, i) => i).filter((i) => !missing.includes(i));
  const apart = there.map((t, i) => (there[i + 1] ?? there[0]! + teeth) - t);
  const mean = teeth / apart.length;
  return apart.map((d) => d / mean);
};

describe('gaps that a wheel repeats every turn', () => {
  it('are the own of a crank wheel, one or evenly spread', () => {
    expect(gapsOfTurn(wheel(60, 58, 59), 'Crank sensor')).toBeUndefined();
    expect(gapsOfTurn(wheel(36, 17, 35), 'CKP')).toBeUndefined();
    expect(gapsOfTurn(wheel(36), 'anything')).toBeUndefined();
  });

  it('are not told where they are not evenly spread: a broken tooth comes back in its place as well', () => {
    const of = gapsOfTurn(wheel(36, 11, 35), 'Crank');
    expect(of?.verdict).toBe('unsure');
    expect(of?.says).toMatch(/^2 gaps .* not evenly spread/);
  });

  it('are teeth that are missing where a ring at a wheel has none', () => {
    expect(gapsOfTurn(wheel(48, 7), 'Wheel speed FL')).toMatchObject({
      verdict: 'fail',
      says: expect.stringContaining('a gap in every turn of 47 pulses') as string,
    });
    expect(gapsOfTurn(wheel(48), 'Wheel speed FL')).toBeUndefined();
  });

  it('are not told of a channel whose name does not say what it is', () => {
    expect(gapsOfTurn(wheel(48, 7), 'CH2')?.verdict).toBe('unsure');
  });

  it('need some pulses to a turn: a cam of three windows has distances, not gaps', () => {
    expect(gapsOfTurn([0.75, 0.75, 1.5], 'CH1')).toBeUndefined();
  });
});
