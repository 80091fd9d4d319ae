import type { CaseRecord } from '@/core/case';

/** Whether one change alone stands between the failing test and the passing one. */
export interface Isolation {
  /** `isolated`: one change; `not isolated`: two or more; `unknown`: nothing repaired, or no test repeated. */
  state: 'isolated' | 'not isolated' | 'unknown';
  /** What was changed, in words, in order of time. */
  changes: string[];
  because: string;
}

type Facts = Pick<CaseRecord, 'repair' | 'test' | 'explains'>;
type Repair = Facts['repair'][number];

/** A repair that was declined or put off changed nothing. */
const done = (r: Repair) => r.authorisation !== 'declined' && r.authorisation !== 'put off';

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
  const repairs = record.repair.filter(done).sort((a, b) => (a.at ?? '').localeCompare(b.at ?? ''));
  const all = repairs.flatMap(changesOf);
  if (all.length === 0) return { state: 'unknown', changes: [], because: 'Nothing was repaired yet.' };
  const pairs = record.test.flatMap((failed) => {
    if (failed.verdict !== 'fail') return [];
    const passed = record.test
      .filter((t) => t.repeatOf === failed.id && t.verdict === 'pass' && t.at > failed.at)
      .sort((a, b) => a.at.localeCompare(b.at))[0];
    return passed ? [{ failed, passed }] : [];
  });
  if (pairs.length === 0)
    return all.length > 1
      ? {
          state: 'not isolated',
          changes: all,
          because: `${all.length} changes and no test repeated between them: which one helped is not known.`,
        }
      : { state: 'unknown', changes: all, because: 'No failing test was repeated after the repair.' };
  const between = pairs.map(({ failed, passed }) => {
    const causes = record.explains.filter((e) => e.of === 'test' && e.what === failed.id);
    // A repair of another cause, which has its own share of the tests, does not blur this one.
    const bears = (r: Repair) =>
      r.causeId === null || causes.length === 0 || causes.some((c) => c.causeId === r.causeId);
    return repairs
      .filter((r) => bears(r) && (r.at === null || (r.at > failed.at && r.at <= passed.at)))
      .flatMap(changesOf);
  });
  const most = between.reduce((a, b) => (b.length > a.length ? b : a));
  if (most.length > 1)
    return {
      state: 'not isolated',
      changes: most,
      because: `${most.length} changes between the failing and the passing test (${most.join('; ')}): the cause is not isolated.`,
    };
  return most.length === 1
    ? {
        state: 'isolated',
        changes: most,
        because: 'One change between the failing and the passing test: what helped is known.',
      }
    : {
        state: 'unknown',
        changes: all,
        because: 'The repair lies outside of the failing and the passing test; check the times.',
      };
}
