import { readBroken, scopeSaid } from './broken';
import { countsIn, dateIn, isDateAlone, isDetail, labelled, monitorOf, takeVehicle } from './details';
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
import { isTitle, labelOf } from './labels';
import { namedOutcome, outcomeOf } from './outcome';
import { ownNumber } from './place';
import { withLegend } from './legend';
import { Reading } from './reading';
import { linesOf, type Line } from './split';
import { statusOf } from './status';
import { takeFlag } from './status-flags';
import { isBareOk, surveyOf, type Survey } from './survey';
import { attributesOf, recordsAt, tableAt } from './table';
import { takeCells, takeGlued, takeParameterAndMode } from './take-cells';
import { takeCodes } from './take-codes';
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

function takeLine(r: Reading, lines: readonly Line[], i: number, survey: Survey): void {
  const line = lines[i]!;
  const { n, text } = line;
  r.indent = line.indent;
  const said = r.hints && foldLine(text);
  if (said !== undefined && r.hints!.headings.includes(said)) {
    const named = namedOutcome(text, survey.bareCounts);
    r.under(named?.name ?? withoutCount(text), named?.outcome.kind !== 'silent', n);
    return;
  }
  if (said !== undefined && r.hints!.notHeadings.includes(said)) {
    r.unread(n, line.raw);
    return;
  }
  if (scopeSaid(text)) r.whole = true;
  if (takeCleared(r, line)) return;
  if (isCounter(text)) {
    r.mark(n, 'heading');
    return;
  }
  const sentences = sentencesOf(text);
  if (sentences) {
    // A sentence that is not understood stays to be seen with its line.
    for (const said of sentences) takeSentence(r, { ...line, text: said, cells: [said] }, survey);
    return;
  }
  if (takeFlag(r, line) || takeTold(r, line) || takeShortCodes(r, line, lines[i + 1])) return;
  if (takeNumberWithCode(r, line) || takeOverviewRow(r, line, survey) || takeMonitors(r, line)) return;
  if (takeGlued(r, line) || takeParameterAndMode(r, line)) return;
  if (takeCodes(r, line, survey) || takeCells(r, line)) return;
  if (readBroken(r, line)) return;
  if (takeCountsByStatus(r, line) || takeTitle(r, line)) return;
  if (
    takeModuleCell(r, line) ||
    takePairs(r, line, survey) ||
    takeStateBefore(r, line, survey) ||
    takeClean(r, line)
  )
    return;
  if (takeOutcome(r, line, survey) || takeStatusAndDetails(r, line)) return;
  if (takeLabel(r, line)) return;
  const entry = r.entries.at(-1);
  // "Pending: -", "Permanent: none": nothing of that status.
  const empty = /^(.{3,30}?)\s*[:=]\s*(?:[-–—]+|none|nil|0)$/iu.exec(text)?.[1];
  if (empty !== undefined && statusOf(empty)) {
    r.mark(n, 'heading');
    return;
  }
  if (takeStatusOver(r, lines, i, survey, () => tableAt(lines, i + 1, labelBy(r.hints)) !== undefined))
    return;
  const statuses = continues(r, lines, i, survey) && breaksOff(entry!.body) ? undefined : statusOf(text);
  if (statuses && entry && r.list === '' && !r.wasUnread(n - 1)) {
    // A status is said of the fault above; a second one only beside the first, on its own line.
    entry.statuses = [...new Set([...entry.statuses, ...statuses])];
    entry.details.push(...countsIn(text));
    entry.lines.push(n);
    r.statusBelow = true;
    r.mark(n, 'status', r.entries.length - 1);
    return;
  }
  if (isDetail(text)) {
    entry?.details.push(text);
    r.mark(n, 'detail', entry ? r.entries.length - 1 : undefined);
    return;
  }
  const monitor = monitorOf(text, r.list === 'readiness');
  if (monitor) {
    r.mark(n, 'monitor', r.out.monitors.push(monitor) - 1);
    return;
  }
  if (r.list === 'silent' && takeSilent(r, line, lines[i - 1]!)) return;
  if (survey.own.has(n)) {
    const own = ownNumber(text)!;
    r.fault(own.code, text.slice(own.end), n);
    return;
  }
  if (takeValue(r, line)) return;
  if (continues(r, lines, i, survey)) {
    entry!.body += ` ${text}`;
    entry!.lines.push(n);
    r.mark(n, 'text', r.entries.length - 1);
    return;
  }
  if (isHeading(r, lines, i, survey)) {
    r.under(withoutCount(text), true, n);
    return;
  }
  if (wordFault(r, line, survey)) return;
  if (survey.textAbove && isOverWordings(lines, i, survey)) {
    r.under(withoutCount(text), true, n);
    return;
  }
  if (survey.textAbove && lines[i + 1] && beginsFault(lines[i + 1]!, survey)) {
    r.above = text;
    r.mark(n, 'text');
    return;
  }
  const date = i < 3 ? dateIn(text) : '';
  r.out.made ||= date;
  if (isDateAlone(text) || (date !== '' && isTitle(text.replace(date, '')))) r.mark(n, 'heading');
  else {
    if (mayBeHeading(line, r.indentOfModule)) r.module = null;
    r.unread(n, line.raw);
  }
}

/** A module with its outcome in one line, or the outcome alone under its heading. */
function takeOutcome(r: Reading, { n, text }: Line, survey: Survey): boolean {
  if (!survey.ofScan && isBareOk(text)) return false;
  const alone = outcomeOf(text);
  if (alone?.kind === 'silent') {
    if (/:$/u.test(text.trim())) {
      r.list = 'silent';
      r.bullets = undefined;
      r.silentFrom = n;
      r.mark(n, 'heading');
    } else if (r.module !== null && !r.settled.has(r.module)) {
      r.out.modules[r.module]!.answered = false;
      r.mark(n, 'module', r.module);
    } else return false;
    return true;
  }
  if (alone) {
    if (r.module !== null) r.settled.add(r.module);
    else if (alone.kind === 'none') r.noneSaid = true;
    r.mark(n, alone.kind === 'count' ? 'heading' : 'module', r.module ?? undefined);
    return true;
  }
  // In a list of monitors or values "passed" and "OK" are a state.
  const listed = r.list === 'readiness' || (r.list !== '' && /(?:ok|pass(?:ed)?)\s*$/iu.test(text));
  const named = listed ? undefined : namedOutcome(text, survey.bareCounts);
  if (!named || isTitle(named.name) || statusOf(named.name)) return false;
  const label = labelOf(named.name);
  if (label !== undefined && label !== 'module') {
    if (label === 'status' && r.module !== null && named.outcome.kind === 'silent')
      r.out.modules[r.module]!.answered = false;
    else if (label !== 'status' && label !== 'code') return false;
    r.mark(n, 'module', r.module ?? undefined);
    return true;
  }
  r.under(named.name, named.outcome.kind !== 'silent', n);
  if (named.outcome.kind === 'none') r.settled.add(r.module!);
  return true;
}

/** `Ctrl unit: ECM   Result: DTCs stored`: the module in the first cell, its outcome in another. */
function takeModuleCell(r: Reading, { n, cells }: Line): boolean {
  const own = cells.length > 1 ? labelled(cells[0]!) : undefined;
  if (!own || labelOf(own.label) !== 'module' || /^\d+$/u.test(own.value)) return false;
  const outcomes = cells.slice(1).map((c) => outcomeOf(labelled(c)?.value ?? c)?.kind);
  r.under(own.value, !outcomes.includes('silent'), n);
  if (outcomes.includes('none')) r.settled.add(r.module!);
  return true;
}

/** `Module: ABS`, `Battery: 12.4 V`: a label that says what its value is. */
function takeLabel(r: Reading, line: Line): boolean {
  const m = labelled(line.text);
  const label = m && labelOf(m.label);
  if (label === 'module' && !/^\d+$/u.test(m!.value)) {
    const named = namedOutcome(m!.value, false);
    r.under(named?.name ?? m!.value, named?.outcome.kind !== 'silent', line.n);
    return true;
  }
  const outcome = m && RESULT.test(m.label) && r.module !== null ? outcomeOf(m.value) : undefined;
  if (outcome) {
    if (outcome.kind === 'silent') r.out.modules[r.module!]!.answered = false;
    if (outcome.kind === 'none') r.settled.add(r.module!);
    r.mark(line.n, 'module', r.module!);
    return true;
  }
  if ((label === 'text' || label === 'status') && r.entries.length) {
    const entry = r.entries.at(-1)!;
    if (label === 'text') entry.body += `  ${m!.value}`;
    else {
      const statuses = statusOf(m!.value);
      if (!statuses) return false;
      entry.details.push(...countsIn(m!.value));
      entry.statuses = [...new Set([...entry.statuses, ...statuses])];
    }
    r.mark(line.n, label, r.entries.length - 1);
    return true;
  }
  // Further in than its fault: how far the vehicle had run then.
  if (
    r.entries.length &&
    line.indent > r.indentOfFault &&
    m &&
    DISTANCE.test(m.label) &&
    /\d/.test(m.value)
  ) {
    r.entries.at(-1)!.details.push(line.text.trim());
    r.mark(line.n, 'detail', r.entries.length - 1);
    return true;
  }
  // "VIN ZZ…   Mileage: 61,204 mi": several things of the vehicle in one line.
  const cells = line.cells.length > 1 ? line.cells.map((text) => ({ ...line, text })) : [line];
  const live = r.out.live.length;
  if (cells.filter((cell) => takeVehicle(cell, r.out, r.list !== '')).length === 0) return false;
  if (r.out.live.length > live) r.liveAt = line.n;
  r.mark(line.n, 'vehicle');
  return true;
}

const RESULT = /^(?:results?|outcome|response|answer|ergebnis|résultat|resultado|risultato|resultaat)$/iu;
const DISTANCE = /^(?:odometer|mileage|kilomet\w*|km[- ]?stand|laufleistung|kilométrage|kilometraje)$/iu;

/** Names of modules under "no response:". */
function takeSilent(r: Reading, { n, raw, text }: Line, before: Line): boolean {
  if (text.split(/\s+/u).length > 6 || /[.!?]$/u.test(text) || r.silentFrom !== before.n) return false;
  const bullet = /^\s*[-–•*·]/u.test(raw);
  if (r.bullets === true && !bullet) return false;
  r.bullets = bullet;
  r.silentFrom = n;
  for (const name of text.split(/,\s+/u)) {
    r.under(name, false, n);
    r.module = null;
  }
  r.list = 'silent';
  return true;
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
