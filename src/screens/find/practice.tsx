'use client';

import { FilePlus2 } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import styled from 'styled-components';
import type { PracticeAnswer } from '@/core/api';
import { Button, Figure, Quiet } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { about } from '../odds-words';
import type { Refinement } from './types';

const Head = styled.h2`
  font-size: 0.9375rem;
  margin: 18px 0 4px;
`;
const Item = styled.li`
  padding: 6px 0;
  border-top: 1px solid var(--rule);
  & > b {
    font-weight: 650;
  }
`;
const Bar = styled.span<{ $share: number }>`
  display: block;
  max-width: 420px;
  height: 6px;
  margin: 3px 0 2px;
  border-radius: 3px;
  background: linear-gradient(
    to right,
    var(--rule-2) ${({ $share }) => $share * 100}%,
    var(--sunk) ${({ $share }) => $share * 100}%
  );
`;

/** What the trade knows of a line that no case of this shop answers, and a case begun with it. */
export function PracticeKnown({
  practice,
  line,
  put,
}: {
  practice: PracticeAnswer;
  line: string;
  put: Refinement;
}) {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const [opening, start] = useTransition();
  if (practice.causes.length === 0) return null;
  const begin = () =>
    start(async () => {
      const { startCaseWith } = await import('./server');
      const { answer, problem: refused } = await startCaseWith(line, JSON.stringify(put));
      setProblem(refused);
      if (answer) router.push(`/cases/${answer.id}`);
    });
  return (
    <section aria-label="General practice">
      <Head>What the trade knows of it</Head>
      <Quiet as="p">General practice; no case of this shop had these.</Quiet>
      <ul>
        {practice.causes.map((c) => (
          <Item key={c.key}>
            <b>{c.name}</b> <Quiet>{about(c.share)}</Quiet>
            <Bar $share={c.share} aria-hidden="true" />
            <Quiet>
              {c.because.map((b) => `${b.label} in ${Math.round(b.chance * 100)} %`).join(', ')}
              {c.mistaken.length > 0 && ` · mistaken for: ${c.mistaken.join('; ')}`}
            </Quiet>
          </Item>
        ))}
      </ul>
      {practice.tests.length > 0 && (
        <>
          <Head>First tests</Head>
          <ul>
            {practice.tests.map((t) => (
              <Item key={t.question}>
                {t.question} <Figure>{t.minutes} min</Figure>
                <br />
                <Quiet>OK: {t.expectation}</Quiet>
              </Item>
            ))}
          </ul>
        </>
      )}
      <Text $pad="10px 0 0">
        <Button $kind="main" onPress={begin} isDisabled={opening}>
          <FilePlus2 aria-hidden="true" /> Start a case with this
        </Button>
      </Text>
      {problem && <p role="alert">{problem}</p>}
    </section>
  );
}
