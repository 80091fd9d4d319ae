import { useMemo, useState } from 'react';
import type { CodeStatus } from '@/core/case';
import {
  foldLine,
  labelBy,
  readScan,
  statusWordOf,
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
}
const NONE: Edits = { gone: [], modules: {}, statuses: {}, faults: [] };

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
export function useScanReading(text: string, kind: string): ScanReadingState {
  const [kept, setKept] = useState<ReportHints>();
  const [own, setOwn] = useState<ReportHints>();
  // What is put right by its place holds for this text only.
  const [made, setMade] = useState<{ of: string; edits: Edits }>({ of: '', edits: NONE });
  const edits = made.of === text ? made.edits : NONE;
  const setEdits = (change: (e: Edits) => Edits) =>
    setMade((m) => ({ of: text, edits: change(m.of === text ? m.edits : NONE) }));
  const hints = useMemo(() => own ?? kept ?? emptyHints(kind), [own, kept, kind]);
  const { form, report: read } = useMemo(() => readScan(text, hints), [text, hints]);
  const report = useMemo(() => withEdits(read, edits), [read, edits]);
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

function withEdits(read: ScanReport, edits: Edits): ScanReport {
  const modules = [...read.modules];
  const moduleOf = (name: string): number | null => {
    if (name === '') return null;
    const at = modules.findIndex((m) => m.name === name);
    return at >= 0 ? at : modules.push({ name, answered: true }) - 1;
  };
  const place = new Map<number, number>();
  const codes = read.codes.flatMap((code, i) => {
    if (edits.gone.includes(i)) return [];
    place.set(i, place.size);
    const status = edits.statuses[i];
    const module = edits.modules[i];
    return [
      {
        ...code,
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
