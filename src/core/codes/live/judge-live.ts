import {
  convert,
  findUnit,
  isAtBarometer,
  isOpenTemperature,
  judgeReading,
  readEntry,
  writeQuantity,
} from '@/core/readings';
import type { Verdict } from '@/core/case';
import { liveName, type LiveName } from './names';
import { oddLive } from './siblings';

/** One value of a list, with what it is. */
export interface LiveRow extends LiveName {
  /** Its place in the list. */
  at: number;
  entered: string;
  /** Against its limit; empty where it has none. */
  verdict: Verdict;
  /** What is odd about it, and what that means, or how it stands to its limit; empty where nothing is. */
  because: string;
}

/** A value as it stands on the case. */
export interface LiveValue {
  name: string;
  entered: string;
  limit?: string;
}

/** The hot end of a temperature of one byte, SAE J1979, in °C. */
const HOT_END = 215;
/** Trims of two banks that differ by more are told; common practice, no source. */
const BANKS_APART = 10;

/** A value in the unit its kind is compared in. */
function figureOf(row: LiveName, entered: string): number | undefined {
  const e = readEntry(entered);
  if (e.kind !== 'quantity') return undefined;
  const { value, unit } = e.quantity;
  try {
    switch (row.kind) {
      case 'temperature':
        return findUnit(unit)?.measures === 'temperature' ? convert(e.quantity, '°C').value : undefined;
      case 'pressure':
        return unit === '' ? undefined : convert({ value, unit: unit.replace(/ abs$/, '') }, 'kPa').value;
      case 'trim':
        // The old block scale counts 0 to 255 around 128.
        if (unit === '%') return value;
        if (unit === '' && value >= 60 && value <= 255) return ((value - 128) * 100) / 128;
        return undefined;
      case 'speed':
        return unit === '' || unit === 'rpm' ? value : undefined;
      default:
        return undefined;
    }
  } catch {
    return undefined;
  }
}

/**
 * A list of live values: each by the one name it has, and what cannot be or does not go together, with why.
 *
 * @param values as the tool printed them
 * @returns rows in the order of the list
 * @example judgeLive([{ name: 'IAT', entered: '-40 °C' }])[0]!.because // 'the cold end of the scale: an open circuit (plug, wire, sensor)'
 */
export function judgeLive(values: readonly LiveValue[]): LiveRow[] {
  const rows = values.map((v, at): LiveRow => {
    const held = judgeReading(v.entered, v.limit ?? '');
    return {
      ...liveName(v.name),
      at,
      entered: v.entered,
      verdict: v.limit ? held.verdict : '',
      because: v.limit ? held.because : '',
    };
  });
  const limited = new Set(rows.filter((r) => r.verdict !== ''));
  const of = (key: string) => {
    const row = rows.find((r) => r.key === key);
    return row && figureOf(row, row.entered);
  };
  const off = of('rpm') === 0;
  for (const [i, says] of oddLive(values)) if (!limited.has(rows[i]!)) rows[i]!.because = says;
  for (const row of rows) {
    // An end of scale is said whatever the limit says.
    const before = row.because;
    const figure = figureOf(row, row.entered);
    if (figure === undefined) continue;
    if (row.kind === 'temperature' && isOpenTemperature(figure))
      row.because = 'the cold end of the scale: an open circuit (plug, wire, sensor)';
    else if (row.kind === 'temperature' && figure >= HOT_END - 0.6)
      row.because = 'the hot end of the scale: shorted to ground, or a sensor of the exhaust';
    else if (row.key === 'map' && off) {
      const baro = of('baro');
      if (baro !== undefined && !isAtBarometer(figure - baro))
        row.because = `the engine stands, and outside it is ${writeQuantity({ value: baro, unit: 'kPa' }, 0)}: sensor, hose or its ground`;
    } else if (row.kind === 'trim' && row.bank === 2) {
      const first = of(row.key.replace(' 2', ' 1'));
      if (first !== undefined && Math.abs(figure - first) > BANKS_APART)
        row.because = `${writeQuantity({ value: Math.abs(figure - first), unit: '%' }, 1)} apart from bank 1: what only one bank has`;
    }
    if (limited.has(row) && row.because !== before) row.because = `${before} Also: ${row.because}`;
  }
  return rows;
}

/**
 * When a list was taken, as far as its own values tell, else by what its scan says of key and engine.
 *
 * @param values of one scan
 * @param scan key and engine as noted on it
 * @example momentOf([{ name: 'RPM', entered: '742 rpm' }, { name: 'ECT', entered: '91 °C' }]) // 'idle, hot'
 */
export function momentOf(
  values: readonly { name: string; entered: string }[],
  scan?: { key: string; engine: string },
): string {
  const rows = values.map((v) => ({ ...liveName(v.name), entered: v.entered }));
  const figure = (key: string) => {
    const row = rows.find((r) => r.key === key);
    return row && figureOf(row, row.entered);
  };
  const rpm = figure('rpm');
  const coolant = figure('coolant');
  const speed = rpm === undefined ? noted(scan) : speedWords(rpm);
  return [speed, warmthWords(coolant)].filter(Boolean).join(', ');
}

function speedWords(rpm: number): string {
  if (rpm === 0) return 'key on, engine off';
  if (rpm < 400) return 'cranking';
  if (rpm <= 1100) return 'idle';
  return `${Math.round(rpm / 100) * 100} rpm`;
}

function warmthWords(coolant: number | undefined): string {
  // An open sensor tells no temperature.
  if (coolant === undefined || isOpenTemperature(coolant) || coolant >= HOT_END - 1) return '';
  if (coolant >= 80) return 'hot';
  return coolant < 40 ? 'cold' : 'warming up';
}

/** What a person or the report said of key and engine. */
function noted(scan: { key: string; engine: string } | undefined): string {
  if (!scan) return '';
  if (scan.engine === 'running') return 'engine running';
  if (scan.engine === 'cranking') return 'cranking';
  if (scan.engine === 'off') return scan.key === 'off' ? 'key off' : 'key on, engine off';
  return scan.key === 'on' ? 'key on' : '';
}

/** Lists side by side: one row a value, in the order of the first list that has it. */
export function besideEachOther(
  lists: readonly (readonly LiveValue[])[],
): { key: string; name: string; cells: (LiveRow | undefined)[] }[] {
  const judged = lists.map(judgeLive);
  const keys = [...new Set(judged.flatMap((rows) => rows.map((r) => r.key)))];
  return keys.map((key) => {
    const cells = judged.map((rows) => rows.find((r) => r.key === key));
    return { key, name: cells.find((c) => c)!.name, cells };
  });
}
