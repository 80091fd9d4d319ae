// Starts the database server of the tests in a process of its own. Nothing but Node here: `npm test` imports it before
// the packages that the server needs are installed.
import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** Over that file, each answer `delayMs` late: its address, and how to stop it. */
export async function forkHrana(file, { delayMs = 0 } = {}) {
  const server = fileURLToPath(new URL('hrana-server.mjs', import.meta.url));
  const child = fork(server, [file, String(delayMs)], { execArgv: [] });
  const url = await new Promise((there, fail) => {
    child.once('message', there);
    child.once('exit', () => fail(new Error('The database server did not start.')));
  });
  return { url, stop: () => child.kill() };
}
