import { expect, test } from '@playwright/test';
import { rights } from '../scripts/rights';
import { sendDrawn } from './drawn-requests';
import { ownShop } from './help';

/** Pages are asked as well as routes; what starts a process of its own is left out. */
const ROUTES = rights()
  .map((r) => r.of.replace('page ', 'GET '))
  .filter((of) => of !== 'POST /api/backups');

test('five thousand drawn requests: no error of the server, and none waits long', async () => {
  test.setTimeout(400_000);
  const server = await ownShop();
  try {
    // Beside another worker's browser only what hangs is late; `npm run bench -- fuzz` holds answers to 2 s.
    const { findings } = await sendDrawn(server.url, server.token, ROUTES, 19, 5000, 40);
    expect(findings.slice(0, 10)).toEqual([]);
    expect((await fetch(`${server.url}/api/health`)).status).toBe(200);
  } finally {
    await server.end();
  }
});
