import { looksLikeCandump } from './frames/candump';
import { readFrameLog } from './frames/frame-log';
import { beginsWithTable, readReport, type ReportHints, type ScanReport } from './report';

/** How a pasted text was taken. */
export type ScanForm = 'text' | 'table' | 'frames';

/**
 * Reads a scan in whichever form it was pasted: a frame log in the candump format, a table with heads (CSV, from a
 * spreadsheet), or a report as text.
 *
 * @param text what was pasted
 * @param hints what a person put right in reports of this kind
 * @returns the form it was taken for, and the report; unread lines are in `leftover`
 */
export function readScan(text: string, hints?: ReportHints): { form: ScanForm; report: ScanReport } {
  if (looksLikeCandump(text)) return { form: 'frames', report: readFrameLog(text) };
  return { form: beginsWithTable(text) ? 'table' : 'text', report: readReport(text, hints) };
}
