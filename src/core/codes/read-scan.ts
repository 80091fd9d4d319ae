import { looksLikeCandump } from './frames/candump';
import { readFrameLog } from './frames/frame-log';
import { readCode } from './code';
import { emptyReport, readReport, type ScanReport } from './report';

/** How a pasted text was taken. */
export type ScanForm = 'text' | 'csv' | 'frames';

const HEADINGS = {
  code: /^(code|dtc|fault ?code|trouble ?code|fehlercode|nummer)$/i,
  text: /^(description|text|wording|meaning|beschreibung|libellé|descripción|definition)$/i,
  status: /^(status|state|zustand|état|estado)$/i,
  module: /^(module|controller|ecu|unit|control unit|steuergerät|calculateur|system)$/i,
};

/**
 * Reads a scan in whichever form it was pasted: a frame log in the candump format, a table with
 * headings (CSV), or a report as text.
 *
 * @param text what was pasted
 * @returns the form it was taken for, and the report; unread lines are in `leftover`
 */
export function readScan(text: string): { form: ScanForm; report: ScanReport } {
  if (looksLikeCandump(text)) return { form: 'frames', report: readFrameLog(text) };
  const table = readTable(text);
  if (table) return { form: 'csv', report: table };
  return { form: 'text', report: readReport(text) };
}

/** A table whose first line has headings, one of them for the code. */
function readTable(text: string): ScanReport | undefined {
  const lines = text.split(/\r\n|\r|\n/).filter((l) => l.trim() !== '');
  const separator = [';', '\t', ','].find((s) => (lines[0] ?? '').includes(s));
  if (!separator || lines.length < 2) return undefined;
  const heads = cells(lines[0]!, separator);
  const column = (pattern: RegExp) => heads.findIndex((h) => pattern.test(h));
  const at = {
    code: column(HEADINGS.code),
    text: column(HEADINGS.text),
    status: column(HEADINGS.status),
    module: column(HEADINGS.module),
  };
  if (at.code < 0) return undefined;
  const out: ScanReport = emptyReport();
  for (const line of lines.slice(1)) {
    const row = cells(line, separator);
    const code = readCode(row[at.code] ?? '');
    if (!code || !/\d/.test(code.code)) {
      out.leftover.push(line.slice(0, 2000));
      continue;
    }
    const name = (row[at.module] ?? '').trim();
    let module: number | null = null;
    if (name !== '') {
      module = out.modules.findIndex((m) => m.name === name);
      if (module < 0) module = out.modules.push({ name, answered: true }) - 1;
    }
    // The status column is read by the same words as a report's.
    const statuses = readReport(`P0000 x  ${row[at.status] ?? ''}`).codes[0]?.statuses ?? [];
    out.codes.push({ code: code.code, text: (row[at.text] ?? '').trim().slice(0, 400), statuses, module });
  }
  return out.codes.length ? out : undefined;
}

/** The cells of one line; quotes may hold the separator, doubled quotes stand for one. */
function cells(line: string, separator: string): string[] {
  const out = [''];
  let quoted = false;
  for (let i = 0; i < line.length; i++) {
    const ch = line[i]!;
    if (ch === '"') {
      if (quoted && line[i + 1] === '"') out[out.length - 1] += line[++i]!;
      else quoted = !quoted;
    } else if (ch === separator && !quoted) out.push('');
    else out[out.length - 1] += ch;
  }
  return out.map((c) => c.trim());
}
