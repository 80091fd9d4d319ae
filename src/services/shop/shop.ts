import { Problem } from '@/core/problem';
import { z } from 'zod';
import { Person } from '@/core/case';
import { Money } from '@/core/money';
import { findUnit, readEntry } from '@/core/readings';
import { REGION_IDS, regionOf, type Region } from '@/core/region';
import { endSessions } from '@/store/access';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { getSetting, listPeople, putSetting, upsertPerson, type PersonRow } from '@/store/shop';

/** The shop itself: its name, how it writes numbers, and its people. */

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
const usualPeriods = (miles: boolean): Periods => ({
  followUp: { days: 30, distance: miles ? '600 mi' : '1 000 km' },
  comeback: { days: 180, distance: miles ? '6,000 mi' : '10 000 km' },
});

/** Days after which a customer who was not reached is asked again. */
export const CallAgain = z.number().int('Whole days, please.').min(1, 'At least one day.').max(365);
const USUAL_CALL_AGAIN = 3;
const USUAL_CURRENCY = 'EUR';

/** The decimal sign this shop writes; empty: not said, then a number that can be read in two ways is asked. */
export const DecimalSign = z.enum(['', '.', ',']);
export type DecimalSign = z.infer<typeof DecimalSign>;

export const RegionSetting = z.enum(REGION_IDS);

export const ShopRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('region'), region: RegionSetting }),
  z.object({ do: z.literal('numbers'), decimalSign: DecimalSign }),
  z.object({ do: z.literal('periods'), periods: Periods }),
  z.object({ do: z.literal('money'), money: Money }),
  z.object({ do: z.literal('call again'), days: CallAgain }),
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

/** Where the shop is, or undefined where it never said: then no unit is added to what is typed without one. */
export async function region(): Promise<Region | undefined> {
  const kept = RegionSetting.safeParse(await getSetting(db(), 'shop.region'));
  return kept.success ? regionOf(kept.data) : undefined;
}

/** The shop's periods, or the usual ones. */
export async function periods(): Promise<Periods> {
  // Asked together: a database server is far away.
  const [said, here] = await Promise.all([getSetting(db(), 'shop.periods'), region()]);
  const kept = Periods.safeParse(said);
  return kept.success ? kept.data : usualPeriods(here?.distance === 'mi');
}

/** The shop's currency and rate for an hour; none set: the region's, and hours are not priced. */
export async function money(): Promise<Money> {
  const [said, here] = await Promise.all([getSetting(db(), 'shop.money'), region()]);
  const kept = Money.safeParse(said);
  return kept.success ? kept.data : { currency: here?.currency || USUAL_CURRENCY, hourRate: null };
}

/** Days after which a customer who was not reached is asked again. */
export async function callAgain(): Promise<number> {
  const kept = CallAgain.safeParse(await getSetting(db(), 'shop.callAgain'));
  return kept.success ? kept.data : USUAL_CALL_AGAIN;
}

/** The decimal sign the shop writes; where it never said, its region's, and empty where that does not tell. */
export async function decimalSign(): Promise<DecimalSign> {
  const [said, here] = await Promise.all([getSetting(db(), 'shop.decimalSign'), region()]);
  const kept = DecimalSign.safeParse(said);
  return kept.success ? kept.data : (here?.decimalSign ?? '');
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
 * Changes a setting of the shop, or adds or changes a person. People are never removed, since their work stands
 * in the records; somebody who left is made inactive.
 *
 * @throws Error with a sentence when the last active person would go
 */
export async function changeShop(request: ShopRequest, who: string): Promise<void> {
  const at = new Date().toISOString();
  await write(async (tx) => {
    if (request.do !== 'person') {
      const [rowId, key, value] = settingOf(request);
      const before = (await getSetting<unknown>(tx, key)) ?? null;
      await putSetting(tx, key, value);
      await appendHistory(tx, {
        at,
        who,
        caseId: null,
        kind: 'shop',
        rowId,
        op: 'set',
        before: asRecord(rowId, before),
        after: asRecord(rowId, value),
      });
      return;
    }
    const all = await listPeople(tx);
    const before = all.find((p) => p.id === request.person.id) ?? null;
    if (!request.person.active && !all.some((p) => p.active && p.id !== request.person.id)) {
      throw new Problem('Somebody has to be here: add another person first.');
    }
    const leads = all.filter((p) => p.active && p.role === 'lead' && p.id !== request.person.id);
    const isLead = request.person.active && request.person.role === 'lead';
    if (before?.role === 'lead' && !isLead && leads.length === 0)
      throw new Problem('The shop needs a lead: make somebody else one first.');
    await upsertPerson(tx, request.person);
    // Whoever left, or may do less now, is signed out everywhere.
    if (before && (!request.person.active || before.role !== request.person.role))
      await endSessions(tx, { userId: request.person.id });
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

type Setting = Exclude<ShopRequest, { do: 'person' }>;

/** Name in the history, key and value of a setting. */
function settingOf(request: Setting): [rowId: string, key: string, value: unknown] {
  switch (request.do) {
    case 'name':
      return ['name', 'shop.name', request.name];
    case 'periods':
      return ['periods', 'shop.periods', request.periods];
    case 'money':
      return ['money', 'shop.money', request.money];
    case 'call again':
      return ['callAgain', 'shop.callAgain', request.days];
    case 'region':
      return ['region', 'shop.region', request.region];
    case 'numbers':
      return ['decimalSign', 'shop.decimalSign', request.decimalSign];
  }
}

/** History keeps rows, not bare words. */
const asRecord = (name: string, value: unknown): Record<string, unknown> | null =>
  value === null || typeof value === 'object' ? (value as Record<string, unknown> | null) : { [name]: value };
