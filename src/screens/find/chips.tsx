'use client';

import { X } from 'lucide-react';
import Link from '@/ui/link';
import { Button as AriaButton, Dialog, DialogTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { Chip, Correction, FacetFilter } from '@/core/similar';
import { CONDITIONS } from '@/core/symptoms/conditions';
import { SYMPTOM_NAMES } from '@/core/symptoms/names';
import { Button, FieldLabel, Quiet } from '@/ui/controls';

const List = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  min-height: 40px;
  margin: 8px 0 4px;
`;
const Pill = styled.li<{ $tone?: 'guess' | 'only' }>`
  display: inline-flex;
  align-items: stretch;
  border: 1px ${({ $tone }) => ($tone === 'guess' ? 'dashed' : 'solid')} var(--rule-2);
  border-radius: 16px;
  background: ${({ $tone }) => ($tone === 'only' ? 'var(--accent-soft)' : 'var(--raised)')};
  & button {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    min-height: 32px;
    padding: 0 5px 0 11px;
    border: 0;
    border-radius: 16px;
    background: none;
    cursor: pointer;
  }
  & button:last-child {
    padding: 0 9px 0 5px;
  }
  & small {
    color: var(--ink-3);
  }
  &:hover {
    border-color: var(--accent);
  }
  @media (pointer: coarse) {
    & button {
      min-height: 44px;
    }
    border-radius: 22px;
  }
`;
const Sheet = styled(Popover)`
  background: var(--raised);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  box-shadow: var(--shadow);
  padding: 12px;
  width: 290px;
  & section {
    display: grid;
    gap: 9px;
    outline: none;
  }
  & select {
    width: 100%;
    min-height: 38px;
  }
`;

/** The other reading of the same words, one press away. */
const Or = styled.button`
  color: var(--ink-2);
  text-decoration: underline dotted var(--rule-2);
  text-underline-offset: 3px;
`;

/** What each kind of chip is called, for the small word on it. */
const KIND_WORD: Partial<Record<Chip['kind'], string>> = {
  text: 'as text',
  'cause part': 'part',
  'engine build': 'engine',
  'kind of vehicle': 'vehicle',
  'code family': 'any of',
  without: 'not',
  like: 'cases',
  number: 'only',
  condition: 'when',
  reading: 'reading',
  vehicle: 'called',
};

/** How the search was read: each chip can be taken off, or put right. */
export function Chips({
  chips,
  only,
  says,
  onTakeOff,
  onCorrect,
  onWiden,
}: {
  chips: Chip[];
  only: (FacetFilter & { label: string })[];
  says: string;
  onTakeOff: (chip: Chip) => void;
  onCorrect: (correction: Correction) => void;
  onWiden: (only: FacetFilter) => void;
}) {
  return (
    <List aria-label="How the search was read">
      {chips.map((c) => (
        <Pill key={c.kind + c.value + c.words} {...(c.guess ? { $tone: 'guess' as const } : {})}>
          <DialogTrigger>
            <AriaButton aria-label={`${KIND_WORD[c.kind] ?? c.kind} ${c.label}: correct`}>
              <small>{c.guess ? 'perhaps' : (KIND_WORD[c.kind] ?? c.kind)}</small> {c.label}
            </AriaButton>
            <Sheet placement="bottom start">
              <Dialog aria-label={`What “${c.words}” means`}>
                {({ close }) => <Correcting chip={c} close={close} onCorrect={onCorrect} />}
              </Dialog>
            </Sheet>
          </DialogTrigger>
          {c.or?.map((o) => (
            <Or
              key={o.kind + o.value}
              type="button"
              onClick={() => onCorrect({ words: c.words, ...o })}
              aria-label={`“${c.words}” means ${KIND_WORD[o.kind] ?? o.kind} ${o.label}`}
            >
              <small>or {KIND_WORD[o.kind] ?? o.kind}</small> {o.label}
            </Or>
          ))}
          <button type="button" onClick={() => onTakeOff(c)} aria-label={`Remove ${c.label}`}>
            <X size={14} aria-hidden="true" />
          </button>
        </Pill>
      ))}
      {only.map((o) => (
        <Pill key={o.by + o.value} $tone="only">
          <button type="button" onClick={() => onWiden(o)} aria-label={`Not only ${o.label}`}>
            <small>only</small> {o.label} <X size={14} aria-hidden="true" />
          </button>
        </Pill>
      ))}
      {says && <Quiet as="li">{says}</Quiet>}
    </List>
  );
}

function Correcting({
  chip: c,
  close,
  onCorrect,
}: {
  chip: Chip;
  close: () => void;
  onCorrect: (correction: Correction) => void;
}) {
  const put = (kind: Chip['kind'], value: string, label: string) => {
    onCorrect({ words: c.words, kind, value, label });
    close();
  };
  return (
    <>
      <p>
        “{c.words}” is read as <b>{c.label}</b>
        {c.guess && ', which is a guess'}.
      </p>
      {c.kind !== 'text' && (
        <Button onPress={() => put('text', c.words.toLowerCase(), c.words)}>Search as plain text</Button>
      )}
      <div>
        <FieldLabel htmlFor="means">It means</FieldLabel>
        <select
          id="means"
          defaultValue=""
          onChange={(e) => {
            const [kind, id] = e.target.value.split('|') as ['symptom' | 'condition', string];
            put(kind, id, e.target.selectedOptions[0]!.text);
          }}
        >
          <option value="" disabled>
            choose …
          </option>
          <optgroup label="Symptom">
            {SYMPTOM_NAMES.map((s) => (
              <option key={s.id} value={`symptom|${s.id}`}>
                {s.label}
              </option>
            ))}
          </optgroup>
          <optgroup label="When">
            {CONDITIONS.map((s) => (
              <option key={s.id} value={`condition|${s.id}`}>
                {s.label}
              </option>
            ))}
          </optgroup>
        </select>
      </div>
      {(c.kind === 'text' || c.guess) && (
        <Link href={`/shop/words?word=${encodeURIComponent(c.words)}`}>Save this word for the shop</Link>
      )}
    </>
  );
}
