import type { Guide } from '@/core/api';
import type { CaseRecord, ProcedureStep } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import {
  factsOf,
  foldQuestion,
  guideOf,
  partsOf,
  stepOf,
  type GuideCase,
  type NextTest,
  type Prior,
} from '@/core/guide';
import { speakersFor, type CauseFit } from '@/core/precedent';
import { db } from '@/store/database';
import { loadCases } from '@/store/rows';
import type { NearCases } from './find';
import { forkCases } from './forks';
import { profilesOf } from './index-of-cases';

export const NO_GUIDE: Guide = {
  causes: [],
  unseen: 1,
  cases: 0,
  near: 0,
  counts: {},
  because: {},
  next: [],
};

/** Near cases that are counted in words beside the odds. */
const COUNTED = 15;
/** Causes shown with what speaks for them. */
const SHOWN = 12;

/** Causes that a person ruled out on the case, by part and, where said, failure. */
function ruledOutKeys(record: CaseRecord, keys: Iterable<string>, catalogue: Catalogue): Set<string> {
  const out = record.suspect.filter((s) => s.state === 'ruled out' && s.partId !== null);
  return new Set(
    [...keys].filter((key) => {
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
 * own cases.
 *
 * @param record the open case
 * @param found its near cases
 */
export async function guideFor(record: CaseRecord, found: NearCases): Promise<Guide> {
  const { held, ranking, near, profile } = found;
  if (near.every((n) => n.profile.causes.length === 0)) return NO_GUIDE;
  const speakers = speakersFor(held.index, ranking, held.catalogue);
  const profiles = await profilesOf(
    held,
    speakers.map((s) => s.id),
  );
  const cases = speakers.flatMap(({ id, weight }): GuideCase[] => {
    const p = profiles.get(id);
    // A case with two causes is one case: half of it speaks for each.
    return p ? forkCases(p).map((c) => ({ ...c, weight: weight / p.causes.length, grade: p.grade })) : [];
  });
  const prior = priorOf(ranking.prior);
  const here = factsOf(profile);
  const out = ruledOutKeys(record, new Set(cases.map((c) => c.cause.key)), held.catalogue);
  const { odds, next } = guideOf(cases, here, prior, out);
  const steps = await stepsOf(next);
  const shown = odds.causes.slice(0, SHOWN);
  return {
    ...odds,
    ...countNear(near.slice(0, COUNTED)),
    because: Object.fromEntries(
      shown.map((c) => {
        const fit = ranking.prior.shares.get(c.key);
        return [
          c.key,
          (fit?.because ?? []).map((b) => ({
            label: b.label,
            cases: b.cases,
            of: fit!.cases,
            factor: b.factor,
          })),
        ];
      }),
    ),
    causes: shown.map((c) => ({ ...c, numbers: c.numbers.slice(0, 25) })),
    next: next.flatMap((test) => {
      const step = steps.get(test.key);
      return step ? [{ ...test, from: test.from.slice(0, 6), step }] : [];
    }),
  };
}

const priorOf = (fit: CauseFit): Prior => ({
  shares: new Map([...fit.shares].map(([key, s]) => [key, s.share])),
  unseen: fit.unseen,
});

function countNear(near: NearCases['near']): Pick<Guide, 'near' | 'counts'> {
  const counts: Guide['counts'] = {};
  const withCause = near.filter((n) => n.profile.causes.length > 0);
  for (const { profile } of withCause)
    for (const { key } of profile.causes) {
      const c = (counts[key] ??= { numbers: [], byGrade: {} });
      c.numbers.push(profile.number);
      c.byGrade[profile.grade] = (c.byGrade[profile.grade] ?? 0) + 1;
    }
  return { near: withCause.length, counts };
}

/** Each test as a case did it that was asked it, ready to be done again here. */
async function stepsOf(tests: NextTest[]): Promise<Map<string, ProcedureStep>> {
  const records = await loadCases(db(), [
    ...new Set(tests.flatMap((t) => t.from.slice(0, 2).map((f) => f.id))),
  ]);
  const steps = new Map<string, ProcedureStep>();
  for (const test of tests)
    for (const record of records) {
      const row = record.test.find((t) => t.repeatOf === null && foldQuestion(t.question) === test.key);
      if (row && !steps.has(test.key)) steps.set(test.key, stepOf(row, partsOf(record, row.id)));
    }
  return steps;
}
