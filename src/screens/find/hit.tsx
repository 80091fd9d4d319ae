'use client';

import Link from '@/ui/link';
import styled from 'styled-components';
import { Figure, Quiet, Tag } from '@/ui/controls';
import { age } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';
import type { FoundCase } from '@/core/api';
import { Inline } from '@/ui/layout';

const BesideLink = styled(Link)`
  font-size: 0.875rem;
  font-weight: 500;
`;

const Row = styled.li`
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 2px 12px;
  padding: 12px 0;
  border-top: 1px solid var(--rule);
  & a.open {
    font-weight: 650;
    font-size: 1.0313rem;
    text-decoration: none;
  }
  & a.open:hover {
    text-decoration: underline;
  }
  & label {
    display: inline-flex;
    gap: 5px;
    align-items: center;
    font-size: 0.8125rem;
    color: var(--ink-2);
    min-height: 28px;
    cursor: pointer;
  }
  @media (pointer: coarse) {
    & label {
      min-height: 44px;
    }
  }
`;
const Bar = styled.span<{ $share: number }>`
  display: block;
  height: 6px;
  margin-top: 7px;
  border-radius: 3px;
  background: linear-gradient(to right, var(--accent) ${({ $share }) => $share * 100}%, var(--rule) 0);
`;
const Why = styled.p`
  font-size: 0.875rem;
  color: var(--ink-2);
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  & b {
    font-weight: 600;
    color: var(--ink-3);
  }
`;

const REASON_WORD: Record<string, string> = {
  conditions: 'when',
  words: '',
  cause: '',
  fit: 'as with others:',
};

/** One found case with what it shares, what it has not, and how far it can be trusted. */
export function Hit({
  hit: c,
  inHand,
  chosen,
  onChoose,
}: {
  hit: FoundCase;
  inHand: string;
  chosen: boolean;
  onChoose: (on: boolean) => void;
}) {
  return (
    <Row>
      <span>
        <Figure>{c.number}</Figure>
        <Bar $share={c.score} role="img" aria-label={`nearness ${Math.round(c.score * 100)} of 100`} />
      </span>
      <div>
        <Link className="open" href={`/cases/${c.number}`}>
          {c.headline}
        </Link>{' '}
        <Quiet>{c.vehicle}</Quiet>
        <p>
          {c.causes.length > 0 ? (
            c.causes.join('; ')
          ) : (
            <Quiet>{c.open ? 'open, cause not found yet' : 'no cause recorded'}</Quiet>
          )}{' '}
          {(c.grade !== '' || !c.open) && <GradeMark grade={c.grade} cameBack={c.cameBack} />}
        </p>
        <Why>
          {c.reasons
            .filter((r) => r.of !== 'proof')
            .map((r) => (
              <span key={r.of + r.text}>
                <b>{REASON_WORD[r.of] ?? r.of}</b> {r.text}
              </span>
            ))}
          {c.lacks.length > 0 && (
            <span>
              <b>has not</b> {c.lacks.join(', ')}
            </span>
          )}
        </Why>
        {c.reasons
          .filter((r) => r.of === 'proof')
          .map((r) => (
            <Tag key={r.text} $tone={c.cameBack ? 'fail' : 'plain'}>
              {r.text}
            </Tag>
          ))}
        <Inline as="span" $gap={14} $align="center">
          {inHand && c.id !== inHand && String(c.number) !== inHand && (
            <BesideLink href={`/cases/${inHand}?beside=${c.number}`}>beside the case in hand</BesideLink>
          )}
          <label>
            <input type="checkbox" checked={chosen} onChange={(e) => onChoose(e.target.checked)} /> side by
            side
          </label>
          <Quiet>
            {age(c.openedAt)} ago{c.open ? ', still open' : ''}
          </Quiet>
        </Inline>
      </div>
    </Row>
  );
}
