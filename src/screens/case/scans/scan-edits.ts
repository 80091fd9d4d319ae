import { useMemo, useState } from 'react';
import type { CodeStatus } from '@/core/case';
import {
  doubtfulRows,
  editReport,
  foldLine,
  isTaken,
  labelBy,
  NO_EDITS,
  NONE_DOUBTFUL,
  readScan,
  statusWordOf,
  type DoubtfulRows,
  type Label,
  type ReportEdits,
  type ReportHints,
  type ScanReport,
} from '@/core/codes';

type PhotoRows = keyof DoubtfulRows;

export interface ScanReadingState {
  form: ReturnType<typeof readScan>['form'];
  /** As read, with the rows by the places the lines name. */
  read: ScanReport;
  /** As it goes onto the case. */
  report: ScanReport;
  hints: ReportHints;
  edits: ReportEdits;
  /** Something was put right that the next report of this kind can profit from. */
  learned: boolean;
  setStatus: (row: number, line: string, status: CodeStatus | '') => void;
  setModule: (row: number, name: string) => void;
  /** The reading of a text that may be newer than the one shown. */
  reportOf: (text: string) => ScanReport;
  /** Confirms or corrects a code that was hard to read. */
  setCode: (row: number, code: string) => void;
  /** Codes that wait to be confirmed; they do not go onto the case until then. */
  waiting: readonly number[];
  /** Whether a row of a photo goes onto the case as it stands. */
  taken: (kind: PhotoRows, row: number) => boolean;
  confirm: (kind: PhotoRows, row: number) => void;
  remove: (row: number) => void;
  heading: (line: string, is: boolean) => void;
  fault: (line: string) => void;
  column: (head: string, label: Label | '') => void;
  /** What the column under a head holds. */
  labelOf: (head: string) => Label | '';
  begin: (kept: ReportHints | undefined) => void;
}

export const emptyHints = (kind: string): ReportHints => ({
  kind,
  statuses: {},
  headings: [],
  notHeadings: [],
  columns: {},
});

/** The reading of a text, with what is put right in it; what holds for reports of its kind is told apart. */
export function useScanReading(
  text: string,
  kind: string,
  sure: readonly number[] | undefined,
): ScanReadingState {
  const [kept, setKept] = useState<ReportHints>();
  const [own, setOwn] = useState<ReportHints>();
  // What is put right by its place holds for this text only.
  const [made, setMade] = useState<{ of: string; edits: ReportEdits }>({ of: '', edits: NO_EDITS });
  const edits = made.of === text ? made.edits : NO_EDITS;
  const setEdits = (change: (e: ReportEdits) => ReportEdits) =>
    setMade((m) => ({ of: text, edits: change(m.of === text ? m.edits : NO_EDITS) }));
  const hints = useMemo(() => own ?? kept ?? emptyHints(kind), [own, kept, kind]);
  const { form, report: read } = useMemo(() => readScan(text, hints), [text, hints]);
  const doubtful = useMemo(() => (sure ? doubtfulRows(read, sure) : NONE_DOUBTFUL), [read, sure]);
  const report = useMemo(() => editReport(read, edits, doubtful), [read, edits, doubtful]);
  const learn = (change: Partial<ReportHints>) => setOwn({ ...hints, kind, ...change });
  const without = (list: readonly string[], line: string) => list.filter((l) => l !== line);
  return {
    form,
    read,
    report,
    hints,
    edits,
    learned: own !== undefined,
    setStatus(row, line, status) {
      const word = statusWordOf(line);
      const code = read.codes[row];
      // A word that is no part of the wording is the tool's word for it, on every line.
      const isWord =
        word !== '' &&
        code !== undefined &&
        !/\d/.test(word) &&
        word !== foldLine(code.text) &&
        word !== foldLine(code.code);
      if (isWord) learn({ statuses: { ...hints.statuses, [word]: status } });
      setEdits((e) => ({ ...e, statuses: { ...e.statuses, [row]: status } }));
    },
    setModule: (row, name) => setEdits((e) => ({ ...e, modules: { ...e.modules, [row]: name } })),
    reportOf: (now) => (now === text ? report : readScan(now, hints).report),
    setCode: (row, code) => setEdits((e) => ({ ...e, codes: { ...e.codes, [row]: code } })),
    waiting: doubtful.codes.filter((i) => edits.codes[i] === undefined && !edits.gone.includes(i)),
    taken: (kind, row) => isTaken(kind, row, edits, doubtful),
    confirm: (kind, row) => setEdits((e) => ({ ...e, confirmed: [...e.confirmed, `${kind}:${row}`] })),
    remove: (row) => setEdits((e) => ({ ...e, gone: [...e.gone, row] })),
    heading(line, is) {
      const folded = foldLine(line);
      learn({
        headings: is ? [...without(hints.headings, folded), folded] : without(hints.headings, folded),
        notHeadings: is
          ? without(hints.notHeadings, folded)
          : [...without(hints.notHeadings, folded), folded],
      });
    },
    fault: (line) => setEdits((e) => ({ ...e, faults: [...e.faults, line] })),
    column: (head, label) => learn({ columns: { ...hints.columns, [foldLine(head).slice(0, 80)]: label } }),
    labelOf: (head) => labelBy(hints)(head) ?? '',
    begin(found) {
      setKept(found);
      setOwn(undefined);
    },
  };
}
