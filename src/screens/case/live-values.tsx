'use client';

import styled from 'styled-components';
import { besideEachOther, momentOf } from '@/core/codes';
import type { RowOf } from '@/core/case';
import { Button, Figure, Quiet } from '@/ui/controls';
import { LineInput } from '@/ui/line-input';
import { VerdictShape } from '@/ui/marks';
import { useCase } from './store';
import { count, inWords, useKnownOffers } from './tests/known-good';

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

/**
 * The live values of all scans side by side, one row a value whatever a tool calls it, with what cannot be, against a
 * limit, and beside what healthy vehicles of the build read.
 */
export function LiveValues() {
  const scans = useCase((s) => s.record.scan);
  const live = useCase((s) => s.record.live);
  const inOrder = [...scans].sort((a, b) => a.at.localeCompare(b.at));
  const lists = inOrder.flatMap((scan, i) => {
    const values = live.filter((l) => l.scanId === scan.id);
    return values.length ? [{ name: `S${i + 1}`, values, moment: momentOf(values, scan) }] : [];
  });
  if (lists.length === 0) return null;
  const rows = besideEachOther(lists.map((l) => l.values));
  const odd = rows.filter((r) =>
    r.cells.some((c) => c && (c.verdict === '' ? c.because !== '' : c.verdict !== 'pass')),
  ).length;
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
                {l.name} {l.moment}
              </th>
            ))}
            <th scope="col">Limit</th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <ValueRow key={row.key} row={row} lists={lists} />
          ))}
        </tbody>
      </Table>
    </details>
  );
}

type Lists = { name: string; values: RowOf<'live'>[] }[];

function ValueRow({ row, lists }: { row: ReturnType<typeof besideEachOther>[number]; lists: Lists }) {
  const edit = useCase((s) => s.edit);
  const offers = useKnownOffers();
  const mine = row.cells.flatMap((cell, i) => (cell ? [lists[i]!.values[cell.at]!] : []));
  const limit = mine.find((l) => l.limit !== '')?.limit ?? '';
  const hold = (text: string) => mine.forEach((l) => l.limit !== text && edit('live', l.id, 'limit', text));
  const known =
    limit === ''
      ? row.cells.flatMap((cell, i) => {
          const offer = cell && offers[lists[i]!.values[cell.at]!.id]?.[0];
          return offer ? [{ ...offer, list: lists[i]!.name }] : [];
        })
      : [];
  const several = lists.length > 1;
  return (
    <tr>
      <th scope="row" style={{ fontWeight: 400, color: 'var(--ink-2)', fontSize: 'inherit' }}>
        {row.name}
      </th>
      {row.cells.map((cell, i) => (
        <td key={lists[i]!.name} style={{ whiteSpace: 'nowrap' }}>
          {cell && <Figure>{cell.entered}</Figure>}
          {cell && (cell.verdict || cell.because) && (
            <>
              {' '}
              <VerdictShape verdict={cell.verdict || 'unsure'} size={12} />
            </>
          )}
        </td>
      ))}
      <td style={{ minWidth: 110 }}>
        <LineInput
          label={`Limit of ${row.name}`}
          hideLabel
          figure
          value={limit}
          placeholder="limit"
          onChange={hold}
        />
      </td>
      <td>
        {row.cells.map(
          (cell, i) =>
            cell?.because && (
              <Quiet as="div" key={lists[i]!.name}>
                {several ? `${lists[i]!.name}: ` : ''}
                {cell.because}
              </Quiet>
            ),
        )}
        {known.map((o) => (
          <Quiet as="div" key={o.list}>
            {several ? `${o.list}: ` : ''}known-good {o.low === o.high ? o.low : `${o.low} to ${o.high}`} of{' '}
            {count(o.vehicles)}. {o.stands && <b>{o.stands}</b>} {inWords(o)}.{' '}
            <Button $kind="quiet" onPress={() => hold(o.limit.replace(/\u00a0/g, ' '))}>
              Use as the limit
            </Button>
          </Quiet>
        ))}
      </td>
    </tr>
  );
}
