import { describe, expect, it } from 'vitest';
import { momentsOf } from './days';

describe('a span of days', () => {
  it('holds its first and its last day, also over the end of a month and the change of the clock', () => {
    const hours = (from: string, to: string) => {
      const m = momentsOf(from, to);
      return (Date.parse(m.before) - Date.parse(m.from)) / 3_600_000;
    };
    expect(hours('2026-02-27', '2026-02-28')).toBe(48);
    expect(hours('2028-02-28', '2028-02-29')).toBe(48);
    expect(hours('2026-11-28', '2026-11-28')).toBe(24);
    // 23 to 25 hours where the clock changes, by the machine's own time.
    expect(Math.abs(hours('2026-03-29', '2026-03-29') - 24)).toBeLessThanOrEqual(1);
  });

  it('is without an end where a day is left out', () => {
    const all = momentsOf('', '');
    for (const at of ['1970-01-01T00:00:00.000Z', '2099-12-31T23:59:59.000Z'])
      expect(at >= all.from && at < all.before).toBe(true);
  });

  it.each([
    ['2026-13-01', '', /is no day/],
    ['2026-02-30', '', /is no day/],
    ['yesterday', '', /Write it as 2026-11-28/],
    ['', '28.11.2026', /is no day/],
    ['2026-03-01', '2026-02-01', /earlier day first/],
  ])('%s to %s is refused with what to do', (from, to, says) => {
    expect(() => momentsOf(from, to)).toThrow(says);
  });
});
