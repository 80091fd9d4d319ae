import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { followCommand, type Step } from './command';

/** Sweeps with what a practitioner sees in them; common practice, no source. */
const sweep = (...pairs: [number, number][]): Step[] =>
  pairs.map(([command, actual]) => ({ command, actual }));
const how = (steps: Step[], tolerance = 5) => followCommand(steps, tolerance).following;

describe('an answer beside its command', () => {
  it('follows, with the worst difference on the way', () => {
    expect(how(sweep([10, 11], [50, 47], [90, 92]))).toEqual({ how: 'follows', worst: 3 });
    // On the tolerance itself it follows still.
    expect(how(sweep([10, 15], [50, 50], [90, 90]))).toMatchObject({ how: 'follows', worst: 5 });
    expect(how(sweep([10, 15.1], [50, 50], [90, 90]))).toMatchObject({ how: 'off' });
  });
  it('does not move, in the middle of where it stays', () => {
    expect(how(sweep([10, 40], [50, 42], [90, 44]))).toEqual({ how: 'does not move', at: 42 });
    expect(how(sweep([10, 40], [50, 42], [90, 46])).how).not.toBe('does not move');
  });
  it('follows up to a limit and no further, at either end', () => {
    expect(how(sweep([10, 11], [40, 41], [70, 60], [95, 61]))).toEqual({
      ...{ how: 'stuck', end: 'high', at: 61, asked: 95 },
    });
    expect(how(sweep([95, 94], [60, 61], [30, 42], [5, 41]))).toEqual({
      ...{ how: 'stuck', end: 'low', at: 41, asked: 5 },
    });
    // One step beyond is no limit.
    expect(how(sweep([10, 11], [40, 41], [60, 60], [95, 61])).how).toBe('off');
  });
  it('comes one step or two late', () => {
    expect(how(sweep([10, 10], [30, 11], [60, 29], [90, 61], [50, 91]))).toMatchObject({
      how: 'lags',
      steps: 1,
    });
    expect(how(sweep([10, 10], [30, 10], [60, 12], [90, 29], [50, 61], [20, 89]))).toEqual({
      ...{ how: 'lags', steps: 2, worst: 2 },
    });
  });
  it('goes the wrong way', () => {
    expect(how(sweep([10, 90], [30, 70], [60, 40], [90, 10]))).toEqual({ how: 'reversed' });
    expect(how(sweep([10, 70], [50, 60], [90, 20]))).toEqual({ how: 'reversed' });
  });
  it('is off, at the step where it is furthest', () => {
    expect(how(sweep([10, 10], [40, 62], [70, 78], [90, 91]))).toEqual({
      ...{ how: 'off', worst: 22, command: 40, actual: 62 },
    });
  });
});

describe('coming back to rest', () => {
  it('is told only where the sweep ends where it began', () => {
    expect(followCommand(sweep([10, 10], [50, 50], [90, 90]), 5).rest).toBeUndefined();
    // Half a tolerance from where it began is there; a whole one is not.
    expect(followCommand(sweep([10, 10], [90, 90], [12.5, 12]), 5).rest?.returns).toBe(true);
    expect(followCommand(sweep([10, 10], [90, 90], [12.6, 12]), 5).rest).toBeUndefined();
  });
  it('is told apart from how it follows on the way', () => {
    const { following, rest } = followCommand(sweep([12, 12], [50, 51], [95, 94], [12, 24]), 5);
    expect(following).toMatchObject({ how: 'follows', worst: 1 });
    expect(rest).toEqual({ returns: false, first: 12, last: 24 });
  });
});

describe('a sweep that tells nothing', () => {
  it('is refused with what it lacks', () => {
    expect(() => how(sweep([10, 10], [90, 90]))).toThrow('A sweep needs at least three steps.');
    expect(() => how(sweep([10, 10], [15, 15], [20, 20]))).toThrow(/hardly moved; sweep it further/);
    expect(how(sweep([10, 10], [15, 15], [20.1, 20])).how).toBe('follows');
    expect(() => how(sweep([1, 1], [50, 50], [90, 90]), 0)).toThrow('The tolerance has to be more than 0.');
    expect(() => how(sweep([1, 1], [50, NaN], [90, 90]))).toThrow(
      'Every step needs a command and an actual value.',
    );
  });
  it('never follows where one step is further off than the tolerance', () => {
    const step = fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 0, max: 100 }));
    fc.assert(
      fc.property(fc.array(step, { minLength: 3, maxLength: 8 }), (pairs) => {
        const steps = sweep(...pairs);
        const commands = pairs.map(([c]) => c);
        fc.pre(Math.max(...commands) - Math.min(...commands) > 10);
        const { following, rest } = followCommand(steps, 5);
        const way = rest && !rest.returns && steps.length > 3 ? steps.slice(0, -1) : steps;
        const worst = Math.max(...way.map((s) => Math.abs(s.actual - s.command)));
        expect(following.how === 'follows').toBe(worst <= 5);
      }),
    );
  });
});
