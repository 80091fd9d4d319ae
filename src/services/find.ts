import type { Grade } from '@/core/case';
import { conditionLabel } from '@/core/symptoms';
import {
  countCauses,
  readQuery,
  sharesTrouble,
  wantedOf,
  wantedOfCase,
  type CauseCount,
  type Chip,
  type Near,
  type Reason,
} from '@/core/precedent';
import { vehicleName } from '@/core/vehicle';
import { caseIndex } from './index-of-cases';

/** A found case as a screen shows it. */
export interface FoundCase {
  id: string;
  number: number;
  vehicle: string;
  headline: string;
  causes: string[];
  grade: Grade;
  comebacks: number[];
  isolated: string;
  open: boolean;
  openedAt: string;
  conditions: string[];
  score: number;
  reasons: Reason[];
  lacks: string[];
}

export interface Found {
  chips: Chip[];
  cases: FoundCase[];
  causes: CauseCount[];
  /** How many cases were looked through. */
  searched: number;
}

function shown(near: Near): FoundCase {
  const { profile: p } = near;
  return {
    id: p.id,
    number: p.number,
    vehicle: vehicleName(p.vehicle),
    headline: p.headline,
    causes: p.causes.map((c) => c.name),
    grade: p.grade,
    comebacks: p.comebacks,
    isolated: p.isolated,
    open: p.open,
    openedAt: p.openedAt,
    conditions: p.conditions.map(conditionLabel),
    score: Math.round(near.score * 1000) / 1000,
    reasons: near.reasons,
    lacks: near.lacks,
  };
}

/** What it was is told by the nearest only: a shared make proves nothing about the cause. */
function nearestOf(near: Near[]): Near[] {
  return near.filter((n) => n.score >= 0.5 * (near[0]?.score ?? 0));
}

/**
 * Answers one line of vehicle, code and symptom in any order: how it was read, the nearest cases
 * each with its reasons, and what it was, as causes with counts.
 */
export async function find(line: string, limit = 30): Promise<Found> {
  const { index, catalogue } = await caseIndex();
  const chips = readQuery(line.slice(0, 500), index.vehicleWords(), catalogue);
  const near = chips.length ? index.find(wantedOf(chips), limit) : [];
  return {
    chips,
    cases: near.map(shown),
    causes: countCauses(nearestOf(near).slice(0, 20)),
    searched: index.size,
  };
}

/** Past cases near to an open one, ranked: they share its trouble, or are of the same vehicle. */
export async function nearTo(caseId: string, limit: number): Promise<Near[]> {
  const { index } = await caseIndex();
  const profile = index.get(caseId);
  if (!profile) return [];
  return index
    .find(wantedOfCase(profile), limit, caseId)
    .filter(
      (n) =>
        n.profile.vehicle.id === profile.vehicle.id ||
        (n.score >= 0.2 && n.profile.causes.length > 0 && sharesTrouble(profile, n.profile)),
    );
}

export type Precedents = Omit<Found, 'chips'>;
const SHOWN = 8;
const COUNTED = 15;

/** Near cases as the margin shows them, with what it was in the nearest. */
export async function shownPrecedents(near: Near[]): Promise<Precedents> {
  return {
    cases: near.slice(0, SHOWN).map(shown),
    causes: countCauses(nearestOf(near).slice(0, COUNTED)),
    searched: (await caseIndex()).index.size,
  };
}
