import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { z } from 'zod';
import { db, write } from '@/store/database';
import { getSetting, putSetting } from '@/store/shop';
import { keptList } from './kept-list';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

describe('what a shop taught, under one setting', () => {
  const list = keptList(
    'test.list',
    z.object({ of: z.string(), says: z.string() }),
    (e) => e.of,
    'testList',
    2,
  );
  it('has one entry a key, the newest first, and lets the oldest go', async () => {
    await list.keep({ of: 'a', says: '1' }, '');
    await list.keep({ of: 'b', says: '2' }, '');
    await list.keep({ of: 'a', says: '3' }, '');
    expect(await list.all()).toEqual([
      { of: 'a', says: '3' },
      { of: 'b', says: '2' },
    ]);
    await list.keep({ of: 'c', says: '4' }, '');
    expect((await list.all()).map((e) => e.of)).toEqual(['c', 'a']);
    expect(await list.of('a')).toEqual({ of: 'a', says: '3' });
    expect(await list.of('')).toBeUndefined();
    await list.forget('a', '');
    expect(await list.of('a')).toBeUndefined();
  });
  it('takes what does not fit its shape for nothing, and goes on', async () => {
    await write((tx) => putSetting(tx, 'test.list', [{ of: 7 }, 'x']));
    expect(await list.all()).toEqual([]);
    await list.keep({ of: 'd', says: '5' }, '');
    expect(await getSetting(db(), 'test.list')).toEqual([{ of: 'd', says: '5' }]);
  });
});
