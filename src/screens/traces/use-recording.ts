import { nanoid } from 'nanoid';
import { useEffect, useRef, useState } from 'react';
import type { RowOf } from '@/core/case';
import { ReadAs, type Preview } from '@/core/traces/files';
import type { Loaded } from '@/workers/trace-api';
import { useCase } from '../case/saving/store';
import { createTraceStore, type TraceStore } from './open-trace';
import type { ChosenFile, ScopeAsked } from './source';
import { upload } from './upload';
import { TraceWorker } from './worker';

/** How far a recording has come onto its sheet. */
export type Phase =
  | { is: 'source' }
  | { is: 'preview'; given: ChosenFile; preview: Preview }
  | { is: 'reading'; name: string; share: number }
  | { is: 'open'; store: TraceStore; traceId: string };

/** The row of a recording just taken in. */
const rowOf = (given: ChosenFile, as: ReadAs, loaded: Loaded) => ({
  name: given.file.name.replace(/\.\w+$/, ''),
  source: given.source,
  at: new Date().toISOString(),
  channels: loaded.channels.map((c) => `${c.name}${c.unit ? ` (${c.unit})` : ''}`.slice(0, 120)).slice(0, 60),
  interval: `${Number((loaded.channels[0]!.interval * 1000).toPrecision(6))} ms`,
  readAs: JSON.stringify(as),
  note: loaded.notes.join('\n'),
});

/** The worker of the page: a new recording gets a new one, so that nothing of the last goes on. */
function useWorker() {
  const worker = useRef<TraceWorker>(undefined);
  useEffect(() => () => worker.current?.end(), []);
  const fresh = () => {
    worker.current?.end();
    worker.current = new TraceWorker();
    return worker.current;
  };
  return { fresh, now: () => worker.current ?? fresh(), is: (w: TraceWorker) => worker.current === w };
}

/** Sends the file of a recording that is on the case already; can be asked for again where it failed. */
function useSending(onProblem: (words: string) => void) {
  const caseId = useCase((s) => s.record.case.id);
  const refresh = useCase((s) => s.refresh);
  const flush = useCase((s) => s.flush);
  const [sending, setSending] = useState<{ share: number; again?: () => void }>();
  const send = async (attachmentId: string, file: File) => {
    setSending({ share: 0 });
    try {
      await flush();
      await upload(caseId, attachmentId, file, (share) => setSending({ share }));
      setSending(undefined);
      await refresh();
    } catch (e) {
      onProblem(e instanceof Error ? e.message : 'The file could not be sent.');
      setSending({ share: 0, again: () => void send(attachmentId, file) });
    }
  };
  return { sending, send };
}

/**
 * A recording on its way from a file, the simulated scope or the case onto the sheet.
 *
 * @param traceId of a recording that is on the case; undefined to take in a new one
 */
export function useRecording(traceId: string | undefined) {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const worker = useWorker();
  const [phase, setPhase] = useState<Phase>(
    traceId ? { is: 'reading', name: '', share: 0 } : { is: 'source' },
  );
  const [problem, setProblem] = useState('');
  const { sending, send } = useSending(setProblem);

  const back = (message = '') => {
    worker.fresh();
    setProblem(message);
    setPhase({ is: 'source' });
  };
  const asked = useRef(0);
  const look = async (given: ChosenFile, corrected?: ReadAs) => {
    setProblem('');
    const turn = ++asked.current;
    // A correction stands at once, so that the next one is made on top of it; the rows follow.
    if (corrected)
      setPhase((p) => (p.is === 'preview' ? { ...p, preview: { ...p.preview, readAs: corrected } } : p));
    const answer = await worker.now().api.preview(given.file, given.file.name, corrected);
    if (turn !== asked.current) return;
    if (answer.ok) setPhase({ is: 'preview', given, preview: answer.value });
    else if (corrected) setProblem(answer.message);
    else back(answer.message);
  };
  /** Reads a file onto a sheet of its own; undefined where it could not, or another came meanwhile. */
  const readFile = async (file: Blob, name: string, as: ReadAs) => {
    const w = worker.now();
    const report = (share: number) => worker.is(w) && setPhase({ is: 'reading', name, share });
    report(0);
    const answer = await w.api.read(file, as, w.progress(report));
    if (!worker.is(w)) return undefined;
    if (answer.ok) return { loaded: answer.value, store: createTraceStore(w, answer.value) };
    setProblem(answer.message);
    return undefined;
  };
  const take = async (given: ChosenFile, as: ReadAs, preview: Preview) => {
    const sheet = await readFile(given.file, given.file.name, as);
    if (!sheet) {
      setPhase((p) => (p.is === 'reading' ? { is: 'preview', given, preview } : p));
      return;
    }
    const id = nanoid(14);
    const attachmentId = nanoid(14);
    setPhase({ is: 'open', store: sheet.store, traceId: id });
    const row = { ...rowOf(given, as, sheet.loaded), attachmentId, position: record.trace.length };
    add('trace', row, id);
    window.history.replaceState(null, '', `/cases/${record.case.number}/traces/${id}`);
    void send(attachmentId, given.file);
  };
  const scope = async (o: ScopeAsked) => {
    const w = worker.fresh();
    const answer = await w.api.simulate(o);
    if (!answer.ok) return setProblem(answer.message);
    const csv = await w.api.csv(answer.value.from, answer.value.to);
    const file = new File([csv], `${o.test}.csv`, { type: 'text/csv' });
    const seen = await w.api.preview(file, file.name);
    if (!seen.ok) return setProblem(seen.message);
    const source = `simulated scope: ${o.test}, ${o.fault}, ${o.order}, seed ${o.seed}`;
    await take({ file, source }, seen.value.readAs, seen.value);
  };
  const loadKept = async (row: RowOf<'trace'>) => {
    worker.fresh();
    const hash = record.attachment.find((a) => a.id === row.attachmentId)?.hash;
    if (!hash)
      return setProblem(
        'The recording of this trace is not with the shop yet, or is gone. Its readings stand on the case.',
      );
    try {
      const response = await fetch(`/api/files/${hash}`);
      if (!response.ok) throw new Error();
      const as = ReadAs.parse(JSON.parse(row.readAs));
      const sheet = await readFile(await response.blob(), row.name, as);
      if (sheet) setPhase({ is: 'open', store: sheet.store, traceId: row.id });
    } catch {
      setProblem(
        'The recording could not be fetched from the shop’s server. Try again when there is a connection.',
      );
    }
  };
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current || !traceId) return;
    begun.current = true;
    const row = record.trace.find((t) => t.id === traceId);
    if (row) void Promise.resolve().then(() => loadKept(row));
  });
  return { phase, problem, sending, back, look, take, scope };
}
