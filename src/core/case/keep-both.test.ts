import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { keepBoth } from './keep-both';
import { KIND_NAMES, KINDS, type Kind } from './kinds';

describe('keeping both versions of a field', () => {
  it.each<[Kind, string, unknown]>([
    ['case', 'said', { way: 'text', text: 'theirs\nmine' }],
    ['case', 'waitNote', { way: 'text', text: 'theirs / mine' }],
    ['test', 'note', { way: 'text', text: 'theirs\nmine' }],
    ['reading', 'entered', { way: 'row' }],
    ['reading', 'limit', undefined],
    ['vehicle', 'vin', undefined],
    ['case', 'odometer', undefined],
    ['case', 'leadId', undefined],
    ['case', 'waitsFor', undefined],
    ['repair', 'at', undefined],
    ['repair', 'nothing', undefined],
  ])('%s.%s', (kind, field, is) => expect(keepBoth(kind, field, 'theirs', 'mine')).toEqual(is));

  it('is not offered where one of them is empty, no text, or both are too much for the field', () => {
    expect(keepBoth('case', 'said', '', 'mine')).toBeUndefined();
    expect(keepBoth('case', 'said', 'theirs', null)).toBeUndefined();
    expect(keepBoth('case', 'waitNote', 'x'.repeat(300), 'y'.repeat(200))).toBeUndefined();
  });

  it('gives only what the row takes, for every field there is', () => {
    const at = fc
      .constantFrom(...KIND_NAMES)
      .chain((kind) => fc.tuple(fc.constant(kind), fc.constantFrom(...Object.keys(KINDS[kind].shape))));
    fc.assert(
      fc.property(at, fc.string(), fc.string(), ([kind, field], theirs, mine) => {
        const both = keepBoth(kind, field, theirs, mine);
        if (both?.way !== 'text') return;
        const shape = KINDS[kind].shape as Record<
          string,
          { safeParse: (x: unknown) => { success: boolean } }
        >;
        expect(shape[field]!.safeParse(both.text).success).toBe(true);
        expect(both.text).toContain(theirs);
        expect(both.text).toContain(mine);
      }),
    );
  });
});
