import type { CaseRecord } from '@/core/case';
import { Catalogue, causeName } from '@/core/cause';
import { findForks, forkFacts, sideOf, type Fork, type ForkCase } from '@/core/guide';
import { db } from '@/store/database';
import type { Near } from '@/core/precedent';
import { loadCase } from '@/store/rows';
import { listCatalogue } from '@/store/shop';

/** One past case with a cause, once for each of its causes. */
export function forkCases(record: CaseRecord, catalogue: Catalogue): ForkCase[] {
  const facts = forkFacts(record);
  return record.cause
    .filter((c) => c.partId !== null || c.failureId !== null)
    .map((c) => ({
      id: record.case.id,
      number: record.case.number,
      cause: {
        key: `${catalogue.resolve(c.partId)?.id ?? ''}/${catalogue.resolve(c.failureId)?.id ?? ''}`,
        name: causeName(catalogue, { partId: c.partId, failureId: c.failureId }),
      },
      ...facts,
    }));
}

export interface ShownFork extends Fork {
  /** Where the open case stands: what it reads, and the causes on that side; undefined while not asked. */
  here?: { reads: string; causes: string[] };
}

/**
 * Forks among the cases near to an open one: tests and readings that separated those that looked
 * alike but were not, and on which side this one falls. Cases that came back settle nothing.
 *
 * @param record the open case
 * @param near ranked near cases
 * @param past their records
 */
export function forksAmong(
  record: CaseRecord,
  near: readonly Near[],
  past: readonly CaseRecord[],
  catalogue: Catalogue,
): ShownFork[] {
  const cameBack = new Set(near.filter((n) => n.profile.comebacks.length > 0).map((n) => n.profile.id));
  const facts = forkFacts(record);
  const cases = past.filter((r) => !cameBack.has(r.case.id)).flatMap((r) => forkCases(r, catalogue));
  return findForks(cases).map((fork) => {
    const side = sideOf(fork, facts);
    return side ? { ...fork, here: { reads: side.here, causes: side.side.causes.map((c) => c.name) } } : fork;
  });
}

/** Both cases of a comparison, with the forks between them. */
export async function compared(
  a: string,
  b: string,
): Promise<{ records: [CaseRecord, CaseRecord]; forks: Fork[]; names: [string[], string[]] } | undefined> {
  const [left, right] = [await loadCase(db(), a), await loadCase(db(), b)];
  if (!left || !right) return undefined;
  const catalogue = new Catalogue(await listCatalogue(db()));
  const names = (r: CaseRecord) => forkCases(r, catalogue).map((c) => c.cause.name);
  return {
    records: [left, right],
    forks: findForks([...forkCases(left, catalogue), ...forkCases(right, catalogue)], 20),
    names: [names(left), names(right)],
  };
}
