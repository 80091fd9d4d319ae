import { Problem } from '@/core/problem';
import { createHash } from 'node:crypto';
import { HIGHEST_TAKEN, type CaseRecord, type Kind } from '@/core/case';
import { Catalogue } from '@/core/cause';
import { judgeCase } from '@/core/conclusions';
import { assemble, CaseFile, readCaseFile, writeCaseFile, type ImportContext } from '@/core/exchange';
import { caseName } from '@/core/exchange/case-name';
import { linesOf } from '@/core/exchange/lines';
import { alreadyHere, lastNumbers, putBatch, type Batch } from '@/store/bulk';
import { db, holdingWriters, write, type PutBatch } from '@/store/database';
import { listCatalogue } from '@/store/catalogue';
import { listPeople } from '@/store/shop';
import { loadCase, updateRow } from '@/store/rows';
import { ExtractedFiles } from '../files/extracted-files';
import { MOST_BYTES, storeBrought } from '../files/files';
import { digestRow } from '../find/index-of-cases';
import { recompute } from '../cases/recompute';
import { newId } from '../cases/save';
import { sending } from './export';
import { shopVocabulary } from '../find/words';

/** Taking case files in: each whole or not at all, the same one twice only once. */

export type Taken =
  | { line: number; state: 'created'; id: string; number: number; renumbered?: number; fresh: string[] }
  | { line: number; state: 'unchanged'; id: string }
  | { line: number; state: 'refused'; reason: string };

/** A case file with the id it gets here, and a hash of what it came from: the same one again adds nothing. */
export interface Candidate {
  line: number;
  file: CaseFile;
  id: string;
  hash: string;
}

const sha256 = (text: string) => createHash('sha256').update(text).digest('hex');

/** One line of a stream of case files, checked; a refusal says what is wrong and where. */
function candidate(line: number, text: string): Candidate | Extract<Taken, { state: 'refused' }> {
  const refuse = (reason: string) => ({ line, state: 'refused' as const, reason });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (e) {
    return refuse(`Not valid JSON: ${e instanceof Error ? e.message : ''}`);
  }
  const parsed = CaseFile.safeParse(value);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return refuse(`Not a case file: ${issue?.path.join('.') || 'the top'} — ${issue?.message}`);
  }
  const hash = sha256(JSON.stringify(parsed.data));
  // A file that names nothing is named by what it says.
  return { line, file: parsed.data, id: parsed.data.id ?? `f${hash.slice(0, 24)}`, hash };
}

/**
 * Takes lines in, each a case file.
 *
 * @param lines with their place in the file, from 1
 * @param who id of the person, or empty
 * @param extracted where the files of these lines are, if they were taken out
 * @returns what became of each line, in order
 */
export async function takeIn(
  lines: { line: number; text: string }[],
  who: string,
  extracted?: ExtractedFiles,
): Promise<Taken[]> {
  const read = lines.map(({ line, text }) => candidate(line, text));
  const good = read.filter((r): r is Candidate => 'file' in r);
  const taken: Taken[] = read.filter((r): r is Extract<Taken, { state: 'refused' }> => 'state' in r);
  taken.push(...(await takeFiles(good, who, extracted)));
  return taken.sort((a, b) => a.line - b.line);
}

/**
 * Takes case files in that are known to be valid, each whole or not at all.
 *
 * @param good with the line each came from
 * @param who id of the person, or empty
 * @returns what became of each
 */
export async function takeFiles(
  good: Candidate[],
  who: string,
  extracted?: ExtractedFiles,
): Promise<Taken[]> {
  if (good.length === 0) return [];
  const taken = await holdAndTake(good, who, extracted);
  const later = taken.filter((t) => t.state === 'created').map((t) => t.id);
  await weighComebacks(later.filter((id) => comebackIds.delete(id)));
  return taken;
}

/** Cases that came in with a comeback; the earlier case is graded once they stand. */
const comebackIds = new Set<string>();

async function holdAndTake(good: Candidate[], who: string, extracted?: ExtractedFiles): Promise<Taken[]> {
  try {
    return await holdingWriters((put) => takeBatch(good, who, put, extracted));
  } catch (e) {
    if (good.length === 1) return [{ line: good[0]!.line, state: 'refused', reason: sentence(e) }];
    // One of them cannot be kept: each by itself, so that the others are.
    const taken: Taken[] = [];
    for (const one of good) taken.push(...(await holdAndTake([one], who, extracted)));
    return taken;
  }
}

const sentence = (e: unknown): string =>
  e instanceof Problem
    ? e.message
    : 'It could not be written to the database; nothing of it was kept. Try again.';

async function takeBatch(
  good: Candidate[],
  who: string,
  put: PutBatch,
  extracted?: ExtractedFiles,
): Promise<Taken[]> {
  const personId = new Map((await listPeople(db())).map((p) => [p.name, p.id]));
  // Who is named in a file and not known here stands in the list of people, but does not work here.
  const personOf = (name: string | undefined): string | null => {
    if (name === undefined || name.trim() === '') return null;
    const known = personId.get(name);
    if (known !== undefined) return known;
    const id = newId();
    personId.set(name, id);
    batch.people.push({ id, name: name.slice(0, 80), role: 'technician', active: false });
    return id;
  };
  const items = await listCatalogue(db());
  let catalogue = new Catalogue(items);
  const vocabulary = await shopVocabulary();
  const files = good.map((g) => g.file);
  const here = await alreadyHere(
    [...good.map((g) => g.id), ...files.flatMap((f) => earlierOf(f).flatMap((c) => c.id ?? []))],
    [
      ...files.flatMap((f) => f.number ?? []),
      ...files.flatMap((f) => earlierOf(f).flatMap((c) => c.number ?? [])),
    ],
    files.flatMap((f) => f.vehicle.id ?? []),
    files.flatMap((f) => (f.vehicle.vin && f.vehicle.vin.length >= 11 ? [f.vehicle.vin] : [])),
  );
  const last = await lastNumbers();
  const vehicles = new Map(here.vehicles.flatMap((v) => [[v.id, v] as const, [v.vin, v] as const]));
  vehicles.delete('');
  const batch: Batch = { people: [], rows: new Map(), catalogue: [], history: [], digests: [], takenIn: [] };
  const taken: Taken[] = [];
  const at = new Date().toISOString();
  const created = new Set<string>();

  for (const [n, { line, file, id, hash }] of good.entries()) {
    if (n % TURN === TURN - 1) await new Promise(setImmediate);
    try {
      if (here.hashes.get(id) === hash || created.has(id)) {
        taken.push({ line, state: 'unchanged', id });
        continue;
      }
      const vin = (file.vehicle.vin ?? '').length >= 11 ? file.vehicle.vin! : '';
      const known = vehicles.get(file.vehicle.id ?? '') ?? vehicles.get(vin);
      const free =
        file.number !== undefined && file.number <= HIGHEST_TAKEN && !here.numbers.has(file.number);
      const number = free ? file.number! : ++last.number;
      if (free) last.number = Math.max(last.number, number);
      const into: ImportContext = {
        caseId: id,
        vehicleId: known?.id ?? file.vehicle.id ?? newId(),
        vehicleKnown: known !== undefined,
        number,
        catalogue,
        vocabulary,
        newId,
        person: personOf,
        earlierCase: ({ id: of, number: n }) =>
          of !== undefined && (here.ids.has(of) || created.has(of)) ? of : here.numbers.get(n ?? -1),
      };
      if (!here.ids.has(id)) await storeBrought(file, extracted);
      const { rows, fresh } = readCaseFile(file, into);
      const record = assemble(rows, known as CaseRecord['vehicle'] | undefined);
      if (here.ids.has(id)) {
        taken.push(await comparedWith(line, id, record, fresh.length > 0, catalogue));
        continue;
      }
      const { grade } = judgeCase(record, []);
      Object.assign(record.case, { grade: grade.grade, gradeWhy: grade.because, seq: ++last.seq });
      for (const { kind, row } of rows) {
        const list = batch.rows.get(kind);
        if (list) list.push(row);
        else batch.rows.set(kind, [row]);
      }
      if (!known) {
        vehicles.set(record.vehicle.id, record.vehicle);
        if (vin) vehicles.set(vin, record.vehicle);
      }
      if (fresh.length) {
        batch.catalogue.push(...(fresh as unknown as Record<string, unknown>[]));
        items.push(...fresh);
        catalogue = new Catalogue(items);
      }
      batch.history.push({
        seq: record.case.seq,
        at,
        who,
        caseId: id,
        kind: 'case',
        rowId: id,
        op: 'add',
        before: null,
        after: { number, imported: true },
      });
      for (const item of fresh)
        batch.history.push({
          seq: ++last.seq,
          at,
          who,
          caseId: null,
          kind: 'catalogue',
          rowId: item.id,
          op: 'add',
          before: null,
          after: { ...item },
        });
      batch.digests.push(digestRow(record, catalogue, vocabulary).row);
      batch.takenIn.push({ caseId: id, hash });
      created.add(id);
      here.numbers.set(number, id);
      if (record.comeback.length) comebackIds.add(id);
      taken.push({
        line,
        state: 'created',
        id,
        number,
        ...(file.number !== undefined && file.number !== number ? { renumbered: file.number } : {}),
        fresh: fresh.map((f) => f.name),
      });
    } catch (e) {
      taken.push({ line, state: 'refused', reason: sentence(e) });
    }
  }
  if (batch.takenIn.length) await putBatch(batch, put);
  return taken;
}

const earlierOf = (f: CaseFile) => [...(f.comebackOf ? [f.comebackOf] : []), ...(f.comebacksOf ?? [])];

/** A case that is here already: the same, or refused with what differs. */
async function comparedWith(
  line: number,
  id: string,
  record: CaseRecord,
  brings: boolean,
  catalogue: Catalogue,
): Promise<Taken> {
  const standing = await loadCase(db(), id);
  if (!standing) return { line, state: 'refused', reason: 'It was removed while it was being taken in.' };
  const from = await sending(catalogue);
  // A vehicle without a VIN gets an id of the shop's own, which is no difference.
  const plain = (r: CaseRecord): Record<string, unknown> => {
    const written = writeCaseFile(r, from);
    return { ...written, vehicle: { ...written.vehicle, id: undefined } };
  };
  const [mine, theirs] = [plain(record), plain(standing)];
  const differs = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].filter(
    // The number is the shop's own; it may have been given anew.
    (key) => key !== 'number' && JSON.stringify(mine[key]) !== JSON.stringify(theirs[key]),
  );
  if (differs.length === 0 && !brings) return { line, state: 'unchanged', id };
  return {
    line,
    state: 'refused',
    reason: `${caseName(standing.case.number)} has this id and says something else (${differs.join(', ')}). It was left as it is; give the file another id to take it in beside it.`,
  };
}

/** Earlier cases that these are comebacks of lose their grade now. */
async function weighComebacks(ids: string[]): Promise<void> {
  for (const id of ids)
    await write(async (tx) => {
      const record = await loadCase(tx, id);
      if (!record) return;
      const { seq } = await recompute(
        tx,
        id,
        {
          kinds: new Set<Kind>(['comeback']),
          testIds: new Set(),
          earlierCaseIds: new Set(record.comeback.map((c) => c.ofCaseId)),
        },
        record.case.seq,
      );
      await updateRow(tx, 'case', id, { seq });
    });
}

/** How far a stream has come. */
export interface Progress {
  lines: number;
  created: number;
  unchanged: number;
  refused: { line: number; reason: string }[];
  /** Refused lines beyond those that are listed. */
  moreRefused: number;
  /** Cases whose number was taken here and that got another. */
  renumbered: number;
  /** Parts and failures the shop did not know, marked for a look. */
  fresh: string[];
  done: boolean;
}

const LISTED = 1000;
const AT_ONCE = 400;
const MOST_AT_ONCE = 16e6;
/** Cases read before others get their turn. */
const TURN = 20;

export const noProgress = (): Progress => ({
  lines: 0,
  created: 0,
  unchanged: 0,
  refused: [],
  moreRefused: 0,
  renumbered: 0,
  fresh: [],
  done: false,
});

/**
 * Takes a stream of case files in, one in a line (NDJSON), as it arrives. A single case file over
 * several lines is taken too.
 *
 * @param body the bytes
 * @param who id of the person, or empty
 * @param progress is written into while it goes on
 */
export async function importStream(
  body: ReadableStream<Uint8Array>,
  who: string,
  progress: Progress = noProgress(),
): Promise<Progress> {
  const extracted = new ExtractedFiles(MOST_BYTES);
  let waiting: { line: number; text: string }[] = [];
  let characters = 0;
  const flush = async () => {
    const lines = waiting;
    waiting = [];
    characters = 0;
    for (const t of await takeIn(lines, who, extracted)) count(progress, t);
    progress.lines = lines.at(-1)?.line ?? progress.lines;
    // Others get their turn between two batches.
    await new Promise(setImmediate);
  };
  try {
    for await (const { line, text } of linesOf(extracted.through(body))) {
      if (text === undefined) {
        const reason = 'The line is longer than 64 MB without its photos and files.';
        count(progress, { line, state: 'refused', reason });
        continue;
      }
      if (text.trim() === '') continue;
      waiting.push({ line, text });
      characters += text.length;
      if (waiting.length >= AT_ONCE || characters > MOST_AT_ONCE) await flush();
    }
    if (waiting.length) await flush();
  } finally {
    await extracted.throwAway();
  }
  progress.done = true;
  return progress;
}

function count(p: Progress, t: Taken): void {
  if (t.state === 'created') {
    p.created++;
    if (t.renumbered !== undefined) p.renumbered++;
    p.fresh.push(...t.fresh.filter((f) => !p.fresh.includes(f)));
  } else if (t.state === 'unchanged') p.unchanged++;
  else if (p.refused.length < LISTED) p.refused.push({ line: t.line, reason: t.reason });
  else p.moreRefused++;
}

/**
 * Takes one case file in, whole or not at all.
 *
 * @param input a case file, checked here against its schema
 * @param who id of the person, or empty
 * @returns id and number of the new case
 * @throws Error with a sentence naming what is wrong in the file
 */
export async function importCase(input: unknown, who: string): Promise<{ id: string; number: number }> {
  const [taken] = await takeIn([{ line: 1, text: JSON.stringify(input) ?? 'null' }], who);
  if (taken!.state === 'refused') throw new Problem(taken!.reason);
  if (taken!.state === 'unchanged')
    throw new Problem('This case is here already, just as it stands in the file.');
  return { id: taken!.id, number: taken!.number };
}
