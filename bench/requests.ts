import path from 'node:path';
import { createClient } from '@libsql/client';
import { serveDemoShop } from './demo-shop';
import { table, time } from './measure';

/** Case save and case open through HTTP, against a bare SQLite insert and read in the same run. */
export async function requests(folder: string): Promise<string> {
  const { server } = await serveDemoShop(folder, 'requests');
  const json = async (url: string, body?: unknown) => {
    const response = await fetch(
      server.url + url,
      body === undefined
        ? {}
        : { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
    );
    if (!response.ok) throw new Error(`${url}: ${response.status}`);
    return response.json() as Promise<Record<string, unknown>>;
  };
  const { cases } = (await json('/api/find?q=closed&limit=40')) as { cases: { id: string }[] };
  const { id } = (await json('/api/cases', {})) as { id: string };

  const bare = createClient({ url: `file:${path.join(folder, 'bare.db')}` });
  await bare.execute('PRAGMA journal_mode = WAL');
  await bare.execute('create table rows (id text primary key, case_id text, body text)');
  await bare.execute('create index rows_case on rows (case_id)');
  for (let i = 0; i < 400; i++)
    await bare.execute({
      sql: 'insert into rows values (?, ?, ?)',
      args: [`seed${i}`, `case${i % 40}`, 'x'.repeat(200)],
    });

  const n = 300;
  const insert = await time('bare SQLite insert', n, (i) =>
    bare.execute({ sql: 'insert into rows values (?, ?, ?)', args: [`r${i}`, 'case1', `words ${i}`] }),
  );
  const read = await time('bare SQLite read', n, (i) =>
    bare.execute({ sql: 'select * from rows where case_id = ?', args: [`case${Math.abs(i) % 40}`] }),
  );
  const save = await time('case save over HTTP', n, (i) =>
    json(`/api/cases/${id}/changes`, {
      changes: [
        {
          id: `c${i}`,
          ops: [{ op: 'add', kind: 'earlier', id: `e${i}`.replace('-', 'w'), row: { what: `words ${i}` } }],
        },
      ],
    }),
  );
  const open = await time('case open over HTTP', n, (i) =>
    json(`/api/cases/${cases[Math.abs(i) % cases.length]!.id}`),
  );
  const page = await time(
    'case page over HTTP',
    60,
    async (i) => (await fetch(`${server.url}/cases/${(Math.abs(i) % 38) + 1}`)).text(),
    5,
  );
  const find = await time('find over HTTP', n, () => json('/api/find?q=tessa%20P0171%20shakes%20at%20idle'));
  await server.stop();
  bare.close();
  return table([
    { row: insert },
    { row: save, against: insert },
    { row: read },
    { row: open, against: read },
    { row: page, against: read },
    { row: find, against: read },
  ]);
}
