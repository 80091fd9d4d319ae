'use client';

import { Plus, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { EARLIER_KINDS, FREQUENCIES, PART_SOURCES, type RowOf } from '@/core/case';
import { symptomsByClause } from '@/core/symptoms/by-clause';
import { CONDITIONS, conditionLabel, LAMPS } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import { useVocabulary } from './vocabulary';
import { Button, IconButton, Input, Segments, Tag } from '@/ui/controls';
import { CasePart, ChoiceField, LineField, ProseField, Row, Sub, useFocusNext } from './fields';
import { useDraft } from '../draft';
import { useActions } from '../frame/actions';
import { AddFiles, Files } from './files';
import { OfferButton } from './offer';
import { useCase } from './store';
import { VehicleFields } from './vehicle';

const REPRODUCED = [
  { value: 'yes', label: 'yes' },
  { value: 'sometimes', label: 'sometimes' },
  { value: 'no', label: 'not yet' },
] as const;

/** The complaint: vehicle, what was said, what was seen, symptoms, what happened before. */
export function ComplaintPart({ fresh }: { fresh: boolean }) {
  const id = useCase((s) => s.record.case.id);
  const vehicleId = useCase((s) => s.record.vehicle.id);
  const said = useCase((s) => s.record.case.said);
  const reproduced = useCase((s) => s.record.case.reproduced);
  const symptoms = useCase((s) => s.record.symptom);
  const earlier = useCase((s) => s.record.earlier);
  const edit = useCase((s) => s.edit);
  const add = useCase((s) => s.add);
  const focus = useFocusNext();
  const vocabulary = useVocabulary();
  // Each with the conditions of its own clause: "pulls when braking, rattles when cold".
  const offered = (vocabulary ? symptomsByClause(vocabulary, said) : []).filter(
    (x) => !symptoms.some((s) => s.concept === x.id),
  );

  // The key takes all that was heard at once.
  const One = offered.length > 1 ? Button : OfferButton;
  const take = (heard: typeof offered) =>
    heard.forEach((x, i) =>
      add('symptom', {
        concept: x.id,
        words: x.words,
        conditions: x.conditions,
        frequency: x.frequency,
        position: symptoms.length + i,
      }),
    );
  const addEarlier = () => focus(`${add('earlier', { position: earlier.length })}:what`);
  useActions('On a case', [
    { say: 'The vehicle', words: 'vin vehicle', key: 'v', run: () => focus(`${vehicleId}:vin`) },
    { say: 'The customer’s words', words: 'said', key: 'w', run: () => focus(`${id}:said`) },
    { say: 'What the shop saw', words: 'seen', run: () => focus(`${id}:seen`) },
    { say: 'Add a symptom', words: 'symptom', key: 'y', run: () => focus('add-symptom') },
    { say: 'Earlier repair or event', words: 'before history', run: addEarlier },
    ...REPRODUCED.map((r) => ({
      say: `Reproduced here: ${r.label}`,
      run: () => edit('case', id, 'reproduced', r.value),
    })),
  ]);

  return (
    <CasePart id="complaint" title="Complaint">
      <VehicleFields autoFocus={fresh} onEnter={() => focus(`${id}:said`)} />
      <div style={{ marginTop: 10, display: 'grid', gap: 6 }}>
        <ProseField
          kind="case"
          id={id}
          field="said"
          label="Customer’s own words"
          placeholder="Verbatim. What they say, not what it means."
        />
        {offered.length > 0 && (
          <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap', paddingLeft: 8, alignItems: 'center' }}>
            <span style={{ fontSize: '0.8125rem', color: 'var(--ink-3)' }}>Heard in it:</span>
            {offered.map((x) => (
              <One key={x.id} onPress={() => take([x])}>
                <Plus aria-hidden="true" /> {x.label}
              </One>
            ))}
            {offered.length > 1 && (
              <OfferButton onPress={() => take(offered)}>
                <Plus aria-hidden="true" /> all {offered.length}
              </OfferButton>
            )}
          </div>
        )}
        <ProseField
          kind="case"
          id={id}
          field="seen"
          label="What the shop saw"
          placeholder="Seen, heard, smelt here. Lamps on, what was fitted lately, what the customer left out."
        />
      </div>
      <div
        style={{
          display: 'flex',
          gap: 10,
          alignItems: 'center',
          marginTop: 8,
          paddingLeft: 8,
          flexWrap: 'wrap',
        }}
      >
        <span style={{ fontSize: '0.8125rem', color: 'var(--ink-3)', fontWeight: 600 }}>Reproduced here</span>
        <Segments
          label="Reproduced here"
          value={reproduced}
          options={REPRODUCED}
          onChange={(v) => edit('case', id, 'reproduced', v)}
        />
      </div>

      <Sub>Symptoms</Sub>
      {symptoms.map((s) => (
        <SymptomRow key={s.id} symptom={s} />
      ))}
      <AddSymptom />

      <Sub>What happened before</Sub>
      {earlier.map((e) => (
        <EarlierRow key={e.id} row={e} />
      ))}
      <Button $kind="quiet" onPress={addEarlier}>
        <Plus aria-hidden="true" /> Earlier repair or event
      </Button>
      <AddFiles what="the case" />
      <Files label="Photos and files of the case" />
    </CasePart>
  );
}

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

function SymptomRow({ symptom: s }: { symptom: RowOf<'symptom'> }) {
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
        <span style={{ color: 'var(--ink-3)' }}>“{s.words}”</span>
      )}
      {s.conditions.map((c) => (
        <Tag key={c}>{conditionLabel(c)}</Tag>
      ))}
      {s.lamps.map((l) => (
        <Tag key={l} $tone="unsure">
          {l} lamp
        </Tag>
      ))}
      <span style={{ marginLeft: 'auto', display: 'flex', gap: 4, alignItems: 'center' }}>
        <span style={{ width: 116 }}>
          <ChoiceField
            kind="symptom"
            id={s.id}
            field="frequency"
            label="How often"
            hideLabel
            options={FREQUENCIES}
            empty="how often"
          />
        </span>
        <Button $kind="quiet" aria-expanded={choosing} onPress={() => setChoosing(!choosing)}>
          When …
        </Button>
        <IconButton
          aria-label={`Remove ${label ?? s.words}`}
          onPress={() => remove('symptom', s.id, label ?? s.words)}
        >
          <X aria-hidden="true" />
        </IconButton>
      </span>
      {choosing && (
        <div style={{ flexBasis: '100%', display: 'flex', flexWrap: 'wrap', gap: 5, paddingBottom: 6 }}>
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
          <span style={{ flexBasis: '100%', fontSize: '0.8125rem', color: 'var(--ink-3)' }}>
            Warning lamps
          </span>
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
        </div>
      )}
    </SymptomBox>
  );
}

/** One line in anyone's words; Enter makes it a symptom with its conditions. */
function AddSymptom() {
  const [text, setText] = useDraft(`${useCase((s) => s.record.case.id)}:symptom`);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
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
    hits.forEach((h, i) =>
      add('symptom', {
        concept: h.id,
        words: hits.length === 1 ? said : h.words,
        ...shared,
        source: 'shop',
        position: count + i,
      }),
    );
  };
  useEffect(() => {
    if (!vocabulary) return;
    for (const { id, said } of unread.current.splice(0)) {
      const late = vocabulary.read(said);
      const [first, ...others] = late.symptoms.filter((h) => !h.negated);
      if (!first) continue;
      const conditions = late.conditions.filter((c) => !c.negated).map((c) => c.id);
      edit('symptom', id, 'concept', first.id);
      edit('symptom', id, 'conditions', conditions);
      edit('symptom', id, 'frequency', late.frequency);
      for (const h of others) add('symptom', { concept: h.id, words: h.words, conditions, source: 'shop' });
    }
  }, [vocabulary, add, edit]);
  return (
    <div style={{ marginTop: 4 }}>
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
        <div style={{ paddingLeft: 8, fontSize: '0.8125rem', color: 'var(--ink-2)' }} role="status">
          {hits.length
            ? `Read as: ${[...hits.map((h) => h.label), ...read.conditions.map((c) => c.label), read.frequency].filter(Boolean).join(' · ')}`
            : 'Not in the vocabulary; kept in your words.'}
        </div>
      )}
    </div>
  );
}

function EarlierRow({ row }: { row: RowOf<'earlier'> }) {
  const remove = useCase((s) => s.remove);
  const b = { kind: 'earlier', id: row.id } as const;
  return (
    <div id={`earlier-${row.id}`} style={{ borderBottom: '1px solid var(--rule)', paddingBottom: 4 }}>
      <Row $columns="0.7fr 2fr 1.2fr 0.9fr auto">
        <ChoiceField {...b} field="kind" label="Kind" options={EARLIER_KINDS} />
        <LineField {...b} field="what" label="What" placeholder="what was done or happened" />
        <LineField {...b} field="part" label="Part" />
        <ChoiceField {...b} field="partSource" label="Source" options={PART_SOURCES} />
        <IconButton
          aria-label="Remove this earlier event"
          onPress={() => remove('earlier', row.id, 'earlier event')}
          style={{ marginTop: 18 }}
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Row $columns="1.4fr 1.4fr 1.2fr">
        <LineField {...b} field="by" label="By whom" />
        <LineField {...b} field="when" label="When" />
        <ChoiceField
          {...b}
          field="changed"
          label="Did it change anything"
          options={['', 'no change', 'better', 'worse', 'started it', 'unknown']}
        />
      </Row>
    </div>
  );
}
