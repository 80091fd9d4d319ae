'use client';

import type { FindPageAnswer } from '@/core/api';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { FindLine } from '../frame/find-line';
import { Chips } from './chips';
import { CustomerCases } from './customer-cases';
import { FindResults } from './results';
import type { Refinement } from './types';
import { useFinding, useLearned } from './use-finding';

const Page = styled.main`
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 20px 60px;
`;

/** How many cases share something of what is asked; nothing where that is said below. */
function countWords(found: FindPageAnswer, sort: Refinement['sort']): string {
  if (found.chips.length === 0) return '';
  if (found.cases.length === 0) return found.customers.length ? '' : 'no similar case';
  const first = sort === 'newest' ? 'newest' : 'nearest';
  return `${found.matching} of ${found.searched} cases share something, ${first} first`;
}

/** The find screen: one line, how it was read, cases with their reasons, what it was, what else is known. */
export function FindScreen(given: { line: string; put: Refinement; found: FindPageAnswer; inHand: string }) {
  const finding = useFinding(given);
  const { found, put, problem } = finding;
  const { learned, correct, unlearn } = useLearned(finding);
  const only = put.only.map((o) => ({
    ...o,
    label: found.facets.find((f) => f.by === o.by && f.value === o.value)?.label ?? o.value,
  }));
  return (
    <Page>
      <h1 className="visually-hidden">Find past cases</h1>
      <FindLine initial={given.line} onType={finding.type} />
      <Chips
        chips={found.chips}
        only={only}
        says={countWords(found, put.sort)}
        onTakeOff={finding.takeOff}
        onCorrect={correct}
        onWiden={finding.widen}
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
      <FindResults finding={finding} inHand={given.inHand} />
    </Page>
  );
}
