/** Small tools shared by the benchmarks: percentiles, tables, ratios. */

export interface Row {
  what: string;
  p50: number;
  p95: number;
  n: number;
}

/** Runs something `n` times after a warm-up and gives its percentiles in milliseconds. */
export async function time(
  what: string,
  n: number,
  work: (i: number) => Promise<unknown> | unknown,
  warmUp = 20,
): Promise<Row> {
  for (let i = 0; i < warmUp; i++) await work(-1 - i);
  const took: number[] = [];
  for (let i = 0; i < n; i++) {
    const start = performance.now();
    await work(i);
    took.push(performance.now() - start);
  }
  took.sort((a, b) => a - b);
  const at = (share: number) => took[Math.min(n - 1, Math.floor(share * n))]!;
  return { what, p50: at(0.5), p95: at(0.95), n };
}

const ms = (x: number) => (x < 10 ? x.toFixed(2) : x.toFixed(1));

/** A Markdown table of timings, each with its ratio to a named other row of the same run. */
export function table(rows: { row: Row; against?: Row }[]): string {
  const lines = rows.map(
    ({ row, against }) =>
      `| ${row.what} | ${row.n} | ${ms(row.p50)} | ${ms(row.p95)} | ${against ? `${(row.p50 / against.p50).toFixed(1)} × ${against.what}` : ''} |`,
  );
  return [
    '| what | runs | p50 ms | p95 ms | ratio of p50 |',
    '| --- | ---: | ---: | ---: | --- |',
    ...lines,
  ].join('\n');
}
