/** The stretch of time that is shown, in seconds. */
export interface Span {
  from: number;
  to: number;
}

/** Closest that one can look: so many seconds over the whole width. */
const SHORTEST = 1e-7;

/** A span moved back into what there is, with some air at both ends; never shorter than can be told apart. */
export function clampSpan(span: Span, whole: Span): Span {
  const all = whole.to - whole.from || 1;
  const air = 0.04 * all;
  const length = Math.min(Math.max(span.to - span.from, SHORTEST), all + 2 * air);
  const from = Math.min(Math.max(span.from, whole.from - air), whole.to + air - length);
  return { from, to: from + length };
}

/** Zooms about a place: what stands there stays there. */
export function zoomed(span: Span, at: number, factor: number): Span {
  return { from: at - (at - span.from) * factor, to: at + (span.to - at) * factor };
}

export const moved = (span: Span, by: number): Span => ({ from: span.from + by, to: span.to + by });

/**
 * A moment as a person reads it at this closeness: seconds in a long recording, smaller units in a short one.
 *
 * @param finer digits more than an axis needs, for a mark that was placed to the pixel
 */
export function timeLabel(t: number, span: Span, finer = 0): string {
  const length = span.to - span.from;
  const digits = Math.max(0, Math.ceil(-Math.log10(length)) + 2 + finer);
  if (Math.max(Math.abs(span.from), Math.abs(span.to)) >= 0.8) return `${Number(t.toFixed(digits))} s`;
  if (length >= 1e-3) return `${Number((t * 1e3).toFixed(Math.max(0, digits - 3)))} ms`;
  return `${Number((t * 1e6).toFixed(Math.max(0, digits - 6)))} µs`;
}

/** A span of time with the unit that suits it. */
export function spanLabel(s: number): string {
  const a = Math.abs(s);
  if (a >= 1) return `${Number(s.toPrecision(5))} s`;
  const [by, unit] = a >= 1e-3 ? [1e3, 'ms'] : [1e6, 'µs'];
  return `${Number((s * by).toPrecision(5))} ${unit}`;
}

export function frequencyLabel(s: number): string {
  const hz = 1 / Math.abs(s);
  if (hz >= 1e6) return `${Number((hz / 1e6).toPrecision(4))} MHz`;
  if (hz >= 1e3) return `${Number((hz / 1e3).toPrecision(4))} kHz`;
  return `${Number(hz.toPrecision(4))} Hz`;
}
