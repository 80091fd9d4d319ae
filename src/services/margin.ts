import { Catalogue } from '@/core/cause';
import { db } from '@/store/database';
import { loadCase, loadCases } from '@/store/rows';
import { listCatalogue } from '@/store/shop';
import { nearTo, shownPrecedents, type Precedents } from './find';
import { forksAmong, type ShownFork } from './forks';
import { guideAmong, type Guide } from './guide';

/** Near cases that speak in the odds and forks. */
const NEAR = 40;

export interface Margin {
  precedents: Precedents;
  forks: ShownFork[];
  guide: Guide;
}

/**
 * Everything the margin of an open case says, from one look at the near cases. Asked for anew after
 * every write to the case.
 */
export async function marginOf(caseId: string): Promise<Margin> {
  const near = await nearTo(caseId, NEAR);
  const record = await loadCase(db(), caseId);
  const past = near.filter((n) => n.profile.causes.length > 0).map((n) => n.profile.id);
  const records = record ? await loadCases(db(), past) : [];
  const catalogue = new Catalogue(await listCatalogue(db()));
  return {
    precedents: await shownPrecedents(near),
    forks: record ? forksAmong(record, near, records, catalogue) : [],
    guide: await guideAmong(record, near, records, catalogue),
  };
}
