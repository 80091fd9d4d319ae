import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { featuresOf, likelyIn, NOTHING, piecesOf, sharesOf } from './likelihood';
import { MODEL } from './model';
import { canonical, tokens } from './words';

const plain = (text: string) =>
  text
    .split(',')
    .map((clause) => canonical(tokens(clause).map((t) => t.token)).join(' '))
    .join(' | ')
    .split(' ');
const shareOf = (text: string, id: string) => likelyIn(plain(text))[0]?.shares.get(id) ?? 0;

describe('pieces of a sentence', () => {
  it.each([
    [['stall'], [[0, 1]]],
    [
      ['stall', '|', 'whistl', 'loud'],
      [
        [0, 4],
        [0, 1],
        [2, 4],
      ],
    ],
    [
      ['pull', 'left', 'but', 'brak', 'well'],
      [
        [0, 5],
        [0, 2],
        [3, 5],
      ],
    ],
    [
      ['a', '|', '|', 'b'],
      [
        [0, 4],
        [0, 1],
        [3, 4],
      ],
    ],
    [['but'], [[0, 1]]],
  ])('%j', (sentence, pieces) => expect(piecesOf(sentence).map((p) => [p.from, p.to])).toEqual(pieces));

  it('lie within the sentence, and hold each word of it', () => {
    const token = fc.constantFrom('stall', 'but', '|', '', 'and', 'smok', 'sinc', 'not');
    fc.assert(
      fc.property(fc.array(token, { minLength: 1, maxLength: 30 }), (sentence) => {
        const pieces = piecesOf(sentence);
        expect(pieces[0]).toEqual({ from: 0, to: sentence.length });
        for (const p of pieces) {
          expect(p.from).toBeGreaterThanOrEqual(0);
          expect(p.to).toBeLessThanOrEqual(sentence.length);
          expect(p.to).toBeGreaterThan(p.from);
        }
      }),
    );
  });
});

describe('shares', () => {
  it('are words and pairs of neighbours, each once', () =>
    expect(featuresOf(['rough', '', 'idle', '|', 'rough', 'idle'])).toEqual([
      'rough',
      'idle',
      'rough idle',
      'idle rough',
    ]));

  it('are together one, and none where no word is known', () => {
    const shares = sharesOf(plain('it smokes black'));
    expect(shares?.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    expect(shares).toHaveLength(MODEL.classes.length);
    expect(sharesOf(['qqjjzz', 'xxvvkk'])).toBeUndefined();
  });

  // Sentences of which none stands among those learned from.
  it.each([
    ['after the wash it shakes when I wait at the lights', 'rough-idle', 'drive-vibration'],
    ['the steering wheel shakes at eighty on the highway', 'drive-vibration', 'rough-idle'],
    ['I can smell petrol all through the garage at night', 'fuel-smell', 'fuel-leak'],
    ['it takes a litre of oil every month', 'oil-use', 'oil-leak'],
  ])('%s: rather %s than %s', (text, rather, than) => {
    expect(shareOf(text, rather)).toBeGreaterThan(shareOf(text, than));
    expect(shareOf(text, rather)).toBeGreaterThan(0.2);
  });

  it.each([
    'please keep the old parts for the customer',
    'my brother bought it from a farmer',
    'all fluids ok, road tested',
  ])('tell what is no complaint: %s', (text) => {
    const [whole] = likelyIn(plain(text));
    const [first] = [...whole!.shares].sort((a, b) => b[1] - a[1]);
    expect(first?.[0]).toBe(NOTHING);
  });
});
