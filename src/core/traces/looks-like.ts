import { kindOfName } from './channel-kind';
import type { TraceAnalysis, TraceResult } from './contract';
import { proposedRoles } from './roles';
import { listed } from './words';

const COUNTS = [
  '',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const count = (n: number): string => COUNTS[n] ?? String(n);

/** What channels of an analysis are, in a few words; the analyses that are not here are told by their channels. */
const SAYS: Record<string, (cylinders: number) => string> = {
  'cranking-compression': (n) => `cranking current${n ? ` of ${n} cylinders` : ''}`,
  'injector-drops': () => 'rail pressure with injectors pulsed one by one',
  pulsation: (n) => `a pressure over the crank${n ? ` of ${n} cylinders` : ''}`,
  ignition: () => 'ignition voltage',
  'cam-crank': () => 'a crank wheel and a cam signal',
  'command-answer': () => 'a command and its answer',
  'bus-levels': () => 'the lines of a bus',
  hold: () => 'a value that should hold',
};

/** Channels alike, counted: "four wheel speeds and a vehicle speed". */
function counted(channels: readonly { name: string }[]): string {
  const kinds = new Map<string, number>();
  for (const c of channels) {
    const kind = kindOfName(c.name);
    kinds.set(kind || c.name, (kinds.get(kind || c.name) ?? 0) + 1);
  }
  return listed([...kinds].map(([kind, n]) => (n > 1 ? `${count(n)} × ${kind}` : kind)));
}

/**
 * What a recording looks like, in one sentence: by the analysis that fits it, its channels, and what was found first.
 *
 * @param cylinders of the engine, 0 when not known
 * @param result of the fitting analysis, where it has run
 * @example 'This looks like cranking current of 8 cylinders, with a trigger.'
 */
export function looksLike(
  analysis: TraceAnalysis,
  channels: readonly { name: string; unit: string }[],
  cylinders: number,
  result?: TraceResult,
): string {
  const own = SAYS[analysis.id]?.(analysis.engine === 'none' ? 0 : cylinders) ?? counted(channels);
  const roles = proposedRoles(analysis, channels);
  const trigger = (roles.trigger ?? []).length > 0 && analysis.id !== 'drop-outs' ? ', with a trigger' : '';
  const judged = result?.findings.filter((f) => f.verdict !== '') ?? [];
  const first = judged.find((f) => f.verdict === 'fail') ?? judged.find((f) => f.verdict === 'unsure');
  const nothing = judged.length > 0 ? ' Nothing stands out in it.' : '';
  const found = first ? ` ${first.because}` : nothing;
  return `This looks like ${own}${trigger}.${found}`;
}
