import { describe, expect, it } from 'vitest';
import type { CatalogueItem } from '@/core/case';
import { Catalogue, starterItems } from '@/core/cause';
import { practiceSuspects, type OddsWithReasons } from './practice-suspects';

const catalogue = new Catalogue(starterItems());
const [part, other] = starterItems().filter((i) => i.kind === 'part') as [CatalogueItem, CatalogueItem];
const failure = starterItems().find((i) => i.kind === 'failure')!;
const cause = (over: Partial<OddsWithReasons['causes'][number]>) => ({
  key: `${part.id}/${failure.id}`,
  name: `${part.name}, ${failure.name}`,
  share: 0.3,
  numbers: [],
  ruledOut: false,
  ...over,
});
const suggested = (
  causes: OddsWithReasons['causes'],
  listed: { partId: string | null; words: string }[] = [],
) => practiceSuspects({ causes, because: {} }, listed, catalogue);

describe('suspects that only general practice knows', () => {
  it('are named by their part and failure of the catalogue', () => {
    expect(suggested([cause({})])).toEqual([
      { origin: 'practice', partId: part.id, failureId: failure.id, words: '', why: 'general practice' },
    ]);
  });

  it('leave out what a similar case of the shop was, what is ruled out, and what is hardly likely', () => {
    expect(suggested([cause({ numbers: [12] })])).toEqual([]);
    expect(suggested([cause({ ruledOut: true })])).toEqual([]);
    expect(suggested([cause({ share: 0.079 })])).toEqual([]);
    expect(suggested([cause({ share: 0.08 })])).toHaveLength(1);
  });

  it('name a part once, the likeliest way it fails first', () => {
    const ways = [
      cause({ share: 0.4 }),
      cause({ key: `${part.id}/`, share: 0.2 }),
      cause({ key: `${other.id}/` }),
    ];
    expect(suggested(ways).map((s) => [s.partId, s.failureId])).toEqual([
      [part.id, failure.id],
      [other.id, null],
    ]);
  });

  it('pass over what is on the list, by its part or by its words', () => {
    expect(suggested([cause({})], [{ partId: part.id, words: '' }])).toEqual([]);
    const unknown = cause({ key: 'no-such-part/', name: 'cracked breather pipe' });
    expect(suggested([unknown], [{ partId: null, words: 'cracked breather pipe' }])).toEqual([]);
    expect(suggested([unknown])).toMatchObject([
      { partId: null, failureId: null, words: 'cracked breather pipe' },
    ]);
  });

  it('give the two signs that speak most, and none that hardly speaks', () => {
    const one = cause({});
    const because = {
      [one.key]: [
        { label: 'petrol', factor: 1.5 },
        { label: 'P0171', factor: 3 },
        { label: 'rough idle', factor: 2 },
        { label: 'whistles', factor: 8 },
      ],
    };
    expect(practiceSuspects({ causes: [one], because }, [], catalogue)[0]!.why).toBe(
      'general practice: whistles, P0171',
    );
    expect(
      practiceSuspects(
        { causes: [one], because: { [one.key]: [{ label: 'petrol', factor: 1.5 }] } },
        [],
        catalogue,
      )[0]!.why,
    ).toBe('general practice');
  });
});
