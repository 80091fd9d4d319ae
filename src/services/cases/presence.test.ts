import { describe, expect, it } from 'vitest';
import { lookingHere } from './presence';

describe('who looks at a case', () => {
  it('is everybody who asked lately, but oneself', () => {
    expect(lookingHere('a', 'mara', 1000)).toEqual([]);
    expect(lookingHere('a', 'joon', 2000)).toEqual(['mara']);
    expect(lookingHere('a', 'mara', 3000)).toEqual(['joon']);
    expect(lookingHere('b', 'nils', 3000)).toEqual([]);
  });
  it('forgets who has left, and never counts nobody', () => {
    expect(lookingHere('c', 'mara', 1000)).toEqual([]);
    expect(lookingHere('c', '', 5000)).toEqual(['mara']);
    expect(lookingHere('c', 'joon', 16_001)).toEqual([]);
    expect(lookingHere('c', 'mara', 31_001)).toEqual(['joon']);
    expect(lookingHere('c', 'mara', 31_002)).toEqual([]);
  });
});
