import { CHECKS, runCheck, type Typed } from './index';

/**
 * Where the verdicts of every check turn: each number of its example is moved over its range while the others stay,
 * and the values at which a verdict changes are found to five places. What comes of it is kept as a table a person can
 * read and hold against the facts (`__snapshots__/turning-points.test.ts.snap`), so that no limit moves unseen.
 */

/** One number of the entries: the field, and the cell where the field is a table. */
export interface Spot {
  name: string;
  value: number;
  unit: string;
  put: (text: string) => Typed;
}

const NUMBER = /^\s*([+−-]?\d+(?:[.,]\d+)?)\s*(\D*)$/u;
const parse = (text: string): { value: number; unit: string } | undefined => {
  const m = NUMBER.exec(text);
  return m ? { value: Number(m[1]!.replace(',', '.').replace('−', '-')), unit: m[2]!.trim() } : undefined;
};

/** Every number of a check's entries that can be moved. */
export function spotsOf(typed: Typed): Spot[] {
  const spots: Spot[] = [];
  for (const [field, entry] of Object.entries(typed)) {
    if (typeof entry === 'string') {
      const is = parse(entry);
      if (is) spots.push({ name: field, ...is, put: (text) => ({ ...typed, [field]: text }) });
      continue;
    }
    // Rows are alike: the first and the last of a table tell for the others.
    entry.forEach((row, i) => {
      if (i > 0 && i < entry.length - 1) return;
      for (const [column, cell] of Object.entries(row)) {
        const is = column === 'at' || column === 'cylinder' ? undefined : parse(cell);
        if (!is) continue;
        spots.push({
          name: `${field} ${i + 1} ${column}`,
          ...is,
          put: (text) => ({
            ...typed,
            [field]: entry.map((r, k) => (k === i ? { ...r, [column]: text } : r)),
          }),
        });
      }
    });
  }
  return spots;
}

/** What a check says without its sentences: what each finding is about, and its verdict. */
function signature(id: string, typed: Typed): string {
  const check = CHECKS.find((c) => c.id === id)!;
  const result = runCheck(check, typed);
  if (result.state !== 'done') return result.state;
  return result.findings.map((f) => `${f.about || 'all'} ${f.verdict}`).join(', ');
}

/** Three decimals are a thousand in some countries, and asked about: a nought behind them tells. */
export function written(value: number, unit: string): string {
  const digits = String(Number(value.toPrecision(7)));
  return `${/\.\d{3}$/.test(digits) ? `${digits}0` : digits} ${unit}`.trim();
}

/** One, two or five by a power of ten, near to a share of a value. */
function niceStep(value: number): number {
  const rough = Math.abs(value) / 20 || 1;
  const power = 10 ** Math.floor(Math.log10(rough));
  return [1, 2, 5]
    .map((k) => k * power)
    .reduce((a, b) => (Math.abs(b - rough) < Math.abs(a - rough) ? b : a));
}

/**
 * The turning points of one check.
 *
 * @param id of the check
 * @param typed entries, the example of the check or others
 * @returns a line for each turning: field, what was said below, the value and on which side it lies, what above
 */
export function turningPoints(id: string, typed: Typed): string[] {
  const lines: string[] = [];
  for (const spot of spotsOf(typed)) {
    const step = niceStep(spot.value);
    const says = (value: number) => signature(id, spot.put(written(value, spot.unit)));
    const from = spot.value < 0 || /%|°/u.test(spot.unit) ? -30 : 0;
    let before = says(from * step);
    for (let k = from + 1; k <= 45; k++) {
      const now = says(k * step);
      if (now !== before && now !== 'refused' && before !== 'refused')
        lines.push(turn(spot, says, (k - 1) * step, k * step, before, now));
      before = now;
    }
  }
  return lines;
}

function turn(
  spot: Spot,
  says: (value: number) => string,
  low: number,
  high: number,
  below: string,
  above: string,
): string {
  let [a, b] = [low, high];
  for (let i = 0; i < 18; i++) {
    const middle = (a + b) / 2;
    if (says(middle) === below) a = middle;
    else b = middle;
  }
  // Limits are round numbers: on which side the round one lies tells < from ≤.
  const at = Number(((a + b) / 2).toPrecision(5));
  const on = says(at);
  const side = on === below ? '≤' : '<';
  return `${spot.name}: [${below}] ${side} ${written(at, spot.unit)} [${on === below ? above : on}]`;
}
