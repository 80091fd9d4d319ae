'use client';

import type { ReactNode } from 'react';
import { waysToWrite } from '@/core/readings';
import { localUnit } from '@/core/region';
import { withLocalUnit } from '@/core/region/local-unit';
import { Button, Quiet } from '@/ui/controls';
import { useRegion } from '../region';
import { Leaving, useNumbersOfShop } from '../use-numbers';
import type { CellProps, Entries, Entry } from './entries';

/**
 * A cell for a number; offers the ways to write one that cannot be read as it stands, and writes the unit that is usual
 * in the shop's region behind one without.
 */
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
  const region = useRegion();
  const ways = waysToWrite(row.entered, unit === '*' ? '' : localUnit(unit, region));
  const others = entries.rows.filter((r) => r.id !== row.id).map((r) => r.entered);
  const write = (text: string) => entries.fill(row, text);
  const shop = useNumbersOfShop(
    row.entered,
    ways,
    write,
    (text) => withLocalUnit(text, unit, region, others) ?? text,
  );
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
