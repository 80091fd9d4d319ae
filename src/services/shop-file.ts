import type { ShopTaken } from '@/core/api';
import { sameValue, type CatalogueItem } from '@/core/case';
import { ShopLine } from '@/core/exchange';
import { Problem } from '@/core/problem';
import { db } from '@/store/database';
import { listBulletins } from '@/store/bulletins';
import { listCatalogue } from '@/store/catalogue';
import { listKnownGood } from '@/store/known-good';
import { listProcedures } from '@/store/procedures';
import { caseNumbers, historyPage, listMeanings, listPeople } from '@/store/shop';
import { listWords } from '@/store/words';
import { loadBulletins } from './bulletins';
import { changeCatalogue } from './catalogue';
import { changeKnownGood } from './known-good';
import { setMeaning } from './meanings';
import { changeProcedure } from './procedures';
import { shopName } from './shop';
import { changeWord } from './words';

/** What the shop has beside its cases, given out as lines and taken in from them. */

const PAGE = 500;
const line = (value: ShopLine): string => `${JSON.stringify(value)}\n`;

/** All of it: lists, words, meanings, bulletins, people by name, and the whole history, a line each. */
export async function* exportShop(at = new Date()): AsyncGenerator<string> {
  yield line({ of: 'shop', format: 'vantle-shop/1', at: at.toISOString(), name: await shopName() });
  const lists: readonly (readonly [ShopLine['of'], readonly object[]])[] = [
    ['procedure', await listProcedures(db())],
    ['known-good', await listKnownGood(db())],
    ['catalogue', await listCatalogue(db())],
    ['bulletin', await listBulletins(db())],
    ['word', await listWords(db())],
    ['meaning', Object.entries(await listMeanings(db())).map(([code, says]) => ({ code, says }))],
    ['person', await listPeople(db())],
  ];
  // What does not fit its shape any more is given out all the same: nothing is kept back.
  for (const [of, rows] of lists)
    for (const value of rows) {
      const fits = ShopLine.safeParse({ of, value });
      yield line(fits.success ? fits.data : ({ of, value } as ShopLine));
    }
  const names = new Map((await listPeople(db())).map((p) => [p.id, p.name]));
  const numbers = await caseNumbers(db());
  for (let after = 0; ;) {
    const rows = await historyPage(db(), after, PAGE);
    for (const { caseId, who, ...h } of rows)
      yield line({
        of: 'history',
        value: {
          ...h,
          who: names.get(who) ?? who,
          case: caseId === null ? null : (numbers.get(caseId) ?? null),
        },
      });
    if (rows.length < PAGE) return;
    after = rows.at(-1)!.seq;
  }
}

/**
 * Takes the lists of a shop file in. What is here already stays as it is; what says something else under the same id,
 * word or code is refused and said.
 *
 * @throws Problem where it is no shop file
 */
export async function takeShop(text: string, who: string): Promise<ShopTaken> {
  const taken: ShopTaken = { added: 0, unchanged: 0, leftOut: 0, refused: [] };
  const lines = text.split('\n');
  if (!lines[0]?.includes('"vantle-shop/1"'))
    throw new Problem(
      'This is no shop file: its first line does not say "vantle-shop/1". Case files go in above.',
    );
  for (const [i, one] of lines.entries()) {
    if (one.trim() === '') continue;
    try {
      const parsed = ShopLine.safeParse(JSON.parse(one));
      if (!parsed.success) {
        const [issue] = parsed.error.issues;
        throw new Problem(`${issue?.path.join('.') || 'the line'}: ${issue?.message}`);
      }
      const became = await takeLine(parsed.data, who);
      if (became) taken[became]++;
    } catch (e) {
      if (!(e instanceof Problem) && !(e instanceof SyntaxError)) throw e;
      taken.refused.push({ line: i + 1, reason: e instanceof Problem ? e.message : 'Not valid JSON.' });
    }
  }
  return taken;
}

/** Whether one thing says in all its fields, some aside, what another does. */
function saysTheSame(kept: object, sent: object, aside: readonly string[] = []): boolean {
  const of = kept as Record<string, unknown>;
  return Object.entries(sent).every(([f, v]) => aside.includes(f) || sameValue(of[f], v));
}

const differs = (what: string) =>
  new Problem(
    `${what} is here already and says something else. It stays as it is; change it here by hand.`,
    'changed',
  );

async function takeLine(
  given: ShopLine,
  who: string,
): Promise<'added' | 'unchanged' | 'leftOut' | undefined> {
  switch (given.of) {
    case 'shop':
      return undefined;
    case 'person':
    case 'history':
      return 'leftOut';
    case 'procedure': {
      const here = (await listProcedures(db())).find((p) => p.id === given.value.id);
      if (here && !saysTheSame(here, given.value, ['revision']))
        throw differs(`The procedure “${here.title}”`);
      if (here) return 'unchanged';
      await changeProcedure({ do: 'save', procedure: given.value }, who);
      return 'added';
    }
    case 'known-good': {
      const { id, label } = given.value;
      const here = (await listKnownGood(db())).find((k) => k.id === id);
      if (here && !saysTheSame(here, given.value)) throw differs(`The known-good value “${label}”`);
      if (here) return 'unchanged';
      await changeKnownGood({ do: 'save', value: given.value }, who);
      return 'added';
    }
    case 'catalogue':
      return takeEntry(given.value, who);
    case 'bulletin': {
      const here = (await listBulletins(db())).find((b) => b.id === given.value.id);
      if (here && !saysTheSame(here, given.value)) throw differs(`The bulletin “${here.title}”`);
      if (here) return 'unchanged';
      const { yearFrom, yearTo, ...b } = given.value;
      const years = yearFrom || yearTo ? { years: [yearFrom, yearTo] } : {};
      await loadBulletins({ format: 'vantle-bulletins/1', bulletins: [{ ...b, ...years }] }, who);
      return 'added';
    }
    case 'word': {
      const { of, words, concept } = given.value;
      const here = (await listWords(db())).find((w) => w.words.toLowerCase() === words.toLowerCase());
      if (here && (here.of !== of || here.concept !== concept)) throw differs(`The word “${words}”`);
      if (here) return 'unchanged';
      await changeWord({ do: 'teach', words, of, concept }, who);
      return 'added';
    }
    case 'meaning': {
      const here = (await listMeanings(db()))[given.value.code];
      if (here !== undefined && here !== given.value.says)
        throw differs(`The meaning of ${given.value.code}`);
      if (here !== undefined) return 'unchanged';
      await setMeaning(given.value, who);
      return 'added';
    }
  }
}

/** An entry goes by its name: ids are a shop's own. One that was merged elsewhere stands as a synonym there. */
async function takeEntry(item: CatalogueItem, who: string): Promise<'added' | 'unchanged'> {
  if (item.mergedInto !== null) return 'unchanged';
  const name = item.name.toLowerCase();
  const all = await listCatalogue(db());
  const here = all.find(
    (i) => i.kind === item.kind && [i.name, ...i.synonyms].some((n) => n.toLowerCase() === name),
  );
  if (here) return 'unchanged';
  const made = await changeCatalogue(
    { do: 'add', kind: item.kind, name: item.name, system: item.system },
    who,
  );
  if (item.synonyms.length > 0)
    await changeCatalogue({ do: 'change', id: made.id, synonyms: item.synonyms }, who);
  return 'added';
}
