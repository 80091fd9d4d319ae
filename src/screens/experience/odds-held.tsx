'use client';

import Link from '@/ui/link';
import styled from 'styled-components';
import type { Band } from '@/core/guide';
import { Empty, Figure, Quiet } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { PlainTable } from '@/ui/plain-table';
import { HeldPlot } from './held-plot';

const Page = styled.main`
  max-width: 980px;
  margin: 0 auto;
  padding: 18px 20px 60px;
  & h1 {
    font-size: 1.375rem;
  }
  & h2 {
    font-size: 1rem;
    margin: 22px 0 4px;
  }
  & p {
    max-width: 70ch;
  }
`;

interface View {
  cases: number;
  met: number;
  first: number;
  firstThree: number;
  brier: number;
  even: number;
  bands: Band[];
  looked: { number: number; vehicle: string; name: string; rank: number; share: number }[];
}

const percent = (x: number) => `${Math.round(100 * x)} %`;

/** What was said of each cause before any test, against what it turned out to be. */
export function OddsHeldScreen({ held }: { held: View }) {
  if (held.cases === 0)
    return (
      <Page>
        <h1>How the odds turned out</h1>
        <Empty>
          No case is proven yet. Once some are, each is asked of the others as it came in, and this page says
          whether the odds would have held.
        </Empty>
      </Page>
    );
  return (
    <Page>
      <h1>How the odds turned out</h1>
      <p>
        The last <Figure>{held.cases}</Figure> proven cases, each asked of all others by its vehicle, codes
        and symptoms, before any test. In <Figure>{held.met}</Figure> of them another case had the same cause,
        so that it could be named: it stood first in <Figure>{held.first}</Figure>, among the first three in{' '}
        <Figure>{held.firstThree}</Figure>. Good odds are right as often as they say.
      </p>
      <h2>Predicted against actual</h2>
      <HeldPlot bands={held.bands} />
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Predicted</th>
            <th scope="col">Causes</th>
            <th scope="col">Predicted on average</th>
            <th scope="col">Actual</th>
          </tr>
        </thead>
        <tbody>
          {held.bands.map((b) => (
            <tr key={b.from}>
              <td>
                <Figure>
                  {percent(b.from)} – {percent(b.to)}
                </Figure>
              </td>
              <td>
                <Figure>{b.n}</Figure>
              </td>
              <td>
                <Figure>{b.n ? percent(b.said) : '–'}</Figure>
              </td>
              <td>
                <Figure>{b.n ? percent(b.was) : '–'}</Figure>
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
      <Text $margin="8px 0 0">
        <Quiet>
          Brier score <Figure>{held.brier.toFixed(2)}</Figure>, where 0 is certain and right and 2 is certain
          and wrong; giving every cause the same share would have <Figure>{held.even.toFixed(2)}</Figure>.
          With few cases in a band, its last column means little.
        </Quiet>
      </Text>
      <h2>The cases</h2>
      <PlainTable>
        <thead>
          <tr>
            <th scope="col">Case</th>
            <th scope="col">Cause</th>
            <th scope="col">Rank</th>
            <th scope="col">Odds</th>
          </tr>
        </thead>
        <tbody>
          {held.looked.map((l) => (
            <tr key={l.number}>
              <td>
                <Link href={`/cases/${l.number}`}>{l.number}</Link> <Quiet>{l.vehicle}</Quiet>
              </td>
              <td>{l.name}</td>
              <td>{l.rank > 0 ? <Figure>{l.rank}.</Figure> : <Quiet>not met before</Quiet>}</td>
              <td>
                <Figure>{percent(l.share)}</Figure>
              </td>
            </tr>
          ))}
        </tbody>
      </PlainTable>
    </Page>
  );
}
