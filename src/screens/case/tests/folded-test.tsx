'use client';

import { ChevronRight } from 'lucide-react';
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import styled from 'styled-components';
import { testResult, type CaseRecord, type RowOf } from '@/core/case';
import { Quiet } from '@/ui/controls';
import { VerdictShape } from '@/ui/marks';
import { useCase, useCaseStore } from '../saving/store';

const Row = styled.button<{ $verdict: string }>`
  display: flex;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 44px;
  padding: 4px 8px 4px 12px;
  border: 0;
  border-left: 4px solid ${({ $verdict }) => `var(--${$verdict})`};
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
  scroll-margin-top: 116px;
  &:hover {
    background: var(--sunk);
  }
  & > svg {
    flex: none;
  }
  & > span {
    flex: 1;
    min-width: 0;
  }
`;

/** From so many tests on, what is finished is folded: fewer fit on a screen or two as they are. */
const FEW = 4;

/**
 * The finished tests of a case that is opened: told, not repeated in vain, and not the last two that were recorded,
 * which are what one comes back to. Nothing folds while one works.
 */
function finished(record: CaseRecord): ReadonlySet<string> {
  const alone = record.test
    .filter((t) => !record.run.some((r) => r.id === t.runId))
    .sort((a, b) => a.at.localeCompare(b.at));
  if (alone.length < FEW) return new Set();
  const toRepeat = (t: RowOf<'test'>) =>
    t.verdict === 'fail' && record.repair.length > 0 && !record.test.some((x) => x.repeatOf === t.id);
  return new Set(
    alone
      .slice(0, -2)
      .filter((t) => (t.verdict === 'pass' || t.verdict === 'fail') && t.watch === '' && !toRepeat(t))
      .map((t) => t.id),
  );
}

/** Which tests are folded, and how to open them; a link to a test opens it. */
export function useFolded() {
  const store = useCaseStore();
  const [folded, setFolded] = useState(() => finished(store.getState().record));
  const open = (id: string) => setFolded((was) => new Set([...was].filter((x) => x !== id)));
  useEffect(() => {
    const toLinked = () => {
      const id = /^#(?:test|at)-(.+)$/.exec(window.location.hash)?.[1];
      if (id) open(id);
    };
    toLinked();
    // On paper nothing can be pressed: it is drawn before the page is printed.
    const unfold = () => flushSync(() => setFolded(new Set()));
    window.addEventListener('hashchange', toLinked);
    window.addEventListener('beforeprint', unfold);
    return () => {
      window.removeEventListener('hashchange', toLinked);
      window.removeEventListener('beforeprint', unfold);
    };
  }, []);
  return { folded, open, openAll: () => setFolded(new Set()) };
}

/** A finished test in one line: its verdict and what it found. */
export function FoldedTest({
  test,
  by,
  onOpen,
}: {
  test: RowOf<'test'>;
  /** Who did it. */
  by: string;
  onOpen: () => void;
}) {
  const said = useCase((s) => testResult(test, s.record));
  const files = useCase((s) => s.record.attachment.filter((f) => f.testId === test.id).length);
  return (
    <Row
      type="button"
      id={`test-${test.id}`}
      $verdict={test.verdict}
      aria-expanded={false}
      onClick={onOpen}
      title={test.question}
    >
      <VerdictShape verdict={test.verdict} />
      <span>
        {said}
        {files > 0 && `, ${files === 1 ? 'one file' : `${files} files`}`} {by && <Quiet>{by}</Quiet>}
      </span>
      <ChevronRight size={16} aria-hidden="true" />
    </Row>
  );
}
