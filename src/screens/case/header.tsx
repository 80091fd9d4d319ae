'use client';

import Link from '@/ui/link';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { impliedWait, WAITS, type Wait } from '@/core/case';
import { headlineOf } from '@/core/similar';
import { vehicleName } from '@/core/vehicle';
import { Button, Figure, Quiet, Tag } from '@/ui/controls';
import { day } from '@/ui/dates';
import { Cell, Inline, Text } from '@/ui/layout';
import { GradeMark } from '@/ui/marks';
import { useActions } from '../frame/actions';
import { ChoiceField, LineField } from './fields';
import { AlsoHere, HandButton, useGive } from './hand';
import { isEmpty } from './empty';
import { usePeopleToChoose } from './people';
import { takeOffer } from './guidance/offer';
import { SaveMark } from './save-mark';
import { useCase, useRecord } from './saving/store';
import { Undo } from './saving/undo';

/** What a case waits for, as its status. */
const STATUS: Record<Wait, string> = {
  '': '',
  diagnosis: 'Status: in diagnosis',
  authorisation: 'Status: authorisation',
  part: 'Status: part on order',
  customer: 'Status: with customer',
  repair: 'Status: to repair',
  proof: 'Status: to verify',
  'road test': 'Status: road test',
  'follow-up': 'Status: follow-up',
};

const Head = styled.div`
  position: sticky;
  top: 54px;
  z-index: 10;
  display: flex;
  align-items: center;
  gap: 6px 14px;
  min-height: 52px;
  padding: 4px 16px;
  background: var(--ground);
  border-bottom: 1px solid var(--rule);
  & h1 {
    font-size: 1.0625rem;
    font-weight: 700;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    min-width: 0;
  }
  & .about {
    margin-left: auto;
    display: flex;
    gap: 8px;
    align-items: center;
    flex: none;
  }
  /* On a tablet only the name of the case stays in sight, with its parts below it. */
  @media (max-width: 900px) {
    display: contents;
    & h1 {
      position: sticky;
      top: 0;
      z-index: 10;
      padding: 10px 16px;
      background: var(--ground);
    }
    & .about {
      flex-wrap: wrap;
      margin: 0;
      padding: 0 16px 4px;
      background: var(--ground);
    }
  }
  @media print {
    position: static;
    & > span {
      display: none !important;
    }
    & h1 {
      white-space: normal;
    }
  }
`;
const PARTS = ['complaint', 'evidence', 'cause', 'repair', 'proof'];

/** Brings a part into sight and the cursor to its heading, so that Tab goes on from there. */
function goTo(part: string) {
  history.replaceState(null, '', `#${part}`);
  const heading = document.querySelector<HTMLElement>(`#${part} h2 a`);
  heading?.scrollIntoView();
  heading?.focus({ preventScroll: true });
}

/** Puts a link to the row with the cursor, or to the part in sight, on the clipboard. */
async function copyLink(number: number): Promise<string> {
  const main = document.querySelector('main');
  const at = main?.contains(document.activeElement)
    ? document.activeElement?.closest('[id]:not(input)')
    : null;
  const link = `${location.origin}/cases/${number}${at?.id ? `#${at.id}` : location.hash}`;
  try {
    await navigator.clipboard.writeText(link);
    return 'Link copied';
  } catch {
    // Without permission for the clipboard the link still stands to be copied by hand.
    return link;
  }
}

/** What the case is, what it waits for, who leads it, and whether everything is saved. */
export function Header() {
  const people = usePeopleToChoose()(null);
  const record = useCase((s) => s.record);
  const cameBackAs = useCase((s) => s.open.cameBackAs);
  const comebackOf = useCase((s) => s.open.comebackOf);
  const c = record.case;
  const empty = isEmpty(record);
  const { id, number } = c;
  const router = useRouter();
  const edit = useCase((s) => s.edit);
  const [linked, setLinked] = useState('');
  const give = useGive();
  useActions('On a case', [
    ...PARTS.map((p, i) => ({ say: `Go to ${p}`, key: String(i + 1), run: () => goTo(p) })),
    { say: 'Accept what is offered', words: 'offer', run: () => void takeOffer() },
    ...WAITS.map((w) => ({
      say: STATUS[w] || 'Status: none',
      words: `waits ${w}`,
      run: () => edit('case', id, 'waitsFor', w),
    })),
    ...people.map((p) => ({ say: `Lead: ${p.label}`, run: () => edit('case', id, 'leadId', p.value) })),
    ...people.map((p) => ({
      say: `Give to ${p.label}`,
      words: 'hand over',
      takes: 'a word',
      run: (rest: string) => give(p.value, rest),
    })),
    { say: 'Report', words: 'customer technician pdf', run: () => router.push(`/cases/${number}/report`) },
    { say: 'History', words: 'who when', run: () => router.push(`/cases/${number}/history`) },
    { say: 'Print this case', run: () => window.print() },
    { say: 'Copy a link to this place', words: 'share', run: () => void copyLink(number).then(setLinked) },
  ]);
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.key !== 'Enter' || !e.altKey || e.ctrlKey || e.metaKey) return;
      e.preventDefault();
      takeOffer();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  return (
    <Head>
      <h1>
        <Figure $tone="accent">{c.number}</Figure> {vehicleName(record.vehicle)}{' '}
        <Text as="span" $tone="ink-2" $weight={400}>
          — {headlineOf(record)}
        </Text>
      </h1>
      {c.origin === 'old records' && (
        <Tag>from old records{c.orderNumber === '' ? '' : `, job ${c.orderNumber}`}</Tag>
      )}
      {cameBackAs.map((b) => (
        <Tag key={b.caseId} $tone="fail">
          came back: <Link href={`/cases/${b.number}`}>case {b.number}</Link>
        </Tag>
      ))}
      {comebackOf
        .filter((b) => b.state !== 'rejected')
        .map((b) => (
          <Tag key={b.caseId} $tone="unsure">
            comeback of <Link href={`/cases/${b.number}`}>case {b.number}</Link>
          </Tag>
        ))}
      <span className="about">
        {c.closedAt ? (
          <>
            <GradeMark grade={c.grade} cameBack={cameBackAs.length > 0} />
            <Quiet>closed {day(c.closedAt)}</Quiet>
          </>
        ) : (
          <>
            <Cell as="span" $width={158}>
              <ChoiceField
                kind="case"
                id={c.id}
                field="waitsFor"
                label="Status"
                hideLabel
                options={WAITS.map((w) => ({ value: w, label: STATUS[w] }))}
                empty="Status …"
              />
            </Cell>
            <WaitsElse />
            {c.waitsFor !== '' && c.waitsFor !== 'diagnosis' && (
              <Cell as="span" $width={150}>
                <LineField
                  kind="case"
                  id={c.id}
                  field="waitNote"
                  label="What exactly"
                  hideLabel
                  placeholder="what exactly"
                />
              </Cell>
            )}
          </>
        )}
        <HandButton />
        <Links number={c.number} />
        {empty && !c.closedAt && <Discard id={c.id} />}
        {linked && <Quiet role="status">{linked}</Quiet>}
        <AlsoHere />
        <Undo />
        <SaveMark />
      </span>
    </Head>
  );
}

/** Where a person's word and the repairs say different waits, it asks. */
function WaitsElse() {
  const record = useRecord();
  const edit = useCase((s) => s.edit);
  const { id, waitsFor } = record.case;
  // What was just written is on its way: the server lets the wait follow it.
  const settled = useCase((s) => s.saveState === 'saved');
  const implied = impliedWait(record);
  const same = implied === waitsFor || (implied === 'proof' && waitsFor === 'road test');
  if (!settled || implied === undefined || implied === '' || same) return null;
  return (
    <Button
      $kind="quiet"
      aria-label={`Set from its repairs: ${implied}`}
      onPress={() => edit('case', id, 'waitsFor', implied)}
    >
      or for {implied}?
    </Button>
  );
}

/** The way to what stands beside the sheet: reports and the history. */
function Links({ number }: { number: number }) {
  return (
    <Inline as="span" $gap={12} $nowrap>
      <Link href={`/cases/${number}/report`}>Report</Link>
      <Link href={`/cases/${number}/history`}>History</Link>
    </Inline>
  );
}

function Discard({ id }: { id: string }) {
  const router = useRouter();
  const [problem, setProblem] = useState('');
  const discard = async () => {
    const { discardCase } = await import('./saving/server');
    const { answer, problem: refused } = await discardCase(id);
    if (answer) router.push('/');
    else setProblem(refused);
  };
  return (
    <>
      <Button $kind="quiet" onPress={() => void discard()}>
        Delete empty case
      </Button>
      {problem && <span role="alert">{problem}</span>}
    </>
  );
}
