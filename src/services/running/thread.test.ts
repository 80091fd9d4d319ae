import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { log } from './log';
import { besideServer, threadOf } from './thread';

let folder = '';
beforeAll(() => {
  folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-beside-'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A bundle as the build would make it. */
const bundle = (name: string, body: string) => {
  const file = path.join(folder, `${name}.mjs`);
  writeFileSync(file, `export default (n) => { ${body} };`);
  return file;
};

describe('work beside the server', () => {
  it('is done in a thread where the build made one', async () => {
    const ask = besideServer(bundle('adds', 'return n + 1000'), (n: number) => n);
    expect(await Promise.all([ask(1), ask(2)])).toEqual([1001, 1002]);
  });
  it('is done here without a build', async () => {
    expect(await besideServer(path.join(folder, 'none.mjs'), (n: number) => n * 2)(21)).toBe(42);
  });
  it('may fail beside its work: a line in the log, and the server goes on', () => {
    const said = vi.spyOn(log, 'error').mockImplementation(() => undefined);
    // What Piscina does when a thread fails that has no question.
    threadOf(bundle('late', 'return n')).emit('error', new Error('late'));
    expect(said).toHaveBeenCalledWith({ err: 'late', bundle: 'late.mjs' }, 'a thread failed beside its work');
    said.mockRestore();
  });
  it('is done here when the thread fails, unless the content may be what it failed on', async () => {
    const failing = bundle('fails', 'throw new Error("no")');
    expect(await besideServer(failing, (n: number) => n * 2)(21)).toBe(42);
    await expect(besideServer(failing, (n: number) => n * 2, false)(21)).rejects.toThrow('no');
  });
});
