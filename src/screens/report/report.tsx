'use client';

import { ClipboardCopy, FileDown, Printer } from 'lucide-react';
import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import type { Report } from '@/core/report';
import { toMarkdown } from '@/core/report/markdown';
import { Button } from '@/ui/controls';
import { Cell } from '@/ui/layout';
import { ReportBody, reportText } from './report-body';

const Bar = styled.nav`
  max-width: 960px;
  margin: 14px auto 0;
  padding: 0 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  & a.tab {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
    padding: 0 10px;
    color: var(--ink-2);
    text-decoration: none;
  }
  & a.tab[aria-current] {
    color: var(--ink);
    font-weight: 650;
    box-shadow: inset 0 -2px 0 var(--accent);
  }
  @media print {
    display: none;
  }
`;
const Paper = styled.main`
  max-width: 820px;
  margin: 12px auto 60px;
  padding: 34px 44px 40px;
  background: var(--sheet);
  box-shadow: var(--shadow);
  ${reportText}
  @media print {
    box-shadow: none;
    margin: 0;
    padding: 0;
    max-width: none;
    font-size: 10.5pt;
    color: #000;
    background: #fff;
  }
`;

const READERS = [
  { id: 'customer', label: 'For the customer' },
  { id: 'technician', label: 'For the next technician' },
];

/** A report of a case: on paper, as PDF, as text to paste, all from the same blocks. */
export function ReportScreen({ caseId, reader, report }: { caseId: string; reader: string; report: Report }) {
  const [copied, setCopied] = useState('');
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(toMarkdown(report));
      setCopied('Copied.');
    } catch {
      setCopied('This browser does not let it be copied; open the Markdown instead.');
    }
  };
  return (
    <>
      <Bar aria-label="Report">
        <Link href={`/cases/${caseId}`}>Back to the case</Link>
        {READERS.map((r) => (
          <Link
            key={r.id}
            className="tab"
            href={`/cases/${caseId}/report?for=${r.id}`}
            aria-current={r.id === reader ? 'page' : undefined}
          >
            {r.label}
          </Link>
        ))}
        <Cell as="span" $grow />
        <span role="status">{copied}</span>
        <Button onPress={() => window.print()}>
          <Printer aria-hidden="true" /> Print
        </Button>
        <Button onPress={() => window.open(`/api/cases/${caseId}/report?for=${reader}&as=pdf`)}>
          <FileDown aria-hidden="true" /> PDF
        </Button>
        <Button onPress={() => void copy()}>
          <ClipboardCopy aria-hidden="true" /> Copy as Markdown
        </Button>
      </Bar>
      <Paper>
        <ReportBody report={report} />
      </Paper>
    </>
  );
}
