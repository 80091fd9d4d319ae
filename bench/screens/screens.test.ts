import { describe, expect, it } from 'vitest';
import { measureScreens } from './measure';

describe('photos of screens', () => {
  // One of thirty: reading a picture takes ten seconds; `npm run bench -- screens` reads them all.
  it('are read by the codes on them, and nothing is said for sure that is not there', async () => {
    const s = await measureScreens(300, 1);
    expect(s.right / s.codes).toBeGreaterThanOrEqual(0.85);
    expect(s.wrong).toBe(0);
  }, 180_000);
});
