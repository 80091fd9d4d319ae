import { createHash } from 'node:crypto';
import { z } from 'zod';
import {
  RecordSettings,
  type JobShown,
  type RecordsReading,
  type RecordsTaken,
  type TakeRecordsRequest,
} from '@/core/api/old-records';
import { Catalogue, causeName } from '@/core/cause';
import type { CaseFile } from '@/core/exchange';
import {
  foldHead,
  jobsOf,
  readJob,
  readTable,
  REASON_HEAD,
  settingsOf,
  type Cells,
  type JobReading,
  type RecordReader,
} from '@/core/exchange/old-records';
import { symptomById } from '@/core/symptoms';
import { alreadyHere } from '@/store/bulk';
import { db } from '@/store/database';
import { plateThatTells } from '@/core/vehicle';
import { listCatalogue } from '@/store/catalogue';
import { vehiclesByPlate } from '@/store/vehicles';
import { takeFiles, type Candidate } from './import';
import { keptList } from './kept-list';
import { indexAndWords, shopVocabulary } from '../find/words';
import { region } from '../shop/shop';

/** A shop's table of past jobs: how it is read, and taking it in. Nothing is kept until it is taken in. */

/** What the columns of tables with the same heads hold, as a person put it right. */
const kept = keptList(
  'records.columns',
  RecordSettings.omit({ makes: true }).extend({ heads: z.string().max(4000) }),
  (k) => k.heads,
  'recordColumns',
  40,
);
/** Heads as they are compared, empty where there is no word; the reasons of a table to mend are no column of its own. */
const headsKey = (heads: readonly string[]): string => {
  const key = heads
    .map(foldHead)
    .filter((h) => h !== REASON_HEAD)
    .join(' | ')
    .slice(0, 4000);
  return /\p{L}/u.test(key) ? key : '';
};

async function readerFor(settings: RecordSettings): Promise<RecordReader> {
  const { words: known } = await indexAndWords();
  return {
    columns: settings.columns,
    dateOrder: settings.dateOrder ?? undefined,
    odometerUnit: settings.odometerUnit,
    makes: [...new Set([...settings.makes, ...known.makes])].sort((a, b) => b.length - a.length),
    catalogue: new Catalogue(await listCatalogue(db())),
    vocabulary: await shopVocabulary(),
    today: new Date(Date.now() + 14 * 3_600_000).toISOString().slice(0, 10),
  };
}

/**
 * How a table of past jobs is read: where its jobs begin, what its columns hold, and what its rows become. What a
 * person put right in a table with the same heads comes before what the heads say.
 *
 * @param rows some or all of its rows, the heads among them
 * @param settings how it is to be read: as a person said, or as the whole table tells
 * @param said whether a person said so
 */
export async function readRecords(
  rows: Cells,
  settings?: RecordSettings,
  said = true,
): Promise<RecordsReading> {
  const table = readTable(rows);
  const before = settings && said ? undefined : await kept.of(headsKey(table.columns.map((c) => c.head)));
  const fields = before?.columns ?? settings?.columns ?? table.columns.map((c) => c.field);
  const columns = table.columns.map((c): RecordsReading['columns'][number] => {
    const field = fields[c.index] ?? '';
    if (field === c.field) return c;
    // Where nobody said so, the whole table tells more than the rows that were sent.
    const byNow = said ? 'person' : 'content';
    return { ...c, field, by: before ? 'kept' : byNow };
  });
  const usual = (await region())?.distance ?? '';
  const guess = settingsOf(rows, table.firstRow, columns);
  const used: RecordSettings = {
    columns: fields,
    // What the table itself tells of its days comes before what another one was.
    dateOrder: settings?.dateOrder ?? before?.dateOrder ?? guess.dateOrder,
    odometerUnit: before?.odometerUnit || (settings?.odometerUnit ?? (guess.odometerUnit || usual)),
    makes: settings?.makes ?? guess.makes,
  };
  const reader = await readerFor(used);
  const jobs = jobsOf(rows, table.firstRow, used.columns).map((job) =>
    shown(job.rows[0]!, readJob(job.cells, reader), reader),
  );
  return { firstRow: table.firstRow, columns, settings: used, jobs };
}

function shown(row: number, read: JobReading, reader: RecordReader): JobShown {
  const nothing = {
    row,
    state: read.state,
    reason: read.state === 'refused' ? read.reason : '',
    day: '',
    vehicle: '',
    said: '',
    symptoms: [],
    codes: [],
    work: '',
    action: '' as const,
    cause: '',
    also: [],
  };
  if (read.state !== 'read') return nothing;
  const { file, done } = read;
  const v = file.vehicle;
  return {
    ...nothing,
    reason: done.because,
    day: file.openedAt.slice(0, 10),
    vehicle: [v.year, v.make, v.model, v.engine, v.plate, v.vin].filter(Boolean).join(' '),
    said: file.said ?? '',
    symptoms: (file.symptoms ?? []).map((s) => symptomById(s.concept ?? '')?.label ?? s.words),
    codes: (file.scans ?? []).flatMap((s) => s.read?.codes ?? []).map((c) => c.code),
    work: file.repairs?.[0]?.what ?? file.seen ?? '',
    action: done.action,
    cause: done.part
      ? causeName(reader.catalogue, {
          partId: done.part.id,
          failureId: done.failure?.id ?? null,
          where: done.where,
        })
      : '',
    also: done.also.map((p) => p.name),
  };
}

const sha = (of: unknown) => createHash('sha256').update(JSON.stringify(of)).digest('hex');

/**
 * Takes past jobs in as cases. One that is here already adds nothing, whatever was done with its case since; one
 * whose number is here with other words is refused.
 *
 * @param request how they are read, and the jobs, of several lines of one order joined (`jobsOf`)
 * @param who id of the person, or empty
 * @returns what became of each, in order
 */
export async function takeRecords(request: TakeRecordsRequest, who: string): Promise<RecordsTaken> {
  const heads = headsKey(request.heads);
  if (heads !== '') {
    const { columns, dateOrder, odometerUnit } = request.settings;
    await kept.keep({ columns, dateOrder, odometerUnit, heads }, who);
  }
  const reader = await readerFor(request.settings);
  const jobs: RecordsTaken['jobs'] = [];
  const fresh = new Map<string, Candidate>();
  const read = request.jobs.map(({ row, cells }) => ({ row, cells, job: readJob(cells, reader) }));
  const ids = read.flatMap(({ job }) => (job.state === 'read' ? [idOf(job.key)] : []));
  const { hashes } = await alreadyHere(ids, [], [], []);
  for (const { row, cells, job } of read) {
    if (job.state !== 'read') {
      jobs.push({ row, state: job.state, ...(job.state === 'refused' ? { reason: job.reason } : {}) });
      continue;
    }
    const id = idOf(job.key);
    const hash = sha(
      cells
        .map((c) => c.trim())
        .filter(Boolean)
        .sort(),
    );
    const here = hashes.get(id) ?? fresh.get(id)?.hash;
    if (here === hash) jobs.push({ row, state: 'unchanged' });
    else if (here !== undefined)
      jobs.push({
        row,
        state: 'refused',
        reason: `Job ${job.file.orderNumber} of this vehicle and day is here already and says something else. It was left as it is.`,
      });
    else fresh.set(id, { line: row, file: job.file, id, hash });
  }
  await knownVehicles([...fresh.values()].map((c) => c.file));
  for (const t of await takeFiles([...fresh.values()], who))
    jobs.push(
      t.state === 'created'
        ? { row: t.line, state: 'created', number: t.number }
        : { row: t.line, state: t.state, ...(t.state === 'refused' ? { reason: t.reason } : {}) },
    );
  return { jobs: jobs.sort((a, b) => a.row - b.row) };
}

const idOf = (key: readonly string[]): string => `old-${sha(key).slice(0, 28)}`;
/** A plate has figures; "TRADE", "none" and "n/a" stand for many vehicles. */
const plateOf = (v: CaseFile['vehicle']): string => {
  const plate = plateThatTells(v.plate ?? '');
  return /\d/.test(plate) ? plate.toLowerCase() : '';
};
const folded = (s: string | undefined): string => (s ?? '').toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '');
/** Said of both and the same, or said of one alone. */
const agree = (a: string | undefined, b: string | undefined): boolean =>
  folded(a) === '' || folded(b) === '' || folded(a) === folded(b);

/**
 * Names the vehicles of past jobs, so that one that came several times is one: by its VIN, which finds itself, else
 * by its plate where make and model do not speak against it. Without either each job has a vehicle of its own.
 */
async function knownVehicles(files: readonly CaseFile[]): Promise<void> {
  type Known = {
    id: string;
    vin?: string | undefined;
    make?: string | undefined;
    model?: string | undefined;
  };
  const byPlate = new Map<string, Known[]>();
  const plates = [...new Set(files.map((f) => plateOf(f.vehicle)).filter((p) => p.length >= 3))];
  for (const { vehicle: v } of plates.length ? await vehiclesByPlate(db(), plates) : [])
    byPlate.set(folded(v.plate), [...(byPlate.get(folded(v.plate)) ?? []), v]);
  for (const { vehicle: v } of files) {
    const plate = plateOf(v);
    if (plate.length < 3) continue;
    const same = (byPlate.get(plate) ?? []).find(
      (k) => agree(k.make, v.make) && agree(k.model, v.model) && agree(k.vin, v.vin),
    );
    // The VIN finds its vehicle by itself, unless the one of this plate has none yet.
    v.id = same?.id ?? `ov-${sha([plate, folded(v.make), folded(v.model), v.vin ?? '']).slice(0, 28)}`;
    if (!same) byPlate.set(plate, [...(byPlate.get(plate) ?? []), { ...v, id: v.id }]);
  }
}
