import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readScan } from '@/core/codes';
import { bundleThread } from '../../scripts/bundles.mjs';
import { ScanThread } from './scan-thread';

let folder: string;
let thread: ScanThread;
beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-thread-'));
  const file = path.join(folder, 'scan.thread.mjs');
  await bundleThread(file);
  thread = new ScanThread(file);
}, 30_000);
afterAll(async () => {
  await thread.stop();
  rmSync(folder, { recursive: true, force: true });
});

const lines = Array.from(
  { length: 4000 },
  (_, i) => `P0${300 + (i % 90)} Misfire, cylinder ${i % 8} - stored`,
);

describe('a long report', () => {
  it('is read as a short one is, and others are served meanwhile', async () => {
    const text = lines.join('\n');
    let turns = 0;
    const timer = setInterval(() => turns++, 5);
    const read = await thread.read(text, undefined);
    clearInterval(timer);
    expect(read).toEqual(readScan(text, undefined));
    // Read here it would have been none.
    expect(turns).toBeGreaterThan(5);
  });
  it('beside others gets its own answer', async () => {
    const texts = ['P0171 System too lean - stored', 'P0420 Catalyst - pending', 'no codes'];
    const read = await Promise.all(texts.map((t) => thread.read(t, undefined)));
    expect(read).toEqual(texts.map((t) => readScan(t, undefined)));
  });
  it('goes in after a thread that died, whose report is refused', async () => {
    const first = thread.read(lines.join('\n'), undefined);
    await thread.stop();
    await expect(first).rejects.toThrow('ended');
    expect((await thread.read('P0171 lean - stored', undefined)).report).toBeDefined();
  });
});
