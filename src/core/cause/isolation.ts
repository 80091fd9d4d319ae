import { doneRepairs, type CaseRecord } from '@/core/case';

/** Whether one change alone stands between the failing test and the passing one. */
export interface Isolation {
  /** `isolated`: one change; `not isolated`: two or more; `unknown`: nothing repaired, or no test repeated. */
  state: 'isolated' | 'not isolated' | 'unknown';
  /** What was changed, in words, in order of time. */
  changes: string[];
  because: string;
}

type Facts = Pick<CaseRecord, 'repair' | 'test' | 'explains' | 'cause' | 'scan'>;
type Repair = Facts['repair'][number];

/** The changes one repair stands for: itself, and whatever else was changed with it. */
function changesOf(r: Repair): string[] {
  const own = [r.action, r.what].filter(Boolean).join(': ');
  const also = r.alsoChanged
    .split(/[;,]|\band\b/)
    .map((x) => x.trim())
    .filter(Boolean);
  return [own, ...also];
}

/**
 * Says whether the repair that helped is known: two or more changes between the failing and the
 * passing test leave the cause unproven, whatever the passing test shows. Common practice, no source.
 *
 * @param record repairs, tests and what each cause accounts for; a repair without a time counts as between
 * @returns the state, the changes of the pair with most of them, and the sentence
 */
export function isolationOf(record: Facts): Isolation {
  const done = doneRepairs(record);
  const repairs = done.flatMap(({ id, at }) => {
    const row = record.repair.find((r) => r.id === id);
    return row ? [{ ...row, at }] : [];
  });
  if (repairs.length === 0) return { state: 'unknown', changes: [], because: 'Nothing was repaired yet.' };
  const causes = [...new Set(repairs.map((r) => r.causeId))].filter((id) => id !== null);
  const each = (causes.length ? causes : [null]).map((id) => ofCause(id, repairs, record));
  // The case is as clear as its least clear cause.
  return each.find((e) => e.state === 'not isolated') ?? each.find((e) => e.state === 'isolated') ?? each[0]!;
}

/** Isolation of one cause by its own share of tests and repairs; a repair for no cause bears on all. */
function ofCause(causeId: string | null, repairs: readonly Repair[], record: Facts): Isolation {
  const own = repairs.filter((r) => causeId === null || r.causeId === null || r.causeId === causeId);
  const explainedBy = (testId: string) =>
    record.explains.filter((e) => e.of === 'test' && e.what === testId).map((e) => e.causeId);
  const pairs = record.test.flatMap((failed) => {
    const by = explainedBy(failed.id);
    if (failed.verdict !== 'fail' || (causeId !== null && by.length > 0 && !by.includes(causeId))) return [];
    const [passed] = record.test
      .filter((t) => t.repeatOf === failed.id && t.verdict === 'pass' && t.at > failed.at)
      .sort((a, b) => a.at.localeCompare(b.at));
    // A test that no cause accounts for is changed by any repair.
    return passed ? [{ failed, passed, repairs: by.length ? own : repairs }] : [];
  });
  if (pairs.length === 0) {
    const changes = own.flatMap(changesOf);
    return changes.length > 1
      ? {
          state: 'not isolated',
          changes,
          because: `${changes.length} changes (${changes.join('; ')}) and no test repeated between them: which one helped is not known.`,
        }
      : { state: 'unknown', changes, because: 'No failing test was repeated after the repair.' };
  }
  const between = pairs.map((p) =>
    p.repairs.filter((r) => r.at === null || (r.at >= p.failed.at && r.at <= p.passed.at)).flatMap(changesOf),
  );
  const changes = between.reduce((a, b) => (b.length > a.length ? b : a));
  if (changes.length > 1)
    return {
      state: 'not isolated',
      changes,
      because: `${changes.length} changes between the failing and the passing test (${changes.join('; ')}): the cause is not isolated.`,
    };
  return changes.length === 1
    ? {
        state: 'isolated',
        changes,
        because: 'One change between the failing and the passing test: what helped is known.',
      }
    : {
        state: 'unknown',
        changes: own.flatMap(changesOf),
        because: 'The repair lies outside of the failing and the passing test; check the times.',
      };
}
