import type { CircuitDrawing, DrawnItem } from '@/core/checks';

export interface PlacedItem {
  item: DrawnItem;
  /** Left edge, in pixels. */
  x: number;
  width: number;
}

/** From a line to the first word below it, in pixels. */
export const LINE_BELOW = 24;
const LINE_ABOVE = 42;
const ROW = 15;
const WIDTH = { end: 50, place: 98, symbol: 60, wire: 34 };
const JOINT = 22;

/**
 * Where each item of a drawn circuit stands.
 *
 * @returns lines with the height they run at, the whole's size in pixels, and the joint on the right
 */
export function layOutCircuit(drawing: CircuitDrawing) {
  let y = 0;
  let bottom = 0;
  const lines = drawing.lines.map((line) => {
    let x = 0;
    const items = line.map((item): PlacedItem => {
      const placed = { item, x, width: widthOf(item) };
      x += placed.width;
      return placed;
    });
    y = bottom + LINE_ABOVE;
    bottom = y + LINE_BELOW + ROW * Math.max(1, ...line.map(rowsBelow)) - 4;
    return { items, y, right: x };
  });
  const joined = (drawing.joins?.lines ?? []).map((i) => lines[i]!);
  const joint =
    joined.length > 0
      ? {
          x: Math.max(...joined.map((l) => l.right)) + JOINT,
          top: Math.min(...joined.map((l) => l.y)),
          bottom: Math.max(...joined.map((l) => l.y)),
        }
      : undefined;
  const label = joint ? 10 + 7 * (drawing.joins?.label.length ?? 0) : 0;
  const width = Math.max(...lines.map((l) => l.right), joint ? joint.x + label : 0) + 4;
  return { lines, width, height: bottom, joint };
}

function widthOf(item: DrawnItem): number {
  if ('place' in item) return WIDTH.place;
  if ('end' in item) return WIDTH.end;
  return item.symbol === 'wire' ? WIDTH.wire : WIDTH.symbol;
}

/** Rows of words below an item: a state, what it reads, and beside a wrong reading the good one. */
function rowsBelow(item: DrawnItem): number {
  if (!('place' in item)) return 0;
  return item.place.readings.reduce((n, r) => n + (r.verdict === 'fail' ? 3 : 2), 0);
}
