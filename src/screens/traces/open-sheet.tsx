'use client';

import { Search } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useEffect, useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import { firingPlan, placeOf, readSheet, type Sheet } from '@/core/traces';
import { ReadAs } from '@/core/traces/files';
import { Button } from '@/ui/controls';
import { useCase } from '../case/saving/store';
import { Analyse } from './analyse';
import { firingsOf, TraceCanvas } from './canvas';
import { SheetContext, useTrace, useTraceStore } from './open-trace';
import type { OtherTrace } from './other-trace';
import { Readout } from './readout';
import { SheetBar } from './sheet-bar';
import { TraceWorker } from './worker';

/** Fetched when somebody asks. */
const LikeTraces = dynamic(() => import('./like-traces').then((m) => m.LikeTraces), { ssr: false });

const Work = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  height: calc(100vh - 54px - 40px);
  min-height: 460px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
    height: auto;
  }
  & > div {
    display: flex;
    flex-direction: column;
    min-height: 0;
  }
  & > div:first-child {
    @media (max-width: 900px) {
      height: 74vh;
    }
  }
  & > aside {
    overflow: auto;
    padding: 12px 14px;
    border-left: 1px solid var(--rule);
    background: var(--ground);
  }
`;
/** The sheet of one open trace: its channels, its readout, what can be analysed, and another trace laid over. */
export function OpenSheet({
  traceId,
  others,
  problem,
}: {
  traceId: string;
  others: OtherTrace[];
  problem: string;
}) {
  const store = useTraceStore();
  const trace = useCase((s) => s.record.trace.find((t) => t.id === traceId));
  const vehicle = useCase((s) => s.record.vehicle);
  const edit = useCase((s) => s.edit);
  const finds = useCase((s) => s.record.finding);
  const cycles = useTrace((s) => s.cycles);
  const over = useTrace((s) => s.over);
  const [said, setSaid] = useState('');
  const [overProblem, setOverProblem] = useState('');
  const [likeAsked, setLikeAsked] = useState(false);
  const text = trace?.sheet ?? '';
  const name = trace?.name ?? '';
  const sheet = useMemo(() => readSheet(text), [text]);
  const latest = useRef(sheet);
  useEffect(() => {
    latest.current = sheet;
  }, [sheet]);
  const handle = useMemo(
    () => ({
      traceId,
      name,
      sheet,
      write: (change: Partial<Sheet>) => {
        latest.current = { ...latest.current, ...change };
        edit('trace', traceId, 'sheet', JSON.stringify(latest.current));
      },
    }),
    [name, sheet, edit, traceId],
  );
  const order = sheet.order || vehicle.firingOrder;
  const plan = useMemo(() => {
    const p = order ? firingPlan(order, vehicle.strokes, sheet.angles) : undefined;
    return typeof p === 'string' ? undefined : p;
  }, [order, vehicle.strokes, sheet.angles]);
  const crank = sheet.crank;
  const crankChannel = crank?.channel;
  const crankEvery = crank?.every;
  useEffect(() => {
    const { worker, loaded } = store.getState();
    const i = loaded.channels.findIndex((c) => c.name === crankChannel);
    if (i < 0) return store.setState({ cycles: [] });
    void worker.api.crank(i, crankEvery ?? 720).then((marks) => store.setState({ cycles: marks }));
  }, [store, crankChannel, crankEvery]);
  const firings = useMemo(
    () => (crank && crank.every === 720 ? firingsOf(cycles, plan, crank.cylinder, crank.advance) : []),
    [cycles, plan, crank],
  );

  // Channels adjusted and computed are laid out in the worker, which everything is drawn and analysed from.
  const laid = JSON.stringify([sheet.adjust, sheet.derived]);
  const plain = laid === '[{},[]]';
  const shaped = useRef(false);
  useEffect(() => {
    if (plain && !shaped.current) return;
    shaped.current = true;
    const [adjust, derived] = JSON.parse(laid) as [Sheet['adjust'], Sheet['derived']];
    const { worker } = store.getState();
    void worker.api
      .layOut({ adjust, derived })
      .then((loaded) => store.setState({ loaded, answer: undefined, result: undefined, found: [] }));
  }, [store, laid, plain]);

  // A place named in the address is shown: readings on the case link to where they were found.
  useEffect(() => {
    const id = new URLSearchParams(window.location.search).get('reading');
    const finding = finds.find((f) => f.id === id);
    const place = id ? (latest.current.places[id] ?? (finding && placeOf(finding))) : undefined;
    if (!place) return;
    const room = Math.max(
      (place.to - place.from) * 0.6,
      (store.getState().loaded.to - store.getState().loaded.from) / 60,
    );
    store.setState({ span: { from: place.from - room, to: place.to + room } });
  }, [store, finds]);

  useEffect(() => () => over?.worker.end(), [over?.worker]);
  const overlayTrace = async (other: OtherTrace | undefined) => {
    setOverProblem('');
    if (!other) return store.setState({ over: undefined, overAnswer: undefined });
    const w = new TraceWorker();
    try {
      const blob = await (await fetch(`/api/files/${other.hash}`)).blob();
      const answer = await w.api.read(blob, ReadAs.parse(JSON.parse(other.readAs)));
      if (!answer.ok) throw new Error(answer.message);
      store.setState({
        over: {
          name: other.name,
          stands: other.stands,
          healthy: false,
          worker: w,
          loaded: answer.value,
          shift: 0,
          stretch: 1,
        },
      });
    } catch (e) {
      w.end();
      setOverProblem(e instanceof Error ? e.message : 'It could not be fetched.');
    }
  };
  if (!trace) return <p style={{ padding: 16 }}>This trace is not on the case any more.</p>;
  return (
    <SheetContext.Provider value={handle}>
      <Work>
        <div>
          <SheetBar
            trace={trace}
            order={order}
            others={others.filter((o) => o.id !== traceId)}
            onOver={(id) => void overlayTrace(others.find((o) => o.id === id))}
            problem={overProblem || problem}
          />
          <TraceCanvas firings={firings} onMoment={setSaid} />
          <Readout />
          <p role="status" className="visually-hidden">
            {said}
          </p>
        </div>
        <aside aria-label="Analyses">
          {trace.note && (
            <p
              style={{
                color: 'var(--unsure)',
                fontSize: '0.875rem',
                whiteSpace: 'pre-line',
                paddingBottom: 8,
              }}
            >
              {trace.note}
            </p>
          )}
          <Analyse order={order} strokes={vehicle.strokes} />
          {likeAsked ? (
            <LikeTraces onOver={(other) => void overlayTrace(other)} />
          ) : (
            <Button onPress={() => setLikeAsked(true)} style={{ marginTop: 16 }}>
              <Search aria-hidden="true" /> Find traces like this one
            </Button>
          )}
        </aside>
      </Work>
    </SheetContext.Provider>
  );
}
