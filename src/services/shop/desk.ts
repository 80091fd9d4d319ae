import { addDays, parseISO } from 'date-fns';
import type { Desk, DeskCase } from '@/core/api';
import { doneTests, repairStates, type CaseRecord, type RowOf } from '@/core/case';
import { Catalogue, coverOf, gradeProof } from '@/core/cause';
import { beyondLimit } from '@/core/money';
import { headlineOf } from '@/core/similar';
import { symptomById } from '@/core/symptoms';
import { vehicleName } from '@/core/vehicle';
import { db } from '@/store/database';
import { loadCases } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';
import {
  confirmedComebacks,
  countCases,
  followUpsIn,
  lastClosedIds,
  lastHistorySeq,
  latestComebacks,
  listPeople,
  countOpenCases,
  openCaseIds,
} from '@/store/shop';
import { callAgain, money } from './shop';

/** What came back longer ago is no news on the desk. */
const COMEBACKS_DAYS = 365;
const MOST_COMEBACKS = 6;
/** A desk of more has open cases that nobody works on; the list of cases has them all. */
export const MOST_OPEN = 80;

/** The desk: open cases and what each waits for, follow-ups due, what came back, what was closed lately. */
export async function desk(): Promise<Desk> {
  const [
    people,
    catalogue,
    seq,
    openIds,
    openInAll,
    closedIds,
    total,
    comebacks,
    rate,
    days,
    waiting,
    back,
    told,
  ] = await Promise.all([
    listPeople(db()),
    listCatalogue(db()).then((c) => new Catalogue(c)),
    deskSeq(),
    openCaseIds(db(), MOST_OPEN),
    countOpenCases(db()),
    lastClosedIds(db(), 8),
    countCases(db()),
    confirmedComebacks(db()),
    money(),
    callAgain(),
    followUpsIn(db(), ['due', 'not reached']),
    latestComebacks(db(), MOST_COMEBACKS),
    followUpsIn(db(), ['came back']),
  ]);
  const nameOf = (id: string | null) => people.find((p) => p.id === id)?.name ?? '';
  const records = await loadCases(db(), [...openIds, ...closedIds]);
  const isOpen = new Set(openIds);
  const open = records.filter((r) => isOpen.has(r.case.id));
  const recentlyClosed = records
    .filter((r) => !isOpen.has(r.case.id))
    .sort((a, b) => (b.case.closedAt ?? '').localeCompare(a.case.closedAt ?? ''));
  return {
    open: open.map((r): DeskCase => {
      const hand = r.case.handId ?? r.case.leadId;
      return {
        id: r.case.id,
        number: r.case.number,
        vehicle: vehicleName(r.vehicle),
        plate: r.vehicle.plate,
        customer: r.case.customer,
        headline: headlineOf(r),
        openedAt: r.case.openedAt,
        waitsFor: r.case.waitsFor,
        waitNote: r.case.waitNote,
        waitsSince: r.case.waitsSince ?? r.case.openedAt,
        promisedAt: r.case.promisedAt,
        leadId: r.case.leadId,
        lead: nameOf(r.case.leadId),
        handId: hand,
        hand: nameOf(hand),
        handNote: r.case.handId === null ? '' : r.case.handNote,
        parts: partsFilled(r),
        next: nextStep(r),
        comebackOf: r.comeback.some((c) => c.state !== 'rejected'),
        beyondLimit: beyondLimit(r, rate) !== undefined,
      };
    }),
    openInAll,
    due: callsDue(waiting, days, nameOf),
    cameBack: cameBackLately(back, told, new Set(comebacks.keys())),
    lately: recentlyClosed.map((r) => ({
      id: r.case.id,
      number: r.case.number,
      vehicle: vehicleName(r.vehicle),
      headline: headlineOf(r),
      cause: r.cause
        .map((c) =>
          [catalogue.resolve(c.partId)?.name, catalogue.resolve(c.failureId)?.name]
            .filter(Boolean)
            .join(', '),
        )
        .join('; '),
      grade: r.case.grade,
      cameBack: comebacks.has(r.case.id) || r.followUp.some((f) => f.state === 'came back'),
      closedAt: r.case.closedAt ?? '',
    })),
    total,
    seq,
  };
}

/** Where the shop's history stands: another number, another desk. */
export const deskSeq = (): Promise<number> => lastHistorySeq(db());

type FollowUps = Awaited<ReturnType<typeof followUpsIn>>;

/** Whoever was not reached so long after the day is called no more: by then they would have come. */
const CALLED_DAYS = 120;

/** Calls to be made, soonest first; who was not reached is called again after the shop's interval. */
function callsDue(rows: FollowUps, days: number, nameOf: (id: string | null) => string): Desk['due'] {
  const tooLate = new Date(Date.now() - CALLED_DAYS * 86_400_000).toISOString();
  return rows
    .filter(({ followUp: f }) => f.state === 'due' || (f.dueAt ?? f.doneAt ?? '') >= tooLate)
    .map(({ followUp: f, own, vehicle }) => {
      const again = f.state === 'not reached';
      const byId = f.byId ?? own.leadId;
      return {
        id: f.id,
        caseId: f.caseId,
        number: own.number,
        vehicle: vehicleName(vehicle as RowOf<'vehicle'>),
        customer: own.customer,
        phone: own.phone,
        dueAt: again && f.doneAt ? addDays(parseISO(f.doneAt), days).toISOString() : f.dueAt,
        dueOdometer: f.dueOdometer,
        note: f.note,
        again,
        by: nameOf(byId),
        byId,
      };
    })
    .sort((a, b) => (a.dueAt ?? '￿').localeCompare(b.dueAt ?? '￿'));
}

/** What came back in the last year: as a later case, or as the customer told at a follow-up and no case yet. */
function cameBackLately(
  latest: Awaited<ReturnType<typeof latestComebacks>>,
  followUps: FollowUps,
  withCase: ReadonlySet<string>,
): Desk['cameBack'] {
  const aYearAgo = new Date(Date.now() - COMEBACKS_DAYS * 86_400_000).toISOString();
  const cases = latest.map((c) => ({
    number: c.number,
    of: c.of,
    vehicle: vehicleName(c.vehicle as RowOf<'vehicle'>),
    at: c.openedAt,
    open: c.closedAt === null,
    note: '',
  }));
  const told = followUps
    .filter(({ own }) => !withCase.has(own.id))
    .map(({ followUp: f, own, vehicle }) => ({
      number: own.number,
      of: null,
      vehicle: vehicleName(vehicle as RowOf<'vehicle'>),
      at: f.doneAt ?? f.dueAt ?? own.openedAt,
      open: own.closedAt === null,
      note: f.note,
    }));
  return [...cases, ...told]
    .filter((c) => c.at >= aYearAgo)
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, MOST_COMEBACKS);
}

/** Whether complaint, evidence, cause, repair and proof have something in them. */
function partsFilled(r: CaseRecord): boolean[] {
  return [
    r.case.said !== '' || r.symptom.length > 0,
    r.scan.length > 0 || doneTests(r).length > 0,
    r.cause.some((c) => c.partId !== null),
    [...repairStates(r).values()].includes('done'),
    r.case.grade === 'proven' || r.case.grade === 'held',
  ];
}

/** The one thing the case asks for next, in a few words. */
function nextStep(r: CaseRecord): string {
  const [complaint, evidence, cause, repair, proof] = partsFilled(r);
  if (!complaint) return 'record the complaint';
  if (!evidence) return r.case.reproduced === '' ? 'reproduce the fault, then scan' : 'first scan or test';
  if (!cause) {
    const standing = r.suspect.filter((s) => s.state === 'standing').length;
    if (standing === 0) return 'name a suspect';
    return standing === 1 ? 'test the only suspect' : `tell ${standing} suspects apart`;
  }
  const states = [...repairStates(r).values()];
  if (states.includes('asked')) return 'the customer’s answer';
  if (states.includes('waiting for a part')) return 'the part';
  if (states.includes('authorised')) return 'do the repair';
  const unexplained = coverOf(r, (c) => symptomById(c)?.label ?? c).filter(
    (i) => i.causeIds.length === 0,
  ).length;
  if (!repair) {
    if (states.length > 0 && states.every((s) => s === 'declined')) return 'close it: not repaired';
    return unexplained ? `cause leaves ${unexplained} unexplained` : 'agree and do the repair';
  }
  const missing = gradeProof({ ...r, comebackNumbers: [] }).missing[0];
  return proof ? 'close it' : (missing?.say ?? 'prove the repair');
}
