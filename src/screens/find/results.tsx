'use client';

import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Empty, Quiet } from '@/ui/controls';
import { Inline, Text } from '@/ui/layout';
import { ExperienceLinks } from '../experience/links';
import { CauseList } from './cause-list';
import { FacetRow } from './facets';
import { Hit } from './hit';
import { KnownBeside } from './known-beside';
import { PracticeKnown } from './practice';
import { MOST, type Finding } from './use-finding';

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

/** What stands under the line: how to begin, that nothing is near, or the cases with what they were. */
export function FindResults({ finding, inHand }: { finding: Finding; inHand: string }) {
  const { found, put, line } = finding;
  // Kept while the line is typed anew: the second case may come from another search.
  const [chosen, setChosen] = useState<number[]>([]);
  if (found.chips.length === 0 && put.only.length === 0)
    return (
      <Empty>
        Enter a vehicle, code, symptom or reading, in any order and in your own words:{' '}
        <em>P0299 diesel no power uphill</em>, <em>won’t start when hot</em>, <em>P030x</em>,{' '}
        <em>trim at idle &gt; 15 %</em>, <em>drinks water heater cold</em>, <em>proven last year</em>.{' '}
        {found.searched} cases are searched.
      </Empty>
    );
  if (found.cases.length > 0)
    return <CasesFound finding={finding} inHand={inHand} chosen={chosen} setChosen={setChosen} />;
  // The customer's own cases are what was asked for.
  if (found.customers.length > 0) return null;
  return (
    <>
      <Empty>
        {found.searched === 0
          ? 'There is no case yet.'
          : `Nothing in ${found.searched} cases shares any of this. Remove a filter or use fewer words. The shop may not have had such a case yet.`}
      </Empty>
      <PracticeKnown practice={found.practice} line={line} put={put} />
      <KnownBeside beside={found.beside} />
    </>
  );
}

function CasesFound({
  finding,
  inHand,
  chosen,
  setChosen,
}: {
  finding: Finding;
  inHand: string;
  chosen: number[];
  setChosen: (numbers: number[]) => void;
}) {
  const { found, put, line } = finding;
  const choose = (number: number, on: boolean) =>
    setChosen(on ? [...chosen, number] : chosen.filter((n) => n !== number));
  const codes = found.chips.filter((c) => c.kind === 'code' && !/x/.test(c.value)).map((c) => c.value);
  return (
    <>
      <FacetRow
        facets={found.facets}
        only={put.only}
        onNarrow={finding.narrow}
        sort={put.sort}
        onSort={finding.sortBy}
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
                onChoose={(on) => choose(c.number, on)}
              />
            ))}
          </ol>
          <MoreCases shown={found.cases.length} matching={found.matching} onMore={finding.more} />
          <ChosenCases numbers={chosen} />
          <Text $pad="8px 0">
            <Quiet>
              <Link href={`/shop/data?q=${encodeURIComponent(line)}`}>Export these results …</Link>
            </Quiet>
          </Text>
        </section>
        <aside aria-label="What it was and what else is known">
          <ExperienceLinks codes={codes} build={found.beside.build} />
          <CauseList causes={found.causes} />
          <PracticeKnown practice={found.practice} line={line} put={put} />
          <KnownBeside beside={found.beside} />
        </aside>
      </Columns>
    </>
  );
}

/** Cases that were ticked: to be seen side by side, or given out. */
function ChosenCases({ numbers }: { numbers: readonly number[] }) {
  if (numbers.length === 0) return null;
  const [a, b] = [numbers.at(-2), numbers.at(-1)];
  return (
    <Chosen role="status">
      {numbers.length === 1 ? (
        <>Case {b} is chosen; choose another to see both side by side.</>
      ) : (
        <Link href={`/compare?a=${a}&b=${b}`}>
          Case {a} and case {b} side by side: what told them apart
        </Link>
      )}{' '}
      <Link href={`/shop/data?numbers=${numbers.join(',')}`}>
        Give {numbers.length === 1 ? 'it' : `these ${numbers.length}`} out …
      </Link>
    </Chosen>
  );
}

/** How many of the cases are shown, and the way to the next ones. */
function MoreCases({ shown, matching, onMore }: { shown: number; matching: number; onMore: () => void }) {
  if (shown >= matching) return null;
  return (
    <Inline as="p" $gap={12} $align="center" $nowrap $pad="8px 0">
      <Quiet>
        {shown} of {matching} shown.
        {shown >= MOST && ' Add a word or choose a filter to see fewer.'}
      </Quiet>
      {shown < MOST && <Button onPress={onMore}>Show more</Button>}
    </Inline>
  );
}
