'use client';

import { AudioWaveform, X } from 'lucide-react';
import Link from '@/ui/link';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { readSheet } from '@/core/traces/sheet';
import { IconButton, Quiet, Tag } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { useCase } from '../case/saving/store';

const Row = styled.article`
  display: flex;
  gap: 4px 12px;
  align-items: center;
  flex-wrap: wrap;
  padding-left: 12px;
  border-left: 4px solid var(--rule-2);
  & a {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    min-height: 36px;
    font-weight: 600;
  }
  & svg {
    width: 17px;
  }
`;

/** A trace among the evidence: its name leads to its sheet. */
export function TraceItem({ trace }: { trace: RowOf<'trace'> }) {
  const number = useCase((s) => s.record.case.number);
  const remove = useCase((s) => s.remove);
  const sheet = readSheet(trace.sheet);
  return (
    <Row aria-label={`Trace ${trace.name}`}>
      <Link href={`/cases/${number}/traces/${trace.id}`}>
        <AudioWaveform aria-hidden="true" /> {trace.name || 'Trace'}
      </Link>
      {sheet.stands && <Tag>{sheet.stands}</Tag>}
      <Quiet>
        {trace.channels.join(', ')}
        {trace.source && trace.source !== 'file' ? ` · ${trace.source}` : ''}
      </Quiet>
      <IconButton
        aria-label={`Remove the trace ${trace.name}`}
        onPress={() => remove('trace', trace.id, trace.name)}
      >
        <X aria-hidden="true" />
      </IconButton>
    </Row>
  );
}

/** From a test's readings back to where in a trace they were found. */
export function FoundInTrace({ readings }: { readings: readonly { id: string }[] }) {
  const number = useCase((s) => s.record.case.number);
  const traces = useCase((s) => s.record.trace);
  for (const t of traces) {
    if (!t.sheet.includes('"places"')) continue;
    const { places } = readSheet(t.sheet);
    const found = readings.find((r) => places[r.id]);
    if (found)
      return (
        <Text $indent>
          <Link href={`/cases/${number}/traces/${t.id}?reading=${found.id}`}>
            Where it was found in “{t.name}”
          </Link>
        </Text>
      );
  }
  return null;
}
