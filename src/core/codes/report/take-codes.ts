import type { CodeStatus } from '@/core/case';
import { separateCodes } from '../codes-in-line';
import { CLEARED_TITLE } from './labels';
import { namesController } from './heading';
import { findCodes, OWN_BEFORE, type Found } from './place';
import type { Entry, Reading } from './reading';
import type { Line } from './split';
import { partStatus, statusOf } from './status';
import { leadOf, statusBefore, type Survey } from './survey';
import { takeAfterName, type Placed } from './take-after-name';

/**
 * Takes a line with codes of the standards in it, where they stand as faults: at the beginning, behind a bullet, a
 * module, a status, or at the end of every line. A code inside a sentence is none.
 *
 * @returns whether the line was taken
 */
export function takeCodes(r: Reading, line: Line, survey: Survey): boolean {
  const [first] = findCodes(line.text);
  if (!first || CLEARED_TITLE.test(leadOf(line.text.slice(0, first.at)))) return false;
  if (ADVISES.test(line.text.slice(0, first.at))) return false;
  const before = r.entries.length;
  let taken = false;
  const all = pieces(line.text);
  // "Found these with my reader: P0171, P0174": a sentence that ends in a list of codes.
  const [opening] = all;
  const [listed] = findCodes(opening!);
  if (all.length > 1 && listed && SAYS_LIST.test(opening!.slice(0, listed.at))) {
    if (NOT_THERE.test(opening!.slice(0, listed.at))) {
      r.unread(line.n, line.raw);
      return true;
    }
    r.fault(listed.code, '', line.n);
    all.shift();
    taken = true;
  }
  for (const piece of all) {
    const [found] = findCodes(piece);
    if (found && takeCode(r, line.n, piece, found, survey)) taken = true;
    // Where the first is only spoken of, so are those behind it.
    else if (found && !taken) return false;
  }
  shareBehind(r.entries.slice(before));
  shareAhead(r.entries.slice(before));
  return taken;
}

/** "Stored:  P0420  P0430": the status is said of all of them. */
function shareAhead([one, ...more]: readonly Entry[]): void {
  if (!one?.statusFirst) return;
  for (const entry of more.filter((e) => e.body.trim() === '' && !e.statusFirst)) {
    entry.statuses = one.statuses;
    entry.statusFirst = true;
  }
}

/** "P0401 / P0403 (both current)": a status behind the last that says of itself that it is of all. */
function shareBehind(entries: readonly Entry[]): void {
  const last = entries.at(-1);
  const statuses =
    last && /\b(?:all|both|each|alle|beide|tous|todos|tutti)\b/iu.test(last.body)
      ? statusOf(last.body)
      : undefined;
  if (!statuses || entries.length < 2) return;
  for (const entry of entries.filter((e) => !/\p{L}/u.test(e.body) && e.statuses.length === 0))
    entry.statuses = statuses;
}

/** What is said before the code of a bulletin, or of advice: it stands in no memory. */
const ADVISES =
  /\b(?:bulletins?|tsbs?|recalls?|campaigns?|service information|technical (?:notes?|information)|see also|refer to|for example|example of)\b/iu;
/** Some words of a sentence and a colon, before a list of codes. */
const SAYS_LIST =
  /^(?=(?:\S+\s+){3})(?=.*\b(?:found|got|these|read|reads|shows?|showed|gave|gives|my|i|we|he|she)\b)[^:]{10,80}:\s*$/iu;
/** With one of these such a sentence tells of faults that are not there, or not of this car now. */
const NOT_THERE = /\b(?:not?|never|gone|old|earlier|before|other car|example|instead|about)\b|n['’]t\b/iu;
/** A sentence about a code begins so, or the explanation of one in a manual; a wording never does. */
const SAYS_OF_IT =
  /^\s*[:–-]?\s*(?:was|were|is|are|has|had|did|does|came|comes|returned|cleared|erased|gone|again|possible causes?|likely causes?|symptoms?|repairs?|wurde|war|ist|kam|kommt|gelöscht|möglich\p{L}* ursache\p{L}*|a été|était|est|causes? possibles?|fue|era|está|posibles? causas?|è|era stat\p{L}|possibili cause|werd|is|mogelijke oorza\p{L}*)(?!\p{L})/iu;

/** A line with several faults, one after the other. */
function pieces(text: string): string[] {
  const one =
    /(?<![\p{L}\p{N}])(?:[PCBU][ -]?[0-3O]-?[0-9A-FOI]{3}(?:[-:][0-9A-F]{2})?|SPN\s*[:=]?\s*\d{1,6}[\s,;/-]*FMI\s*[:=]?\s*\d{1,2})(?![\p{L}\p{N}])/iu;
  return besideEachOther(text).flatMap((part) =>
    separateCodes(part, one, (words) => namesController(words) && words.split(/\s+/u).length <= 4),
  );
}

/** Faults in columns beside each other: the next begins a cell where the one before it has its status. */
function besideEachOther(text: string): string[] {
  const parts: string[] = [];
  let from = 0;
  for (const found of findCodes(text)) {
    const before = text.slice(from, found.at);
    const own = findCodes(before)[0];
    if (!own || !/(?:\s{2,}|\t)$/u.test(before)) continue;
    const parted = partStatus(before.slice(own.end).trimEnd());
    if (!parted?.ends || parted.by !== 'mark') continue;
    parts.push(before.trimEnd());
    from = found.at;
  }
  return [...parts, text.slice(from)];
}

function takeCode(r: Reading, n: number, piece: string, found: Found, survey: Survey): boolean {
  const before = piece.slice(0, found.at);
  const placed = { n, code: found.code, before, lead: leadOf(before), after: piece.slice(found.end) };
  const { lead, after } = placed;
  if (SAYS_OF_IT.test(after)) return false;
  if (namesFaultAbove(r, placed, survey) || namesFrame(r, placed)) return true;
  const said = statusBefore(lead);
  if (lead === '' || said || OWN_BEFORE.test(lead)) {
    takeLeading(r, placed, said);
    return true;
  }
  if (survey.brackets === 'wording' && /[([]$/u.test(before.trimEnd())) {
    r.fault(found.code, `${lead.replace(/[\s([]+$/u, '')}  ${after.replace(/^[\s)\].,:;–-]+/u, '')}`, n);
    return true;
  }
  if (survey.codeLast && survey.brackets !== 'module' && /^[\s)\].]*$/u.test(after)) {
    r.fault(found.code, before, n);
    return true;
  }
  return takeAfterName(r, placed, survey);
}

/** A fault whose line begins with its code, or with nothing before it but a status or the maker's number. */
function takeLeading(r: Reading, { n, code, lead, after }: Placed, said: CodeStatus[] | undefined): void {
  // "P0121 00 [237] - Throttle": the failure type, and the tool's own number for the two.
  const typed = /^[A-Z]\d[0-9A-F]{3}$/.test(code) ? FAILURE_TYPE.exec(after) : null;
  const entry = typed
    ? r.fault(`${code}-${typed[1]!}`, after.slice(typed[0].length), n)
    : r.fault(code, after, n);
  if (said) {
    entry.statuses = said;
    entry.statusFirst = true;
    // The maker's number beside the standard's: the same fault.
  } else if (lead !== '') entry.details.push(lead);
}

const FAILURE_TYPE = /^\s+([0-9A-F]{2})\s\[\d{1,4}\]\s*[-–:]?\s*/u;

/** The maker's number stands above, its wording too: this is the same fault by the standard's name. */
function namesFaultAbove(r: Reading, { n, code, lead, after }: Placed, survey: Survey): boolean {
  const open = r.entries.at(-1);
  if (lead !== '' || !open || open.settled || !survey.own.has(open.lines[0]!)) return false;
  if (open.lines.at(-1)! < n - 2 || /[PCBU]/.test(open.code[0]!)) return false;
  open.code = code;
  open.body += `  ${after.replace(/^[\s:–-]+/u, '')}`;
  open.lines.push(n);
  r.mark(n, 'code', r.entries.length - 1);
  return true;
}

/** Under the heading of freeze frames a code says only whose frame it is. */
function namesFrame(r: Reading, { n, code, lead, after }: Placed): boolean {
  const again = r.list === 'freeze' ? r.entries.findIndex((e) => e.code === code) : -1;
  if (lead !== '' || again < 0 || /\p{L}{3}/u.test(after)) return false;
  r.freezeFor = again;
  r.mark(n, 'heading');
  return true;
}
