import { nanoid } from 'nanoid';
import type { Op } from '@/core/case';
import { useConclusions } from '../conclusion/conclusions';
import { useCaseStore } from '../saving/store';

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
