import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ShopLine, shopFileSchema } from '@/core/exchange';
import { DEMO_KNOWN_GOOD } from '../../../demo/known-good';
import { DEMO_PROCEDURES } from '../../../demo/procedures';
import { loadShippedBulletins } from '../shop/bulletins';
import { createCase } from '../cases/cases';
import { changeCatalogue } from '../shop/catalogue';
import { changeKnownGood } from '../shop/known-good';
import { setMeaning } from '../guide/meanings';
import { changeProcedure } from '../shop/procedures';
import { exportShop, takeShop } from './shop-file';
import { setOn, testShop } from '../testing/test-shop';
import { changeWord } from '../find/words';

let end: () => Promise<void>;
afterAll(() => end());
const exported = async () => {
  let text = '';
  for await (const piece of exportShop()) text += piece;
  return text;
};
const linesOf = (text: string, ...kinds: string[]) =>
  text
    .split('\n')
    .filter(Boolean)
    .map((l) => ShopLine.parse(JSON.parse(l)))
    .filter((l) => kinds.includes(l.of));
const LISTS = ['procedure', 'known-good', 'bulletin', 'meaning'];

let text: string;
beforeAll(async () => {
  end = await testShop();
  for (const procedure of DEMO_PROCEDURES) await changeProcedure({ do: 'save', procedure }, 'lead');
  for (const value of DEMO_KNOWN_GOOD) await changeKnownGood({ do: 'save', value }, 'lead');
  await loadShippedBulletins('lead');
  await changeWord({ do: 'teach', words: 'chugs along', of: 'symptom', concept: 'jerking' }, 'lead');
  await setMeaning({ code: 'P1234', says: 'tank flap not closed' }, 'lead');
  const { id } = await changeCatalogue({ do: 'add', kind: 'part', name: 'flap spindle', system: '' }, 'lead');
  await changeCatalogue({ do: 'change', id, synonyms: ['flap axle'] }, 'lead');
  const made = await createCase('lead');
  await setOn(made.id, 'case', { said: 'Chugs along.' });
  text = await exported();
}, 60_000);

describe('what a shop has beside its cases', () => {
  it('goes out as lines of the documented shape, the history with the number of its case', () => {
    const all = text.split('\n').filter(Boolean);
    expect(all.map((l) => ShopLine.safeParse(JSON.parse(l)).success)).not.toContain(false);
    expect(linesOf(text, 'procedure')).toHaveLength(DEMO_PROCEDURES.length);
    expect(linesOf(text, 'word')).toHaveLength(1);
    const history = linesOf(text, 'history').map(
      (l) => (l as { value: unknown }).value as { case: number | null; after: unknown },
    );
    expect(history.some((h) => h.case === 1 && JSON.stringify(h.after).includes('Chugs along.'))).toBe(true);
    expect(JSON.parse(readFileSync('docs/formats/shop-line.schema.json', 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(shopFileSchema())),
    );
  });

  it('taken in where it came from adds nothing', async () => {
    const taken = await takeShop(text, 'lead');
    expect(taken).toMatchObject({ added: 0, refused: [] });
    expect(taken.leftOut).toBe(linesOf(text, 'history', 'person').length);
    expect(linesOf(await exported(), ...LISTS, 'word', 'catalogue')).toEqual(
      linesOf(text, ...LISTS, 'word', 'catalogue'),
    );
  });

  it('that says something else under the same name is refused line by line, and the rest goes in', async () => {
    const procedure = DEMO_PROCEDURES[0]!;
    const given = [
      { of: 'shop', format: 'vantle-shop/1', at: '2026-11-01T08:00:00Z', name: 'Elsewhere' },
      { of: 'procedure', value: { ...procedure, title: 'Another one' } },
      { of: 'known-good', value: { ...DEMO_KNOWN_GOOD[0]!, entered: '99 bar' } },
      { of: 'word', value: { of: 'symptom', words: 'Chugs along', concept: 'stall' } },
      { of: 'meaning', value: { code: 'P1234', says: 'something else' } },
      // The same code, written in another way, is no way round.
      { of: 'meaning', value: { code: ' p 1234 ', says: 'something else' } },
      { of: 'meaning', value: { code: 'P1235', says: 'tank flap stays open' } },
      { of: 'nonsense' },
    ];
    const taken = await takeShop(`${given.map((g) => JSON.stringify(g)).join('\n')}\n{`, 'lead');
    expect(taken.added).toBe(1);
    expect(taken.refused.map((r) => r.line)).toEqual([2, 3, 4, 5, 6, 8, 9]);
    expect(taken.refused[0]!.reason).toContain('stays as it is');
    for (const none of ['{"format":"vantle-case/1"}', '', 'vantle-shop/1', '{"of":"word"}'])
      await expect(takeShop(none, 'lead')).rejects.toThrow('no shop file');
  });

  it('makes another shop have the same lists', async () => {
    await end();
    end = await testShop();
    const taken = await takeShop(text, 'lead');
    expect(taken.refused).toEqual([]);
    const now = await exported();
    expect(linesOf(now, ...LISTS)).toEqual(linesOf(text, ...LISTS));
    const entries = linesOf(now, 'catalogue').map(
      (l) => (l as { value: unknown }).value as { name: string; synonyms: string[] },
    );
    expect(entries.find((e) => e.name === 'flap spindle')?.synonyms).toEqual(['flap axle']);
  });
});
