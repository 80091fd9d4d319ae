import { ANALYSES, type TraceResult } from '@/core/traces';
import { Refusal } from '@/core/checks/contract';
import { random } from '@/sim/random';
import { ENGINE_MAKERS } from './engine-makers';
import type { Judgement, Maker } from './kit';
import { SIGNAL_MAKERS } from './signal-makers';
import { TOGETHER_MAKERS } from './together-makers';
import { SWITCHING_MAKERS } from './switching-makers';

/** In the order of the analyses. */
export const MAKERS: Maker[] = ANALYSES.flatMap((a) =>
  [...ENGINE_MAKERS, ...SIGNAL_MAKERS, ...SWITCHING_MAKERS, ...TOGETHER_MAKERS].filter(
    (m) => m.analysis === a.id,
  ),
);
/** What a maker is called in tables and tests. */
export const nameOf = (m: Maker): string => (m.name ? `${m.analysis}: ${m.name}` : m.analysis);

export interface Tally {
  right: number;
  wrong: number;
  unsure: number;
}

/** Runs one trial: a refusal to answer is "unsure". */
export function tryOne(
  maker: Maker,
  seed: number,
  snr: number,
): { judged: Judgement; result: TraceResult | string } {
  const analysis = ANALYSES.find((a) => a.id === maker.analysis)!;
  const trial = maker.make(random(seed), snr);
  try {
    const result = analysis.run(trial.given, analysis.settings.parse(trial.settings));
    return { judged: trial.judge(result), result };
  } catch (e) {
    if (e instanceof Refusal) return { judged: 'unsure', result: e.message };
    throw e;
  }
}

export function tally(maker: Maker, snr: number, count: number, firstSeed: number): Tally {
  const out: Tally = { right: 0, wrong: 0, unsure: 0 };
  for (let i = 0; i < count; i++) out[tryOne(maker, firstSeed + i, snr).judged]++;
  return out;
}
