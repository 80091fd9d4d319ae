'use client';

import styled from 'styled-components';
import type { Conflict } from '@/core/api';
import { keepBoth, rowOf } from '@/core/case';
import { Button } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { useCase } from './saving/store';

const Clash = styled.div`
  margin-top: 6px;
  padding: 8px 10px;
  background: var(--unsure-soft);
  border-radius: var(--radius);
  & blockquote {
    margin: 2px 0 6px;
    padding-left: 8px;
    border-left: 3px solid var(--unsure);
    white-space: pre-wrap;
  }
  & div {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
`;

/** Both versions of a field that two people wrote, for one of them to settle. */
export function ClashNote({ clash }: { clash: Conflict }) {
  const settle = useCase((s) => s.settle);
  const text = (v: unknown) => (Array.isArray(v) ? v.join(', ') : String(v ?? '')) || '(empty)';
  const both = keepBoth(clash.kind, clash.field, clash.theirs, clash.mine);
  const beside = useCase((s) => s.besideTheirs);
  if (clash.removed) {
    return (
      <Clash role="alert">
        Somebody else removed this while you were typing: <blockquote>{text(clash.mine)}</blockquote>
        <div>
          <Button onPress={() => settle(clash, clash.theirs)}>Discard mine</Button>
        </div>
      </Clash>
    );
  }
  return (
    <Clash role="alert">
      {clash.by || 'Somebody else'} wrote here{clash.at ? ` (${dayTime(clash.at)})` : ''} while you did:
      <blockquote>{text(clash.theirs)}</blockquote>
      Yours:
      <blockquote>{text(clash.mine)}</blockquote>
      <div>
        <Button onPress={() => settle(clash, clash.mine)}>Keep mine</Button>
        <Button onPress={() => settle(clash, clash.theirs)}>Take theirs</Button>
        {both && (
          <Button onPress={() => (both.way === 'text' ? settle(clash, both.text) : beside(clash))}>
            {both.way === 'text' ? 'Keep both' : 'Keep both, as two readings'}
          </Button>
        )}
      </div>
    </Clash>
  );
}

/** Conflicts on rows that are no longer on the screen, so that nobody's words vanish with them. */
export function LostClashes() {
  const conflicts = useCase((s) => s.conflicts);
  const record = useCase((s) => s.record);
  const lost = conflicts.filter((c) => c.removed || !rowOf(record, c.kind, c.id));
  if (lost.length === 0) return null;
  return (
    <>
      {lost.map((c) => (
        <ClashNote key={c.id + c.field} clash={c} />
      ))}
    </>
  );
}
