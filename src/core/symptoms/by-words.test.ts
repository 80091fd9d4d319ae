import { describe, expect, it } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { readQuery } from '@/core/similar';
import { readSentence, SHIPPED, symptomsByClause } from './index';

/** What no phrase says and all words together do: told of a complaint, asked of everything else. */

const told = (text: string) =>
  readSentence(text)
    .symptoms.filter((s) => s.byWords)
    .map((s) => s.id);

describe('a symptom by all words of a sentence', () => {
  it.each([
    ['every week 0.8 bar missing in the same tyre', 'tyre-pressure-loss'],
    ['something behind the fuse panel goes tack tack tack with ignition off', 'relay-chatter'],
  ])('%s: %s', (text, id) => {
    expect(told(text)).toEqual([id]);
  });
  it.each([
    ['asked for', 'please check the air pressure and the spare wheel'],
    ['asked for', 'please check tyre pressures and top up washer fluid'],
    ['asked about', 'customer would like a quote for the gearbox and the clutch'],
    ['said to be well', 'since the new alternator it charges again'],
    ['said to be well', 'wiper and washer of the rear window are fine'],
    ['no complaint', 'key is under the mat, registration in the glovebox'],
    ['denied', 'there was no green lake below the radiator after standing overnight'],
    ['denied', 'never any bar missing in the same tyre, every week looked at it'],
    ['too few words', 'alternator'],
  ])('none where it is %s: %s', (_, text) => {
    expect(told(text)).toEqual([]);
  });
  it('beside what a phrase says nothing is told by words alone', () => {
    const { symptoms } = readSentence('stalls at the lights, every week 0.8 bar missing in the same tyre');
    expect(symptoms.map((s) => [s.id, s.byWords])).toEqual([['stall', undefined]]);
  });
  it('clause by clause it is told of the whole, or not at all', () => {
    const of = (text: string) => symptomsByClause(SHIPPED, text).map((s) => s.id);
    expect(of('every week 0.8 bar missing in the same tyre')).toEqual(['tyre-pressure-loss']);
    expect(of('stalls at the lights, every week 0.8 bar missing in the same tyre')).toEqual(['stall']);
  });
  it('in a line of the search field it is a question', () => {
    const known = { makes: [], models: [], engines: [], vins: [] };
    const line = 'bar missing in the same tyre every week';
    expect(told(line)).toEqual(['tyre-pressure-loss']);
    const chips = readQuery(line, known, new Catalogue(starterItems()));
    expect(chips.filter((c) => c.kind === 'symptom').map((c) => [c.value, c.guess])).toEqual([
      ['tyre-pressure-loss', true],
    ]);
  });
});
