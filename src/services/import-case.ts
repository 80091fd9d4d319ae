import { CaseFile, readCaseFile } from '@/core/exchange';
import { Catalogue } from '@/core/cause';
import { write } from '@/store/database';
import { appendHistory, getRow, insertRow, updateRow } from '@/store/rows';
import {
  caseIdByNumber,
  insertCatalogue,
  listCatalogue,
  listPeople,
  nextCaseNumber,
  vehiclesByVin,
} from '@/store/shop';
import { recompute } from './recompute';
import { newId } from './save';

/**
 * Takes one case file in, whole or not at all.
 *
 * @param input a case file, checked here against its schema
 * @param who id of the person, or empty
 * @returns id and number of the new case
 * @throws Error with a sentence naming what is wrong in the file
 */
export async function importCase(input: unknown, who: string): Promise<{ id: string; number: number }> {
  const parsed = CaseFile.safeParse(input);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    throw new Error(`Not a case file: ${issue?.path.join('.') || 'the top'} — ${issue?.message}`);
  }
  const file = parsed.data;
  return write(async (tx) => {
    const people = await listPeople(tx);
    const number = file.number ?? (await nextCaseNumber(tx));
    if (file.number !== undefined && (await caseIdByNumber(tx, file.number))) {
      throw new Error(`There is a case ${file.number} already.`);
    }
    const earlier = file.comebackOf ? await caseIdByNumber(tx, file.comebackOf.number) : undefined;
    if (file.comebackOf && !earlier)
      throw new Error(`It names case ${file.comebackOf.number} as the earlier one, which is not here.`);
    const vin = file.vehicle.vin ?? '';
    const known =
      (vin.length >= 11 ? (await vehiclesByVin(tx, vin, '', 5)).find((v) => v.vin === vin)?.id : undefined) ??
      (earlier ? (await getRow(tx, 'case', earlier))?.vehicleId : undefined);
    const caseId = newId();
    const { rows, fresh } = readCaseFile(file, {
      caseId,
      vehicleId: known ?? newId(),
      vehicleKnown: known !== undefined,
      number,
      catalogue: new Catalogue(await listCatalogue(tx)),
      newId,
      person: (name) => people.find((p) => p.name === name)?.id ?? null,
      earlierCaseId: earlier ?? null,
    });
    if (fresh.length) await insertCatalogue(tx, fresh);
    for (const { kind, row } of rows) await insertRow(tx, kind, row);
    const at = new Date().toISOString();
    const seq = await appendHistory(tx, {
      at,
      who,
      caseId,
      kind: 'case',
      rowId: caseId,
      op: 'add',
      before: null,
      after: { number, imported: true },
    });
    await updateRow(tx, 'case', caseId, { seq: await recompute(tx, caseId, 'all', seq) });
    return { id: caseId, number };
  });
}
