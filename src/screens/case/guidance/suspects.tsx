'use client';

import { X } from 'lucide-react';
import { causeStateHere } from '../../person';
import { nanoid } from 'nanoid';
import styled from 'styled-components';
import { SUSPECT_STATES, type RowOf } from '@/core/case';
import { causeName, type BoardEntry } from '@/core/cause';
import { Button, IconButton, Quiet, Segments, Tag } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { VerdictShape } from '@/ui/marks';
import { useConclusions } from '../conclusion/conclusions';
import { LineField, Row, Sub } from '../fields';
import { CataloguePicker, useCatalogue, useSuspectName } from '../conclusion/parts';
import { OfferButton } from './offer';
import { WhatSpeaks } from './what-speaks';
import { useCase, useRecord } from '../saving/store';

const Card = styled.div<{ $out: boolean }>`
  padding: 8px 10px 10px;
  margin-bottom: 8px;
  border: 1px ${({ $out }) => ($out ? 'dashed' : 'solid')} var(--rule);
  border-radius: var(--radius);
  background: ${({ $out }) => ($out ? 'var(--sunk)' : 'var(--raised)')};
`;
/** The board: every suspect with what speaks for it, what against, and what has not been asked. */
export function SuspectBoard() {
  const suspects = useCase((s) => s.record.suspect);
  const found = useConclusions().suspects.filter((e) => e.suspectId === null);
  const order = { confirmed: 0, standing: 1, 'ruled out': 2 };
  return (
    <>
      <Sub>Suspects</Sub>
      {[...suspects]
        .sort((a, b) => order[a.state] - order[b.state])
        .map((s) => (
          <SuspectCard key={s.id} suspect={s} />
        ))}
      {found.map((e) => (
        <FoundSuspect key={`${e.partId}${e.failureId}${e.words}${e.where}`} entry={e} />
      ))}
    </>
  );
}

/** A suspect that a test's finding put on the board; a person's decision makes it a row of its own. */
function FoundSuspect({ entry: e }: { entry: BoardEntry }) {
  const tests = useCase((x) => x.record.test);
  const position = useCase((x) => x.record.suspect.length);
  const causes = useCase((x) => x.record.cause);
  const together = useCase((x) => x.together);
  const { catalogue } = useCatalogue();
  const named = { partId: e.partId, failureId: e.failureId, where: e.where };
  const decide = (state: RowOf<'suspect'>['state']) => {
    const id = nanoid(14);
    const why = e.says[0]?.why.slice(0, 400) ?? '';
    together([
      {
        op: 'add',
        kind: 'suspect',
        id,
        row: { ...named, words: e.words, origin: 'finding', state, why, position },
      },
      ...(state === 'confirmed'
        ? [
            {
              op: 'add' as const,
              kind: 'cause' as const,
              id: nanoid(14),
              row: { ...named, state: causeStateHere(), position: causes.length },
            },
          ]
        : []),
    ]);
  };
  return (
    <Card $out={false}>
      <Inline $gap={8} $align="center">
        <Text as="strong" $min={200} $grow>
          {causeName(catalogue, e)}
        </Text>
        <Tag $tone="accent">found by a test</Tag>
        <Button $kind="quiet" onPress={() => decide('standing')}>
          Keep on the list
        </Button>
        <Button $kind="quiet" onPress={() => decide('ruled out')}>
          Rule out
        </Button>
        {e.partId && <OfferButton onPress={() => decide('confirmed')}>This is the cause</OfferButton>}
      </Inline>
      <Text as="ul" $size="note" $pad="4px 0 0">
        {e.says.map((w) => {
          const test = tests.find((t) => t.id === w.testId);
          return (
            <li key={w.testId + w.says}>
              <VerdictShape verdict={test?.verdict ?? ''} size={11} /> {w.says}:{' '}
              <a href={`#test-${w.testId}`}>{test?.question || 'a test'}</a> <Quiet>{w.why}</Quiet>
            </li>
          );
        })}
      </Text>
    </Card>
  );
}

function SuspectCard({ suspect: s }: { suspect: RowOf<'suspect'> }) {
  const record = useRecord();
  const { edit, remove, together } = {
    edit: useCase((x) => x.edit),
    remove: useCase((x) => x.remove),
    together: useCase((x) => x.together),
  };
  const name = useSuspectName();
  const b = { kind: 'suspect', id: s.id } as const;
  const accept = () => {
    const id = `${s.id}-c`;
    together([
      {
        op: 'add',
        kind: 'cause',
        id,
        row: {
          partId: s.partId,
          failureId: s.failureId,
          where: s.where,
          state: causeStateHere(),
          position: record.cause.length,
        },
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
    <Card $out={s.state === 'ruled out'} data-suspect={s.id} id={`suspect-${s.id}`}>
      <Row $columns="1.2fr 1.1fr 1fr auto">
        <CataloguePicker {...b} field="partId" label="Part" of="part" />
        <CataloguePicker {...b} field="failureId" label="What may be wrong" of="failure" />
        <LineField {...b} field="where" label="Where" />
        <IconButton
          aria-label={`Remove suspect ${name(s)}`}
          onPress={() => remove('suspect', s.id, 'suspect')}
          $margin="17px 0 0"
        >
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Inline $gap={10} $align="end">
        <Cell $min={220} $grow>
          <LineField
            {...b}
            field="why"
            label={s.words && !s.partId ? `Why — known as “${s.words}”` : 'Why'}
            placeholder="what puts it on the list, or what takes it off"
          />
        </Cell>
        <Segments
          label={`State of ${name(s)}`}
          value={s.state}
          options={SUSPECT_STATES.map((v) => ({ value: v, label: v }))}
          onChange={(v) => v && edit('suspect', s.id, 'state', v)}
        />
        {s.state !== 'ruled out' &&
          !record.cause.some((c) => c.partId === s.partId && c.failureId === s.failureId) &&
          s.partId && <OfferButton onPress={accept}>This is the cause</OfferButton>}
      </Inline>
      <WhatSpeaks suspect={s} />
    </Card>
  );
}
