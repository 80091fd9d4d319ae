import { parseLimit, type Amount } from './limit-grammar';
import { isNote, MOST_WORDS } from './notes';
import { findUnit } from './units';

/** A reading that is no single figure: one that moves between two, or of which only one end is told. */
export interface Span {
  /** As they would be typed; undefined for an open end. */
  low?: string;
  high?: string;
}

const figureOf = ({ numeral }: Amount) => (numeral.figures.length === 1 ? numeral.figures[0] : undefined);

/** `0.1–0.9 V switching`. */
const withoutNote = (text: string): string => {
  const words = text.split(/\s+/);
  for (let n = Math.max(1, words.length - MOST_WORDS); n < words.length; n++) {
    const note = words.slice(n).join(' ');
    if (/[\d\p{L}Ω%°]$/u.test(words[n - 1]!) && !findUnit(words[n]!) && isNote(note))
      return words.slice(0, n).join(' ');
  }
  return text;
};

const asTyped = ({ numeral, unit }: Amount, other = ''): string => `${numeral.text} ${unit || other}`.trim();

/**
 * Reads a reading that moves between two figures (`650–700 rpm`), or lies beyond the meter's range (`>500 MΩ`).
 *
 * @param text as typed
 * @returns its ends, or undefined where it is no such reading; words such as *max* may be what was seen at most and
 * are not read
 * @example spanOf('650-700 rpm') // { low: '650 rpm', high: '700 rpm' }
 */
export function spanOf(text: string): Span | undefined {
  const t = withoutNote(text.trim());
  if (!/^(?:[<>≤≥]|[\d.,+−-])/.test(t) || /[~≈]|\b(?:and|min|max)/i.test(t)) return undefined;
  const typed = parseLimit(t);
  // "780 ± 20 rpm": it swings so far about a middle.
  if (typed?.form === 'around' && typed.plus.unit !== '%') {
    const [middle, by] = [figureOf(typed.target), figureOf(typed.plus)];
    const unit = typed.target.unit || typed.plus.unit;
    const same = typed.target.unit === '' || typed.plus.unit === '' || typed.target.unit === typed.plus.unit;
    if (!middle || !by || !same || typed.plus !== typed.minus) return undefined;
    const decimals = Math.max(middle.decimals, by.decimals);
    const end = (v: number) => `${v.toFixed(decimals)} ${unit}`.trim();
    return { low: end(middle.value - by.value), high: end(middle.value + by.value) };
  }
  if (typed?.form === 'between')
    return { low: asTyped(typed.low, typed.high.unit), high: asTyped(typed.high, typed.low.unit) };
  if (typed?.form === 'at least' && /^[>≥]/.test(t)) return { low: asTyped(typed.amount) };
  if (typed?.form === 'at most' && /^[<≤]/.test(t)) return { high: asTyped(typed.amount) };
  return undefined;
}

const unsure = (because: string) => ({ verdict: 'unsure' as const, because });

/**
 * Holds a reading that is no single figure against a limit: it is OK where both its ends are, and not OK where one of
 * them is not. Of an open end only a limit that is open on the same side tells.
 *
 * @param span as `spanOf` gives it
 * @param limit which sides of the limit have an edge
 * @param judge holds one figure, as typed, against the limit
 * @returns the verdict with its sentence
 */
export function judgeSpan<J extends { verdict: string; because: string }>(
  span: Span,
  limit: { low: number; high: number },
  judge: (figure: string) => J,
): J | ReturnType<typeof unsure> {
  const ends = [span.low, span.high].flatMap((e) => (e === undefined ? [] : [judge(e)]));
  const told = ends.find((e) => e.verdict === 'fail') ?? ends.find((e) => e.verdict !== 'pass');
  if (span.low !== undefined && span.high !== undefined) return told ?? ends[0]!;
  const openBelow = !Number.isFinite(limit.low);
  const openAbove = !Number.isFinite(limit.high);
  const [end] = ends;
  const onlyMore = span.high === undefined;
  // "> 500 MΩ" against "≥ 100 MΩ", "< 0.1 Ω" against "< 0.5 Ω".
  if (end!.verdict === 'pass' && (onlyMore ? openAbove : openBelow)) return end!;
  // "> 500 MΩ" against "≤ 100 MΩ": all there is above is out as well.
  if (end!.verdict === 'fail' && (onlyMore ? openBelow : openAbove)) return end!;
  return unsure(
    onlyMore
      ? `How much more than ${span.low!} it is was not told, so it cannot be held against the limit.`
      : `How much less than ${span.high!} it is was not told, so it cannot be held against the limit.`,
  );
}

const COUNT = /^(\d{1,4})\s?(?:of|out of|\/)\s?(\d{1,4})$/i;

/**
 * So many of so many, held against so many of as many: `2 of 4` against `4 of 4`.
 *
 * @returns undefined where either is no such count
 */
export function judgeCount(
  entered: string,
  wanted: string,
): { verdict: 'pass' | 'fail'; because: string } | undefined {
  const [found, meant] = [COUNT.exec(entered.trim()), COUNT.exec(wanted.trim())];
  if (!found || !meant || found[2] !== meant[2]) return undefined;
  const because = `Found ${found[1]} of ${found[2]}, expected ${meant[1]}.`;
  return { verdict: Number(found[1]) === Number(meant[1]) ? 'pass' : 'fail', because };
}
