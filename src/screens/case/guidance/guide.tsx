'use client';

import { ListPlus } from 'lucide-react';
import Link from '@/ui/link';
import styled from 'styled-components';
import { Button, Figure, Quiet, Tag } from '@/ui/controls';
import { about, gradesInWords } from '../../odds-words';
import { useGuide, usePrecedents, type Guide } from './similar-cases';
import { useCase } from '../saving/store';
import { usePutTest } from '../tests/use-put-test';
import { HELP_LIKELY } from '../../help-texts';
import { Help, Titled } from '@/ui/help';
import { Inline, Text } from '@/ui/layout';

const Cause = styled.li<{ $out: boolean }>`
  padding: 3px 0 5px;
  border-top: 1px solid var(--rule);
  color: ${({ $out }) => ($out ? 'var(--ink-3)' : 'inherit')};
  & > b {
    font-weight: 650;
    text-decoration: ${({ $out }) => ($out ? 'line-through' : 'none')};
  }
  & summary {
    cursor: pointer;
    color: var(--ink-3);
    font-size: 0.8125rem;
    min-height: 24px;
  }
  @media (pointer: coarse) {
    & summary {
      min-height: 44px;
      padding-top: 10px;
    }
  }
`;
const Test = styled.li`
  padding: 5px 0 8px;
  border-top: 1px solid var(--rule);
  & dl {
    margin: 3px 0 5px;
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0 8px;
  }
  & dd {
    margin: 0;
  }
`;
/** How likely: what rests on the shop's own cases dark, what rests on general practice light. */
const Bar = styled.span<{ $share: number; $own: number }>`
  display: block;
  height: 6px;
  margin: 3px 0 2px;
  border-radius: 3px;
  background: var(--sunk);
  overflow: hidden;
  &::before {
    content: '';
    display: block;
    height: 100%;
    width: ${({ $share }) => Math.max(1, $share * 100)}%;
    background: linear-gradient(
      to right,
      var(--accent) ${({ $own }) => $own * 100}%,
      var(--rule-2) ${({ $own }) => $own * 100}%
    );
  }
`;
const SHOWN = 5;

/** Closes what the guidance stands in, where it lies over the case, before something is put on it. */
type Leave = ((then: () => void) => void) | undefined;

/** Likely causes, in counts first and odds second, and the test that would tell most for its minutes. */
export function GuideMargin({ leave }: { leave?: Leave }) {
  const guide = useGuide();
  const closed = useCase((s) => s.record.case.closedAt !== null);
  // What was wrong stands on a closed case; nothing is offered there any more.
  if (closed) return null;
  if (guide.causes.length === 0) return <NoPast />;
  return (
    <>
      <section aria-label="Likely causes">
        <Titled>
          <h3>Likely causes</h3>
          <Help on="Likely causes" text={HELP_LIKELY} />
        </Titled>
        <ul>
          {guide.causes.slice(0, SHOWN).map((c) => (
            <CauseLine key={c.key} cause={c} guide={guide} />
          ))}
          <Cause $out={false}>
            Something else <Quiet>{about(restOf(guide))}</Quiet>
          </Cause>
        </ul>
        <Quiet as="p">
          {guide.causes.some((c) => c.own > 0.02)
            ? 'Dark: this shop’s own cases. Light: general practice.'
            : 'General practice: no case of this shop speaks of it yet.'}
        </Quiet>
      </section>
      <NextTests guide={guide} leave={leave} />
    </>
  );
}

/** What is not named above: further causes, and what neither the shop nor the trade knows. */
const restOf = (guide: Guide): number =>
  Math.max(0, 1 - guide.causes.slice(0, SHOWN).reduce((sum, c) => sum + c.share, 0));

function CauseLine({ cause: c, guide }: { cause: Guide['causes'][number]; guide: Guide }) {
  const notIsolated = usePrecedents().causes.find((x) => x.key === c.key)?.notIsolated ?? 0;
  const near = guide.counts[c.key];
  const speaks = (guide.because[c.key] ?? [])
    .filter((b) => Math.abs(Math.log(b.factor)) > 0.2)
    .sort((x, y) => Math.abs(Math.log(y.factor)) - Math.abs(Math.log(x.factor)))
    .slice(0, 5);
  const elsewhere = c.numbers.length > 0 ? 'none of the similar cases' : 'general practice';
  return (
    <Cause $out={c.ruledOut}>
      <b>{c.name}</b>
      <Bar
        $share={c.share}
        $own={c.own}
        role="img"
        aria-label={`${about(c.share)}, ${Math.round(c.own * 100)} % of it by this shop’s own cases`}
      />
      <Quiet>
        {near
          ? `${near.numbers.length} of ${guide.near} similar ${guide.near === 1 ? 'case' : 'cases'}${gradesInWords(near.byGrade)}`
          : elsewhere}
        {notIsolated > 0 && `, ${notIsolated} not isolated`} · {about(c.share)}
      </Quiet>
      <details>
        <summary>Why</summary>
        {c.ruledOut && <p>Ruled out here by a person.</p>}
        <ul>
          {speaks.map((b) => (
            <li key={b.label}>
              {b.label}: <HowOften reason={b} /> <Quiet>{times(b.factor)}</Quiet>
            </li>
          ))}
          {c.moved.slice(0, 6).map((m) => (
            <li key={m.words}>
              {m.words}: <Figure>{m.answer}</Figure> <Quiet>{times(m.factor)}</Quiet>
            </li>
          ))}
          {c.moved.length + speaks.length === 0 && <Quiet>No evidence for or against it yet.</Quiet>}
        </ul>
        <p>
          {c.numbers.slice(0, 12).map((n, i) => (
            <span key={n}>
              {i > 0 && ', '}
              <Link href={`/cases/${n}`}>case {n}</Link>
            </span>
          ))}
          {c.numbers.length > 12 && ' …'}
          {c.numbers.length > 0 && (
            <>
              {' · '}
              <Link href={`/experience/cause/${c.key.split('/').map(encodeURIComponent).join('/')}`}>
                all of this cause
              </Link>
            </>
          )}
        </p>
      </details>
    </Cause>
  );
}

/** "4 of 9 cases of it", "85 % of such faults by general practice", or both. */
function HowOften({ reason: b }: { reason: Guide['because'][string][number] }) {
  return (
    <>
      {b.of > 0 && (
        <>
          <Figure>{b.cases}</Figure> of {b.of} cases of it
        </>
      )}
      {b.of > 0 && b.practice !== null && ', '}
      {b.practice !== null && (
        <>
          <Figure>{Math.round(b.practice * 100)} %</Figure> by general practice
        </>
      )}
      {b.of === 0 && b.practice === null && 'not usual with it'}
    </>
  );
}

const times = (factor: number): string =>
  factor > 1
    ? `${factor.toFixed(1)} times likelier by it`
    : `${(1 / factor).toFixed(1)} times less likely by it`;

/** When nothing speaks of a cause, that is said. */
function NoPast() {
  const asked = useCase((s) => s.record.code.length + s.record.symptom.length > 0);
  if (!asked) return null;
  return (
    <section aria-label="Likely causes">
      <h3>Likely causes</h3>
      <Quiet>
        Neither past cases nor general practice point to a cause yet. Add a code, a symptom, or when it
        happens.
      </Quiet>
    </section>
  );
}

/** Tests of near cases that would separate what is left, with what each outcome would mean. */
function NextTests({ guide, leave }: { guide: Guide; leave: Leave }) {
  const put = usePutTest();
  if (guide.next.length === 0)
    return (
      <section aria-label="Next test">
        <h3>Next test</h3>
        <Quiet>
          No further test would help now. Usual first tests for the codes to chase are listed under the codes.
        </Quiet>
      </section>
    );
  return (
    <section aria-label="Next test">
      <h3>Next test</h3>
      <ul>
        {guide.next.map((n, i) => (
          <Test key={n.key}>
            <Text as="b" $weight={650}>
              {n.question}
            </Text>{' '}
            <Quiet>
              {n.label && `${n.label} · `}
              {n.minutesKnown ? `${n.minutes} min` : `about ${n.minutes} min`}
              {i === 0 && guide.next.length > 1 && ' · tells most for its minutes'}
            </Quiet>
            <dl>
              {n.answers.map((a) => (
                <Answer key={a.says} answer={a} />
              ))}
            </dl>
            <Inline as="span" $gap={8} $align="center">
              <Button
                $kind={i === 0 ? 'main' : undefined}
                onPress={() => (leave ? leave(() => put(n.step)) : put(n.step))}
              >
                <ListPlus aria-hidden="true" /> Add to the case
              </Button>
              <Quiet>
                {n.practice
                  ? 'general practice'
                  : `as in case ${n.from
                      .slice(0, 3)
                      .map((f) => f.number)
                      .join(', ')}`}
              </Quiet>
            </Inline>
          </Test>
        ))}
      </ul>
    </section>
  );
}

function Answer({ answer: a }: { answer: Guide['next'][number]['answers'][number] }) {
  const told = a.lifts ?? a.then;
  return (
    <>
      <dt>
        <Tag>{a.says}</Tag>
      </dt>
      <dd>
        {a.lifts ? 'speaks for' : 'speaks against'} {told.name}{' '}
        <Quiet>
          {about(told.from)} → {about(told.share)}
          {a.then.name !== told.name && `; then likeliest ${a.then.name}, ${about(a.then.share)}`}
        </Quiet>
      </dd>
    </>
  );
}
