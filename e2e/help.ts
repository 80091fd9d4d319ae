import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, type Locator, type Page } from '@playwright/test';
import { freePort, run, serve, TSX } from '../scripts/lib.mjs';

/** What several browser tests do alike. */

export const saved = (page: Page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();
export const part = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

/** A new case in a shop, by default the one that the tests share. */
export async function makeCase(page: Page, url = ''): Promise<{ id: string; number: number }> {
  const response = await page.request.post(`${url}/api/cases`, {
    data: {},
    ...(url ? { headers: { origin: url } } : {}),
  });
  return (await response.json()) as { id: string; number: number };
}

/** Opens an empty case of its own; gives its id. */
export async function freshCase(page: Page): Promise<string> {
  const { id } = await makeCase(page);
  await page.goto(`/cases/${id}`);
  return id;
}

/** Puts a test on the open case and writes its question. */
export async function addTest(page: Page, question: string) {
  const evidence = part(page, 'Evidence');
  await evidence.getByRole('button', { name: 'Test', exact: true }).click();
  await page.keyboard.type(question);
  return evidence.getByRole('article', { name: question });
}

/** A shop of its own, with nobody in it yet. */
export async function ownShop() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-own-'));
  const env = {
    VANTLE_DATABASE_URL: `file:${path.join(folder, 'shop.db')}`,
    VANTLE_FILES: path.join(folder, 'files'),
    VANTLE_LOG: 'silent',
    VANTLE_DEMO: 'no',
  };
  expect(run(process.execPath, [TSX(), 'scripts/prepare.ts'], { capture: true, env }).code).toBe(0);
  const port = await freePort();
  let server = await serve({ port, env, quiet: true });
  const { url, token } = server;
  const stop = () => server.stop();
  /** As a power cut would end it. */
  const kill = () => server.child.kill('SIGKILL');
  /** The same shop again, at the same address. */
  const restart = async () => {
    server = await serve({ port, env: { ...env, VANTLE_TOKEN: token }, quiet: true });
  };
  const end = async () => {
    await stop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { url, token, folder, env, stop, kill, restart, end };
}

/** Makes the owner of a shop that has nobody yet, as the first start asks. */
export async function makeOwner(page: Page, url: string) {
  await page.goto(url);
  await expect(page).toHaveURL(/welcome/);
  await page.getByLabel('Your name').fill('Ilse Brandt');
  await page.getByLabel(/^Passphrase/).fill('three worn valve seats');
  await page.getByLabel('The same again').fill('three worn valve seats');
  await page.getByLabel(/^PIN/).fill('4071');
  await page.getByLabel('Region').selectOption('metric');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('button', { name: 'Signed in: Ilse Brandt' })).toBeVisible();
}

/** Somebody at the keyboard. What a person has to say is not the tool's doing; every other press is counted. */
export class Hands {
  /** Presses that say nothing of the car. */
  keys = 0;
  /** Letters of what is said. */
  said = 0;
  constructor(private readonly page: Page) {}
  async press(...keys: string[]) {
    for (const key of keys) {
      await this.page.keyboard.press(key);
      this.keys++;
    }
  }
  /** A press on something that is seen. */
  async touch(what: Locator) {
    await what.click();
    this.keys++;
  }
  async say(text: string) {
    await this.page.keyboard.type(text);
    this.said += text.length;
  }
  /** What comes from the clipboard: Ctrl V is one key. */
  async paste(text: string) {
    await this.page.keyboard.insertText(text);
    this.keys++;
  }
}

const CODES = [
  ...['P0171 System too lean bank 1 stored', 'P0300 Random misfire stored', 'P0507 Idle speed high pending'],
  ...Array.from(
    { length: 22 },
    (_, i) => `${i % 2 ? 'B' : 'C'}1${String(200 + i * 7)} Low supply voltage history`,
  ),
];
/** A scan report of two modules, as a tool copies it. */
export const REPORT_OF_25_CODES = `Engine\n${CODES.slice(0, 3).join('\n')}\nABS\n${CODES.slice(3).join('\n')}\nBattery: 12.4 V`;
