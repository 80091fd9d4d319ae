import type { CaseRecord, ProcedureStep } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import {
  foldQuestion,
  forkFacts,
  nextTests,
  oddsOf,
  partsOf,
  stepOf,
  type GuideCase,
  type NextTest,
  type Odds,
} from '@/core/guide';
import type { Near } from '@/core/precedent';
import { forkCases } from './forks';
import { caseIndex } from './index-of-cases';

export interface Guide extends Odds {
  /** What to do next by the shop's own cases, each with the step as it was done there. */
  next: (NextTest & { step: ProcedureStep })[];
}

/** Share of the shop's closed cases by cause. */
async function baseRates(): Promise<Map<string, number>> {
  const { index } = await caseIndex();
  const counts = new Map<string, number>();
  let all = 0;
  for (const p of index.all()) {
    if (p.open) continue;
    all++;
    for (const c of p.causes) counts.set(c.key, (counts.get(c.key) ?? 0) + 1);
  }
  return new Map([...counts].map(([key, n]) => [key, n / Math.max(all, 1)]));
}

/** Causes among the near cases that a person ruled out on this one, by part and, where said, failure. */
function ruledOutKeys(record: CaseRecord, near: GuideCase[], catalogue: Catalogue): Set<string> {
  const out = record.suspect.filter((s) => s.state === 'ruled out' && s.partId !== null);
  return new Set(
    near
      .map((c) => c.cause.key)
      .filter((key) => {
        const [part, failure] = key.split('/');
        return out.some(
          (s) =>
            catalogue.resolve(s.partId)?.id === part &&
            (s.failureId === null || catalogue.resolve(s.failureId)?.id === failure),
        );
      }),
  );
}

/**
 * Odds over causes for an open case and the tests expected to tell most per minute, from the shop's
 * own near cases.
 *
 * @param record the open case; undefined when it is not there any more
 * @param found ranked near cases
 * @param records their records
 */
export async function guideAmong(
  record: CaseRecord | undefined,
  found: readonly Near[],
  records: readonly CaseRecord[],
  catalogue: Catalogue,
): Promise<Guide> {
  if (!record) return { causes: [], unseen: 1, cases: 0, next: [] };
  const past = new Map(records.map((r) => [r.case.id, r]));
  const near = found.flatMap((n): GuideCase[] => {
    const r = past.get(n.profile.id);
    const each = r ? forkCases(r, catalogue) : [];
    // A case with two causes is one case: half of it speaks for each.
    return each.map((c) => ({ ...c, weight: n.score / each.length, grade: n.profile.grade }));
  });
  const rates = await baseRates();
  const here = forkFacts(record);
  const out = ruledOutKeys(record, near, catalogue);
  return {
    ...oddsOf(near, here, rates, out),
    next: nextTests(near, here, rates, out).flatMap((test) => {
      const step = stepFrom(test, past);
      return step ? [{ ...test, step }] : [];
    }),
  };
}

/** The test as the nearest case did it, ready to be done again here. */
function stepFrom(test: NextTest, past: ReadonlyMap<string, CaseRecord>): ProcedureStep | undefined {
  for (const { id } of test.from) {
    const record = past.get(id);
    const row = record?.test.find((t) => t.repeatOf === null && foldQuestion(t.question) === test.key);
    if (record && row) return stepOf(row, partsOf(record, row.id));
  }
  return undefined;
}
