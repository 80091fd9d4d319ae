import path from 'node:path';
import type { Op } from '@/core/case';
import { createCase, openCase } from '@/services/cases/cases';
import { saveChanges } from '@/services/cases/save';
import { prepare } from '@/services/running/setup';
import { closeDatabase } from '@/store/database';
import { forkHrana } from '../scripts/fork-hrana.mjs';

const WRITERS = 10;
const DELAY_MS = 5;
const FOR_MS = 6000;

/** One person writing on one case, one change after the other, until the time is up; gives how many were acknowledged. */
async function writer(n: number, until: number): Promise<number> {
  const { id } = await createCase('lead');
  let record = (await openCase(id))!.record;
  let done = 0;
  let said = '';
  for (let i = 0; Date.now() < until; i++) {
    const words = `Writer ${n}: stalls when hot, seen ${i} times.`;
    const op: Op = {
      op: 'set',
      kind: 'case',
      id,
      revision: record.case.revision,
      set: { said: words },
      was: { said },
    };
    const answer = await saveChanges(id, [{ id: `w${n}-${i}`, ops: [op] }], 'lead', record.case.seq);
    if (!answer.results[0]?.ok) throw new Error(JSON.stringify(answer.results[0]));
    const own = answer.changed.rows.find((r) => r.kind === 'case')!.row as unknown as typeof record.case;
    record = { ...record, case: own };
    said = words;
    done++;
  }
  return done;
}

/**
 * Several people writing at once on cases of their own, through one Vantle server, on a database server some
 * milliseconds away.
 */
export async function writers(folder: string): Promise<string> {
  const rows: string[][] = [];
  for (const delay of [0, DELAY_MS]) {
    const server = await forkHrana(path.join(folder, `writers-${delay}.db`), { delayMs: delay });
    process.env.VANTLE_DATABASE_URL = server.url;
    await prepare('own');
    await writer(0, Date.now() + 1000);
    for (const many of [1, WRITERS]) {
      const began = Date.now();
      const all = await Promise.all(Array.from({ length: many }, (_, n) => writer(n + 1, began + FOR_MS)));
      const written = all.reduce((sum, n) => sum + n, 0);
      rows.push([`${delay} ms`, String(many), ((written * 1000) / (Date.now() - began)).toFixed(0)]);
    }
    await closeDatabase();
    server.stop();
  }
  return [
    '| each trip | writers | acknowledged writes a second |',
    '| --- | ---: | ---: |',
    ...rows.map((row) => `| ${row.join(' | ')} |`),
  ].join('\n');
}
