import { nanoid } from 'nanoid';
import type { Conflict, OpenCase } from '@/core/api';
import type { CaseRecord, Change, Op } from '@/core/case';
import { optimisticUpdate } from '@/core/checks';
import type { CaseState } from './case-state';
import { keepOutbox } from './outbox';

/** What every action on an open case works with. */
export interface CaseCore {
  caseId: string;
  set: (change: Partial<CaseState> | ((s: CaseState) => Partial<CaseState>)) => void;
  get: () => CaseState;
  /** Keeps what was not sent yet in the browser; false where it has no room. */
  keep: () => boolean;
  /** Sends what waits after so many milliseconds. */
  schedule: (delay: number) => void;
  /** Ends what `schedule` set. */
  unschedule: () => void;
  /** Shows changes at once and lets them wait to be sent. */
  push: (ops: Op[]) => void;
}

/** From the last letter until it is sent, in milliseconds. */
export const PAUSE = 500;

/** The server's record with one's own changes laid over it, those in conflict as well. */
export function shownRecord(open: OpenCase, changes: Change[], conflicts: Conflict[]): CaseRecord {
  const mine = conflicts
    .filter((c) => !c.removed)
    .map((c): Op => ({
      op: 'set',
      kind: c.kind,
      id: c.id,
      revision: c.revision,
      set: { [c.field]: c.mine },
      was: {},
    }));
  return optimisticUpdate(open.record, [...changes.flatMap((c) => c.ops), ...mine]);
}

export function caseCore(
  { id: caseId, number }: { id: string; number: number },
  set: CaseCore['set'],
  get: CaseCore['get'],
): CaseCore {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const keep = () => {
    const { sending, waiting, conflicts, refused } = get();
    const changes = [...sending, ...refused.map((r) => r.change), ...waiting];
    const kept = keepOutbox(caseId, { changes, conflicts, number });
    if (kept === get().noRoom) set({ noRoom: !kept });
    return kept;
  };
  const unschedule = () => clearTimeout(timer);
  const schedule = (delay: number) => {
    unschedule();
    timer = setTimeout(() => void get().flush(), delay);
  };
  const push = (ops: Op[]) => {
    set((s) => ({
      waiting: [...s.waiting, { id: nanoid(12), ops }],
      record: optimisticUpdate(s.record, ops),
      saveState: s.saveState === 'offline' || s.saveState === 'busy' ? s.saveState : 'typing',
    }));
    keep();
    schedule(PAUSE);
  };
  return { caseId, set, get, keep, schedule, unschedule, push };
}
