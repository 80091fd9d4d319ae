'use client';

import { Pencil } from 'lucide-react';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { Report } from '@/core/report';
import { Button } from '@/ui/controls';
import { ReportBody, reportText } from '../report/report-body';
import { CourseLine } from './course-line';
import { useCase } from './saving/store';

const Paper = styled.article`
  padding: 18px 28px 8px;
  max-width: 820px;
  ${reportText}
`;
const Head = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 10px 28px;
  border-bottom: 1px solid var(--rule);
  color: var(--ink-2);
  @media print {
    display: none;
  }
`;

/** Parts that only the case itself has; proof and follow-up stay below the document. */
const INTO_THE_CASE = /^#(?:complaint|evidence|cause|repair|test-|at-)/;

/**
 * Whether a closed case is read as a document: it was closed when it was opened here, and nobody asked to edit it or
 * followed a link to one of its rows.
 */
export function useAsDocument(report: Report | undefined): { reads: boolean; edit: () => void } {
  const closed = useCase((s) => s.record.case.closedAt !== null);
  const [editing, setEditing] = useState(report === undefined);
  useEffect(() => {
    const toLinked = () => INTO_THE_CASE.test(window.location.hash) && setEditing(true);
    toLinked();
    window.addEventListener('hashchange', toLinked);
    return () => window.removeEventListener('hashchange', toLinked);
  }, []);
  return { reads: closed && !editing && report !== undefined, edit: () => setEditing(true) };
}

/** A closed case as it is read: the report for the next technician, and the way back to its fields. */
export function ClosedDocument({ report, onEdit }: { report: Report; onEdit: () => void }) {
  return (
    <>
      <Head>
        <span>This case is closed. It reads as a report.</span>
        <Button onPress={onEdit}>
          <Pencil aria-hidden="true" /> Edit
        </Button>
      </Head>
      <CourseLine />
      <Paper aria-label="The case as a report">
        <ReportBody report={report} />
      </Paper>
    </>
  );
}
