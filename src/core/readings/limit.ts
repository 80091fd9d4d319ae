import { NUMBER, readNumber } from './entry';
import { findUnit } from './units';

/** A limit in one of its forms. `unit` is empty for a bare number; `decimals` is what was typed. */
export type Limit =
  | { form: 'between'; low: number; high: number; unit: string; decimals: number }
  | { form: 'at least'; low: number; unit: string; decimals: number }
  | { form: 'at most'; high: number; unit: string; decimals: number }
  | { form: 'target'; target: number; tolerance: number; unit: string; decimals: number }
  | { form: 'states'; states: string[] }
  /** Held against the other readings of the same test; the tolerance is a share or an amount. */
  | { form: 'siblings'; tolerance?: { value: number; unit: string } };

export type LimitReading = { ok: true; limit: Limit | null } | { ok: false; message: string };

const N = `(${NUMBER})`;
const U = '\\s*([^\\d\\s±+.,=<>≤≥–−-][^\\d±]*|%|°[CF]?|"[A-Za-z0-9]*|1/min)?\\s*';
const between = new RegExp(`^(?:between\\s+)?${N}${U}(?:\\.\\.\\.?|…|–|—|-|to|and|bis)\\s*${N}${U}$`, 'i');
const target = new RegExp(`^${N}${U}(?:±|\\+/-|\\+-)\\s*${N}${U}$`, 'i');
const least = new RegExp(`^(?:≥|>=|>|at least|min\\.?|minimum|over|above)\\s*${N}${U}$`, 'i');
const most = new RegExp(`^(?:≤|<=|<|at most|max\\.?|maximum|under|below)\\s*${N}${U}$`, 'i');
const siblings = new RegExp(
  `^(?:siblings|like the others)(?:\\s*(?:±|\\+/-|\\+-|within)?\\s*${N}${U})?$`,
  'i',
);
const trailing = new RegExp(`^${N}${U}\\s(?:or more|or less|min\\.?|max\\.?)$`, 'i');

function unitOf(...typed: (string | undefined)[]): string | Error {
  let found = '';
  for (const t of typed) {
    const name = t?.trim() ?? '';
    if (name === '') continue;
    const unit = findUnit(name);
    if (!unit) return new Error(`"${name}" is not a unit known here.`);
    if (found !== '' && found !== unit.sign)
      return new Error(`Two units in one limit: ${found} and ${unit.sign}.`);
    found = unit.sign;
  }
  return found;
}

/**
 * Reads a limit as typed: `3.0–3.6 V`, `3..3.6 V`, `≥ 12 V`, `max 200 mV`, `0.8 V ± 0.1`,
 * `100 bar ± 5 %`, states separated by `|` (`on | lit`), `= clicks`, or `siblings ± 10 %` to hold
 * each reading against the others of its test.
 *
 * @param text as typed; empty means no limit
 * @returns the limit, `null` for none, or a sentence saying what is wrong (reversed ends, two units)
 * @example readLimit('3,0 - 3,6 V') // between 3 and 3.6 V
 */
export function readLimit(text: string): LimitReading {
  const t = text.trim();
  if (t === '') return { ok: true, limit: null };
  const fail = (message: string): LimitReading => ({ ok: false, message });

  let m = siblings.exec(t);
  if (m) {
    if (!m[1]) return { ok: true, limit: { form: 'siblings' } };
    const n = readNumber(m[1]);
    const unit = unitOf(m[2]);
    if (unit instanceof Error) return fail(unit.message);
    if (!n || n.value <= 0) return fail('How much siblings may differ is a number above 0.');
    return { ok: true, limit: { form: 'siblings', tolerance: { value: n.value, unit } } };
  }
  m = target.exec(t);
  if (m) {
    const value = readNumber(m[1]!);
    const tolerance = readNumber(m[3]!);
    const percent = m[4]?.trim() === '%' && (m[2]?.trim() ?? '') !== '%';
    const unit = percent ? unitOf(m[2]) : unitOf(m[2], m[4]);
    if (unit instanceof Error) return fail(unit.message);
    if (!value || !tolerance) return fail('A target needs two numbers, as in 0.8 V ± 0.1.');
    if (tolerance.value < 0) return fail('A tolerance is a positive number.');
    return {
      ok: true,
      limit: {
        form: 'target',
        target: value.value,
        tolerance: percent ? Math.abs(value.value) * (tolerance.value / 100) : tolerance.value,
        unit,
        decimals: Math.max(value.decimals, percent ? 2 : tolerance.decimals),
      },
    };
  }
  m = between.exec(t);
  if (m) {
    const low = readNumber(m[1]!);
    const high = readNumber(m[3]!);
    const unit = unitOf(m[2], m[4]);
    if (unit instanceof Error) return fail(unit.message);
    if (!low || !high) return fail('A range needs two numbers, as in 3.0–3.6 V.');
    if (low.value > high.value) {
      return fail(
        `The range is the wrong way round: ${m[1]!.trim()} is more than ${m[3]!.trim()}. Put the smaller one first.`,
      );
    }
    return {
      ok: true,
      limit: {
        form: 'between',
        low: low.value,
        high: high.value,
        unit,
        decimals: Math.max(low.decimals, high.decimals),
      },
    };
  }
  for (const [pattern, form] of [
    [least, 'at least'],
    [most, 'at most'],
    [trailing, /(or more|min\.?)$/i.test(t) ? 'at least' : 'at most'],
  ] as const) {
    m = pattern.exec(t);
    if (!m) continue;
    const n = readNumber(m[1]!);
    const unit = unitOf(m[2]);
    if (unit instanceof Error) return fail(unit.message);
    if (!n) return fail('That limit has no number in it.');
    return form === 'at least'
      ? { ok: true, limit: { form, low: n.value, unit, decimals: n.decimals } }
      : { ok: true, limit: { form, high: n.value, unit, decimals: n.decimals } };
  }
  if (/^[<>≤≥±]|±/.test(t) || /^\d/.test(t)) {
    return fail(
      `"${t}" is not a limit. Write 3.0–3.6 V, ≥ 12 V, ≤ 200 mV, 0.8 V ± 0.1, or words with | between them.`,
    );
  }
  const states = t
    .replace(/^=\s*/, '')
    .split('|')
    .map((s) => s.trim())
    .filter(Boolean);
  return states.length ? { ok: true, limit: { form: 'states', states } } : fail('That limit is empty.');
}
