'use client';

import styled from 'styled-components';
import type { Fork } from '@/core/guide';
import { Figure, Quiet } from '@/ui/controls';

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
  forks: (Fork & { here?: { reads: string; causes: string[] } | undefined })[];
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
          <Quiet>
            on {f.cases} cases
            {f.here ? `; this one: ${f.here.reads}` : ''}
          </Quiet>
        </Item>
      ))}
    </List>
  );
}

function Side({ side, here }: { side: Fork['sides'][number]; here: boolean }) {
  return (
    <>
      <dt>
        <Figure>{side.says}</Figure>
      </dt>
      <dd data-here={here} style={{ margin: 0 }}>
        {side.causes.map((c) => `${c.name}${c.cases > 1 ? ` (${c.cases})` : ''}`).join('; ')}{' '}
        <Quiet>case {side.numbers.slice(0, 4).join(', ')}</Quiet>
        {here && ' ← this one'}
      </dd>
    </>
  );
}
