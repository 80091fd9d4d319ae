'use client';

import { CopyPlus } from 'lucide-react';
import { useEffect, useEffectEvent, useState } from 'react';
import styled from 'styled-components';
import {
  ANALYSES,
  fittingAnalyses,
  looksLike,
  readRan,
  settingsOf,
  type Roles,
  type Setting,
  type TraceAnalysis,
} from '@/core/traces';
import { Button, Choice, Quiet } from '@/ui/controls';
import type { RowOf } from '@/core/case';
import { dayTime } from '@/ui/dates';
import { Inline, Problem } from '@/ui/layout';
import { OfferSentence } from '../case/guidance/offer';
import { useCase } from '../case/saving/store';
import { AnalysisForm } from './analysis-form';
import { lastRun, namedRoles, useFirstRuns } from './earlier-runs';
import { useSheet, useTrace, useTraceStore } from './open-trace';
import { usePutFindings } from './put-findings';
import { isHealthy } from './run-analysis';
import { RunningLine } from './running-line';
import { Results } from './results';
import { useRunner } from './use-runner';

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
const analysisOf = (id: string | null): TraceAnalysis => ANALYSES.find((a) => a.id === id)!;

/** The settings as numbers and words; a sentence where one is not a number that can be. */
function typedSettings(
  fields: readonly Setting[],
  valueOf: (f: Setting) => string,
): Record<string, string | number> | string {
  const typed: Record<string, string | number> = {};
  for (const f of fields) {
    const v = valueOf(f);
    if (f.kind !== 'number') {
      typed[f.name] = v;
      continue;
    }
    const n = Number(v.replace(',', '.'));
    if (v.trim() === '' || Number.isNaN(n) || n < f.min! || n > f.max!)
      return `"${f.label}" wants a number from ${f.min} to ${f.max}.`;
    typed[f.name] = n;
  }
  return typed;
}

/** What is chosen: an analysis with its channels and settings, proposed from the case's last run of it. */
function useChoice(fitting: readonly string[]) {
  const { sheet } = useSheet();
  const channels = useTrace((s) => s.loaded.channels);
  const tests = useCase((s) => s.record.test);
  const [id, setId] = useState(fitting[0]!);
  const rolesBy = (a: TraceAnalysis, names: Record<string, string[]>): Roles =>
    namedRoles(names, a, channels, sheet.crank?.channel ?? '');
  const proposed = (a: TraceAnalysis): Roles => rolesBy(a, lastRun(tests, a.id)?.roles ?? {});
  const analysis = analysisOf(id);
  const [roles, setRoles] = useState<Roles>(() => proposed(analysis));
  const [settings, setSettings] = useState<Record<string, string>>({});
  const before = lastRun(tests, id);
  return {
    analysis,
    roles,
    setRoles,
    rolesBy,
    valueOf(f: Setting): string {
      const own = settings[f.name];
      if (own !== undefined) return own;
      if (f.name === 'cylinder' && sheet.crank) return String(sheet.crank.cylinder);
      if (f.name === 'advance' && sheet.crank) return String(sheet.crank.advance);
      return String(before?.settings[f.name] ?? f.is ?? f.options?.[0] ?? '');
    },
    set: (name: string, value: string) => setSettings({ ...settings, [name]: value }),
    choose(next: string) {
      setId(next);
      setRoles(proposed(analysisOf(next)));
      setSettings({});
    },
    chooseAs(next: string, as: Roles, values: Record<string, string | number>) {
      setId(next);
      setRoles(as);
      setSettings(Object.fromEntries(Object.entries(values).map(([k, v]) => [k, String(v)])));
    },
  };
}

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
  const choice = useChoice(fitting);
  const { analysis, roles, valueOf } = choice;
  const { id } = analysis;
  const firsts = useFirstRuns();
  const put = usePutFindings();
  const runner = useRunner({ order, strokes });
  const { busy, problem, ran } = runner;
  const whole = span.from <= loaded.from && span.to >= loaded.to;

  const choose = (next: string) => {
    // What is under way answers another question.
    runner.drop();
    choice.choose(next);
  };
  const start = async () => {
    const settings = typedSettings(settingsOf(analysis.settings), valueOf);
    if (typeof settings === 'string') return runner.setProblem(settings);
    const stretch = whole ? {} : { from: Math.max(span.from, loaded.from), to: span.to };
    await runner.run({ id, roles, settings, stretch });
  };
  /** One press: the same analysis as before on this recording, and what it finds as the repeat on the case. */
  const repeat = async (first: RowOf<'test'>) => {
    const before = readRan(first.ran);
    const again = analysisOf(first.analysisId);
    const as = choice.rolesBy(again, before.roles);
    choice.chooseAs(again.id, as, before.settings);
    const done = await runner.run({ id: again.id, roles: as, settings: { ...before.settings }, stretch: {} });
    if (done) put(again, done.result, done.ran, first.id);
  };
  // The one that fits has run already when the sheet opens, where nothing has to be asked for it.
  const onOpening = useEffectEvent(() => {
    const samples = loaded.channels.reduce((sum, c) => sum + c.samples, 0);
    const asks = analysis.engine === 'needed' && (sheet.order || order).trim() === '';
    if (!result && !asks && samples <= AT_ONCE) void start();
  });
  useEffect(() => {
    const soon = setTimeout(onOpening, 0);
    return () => clearTimeout(soon);
  }, []);
  return (
    <Box>
      <p data-testid="looks-like">
        {looksLike(
          analysisOf(fitting[0]!),
          loaded.channels,
          (sheet.order || order).split(/[-\s,]+/).filter(Boolean).length,
          id === fitting[0] ? result : undefined,
        )}
      </p>
      <Fitting fitting={fitting} chosen={id} onChoose={choose} />
      {firsts.map((first) => {
        const title = ANALYSES.find((a) => a.id === first.analysisId)?.title ?? first.question;
        return (
          <OfferSentence key={first.id} isDisabled={busy !== undefined} onPress={() => void repeat(first)}>
            <CopyPlus aria-hidden="true" /> Repeat “{title}” as on {dayTime(first.at)}
          </OfferSentence>
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
        onRoles={choice.setRoles}
        valueOf={valueOf}
        onValue={choice.set}
      />
      <Inline $gap={10} $align="center" $nowrap>
        <Button $kind="main" isDisabled={busy !== undefined} onPress={() => void start()}>
          {busy ? 'Searching …' : 'Analyse'}
        </Button>
        <Quiet>{whole ? 'the whole trace' : 'what is shown'}</Quiet>
      </Inline>
      {busy?.long && <RunningLine onStop={busy.stop} />}
      {over && !isHealthy(over) && there?.gives && (
        <Button
          $kind="quiet"
          onPress={() => {
            store.setState({ over: { ...over, healthy: true } });
            void start();
          }}
        >
          Take “{over.name}” as healthy: what is normal comes from it
        </Button>
      )}
      {problem && <Problem>{problem}</Problem>}
      {result && !busy && <Results analysis={analysis} result={result} ran={ran} />}
    </Box>
  );
}

/** The analyses whose channels are here by their names. */
function Fitting({
  fitting,
  chosen,
  onChoose,
}: {
  fitting: readonly string[];
  chosen: string;
  onChoose: (id: string) => void;
}) {
  if (fitting.length < 2) return null;
  return (
    <Fits>
      <Quiet as="span">Fits its channels’ names:</Quiet>
      {fitting.map((f) =>
        f === chosen ? (
          <b key={f}>{analysisOf(f).title}</b>
        ) : (
          <Button key={f} $kind="quiet" onPress={() => onChoose(f)}>
            {analysisOf(f).title}
          </Button>
        ),
      )}
    </Fits>
  );
}
