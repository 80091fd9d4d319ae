'use client';

import { Check, Copy, Plus } from 'lucide-react';
import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { useDraft } from '../draft';
import { FIRST_CASE_DRAFT, GUIDE_NEXT } from '../first-case-draft';
import { actionsHere } from '../frame/actions';
import { TakeIn } from '../shop/take-in';

const Page = styled.main`
  max-width: 760px;
  margin: 0 auto;
  padding: 26px 20px 60px;
  & h1 {
    font-size: 1.375rem;
    font-weight: 730;
  }
  & ol {
    margin-top: 18px;
  }
`;
const Way = styled.li`
  padding: 14px 0 16px;
  border-top: 1px solid var(--rule);
  & h2 {
    font-size: 1rem;
    margin-bottom: 2px;
  }
  & p {
    color: var(--ink-2);
    max-width: 64ch;
    margin-bottom: 8px;
  }
  & code {
    font: 0.9375rem var(--mono);
    padding: 5px 10px;
    margin-right: 8px;
    background: var(--sunk);
    border-radius: var(--radius);
  }
`;
const DEMO = 'PORT=3001 npm run demo';

/** A shop without a case: what to do first, each with its way. */
export function FirstRun({ shop }: { shop: string }) {
  const [copied, setCopied] = useState(false);
  const [, setGuided] = useDraft(FIRST_CASE_DRAFT);
  const newCase = () =>
    actionsHere()
      .find((a) => a.action.key === 'n')
      ?.action.run('');
  return (
    <Page>
      <h1>{shop}</h1>
      <p>There is no case here yet. Each of these is a good beginning.</p>
      <ol aria-label="Beginnings">
        <Way>
          <h2>Start with the car in front of you</h2>
          <p>
            What the customer says is enough; VIN, scans and tests come as the work goes on. Everything saves
            by itself.
          </p>
          <Button $kind="main" onPress={newCase}>
            <Plus aria-hidden="true" /> Start a case
          </Button>{' '}
          <Button
            onPress={() => {
              setGuided(GUIDE_NEXT);
              newCase();
            }}
          >
            Start a case with a guide
          </Button>
        </Way>
        <Way>
          <h2>Bring your old records</h2>
          <p>
            Past repairs from a spreadsheet or an office program: one row a job. Codes, symptoms and the part
            are read out of the sentences, and you see how before anything is written.
          </p>
          <Link href="/shop/records">Bring a table of past jobs</Link>
        </Way>
        <Way>
          <h2>Bring the cases you have</h2>
          <p>
            A file of cases, one or many: in plain words, as <Link href="/shop/data">Import and export</Link>{' '}
            describes it. What is wrong in a line is named, the rest goes in, and nothing comes twice.
          </p>
          <TakeIn />
        </Way>
        <Way>
          <h2>Look around in the demo</h2>
          <p>
            A garage of our invention with more than fifty cases, in a database of its own beside this one. In
            another terminal, in the folder of Vantle:
          </p>
          <code>{DEMO}</code>
          <Button
            onPress={() =>
              void navigator.clipboard.writeText(DEMO).then(
                () => setCopied(true),
                () => undefined,
              )
            }
          >
            {copied ? <Check aria-hidden="true" /> : <Copy aria-hidden="true" />} {copied ? 'Copied' : 'Copy'}
          </Button>
        </Way>
        <Way>
          <h2>Say who works here</h2>
          <p>The shop’s name stands on reports; who is writing stands in the history and on each test.</p>
          <Link href="/shop">Name the shop and its people</Link>
        </Way>
      </ol>
    </Page>
  );
}
