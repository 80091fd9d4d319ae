import { spawnSync } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { readStored } from '@/store/files';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoCases } from '../../../demo/shop';
import { openCase } from '../cases/cases';
import { exportCase } from './export';
import { find } from '../find/find';
import { importStream, takeIn } from './import';
import { people } from '../shop/shop';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 30_000);
afterAll(() => end());

const file = (over: object = {}) => ({
  format: 'vantle-case/1',
  openedAt: '2026-05-01T08:00:00.000Z',
  vehicle: { make: 'Corvane' },
  ...over,
});
const stream = (text: string, at = 7) =>
  new ReadableStream<Uint8Array>({
    start(controller) {
      // In pieces that break lines and letters of several bytes.
      const bytes = new TextEncoder().encode(text);
      for (let i = 0; i < bytes.length; i += at) controller.enqueue(bytes.slice(i, i + at));
      controller.close();
    },
  });
const lines = (...files: object[]) => files.map((f, i) => ({ line: i + 1, text: JSON.stringify(f) }));

describe('taking files in', () => {
  it('reads a stream in any pieces, with blank lines, a byte-order mark and Windows line ends', async () => {
    const text = `\uFEFF${JSON.stringify(file({ id: 'wind', said: 'zischt über 80' }))}\r\n\r\n${JSON.stringify(file({ id: 'more' }))}\r\n`;
    expect(await importStream(stream(text), '')).toMatchObject({ created: 2, refused: [], lines: 3 });
    expect((await openCase('wind'))!.record.case.said).toBe('zischt über 80');
  });
  it('takes one file over many lines', async () => {
    const text = JSON.stringify(file({ id: 'pretty' }), null, 2);
    expect(await importStream(stream(text, 50), '')).toMatchObject({ created: 1, refused: [] });
  });
  it('gives a taken number anew and says so', async () => {
    const [a, b] = await takeIn(lines(file({ id: 'n1', number: 500 }), file({ id: 'n2', number: 500 })), '');
    expect(a).toMatchObject({ state: 'created', number: 500 });
    expect(b).toMatchObject({ state: 'created', renumbered: 500 });
    expect((b as { number: number }).number).not.toBe(500);
  });
  it('puts one vehicle under one id, over files that know it by VIN or by id', async () => {
    const vehicle = { vin: 'VC9TA16B5FK104417', make: 'Corvane' };
    await takeIn(lines(file({ id: 'v1', vehicle }), file({ id: 'v2', vehicle })), '');
    const ids = await Promise.all(['v1', 'v2'].map(async (id) => (await openCase(id))!.record.vehicle.id));
    expect(ids[0]).toBe(ids[1]);
  });
  it('refuses a case that is here and says something else, naming what, and leaves it as it is', async () => {
    const [one] = await takeIn(lines(file({ id: 'same', said: 'first' })), '');
    expect(one).toMatchObject({ state: 'created' });
    const [two] = await takeIn(lines(file({ id: 'same', said: 'second' })), '');
    expect(two).toMatchObject({
      state: 'refused',
      reason: expect.stringMatching(/something else \(said\)/) as string,
    });
    expect((await exportCase('same'))!.said).toBe('first');
  });
  it('keeps the rest when one of a batch cannot be kept', async () => {
    const taken = await takeIn(
      lines(
        file({ id: 'fine-1' }),
        file({ id: 'bad', tests: [{ at: '2026-01-01T00:00:00.000Z', question: 'x', repeatOf: 'nothing' }] }),
        file({ id: 'fine-2' }),
      ),
      '',
    );
    expect(taken.map((t) => t.state)).toEqual(['created', 'refused', 'created']);
    expect(await openCase('bad')).toBeUndefined();
  });
  it('marks parts it does not know as new, once for the whole file', async () => {
    const cause = { part: 'whatsit valve', failure: 'gone soft' };
    const [a, b] = await takeIn(
      lines(file({ id: 'w1', causes: [cause] }), file({ id: 'w2', causes: [cause] })),
      '',
    );
    expect(a).toMatchObject({ fresh: ['whatsit valve', 'gone soft'] });
    expect(b).toMatchObject({ fresh: [] });
  });
  it('keeps who did what, under people who do not work here', async () => {
    await takeIn(lines(file({ id: 'who', lead: 'Somebody Else' })), '');
    expect((await exportCase('who'))!.lead).toBe('Somebody Else');
    expect((await people()).map((p) => p.name)).not.toContain('Somebody Else');
  });
  it('lowers the grade of the earlier case when a comeback comes in, whatever the order of batches', async () => {
    const cases = demoCases(new Date('2026-06-01T08:00:00Z')).filter((c) => [5, 11].includes(c.number!));
    const taken = await takeIn(lines(...cases), '');
    expect(taken.map((t) => t.state)).toEqual(['created', 'created']);
    const earlier = (await find('#5')).cases[0]!;
    expect(earlier).toMatchObject({ grade: 'claimed', comebacks: [11] });
  });
  it('reads symptoms in plain words and codes as text like typed ones', async () => {
    await takeIn(
      lines(
        file({
          id: 'plain',
          symptoms: [{ words: 'conks out at the lights once warm' }],
          scans: [{ at: '2026-05-01T09:00:00.000Z', text: 'Engine\nP0335 stored' }],
        }),
      ),
      '',
    );
    const { record } = (await openCase('plain'))!;
    expect(record.symptom[0]).toMatchObject({
      concept: 'stall',
      conditions: expect.arrayContaining(['hot']) as string[],
    });
    expect(record.code.map((c) => c.code)).toEqual(['P0335']);
  });
  it('takes large files out of the stream, once each, and knows the same case again', async () => {
    const data = randomBytes(150_000);
    const sha256 = createHash('sha256').update(data).digest('hex');
    const files = [{ name: 'scope.bin', data: data.toString('base64'), sha256 }];
    const text = ['big1', 'big2'].map((id) => `${JSON.stringify(file({ id, files }))}\n`).join('');
    expect(await importStream(stream(text, 9001), '')).toMatchObject({ created: 2, refused: [] });
    for (const id of ['big1', 'big2'])
      expect((await openCase(id))!.record.attachment).toMatchObject([{ hash: sha256, bytes: data.length }]);
    expect((await readStored(sha256))!.equals(data)).toBe(true);
    expect(await importStream(stream(text, 70_001), '')).toMatchObject({ created: 0, unchanged: 2 });
    // Another content under the same checksum is damage.
    const spoilt = files.map((f) => ({ ...f, data: randomBytes(150_000).toString('base64') }));
    const damaged = `${JSON.stringify(file({ id: 'big3', files: spoilt }))}\n`;
    expect((await importStream(stream(damaged, 9001), '')).refused[0]!.reason).toContain('damaged');
  });
});

describe('several processes on one database', () => {
  it('find what another one took in', async () => {
    await find('anything');
    const given = JSON.stringify(file({ id: 'elsewhere', said: 'hoots like a tawny owl' }));
    const { stdout, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'src/services/exchange/test-take-in.ts', given],
      { encoding: 'utf8', env: process.env },
    );
    expect(stdout.trim() || stderr).toBe('created');
    expect((await find('tawny owl')).cases.map((c) => c.id)).toEqual(['elsewhere']);
  }, 30_000);
});
