'use client';

import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { distanceHere } from '@/core/region';
import { Button, Quiet, Tag } from '@/ui/controls';
import { Cell, Inline } from '@/ui/layout';
import { LineInput } from '@/ui/line-input';
import { useActions } from '../../frame/actions';
import { useRegion } from '../../region';
import { isEmpty } from '../empty';
import { useCase } from '../saving/store';

const Note = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 12px 20px 0;
  padding: 8px 12px;
  border: 1px solid var(--unsure);
  border-left-width: 6px;
  border-radius: 3px;
  background: var(--unsure-soft);
`;

/** Earlier cases of this vehicle that look like this one: a person says whether it came back. */
export function ComebackOffers() {
  const offers = useCase((s) => s.open.comebackOffers);
  const decided = useCase((s) => s.record.comeback);
  const add = useCase((s) => s.add);
  const region = useRegion();
  const open = offers.filter((o) => !decided.some((c) => c.ofCaseId === o.caseId));
  const decide = (o: (typeof offers)[number], state: 'confirmed' | 'rejected') =>
    add('comeback', { ofCaseId: o.caseId, state, why: o.shares.join('; ').slice(0, 400) });
  return (
    <>
      <Twin />
      {open.map((o) => (
        <Note key={o.caseId} role="note" aria-label={`Comeback of case ${o.number}?`}>
          <Cell as="span" $min={220} $grow>
            Looks like <Link href={`/cases/${o.number}`}>case {o.number}</Link> come back, {o.days}{' '}
            {o.days === 1 ? 'day' : 'days'}
            {o.km !== undefined && ` and ${distanceHere(o.km, region)}`} after it was closed:{' '}
            <b>{o.shares.join(', ')}</b>.
          </Cell>
          <Button onPress={() => decide(o, 'confirmed')}>It came back</Button>
          <Button $kind="quiet" onPress={() => decide(o, 'rejected')}>
            Different problem
          </Button>
        </Note>
      ))}
    </>
  );
}

/** The same vehicle was taken in within the hour: most likely two people did one thing. */
function Twin() {
  const twin = useCase((s) => s.open.twin);
  const decided = useCase((s) => s.record.comeback);
  const empty = useCase((s) => isEmpty(s.record));
  const add = useCase((s) => s.add);
  if (!twin || decided.some((c) => c.ofCaseId === twin.caseId)) return null;
  return (
    <Note role="note" aria-label="Taken in twice?">
      <Cell as="span" $min={220} $grow>
        <Link href={`/cases/${twin.number}`}>Case {twin.number}</Link> was opened for this vehicle{' '}
        {twin.minutes < 2 ? 'a moment' : `${twin.minutes} minutes`} before this one, and is open. Go on there
        {empty ? ', and throw this one away' : ''}, unless this is another matter.
      </Cell>
      <Button
        $kind="quiet"
        onPress={() => add('comeback', { ofCaseId: twin.caseId, state: 'rejected', why: 'another matter' })}
      >
        Different problem
      </Button>
    </Note>
  );
}

/** Of which earlier cases this one is a comeback, by hand too; each is taken back in one press. */
export function ComebackLinks() {
  const rows = useCase((s) => s.record.comeback);
  const known = useCase((s) => s.open.comebackOf);
  const own = useCase((s) => s.record.case.number);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const [asking, setAsking] = useState(false);
  const [number, setNumber] = useState('');
  const [problem, setProblem] = useState('');
  const link = async () => {
    const wanted = Number(number.replace(/\D/g, ''));
    if (!wanted) return;
    if (wanted === own) return setProblem('A case cannot come back as itself.');
    const { caseByNumber } = await import('../saving/server');
    const { answer, problem: refused } = await caseByNumber(wanted);
    if (!answer) return setProblem(refused || `There is no case ${wanted}.`);
    const there = rows.find((r) => r.ofCaseId === answer.id);
    if (there) edit('comeback', there.id, 'state', 'confirmed');
    else add('comeback', { ofCaseId: answer.id, state: 'confirmed', why: 'linked by hand' });
    setAsking(false);
    setNumber('');
    setProblem('');
  };
  useActions('On a case', [
    { say: 'Comeback of an earlier case', words: 'link came back', run: () => setAsking(true) },
  ]);
  return (
    <Inline $gap="4px 10px" $align="center" $indent>
      {rows.map((r) => {
        const of = known.find((k) => k.caseId === r.ofCaseId)?.number;
        return (
          <span key={r.id}>
            <Tag $tone={r.state === 'confirmed' ? 'fail' : 'plain'}>
              {r.state === 'rejected' ? 'no comeback of' : 'comeback of'}{' '}
              {of === undefined ? 'an earlier case' : <Link href={`/cases/${of}`}>case {of}</Link>}
            </Tag>
            <Button
              $kind="quiet"
              onPress={() => remove('comeback', r.id, 'the link to the earlier case')}
              aria-label={`Take back: ${r.state === 'rejected' ? 'no comeback' : 'comeback'} of case ${of ?? ''}`}
            >
              Take back
            </Button>
          </span>
        );
      })}
      {asking ? (
        <>
          <Cell as="span" $width={150}>
            <LineInput
              label="Comeback of case number"
              figure
              most={9}
              value={number}
              onChange={setNumber}
              onEnter={() => void link()}
              autoFocus
            />
          </Cell>
          <Button onPress={() => void link()}>Link</Button>
          <Button $kind="quiet" onPress={() => setAsking(false)}>
            Cancel
          </Button>
          {problem && <Quiet role="alert">{problem}</Quiet>}
        </>
      ) : (
        <Button $kind="quiet" onPress={() => setAsking(true)}>
          Comeback of …
        </Button>
      )}
    </Inline>
  );
}
