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
import { loadBulletins } from '../shop/bulletins';
import { changeCatalogue } from '../shop/catalogue';
import { changeKnownGood } from '../shop/known-good';
import { meaningKey, setMeaning } from '../guide/meanings';
import { changeProcedure } from '../shop/procedures';
import { shopName } from '../shop/shop';
import { changeWord } from '../find/words';

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

/** The lists as they stand here, read once and brought along with what is taken in. */
async function listsHere() {
  const [procedures, knownGood, catalogue, bulletins, words, meanings] = await Promise.all([
    listProcedures(db()),
    listKnownGood(db()),
    listCatalogue(db()),
    listBulletins(db()),
    listWords(db()),
    listMeanings(db()),
  ]);
  const byId = <T extends { id: string }>(rows: readonly T[]) => new Map(rows.map((r) => [r.id, r]));
  const names = catalogue.flatMap((i) => [i.name, ...i.synonyms].map((n) => entryKey(i.kind, n)));
  return {
    procedures: byId<object & { id: string; title: string }>(procedures),
    knownGood: byId<object & { id: string }>(knownGood),
    bulletins: byId<object & { id: string; title: string }>(bulletins),
    words: new Map(words.map((w) => [w.words.toLowerCase(), { of: w.of, concept: w.concept }])),
    meanings: new Map(Object.entries(meanings)),
    entries: new Set(names),
  };
}
type Lists = Awaited<ReturnType<typeof listsHere>>;
const entryKey = (kind: string, name: string): string => `${kind} ${name.toLowerCase()}`;

/**
 * Takes the lists of a shop file in. What is here already stays as it is; what says something else under the same id,
 * word or code is refused and said.
 *
 * @throws Problem where it is no shop file
 */
export async function takeShop(text: string, who: string): Promise<ShopTaken> {
  const taken: ShopTaken = { added: 0, unchanged: 0, leftOut: 0, refused: [] };
  const lines = text.replace(/^\uFEFF/, '').split('\n');
  if (!isShopFile(lines[0] ?? ''))
    throw new Problem(
      'This is no shop file: its first line does not say "vantle-shop/1". Case files are taken in by themselves.',
    );
  const here = await listsHere();
  for (const [i, one] of lines.entries()) {
    if (one.trim() === '') continue;
    try {
      const parsed = ShopLine.safeParse(JSON.parse(one));
      if (!parsed.success) {
        const [issue] = parsed.error.issues;
        throw new Problem(`${issue?.path.join('.') || 'the line'}: ${issue?.message}`);
      }
      const became = await takeLine(parsed.data, here, who);
      if (became) taken[became]++;
    } catch (e) {
      if (!(e instanceof Problem) && !(e instanceof SyntaxError)) throw e;
      taken.refused.push({ line: i + 1, reason: e instanceof Problem ? e.message : 'Not valid JSON.' });
    }
  }
  return taken;
}

function isShopFile(line: string): boolean {
  try {
    const first = ShopLine.safeParse(JSON.parse(line));
    return first.success && first.data.of === 'shop';
  } catch {
    return false;
  }
}

/**
 * Whether what is here says what was sent.
 *
 * @throws Problem where it says something else
 */
function sameAs(kept: object | undefined, sent: object, what: string, aside = ''): boolean {
  if (kept === undefined) return false;
  const of = kept as Record<string, unknown>;
  if (Object.entries(sent).every(([f, v]) => f === aside || sameValue(of[f], v))) return true;
  throw new Problem(
    `${what} is here already and says something else. It stays as it is; change it here by hand.`,
    'changed',
  );
}

async function takeLine(
  given: ShopLine,
  here: Lists,
  who: string,
): Promise<'added' | 'unchanged' | 'leftOut' | undefined> {
  switch (given.of) {
    case 'shop':
      return undefined;
    case 'person':
    case 'history':
      return 'leftOut';
    case 'procedure': {
      const { value } = given;
      if (sameAs(here.procedures.get(value.id), value, `The procedure “${value.title}”`, 'revision'))
        return 'unchanged';
      await changeProcedure({ do: 'save', procedure: value }, who);
      here.procedures.set(value.id, value);
      return 'added';
    }
    case 'known-good': {
      const { value } = given;
      if (sameAs(here.knownGood.get(value.id), value, `The known-good value “${value.label}”`))
        return 'unchanged';
      await changeKnownGood({ do: 'save', value }, who);
      here.knownGood.set(value.id, value);
      return 'added';
    }
    case 'catalogue':
      return takeEntry(given.value, here, who);
    case 'bulletin': {
      const { value } = given;
      if (sameAs(here.bulletins.get(value.id), value, `The bulletin “${value.title}”`)) return 'unchanged';
      const { yearFrom, yearTo, ...b } = value;
      const years = yearFrom || yearTo ? { years: [yearFrom, yearTo] } : {};
      await loadBulletins({ format: 'vantle-bulletins/1', bulletins: [{ ...b, ...years }] }, who);
      here.bulletins.set(value.id, value);
      return 'added';
    }
    case 'word': {
      const { of, words, concept } = given.value;
      const key = words.toLowerCase();
      if (sameAs(here.words.get(key), { of, concept }, `The word “${words}”`)) return 'unchanged';
      await changeWord({ do: 'teach', words, of, concept }, who);
      here.words.set(key, { of, concept });
      return 'added';
    }
    case 'meaning': {
      const { says } = given.value;
      const code = meaningKey(given.value.code);
      const kept = here.meanings.get(code);
      if (sameAs(kept === undefined ? undefined : { says: kept }, { says }, `The meaning of ${code}`))
        return 'unchanged';
      await setMeaning(given.value, who);
      here.meanings.set(code, says);
      return 'added';
    }
  }
}

/** An entry goes by its name: ids are a shop's own. One that was merged elsewhere stands as a synonym there. */
async function takeEntry(item: CatalogueItem, here: Lists, who: string): Promise<'added' | 'unchanged'> {
  const { kind, name, system, synonyms } = item;
  if (item.mergedInto !== null || here.entries.has(entryKey(kind, name))) return 'unchanged';
  const made = await changeCatalogue({ do: 'add', kind, name, system }, who);
  if (synonyms.length > 0) await changeCatalogue({ do: 'change', id: made.id, synonyms }, who);
  for (const n of [name, ...synonyms]) here.entries.add(entryKey(kind, n));
  return 'added';
}
