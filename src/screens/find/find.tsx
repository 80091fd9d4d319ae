'use client';

import type { FindPageAnswer } from '@/core/api';
import Link from '@/ui/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import type { Chip, Correction, FacetFilter } from '@/core/similar';
import { Button, Empty, Quiet } from '@/ui/controls';
import { ExperienceLinks } from '../experience/links';
import { FindLine } from '../frame/find-line';
import { CauseList } from './cause-list';
import { Chips } from './chips';
import { CustomerCases } from './customer-cases';
import { FacetRow } from './facets';
import { Hit } from './hit';
import { KnownBeside } from './known-beside';
import { PracticeKnown } from './practice';
import type { Refinement } from './types';

const Page = styled.main`
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 20px 60px;
`;
const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 28px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Chosen = styled.p`
  position: sticky;
  bottom: 0;
  padding: 10px 14px;
  margin: 0 -14px;
  background: var(--raised);
  border-top: 2px solid var(--accent);
  box-shadow: var(--shadow);
`;

const PAGE = 30;
const MOST = 500;

const addressOf = (line: string, put: Refinement, inHand: string): string => {
  const query = new URLSearchParams({ q: line });
  if (put.corrections.length || put.only.length || put.sort === 'newest')
    query.set('put', JSON.stringify(put));
  if (inHand) query.set('with', inHand);
  return `?${query}`;
};

/** The find screen: one line, how it was read, cases with their reasons, what it was, what else is known. */
export function FindScreen({
  line: first,
  put: firstPut,
  found: firstFound,
  inHand,
}: {
  line: string;
  put: Refinement;
  found: FindPageAnswer;
  inHand: string;
}) {
  const router = useRouter();
  const [line, setLine] = useState(first);
  const [put, setPut] = useState(firstPut);
  const [found, setFound] = useState(firstFound);
  const [problem, setProblem] = useState('');
  const [learned, setLearned] = useState<(Correction & { id: string }) | null>(null);
  const [chosen, setChosen] = useState<number[]>([]);
  const turn = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const askFor = (text: string, how: Refinement = put, soon = 160, limit = PAGE) => {
    setLine(text);
    setPut(how);
    clearTimeout(timer.current);
    const mine = ++turn.current;
    timer.current = setTimeout(async () => {
      const { findByLine } = await import('./server');
      const {
        answer,
        problem: refused,
        code,
      } = await findByLine(`${addressOf(text, how, '')}&limit=${limit}`);
      // A slower, older answer must not cover a newer one.
      if (mine !== turn.current) return;
      if (!answer)
        return setProblem(
          code === 'offline' ? 'No connection to the shop’s server; these are the last results.' : refused,
        );
      setFound(answer);
      setProblem('');
      router.replace(`/find${addressOf(text, how, inHand)}`, { scroll: false });
    }, soon);
  };
  const takeOff = (chip: Chip) =>
    askFor(
      without(line, chip.words),
      { ...put, corrections: put.corrections.filter((c) => c.words !== chip.words) },
      0,
    );
  const correct = (c: Correction) => {
    const was = found.chips.find((x) => x.words === c.words);
    if ((was?.kind === 'text' || was?.guess) && (c.kind === 'symptom' || c.kind === 'condition'))
      void learn(c);
    askFor(line, { ...put, corrections: [...put.corrections.filter((x) => x.words !== c.words), c] }, 0);
  };
  const learn = async (c: Correction) => {
    const { teach } = await import('./server');
    const { id } = await teach(c);
    if (id) setLearned({ ...c, id });
  };
  const unlearn = async (c: Correction & { id: string }) => {
    const { forget } = await import('./server');
    await forget(c.id);
    setLearned(null);
    askFor(line, { ...put, corrections: put.corrections.filter((x) => x.words !== c.words) }, 0);
  };
  const narrow = (only: FacetFilter) => askFor(line, { ...put, only: [...put.only, only] }, 0);
  const widen = (o: FacetFilter) =>
    askFor(line, { ...put, only: put.only.filter((x) => x.by !== o.by || x.value !== o.value) }, 0);
  const labelled = put.only.map((o) => ({
    ...o,
    label: found.facets.find((f) => f.by === o.by && f.value === o.value)?.label ?? o.value,
  }));

  return (
    <Page>
      <h1 className="visually-hidden">Find past cases</h1>
      <FindLine initial={line} onType={(text) => askFor(text)} />
      <Chips
        chips={found.chips}
        only={labelled}
        says={
          found.chips.length === 0
            ? ''
            : found.cases.length === 0
              ? found.customers.length
                ? ''
                : 'no similar case'
              : `${found.matching} of ${found.searched} cases share something, ${put.sort === 'newest' ? 'newest' : 'nearest'} first`
        }
        onTakeOff={takeOff}
        onCorrect={correct}
        onWiden={widen}
      />
      {problem && <p role="alert">{problem}</p>}
      <CustomerCases cases={found.customers} />
      {learned && (
        <p role="status">
          The shop has learned that “{learned.words}” means {learned.label}.{' '}
          <Button $kind="quiet" onPress={() => void unlearn(learned)}>
            Take it back
          </Button>
        </p>
      )}
      {found.chips.length === 0 && put.only.length === 0 ? (
        <Empty>
          Enter a vehicle, code, symptom or reading, in any order and in your own words:{' '}
          <em>P0299 diesel no power uphill</em>, <em>won’t start when hot</em>, <em>P030x</em>,{' '}
          <em>trim at idle &gt; 15 %</em>, <em>drinks water heater cold</em>, <em>proven last year</em>.{' '}
          {found.searched} cases are searched.
        </Empty>
      ) : found.cases.length === 0 && found.customers.length > 0 ? null : found.cases.length === 0 ? (
        <>
          <Empty>
            {found.searched === 0
              ? 'There is no case yet.'
              : `Nothing in ${found.searched} cases shares any of this. Remove a filter or use fewer words. The shop may not have had such a case yet.`}
          </Empty>
          <PracticeKnown practice={found.practice} line={line} put={put} />
          <KnownBeside beside={found.beside} />
        </>
      ) : (
        <>
          <FacetRow
            facets={found.facets}
            only={put.only}
            onNarrow={narrow}
            sort={put.sort}
            onSort={(sort) => askFor(line, { ...put, sort }, 0)}
          />
          <Columns>
            <section>
              <ol aria-label="Cases">
                {found.cases.map((c) => (
                  <Hit
                    key={c.id}
                    hit={c}
                    inHand={inHand}
                    chosen={chosen.includes(c.number)}
                    onChoose={(on) =>
                      setChosen(on ? [...chosen, c.number] : chosen.filter((n) => n !== c.number))
                    }
                  />
                ))}
              </ol>
              <MoreCases
                shown={found.cases.length}
                matching={found.matching}
                onMore={() => askFor(line, put, 0, Math.min(MOST, found.cases.length + 2 * PAGE))}
              />
              {chosen.length > 0 && (
                <Chosen role="status">
                  {chosen.length === 1 ? (
                    <>Case {chosen[0]} is chosen; choose another to see both side by side.</>
                  ) : (
                    <Link href={`/compare?a=${chosen.at(-2)}&b=${chosen.at(-1)}`}>
                      Case {chosen.at(-2)} and case {chosen.at(-1)} side by side: what told them apart
                    </Link>
                  )}{' '}
                  <Link href={`/shop/data?numbers=${chosen.join(',')}`}>
                    Give {chosen.length === 1 ? 'it' : `these ${chosen.length}`} out …
                  </Link>
                </Chosen>
              )}
              <p style={{ padding: '8px 0' }}>
                <Quiet>
                  <Link href={`/shop/data?q=${encodeURIComponent(line)}`}>Export these results …</Link>
                </Quiet>
              </p>
            </section>
            <aside aria-label="What it was and what else is known">
              <ExperienceLinks
                codes={found.chips.filter((c) => c.kind === 'code' && !/x/.test(c.value)).map((c) => c.value)}
                build={found.beside.build}
              />
              <CauseList causes={found.causes} />
              <PracticeKnown practice={found.practice} line={line} put={put} />
              <KnownBeside beside={found.beside} />
            </aside>
          </Columns>
        </>
      )}
    </Page>
  );
}

/** How many of the cases are shown, and the way to the next ones. */
function MoreCases({ shown, matching, onMore }: { shown: number; matching: number; onMore: () => void }) {
  if (shown >= matching) return null;
  return (
    <p style={{ display: 'flex', gap: 12, alignItems: 'center', padding: '8px 0' }}>
      <Quiet>
        {shown} of {matching} shown.
        {shown >= MOST && ' Add a word or choose a filter to see fewer.'}
      </Quiet>
      {shown < MOST && <Button onPress={onMore}>Show more</Button>}
    </p>
  );
}

/** A line without some of its words, wherever they stand. */
function without(line: string, taken: string): string {
  let rest = ` ${line} `;
  const whole = rest.toLowerCase().indexOf(` ${taken.toLowerCase()} `);
  if (whole >= 0) rest = rest.slice(0, whole + 1) + rest.slice(whole + taken.length + 1);
  else
    for (const w of taken.split(' '))
      rest = rest.replace(
        new RegExp(`(?<=[\\s,;])${w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?=[\\s,;.!?])`, 'i'),
        '',
      );
  return rest.replace(/\s+/g, ' ').trim();
}
