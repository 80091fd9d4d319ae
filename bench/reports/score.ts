import { readScan } from '@/core/codes';
import type { Printed, Truth } from './kit';

export interface Tally {
  right: number;
  wrong: number;
  unread: number;
}
export type Part = 'codes' | 'modules' | 'statuses' | 'live values';
export type Score = Record<Part, Tally>;
export const PARTS: readonly Part[] = ['codes', 'modules', 'statuses', 'live values'];
export const emptyScore = (): Score => ({
  codes: { right: 0, wrong: 0, unread: 0 },
  modules: { right: 0, wrong: 0, unread: 0 },
  statuses: { right: 0, wrong: 0, unread: 0 },
  'live values': { right: 0, wrong: 0, unread: 0 },
});

const fold = (s: string): string =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const sameName = (a: string, b: string): boolean => fold(a) === fold(b);
const number = (s: string): string => s.replace(/[^\d.,+\-−]/g, '').replace(',', '.');

/** Holds what was read of a report against its truth, and says in words what is not right. */
export function scoreReport({ text, truth }: Printed, score: Score): string[] {
  const { report } = readScan(text);
  const faults: string[] = [];
  const note = (part: Part, kind: keyof Tally, what: string) => {
    score[part][kind]++;
    if (kind !== 'right') faults.push(`${part} ${kind}: ${what}`);
  };
  const left = [...report.codes];
  const nameOf = (i: number | null) => (i === null ? null : (report.modules[i]?.name ?? null));
  for (const want of truth.codes) {
    const fits = left.filter(
      (c) => sameName(c.code, want.code) || (c.code === '' && sameName(c.text, want.code)),
    );
    const at =
      fits.find((c) => want.module !== null && sameName(nameOf(c.module) ?? '', want.module)) ?? fits[0];
    if (!at) {
      note('codes', 'unread', want.code);
      continue;
    }
    left.splice(left.indexOf(at), 1);
    const module = nameOf(at.module);
    if (want.module === null ? module === null : module !== null && sameName(module, want.module))
      note('codes', 'right', want.code);
    else if (module === null) note('codes', 'unread', `${want.code} without its module ${want.module}`);
    else note('codes', 'wrong', `${want.code} under ${module}, not ${want.module}`);
    scoreStatuses(at.statuses, want, note);
  }
  for (const extra of left) note('codes', 'wrong', `${extra.code} "${extra.text}" was not there`);
  const modules = [...report.modules];
  for (const want of truth.modules) {
    const at = modules.findIndex((m) => sameName(m.name, want.name));
    if (at < 0) note('modules', 'unread', want.name);
    else {
      const [got] = modules.splice(at, 1);
      note(
        'modules',
        got!.answered === want.answered ? 'right' : 'wrong',
        `${want.name} answered: ${String(got!.answered)}`,
      );
    }
  }
  for (const extra of modules) note('modules', 'wrong', `${extra.name} is no module`);
  const values = [...report.live];
  for (const want of truth.live) {
    const at = values.findIndex((v) => sameName(v.name, want.name));
    if (at < 0) note('live values', 'unread', want.name);
    else {
      const [got] = values.splice(at, 1);
      note(
        'live values',
        number(got!.entered) === number(want.entered) ? 'right' : 'wrong',
        `${want.name} ${got!.entered}`,
      );
    }
  }
  for (const extra of values) note('live values', 'wrong', `${extra.name} ${extra.entered} was not there`);
  for (const extra of report.freeze) note('live values', 'wrong', `freeze frame ${extra.name} was not there`);
  return faults;
}

function scoreStatuses(
  got: readonly string[],
  want: Truth['codes'][number],
  note: (part: Part, kind: keyof Tally, what: string) => void,
): void {
  const allowed = new Set(want.statuses.flatMap((s) => s.split('|')));
  const said = `${want.code}: ${got.join('+') || 'none'} for ${want.statuses.join('+') || 'none'}`;
  if (got.some((s) => !allowed.has(s))) note('statuses', 'wrong', said);
  else if (want.statuses.every((s) => s.split('|').some((x) => got.includes(x))))
    note('statuses', 'right', said);
  else note('statuses', 'unread', said);
}
