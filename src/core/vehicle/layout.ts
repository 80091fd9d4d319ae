/** How an engine is laid out, from what was typed. */
export interface EngineLayout {
  order: number[];
  /** Crank degrees between two firings of an even-firing engine; undefined when unknown. */
  interval?: number;
}

/**
 * Checks a firing order: every cylinder once, none twice, none beyond the count. Orders above nine
 * cylinders need a separator.
 *
 * @param typed for instance `1-3-4-2` or `1342`
 * @param cylinders how many, where known
 * @param strokes 2 or 4; 4 when not known
 * @returns the layout, or a sentence saying what cannot be
 * @example readFiringOrder('1-3-4-2', 4) // { order: [1, 3, 4, 2], interval: 180 }
 */
export function readFiringOrder(
  typed: string,
  cylinders: number | null,
  strokes: number | null = 4,
): EngineLayout | string {
  const text = typed.trim();
  const order = (/[^\d]/.test(text) ? text.split(/[^\d]+/) : text.split('')).filter(Boolean).map(Number);
  if (order.length === 0) return 'A firing order is a row of cylinder numbers, as in 1-3-4-2.';
  if (order[0] === 0 || order.some((n) => n < 1 || n > 24)) return 'Cylinders are counted from 1.';
  const twice = order.find((n, i) => order.indexOf(n) !== i);
  if (twice !== undefined) return `Cylinder ${twice} fires twice in this order.`;
  if (cylinders !== null && order.length !== cylinders)
    return `${order.length} cylinders in the order, ${cylinders} in the engine.`;
  const missing = Array.from({ length: order.length }, (_, i) => i + 1).find((n) => !order.includes(n));
  if (missing !== undefined) return `Cylinder ${missing} is missing from the order.`;
  return { order, interval: ((strokes ?? 4) * 180) / order.length };
}

/**
 * Checks which cylinders each bank holds: every cylinder on one bank, none on two.
 *
 * @param typed for instance `1: 1 2 3, 2: 4 5 6`
 * @param cylinders how many, where known
 * @returns banks with their cylinders, or a sentence
 */
export function readBanks(typed: string, cylinders: number | null): number[][] | string {
  const banks: number[][] = [];
  for (const m of typed.matchAll(/(\d+)\s*:\s*([\d\s,/-]*?)(?=\s*[,;]?\s*\d+\s*:|$)/g)) {
    banks[Number(m[1]) - 1] = (m[2]!.match(/\d+/g) ?? []).map(Number);
  }
  const all = banks.flat();
  if (all.length === 0) return 'Write the banks as 1: 1 2 3, 2: 4 5 6.';
  const twice = all.find((n, i) => all.indexOf(n) !== i);
  if (twice !== undefined) return `Cylinder ${twice} stands on two banks.`;
  if (cylinders !== null && (all.length !== cylinders || all.some((n) => n > cylinders)))
    return `${all.length} cylinders on the banks, ${cylinders} in the engine.`;
  return banks;
}
