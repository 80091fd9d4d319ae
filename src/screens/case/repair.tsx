'use client';

import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import { AUTHORISATIONS, doneRepairs, PART_SOURCES, REPAIR_ACTIONS, type RowOf } from '@/core/case';
import { isolationOf } from '@/core/cause';
import { Button, Empty, FieldLabel, IconButton, Quiet, Tag } from '@/ui/controls';
import { useActions } from '../frame/actions';
import {
  CasePart,
  ChoiceField,
  LineField,
  nowIso,
  NumberField,
  ProseField,
  Row,
  useFocusNext,
} from './fields';
import { AddFiles, Files } from './files';
import { personHere } from '../person';
import { MomentField } from './moment';
import { OfferButton } from './offer';
import { useCatalogue, useSuspectName } from './parts';
import { useCase, useRecord } from './store';

const Card = styled.div`
  padding: 6px 10px 10px;
  margin-bottom: 8px;
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  background: var(--raised);
`;

/** What was done about each cause, with which part, and what else changed. */
export function RepairPart() {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const focus = useFocusNext();
  const { catalogue } = useCatalogue();
  const addRepair = () => {
    const cause = record.cause.at(-1);
    // The part that was found bad is what is mostly repaired; it stands there to be written over.
    const what = record.repair.some((r) => r.causeId === cause?.id)
      ? ''
      : (catalogue.resolve(cause?.partId ?? null)?.name ?? '');
    const id = add('repair', {
      causeId: cause?.id ?? null,
      what,
      byId: personHere(),
      position: record.repair.length,
    });
    focus(`${id}:what`);
  };
  useActions('On a case', [{ say: 'Repair', words: 'add done', key: 'r', run: addRepair }]);
  return (
    <CasePart
      id="repair"
      title="Repair"
      actions={
        <Button onPress={addRepair}>
          <Plus aria-hidden="true" /> Repair
        </Button>
      }
    >
      {record.repair.map((r) => (
        <RepairCard key={r.id} repair={r} />
      ))}
      <IsolationNote />
      {record.repair.length === 0 && (
        <Empty>
          Nothing done yet. What is replaced, cleaned, seated or configured goes here, with the part and its
          source.
        </Empty>
      )}
    </CasePart>
  );
}

/** Says when more than one change stands between the failing and the passing test. */
function IsolationNote() {
  const record = useRecord();
  const isolation = isolationOf(record);
  if (record.repair.length === 0 || isolation.state === 'unknown') return null;
  return (
    <p role="status" style={{ paddingLeft: 8 }}>
      <Tag $tone={isolation.state === 'isolated' ? 'pass' : 'unsure'} style={{ whiteSpace: 'normal' }}>
        {isolation.because}
      </Tag>
      {isolation.state === 'not isolated' && <Quiet> Whatever is counted from this case says so.</Quiet>}
    </p>
  );
}

const NOT_DONE: ReadonlySet<string> = new Set(['asked', 'declined', 'put off']);

function RepairCard({ repair: r }: { repair: RowOf<'repair'> }) {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const name = useSuspectName();
  const b = { kind: 'repair', id: r.id } as const;
  const parts = record.part.filter((p) => p.repairId === r.id);
  const cause = record.cause.find((c) => c.id === r.causeId);
  const done = doneRepairs(record).some((d) => d.id === r.id);
  return (
    <Card id={`repair-${r.id}`}>
      <Row $columns="0.8fr 2.6fr 0.9fr 0.9fr 0.5fr auto">
        <ChoiceField {...b} field="action" label="Done" options={REPAIR_ACTIONS} />
        <LineField {...b} field="what" label="What" />
        <div>
          <FieldLabel as="span">When done</FieldLabel>
          <span style={{ display: 'block', padding: '5px 8px' }}>
            <MomentField
              {...b}
              label="When it was done"
              empty={done ? 'not said' : 'not done yet'}
              clearable
            />
          </span>
        </div>
        <ChoiceField {...b} field="authorisation" label="Customer" options={AUTHORISATIONS} />
        <NumberField {...b} field="hours" label="Hours" />
        <IconButton
          aria-label="Remove this repair"
          onPress={() => remove('repair', r.id, 'repair')}
          style={{ marginTop: 17 }}
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      {parts.map((p) => {
        const pb = { kind: 'part', id: p.id } as const;
        return (
          <div key={p.id}>
            <Row $columns="1.6fr 1fr 0.9fr 1fr 0.7fr auto auto">
              <LineField {...pb} field="name" label="Part fitted" />
              <LineField {...pb} field="number" label="Number" figure />
              <ChoiceField {...pb} field="source" label="Source" options={PART_SOURCES} />
              <LineField {...pb} field="soldAs" label="Sold as" placeholder="alone, assembly only" />
              <LineField {...pb} field="price" label="Price" figure />
              <span style={{ paddingTop: 17 }}>
                <AddFiles small partId={p.id} what={p.name || 'this part'} />
              </span>
              <IconButton
                aria-label={`Remove part ${p.name}`}
                onPress={() => remove('part', p.id, 'part')}
                style={{ marginTop: 17 }}
              >
                <X aria-hidden="true" />
              </IconButton>
            </Row>
            <Files partId={p.id} label={`Photos and files of ${p.name || 'this part'}`} />
          </div>
        );
      })}
      <Row $columns="1.3fr 1fr 1fr 1fr" style={{ marginTop: 2 }}>
        <ChoiceField
          {...b}
          field="causeId"
          label="For the cause"
          options={[{ value: '', label: '' }, ...record.cause.map((c) => ({ value: c.id, label: name(c) }))]}
          empty="which cause?"
        />
        <LineField {...b} field="access" label="What had to come off" />
        <LineField
          {...b}
          field="alsoChanged"
          label="What else changed"
          placeholder="two changes leave it unproven"
        />
        <LineField {...b} field="due" label="Still due" placeholder="relearn, calibration" />
      </Row>
      <ProseField {...b} field="note" label="Note" />
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap', alignItems: 'center', marginTop: 4 }}>
        <Button $kind="quiet" onPress={() => add('part', { repairId: r.id, position: parts.length })}>
          <Plus aria-hidden="true" /> Part
        </Button>
        {cause && cause.state !== 'repaired' && r.authorisation !== 'declined' && (
          <OfferButton
            onPress={() => {
              edit('cause', cause.id, 'state', 'repaired');
              if (r.at === null) edit('repair', r.id, 'at', nowIso());
            }}
          >
            Done: the cause is repaired
          </OfferButton>
        )}
        {(!cause || cause.state === 'repaired') && r.at === null && !NOT_DONE.has(r.authorisation) && (
          <OfferButton onPress={() => edit('repair', r.id, 'at', nowIso())}>Done now</OfferButton>
        )}
      </div>
    </Card>
  );
}
