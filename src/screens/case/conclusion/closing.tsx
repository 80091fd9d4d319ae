'use client';

import { displayWord } from '@/core/case/display-words';
import { useState } from 'react';
import { readWords, withoutWord, writeWord } from '@/core/cause';
import { Button, Figure, Quiet } from '@/ui/controls';
import { day } from '@/ui/dates';
import { Inline, Notice, Points, Stack, Text } from '@/ui/layout';
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
      <Inline as="p" $gap={10} $align="center" $margin="14px 0 0">
        <strong>Closed {day(closedAt)}.</strong>
        {unexplained && (
          <Text as="span" $lines="pre-wrap">
            Left unexplained: {unexplained}
          </Text>
        )}
        <Button onPress={() => edit('case', id, 'closedAt', null)}>Reopen</Button>
      </Inline>
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
    <Stack $gap={6} $margin="14px 0 0">
      {open.length > 0 && (
        <section aria-label="Not explained">
          <Text $indent>No cause explains these. Add a note on each before closing:</Text>
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
        <Inline as="p" role="note" $gap={8} $align="center" $indent>
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
        </Inline>
      )}
      {asked && weak && (
        <Notice role="alert" $tone="unsure">
          <p>
            It would be closed as <strong>{displayWord(grade.grade) || 'not proven'}</strong>. Still missing
            for proven:
          </p>
          <Points>
            {grade.missing
              .filter((m) => m.for !== 'held')
              .map((m) => (
                <li key={m.for + m.say}>{m.say}</li>
              ))}
          </Points>
        </Notice>
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
          <Quiet $margin="0 0 0 10px">
            To close, add a note on {missing.length === 1 ? missing[0] : `${missing.length} items`}.
          </Quiet>
        )}
      </div>
    </Stack>
  );
}
