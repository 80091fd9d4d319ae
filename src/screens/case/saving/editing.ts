import { nanoid } from 'nanoid';
import { rowOf, sameValue } from '@/core/case';
import { optimisticUpdate } from '@/core/checks';
import { PAUSE, type CaseCore } from './case-core';
import type { CaseState } from './case-state';
import { addEdit } from './outbox';

type Editing = Pick<CaseState, 'edit' | 'add' | 'together' | 'remove' | 'removeAll' | 'noticedRemoval'>;

/** What a person does to the case: each shows at once and waits to be sent. */
export const editing = ({ set, get, keep, schedule, push }: CaseCore): Editing => ({
  edit(kind, id, field, value) {
    const s = get();
    const row = rowOf(s.record, kind, id) as (Record<string, unknown> & { revision: number }) | undefined;
    if (!row || sameValue(row[field], value)) return;
    const waiting = addEdit(s.waiting, {
      kind,
      id,
      field,
      value,
      before: row[field],
      revision: row.revision,
      changeId: nanoid(12),
    });
    const record = optimisticUpdate(s.record, [
      { op: 'set', kind, id, revision: 0, set: { [field]: value }, was: {} },
    ]);
    set({ waiting, record, saveState: s.saveState === 'offline' ? 'offline' : 'typing' });
    keep();
    schedule(PAUSE);
  },

  add(kind, row, id = nanoid(14)) {
    push([{ op: 'add', kind, id, row }]);
    return id;
  },

  together: push,

  remove: (kind, id, label) => get().removeAll([{ kind, id }], label),

  removeAll(rows, label) {
    const before = get().record;
    const there = rows.filter((r) => rowOf(before, r.kind, r.id));
    if (there.length === 0) return;
    push(there.map((r) => ({ op: 'remove', ...r, seen: get().open.record.case.seq })));
    set({ removed: label });
  },

  noticedRemoval: () => set({ removed: '' }),
});
