import { useEffect, useMemo, useRef, useState } from 'react';
import { firingPlan, placeOf, readSheet, type FiringPlan, type Sheet } from '@/core/traces';
import { ReadAs } from '@/core/traces/files';
import { useCase } from '../case/saving/store';
import { firingsOf } from './firings';
import { useTrace, useTraceStore, type SheetHandle } from './open-trace';
import type { OtherTrace } from './other-trace';
import type { Firing } from './picture';
import { TraceWorker } from './worker';

/** What lies on the sheet, as it stands on the case, and how to write in it. */
export function useSheetHandle(traceId: string): SheetHandle {
  const trace = useCase((s) => s.record.trace.find((t) => t.id === traceId));
  const edit = useCase((s) => s.edit);
  const text = trace?.sheet ?? '';
  const name = trace?.name ?? '';
  const sheet = useMemo(() => readSheet(text), [text]);
  const latest = useRef(sheet);
  useEffect(() => {
    latest.current = sheet;
  }, [sheet]);
  return useMemo(
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
}

/** When each cylinder fires, as far as the trigger and the firing order are known. */
export function useFirings(sheet: Sheet, order: string, strokes: number | null): readonly Firing[] {
  const store = useTraceStore();
  const cycles = useTrace((s) => s.cycles);
  const plan = useMemo((): FiringPlan | undefined => {
    const p = order ? firingPlan(order, strokes, sheet.angles) : undefined;
    return typeof p === 'string' ? undefined : p;
  }, [order, strokes, sheet.angles]);
  const crank = sheet.crank;
  const crankChannel = crank?.channel;
  const crankEvery = crank?.every;
  useEffect(() => {
    const { worker, loaded } = store.getState();
    const i = loaded.channels.findIndex((c) => c.name === crankChannel);
    if (i < 0) return store.setState({ cycles: [] });
    void worker.api.crank(i, crankEvery ?? 720).then((marks) => store.setState({ cycles: marks }));
  }, [store, crankChannel, crankEvery]);
  return useMemo(
    () => (crank && crank.every === 720 ? firingsOf(cycles, plan, crank.cylinder, crank.advance) : []),
    [cycles, plan, crank],
  );
}

/** Channels adjusted and computed are laid out in the worker, which everything is drawn and analysed from. */
export function useLaidOut(sheet: Sheet): void {
  const store = useTraceStore();
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
}

/** A place named in the address is shown: readings on the case link to where they were found. */
export function useAddressedPlace(sheet: Sheet): void {
  const store = useTraceStore();
  const finds = useCase((s) => s.record.finding);
  const latest = useRef(sheet);
  useEffect(() => {
    latest.current = sheet;
  }, [sheet]);
  useEffect(() => {
    const id = new URLSearchParams(window.location.search).get('reading');
    const finding = finds.find((f) => f.id === id);
    const place = id ? (latest.current.places[id] ?? (finding && placeOf(finding))) : undefined;
    if (!place) return;
    const { from, to } = store.getState().loaded;
    const room = Math.max((place.to - place.from) * 0.6, (to - from) / 60);
    store.setState({ span: { from: place.from - room, to: place.to + room } });
  }, [store, finds]);
}

/** Laying another trace over this one, or taking it off. */
export function useOverlay(): { problem: string; lay: (other: OtherTrace | undefined) => void } {
  const store = useTraceStore();
  const worker = useTrace((s) => s.over?.worker);
  const [problem, setProblem] = useState('');
  useEffect(() => () => worker?.end(), [worker]);
  const lay = async (other: OtherTrace | undefined) => {
    setProblem('');
    if (!other) return store.setState({ over: undefined, overAnswer: undefined });
    const w = new TraceWorker();
    try {
      const blob = await (await fetch(`/api/files/${other.hash}`)).blob();
      const answer = await w.api.read(blob, ReadAs.parse(JSON.parse(other.readAs)));
      if (!answer.ok) throw new Error(answer.message);
      const { name, stands } = other;
      const over = { name, stands, healthy: false, worker: w, loaded: answer.value, shift: 0, stretch: 1 };
      store.setState({ over });
    } catch (e) {
      w.end();
      setProblem(e instanceof Error ? e.message : 'It could not be fetched.');
    }
  };
  return { problem, lay: (other) => void lay(other) };
}
