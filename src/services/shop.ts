import { Problem } from '@/core/problem';
import { z } from 'zod';
import { Person } from '@/core/case';
import { findUnit, readEntry } from '@/core/readings';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { getSetting, listPeople, putSetting, upsertPerson, type PersonRow } from '@/store/shop';

/** The shop itself: its name and its people. */

const Distance = z
  .string()
  .trim()
  .max(40)
  .refine((text) => {
    const e = readEntry(text);
    return (
      e.kind === 'empty' ||
      (e.kind === 'quantity' && e.quantity.value > 0 && findUnit(e.quantity.unit)?.measures === 'length')
    );
  }, 'A distance is a number with km or mi, as in 1 000 km, or empty for any.');
const Days = z
  .number()
  .int('Whole days, please.')
  .min(1, 'At least one day.')
  .max(3650, 'At most ten years.');

/** When the shop asks whether a repair held, and within what the same trouble counts as come back. */
export const Periods = z.object({
  followUp: z.object({ days: Days, distance: Distance }),
  comeback: z.object({ days: Days, distance: Distance }),
});
export type Periods = z.infer<typeof Periods>;
const USUAL: Periods = {
  followUp: { days: 30, distance: '1 000 km' },
  comeback: { days: 180, distance: '10 000 km' },
};

export const ShopRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('periods'), periods: Periods }),
  z.object({ do: z.literal('name'), name: z.string().trim().min(1, 'Give the shop a name.').max(80) }),
  z.object({
    do: z.literal('person'),
    person: Person.extend({
      id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
      name: z.string().trim().min(1, 'A person needs a name.').max(80),
    }),
  }),
]);
export type ShopRequest = z.infer<typeof ShopRequest>;

/** The shop's name, for the desk and for printed pages. */
export async function shopName(): Promise<string> {
  return (await getSetting<string>(db(), 'shop.name')) ?? 'Our shop';
}

/** The shop's periods, or the usual ones. */
export async function periods(): Promise<Periods> {
  const kept = Periods.safeParse(await getSetting(db(), 'shop.periods'));
  return kept.success ? kept.data : USUAL;
}

/** Everybody who works or worked here. */
export async function everybody(): Promise<PersonRow[]> {
  return listPeople(db());
}

/** People who can be chosen as the one writing. */
export async function people(): Promise<PersonRow[]> {
  return (await everybody()).filter((p) => p.active);
}

/**
 * Renames the shop, or adds or changes a person. People are never removed, since their work stands
 * in the records; somebody who left is made inactive.
 *
 * @throws Error with a sentence when the last active person would go
 */
export async function changeShop(request: ShopRequest, who: string): Promise<void> {
  const at = new Date().toISOString();
  await write(async (tx) => {
    if (request.do === 'name') {
      const before = await getSetting<string>(tx, 'shop.name');
      await putSetting(tx, 'shop.name', request.name);
      await appendHistory(tx, {
        at,
        who,
        caseId: null,
        kind: 'shop',
        rowId: 'name',
        op: 'set',
        before: { name: before },
        after: { name: request.name },
      });
      return;
    }
    if (request.do === 'periods') {
      const before = (await getSetting<Periods>(tx, 'shop.periods')) ?? null;
      await putSetting(tx, 'shop.periods', request.periods);
      await appendHistory(tx, {
        at,
        who,
        caseId: null,
        kind: 'shop',
        rowId: 'periods',
        op: 'set',
        before,
        after: request.periods,
      });
      return;
    }
    const all = await listPeople(tx);
    const before = all.find((p) => p.id === request.person.id) ?? null;
    if (!request.person.active && !all.some((p) => p.active && p.id !== request.person.id)) {
      throw new Problem('Somebody has to be here: add another person first.');
    }
    await upsertPerson(tx, request.person);
    await appendHistory(tx, {
      at,
      who,
      caseId: null,
      kind: 'person',
      rowId: request.person.id,
      op: before ? 'set' : 'add',
      before,
      after: request.person,
    });
  });
}
