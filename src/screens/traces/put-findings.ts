import { nanoid } from 'nanoid';
import type { Op, RowOf } from '@/core/case';
import { findingRows, type Ran, type TraceAnalysis, type TraceResult } from '@/core/traces';
import { nowIso } from '../case/fields';
import { useCase, useCaseStore } from '../case/saving/store';
import { useSheet } from './open-trace';

/** The first run of an analysis on this case, of which a run of now would be the repeat. */
export function useFirstRun(analysisId: string): RowOf<'test'> | undefined {
  return useCase((s) =>
    s.record.test.find((t) => t.analysisId === analysisId && t.repeatOf === null && t.verdict !== ''),
  );
}

/** Puts what an analysis found onto the case whole: which one, its channels and settings, every finding. */
export function usePutFindings(): (
  analysis: TraceAnalysis,
  result: TraceResult,
  ran: Ran,
  repeatOf: string | null,
) => void {
  const store = useCaseStore();
  const { name, traceId } = useSheet();
  return (analysis, result, ran, repeatOf) => {
    const { record, together } = store.getState();
    const testId = nanoid(14);
    together([
      {
        op: 'add',
        kind: 'test',
        id: testId,
        row: {
          // It says how the vehicle was when it was recorded, whenever it is looked at.
          at: record.trace.find((t) => t.id === traceId)?.at ?? nowIso(),
          question: analysis.question,
          instrument: `trace: ${name}`.slice(0, 400),
          analysisId: analysis.id,
          traceId,
          ran: JSON.stringify(ran),
          repeatOf,
          position: record.test.length,
        },
      },
      ...findingRows(result.findings).map((row): Op => ({
        op: 'add',
        kind: 'finding',
        id: nanoid(14),
        row: { ...row, testId },
      })),
    ]);
  };
}
