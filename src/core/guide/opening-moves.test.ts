import { describe, expect, it } from 'vitest';
import { KINDS } from '@/core/case';
import { CODE_KINDS } from '@/core/codes';
import { readLimit } from '@/core/readings';
import { OPENING_MOVES } from './opening-moves';

describe('opening moves (common practice, no source)', () => {
  it.each(CODE_KINDS)('"%s" has a word of advice and moves whose limits can be read', (kind) => {
    const { says, moves } = OPENING_MOVES[kind];
    expect(says.length).toBeGreaterThan(30);
    expect(moves.length).toBeGreaterThan(0);
    for (const move of moves) {
      expect(move.question).toMatch(/\?$/);
      expect(move.minutes).toBeGreaterThan(0);
      for (const r of move.readings)
        expect(readLimit(r.limit ?? '').ok, `${move.question} ${r.limit}`).toBe(true);
      const fits = KINDS.test.safeParse({
        id: 't',
        caseId: 'k',
        at: '2026-01-01T00:00:00Z',
        question: move.question,
        setup: move.setup ?? '',
        caution: move.caution ?? '',
      });
      expect(fits.success).toBe(true);
    }
  });
});
