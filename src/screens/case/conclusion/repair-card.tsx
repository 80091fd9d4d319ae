'use client';

import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import {
  AUTHORISATIONS,
  nextActs,
  PART_SOURCES,
  partsAwaited,
  REPAIR_ACTIONS,
  repairAct,
  repairStates,
  type RepairAct,
  type RepairState,
  type RowOf,
} from '@/core/case';
import { Button, Choice, FieldLabel, IconButton, Quiet, Tag } from '@/ui/controls';
import { day, dayTime } from '@/ui/dates';
import { Cell } from '@/ui/layout';
import { personHere } from '../../person';
import { ChoiceField, LineField, nowIso, NumberField, ProseField, Row } from '../fields';
import { AddFiles, Files } from '../files';
import { MomentField } from '../moment';
import { OfferButton } from '../guidance/offer';
import { useSuspectName } from './parts';
import { usePeople } from '../people';
import { useCase } from '../saving/store';

const Card = styled.div`
  padding: 6px 10px 10px;
  margin-bottom: 8px;
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  background: var(--raised);
`;
const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin: 4px 0;
`;

const TONES: Record<RepairState, 'plain' | 'accent' | 'fail' | 'unsure' | 'pass'> = {
  planned: 'plain',
  asked: 'unsure',
  authorised: 'accent',
  'waiting for a part': 'unsure',
  done: 'pass',
  declined: 'fail',
  'put off': 'plain',
};
const SAYS: Record<RepairState, string> = {
  planned: 'planned',
  asked: 'customer asked',
  authorised: 'authorised',
  'waiting for a part': 'waiting for a part',
  done: 'done',
  declined: 'declined',
  'put off': 'put off',
};
/** Chosen from the list, an answer is the same act as its button: with its time, and what it means for the cause. */
const BY_HAND: Partial<Record<string, RepairAct>> = {
  asked: 'ask',
  authorised: 'authorise',
  declined: 'decline',
  'put off': 'put off',
};
const ACTS: Record<RepairAct, string> = {
  ask: 'Customer asked',
  authorise: 'Authorised',
  decline: 'Declined',
  'put off': 'Put off',
  order: 'Part ordered',
  arrived: 'Part arrived',
  done: 'Done',
};

/** One repair: where it stands, what can follow in one press, what it takes and costs. */
export function RepairCard({ repair: r }: { repair: RowOf<'repair'> }) {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const together = useCase((s) => s.together);
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const name = useSuspectName();
  const b = { kind: 'repair', id: r.id } as const;
  const parts = record.part.filter((p) => p.repairId === r.id);
  const state = repairStates(record).get(r.id) ?? 'planned';
  const cause = record.cause.find((c) => c.id === r.causeId);
  const act = (what: RepairAct) => {
    const ops = repairAct(record, r.id, what, personHere(), nowIso());
    if (ops.length) together(ops);
  };
  return (
    <Card id={`repair-${r.id}`}>
      <Row $columns="0.8fr 2.6fr 0.5fr 0.9fr auto">
        <ChoiceField {...b} field="action" label="Work" options={REPAIR_ACTIONS} />
        <LineField {...b} field="what" label="What" />
        <NumberField {...b} field="hours" label="Hours" />
        <Choice
          label="Customer"
          value={r.authorisation}
          options={AUTHORISATIONS}
          onChange={(v) => (BY_HAND[v] ? act(BY_HAND[v]) : edit('repair', r.id, 'authorisation', v))}
        />
        <IconButton
          aria-label="Remove this repair"
          onPress={() => remove('repair', r.id, 'repair')}
          $margin="17px 0 0"
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Bar role="group" aria-label={`${r.what || 'This repair'}: where it stands`}>
        <Tag $tone={TONES[state]}>{SAYS[state]}</Tag>
        <Times repair={r} state={state} />
        <Cell as="span" $grow />
        {nextActs(record, r.id).map((what) =>
          what === 'done' ? (
            <OfferButton key={what} onPress={() => act(what)}>
              {cause && cause.state !== 'repaired' ? 'Done: the cause is repaired' : 'Done now'}
            </OfferButton>
          ) : (
            <Button key={what} onPress={() => act(what)}>
              {ACTS[what]}
            </Button>
          ),
        )}
      </Bar>
      {parts.map((p) => (
        <PartRow key={p.id} part={p} />
      ))}
      {(state === 'declined' || state === 'put off') && (
        <LineField
          {...b}
          field="declinedMeans"
          label="What that means for the customer (on the report)"
          placeholder="left empty, the report says which symptoms and codes stay"
        />
      )}
      <Row $columns="1.3fr 1fr 1fr 1fr" $margin="2px 0 0">
        <ChoiceField
          {...b}
          field="causeId"
          label="For the cause"
          options={[{ value: '', label: '' }, ...record.cause.map((c) => ({ value: c.id, label: name(c) }))]}
          empty="which cause?"
        />
        <LineField {...b} field="access" label="Removed for access" />
        <LineField
          {...b}
          field="alsoChanged"
          label="Other changes"
          placeholder="two changes leave it unproven"
        />
        <LineField {...b} field="due" label="Still due" placeholder="relearn, calibration" />
      </Row>
      <ProseField {...b} field="note" label="Note (stays in the shop)" />
      <Button $kind="quiet" onPress={() => add('part', { repairId: r.id, position: parts.length })}>
        <Plus aria-hidden="true" /> Part
      </Button>
    </Card>
  );
}

/** When it was asked, answered, ordered and done, and by whom. */
function Times({ repair: r, state }: { repair: RowOf<'repair'>; state: RepairState }) {
  const people = usePeople();
  const awaited = useCase((s) => partsAwaited(s.record, r.id).length);
  const said = [
    r.askedAt && `asked ${dayTime(r.askedAt)}`,
    r.answeredAt &&
      [`answered ${dayTime(r.answeredAt)}`, r.answeredById && `to ${people(r.answeredById)}`]
        .filter(Boolean)
        .join(' '),
    awaited > 0 && state !== 'waiting for a part' && 'a part is on order',
    state === 'done' && r.byId && `by ${people(r.byId)}`,
  ].filter(Boolean);
  return (
    <>
      {(state === 'done' || r.at !== null) && (
        <MomentField
          kind="repair"
          id={r.id}
          label="When it was done"
          empty={state === 'done' ? 'when?' : 'not done yet'}
          clearable
        />
      )}
      {said.length > 0 && <Quiet>{said.join(' · ')}</Quiet>}
    </>
  );
}

function PartRow({ part: p }: { part: RowOf<'part'> }) {
  const remove = useCase((s) => s.remove);
  const pb = { kind: 'part', id: p.id } as const;
  return (
    <div>
      <Row $columns="1.6fr 1fr 0.9fr 0.8fr 0.7fr auto auto">
        <div>
          <LineField {...pb} field="name" label="Part" />
          {(p.orderedAt ?? p.arrivedAt) && (
            <Quiet $indent>
              <FieldLabel as="span" className="visually-hidden">
                Comes
              </FieldLabel>
              {[p.orderedAt && `ordered ${day(p.orderedAt)}`, p.arrivedAt && `arrived ${day(p.arrivedAt)}`]
                .filter(Boolean)
                .join(', ')}
            </Quiet>
          )}
        </div>
        <LineField {...pb} field="number" label="Number" figure />
        <ChoiceField {...pb} field="source" label="Source" options={PART_SOURCES} />
        <LineField {...pb} field="soldAs" label="Sold as" placeholder="alone, assembly only" />
        <LineField {...pb} field="price" label="Price" figure placeholder="2 x 12.50" />
        <Cell as="span" $pad="17px 0 0">
          <AddFiles small partId={p.id} what={p.name || 'this part'} />
        </Cell>
        <IconButton
          aria-label={`Remove part ${p.name}`}
          onPress={() => remove('part', p.id, 'part')}
          $margin="17px 0 0"
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Files partId={p.id} label={`Photos and files of ${p.name || 'this part'}`} />
    </div>
  );
}
