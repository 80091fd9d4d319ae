import { measureScreens } from './screens/measure';

/** Photos of thirty screens that nobody looked at while the reader was mended. */
export async function screens(): Promise<string> {
  const s = await measureScreens(200, 30);
  const percent = (n: number) => `${((100 * n) / s.codes).toFixed(1)} %`;
  return [
    '| Codes on 30 photos | right and sure | wrong and sure | to be looked at | for one photo |',
    '|---|---|---|---|---|',
    `| ${s.codes} | ${percent(s.right)} | ${percent(s.wrong)} | ${percent(s.doubtful)} | ${(s.milliseconds / 1000).toFixed(1)} s |`,
  ].join('\n');
}
