import { labelled, monitorOf } from './details';
import { beginsFault } from './heading';
import { labelOf } from './labels';
import { isName } from './outcome';
import { overviewRow } from './overview-row';
import { findCodes } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { partStatus, statusOf } from './status';
import type { Survey } from './survey';

/** Lines of a report that are a row of an overview, a list in one line, or a status over what follows. */

const WELL = /^(?:ok|okay|pass)/iu;
const FITTED = /^(?:yes|present)$/iu;
const NOT_FITTED = /^(?:no|absent)$/iu;

/** "FAULT   0" and "OK   3" say two things. */
function agree(state: string, count: number | undefined): boolean {
  if (WELL.test(state)) return !count;
  return FITTED.test(state) ? count !== undefined : Boolean(count);
}

/**
 * A row of an overview of modules, where the report has at least two of them and the word and the number agree.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @param survey what holds for the whole report
 * @returns whether the line was taken
 */
export function takeOverviewRow(r: Reading, { n, text }: Line, survey: Survey): boolean {
  // In a list of monitors or values "OK" is a state.
  const row = survey.overview && r.list === '' ? overviewRow(text) : undefined;
  if (!row) return false;
  const { name, state, count } = row;
  if (NOT_FITTED.test(state)) {
    // What the vehicle has not got is no module that did not answer.
    if (count) return false;
    r.mark(n, 'heading');
    return true;
  }
  if (!agree(state, count)) return false;
  r.under(name, true, n);
  if (!count) r.settled.add(r.module!);
  return true;
}

const COUNTS = /^(\p{L}.{1,40}?)\s*[([:]\s*(\p{L}[^()[\]]{3,80}\d)\s*[)\]]?$/u;

/**
 * A module with how many faults it has of each status: "ECM (stored: 1, pending: 0)".
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken: every part is a status with a number
 */
export function takeCountsByStatus(r: Reading, { n, text }: Line): boolean {
  const [, name = '', counts = ''] = COUNTS.exec(text) ?? [];
  const parts = counts
    .split(/[,;]\s*/u)
    .map((p) => /^(\p{L}[\p{L} -]*?)\s*[:=]?\s*(\d{1,3})$/u.exec(p.trim()));
  if (!isName(name) || findCodes(name).length > 0 || parts.length < 2) return false;
  if (!parts.every((p) => p && statusOf(p[1]!))) return false;
  r.under(name, true, n);
  if (parts.every((p) => Number(p![2]) === 0)) r.settled.add(r.module!);
  return true;
}

const READINESS =
  /^(?:(?:i\/m|obd|readiness|on-?board)\s?)*(?:readiness|monitors?)(?: (?:status|state|tests?|monitors?))?\s*[:=-]\s*(.+)$/iu;

/**
 * Readiness monitors in one line: "Readiness: CAT incomplete, EVAP incomplete, O2S complete".
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken: every one of them is a monitor with its state
 */
export function takeMonitors(r: Reading, { n, text }: Line): boolean {
  const parts = READINESS.exec(text)?.[1]?.split(/\s*[,;|]\s*/u) ?? [];
  const monitors = parts.flatMap((p) => monitorOf(p, true) ?? []);
  if (parts.length < 2 || monitors.length < parts.length) return false;
  for (const monitor of monitors) r.mark(n, 'monitor', r.out.monitors.push(monitor) - 1);
  return true;
}

/**
 * A status, and how often and when, parted by dashes below its fault: "Sporadic - Priority: 2 - Counter: 5".
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeStatusAndDetails(r: Reading, { n, text }: Line): boolean {
  const entry = r.entries.at(-1);
  const [first = '', ...others] = text.split(/\s+[-–—|•·]\s+|\s{2,}|;\s+/u);
  const statuses = entry && r.list === '' && others.length > 0 ? statusOf(first) : undefined;
  const about = (part: string) => {
    const m = labelled(part);
    return m !== undefined && /\d/.test(m.value) && (labelOf(m.label) ?? 'detail') === 'detail';
  };
  if (!statuses || !others.every((part) => about(part) || statusOf(part))) return false;
  entry!.statuses = [
    ...new Set([...entry!.statuses, ...statuses, ...others.flatMap((p) => statusOf(p) ?? [])]),
  ];
  entry!.details.push(...others.filter(about));
  entry!.lines.push(n);
  r.mark(n, 'status', r.entries.length - 1);
  return true;
}

/**
 * A status alone over what follows it: over the heading of a table, or over codes where none of the faults above had
 * its status on a line of its own.
 *
 * @param r the reading under way
 * @param lines all lines
 * @param i the line at hand
 * @param survey what holds for the whole report
 * @param tableFollows whether a table begins in the next line
 * @returns whether the line was taken
 */
export function takeStatusOver(
  r: Reading,
  lines: readonly Line[],
  i: number,
  survey: Survey,
  tableFollows: () => boolean,
): boolean {
  const next = lines[i + 1];
  const statuses = next ? statusOf(lines[i]!.text) : undefined;
  if (!statuses || !next) return false;
  const before = r.entries.slice(-2);
  const noneBelow =
    before.length !== 1 &&
    !r.statusBelow &&
    before.every((e) => e.statuses.length === 0 && !partStatus(e.body));
  if (!(noneBelow && beginsFault(next, survey)) && !(before.length > 0 && tableFollows())) return false;
  r.group = statuses;
  r.list = '';
  r.mark(lines[i]!.n, 'heading');
  return true;
}

/** A maker's number, the wording and the code of the standard in brackets: "DF053 - Rail pressure control (P0089)". */
const WITH_CODE =
  /^[\s\-–•*·]*([A-Z]{0,3}\d{2,6})\s*[-–:]\s*(\p{L}.{2,120}?)\s*\(([^()]{5,8})\)\s*[-–:]?\s*(.*)$/u;

/**
 * A fault by the maker's number with the code of the standard in brackets behind its wording.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeNumberWithCode(r: Reading, { n, text }: Line): boolean {
  const m = WITH_CODE.exec(text);
  const [found] = m ? findCodes(m[3]!) : [];
  if (!m || found?.at !== 0 || found.end !== m[3]!.length || findCodes(text).length !== 1) return false;
  const statuses = m[4] === '' ? [] : statusOf(m[4]!);
  if (!statuses) return false;
  const entry = r.fault(found.code, m[2]!, n);
  entry.statuses = statuses;
  entry.details.push(m[1]!);
  return true;
}
