'use client';

import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import { CAUSE_STATES, SUSPECT_STATES, type RowOf } from '@/core/case';
import { coverOf } from '@/core/cause';
import { symptomById } from '@/core/symptoms';
import { Button, Empty, IconButton, Quiet, Segments, Tag } from '@/ui/controls';
import { CasePart, ChoiceField, LineField, ProseField, Row, Sub } from './fields';
import { CataloguePicker, useSuspectName } from './parts';
import { useCase } from './store';

const Card = styled.div`
  padding: 8px 10px 10px;
  margin-bottom: 8px;
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  background: var(--raised);
`;
const Tick = styled.label`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  padding: 2px 8px 2px 4px;
  cursor: pointer;
  & input {
    width: 16px;
    height: 16px;
    accent-color: var(--accent);
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

/** Suspects from the first minute, then the cause and what it accounts for. */
export function CausePart() {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const fitted = record.earlier.filter(
    (e) =>
      e.kind === 'repair' &&
      e.part !== '' &&
      !record.suspect.some((s) => s.words === e.part || s.why.includes(e.part)),
  );
  return (
    <CasePart
      id="cause"
      title="Cause"
      actions={
        <>
          <Button onPress={() => add('suspect', { position: record.suspect.length })}>
            <Plus aria-hidden="true" /> Suspect
          </Button>
          <Button onPress={() => add('cause', { position: record.cause.length })}>
            <Plus aria-hidden="true" /> Cause
          </Button>
        </>
      }
    >
      {fitted.length > 0 && (
        <p style={{ display: 'flex', gap: 8, flexWrap: 'wrap', alignItems: 'center', paddingLeft: 8 }}>
          <Quiet>Just fitted elsewhere — a suspect, not an alibi:</Quiet>
          {fitted.map((e) => (
            <Button
              key={e.id}
              onPress={() =>
                add('suspect', {
                  words: e.part,
                  origin: 'just fitted',
                  why: `Fitted ${e.when ? `${e.when} ` : ''}${e.by ? `by ${e.by}` : 'elsewhere'}: ${e.part}`,
                  position: record.suspect.length,
                })
              }
            >
              <Plus aria-hidden="true" /> {e.part}
            </Button>
          ))}
        </p>
      )}
      {record.suspect.length > 0 && <Sub>Suspects</Sub>}
      {record.suspect.map((s) => (
        <SuspectCard key={s.id} suspect={s} />
      ))}
      {record.cause.length > 0 && <Sub>{record.cause.length === 1 ? 'The cause' : 'The causes'}</Sub>}
      {record.cause.map((c) => (
        <CauseCard key={c.id} cause={c} />
      ))}
      {record.suspect.length + record.cause.length === 0 && fitted.length === 0 && (
        <Empty>
          No suspect yet. Name what could be behind it now; each test then speaks for or against it.
        </Empty>
      )}
    </CasePart>
  );
}

function SuspectCard({ suspect: s }: { suspect: RowOf<'suspect'> }) {
  const record = useCase((x) => x.record);
  const { edit, remove, together } = {
    edit: useCase((x) => x.edit),
    remove: useCase((x) => x.remove),
    together: useCase((x) => x.together),
  };
  const name = useSuspectName();
  const b = { kind: 'suspect', id: s.id } as const;
  const says = record.bearing.filter((x) => x.suspectId === s.id);
  const question = (testId: string) => record.test.find((t) => t.id === testId)?.question || 'a test';
  const accept = () => {
    const id = `${s.id}-c`;
    together([
      {
        op: 'add',
        kind: 'cause',
        id,
        row: { partId: s.partId, failureId: s.failureId, where: s.where, position: record.cause.length },
      },
      {
        op: 'set',
        kind: 'suspect',
        id: s.id,
        revision: s.revision,
        set: { state: 'confirmed' },
        was: { state: s.state },
      },
    ]);
  };
  return (
    <Card
      style={s.state === 'ruled out' ? { background: 'var(--sunk)', borderStyle: 'dashed' } : undefined}
      data-suspect={s.id}
    >
      <Row $columns="1.2fr 1.1fr 1fr auto">
        <CataloguePicker {...b} field="partId" label="Part" of="part" />
        <CataloguePicker {...b} field="failureId" label="What may be wrong" of="failure" />
        <LineField {...b} field="where" label="Where" />
        <IconButton
          aria-label={`Remove suspect ${name(s)}`}
          onPress={() => remove('suspect', s.id, 'suspect')}
          style={{ marginTop: 17 }}
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <div style={{ display: 'flex', gap: 10, alignItems: 'end', flexWrap: 'wrap' }}>
        <div style={{ flex: 1, minWidth: 220 }}>
          <LineField
            {...b}
            field="why"
            label={s.words && !s.partId ? `Why — known as “${s.words}”` : 'Why'}
            placeholder="what puts it on the list, or what takes it off"
          />
        </div>
        <Segments
          label={`State of ${name(s)}`}
          value={s.state}
          options={SUSPECT_STATES.map((v) => ({ value: v, label: v }))}
          onChange={(v) => v && edit('suspect', s.id, 'state', v)}
        />
        {s.state !== 'ruled out' &&
          !record.cause.some((c) => c.partId === s.partId && c.failureId === s.failureId) &&
          s.partId && <Button onPress={accept}>This is the cause</Button>}
      </div>
      <div style={{ fontSize: '0.875rem', padding: '4px 8px 0', display: 'grid', gap: 2 }}>
        {says.map((x) => (
          <span key={x.id}>
            <Tag $tone={x.says === 'for' ? 'accent' : 'plain'}>{x.says === 'for' ? 'for' : x.says}</Tag>{' '}
            <a href={`#test-${x.testId}`}>{question(x.testId)}</a> {x.why && <Quiet>— {x.why}</Quiet>}
          </span>
        ))}
        {says.length === 0 && s.state === 'standing' && <Quiet>No test has asked about it yet.</Quiet>}
      </div>
    </Card>
  );
}

function CauseCard({ cause: c }: { cause: RowOf<'cause'> }) {
  const record = useCase((x) => x.record);
  const add = useCase((x) => x.add);
  const remove = useCase((x) => x.remove);
  const b = { kind: 'cause', id: c.id } as const;
  const cover = coverOf(record, (id) => symptomById(id)?.label ?? id);
  return (
    <Card>
      <Row $columns="1.3fr 1.1fr 1fr 0.9fr auto">
        <CataloguePicker {...b} field="partId" label="Part" of="part" />
        <CataloguePicker {...b} field="failureId" label="What is wrong with it" of="failure" />
        <LineField {...b} field="where" label="Where" placeholder="bank 1, at the clip …" />
        <ChoiceField {...b} field="state" label="Stands" options={CAUSE_STATES} />
        <IconButton
          aria-label="Remove this cause"
          onPress={() => remove('cause', c.id, 'cause')}
          style={{ marginTop: 17 }}
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Row $columns="1fr 1fr" style={{ marginTop: 4 }}>
        <ProseField {...b} field="why" label="Why it happened" />
        <ProseField {...b} field="misled" label="What misled" placeholder="worth as much as what helped" />
      </Row>
      <div
        style={{
          display: 'flex',
          flexWrap: 'wrap',
          gap: 2,
          alignItems: 'center',
          paddingLeft: 8,
          marginTop: 6,
        }}
      >
        <Quiet>Accounts for:</Quiet>
        {cover.length === 0 && (
          <Quiet>nothing to account for yet — mark codes as chase, note symptoms, fail a test.</Quiet>
        )}
        {cover.map((item) => {
          const row = record.explains.find(
            (e) => e.causeId === c.id && e.of === item.of && e.what === item.what,
          );
          return (
            <Tick key={item.of + item.what}>
              <input
                type="checkbox"
                checked={!!row}
                onChange={() =>
                  row
                    ? remove('explains', row.id, 'what a cause explains')
                    : add('explains', { causeId: c.id, of: item.of, what: item.what })
                }
              />
              {item.label}
            </Tick>
          );
        })}
      </div>
    </Card>
  );
}
