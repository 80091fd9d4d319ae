import { describe, expect, it } from 'vitest';
import type { Channel } from '../channel';
import { countedFromFirst } from './clock-start';

const at = (start: number, name = 'a'): Channel => ({
  name,
  unit: '',
  samples: Float32Array.of(1, 2, 3),
  interval: 1,
  start,
});
const byClock = { timeUnit: 'clock', clockFrom: 'first' } as const;

describe('clock times counted from the first', () => {
  it('begin at 0 s with the earliest channel, the others as far behind it as they were', () => {
    const { channels } = countedFromFirst([at(36_902.5), at(36_900, 'b')], byClock);
    expect(channels.map((c) => [c.name, c.start])).toEqual([
      ['a', 2.5],
      ['b', 0],
    ]);
  });

  it.each([
    [36_900, '10:15:00'],
    [0, '00:00:00'],
    [86_399.5, '23:59:59.5'],
    // 4 March 2026 at 10:15, in seconds of the calendar.
    [Date.UTC(2026, 2, 4, 10, 15) / 1000, '10:15:00'],
    [3661.04, '01:01:01'],
  ])('say when that was: %s s is %s', (start, words) =>
    expect(countedFromFirst([at(start)], byClock).notes).toEqual([
      `0 s is ${words} by the clock of the file.`,
    ]),
  );

  it('leave other times, and traces that count from midnight, as they are', () => {
    expect(countedFromFirst([at(5)], { timeUnit: 's', clockFrom: 'first' })).toEqual({
      channels: [at(5)],
      notes: [],
    });
    expect(
      countedFromFirst([at(36_900)], { timeUnit: 'clock', clockFrom: 'midnight' }).channels[0]!.start,
    ).toBe(36_900);
  });
});
