import { COMPUTED, rowOf, sameValue } from '@/core/case';
import { shownRecord, type CaseCore } from './case-core';
import type { CaseState } from './case-state';

type Settling = Pick<CaseState, 'settle' | 'besideTheirs' | 'removeAnyway' | 'dropRefused'>;

/** What a person does about a change that met another's, or was refused. */
export const settling = ({ set, get, keep, push }: CaseCore): Settling => ({
  settle(conflict, value) {
    const others = get().conflicts.filter((c) => c !== conflict);
    set((s) => ({ conflicts: others, record: shownRecord(s.open, [...s.sending, ...s.waiting], others) }));
    if (conflict.removed || sameValue(value, conflict.theirs)) {
      keep();
      return;
    }
    const { kind, id, field, revision, theirs } = conflict;
    push([{ op: 'set', kind, id, revision, set: { [field]: value }, was: { [field]: theirs } }]);
  },

  besideTheirs(conflict) {
    const { kind, id, field, mine, theirs } = conflict;
    const row = rowOf(get().record, kind, id) as Record<string, unknown> | undefined;
    get().settle(conflict, theirs);
    if (!row) return;
    const { id: _id, caseId: _case, revision: _revision, ...fields } = row;
    const computed = COMPUTED[kind] ?? [];
    const written = Object.fromEntries(Object.entries(fields).filter(([f]) => !computed.includes(f)));
    // Right behind theirs.
    const position = Number(fields.position ?? 0) + 0.5;
    get().add(kind, { ...written, [field]: mine, position });
  },

  removeAnyway(changeId) {
    const again = get().refused.find((r) => r.change.id === changeId);
    get().dropRefused(changeId);
    // Whoever presses has seen what stands there now.
    const seen = get().open.record.case.seq;
    if (again) push(again.change.ops.map((op) => (op.op === 'remove' ? { ...op, seen } : op)));
  },

  dropRefused(changeId) {
    set((s) => {
      const refused = s.refused.filter((r) => r.change.id !== changeId);
      const laid = [...s.sending, ...refused.map((r) => r.change), ...s.waiting];
      const idle = laid.length === 0 && s.conflicts.length === 0;
      return {
        refused,
        record: shownRecord(s.open, laid, s.conflicts),
        saveState: idle ? 'saved' : s.saveState,
      };
    });
    keep();
  },
});
