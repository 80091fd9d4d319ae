import { describe, expect, it } from 'vitest';
import { MOST, refusalOf } from './upload-queue';

describe('a file that cannot be taken', () => {
  it('is one that is too large, and no other', () => {
    const large = { size: MOST + 1 } as unknown as Blob;
    expect(refusalOf('film.mp4', large)).toMatch(/larger than 50 MB/);
    expect(refusalOf('film.mp4', { size: MOST } as unknown as Blob)).toBe('');
    expect(refusalOf('a.txt', new Blob(['x']))).toBe('');
    expect(refusalOf('empty', new Blob([]))).toBe('');
  });
});
