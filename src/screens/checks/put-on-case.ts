import { nanoid } from 'nanoid';
import type { Input, Op } from '@/core/case';
import type { Check } from '@/core/checks';

/**
 * The operations that put a check on a case as a test: its question, what it needs, its caution, and
 * a row for each entry.
 */
export function testForCheck(
  check: Check,
  rows: readonly Pick<Input, 'field' | 'at' | 'column' | 'entered'>[],
  at: string,
  position: number,
): { testId: string; ops: Op[] } {
  const testId = nanoid(14);
  const ops: Op[] = [
    {
      op: 'add',
      kind: 'test',
      id: testId,
      row: { at, question: check.question, checkId: check.id, caution: check.caution ?? '', position },
    },
    ...(check.needs ?? []).map((what, i): Op => ({
      op: 'add',
      kind: 'condition',
      id: nanoid(14),
      row: { testId, what, position: i },
    })),
    ...rows.map((r, i): Op => ({
      op: 'add',
      kind: 'input',
      id: nanoid(14),
      row: { testId, field: r.field, at: r.at, column: r.column, entered: r.entered, position: i },
    })),
  ];
  return { testId, ops };
}
