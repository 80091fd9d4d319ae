import type { Guide } from '@/core/api';
import type { CaseRecord, ProcedureStep } from '@/core/case';
import type { Catalogue } from '@/core/cause';
import {
  factRows,
  factsOf,
  foldQuestion,
  guideOf,
  partsOf,
  practiceFor,
  practiceStep,
  SPEAKS,
  isSameBuild,
  stepFor,
  type GuideCase,
  type NextTest,
  type Prior,
} from '@/core/guide';
import { strongestCasesPerCause, tellsOfCauses, type CauseFit } from '@/core/similar';
import { tradeOf } from '@/core/trade/shop';
import { db } from '@/store/database';
import { loadCases } from '@/store/rows';
import type { NearCases } from '../find/find';
import { forkCases } from '../find/forks';
import { profilesOf } from '../find/index-of-cases';

export const NO_GUIDE: Guide = {
  causes: [],
  unseen: 1,
  cases: 0,
  near: 0,
  counts: {},
  because: {},
  next: [],
};

/** Similar cases that are counted in words beside the odds. */
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

/** Below this a cause is listed only where a near case had it or something on the case speaks for it. */
const FEW_PERCENT = 0.05;
/** Below this no test of general practice is looked for. */
const TESTED = 0.005;

/**
 * Odds over causes for an open case and the tests expected to tell most per minute: from the shop's own cases, and
 * from general practice where those say nothing or little.
 *
 * @param record the open case
 * @param found its near cases
 */
export async function guideFor(record: CaseRecord, found: NearCases): Promise<Guide> {
  const { held, ranking, near, profile } = found;
  if (!tellsOfCauses(ranking.asks)) return NO_GUIDE;
  const speakers = strongestCasesPerCause(held.index, ranking, held.catalogue);
  const profiles = await profilesOf(
    held,
    speakers.map((s) => s.id),
  );
  const cases = speakers.flatMap(({ id, weight }): GuideCase[] => {
    const p = profiles.get(id);
    // A case with two causes is one case: half of it speaks for each.
    return p ? forkCases(p).map((c) => ({ ...c, weight: weight / p.causes.length, grade: p.grade })) : [];
  });
  const knowledge = tradeOf(held.catalogue);
  const practice = practiceFor(
    knowledge,
    [...ranking.prior.shares].flatMap(([key, s]) => (s.share >= TESTED ? [key] : [])),
  );
  // What is planned on the case is asked already, though nothing is found yet.
  const here = factsOf({ ...factRows(record), spoken: profile.spoken });
  const out = ruledOutKeys(record, ranking.prior.shares.keys(), held.catalogue);
  const { odds, next } = guideOf(cases, here, priorOf(ranking.prior), out, practice);
  const open = record.case.closedAt === null;
  const steps = open ? await stepsOf(next, record.vehicle) : new Map<string, ProcedureStep>();
  const counted = countNear(near.slice(0, COUNTED));
  const because = (key: string): Guide['because'][string] => {
    const fit = ranking.prior.shares.get(key);
    return (fit?.because ?? []).map(({ label, cases: n, factor, practice: chance }) => ({
      label,
      cases: n,
      of: fit!.cases,
      factor,
      practice: chance,
    }));
  };
  const spokenFor = (c: (typeof odds.causes)[number]): boolean =>
    c.ruledOut ||
    counted.counts[c.key] !== undefined ||
    (c.share >= FEW_PERCENT && [...because(c.key), ...c.moved].some((b) => b.factor >= SPEAKS));
  const shown = odds.causes.filter(spokenFor).slice(0, SHOWN);
  return {
    ...odds,
    ...counted,
    because: Object.fromEntries(shown.map((c) => [c.key, because(c.key)])),
    causes: shown.map((c) => ({
      ...c,
      own: ranking.prior.shares.get(c.key)?.own ?? 0,
      numbers: c.numbers.slice(0, 25),
    })),
    next: open
      ? next.flatMap((test) => {
          const known = knowledge.tests.get(test.key);
          const step = steps.get(test.key) ?? (known && practiceStep(known.test));
          return step ? [{ ...test, from: test.from.slice(0, 6), step, practice: !steps.has(test.key) }] : [];
        })
      : [],
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

/** Each test as a case did it that was asked it, ready to be done again here; one on the same build first. */
async function stepsOf(tests: NextTest[], here: CaseRecord['vehicle']): Promise<Map<string, ProcedureStep>> {
  const records = await loadCases(db(), [
    ...new Set(tests.flatMap((t) => t.from.slice(0, 2).map((f) => f.id))),
  ]);
  const steps = new Map<string, ProcedureStep>();
  const [same, others] = [true, false].map((own) =>
    records.filter((r) => isSameBuild(r.vehicle, here) === own),
  ) as [CaseRecord[], CaseRecord[]];
  for (const test of tests)
    for (const record of [...same, ...others]) {
      const row = record.test.find((t) => t.repeatOf === null && foldQuestion(t.question) === test.key);
      if (row && !steps.has(test.key))
        steps.set(test.key, stepFor(row, partsOf(record, row.id), record.vehicle, here));
    }
  return steps;
}
