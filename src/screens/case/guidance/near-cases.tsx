'use client';

import Link from '@/ui/link';
import { usePathname } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Empty, Figure, Quiet, Tag } from '@/ui/controls';
import { age } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';
import { usePrecedents } from './similar-cases';
import { useCase } from '../saving/store';
import { HELP_SIMILAR } from '../../help-texts';
import { Help, Titled } from '@/ui/help';

const Card = styled.li`
  padding: 7px 0 8px;
  border-top: 1px solid var(--rule);
  & a.open {
    font-weight: 650;
    text-decoration: none;
  }
  & a.open:hover {
    text-decoration: underline;
  }
`;
const Because = styled.p`
  color: var(--ink-2);
  & b {
    font-weight: 600;
    color: var(--ink-3);
  }
`;

const SHOWN = 4;

/** Past cases near to this one, each saying what it shares and what it does not. */
export function NearCases({ now }: { now: string }) {
  const number = useCase((s) => s.record.case.number);
  const path = usePathname();
  const found = usePrecedents();
  const [all, setAll] = useState(false);
  return (
    <>
      <Titled>
        <h3>Similar cases</h3>
        <Help on="Similar cases" text={HELP_SIMILAR} />
      </Titled>
      {found.cases.length === 0 ? (
        <Empty>
          {found.searched <= 1
            ? 'No other case yet. Every case recorded here makes the next one shorter.'
            : `None of the shop’s ${found.searched - 1} other cases is near yet. A vehicle, a code or a symptom brings them up.`}
        </Empty>
      ) : (
        <ul>
          {found.cases.slice(0, all ? undefined : SHOWN).map((c) => (
            <Card key={c.id}>
              <Link className="open" href={`${path}?beside=${c.number}`} scroll={false}>
                <Figure>{c.number}</Figure> {c.causes.join('; ') || c.headline}
              </Link>
              <br />
              <GradeMark grade={c.grade} cameBack={c.cameBack} />{' '}
              <Quiet>
                {c.vehicle} · {age(c.openedAt, new Date(now))} ago
              </Quiet>
              <Because>
                <b>shares</b>{' '}
                {c.reasons
                  .filter((r) => r.points > 0.01 && r.of !== 'proof')
                  .map((r) => r.text)
                  .join(' · ')}
              </Because>
              {c.lacks.length > 0 && (
                <Because>
                  <b>has not</b> {c.lacks.slice(0, 5).join(', ')}
                </Because>
              )}
              {c.comebacks.length > 0 && <Tag $tone="fail">came back as case {c.comebacks.join(', ')}</Tag>}{' '}
              {c.isolated === 'not isolated' && <Tag $tone="unsure">cause not isolated</Tag>}{' '}
              <Link href={`/compare?a=${number}&b=${c.number}`}>side by side</Link>
            </Card>
          ))}
        </ul>
      )}
      {found.cases.length > SHOWN && (
        <Button $kind="quiet" onPress={() => setAll(!all)}>
          {all ? 'Fewer' : `${found.cases.length - SHOWN} more`}
        </Button>
      )}
    </>
  );
}
