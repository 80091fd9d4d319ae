'use client';

import { displayWord } from '@/core/case/display-words';
import { ListPlus, X } from 'lucide-react';
import Link from '@/ui/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { coursesOf } from '@/core/codes';
import { partsOf, stepFor } from '@/core/guide';
import { conditionLabel } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import { vehicleName } from '@/core/vehicle';
import { Button, Figure, Quiet, Tag } from '@/ui/controls';
import { day } from '@/ui/dates';
import { Cell, Inline, Text } from '@/ui/layout';
import { GradeMark, VerdictMark, VerdictShape } from '@/ui/marks';
import { useSuspectName } from './conclusion/parts';
import { type OpenCase, useRecord } from './saving/store';
import { usePutTest } from './tests/use-put-test';

const SharedMark = styled.mark`
  background: var(--accent-soft);
  color: inherit;
  border-radius: 3px;
  padding: 0 3px;
  font-weight: 600;
`;
const CloseLink = styled(Link)`
  padding: 4px;
  color: var(--ink-2);
`;

const Sheet = styled.aside`
  background: var(--sheet);
  border-left: 3px solid var(--accent);
  font-size: 0.875rem;
  position: sticky;
  top: 106px;
  align-self: start;
  max-height: calc(100vh - 106px);
  overflow: auto;
  padding: 12px 16px 40px;
  & h3 {
    margin: 14px 0 4px;
    font-size: 0.9375rem;
    border-bottom: 1px solid var(--rule);
  }
  & dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 1px 10px;
  }
  & blockquote {
    margin: 4px 0;
    padding-left: 10px;
    border-left: 3px solid var(--rule-2);
  }
  @media (max-width: 1100px) {
    position: static;
    max-height: none;
  }
`;

/** Another case, read-only, beside the one in hand; what both share is marked. */
export function Beside({ other }: { other: OpenCase }) {
  const here = useRecord();
  const name = useSuspectName();
  const path = usePathname();
  const r = other.record;
  const myCodes = new Set(here.code.map((c) => c.code));
  const mySymptoms = new Set(here.symptom.map((s) => s.concept).filter(Boolean));
  const myQuestions = new Set(here.test.map((t) => t.question.toLowerCase()));
  const roles = new Map(r.role.map((x) => [x.code, x.role]));
  const closed = here.case.closedAt !== null;
  const put = usePutTest();
  // What is on this case already is not offered, nor what needs a recording, nor a second run of the same.
  const canBePut = (t: RowOf<'test'>) =>
    t.question !== '' &&
    t.analysisId === '' &&
    t.repeatOf === null &&
    !myQuestions.has(t.question.toLowerCase());
  return (
    <Sheet aria-label={`Case ${r.case.number} beside`}>
      <Inline as="header" $gap={10} $align="start" $nowrap>
        <Cell $grow>
          <Text as="strong" $size="large">
            Case {r.case.number}: {vehicleName(r.vehicle)}
          </Text>
          <br />
          <GradeMark grade={r.case.grade} cameBack={other.cameBackAs.length > 0} />{' '}
          <Quiet>opened {day(r.case.openedAt)}</Quiet>
          {other.cameBackAs.length > 0 && (
            <Tag $tone="fail">
              came back as case {other.cameBackAs.map((c) => c.number).join(', ')}: do not trust its cause
            </Tag>
          )}
        </Cell>
        <Link href={`/cases/${r.case.number}`}>open it</Link>
        <CloseLink href={path} scroll={false} aria-label="Close the case beside">
          <X size={18} />
        </CloseLink>
      </Inline>
      <h3>Cause</h3>
      {r.cause.length === 0 && <Quiet>not found yet</Quiet>}
      {r.cause.map((c) => (
        <div key={c.id}>
          <strong>{name(c)}</strong>
          {c.why && <p>{c.why}</p>}
          {c.misled && <p>Misled: {c.misled}</p>}
        </div>
      ))}
      {r.case.lesson && <p>To remember: {r.case.lesson}</p>}
      <h3>Complaint</h3>
      {r.case.said && <blockquote>{r.case.said}</blockquote>}
      {r.symptom.map((s) => (
        <p key={s.id}>
          <Shared on={mySymptoms.has(s.concept)}>{symptomById(s.concept)?.label ?? s.words}</Shared>{' '}
          <Quiet>{[...s.conditions.map(conditionLabel), s.frequency].filter(Boolean).join(', ')}</Quiet>
        </p>
      ))}
      {r.earlier.map((e) => (
        <p key={e.id}>
          Before: {e.what} {e.part && `(${e.part})`}
        </p>
      ))}
      <h3>Evidence</h3>
      {coursesOf(r).map((c) => (
        <p key={c.code}>
          <Shared on={myCodes.has(c.code)}>
            <Figure>{c.code}</Figure>
          </Shared>{' '}
          {c.text}{' '}
          <Quiet>
            {[displayWord(roles.get(c.code) ?? ''), c.course !== 'no clear yet' && c.course]
              .filter(Boolean)
              .join(', ')}
          </Quiet>
        </p>
      ))}
      {r.test.map((t) => (
        <Cell key={t.id} $pad="5px 0">
          <VerdictMark verdict={t.verdict} small />{' '}
          <Shared on={myQuestions.has(t.question.toLowerCase())}>{t.question}</Shared>
          <dl>
            {r.reading
              .filter((x) => x.testId === t.id)
              .map((x) => (
                <Reading key={x.id} label={x.label}>
                  <VerdictShape verdict={x.verdict} size={10} /> <Figure>{x.entered}</Figure>{' '}
                  {x.limit && <Quiet>({x.limit})</Quiet>}
                </Reading>
              ))}
          </dl>
          {t.note && <Quiet>{t.note}</Quiet>}
          {canBePut(t) && !closed && (
            <p>
              <Button
                $kind="quiet"
                aria-label={`Add to this case: ${t.question}`}
                onPress={() => put(stepFor(t, partsOf(r, t.id), r.vehicle, here.vehicle))}
              >
                <ListPlus aria-hidden="true" /> Add to this case
              </Button>
            </p>
          )}
        </Cell>
      ))}
      <h3>Repair and proof</h3>
      {r.repair.map((x) => (
        <p key={x.id}>
          {x.action}: {x.what}
        </p>
      ))}
      {r.proof.map((p) => (
        <p key={p.id}>
          {p.what || p.kind}: {p.state}
          {p.result && ` — ${p.result}`}
        </p>
      ))}
      <p>
        <Quiet>{r.case.gradeWhy}</Quiet>
      </p>
    </Sheet>
  );
}

function Reading({ label, children }: { label: string; children: ReactNode }) {
  return (
    <>
      <dt>{label}</dt>
      <dd>{children}</dd>
    </>
  );
}

/** Marks what both cases have; said in words for those who cannot see the mark. */
function Shared({ on, children }: { on: boolean; children: ReactNode }) {
  return on ? (
    <SharedMark>
      {children}
      <span className="visually-hidden"> (also in the case in hand)</span>
    </SharedMark>
  ) : (
    <span>{children}</span>
  );
}
