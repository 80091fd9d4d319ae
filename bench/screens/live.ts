import { readEntry } from '@/core/readings';
import { liveName, readScan, rowsWithLines, SURE_ENOUGH, sureOfPicture } from '@/core/codes';
import { textOfPicture } from '@/services/scans/scan-picture';
import { pick, random } from '@/sim/random';
import { drawScreens, type Screen } from './draw';
import { photographed } from './photo';

/** Lists of live values on a tool's screen, photographed: what they show, and what is read of them. */
export interface LiveScreen extends Screen {
  values: { name: string; entered: string }[];
}

const VALUES: [string, string, number, number, number][] = [
  ['Engine speed', 'rpm', 650, 3200, 0],
  ['Coolant temperature', '°C', -10, 104, 0],
  ['Intake air temperature', '°C', -20, 60, 0],
  ['Manifold pressure', 'kPa', 28, 180, 0],
  ['Barometric pressure', 'kPa', 88, 103, 0],
  ['Long-term fuel trim B1', '%', -12, 25, 1],
  ['Long-term fuel trim B2', '%', -12, 25, 1],
  ['Short-term fuel trim B1', '%', -9, 9, 1],
  ['Battery voltage', 'V', 11, 15, 1],
  ['Fuel rail pressure', 'bar', 30, 1600, 0],
  ['Mass air flow', 'g/s', 2, 90, 2],
  ['Throttle position', '%', 0, 100, 1],
];
const STYLES = [
  'background:#fff;color:#111;font:20px sans-serif',
  'background:#10151d;color:#dfe7ee;font:19px sans-serif',
  'background:#f3f5f7;color:#222;font:14px sans-serif',
];

/** A list by its number: three ways to draw, six to nine values each. */
export function liveScreenOf(n: number): LiveScreen {
  const r = random(n * 131 + 3);
  const values = [...VALUES]
    .sort(() => r() - 0.5)
    .slice(0, 6 + Math.floor(r() * 4))
    .map(([name, unit, low, high, decimals]) => ({
      name,
      entered: `${(low + r() * (high - low)).toFixed(decimals)} ${unit}`,
    }));
  const rows = values.map(({ name, entered }) => {
    const [value, unit] = entered.split(' ');
    return `<tr><td>${name}</td><td style="text-align:right">${value}</td><td>${unit}</td></tr>`;
  });
  return {
    name: `live ${n}`,
    codes: [],
    values,
    html: `<body style="margin:0;padding:22px;${pick(r, STYLES)}"><b>Live data</b><table cellpadding="6">${rows.join('')}</table></body>`,
  };
}

export interface LiveScore {
  values: number;
  right: number;
  /** Said for sure, and another value than the screen shows, or another of its values. */
  wrong: number;
  asked: number;
  missed: string[];
}

/** Draws lists, photographs and reads them; a value counts only where it was said for sure. */
export async function measureLive(from: number, count: number, photo = true): Promise<LiveScore> {
  const screens = Array.from({ length: count }, (_, i) => liveScreenOf(from + i));
  const drawn = await drawScreens(screens);
  const score: LiveScore = { values: 0, right: 0, wrong: 0, asked: 0, missed: [] };
  for (const [i, screen] of screens.entries()) {
    const bytes = photo ? await photographed(drawn[i]!, from + i) : await pngOf(drawn[i]!);
    const { text, sure } = await textOfPicture(bytes);
    const { report } = readScan(text);
    const rows = rowsWithLines(report, sureOfPicture(report, sure)).live;
    score.values += screen.values.length;
    const left = [...screen.values];
    for (const row of rows) {
      const at = left.findIndex((v) => liveName(v.name).key === liveName(row.name).key);
      const same = at >= 0 && sameEntry(left[at]!.entered, row.entered);
      if (row.sure < SURE_ENOUGH) score.asked++;
      else if (same) score.right++;
      else {
        score.wrong++;
        score.missed.push(
          `${screen.name}: ${row.name} = ${row.entered}, is ${left[at]?.entered ?? 'not there'}`,
        );
      }
      if (at >= 0) left.splice(at, 1);
    }
  }
  return score;
}

function sameEntry(a: string, b: string): boolean {
  const [x, y] = [readEntry(a), readEntry(b)];
  return (
    x.kind === 'quantity' &&
    y.kind === 'quantity' &&
    x.quantity.value === y.quantity.value &&
    x.quantity.unit === y.quantity.unit
  );
}

export async function pngOf(g: { width: number; height: number; data: Uint8Array }): Promise<Buffer> {
  const { default: sharp } = await import('sharp');
  return sharp(Buffer.from(g.data), { raw: { width: g.width, height: g.height, channels: 1 } })
    .png()
    .toBuffer();
}
