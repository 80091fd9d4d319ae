import { readBroken, scopeSaid } from './broken';
import { countsIn, dateIn, isDateAlone, isDetail, monitorOf } from './details';
import { applyStatusWords, foldLine, labelBy, type ReportHints } from './hints';
import {
  beginsFault,
  breaksOff,
  continues,
  isCounter,
  isHeading,
  mayBeHeading,
  namesController,
  SCAN_OF,
} from './heading';
import { isTitle } from './labels';
import { namedOutcome } from './outcome';
import { ownNumber } from './place';
import { withLegend } from './legend';
import { Reading } from './reading';
import { linesOf, type Line } from './split';
import { statusOf } from './status';
import { takeFlag } from './status-flags';
import { surveyOf, type Survey } from './survey';
import { attributesOf, recordsAt, tableAt } from './table';
import { takeCells, takeGlued, takeParameterAndMode } from './take-cells';
import { takeCodes } from './take-codes';
import { takeLabel } from './take-labels';
import { takeModuleCell, takeOutcome, takeSilent } from './take-outcomes';
import {
  takeCountsByStatus,
  takeMonitors,
  takeNumberWithCode,
  takeOverviewRow,
  takeStatusAndDetails,
  takeStatusOver,
} from './take-overview';
import { takeRow, wordFault } from './take-rows';
import { takePairs, takeSentence, takeStateBefore } from './take-modules';
import { takeValue } from './take-values';
import { sentencesOf, takeClean, takeTold } from './told';
import { takeCleared, takeShortCodes, takeTitle } from './take-titles';
import { finishFaults } from './finish-faults';
import type { ScanReport } from './types';
import { plainText } from './unmark';

/**
 * Reads a scan report pasted as text from any tool: the layout first (columns, headings by what follows them, where
 * the status stands over many lines), then the words. Every line it does not understand is handed back; nothing is
 * said that the report does not say.
 *
 * @param text the report
 * @param hints what a person put right in reports of this kind
 * @returns what was understood, with codes in order, the module each stands under, and what each line became; the
 *   lines of HTML and JSON are those of the plain text made of it
 * @throws never; unreadable text comes back whole in `leftover`
 */
export function readReport(text: string, hints?: ReportHints): ScanReport {
  const lines = linesOf(withLegend(plainText(text)));
  const survey = surveyOf(lines);
  const r = new Reading(hints);
  for (let i = 0; i < lines.length;) i += take(r, lines, i, survey);
  finishFaults(r, survey);
  const report = r.finish();
  if (hints) applyStatusWords(report, lines, hints);
  return report;
}

/** Takes the lines from `i` on that belong together, and says how many. */
function take(r: Reading, lines: readonly Line[], i: number, survey: Survey): number {
  const line = lines[i]!;
  const table = tableAt(lines, i, labelBy(r.hints)) ?? recordsAt(lines, i);
  if (table) {
    for (const l of lines.slice(i, i + table.length))
      if (!table.rows.some((row) => row.n === l.n)) r.mark(l.n, 'heading');
    for (const [k, row] of table.rows.entries()) takeRow(r, row, table.of, table.rows[k + 1]);
    return table.length;
  }
  const attributes = attributesOf(line, lines[i + 1]);
  if (attributes) {
    takeRow(r, attributes, 'codes');
    if (!attributes.wrapped) return 1;
    r.mark(lines[i + 1]!.n, 'text');
    return 2;
  }
  takeLine(r, lines, i, survey);
  return 1;
}

/** One way to take a line; whether it was taken. */
type Taker = (r: Reading, line: Line, around: Around) => boolean;
interface Around {
  lines: readonly Line[];
  i: number;
  survey: Survey;
}

/** What a person put right in reports of this kind comes first. */
const takeHinted: Taker = (r, { n, text, raw }, { survey }) => {
  const said = r.hints && foldLine(text);
  if (said === undefined) return false;
  if (r.hints!.headings.includes(said)) {
    const named = namedOutcome(text, survey.bareCounts);
    r.under(named?.name ?? withoutCount(text), named?.outcome.kind !== 'silent', n);
    return true;
  }
  if (!r.hints!.notHeadings.includes(said)) return false;
  r.unread(n, raw);
  return true;
};

const takeCounter: Taker = (r, { n, text }) => {
  if (!isCounter(text)) return false;
  r.mark(n, 'heading');
  return true;
};

const takeSentences: Taker = (r, line, { survey }) => {
  const sentences = sentencesOf(line.text);
  // A sentence that is not understood stays to be seen with its line.
  for (const said of sentences ?? []) takeSentence(r, { ...line, text: said, cells: [said] }, survey);
  return sentences !== undefined;
};

/** "Pending: -", "Permanent: none": nothing of that status. */
const takeNoneOfStatus: Taker = (r, { n, text }) => {
  const empty = /^(.{3,30}?)\s*[:=]\s*(?:[-–—]+|none|nil|0)$/iu.exec(text)?.[1];
  if (empty === undefined || !statusOf(empty)) return false;
  r.mark(n, 'heading');
  return true;
};

/** A status is said of the fault above; a second one only beside the first, on its own line. */
const takeStatusBelow: Taker = (r, { n, text }, { lines, i, survey }) => {
  const entry = r.entries.at(-1);
  if (!entry || r.list !== '' || r.wasUnread(n - 1)) return false;
  const goesOn = continues(r, lines, i, survey) && breaksOff(entry.body);
  const statuses = goesOn ? undefined : statusOf(text);
  if (!statuses) return false;
  entry.statuses = [...new Set([...entry.statuses, ...statuses])];
  entry.details.push(...countsIn(text));
  entry.lines.push(n);
  r.statusBelow = true;
  r.mark(n, 'status', r.entries.length - 1);
  return true;
};

const takeDetail: Taker = (r, { n, text }) => {
  if (!isDetail(text)) return false;
  const entry = r.entries.at(-1);
  entry?.details.push(text);
  r.mark(n, 'detail', entry ? r.entries.length - 1 : undefined);
  return true;
};

const takeMonitor: Taker = (r, { n, text }) => {
  const monitor = monitorOf(text, r.list === 'readiness');
  if (!monitor) return false;
  r.mark(n, 'monitor', r.out.monitors.push(monitor) - 1);
  return true;
};

const takeOwnNumber: Taker = (r, { n, text }, { survey }) => {
  if (!survey.own.has(n)) return false;
  const own = ownNumber(text)!;
  r.fault(own.code, text.slice(own.end), n);
  return true;
};

const takeMoreWording: Taker = (r, { n, text }, { lines, i, survey }) => {
  if (!continues(r, lines, i, survey)) return false;
  const entry = r.entries.at(-1)!;
  entry.body += ` ${text}`;
  entry.lines.push(n);
  r.mark(n, 'text', r.entries.length - 1);
  return true;
};

const takeHeading: Taker = (r, { n, text }, { lines, i, survey }) => {
  if (!isHeading(r, lines, i, survey)) return false;
  r.under(withoutCount(text), true, n);
  return true;
};

/** Where wordings stand above their codes: the module over the first of them, and each of them. */
const takeAboveCode: Taker = (r, { n, text }, { lines, i, survey }) => {
  if (!survey.textAbove) return false;
  if (isOverWordings(lines, i, survey)) r.under(withoutCount(text), true, n);
  else if (lines[i + 1] && beginsFault(lines[i + 1]!, survey)) {
    r.above = text;
    r.mark(n, 'text');
  } else return false;
  return true;
};

/** A date alone, or in a title at the top: when the report was made. */
const takeDate: Taker = (r, { n, text }, { i }) => {
  const date = i < 3 ? dateIn(text) : '';
  r.out.made ||= date;
  if (!isDateAlone(text) && (date === '' || !isTitle(text.replace(date, '')))) return false;
  r.mark(n, 'heading');
  return true;
};

/** In this order: what is surer comes first. */
const TAKERS: readonly Taker[] = [
  (r, line) => takeCleared(r, line),
  takeCounter,
  takeSentences,
  (r, line) => takeFlag(r, line) || takeTold(r, line),
  (r, line, { lines, i }) => takeShortCodes(r, line, lines[i + 1]),
  (r, line) => takeNumberWithCode(r, line),
  (r, line, { survey }) => takeOverviewRow(r, line, survey) || takeMonitors(r, line),
  (r, line) => takeGlued(r, line) || takeParameterAndMode(r, line),
  (r, line, { survey }) => takeCodes(r, line, survey) || takeCells(r, line),
  (r, line) => readBroken(r, line),
  (r, line) => takeCountsByStatus(r, line) || takeTitle(r, line),
  (r, line, { survey }) => takeModuleCell(r, line) || takePairs(r, line, survey),
  (r, line, { survey }) => takeStateBefore(r, line, survey) || takeClean(r, line),
  (r, line, { survey }) => takeOutcome(r, line, survey) || takeStatusAndDetails(r, line),
  (r, line) => takeLabel(r, line),
  takeNoneOfStatus,
  (r, _, { lines, i, survey }) =>
    takeStatusOver(r, lines, i, survey, () => tableAt(lines, i + 1, labelBy(r.hints)) !== undefined),
  takeStatusBelow,
  takeDetail,
  takeMonitor,
  (r, line, { lines, i }) => r.list === 'silent' && takeSilent(r, line, lines[i - 1]!),
  takeOwnNumber,
  (r, line) => takeValue(r, line),
  takeMoreWording,
  takeHeading,
  (r, line, { survey }) => wordFault(r, line, survey),
  takeAboveCode,
  takeDate,
];

function takeLine(r: Reading, lines: readonly Line[], i: number, survey: Survey): void {
  const line = lines[i]!;
  const around = { lines, i, survey };
  r.indent = line.indent;
  if (takeHinted(r, line, around)) return;
  if (scopeSaid(line.text)) r.whole = true;
  if (TAKERS.some((taken) => taken(r, line, around))) return;
  if (mayBeHeading(line, r.indentOfModule)) r.module = null;
  r.unread(line.n, line.raw);
}

/** Where wordings stand above their codes: a module over the first of them. */
const isOverWordings = (lines: readonly Line[], i: number, survey: Survey): boolean => {
  const [line, next, then] = lines.slice(i, i + 3);
  return (
    then !== undefined &&
    !beginsFault(next!, survey) &&
    beginsFault(then, survey) &&
    namesController(line!.text) &&
    line!.text.split(/\s+/u).length <= 5
  );
};

/** "Door (2)" over two faults: the number is their count. */
const withoutCount = (text: string): string =>
  text.replace(/\s*[([]\d{1,2}[)\]]\s*:?$/u, '').replace(SCAN_OF, '');
