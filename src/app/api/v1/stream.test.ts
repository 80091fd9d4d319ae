import { describe, expect, it, vi } from 'vitest';
import { log } from '@/services/running/log';
import { streamOf } from './stream';

const textOf = async (stream: ReadableStream<Uint8Array>) => new Response(stream).text();

/** Works for some time without waiting for anything, as drawing up a case file does. */
function work(ms: number): void {
  for (const until = performance.now() + ms; performance.now() < until;);
}

describe('text made piece by piece', () => {
  it('comes whole and in order, empty pieces too', async () => {
    async function* pieces() {
      yield* ['', 'a', '', 'ä€', 'c'.repeat(200_000), ''];
    }
    expect(await textOf(streamOf(pieces()))).toBe(`aä€${'c'.repeat(200_000)}`);
  });
  it('nothing is an empty body', async () => {
    async function* pieces() {}
    expect(await textOf(streamOf(pieces()))).toBe('');
  });
  it('small pieces are handed on together', async () => {
    async function* pieces() {
      for (let i = 0; i < 5000; i++) yield 'line\n';
    }
    let chunks = 0;
    const reader = streamOf(pieces()).getReader();
    while (!(await reader.read()).done) chunks++;
    expect(chunks).toBeLessThan(50);
  });
  it('others get their turn while it is made without waiting for anything', async () => {
    let made = 0;
    async function* pieces() {
      for (; made < 60; made++) {
        work(5);
        yield 'x';
      }
    }
    const madeAtTurns: number[] = [];
    const others = setInterval(() => madeAtTurns.push(made), 1);
    await textOf(streamOf(pieces()));
    clearInterval(others);
    const between = madeAtTurns.filter((n) => n > 0 && n < 60);
    expect(new Set(between).size).toBeGreaterThan(5);
  });
  it('what breaks off is no whole file', async () => {
    async function* pieces() {
      yield 'a';
      throw new Error('gone');
    }
    await expect(textOf(streamOf(pieces()))).rejects.toThrow();
  });
  it('whoever stops listening ends the making', async () => {
    let ended = false;
    async function* pieces() {
      try {
        for (;;) yield 'x'.repeat(70_000);
      } finally {
        ended = true;
      }
    }
    const reader = streamOf(pieces()).getReader();
    await reader.read();
    await reader.cancel();
    expect(ended).toBe(true);
  });
  it('whoever leaves while a piece is under way has broken nothing off', async () => {
    const said = vi.spyOn(log, 'error');
    let ended = false;
    async function* pieces() {
      try {
        for (;;) {
          await new Promise((r) => setTimeout(r, 20));
          yield 'x';
        }
      } finally {
        ended = true;
      }
    }
    const reader = streamOf(pieces()).getReader();
    const read = reader.read();
    await new Promise((r) => setTimeout(r, 5));
    await reader.cancel();
    expect((await read).done).toBe(true);
    await vi.waitFor(() => expect(ended).toBe(true));
    await new Promise((r) => setTimeout(r, 30));
    expect(said).not.toHaveBeenCalled();
    said.mockRestore();
  });
});
