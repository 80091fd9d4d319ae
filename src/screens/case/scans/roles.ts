import { nanoid } from 'nanoid';
import type { CaseRecord, Op } from '@/core/case';
import { proposalsOf } from '@/core/codes';
import { useConclusions } from '../conclusion/conclusions';
import { useCase, useCaseStore } from '../saving/store';
import { useMeanings } from './meanings';

/** Takes over every role that is proposed and that nobody has given yet; *unsorted* ones stay as they are. */
export function useAcceptRoles(): () => void {
  const { codes } = useConclusions();
  const store = useCaseStore();
  return () => {
    const { record, together } = store.getState();
    const { role: roles } = record;
    const ops = codes.flatMap((c, i): Op[] => {
      if (!c.proposed || c.role === 'unsorted') return [];
      const row = roles.find((r) => r.code === c.code);
      const fields = { role: c.role, why: c.roleBecause.slice(0, 400) };
      return [
        row
          ? {
              op: 'set',
              kind: 'role',
              id: row.id,
              revision: row.revision,
              set: fields,
              was: { role: row.role, why: row.why },
            }
          : {
              op: 'add',
              kind: 'role',
              id: nanoid(14),
              row: { code: c.code, ...fields, position: roles.length + i },
            },
      ];
    });
    if (ops.length) together(ops);
  };
}

/** A role as it was given or is proposed, and giving another. */
export function useCodeRoles(record: CaseRecord) {
  // What a hand changes here shows at once.
  const roles = useCase((s) => s.record.role);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const { own } = useMeanings();
  const proposals = proposalsOf(record, own);
  return {
    /** Given by a person; empty where none was. */
    given: (code: string) => roles.find((r) => r.code === code && r.role !== ''),
    proposed: (code: string) => proposals.get(code),
    set(code: string, role: string) {
      const row = roles.find((r) => r.code === code);
      if (row) edit('role', row.id, 'role', role);
      else add('role', { code, role, why: '', position: roles.length });
    },
  };
}

export type CodeRoles = ReturnType<typeof useCodeRoles>;
