import type { OpenCase } from '@/core/api';
import { casesShown, tabsOpen } from '../../tab';
import { shownRecord, type CaseCore } from './case-core';
import { takeOutboxes, type Outbox } from './outbox';

const POLL = 2000;
/** No tab is taken for gone. */
const EVERY_TAB: ReadonlySet<string> = { has: () => true } as unknown as ReadonlySet<string>;

/** Cases as this tab saw them last: going back may bring an older page along. */
const lastSeen = new Map<string, OpenCase>();
const MOST_SEEN = 20;
export function newestOf(open: OpenCase): OpenCase {
  const seen = lastSeen.get(open.record.case.id);
  if (lastSeen.size > MOST_SEEN) lastSeen.clear();
  return seen && seen.record.case.seq > open.record.case.seq ? seen : open;
}

/** Takes what an earlier page left unsent, as far as it is not here already. */
function takeOver({ set, get, keep, schedule }: CaseCore, left: Pick<Outbox, 'changes' | 'conflicts'>): void {
  const known = new Set([...get().sending, ...get().waiting].map((c) => c.id));
  const changes = left.changes.filter((c) => !known.has(c.id));
  const conflicts = left.conflicts.filter(
    (c) => !get().conflicts.some((x) => x.id === c.id && x.field === c.field),
  );
  if (changes.length === 0 && conflicts.length === 0) return;
  set((s) => {
    const all = [...s.conflicts, ...conflicts];
    const waiting = [...changes, ...s.waiting];
    const record = shownRecord(s.open, [...s.sending, ...waiting], all);
    return { waiting, conflicts: all, record, saveState: 'typing' };
  });
  keep();
  schedule(10);
}

/** Calls back when the page is about to go, comes back, or is connected again; returns how to end it. */
function onPage(on: {
  online: () => void;
  leave: (e: BeforeUnloadEvent) => void;
  back: () => void;
}): () => void {
  const comeBack = (e: PageTransitionEvent) => e.persisted && on.back();
  window.addEventListener('online', on.online);
  window.addEventListener('beforeunload', on.leave);
  window.addEventListener('pageshow', comeBack);
  return () => {
    window.removeEventListener('online', on.online);
    window.removeEventListener('beforeunload', on.leave);
    window.removeEventListener('pageshow', comeBack);
  };
}

/** Keeps an open case up with the server, and its unsent changes safe, until the function it returns is called. */
export const watching = (core: CaseCore) => (): (() => void) => {
  const { caseId, set, get, keep, schedule } = core;
  casesShown.add(caseId);
  const refresh = () =>
    void get()
      .refresh()
      .catch(() => undefined);
  // What this tab left shows at once; what tabs that are gone left, as soon as it is told that they are.
  takeOver(core, takeOutboxes(caseId, EVERY_TAB));
  const adopt = () => void tabsOpen().then((alive) => takeOver(core, takeOutboxes(caseId, alive)));
  adopt();
  // A page that comes back from the browser's memory is as old as it was left.
  refresh();
  const poll = setInterval(async () => {
    const s = get();
    if (s.waiting.length || s.conflicts.length) keep();
    adopt();
    if (document.hidden || s.sending.length) return;
    try {
      await get().refresh();
      if (get().saveState === 'offline') schedule(10);
    } catch {
      if (get().waiting.length) set({ saveState: 'offline' });
    }
  }, POLL);
  const offPage = onPage({
    online: () => schedule(0),
    leave(e) {
      void get().flush();
      if (!keep()) e.preventDefault();
    },
    back: refresh,
  });
  return () => {
    casesShown.delete(caseId);
    lastSeen.set(caseId, get().open);
    void get().flush();
    clearInterval(poll);
    core.unschedule();
    offPage();
  };
};
