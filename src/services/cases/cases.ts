import { Problem } from '@/core/problem';
import { KINDS, type CaseRecord } from '@/core/case';
import type { KnownVehicle, NewsAnswer, OpenCase } from '@/core/api';
import { vehicleName, type Identity } from '@/core/vehicle';
import { db, write } from '@/store/database';
import { appendHistory, deleteRow, getRow, insertRow, loadCase, loadCases, updateRow } from '@/store/rows';
import {
  caseIdByNumber,
  countCases,
  isOpenCase,
  keepNumber,
  nextCaseNumber,
  openCaseIds,
} from '@/store/shop';
import { casesOfVehicle } from '@/store/vehicles';
import { aroundCase, caseWithAround, digestsOf, inShort } from './around';
import { newsOf } from './news';
import { recogniseVehicle } from '../shop/recognise';
import { newId } from './save';

/** Everything the case screen shows, or undefined when there is no such case. */
export async function openCase(id: string): Promise<OpenCase | undefined> {
  const { record, around } = await caseWithAround(id);
  return record && { record, ...around };
}

/**
 * What is new on a case since a reader looked.
 *
 * @param since the history sequence at which the reader's record stands
 * @returns undefined when there is no such case, `same` when nothing was written since
 */
export async function caseSince(id: string, since: number): Promise<NewsAnswer | 'same' | undefined> {
  const own = await getRow(db(), 'case', id);
  if (!own) return undefined;
  if (own.seq === since) return 'same';
  return { changed: await newsOf(db(), id, since), around: await aroundCase(id) };
}

/** What a case is called: its number and its vehicle; undefined where there is no such case. */
export async function caseName(id: string): Promise<string | undefined> {
  const own = await getRow(db(), 'case', id);
  const vehicle = own && (await getRow(db(), 'vehicle', own.vehicleId));
  return vehicle && `case ${own.number}: ${vehicleName(vehicle)}`;
}

/** The id behind what stands in a link: an id, or a number that people type (/cases/31). */
export async function caseIdOf(given: string): Promise<string> {
  return /^\d{1,9}$/.test(given) ? ((await caseByNumber(Number(given))) ?? given) : given;
}

/** The case behind a number, for links that people type. */
export async function caseByNumber(number: number): Promise<string | undefined> {
  return caseIdByNumber(db(), number);
}

/** Opens a new case with an empty vehicle, or for a vehicle already known. */
export async function createCase(who: string, vehicleId?: string): Promise<{ id: string; number: number }> {
  return write(async (tx) => {
    const at = new Date().toISOString();
    const id = newId();
    const note = (kind: string, row: Record<string, unknown> & { id: string }) =>
      appendHistory(tx, { at, who, caseId: id, kind, rowId: row.id, op: 'add', before: null, after: row });
    const known = vehicleId ? await getRow(tx, 'vehicle', vehicleId) : undefined;
    const vehicle = known ?? KINDS.vehicle.parse({ id: newId() });
    if (!known) {
      await insertRow(tx, 'vehicle', vehicle);
      await note('vehicle', vehicle);
    }
    const number = await nextCaseNumber(tx);
    const row = KINDS.case.parse({
      id,
      number,
      vehicleId: vehicle.id,
      openedAt: at,
      leadId: who || null,
      waitsFor: 'diagnosis',
      waitsSince: at,
    });
    await insertRow(tx, 'case', row);
    const seq = await note('case', row);
    await updateRow(tx, 'case', id, { seq });
    return { id, number };
  });
}

/**
 * Throws away a case in which nothing was recorded yet (opened by mistake).
 *
 * @throws Error with a sentence when something was recorded; such a case is closed, not thrown away
 */
export async function discardEmptyCase(id: string, who: string): Promise<void> {
  await write(async (tx) => {
    const record = await loadCase(tx, id);
    if (!record) return;
    if (!isEmpty(record))
      throw new Problem(
        'Something is recorded on this case. Close it with a word instead of throwing it away.',
      );
    await keepNumber(tx, record.case.number);
    await deleteRow(tx, 'case', id);
    await appendHistory(tx, {
      at: new Date().toISOString(),
      who,
      caseId: id,
      kind: 'case',
      rowId: id,
      op: 'remove',
      before: record.case,
      after: null,
    });
    if ((await casesOfVehicle(tx, record.vehicle.id)).length === 0)
      await deleteRow(tx, 'vehicle', record.vehicle.id);
  });
}

function isEmpty(r: CaseRecord): boolean {
  const lists = Object.values(r).filter(Array.isArray) as unknown[][];
  return (
    lists.every((l) => l.length === 0) && r.case.said === '' && r.case.seen === '' && r.case.customer === ''
  );
}

const SHOWN = 5;

/** Vehicles that were here before and may be the one at hand, the surest first, with their cases. */
export async function vehiclesLike(identity: Identity, except: string): Promise<KnownVehicle[]> {
  const known = await recogniseVehicle(db(), identity, except);
  return Promise.all(
    known.slice(0, SHOWN).map(async ({ vehicle, caseIds, sure, because }) => ({
      vehicle,
      name: vehicleName(vehicle),
      sure,
      because,
      cases: inShort(await digestsOf(caseIds)),
    })),
  );
}

/** How many cases there are. */
export const numberOfCases = (): Promise<number> => countCases(db());

const MOST_OFFERED = 80;

/**
 * The newest open cases by number and vehicle, for putting something on one of them.
 *
 * @param also a case that is among them however old it is, while it is open
 */
export async function openCasesByName(also = ''): Promise<{ id: string; label: string }[]> {
  const newest = new Set(await openCaseIds(db(), MOST_OFFERED));
  if (also !== '' && (await isOpenCase(db(), also))) newest.add(also);
  const records = await loadCases(db(), [...newest]);
  return records
    .sort((a, b) => b.case.number - a.case.number)
    .map((r) => ({ id: r.case.id, label: `${r.case.number} · ${vehicleName(r.vehicle)}` }));
}
