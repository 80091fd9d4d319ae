import { type Browser } from '@playwright/test';
import { longCase } from '../e2e/long-case';
import { scriptKb, VIEWS } from '../e2e/main-views';
import { launchBrowser, serveDemoShop } from './demo-shop';

/** How many times slower than this machine the visitor's is made. */
const SLOWER = 4;
const LETTERS = 12;

const median = (list: number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN;

/**
 * Each main view in a fresh browser on a processor made four times slower: first content, when it answers, and
 * on a case how long a letter takes to stand there; beside the same without slowing down.
 */
export async function felt(folder: string): Promise<string> {
  const { server } = await serveDemoShop(folder, 'felt');
  const browser = await launchBrowser();
  try {
    await fetch(`${server.url}/api/v1/import`, { method: 'POST', body: JSON.stringify(longCase(1)) });
    const rows: string[] = [];
    for (const { url } of [...VIEWS, { url: '/cases/very-long-1' }]) {
      // The first visit warms the server; it is not the page's.
      await fetch(server.url + url).then((r) => r.text());
      const fast = await visit(browser, server.url + url, 1);
      const slow = await visit(browser, server.url + url, SLOWER);
      const letter = (v: typeof slow) => (Number.isNaN(v.letter) ? '' : `${v.letter.toFixed(0)}`);
      rows.push(
        `| ${url} | ${slow.kb} | ${fast.content.toFixed(0)} | ${slow.content.toFixed(0)} | ${fast.ready.toFixed(0)} | ${slow.ready.toFixed(0)} | ${(slow.ready / fast.ready).toFixed(1)} × | ${letter(fast)} | ${letter(slow)} |`,
      );
    }
    return [
      `| view | JavaScript, KB | first content, ms | … ${SLOWER} × slower | answers after, ms | … ${SLOWER} × slower | ratio | a letter, ms | … ${SLOWER} × slower |`,
      '| --- | ---: | ---: | ---: | ---: | ---: | ---: | ---: | ---: |',
      ...rows,
    ].join('\n');
  } finally {
    await browser.close();
    await server.stop();
  }
}

async function visit(browser: Browser, url: string, slower: number) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slower });
  await page.goto(url, { waitUntil: 'load' });
  const kb = await scriptKb(page);
  // React takes over at the end of its first work; until then a press does nothing.
  const ready = await page.evaluate(async () => {
    // No function of its own in here: what runs it names functions with a helper that the page has not.
    while (
      !Object.keys(document.querySelector('header button') ?? {}).some((k) => k.startsWith('__reactProps'))
    )
      await new Promise((r) => setTimeout(r, 5));
    return performance.now();
  });
  const content = await page.evaluate(
    () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
  );
  const letters: number[] = [];
  const field = page.locator('[data-cell$=":said"]');
  if (await field.count()) {
    await page.waitForLoadState('networkidle');
    await field.focus();
    await page.evaluate(() => {
      const times: number[] = [];
      (window as unknown as { times: number[] }).times = times;
      let pressed = 0;
      addEventListener('keydown', () => (pressed = performance.now()), true);
      addEventListener(
        'input',
        () => {
          const from = pressed;
          requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - from)));
        },
        true,
      );
    });
    for (let i = 0; i < LETTERS; i++) {
      await page.keyboard.type('a');
      await page.waitForTimeout(150);
    }
    letters.push(...(await page.evaluate(() => (window as unknown as { times: number[] }).times)));
  }
  await context.close();
  return { kb, content, ready, letter: median(letters) };
}
