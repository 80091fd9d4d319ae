'use client';

import {
  CartesianGrid,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  Tooltip,
  XAxis,
  YAxis,
  ZAxis,
} from 'recharts';
import type { Band } from '@/core/guide';
import { Cell } from '@/ui/layout';

const percent = (x: number) => `${Math.round(100 * x)} %`;
const TICKS = [0, 0.25, 0.5, 0.75, 1];

/** Said against so, a dot for each band, larger where more was said; on the line the odds held. */
export function HeldPlot({ bands }: { bands: Band[] }) {
  const points = bands.filter((b) => b.n > 0).map((b) => ({ said: b.said, was: b.was, n: b.n }));
  return (
    <Cell
      role="img"
      aria-label="Predicted against actual; the table below has the figures"
      $width="min(420px, 100%)"
      $height={320}
    >
      <ResponsiveContainer>
        <ScatterChart margin={{ top: 10, right: 16, bottom: 26, left: 26 }}>
          <CartesianGrid stroke="var(--rule)" />
          <XAxis
            type="number"
            dataKey="said"
            domain={[0, 1]}
            ticks={TICKS}
            tickFormatter={percent}
            stroke="var(--ink-3)"
            label={{ value: 'predicted', position: 'bottom', fill: 'var(--ink-2)' }}
          />
          <YAxis
            type="number"
            dataKey="was"
            domain={[0, 1]}
            ticks={TICKS}
            tickFormatter={percent}
            stroke="var(--ink-3)"
            label={{ value: 'actual', position: 'left', angle: -90, fill: 'var(--ink-2)' }}
          />
          <ZAxis type="number" dataKey="n" range={[40, 420]} />
          <ReferenceLine
            segment={[
              { x: 0, y: 0 },
              { x: 1, y: 1 },
            ]}
            stroke="var(--ink-3)"
            strokeDasharray="4 4"
          />
          <Tooltip
            formatter={(value, name) => (name === 'n' ? `${String(value)} times` : percent(Number(value)))}
          />
          <Scatter data={points} fill="var(--accent)" isAnimationActive={false} />
        </ScatterChart>
      </ResponsiveContainer>
    </Cell>
  );
}
