import { mayGoAgain, SaveAnswer } from '@/core/api';
import type { Change } from '@/core/case';
import { isGone, isOwn, keepOutbox, keptOutboxes, type KeptOutbox } from '../case/saving/outbox';
import { useUploads } from '../case/saving/upload-queue';
import { post } from '../send';
import { casesShown, tabName, tabsOpen } from '../tab';

/** A case on which something stands that the server does not have. */
export interface Unsent {
  caseId: string;
  number: number | undefined;
}

const AT_ONCE = 100;
/** Changes that the server refused: their case shows them, and they are not sent again and again. */
const refused = new Set<string>();

/**
 * Sends every outbox that nobody looks after: of tabs that are gone, and of cases that this tab has left.
 *
 * @returns the cases on which something is left: no connection, a conflict, or a refusal to be looked at
 */
export async function sendUnsent(): Promise<Unsent[]> {
  const own = tabName();
  const alive = await tabsOpen();
  for (const kept of keptOutboxes()) {
    const left = kept.tab === own ? !casesShown.has(kept.caseId) : isGone(kept.tab, kept.box, alive);
    if (left && isOwn(kept.box) && kept.box.changes.some((c) => !refused.has(c.id))) await sendOne(kept);
  }
  const unsent = new Map<string, Unsent>();
  for (const { caseId, box } of keptOutboxes())
    // The case that is shown says so itself.
    if (!casesShown.has(caseId)) unsent.set(caseId, { caseId, number: box.number });
  return [...unsent.values()];
}

/** Sends one outbox, and keeps what did not go in where it was. */
async function sendOne({ caseId, tab, box }: KeptOutbox): Promise<void> {
  const { changes, conflicts } = box;
  const sending = changes.filter((c) => !refused.has(c.id)).slice(0, AT_ONCE);
  const { answer, code } = await post(
    `/api/cases/${caseId}/changes`,
    { changes: sending, by: box.by },
    SaveAnswer,
  );
  if (!answer) {
    if (code !== 'offline' && !mayGoAgain(code) && code !== 'internal')
      for (const c of sending) refused.add(c.id);
    return;
  }
  const gone = new Set<string>();
  answer.results.forEach((r, i) => {
    const change = sending[i]!;
    if (r.ok) gone.add(change.id);
    else if ('conflict' in r) {
      gone.add(change.id);
      conflicts.push(r.conflict);
    } else if (!mayGoAgain(r.code)) refused.add(change.id);
  });
  // Its case may have been opened meanwhile and looks after it: sending twice does no harm, writing over it would.
  if (tab === tabName() && casesShown.has(caseId)) return;
  const left = changes.filter((c: Change) => !gone.has(c.id));
  keepOutbox(
    caseId,
    {
      changes: left,
      conflicts,
      ...(box.number ? { number: box.number } : {}),
      ...(box.by ? { by: box.by } : {}),
    },
    tab,
  );
}

/** Files still on their way, and how far the one under way is, from 0 to 1. */
export interface FilesOnTheWay {
  count: number;
  share: number;
}

/**
 * Goes on sending files that were left on their way.
 *
 * @param say told how many are left, whenever that changes
 * @returns ends the telling
 */
export function resumeFiles(say: (files: FilesOnTheWay) => void): () => void {
  const tell = () => {
    const { pending, progress } = useUploads.getState();
    // The case that is shown says so itself.
    const left = pending.filter((p) => p.refused === '' && !casesShown.has(p.caseId));
    say({ count: left.length, share: Math.max(0, ...left.map((p) => progress[p.id] ?? 0)) });
  };
  void useUploads.getState().resume().then(tell);
  return useUploads.subscribe(tell);
}
