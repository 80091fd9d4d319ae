import { z } from 'zod';
import { ReportHints } from '@/core/codes';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { getSetting, putSetting } from '@/store/shop';

/** What people put right in the reading of reports, by kind of report; the newest first. */

const KEY = 'scan.hints';
/** More tools than any shop has; the ones kept longest ago go. */
const MOST = 60;
const Kept = z.array(ReportHints);

export const ScanHintsRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('keep'), hints: ReportHints }),
  z.object({ do: z.literal('forget'), kind: z.string().max(300) }),
]);
export type ScanHintsRequest = z.infer<typeof ScanHintsRequest>;

/** All that is kept. */
export async function scanHints(): Promise<ReportHints[]> {
  const kept = Kept.safeParse(await getSetting(db(), KEY));
  return kept.success ? kept.data : [];
}

/** Keeps what was put right for reports of one kind, or forgets it. */
export async function changeScanHints(request: ScanHintsRequest, who: string): Promise<void> {
  await write(async (tx) => {
    const kept = Kept.safeParse(await getSetting(tx, KEY));
    const kind = request.do === 'keep' ? request.hints.kind : request.kind;
    const all = kept.success ? kept.data : [];
    const others = all.filter((h) => h.kind !== kind);
    await putSetting(tx, KEY, request.do === 'keep' ? [request.hints, ...others].slice(0, MOST) : others);
    await appendHistory(tx, {
      at: new Date().toISOString(),
      who,
      caseId: null,
      kind: 'shop',
      rowId: 'scanHints',
      op: 'set',
      before: all.find((h) => h.kind === kind) ?? null,
      after: request.do === 'keep' ? request.hints : null,
    });
  });
}

/** What is kept for reports like this one. */
export async function hintsFor(kind: string): Promise<ReportHints | undefined> {
  return kind === '' ? undefined : (await scanHints()).find((h) => h.kind === kind);
}
