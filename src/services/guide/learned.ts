import { brier, factsOf, findForks, reliability, sideOf, type Band, type Said } from '@/core/guide';
import { didComeBack } from '@/core/similar';
import { vehicleName } from '@/core/vehicle';
import { db } from '@/store/database';
import { lastProvenIds } from '@/store/shop';
import { nearTo, type NearCases } from '../find/find';
import { forkCases } from '../find/forks';
import { caseIndex, type IndexState } from '../find/index-of-cases';

/** What the shop learned from the cases it proved lately. */
export interface Learned {
  /** Causes that no other case has. */
  causes: { number: number; vehicle: string; name: string; key: string }[];
  /** Tests that told such a case from one that looked alike. */
  forks: { number: number; question: string; told: string; from: string; fromNumber: number }[];
  odds: OddsHeld;
}

/** How what was said of the causes before any test compares with what it turned out to be. */
export interface OddsHeld {
  /** Proven cases that were looked at. */
  cases: number;
  /** In how many another case had the cause, so that it could be named at all. */
  met: number;
  /** In how many of those it stood first, and among the first three. */
  first: number;
  firstThree: number;
  /** Mean Brier score, and that of giving every cause met there the same share. */
  brier: number;
  even: number;
  bands: Band[];
  looked: { number: number; vehicle: string; name: string; rank: number; share: number }[];
}

const SHOWN = 3;
const LOOKED = 12;
const NEAR = 30;
/** A share below this is nobody's claim. */
const LEAST_SHARE = 0.02;

const shared = globalThis as typeof globalThis & {
  vantleLearned?: { seq: number; learned: Promise<Learned> };
};

/** What the shop learned lately; worked out once for every state of the database. */
export async function learnedLately(): Promise<Learned> {
  const held = await caseIndex();
  if (shared.vantleLearned?.seq !== held.historySeq)
    shared.vantleLearned = { seq: held.historySeq, learned: workOut(held) };
  return shared.vantleLearned.learned;
}

async function workOut(held: IndexState): Promise<Learned> {
  const found = await lookAt(LOOKED);
  const counts = causeCounts(held);
  return {
    causes: found
      .flatMap(({ profile }) =>
        profile.causes
          .filter((c) => counts.get(c.key) === 1)
          .map((c) => ({ number: profile.number, vehicle: vehicleName(profile.vehicle), ...c })),
      )
      .slice(0, SHOWN),
    forks: uniqBy(found.flatMap(forkOf), (f) => [f.number, f.fromNumber].sort().join()).slice(0, SHOWN),
    odds: heldOf(found),
  };
}

/**
 * How the odds turned out on the cases proven last: each is asked of the others as it came in, before any test.
 *
 * @param most how many cases, the newest first
 */
export async function oddsHeld(most: number): Promise<OddsHeld> {
  return heldOf(await lookAt(most));
}

async function lookAt(most: number): Promise<NearCases[]> {
  const found: NearCases[] = [];
  for (const id of await lastProvenIds(db(), most)) {
    const near = await nearTo(id, NEAR);
    if (near && near.profile.causes.length > 0) found.push(near);
  }
  return found;
}

function heldOf(found: readonly NearCases[]): OddsHeld {
  const said: Said[] = [];
  const looked: OddsHeld['looked'] = [];
  let sum = 0;
  let even = 0;
  for (const { profile, ranking } of found) {
    const shares = new Map([...ranking.prior.shares].map(([key, s]) => [key, s.share]));
    const ranked = [...shares].sort((a, b) => b[1] - a[1]);
    // Of two causes the likelier one counts: either would have led to the car's trouble.
    const truth = [...profile.causes].sort((a, b) => (shares.get(b.key) ?? 0) - (shares.get(a.key) ?? 0))[0]!;
    const known = shares.has(truth.key) ? truth.key : undefined;
    sum += brier(shares, ranking.prior.unseen, known);
    const same = 1 / (shares.size + 1);
    even += brier(new Map(ranked.map(([key]) => [key, same])), same, known);
    for (const [key, share] of ranked)
      if (share > LEAST_SHARE) said.push({ share, right: key === truth.key });
    looked.push({
      number: profile.number,
      vehicle: vehicleName(profile.vehicle),
      name: truth.name,
      rank: 1 + ranked.findIndex(([key]) => key === truth.key),
      share: shares.get(truth.key) ?? 0,
    });
  }
  const n = Math.max(1, found.length);
  return {
    cases: found.length,
    met: looked.filter((l) => l.rank > 0).length,
    first: looked.filter((l) => l.rank === 1).length,
    firstThree: looked.filter((l) => l.rank >= 1 && l.rank <= 3).length,
    brier: sum / n,
    even: even / n,
    bands: reliability(said, 5),
    looked,
  };
}

/** The first of each. */
function uniqBy<T>(list: readonly T[], key: (item: T) => string): T[] {
  const seen = new Set<string>();
  return list.filter((item) => !seen.has(key(item)) && seen.add(key(item)));
}

/** How many standing cases have each cause. */
function causeCounts({ index, catalogue }: IndexState): Map<string, number> {
  const keys = index.causeKeys(catalogue);
  const counts = new Map<string, number>();
  for (let d = 0; d < index.documents; d++) {
    if (index.standing.values[d] !== 1) continue;
    const end = d + 1 < index.documents ? index.causeStart.values[d + 1]! : index.causeList.length;
    for (let i = index.causeStart.values[d]!; i < end; i++) {
      const key = keys[index.causeList.values[i]!]!;
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
  }
  return counts;
}

/** The test that best told a case from one near to it with another cause. */
function forkOf({ profile, near }: NearCases): Learned['forks'] {
  const own = forkCases(profile);
  const others = near
    .filter((n) => !didComeBack(n.profile))
    .flatMap((n) => forkCases(n.profile))
    .filter((c) => own.every((o) => o.cause.key !== c.cause.key));
  for (const fork of findForks([...own, ...others])) {
    const mine = sideOf(fork, factsOf(profile))?.side;
    if (!mine?.numbers.includes(profile.number)) continue;
    const from = fork.sides
      .filter((s) => s !== mine)
      .flatMap((s) => s.numbers)
      .map((number) => others.find((o) => o.number === number))
      .find((o) => o !== undefined);
    if (!from) continue;
    return [
      {
        number: profile.number,
        question: fork.question,
        told: own[0]!.cause.name,
        from: from.cause.name,
        fromNumber: from.number,
      },
    ];
  }
  return [];
}
