'use client';

import { Bar, BarChart, LabelList, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { Cell } from '@/ui/layout';

export interface BarRow {
  name: string;
  value: number;
}

export function BarRows({ rows, unit }: { rows: BarRow[]; unit: string }) {
  return (
    <Cell aria-hidden="true" $height={26 * rows.length + 20}>
      <ResponsiveContainer>
        <BarChart
          data={rows}
          layout="vertical"
          accessibilityLayer={false}
          margin={{ left: 0, right: 60, top: 4, bottom: 4 }}
        >
          <XAxis type="number" hide />
          <YAxis
            type="category"
            dataKey="name"
            width={130}
            axisLine={false}
            tickLine={false}
            tick={{ fill: 'var(--ink-2)', fontSize: 13 }}
          />
          <Bar dataKey="value" fill="var(--accent-2)" isAnimationActive={false} barSize={12}>
            <LabelList
              dataKey="value"
              position="right"
              formatter={(v) => `${Math.round(Number(v))} ${unit}`}
              fill="var(--ink-2)"
              fontSize={12}
            />
          </Bar>
        </BarChart>
      </ResponsiveContainer>
    </Cell>
  );
}
