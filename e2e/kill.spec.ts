import { createClient } from '@libsql/client';
import { expect, test } from '@playwright/test';
import { ownShop } from './help';

/** Writes until the server is killed with SIGKILL; every write that was acknowledged must be there afterwards. */
test('kill -9 during a stream of writes loses none that was acknowledged', async () => {
  const server = await ownShop();
  const post = (url: string, body: unknown) =>
    fetch(server.url + url, {
      method: 'POST',
      headers: { 'content-type': 'application/json', authorization: `Bearer ${server.token}` },
      body: JSON.stringify(body),
    });
  const { id } = (await (await post('/api/cases', {})).json()) as { id: string };

  const acknowledged: string[] = [];
  let sent = 0;
  const writer = async (name: string) => {
    for (let i = 0; ; i++) {
      const row = `${name}-${i}`;
      sent++;
      try {
        const response = await post(`/api/cases/${id}/changes`, {
          changes: [{ id: `c${row}`, ops: [{ op: 'add', kind: 'symptom', id: row, row: { words: row } }] }],
        });
        const { results } = (await response.json()) as { results: { ok: boolean }[] };
        if (results[0]?.ok) acknowledged.push(row);
      } catch {
        return;
      }
    }
  };
  const writers = ['a', 'b', 'c', 'd'].map(writer);
  await expect.poll(() => acknowledged.length, { timeout: 30_000 }).toBeGreaterThan(60);
  server.kill();
  await Promise.all(writers);
  expect(sent).toBeGreaterThan(acknowledged.length);

  const client = createClient({ url: server.env.VANTLE_DATABASE_URL });
  const stored = new Set((await client.execute('select id from symptoms')).rows.map((r) => String(r.id)));
  const history = new Set(
    (await client.execute("select row_id from history where kind = 'symptom'")).rows.map((r) =>
      String(r.row_id),
    ),
  );
  expect(acknowledged.filter((row) => !stored.has(row))).toEqual([]);
  // No row without its history, no history without its row: each write was whole.
  expect([...stored].sort()).toEqual([...history].sort());
  expect((await client.execute('PRAGMA integrity_check')).rows[0]?.integrity_check).toBe('ok');
  client.close();
  await server.end();
});
