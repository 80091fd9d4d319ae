import { z } from 'zod';
import { ReportHints } from '@/core/codes';
import { keptList } from '../exchange/kept-list';

/** What people put right in the reading of reports, by kind of report; more kinds than any shop has tools. */
const hints = keptList('scan.hints', ReportHints, (h) => h.kind, 'scanHints', 60);

export const ScanHintsRequest = z.discriminatedUnion('do', [
  z.object({ do: z.literal('keep'), hints: ReportHints }),
  z.object({ do: z.literal('forget'), kind: z.string().max(300) }),
]);
export type ScanHintsRequest = z.infer<typeof ScanHintsRequest>;

/** All that is kept, the newest first. */
export const scanHints = hints.all;

/** Keeps what was put right for reports of one kind, or forgets it. */
export const changeScanHints = (request: ScanHintsRequest, who: string): Promise<void> =>
  request.do === 'keep' ? hints.keep(request.hints, who) : hints.forget(request.kind, who);

/** What is kept for reports like this one. */
export const hintsFor = hints.of;
