import { createReadStream } from 'node:fs';
import path from 'node:path';
import { createInterface } from 'node:readline';
import { createClient } from '@libsql/client';
import type { CaseFile } from '../src/core/exchange';
import { find } from '../src/services/find/find';
import { caseIndex } from '../src/services/find/index-of-cases';
import { marginOf } from '../src/services/guide/margin';
import { caseIdOf } from '../src/services/cases/cases';
import { ftsQuery } from './world/measure-quality';
import { World } from './world/world';

/** The part of the scale bench that runs in one process with the services: search beside FTS5. */
const [file] = process.argv.slice(2);
const RUNS = 200;

const mb = () => {
  global.gc?.();
  return Math.round(process.memoryUsage().rss / 1e6);
};

async function fts(from: string) {
  const client = createClient({ url: `file:${path.join(path.dirname(from), 'fts.db')}` });
  await client.execute('pragma journal_mode = wal');
  await client.execute(
    "create virtual table cases using fts5(id unindexed, text, tokenize = 'porter unicode61')",
  );
  let batch: { sql: string; args: string[] }[] = [];
  const put = async () => {
    await client.batch(batch);
    batch = [];
  };
  for await (const line of createInterface({ input: createReadStream(from) })) {
    const c = JSON.parse(line) as CaseFile;
    const text = [
      c.vehicle.make,
      c.vehicle.model,
      c.vehicle.engine,
      c.vehicle.year,
      c.said,
      ...(c.scans ?? []).map((s) => s.text),
      ...(c.tests ?? []).flatMap((t) => [
        t.question,
        ...(t.readings ?? []).map((r) => `${r.label} ${r.entered}`),
      ]),
      ...(c.causes ?? []).map((x) => `${x.part} ${x.failure}`),
      ...(c.repairs ?? []).map((x) => x.what),
    ].join(' ');
    batch.push({ sql: 'insert into cases values (?, ?)', args: [c.id!, text] });
    if (batch.length >= 1000) await put();
  }
  if (batch.length) await put();
  return client;
}

async function timed(runs: number, work: (i: number) => Promise<unknown>): Promise<[number, number]> {
  for (let i = 0; i < 10; i++) await work(i);
  const took: number[] = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    await work(i);
    took.push(performance.now() - start);
  }
  took.sort((a, b) => a - b);
  return [took[Math.floor(runs / 2)]!, took[Math.floor(runs * 0.95)]!];
}

async function main() {
  const client = await fts(file!);
  const before = mb();
  await caseIndex();
  const memory = mb() - before;
  const lines = new World(21).questions(RUNS, 'reported').map((q) => q.line);
  // Turn by turn, so that whatever else the machine does falls on both.
  const ours: [number, number] = await timed(RUNS, (i) => find(lines[i % RUNS]!));
  const theirs = await timed(RUNS, (i) =>
    client.execute({
      sql: 'select id, bm25(cases) from cases where cases match ? order by bm25(cases) limit 30',
      args: [ftsQuery(lines[i % RUNS]!)],
    }),
  );
  const ids = await Promise.all(Array.from({ length: 40 }, (_, i) => caseIdOf(String(i * 7 + 1))));
  const guide = await timed(40, (i) => marginOf(ids[i % 40]!));
  console.log(`RESULT ${JSON.stringify({ find: ours, fts: theirs, guide, memory })}`);
}

await main();
