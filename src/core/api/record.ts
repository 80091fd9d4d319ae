import { z } from 'zod';
import { CASE_KINDS, KINDS, KIND_NAMES, type CaseRecord, type Kind } from '@/core/case';

/** A whole case as it goes over HTTP: the case, its vehicle, and its rows by kind. */
export const RecordShape = z.object({
  case: KINDS.case,
  vehicle: KINDS.vehicle,
  ...Object.fromEntries(CASE_KINDS.map((k) => [k, z.array(KINDS[k] as z.ZodType)])),
}) as unknown as z.ZodType<CaseRecord>;

const id = z.string().min(1).max(40);

/** Rows that were written since a moment, and those that were removed. */
export const ChangedRows = z.object({
  /** Sequence of the history that the reader stands at afterwards. */
  seq: z.number().int(),
  rows: z.array(
    z.object({ kind: z.enum(KIND_NAMES as [Kind, ...Kind[]]), row: z.record(z.string(), z.unknown()) }),
  ),
  removed: z.array(z.object({ kind: z.enum(KIND_NAMES as [Kind, ...Kind[]]), id })),
});
export type ChangedRows = z.infer<typeof ChangedRows>;

/**
 * A record with rows that were written since laid into it.
 *
 * @param record as last known
 * @param changed rows as they are now, each checked against its own shape
 * @returns a new record; lists that nothing was written to are shared with the old one
 * @throws ZodError for a row that is not of its kind
 */
export function withRows(record: CaseRecord, changed: ChangedRows): CaseRecord {
  const out = { ...record } as Record<string, unknown>;
  const gone = new Set(changed.removed.map((r) => `${r.kind}/${r.id}`));
  const news = new Map<Kind, Map<string, { id: string; position?: number }>>();
  for (const { kind, row } of changed.rows) {
    const parsed = KINDS[kind].parse(row) as { id: string };
    if (kind === 'case' || kind === 'vehicle') out[kind] = parsed;
    else news.set(kind, (news.get(kind) ?? new Map<string, { id: string }>()).set(parsed.id, parsed));
  }
  for (const kind of CASE_KINDS) {
    const mine = news.get(kind);
    if (!mine && !changed.removed.some((r) => r.kind === kind)) continue;
    const old = record[kind] as { id: string; position: number }[];
    const known = new Set(old.map((r) => r.id));
    const rows = [
      ...old.filter((r) => !gone.has(`${kind}/${r.id}`)).map((r) => mine?.get(r.id) ?? r),
      ...[...(mine?.values() ?? [])].filter((r) => !known.has(r.id)),
    ] as { position: number }[];
    out[kind] = rows.sort((a, b) => a.position - b.position);
  }
  return out as unknown as CaseRecord;
}
