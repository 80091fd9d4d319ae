'use client';

import { Fragment, useState } from 'react';
import styled from 'styled-components';
import { besideEachOther, momentOf } from '@/core/codes';
import type { RowOf } from '@/core/case';
import { Button, Figure, Quiet, Segments } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { LineInput } from '@/ui/line-input';
import { PlainTable } from '@/ui/plain-table';
import { VerdictShape } from '@/ui/marks';
import { useCase } from '../saving/store';
import { count, inWords, useKnownOffers, type KnownOffer } from '../tests/known-good';

const Table = styled(PlainTable)`
  font-size: 0.875rem;
  margin: 4px 0 6px;
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
  // What holds at idle does not hold with the engine off: a limit belongs to lists of one moment.
  const moments = [...new Set(lists.map(momentKey))];
  const [chosen, choose] = useState('');
  const moment = moments.includes(chosen) ? chosen : moments.at(-1);
  if (lists.length === 0) return null;
  const rows = besideEachOther(lists.map((l) => l.values));
  const odd = rows.filter((r) =>
    r.cells.some((c) => c && (c.verdict === '' ? c.because !== '' : c.verdict !== 'pass')),
  ).length;
  return (
    <Text as="details" open={odd > 0 || lists.length > 1} $indent>
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
            <th scope="col">
              Limit{' '}
              {moments.length > 1 && (
                <Segments
                  label="Whose limits"
                  value={moment!}
                  options={moments.map((m) => ({
                    value: m,
                    label: lists
                      .filter((l) => momentKey(l) === m)
                      .map((l) => l.name)
                      .join(', '),
                  }))}
                  onChange={(m) => m && choose(m)}
                />
              )}
            </th>
            <th scope="col" />
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <ValueRow key={row.key} row={row} lists={lists} moment={moment!} />
          ))}
        </tbody>
      </Table>
    </Text>
  );
}

type Lists = { name: string; moment: string; values: RowOf<'live'>[] }[];

const RowHead = styled.th`
  font-weight: 400;
  color: var(--ink-2);
  font-size: inherit;
  vertical-align: top;
  border-bottom-color: var(--rule);
`;

/** Lists of which nothing tells when they were taken are each a moment of their own. */
const momentKey = (list: Lists[number]): string => list.moment || list.name;

function ValueRow({
  row,
  lists,
  moment,
}: {
  row: ReturnType<typeof besideEachOther>[number];
  lists: Lists;
  /** Whose limits are shown and set. */
  moment: string;
}) {
  const offers = useKnownOffers();
  const mine = row.cells.flatMap((cell, i) =>
    cell ? [{ list: lists[i]!, cell, live: lists[i]!.values[cell.at]! }] : [],
  );
  const limited = mine.filter((m) => momentKey(m.list) === moment);
  const several = lists.length > 1;
  return (
    <tr>
      <RowHead scope="row">{row.name}</RowHead>
      {row.cells.map((cell, i) => (
        <Text as="td" key={lists[i]!.name} $lines="nowrap">
          {cell && <Figure>{cell.entered}</Figure>}
          {cell && (cell.verdict || cell.because) && (
            <>
              {' '}
              <VerdictShape verdict={cell.verdict || 'unsure'} size={12} />
            </>
          )}
          {cell && lists.length > 1 && momentKey(lists[i]!) !== moment && (
            <LimitSaid limit={lists[i]!.values[cell.at]!.limit} />
          )}
        </Text>
      ))}
      <Text as="td" $min={120}>
        {limited.length > 0 && <LimitOf name={row.name} of={limited} told={several} />}
      </Text>
      <td>
        {mine.map(({ list, cell, live }) => {
          const offer = live.limit === '' ? offers[live.id]?.[0] : undefined;
          const of = mine.filter((m) => momentKey(m.list) === momentKey(list)).map((m) => m.live);
          return (
            <Fragment key={list.name}>
              {cell.because && (
                <Quiet as="div">
                  {several ? `${list.name}: ` : ''}
                  {cell.because}
                </Quiet>
              )}
              {offer && <KnownGood offer={offer} of={of} list={several ? `${list.name}: ` : ''} />}
            </Fragment>
          );
        })}
      </td>
    </tr>
  );
}

/** The limit of a list whose limits are not the ones being set. */
const LimitSaid = ({ limit }: { limit: string }) =>
  limit === '' ? null : <Quiet as="div">limit {limit}</Quiet>;

/** Puts a limit on values of one moment. */
function useHold() {
  const edit = useCase((s) => s.edit);
  return (of: readonly RowOf<'live'>[], limit: string) =>
    of.forEach((l) => l.limit !== limit && edit('live', l.id, 'limit', limit));
}

function LimitOf({
  name,
  of,
  told,
}: {
  name: string;
  of: { list: Lists[number]; live: RowOf<'live'> }[];
  /** There are several lists: say whose limit this is. */
  told: boolean;
}) {
  const hold = useHold();
  const whose = of.map((m) => m.list.name).join(', ');
  return (
    <LineInput
      label={told ? `Limit of ${name}, ${whose}` : `Limit of ${name}`}
      hideLabel
      figure
      value={of.find((m) => m.live.limit !== '')?.live.limit ?? ''}
      placeholder="limit"
      onChange={(text) =>
        hold(
          of.map((m) => m.live),
          text,
        )
      }
    />
  );
}

function KnownGood({
  offer: o,
  of,
  list,
}: {
  offer: KnownOffer;
  of: readonly RowOf<'live'>[];
  /** "S2: ", where there are several lists. */
  list: string;
}) {
  const hold = useHold();
  return (
    <Quiet as="div">
      {list}known-good {o.low === o.high ? o.low : `${o.low} to ${o.high}`} of {count(o.vehicles)}.{' '}
      {o.stands && <b>{o.stands}</b>} {inWords(o)}.{' '}
      {o.limit === '' ? (
        <Quiet>a reference, no limit</Quiet>
      ) : (
        <Button $kind="quiet" onPress={() => hold(of, o.limit.replace(/\u00a0/g, ' '))}>
          Use as the limit
        </Button>
      )}
    </Quiet>
  );
}
