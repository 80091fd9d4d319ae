import { analyseRecording } from '@/services/traces/trace-analysis';
import { TraceForm } from '@/core/api';
import { ENGINES } from './engines';
import type { Claim, HandMade } from './kit';
import { LOGS } from './logs';
import { MORE } from './more';
import { SENSORS } from './sensors';

/** Every second one is held back while the analyses are mended. */
const half = (rest: number): HandMade[] =>
  [SENSORS, ENGINES, LOGS].flatMap((set) => set.filter((_, i) => i % 2 === rest));
export const LOOKED_AT = half(0);
export const HELD_OUT = half(1);
/** Made after the first set was mended on, before its second half was opened. */
export const LATER = MORE;

interface Said {
  analysis: string;
  verdict: string;
  about: string;
  because: string;
}

/** What a program is told of a recording, without having said more of it than the firing order. */
export function saidOf(recording: HandMade): { said: Said[]; refused: string[] } {
  const form = TraceForm.parse({ firingOrder: recording.firingOrder ?? '' });
  const { analyses } = analyseRecording(new TextEncoder().encode(recording.text), recording.file, form);
  return {
    said: analyses.flatMap((a) => a.findings.map((f) => ({ analysis: a.analysis, ...f }))),
    refused: analyses.flatMap((a) => (a.refused ? [`${a.analysis}: ${a.refused}`] : [])),
  };
}

const meets = (f: Said, c: Claim): boolean =>
  f.verdict === c.verdict &&
  (c.analysis ?? f.analysis) === f.analysis &&
  (!c.words || c.words.test(f.about) || c.words.test(f.because));

/** Right where everything is said and nothing that must not be; wrong where something is that must not be. */
export function judgeRecording(recording: HandMade): { is: 'right' | 'wrong' | 'unread'; faults: string[] } {
  const { said, refused } = saidOf(recording);
  const wrong = said.filter((f) => recording.never.some((c) => meets(f, c)));
  const missing = recording.says.filter((c) => !said.some((f) => meets(f, c)));
  const faults = [
    ...wrong.map((f) => `wrong: ${f.analysis} ${f.verdict}: ${f.because}`),
    ...missing.map((c) => `not said: ${c.analysis ?? ''} ${c.verdict} ${c.words ?? ''}`),
    ...(missing.length > 0 ? refused.map((r) => `refused: ${r}`) : []),
  ];
  if (wrong.length > 0) return { is: 'wrong', faults };
  return { is: missing.length > 0 ? 'unread' : 'right', faults };
}

const row = (name: string, set: readonly HandMade[]): string => {
  const judged = set.map((r) => judgeRecording(r).is);
  const of = (is: string) => judged.filter((j) => j === is).length;
  return `| ${name} | ${set.length} | ${of('right')} | ${of('wrong')} | ${of('unread')} |`;
};

/** Recordings made by hand, given in as a program gives them: no analysis is chosen, no channel named. */
export function recordings(): string {
  return [
    '| recordings made by hand | | right | wrong | not told |',
    '| --- | ---: | ---: | ---: | ---: |',
    row('looked at while mending', LOOKED_AT),
    row('not looked at', HELD_OUT),
    row('made later, not looked at', LATER),
  ].join('\n');
}
