'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { CatalogueItem } from '@/core/case';
import type { Report } from '@/core/report';
import { CausePart } from './conclusion/cause';
import { ClosedDocument, useAsDocument } from './closed-document';
import { ComebackOffers } from './conclusion/comeback';
import { CourseLine } from './course-line';
import { ComplaintPart } from './intake/complaint';
import { EvidencePart } from './evidence';
import { LostClashes } from './clash-note';
import { isEmpty } from './empty';
import { FirstCase } from './first-case';
import { GUIDANCE_BESIDE } from './guidance/guidance-bar';
import { Header } from './header';
import { Margin } from './guidance/margin';
import { CatalogueProvider } from './conclusion/parts';
import type { TaughtWord } from '@/core/symptoms';
import { MeaningsProvider } from './scans/meanings';
import { VocabularyProvider, type GivenReadings } from './intake/vocabulary';
import { PeopleContext, type PersonOfShop } from './people';
import { PrecedentsProvider, type MarginView } from './guidance/similar-cases';
import { ProofPart } from './conclusion/proof';
import { RepairPart } from './conclusion/repair';
import { Spine } from './spine';
import { CaseContext, createCaseStore, type OpenCase } from './saving/store';
import { onArrival, useUploads } from './saving/upload-queue';

const Beside = dynamic(() => import('./beside').then((m) => m.Beside));

const Body = styled.div<{ $beside: boolean }>`
  display: grid;
  grid-template-columns: ${({ $beside }) => ($beside ? 'minmax(0, 1fr) minmax(0, 0.8fr)' : '176px minmax(0, 1fr) 316px')};
  gap: 0 16px;
  max-width: 1680px;
  margin: 0 auto;
  @media (max-width: ${GUIDANCE_BESIDE}px) {
    grid-template-columns: ${({ $beside }) => ($beside ? 'minmax(0, 1fr) minmax(0, 0.8fr)' : '150px minmax(0, 1fr)')};
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @media print {
    display: block;
  }
`;
const Sheet = styled.main`
  background: var(--sheet);
  box-shadow: var(--shadow);
  margin: 14px 0 110px;
  min-width: 0;
  border-radius: 2px;
  container: sheet / inline-size;
`;

interface Props {
  open: OpenCase;
  beside: OpenCase | undefined;
  margin: MarginView;
  catalogue: CatalogueItem[];
  meanings: Record<string, string>;
  taught: TaughtWord[];
  /** What the words on the case are read as, while nobody changes them. */
  wordsRead: GivenReadings;
  people: PersonOfShop[];
  now: string;
  /** What a closed case reads as. */
  report?: Report | undefined;
}

/** A case: spine, sheet, and a margin that thinks along (or another case beside it). */
export function CaseScreen({
  open,
  beside,
  margin,
  catalogue,
  meanings,
  taught,
  wordsRead,
  people,
  now,
  report,
}: Props) {
  const [store] = useState(() => createCaseStore(open));
  useEffect(() => store.getState().start(), [store]);
  useEffect(() => {
    onArrival(
      () =>
        void store
          .getState()
          .refresh()
          .catch(() => undefined),
    );
    void useUploads.getState().resume(open.record.case.id);
  }, [store, open.record.case.id]);
  return (
    <CaseContext.Provider value={store}>
      <CatalogueProvider items={catalogue}>
        <PeopleContext.Provider value={people}>
          <MeaningsProvider meanings={meanings}>
            <VocabularyProvider taught={taught} given={wordsRead}>
              <PrecedentsProvider initial={margin} now={now}>
                <Header />
                <Body $beside={beside !== undefined}>
                  {!beside && <Spine />}
                  <Sheet>
                    <FirstCase />
                    <LostClashes />
                    <ComebackOffers />
                    <Parts fresh={isEmpty(open.record)} report={report} />
                  </Sheet>
                  {beside ? <Beside other={beside} /> : <Margin now={now} />}
                </Body>
              </PrecedentsProvider>
            </VocabularyProvider>
          </MeaningsProvider>
        </PeopleContext.Provider>
      </CatalogueProvider>
    </CaseContext.Provider>
  );
}

/** The five parts; of a closed case a document in place of the first four. */
function Parts({ fresh, report }: { fresh: boolean; report: Report | undefined }) {
  const { reads, edit } = useAsDocument(report);
  if (reads && report)
    return (
      <>
        <ClosedDocument report={report} onEdit={edit} />
        <ProofPart />
      </>
    );
  return (
    <>
      <ComplaintPart fresh={fresh} />
      <CourseLine />
      <EvidencePart />
      <CausePart />
      <RepairPart />
      <ProofPart />
    </>
  );
}
