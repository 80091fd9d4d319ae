import type { Entry, Reading } from './reading';
import { bareByteAtEnd, endsSafely, partStatus, statusOf } from './status';
import type { Survey } from './survey';
import { namesController } from './heading';
import { isName } from './outcome';
import { moduleIn } from './told';

/**
 * Tells wording and status of every fault apart, once all its lines are there, and puts the faults into the report.
 */
export function finishFaults(r: Reading, survey: Survey): void {
  const columns = moduleColumn(r.entries);
  r.entries.forEach((e, i) => {
    e.body = withoutOthers(r, e);
    const { text, statuses } = e.settled ? { text: e.body, statuses: e.statuses } : parted(e, survey);
    const counted = COUNT_AT_END.exec(text);
    if (counted) e.details.push(counted[1]!);
    let wording = tidyText(counted ? text.slice(0, counted.index) : text);
    let { module } = e;
    const own = columns?.(e);
    if (own && module === null) {
      r.under(own.name, true, e.lines[0]!);
      module = r.module;
      r.settled.add(module!);
      wording = tidyText(own.text);
    }
    r.out.codes.push({
      code: e.code,
      text: wording === e.code ? '' : wording.slice(0, 400),
      statuses: statuses.length ? statuses : e.group,
      module,
      ...(e.details.length ? { detail: e.details.join('; ').replace(/\s+/gu, ' ').slice(0, 300) } : {}),
    });
    for (const n of e.lines) r.mark(n, 'code', i);
  });
}

/** "P0174 (both), trans OK, ABS no response": what is said behind a fault of other modules is no wording of it. */
function withoutOthers(r: Reading, e: Entry): string {
  const parts = e.body.split(/,\s+/u);
  const from = parts.findIndex((part, k) => k > 0 && moduleIn(part) !== undefined);
  if (from < 0) return e.body;
  for (const part of parts.slice(from)) {
    const other = moduleIn(part);
    if (!other) e.details.push(part.trim());
    else {
      r.under(other.name, other.outcome.kind !== 'silent', e.lines[0]!);
      if (other.outcome.kind === 'none') r.settled.add(r.module!);
    }
  }
  return parts
    .slice(0, from)
    .join(', ')
    .replace(/^\s*\(?(?:both|all|each)\)?\s*$/iu, '');
}

/** How often it was seen, behind its wording. */
const COUNT_AT_END =
  /[\s,;|–-]+(\d{1,4}\s?(?:[x×]|occ\.?)|(?:count(?:er)?|frequency|occurrences?|häufigkeit|zähler|fréquence|frecuencia|frequenza|aantal)\s*[:=]\s*\d{1,6})\s*$/iu;

function parted(e: Entry, survey: Survey): { text: string; statuses: Entry['statuses'] } {
  const byte = survey.bareBytes && e.statuses.length === 0 ? bareByteAtEnd(e.body) : undefined;
  if (byte) return byte;
  const body = withoutByte(e.body);
  const p = e.statuses.length ? undefined : partStatus(body);
  const holds = p && (p.by === 'mark' || survey.bareStatus || endsSafely(body));
  // Where a status stands already, the same words at the end of the wording belong to the wording.
  return holds ? { text: p.text, statuses: p.statuses } : { text: body, statuses: e.statuses };
}

/** Without the status byte that some tools print beside the words, without counts and dates in cells of their own. */
function withoutByte(body: string): string {
  return body
    .split(/(\s{2,}|\t|\s?\|\s?|;)/u)
    .filter(
      (part, k) =>
        k % 2 === 1 ||
        !/^(?:0x[0-9A-F]{2}|\d{1,4}|\d{1,2}\.\d{1,2}\.\d{2,4}|[x×]\s?\d{1,4})$/iu.test(part.trim()),
    )
    .join('');
}

/** Cells behind the codes of a report without headings: one of them may be the module, the same for several faults. */
function moduleColumn(
  entries: readonly Entry[],
): ((e: Entry) => { name: string; text: string } | undefined) | undefined {
  const cellsOf = (e: Entry) =>
    e.body
      .split(/\t|\s?\|\s?|;/u)
      .map((c) => c.trim())
      .filter((c) => c !== '' && !statusOf(c));
  const open = entries.filter((e) => !e.settled && e.module === null);
  const bracketed = open.flatMap((e) => inBrackets(e) ?? []);
  if (
    open.length >= 2 &&
    bracketed.length === open.length &&
    (bracketed.some(namesController) || (squareRepeated(open) && open.length > 2)) &&
    !bracketed.some((b) => QUALIFIER.test(b))
  )
    return (e) => {
      const name = inBrackets(e);
      return name === undefined
        ? undefined
        : { name, text: partStatus(e.body.replace(BRACKETS, '  '))?.text ?? e.body.replace(BRACKETS, '  ') };
    };
  const lastColumn = namesLast(open);
  if (lastColumn) return lastColumn;
  if (open.length < 2 || !open.every((e) => cellsOf(e).length === 2 && /[\t|;]/u.test(e.body)))
    return undefined;
  const distinct = (k: number) => new Set(open.map((e) => cellsOf(e)[k])).size;
  const length = (k: number) => open.reduce((s, e) => s + cellsOf(e)[k]!.length, 0);
  // Names of modules repeat themselves, and are shorter than wordings.
  const smaller = (of: (k: number) => number) => (of(0) < of(1) ? 0 : 1);
  const at = smaller(distinct(0) === distinct(1) ? length : distinct);
  return (e) => {
    const cells = cellsOf(e);
    const name = cells[at];
    return name !== undefined && cells.length === 2 && isName(name)
      ? { name, text: cells[1 - at]! }
      : undefined;
  };
}

/** What stands in brackets behind a wording to say which of several, where, or how much: no module. */
const QUALIFIER =
  /^(?:bank|sensor|cyl(?:inder)?|row|phase|zylinder|cylindre|cilindro)\s*#?\d|^(?:(?:very )?small|large|high|low|open|short|left|right|upper|lower|intake|exhaust)(?:\s(?:leak|circuit|signal|side|bank|input))?$/iu;
const BRACKETS = /\s*(?:\[((?:[^[\]]|\[[^[\]]*\]){2,60})\]|\(([^()]{2,60})\))\s*/u;

/** The last column by blanks, where every fault has one and it holds nothing but names and short forms of controllers. */
function namesLast(
  entries: readonly Entry[],
): ((e: Entry) => { name: string; text: string } | undefined) | undefined {
  const columns = (e: Entry) => e.body.split(/\s{2,}|\t/u).filter((c) => c.trim() !== '');
  const last = entries.map((e) => columns(e).at(-1) ?? '');
  const fits = entries.every((e, i) => {
    const short = /^(?!(?:HIGH|LOW|OPEN|SHORT|HI|LO|OK|ON|OFF|YES|NO|MIL)$)\p{Lu}[\p{Lu}\d]{1,4}$/u.test(
      last[i]!,
    );
    return columns(e).length >= 2 && !statusOf(last[i]!) && (short || namesController(last[i]!));
  });
  if (entries.length < 2 || !fits || !last.some(namesController) || last.some((l) => l.split(' ').length > 3))
    return undefined;
  return (e) => {
    const cells = columns(e);
    const name = cells.pop();
    return name === undefined ? undefined : { name, text: cells.filter((c) => !statusOf(c)).join('  ') };
  };
}

/** Square brackets hold no "small leak"; the same words in them more than once are a name. */
function squareRepeated(entries: readonly Entry[]): boolean {
  const inside = entries.map((e) => BRACKETS.exec(e.body)?.[1]);
  return inside.every((b) => b !== undefined) && new Set(inside).size < inside.length;
}

/** Words in brackets behind the wording that are no status: the module, where every fault has one. */
function inBrackets(e: Entry): string | undefined {
  const m = BRACKETS.exec(e.body);
  const inside = m?.[1] ?? m?.[2];
  return inside !== undefined && !statusOf(inside) && isName(inside) ? inside : undefined;
}

/** A wording without the marks around it. */
function tidyText(text: string): string {
  return text
    .replace(/^["“]([^"”]*)["”]\s*$/u, '$1')
    .replace(/^[\s\-–•*·>|:=,;./\])]+|[\s\-–•*·>|:=,;/[(]+$/gu, '')
    .replace(/\.{3,}$/u, '')
    .replace(/(?:\s{2,}|\t|\s\|\s)/gu, ' ')
    .replace(/^\((.*[^)])$/u, '$1')
    .replace(/\s+/gu, ' ')
    .trim();
}
