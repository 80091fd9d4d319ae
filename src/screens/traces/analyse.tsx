'use client';

import { CopyPlus } from 'lucide-react';
import { useEffect, useEffectEvent, useState } from 'react';
import { useShallow } from 'zustand/react/shallow';
import styled from 'styled-components';
import {
  ANALYSES,
  fittingAnalyses,
  proposedRoles,
  readRan,
  settingsOf,
  type Ran,
  type Roles,
  type Setting,
  type TraceAnalysis,
  type TraceResult,
} from '@/core/traces';
import { Button, Choice, FieldLabel, Input, Quiet } from '@/ui/controls';
import type { RowOf } from '@/core/case';
import { dayTime } from '@/ui/dates';
import type { Ask } from '@/workers/trace-api';
import { OfferButton } from '../case/offer';
import { useCase } from '../case/store';
import { useSheet, useTrace, useTraceStore, type Over } from './open-trace';
import { usePutFindings } from './put-findings';
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
const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 12px;
  & fieldset {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
  }
  & legend {
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
    padding-left: 8px;
  }
  & fieldset label {
    display: flex;
    gap: 6px;
    align-items: center;
    min-height: 30px;
    padding-left: 8px;
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
const titleOf = (id: string): string => ANALYSES.find((a) => a.id === id)!.title;

/** Chooses an analysis, its channels and settings, and runs it over what is shown. */
export function Analyse({ order, strokes }: { order: string; strokes: number | null }) {
  const store = useTraceStore();
  const { sheet } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const result = useTrace((s) => s.result);
  const span = useTrace((s) => s.span);
  const fitting = fittingAnalyses(loaded.channels, ANALYSES).slice(0, 3);
  const [id, setId] = useState(fitting[0]!);
  const analysis = ANALYSES.find((a) => a.id === id)!;
  const firsts = useFirstRuns();
  const [roles, setRoles] = useState<Roles>(() =>
    proposedRoles(analysis, loaded.channels, sheet.crank?.channel ?? ''),
  );
  const [settings, setSettings] = useState<Record<string, string>>({});
  const [ran, setRan] = useState<Ran>({ roles: {}, settings: {} });
  const put = usePutFindings();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const whole = span.from <= loaded.from && span.to >= loaded.to;

  const choose = (next: string) => {
    setId(next);
    setRoles(
      proposedRoles(
        ANALYSES.find((a) => a.id === next)!,
        loaded.channels,
        sheet.crank?.channel ?? '',
      ),
    );
    setSettings({});
    setProblem('');
    store.setState({ result: undefined, overResult: undefined, found: [] });
  };
  const fields = settingsOf(analysis.settings);
  const valueOf = (f: Setting) =>
    settings[f.name] ??
    (f.name === 'cylinder' && sheet.crank
      ? String(sheet.crank.cylinder)
      : f.name === 'advance' && sheet.crank
        ? String(sheet.crank.advance)
        : String(f.is ?? f.options?.[0] ?? ''));
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
    setBusy(true);
    setProblem('');
    const { worker, over } = store.getState();
    const engine = { order: sheet.order || order, strokes, angles: sheet.angles };
    // What lies over it is asked the same, so that both figures stand side by side; what is normal there
    // is taken as normal here where nothing was stated.
    const there = over && (await besides(over, { analysis: id, roles, settings: typed, engine }));
    for (const [name, value] of Object.entries(there?.gives ?? {}))
      if (typed[name] === '') typed[name] = value;
    const answer = await worker.api.analyse({
      analysis: id,
      roles,
      settings: typed,
      engine,
      from: stretch.from ?? loaded.from,
      to: stretch.to ?? Infinity,
    });
    setBusy(false);
    if (!answer.ok) {
      setProblem(answer.message);
      store.setState({ result: undefined, overResult: undefined, found: [] });
      return undefined;
    }
    store.setState({ result: answer.value, overResult: there, found: answer.value.marks });
    const names = (list: number[]) => list.map((i) => loaded.channels[i]!.name);
    const now: Ran = {
      roles: Object.fromEntries(Object.entries(roles).map(([role, list]) => [role, names(list)])),
      settings: typed,
      ...stretch,
    };
    setRan(now);
    return { result: answer.value, ran: now };
  };
  /** The same analysis over the whole of another trace, its channels by the same names. */
  const besides = async (over: Over, ask: Omit<Ask, 'from' | 'to'>): Promise<TraceResult | undefined> => {
    const same = (i: number) => over.loaded.channels.findIndex((c) => c.name === loaded.channels[i]!.name);
    const mapped = Object.fromEntries(
      Object.entries(ask.roles).map(([role, list]) => [role, list.map(same).filter((i) => i >= 0)]),
    );
    const answer = await over.worker.api.analyse({ ...ask, roles: mapped, from: -Infinity, to: Infinity });
    return answer.ok ? answer.value : undefined;
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
          <OfferButton key={first.id} isDisabled={busy} onPress={() => void repeat(first)}>
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
        <summary>How it goes about it</summary>
        <p>{analysis.explains}</p>
        <p>{analysis.source}</p>
      </details>
      <Grid>
        {analysis.roles.map((r) =>
          r.many ? (
            <fieldset key={r.id}>
              <legend>{r.name}</legend>
              {loaded.channels.map((c, i) => (
                <label key={c.name}>
                  <input
                    type="checkbox"
                    checked={roles[r.id]?.includes(i) ?? false}
                    onChange={(e) =>
                      setRoles({
                        ...roles,
                        [r.id]: e.target.checked
                          ? [...(roles[r.id] ?? []), i].sort((a, b) => a - b)
                          : (roles[r.id] ?? []).filter((x) => x !== i),
                      })
                    }
                  />
                  {c.name}
                </label>
              ))}
            </fieldset>
          ) : (
            <Choice
              key={r.id}
              label={r.name}
              value={roles[r.id]?.[0] === undefined ? '' : String(roles[r.id]![0])}
              options={[
                ...(r.optional ? [{ value: '', label: 'none' }] : []),
                ...loaded.channels.map((c, i) => ({ value: String(i), label: c.name })),
              ]}
              onChange={(v) => setRoles({ ...roles, [r.id]: v === '' ? [] : [Number(v)] })}
            />
          ),
        )}
        {fields.map((f) =>
          f.kind === 'pick' ? (
            <Choice
              key={f.name}
              label={f.label}
              value={valueOf(f)}
              options={f.options ?? []}
              onChange={(v) => setSettings({ ...settings, [f.name]: v })}
            />
          ) : (
            <div key={f.name} style={f.kind === 'text' ? { gridColumn: '1 / -1' } : undefined}>
              <FieldLabel htmlFor={`set-${f.name}`}>
                {f.label}
                {f.unit ? `, ${f.unit}` : ''}
              </FieldLabel>
              <Input
                id={`set-${f.name}`}
                $figure={f.kind === 'number'}
                inputMode={f.kind === 'number' ? 'decimal' : 'text'}
                placeholder={f.hint}
                value={valueOf(f)}
                onChange={(e) => setSettings({ ...settings, [f.name]: e.target.value })}
              />
            </div>
          ),
        )}
      </Grid>
      <div style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
        <Button $kind="main" isDisabled={busy} onPress={() => void run()}>
          {busy ? 'Looking …' : 'Analyse'}
        </Button>
        <Quiet>{whole ? 'the whole trace' : 'what is shown'}</Quiet>
      </div>
      {problem && (
        <p role="alert" style={{ color: 'var(--fail)' }}>
          {problem}
        </p>
      )}
      {result && !busy && <Results analysis={analysis} result={result} ran={ran} />}
    </Box>
  );
}
