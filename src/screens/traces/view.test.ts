import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firingsOf } from './firings';
import { frequencyLabel, clampSpan, moved, spanLabel, timeLabel, zoomed } from './view';

const whole = { from: 0, to: 10 };

describe('moving about a trace', () => {
  it('never leaves it, whatever is done in whatever order', () => {
    const step = fc.oneof(
      fc.record({ by: fc.double({ min: -30, max: 30, noNaN: true }) }),
      fc.record({
        at: fc.double({ min: 0, max: 10, noNaN: true }),
        factor: fc.double({ min: 0.01, max: 50, noNaN: true }),
      }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        let span = whole;
        for (const s of steps)
          span = clampSpan('by' in s ? moved(span, s.by) : zoomed(span, s.at, s.factor), whole);
        return span.from >= -0.41 && span.to <= 10.41 && span.to > span.from;
      }),
    );
  });
  it('zooming keeps what is under the finger in its place', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 8, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (at, factor) => {
          const z = zoomed(whole, at, factor);
          return Math.abs((at - z.from) / (z.to - z.from) - at / 10) < 1e-9;
        },
      ),
    );
  });
});

describe('labels', () => {
  it('say time, spans and frequencies in the unit one would', () => {
    expect(timeLabel(4, whole)).toBe('4 s');
    expect(timeLabel(4.13, whole, 2)).toBe('4.13 s');
    expect(timeLabel(0.0123, { from: 0.01, to: 0.02 })).toBe('12.3 ms');
    expect(timeLabel(0.0000123, { from: 0.00001, to: 0.00002 })).toBe('12.3 µs');
    expect(spanLabel(0.0125)).toBe('12.5 ms');
    expect(frequencyLabel(-0.02)).toBe('50 Hz');
    expect(frequencyLabel(2e-6)).toBe('500 kHz');
  });
});

describe('the firing order along the axis', () => {
  const plan = { order: [1, 3, 4, 2], angles: [0, 180, 360, 540], cycle: 720 };
  it('begins with the cylinder of the trigger, and shifts by its advance', () => {
    expect(firingsOf([0, 0.8], plan, 3, 0)).toEqual([
      { cylinder: 1, at: expect.closeTo(0.6, 9) },
      { cylinder: 3, at: 0 },
      { cylinder: 4, at: expect.closeTo(0.2, 9) },
      { cylinder: 2, at: expect.closeTo(0.4, 9) },
    ]);
    expect(firingsOf([0, 0.72], plan, 1, 10)[0]!.at).toBeCloseTo(0.01, 9);
    expect(firingsOf([0, 0.8], plan, 9, 0)).toEqual([]);
  });
});
