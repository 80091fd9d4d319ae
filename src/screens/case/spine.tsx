'use client';

import styled from 'styled-components';
import { doneTests, REPAIR_STATES, repairStates } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import { toCome } from '@/core/money';
import { VerdictShape } from '@/ui/marks';
import { useRecord } from './saving/store';
import { useConclusions } from './conclusion/conclusions';
import { useUnexplained } from './scans/unexplained';

const Nav = styled.nav`
  position: sticky;
  top: 116px;
  align-self: start;
  padding: 14px 0 0 16px;
  & ol {
    display: grid;
    gap: 2px;
  }
  & a {
    display: grid;
    grid-template-columns: 14px 1fr;
    gap: 1px 8px;
    padding: 6px 8px;
    min-height: 44px;
    color: inherit;
    text-decoration: none;
    border-radius: var(--radius);
    align-content: center;
    align-items: center;
  }
  & a:hover {
    background: var(--sunk);
  }
  & strong {
    font-weight: 650;
  }
  & small {
    grid-column: 2;
    color: var(--ink-3);
    font-size: 0.8125rem;
    line-height: 1.25;
  }
  @media (max-width: 900px) {
    top: 42px;
    z-index: 9;
    padding: 0 10px;
    background: var(--ground);
    border-bottom: 1px solid var(--rule);
    & ol {
      display: flex;
      overflow-x: auto;
    }
    & small {
      display: none;
    }
  }
  @media print {
    display: none;
  }
`;

/** The five parts of the case and what each still lacks. */
export function Spine() {
  const r = useRecord();
  const repairs = [...repairStates(r).values()];
  const done = doneTests(r);
  // A step that was left out is neither done nor to do.
  const planned = r.test.filter((t) => t.skipped === '' && !done.includes(t)).length;
  const unexplained = useUnexplained();
  const { grade, codes, suspects } = useConclusions();
  const undecided = codes.filter((c) => c.proposed).length;
  const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;
  const standing = suspects.filter((s) => s.state === 'standing').length;
  const named = r.cause.some((c) => c.partId !== null && c.failureId !== null);
  const explains = unexplained.length ? `${unexplained.length} not explained` : 'explains all';
  const toTest = standing ? `${count(standing, 'suspect')} to test` : 'missing: a suspect';
  const lacks = grade.missing[0] ? `; missing: ${grade.missing[0].say}` : '';
  const parts: { id: string; name: string; done: boolean; says: string }[] = [
    {
      id: 'complaint',
      name: 'Complaint',
      done: r.case.said !== '' && r.symptom.length > 0 && r.case.reproduced !== '',
      says:
        [
          r.vehicle.make === '' && 'vehicle',
          r.case.said === '' && 'customer’s words',
          r.symptom.length === 0 && 'a symptom',
          r.case.reproduced === '' && 'reproduced or not',
        ]
          .filter(Boolean)
          .slice(0, 2)
          .join(', ')
          .replace(/^(.)/, 'missing: $1') || count(r.symptom.length, 'symptom'),
    },
    {
      id: 'evidence',
      name: 'Evidence',
      done: r.scan.length > 0 && r.test.some((t) => t.verdict !== '') && undecided <= 0,
      says:
        r.scan.length === 0 && r.test.length === 0
          ? 'missing: a scan or test'
          : [
              count(r.scan.length, 'scan'),
              count(done.length, 'test'),
              planned > 0 && `${planned} to do`,
              undecided > 0 && `${undecided} role${undecided === 1 ? '' : 's'} not decided`,
            ]
              .filter(Boolean)
              .join(', '),
    },
    {
      id: 'cause',
      name: 'Cause',
      done: named && unexplained.length === 0,
      says: named ? explains : toTest,
    },
    {
      id: 'repair',
      name: 'Repair',
      done: repairs.includes('done') && !repairs.some(toCome),
      says:
        repairs.length === 0
          ? 'nothing planned yet'
          : REPAIR_STATES.flatMap((state) => {
              const n = repairs.filter((x) => x === state).length;
              return n ? [`${n} ${state}`] : [];
            }).join(', '),
    },
    {
      id: 'proof',
      name: 'Proof',
      done: grade.grade === 'proven' || grade.grade === 'held',
      says: grade.grade === '' ? 'no repair to prove' : `${displayWord(grade.grade)}${lacks}`,
    },
  ];
  return (
    <Nav aria-label="Parts of the case">
      <ol>
        {parts.map((p) => (
          <li key={p.id}>
            <a href={`#${p.id}`}>
              <VerdictShape verdict={p.done ? 'pass' : ''} size={12} />
              <strong>{p.name}</strong>
              <small>{p.says}</small>
            </a>
          </li>
        ))}
      </ol>
    </Nav>
  );
}
