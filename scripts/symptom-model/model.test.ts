import { describe, expect, it } from 'vitest';
import { HELD_OUT, judgeSentence } from '../../bench/words';
import { NOTHING } from '@/core/symptoms/likelihood';
import { MODEL } from '@/core/symptoms/model';
import { SYMPTOM_NAMES } from '@/core/symptoms/names';
import { drawn, fit, type Example } from './fit';
import { fingerprintOf, textsToLearn } from './texts';

describe('the weights that ship', () => {
  it('were fitted to the vocabulary and the sentences as they are: else run `npm run symptoms`', () => {
    const { known, further } = textsToLearn();
    expect(MODEL.fittedTo).toBe(fingerprintOf([...known, ...further]));
    expect(MODEL.classes).toEqual([...SYMPTOM_NAMES.map((s) => s.id), NOTHING]);
  });

  it('have a sentence at least for every symptom', () => {
    const spoken = new Set(
      textsToLearn()
        .known.filter((t) => t.weight === 2)
        .map((t) => t.is),
    );
    expect(SYMPTOM_NAMES.filter((s) => !spoken.has(s.id))).toEqual([]);
  });

  it('learned from no sentence that is only for measuring', () => {
    const { known, further } = textsToLearn();
    const sentences = [...known, ...further].filter((t) => t.weight === 2);
    const learned = new Set(sentences.map((t) => t.text.toLowerCase()));
    const heldOut = HELD_OUT.flatMap((set) => set.sentences).map((s) => s.text);
    expect(heldOut.filter((text) => learned.has(text.toLowerCase()))).toEqual([]);
  });

  // Floors a little below what docs/bench.md reports of the sentences that nothing was mended for.
  it('read no less, and no more wrongly, than was reported', () => {
    const counts = HELD_OUT.flatMap((set) => set.sentences.map(judgeSentence));
    const sum = (of: (c: (typeof counts)[number]) => number) => counts.reduce((n, c) => n + of(c), 0);
    const meant = sum((c) => c.right + c.unread.length);
    const asked = sum((c) => c.unread.filter((u) => c.asked?.includes(u)).length);
    expect(sum((c) => c.wrong.length) / meant).toBeLessThan(0.05);
    expect((sum((c) => c.right) + asked) / meant).toBeGreaterThan(0.87);
  });
});

describe('fitting', () => {
  const example = (features: number[], is: number): Example => ({ features, is, weight: 1 });

  it('gives each class the root of how often it comes, where nothing tells them apart', () => {
    // Three of the first and one of the second, each weighed by one over the root: √3 to 1.
    const all = [0, 0, 0, 1].flatMap((is) => Array.from({ length: 200 }, () => example([0], is)));
    const { weights, bias } = fit(all, 1, 2);
    const z = weights[0]! + bias[0]! - weights[1]! - bias[1]!;
    expect(1 / (1 + Math.exp(-z))).toBeCloseTo(Math.sqrt(3) / (Math.sqrt(3) + 1), 1);
  });

  it('finds the feature that tells, and leaves one that does not at nothing', () => {
    const all = Array.from({ length: 400 }, (_, i) => example([i % 2, 2], i % 2));
    const { weights } = fit(all, 3, 2);
    expect(weights[0]! - weights[1]!).toBeGreaterThan(2);
    expect(weights[2]! - weights[3]!).toBeLessThan(-2);
    expect(Math.abs(weights[4]! - weights[5]!)).toBeLessThan(0.2);
  });

  it('draws the same numbers each time, evenly', () => {
    const draw = drawn(7);
    const many = Array.from({ length: 10_000 }, draw);
    const again = drawn(7);
    expect(many.slice(0, 5)).toEqual(Array.from({ length: 5 }, again));
    expect(many.reduce((a, b) => a + b, 0) / many.length).toBeCloseTo(0.5, 1);
    expect(Math.min(...many)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...many)).toBeLessThan(1);
  });
});
