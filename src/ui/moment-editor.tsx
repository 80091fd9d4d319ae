'use client';

import { fromDate, getLocalTimeZone, type DateValue } from '@internationalized/date';
import { useState } from 'react';
import { DateField, DateInput, DateSegment, Label } from 'react-aria-components';
import styled from 'styled-components';
import { Cell, Inline, Stack } from '@/ui/layout';
import { Button } from './controls';

const Caption = styled(Label)`
  display: block;
  font-size: 0.75rem;
  font-weight: 600;
  color: var(--ink-3);
  padding-bottom: 4px;
`;
const Ahead = styled.p`
  padding-top: 4px;
  font-size: 0.8125rem;
  color: var(--fail);
`;
const Segments = styled(DateInput)`
  display: inline-flex;
  padding: 5px 8px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--sheet);
  font-family: var(--mono);
  & [role='spinbutton'] {
    padding: 2px 2px;
    border-radius: 2px;
    outline: none;
  }
  & [role='spinbutton'][data-focused] {
    background: var(--accent);
    color: var(--ground);
  }
  @media (pointer: coarse) {
    min-height: 44px;
    align-items: center;
  }
`;

/** A device's clock may be a little ahead of the server's that wrote the moment. */
const CLOCKS_DIFFER_MS = 5 * 60_000;

/** The date as it is being typed, and whether it lies ahead although it must not: then it is not handed on. */
function useMoment(value: string, past: boolean, onChange: (iso: string) => void) {
  const zone = getLocalTimeZone();
  const [shown, show] = useState<DateValue>(() => fromDate(new Date(value), zone));
  const [latest] = useState(() => Date.now() + CLOCKS_DIFFER_MS);
  const isAhead = (at: DateValue) => past && at.toDate(zone).getTime() > latest;
  return {
    shown,
    ahead: isAhead(shown),
    set: (to: DateValue) => {
      show(to);
      if (!isAhead(to)) onChange(to.toDate(zone).toISOString());
    },
    now: () => show(fromDate(new Date(), zone)),
  };
}

/**
 * Sets a day and a time by keyboard or finger, in the shop's own time zone. What was done cannot lie ahead: while a
 * date that is being typed does (the day before the month), it is shown and not kept.
 */
export default function MomentEditor({
  label,
  value,
  past,
  onChange,
  onNow,
  onNone,
  onDone,
}: {
  label: string;
  /** ISO 8601. */
  value: string;
  /** Of something that was done: not later than now. */
  past: boolean;
  onChange: (iso: string) => void;
  onNow: () => void;
  onNone?: () => void;
  onDone: () => void;
}) {
  const { shown, ahead, set, now } = useMoment(value, past, onChange);
  return (
    <Stack $gap={10}>
      <DateField
        autoFocus
        granularity="minute"
        hourCycle={24}
        hideTimeZone
        isInvalid={ahead}
        value={shown}
        onChange={(to) => to && set(to)}
      >
        <Caption>{label}</Caption>
        <Segments>{(segment) => <DateSegment segment={segment} />}</Segments>
      </DateField>
      {ahead && <Ahead role="alert">Not kept: this lies ahead. Check month and year.</Ahead>}
      <Inline $gap={6} $nowrap>
        <Button $kind="quiet" onPress={() => set(shown.subtract({ days: 1 }))}>
          1 day earlier
        </Button>
        <Button
          $kind="quiet"
          onPress={() => {
            now();
            onNow();
          }}
        >
          Now
        </Button>
        {onNone && (
          <Button $kind="quiet" onPress={onNone}>
            Not done yet
          </Button>
        )}
        <Cell as="span" $grow />
        <Button $kind="main" isDisabled={ahead} onPress={onDone}>
          Done
        </Button>
      </Inline>
    </Stack>
  );
}
