'use client';

import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import { CAUSE_STATES, type RowOf } from '@/core/case';
import { causeStateHere, mayHere } from '../../person';
import { Button, Empty, IconButton, Quiet, Tag } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { useActions } from '../../frame/actions';
import { useConclusions } from './conclusions';
import { CasePart } from '../case-part';
import { ChoiceField, LineField, ProseField, Row, Sub, focusNext } from '../fields';
import { OfferButton } from '../guidance/offer';
import { CataloguePicker, useCatalogue } from './parts';
import { useCase, useRecord } from '../saving/store';
import { SuspectOffers } from '../guidance/suspect-offers';
import { SuspectBoard } from '../guidance/suspects';

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
  const suspects = useCase((s) => s.record.suspect);
  const causes = useCase((s) => s.record.cause);
  const add = useCase((s) => s.add);
  const found = useConclusions().suspects.some((e) => e.suspectId === null);
  const nothing = suspects.length + causes.length === 0 && !found;
  const addSuspect = () => focusNext(`${add('suspect', { position: suspects.length })}:partId`);
  const addCause = () =>
    focusNext(`${add('cause', { position: causes.length, state: causeStateHere() })}:partId`);
  useActions('On a case', [
    { say: 'Suspect', words: 'add', key: 'u', run: addSuspect },
    { say: 'Cause', words: 'add', key: 'c', run: addCause },
  ]);
  return (
    <CasePart
      id="cause"
      title="Cause"
      actions={
        <>
          <Button onPress={addSuspect}>
            <Plus aria-hidden="true" /> Suspect
          </Button>
          <Button onPress={addCause}>
            <Plus aria-hidden="true" /> Cause
          </Button>
        </>
      }
    >
      <SuspectOffers />
      {(suspects.length > 0 || found) && <SuspectBoard />}
      {causes.length > 0 && <Sub>{causes.length === 1 ? 'The cause' : 'The causes'}</Sub>}
      {causes.map((c) => (
        <CauseCard key={c.id} cause={c} />
      ))}
      {causes.length > 0 && <Cover />}
      {nothing && (
        <Empty>No suspect yet. Name possible causes now; each test then counts for or against them.</Empty>
      )}
    </CasePart>
  );
}

/** What the causes together account for, and what is left. */
function Cover() {
  const { cover } = useConclusions();
  const open = cover.filter((i) => i.causeIds.length === 0);
  if (cover.length === 0) return null;
  return (
    <Inline as="p" role="status" $gap={6} $align="center" $indent>
      {open.length === 0 ? (
        <Tag $tone="pass">
          {cover.length === 1 ? 'The one item is explained' : `All ${cover.length} items are explained`}
        </Tag>
      ) : (
        <>
          <Quiet>
            {cover.length - open.length} of {cover.length} explained. Not explained:
          </Quiet>
          {open.map((i) => (
            <Tag key={i.of + i.what} $tone="unsure" $wraps>
              {i.of === 'test' ? 'failed: ' : ''}
              {i.label}
            </Tag>
          ))}
        </>
      )}
    </Inline>
  );
}

function CauseCard({ cause: c }: { cause: RowOf<'cause'> }) {
  const record = useRecord();
  // What a hand ticks here shows at once.
  const explains = useCase((x) => x.record.explains);
  const add = useCase((x) => x.add);
  const remove = useCase((x) => x.remove);
  const { catalogue } = useCatalogue();
  const b = { kind: 'cause', id: c.id } as const;
  const system = catalogue.resolve(c.partId)?.system ?? '';
  const edit = useCase((x) => x.edit);
  /** Repairs and parts that bear the old name of the part take the new one along; other words are a person's own. */
  const follow = (now: { name: string }, before: { name: string } | undefined) => {
    if (!before) return;
    for (const r of record.repair.filter((x) => x.causeId === c.id)) {
      if (r.what === before.name) edit('repair', r.id, 'what', now.name);
      for (const p of record.part)
        if (p.repairId === r.id && p.name === before.name) edit('part', p.id, 'name', now.name);
    }
  };
  const { cover } = useConclusions();
  const left = cover.filter((i) => i.causeIds.length === 0);
  return (
    <Card id={`cause-${c.id}`}>
      <Row $columns="1.3fr 1.1fr 1fr 0.9fr auto">
        <CataloguePicker {...b} field="partId" label="Part" of="part" onChosen={follow} />
        <CataloguePicker {...b} field="failureId" label="What is wrong with it" of="failure" />
        <LineField {...b} field="where" label="Where" placeholder="bank 1, at the clip …" />
        <ChoiceField {...b} field="state" label="Stands" options={CAUSE_STATES} />
        <IconButton
          aria-label="Remove this cause"
          onPress={() => remove('cause', c.id, 'cause')}
          $margin="17px 0 0"
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      {c.state === 'suspected' && (
        <Inline as="p" $gap={10} $align="center" $indent>
          <Tag $tone="unsure">proposed</Tag>
          {mayHere('sign off') ? (
            <Button onPress={() => edit('cause', c.id, 'state', 'diagnosed')}>Confirm the cause</Button>
          ) : (
            <Quiet>A lead confirms the cause.</Quiet>
          )}
        </Inline>
      )}
      {system && (
        <Quiet as="p" $indent>
          {system}
          {c.state === 'diagnosed' && ' · diagnosed, not repaired yet'}
          {c.state === 'declined' && ' · not repaired, at the customer’s wish'}
          {c.state === 'part on order' && ' · the part is on order'}
        </Quiet>
      )}
      <Row $columns="1fr 1fr" $margin="4px 0 0">
        <ProseField {...b} field="why" label="Why it happened" />
        <ProseField {...b} field="misled" label="What misled" placeholder="worth as much as what helped" />
      </Row>
      <Inline $gap={2} $align="center" $indent $margin="6px 0 0">
        <Quiet>Explains:</Quiet>
        {left.length > 1 && (
          <OfferButton
            $kind="quiet"
            onPress={() => left.forEach((i) => add('explains', { causeId: c.id, of: i.of, what: i.what }))}
          >
            {left.length === cover.length ? `all ${left.length}` : `the ${left.length} left`}
          </OfferButton>
        )}
        {cover.length === 0 && (
          <Quiet>nothing to explain yet: mark codes as chase, add symptoms, record a failed test.</Quiet>
        )}
        {cover.map((item) => {
          const row = explains.find((e) => e.causeId === c.id && e.of === item.of && e.what === item.what);
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
      </Inline>
    </Card>
  );
}
