'use client';

import { ClipboardCopy, FileDown, Printer } from 'lucide-react';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import type { Block, Report } from '@/core/report';
import { toMarkdown } from '@/core/report/markdown';
import { Button } from '@/ui/controls';

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
  & h1 {
    font-size: 1.5rem;
    letter-spacing: -0.01em;
  }
  & h2 {
    font-size: 1rem;
    color: var(--accent);
    margin: 16px 0 4px;
    break-after: avoid;
  }
  & p,
  & li,
  & dl,
  & table {
    margin-bottom: 5px;
  }
  & blockquote {
    margin: 2px 0 6px;
    padding-left: 12px;
    border-left: 3px solid var(--rule-2);
    font-style: italic;
    white-space: pre-wrap;
  }
  & dl {
    display: grid;
    grid-template-columns: 132px 1fr;
    gap: 1px 10px;
  }
  & dt {
    color: var(--ink-3);
    font-size: 0.875rem;
  }
  & li::before {
    content: '–';
    margin-right: 8px;
    color: var(--ink-3);
  }
  & table {
    border-collapse: collapse;
    width: 100%;
    font-size: 0.875rem;
  }
  & th {
    text-align: left;
    color: var(--ink-3);
    font-weight: 600;
  }
  & th,
  & td {
    padding: 3px 8px 3px 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  & tr,
  & figure {
    break-inside: avoid;
  }
  & footer {
    margin-top: 20px;
    color: var(--ink-3);
    font-size: 0.8125rem;
  }
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
const Photos = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 8px;
  & figure {
    margin: 0;
    width: 170px;
  }
  & img {
    width: 170px;
    height: 128px;
    object-fit: cover;
    border: 1px solid var(--rule-2);
  }
  & figcaption {
    font-size: 0.75rem;
    color: var(--ink-3);
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
        <span style={{ flex: 1 }} />
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
        <h1>{report.title}</h1>
        <p style={{ color: 'var(--ink-2)' }}>{report.subtitle}</p>
        {report.blocks.map((b, i) => (
          <Drawn key={i} block={b} />
        ))}
        <footer>{report.foot}</footer>
      </Paper>
    </>
  );
}

function Drawn({ block }: { block: Block }) {
  switch (block.kind) {
    case 'heading':
      return <h2>{block.text}</h2>;
    case 'text':
      return block.quote ? <blockquote>{block.text}</blockquote> : <p>{block.text}</p>;
    case 'facts':
      return (
        <dl>
          {block.rows.map(([label, value]) => (
            <Pair key={label} label={label} value={value} />
          ))}
        </dl>
      );
    case 'list':
      return (
        <ul>
          {block.items.map((item, i) => (
            <li key={i}>{item}</li>
          ))}
        </ul>
      );
    case 'table':
      return (
        <table>
          <thead>
            <tr>
              {block.head.map((title) => (
                <th key={title} scope="col">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {block.rows.map((row, i) => (
              <tr key={i}>
                {row.map((cell, k) => (
                  <td key={k}>{cell}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      );
    case 'photos':
      return (
        <Photos>
          {block.photos.map((p, i) => (
            <figure key={p.hash + i}>
              <img src={`/api/files/${p.hash}?thumb`} alt={p.name} />
              <figcaption>{p.name}</figcaption>
            </figure>
          ))}
        </Photos>
      );
  }
}

function Pair({ label, value }: { label: string; value: string }) {
  return (
    <>
      <dt>{label}</dt>
      <dd>{value}</dd>
    </>
  );
}
