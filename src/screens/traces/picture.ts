import type { Difference, Mark, Sheet } from '@/core/traces';
import type { Loaded, ViewAnswer } from '@/workers/trace-api';
import type { Span } from './view';

/** What an analysis found of one cylinder: its verdict and its figure. */
export interface CylinderResult {
  verdict: string;
  figure: string;
}

/** A trace laid over another, moved and stretched in time. */
interface Overlay {
  loaded: Loaded;
  answer: ViewAnswer | undefined;
  /** Channel of the overlay for each channel of the trace, or -1. */
  match: number[];
}

export interface Firing {
  at: number;
  cylinder: number;
}

export interface Picture {
  width: number;
  height: number;
  span: Span;
  loaded: Loaded;
  answer: ViewAnswer | undefined;
  shown: number[];
  sheet: Sheet;
  found: readonly Mark[];
  firings: readonly Firing[];
  /** Crank marks and the degrees between two of them. */
  cycles: readonly number[];
  every: number;
  overlay: Overlay | undefined;
  /** Stretches in which a like recording goes otherwise. */
  differs: readonly Difference[];
  /** What an analysis found of each cylinder. */
  cylinders: ReadonlyMap<number, CylinderResult>;
  /** Colours by name, read from the page's own. */
  ink: (name: string) => string;
}
