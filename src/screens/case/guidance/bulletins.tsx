'use client';

import { Check } from 'lucide-react';
import styled from 'styled-components';
import { Button, Figure, Quiet, Tag } from '@/ui/controls';
import { Cell, Text } from '@/ui/layout';
import { ChoiceField } from '../fields';
import { useBulletins, type ShownBulletin } from './similar-cases';
import { useCase } from '../saving/store';

const Item = styled.li`
  padding: 5px 0 7px;
  border-top: 1px solid var(--rule);
  & summary {
    cursor: pointer;
    min-height: 24px;
  }
  & p {
    white-space: pre-line;
    color: var(--ink-2);
    padding: 5px 0;
  }
  @media (pointer: coarse) {
    & summary {
      min-height: 44px;
      padding-top: 10px;
    }
  }
`;

/** Bulletins that go with the case, with why; consulting one is noted on the case. */
export function BulletinMargin() {
  const bulletins = useBulletins();
  if (bulletins.length === 0) return null;
  return (
    <section aria-label="Bulletins">
      <h3>Bulletins</h3>
      <ul>
        {bulletins.map((b) => (
          <BulletinItem key={b.bulletin.id} hit={b} />
        ))}
      </ul>
    </section>
  );
}

function BulletinItem({ hit: { bulletin: b, because } }: { hit: ShownBulletin }) {
  const use = useCase((s) => s.record.bulletinUse.find((u) => u.bulletinId === b.id));
  const add = useCase((s) => s.add);
  const count = useCase((s) => s.record.bulletinUse.length);
  return (
    <Item>
      <details>
        <summary>
          <Figure>{b.number}</Figure>{' '}
          <Text as="b" $weight={650}>
            {b.title}
          </Text>{' '}
          {use && <Tag $tone="accent">consulted</Tag>}
          <br />
          <Quiet>{because.join(', ')}</Quiet>
        </summary>
        <p>{b.body}</p>
        <Quiet>{b.issuedBy}</Quiet>
        {use ? (
          <ChoiceField
            kind="bulletinUse"
            id={use.id}
            field="helped"
            label="Did it help?"
            options={['', 'yes', 'no', 'misled']}
          />
        ) : (
          <Cell $margin="5px 0 0">
            <Button onPress={() => add('bulletinUse', { bulletinId: b.id, position: count })}>
              <Check aria-hidden="true" /> Note that it was consulted
            </Button>
          </Cell>
        )}
      </details>
    </Item>
  );
}
