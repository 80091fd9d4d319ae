import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { NumberLine } from './number-line';

const rows = [
  {
    name: 'coil, open',
    points: [
      { value: 2, number: 7 },
      { value: 4, number: 9 },
    ],
  },
  { name: 'pump, worn', points: [{ value: 8, number: 3 }] },
];
const write = (v: number) => `${v} V`;
/** Where something stands, in per cent of the width. */
const at = (e: Element, name: string) => Number(e.getAttribute(name)?.replace('%', ''));

describe('a number line', () => {
  it('says each row in words', () => {
    render(<NumberLine rows={rows} write={write} />);
    screen.getByRole('img', { name: 'coil, open: 2 cases, 2 V to 4 V' });
    screen.getByRole('img', { name: 'pump, worn: 1 case, 8 V' });
  });

  it('puts all rows on one scale: 4 is a third of the way from 2 to 8', () => {
    const { container } = render(<NumberLine rows={rows} write={write} />);
    const [two, four, eight] = [...container.querySelectorAll('circle')].map((c) => at(c, 'cx'));
    expect((four! - two!) / (eight! - two!)).toBeCloseTo(1 / 3, 9);
    expect(two).toBeGreaterThan(0);
    expect(eight).toBeLessThan(100);
  });

  it('makes room for this car and the threshold beyond the past cases', () => {
    const { container } = render(<NumberLine rows={rows} write={write} threshold={6} here={14} />);
    const [threshold, here] = [...container.querySelectorAll('svg')[0]!.querySelectorAll('line')].slice(1);
    const two = at(container.querySelector('circle')!, 'cx');
    // From 2 to 14: 6 is a third of the way.
    expect((at(threshold!, 'x1') - two) / (at(here!, 'x1') - two)).toBeCloseTo(1 / 3, 9);
    expect(container.textContent).toContain('thick: this one, 14 V');
  });

  it('stands in the middle where all is one value, and shows it once', () => {
    const { container } = render(<NumberLine rows={[rows[1]!]} write={write} />);
    expect(at(container.querySelector('circle')!, 'cx')).toBe(50);
    expect(container.textContent?.match(/8 V/g)).toHaveLength(2);
  });

  it('shows six rows at the most', () => {
    const many = Array.from({ length: 9 }, (_, i) => ({
      name: `cause ${i}`,
      points: [{ value: i, number: i + 1 }],
    }));
    render(<NumberLine rows={many} write={write} />);
    expect(screen.getAllByRole('img')).toHaveLength(6);
  });
});
