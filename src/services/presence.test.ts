import { describe, expect, it } from 'vitest';
import { lookingToo } from './presence';

describe('who looks at a case', () => {
  it('is everybody who asked lately, but oneself', () => {
    expect(lookingToo('a', 'mara', 1000)).toEqual([]);
    expect(lookingToo('a', 'joon', 2000)).toEqual(['mara']);
    expect(lookingToo('a', 'mara', 3000)).toEqual(['joon']);
    expect(lookingToo('b', 'nils', 3000)).toEqual([]);
  });
  it('forgets who has left, and never counts nobody', () => {
    expect(lookingToo('c', 'mara', 1000)).toEqual([]);
    expect(lookingToo('c', '', 5000)).toEqual(['mara']);
    expect(lookingToo('c', 'joon', 16_001)).toEqual([]);
    expect(lookingToo('c', 'mara', 31_001)).toEqual(['joon']);
    expect(lookingToo('c', 'mara', 31_002)).toEqual([]);
  });
});
