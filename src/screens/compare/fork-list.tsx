'use client';

import styled from 'styled-components';
import type { Fork } from '@/core/guide';
import { writeQuantity } from '@/core/readings';
import { Figure, Quiet } from '@/ui/controls';
import { Cell } from '@/ui/layout';
import { NumberLine, type LineRow } from '../number-line';

const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 0 22px;
`;
const Item = styled.li`
  padding: 6px 0 7px;
  border-top: 1px solid var(--rule);
  & dl {
    margin: 2px 0 0;
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0 10px;
  }
  & dt {
    white-space: nowrap;
  }
  & dd[data-here='true'] {
    font-weight: 650;
  }
`;

/** Forks in words: the test or reading, each side with the causes that fell there, on how many cases. */
export function ForkList({
  forks,
}: {
  forks: (Fork & { here?: { reads: string; causes: string[]; value?: number | undefined } | undefined })[];
}) {
  return (
    <List>
      {forks.map((f) => (
        <Item key={f.of + f.key}>
          <span>
            {f.of === 'reading' ? (
              <>
                <b>{f.label}</b> <Quiet>{f.question}</Quiet>
              </>
            ) : (
              <b>{f.question}</b>
            )}
          </span>
          <dl>
            {f.sides.map((s) => (
              <Side
                key={s.says}
                side={s}
                here={f.here?.causes.join() === s.causes.map((c) => c.name).join()}
              />
            ))}
          </dl>
          {f.values && f.threshold && (f.values.length > 2 || f.here?.value !== undefined) && (
            <NumberLine
              rows={rowsOf(f.values)}
              write={(value) => writeQuantity({ value, unit: f.threshold!.unit }, f.decimals ?? 0)}
              threshold={f.threshold.value}
              here={f.here?.value}
            />
          )}
          <Quiet>
            on {f.cases} cases
            {f.here ? `; this one: ${f.here.reads}` : ''}
          </Quiet>
        </Item>
      ))}
    </List>
  );
}

/** The causes with most readings first. */
function rowsOf(values: NonNullable<Fork['values']>): LineRow[] {
  const by = new Map<string, LineRow>();
  for (const { cause, number, value } of values) {
    const row = by.get(cause) ?? { name: cause, points: [] };
    row.points.push({ number, value });
    by.set(cause, row);
  }
  return [...by.values()].sort((a, b) => b.points.length - a.points.length);
}

function Side({ side, here }: { side: Fork['sides'][number]; here: boolean }) {
  return (
    <>
      <dt>
        <Figure>{side.says}</Figure>
      </dt>
      <Cell as="dd" data-here={here} $margin="0">
        {side.causes.map((c) => `${c.name}${c.cases > 1 ? ` (${c.cases})` : ''}`).join('; ')}{' '}
        <Quiet>case {side.numbers.slice(0, 4).join(', ')}</Quiet>
        {here && ' ← this one'}
      </Cell>
    </>
  );
}
