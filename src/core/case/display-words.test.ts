import { describe, expect, it } from 'vitest';
import { displayWord } from './display-words';
import { ROLES } from './evidence';

describe('words as people read them', () => {
  it('are one for each stored word, so that none stands for two', () => {
    const stored = [
      ...ROLES,
      'unsorted',
      'claimed',
      'checked',
      'proven',
      'held',
      'pass',
      'fail',
      'unsure',
      'void',
    ];
    const shown = stored.map(displayWord);
    expect(new Set(shown).size).toBe(stored.length);
  });

  it.each([
    ['knock-on', 'follow-on'],
    ['aside', 'unrelated'],
    ['leftover', 'old'],
    ['held', 'stayed fixed'],
    ['void', 'not valid'],
    ['chase', 'chase'],
    ['came back', 'came back'],
  ])('%s is shown as %s', (stored, shown) => expect(displayWord(stored)).toBe(shown));
});
