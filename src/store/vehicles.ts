import { and, desc, eq, inArray, ne, sql, type SQL } from 'drizzle-orm';
import type { Db, Tx } from './database';
import * as s from './schema';

/** Vehicles, and what they are known again by. */

export async function casesOfVehicle(q: Tx | Db, vehicleId: string): Promise<string[]> {
  const rows = await q.select({ id: s.cases.id }).from(s.cases).where(eq(s.cases.vehicleId, vehicleId));
  return rows.map((r) => r.id);
}

/** A vehicle with the customers of its cases; one without a case is not among them. */
export interface VehicleHere {
  vehicle: typeof s.vehicles.$inferSelect;
  customers: { customer: string; phone: string }[];
}

/** Vehicles that have a case and meet a condition, each with its customers. */
async function vehiclesHere(q: Tx | Db, where: SQL | undefined, limit: number): Promise<VehicleHere[]> {
  const rows = await q
    .select({ vehicle: s.vehicles, customer: s.cases.customer, phone: s.cases.phone })
    .from(s.vehicles)
    .innerJoin(s.cases, eq(s.cases.vehicleId, s.vehicles.id))
    .where(where)
    .orderBy(desc(s.cases.openedAt))
    .limit(limit);
  const found = new Map<string, VehicleHere>();
  for (const { vehicle, ...customer } of rows) {
    const known = found.get(vehicle.id) ?? { vehicle, customers: [] };
    known.customers.push(customer);
    found.set(vehicle.id, known);
  }
  return [...found.values()];
}

/** As the index `vehicles_plate` has it. */
export const PLAIN_PLATE = sql`lower(replace(replace(replace(${s.vehicles.plate}, ' ', ''), '-', ''), '.', ''))`;
const MOST_BY_PLATE = 100_000;

/** Vehicles whose VIN begins with what was typed, for recognising one while it is typed. */
export const vehiclesByVin = (q: Tx | Db, start: string, except: string, limit: number) =>
  vehiclesHere(
    q,
    and(sql`${s.vehicles.vin} like ${start.replace(/[%_]/g, '') + '%'}`, ne(s.vehicles.id, except)),
    limit,
  );

/** Vehicles by their plates, without blanks, dots and dashes, in lower case. */
export const vehiclesByPlate = (q: Tx | Db, plates: readonly string[]) =>
  vehiclesHere(q, inArray(PLAIN_PLATE, [...plates]), MOST_BY_PLATE);

/** Vehicles of a make and model, whatever case they are written in. */
export const vehiclesByMakeModel = (q: Tx | Db, make: string, model: string, limit: number) =>
  vehiclesHere(
    q,
    and(
      sql`lower(${s.vehicles.make}) = ${make.toLowerCase()}`,
      sql`lower(${s.vehicles.model}) = ${model.toLowerCase()}`,
    ),
    limit,
  );

/** Vehicles of one make with one engine, newest row last. */
export async function vehiclesByEngine(q: Tx | Db, make: string, engine: string, except: string) {
  return q
    .select()
    .from(s.vehicles)
    .where(
      and(
        sql`lower(${s.vehicles.make}) = ${make.toLowerCase()}`,
        sql`lower(${s.vehicles.engine}) = ${engine.toLowerCase()}`,
        ne(s.vehicles.id, except),
      ),
    )
    .limit(20);
}
