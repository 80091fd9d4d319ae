import type { TraceResult } from './contract';

/** One figure of an analysis in two recordings. */
export interface ComparedFigure {
  label: string;
  here: string;
  there: string;
  /** `here` less `there`, in the figure's own unit; empty where either is no number. */
  difference: string;
  /** Whether the two differ by more than either differs within itself. */
  real: 'real' | 'within its own scatter' | 'not told';
}

/** How many times the scatter within the recordings a difference has to be. */
const CLEAR = 2;

const outsideScatter = (by: number, scatter: number): ComparedFigure['real'] =>
  Math.abs(by) > CLEAR * scatter && by !== 0 ? 'real' : 'within its own scatter';

const numberIn = (text: string | undefined): number => {
  const m = /-?\d+(?:\.\d+)?(?:e[+-]?\d+)?/i.exec(text ?? '');
  return m ? Number(m[0]) : NaN;
};
const unitIn = (text: string): string => /^-?[\d.]+(?:e[+-]?\d+)?\s*(.*)$/i.exec(text.trim())?.[1] ?? '';

const figureOf = (r: TraceResult | undefined, label: string): number =>
  numberIn(r?.findings.find((f) => f.reading?.label === label)?.reading?.entered);

/**
 * The figures that one analysis gives for two recordings, side by side. A difference is real when it is at least twice
 * what the figure differs between the two halves of either recording (halves compared: common practice, no source).
 *
 * @param here and `there` the analysis over the whole of each
 * @param halves the same analysis over the two halves of each; undefined where it did not answer
 */
export function compareRuns(
  here: TraceResult,
  there: TraceResult,
  halves: { here: readonly (TraceResult | undefined)[]; there: readonly (TraceResult | undefined)[] },
): ComparedFigure[] {
  return here.findings.flatMap((f) => {
    const label = f.reading?.label;
    const other = there.findings.find((o) => o.reading?.label === label)?.reading?.entered;
    if (!label || other === undefined) return [];
    const entered = f.reading!.entered;
    const by = numberIn(entered) - numberIn(other);
    const within = [halves.here, halves.there].map((two) =>
      Math.abs(figureOf(two[0], label) - figureOf(two[1], label)),
    );
    const scatter = Math.max(...within);
    const unit = unitIn(entered);
    return [
      {
        label,
        here: entered,
        there: other,
        difference: Number.isNaN(by)
          ? ''
          : `${by > 0 ? '+' : ''}${Number(by.toPrecision(3))}${unit ? ` ${unit}` : ''}`,
        real: Number.isNaN(by) || Number.isNaN(scatter) ? 'not told' : outsideScatter(by, scatter),
      },
    ];
  });
}
