import { isOfAMemory, partStatus, printsBareBytes, statusOf } from './status';
import { findCodes, ownNumber, type Found } from './place';
import { namedOutcome, outcomeOf } from './outcome';
import { isTitle } from './labels';
import { overviewRow } from './overview-row';
import type { Line } from './split';

/** What holds for the whole of a report, seen over all its lines before any of them is taken. */
export interface Survey {
  /** A status is parted from the wording by nothing but a blank in most lines with a code. */
  bareStatus: boolean;
  /** Some lines have a status at all, in themselves or below. */
  hasStatus: boolean;
  /** The code stands last in most lines that have one; the wording before it. */
  codeLast: boolean;
  /** Codes stand in brackets: behind their wording, or behind the name of their module. */
  brackets: '' | 'wording' | 'module';
  /** A number alone behind a name counts its faults. */
  bareCounts: boolean;
  /** Lines that begin with the maker's own number for a fault. */
  own: ReadonlySet<number>;
  /** Faults have wordings beside their codes. */
  hasWording: boolean;
  /** Codes stand alone on their lines, each under its wording. */
  textAbove: boolean;
  /** Some lines are faults in words: at least two end in a status, one of them as only a fault memory has it. */
  wordFaults: boolean;
  /** The text is a scan: it has codes, or says of a module how many faults it has or that it did not answer. */
  ofScan: boolean;
  /** What stands before the codes is a module's name, as a column. */
  moduleFirst: boolean;
  /** At least two lines are rows of an overview of modules. */
  overview: boolean;
  /** Status bytes stand behind their word without a sign: `Status 2F`. */
  bareBytes: boolean;
}

/** Bullets, list numbers and words for "fault" before a code. */
const LEAD =
  /^[\s\-–•*·>#([]*(?:[A-Z]\s{2,})?(?:\d{1,3}(?:\.\d{1,3})*(?:[.):]\s*|\s+))?(?:(?:dtc|code|fault|fehler|défaut|error|errore|avería|storing)\s*(?:code|no\.?)?\s*#?\d*(?:\/\d{1,3})?\s*[:=]?\s*)?[([]?\s*$/iu;

/** When a fault was seen, as a column before its code; or that it is one more. */
const BEFORE_CODE =
  /^\s*(?:(?:\d{1,4}[-/.]\d{1,2}[-/.]\d{2,4}(?:[ T,]{1,3}\d{1,2}:\d{2}(?::\d{2})?)?|\d{1,2}:\d{2}(?::\d{2})?)[\s|;,–-]+|(?:also|and|plus|und|et|y)\s+)+/iu;

/** What stands before a code, without bullets, numbers and dates; empty where the code begins the line. */
export function leadOf(whole: string): string {
  const before = whole.replace(BEFORE_CODE, '');
  return LEAD.test(before) ? '' : before.replace(/^[\s\-–•*·>#]+(?:\d{1,3}[.)]\s+)?/u, '').trim();
}

/** Whether a status, in brackets or not, is all that stands before a code. */
export const statusBefore = (lead: string) =>
  lead === '' ? undefined : statusOf(lead.replace(/^[([{]|[)\]}:]$/gu, ''));

/** Looks over all lines. */
export function surveyOf(lines: readonly Line[]): Survey {
  const coded = lines.flatMap((l) => {
    const [found = ownNumber(l.text)] = findCodes(l.text);
    return found
      ? [{ l, found, before: leadOf(l.text.slice(0, found.at)), after: l.text.slice(found.end) }]
      : [];
  });
  const begins = coded.filter((c) => c.before === '' || statusBefore(c.before));
  // With the columns lost, a name before every code is still one.
  const named = coded.filter(
    (c) =>
      /^[\p{Lu}\d[]/u.test(c.before) &&
      c.before.split(/\s+/u).length <= 4 &&
      /\p{L}{2}/u.test(c.before) &&
      /\p{L}{3}/u.test(c.after),
  );
  const parted = [...begins, ...named].map((c) => (c.after.trim() === '' ? undefined : partStatus(c.after)));
  const by = (mark: 'mark' | 'blank') => parted.filter((p) => p?.by === mark).length;
  const worded = [...begins, ...named].filter((c) => /\p{L}{3}/u.test(c.after)).length;
  const below = lines.some((l) => statusOf(l.text) !== undefined);
  const last = coded.filter(
    (c) => /^[\s)\].]*$/u.test(c.after) && c.before.split(/\s+/u).length >= 2 && !/:$/u.test(c.before),
  );
  const first = coded.filter(
    (c) => c.before !== '' && !/^[\s)\].]*$/u.test(c.after) && columnBefore(c.l, c.found),
  );
  return {
    bareStatus: by('blank') >= 2 && by('blank') + by('mark') >= 0.6 * worded,
    hasStatus: by('mark') > 0 || below || (by('blank') >= 2 && by('blank') >= 0.5 * worded),
    // One sentence that ends in a code is no list of faults; a column is.
    codeLast:
      last.length >= 0.6 * coded.length && (last.length >= 2 || last.some((c) => columnBefore(c.l, c.found))),
    brackets: bracketsOf(coded),
    wordFaults: wordFaultsIn(lines),
    ofScan: coded.length > 0 || lines.some((l) => saysFaults(l.text)),
    hasWording: worded > 0.5 * begins.length,
    textAbove: codesAloneUnderWords(lines),
    bareCounts: countsAreBorneOut(lines),
    overview: lines.filter((l) => overviewRow(l.text)).length >= 2,
    bareBytes: printsBareBytes(lines.map((l) => l.text)),
    own: ownLines(lines),
    moduleFirst:
      (first.length >= 2 && first.length >= 0.6 * coded.length) ||
      (named.length >= 2 && named.length >= 0.8 * coded.length),
  };
}

/** Faults in words come in lists; one alone may be any sentence ("winter tyres – stored"). */
function wordFaultsIn(lines: readonly Line[]): boolean {
  const ending = lines.flatMap((l) => {
    const parted = findCodes(l.text).length === 0 ? partStatus(l.text) : undefined;
    return parted?.by === 'mark' && /\p{L}{3}/u.test(parted.text) ? [parted] : [];
  });
  return ending.length >= 2 && ending.some((p) => p.ends && isOfAMemory(p.statuses));
}

/** "no fault codes", "3 faults", "no response": not the "OK" of any list. */
function saysFaults(text: string): boolean {
  const outcome = outcomeOf(text) ?? namedOutcome(text, false)?.outcome;
  return outcome !== undefined && (outcome.kind !== 'none' || !BARE_OK.test(text));
}
const BARE_OK =
  /(?:^|[\s:.–—-])(?:ok|okay|pass(?:ed)?|clean|none|i\.?\s?o\.?|in ordnung|correcto|conforme|in orde)[\s.)\]]*$/iu;
/** An outcome that is no more than "OK". */
export const isBareOk = (text: string): boolean => BARE_OK.test(text);

/** What stands before codes in brackets. */
function bracketsOf(
  coded: readonly { l: Line; found: Found; before: string; after: string }[],
): Survey['brackets'] {
  const inBrackets = coded.filter(({ before }) => /\p{L}.*[([]$/u.test(before));
  if (inBrackets.length === 0 || inBrackets.length < 0.6 * coded.length) return '';
  // One alone may be a sentence, unless its status follows.
  const [only, second] = inBrackets;
  if (!second && !statusOf(only!.after.replace(/^[\s)\],:;–-]+/u, '')) && findCodes(only!.l.text).length < 2)
    return namesOnly(only!.before) ? 'module' : '';
  const several = inBrackets.some(({ l }) => findCodes(l.text).length > 1);
  const words =
    inBrackets.reduce((s, { before }) => s + before.split(/\s+/u).length - 1, 0) / inBrackets.length;
  return several || words < 2.5 ? 'module' : 'wording';
}

/** Two words at most before the bracket, as a module has. */
const namesOnly = (before: string): boolean =>
  before.replace(/[\s([]+$/u, '').split(/\s+/u).length <= 2 && /^\p{Lu}/u.test(before);

/** Every code stands alone in its line and the line above it is worded like a fault, not like a module. */
function codesAloneUnderWords(lines: readonly Line[]): boolean {
  const coded = lines.flatMap((l, i) =>
    findCodes(l.text).length ? [{ l, above: lines[i - 1]?.text ?? '' }] : [],
  );
  const alone = coded.filter(({ l }) => {
    const [found] = findCodes(l.text);
    return leadOf(l.text.slice(0, found!.at)) === '' && wordless(l.text.slice(found!.end));
  });
  const last = coded.filter(({ l }) => wordless(l.text.slice(findCodes(l.text)[0]!.end)));
  if (alone.length === 0 || last.length < 2 || last.length < 0.8 * coded.length) return false;
  if (alone.length < last.length) return true;
  if (alone.length < 2) return false;
  const words = alone.map(({ above }) =>
    findCodes(above).length || statusOf(above) || ownNumber(above) ? 0 : above.split(/\s+/u).length,
  );
  return words.every((w) => w > 0) && words.reduce((a, b) => a + b, 0) / words.length > 2.5;
}

/** Nothing stands behind the code, or its status alone. */
const wordless = (after: string): boolean => !/\p{L}/u.test(after) || statusOf(after) !== undefined;

/** The code begins a cell, and what stands before it is a cell of its own. */
function columnBefore(line: Line, found: Found): boolean {
  return /(?:\s{2,}|[\t|;│]\s*)[([]?$/u.test(line.text.slice(0, found.at));
}

/** Numbers behind names are counts where as many faults follow, at least once, and never contradict it. */
function countsAreBorneOut(lines: readonly Line[]): boolean {
  let borne = 0;
  let against = 0;
  let open = 0;
  for (const [i, line] of lines.entries()) {
    const named = namedOutcome(line.text, true);
    if (!named || outcomeOf(line.text) || isTitle(named.name) || /\d[-/.:]\d/u.test(named.name)) continue;
    if (namedOutcome(line.text, false)) continue;
    if (named.outcome.kind === 'none') {
      open++;
      continue;
    }
    if (named.outcome.kind !== 'count') continue;
    let below = 0;
    for (let k = i + 1; k < lines.length && below <= named.outcome.count; k++) {
      const next = lines[k]!;
      if (findCodes(next.text).length || ownNumber(next.text)) below++;
      else if (namedOutcome(next.text, true) && !statusOf(next.text)) break;
    }
    if (below === named.outcome.count || countedLater(lines, i, named.name, named.outcome.count)) borne++;
    else against++;
  }
  return borne > against && borne + open > 0;
}

/** A summary stands first: further down the name is a heading, with as many faults under it. */
function countedLater(lines: readonly Line[], i: number, name: string, count: number): boolean {
  const at = lines.findIndex((l, k) => k > i && l.text.toLowerCase() === name.toLowerCase());
  if (at < 0) return false;
  let below = 0;
  while (lines[at + 1 + below] && findCodes(lines[at + 1 + below]!.text).length > 0) below++;
  return below === count;
}

/** Suspect parameter and failure mode as some machines print them: nothing else is written so. */
const PARAMETER_AND_MODE = /^\d{6}\.\d{2}$/;

/** Lines that begin with a maker's number: with a status behind it, or with the standard code right below. */
function ownLines(lines: readonly Line[]): Set<number> {
  const begin = lines.flatMap((l, i) => {
    const own = findCodes(l.text).length === 0 ? ownNumber(l.text) : undefined;
    return own ? [{ l, i, own }] : [];
  });
  const good = begin.filter(({ l, i, own }) => {
    const after = l.text.slice(own.end);
    if (!/\p{L}{3}/u.test(after)) return false;
    if (PARAMETER_AND_MODE.test(own.code)) return true;
    if (partStatus(after)?.by === 'mark') return true;
    const next = lines[i + 1];
    const [code] = next ? findCodes(next.text) : [];
    if (next && code && leadOf(next.text.slice(0, code.at)) === '') return true;
    return next !== undefined && statusOf(next.text) !== undefined;
  });
  // One may be a number of anything; two of one length are a way to write faults.
  const lengths = new Map<number, number>();
  for (const { own } of good) lengths.set(own.code.length, (lengths.get(own.code.length) ?? 0) + 1);
  const sure = (n: number, own: string) =>
    (lengths.get(own.length) ?? 0) >= 2 || /[A-F]/.test(own) || n === begin.length;
  const sureOnes = good.filter(({ own }) => sure(good.length, own.code));
  // Wrapped ones have their status further down; by their shape they are the same.
  const alike = begin.filter(
    ({ l, own }) =>
      sureOnes.some((s) => s.own.code.length === own.code.length && s.l.indent === l.indent) &&
      /\p{L}{3}/u.test(l.text.slice(own.end)),
  );
  return new Set([...sureOnes, ...alike].map(({ l }) => l.n));
}
