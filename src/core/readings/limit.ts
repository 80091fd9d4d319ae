import { parseLimit, type Amount, type Typed } from './limit-grammar';
import { compositesAsDecimals } from './composite';
import { limitAlone } from './notes';
import { askWhich, decideNumber, type Figure, type Hints } from './numeral';
import { agree, saidTwice } from './two-units';
import { comparable, convert, convertDifference, findUnit, type Quantity } from './units';

/** A limit in one of its forms. `unit` is empty for a bare number; `decimals` is what was typed. */
export type Limit =
  | { form: 'between'; low: number; high: number; unit: string; decimals: number }
  | { form: 'at least'; low: number; unit: string; decimals: number }
  | { form: 'at most'; high: number; unit: string; decimals: number }
  | { form: 'target'; target: number; tolerance: number; unit: string; decimals: number }
  /** A value without a tolerance: met by that value, and by nothing else without asking. */
  | { form: 'exactly'; target: number; unit: string; decimals: number }
  | { form: 'states'; states: string[] }
  /** Held against the other readings of the same test; the tolerance is a share or an amount. */
  | { form: 'siblings'; tolerance?: { value: number; unit: string } };

export type LimitReading =
  /** `note`: when it holds, where the limit says so. */
  /** `offers` are ways to write it, ready to be taken: words that have a limit of a number within them. */
  | { ok: true; limit: Limit | null; note?: string; offers?: readonly string[] }
  | { ok: false; message: string; offers?: readonly string[] };

/** What keeps a limit from being read, as a sentence for the person who typed it. */
class Unread extends Error {
  constructor(
    message: string,
    readonly offers?: readonly string[],
  ) {
    super(message);
  }
}

const DENIES = /\b(?:not|no|nor|neither|never|none|without|free of)\b|n't\b/i;

/**
 * Reads a limit as typed: `3.0–3.6 V`, `≥ 12 V`, `not more than 200 mV`, `0.8 V ± 50 mV`, `5 V +0.1/-0.2`,
 * `100 bar ± 5 %`, `min 3 bar max 5 bar`, states separated by `|` or *or* (`on | lit`), `= clicks`, or `siblings ± 10 %`
 * to hold each reading against the others of its test. The grammar is in `limit-grammar.ts`.
 *
 * @param text as typed; empty means no limit
 * @param hints what tells thousands from decimals besides the limit itself
 * @returns the limit, `null` for none, or a sentence saying what is wrong (reversed ends, two units)
 * @example readLimit('3,0 - 3,6 V') // between 3 and 3.6 V
 */
export function readLimit(text: string, hints: Omit<Hints, 'unit'> = {}): LimitReading {
  const t = text.trim();
  if (t === '') return { ok: true, limit: null };
  const decimals = compositesAsDecimals(t);
  if (decimals !== t) return withFewPlaces(readLimit(decimals, hints));
  const typed = parseLimit(t);
  try {
    if (typed) return { ok: true, limit: settled(typed, t, hints) };
  } catch (e) {
    if (!(e instanceof Unread)) throw e;
    return { ok: false, message: e.message, ...(e.offers ? { offers: e.offers } : {}) };
  }
  const twice = saidTwice(t);
  if (twice) return inOneUnit(twice, hints);
  const alone = limitAlone(t);
  if (alone.text !== t) {
    const read = readLimit(alone.text, hints);
    if (!read.ok || (read.limit && read.limit.form !== 'states'))
      return read.ok && alone.note !== '' ? { ...read, note: alone.note } : read;
  }
  const within = limitWithin(t);
  const offers = within === undefined ? {} : { offers: [within] };
  if (/^(?:=\s*)?[<>≤≥±~≈+\-−\d]|±/.test(t))
    return {
      ok: false,
      ...offers,
      message: `"${t}" is not a limit. Write 3.0–3.6 V, ≥ 12 V, ≤ 200 mV, 0.8 V ± 0.1, or words with | between them.`,
    };
  // "No cracks or leaks" wants neither: there "or" parts no states.
  const states = t
    .replace(/^=\s*/, '')
    .split(DENIES.test(t) ? '|' : /\||\bor\b/i)
    .map((s) => s.trim())
    .filter(Boolean);
  return states.length
    ? { ok: true, limit: { form: 'states', states }, ...offers }
    : { ok: false, message: 'That limit is empty.' };
}

/** A sixtieth has no end of places; two are shown. */
function withFewPlaces(read: LimitReading): LimitReading {
  if (!read.ok || !read.limit || !('decimals' in read.limit)) return read;
  return { ...read, limit: { ...read.limit, decimals: Math.min(read.limit.decimals, 2) } };
}

/** With one of these a limit says when it is not met, or is of something else. */
const TURNS_ROUND =
  /\b(?:not?|never|non|except|unless|if|when|fail\w*|bad|fault\w*|replace\w*|renew|reject\w*|leak\w*|wrong|too|defect\w*|worn|out|poor|scrap|was|before|after|other|or|and)\b/i;

/**
 * A limit with words before or behind it that are not known: never taken by itself, but to be offered.
 *
 * @returns the limit alone, or undefined where there is none, or where a word may turn it round
 * @example limitWithin('fan on at 92–97 °C') // '92–97 °C'
 */
function limitWithin(text: string): string | undefined {
  const words = text.split(/\s+/);
  if (words.length > 10) return undefined;
  const parts = words.slice(1).flatMap((_, i) => [
    { alone: words.slice(i + 1), rest: words.slice(0, i + 1) },
    { alone: words.slice(0, words.length - 1 - i), rest: words.slice(words.length - 1 - i) },
  ]);
  return parts
    .filter(({ rest }) => !/[\d<>≤≥±]/.test(rest.join(' ')) && !TURNS_ROUND.test(rest.join(' ')))
    .map(({ alone }) => alone.join(' '))
    .find((alone) => {
      const typed = parseLimit(alone);
      return (
        typed !== undefined &&
        typed.form !== 'exactly' &&
        amountsOf(typed).every((a) => a.unit === '' || findUnit(a.unit))
      );
    });
}

/** `30 N·m (22 lb·ft)`: one limit in two units. The first holds, where the second does not contradict it. */
function inOneUnit([first, second]: [string, string], hints: Omit<Hints, 'unit'>): LimitReading {
  const [a, b] = [readLimit(first, hints), readLimit(second, hints)];
  if (!a.ok) return a;
  // "≥ 4 bar (max 58 psi)" says two things with one figure; what has no figure of its own says nothing of the first.
  const alike = b.ok && b.limit && (b.limit.form === 'exactly' || b.limit.form === a.limit?.form);
  if (alike && agree(edgesOf(a.limit), edgesOf(b.limit))) return a;
  return {
    ok: false,
    message: `${first} and ${second} are not the same. Write the one that holds.`,
    offers: [first, second],
  };
}

/** The figures that stand in a limit, with their unit. */
export function edgesOf(limit: Limit | null): Quantity[] {
  if (!limit || limit.form === 'states' || limit.form === 'siblings') return [];
  const values: number[] = [];
  if (limit.form === 'exactly') values.push(limit.target);
  else if (limit.form === 'target')
    values.push(limit.target - limit.tolerance, limit.target + limit.tolerance);
  else values.push('low' in limit ? limit.low : NaN, 'high' in limit ? limit.high : NaN);
  return values.filter(Number.isFinite).map((value) => ({ value, unit: limit.unit }));
}

/** The numerals of a limit. */
function amountsOf(typed: Typed): Amount[] {
  switch (typed.form) {
    case 'siblings':
      return typed.within ? [typed.within] : [];
    case 'deviation':
      return [typed.within];
    case 'between':
      return [typed.low, typed.high];
    case 'around':
      return [typed.target, typed.plus, typed.minus];
    default:
      return [typed.amount];
  }
}

/** The decimal sign that a limit shows, if it shows one. */
export function decimalSignOf(text: string): '.' | ',' | undefined {
  const typed = parseLimit(text.trim());
  return typed && amountsOf(typed).find((a) => a.numeral.decimalSign)?.numeral.decimalSign;
}

function settled(typed: Typed, text: string, given: Omit<Hints, 'unit'>): Limit {
  const amounts = amountsOf(typed);
  const named = amounts.map((a) => (a.unit === '' ? '' : signOf(a.unit)));
  const own = amounts.find((a) => a.numeral.decimalSign)?.numeral.decimalSign;
  const hints = { ...given, decimalSign: own ?? given.decimalSign };
  const figure = (a: Amount, unit: string): Figure => {
    const f = decideNumber(a.numeral, { ...hints, unit });
    if ('value' in f) return f;
    const { message, offers } = askWhich(a.numeral, text);
    throw new Unread(message, offers);
  };
  switch (typed.form) {
    case 'siblings': {
      if (!typed.within) return { form: 'siblings' };
      const unit = named[0]!;
      const { value } = figure(typed.within, unit);
      if (value <= 0) throw new Unread('How much siblings may differ is a number above 0.');
      return { form: 'siblings', tolerance: { value, unit } };
    }
    case 'between': {
      const unit = named[1] || named[0]!;
      const [low, high] = [typed.low, typed.high].map((a, i) => {
        const f = figure(a, named[i] || unit);
        return { ...f, value: inUnit(f.value, named[i] || unit, unit) };
      }) as [Figure, Figure];
      // Below zero, "-0.6 to -0.8 bar" counts away from zero, as a vacuum is spoken of.
      if (low.value > high.value && low.value <= 0)
        return {
          form: 'between',
          low: high.value,
          high: low.value,
          unit,
          decimals: Math.max(low.decimals, high.decimals),
        };
      if (low.value > high.value)
        throw new Unread(
          `The range is the wrong way round: ${typed.low.numeral.text} is more than ${typed.high.numeral.text}. Put the smaller one first.`,
        );
      const decimals = Math.max(low.decimals, high.decimals);
      return { form: 'between', low: low.value, high: high.value, unit, decimals };
    }
    case 'around':
      return around(typed, named, figure);
    case 'deviation': {
      const unit = named[0]!;
      const { value, decimals } = figure(typed.within, unit);
      const width = typed.within.numeral.text;
      // "Within 10 s" is soon enough.
      if (findUnit(unit)?.measures === 'time' && /^within\b/i.test(text))
        return { form: 'at most', high: value, unit, decimals };
      // A trim is a deviation itself; of a voltage, nobody said from what.
      if (unit !== '%')
        throw new Unread(`${text} of what? Write the target too, as in 5 V ± 0.2, or the range.`, [
          `-${width}..${width}${unit === '' ? '' : ` ${unit}`}`,
        ]);
      return { form: 'between', low: -value, high: value, unit, decimals };
    }
    default: {
      const unit = named[0]!;
      const { value, decimals } = figure(typed.amount, unit);
      if (typed.form === 'at least') return { form: 'at least', low: value, unit, decimals };
      if (typed.form === 'at most') return { form: 'at most', high: value, unit, decimals };
      return { form: 'exactly', target: value, unit, decimals };
    }
  }
}

function around(
  typed: Extract<Typed, { form: 'around' }>,
  named: string[],
  figure: (a: Amount, unit: string) => Figure,
): Limit {
  const plain = named.slice(1).filter((u) => u !== '' && u !== '%');
  const unit = named[0] || (named.slice(1).includes('%') && !plain[0] ? '' : (plain[0] ?? ''));
  const target = figure(typed.target, unit);
  const width = (a: Amount, sign: string): Figure => {
    const f = figure(a, sign || unit);
    const value = Math.abs(f.value);
    if (/^[−–-]/.test(a.numeral.text)) throw new Unread('A tolerance is a positive number.');
    if (sign !== '%' || unit === '%') {
      const there = differenceIn(value, sign || unit, unit);
      return {
        value: there,
        decimals: sign === '' || sign === unit ? f.decimals : Math.min(placesOf(there), f.decimals + 3),
      };
    }
    // 5 % of 100 °C is another amount in °F: a share of a temperature means something in kelvin alone.
    if (findUnit(unit)?.measures === 'temperature' && unit !== 'K')
      throw new Unread(`Percent of a temperature depends on its scale. Write ± so many ${unit} instead.`);
    const share = (Math.abs(target.value) * value) / 100;
    return { value: share, decimals: Math.min(2, placesOf(share)) };
  };
  const plus = width(typed.plus, named[1]!);
  const minus = width(typed.minus, named[2]!);
  const decimals = Math.max(target.decimals, plus.decimals, minus.decimals);
  if (plus.value === minus.value)
    return { form: 'target', target: target.value, tolerance: plus.value, unit, decimals };
  return {
    form: 'between',
    low: target.value - minus.value,
    high: target.value + plus.value,
    unit,
    decimals,
  };
}

/** Decimals that a number has, six at the most: 2 for 0.05. */
const placesOf = (value: number): number =>
  /\.(\d+)$/.exec(String(Number(value.toFixed(6))))?.[1]?.length ?? 0;

function signOf(typed: string): string {
  const unit = findUnit(typed);
  if (!unit) throw new Unread(`"${typed.trim()}" is not a unit known here.`);
  return unit.sign;
}

function mustMatch(from: string, to: string): void {
  if (from !== to && !comparable(from, to)) throw new Unread(`Two units in one limit: ${from} and ${to}.`);
}

function inUnit(value: number, from: string, to: string): number {
  mustMatch(from, to);
  return from === to ? value : convert({ value, unit: from }, to).value;
}

function differenceIn(value: number, from: string, to: string): number {
  mustMatch(from, to);
  return from === to ? value : convertDifference({ value, unit: from }, to).value;
}
