import { readSheet } from '@/core/traces/sheet';
import { db } from '@/store/database';
import { tracesBeside } from '@/store/traces';

/** Traces that can be laid over one of a case: its own, and those of healthy vehicles elsewhere. */
export async function tracesToLayOver(
  caseId: string,
): Promise<{ id: string; name: string; stands: string; hash: string; readAs: string }[]> {
  return (await tracesBeside(db(), caseId)).map((t) => {
    const { stands } = readSheet(t.sheet);
    const from = t.caseId === caseId ? '' : `, case ${t.number}`;
    return {
      id: t.id,
      stands,
      name: `${t.name}${stands ? ` (${stands})` : ''}${from}`,
      hash: t.hash,
      readAs: t.readAs,
    };
  });
}
