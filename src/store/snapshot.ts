import { createClient } from '@libsql/client';
import { connection } from './database';

/** What a backup leaves out: what lets people and programs in, who is looking, and what is drawn up anew. */
const LEFT_OUT = [
  'sessions',
  'accounts',
  'users',
  'verifications',
  'devices',
  'tokens',
  'digests',
  'fingerprints',
  'presence',
];
const SECRET_SETTINGS = ['access.secret', 'demo.loaded'];

/**
 * Writes the database as it is at one moment into a file of its own, while others go on writing (VACUUM INTO reads
 * under one snapshot), without what lets people in.
 *
 * @param file that is not there yet
 * @returns the shop's name and the number of its cases
 */
export async function snapshotInto(file: string): Promise<{ shop: string; cases: number }> {
  await connection().client.execute({ sql: 'VACUUM INTO ?', args: [file] });
  const copy = createClient({ url: `file:${file}` });
  try {
    await copy.execute('PRAGMA journal_mode = DELETE');
    for (const table of LEFT_OUT) await copy.execute(`delete from ${table}`);
    await copy.execute({
      sql: `delete from settings where key in (${SECRET_SETTINGS.map(() => '?').join(', ')})`,
      args: SECRET_SETTINGS,
    });
    await copy.execute('VACUUM');
    const whole = (await copy.execute('PRAGMA integrity_check')).rows[0]?.integrity_check;
    if (whole !== 'ok') throw new Error(`The copy of the database is not whole: ${String(whole)}`);
    const [cases] = (await copy.execute('select count(*) as n from cases')).rows;
    const [name] = (await copy.execute(`select value from settings where key = 'shop.name'`)).rows;
    return { cases: Number(cases?.n), shop: name ? String(JSON.parse(String(name.value))) : '' };
  } finally {
    copy.close();
  }
}

/** How two databases differ: cases by what was last written on them, and rows of every other table. */
export interface Difference {
  cases: { onlyHere: number; onlyThere: number; newerHere: number; newerThere: number; same: number };
  tables: { name: string; here: number; there: number }[];
}

/**
 * Holds the shop's database against another one.
 *
 * @param here path of the one
 * @param there path of the other
 */
export async function differenceOf(here: string, there: string): Promise<Difference> {
  const [a, b] = [here, there].map((file) => createClient({ url: `file:${file}` })) as [
    ReturnType<typeof createClient>,
    ReturnType<typeof createClient>,
  ];
  try {
    const casesOf = async (client: typeof a) =>
      new Map(
        (await client.execute('select id, seq from cases')).rows.map((r) => [String(r.id), Number(r.seq)]),
      );
    const [mine, theirs] = [await casesOf(a), await casesOf(b)];
    const cases = { onlyHere: 0, onlyThere: 0, newerHere: 0, newerThere: 0, same: 0 };
    for (const [id, seq] of mine) {
      const other = theirs.get(id);
      if (other === undefined) cases.onlyHere++;
      else if (other === seq) cases.same++;
      else if (seq > other) cases.newerHere++;
      else cases.newerThere++;
    }
    for (const id of theirs.keys()) if (!mine.has(id)) cases.onlyThere++;
    const names = (
      await b.execute(
        `select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like '\\_\\_%' escape '\\' order by name`,
      )
    ).rows.map((r) => String(r.name));
    const count = async (client: typeof a, name: string) =>
      Number(
        (await client.execute(`select count(*) as n from "${name}"`).catch(() => undefined))?.rows[0]?.n ?? 0,
      );
    const tables = [];
    for (const name of names.filter((n) => !LEFT_OUT.includes(n)))
      tables.push({ name, here: await count(a, name), there: await count(b, name) });
    return { cases, tables };
  } finally {
    a.close();
    b.close();
  }
}
