'use client';

import { X } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import type { CauseCount, Chip, Reason } from '@/core/precedent';
import { Empty, Figure, Quiet, Tag } from '@/ui/controls';
import { age } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';
import { FindLine } from '../frame/find-line';

export interface FoundView {
  chips: Chip[];
  cases: {
    id: string;
    number: number;
    vehicle: string;
    headline: string;
    causes: string[];
    grade: string;
    comebacks: number[];
    /** Whether one change alone stands between its failing and its passing test. */
    isolated: string;
    open: boolean;
    openedAt: string;
    conditions: string[];
    score: number;
    reasons: Reason[];
    lacks: string[];
  }[];
  causes: CauseCount[];
  searched: number;
}

const Page = styled.main`
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 20px 60px;
`;
const Chips = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  min-height: 40px;
  margin: 8px 0 12px;
  & button {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    min-height: 32px;
    padding: 0 8px 0 11px;
    border: 1px solid var(--rule-2);
    border-radius: 16px;
    background: var(--raised);
    cursor: pointer;
  }
  & button:hover {
    border-color: var(--accent);
  }
  & small {
    color: var(--ink-3);
  }
  @media (pointer: coarse) {
    & button {
      min-height: 44px;
      border-radius: 22px;
    }
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 28px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Hit = styled.li`
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 2px 12px;
  padding: 12px 0;
  border-top: 1px solid var(--rule);
  & a {
    font-weight: 650;
    font-size: 1.0313rem;
    text-decoration: none;
  }
  & a:hover {
    text-decoration: underline;
  }
`;
const Bar = styled.span<{ $share: number }>`
  display: block;
  height: 6px;
  margin-top: 7px;
  border-radius: 3px;
  background: linear-gradient(to right, var(--accent) ${({ $share }) => $share * 100}%, var(--rule) 0);
`;

/** What each kind of chip is called, for the small word on it. */
const KIND_WORD: Partial<Record<Chip['kind'], string>> = {
  text: 'as text',
  'cause part': 'part',
  condition: 'when',
  code: 'code',
  symptom: 'symptom',
};

/** The find screen: one line, how it was read, cases with their reasons, what it was. */
export function FindScreen({
  line: first,
  found: firstFound,
  inHand,
}: {
  line: string;
  found: FoundView;
  inHand: string;
}) {
  const router = useRouter();
  const [line, setLine] = useState(first);
  const [found, setFound] = useState(firstFound);
  const [problem, setProblem] = useState('');
  const turn = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const ask = (text: string) => {
    setLine(text);
    clearTimeout(timer.current);
    const mine = ++turn.current;
    timer.current = setTimeout(async () => {
      try {
        const response = await fetch(`/api/find?q=${encodeURIComponent(text)}`);
        const answer = (await response.json()) as FoundView & { error?: string };
        // A slower, older answer must not cover a newer one.
        if (mine !== turn.current) return;
        if (answer.error) setProblem(answer.error);
        else {
          setFound(answer);
          setProblem('');
          router.replace(`/find?q=${encodeURIComponent(text)}${inHand ? `&with=${inHand}` : ''}`, {
            scroll: false,
          });
        }
      } catch {
        if (mine === turn.current)
          setProblem('No connection to the shop’s server; these are the last results.');
      }
    }, 160);
  };
  const takeOff = (chip: Chip) => {
    const words = chip.words.split(' ');
    let rest = ` ${line} `;
    const whole = rest.toLowerCase().indexOf(` ${chip.words.toLowerCase()} `);
    if (whole >= 0) rest = rest.slice(0, whole + 1) + rest.slice(whole + chip.words.length + 1);
    else
      for (const w of words)
        rest = rest.replace(
          new RegExp(`(?<=[\\s,;])${w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?=[\\s,;.!?])`, 'i'),
          '',
        );
    ask(rest.replace(/\s+/g, ' ').trim());
  };

  return (
    <Page>
      <h1 className="visually-hidden">Find past cases</h1>
      <FindLine initial={line} onType={ask} />
      <Chips aria-label="How the line was read">
        {found.chips.map((c) => (
          <li key={c.kind + c.value + c.words}>
            <button type="button" onClick={() => takeOff(c)} aria-label={`Take off ${c.label}`}>
              <small>{KIND_WORD[c.kind] ?? c.kind}</small> {c.label} <X size={14} aria-hidden="true" />
            </button>
          </li>
        ))}
        {found.chips.length > 0 && (
          <Quiet as="li">
            {found.cases.length === 0
              ? 'no near case'
              : `${found.cases.length} of ${found.searched} cases, nearest first`}
          </Quiet>
        )}
      </Chips>
      {problem && <p role="alert">{problem}</p>}
      {found.chips.length === 0 ? (
        <Empty>
          Write a vehicle, a code, a symptom, in any order and in any words:{' '}
          <em>P0299 diesel no power uphill</em>, <em>won’t start when hot</em>, <em>P030x</em>,{' '}
          <em>drinks water heater cold</em>. {found.searched} cases are looked through.
        </Empty>
      ) : found.cases.length === 0 ? (
        <Empty>
          Nothing in {found.searched} cases shares any of this. Take a chip off, or use fewer words; this shop
          may simply not have met it yet.
        </Empty>
      ) : (
        <Columns>
          <ol aria-label="Cases">
            {found.cases.map((c) => (
              <Hit key={c.id}>
                <span>
                  <Figure>{c.number}</Figure>
                  <Bar
                    $share={c.score}
                    role="img"
                    aria-label={`nearness ${Math.round(c.score * 100)} of 100`}
                  />
                </span>
                <div>
                  <Link href={`/cases/${c.number}`}>{c.headline}</Link> <Quiet>{c.vehicle}</Quiet>
                  <p>
                    {c.causes.length > 0 ? (
                      c.causes.join('; ')
                    ) : (
                      <Quiet>{c.open ? 'open, cause not found yet' : 'no cause recorded'}</Quiet>
                    )}{' '}
                    {(c.grade !== '' || !c.open) && (
                      <GradeMark grade={c.grade} cameBack={c.comebacks.length > 0} />
                    )}
                  </p>
                  <p style={{ fontSize: '0.875rem', color: 'var(--ink-2)' }}>
                    {c.reasons.map((r) => (
                      <span key={r.of + r.text}>
                        {r.of === 'proof' ? (
                          <Tag $tone="fail">{r.text}</Tag>
                        ) : (
                          <>
                            <b style={{ fontWeight: 600, color: 'var(--ink-3)' }}>{r.of}</b> {r.text}
                          </>
                        )}
                        {'   '}
                      </span>
                    ))}
                    {c.lacks.length > 0 && <Quiet>has not {c.lacks.join(', ')}</Quiet>}
                  </p>
                  {inHand && c.id !== inHand && String(c.number) !== inHand && (
                    <Link
                      href={`/cases/${inHand}?beside=${c.number}`}
                      style={{ fontSize: '0.875rem', fontWeight: 500, marginRight: 10 }}
                    >
                      beside the case in hand
                    </Link>
                  )}
                  <Quiet>
                    {age(c.openedAt)} ago{c.open ? ', still open' : ''}
                  </Quiet>
                </div>
              </Hit>
            ))}
          </ol>
          <aside aria-label="What it was">
            <h2 style={{ fontSize: '0.9375rem', marginBottom: 4 }}>What it was</h2>
            {found.causes.length === 0 && <Quiet>None of these cases has a cause yet.</Quiet>}
            <ul>
              {found.causes.slice(0, 12).map((c) => (
                <li key={c.key} style={{ padding: '6px 0', borderTop: '1px solid var(--rule)' }}>
                  {c.name}
                  <br />
                  <Quiet>
                    {c.cases} case{c.cases === 1 ? '' : 's'}
                    {Object.entries(c.byGrade)
                      .filter(([g]) => g)
                      .map(([g, n]) => `, ${n} ${g}`)
                      .join('')}{' '}
                    · nearest <Link href={`/cases/${c.numbers[0]}`}>case {c.numbers[0]}</Link>
                  </Quiet>
                </li>
              ))}
            </ul>
          </aside>
        </Columns>
      )}
    </Page>
  );
}
