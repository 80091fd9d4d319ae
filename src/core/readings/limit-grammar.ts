import P from 'parsimmon';
import { ABOUT, LESS, MORE, OR_LESS, OR_MORE, PLUS_MINUS, space, tight, TO, word } from './limit-words';
import { NUMERAL, readNumeral, type Numeral } from './numeral';
import { findUnit, LONGEST_UNIT } from './units';

/** A number with the unit behind it, as typed; an empty unit for none. */
export interface Amount {
  numeral: Numeral;
  unit: string;
}

/** A limit as typed, before its numbers are settled. */
export type Typed =
  | { form: 'siblings'; within?: Amount }
  | { form: 'at least' | 'at most' | 'exactly'; amount: Amount }
  | { form: 'between'; low: Amount; high: Amount }
  | { form: 'around'; target: Amount; plus: Amount; minus: Amount }
  /** `± 10 %` of nothing that is named: so far from zero, where the reading is a deviation itself. */
  | { form: 'deviation'; within: Amount };

const numeral = P.regexp(new RegExp(NUMERAL)).chain((t) => {
  const n = readNumeral(t);
  return n ? P.of(n) : (P.fail('a number') as P.Parser<Numeral>);
});

/** The longest unit known that ends where a word ends; else a word that nobody knows, to be named. */
const unit = P((input, at) => {
  const rest = input.slice(at, at + LONGEST_UNIT);
  for (let n = rest.length; n > 0; n--) {
    const name = rest.slice(0, n);
    if (/[\s*·–-]$/.test(name) || !findUnit(name)) continue;
    const next = input[at + n] ?? '';
    if (/[A-Za-z]$/.test(name) && /[A-Za-zΩµμ°]/.test(next)) continue;
    if (/\d$/.test(name) && /\d/.test(next)) continue;
    return P.makeSuccess(at + n, name);
  }
  const unknown = /^[^\s\d±<>≤≥=|+,;:…–−()-]+/.exec(input.slice(at))?.[0];
  if (unknown && !KEYWORD.test(unknown)) return P.makeSuccess(at + unknown.length, unknown);
  return P.makeFailure(at, 'a unit');
});
const KEYWORD = /^(?:to|à|and|or|min\.?|minimum|max\.?|maximum|bis|through|within|plus|\.\.+|\/)$/i;

const amount: P.Parser<Amount> = P.seqMap(numeral, space.then(unit).or(P.of('')).skip(space), (n, u) => ({
  numeral: n,
  unit: u,
}));

const siblings = P.seqMap(
  tight(word('siblings', 'like the others')),
  PLUS_MINUS.atMost(1).then(amount).atMost(1),
  (_, within): Typed => ({ form: 'siblings', ...(within[0] ? { within: within[0] } : {}) }),
);
const equals = tight(P.string('=')).atMost(1);

/** `5 V +0.1/-0.2`, the two in either order, the unit behind the first number or the last. */
const signed = (sign: RegExp) => tight(P.regexp(sign)).then(amount);
const upAndDown = P.alt(
  P.seqMap(signed(/\+(?![/−-])/), tight(P.regexp(/[/,]?/)), signed(/[-−–]/), (plus, _, minus) => ({
    plus,
    minus,
  })),
  P.seqMap(signed(/[-−–](?!\/)/), tight(P.regexp(/[/,]/)), signed(/\+/), (minus, _, plus) => ({
    plus,
    minus,
  })),
);
const asymmetric = P.seqMap(
  equals.then(amount),
  P.alt(
    upAndDown,
    tight(P.string('('))
      .then(upAndDown)
      .skip(tight(P.string(')'))),
  ),
  unit.skip(space).or(P.of('')),
  (target, { plus, minus }, behind): Typed => ({
    form: 'around',
    target: { ...target, unit: target.unit || behind },
    plus,
    minus,
  }),
);
const around = P.seqMap(
  P.alt(ABOUT, equals).then(amount),
  PLUS_MINUS,
  amount,
  (target, _, within): Typed => ({ form: 'around', target, plus: within, minus: within }),
);
/** `2.5 V (±0.1)`. */
const inBrackets = P.seqMap(
  P.alt(ABOUT, equals).then(amount),
  tight(P.string('(')).then(PLUS_MINUS),
  amount.skip(tight(P.string(')'))),
  (target, _, within): Typed => ({ form: 'around', target, plus: within, minus: within }),
);
const bounds = P.seqMap(
  MORE,
  amount,
  tight(P.regexp(/(?:[,/;]|and)?/i)),
  LESS,
  amount,
  (_m, low, _s, _l, high): Typed => ({ form: 'between', low, high }),
);
const range = P.seqMap(
  tight(word('between', 'from')).atMost(1),
  amount,
  TO,
  amount,
  (_, low, _to, high): Typed => ({ form: 'between', low, high }),
);
/** Words that turn the sense round: with one of these a limit is of something else. */
const TURNING = new Set('not no if when or than too after at before fail replace'.split(' '));
/** `min thickness 26 mm`: what is measured, between the word and the figure. */
const WHAT = P.regexp(/(?:[A-Za-z][A-Za-z-]{2,14}|[A-Za-z]{2,8}\.|TH|th)[ \u00a0]/)
  .chain((w) => (TURNING.has(w.trim().toLowerCase()) ? (P.fail('a name') as P.Parser<string>) : P.of(w)))
  .skip(space)
  .times(1, 3);
const oneSided = P.alt(
  P.seqMap(MORE, amount, (_, a): Typed => ({ form: 'at least', amount: a })),
  P.seqMap(LESS, amount, (_, a): Typed => ({ form: 'at most', amount: a })),
  amount.skip(OR_MORE).map((a): Typed => ({ form: 'at least', amount: a })),
  amount.skip(OR_LESS).map((a): Typed => ({ form: 'at most', amount: a })),
);
/** `Ubat > 12.4 V`: what is measured, before a sign of comparison. A word that turns the sense around, or may, is no name: `replace if > 2 mm`. */
const NAME = tight(
  P.regexp(
    /(?!.*\b(?:not?|never|non|except|unless|if|when|fail\w*|bad|fault\w*|replace\w*|renew|reject\w*|leak\w*|wrong|too|defect\w*|worn|out|poor|scrap)\b)[A-Za-z][A-Za-z .]{0,24}?:?\s*(?=[<>≤≥])/i,
  ),
);
const named = NAME.then(oneSided);
const ofWhat = P.alt(
  P.seqMap(MORE, WHAT, amount, (_, _w, a): Typed => ({ form: 'at least', amount: a })),
  P.seqMap(LESS, WHAT, amount, (_, _w, a): Typed => ({ form: 'at most', amount: a })),
);
const deviation = PLUS_MINUS.atLeast(1)
  .then(amount)
  .map((within): Typed => ({ form: 'deviation', within }));
/** `approx. 60 Ω (55-65)`: the range in brackets says how near. One that leaves the figure out is something else. */
const bracketed = P.seqMap(
  P.alt(ABOUT, equals).then(amount),
  tight(P.string('(')),
  range,
  tight(P.string(')')),
  (target, _o, within) => ({ target, within }),
).chain(({ target, within }) => {
  const nothing = P.fail('a range about the figure') as P.Parser<Typed>;
  if (within.form !== 'between') return nothing;
  const { low, high } = within;
  if (high.unit !== '' || low.unit !== '') return P.of<Typed>(within);
  const [at, from, to] = [target, low, high].map((a) => a.numeral.figures.at(-1)?.value ?? NaN);
  return from! <= at! && at! <= to!
    ? P.of<Typed>({ ...within, high: { ...high, unit: target.unit } })
    : nothing;
});
/** `~5 V` says that there is a tolerance, not how much: it is asked for, as for `5 V`. */
const exactly = P.alt(ABOUT, equals)
  .then(amount)
  .map((a): Typed => ({ form: 'exactly', amount: a }));

/**
 * The grammar of limits, the fuller forms first. Each is tried on the whole line: what is left over means that the
 * form does not hold.
 */
const FORMS = [
  siblings,
  asymmetric,
  around,
  inBrackets,
  bounds,
  range,
  oneSided,
  exactly,
  bracketed,
  named,
  ofWhat,
  deviation,
];

/**
 * Reads a limit into its form, numbers and units as typed.
 *
 * @param text as typed
 * @returns undefined when it is none of the forms of a number
 */
export function parseLimit(text: string): Typed | undefined {
  for (const form of FORMS) {
    const result = form.parse(text.trim());
    if (result.status) return result.value;
  }
  return undefined;
}
