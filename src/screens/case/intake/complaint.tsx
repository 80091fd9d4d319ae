'use client';

import styled from 'styled-components';
import { Plus, X } from 'lucide-react';
import { EARLIER_KINDS, PART_SOURCES, type RowOf } from '@/core/case';
import { conditionLabel } from '@/core/symptoms/conditions';
import { useWordsRead } from './vocabulary';
import { Button, IconButton, Quiet, Segments } from '@/ui/controls';
import { Inline, Stack, Text } from '@/ui/layout';
import { ComebackLinks } from '../conclusion/comeback';
import { CasePart } from '../case-part';
import { ChoiceField, LineField, ProseField, Row, Sub, focusNext } from '../fields';
import { useActions } from '../../frame/actions';
import { AddFiles, Files } from '../files';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';
import { ChangedBefore } from './changed-before';
import { Perhaps } from './perhaps';
import { AddSymptom, SymptomRow } from './symptoms';
import { VehicleFields } from './vehicle';

const EarlierBox = styled.div`
  border-bottom: 1px solid var(--rule);
  padding-bottom: 4px;
`;

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
  const heard = useWordsRead(said)?.symptoms ?? [];
  // Each with the conditions of its own clause: "pulls when braking, rattles when cold".
  const offered = heard.filter((x) => !symptoms.some((s) => s.concept === x.id));

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
  const addEarlier = () => focusNext(`${add('earlier', { position: earlier.length })}:what`);
  useActions('On a case', [
    { say: 'The vehicle', words: 'vin vehicle', key: 'v', run: () => focusNext(`${vehicleId}:vin`) },
    { say: 'The customer’s words', words: 'said', key: 'w', run: () => focusNext(`${id}:said`) },
    { say: 'What the shop saw', words: 'seen', run: () => focusNext(`${id}:seen`) },
    { say: 'Add a symptom', words: 'symptom', key: 'y', run: () => focusNext('add-symptom') },
    { say: 'Earlier repair or event', words: 'before history', run: addEarlier },
    ...REPRODUCED.map((r) => ({
      say: `Reproduced here: ${r.label}`,
      run: () => edit('case', id, 'reproduced', r.value),
    })),
  ]);

  return (
    <CasePart id="complaint" title="Complaint">
      <VehicleFields autoFocus={fresh} onEnter={() => focusNext(`${id}:said`)} />
      <Stack $gap={6} $margin="10px 0 0">
        <ProseField
          kind="case"
          id={id}
          field="said"
          label="Customer’s own words"
          placeholder="In their own words, not what you think it means."
        />
        {offered.length > 0 && (
          <Inline $gap={6} $align="center" $indent>
            <Text as="span" $tone="ink-3" $size="small">
              Heard in it:
            </Text>
            {offered.map((x) => (
              <One key={x.id} onPress={() => take([x])}>
                <Plus aria-hidden="true" /> {x.label}
                {(x.conditions.length > 0 || x.frequency) && (
                  <Quiet>
                    {[...x.conditions.map(conditionLabel), x.frequency].filter(Boolean).join(', ')}
                  </Quiet>
                )}
              </One>
            ))}
            {offered.length > 1 && (
              <OfferButton onPress={() => take(offered)}>
                <Plus aria-hidden="true" /> all {offered.length}
              </OfferButton>
            )}
          </Inline>
        )}
        <Perhaps
          words={said}
          known={symptoms.map((s) => s.concept)}
          onTake={(p) => add('symptom', { concept: p.id, words: p.words, position: symptoms.length })}
        />
        <ChangedBefore said={said} />
        <ProseField
          kind="case"
          id={id}
          field="seen"
          label="What the shop saw"
          placeholder="Seen, heard, smelt here. Lamps on, what was fitted lately, what the customer left out."
        />
      </Stack>
      <Inline $gap={10} $align="center" $indent $margin="8px 0 0">
        <Text as="span" $tone="ink-3" $size="small" $weight={600}>
          Reproduced here
        </Text>
        <Segments
          label="Reproduced here"
          value={reproduced}
          options={REPRODUCED}
          onChange={(v) => edit('case', id, 'reproduced', v)}
        />
      </Inline>

      <Sub>Symptoms</Sub>
      {symptoms.map((s) => (
        <SymptomRow key={s.id} symptom={s} />
      ))}
      <AddSymptom />

      <Sub>Earlier repairs and events</Sub>
      {earlier.map((e) => (
        <EarlierRow key={e.id} row={e} />
      ))}
      <Button $kind="quiet" onPress={addEarlier}>
        <Plus aria-hidden="true" /> Earlier repair or event
      </Button>
      <ComebackLinks />
      <AddFiles what="the case" />
      <Files label="Photos and files of the case" />
    </CasePart>
  );
}

function EarlierRow({ row }: { row: RowOf<'earlier'> }) {
  const remove = useCase((s) => s.remove);
  const b = { kind: 'earlier', id: row.id } as const;
  return (
    <EarlierBox id={`earlier-${row.id}`}>
      <Row $columns="0.7fr 2fr 1.2fr 0.9fr auto">
        <ChoiceField {...b} field="kind" label="Kind" options={EARLIER_KINDS} />
        <LineField {...b} field="what" label="What" placeholder="what was done or happened" />
        <LineField {...b} field="part" label="Part" />
        <ChoiceField {...b} field="partSource" label="Source" options={PART_SOURCES} />
        <IconButton
          aria-label="Remove this earlier event"
          onPress={() => remove('earlier', row.id, 'earlier event')}
          $margin="18px 0 0"
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Row $columns="1.4fr 1.4fr 0.7fr 1.2fr">
        <LineField {...b} field="by" label="By whom" />
        <LineField {...b} field="when" label="When" />
        <LineField {...b} field="price" label="Cost" figure />
        <ChoiceField
          {...b}
          field="changed"
          label="Did it change anything"
          options={['', 'no change', 'better', 'worse', 'started it', 'unknown']}
        />
      </Row>
    </EarlierBox>
  );
}
