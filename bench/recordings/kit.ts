/** A recording made by hand: a file as a tool wrote it, what has to be said of it, and what must not be said. */
export interface HandMade {
  /** What was measured, on what, and what is wrong with it. */
  about: string;
  file: string;
  text: string;
  firingOrder?: string;
  /** Each has to be met by a finding. */
  says: Claim[];
  /** None may be met by a finding: an accusation of the innocent, a word for the guilty. */
  never: Claim[];
}

/** A finding of a verdict whose channel or sentence holds these words; any analysis where none is named. */
export interface Claim {
  analysis?: string;
  verdict: 'pass' | 'fail' | 'unsure';
  words?: RegExp;
}

/** Noise without a library: a congruential generator (Numerical Recipes, "quick and dirty"), −1 to 1. */
export function noise(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 2 ** 31 - 1;
  };
}

/** Values at even steps. */
export const sampled = (seconds: number, hertz: number, at: (t: number, i: number) => number): number[] =>
  Array.from({ length: Math.round(seconds * hertz) }, (_, i) => at(i / hertz, i));

export interface Sheet {
  head: string[];
  between: string;
  /** How the time of a row is written. */
  time?: (t: number) => string;
  figures?: (value: number, column: number) => string;
  comma?: boolean;
}

/** Columns as a table of text. */
export function sheet(hertz: number, columns: readonly number[][], o: Sheet): string {
  const figure = o.figures ?? ((v: number) => v.toFixed(3));
  const written = (s: string) => (o.comma ? s.replace('.', ',') : s);
  const rows = columns[0]!.map((_, i) =>
    [
      ...(o.time ? [o.time(i / hertz)] : []),
      ...columns.map((c, k) => (Number.isNaN(c[i]!) ? '' : written(figure(c[i]!, k)))),
    ].join(o.between),
  );
  return [...o.head, ...rows, ''].join('\n');
}

/** A clock that starts at a time of day. */
export const clock =
  (from: number, digits = 1) =>
  (t: number): string => {
    const s = from + t;
    const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
    return `${two(s / 3600)}:${two((s / 60) % 60)}:${(s % 60).toFixed(digits).padStart(digits > 0 ? digits + 3 : 2, '0')}`;
  };

/** A switching level: a wheel of teeth even but for gaps, turned by an angle in turns. */
export const teeth = (turns: number, count: number, missing: readonly number[] = []): boolean => {
  const place = (((turns % 1) + 1) % 1) * count;
  return place % 1 < 0.5 && !missing.includes(Math.floor(place));
};
