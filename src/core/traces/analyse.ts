import { Refusal } from '@/core/checks/contract';
import { ANALYSES } from './analyses';
import { stretch, type Channel } from './channel';
import type { TraceResult } from './contract';
import { firingPlan, type FiringPlan } from './engine';
import type { Roles } from './roles';

/** What an analysis is asked. */
export interface AnalyseAsk {
  analysis: string;
  roles: Roles;
  settings: Record<string, unknown>;
  engine: { order: string; strokes: number | null; angles: string };
  /** Seconds; the stretch that is looked at. */
  from: number;
  to: number;
}

/** Fewer samples than this tell nothing. */
const LEAST = 16;

/**
 * Runs an analysis on channels of a recording: for the page and for programs alike.
 *
 * @param channels of the recording
 * @throws Refusal with a sentence for what it needs and does not have
 */
export function analyse(channels: readonly Channel[], ask: AnalyseAsk): TraceResult {
  const analysis = ANALYSES.find((a) => a.id === ask.analysis);
  if (!analysis) throw new Refusal(`There is no analysis called "${ask.analysis}".`);
  let engine: FiringPlan | undefined;
  if (analysis.engine !== 'none' && ask.engine.order.trim() !== '') {
    const plan = firingPlan(ask.engine.order, ask.engine.strokes, ask.engine.angles);
    if (typeof plan === 'string') throw new Refusal(plan);
    engine = plan;
  }
  if (analysis.engine === 'needed' && !engine)
    throw new Refusal('This analysis needs the firing order. Enter it above, or on the vehicle of the case.');
  const given = Object.fromEntries(
    Object.entries(ask.roles).map(([role, list]) => [
      role,
      list.flatMap((i) => (channels[i] ? [stretch(channels[i], ask.from, ask.to)] : [])),
    ]),
  );
  for (const role of analysis.roles) {
    const list = given[role.id] ?? [];
    if (list.length === 0 && !role.optional) throw new Refusal(`Choose the channel for "${role.name}".`);
    const short = list.find((c) => c.samples.length < LEAST);
    if (short)
      throw new Refusal(`"${short.name}" has fewer than 16 samples in this stretch. Choose a longer one.`);
  }
  return analysis.run({ channels: given, engine }, analysis.settings.parse(ask.settings));
}
