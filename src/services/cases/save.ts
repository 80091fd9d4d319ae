import type { Conflict } from '@/core/api';
import { Problem, type ProblemCode } from '@/core/problem';
import { nanoid } from 'nanoid';
import type { ChangeResult, SaveAnswer } from '@/core/api';
import {
  checkFields,
  KINDS,
  OWNED,
  sameValue,
  type AnyRow,
  type Change,
  type Kind,
  type Op,
} from '@/core/case';
import { actionOf } from '@/core/access';
import { db, currentTransaction, writeOnCase, type Tx } from '@/store/database';
import {
  addedAs,
  appendHistory,
  deleteRow,
  getRow,
  cacheCase,
  insertRow,
  lastWriter,
  othersSince,
  ownedBy,
  rowsWhere,
  savepoint,
  updateRow,
} from '@/store/rows';
import { caseNews, confirmedComebacks, listPeople } from '@/store/shop';
import { casesOfVehicle } from '@/store/vehicles';
import { allow } from '../access/actor';
import { aroundCase } from './around';
import { creditTests } from './credit';
import { failureOf } from '../running/failure';
import { digestsAreStale } from '../find/keep-digests';
import { log } from '../running/log';
import { newsOf } from './news';
import { recompute, type Touched } from './recompute';
import { waitBefore, waitFollows } from './waits';

/** Thrown inside a transaction so that all of a change is taken back. */
class Refused extends Error {
  constructor(readonly conflict: Omit<Conflict, 'by' | 'at'>) {
    super('conflict');
  }
}

interface Context {
  caseId: string;
  vehicleId: string;
  who: string;
  at: string;
  touched: Touched;
  /** Something was written by which another case may be a comeback of this one. */
  bears: boolean;
  seq: number;
}

let lastMoment = 0;
/** Now, and never the same moment twice. */
const nextMoment = (): string => new Date((lastMoment = Math.max(Date.now(), lastMoment + 1))).toISOString();

const untouched = (): Touched => ({ kinds: new Set(), testIds: new Set(), earlierCaseIds: new Set() });

/**
 * Applies changes to a case in one transaction, each of them whole or not at all.
 *
 * A write names the revision it saw and what its fields said then. If others wrote the row since,
 * but not these fields, it goes in; if they wrote the same field, it is refused with both versions.
 * Sending the same change twice does no harm.
 *
 * @param caseId the case all rows must belong to
 * @param changes in the order in which they were made
 * @param who id of the person writing, or empty
 * @returns one result per change, in order
 */
export async function applyChanges(caseId: string, changes: Change[], who: string): Promise<ChangeResult[]> {
  return (await saveChanges(caseId, changes, who)).results;
}

/**
 * The same, with the rows that are new since the writer looked: what was written now, what others wrote, and the
 * verdicts that follow.
 *
 * @param seen the history sequence at which the writer's record stands; only this write is reported when left out
 */
export async function saveChanges(
  caseId: string,
  changes: Change[],
  who: string,
  seen?: number,
): Promise<SaveAnswer> {
  const refused: { index: number; conflict: Omit<Conflict, 'by' | 'at'> }[] = [];
  try {
    const ahead = (tx: Tx) => {
      const adds = changes.flatMap((c) => c.ops.filter((op) => op.op === 'add'));
      return cacheCase(tx, caseId, adds, () =>
        Promise.all([confirmedComebacks(tx), seen === undefined ? [] : caseNews(tx, caseId, seen)]),
      );
    };
    const done = await writeOnCase(caseId, ahead, async (tx, start) => {
      refused.length = 0;
      const owner = start?.record.case;
      if (!owner)
        throw new Problem('This case is not there any more. Go back to the desk and open it again.', 'gone');
      const before = owner.seq;
      const all: Context = {
        caseId,
        vehicleId: owner.vehicleId,
        who,
        at: nextMoment(),
        touched: untouched(),
        bears: false,
        seq: owner.seq,
      };
      const waited = await waitBefore(
        tx,
        caseId,
        new Set(changes.flatMap((c) => c.ops.map((op) => op.kind))),
      );
      const results: ChangeResult[] = [];
      for (const [index, change] of changes.entries()) {
        // A moment of its own, by which the history tells it from the others of the same pause.
        all.at = nextMoment();
        const context: Context = { ...all, touched: untouched() };
        try {
          // A savepoint: a change that is refused is taken back, the others stay.
          await savepoint(tx, async (inner) => {
            for (const op of change.ops) await applyOp(inner, op, context);
          });
        } catch (e) {
          if (e instanceof Refused) refused.push({ index, conflict: e.conflict });
          results.push({ id: change.id, ok: false, ...told(e, caseId) });
          continue;
        }
        all.vehicleId = context.vehicleId;
        all.seq = context.seq;
        all.bears ||= context.bears;
        for (const k of context.touched.kinds) all.touched.kinds.add(k);
        for (const t of context.touched.testIds) all.touched.testIds.add(t);
        for (const c of context.touched.earlierCaseIds) all.touched.earlierCaseIds.add(c);
        results.push({ id: change.id, ok: true });
      }
      const writer = { who, at: all.at };
      const [comebacks, missed] = start.also;
      // What was written here may be a comeback itself.
      const known = all.touched.kinds.has('comeback') ? undefined : comebacks;
      const judged = await recompute(tx, caseId, all.touched, all.seq, writer, known);
      const seq = Math.max(
        judged.seq,
        await waitFollows(tx, owner, all.touched, waited, writer),
        await creditTests(tx, caseId, all.touched.testIds, writer),
      );
      const { rejudged } = judged;
      if (seq !== owner.seq) await updateRow(tx, 'case', caseId, { seq });
      if (all.touched.kinds.has('vehicle')) {
        for (const id of await casesOfVehicle(tx, all.vehicleId)) await updateRow(tx, 'case', id, { seq });
      }
      const written = [...missed, ...(currentTransaction()?.entries ?? [])];
      const changed = await newsOf(tx, caseId, Math.min(seen ?? before, before), rejudged, written);
      return { results, changed, bears: all.bears };
    });
    for (const { index, conflict } of refused)
      done.results[index] = { id: changes[index]!.id, ok: false, conflict: await withWriter(conflict) };
    digestsAreStale();
    return {
      results: done.results,
      changed: done.changed,
      ...(done.bears ? { around: await aroundCase(caseId) } : {}),
    };
  } catch (e) {
    // The transaction as a whole did not go in: nothing was written, and everything may be sent again.
    const problem = told(e, caseId);
    return {
      results: changes.map((c) => ({ id: c.id, ok: false, ...problem })),
      changed: { seq: seen ?? 0, rows: [], removed: [] },
    };
  }
}

/** Kinds of rows by which another case may be a comeback of this one, or this one of another. */
const BEARS_ON_OTHERS: ReadonlySet<Kind> = new Set<Kind>([
  'vehicle',
  'case',
  'comeback',
  'symptom',
  'code',
  'role',
  'scan',
]);

/** Fields of the case itself by which its vehicle is recognised or a comeback is told. */
const CASE_FIELDS_THAT_BEAR: ReadonlySet<string> = new Set([
  'vehicleId',
  'customer',
  'phone',
  'openedAt',
  'closedAt',
  'odometer',
]);

async function withWriter(conflict: Omit<Conflict, 'by' | 'at'>): Promise<Conflict> {
  const wrote = await lastWriter(db(), conflict.id, conflict.field);
  const by = wrote?.who ? ((await listPeople(db())).find((p) => p.id === wrote.who)?.name ?? '') : '';
  return { ...conflict, by, at: wrote?.at ?? '' };
}

/** What a failure means to whoever wrote: a code for the program, and the sentence beside it. */
function told(e: unknown, caseId: string): { error: string; code: ProblemCode } {
  const failed = failureOf(e);
  if (failed?.logged) log.error({ caseId, code: failed.logged }, 'write failed');
  return (
    failed ?? {
      error: 'It could not be saved, for a reason nobody expected. It is kept here; reload to send it again.',
      code: 'internal',
    }
  );
}

async function applyOp(tx: Tx, op: Op, context: Context): Promise<void> {
  if (op.op === 'set') await applySet(tx, op, context);
  else if (op.op === 'add') await applyAdd(tx, op, context);
  else {
    await askBeforeRemoving(tx, op, context);
    await applyRemove(tx, op.kind, op.id, context);
  }
}

/** Only rows of this case (or its vehicle) may be written through it. */
function belongs(kind: Kind, row: AnyRow, context: Context): boolean {
  if (kind === 'case') return row.id === context.caseId;
  if (kind === 'vehicle') return row.id === context.vehicleId;
  return 'caseId' in row && row.caseId === context.caseId;
}

async function applySet(tx: Tx, op: Extract<Op, { op: 'set' }>, context: Context): Promise<void> {
  const set = checkFields(op.kind, op.set);
  const row = await getRow(tx, op.kind, op.id);
  const [firstField = ''] = Object.keys(set);
  if (!row) {
    throw new Refused({
      kind: op.kind,
      id: op.id,
      field: firstField,
      mine: set[firstField],
      theirs: null,
      revision: 0,
      removed: true,
    });
  }
  if (!belongs(op.kind, row, context)) throw new Problem('That row belongs to another case.');
  allow(actionOf(op, row as Record<string, unknown>));
  const now = row as Record<string, unknown> & { revision: number };
  const fields = Object.keys(set).filter((f) => !sameValue(now[f], set[f]));
  if (fields.length === 0) return;
  if (now.revision !== op.revision) {
    for (const f of fields) {
      if (!sameValue(now[f], op.was[f]) && !(await followedFromOwn(tx, op.kind, op.id, f, context.who))) {
        throw new Refused({
          kind: op.kind,
          id: op.id,
          field: f,
          mine: set[f],
          theirs: now[f],
          revision: now.revision,
        });
      }
    }
  }
  const written = Object.fromEntries(fields.map((f) => [f, set[f]]));
  await updateRow(tx, op.kind, op.id, { ...written, revision: now.revision + 1 });
  if (op.kind === 'case' && typeof written.vehicleId === 'string') context.vehicleId = written.vehicleId;
  await note(tx, context, op.kind, row, 'set', Object.fromEntries(fields.map((f) => [f, now[f]])), written);
}

/**
 * What a case waits for is written by Vantle in the name of whoever wrote what it follows from. Their next write may
 * be on its way already, and is no second version of it.
 */
async function followedFromOwn(tx: Tx, kind: Kind, id: string, field: string, who: string): Promise<boolean> {
  return kind === 'case' && field === 'waitsFor' && (await lastWriter(tx, id, field))?.who === who;
}

async function applyAdd(tx: Tx, op: Extract<Op, { op: 'add' }>, context: Context): Promise<void> {
  if (op.kind === 'case' || op.kind === 'vehicle')
    throw new Problem(`A ${op.kind} cannot be added to a case.`);
  allow(actionOf(op));
  const there = await getRow(tx, op.kind, op.id);
  if (there) {
    if (!belongs(op.kind, there, context)) throw new Problem('That id is taken by another case.');
    await askBeforeIgnoring(tx, op, there);
    return;
  }
  const parsed = KINDS[op.kind].safeParse({ ...op.row, id: op.id, caseId: context.caseId, revision: 1 });
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    throw new Problem(`This ${op.kind} cannot be kept: "${issue?.path.join('.')}" — ${issue?.message}`);
  }
  const owners = new Map<string, Kind>([
    ...(['scan', 'test', 'suspect', 'cause', 'repair', 'code'] as const).map((k) => [`${k}Id`, k] as const),
    // A part of the shop's list elsewhere, a fitted part here.
    ...(OWNED[op.kind] ?? []),
  ]);
  for (const [field, kind] of owners) {
    const owner = (parsed.data as Record<string, unknown>)[field];
    if (typeof owner !== 'string') continue;
    const row = await getRow(tx, kind, owner);
    if (!row) throw new Problem(`It hangs on a ${kind} that is not there any more.`, 'gone');
    if (!belongs(kind, row, context)) throw new Problem('That belongs to another case.');
  }
  await insertRow(tx, op.kind, parsed.data as Record<string, unknown> & { id: string });
  await note(
    tx,
    context,
    op.kind,
    parsed.data as AnyRow,
    'add',
    null,
    parsed.data as Record<string, unknown>,
  );
}

/**
 * An addition that is sent twice is one. What says something else under the same id is no second sending.
 *
 * @throws Problem saying so
 */
async function askBeforeIgnoring(tx: Tx, op: Extract<Op, { op: 'add' }>, there: AnyRow): Promise<void> {
  const first = (await addedAs(tx, op.id)) ?? (there as unknown as Record<string, unknown>);
  const parsed = KINDS[op.kind].safeParse({ ...op.row, id: op.id, caseId: first.caseId, revision: 1 });
  const sent = (parsed.success ? parsed.data : op.row) as Record<string, unknown>;
  const other = Object.keys(op.row).find((f) => f in sent && !sameValue(sent[f], first[f]));
  if (other !== undefined)
    throw new Problem(
      `Another ${op.kind} has this id already, with another "${other}". Nothing was written over; send yours under an id of its own.`,
      'changed',
    );
}

/** A row and all that hangs on it. */
async function withOwned(tx: Tx, kind: Kind, id: string): Promise<string[]> {
  const ids = [id];
  for (const owned of ownedBy(kind))
    for (const child of await rowsWhere(tx, owned.kind, owned.field, id))
      ids.push(...(await withOwned(tx, owned.kind, child.id)));
  return ids;
}

/**
 * What somebody else wrote since the remover looked is not thrown away unseen.
 *
 * @throws Problem saying who wrote there
 */
async function askBeforeRemoving(tx: Tx, op: Extract<Op, { op: 'remove' }>, context: Context): Promise<void> {
  if (op.seen === undefined || op.kind === 'case' || op.kind === 'vehicle') return;
  const wrote = await othersSince(tx, await withOwned(tx, op.kind, op.id), op.seen, context.who);
  if (!wrote) return;
  const name = (await listPeople(tx)).find((p) => p.id === wrote.who)?.name ?? 'Somebody';
  throw new Problem(`${name} wrote on it since, so it was not removed. Look at it once more.`, 'changed');
}

async function applyRemove(tx: Tx, kind: Kind, id: string, context: Context): Promise<void> {
  if (kind === 'case' || kind === 'vehicle') throw new Problem(`A ${kind} is not removed this way.`);
  const row = await getRow(tx, kind, id);
  if (!row) return;
  if (!belongs(kind, row, context)) throw new Problem('That row belongs to another case.');
  allow(actionOf({ op: 'remove', kind, id }, row as Record<string, unknown>));
  for (const owned of ownedBy(kind)) {
    for (const child of await rowsWhere(tx, owned.kind, owned.field, id))
      await applyRemove(tx, owned.kind, child.id, context);
  }
  await deleteRow(tx, kind, id);
  await note(tx, context, kind, row, 'remove', row as unknown as Record<string, unknown>, null);
}

async function note(
  tx: Tx,
  context: Context,
  kind: Kind,
  row: AnyRow,
  op: 'add' | 'set' | 'remove',
  before: Record<string, unknown> | null,
  after: Record<string, unknown> | null,
): Promise<void> {
  context.touched.kinds.add(kind);
  context.bears ||=
    BEARS_ON_OTHERS.has(kind) &&
    (kind !== 'case' || Object.keys(after ?? {}).some((field) => CASE_FIELDS_THAT_BEAR.has(field)));
  if (kind === 'test') context.touched.testIds.add(row.id);
  if ('ofCaseId' in row) context.touched.earlierCaseIds.add(row.ofCaseId);
  if ('testId' in row && typeof row.testId === 'string') context.touched.testIds.add(row.testId);
  context.seq = await appendHistory(tx, {
    at: context.at,
    who: context.who,
    caseId: context.caseId,
    kind,
    rowId: row.id,
    op,
    before,
    after,
  });
}

/** Makes an id for a new row. */
export const newId = (): string => nanoid(14);
