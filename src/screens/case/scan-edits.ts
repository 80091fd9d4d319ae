import { useMemo, useState } from 'react';
import type { CodeStatus } from '@/core/case';
import {
  foldLine,
  labelBy,
  readCode,
  readScan,
  rowsWithLines,
  statusWordOf,
  SURE_ENOUGH,
  sureOfPicture,
  type Label,
  type ReportHints,
  type ScanReport,
} from '@/core/codes';

/** What a person put right in one report before it goes onto the case. */
interface Edits {
  /** Faults taken away, by their place in the reading. */
  gone: readonly number[];
  modules: Readonly<Record<number, string>>;
  statuses: Readonly<Record<number, CodeStatus | ''>>;
  /** Lines that are faults in words. */
  faults: readonly string[];
  /** Codes as a person put them right or confirmed them. */
  codes: Readonly<Record<number, string>>;
}
const NONE: Edits = { gone: [], modules: {}, statuses: {}, faults: [], codes: {} };

export interface ScanReadingState {
  form: ReturnType<typeof readScan>['form'];
  /** As read, with the rows by the places the lines name. */
  read: ScanReport;
  /** As it goes onto the case. */
  report: ScanReport;
  hints: ReportHints;
  edits: Edits;
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
  const [made, setMade] = useState<{ of: string; edits: Edits }>({ of: '', edits: NONE });
  const edits = made.of === text ? made.edits : NONE;
  const setEdits = (change: (e: Edits) => Edits) =>
    setMade((m) => ({ of: text, edits: change(m.of === text ? m.edits : NONE) }));
  const hints = useMemo(() => own ?? kept ?? emptyHints(kind), [own, kept, kind]);
  const { form, report: read } = useMemo(() => readScan(text, hints), [text, hints]);
  const doubtful = useMemo(() => (sure ? doubtfulRows(read, sure) : NOTHING), [read, sure]);
  const report = useMemo(() => withEdits(read, edits, doubtful), [read, edits, doubtful]);
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

interface Doubtful {
  codes: readonly number[];
  modules: readonly number[];
}
const NOTHING: Doubtful = { codes: [], modules: [] };

/** Rows of a photo that were hard to read. */
function doubtfulRows(read: ScanReport, sure: readonly number[]): Doubtful {
  const rows = rowsWithLines(read, sureOfPicture(read, sure));
  const under = (list: readonly { sure: number }[]) =>
    list.flatMap((r, i) => (r.sure < SURE_ENOUGH ? [i] : []));
  return { codes: under(rows.codes), modules: under(rows.modules) };
}

function withEdits(read: ScanReport, edits: Edits, doubtful: Doubtful): ScanReport {
  // A heading that was hard to read names nothing; a code so waits until somebody confirms it.
  const names = read.modules.flatMap((m, i) => (doubtful.modules.includes(i) ? [] : [m.name]));
  const modules = read.modules.filter((m) => names.includes(m.name));
  const moduleOf = (name: string, among?: readonly string[]): number | null => {
    if (name === '' || (among && !among.includes(name))) return null;
    const at = modules.findIndex((m) => m.name === name);
    return at >= 0 ? at : modules.push({ name, answered: true }) - 1;
  };
  const place = new Map<number, number>();
  const codes = read.codes.flatMap((code, i) => {
    const said = edits.codes[i];
    if (edits.gone.includes(i) || (doubtful.codes.includes(i) && said === undefined)) return [];
    place.set(i, place.size);
    const status = edits.statuses[i];
    const module = edits.modules[i];
    return [
      {
        ...code,
        module: code.module === null ? null : moduleOf(read.modules[code.module]!.name, names),
        ...(said === undefined ? {} : { code: readCode(said)?.code ?? code.code }),
        ...(status === undefined ? {} : { statuses: status === '' ? [] : [status] }),
        ...(module === undefined ? {} : { module: moduleOf(module) }),
      },
    ];
  });
  for (const line of edits.faults)
    codes.push({ code: line.trim().slice(0, 60), text: '', statuses: [], module: null });
  return {
    ...read,
    modules,
    codes,
    freeze: read.freeze.flatMap((f) => (place.has(f.code) ? [{ ...f, code: place.get(f.code)! }] : [])),
    leftover: read.leftover.filter((l) => !edits.faults.includes(l)),
  };
}
