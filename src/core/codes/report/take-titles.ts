import { isReadinessHeading } from './details';
import { namesController } from './heading';
import { CLEARED_TITLE, FREEZE_TITLE, groupStatus, isFaultTitle, isTitle, LIVE_TITLE } from './labels';
import { findCodes } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { statusOf } from './status';
import { takeValuesBehind } from './take-rows';

/**
 * A code that was taken out of the memory is none that stands in it.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeCleared(r: Reading, { n, raw, text }: Line): boolean {
  if (r.list !== 'cleared') return false;
  const coded = findCodes(text).length > 0;
  // The list ends at its title's next, or at an empty line.
  if (!coded && r.clearedAt > 0 && n > r.clearedAt + 1) r.list = '';
  if (!coded) return false;
  r.clearedAt = n;
  r.unread(n, raw);
  return true;
}

/** "Confirmed DTC" below a fault, where others have their status there too. */
const isStatusOfFault = (r: Reading, text: string): boolean =>
  r.statusBelow && r.entries.at(-1)?.statuses.length === 0 && statusOf(text) !== undefined;

/**
 * Titles of lists: what follows them is a list of that kind, or faults of one status.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeTitle(r: Reading, { n, raw, text }: Line): boolean {
  if (CLEARED_TITLE.test(text) && isFaultTitle(text) && text.split(/\s+/u).length <= 5) {
    // The codes behind it in the same line are all of them.
    if (findCodes(text).length) return false;
    r.list = 'cleared';
    r.clearedAt = 0;
    r.mark(n, 'heading');
    return true;
  }
  if (FREEZE_TITLE.test(text) && text.length < 80) {
    takeFreezeTitle(r, n, raw, text);
    return true;
  } else if (LIVE_TITLE.test(text) && text.length < 60) r.list = 'live';
  else if (isReadinessHeading(text)) r.list = 'readiness';
  else if (isTitle(text) && !isStatusOfFault(r, text)) {
    const under = isFaultTitle(text) && r.groupsUnderModule();
    r.list = '';
    r.group = groupStatus(text);
    r.faultsFollow = isFaultTitle(text);
    if (under) r.grouped = r.module;
    else r.module = null;
  } else return false;
  r.mark(n, 'heading');
  return true;
}

/** What follows are values of a freeze frame; of which fault, where the title names it. */
function takeFreezeTitle(r: Reading, n: number, raw: string, text: string): void {
  r.list = 'freeze';
  const [named] = findCodes(text);
  const of = named ? r.entries.findIndex((e) => e.code === named.code) : -1;
  r.freezeFor = of < 0 ? undefined : of;
  takeValuesBehind(r, n, raw, text);
}

/** Vehicles without a socket flash their codes, others show them on the dash: a title says so, a short number leads. */
const BLINK_TITLE = /\b(?:blink|flash)(?:ing)?[\s-]?codes?\b|\bblinkcodes?\b|\bcodes? clignotants?\b/iu;
const CODES_TITLE =
  /^(?:(?:current|past|active|stored|history|previous|pending|present)\s)?(?:(?:fault|error|trouble|diagnostic)[\s-]?codes?|malfunctions?|failures?|faults?|errors?)\b/iu;
const SHORT =
  /^(?:[-–•*·]\s+)?(?:([A-Z]{1,2}-?\d{1,3})\s+|([A-Z]{0,2}-?\d{1,3})\s*(?:[-–:=.)]\s*|\s{2,}))(\p{L}{2}.*)$/u;

/**
 * A title over short codes, and the codes under it.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @param next the line below it
 * @returns whether the line was taken
 */
export function takeShortCodes(r: Reading, { n, text }: Line, next: Line | undefined): boolean {
  const title = BLINK_TITLE.exec(text) ?? (next && SHORT.test(next.text) ? CODES_TITLE.exec(text) : null);
  if (title && text.split(/\s+/u).length <= 7 && findCodes(text).length === 0) {
    r.short = true;
    r.list = '';
    r.group = groupStatus(text.replace(/malfunctions?|failures?/iu, 'faults'));
    const name = text.replace(title[0], ' ').replace(/^[\s,:–(-]+|[\s,:–)-]+$/gu, '');
    if (namesController(name) && !/^(?:read|from|at|in|on|taken|shown)\b/iu.test(name))
      r.under(name, true, n);
    else r.mark(n, 'heading');
    return true;
  }
  const m = r.short ? SHORT.exec(text) : null;
  r.short &&= m !== null;
  if (!m) return false;
  r.fault(m[1] ?? m[2]!, m[3]!, n);
  return true;
}
