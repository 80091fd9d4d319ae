import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { createClient, type Client } from '@libsql/client';

/** The public-domain VIN data set: unpacked once beside the shop's data, then read only. */

const shared = globalThis as typeof globalThis & {
  vantleVinData?: Client;
  vantleVinUnpacking?: Promise<void>;
};
const file = () => path.resolve(process.env.VANTLE_VIN_DATA ?? 'data/vin-data.db');

/** Elements of the data set that a case needs. */
export const VIN_ELEMENTS = {
  cylinders: 9,
  displacement: 13,
  engine: 18,
  fuel: 24,
  model: 28,
  make: 26,
} as const;

/**
 * The data set, or undefined while it is being unpacked. Unpacking runs in a process of its own and
 * is begun by the first who asks; nobody waits for it.
 */
export function vinData(): Client | undefined {
  if (shared.vantleVinData) return shared.vantleVinData;
  if (existsSync(file())) return (shared.vantleVinData = createClient({ url: `file:${file()}` }));
  shared.vantleVinUnpacking ??= new Promise<void>((resolve) => {
    const script = path.join(process.cwd(), 'scripts', 'unpack-vin-data.mjs');
    const child = spawn(process.execPath, [script, file()], { stdio: 'ignore' });
    child.once('exit', () => resolve());
    child.once('error', () => resolve());
  }).finally(() => (shared.vantleVinUnpacking = undefined));
  return undefined;
}

/**
 * Patterns that serve a maker's identifier in a model year; the maker's make and the kind of its vehicles where
 * there is just one.
 */
export async function vinPatterns(
  data: Client,
  wmi: string,
  year: number,
): Promise<{ patterns: { keys: string; element: number; value: string }[]; make: string; kind: string }> {
  const wanted = Object.values(VIN_ELEMENTS).join(',');
  const rows = await data.execute({
    sql: `select p.Keys as keys, p.ElementId as element, p.AttributeId as value
          from Wmi w join Wmi_VinSchema ws on ws.WmiId = w.Id join Pattern p on p.VinSchemaId = ws.VinSchemaId
          where w.Wmi = ? and ws.YearFrom <= ? and coalesce(ws.YearTo, 9999) >= ? and p.ElementId in (${wanted})`,
    args: [wmi, year, year],
  });
  const makes = await data.execute({
    sql: 'select distinct m.Name as name from Wmi w join Wmi_Make wm on wm.WmiId = w.Id join Make m on m.Id = wm.MakeId where w.Wmi = ?',
    args: [wmi],
  });
  const kinds = await data.execute({
    sql: 'select distinct v.Name as name from Wmi w join VehicleType v on v.Id = w.VehicleTypeId where w.Wmi = ?',
    args: [wmi],
  });
  return {
    patterns: rows.rows.map((r) => ({
      keys: String(r.keys),
      element: Number(r.element),
      value: String(r.value),
    })),
    make: makes.rows.length === 1 ? String(makes.rows[0]!.name) : '',
    kind: kinds.rows.length === 1 ? String(kinds.rows[0]!.name) : '',
  };
}

/** The word behind an id of the data set's lists. */
export async function vinWord(
  data: Client,
  list: 'Make' | 'Model' | 'FuelType',
  id: string,
): Promise<string> {
  const { rows } = await data.execute({
    sql: `select Name as name from ${list} where Id = ?`,
    args: [Number(id)],
  });
  return rows[0] ? String(rows[0].name) : '';
}
