import { z } from 'zod';
import { CASE_KINDS, type Kind } from '@/core/case';
import { ambiguousWords, erasing, withoutCustomer } from '@/core/case/erase';
import { Problem } from '@/core/problem';
import { isTradeWord } from '@/core/trade/trade-words';
import { db, write, type Tx } from '@/store/database';
import { casesOfCustomer, dropDigests, rewriteHistory } from '@/store/erase';
import { appendHistory, loadCase, updateRow } from '@/store/rows';
import { casesOfVehicle } from '@/store/vehicles';
import { noteAccess } from '../access/log';
import { exportCase } from '../exchange/export';
import { digestsAreStale } from '../find/keep-digests';

/** What is kept on a customer: shown, given out, erased. */

export const CustomerQuery = z.object({ name: z.string().trim().min(1, 'Whose data?').max(400) });
export const EraseRequest = CustomerQuery.extend({
  /** The name once more, as it was typed: nothing is erased by one press. */
  sure: z.string().max(400),
});

const idsOf = (name: string): Promise<string[]> => write((tx: Tx) => casesOfCustomer(tx, name, ''));

/** What is kept on a customer, in short. */
export async function customerData(name: string) {
  const ids = await idsOf(name);
  const cases = [];
  for (const id of ids) {
    const record = await loadCase(db(), id);
    if (!record) continue;
    const { case: c, vehicle } = record;
    cases.push({
      number: c.number,
      openedAt: c.openedAt,
      customer: c.customer,
      phone: c.phone,
      plate: vehicle.plate,
      vin: vehicle.vin,
      files: record.attachment.length,
    });
  }
  return { cases };
}

/** Everything of a customer's cases as files, for the customer. */
export async function customerExport(name: string, who: string) {
  const ids = await idsOf(name);
  if (ids.length === 0) throw new Problem('Nothing is kept on a customer of this name.', 'gone');
  await noteAccess(who, 'customer', '', { exported: true, cases: ids.length });
  const cases = [];
  for (const id of ids) cases.push(await exportCase(id, true));
  return { format: 'vantle-customer/1', at: new Date().toISOString(), cases };
}

/**
 * Takes a customer out of their cases and of the history of those. The cases stay, with what was found; so do VINs,
 * photos and recordings, and backups that were made before.
 *
 * @returns of how many cases, and the words of the name that the trade has too: alone they stay where they stand
 * @throws Problem where the name was not repeated, or nothing is kept
 */
export async function eraseCustomer(
  { name, sure }: z.infer<typeof EraseRequest>,
  who: string,
): Promise<{ erased: number; ambiguous: string[] }> {
  if (sure.trim().toLowerCase() !== name.toLowerCase())
    throw new Problem('Write the name once more, exactly: erasing cannot be undone.');
  const erased = await write(async (tx) => {
    const ids = await casesOfCustomer(tx, name, '');
    if (ids.length === 0) throw new Problem('Nothing is kept on a customer of this name.', 'gone');
    const at = new Date().toISOString();
    for (const id of ids) await eraseCase(tx, id, ids, who, at);
    await dropDigests(tx, ids);
    return ids.length;
  });
  digestsAreStale();
  await noteAccess(who, 'customer', '', { erased: true, cases: erased });
  return { erased, ambiguous: ambiguousWords(name, isTradeWord) };
}

async function eraseCase(tx: Tx, id: string, all: readonly string[], who: string, at: string): Promise<void> {
  const record = await loadCase(tx, id);
  if (!record) return;
  const rid = erasing(record.case.customer, record.case.phone, isTradeWord);
  const rows: [Kind, { id: string; revision: number }][] = [
    ['case', record.case],
    ...CASE_KINDS.flatMap((kind) => record[kind].map((row): [Kind, typeof row] => [kind, row])),
  ];
  // A vehicle that somebody else brings too keeps its plate.
  const alone = (await casesOfVehicle(tx, record.vehicle.id)).every((c) => all.includes(c));
  if (alone) rows.push(['vehicle', record.vehicle]);
  for (const [kind, row] of rows) {
    const now = row as unknown as Record<string, unknown>;
    const clean = withoutCustomer(now, rid);
    const set = Object.fromEntries(Object.entries(clean).filter(([k, v]) => v !== now[k]));
    if (Object.keys(set).length > 0)
      await updateRow(tx, kind, row.id, { ...set, revision: row.revision + 1 });
  }
  await rewriteHistory(tx, [id], (values) => withoutCustomer(values, rid));
  const seq = await appendHistory(tx, {
    at,
    who,
    caseId: id,
    kind: 'case',
    rowId: id,
    op: 'set',
    before: {},
    after: { customerErased: true },
  });
  await updateRow(tx, 'case', id, { seq });
}
