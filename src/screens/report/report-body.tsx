'use client';

import styled, { css } from 'styled-components';
import type { Block, Report } from '@/core/report';

/** How the blocks of a report look, on paper and on the screen. */
/** Letters of a cell whose words stay whole. */
const SHORT = 14;

export const reportText = css`
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
  & th,
  & td:first-child {
    overflow-wrap: normal;
    white-space: nowrap;
  }
  /* A word of a narrow column is not broken for the sake of a wide one. */
  & td[data-short] {
    overflow-wrap: normal;
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
`;
const Subtitle = styled.p`
  color: var(--ink-2);
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

/** A report as text: title, blocks, foot. */
export function ReportBody({ report }: { report: Report }) {
  return (
    <>
      <h1>{report.title}</h1>
      <Subtitle>{report.subtitle}</Subtitle>
      {report.blocks.map((b, i) => (
        <Drawn key={i} block={b} />
      ))}
      <footer>{report.foot}</footer>
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
                  <td key={k} data-short={cell.length <= SHORT || undefined}>
                    {cell}
                  </td>
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
