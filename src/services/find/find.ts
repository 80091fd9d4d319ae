import { displayWord } from '@/core/case/display-words';
import type { FindAnswer, FindPageAnswer, FoundCase, MarginAnswer } from '@/core/api';
import {
  caseFromLine,
  countCauses,
  didComeBack,
  explain,
  newest,
  rank,
  readQuery,
  haveSameFault,
  suggest,
  criteriaOf,
  criteriaOfCase,
  withLikes,
  type AlikeTraces,
  type CaseProfile,
  type CauseCount,
  type Correction,
  type Near,
  type FacetFilter,
  type Ranking,
  type Suggestion,
  type SearchCriteria,
} from '@/core/similar';
import { vehicleName } from '@/core/vehicle';
import { conditionLabel } from '@/core/symptoms';
import { besideLine } from '../cases/beside';
import { caseIndex, profilesOf, type IndexState } from './index-of-cases';
import { indexAndWords } from './words';
import { alikeTraces } from '../traces/traces-like';
import { createCase } from '../cases/cases';
import { findCustomer } from './find-customer';
import { NO_PRACTICE_ANSWER, practiceOf } from './practice';
import { applyChanges, newId } from '../cases/save';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';

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
    cameBack: didComeBack(p),
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

/** Causes with their odds, the likeliest first; by their counts where nothing but a vehicle was asked for. */
function withShares(causes: CauseCount[], { fit, asks }: Ranking): FindAnswer['causes'] {
  const telling = asks.some((a) => a.evidence > 0 && a.part !== 'vehicle');
  const shared = causes.map((c) => ({ ...c, share: telling ? (fit.shares.get(c.key)?.share ?? 0) : null }));
  return telling ? shared.sort((a, b) => b.share! - a.share!) : shared;
}

/** Ranked cases with their profiles and reasons. */
async function explained(
  held: IndexState,
  wanted: SearchCriteria,
  ranking: Ranking,
  alike?: AlikeTraces,
): Promise<Near[]> {
  const profiles = await profilesOf(
    held,
    ranking.ranked.map((r) => r.id),
  );
  return ranking.ranked.flatMap((r) => {
    const profile = profiles.get(r.id);
    return profile ? [explain(wanted, profile, r, ranking.fit, alike)] : [];
  });
}

/** How a line is put: corrections of its reading, and narrowings of its answer. */
export interface SearchRefinement {
  corrections?: Correction[];
  only?: FacetFilter[];
  /** Nearest first, or those opened last. */
  sort?: 'nearest' | 'newest';
}

/** How a line was read and what it ranks, in one look at the index. */
async function askLine(line: string, limit: number, putting: SearchRefinement) {
  const { held, words } = await indexAndWords();
  const chips = readQuery(line.slice(0, 500), words, held.catalogue, putting.corrections ?? []);
  const asked = criteriaOf(chips, putting.only);
  const like = asked.like.flatMap((n) => held.index.withNumber(n));
  const profiles = await profilesOf(held, like);
  const wanted = withLikes(
    asked,
    [...profiles.values()].map((p) => criteriaOfCase(p)),
  );
  const nothing = chips.length === 0 && wanted.only.length === 0;
  return {
    held,
    chips,
    wanted,
    ranking: nothing ? undefined : rank(held.index, wanted, held.catalogue, limit, like[0] ?? ''),
  };
}

/** A facet's value as people read it. */
function facetLabel({ by, value }: { by: string; value: string }): string {
  if (by === 'condition') return conditionLabel(value);
  return by === 'grade' ? displayWord(value) : value;
}

async function answerOf(
  { held, chips, wanted, ranking }: Awaited<ReturnType<typeof askLine>>,
  limit: number,
  sort: SearchRefinement['sort'],
): Promise<FindAnswer> {
  const searched = held.index.size;
  if (!ranking) return { chips, cases: [], causes: [], facets: [], matching: 0, searched };
  const near = await explained(held, wanted, ranking);
  const cases =
    sort === 'newest'
      ? await explained(held, wanted, { ...ranking, ranked: newest(held.index, ranking, limit) })
      : near;
  return {
    chips,
    cases: cases.map(shown),
    causes: withShares(countCauses(nearestOf(near).slice(0, 20)), ranking),
    facets: ranking.facets.map((f) => ({
      ...f,
      label: facetLabel(f),
    })),
    matching: ranking.matching,
    searched,
  };
}

/**
 * Answers one line of vehicle, code and symptom in any order: how it was read, the nearest cases
 * each with its reasons, and what it was, as causes with counts.
 */
export const find = async (line: string, limit = 30, putting: SearchRefinement = {}): Promise<FindAnswer> =>
  answerOf(await askLine(line, limit, putting), limit, putting.sort);

/** What a line on the find page is answered with: cases and causes, what else is known, and what the trade knows. */
export async function findWithBeside(
  line: string,
  limit: number,
  putting: SearchRefinement,
): Promise<FindPageAnswer> {
  const asked = await askLine(line, limit, putting);
  const { held, wanted, ranking, chips } = asked;
  // A guess is no reading: its words may be a name.
  const unread = chips.filter((c) => c.kind === 'text' || c.guess).map((c) => c.words);
  const [answer, customers, beside] = await Promise.all([
    answerOf(asked, limit, putting.sort),
    findCustomer(line, unread),
    besideLine(wanted, held.index),
  ]);
  return {
    ...answer,
    customers,
    beside,
    practice: ranking ? practiceOf(ranking, held.catalogue) : NO_PRACTICE_ANSWER,
  };
}

/** Opens a case with what a line says: its vehicle, codes and symptoms. */
export async function startCase(
  line: string,
  putting: SearchRefinement,
  who: string,
): Promise<{ id: string; number: number }> {
  const { chips } = await askLine(line, 1, putting);
  const opened = await createCase(who);
  const record = await loadCase(db(), opened.id);
  const ops = caseFromLine(chips, {
    caseId: opened.id,
    vehicle: record!.vehicle,
    at: new Date().toISOString(),
    newId,
  });
  if (ops.length > 0) await applyChanges(opened.id, [{ id: newId(), ops }], who);
  return opened;
}

/** How the words at the end of a line may go on. */
export async function suggestions(line: string): Promise<Suggestion[]> {
  const { held, words } = await indexAndWords();
  return suggest(line.slice(0, 500), held.index, words, held.catalogue);
}

/** The near cases of an open one, with how they were ranked. */
export interface NearCases {
  near: Near[];
  ranking: Ranking;
  profile: CaseProfile;
  held: IndexState;
}

/** Past cases near to an open one, ranked: they share its trouble, or are of the same vehicle. */
export async function nearTo(caseId: string, limit: number): Promise<NearCases | undefined> {
  const held = await caseIndex();
  const [profiles, alike] = await Promise.all([profilesOf(held, [caseId]), alikeTraces(caseId)]);
  const profile = profiles.get(caseId);
  if (!profile) return undefined;
  const wanted = criteriaOfCase(profile);
  const ranking = rank(held.index, wanted, held.catalogue, limit, caseId, alike);
  const near = (await explained(held, wanted, ranking, alike)).filter(
    (n) =>
      n.profile.vehicle.id === profile.vehicle.id ||
      (n.profile.causes.length > 0 &&
        (haveSameFault(profile, n.profile) || (alike?.cases.get(n.profile.id) ?? 0) > 0.5)),
  );
  return { near, ranking, profile, held };
}

const SHOWN = 8;
const COUNTED = 15;

/** Similar cases as the margin shows them, with what it was in the nearest. */
export function shownPrecedents({ near, held, ranking }: NearCases): MarginAnswer['precedents'] {
  return {
    cases: near.slice(0, SHOWN).map(shown),
    causes: withShares(countCauses(nearestOf(near).slice(0, COUNTED)), ranking),
    searched: held.index.size,
  };
}
