import type { MarginAnswer } from '@/core/api';
import { factsOf } from '@/core/guide';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { bulletinsOfCase } from '../shop/bulletins';
import { nearTo, shownPrecedents } from '../find/find';
import { forksAmong } from '../find/forks';
import { guideFor, NO_GUIDE } from './guide';

/** Similar cases that speak in the forks. */
const NEAR = 40;

/**
 * Everything the margin of an open case says, from one look at the near cases. Asked for anew after
 * every write to the case.
 */
export async function marginOf(caseId: string): Promise<MarginAnswer> {
  const [found, record] = await Promise.all([nearTo(caseId, NEAR), loadCase(db(), caseId)]);
  if (!found || !record)
    return { precedents: { cases: [], causes: [], searched: 0 }, forks: [], guide: NO_GUIDE, bulletins: [] };
  const [guide, bulletins] = await Promise.all([guideFor(record, found), bulletinsOfCase(record)]);
  return {
    precedents: shownPrecedents(found),
    forks: forksAmong(factsOf(found.profile), found.near),
    guide,
    bulletins,
  };
}
