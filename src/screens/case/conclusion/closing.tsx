'use client';

import { displayWord } from '@/core/case/display-words';
import { useState } from 'react';
import { readWords, withoutWord, writeWord } from '@/core/cause';
import { Button, Figure, Quiet } from '@/ui/controls';
import { day } from '@/ui/dates';
import { LineInput } from '@/ui/line-input';
import { useActions } from '../../frame/actions';
import { useConclusions } from './conclusions';
import { nowIso, ProseField } from '../fields';
import { useFollowUp } from './follow-up';
import { OfferButton } from '../guidance/offer';
import { useAcceptRoles } from '../scans/roles';
import { useCase } from '../saving/store';
import { useUnexplained } from '../scans/unexplained';

/** Closing: asks for a word about each thing no cause explains, then closes; reopening is one press. */
export function Closing() {
  const record = useCase((s) => s.record);
  const edit = useCase((s) => s.edit);
  const addFollowUp = useFollowUp();
  const open = useUnexplained();
  const { id, closedAt, unexplained } = record.case;
  const { grade, codes } = useConclusions();
  const [asked, setAsked] = useState(false);
  const proposed = codes.filter((c) => c.proposed && c.role !== 'unsorted');
  const accept = useAcceptRoles();
  useActions(
    'On a case',
    closedAt
      ? [{ say: 'Reopen the case', run: () => edit('case', id, 'closedAt', null) }]
      : [{ say: 'Close the case', words: 'done', key: 'x', run: () => close() }],
  );
  if (closedAt) {
    return (
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', marginTop: 14, flexWrap: 'wrap' }}>
        <strong>Closed {day(closedAt)}.</strong>
        {unexplained && <span style={{ whiteSpace: 'pre-wrap' }}>Left unexplained: {unexplained}</span>}
        <Button onPress={() => edit('case', id, 'closedAt', null)}>Reopen</Button>
      </p>
    );
  }
  const words = readWords(unexplained, open);
  const missing = withoutWord(unexplained, open);
  const weak = grade.grade !== 'proven' && grade.grade !== 'held';
  function close() {
    if (missing.length > 0) {
      document.querySelector<HTMLElement>('[aria-label="Not explained"] input')?.focus();
      return;
    }
    // Below proven it is asked once, with what is missing.
    if (weak && !asked) return setAsked(true);
    setAsked(false);
    edit('case', id, 'closedAt', nowIso());
    edit('case', id, 'waitsFor', '');
    // Only a repair can hold; a case closed without one asks nobody later.
    if (record.repair.length > 0 && record.followUp.length === 0) addFollowUp();
  }
  return (
    <div style={{ marginTop: 14, display: 'grid', gap: 6 }}>
      {open.length > 0 && (
        <section aria-label="Not explained">
          <p style={{ paddingLeft: 8 }}>No cause explains these. Add a note on each before closing:</p>
          {open.map((label) => (
            <LineInput
              key={label}
              label={label}
              value={words.of.get(label) ?? ''}
              placeholder="left over from the flat battery; seen once; watched"
              onChange={(w) => edit('case', id, 'unexplained', writeWord(unexplained, open, label, w))}
            />
          ))}
        </section>
      )}
      {proposed.length > 0 && (
        <p
          role="note"
          style={{ paddingLeft: 8, display: 'flex', gap: 8, flexWrap: 'wrap', alignItems: 'center' }}
        >
          <span>
            Roles only proposed:{' '}
            {proposed.map((c, i) => (
              <span key={c.code}>
                {i > 0 && ', '}
                <a href={`#code-${c.code}`}>
                  <Figure>{c.code}</Figure>
                </a>{' '}
                {displayWord(c.role)}
              </span>
            ))}
          </span>
          <OfferButton onPress={accept}>Accept all {proposed.length}</OfferButton>
        </p>
      )}
      {asked && weak && (
        <div role="alert" style={{ padding: '8px 12px', background: 'var(--unsure-soft)', borderRadius: 3 }}>
          <p>
            It would be closed as <strong>{displayWord(grade.grade) || 'not proven'}</strong>. Still missing
            for proven:
          </p>
          <ul style={{ paddingLeft: 18, listStyle: 'disc' }}>
            {grade.missing
              .filter((m) => m.for !== 'held')
              .map((m) => (
                <li key={m.for + m.say}>{m.say}</li>
              ))}
          </ul>
        </div>
      )}
      {words.rest.length > 0 && (
        <ProseField kind="case" id={id} field="unexplained" label="One note for all that is unexplained" />
      )}
      <div>
        <Button $kind="main" isDisabled={missing.length > 0} onPress={close}>
          {asked && weak ? 'Close anyway' : 'Close the case'}
        </Button>
        {asked && weak && (
          <Button $kind="quiet" onPress={() => setAsked(false)}>
            Back to verification
          </Button>
        )}
        {missing.length > 0 && (
          <Quiet style={{ marginLeft: 10 }}>
            To close, add a note on {missing.length === 1 ? missing[0] : `${missing.length} items`}.
          </Quiet>
        )}
      </div>
    </div>
  );
}
