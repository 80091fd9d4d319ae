import { readFileSync } from 'node:fs';
import path from 'node:path';
import { sendDrawn } from '../e2e/drawn-requests';
import { freePort, run, serve, TSX } from '../scripts/lib.mjs';
import { rights } from '../scripts/rights';

/** Fewer with `VANTLE_BENCH_REQUESTS`. */
const REQUESTS = Number(process.env.VANTLE_BENCH_REQUESTS ?? 100_000);
const LATE_SECONDS = 2;

/** What a process holds in memory, in megabytes. */
const memoryOf = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? NaN) / 1024;

const QUICK_MS = 150;
/** Code of all routes is read in the first seconds after a start: what is asked then waits for it. */
async function atRest(url: string): Promise<void> {
  for (let quick = 0; quick < 5;) {
    const begun = performance.now();
    await (await fetch(`${url}/api/health`)).arrayBuffer();
    quick = performance.now() - begun < QUICK_MS ? quick + 1 : 0;
    await new Promise((done) => setTimeout(done, 500));
  }
}

/** Drawn requests over all routes: errors of the server, late answers, and what memory does meanwhile. */
export async function fuzz(folder: string): Promise<string> {
  const env = {
    VANTLE_DATABASE_URL: `file:${path.join(folder, 'fuzz.db')}`,
    VANTLE_FILES: path.join(folder, 'fuzz-files'),
    VANTLE_LOG: 'silent',
    VANTLE_DEMO: 'no',
  };
  if (run(process.execPath, [TSX(), 'scripts/prepare.ts'], { capture: true, env }).code !== 0)
    throw new Error('The database could not be made ready.');
  const server = await serve({ port: await freePort(), env, quiet: true });
  await atRest(server.url);
  const routes = rights()
    .map((r) => r.of.replace('page ', 'GET '))
    .filter((of) => of !== 'POST /api/backups');
  const rows: string[] = [];
  try {
    for (const part of [1, 2, 3, 4]) {
      const { findings, byStatus, slowest } = await sendDrawn(
        server.url,
        server.token,
        routes,
        100 + part,
        REQUESTS / 4,
        LATE_SECONDS,
      );
      const statuses = [...byStatus].sort((a, b) => a[0] - b[0]).map(([s, n]) => `${s}: ${n}`);
      rows.push(
        `| ${part} | ${findings.length} | ${slowest.toFixed(1)} | ${memoryOf(server.child.pid!).toFixed(0)} | ${statuses.join(', ')} |`,
      );
      for (const f of findings.slice(0, 5)) console.log(`${f.what}  ${f.request.slice(0, 300)}`);
    }
  } finally {
    await server.stop();
  }
  return [
    `${REQUESTS.toLocaleString('en')} requests in four quarters.`,
    '',
    `| quarter | errors of the server, or later than ${LATE_SECONDS} s | slowest, s | memory, MB | answers |`,
    '| --- | ---: | ---: | ---: | --- |',
    ...rows,
  ].join('\n');
}
