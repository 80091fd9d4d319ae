import type { ShownFork } from '@/core/api';
import type { CaseRecord } from '@/core/case';
import { Catalogue } from '@/core/cause';
import {
  factsOf,
  findForks,
  measuredOnBoth,
  sideOf,
  type Facts,
  type Fork,
  type ForkCase,
  type MeasuredOnBoth,
} from '@/core/guide';
import { didComeBack, digestOf, profileOf, type CaseProfile, type Near } from '@/core/similar';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';

/** One past case with a cause, once for each of its causes. */
export function forkCases(
  profile: Pick<CaseProfile, 'id' | 'number' | 'causes' | 'outcomes' | 'readings'>,
): ForkCase[] {
  const facts = factsOf(profile);
  return profile.causes.map((cause) => ({ id: profile.id, number: profile.number, cause, ...facts }));
}

/**
 * Forks among the cases near to an open one: tests and readings that separated those that looked
 * alike but were not, and on which side this one falls. Cases that came back settle nothing.
 *
 * @param here what the open case was asked and answered
 * @param near ranked near cases
 */
export function forksAmong(here: Facts, near: readonly Near[]): ShownFork[] {
  const cases = near.filter((n) => !didComeBack(n.profile)).flatMap((n) => forkCases(n.profile));
  return findForks(cases).map((fork) => {
    const side = sideOf(fork, here);
    if (!side) return fork;
    const { value } = side;
    return {
      ...fork,
      here: {
        reads: side.here,
        causes: side.side.causes.map((c) => c.name),
        ...(value === undefined ? {} : { value }),
      },
    };
  });
}

/** Both cases of a comparison, with the forks between them. */
export async function compared(
  a: string,
  b: string,
): Promise<
  | {
      records: [CaseRecord, CaseRecord];
      forks: Fork[];
      names: [string[], string[]];
      measured: MeasuredOnBoth[];
    }
  | undefined
> {
  const [left, right] = [await loadCase(db(), a), await loadCase(db(), b)];
  if (!left || !right) return undefined;
  const catalogue = new Catalogue(await listCatalogue(db()));
  const both = [left, right].map((r) => profileOf(digestOf(r, catalogue), catalogue));
  return {
    records: [left, right],
    forks: findForks(both.flatMap(forkCases), 20),
    measured: measuredOnBoth(left, right),
    names: [both[0]!.causes.map((c) => c.name), both[1]!.causes.map((c) => c.name)],
  };
}
