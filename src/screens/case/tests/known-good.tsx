'use client';

import Link from '@/ui/link';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import type { z } from 'zod';
import type { KnownOffersAnswer } from '@/core/api';
import { ask } from '../../send';
import { Button, Figure, Quiet } from '@/ui/controls';
import { useCase } from '../saving/store';

type Offers = z.infer<typeof KnownOffersAnswer>['offers'];
export type KnownOffer = Offers[string][number];
const Context = createContext<Offers>({});

/** Asks, whenever something was saved, what healthy vehicles read where this case has no limit. */
export function KnownGoodProvider({ children }: { children: ReactNode }) {
  const caseId = useCase((s) => s.record.case.id);
  const seq = useCase((s) => s.open.record.case.seq);
  const wanted = useCase(
    (s) =>
      s.record.reading.some((r) => r.limit === '' && r.label !== '') ||
      s.record.live.some((l) => l.limit === ''),
  );
  const [offers, setOffers] = useState<Offers>({});
  useEffect(() => {
    if (!wanted) return;
    const stop = new AbortController();
    void import('@/core/api/known-offers')
      .then((api) => ask(`/api/cases/${caseId}/known-good`, api.KnownOffersAnswer, { signal: stop.signal }))
      .then(({ answer }) => answer && setOffers(answer.offers))
      .catch(() => undefined);
    return () => stop.abort();
  }, [caseId, seq, wanted]);
  return <Context.Provider value={offers}>{children}</Context.Provider>;
}

/** What healthy vehicles read for one reading or live value, nearest build first. */
export const useKnownOffers = (): Offers => useContext(Context);

const Offer = styled.p`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: center;
  margin: 0 0 4px 8px;
  padding: 2px 4px 4px 10px;
  border-left: 3px solid var(--accent-2);
  background: var(--accent-soft);
  font-size: 0.875rem;
`;
const MOST = 2;

/** How many healthy vehicles, their range, where this one stands, and how near they are. */
export function KnownGoodOffers({ reading }: { reading: RowOf<'reading'> }) {
  const offers = useContext(Context)[reading.id] ?? [];
  const edit = useCase((s) => s.edit);
  if (reading.limit !== '' || offers.length === 0) return null;
  const take = (o: KnownOffer) => {
    edit('reading', reading.id, 'limit', o.limit.replace(/\u00a0/g, ' '));
    edit('test', reading.testId, 'expectationSource', 'known-good vehicle');
    const around = o.limitFrom === 'accuracy' ? ', with the accuracy of the instrument around it' : '';
    edit('test', reading.testId, 'expectation', `as ${count(o.vehicles)}: ${inWords(o)}${around}`);
  };
  return (
    <>
      {offers.slice(0, MOST).map((o) => (
        <Offer key={o.build + o.conditionWords.join()} role="note">
          <span>
            <span>
              Known-good: {count(o.vehicles)},{' '}
              <Figure>{o.low === o.high ? o.low : `${o.low} to ${o.high}`}</Figure>
              {o.stands && <b> {o.stands}</b>}
            </span>
            <Quiet as="span" $block>
              {inWords(o)};{' '}
              {o.from.slice(0, 4).map((f, i) => (
                <span key={i}>
                  {i > 0 && ', '}
                  {f.caseId ? <Link href={`/cases/${f.caseId}`}>{f.text}</Link> : f.text}
                </span>
              ))}
              {o.from.length > 4 && ' …'}
            </Quiet>
          </span>
          {o.limit === '' ? (
            <Quiet title="At least three healthy vehicles make a limit, or the accuracy of the instrument around one">
              a reference, no limit
            </Quiet>
          ) : (
            <Button $kind="quiet" onPress={() => take(o)}>
              {o.limitFrom === 'vehicles' ? 'Use as the limit' : `Take ${o.limit} as the limit`}
            </Button>
          )}
        </Offer>
      ))}
    </>
  );
}

export const count = (n: number) => `${n} healthy vehicle${n === 1 ? '' : 's'}`;

export function inWords(o: KnownOffer): string {
  const held = o.conditionWords.join(', ');
  const under = o.conditions === 'same' ? `same conditions (${held})` : 'no conditions noted on either';
  return `${o.build}, ${under}`;
}
