import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Catalogue } from './catalogue';
import { namedIn, wordsIn, writtenOut } from './parts-in-text';
import { starterItems } from './starter';

const list = new Catalogue(starterItems());
const parts = (text: string) => namedIn(wordsIn(text), list, 'part').map((n) => n.item.name);
const failures = (text: string) => namedIn(wordsIn(text), list, 'failure').map((n) => n.item.name);

/** English plural of a name by its last word, by the rules of spelling alone. */
function plural(name: string): string {
  if (/[^aeiou]y$/.test(name)) return `${name.slice(0, -1)}ies`;
  return /(?:[cs]h|x|ss)$/.test(name) ? `${name}es` : `${name}s`;
}

describe('parts that a text names', () => {
  it.each([
    ['fitted a new cam sensor', ['camshaft sensor']],
    ['MAF and O2 sensor unplugged', ['air-flow meter', 'oxygen sensor']],
    // Of names that overlap, the longest: no coolant, no temperature of its own.
    ['coolant temperature sensor reads −40', ['coolant temperature sensor']],
    ['fuel rail pressure sensor', ['fuel rail pressure sensor']],
    ['Wheel Bearing, front left', ['wheel bearing']],
    ['nothing of the sort', []],
    ['', []],
  ])('%s', (text, names) => {
    expect(parts(text)).toEqual(names);
  });
  it('each is found by its plural too', () => {
    const lost = starterItems()
      .filter((i) => i.kind === 'part' && !/s$|itself/.test(i.name))
      .filter((i) => !parts(`changed the ${plural(i.name)}`).includes(i.name))
      .map((i) => plural(i.name));
    expect(lost).toEqual([]);
  });
  it('each is found whatever stands around it, where it stands', () => {
    const items = starterItems().filter((i) => i.kind === 'part');
    fc.assert(
      fc.property(
        fc.constantFrom(...items),
        fc.array(fc.constantFrom('xx', 'qq', 'zz'), { maxLength: 4 }),
        fc.array(fc.constantFrom('xx', 'qq', 'zz'), { maxLength: 4 }),
        (item, before, after) => {
          const words = wordsIn([...before, item.name, ...after].join(' '));
          const [named] = namedIn(words, list, 'part');
          expect(named?.item.name).toBe(item.name);
          expect(named?.from).toBe(before.length);
          expect(named?.to).toBe(words.length - after.length);
        },
      ),
    );
  });
  it('a word ends where it stands in the text, accents do not matter', () => {
    expect(wordsIn('Öl-Filters 3')).toEqual([
      { word: 'ol', at: 0, end: 2 },
      { word: 'filter', at: 3, end: 10 },
      { word: '3', at: 11, end: 12 },
    ]);
    expect(writtenOut('Coolant temp sensors')).toBe('coolant temperature sensor');
  });
});

describe('failures that a text names', () => {
  it.each([
    ['the hose is split', ['cracked']],
    ['connector corroded and loose', ['corroded', 'loose']],
    ['no supply at the module', ['no supply']],
  ])('%s', (text, names) => {
    expect(failures(text)).toEqual(names);
  });
});
