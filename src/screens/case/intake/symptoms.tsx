'use client';

import { X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { FREQUENCIES, type RowOf } from '@/core/case';
import { symptomsByClause } from '@/core/symptoms/by-clause';
import { CONDITIONS, conditionLabel, LAMPS } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import { Button, IconButton, Input, Tag } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { useDraft } from '../../draft';
import { ChoiceField } from '../fields';
import { useCase, useCaseStore } from '../saving/store';
import { Perhaps } from './perhaps';
import { useVocabulary } from './vocabulary';

const SymptomBox = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  padding: 4px 0 4px 8px;
  border-bottom: 1px solid var(--rule);
`;
const Toggle = styled.button<{ $on: boolean }>`
  border: 0;
  cursor: pointer;
  min-height: 26px;
  padding: 0 9px;
  border-radius: 13px;
  font-size: 0.8125rem;
  background: ${({ $on }) => ($on ? 'var(--accent-soft)' : 'transparent')};
  color: ${({ $on }) => ($on ? 'var(--accent)' : 'var(--ink-2)')};
  box-shadow: inset 0 0 0 1px ${({ $on }) => ($on ? 'var(--accent)' : 'var(--rule-2)')};
  @media (pointer: coarse) {
    min-height: 44px;
    padding: 0 14px;
  }
`;

export function SymptomRow({ symptom: s }: { symptom: RowOf<'symptom'> }) {
  const edit = useCase((x) => x.edit);
  const remove = useCase((x) => x.remove);
  const [choosing, setChoosing] = useState(false);
  const label = symptomById(s.concept)?.label;
  const flip = (list: string[], value: string) =>
    list.includes(value) ? list.filter((v) => v !== value) : [...list, value];
  return (
    <SymptomBox id={`symptom-${s.id}`}>
      <strong>{label ?? s.words}</strong>
      {label && s.words && s.words.toLowerCase() !== label.toLowerCase() && (
        <Text as="span" $tone="ink-3">
          “{s.words}”
        </Text>
      )}
      {s.conditions.map((c) => (
        <OffTag
          key={c}
          says={conditionLabel(c)}
          onOff={() => edit('symptom', s.id, 'conditions', flip(s.conditions, c))}
        />
      ))}
      {s.lamps.map((l) => (
        <OffTag
          key={l}
          says={`${l} light`}
          tone="unsure"
          onOff={() => edit('symptom', s.id, 'lamps', flip(s.lamps, l))}
        />
      ))}
      <Inline as="span" $gap={4} $align="center" $nowrap $push>
        <Cell as="span" $width={116}>
          <ChoiceField
            kind="symptom"
            id={s.id}
            field="frequency"
            label="How often"
            hideLabel
            options={FREQUENCIES}
            empty="how often"
          />
        </Cell>
        <Button $kind="quiet" aria-expanded={choosing} onPress={() => setChoosing(!choosing)}>
          When …
        </Button>
        <IconButton
          aria-label={`Remove ${label ?? s.words}`}
          onPress={() => remove('symptom', s.id, label ?? s.words)}
        >
          <X aria-hidden="true" />
        </IconButton>
      </Inline>
      {!label && (
        <Perhaps words={s.words} known={[]} onTake={(p) => edit('symptom', s.id, 'concept', p.id)} />
      )}
      {choosing && (
        <Inline $gap={5} $whole $pad="0 0 6px">
          {CONDITIONS.map((c) => (
            <Toggle
              key={c.id}
              type="button"
              $on={s.conditions.includes(c.id)}
              aria-pressed={s.conditions.includes(c.id)}
              onClick={() => edit('symptom', s.id, 'conditions', flip(s.conditions, c.id))}
            >
              {c.label}
            </Toggle>
          ))}
          <Text as="span" $tone="ink-3" $size="small" $whole>
            Warning lights
          </Text>
          {LAMPS.map((l) => (
            <Toggle
              key={l}
              type="button"
              $on={s.lamps.includes(l)}
              aria-pressed={s.lamps.includes(l)}
              onClick={() => edit('symptom', s.id, 'lamps', flip(s.lamps, l))}
            >
              {l}
            </Toggle>
          ))}
        </Inline>
      )}
    </SymptomBox>
  );
}

/** A condition or lamp that is taken off with one press, as one that was heard wrongly. */
function OffTag({ says, tone, onOff }: { says: string; tone?: 'unsure'; onOff: () => void }) {
  return (
    <OffButton type="button" onClick={onOff} aria-label={`Remove: ${says}`}>
      <Tag {...(tone ? { $tone: tone } : {})}>
        {says} <X size={12} aria-hidden="true" />
      </Tag>
    </OffButton>
  );
}
const OffButton = styled.button`
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  & svg {
    opacity: 0.45;
  }
  &:hover svg,
  &:focus-visible svg {
    opacity: 1;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

/** One line in anyone's words; Enter makes it a symptom with its conditions. */
const notRead = (perhaps: readonly { label: string }[]): string =>
  perhaps.length > 0
    ? `Perhaps ${perhaps.map((p) => p.label).join(', or ')}: kept in your words, and asked.`
    : 'Not in the vocabulary; kept in your words.';

export function AddSymptom() {
  const [text, setText] = useDraft(`${useCase((s) => s.record.case.id)}:symptom`);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const store = useCaseStore();
  const count = useCase((s) => s.record.symptom.length);
  const vocabulary = useVocabulary();
  const read = vocabulary?.read(text);
  const hits = read?.symptoms.filter((h) => !h.negated) ?? [];
  // Entered before the vocabulary is there: they stand in their own words until it is.
  const unread = useRef<{ id: string; said: string }[]>([]);
  const put = () => {
    const said = text.trim();
    if (said === '') return;
    setText('');
    const shared = read && {
      conditions: read.conditions.filter((c) => !c.negated).map((c) => c.id),
      frequency: read.frequency,
    };
    if (hits.length === 0) {
      const id = add('symptom', { words: said, ...shared, source: 'shop', position: count });
      if (!read) unread.current.push({ id, said });
    }
    if (!vocabulary || hits.length === 0) return;
    // Of several, each has the conditions of its own clause.
    const own = hits.length > 1 ? symptomsByClause(vocabulary, said) : [];
    hits.forEach((h, i) => {
      const { conditions, frequency } = own.find((x) => x.id === h.id) ?? shared ?? {};
      add('symptom', {
        concept: h.id,
        words: hits.length === 1 ? said : h.words,
        conditions,
        frequency,
        source: 'shop',
        position: count + i,
      });
    });
  };
  useEffect(() => {
    if (!vocabulary) return;
    for (const { id, said } of unread.current.splice(0)) {
      // Taken back meanwhile: there is nothing left to read.
      if (!store.getState().record.symptom.some((s) => s.id === id)) continue;
      const late = vocabulary.read(said);
      const [first, ...others] = late.symptoms.filter((h) => !h.negated);
      if (!first) continue;
      const conditions = late.conditions.filter((c) => !c.negated).map((c) => c.id);
      edit('symptom', id, 'concept', first.id);
      edit('symptom', id, 'conditions', conditions);
      edit('symptom', id, 'frequency', late.frequency);
      for (const h of others) add('symptom', { concept: h.id, words: h.words, conditions, source: 'shop' });
    }
  }, [vocabulary, add, edit, store]);
  return (
    <Cell $margin="4px 0 0">
      <Input
        aria-label="Add a symptom"
        data-cell="add-symptom"
        placeholder="Symptom in any words, for instance “stalls at the lights when hot” — Enter adds it"
        value={text}
        maxLength={400}
        onChange={(e) => setText(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
            put();
          }
        }}
        onBlur={put}
      />
      {text.trim() !== '' && read && (
        <Text as="div" $tone="ink-2" $size="small" $indent role="status">
          {hits.length
            ? `Read as: ${[...hits.map((h) => h.label), ...read.conditions.map((c) => c.label), read.frequency].filter(Boolean).join(' · ')}`
            : notRead(read.perhaps)}
        </Text>
      )}
    </Cell>
  );
}
