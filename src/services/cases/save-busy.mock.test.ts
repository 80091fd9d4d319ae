import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import type * as Database from '@/store/database';
import { createCase, openCase } from './cases';
import { applyChanges } from './save';
import { testShop } from '../testing/test-shop';

let failing: Error | undefined;
vi.mock('@/store/database', async (load) => {
  const there = await load<typeof Database>();
  return {
    ...there,
    writeOnCase: ((...args: Parameters<typeof there.writeOnCase>) =>
      failing ? Promise.reject(failing) : there.writeOnCase(...args)) as typeof there.writeOnCase,
  };
});

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

describe('a database that cannot take a write now', () => {
  it.each([
    ['SQLITE_BUSY', 'busy', /kept here and will be sent again/],
    ['SQLITE_BUSY_SNAPSHOT', 'busy', /kept here and will be sent again/],
    ['SQLITE_FULL', 'disk', /Free some space/],
    ['SQLITE_IOERR_WRITE', 'disk', /will be sent again/],
    ['SQLITE_CORRUPT', 'internal', /nobody expected/],
  ])(
    '%s is told as "%s", with the sentence beside it, and nothing is half written',
    async (sqlite, code, says) => {
      const { id } = await createCase('lead');
      // As the query builder hands it on: the database's own error is the cause.
      failing = new Error('Failed query: update cases', {
        cause: Object.assign(new Error('x'), { code: sqlite }),
      });
      const change = (said: string) => ({
        id: said,
        ops: [
          { op: 'set' as const, kind: 'case' as const, id, revision: 1, set: { said }, was: { said: '' } },
        ],
      });
      const results = await applyChanges(id, [change('one'), change('two')], 'lead');
      failing = undefined;
      expect(results).toMatchObject([
        { ok: false, code, error: expect.stringMatching(says) as string },
        { ok: false, code },
      ]);
      expect((await openCase(id))!.record.case.said).toBe('');
      expect(await applyChanges(id, [change('one')], 'lead')).toMatchObject([{ ok: true }]);
    },
  );
});
