'use client';

import styled from 'styled-components';
import { besideEachOther, momentOf } from '@/core/codes';
import { Figure, Quiet } from '@/ui/controls';
import { VerdictShape } from '@/ui/marks';
import { useCase } from './store';

const Table = styled.table`
  border-collapse: collapse;
  font-size: 0.875rem;
  margin: 4px 0 6px 8px;
  & th,
  & td {
    text-align: left;
    padding: 3px 14px 3px 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
  }
  & th {
    font-size: 0.75rem;
    color: var(--ink-3);
  }
`;

/** The live values of all scans side by side, one row a value whatever a tool calls it, with what cannot be. */
export function LiveValues() {
  const scans = useCase((s) => s.record.scan);
  const live = useCase((s) => s.record.live);
  const inOrder = [...scans].sort((a, b) => a.at.localeCompare(b.at));
  const lists = inOrder.flatMap((scan, i) => {
    const values = live.filter((l) => l.scanId === scan.id);
    return values.length ? [{ name: `S${i + 1}`, values }] : [];
  });
  if (lists.length === 0) return null;
  const rows = besideEachOther(lists.map((l) => l.values));
  const odd = rows.filter((r) => r.cells.some((c) => c?.because)).length;
  return (
    <details open={odd > 0 || lists.length > 1} style={{ paddingLeft: 8 }}>
      <summary>
        Live values{lists.length > 1 ? ', side by side' : ''}: {rows.length}
        {odd > 0 && `, ${odd} to look at`}
      </summary>
      <Table aria-label="Live values">
        <thead>
          <tr>
            <th scope="col">Value</th>
            {lists.map((l) => (
              <th key={l.name} scope="col">
                {l.name} {momentOf(l.values)}
              </th>
            ))}
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.key}>
              <th scope="row" style={{ fontWeight: 400, color: 'var(--ink-2)', fontSize: 'inherit' }}>
                {row.name}
              </th>
              {row.cells.map((cell, i) => (
                <td key={lists[i]!.name}>
                  {cell && <Figure>{cell.entered}</Figure>}
                  {cell?.because && (
                    <>
                      {' '}
                      <VerdictShape verdict="unsure" size={12} />
                    </>
                  )}
                </td>
              ))}
              <td>
                {row.cells.map(
                  (cell, i) =>
                    cell?.because && (
                      <Quiet as="div" key={lists[i]!.name}>
                        {lists.length > 1 ? `${lists[i]!.name}: ` : ''}
                        {cell.because}
                      </Quiet>
                    ),
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}
