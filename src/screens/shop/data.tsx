'use client';

import type { ExportChoice } from '@/core/api';
import styled from 'styled-components';
import { Quiet } from '@/ui/controls';
import { PageTitle } from '@/ui/layout';
import { GiveOut } from './give-out';
import { ShopShelf } from './sections';
import { ShopLists } from './shop-lists';
import { TakeIn } from './take-in';

const Section = styled.section`
  padding: 12px 0;
  border-top: 1px solid var(--rule);
  max-width: 780px;
  & h2 {
    font-size: 1rem;
    margin-bottom: 4px;
  }
  & p {
    color: var(--ink-2);
    margin-bottom: 10px;
    max-width: 66ch;
  }
`;
/** Cases in from files and out as files and tables. */
export function DataScreen({ start }: { start: ExportChoice }) {
  return (
    <ShopShelf>
      <PageTitle $margin="0 0 10px">Import and export</PageTitle>
      <Section aria-label="Import cases">
        <h2>Import cases</h2>
        <p>
          A case file (JSON) or many of them, one in a line (NDJSON). Each goes in whole or not at all; the
          same case twice is one case; what this shop does not know comes in as new, marked for a look.
        </p>
        <TakeIn />
      </Section>
      <Section aria-label="Export cases">
        <h2>Export cases</h2>
        <p>
          Case files hold everything that stands on a case. With photos and files inside they are large, and
          are all another shop needs.
        </p>
        <GiveOut start={start} />
      </Section>
      <Section aria-label="Lists and history">
        <h2>Lists and history</h2>
        <p>
          Procedures, known-good values, the lists of causes, words, meanings of codes, bulletins and the
          whole history, one in a line (NDJSON). Another shop takes over the lists; what it has already stays.
        </p>
        <ShopLists />
      </Section>
      <Section aria-label="For programs">
        <h2>For programs</h2>
        <p>
          The same ways in and out, and search and guide, are described at{' '}
          <a href="/api/v1/openapi.json">/api/v1/openapi.json</a> (OpenAPI 3.1).
        </p>
        <Quiet>A program sends a token, made under Access, as Authorization: Bearer.</Quiet>
      </Section>
    </ShopShelf>
  );
}
