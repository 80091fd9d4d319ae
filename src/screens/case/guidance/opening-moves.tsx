'use client';

import styled from 'styled-components';
import { ListPlus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { checksForCode } from '@/core/checks';
import { baseCode } from '@/core/codes';
import { openingsFor, putCheck, putTest, type Move } from '@/core/guide';
import { Button, Figure, Quiet } from '@/ui/controls';
import { Cell, Inline, Ruled } from '@/ui/layout';
import { nowIso } from '../fields';
import { useMeanings } from '../scans/meanings';
import { useCase, useRecord } from '../saving/store';

const Details = styled.details`
  margin-top: 8px;
  padding: 0 8px;
  & > summary {
    min-height: 32px;
    cursor: pointer;
  }
`;

/** How the trade goes about the codes to chase; one press puts the tests of a kind on the case. */
export function OpeningMoves() {
  const record = useRecord();
  const together = useCase((s) => s.together);
  const { own } = useMeanings();
  const openings = openingsFor(record, own);
  if (openings.length === 0 || record.cause.length > 0) return null;
  const asked = new Set(record.test.map((t) => t.question));

  const put = (moves: Move[]) => {
    const fresh = moves.filter((m) => !asked.has(m.question));
    const ops = fresh.flatMap((move, i) => {
      const { question, setup = '', caution = '', expectation = '', conditions = [] } = move;
      const readings = move.readings.map((r) => ({ label: r.label, limit: r.limit ?? '' }));
      return putTest(
        { question, setup, caution, expectation, expectationSource: 'common practice', conditions, readings },
        {
          // A millisecond apart, so that they stand in their order.
          at: new Date(Date.parse(nowIso()) + i).toISOString(),
          position: record.test.length + i,
          newId: () => nanoid(14),
        },
      ).ops;
    });
    together(ops);
  };

  return (
    <Details>
      <summary>Usual first tests</summary>
      {openings.map(({ kind, codes, says, moves }) => {
        const left = moves.filter((m) => !asked.has(m.question));
        return (
          <Ruled as="section" key={kind} aria-label={`Opening moves: ${kind}`} $pad="6px 0">
            <p>
              <strong>{kind}</strong> <Figure>{codes.join(' ')}</Figure> — {says}
            </p>
            <Cell as="ol" $pad="2px 0 6px 14px">
              {moves.map((m) => (
                <li key={m.question}>
                  {m.question}{' '}
                  <Quiet>{asked.has(m.question) ? 'on the case' : `about ${m.minutes} min`}</Quiet>
                </li>
              ))}
            </Cell>
            {left.length > 0 && (
              <Button onPress={() => put(moves)}>
                <ListPlus aria-hidden="true" /> Put{' '}
                {left.length === 1 ? 'this test' : `these ${left.length} tests`} on the case
              </Button>
            )}
            <CheckOffers codes={codes} />
          </Ruled>
        );
      })}
      <Quiet>General practice, not this shop’s own experience.</Quiet>
    </Details>
  );
}

const CHECKS_SHOWN = 4;

/** Computed checks that are good for these codes. */
function CheckOffers({ codes }: { codes: string[] }) {
  const record = useRecord();
  const together = useCase((s) => s.together);
  const checks = [...new Set(codes.flatMap((c) => checksForCode(baseCode(c))))].slice(0, CHECKS_SHOWN);
  if (checks.length === 0) return null;
  const onCase = new Set(record.test.map((t) => t.checkId));
  return (
    <Inline as="p" $gap={6} $align="center" $pad="6px 0 0">
      <Quiet>Computed for these:</Quiet>
      {checks.map((check) => (
        <Button
          key={check.id}
          isDisabled={onCase.has(check.id)}
          onPress={() =>
            together(
              putCheck(check, {
                at: nowIso(),
                position: record.test.length,
                newId: () => nanoid(14),
                vehicle: record.vehicle,
              }).ops,
            )
          }
        >
          <ListPlus aria-hidden="true" /> {check.title}
        </Button>
      ))}
    </Inline>
  );
}
