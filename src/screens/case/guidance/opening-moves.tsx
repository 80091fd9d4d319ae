'use client';

import { ListPlus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { checksForCode } from '@/core/checks';
import { baseCode } from '@/core/codes';
import { openingsFor, putCheck, putTest, type Move } from '@/core/guide';
import { Button, Figure, Quiet } from '@/ui/controls';
import { nowIso } from '../fields';
import { useMeanings } from '../scans/meanings';
import { useCase, useRecord } from '../saving/store';

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
    <details style={{ marginTop: 8, padding: '0 8px' }}>
      <summary style={{ minHeight: 32, cursor: 'pointer' }}>Usual first tests</summary>
      {openings.map(({ kind, codes, says, moves }) => {
        const left = moves.filter((m) => !asked.has(m.question));
        return (
          <section
            key={kind}
            aria-label={`Opening moves: ${kind}`}
            style={{ padding: '6px 0', borderTop: '1px solid var(--rule)' }}
          >
            <p>
              <strong>{kind}</strong> <Figure>{codes.join(' ')}</Figure> — {says}
            </p>
            <ol style={{ padding: '2px 0 6px 14px' }}>
              {moves.map((m) => (
                <li key={m.question}>
                  {m.question}{' '}
                  <Quiet>{asked.has(m.question) ? 'on the case' : `about ${m.minutes} min`}</Quiet>
                </li>
              ))}
            </ol>
            {left.length > 0 && (
              <Button onPress={() => put(moves)}>
                <ListPlus aria-hidden="true" /> Put{' '}
                {left.length === 1 ? 'this test' : `these ${left.length} tests`} on the case
              </Button>
            )}
            <CheckOffers codes={codes} />
          </section>
        );
      })}
      <Quiet>General practice, not this shop’s own experience.</Quiet>
    </details>
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
    <p style={{ display: 'flex', flexWrap: 'wrap', gap: 6, alignItems: 'center', paddingTop: 6 }}>
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
    </p>
  );
}
