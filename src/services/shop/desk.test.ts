import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCasesByName } from '../cases/cases';
import { testShop } from '../testing/test-shop';
import { desk, MOST_OPEN } from './desk';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 60_000);
afterAll(() => end());

describe('the desk of a shop that closes nothing', () => {
  it('shows the newest open cases and says how many there are', async () => {
    const made: { id: string; number: number }[] = [];
    for (let i = 0; i < MOST_OPEN; i++) made.push(await createCase('lead'));
    expect(await desk()).toMatchObject({ openInAll: MOST_OPEN });
    for (let i = 0; i < 3; i++) made.push(await createCase('lead'));
    const { open, openInAll } = await desk();
    expect(openInAll).toBe(MOST_OPEN + 3);
    expect(open.map((c) => c.number).sort((a, b) => a - b)).toEqual(made.slice(3).map((c) => c.number));
    // An old one is still offered where it is the one worked on.
    const offered = async (also?: string) => (await openCasesByName(also)).map((c) => c.id);
    expect(await offered()).not.toContain(made[0]!.id);
    expect(await offered(made[0]!.id)).toContain(made[0]!.id);
    expect(await offered('no such case')).toHaveLength(MOST_OPEN);
  });
});
