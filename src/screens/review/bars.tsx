'use client';

import dynamic from 'next/dynamic';
import type { BarRow } from './bar-chart';

/** Loaded when there is something to draw. */
const BarRows = dynamic(() => import('./bar-chart').then((m) => m.BarRows), { ssr: false });

/** One bar a row; the table below it has the figures. */
export function ReviewBars(props: { rows: BarRow[]; unit: string }) {
  return props.rows.length === 0 ? null : <BarRows {...props} />;
}
