'use client';

import { Download } from 'lucide-react';
import styled from 'styled-components';
import { Quiet } from '@/ui/controls';
import { ShopShelf } from './sections';
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
const Out = styled.a`
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 38px;
  margin: 0 10px 6px 0;
  padding: 0 12px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--raised);
  text-decoration: none;
  font-weight: 550;
  & svg {
    width: 16px;
    height: 16px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
/** Cases in from files and out as files and tables. */
export function DataScreen() {
  return (
    <ShopShelf>
      <h1 style={{ fontSize: '1.25rem', marginBottom: 10 }}>In and out</h1>
      <Section aria-label="Take cases in">
        <h2>Take cases in</h2>
        <p>
          A case file (JSON) or many of them, one in a line (NDJSON). Each goes in whole or not at all; the
          same case twice is one case; what this shop does not know comes in as new, marked for a look.
        </p>
        <TakeIn />
      </Section>
      <Section aria-label="Give cases out">
        <h2>Give cases out</h2>
        <p>
          Case files hold everything that stands on a case. With photos and files inside they are large, and
          are all another shop needs.
        </p>
        <Out href="/api/v1/export" download>
          <Download aria-hidden="true" /> All cases
        </Out>
        <Out href="/api/v1/export?files=inline" download>
          <Download aria-hidden="true" /> All cases with their files
        </Out>
        <Out href="/api/v1/export?as=cases.csv" download>
          <Download aria-hidden="true" /> Table of cases
        </Out>
        <Out href="/api/v1/export?as=readings.csv" download>
          <Download aria-hidden="true" /> Table of readings
        </Out>
      </Section>
      <Section aria-label="For programs">
        <h2>For programs</h2>
        <p>
          The same ways in and out, and search and guide, are described at{' '}
          <a href="/api/v1/openapi.json">/api/v1/openapi.json</a> (OpenAPI 3.1).
        </p>
        <Quiet>Whoever reaches this server reaches all of it: keep it within the shop’s network.</Quiet>
      </Section>
    </ShopShelf>
  );
}
