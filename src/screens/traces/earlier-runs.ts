import { useShallow } from 'zustand/react/shallow';
import type { RowOf } from '@/core/case';
import { ANALYSES, proposedRoles, readRan, type Ran, type Roles, type TraceAnalysis } from '@/core/traces';
import { useCase } from '../case/saving/store';
import { useSheet } from './open-trace';

/** Channels of this recording by the names they had in another; what is not here is proposed anew. */
export function namedRoles(
  names: Record<string, string[]>,
  analysis: TraceAnalysis,
  channels: readonly { name: string; unit: string }[],
  crank: string,
): Roles {
  const fallback = proposedRoles(analysis, channels, crank);
  return Object.fromEntries(
    Object.entries({ ...fallback, ...names }).map(([role]) => {
      const found = (names[role] ?? []).map((n) => channels.findIndex((c) => c.name === n));
      return [role, names[role] && found.every((i) => i >= 0) ? found : (fallback[role] ?? [])];
    }),
  );
}

/** How an analysis was last run on the case: its channels and settings are those of the next recording too. */
export function lastRun(tests: readonly RowOf<'test'>[], analysisId: string): Ran | undefined {
  const text = tests.findLast((t) => t.analysisId === analysisId)?.ran;
  return text ? readRan(text) : undefined;
}

/** Analyses that ran on other recordings of this case: run on this one, each is its repeat. */
export function useFirstRuns(): RowOf<'test'>[] {
  const { traceId } = useSheet();
  return useCase(
    useShallow((s) =>
      s.record.test.filter(
        (t) =>
          t.repeatOf === null &&
          ANALYSES.some((a) => a.id === t.analysisId) &&
          t.traceId !== traceId &&
          !s.record.test.some((x) => x.repeatOf === t.id && x.traceId === traceId),
      ),
    ),
  );
}
