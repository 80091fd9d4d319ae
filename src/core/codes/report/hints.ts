import { CODE_STATUSES, type CodeStatus } from '@/core/case';
import { z } from 'zod';
import { foldModule } from '../modules';
import { labelOf, LABELS, type Label } from './labels';
import { findCodes } from './place';
import { linesOf, type Line } from './split';
import type { ScanReport } from './types';

/** What a person put right in reports of one kind, kept for the next one. */
export const ReportHints = z.object({
  /** Which kind of report: see `kindOfReport`. */
  kind: z.string().max(300),
  /** A word in the place of the status → what it means; empty: no status. */
  statuses: z.record(z.string().max(80), z.enum(['', ...CODE_STATUSES])).default({}),
  /** Lines that are a module's heading, and ones that are not. */
  headings: z.array(z.string().max(200)).max(300).default([]),
  notHeadings: z.array(z.string().max(200)).max(300).default([]),
  /** Heads of columns → what the column holds; empty: nothing of interest. */
  columns: z.record(z.string().max(80), z.enum(['', ...LABELS])).default({}),
});
export type ReportHints = z.infer<typeof ReportHints>;

/** A line or word for comparing: without case, marks and runs of blanks. */
export const foldLine = (text: string): string => foldModule(text).slice(0, 200);

/** What a column is about, as a person said it of this kind of report, else by its word. */
export const labelBy =
  (hints: ReportHints | undefined) =>
  (cell: string): Label | undefined => {
    const said = hints?.columns[foldLine(cell).slice(0, 80)];
    if (said === undefined) return labelOf(cell);
    if (said === '') return undefined;
    return said;
  };

/**
 * The kind of a report: what its first lines and its lines with codes look like, without what differs from vehicle
 * to vehicle. Two reports of one tool have the same kind.
 *
 * @param text the report
 * @returns a short text, empty for a report without any code
 */
export function kindOfReport(text: string): string {
  const lines = linesOf(text.slice(0, 60_000));
  const coded = lines.find((l) => findCodes(l.text).length > 0);
  if (!coded) return '';
  const title = lines[0] === coded ? '' : foldLine(lines[0]!.text.replace(/\d+/gu, ''));
  const heads = lines.find((l) => l.cells.filter((c) => labelOf(c) !== undefined).length >= 2);
  return [heads ? foldLine(heads.text) : title, shapeOf(coded)].join(' # ').slice(0, 300);
}

/** A line with a code as its skeleton: C for the code, w for words, 9 for numbers; marks stay. */
function shapeOf(line: Line): string {
  const [code] = findCodes(line.text);
  const shape = (s: string) =>
    s
      .replace(/\d[\d.,:/-]*/gu, '9')
      .replace(/[\p{L}][\p{L}\p{M}'’/-]*(?:\s[\p{L}9][\p{L}\p{M}9'’/,.:-]*)*/gu, 'w')
      .replace(/\s{2,}/gu, '  ');
  return `${shape(line.text.slice(0, code!.at))}C${shape(line.text.slice(code!.end))}`.slice(0, 120);
}

/** The word that stands where the status stands: in brackets at the end, in the last cell, or the last word. */
export function statusWordOf(line: string): string {
  const bracket = /[([]([^()[\]]{1,60})[)\]]\s*$/u.exec(line)?.[1];
  if (bracket) return foldLine(bracket).slice(0, 80);
  const cells = line.split(/\t|\s{2,}|\s?[|;]\s?|\s[-–—/]\s|,\s/u).filter((c) => c.trim() !== '');
  const last = cells.length > 1 ? cells.at(-1)! : (line.trim().split(/\s+/u).at(-1) ?? '');
  return foldLine(last).slice(0, 80);
}

/**
 * Puts what a person said of the tool's status words into a report that was read without them.
 *
 * @param report as read; changed in place
 * @param lines of the text
 * @param hints of this kind of report
 */
export function applyStatusWords(report: ScanReport, lines: readonly Line[], hints: ReportHints): void {
  const raw = new Map(lines.map((l) => [l.n, l.text]));
  for (const { n, became, row } of report.lines) {
    const code =
      row === undefined || (became !== 'code' && became !== 'status') ? undefined : report.codes[row];
    if (!code) continue;
    const word = statusWordOf(raw.get(n) ?? '');
    const said = hints.statuses[word];
    if (said === undefined) continue;
    code.statuses = said === '' ? [] : [said satisfies CodeStatus];
    const at = foldLine(code.text).lastIndexOf(word);
    // The word was taken for the end of the wording; it is the status.
    if (said !== '' && word !== '' && at > 0 && foldLine(code.text).endsWith(word))
      code.text = code.text
        .slice(0, code.text.toLowerCase().lastIndexOf(word.split(' ')[0]!))
        .replace(/[\s([,;/|–-]+$/u, '');
  }
}
