'use client';

import type { ReactNode } from 'react';
import { waysToWrite } from '@/core/readings';
import { Button, Quiet } from '@/ui/controls';
import { Leaving, useNumbersOfShop } from '../use-numbers';
import type { CellProps, Entries, Entry } from './entries';

/** A cell for a number; offers the ways to write one that cannot be read as it stands. */
export function NumberCell({
  row,
  unit,
  entries,
  props,
  children,
}: {
  row: Entry;
  unit: string;
  entries: Entries;
  props: CellProps;
  /** What is wrong with the number; said before the ways to write it. */
  children?: ReactNode;
}) {
  const ways = waysToWrite(row.entered, unit === '*' ? '' : unit);
  const write = (text: string) => entries.fill(row, text);
  const shop = useNumbersOfShop(row.entered, ways, write);
  const offers = shop.other === '' ? ways : [shop.other];
  return (
    <Leaving onLeave={shop.leave}>
      {entries.cell(row, 'entered', props)}
      {children}
      {shop.said && <Quiet role="status">{shop.said}</Quiet>}
      {offers.map((text) => (
        <Button key={text} excludeFromTabOrder={shop.settles} onPress={() => write(text)}>
          Take {text}
        </Button>
      ))}
    </Leaving>
  );
}
