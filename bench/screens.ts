import { stopLetters } from '@/services/scans/scan-picture';
import { measureLive } from './screens/live';
import { measureScreens } from './screens/measure';

const percent = (n: number, of: number) => `${((100 * n) / of).toFixed(1)} %`;

/** Photos of thirty screens with codes and thirty with live values that nobody looked at while the reader was mended. */
export async function screens(): Promise<string> {
  const s = await measureScreens(200, 30);
  const lists = [
    ['screenshots', await measureLive(300, 30, false)],
    ['photos', await measureLive(300, 30, true)],
  ] as const;
  await stopLetters();
  return [
    '| Codes on 30 photos | right and sure | wrong and sure | to be looked at | for one photo |',
    '|---|---|---|---|---|',
    `| ${s.codes} | ${percent(s.right, s.codes)} | ${percent(s.wrong, s.codes)} | ${percent(s.doubtful, s.codes)} | ${(s.milliseconds / 1000).toFixed(1)} s |`,
    '',
    '| Live values on 30 lists | values | right and sure | wrong and sure | to be looked at | not read |',
    '|---|---|---|---|---|---|',
    ...lists.map(
      ([name, l]) =>
        `| ${name} | ${l.values} | ${percent(l.right, l.values)} | ${percent(l.wrong, l.values)} | ${percent(l.asked, l.values)} | ${percent(Math.max(0, l.values - l.right - l.wrong - l.asked), l.values)} |`,
    ),
  ].join('\n');
}
