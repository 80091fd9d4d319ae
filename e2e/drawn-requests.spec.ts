import { expect, test } from '@playwright/test';
import { rights } from '../scripts/rights';
import { sendDrawn } from './drawn-requests';
import { ownShop } from './help';

/**
 * Pages are asked as well as routes, each a quarter as often: to draw one takes the server as long as ten answers. What
 * starts a process of its own is left out.
 */
const ROUTES = rights()
  .filter((r) => r.of !== 'POST /api/backups')
  .flatMap((r) => (r.of.startsWith('page ') ? [r.of.replace('page ', 'GET ')] : Array<string>(4).fill(r.of)));

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
