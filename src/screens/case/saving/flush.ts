import { mayGoAgain, SaveAnswer, type Conflict, type OpenCase } from '@/core/api';
import type { Change } from '@/core/case';
import type { ProblemCode } from '@/core/problem';
import { personHere } from '../../person';
import { post } from '../../send';

/** What of an open case's state is on its way to the server. */
export interface Outgoing {
  open: OpenCase;
  waiting: Change[];
  sending: Change[];
  conflicts: Conflict[];
  /** Changes the server refused for a reason that sending again will not mend. */
  refused: { change: Change; error: string; code: ProblemCode }[];
  saveState: 'saved' | 'typing' | 'saving' | 'offline' | 'busy' | 'stuck';
  /** Why it waits while the server can be reached: busy, or a full disk. */
  waitsBecause: string;
  takeIn: (news: Pick<SaveAnswer, 'changed' | 'around'>) => void;
}

/** It could not be sent and goes out again by itself, later. */
export const waitsForServer = (s: Outgoing): boolean =>
  s.waiting.length > 0 && (s.saveState === 'offline' || s.saveState === 'busy');

interface Store {
  caseId: string;
  get: () => Outgoing;
  set: (next: Partial<Outgoing> | ((s: Outgoing) => Partial<Outgoing>)) => void;
  /** Writes the outbox of this browser. */
  keep: () => unknown;
  /** Flushes again after so many milliseconds. */
  schedule: (delay: number) => void;
}

/**
 * Sends the changes of one open case to the server, one request at a time, in order.
 *
 * @returns a flush that resolves once everything that waited is on the server, is refused, or has to wait for the
 * server (`waitsForServer`); asked while one is under way, it sends what came since as well
 */
export function flusher({ caseId, get, set, keep, schedule }: Store): () => Promise<void> {
  let retry = 1000;
  let running: Promise<void> | undefined;

  const send = async (): Promise<void> => {
    const s = get();
    if (s.waiting.length === 0) {
      // Typed back to what it was: there is nothing to send.
      set({ saveState: s.refused.length || s.conflicts.length ? 'stuck' : 'saved' });
      return;
    }
    const sending = s.waiting.slice(0, 100);
    set({ sending, waiting: s.waiting.slice(100), saveState: 'saving' });
    const { answer, problem, code } = await post(
      `/api/cases/${caseId}/changes`,
      { changes: sending, seen: get().open.record.case.seq, by: personHere() ?? undefined },
      SaveAnswer,
    );
    /** Nothing is lost: it stays in the outbox, in order, and goes out again. */
    const keepForLater = (changes: Change[], state: Outgoing['saveState'], because: string) => {
      set((x) => ({
        sending: [],
        waiting: [...changes, ...x.waiting],
        saveState: state,
        waitsBecause: because,
      }));
      keep();
      retry = Math.min(retry * 1.7, 8_000);
      schedule(retry);
    };
    if (!answer) {
      if (code === 'offline') return keepForLater(sending, 'offline', '');
      if (mayGoAgain(code) || code === 'internal') return keepForLater(sending, 'busy', problem);
      set((x) => ({
        sending: [],
        refused: [...x.refused, ...sending.map((change) => ({ change, error: problem, code }))],
        saveState: 'stuck',
      }));
      keep();
      return;
    }
    const conflicts = [...get().conflicts];
    const refused = [...get().refused];
    const again: Change[] = [];
    let because = '';
    answer.results.forEach((r, i) => {
      if (r.ok) return;
      if ('conflict' in r) conflicts.push(r.conflict);
      else if (mayGoAgain(r.code)) {
        again.push(sending[i]!);
        because = r.error;
      } else refused.push({ change: sending[i]!, error: r.error, code: r.code });
    });
    set({ sending: again, conflicts, refused, waitsBecause: because });
    get().takeIn(answer);
    if (again.length) return keepForLater(again, 'busy', because);
    retry = 1000;
    keep();
  };

  return async function flush() {
    while (running) {
      await running;
      if (waitsForServer(get())) return;
    }
    running = send().finally(() => (running = undefined));
    await running;
    if (get().waiting.length && !waitsForServer(get())) await flush();
  };
}
