'use client';

import type { TraceResult } from '@/core/traces';
import type { Answer, AnalysisRequest } from '@/workers/trace-api';
import type { Over } from './open-trace';
import { TraceWorker } from './worker';

/** Beyond so many samples an analysis runs in a worker of its own, so that it can be stopped. */
const OWN_WORKER = 300_000;

/** One analysis under way: its answer, and how it is stopped. */
export interface Running {
  answer: Promise<Answer<TraceResult> | undefined>;
  stop: () => void;
}

/**
 * Starts an analysis. A long one runs beside the trace's own worker, which goes on drawing; stopped it answers
 * undefined, and nothing of the trace is lost.
 */
export function startAnalysis(worker: TraceWorker, samples: number, ask: AnalysisRequest): Running {
  if (samples < OWN_WORKER) return { answer: worker.api.analyse(ask), stop: () => undefined };
  const aside = new TraceWorker();
  let stop: () => void = () => undefined;
  const stopped = new Promise<undefined>((done) => {
    stop = () => done(undefined);
  });
  const work = async () => {
    await aside.api.hold(await worker.api.copies());
    return aside.api.analyse(ask);
  };
  const answer = Promise.race([work(), stopped]).finally(() => aside.end());
  return { answer, stop };
}

/** What another recording is asked: the same analysis, its channels by the same names. */
export function sameOf(
  over: Over,
  ask: AnalysisRequest,
  channels: readonly { name: string }[],
): AnalysisRequest {
  const same = (i: number) => over.loaded.channels.findIndex((c) => c.name === channels[i]!.name);
  const roles = Object.fromEntries(
    Object.entries(ask.roles).map(([role, list]) => [role, list.map(same).filter((i) => i >= 0)]),
  );
  return { ...ask, roles, from: -Infinity, to: Infinity };
}

/** Whether a recording may say what is normal: one of a healthy vehicle, or from after the repair. */
export const isHealthy = (over: Over): boolean =>
  over.healthy || over.stands === 'known-good' || over.stands === 'after';
