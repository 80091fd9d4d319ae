import { and, asc, eq, inArray, ne, or, sql } from 'drizzle-orm';
import type { KnownGood } from '@/core/case';
import type { Db, Tx } from './database';
import * as s from './schema';

/** Readings of healthy vehicles: taken on purpose, or read after a repair that is proven. */

const MOST = 20_000;

type KnownGoodRow = typeof s.knownGood.$inferSelect;

export async function listKnownGood(q: Tx | Db): Promise<KnownGoodRow[]> {
  return q
    .select()
    .from(s.knownGood)
    .orderBy(asc(s.knownGood.make), asc(s.knownGood.model), asc(s.knownGood.label));
}

export async function upsertKnownGood(
  tx: Tx,
  row: KnownGood & { at: string | null; byId: string | null },
): Promise<void> {
  await tx.insert(s.knownGood).values(row).onConflictDoUpdate({ target: s.knownGood.id, set: row });
}

export async function deleteKnownGood(tx: Tx, id: string): Promise<void> {
  await tx.delete(s.knownGood).where(eq(s.knownGood.id, id));
}

/**
 * Readings of passed tests and figures of passed analyses, made at or after the first repair, of cases with one of these grades on
 * vehicles that share make or engine.
 */
export async function readingsAfterRepair(
  q: Tx | Db,
  vehicle: { make: string; engine: string } | undefined,
  grades: string[],
) {
  const after = and(
    inArray(s.cases.grade, grades),
    eq(s.tests.verdict, 'pass'),
    sql`(${s.tests.repeatOf} is not null or ${s.tests.at} >= (select min(${s.repairs.at}) from ${s.repairs} where ${s.repairs.caseId} = ${s.cases.id}))`,
    vehicle ? or(eq(s.vehicles.make, vehicle.make), eq(s.vehicles.engine, vehicle.engine)) : undefined,
  );
  const about = {
    testId: s.tests.id,
    question: s.tests.question,
    number: s.cases.number,
    caseId: s.cases.id,
    vehicle: s.vehicles,
  };
  const read = await q
    .select({ ...about, reading: { label: s.readings.label, entered: s.readings.entered } })
    .from(s.readings)
    .innerJoin(s.tests, eq(s.tests.id, s.readings.testId))
    .innerJoin(s.cases, eq(s.cases.id, s.tests.caseId))
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(
      and(
        after,
        sql`${s.readings.entered} <> '' and ${s.readings.label} <> '' and ${s.readings.verdict} in ('', 'pass')`,
      ),
    )
    .limit(MOST);
  const found = await q
    .select({ ...about, reading: { label: s.findings.about, entered: s.findings.figure } })
    .from(s.findings)
    .innerJoin(s.tests, eq(s.tests.id, s.findings.testId))
    .innerJoin(s.cases, eq(s.cases.id, s.tests.caseId))
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(
      and(
        after,
        sql`${s.findings.figure} <> '' and ${s.findings.about} <> '' and ${s.findings.verdict} in ('', 'pass')`,
      ),
    )
    .limit(MOST);
  const rows = [...read, ...found];
  const ids = [...new Set(rows.map((r) => r.testId))];
  const met = new Map<string, string[]>();
  for (let i = 0; i < ids.length; i += 400) {
    const conditions = await q
      .select({ testId: s.testConditions.testId, what: s.testConditions.what })
      .from(s.testConditions)
      .where(and(inArray(s.testConditions.testId, ids.slice(i, i + 400)), eq(s.testConditions.met, 'yes')));
    for (const c of conditions) met.set(c.testId, [...(met.get(c.testId) ?? []), c.what]);
  }
  return rows.map((r) => ({ ...r, conditions: met.get(r.testId) ?? [] }));
}

/**
 * Live values of scans made after the last repair of cases with one of these grades, on vehicles that share make or
 * engine, with what their scans say of key and engine.
 */
export async function liveAfterRepair(
  q: Tx | Db,
  vehicle: { make: string; engine: string },
  grades: string[],
) {
  return q
    .select({
      scanId: s.scans.id,
      key: s.scans.key,
      engine: s.scans.engine,
      name: s.liveValues.name,
      entered: s.liveValues.entered,
      number: s.cases.number,
      caseId: s.cases.id,
      vehicle: s.vehicles,
    })
    .from(s.liveValues)
    .innerJoin(s.scans, eq(s.scans.id, s.liveValues.scanId))
    .innerJoin(s.cases, eq(s.cases.id, s.scans.caseId))
    .innerJoin(s.vehicles, eq(s.vehicles.id, s.cases.vehicleId))
    .where(
      and(
        inArray(s.cases.grade, grades),
        or(eq(s.vehicles.make, vehicle.make), eq(s.vehicles.engine, vehicle.engine)),
        sql`${s.scans.at} > (select max(${s.repairs.at}) from ${s.repairs} where ${s.repairs.caseId} = ${s.cases.id})`,
        ne(s.liveValues.entered, ''),
      ),
    )
    .orderBy(asc(s.liveValues.scanId), asc(s.liveValues.position))
    .limit(MOST);
}
