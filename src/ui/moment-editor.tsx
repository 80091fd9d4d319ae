'use client';

import { fromDate, getLocalTimeZone } from '@internationalized/date';
import { DateField, DateInput, DateSegment, Label } from 'react-aria-components';
import styled from 'styled-components';
import { Cell, Inline, Stack } from '@/ui/layout';
import { Button } from './controls';

const Field = styled(DateField)`
  & label {
    display: block;
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
    padding-bottom: 4px;
  }
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

/** Sets a day and a time by keyboard or finger, in the shop's own time zone. */
export default function MomentEditor({
  label,
  value,
  onChange,
  onNow,
  onNone,
  onDone,
}: {
  label: string;
  /** ISO 8601. */
  value: string;
  onChange: (iso: string) => void;
  onNow: () => void;
  onNone?: () => void;
  onDone: () => void;
}) {
  return (
    <Stack $gap={10}>
      <Field
        autoFocus
        granularity="minute"
        hourCycle={24}
        hideTimeZone
        value={fromDate(new Date(value), getLocalTimeZone())}
        onChange={(v) => v && onChange(v.toDate(getLocalTimeZone()).toISOString())}
      >
        <Label>{label}</Label>
        <Segments>{(segment) => <DateSegment segment={segment} />}</Segments>
      </Field>
      <Inline $gap={6} $nowrap>
        <Button $kind="quiet" onPress={onNow}>
          Now
        </Button>
        {onNone && (
          <Button $kind="quiet" onPress={onNone}>
            Not done yet
          </Button>
        )}
        <Cell as="span" $grow />
        <Button $kind="main" onPress={onDone}>
          Done
        </Button>
      </Inline>
    </Stack>
  );
}
