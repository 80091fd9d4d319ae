import { KINDS, type CaseRecord, type RowOf } from '@/core/case';
import { matchComeback, type ComebackFacts, type ComebackMatch, type Period } from '@/core/cause';
import { headlineOf, weighedCodes } from '@/core/precedent';
import { symptomById } from '@/core/symptoms';
import { vehicleName } from '@/core/vehicle';
import { db, write } from '@/store/database';
import { appendHistory, deleteRow, getRow, insertRow, loadCase, loadCases, updateRow } from '@/store/rows';
import {
  caseIdByNumber,
  casesOfVehicle,
  confirmedComebacks,
  countCases,
  nextCaseNumber,
  numberOfCase,
  openCaseIds,
  vehiclesByVin,
} from '@/store/shop';
import { newId } from './save';
import { periods } from './shop';

interface VehicleHistoryItem {
  id: string;
  number: number;
  openedAt: string;
  headline: string;
  grade: string;
  open: boolean;
}

export interface OpenCase {
  record: CaseRecord;
  /** Other cases of the same vehicle, newest first. */
  sameVehicle: VehicleHistoryItem[];
  /** Later cases in which this one came back. */
  cameBackAs: { number: number; caseId: string }[];
  /** The earlier case this one is a comeback of. */
  comebackOf: { number: number; caseId: string; state: string }[];
  /** Earlier cases of the vehicle that look like it, for a person to confirm or reject. */
  comebackOffers: (ComebackMatch & { caseId: string })[];
  /** When the shop asks whether a repair held. */
  followUp: Period;
}

/** Everything the case screen shows, or undefined when there is no such case. */
export async function openCase(id: string): Promise<OpenCase | undefined> {
  const record = await loadCase(db(), id);
  if (!record) return undefined;
  const others = (await casesOfVehicle(db(), record.vehicle.id)).filter((c) => c !== id);
  const comebacks = await confirmedComebacks(db());
  const comebackOf = await Promise.all(
    record.comeback.map(async (c) => ({
      caseId: c.ofCaseId,
      state: c.state,
      number: (await numberOfCase(db(), c.ofCaseId)) ?? 0,
    })),
  );
  const { followUp, comeback } = await periods();
  const earlier = await loadCases(db(), others);
  return {
    record,
    sameVehicle: brief(earlier),
    cameBackAs: comebacks.get(id) ?? [],
    comebackOf,
    comebackOffers: comebackOffers(record, earlier, comeback),
    followUp,
  };
}

/** What of a case is held against another to tell a comeback: chased codes, symptoms, dates, odometer. */
function comebackFacts(r: CaseRecord): ComebackFacts {
  return {
    number: r.case.number,
    openedAt: r.case.openedAt,
    closedAt: r.case.closedAt,
    odometer: r.case.odometer,
    codes: weighedCodes(r)
      .filter((c) => c.weight >= 0.5)
      .map((c) => c.code),
    symptoms: r.symptom
      .filter((s) => s.concept !== '' && s.reproduced !== 'no')
      .map((s) => ({ id: s.concept, label: symptomById(s.concept)?.label ?? s.words })),
    repaired: r.cause.some((c) => c.state === 'repaired'),
  };
}

function comebackOffers(
  record: CaseRecord,
  earlier: CaseRecord[],
  period: Period,
): OpenCase['comebackOffers'] {
  const decided = new Set(record.comeback.map((c) => c.ofCaseId));
  const now = comebackFacts(record);
  return earlier.flatMap((e) => {
    if (decided.has(e.case.id)) return [];
    const match = matchComeback(now, comebackFacts(e), period);
    return match ? [{ ...match, caseId: e.case.id }] : [];
  });
}

/** The id behind what stands in a link: an id, or a number that people type (/cases/31). */
export async function caseIdOf(given: string): Promise<string> {
  return /^\d{1,9}$/.test(given) ? ((await caseByNumber(Number(given))) ?? given) : given;
}

/** The case behind a number, for links that people type. */
export async function caseByNumber(number: number): Promise<string | undefined> {
  return caseIdByNumber(db(), number);
}

function brief(records: CaseRecord[]): VehicleHistoryItem[] {
  return records
    .map((r) => ({
      id: r.case.id,
      number: r.case.number,
      openedAt: r.case.openedAt,
      headline: headlineOf(r),
      grade: r.case.grade,
      open: r.case.closedAt === null,
    }))
    .sort((a, b) => b.openedAt.localeCompare(a.openedAt));
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
      throw new Error(
        'Something is recorded on this case. Close it with a word instead of throwing it away.',
      );
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

export interface KnownVehicle {
  vehicle: RowOf<'vehicle'>;
  name: string;
  cases: VehicleHistoryItem[];
}

/** Vehicles met before whose VIN begins with what was typed, with their cases. */
export async function vehiclesLike(vinStart: string, exceptVehicle: string): Promise<KnownVehicle[]> {
  const start = vinStart.toUpperCase().replace(/[^A-Z0-9]/g, '');
  if (start.length < 5) return [];
  const rows = (await vehiclesByVin(db(), start, exceptVehicle, 5)) as RowOf<'vehicle'>[];
  return Promise.all(
    rows.map(async (vehicle) => ({
      vehicle,
      name: vehicleName(vehicle),
      cases: brief(await loadCases(db(), await casesOfVehicle(db(), vehicle.id))),
    })),
  );
}

/** How many cases there are. */
export const numberOfCases = (): Promise<number> => countCases(db());

/** Open cases by number and vehicle, newest first, for putting something on one of them. */
export async function openCasesByName(): Promise<{ id: string; label: string }[]> {
  const records = await loadCases(db(), await openCaseIds(db()));
  return records
    .sort((a, b) => b.case.number - a.case.number)
    .map((r) => ({ id: r.case.id, label: `${r.case.number} · ${vehicleName(r.vehicle)}` }));
}
