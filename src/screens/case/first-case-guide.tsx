'use client';

import { ArrowRight, X } from 'lucide-react';
import styled from 'styled-components';
import { FIRST_CASE, firstCaseProgress } from '@/core/guide/first-case';
import { Button, IconButton } from '@/ui/controls';
import { actionsHere } from '../frame/actions';
import { useRecord } from './saving/store';

const Strip = styled.section`
  position: sticky;
  top: 106px;
  z-index: 8;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  align-items: center;
  padding: 10px 14px 10px 20px;
  background: var(--accent-soft);
  border-bottom: 1px solid var(--rule-2);
  & h2 {
    font-size: 1rem;
    font-weight: 680;
  }
  & p {
    color: var(--ink-2);
    font-size: 0.875rem;
    max-width: 70ch;
  }
  & small {
    color: var(--ink-2);
    font-size: 0.8125rem;
  }
  @media (max-width: 900px) {
    top: 86px;
  }
  @media print {
    display: none;
  }
`;
const Buttons = styled.div`
  display: flex;
  gap: 6px;
  align-items: center;
`;

/** The step that comes next: what to do, what it is good for, and the way there. */
export function FirstCaseGuide({
  skipped,
  onSkip,
  onEnd,
}: {
  skipped: readonly string[];
  onSkip: (step: string) => void;
  onEnd: () => void;
}) {
  const record = useRecord();
  const { done, of, next } = firstCaseProgress(record, skipped);
  const begin = (key: string) =>
    actionsHere()
      .find((a) => a.action.key === key)
      ?.action.run('');
  return (
    <Strip aria-label="Guide through this case">
      <div role="status">
        <small>
          {next ? `Step ${FIRST_CASE.indexOf(next) + 1} of ${of} · ${done} done` : `${done} of ${of} done`}
        </small>
        <h2>{next?.title ?? (done === of ? 'That is a whole case' : 'The rest was skipped')}</h2>
        <p>
          {next
            ? next.why
            : 'Everything here works without the guide as well; the commands (key .) and the ? beside each part say what there is.'}
        </p>
      </div>
      <Buttons>
        {next && (
          <>
            <Button $kind="main" onPress={() => begin(next.key)}>
              Begin <ArrowRight aria-hidden="true" />
            </Button>
            <Button $kind="quiet" onPress={() => onSkip(next.id)}>
              Skip
            </Button>
          </>
        )}
        <IconButton aria-label="End the guide" onPress={onEnd}>
          <X aria-hidden="true" />
        </IconButton>
      </Buttons>
    </Strip>
  );
}
