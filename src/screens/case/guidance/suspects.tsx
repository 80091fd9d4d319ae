'use client';

import { Plus, X } from 'lucide-react';
import { causeStateHere } from '../../person';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import styled from 'styled-components';
import { SUSPECT_STATES, type RowOf } from '@/core/case';
import { causeName, suggestSuspects, type BoardEntry, type Catalogue } from '@/core/cause';
import { SPEAKS } from '@/core/guide/speaks';
import { Button, IconButton, Quiet, SentenceButton, Segments, Tag } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { VerdictShape } from '@/ui/marks';
import { useConclusions } from '../conclusion/conclusions';
import { LineField, Row, Sub } from '../fields';
import { useMeanings } from '../scans/meanings';
import { CataloguePicker, useCatalogue, useSuspectName } from '../conclusion/parts';
import { useGuide, usePrecedents, type Guide } from './similar-cases';
import { OfferButton } from './offer';
import { useCase, useRecord } from '../saving/store';

const Card = styled.div<{ $out: boolean }>`
  padding: 8px 10px 10px;
  margin-bottom: 8px;
  border: 1px ${({ $out }) => ($out ? 'dashed' : 'solid')} var(--rule);
  border-radius: var(--radius);
  background: ${({ $out }) => ($out ? 'var(--sunk)' : 'var(--raised)')};
`;
const Says = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 4px 14px;
  padding: 6px 8px 0;
  font-size: 0.875rem;
  & h4 {
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
  }
  & li {
    padding: 1px 0;
  }
  @container sheet (max-width: 560px) {
    grid-template-columns: 1fr;
  }
`;
const Toggle = styled.button`
  border: 0;
  background: none;
  padding: 0;
  color: var(--accent);
  text-decoration: underline;
  text-decoration-thickness: 1px;
  cursor: pointer;
  li > & {
    margin-right: 10px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

const MOST_OFFERS = 6;

/** Below this a cause of general practice is not worth a place on the list. */
const LEAST_OF_PRACTICE = 0.08;

/** Likely causes that only general practice knows, with what on the case speaks for them. */
function ofPractice(
  guide: Guide,
  there: readonly { partId: string | null; words: string }[],
  catalogue: Catalogue,
) {
  const parts = new Set(there.map((o) => catalogue.resolve(o.partId)?.id ?? o.words));
  return guide.causes.flatMap((c) => {
    if (c.ruledOut || c.share < LEAST_OF_PRACTICE || c.numbers.length > 0) return [];
    const [partId = '', failureId = ''] = c.key.split('/');
    const part = catalogue.resolve(partId);
    const words = part ? '' : c.name;
    if (parts.has(part?.id ?? words)) return [];
    parts.add(part?.id ?? words);
    const speaks = (guide.because[c.key] ?? [])
      .filter((b) => b.factor > SPEAKS)
      .sort((a, b) => b.factor - a.factor)
      .slice(0, 2);
    return [
      {
        origin: 'practice' as const,
        partId: part?.id ?? null,
        failureId: part ? failureId || null : null,
        words,
        why: ['general practice', speaks.map((b) => b.label).join(', ')].filter(Boolean).join(': '),
      },
    ];
  });
}

/** Who else belongs on the list: the codes' own parts, what was just fitted, what it was in near cases, what practice knows. */
export function SuspectOffers() {
  const record = useRecord();
  const add = useCase((s) => s.add);
  const { catalogue } = useCatalogue();
  const { own } = useMeanings();
  const near = usePrecedents().causes;
  const guide = useGuide();
  if (record.case.closedAt !== null || record.cause.length > 0) return null;
  const from = suggestSuspects(record, catalogue, own);
  const onList = new Set(record.suspect.map((s) => catalogue.resolve(s.partId)?.id));
  const precedents = near.flatMap((c) => {
    const [partId = '', failureId = ''] = c.key.split('/');
    const part = catalogue.resolve(partId || null);
    if (!part || onList.has(part.id)) return [];
    return [
      {
        origin: 'precedent' as const,
        partId: part.id,
        failureId: failureId || null,
        words: '',
        why: `As in ${c.numbers.length === 1 ? 'case' : 'cases'} ${c.numbers.slice(0, 3).join(', ')}`,
      },
    ];
  });
  const shops = [
    ...precedents,
    ...from.filter((o) => !precedents.some((p) => p.partId === o.partId && o.partId)),
  ];
  const offers = [...shops, ...ofPractice(guide, [...shops, ...record.suspect], catalogue)];
  if (offers.length === 0) return null;
  return (
    <Cell $pad="0 8px 6px">
      <Quiet as="p">Suggested suspects:</Quiet>
      <Inline as="ul" $gap="4px 8px" aria-label="Suspects offered">
        {offers.slice(0, MOST_OFFERS).map((o) => {
          const name = causeName(catalogue, o);
          return (
            <li key={o.origin + name}>
              <SentenceButton onPress={() => add('suspect', { ...o, position: record.suspect.length })}>
                <Plus aria-hidden="true" /> {name} <Quiet>{o.why}</Quiet>
              </SentenceButton>
            </li>
          );
        })}
      </Inline>
    </Cell>
  );
}

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

const SAYS = ['for', 'against', 'rules out'] as const;
const ASKED = 3;

/** What speaks for a suspect, what against, and which tests nobody has linked to it yet. */
function WhatSpeaks({ suspect: s }: { suspect: RowOf<'suspect'> }) {
  const record = useRecord();
  const add = useCase((x) => x.add);
  const edit = useCase((x) => x.edit);
  const name = useSuspectName();
  const [all, setAll] = useState(false);
  const found = useConclusions().suspects.find((e) => e.suspectId === s.id)?.says ?? [];
  const says = [
    ...record.bearing.filter((x) => x.suspectId === s.id),
    // What tests found of it speaks too.
    ...found
      .filter((w) => w.found)
      .map((w) => ({ id: `${w.testId}-${w.says}`, testId: w.testId, says: w.says, why: w.why })),
  ];
  const tests = record.test.filter((t) => t.repeatOf === null && t.verdict !== '' && t.verdict !== 'void');
  // Once decided, nothing more is asked.
  const open = s.state === 'standing' ? tests.filter((t) => !says.some((x) => x.testId === t.id)) : [];
  const link = (testId: string, word: (typeof SAYS)[number]) => {
    add('bearing', { testId, suspectId: s.id, says: word });
    if (word === 'rules out') edit('suspect', s.id, 'state', 'ruled out');
  };
  const column = (title: string, rows: typeof says) => (
    <div>
      <h4>{title}</h4>
      <ul>
        {rows.map((x) => {
          const test = record.test.find((t) => t.id === x.testId);
          return (
            <li key={x.id}>
              <VerdictShape verdict={test?.verdict ?? ''} size={11} />{' '}
              <a href={`#test-${x.testId}`}>{test?.question || 'a test'}</a>
              {x.says === 'rules out' && <Tag $margin="0 0 0 4px">rules out</Tag>}
              {x.why && <Quiet> {x.why}</Quiet>}
            </li>
          );
        })}
        {rows.length === 0 && (
          <li>
            <Quiet>nothing</Quiet>
          </li>
        )}
      </ul>
    </div>
  );
  return (
    <Says>
      {column(
        'For',
        says.filter((x) => x.says === 'for'),
      )}
      {column(
        'Against',
        says.filter((x) => x.says !== 'for'),
      )}
      <div>
        <h4>Not asked</h4>
        {open.length === 0 && (
          <Quiet>
            {s.state !== 'standing'
              ? 'decided'
              : says.length === 0
                ? 'Not tested yet.'
                : 'every test counts for or against it'}
          </Quiet>
        )}
        <ul>
          {open.slice(0, all ? open.length : ASKED).map((t) => (
            <li key={t.id}>
              <VerdictShape verdict={t.verdict} size={11} /> {t.question}
              <br />
              {SAYS.map((word) => (
                <Toggle
                  key={word}
                  type="button"
                  aria-label={`${t.question}: ${word} ${name(s)}`}
                  onClick={() => link(t.id, word)}
                >
                  {word}
                </Toggle>
              ))}
            </li>
          ))}
        </ul>
        {open.length > ASKED && (
          <Toggle type="button" onClick={() => setAll(!all)}>
            {all ? 'fewer' : `${open.length - ASKED} more`}
          </Toggle>
        )}
      </div>
    </Says>
  );
}
