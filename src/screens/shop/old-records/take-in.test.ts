import { afterEach, describe, expect, it, vi } from 'vitest';
import { MOST_CELL, MOST_RECORDS, TakeRecordsRequest } from '@/core/api/old-records';
import { piecesOf, takeIn, type Taken } from './take-in';

const settings = { columns: ['date' as const], dateOrder: null, odometerUnit: '' as const, makes: [] };
const jobs = (count: number, cell = 'x') =>
  Array.from({ length: count }, (_, row) => ({ row, cells: [cell] }));

/** A server that takes every job in, and notes what it was sent. */
function server(answer = (row: number): object => ({ row, state: 'created', number: row + 1 })) {
  const sent: TakeRecordsRequest[] = [];
  vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
    const body = TakeRecordsRequest.parse(JSON.parse(init.body as string));
    sent.push(body);
    return Promise.resolve(Response.json({ jobs: body.jobs.map((j) => answer(j.row)) }));
  });
  return sent;
}
afterEach(() => vi.unstubAllGlobals());

describe('taking a table in', () => {
  it('sends pieces that the server takes, every job once, and the heads with the first alone', async () => {
    const sent = server();
    const told: Taken[] = [];
    await takeIn(
      jobs(MOST_RECORDS + 3),
      settings,
      ['Date'],
      (t) => told.push(t),
      new AbortController().signal,
    );
    expect(sent.map((s) => s.jobs.length)).toEqual([MOST_RECORDS, 3]);
    expect(sent.map((s) => s.heads)).toEqual([['Date'], []]);
    expect(told.at(-1)).toMatchObject({ done: MOST_RECORDS + 3, created: MOST_RECORDS + 3, stopped: '' });
  });
  it('keeps pieces small in letters too', () => {
    const pieces = piecesOf(jobs(5, 'y'.repeat(400_000)));
    expect(pieces.map((p) => p.length)).toEqual([2, 2, 1]);
  });
  it('sets a job aside whose cell is too long, and takes the others', async () => {
    const sent = server();
    const told: Taken[] = [];
    const all = [...jobs(2), { row: 7, cells: ['z'.repeat(MOST_CELL + 1)] }];
    await takeIn(all, settings, [], (t) => told.push(t), new AbortController().signal);
    expect(sent.flatMap((s) => s.jobs.map((j) => j.row))).toEqual([0, 1]);
    expect(told.at(-1)).toMatchObject({ done: 3, created: 2, refused: [{ row: 7 }] });
  });
  it('stops between two pieces, and says what holds after a break', async () => {
    const stop = new AbortController();
    const sent = server();
    const told: Taken[] = [];
    await takeIn(
      jobs(2 * MOST_RECORDS),
      settings,
      [],
      (t) => {
        told.push(t);
        if (t.done > 0) stop.abort();
      },
      stop.signal,
    );
    expect(sent).toHaveLength(1);
    expect(told.at(-1)!.stopped).toContain('goes on from here');
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')));
    await takeIn(jobs(1), settings, [], (t) => told.push(t), new AbortController().signal);
    expect(told.at(-1)).toMatchObject({
      done: 0,
      stopped: expect.stringContaining('No connection') as string,
    });
  });
});
