import type { z } from 'zod';
import type { GuideAnswer } from '@/core/api';
import { openingsFor } from '@/core/guide';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { marginOf } from './margin';
import { shopMeanings } from './meanings';

/** The guide of a case as programs get it; undefined when there is no such case. */
export async function guideAnswer(caseId: string): Promise<z.infer<typeof GuideAnswer> | undefined> {
  const record = await loadCase(db(), caseId);
  if (!record) return undefined;
  const { guide } = await marginOf(caseId);
  return {
    case: record.case.number,
    near: guide.near,
    cases: guide.cases,
    causes: guide.causes.map(({ key, name, share, own, moved, numbers, ruledOut }) => ({
      key,
      name,
      share,
      own,
      near: guide.counts[key]?.numbers ?? [],
      nearByGrade: guide.counts[key]?.byGrade ?? {},
      because: guide.because[key] ?? [],
      moved,
      numbers,
      ruledOut,
    })),
    unseen: guide.unseen,
    next: guide.next.map(({ step: _step, key: _key, ...test }) => test),
    practice: openingsFor(record, await shopMeanings()).map(({ kind, codes, says, moves }) => ({
      codes,
      kind,
      says,
      moves: moves.map((m) => m.question),
    })),
  };
}
