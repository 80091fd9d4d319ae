'use client';

import type { ReactNode } from 'react';
import { waysToWrite } from '@/core/readings';
import { localUnit, type Region } from '@/core/region';
import { withLocalUnit } from '@/core/region/local-unit';
import { Button, Quiet } from '@/ui/controls';
import { useRegion } from '../region';
import { Leaving, useNumbersOfShop } from '../use-numbers';
import type { CellProps, Entries, Entry } from './entries';

/**
 * The unit a bare number in a field is in, and what its empty cell shows: always the same one. A hint in words that
 * names the field's own unit leaves it at that.
 */
function unitShown(unit: string, hint: string, region: Region | undefined): { shown: string; hint: string } {
  const local = localUnit(unit, region);
  if (hint === unit) return { shown: local, hint: local };
  return { shown: hint.includes(unit) ? unit : local, hint };
}

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
  const { shown, hint } = unitShown(unit, props.placeholder ?? '', region);
  const ways = waysToWrite(row.entered, unit === '*' ? '' : shown);
  const others = entries.rows.filter((r) => r.id !== row.id).map((r) => r.entered);
  const write = (text: string) => entries.fill(row, text);
  const shop = useNumbersOfShop(row.entered, ways, write, (text) =>
    shown === unit ? text : (withLocalUnit(text, unit, region, others) ?? text),
  );
  const offers = shop.other === '' ? ways : [shop.other];
  return (
    <Leaving onLeave={shop.leave}>
      {entries.cell(row, 'entered', { ...props, placeholder: hint })}
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
