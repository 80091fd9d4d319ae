'use client';

import { CopyPlus } from 'lucide-react';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import styled from 'styled-components';
import {
  ANALYSES,
  compareRuns,
  fittingAnalyses,
  looksLike,
  proposedRoles,
  readRan,
  settingsOf,
  type Ran,
  type Roles,
  type Setting,
  type TraceAnalysis,
  type TraceResult,
} from '@/core/traces';
import { Button, Choice, Quiet } from '@/ui/controls';
import type { RowOf } from '@/core/case';
import { dayTime } from '@/ui/dates';
import type { AnalysisRequest } from '@/workers/trace-api';
import { OfferButton } from '../case/guidance/offer';
import { useCase } from '../case/saving/store';
import { useSheet, useTrace, useTraceStore, type Over } from './open-trace';
import { AnalysisForm } from './analysis-form';
import { usePutFindings } from './put-findings';
import { isHealthy, sameOf, startAnalysis } from './run-analysis';
import { RunningLine } from './running-line';
import { Results } from './results';

const Box = styled.div`
  display: flex;
  flex-direction: column;
  gap: 8px;
  & details p {
    color: var(--ink-2);
    font-size: 0.875rem;
    padding: 4px 0;
  }
  & summary {
    cursor: pointer;
    color: var(--ink-2);
    font-size: 0.875rem;
  }
`;
/** Channels of this recording by the names they had in another; what is not here is proposed anew. */
function namedRoles(
  names: Record<string, string[]>,
  analysis: TraceAnalysis,
  channels: readonly { name: string; unit: string }[],
  crank: string,
): Roles {
  const fallback = proposedRoles(analysis, channels, crank);
  return Object.fromEntries(
    Object.entries({ ...fallback, ...names }).map(([role]) => {
      const found = (names[role] ?? []).map((n) => channels.findIndex((c) => c.name === n));
      return [role, names[role] && found.every((i) => i >= 0) ? found : (fallback[role] ?? [])];
    }),
  );
}

/** How an analysis was last run on the case: its channels and settings are those of the next recording too. */
function lastRun(tests: readonly RowOf<'test'>[], analysisId: string): Ran | undefined {
  const text = tests.findLast((t) => t.analysisId === analysisId)?.ran;
  return text ? readRan(text) : undefined;
}

/** Analyses that ran on other recordings of this case: run on this one, each is its repeat. */
function useFirstRuns(): RowOf<'test'>[] {
  const { traceId } = useSheet();
  return useCase(
    useShallow((s) =>
      s.record.test.filter(
        (t) =>
          t.repeatOf === null &&
          ANALYSES.some((a) => a.id === t.analysisId) &&
          t.traceId !== traceId &&
          !s.record.test.some((x) => x.repeatOf === t.id && x.traceId === traceId),
      ),
    ),
  );
}

const Fits = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 2px;
  font-size: 0.875rem;
  & button {
    padding-left: 0;
  }
`;

/** A recording with fewer samples is analysed as it opens; a longer one keeps the sheet waiting. */
const AT_ONCE = 600_000;
/** A longer one shows that it is under way, and can be stopped. */
const LONG = 300_000;
const titleOf = (id: string): string => ANALYSES.find((a) => a.id === id)!.title;

/** Chooses an analysis, its channels and settings, and runs it over what is shown. */
export function Analyse({ order, strokes }: { order: string; strokes: number | null }) {
  const store = useTraceStore();
  const { sheet } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const result = useTrace((s) => s.result);
  const over = useTrace((s) => s.over);
  const there = useTrace((s) => s.overResult);
  const span = useTrace((s) => s.span);
  const fitting = fittingAnalyses(loaded.channels, ANALYSES).slice(0, 3);
  const [id, setId] = useState(fitting[0]!);
  const analysis = ANALYSES.find((a) => a.id === id)!;
  const firsts = useFirstRuns();
  const tests = useCase((s) => s.record.test);
  const rolesFor = (a: TraceAnalysis): Roles =>
    namedRoles(lastRun(tests, a.id)?.roles ?? {}, a, loaded.channels, sheet.crank?.channel ?? '');
  const [roles, setRoles] = useState<Roles>(() => rolesFor(analysis));
  const [settings, setSettings] = useState<Record<string, string>>({});
  const [ran, setRan] = useState<Ran>({ roles: {}, settings: {} });
  const put = usePutFindings();
  const [busy, setBusy] = useState<{ stop: () => void; long: boolean }>();
  /** Only the run started last says what is shown: the one of the opening may answer behind a press. */
  const runs = useRef(0);
  const [problem, setProblem] = useState('');
  const whole = span.from <= loaded.from && span.to >= loaded.to;

  const choose = (next: string) => {
    // What is under way answers another question.
    runs.current++;
    busy?.stop();
    setBusy(undefined);
    setId(next);
    setRoles(rolesFor(ANALYSES.find((a) => a.id === next)!));
    setSettings({});
    setProblem('');
    store.setState({ result: undefined, overResult: undefined, found: [] });
  };
  const fields = settingsOf(analysis.settings);
  const before = lastRun(tests, id);
  const valueOf = (f: Setting): string => {
    const own = settings[f.name];
    if (own !== undefined) return own;
    if (f.name === 'cylinder' && sheet.crank) return String(sheet.crank.cylinder);
    if (f.name === 'advance' && sheet.crank) return String(sheet.crank.advance);
    return String(before?.settings[f.name] ?? f.is ?? f.options?.[0] ?? '');
  };
  const run = async () => {
    const typed: Record<string, string | number> = {};
    for (const f of fields) {
      const v = valueOf(f);
      if (f.kind !== 'number') typed[f.name] = v;
      else {
        const n = Number(v.replace(',', '.'));
        if (v.trim() === '' || Number.isNaN(n) || n < f.min! || n > f.max!) {
          setProblem(`"${f.label}" wants a number from ${f.min} to ${f.max}.`);
          return;
        }
        typed[f.name] = n;
      }
    }
    const span_ = whole ? {} : { from: Math.max(span.from, loaded.from), to: span.to };
    await runAs(id, roles, typed, span_);
  };
  /** One press: the same analysis as before on this recording, and what it finds as the repeat on the case. */
  const repeat = async (first: RowOf<'test'>) => {
    const before = readRan(first.ran);
    const again = ANALYSES.find((a) => a.id === first.analysisId)!;
    const byName = namedRoles(before.roles, again, loaded.channels, sheet.crank?.channel ?? '');
    setId(again.id);
    setRoles(byName);
    setSettings(Object.fromEntries(Object.entries(before.settings).map(([k, v]) => [k, String(v)])));
    const done = await runAs(again.id, byName, { ...before.settings }, {});
    if (done) put(again, done.result, done.ran, first.id);
  };
  const runAs = async (
    id: string,
    roles: Roles,
    typed: Record<string, string | number>,
    stretch: { from?: number; to?: number },
  ): Promise<{ result: TraceResult; ran: Ran } | undefined> => {
    setProblem('');
    const mine = ++runs.current;
    const { worker, over } = store.getState();
    const engine = { order: sheet.order || order, strokes, angles: sheet.angles };
    const ask: AnalysisRequest = {
      analysis: id,
      roles,
      settings: typed,
      engine,
      from: stretch.from ?? loaded.from,
      to: stretch.to ?? Infinity,
    };
    const samples = Object.values(roles)
      .flat()
      .reduce((sum, i) => sum + (loaded.channels[i]?.samples ?? 0), 0);
    // What lies over it is asked the same, so that both figures stand side by side.
    const beside = over && (await over.worker.api.analyse(sameOf(over, ask, loaded.channels)));
    const there = beside?.ok ? beside.value : undefined;
    // What is normal there is taken as normal here where nothing was stated; never from before the repair.
    if (over && isHealthy(over))
      for (const [name, value] of Object.entries(there?.gives ?? {}))
        if (typed[name] === '') typed[name] = value;
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
    const names = (list: number[]) => list.map((i) => loaded.channels[i]!.name);
    const now: Ran = {
      roles: Object.fromEntries(Object.entries(roles).map(([role, list]) => [role, names(list)])),
      settings: typed,
      ...stretch,
    };
    if (last) {
      store.setState({ result: answer.value, overResult: there, compared: [], found: answer.value.marks });
      if (there && over) void compare(answer.value, there, over, ask);
      setRan(now);
    }
    return { result: answer.value, ran: now };
  };
  /** Both over their halves, to tell a difference from what either differs within itself. */
  const compare = async (here: TraceResult, there: TraceResult, over: Over, ask: AnalysisRequest) => {
    const halves = {
      here: await store.getState().worker.api.halves(ask),
      there: await over.worker.api.halves(sameOf(over, ask, loaded.channels)),
    };
    if (store.getState().result === here) store.setState({ compared: compareRuns(here, there, halves) });
  };
  // The one that fits has run already when the sheet opens, where nothing has to be asked for it.
  const onOpening = useEffectEvent(() => {
    const samples = loaded.channels.reduce((sum, c) => sum + c.samples, 0);
    const asks = analysis.engine === 'needed' && (sheet.order || order).trim() === '';
    if (!result && !asks && samples <= AT_ONCE) void run();
  });
  useEffect(() => {
    const soon = setTimeout(onOpening, 0);
    return () => clearTimeout(soon);
  }, []);
  return (
    <Box>
      <p data-testid="looks-like">
        {looksLike(
          ANALYSES.find((a) => a.id === fitting[0])!,
          loaded.channels,
          (sheet.order || order).split(/[-\s,]+/).filter(Boolean).length,
          id === fitting[0] ? result : undefined,
        )}
      </p>
      {fitting.length > 1 && (
        <Fits>
          <Quiet as="span">Fits its channels’ names:</Quiet>
          {fitting.map((f) =>
            f === id ? (
              <b key={f}>{titleOf(f)}</b>
            ) : (
              <Button key={f} $kind="quiet" onPress={() => choose(f)}>
                {titleOf(f)}
              </Button>
            ),
          )}
        </Fits>
      )}
      {firsts.map((first) => {
        const title = ANALYSES.find((a) => a.id === first.analysisId)?.title ?? first.question;
        return (
          <OfferButton key={first.id} isDisabled={busy !== undefined} onPress={() => void repeat(first)}>
            <CopyPlus aria-hidden="true" /> Repeat “{title}” as on {dayTime(first.at)}
          </OfferButton>
        );
      })}
      <Choice
        label="Analysis"
        value={id}
        options={ANALYSES.map((a) => ({ value: a.id, label: a.title }))}
        onChange={choose}
      />
      <p>{analysis.question}</p>
      <details>
        <summary>How it works</summary>
        <p>{analysis.explains}</p>
        <p>{analysis.source}</p>
      </details>
      <AnalysisForm
        analysis={analysis}
        roles={roles}
        onRoles={setRoles}
        valueOf={valueOf}
        onValue={(name, value) => setSettings({ ...settings, [name]: value })}
      />
      <div style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
        <Button $kind="main" isDisabled={busy !== undefined} onPress={() => void run()}>
          {busy ? 'Searching …' : 'Analyse'}
        </Button>
        <Quiet>{whole ? 'the whole trace' : 'what is shown'}</Quiet>
      </div>
      {busy?.long && <RunningLine onStop={busy.stop} />}
      {over && !isHealthy(over) && there?.gives && (
        <Button
          $kind="quiet"
          onPress={() => {
            store.setState({ over: { ...over, healthy: true } });
            void run();
          }}
        >
          Take “{over.name}” as healthy: what is normal comes from it
        </Button>
      )}
      {problem && (
        <p role="alert" style={{ color: 'var(--fail)' }}>
          {problem}
        </p>
      )}
      {result && !busy && <Results analysis={analysis} result={result} ran={ran} />}
    </Box>
  );
}
