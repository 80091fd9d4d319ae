import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { linesOf, someLines } from './lines';

/** A stream of a text in pieces of some bytes each, as a network gives it. */
function stream(text: string, piece = 7): ReadableStream<Uint8Array> {
  const bytes = new TextEncoder().encode(text);
  let at = 0;
  return new ReadableStream({
    pull(controller) {
      if (at >= bytes.length) return controller.close();
      controller.enqueue(bytes.slice(at, (at += piece)));
    },
  });
}
const all = async (text: string, piece?: number, longest?: number) => {
  const lines: [number, string | undefined][] = [];
  for await (const { line, text: t } of linesOf(stream(text, piece), longest)) lines.push([line, t]);
  return lines;
};

describe('lines of a stream', () => {
  it('are the same however the bytes come, letters of several bytes and a mark of the order of bytes included', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.string({ unit: 'grapheme', maxLength: 12 }).map((s) => s.replace(/[\r\n\u2028\uFEFF]/g, '')),
          {
            maxLength: 8,
          },
        ),
        fc.integer({ min: 1, max: 9 }),
        async (lines, piece) => {
          fc.pre(!/^\s*\{\s*$/.test(lines[0] ?? ''));
          const text = `\uFEFF${lines.map((l) => `${l}\n`).join('')}`;
          expect(await all(text, piece)).toEqual(lines.map((l, i) => [i + 1, l]));
        },
      ),
    );
  });
  it('of one value over many lines are one, and the last needs no end', async () => {
    expect(await all('{\n "a": 1\n}')).toEqual([[1, '{\n "a": 1\n}']]);
    expect(await all('{"a":1}\n{"b":2}')).toEqual([
      [1, '{"a":1}'],
      [2, '{"b":2}'],
    ]);
  });
  it('that are too long have no text, and the others keep theirs', async () => {
    expect(await all('short\nmuch too long\nshort\n', 5, 8)).toEqual([
      [1, 'short'],
      [2, undefined],
      [3, 'short'],
    ]);
  });
  it('take time that grows with their length, also where one line is all there is', async () => {
    const seconds = async (bytes: number) => {
      const text = 'x'.repeat(bytes);
      // Of the processor, not of the clock: other work on the machine must not count.
      const from = process.cpuUsage();
      await all(text, 2048);
      const { user, system } = process.cpuUsage(from);
      return user + system;
    };
    // Four times the text: sixteen times the time, however often, where each piece is looked through again.
    let grown = Infinity;
    for (let again = 0; again < 5 && grown >= 8; again++)
      grown = Math.min(grown, (await seconds(1 << 23)) / Math.max(1000, await seconds(1 << 21)));
    expect(grown).toBeLessThan(8);
  });
  it('are found by their place', async () => {
    expect(await someLines(stream('a\nb\nc\nd\n'), [2, 4, 9])).toEqual(
      new Map([
        [2, 'b'],
        [4, 'd'],
      ]),
    );
    expect(await someLines(stream('a\n'), [])).toEqual(new Map());
  });
});
