import type { CaseRecord, RowOf } from '@/core/case';
import { Catalogue, coverOf, gradeProof } from '@/core/cause';
import { headlineOf } from '@/core/precedent';
import { symptomById } from '@/core/symptoms';
import { vehicleName } from '@/core/vehicle';
import { db } from '@/store/database';
import { loadCases } from '@/store/rows';
import {
  countCases,
  dueFollowUps,
  lastClosedIds,
  latestComebacks,
  listCatalogue,
  listPeople,
  openCaseIds,
} from '@/store/shop';

/** One open case on the desk, with what it waits for and what it still lacks. */
interface DeskCase {
  id: string;
  number: number;
  vehicle: string;
  headline: string;
  openedAt: string;
  waitsFor: string;
  waitNote: string;
  lead: string;
  /** Which of the five parts have something, in order. */
  parts: boolean[];
  next: string;
  comebackOf: boolean;
}

export interface Desk {
  open: DeskCase[];
  due: {
    caseId: string;
    number: number;
    vehicle: string;
    dueAt: string | null;
    dueOdometer: string;
    note: string;
  }[];
  lately: {
    id: string;
    number: number;
    vehicle: string;
    headline: string;
    cause: string;
    grade: string;
    closedAt: string;
  }[];
  cameBack: { number: number; of: number; vehicle: string; openedAt: string; open: boolean }[];
  total: number;
}

/** What came back longer ago is no news on the desk. */
const COMEBACKS_DAYS = 365;

/** The desk: open cases and what each waits for, follow-ups due, what was closed lately. */
export async function desk(): Promise<Desk> {
  const [people, catalogue] = await Promise.all([
    listPeople(db()),
    listCatalogue(db()).then((c) => new Catalogue(c)),
  ]);
  const open = await loadCases(db(), await openCaseIds(db()));
  const due = await dueFollowUps(db());
  const aYearAgo = new Date(Date.now() - COMEBACKS_DAYS * 86_400_000).toISOString();
  const cameBack = (await latestComebacks(db(), 5)).filter((c) => c.openedAt >= aYearAgo);
  const { recentlyClosed, total } = await closedLately();
  return {
    open: open.map((r) => ({
      id: r.case.id,
      number: r.case.number,
      vehicle: vehicleName(r.vehicle),
      headline: headlineOf(r),
      openedAt: r.case.openedAt,
      waitsFor: r.case.waitsFor,
      waitNote: r.case.waitNote,
      lead: people.find((p) => p.id === r.case.leadId)?.name ?? '',
      parts: partsFilled(r),
      next: nextStep(r),
      comebackOf: r.comeback.some((c) => c.state !== 'rejected'),
    })),
    due: due.map((d) => ({
      caseId: d.followUp.caseId,
      number: d.number,
      vehicle: vehicleName(d.vehicle as RowOf<'vehicle'>),
      dueAt: d.followUp.dueAt,
      dueOdometer: d.followUp.dueOdometer,
      note: d.followUp.note,
    })),
    cameBack: cameBack.map((c) => ({
      number: c.number,
      of: c.of,
      vehicle: vehicleName(c.vehicle as RowOf<'vehicle'>),
      openedAt: c.openedAt,
      open: c.closedAt === null,
    })),
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
      closedAt: r.case.closedAt ?? '',
    })),
    total,
  };
}

async function closedLately(): Promise<{ recentlyClosed: CaseRecord[]; total: number }> {
  const recentlyClosed = await loadCases(db(), await lastClosedIds(db(), 8));
  recentlyClosed.sort((a, b) => (b.case.closedAt ?? '').localeCompare(a.case.closedAt ?? ''));
  return { recentlyClosed, total: await countCases(db()) };
}

/** Whether complaint, evidence, cause, repair and proof have something in them. */
function partsFilled(r: CaseRecord): boolean[] {
  return [
    r.case.said !== '' || r.symptom.length > 0,
    r.scan.length > 0 || r.test.length > 0,
    r.cause.some((c) => c.partId !== null),
    r.repair.some((x) => x.at !== null && x.authorisation !== 'declined'),
    r.case.grade === 'proven' || r.case.grade === 'held',
  ];
}

/** The one thing the case asks for next, in a few words. */
function nextStep(r: CaseRecord): string {
  const [complaint, evidence, cause, repair, proof] = partsFilled(r);
  if (!complaint) return 'take the complaint';
  if (!evidence) return r.case.reproduced === '' ? 'reproduce it, then scan' : 'first scan or test';
  if (!cause) {
    const standing = r.suspect.filter((s) => s.state === 'standing').length;
    if (standing === 0) return 'name a suspect';
    return standing === 1 ? 'test the one suspect' : `separate ${standing} suspects`;
  }
  const unexplained = coverOf(r, (c) => symptomById(c)?.label ?? c).filter(
    (i) => i.causeIds.length === 0,
  ).length;
  if (r.repair.some((x) => x.authorisation === 'asked')) return 'do the repair';
  if (!repair) return unexplained ? `cause leaves ${unexplained} unexplained` : 'agree and do the repair';
  const missing = gradeProof({ ...r, comebackNumbers: [] }).missing[0];
  return proof ? 'close it' : (missing?.say ?? 'prove the repair');
}
