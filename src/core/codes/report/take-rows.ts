import { readCode } from '../code';
import { outcomeOf } from './outcome';
import { countsIn } from './details';
import { namesController } from './heading';
import { findCodes, type Found } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { partStatus, statusOf, statusOfByte } from './status';
import type { Survey } from './survey';
import type { Row } from './table';
import { putValue } from './take-values';
import { isUnit, isValue, valueOf } from './value';
import { isTitle, labelOf } from './labels';
import { isName } from './outcome';

/** Takes one row of a table under heads. */
export function takeRow(r: Reading, row: Row, of: 'codes' | 'values', below?: Row): void {
  if (of === 'values') {
    takeValueRow(r, row);
    return;
  }
  const cells = [row.code, row.text, row.status].map((c) => c?.trim() ?? '');
  const outcome = cells.map((c) => (c === '' ? undefined : outcomeOf(c))).find((o) => o !== undefined);
  const module = row.module?.trim() ?? '';
  const named = module !== '' && !/^[-–—]+$/u.test(module);
  const [found] = findCodes(cells[0]!);
  if (!found && !outcome && ownCode(cells[0]!) === undefined) {
    // A module's name alone in its row stands over the rows below; anything else is no row of this table.
    const over = below !== undefined && (below.module ?? '').trim() === '' && (below.code ?? '') !== '';
    if (named && over && isName(module) && cells.every((c) => c === '')) r.under(module, true, row.n);
    else r.unread(row.n, row.raw);
    return;
  }
  if (named) r.under(module, !(outcome?.kind === 'silent' && !found), row.n);
  if (!found && outcome) {
    if (outcome.kind === 'none' && r.module !== null) r.settled.add(r.module);
    else if (outcome.kind === 'none') r.noneSaid = true;
    r.mark(row.n, 'module', r.module ?? undefined);
    return;
  }
  const code = found?.code ?? ownCode(cells[0]!);
  if (code === undefined) return;
  const others = furtherCodes(cells[0]!);
  const entry = r.fault(code, cells[1]!, row.n);
  if (others.length > 0) {
    // A count behind the first is its own: "U1113 (2x), U1000".
    entry.details.push(...countsIn(cells[0]!.slice(found!.end, others[0]!.at)));
    for (const other of others) r.fault(other.code, '', row.n).settled = true;
  }
  const byte = /^(?:0x|\$)?([0-9A-F]{2})h?$/iu.exec(cells[2]!);
  const statuses = statusOf(cells[2]!) ?? (byte ? statusOfByte(parseInt(byte[1]!, 16)) : []);
  entry.statuses = statuses;
  // Where the status has no column, it may stand in the wording.
  const inText = 'status' in row ? undefined : partStatus(cells[1]!);
  if (inText?.by === 'mark') {
    entry.body = inText.text;
    entry.statuses = inText.statuses;
  }
  entry.settled = true;
  if (row.detail) entry.details.push(/^\d+$/u.test(row.detail) ? `seen ${row.detail} times` : row.detail);
}

/** Codes behind the first in a cell that holds several: none of them is a wording. */
function furtherCodes(cell: string): readonly Found[] {
  const [first, ...others] = findCodes(cell);
  const between = first ? cell.slice(first.end).replace(/\p{L}?\d[\dA-F:-]{3,7}/giu, '') : '';
  return /\p{L}{3}/u.test(between) ? [] : others;
}

/** The maker's own number in a column of codes, as printed. */
function ownCode(cell: string): string | undefined {
  const t = cell.trim();
  return /\d/.test(t) && /^[\p{L}\p{N}][\p{L}\p{N}\s./:-]{1,30}$/u.test(t)
    ? readCode(`${t}`)?.code
    : undefined;
}

function takeValueRow(r: Reading, row: Row): void {
  const name = (row.name ?? row.text ?? '').trim();
  const value = (row.value ?? '').trim();
  const unit = (row.unit ?? '').trim();
  if (!/\p{L}/u.test(name) || value === '') {
    r.unread(row.n, row.raw);
    return;
  }
  const entered = unit !== '' && (isUnit(unit) || isValue(`${value} ${unit}`)) ? `${value} ${unit}` : value;
  putValue(r, row.n, { name: name.slice(0, 200), entered: entered.slice(0, 200) });
}

/**
 * A fault in words without any code: "Side stand switch – stored". Only under a title that says faults follow, or in a
 * list in which a status stands that only a fault memory has.
 *
 * @returns whether the line was taken
 */
export function wordFault(r: Reading, { n, text, cells }: Line, survey: Survey): boolean {
  if (r.list !== '' || findCodes(text).length || !(r.faultsFollow || survey.wordFaults)) return false;
  const parted = partStatus(text);
  if (!parted || parted.by !== 'mark') return false;
  if (isSecondLine(r, n)) {
    const above = r.entries.at(-1)!;
    above.body += `  ${parted.text.trim()}`;
    above.statuses = parted.statuses;
    above.lines.push(n);
    r.statusBelow = true;
    r.mark(n, 'text', r.entries.length - 1);
    return true;
  }
  const words = parted.text.replace(/^[\s\-–•*·\d.)]+|[\s:–|;-]+$/gu, '').trim();
  if (cells.length > 3 || !canBeAFault(words)) return false;
  const entry = r.fault(words.slice(0, 60), words, n);
  entry.statuses = parted.statuses;
  entry.settled = true;
  return true;
}

/** Words that name neither a module nor a list, an outcome or a label. */
const canBeAFault = (words: string): boolean =>
  isName(words) &&
  /\p{L}{3}/u.test(words) &&
  !isTitle(words) &&
  outcomeOf(words) === undefined &&
  !words.split(/\s+/u).every(namesController) &&
  labelOf(words) === undefined;

/** Right below a code that has no status yet, and further in: "Implausible signal - intermittent" is said of it. */
function isSecondLine(r: Reading, n: number): boolean {
  const above = r.entries.at(-1);
  return (
    above !== undefined &&
    r.indent > r.indentOfFault &&
    findCodes(above.code).length > 0 &&
    above.lines.at(-1) === n - 1 &&
    above.statuses.length === 0
  );
}

/** "Freeze frame for P0335: RPM 820, ECT 91 °C": values in the line of their title. What is none stays to be seen. */
export function takeValuesBehind(r: Reading, n: number, raw: string, title: string): void {
  const rest = title.slice(title.indexOf(':') + 1).trim();
  const code = r.freezeFor ?? r.entries.length - 1;
  const pieces = title.includes(':') && rest !== '' && !findCodes(rest).length ? rest.split(/[,;]\s+/u) : [];
  const values = pieces.map((piece) => valueOf([piece], true) ?? shortValue(piece));
  for (const value of code >= 0 ? values : []) if (value) r.out.freeze.push({ code, ...value });
  if (code < 0 || values.includes(undefined)) r.unread(n, raw);
  else r.mark(n, 'heading');
}

/** `RPM 820`, `ECT 91 C`: a short name and a figure, with a unit or without. */
function shortValue(piece: string): { name: string; entered: string } | undefined {
  const m = /^(\p{L}[\p{L}\d /]{1,30}?)\s+([+\-−]?\d[\d.,]*(?:\s?\S{1,8})?)$/u.exec(piece.trim());
  return m ? { name: m[1]!, entered: m[2]! } : undefined;
}
