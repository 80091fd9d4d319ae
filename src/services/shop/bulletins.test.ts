import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loadBulletins, loadShippedBulletins, removeBulletin, shelf } from './bulletins';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 30_000);
afterAll(() => end());

describe('the shelf of bulletins', () => {
  it('that ships is loaded once, and again in its own place', async () => {
    const first = await loadShippedBulletins('');
    expect(first.added).toBeGreaterThan(5);
    expect(await loadShippedBulletins('')).toEqual({ added: 0, replaced: first.added });
    expect(await shelf()).toHaveLength(first.added);
  });
  it('refuses a file with one broken bulletin, naming it, and keeps what it had', async () => {
    const before = await shelf();
    const file = {
      format: 'vantle-bulletins/1',
      bulletins: [
        { id: 'a', title: 'fine' },
        { id: 'b', title: '' },
      ],
    };
    await expect(loadBulletins(file, '')).rejects.toThrow(/bulletin 2.*title/);
    await expect(loadBulletins({ format: 'other' }, '')).rejects.toThrow(/Not a shelf/);
    expect(await shelf()).toEqual(before);
  });
  it('gives one up', async () => {
    const [one] = await shelf();
    await removeBulletin(one!.id, '');
    expect((await shelf()).map((b) => b.id)).not.toContain(one!.id);
  });
});
