'use client';

import Link from '@/ui/link';
import type { RowOf } from '@/core/case';
import { checkOf } from '@/core/checks';
import { changeBetween } from '@/core/readings';
import type { Entries } from '@/screens/checks/entries';
import { CheckForm } from '@/screens/checks/check-form';
import { Quiet } from '@/ui/controls';
import { Cell } from '@/ui/layout';
import { ChoiceField, LineField } from '../fields';
import { useCase } from '../saving/store';

type InputRow = RowOf<'input'>;

/** The form of a computed check on a case: every cell a row of its own that saves by itself. */
export function CheckOnCase({
  test,
  inputs,
  first,
}: {
  test: RowOf<'test'>;
  inputs: readonly InputRow[];
  first: RowOf<'test'> | undefined;
}) {
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const removeAll = useCase((s) => s.removeAll);
  const all = useCase((s) => s.record.input);
  const check = checkOf(test.checkId);
  if (!check)
    return (
      <Quiet as="p" $pad="8px">
        The computed check “{test.checkId}” is not part of this version of Vantle; what was entered is kept.
      </Quiet>
    );
  const earlier = first ? all.filter((i) => i.testId === first.id) : [];
  const same = (a: InputRow, b: { field: string; at: string; column: string }) =>
    a.field === b.field && a.at === b.at && a.column === b.column;
  const entries: Entries = {
    rows: [...inputs],
    cell: (row, of, props) => {
      const before = of === 'entered' ? earlier.find((e) => same(e, row)) : undefined;
      const change =
        before && before.entered !== row.entered ? changeBetween(before.entered, row.entered) : '';
      return (
        <>
          <LineField kind="input" id={row.id} field={of} {...props} />
          {change && <Quiet $indent>{change}</Quiet>}
        </>
      );
    },
    choice: (row, label, options) => (
      <ChoiceField kind="input" id={row.id} field="entered" label={label} options={options} />
    ),
    add: (rows) =>
      rows.forEach((r, i) => add('input', { ...r, testId: test.id, position: inputs.length + i })),
    remove: (rows) =>
      removeAll(
        rows.map((r) => ({ kind: 'input' as const, id: r.id })),
        'entry',
      ),
    fill: (row, value) => edit('input', row.id, 'entered', value),
  };
  return (
    <Cell $pad="4px 0 6px">
      <CheckForm check={check} entries={entries} earlier={earlier} />
      <Quiet as="p" $pad="4px 8px 0">
        <Link href={`/tests/${check.id}`}>How this check goes, and where its limits come from</Link>
      </Quiet>
    </Cell>
  );
}
