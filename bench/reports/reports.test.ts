import { describe, expect, it } from 'vitest';
import { LAYOUTS, printReport } from './index';
import { measureReports, shares } from './measure';

/** On seeds that nobody looked at while the reader was mended. */
const SEEDS = { from: 101, count: 8 };

describe('scan reports whose truth is known', () => {
  it('come in at least forty layouts, each of them told from its own truth', () => {
    expect(LAYOUTS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(LAYOUTS.map((l) => l.name)).size).toBe(LAYOUTS.length);
    for (const layout of LAYOUTS) {
      const { text, truth } = printReport(layout, 7, false);
      const bare = (s: string) => s.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
      for (const c of truth.codes) expect(bare(text), layout.name).toContain(bare(c.code));
    }
  });
  it('are read as they are: 99 % right and at most 0.5 % wrong', () => {
    for (const { right, wrong } of Object.values(shares(measureReports(LAYOUTS, SEEDS, false)))) {
      expect(right).toBeGreaterThanOrEqual(0.99);
      expect(wrong).toBeLessThanOrEqual(0.005);
    }
  });
  it('are read after copying, wrapping and misreading: 95 % right and at most 0.5 % wrong', () => {
    for (const { right, wrong } of Object.values(shares(measureReports(LAYOUTS, SEEDS, true)))) {
      expect(right).toBeGreaterThanOrEqual(0.95);
      expect(wrong).toBeLessThanOrEqual(0.005);
    }
  });
});
