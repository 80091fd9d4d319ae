'use client';

import { ChevronDown } from 'lucide-react';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { Button, ComboBox, Input, Label, ListBox, ListBoxItem, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { CatalogueItem, RowOf } from '@/core/case';
import { Catalogue, causeName } from '@/core/cause';
import { Text } from '@/ui/layout';
import { useField, type Bound } from '../fields';

/** The shop's list of parts and failures, and choosing from it. */

interface Shared {
  catalogue: Catalogue;
  addEntry: (kind: 'part' | 'failure', name: string) => Promise<CatalogueItem>;
}
const Context = createContext<Shared | null>(null);

export function CatalogueProvider({ items, children }: { items: CatalogueItem[]; children: ReactNode }) {
  const [list, setList] = useState(items);
  const value = useMemo<Shared>(
    () => ({
      catalogue: new Catalogue(list),
      async addEntry(kind, name) {
        const { addCatalogueEntry } = await import('../saving/server');
        const { answer, problem } = await addCatalogueEntry(kind, name);
        if (!answer) throw new Error(problem);
        const { item } = answer;
        setList((l) => (l.some((x) => x.id === item.id) ? l : [...l, item]));
        return item;
      },
    }),
    [list],
  );
  return <Context.Provider value={value}>{children}</Context.Provider>;
}

export function useCatalogue(): Shared {
  const shared = useContext(Context);
  if (!shared) throw new Error('useCatalogue outside its provider');
  return shared;
}

/** Names a suspect or cause by the shop's list. */
export function useSuspectName(): (
  s: Pick<RowOf<'suspect'>, 'partId' | 'failureId' | 'where'> & { words?: string },
) => string {
  const { catalogue } = useCatalogue();
  return (s) => causeName(catalogue, s);
}

const Field = styled.div`
  & label {
    display: block;
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
    padding-left: 8px;
  }
  & > div {
    display: flex;
    border-bottom: 1px solid var(--rule);
  }
  & > div:focus-within {
    box-shadow: 0 0 0 1px var(--accent);
    border-radius: 3px;
    background: var(--raised);
  }
  & input {
    flex: 1;
    min-width: 0;
    min-height: 32px;
    padding: 4px 7px;
    border: 0;
    background: transparent;
    outline: none;
  }
  & button {
    border: 0;
    background: transparent;
    color: var(--ink-3);
    min-width: 28px;
    cursor: pointer;
  }
  @media (pointer: coarse) {
    & input,
    & button {
      min-height: 44px;
    }
  }
`;
const List = styled(Popover)`
  background: var(--raised);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  max-height: 320px;
  overflow: auto;
  min-width: 260px;
`;
const Item = styled(ListBoxItem)`
  padding: 6px 12px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: var(--accent-soft);
  }
  & small {
    color: var(--ink-3);
    margin-left: 8px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

const NEW = 'new-entry';

/** Chooses a part or a kind of failure; a name that is not in the list yet can be added. */
export function CataloguePicker({
  kind,
  id,
  field,
  label,
  of,
  onChosen,
}: Bound & {
  of: 'part' | 'failure';
  /** Told what was chosen, with what stood there before. */
  onChosen?: (now: CatalogueItem, before: CatalogueItem | undefined) => void;
}) {
  const { catalogue, addEntry } = useCatalogue();
  const [value, edit] = useField(kind, id, field);
  const chosen = catalogue.resolve(typeof value === 'string' ? value : null);
  const [typed, setTyped] = useState(chosen?.name ?? '');
  const [last, setLast] = useState(chosen?.id);
  const [problem, setProblem] = useState('');
  if (chosen?.id !== last) {
    setLast(chosen?.id);
    setTyped(chosen?.name ?? '');
  }
  const words = typed === chosen?.name ? '' : typed.trim();
  const hits = catalogue.suggest(of, words, 14);
  const exact = words !== '' && catalogue.find(of, words);
  const choose = async (key: string | number | null) => {
    if (key === null) return;
    const take = (item: CatalogueItem | undefined) => {
      if (!item || item.id === chosen?.id) return;
      edit(item.id);
      onChosen?.(item, chosen);
    };
    if (key !== NEW) return take(catalogue.resolve(String(key)));
    try {
      take(await addEntry(of, words));
      setProblem('');
    } catch {
      setProblem('No connection: the new name is not in the list yet. Try again.');
    }
  };
  return (
    <ComboBox
      inputValue={typed}
      selectedKey={chosen?.id ?? null}
      menuTrigger="focus"
      allowsEmptyCollection
      onInputChange={setTyped}
      onSelectionChange={choose}
      onBlur={() => {
        const hit = words !== '' ? catalogue.find(of, words) : undefined;
        if (typed.trim() === '') edit(null);
        else if (hit) void choose(hit.id);
        setTyped(typed.trim() === '' ? '' : (hit?.name ?? chosen?.name ?? typed));
      }}
      items={[
        ...hits.map(({ item, via }) => ({ id: item.id, name: item.name, note: via || item.system })),
        ...(words !== '' && !exact
          ? [{ id: NEW, name: `Add “${words}”`, note: 'new in the shop’s list' }]
          : []),
      ]}
    >
      <Field>
        <Label>{label}</Label>
        <div>
          <Input
            data-cell={`${id}:${field}`}
            placeholder={of === 'part' ? 'which part' : 'what is wrong with it'}
            onKeyDown={(e) => {
              // With none pointed at, Enter takes the likeliest.
              if (e.key !== 'Enter' || e.currentTarget.getAttribute('aria-activedescendant')) return;
              if (words !== '') void choose(hits[0]?.item.id ?? NEW);
            }}
          />
          <Button aria-label={`Show ${of === 'part' ? 'parts' : 'failures'}`}>
            <ChevronDown size={15} aria-hidden="true" />
          </Button>
        </div>
        {typed !== '' && chosen?.name !== typed && !exact && (
          <Text as="small" $tone="unsure" $indent>
            {problem || 'not chosen yet'}
          </Text>
        )}
      </Field>
      <List>
        <ListBox>
          {(item: { id: string; name: string; note: string }) => (
            <Item id={item.id} textValue={item.name}>
              {item.name}
              <small>{item.note}</small>
            </Item>
          )}
        </ListBox>
      </List>
    </ComboBox>
  );
}
