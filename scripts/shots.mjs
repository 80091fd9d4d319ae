// npm run shots: takes the pictures in docs/screenshots from the demo shop.
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { CHROMIUM, ensureBuilt, ensureInstalled, freePort, run, serve, TSX } from './lib.mjs';

/** Name, address, and where to scroll; size and theme where they differ. */
const VIEWS = [
  { name: 'desk', url: '/' },
  { name: 'case-complaint', url: '/cases/34' },
  { name: 'case-evidence', url: '/cases/34', to: '#evidence' },
  { name: 'case-roles', url: '/cases/36', to: '#evidence', open: 'details' },
  { name: 'case-cause', url: '/cases/13#cause', to: '#cause h3 >> nth=1' },
  { name: 'case-suspects', url: '/cases/43', to: '#cause' },
  { name: 'report', url: '/cases/9/report' },
  { name: 'compare', url: '/compare?a=3&b=9' },
  { name: 'case-proof-dark', url: '/cases/25#repair', to: '#repair', dark: true },
  { name: 'case-beside', url: '/cases/34?beside=3', to: '#evidence' },
  { name: 'experience', url: '/experience/code/P0171' },
  { name: 'case-tests', url: '/cases/34', to: 'article[aria-label="Does the fuel supply hold up?"]' },
  { name: 'old-records', url: '/shop/records', file: 'demo/old-jobs.csv', height: 1100 },
  {
    name: 'trace',
    url: '/cases/25/traces/demo-trace-4',
    analyse: 'cranking-compression',
  },
  {
    name: 'case-checklist-tablet',
    url: '/cases/41',
    to: '[id^=run-]',
    width: 768,
    height: 1024,
    touch: true,
  },
  { name: 'case-tablet', url: '/cases/34', to: '#evidence', width: 768, height: 1024, touch: true },
  { name: 'review', url: '/shop/review' },
  { name: 'check', url: '/tests/switched-feed', press: 'Load example' },
  { name: 'find', url: '/find?q=corvane%20tessa%20P0171%20shakes%20at%20idle%20chunters' },
];

ensureInstalled();
if ((await ensureBuilt()).code !== 0) process.exit(1);
const { chromium } = await import('@playwright/test');
const temp = mkdtempSync(path.join(os.tmpdir(), 'vantle-shots-'));
const env = {
  VANTLE_DATABASE_URL: `file:${path.join(temp, 'shop.db')}`,
  VANTLE_FILES: path.join(temp, 'files'),
  VANTLE_LOG: 'silent',
  VANTLE_DEMO: 'yes',
};
if (run(process.execPath, [TSX(), 'demo/load.ts'], { env }).code !== 0) process.exit(1);
const server = await serve({ port: await freePort(), env, quiet: true });
const browser = await chromium.launch({
  executablePath: CHROMIUM(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
mkdirSync('docs/screenshots', { recursive: true });
const only = process.argv.slice(2);
for (const view of VIEWS.filter((v) => only.length === 0 || only.includes(v.name))) {
  const page = await browser.newPage({
    viewport: { width: view.width ?? 1280, height: view.height ?? 800 },
    colorScheme: view.dark ? 'dark' : 'light',
    hasTouch: view.touch ?? false,
    isMobile: view.touch ?? false,
  });
  await page.goto(server.url + view.url, { waitUntil: 'networkidle' });
  // What a page asks for once it stands moves what is below it.
  await page.waitForTimeout(1000);
  if (view.press) await page.getByRole('button', { name: view.press }).click();
  if (view.file) {
    await page.setInputFiles('input[type=file]', view.file);
    await page.getByRole('button', { name: /Take in/ }).waitFor();
  }
  if (view.analyse) {
    await page.getByTestId('trace').waitFor();
    await page.getByLabel('Analysis', { exact: true }).selectOption(view.analyse);
    await page.getByRole('button', { name: 'Analyse' }).click();
    await page.getByRole('region', { name: 'What was found' }).waitFor();
  }
  if (view.to)
    await page
      .locator(view.to)
      .first()
      .evaluate((e) => e.scrollIntoView());
  if (view.open)
    await page
      .locator(`${view.to} ${view.open}`)
      .first()
      .evaluate((e) => (e.open = true));
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${view.name}.png` });
  await page.close();
}
await browser.close();
await server.stop();
rmSync(temp, { recursive: true, force: true });
console.log('Pictures are in docs/screenshots; open each one and look at it.');
