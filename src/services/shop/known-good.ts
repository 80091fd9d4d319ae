import { Problem } from '@/core/problem';
import { z } from 'zod';
import { KnownGood, sameValue, type CaseRecord, type Vehicle } from '@/core/case';
import { liveName, momentOf } from '@/core/codes';
import { knownGoodFor, readEntry, type KnownOffer, type KnownValue } from '@/core/readings';
import { db, write } from '@/store/database';
import {
  deleteKnownGood,
  listKnownGood,
  liveAfterRepair,
  readingsAfterRepair,
  upsertKnownGood,
} from '@/store/known-good';
import { appendHistory, loadCase } from '@/store/rows';

/** Grades of proof that make the readings after a repair known-good. */
const PROVEN = ['proven', 'held'];

export const KnownGoodRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('save'), value: KnownGood }),
  z.object({ do: z.literal('remove'), id: z.string().min(1).max(40) }),
]);
export type KnownGoodRequest = z.infer<typeof KnownGoodRequest>;

/** All values: those taken on purpose and those from proven repairs, for one vehicle or for all. */
export async function knownValues(
  vehicle?: Pick<Vehicle, 'make' | 'engine'>,
): Promise<(KnownValue & { id?: string })[]> {
  const [taken, repaired] = await Promise.all([
    listKnownGood(db()),
    readingsAfterRepair(db(), vehicle, PROVEN),
  ]);
  const purpose = taken.map((k) => ({
    id: k.id,
    label: k.label,
    entered: k.entered,
    conditions: k.conditions,
    from: k.note ? `taken on purpose: ${k.note}` : 'taken on purpose',
    vehicle: {
      id: `known-${k.id}`,
      vin: '',
      kind: '' as const,
      make: k.make,
      model: k.model,
      engine: k.engine,
      fuel: '',
      year: k.year,
    },
  }));
  const proven = repaired.map((r) => ({
    label: r.reading.label,
    entered: r.reading.entered,
    question: r.question,
    conditions: r.conditions,
    from: `case ${r.number}`,
    caseId: r.caseId,
    vehicle: r.vehicle as unknown as KnownValue['vehicle'],
  }));
  return [...purpose, ...proven];
}

/**
 * Offers for every reading of a case that has no limit.
 *
 * @returns by reading id; readings without any offer are left out
 */
export async function knownGoodOffers(caseId: string): Promise<Record<string, KnownOffer[]>> {
  const record = await loadCase(db(), caseId);
  if (!record) return {};
  const bare = record.reading.filter((r) => r.limit === '' && r.label !== '');
  const live = record.live.filter((l) => l.limit === '' && l.name !== '');
  if (bare.length + live.length === 0 || (record.vehicle.make === '' && record.vehicle.engine === ''))
    return {};
  const values = (await knownValues(record.vehicle)).filter((v) => v.caseId !== caseId);
  const offers: Record<string, KnownOffer[]> = {};
  for (const r of bare) {
    const met = record.condition.filter((c) => c.testId === r.testId && c.met === 'yes').map((c) => c.what);
    const test = record.test.find((t) => t.id === r.testId);
    const { question = '', accuracy = '' } = test ?? {};
    const found = knownGoodFor({ ...r, question, accuracy }, met, record.vehicle, values);
    if (found.length) offers[r.id] = found;
  }
  Object.assign(offers, await liveOffers(record, live, values));
  return offers;
}

/** Offers for live values: one value has one name, whatever a tool calls it, and its list a moment. */
async function liveOffers(
  record: CaseRecord,
  live: CaseRecord['live'],
  values: readonly KnownValue[],
): Promise<Record<string, KnownOffer[]>> {
  if (live.length === 0) return {};
  const shown = (await liveAfterRepair(db(), record.vehicle, PROVEN)).filter(
    (l) => l.caseId !== record.case.id,
  );
  const lists = new Map<string, typeof shown>();
  for (const l of shown) lists.set(l.scanId, [...(lists.get(l.scanId) ?? []), l]);
  const known: KnownValue[] = [
    // A reading of a test stands under its question: only where its name alone tells what it is, as "MAP" does and
    // "pressure" does not, is it the same value.
    ...values.flatMap(({ question, ...v }) => {
      const name = liveName(v.label);
      return question === undefined || name.kind !== undefined ? [{ ...v, label: name.key }] : [];
    }),
    ...[...lists.values()].flatMap((list) =>
      list.map((l) => ({
        label: liveName(l.name).key,
        entered: l.entered,
        conditions: [momentOf(list, l)].filter(Boolean),
        from: `case ${l.number}`,
        caseId: l.caseId,
        vehicle: l.vehicle as unknown as KnownValue['vehicle'],
      })),
    ),
  ];
  const offers: Record<string, KnownOffer[]> = {};
  for (const l of live) {
    const list = record.live.filter((x) => x.scanId === l.scanId);
    const moment = momentOf(
      list,
      record.scan.find((s) => s.id === l.scanId),
    );
    const found = knownGoodFor(
      { label: liveName(l.name).key, entered: l.entered },
      [moment].filter(Boolean),
      record.vehicle,
      known,
    );
    if (found.length) offers[l.id] = found;
  }
  return offers;
}

/** Whether what is kept says what was sent: the same value sent twice is one value. */
const saysTheSame = (kept: KnownGood, sent: KnownGood): boolean =>
  (Object.keys(sent) as (keyof KnownGood)[]).every((field) => sameValue(kept[field], sent[field]));

/**
 * Keeps or removes a value taken on purpose, with history.
 *
 * @throws Error with a sentence when the value is no number with a unit
 */
export async function changeKnownGood(request: KnownGoodRequest, who: string): Promise<void> {
  await write(async (tx) => {
    const at = new Date().toISOString();
    const id = request.do === 'save' ? request.value.id : request.id;
    const before = (await listKnownGood(tx)).find((k) => k.id === id) ?? null;
    if (request.do === 'remove') await deleteKnownGood(tx, id);
    else {
      const entry = readEntry(request.value.entered);
      if (entry.kind === 'problem') throw new Problem(entry.message);
      if (entry.kind !== 'quantity')
        throw new Problem('A known-good value is a number with its unit, as in 3.4 bar.');
      if (before && !saysTheSame(before, request.value))
        throw new Problem(
          `${before.label} ${before.entered} stands under this id already. Nothing was written over: remove it first, or send yours under an id of its own.`,
          'changed',
        );
      await upsertKnownGood(tx, { ...request.value, at, byId: who || null });
    }
    const written = before ? 'set' : 'add';
    await appendHistory(tx, {
      at,
      who,
      caseId: null,
      kind: 'knownGood',
      rowId: id,
      op: request.do === 'remove' ? 'remove' : written,
      before,
      after: request.do === 'save' ? request.value : null,
    });
  });
}
