import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readScan } from '@/core/codes';
import { bundleThread } from '../../../scripts/bundles.mjs';
import type { ScanQuestion } from '@/workers/threads/scan.thread';
import { threadOf } from '../running/thread';

let folder: string;
let thread: ReturnType<typeof threadOf<ScanQuestion, ReturnType<typeof readScan>>>;
beforeAll(async () => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-thread-'));
  const file = path.join(folder, 'scan.thread.mjs');
  await bundleThread('scan', file);
  thread = threadOf(file);
}, 30_000);
afterAll(async () => {
  await thread.destroy();
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
    const read = await thread.run({ text, hints: undefined });
    clearInterval(timer);
    expect(read).toEqual(readScan(text, undefined));
    // Read here it would have been none.
    expect(turns).toBeGreaterThan(5);
  });
  it('beside others gets its own answer', async () => {
    const texts = ['P0171 System too lean - stored', 'P0420 Catalyst - pending', 'no codes'];
    const read = await Promise.all(texts.map((t) => thread.run({ text: t, hints: undefined })));
    expect(read).toEqual(texts.map((t) => readScan(t, undefined)));
  });
  it('that a thread cannot read is refused by itself, and the next one is read', async () => {
    const broken = thread.run({ text: undefined as unknown as string, hints: undefined });
    await expect(broken).rejects.toThrow();
    expect((await thread.run({ text: 'P0171 lean - stored', hints: undefined })).report).toBeDefined();
  });
});
