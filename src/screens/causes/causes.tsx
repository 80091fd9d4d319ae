'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { Catalogue } from '@/core/cause';
import { Button, Choice, Figure, Input, Quiet, Tag } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { Entry, type Item } from './entry';

const Page = styled.main`
  max-width: 1240px;
  margin: 0 auto;
  padding: 20px 20px 60px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 30px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  & h1 {
    font-size: 1.25rem;
  }
  & h2 {
    font-size: 0.9375rem;
    margin: 16px 0 4px;
  }
`;
const List = styled.ul`
  columns: 3 200px;
  column-gap: 18px;
  & button {
    border: 0;
    background: none;
    text-align: left;
    cursor: pointer;
    width: 100%;
    min-height: 30px;
    padding: 2px 6px;
    border-radius: 3px;
    display: flex;
    gap: 6px;
    align-items: baseline;
    break-inside: avoid;
  }
  & button:hover {
    background: var(--sunk);
  }
  & button[aria-pressed='true'] {
    background: var(--accent-soft);
  }
  @media (pointer: coarse) {
    & button {
      min-height: 44px;
    }
  }
`;
const Panel = styled.aside`
  position: sticky;
  top: 70px;
  align-self: start;
  background: var(--sheet);
  box-shadow: var(--shadow);
  padding: 14px 16px;
  display: grid;
  gap: 10px;
`;

/** The shop's list of parts and kinds of failure: names, synonyms, merging, so that counting works. */
export function CausesScreen({ items }: { items: Item[] }) {
  const router = useRouter();
  const [kind, setKind] = useState<'part' | 'failure'>('part');
  const [filter, setFilter] = useState('');
  const [chosenId, setChosenId] = useState('');
  const [message, setMessage] = useState('');
  const catalogue = useMemo(() => new Catalogue(items), [items]);
  const standing = items.filter((i) => i.kind === kind && !i.mergedInto);
  const wanted =
    filter.trim() === '' ? standing : catalogue.suggest(kind, filter, 80).map(({ item }) => item as Item);
  const groups = [...new Set(wanted.map((i) => i.system))].sort();
  const fresh = items.filter((i) => i.fresh && !i.mergedInto);
  const chosen = items.find((i) => i.id === chosenId);

  const send = async (body: object, done: string) => {
    const [{ post }, { CatalogueChanged }] = await Promise.all([
      import('../send'),
      import('@/core/api/shop'),
    ]);
    const { answer, problem } = await post('/api/catalogue', body, CatalogueChanged);
    setMessage(problem || done);
    if (answer) router.refresh();
  };

  return (
    <Page>
      <section>
        <h1>Causes: parts and what goes wrong with them</h1>
        <Text $tone="ink-2" $measure={62}>
          A root cause is a part and a kind of failure from this list. One name for one thing keeps the
          counting honest: add what people also call it, merge what means the same.
        </Text>
        <Inline $gap={12} $align="end" $margin="12px 0">
          <Choice
            label="List"
            value={kind}
            options={[
              { value: 'part', label: 'Parts' },
              { value: 'failure', label: 'Kinds of failure' },
            ]}
            onChange={(v) => setKind(v as 'part')}
          />
          <Cell $min={200} $grow>
            <Input
              aria-label="Filter by name or synonym"
              placeholder="Name or synonym"
              value={filter}
              onChange={(e) => setFilter(e.target.value)}
            />
          </Cell>
          <Button
            isDisabled={filter.trim() === '' || !!catalogue.find(kind, filter)}
            onPress={() =>
              void send({ do: 'add', kind, name: filter.trim() }, `“${filter.trim()}” is in the list now.`)
            }
          >
            Add “{filter.trim() || '…'}”
          </Button>
        </Inline>
        {fresh.length > 0 && (
          <p>
            <Tag $tone="unsure">{fresh.length} to look at</Tag>{' '}
            <Quiet>came in from typing or a file: {fresh.map((f) => f.name).join(', ')}</Quiet>
          </p>
        )}
        {groups.map((g) => (
          <section key={g} aria-label={g || 'Kinds of failure'}>
            {g && <h2>{g}</h2>}
            <List>
              {wanted
                .filter((i) => i.system === g)
                .map((i) => (
                  <li key={i.id}>
                    <button type="button" aria-pressed={i.id === chosenId} onClick={() => setChosenId(i.id)}>
                      {i.name} {i.fresh && <Tag $tone="unsure">new</Tag>}{' '}
                      {i.used > 0 && <Figure $tone="accent">{i.used}</Figure>}
                    </button>
                  </li>
                ))}
            </List>
          </section>
        ))}
      </section>
      <Panel aria-label="Chosen entry">
        {chosen ? (
          <Entry
            key={chosen.id + chosen.name + chosen.synonyms.length}
            item={chosen}
            items={items}
            send={send}
            onChoose={setChosenId}
          />
        ) : (
          <Quiet>
            Choose an entry to rename it, add synonyms, or merge it into another. The figure says in how many
            causes it stands.
          </Quiet>
        )}
        <p role="status">{message}</p>
      </Panel>
    </Page>
  );
}
