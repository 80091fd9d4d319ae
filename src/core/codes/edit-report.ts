import type { CodeStatus } from '@/core/case';
import { readCode } from './code';
import { rowsWithLines, SURE_ENOUGH, sureOfPicture } from './reading-rows';
import type { ScanReport } from './report';

/** What a person put right in one report, by the places of its rows. */
export interface ReportEdits {
  /** Faults left out. */
  gone: readonly number[];
  /** Module of a fault, by its name; empty: of none. */
  modules: Readonly<Record<number, string>>;
  statuses: Readonly<Record<number, CodeStatus | ''>>;
  /** Codes as a person confirmed or corrected them. */
  codes: Readonly<Record<number, string>>;
  /** Lines that are faults in words. */
  faults: readonly string[];
  /** Other rows of a photo that a person has looked at, as `kind:row`. */
  confirmed: readonly string[];
}
export const NO_EDITS: ReportEdits = {
  gone: [],
  modules: {},
  statuses: {},
  codes: {},
  faults: [],
  confirmed: [],
};

const KINDS = ['modules', 'codes', 'live', 'freeze', 'monitors'] as const;
type Kind = (typeof KINDS)[number];
/** Places of rows that were hard to read on a photo. */
export type DoubtfulRows = Readonly<Record<Kind, readonly number[]>>;
export const NONE_DOUBTFUL: DoubtfulRows = { modules: [], codes: [], live: [], freeze: [], monitors: [] };

/**
 * The rows of a photographed report that a person has to look at.
 *
 * @param report read of the photo's text
 * @param sure of each line of that text, 0 to 1
 */
export function doubtfulRows(report: ScanReport, sure: readonly number[]): DoubtfulRows {
  const rows = rowsWithLines(report, sureOfPicture(report, sure));
  const under = (list: readonly { sure: number }[]) =>
    list.flatMap((r, i) => (r.sure < SURE_ENOUGH ? [i] : []));
  return Object.fromEntries(KINDS.map((k) => [k, under(rows[k])])) as unknown as DoubtfulRows;
}

/** Whether a row goes onto the case: it was read clearly, or somebody looked at it. */
export function isTaken(kind: Kind, row: number, edits: ReportEdits, doubtful: DoubtfulRows): boolean {
  if (!doubtful[kind].includes(row)) return true;
  return kind === 'codes' ? edits.codes[row] !== undefined : edits.confirmed.includes(`${kind}:${row}`);
}

/**
 * The report as it goes onto the case: what a person put right is put right, and of a photo nothing that was hard to
 * read and that nobody looked at.
 *
 * @param report as read
 * @param edits by the places of its rows
 * @param doubtful rows of a photo; `NONE_DOUBTFUL` for text
 */
export function editReport(report: ScanReport, edits: ReportEdits, doubtful: DoubtfulRows): ScanReport {
  const taken = <T>(kind: Kind, list: readonly T[]) =>
    list.filter((_, i) => isTaken(kind, i, edits, doubtful));
  const modules = taken('modules', report.modules);
  /** Place of a module; one that a person named, and that is not there, is added. */
  const moduleOf = (name: string, added: boolean): number | null => {
    const at = modules.findIndex((m) => m.name === name);
    if (at >= 0) return at;
    return added && name !== '' ? modules.push({ name, answered: true }) - 1 : null;
  };
  const place = new Map<number, number>();
  const codes = report.codes.flatMap((code, i) => {
    if (edits.gone.includes(i) || !isTaken('codes', i, edits, doubtful)) return [];
    place.set(i, place.size);
    const { [i]: said } = edits.codes;
    const { [i]: status } = edits.statuses;
    const { [i]: module } = edits.modules;
    const own = code.module === null ? '' : (report.modules[code.module]?.name ?? '');
    return [
      {
        ...code,
        module: module === undefined ? moduleOf(own, false) : moduleOf(module, true),
        ...(said === undefined ? {} : { code: readCode(said)?.code ?? code.code }),
        ...(status === undefined ? {} : { statuses: status === '' ? [] : [status] }),
      },
    ];
  });
  for (const line of edits.faults)
    codes.push({ code: line.trim().slice(0, 60), text: '', statuses: [], module: null });
  return {
    ...report,
    modules,
    codes,
    live: taken('live', report.live),
    monitors: taken('monitors', report.monitors),
    freeze: taken('freeze', report.freeze).flatMap((f) => {
      const at = place.get(f.code);
      return at === undefined ? [] : [{ ...f, code: at }];
    }),
    leftover: report.leftover.filter((l) => !edits.faults.includes(l)),
  };
}
