import { z } from 'zod';
import { Conflict } from '@/core/api';
import { Change, sameValue } from '@/core/case';

/** What one browser tab has not got through to the server yet. Kept in the browser's storage. */
const Outbox = z.object({
  changes: z.array(Change),
  conflicts: z.array(Conflict),
  /** Last sign of life of the tab that owns it, in milliseconds. */
  beat: z.number(),
});
export type Outbox = z.infer<typeof Outbox>;

const ABANDONED_AFTER = 12_000;
const prefix = (caseId: string) => `vantle:outbox:${caseId}:`;

/** A name for this tab that survives a reload and a restored crash. */
function tabName(): string {
  const kept = sessionStorage.getItem('vantle:tab');
  if (kept) return kept;
  const name = Math.random().toString(36).slice(2, 10);
  sessionStorage.setItem('vantle:tab', name);
  return name;
}

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

/** Writes the outbox into the browser's storage at once; an empty one leaves no trace. */
export function keepOutbox(caseId: string, box: Omit<Outbox, 'beat'>): boolean {
  const key = prefix(caseId) + tabName();
  try {
    if (box.changes.length === 0 && box.conflicts.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify({ ...box, beat: Date.now() }));
    return true;
  } catch {
    return false;
  }
}

/**
 * What this tab left behind before a reload, and what tabs that are gone left behind. Sending
 * something twice does no harm, so a doubtful one is taken.
 */
export function takeOutboxes(caseId: string): Outbox {
  const own = prefix(caseId) + tabName();
  const found: Outbox = { changes: [], conflicts: [], beat: 0 };
  for (const key of Object.keys(localStorage).filter((k) => k.startsWith(prefix(caseId)))) {
    try {
      const box = Outbox.parse(JSON.parse(localStorage.getItem(key) ?? ''));
      if (key !== own && Date.now() - box.beat < ABANDONED_AFTER) continue;
      found.changes.push(...box.changes);
      found.conflicts.push(...box.conflicts);
      if (key !== own) localStorage.removeItem(key);
    } catch {
      // Not to be read by this version: left where it is, since somebody typed it.
      continue;
    }
  }
  return found;
}
