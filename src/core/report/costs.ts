import type { CaseRecord } from '@/core/case';
import { estimate, toCome, writePrice, type Money } from '@/core/money';
import { heading, text, type Block } from './blocks';

/**
 * What was done costs, and what is still to be done: labour, parts, sum. Nothing where nothing has a price.
 *
 * @param record repairs with hours and parts
 * @param money the shop's currency and rate
 */
export function costs(record: CaseRecord, money: Money): Block[] {
  const done = estimate(record, money, (s) => s === 'done');
  const open = estimate(record, money, toCome);
  const rows = (
    [
      ['Done', done],
      ['Still to be done', open],
    ] as const
  ).flatMap(([label, e]) =>
    e.sum > 0 ? [[label, ...[e.labour, e.parts, e.sum].map((x) => writePrice(x, money.currency))]] : [],
  );
  if (rows.length === 0) return [];
  const without = [...done.without, ...open.without];
  return [
    heading('What it costs, estimated'),
    { kind: 'table', head: ['', 'Work', 'Parts', 'Sum'], rows },
    text(without.length ? `Not in it, since no price is known yet: ${without.join(', ')}.` : ''),
  ];
}
