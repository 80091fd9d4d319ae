'use client';

import { SaveAnswer } from '@/core/api';
import { nanoid } from 'nanoid';
import Link from '@/ui/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { checkOf, type Check, type Typed } from '@/core/checks';
import { putCheck } from '@/core/guide';
import { Button, Choice, Quiet, Tag } from '@/ui/controls';
import { Inline, Problem, Stack, Text } from '@/ui/layout';
import type { Entry } from './entries';
import { useEntriesOfPage } from './entries-of-page';
import { CheckForm } from './check-form';
import { post } from '../send';
import { TestShelf } from './sections';

const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 28px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
  }
  & h1 {
    font-size: 1.375rem;
    letter-spacing: -0.01em;
  }
  & h2 {
    font-size: 0.8125rem;
    color: var(--ink-3);
    margin: 14px 0 3px;
  }
`;

/** One check: what it answers, its form to try, its source, and the way onto a case. */
export function CheckPage({
  id,
  cases,
  start,
}: {
  id: string;
  cases: { id: string; label: string }[];
  /** The case one came from, chosen from the start. */
  start: string;
}) {
  const check = checkOf(id)!;
  const [entries, beginWith] = useEntriesOfPage(check);
  return (
    <TestShelf>
      <Page>
        <section aria-label="Try it">
          <h1>{check.title}</h1>
          <Text $tone="ink-2" $pad="0 0 10px">
            {check.question}
          </Text>
          {check.caution && (
            <Text $pad="0 0 10px">
              <Tag $tone="unsure" $wraps>
                Take care: {check.caution}
              </Tag>
            </Text>
          )}
          <CheckForm check={check} entries={entries} />
          <Inline as="p" $gap={8} $nowrap $pad="12px 0 0">
            <Button onPress={() => beginWith(check.example as Typed)}>Load example</Button>
            <Button $kind="quiet" onPress={() => beginWith({})}>
              Clear
            </Button>
          </Inline>
        </section>
        <aside>
          <PutOnCase check={check} rows={entries.rows} cases={cases} start={start} />
          <h2>How to do it</h2>
          <p>{check.explains}</p>
          {check.needs && (
            <>
              <h2>Needs</h2>
              <ul>
                {check.needs.map((n) => (
                  <li key={n}>– {n}</li>
                ))}
              </ul>
            </>
          )}
          <h2>In hand</h2>
          <p>{check.have.join(', ')}</p>
          {check.codes.length > 0 && (
            <>
              <h2>For codes</h2>
              <Text $size="note" $mono>
                {check.codes.join('  ')}
              </Text>
            </>
          )}
          <h2>Sources</h2>
          <Quiet as="p">{check.source}</Quiet>
          <Text $pad="12px 0 0">
            <Link href="/tests">All checks</Link>
          </Text>
        </aside>
      </Page>
    </TestShelf>
  );
}

function PutOnCase({
  check,
  rows,
  cases,
  start,
}: {
  check: Check;
  rows: Entry[];
  cases: { id: string; label: string }[];
  start: string;
}) {
  const router = useRouter();
  const [chosen, setChosen] = useState((cases.find((c) => c.id === start) ?? cases[0])?.id ?? '');
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const put = async () => {
    setBusy(true);
    setProblem('');
    const at = new Date().toISOString();
    // After everything on the case: tests stand in the order of their time.
    const { testId, ops } = putCheck(check, { at, position: 0, newId: () => nanoid(14) }, rows);
    const { answer, problem: trouble } = await post(
      `/api/cases/${chosen}/changes`,
      { changes: [{ id: nanoid(12), ops }] },
      SaveAnswer,
    );
    const [result] = answer?.results ?? [];
    if (result?.ok) return router.push(`/cases/${chosen}#test-${testId}`);
    setBusy(false);
    setProblem(
      trouble ||
        (result && 'error' in result ? result.error : '') ||
        'It could not be added to the case. Open the case and try there.',
    );
  };
  return (
    <Stack $gap={6}>
      {cases.length > 0 ? (
        <>
          <Choice
            label="Case"
            value={chosen}
            options={cases.map((c) => ({ value: c.id, label: c.label }))}
            onChange={setChosen}
          />
          <Button $kind="main" onPress={put} isDisabled={busy} $centred>
            Add to this case
          </Button>
        </>
      ) : (
        <Quiet>No open case to add it to. Start one, then come back.</Quiet>
      )}
      {problem && <Problem>{problem}</Problem>}
    </Stack>
  );
}
