import { useRef, useState } from 'react';
import { compareRuns, type Ran, type Roles, type TraceResult } from '@/core/traces';
import type { AnalysisRequest, Loaded } from '@/workers/trace-api';
import { useSheet, useTrace, useTraceStore, type Over, type TraceStore } from './open-trace';
import { isHealthy, sameOf, startAnalysis } from './run-analysis';

/** What is asked: an analysis, its channels and settings, and the stretch where it is not the whole. */
export interface RunAsked {
  id: string;
  roles: Roles;
  settings: Record<string, string | number>;
  stretch: { from?: number; to?: number };
}

/** A run that answered. */
export interface RunDone {
  result: TraceResult;
  ran: Ran;
}

export interface Runner {
  /** What is under way, and whether it takes long enough to say so. */
  busy: { stop: () => void; long: boolean } | undefined;
  problem: string;
  setProblem: (words: string) => void;
  /** How what is shown was run. */
  ran: Ran;
  /** Undefined where it was stopped, or could not be done: `problem` then says why. */
  run: (asked: RunAsked) => Promise<RunDone | undefined>;
  /** Ends what is under way, and what it says no longer counts. */
  drop: () => void;
}

/** A longer one shows that it is under way, and can be stopped. */
const LONG = 300_000;

/**
 * Runs analyses on the open trace and on the one laid over it. Only the run started last says what is shown: the one
 * of the opening may answer behind a press.
 *
 * @param engine of the vehicle, where the sheet says nothing else
 */
export function useRunner(engine: { order: string; strokes: number | null }): Runner {
  const store = useTraceStore();
  const { sheet } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const [busy, setBusy] = useState<Runner['busy']>();
  const [problem, setProblem] = useState('');
  const [ran, setRan] = useState<Ran>({ roles: {}, settings: {} });
  const runs = useRef(0);

  const run = async (asked: RunAsked): Promise<RunDone | undefined> => {
    setProblem('');
    const mine = ++runs.current;
    const { worker, over } = store.getState();
    const ask: AnalysisRequest = {
      analysis: asked.id,
      roles: asked.roles,
      settings: asked.settings,
      engine: { ...engine, order: sheet.order || engine.order, angles: sheet.angles },
      from: asked.stretch.from ?? loaded.from,
      to: asked.stretch.to ?? Infinity,
    };
    const there = over && (await askOver(over, ask, loaded));
    const samples = samplesOf(loaded, asked.roles);
    const running = startAnalysis(worker, samples, ask);
    setBusy({ stop: running.stop, long: samples >= LONG });
    const answer = await running.answer;
    const last = mine === runs.current;
    if (last) setBusy(undefined);
    if (!answer) return undefined;
    if (!answer.ok) {
      if (last) {
        setProblem(answer.message);
        store.setState({ result: undefined, overResult: undefined, compared: [], found: [] });
      }
      return undefined;
    }
    const done = { result: answer.value, ran: ranOf(asked, loaded) };
    if (last) {
      store.setState({ result: done.result, overResult: there, compared: [], found: done.result.marks });
      if (there && over) void compare(store, done.result, there, over, ask);
      setRan(done.ran);
    }
    return done;
  };
  const drop = () => {
    runs.current++;
    busy?.stop();
    setBusy(undefined);
    setProblem('');
    store.setState({ result: undefined, overResult: undefined, found: [] });
  };
  return { busy, problem, setProblem, ran, run, drop };
}

const samplesOf = (loaded: Loaded, roles: Roles): number =>
  Object.values(roles)
    .flat()
    .reduce((sum, i) => sum + (loaded.channels[i]?.samples ?? 0), 0);

/**
 * What lies over the trace is asked the same, so that both figures stand side by side. What is normal there is taken
 * as normal here where nothing was stated; never from before the repair.
 */
async function askOver(over: Over, ask: AnalysisRequest, loaded: Loaded): Promise<TraceResult | undefined> {
  const beside = await over.worker.api.analyse(sameOf(over, ask, loaded.channels));
  if (!beside.ok) return undefined;
  if (isHealthy(over))
    for (const [name, value] of Object.entries(beside.value.gives ?? {}))
      if (ask.settings[name] === '') ask.settings[name] = value;
  return beside.value;
}

/** How it was run, with the channels by their names: another recording has them at other places. */
function ranOf({ roles, settings, stretch }: RunAsked, loaded: Loaded): Ran {
  const names = (list: number[]) => list.map((i) => loaded.channels[i]!.name);
  return {
    roles: Object.fromEntries(Object.entries(roles).map(([role, list]) => [role, names(list)])),
    settings,
    ...stretch,
  };
}

/** Both over their halves, to tell a difference from what either differs within itself. */
async function compare(
  store: TraceStore,
  here: TraceResult,
  there: TraceResult,
  over: Over,
  ask: AnalysisRequest,
): Promise<void> {
  const { worker, loaded } = store.getState();
  const halves = {
    here: await worker.api.halves(ask),
    there: await over.worker.api.halves(sameOf(over, ask, loaded.channels)),
  };
  if (store.getState().result === here) store.setState({ compared: compareRuns(here, there, halves) });
}
