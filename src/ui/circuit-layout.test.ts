import { describe, expect, it } from 'vitest';
import { CHECKS } from '@/core/checks';
import type { CircuitDrawing } from '@/core/checks';
import { layOutCircuit } from './circuit-layout';

const drawings = CHECKS.flatMap((c) => {
  const d = c.outline?.();
  return d?.kind === 'circuit' ? [[c.id, d] as const] : [];
});

it('there are circuits to lay out', () => {
  expect(drawings.length).toBeGreaterThanOrEqual(6);
});

describe.each(drawings)('%s', (_, drawing: CircuitDrawing) => {
  const { lines, width, height, joint } = layOutCircuit(drawing);

  it('puts items side by side, within the picture', () => {
    for (const { items, right } of lines) {
      items.forEach((item, i) => expect(item.x).toBe(i === 0 ? 0 : items[i - 1]!.x + items[i - 1]!.width));
      expect(right).toBeLessThan(width);
    }
  });

  it('keeps the words below one line clear of the label above the next', () => {
    lines.slice(1).forEach((line, i) => {
      const above = drawing.lines[i]!.flatMap((item) =>
        'place' in item ? [item.place.readings.length] : [],
      );
      // Two rows of 15 px for each state, the first 24 px below the line; two rows of 14 px above the next.
      expect(line.y - 30).toBeGreaterThanOrEqual(lines[i]!.y + 24 + 15 * (2 * Math.max(0, ...above) - 1));
    });
    expect(height).toBeGreaterThan(lines.at(-1)!.y);
  });

  it('is no wider than a tablet held upright', () => {
    expect(width).toBeLessThanOrEqual(744);
  });

  it('meets right of every line that meets', () => {
    if (!joint) return;
    for (const i of drawing.joins!.lines) expect(lines[i]!.right).toBeLessThan(joint.x);
    expect(joint.bottom).toBeGreaterThan(joint.top);
  });
});

it('gives a wrong reading a row more, for what a good circuit reads', () => {
  const [, outline] = drawings[0]!;
  const wrong = structuredClone(outline);
  for (const item of wrong.lines.flat())
    if ('place' in item)
      for (const r of item.place.readings) Object.assign(r, { found: '1 V', verdict: 'fail' });
  expect(layOutCircuit(wrong).height).toBeGreaterThan(layOutCircuit(outline).height);
});
