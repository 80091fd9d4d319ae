import { readScan } from '@/core/codes';
import { emptyScore, type Part, type Score, type Tally } from '../score';
import { truthOf, type HandReport } from './kit';
import { LANGUAGES } from './languages';
import { MESSAGES } from './messages';
import { SECOND } from './second';
import { THIRD } from './third';
import { TOOLS } from './tools';
import { WORKSHOP } from './workshop';

const ALL: readonly HandReport[] = [...WORKSHOP, ...MESSAGES, ...LANGUAGES, ...TOOLS];

const half = (reports: readonly HandReport[], which: 0 | 1) => reports.filter((_, i) => i % 2 === which);

/** Reports typed by hand in three goes. Every second one of the first two was held back while the reader was mended, and opened once the third was written, of which nothing is looked at. */
export const HAND_REPORTS = {
  'looked at': half(ALL, 0),
  'second set, looked at': half(SECOND, 0),
  'not looked at': half(ALL, 1),
  'second set, not looked at': half(SECOND, 1),
  'third set, not looked at': THIRD,
};

const fold = (s: string): string =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const isOneOf = (name: string, names: readonly string[]): boolean =>
  names.some((n) => fold(n) === fold(name));
const number = (s: string): string => s.replace(/[^\d.,+\-−]/g, '').replace(',', '.');

/** Holds what was read of one report against its truth; adds to the score, and gives in words what is not right. */
export function scoreHandReport(hand: HandReport, score: Score = emptyScore()): string[] {
  const truth = truthOf(hand);
  const { report } = readScan(hand.text);
  const faults: string[] = [];
  const note = (part: Part, kind: keyof Tally, what: string) => {
    score[part][kind]++;
    if (kind !== 'right') faults.push(`${part} ${kind}: ${what}`);
  };
  const moduleOf = (i: number | null) => (i === null ? '' : (report.modules[i]?.name ?? ''));
  const codes = [...report.codes];
  for (const want of truth.codes) {
    const maybe = want.code[0]!.startsWith('?');
    const names = want.code.map((c) => c.replace(/^\?/, ''));
    const at = codes.findIndex((c) => isOneOf(c.code, names) || (c.code === '' && isOneOf(c.text, names)));
    if (at < 0) {
      if (!maybe) note('codes', 'unread', names[0]!);
      continue;
    }
    const [got] = codes.splice(at, 1);
    const module = moduleOf(got!.module);
    if (want.module.length === 0 ? module === '' : isOneOf(module, want.module))
      note('codes', 'right', names[0]!);
    else if (module === '') note('codes', 'unread', `${names[0]!} without its module ${want.module[0]!}`);
    else note('codes', 'wrong', `${names[0]!} under ${module}`);
    const said = `${names[0]!}: ${got!.statuses.join('+') || 'none'} for ${want.statuses.join('|') || 'none'}`;
    if (got!.statuses.some((s) => !want.statuses.includes(s))) note('statuses', 'wrong', said);
    else if (got!.statuses.length || want.statuses.length === 0 || want.statuses.includes('none'))
      note('statuses', 'right', said);
    else note('statuses', 'unread', said);
  }
  for (const extra of codes) note('codes', 'wrong', `${extra.code} "${extra.text}" was not there`);
  const modules = [...report.modules];
  for (const want of truth.modules) {
    const at = modules.findIndex((m) => isOneOf(m.name, want.names));
    if (at < 0) {
      if (!want.maybe) note('modules', 'unread', want.names[0]!);
      continue;
    }
    const [got] = modules.splice(at, 1);
    const right = got!.answered === want.answered;
    note('modules', right ? 'right' : 'wrong', `${want.names[0]!} answered: ${String(got!.answered)}`);
  }
  for (const extra of modules) note('modules', 'wrong', `${extra.name} is no module`);
  const values = [...report.live];
  for (const want of truth.live) {
    const at = values.findIndex((v) => fold(v.name) === fold(want.name));
    if (at < 0) {
      note('live values', 'unread', want.name);
      continue;
    }
    const [got] = values.splice(at, 1);
    const right = number(got!.entered) === number(want.entered);
    note('live values', right ? 'right' : 'wrong', `${want.name} ${got!.entered}`);
  }
  for (const extra of values) note('live values', 'wrong', `${extra.name} ${extra.entered} was not there`);
  const frozen = report.freeze.length - (hand.freeze ?? 0);
  for (let i = 0; i < frozen; i++) note('live values', 'wrong', 'a freeze frame that was not there');
  for (let i = 0; i < -frozen; i++) note('live values', 'unread', 'a value of a freeze frame');
  return faults;
}
