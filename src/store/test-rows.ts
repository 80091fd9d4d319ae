import { createClient } from '@libsql/client';

/** For tests: every row of every table of a database file, in an order of its own. */
export async function rowsOf(file: string): Promise<Record<string, string[]>> {
  const client = createClient({ url: `file:${file}` });
  const tables = (await client.execute(`select name from sqlite_master where type = 'table'`)).rows;
  const all: Record<string, string[]> = {};
  for (const { name } of tables)
    all[String(name)] = (await client.execute(`select * from "${String(name)}"`)).rows
      .map((r) => JSON.stringify(r))
      .sort();
  client.close();
  return all;
}
