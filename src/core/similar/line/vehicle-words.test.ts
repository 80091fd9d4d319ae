import { describe, expect, test } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { CaseIndex } from '../case-index';
import { readQuery } from '../query';
import { rank } from '../search';
import { criteriaOf } from '../criteria';

const catalogue = new Catalogue(starterItems());
const known = { makes: [], models: [], engines: [], vins: [] };
const chipsOf = (line: string) =>
  readQuery(line, known, catalogue)
    .filter((c) => c.kind === 'fuel' || c.kind === 'kind of vehicle')
    .map((c) => c.value);
const parts = (line: string) => {
  const { fit } = rank(new CaseIndex(), criteriaOf(readQuery(line, known, catalogue)), catalogue);
  return [...fit.shares]
    .filter(([, s]) => s.share > 0.01)
    .map(([key]) => key.split('/')[0]!.replace('p-', ''));
};

describe('fuel and kind of vehicle in a line', () => {
  test.each([
    ['P0299 diesel no power', ['diesel']],
    ['gasoline, P0171', ['petrol']],
    ['2019 electric no power', ['electric']],
    ['motorbike battery drain', ['motorcycle']],
    ['diesel truck no power', ['diesel', 'truck']],
    ['can bus terminating resistor', []],
    ['data bus down', []],
    ['bus off module', []],
    ['city bus no start', ['bus']],
    ['smells of diesel', []],
    ['electric window dead', []],
    ['diesel pump noisy', []],
    ['gas smell', []],
    ['2016 gas stalls', ['petrol']],
    ['gas pedal dead', []],
    ['can bus open', []],
    ['electric water pump', []],
    ['constructor toString', []],
  ])('%s: %j', (line, values) => {
    expect(chipsOf(line)).toEqual(values);
  });
  test('keep what cannot be on such a vehicle out of what it may be', () => {
    expect(parts('hard to start, cold start, diesel')).toContain('glow-plug');
    expect(parts('hard to start, cold start, petrol')).not.toContain('glow-plug');
    expect(parts('lack of power, electric')).not.toContain('turbocharger');
    expect(parts('battery goes flat, motorcycle')).toContain('stator');
  });
});
