import { createReadStream, createWriteStream, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import { once } from 'node:events';
import { freePort, run, serve, TSX } from '../scripts/lib.mjs';
import { random } from '@/sim/random';
import { World } from './world/world';

/** A shop of a hundred thousand cases; fewer with `VANTLE_BENCH_CASES`. */
const CASES = Number(process.env.VANTLE_BENCH_CASES ?? 100_000);
const USERS = 20;
const EACH = 15;

const seconds = (ms: number) => `${(ms / 1000).toFixed(1)} s`;
const at = (sorted: number[], share: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;

/** Import, start, memory, search and guide with many cases, through HTTP and in the server's own process. */
export async function scale(folder: string): Promise<string> {
  const world = new World(21);
  const file = path.join(folder, 'cases.ndjson');
  await writeCases(world, file);
  const env = {
    VANTLE_DATABASE_URL: `file:${path.join(folder, 'many.db')}`,
    VANTLE_FILES: path.join(folder, 'many-files'),
    VANTLE_LOG: 'error',
  };
  if (run(process.execPath, [TSX(), 'scripts/prepare.ts', 'own'], { capture: true, env }).code !== 0)
    throw new Error('The database could not be made ready.');
  const rows: [string, string][] = [['cases', CASES.toLocaleString('en')]];
  let server = await serve({ port: await freePort(), env, quiet: true });
  const send = async () => {
    const start = performance.now();
    const response = await fetch(`${server.url}/api/v1/import`, {
      method: 'POST',
      headers: { authorization: `Bearer ${server.token}` },
      body: Readable.toWeb(createReadStream(file)) as ReadableStream,
      duplex: 'half',
    } as RequestInit);
    const answer = (await response.json()) as { created: number; unchanged: number; refused: unknown[] };
    return { ms: performance.now() - start, ...answer };
  };
  const first = await send();
  rows.push([
    `import of ${(statSync(file).size / 1e6).toFixed(0)} MB`,
    `${seconds(first.ms)}; ${first.created.toLocaleString('en')} created, ${first.refused.length} refused`,
  ]);
  const again = await send();
  rows.push([
    'the same file again',
    `${seconds(again.ms)}; ${again.unchanged.toLocaleString('en')} unchanged`,
  ]);
  await server.stop();

  const lines = world.questions(USERS * EACH, 'reported').map((q) => q.line);
  const begun = performance.now();
  server = await serve({ port: await freePort(), env, quiet: true });
  const find = async (line: string) => {
    const response = await fetch(`${server.url}/api/v1/find?q=${encodeURIComponent(line)}`, {
      headers: { authorization: `Bearer ${server.token}` },
    });
    if (!response.ok) throw new Error(String(response.status));
    return (await response.json()) as { cases: { id: string }[] };
  };
  await find(lines[0]!);
  rows.push(['start until the first answer', seconds(performance.now() - begun)]);

  const word = 'quillbrand';
  const entered = performance.now();
  await fetch(`${server.url}/api/v1/import`, {
    method: 'POST',
    headers: { authorization: `Bearer ${server.token}` },
    body: JSON.stringify({
      format: 'vantle-case/1',
      openedAt: '2026-01-01T08:00:00.000Z',
      vehicle: {},
      said: word,
    }),
  });
  while ((await find(word)).cases.length === 0) await new Promise((r) => setTimeout(r, 5));
  rows.push(['a new case is found after', `${(performance.now() - entered).toFixed(0)} ms`]);

  const took: number[] = [];
  let errors = 0;
  await Promise.all(
    Array.from({ length: USERS }, async (_, user) => {
      for (let i = 0; i < EACH; i++) {
        const start = performance.now();
        await find(lines[user * EACH + i]!).catch(() => errors++);
        took.push(performance.now() - start);
      }
    }),
  );
  took.sort((a, b) => a - b);
  rows.push([
    `find over HTTP, ${USERS} users at once`,
    `p50 ${at(took, 0.5).toFixed(0)} ms, p95 ${at(took, 0.95).toFixed(0)} ms, ${errors} errors in ${took.length}`,
  ]);
  rows.push(['memory of the server after that', `${residentMb(server.child.pid!)} MB`]);
  await server.stop();

  const inside = run(process.execPath, [TSX(), 'bench/scale-inside.ts', file], { capture: true, env });
  const result = /RESULT (.*)/.exec(inside.out)?.[1];
  if (!result) throw new Error(inside.out.slice(-2000));
  const { find: f, fts, guide, memory } = JSON.parse(result) as Record<string, number[]> & { memory: number };
  rows.push([
    'full ranked answer in the server: p50, p95',
    `${f![0]!.toFixed(1)} ms, ${f![1]!.toFixed(1)} ms`,
  ]);
  rows.push([
    'FTS5 OR query in the same run: p50, p95',
    `${fts![0]!.toFixed(1)} ms, ${fts![1]!.toFixed(1)} ms`,
  ]);
  rows.push(['ratio of p95', `1 / ${(fts![1]! / f![1]!).toFixed(1)}`]);
  rows.push(['margin of an open case: p50, p95', `${guide![0]!.toFixed(1)} ms, ${guide![1]!.toFixed(1)} ms`]);
  rows.push(['memory with the index, over that without', `${memory} MB`]);
  return ['| what | |', '| --- | --- |', ...rows.map(([a, b]) => `| ${a} | ${b} |`)].join('\n');
}

async function writeCases(world: World, file: string): Promise<void> {
  const r = random(world.seed * 7919 + 1);
  const out = createWriteStream(file);
  for (let i = 1; i <= CASES; i++)
    if (!out.write(`${JSON.stringify(world.pastCase(r, i).file)}\n`)) await once(out, 'drain');
  out.end();
  await once(out, 'finish');
}

/** Resident memory of a process and what it started, from the kernel. */
function residentMb(pid: number): number {
  const kb = Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0);
  return Math.round(kb / 1024);
}
