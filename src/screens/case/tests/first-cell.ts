import type { Op } from '@/core/case';

/**
 * The cell in which a test that was just put on a case begins: its first value that is not known yet.
 *
 * @returns its `data-cell` name; undefined for a test that asks for no value
 */
export function firstCell(ops: readonly Op[]): string | undefined {
  const empty = ops.find(
    (op) =>
      op.op === 'add' &&
      (op.kind === 'reading' || op.kind === 'input') &&
      (op.row.entered === '' || op.row.entered === undefined),
  );
  return empty && `${empty.id}:entered`;
}
