'use client';

import Link from '@/ui/link';
import styled from 'styled-components';
import type { Experience, ReadingByCause } from '@/core/similar';
import { writeQuantity } from '@/core/readings';
import { Figure, Quiet, Tag } from '@/ui/controls';
import { age } from '@/ui/dates';
import { Text } from '@/ui/layout';
import { GradeMark } from '@/ui/marks';
import { ForkList } from '../compare/fork-list';
import { NumberLine } from '../number-line';
import { gradesInWords } from '../odds-words';

const Page = styled.main`
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 20px 60px;
  & h1 {
    font-size: 1.375rem;
  }
  & h2 {
    font-size: 1rem;
    margin: 20px 0 6px;
  }
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  gap: 34px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Row = styled.li`
  padding: 7px 0;
  border-top: 1px solid var(--rule);
`;
const Share = styled.span<{ $share: number }>`
  display: inline-block;
  width: 90px;
  height: 8px;
  margin-right: 10px;
  border-radius: 4px;
  background: linear-gradient(to right, var(--accent) ${({ $share }) => $share * 100}%, var(--rule) 0);
`;
interface View {
  about: string;
  title: string;
  says: string;
  experience: Experience;
  cases: {
    number: number;
    vehicle: string;
    headline: string;
    causes: string[];
    grade: string;
    comebacks: number[];
    openedAt: string;
    open: boolean;
  }[];
}

const ABOUT: Record<string, string> = {
  code: 'The shop’s experience with the code',
  cause: 'The shop’s experience with the cause',
  vehicle: 'The shop’s experience with the vehicle',
  build: 'The shop’s experience with the build',
};

const Numbers = ({ of }: { of: number[] }) => (
  <>
    {of.slice(0, 8).map((number, i) => (
      <span key={number}>
        {i > 0 && ', '}
        <Link href={`/cases/${number}`}>{number}</Link>
      </span>
    ))}
    {of.length > 8 && ` and ${of.length - 8} more`}
  </>
);

/** What a code, a cause, a vehicle or a build has been here so far. */
export function ExperienceScreen({ view, now }: { view: View; now: string }) {
  const { experience: e } = view;
  const most = Math.max(1, ...e.causes.map((c) => c.cases));
  return (
    <Page>
      <Quiet>{ABOUT[view.about]}</Quiet>
      <h1>{view.title}</h1>
      {view.says && <Text $tone="ink-2">{view.says}</Text>}
      <Text $margin="6px 0 0">
        {e.cases} case{e.cases === 1 ? '' : 's'}
        {e.open > 0 && `, ${e.open} of them open`}
        {e.minutes !== null && `, half of them tested within ${Math.round(e.minutes)} minutes`}
        {e.comebacks.length > 0 && `, ${e.comebacks.length} came back`}.
      </Text>
      <Columns>
        <div>
          {view.about !== 'cause' && (
            <section aria-label="What it was">
              <h2>What it was</h2>
              {e.causes.length === 0 && <Quiet>No cause has been found yet.</Quiet>}
              <ul>
                {e.causes.slice(0, 12).map((c) => (
                  <Row key={c.key}>
                    <Share $share={c.cases / most} aria-hidden="true" />
                    <Link href={`/experience/cause/${c.key.split('/').map(encodeURIComponent).join('/')}`}>
                      {c.name}
                    </Link>{' '}
                    <Quiet>
                      {c.cases} of {e.cases}
                      {gradesInWords(c.byGrade)}
                      {c.notIsolated > 0 && `, ${c.notIsolated} not isolated`}
                      {c.cameBack > 0 && `, ${c.cameBack} came back`} · cases <Numbers of={c.numbers} />
                    </Quiet>
                  </Row>
                ))}
              </ul>
            </section>
          )}
          {e.told.length > 0 && (
            <section aria-label="What told">
              <h2>Deciding tests</h2>
              <ForkList forks={e.told} />
            </section>
          )}
          {e.readings.length > 0 && (
            <section aria-label="Readings by cause">
              <h2>Readings before the repair, by cause</h2>
              <ul>
                {e.readings.map((r) => (
                  <Row key={r.question + r.label}>
                    <Reading reading={r} />
                  </Row>
                ))}
              </ul>
            </section>
          )}
          {e.asked.length > 0 && (
            <section aria-label="Tests done">
              <h2>Tests that were done</h2>
              <ul>
                {e.asked.map((a) => (
                  <Row key={a.question}>
                    {a.question}{' '}
                    <Quiet>
                      failed {a.fail}, passed {a.pass} · cases <Numbers of={a.numbers} />
                    </Quiet>
                  </Row>
                ))}
              </ul>
            </section>
          )}
        </div>
        <aside>
          {e.vain.length > 0 && (
            <section aria-label="Replaced without success">
              <h2>Replaced earlier without success</h2>
              <ul>
                {e.vain.map((v) => (
                  <Row key={v.what}>
                    {v.what}{' '}
                    <Quiet>
                      {v.numbers.length === 1 ? 'case' : 'cases'} <Numbers of={v.numbers} />
                    </Quiet>
                  </Row>
                ))}
              </ul>
            </section>
          )}
          {e.misled.length > 0 && (
            <section aria-label="What misled">
              <h2>What misled</h2>
              <ul>
                {e.misled.map((m) => (
                  <Row key={`${m.number}${m.words}`}>
                    “{m.words}” <Link href={`/cases/${m.number}`}>case {m.number}</Link>
                  </Row>
                ))}
              </ul>
            </section>
          )}
          {e.comebacks.length > 0 && (
            <section aria-label="Comebacks">
              <h2>Came back</h2>
              <ul>
                {e.comebacks.map((c) => (
                  <Row key={c.number}>
                    <Link href={`/cases/${c.number}`}>Case {c.number}</Link>{' '}
                    {c.as.length > 0 ? (
                      <>
                        came back as <Numbers of={c.as} />
                      </>
                    ) : (
                      'came back at its follow-up'
                    )}
                  </Row>
                ))}
              </ul>
            </section>
          )}
          <section aria-label="Cases">
            <h2>Cases, newest first</h2>
            <ul>
              {view.cases.map((c) => (
                <Row key={c.number}>
                  <Figure>{c.number}</Figure> <Link href={`/cases/${c.number}`}>{c.headline}</Link>
                  <br />
                  {c.causes.join('; ')}{' '}
                  {c.open ? <Tag>open</Tag> : <GradeMark grade={c.grade} cameBack={c.comebacks.length > 0} />}
                  <br />
                  <Quiet>
                    {c.vehicle} · {age(c.openedAt, new Date(now))} ago
                  </Quiet>
                </Row>
              ))}
            </ul>
          </section>
        </aside>
      </Columns>
    </Page>
  );
}

/** One reading over its causes: each case a dot on one scale. */
function Reading({ reading: r }: { reading: ReadingByCause }) {
  return (
    <>
      <Text as="b" $weight={600}>
        {r.label}
      </Text>{' '}
      <Quiet>{r.question}</Quiet>
      <NumberLine
        rows={r.causes.map((c) => ({ name: `${c.cause} (${c.values.length})`, points: c.values }))}
        write={(value) => writeQuantity({ value, unit: r.unit }, r.decimals)}
      />
    </>
  );
}
