'use client';

import { ChevronUp } from 'lucide-react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { about } from '../../odds-words';
import { useGuide } from './similar-cases';
import { useCase } from '../saving/store';

/** From this width on the guidance stands beside the case; below it, it opens over it. */
export const GUIDANCE_BESIDE = 1100;

const Bar = styled.div`
  display: none;
  @media (max-width: ${GUIDANCE_BESIDE}px) {
    position: fixed;
    inset: auto 0 0 0;
    z-index: 30;
    display: flex;
    align-items: center;
    gap: 8px 16px;
    padding: 6px 12px;
    background: var(--raised);
    border-top: 2px solid var(--accent);
    box-shadow: 0 -2px 10px rgb(0 0 0 / 12%);
  }
  & > p {
    flex: 1;
  }
  & dl {
    flex: 1;
    min-width: 0;
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0 8px;
  }
  & dt {
    color: var(--ink-3);
    font-size: 0.8125rem;
  }
  & dd {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-weight: 600;
  }
  @media print {
    display: none;
  }
`;

/** On a narrow screen: the likeliest cause and the next test always in sight, and the way to the rest. */
export function GuidanceBar({ onOpen }: { onOpen: () => void }) {
  const guide = useGuide();
  const closed = useCase((s) => s.record.case.closedAt !== null);
  const likely = guide.causes.find((c) => !c.ruledOut);
  const [next] = guide.next;
  return (
    <Bar role="region" aria-label="Guidance in short">
      {closed ? (
        <p>Closed: nothing further is suggested.</p>
      ) : (
        <dl>
          <dt>Likely</dt>
          <dd>{likely ? `${likely.name} (${about(likely.share)})` : 'no cause stands out yet'}</dd>
          <dt>Next</dt>
          <dd>{next?.question ?? 'no further test would help now'}</dd>
        </dl>
      )}
      <Button onPress={onOpen}>
        <ChevronUp aria-hidden="true" /> Guidance
      </Button>
    </Bar>
  );
}
