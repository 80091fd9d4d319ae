'use client';

import { useState } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { Quiet, Tag } from '@/ui/controls';
import { VerdictShape } from '@/ui/marks';
import { useConclusions } from '../conclusion/conclusions';
import { useSuspectName } from '../conclusion/parts';
import { useCase, useRecord } from '../saving/store';

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

const SAYS = ['for', 'against', 'rules out'] as const;
const ASKED = 3;

/** What speaks for a suspect, what against, and which tests nobody has linked to it yet. */
export function WhatSpeaks({ suspect: s }: { suspect: RowOf<'suspect'> }) {
  const record = useRecord();
  const add = useCase((x) => x.add);
  const edit = useCase((x) => x.edit);
  const name = useSuspectName();
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
  const allLinked = says.length === 0 ? 'Not tested yet.' : 'every test counts for or against it';
  const link = (testId: string, word: (typeof SAYS)[number]) => {
    add('bearing', { testId, suspectId: s.id, says: word });
    if (word === 'rules out') edit('suspect', s.id, 'state', 'ruled out');
  };
  return (
    <Says>
      <Column title="For" rows={says.filter((x) => x.says === 'for')} />
      <Column title="Against" rows={says.filter((x) => x.says !== 'for')} />
      <div>
        <h4>Not asked</h4>
        {open.length === 0 && <Quiet>{s.state === 'standing' ? allLinked : 'decided'}</Quiet>}
        <OpenTests tests={open} name={name(s)} onLink={link} />
      </div>
    </Says>
  );
}

type Said = Pick<RowOf<'bearing'>, 'id' | 'testId' | 'says' | 'why'>;

/** Tests that speak one way, each with its result. */
function Column({ title, rows }: { title: string; rows: readonly Said[] }) {
  const tests = useRecord().test;
  return (
    <div>
      <h4>{title}</h4>
      <ul>
        {rows.map((x) => {
          const test = tests.find((t) => t.id === x.testId);
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
}

/** Tests that nobody has linked yet, a few of them first; a press links one. */
function OpenTests({
  tests,
  name,
  onLink,
}: {
  tests: readonly RowOf<'test'>[];
  name: string;
  onLink: (testId: string, word: (typeof SAYS)[number]) => void;
}) {
  const [all, setAll] = useState(false);
  return (
    <>
      <ul>
        {tests.slice(0, all ? tests.length : ASKED).map((t) => (
          <li key={t.id}>
            <VerdictShape verdict={t.verdict} size={11} /> {t.question}
            <br />
            {SAYS.map((word) => (
              <Toggle
                key={word}
                type="button"
                aria-label={`${t.question}: ${word} ${name}`}
                onClick={() => onLink(t.id, word)}
              >
                {word}
              </Toggle>
            ))}
          </li>
        ))}
      </ul>
      {tests.length > ASKED && (
        <Toggle type="button" onClick={() => setAll(!all)}>
          {all ? 'fewer' : `${tests.length - ASKED} more`}
        </Toggle>
      )}
    </>
  );
}
