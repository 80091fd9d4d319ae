import { and, asc, desc, eq, gte, inArray, isNotNull, isNull, lt, sql, type SQL } from 'drizzle-orm';
import type { CaseListColumn, CaseListFilter, CaseListQuery } from '@/core/case/case-list';
import type { Db, Tx } from './database';
import * as s from './schema';

/** The list of all cases, one page at a time. */

/** What a word is looked for in. */
const SEARCHED = sql`lower(${s.vehicles.make} || ' ' || ${s.vehicles.model} || ' ' || ${s.vehicles.engine} || ' ' || coalesce(${s.vehicles.year}, '') || ' ' || ${s.vehicles.plate} || ' ' || replace(${s.vehicles.plate}, ' ', '') || ' ' || ${s.vehicles.vin} || ' ' || ${s.cases.customer} || ' ' || ${s.cases.orderNumber})`;
const MOST_WORDS = 8;

function where(filter: CaseListFilter): SQL | undefined {
  const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);
  return and(
    ...words.map((word) => sql`instr(${SEARCHED}, ${word}) > 0`),
    filter.state === 'open' ? isNull(s.cases.closedAt) : undefined,
    filter.state === 'closed' ? isNotNull(s.cases.closedAt) : undefined,
    filter.grade === '' ? undefined : eq(s.cases.grade, filter.grade),
    filter.lead === '' ? undefined : eq(s.cases.leadId, filter.lead),
  );
}

/** Grades in the order of what they say, not of their letters. */
const GRADE_ORDER = sql`case ${s.cases.grade} when 'claimed' then 1 when 'checked' then 2 when 'proven' then 3 when 'held' then 4 else 0 end`;

const SORTED_BY: Record<CaseListColumn, readonly SQL[]> = {
  number: [sql`${s.cases.number}`],
  openedAt: [sql`${s.cases.openedAt}`],
  closedAt: [sql`${s.cases.closedAt}`],
  vehicle: [
    sql`lower(${s.vehicles.make})`,
    sql`lower(${s.vehicles.model})`,
    sql`${s.vehicles.year}`,
    sql`lower(${s.vehicles.engine})`,
  ],
  customer: [sql`lower(${s.cases.customer})`],
  grade: [GRADE_ORDER],
  lead: [sql`lower(${s.people.name})`],
};

/** One page of the list, with how many there are in all. */
export async function caseListPage(q: Tx | Db, query: CaseListQuery) {
  const condition = where(query);
  const direction = query.order === 'up' ? asc : desc;
  const [rows, [count]] = await Promise.all([
    q
      .select({ own: s.cases, vehicle: s.vehicles, lead: s.people.name })
      .from(s.cases)
      .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
      .leftJoin(s.people, eq(s.people.id, s.cases.leadId))
      .where(condition)
      .orderBy(...SORTED_BY[query.sort].map((column) => direction(column)), direction(s.cases.number))
      .limit(query.most)
      .offset(query.from),
    q
      .select({ n: sql<number>`count(*)` })
      .from(s.cases)
      .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
      .where(condition),
  ]);
  return { rows, total: count?.n ?? 0 };
}

/** Ids of all cases that a filter leaves. */
export async function caseListIds(q: Tx | Db, filter: CaseListFilter): Promise<string[]> {
  const rows = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(where(filter));
  return rows.map((r) => r.id);
}

/** The causes of some cases, in their order. */
export async function causesOfCases(q: Tx | Db, ids: readonly string[]) {
  if (ids.length === 0) return [];
  return q
    .select({ caseId: s.causes.caseId, partId: s.causes.partId, failureId: s.causes.failureId })
    .from(s.causes)
    .where(inArray(s.causes.caseId, [...ids]))
    .orderBy(asc(s.causes.position));
}

/** Ids of cases closed within a time, the newest first; the first moment belongs to it, the last does not. */
export async function closedBetween(q: Tx | Db, from: string, to: string, most: number): Promise<string[]> {
  const rows = await q
    .select({ id: s.cases.id })
    .from(s.cases)
    .where(and(gte(s.cases.closedAt, from), lt(s.cases.closedAt, to)))
    .orderBy(desc(s.cases.closedAt))
    .limit(most);
  return rows.map((r) => r.id);
}
