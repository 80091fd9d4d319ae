import { Catalogue } from '@/core/cause';
import {
  casesCsvRow,
  CASES_CSV_HEAD,
  csvLine,
  READINGS_CSV_HEAD,
  readingsCsvRows,
  writeCaseFile,
  type CaseFile,
  type ExportContext,
} from '@/core/exchange';
import { db, isShared } from '@/store/database';
import { loadCase, loadCases } from '@/store/rows';
import { readStored } from '@/store/files';
import { listCatalogue } from '@/store/catalogue';
import { caseIdsByNumber, caseNumbers, listPeople } from '@/store/shop';

/** Giving cases out: as case files, one in a line, and as tables for a spreadsheet. */

export type ExportFormat = 'cases' | 'cases.csv' | 'readings.csv';

/** Cases read at once: one question to a server far away; from a file here few, as reading holds up all others. */
const PAGE = { far: 500, here: 50 };

/** What a case file needs to know of this shop. */
export async function sending(catalogue?: Catalogue, data?: ExportContext['data']): Promise<ExportContext> {
  const [list, numbers, items] = await Promise.all([
    listPeople(db()),
    caseNumbers(db()),
    catalogue ? undefined : listCatalogue(db()),
  ]);
  const people = new Map(list.map((p) => [p.id, p.name]));
  return {
    catalogue: catalogue ?? new Catalogue(items ?? []),
    person: (id) => (id === null ? undefined : people.get(id)),
    numberOf: (id) => numbers.get(id),
    ...(data ? { data } : {}),
  };
}

/** One case as a file; undefined when there is no such case. */
export async function exportCase(id: string, withFiles = false): Promise<CaseFile | undefined> {
  const record = await loadCase(db(), id);
  if (!record) return undefined;
  const stored = new Map<string, string>();
  if (withFiles)
    for (const { hash } of record.attachment) {
      const bytes = hash ? await readStored(hash) : undefined;
      if (bytes) stored.set(hash, bytes.toString('base64'));
    }
  return writeCaseFile(record, await sending(undefined, (hash) => stored.get(hash)));
}

/**
 * Cases as a stream of text: all, lowest number first, or those given.
 *
 * @param format one case file in a line, or a table
 * @param withFiles whether photos and other files come inside the case files
 * @param ids which cases, in order; all where none are given
 */
export async function* exportAll(
  format: ExportFormat,
  withFiles: boolean,
  ids?: readonly string[],
): AsyncGenerator<string> {
  const from = await sending();
  if (format === 'cases.csv') yield csvLine(CASES_CSV_HEAD);
  if (format === 'readings.csv') yield csvLine(READINGS_CSV_HEAD);
  const all = ids ?? (await caseIdsByNumber(db()));
  const page = isShared() ? PAGE.far : PAGE.here;
  for (let i = 0; i < all.length; i += page) {
    const piece = all.slice(i, i + page);
    const place = new Map(piece.map((id, at) => [id, at]));
    const records = (await loadCases(db(), [...piece])).sort(
      (a, b) => place.get(a.case.id)! - place.get(b.case.id)!,
    );
    for (const record of records) {
      if (format === 'cases.csv') yield csvLine(casesCsvRow(record, from));
      else if (format === 'readings.csv') for (const row of readingsCsvRows(record)) yield csvLine(row);
      else {
        const stored = new Map<string, string>();
        if (withFiles)
          for (const { hash } of record.attachment) {
            const bytes = hash ? await readStored(hash) : undefined;
            if (bytes) stored.set(hash, bytes.toString('base64'));
          }
        yield `${JSON.stringify(writeCaseFile(record, { ...from, data: (h) => stored.get(h) }))}\n`;
      }
    }
  }
}
