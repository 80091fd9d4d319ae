import type { z } from 'zod';
import { baseCode, effectiveRoles, kindOf, meaningOf, type CodeKind } from '@/core/codes';
import type { GuideAnswer } from '@/core/api';
import { OPENING_MOVES } from '@/core/guide';
import type { CaseRecord } from '@/core/case';
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
    causes: guide.causes.map(({ key, name, share, moved, numbers, ruledOut }) => ({
      key,
      name,
      share,
      near: guide.counts[key]?.numbers ?? [],
      nearByGrade: guide.counts[key]?.byGrade ?? {},
      because: guide.because[key] ?? [],
      moved,
      numbers,
      ruledOut,
    })),
    unseen: guide.unseen,
    next: guide.next.map(({ step: _step, key: _key, ...test }) => test),
    practice: practiceFor(record, await shopMeanings()),
  };
}

/** How the trade goes about the codes to chase, by their kind. */
function practiceFor(record: CaseRecord, own: Record<string, string>) {
  const byKind = new Map<CodeKind, Set<string>>();
  const roles = effectiveRoles(record);
  for (const c of record.code) {
    if (roles.get(c.code) !== 'chase') continue;
    const kind = kindOf(c.code, c.text || own[baseCode(c.code)] || meaningOf(c.code));
    byKind.set(kind, (byKind.get(kind) ?? new Set()).add(c.code));
  }
  return [...byKind].map(([kind, codes]) => ({
    codes: [...codes],
    kind,
    says: OPENING_MOVES[kind].says,
    moves: OPENING_MOVES[kind].moves.map((m) => m.question),
  }));
}
