'use client';

import { releaseProxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { RecordsReading, type RecordSettings } from '@/core/api/old-records';
import type { SheetLook, TableApi } from '@/workers/table-api';
import { post } from '../../send';
import { takeIn, type Taken } from './take-in';

type Field = RecordSettings['columns'][number];

/** A table on its way in: the file in its worker, what was read of it, and how far it has come. */
export function useTable() {
  const [name, setName] = useState('');
  const [sheets, setSheets] = useState<string[]>([]);
  const [sheet, setSheet] = useState(0);
  const [look, setLook] = useState<SheetLook>();
  const [reading, setReading] = useState<RecordsReading>();
  const [taken, setTaken] = useState<Taken>();
  const [busy, setBusy] = useState<'' | 'opening' | 'reading' | 'taking in'>('');
  const [problem, setProblem] = useState('');
  const [putRight, setPutRight] = useState(false);
  const worker = useRef<{ worker: Worker; api: Remote<TableApi> }>(undefined);
  const stop = useRef<AbortController>(undefined);

  const end = () => {
    stop.current?.abort();
    worker.current?.api[releaseProxy]();
    worker.current?.worker.terminate();
    worker.current = undefined;
  };
  useEffect(() => end, []);

  /** What the server makes of the first rows. */
  const read = async (seen: SheetLook, settings: RecordSettings, said: boolean) => {
    setBusy('reading');
    const { answer, problem: why } = await post(
      '/api/v1/records/read',
      { rows: seen.top, settings, said },
      RecordsReading,
    );
    setBusy('');
    setProblem(why);
    if (answer) setReading(answer);
  };

  const lookAt = async (index: number) => {
    const api = worker.current!.api;
    const seen = await api.look(index);
    setSheet(index);
    setLook(seen);
    setTaken(undefined);
    setPutRight(false);
    await read(seen, { ...seen.settings, columns: seen.columns.map((c) => c.field) }, false);
  };

  const open = async (source: Blob | string, called: string) => {
    end();
    setName(called);
    setLook(undefined);
    setReading(undefined);
    setTaken(undefined);
    setProblem('');
    setBusy('opening');
    const fresh = new Worker(new URL('../../../workers/table.worker.ts', import.meta.url), {
      type: 'module',
    });
    const api = wrap<TableApi>(fresh);
    worker.current = { worker: fresh, api };
    const opened = await api.open(source, called);
    if (worker.current?.worker !== fresh) return;
    setBusy('');
    if (!opened.ok) {
      setProblem(opened.message);
      return;
    }
    setSheets(opened.value);
    await lookAt(0);
  };

  /** Puts one column right; what hangs on it (dates, makes, units) is looked at anew. */
  const setColumn = async (index: number, field: Field) => {
    if (!look || !reading) return;
    const columns = reading.settings.columns.map((f, i) => (i === index ? field : f));
    const told = await worker.current!.api.settings(
      sheet,
      look.firstRow,
      reading.columns.map((c) => ({ head: c.head, index: c.index, field: columns[c.index] ?? '' })),
    );
    const moved = (of: Field) => (reading.settings.columns[index] === of) !== (field === of);
    // What was said of dates and units stands while their column does.
    const { dateOrder, odometerUnit } = reading.settings;
    await put({
      columns,
      makes: told.makes,
      dateOrder: moved('date') ? told.dateOrder : dateOrder,
      odometerUnit: moved('odometer') ? told.odometerUnit : odometerUnit,
    });
  };
  const put = async (over: Partial<RecordSettings>) => {
    if (!look || !reading) return;
    setPutRight(true);
    await read(look, { ...reading.settings, ...over }, true);
  };

  const take = async () => {
    if (!look || !reading) return;
    const { api } = worker.current!;
    stop.current = new AbortController();
    setBusy('taking in');
    const jobs = await api.jobs(sheet, look.firstRow, reading.settings.columns);
    // Only what a person put right is remembered: what the heads tell they tell the next time too.
    const heads = putRight && look.firstRow > 0 ? reading.columns.map((c) => c.head) : [];
    await takeIn(jobs, reading.settings, heads, setTaken, stop.current.signal);
    setBusy('');
  };

  /** The rows to mend, as a file. */
  const mend = async (): Promise<Blob> => {
    const text = await worker.current!.api.mend(
      sheet,
      look!.firstRow,
      reading!.settings.columns,
      taken?.refused ?? [],
    );
    // With its mark, so that a spreadsheet takes it for UTF-8.
    return new Blob(['\uFEFF', text], { type: 'text/csv' });
  };

  return {
    name,
    sheets,
    sheet,
    look,
    reading,
    taken,
    busy,
    problem,
    open,
    lookAt,
    setColumn,
    setSetting: put,
    take,
    mend,
    stop: () => stop.current?.abort(),
  };
}
export type TableOnItsWay = ReturnType<typeof useTable>;
