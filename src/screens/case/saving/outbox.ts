import { z } from 'zod';
import { Conflict } from '@/core/api';
import { Change, sameValue } from '@/core/case';
import { personHere } from '../../person';
import { OUTBOX_KEY, tabName } from '../../tab';

/** What one browser tab has not got through to the server yet. Kept in the browser's storage. */
const Outbox = z.object({
  changes: z.array(Change),
  conflicts: z.array(Conflict),
  /** Last sign of life of the tab that owns it, in milliseconds. */
  beat: z.number(),
  /** The number of the case, to name it by. */
  number: z.number().int().optional(),
  /** Id of the person who wrote it; it is sent in nobody else's name. */
  by: z.string().optional(),
});
export type Outbox = z.infer<typeof Outbox>;

const keyOf = (caseId: string, tab: string) => `${OUTBOX_KEY}${caseId}:${tab}`;
const ofKey = (key: string) => {
  const m = key.startsWith(OUTBOX_KEY) ? /^([^:]+):([^:]+)$/.exec(key.slice(OUTBOX_KEY.length)) : null;
  return m ? { caseId: m[1]!, tab: m[2]! } : undefined;
};

const ABANDONED_AFTER = 12_000;
/** Whether the tab that an outbox belongs to is gone. */
export const isGone = (tab: string, box: Outbox, alive: ReadonlySet<string> | undefined): boolean =>
  alive ? !alive.has(tab) : Date.now() - box.beat >= ABANDONED_AFTER;

/**
 * Adds one field's new value to the changes waiting. Typing on in a field that waits already
 * replaces its value and keeps what the field said before.
 *
 * @param waiting changes not sent yet
 * @param edit the field, its new value, and the row's revision and value before
 * @returns the new list
 */
export function addEdit(
  waiting: Change[],
  edit: Pick<Extract<Change['ops'][number], { op: 'set' }>, 'kind' | 'id' | 'revision'> & {
    field: string;
    value: unknown;
    before: unknown;
    changeId: string;
  },
): Change[] {
  const { kind, id, field, value, before, revision, changeId } = edit;
  const i = waiting.findLastIndex(
    (c) =>
      c.ops.length === 1 &&
      c.ops[0]!.op === 'set' &&
      c.ops[0]!.kind === kind &&
      c.ops[0]!.id === id &&
      Object.hasOwn(c.ops[0]!.set, field),
  );
  const old = waiting[i]?.ops[0];
  if (old?.op === 'set') {
    if (sameValue(old.was[field], value)) return waiting.filter((_, n) => n !== i);
    const ops: Change['ops'] = [{ ...old, set: { ...old.set, [field]: value } }];
    return waiting.map((c, n) => (n === i ? { ...c, ops } : c));
  }
  return [
    ...waiting,
    {
      id: changeId,
      ops: [{ op: 'set', kind, id, revision, set: { [field]: value }, was: { [field]: before } }],
    },
  ];
}

/** Told whenever an outbox of this browser was written or emptied here. */
export const OUTBOX_CHANGED = 'vantle-outbox';

/** Writes the outbox into the browser's storage at once; an empty one leaves no trace. False: it has no room. */
export function keepOutbox(caseId: string, box: Omit<Outbox, 'beat'>, tab = tabName()): boolean {
  const key = keyOf(caseId, tab);
  try {
    if (box.changes.length === 0 && box.conflicts.length === 0) {
      if (localStorage.getItem(key) === null) return true;
      localStorage.removeItem(key);
    } else
      localStorage.setItem(
        key,
        JSON.stringify({ ...box, by: box.by ?? personHere() ?? undefined, beat: Date.now() }),
      );
    globalThis.window?.dispatchEvent(new Event(OUTBOX_CHANGED));
    return true;
  } catch {
    return false;
  }
}

/** An outbox in this browser's storage, with the case and the tab it belongs to. */
export interface KeptOutbox {
  caseId: string;
  tab: string;
  box: Outbox;
}

/** All outboxes that tabs of this browser have kept; what this version cannot read is left where it is. */
export function keptOutboxes(): KeptOutbox[] {
  return Object.keys(localStorage).flatMap((key): KeptOutbox[] => {
    const at = ofKey(key);
    if (!at) return [];
    try {
      return [{ ...at, box: Outbox.parse(JSON.parse(localStorage.getItem(key) ?? '')) }];
    } catch {
      return [];
    }
  });
}

/** Whether an outbox is of the person who is signed in here. */
export const isOwn = (box: Pick<Outbox, 'by'>): boolean => {
  const here = personHere();
  return box.by === undefined || here === null || box.by === here;
};

/**
 * Takes over what tabs that are gone left behind for a case, and what this tab left behind before a reload. Sending
 * something twice does no harm, so a doubtful one is taken.
 *
 * @param alive the tabs that are open now, where the browser can tell; else a tab is gone when it gave no sign of life
 * for a while
 */
export function takeOutboxes(caseId: string, alive?: ReadonlySet<string>): Outbox {
  const own = tabName();
  const found: Outbox = { changes: [], conflicts: [], beat: 0 };
  for (const { tab, box, ...at } of keptOutboxes()) {
    if (at.caseId !== caseId || !isOwn(box) || (tab !== own && !isGone(tab, box, alive))) continue;
    found.changes.push(...box.changes);
    found.conflicts.push(...box.conflicts);
    if (tab !== own) localStorage.removeItem(keyOf(caseId, tab));
  }
  return found;
}
