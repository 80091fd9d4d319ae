import type { DrawnItem } from '@/core/checks';

type Symbol = Extract<DrawnItem, { symbol: string }>['symbol'] | Extract<DrawnItem, { end: string }>['end'];

/** One symbol on a line at height 0, from 0 to `width`; after IEC 60617 where it has one. */
export function CircuitSymbol({
  symbol,
  width,
  isFirst = false,
}: {
  symbol: Symbol;
  width: number;
  /** The line begins with it. */
  isFirst?: boolean;
}) {
  if (symbol === 'ground') return <Ground width={width} isFirst={isFirst} />;
  const middle = width / 2;
  const [left, right] = [middle - 16, middle + 16];
  const box = `M0 0H${left}M${right} 0H${width}M${left} -7H${right}V7H${left}Z`;
  const path = {
    wire: `M0 0H${width}`,
    fuse: `${box}M${left} 0H${right}`,
    switch: `M0 0H${left}L${right - 3} -9M${right} 0H${width}M${right} -3V3`,
    load: `${box}M${left} -7L${right} 7M${left} 7L${right} -7`,
    coil: `${box}M${middle - 6} 7L${middle + 6} -7`,
    resistor: box,
    plug: `M0 0H${middle - 4}M${middle - 9} -6Q${middle} -6 ${middle} 0Q${middle} 6 ${middle - 9} 6M${middle + 4} 0H${width}M${middle + 4} -3V3`,
    cell: `M0 0H${middle - 4}M${middle - 4} -9V9M${middle + 4} -5V5M${middle + 4} 0H${width}`,
    supply: `M${middle} 0H${width}M${middle - 5} 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0`,
    controller: `M${middle + 12} 0H${width}M${middle - 14} -9H${middle + 12}V9H${middle - 14}Z`,
  }[symbol];
  return <path className="line" d={path} />;
}

/** Three bars that grow shorter, where a line begins or ends. */
function Ground({ width, isFirst }: { width: number; isFirst: boolean }) {
  const x = width / 2;
  const wire = isFirst ? `M${x} 0H${width}` : `M0 0H${x}`;
  const bars = `M${x} 0V8M${x - 10} 8H${x + 10}M${x - 6} 12H${x + 6}M${x - 2} 16H${x + 2}`;
  return <path className="line" d={wire + bars} />;
}
