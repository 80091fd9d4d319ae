'use client';

import { ListPlus } from 'lucide-react';
import { nanoid } from 'nanoid';
import type { Op } from '@/core/case';
import { baseCode, effectiveRoles, kindOf, meaningOf, type CodeCourse, type CodeKind } from '@/core/codes';
import { OPENING_MOVES } from '@/core/guide';
import { Button, Figure, Quiet } from '@/ui/controls';
import { nowIso } from './fields';
import { useMeanings } from './meanings';
import { useCase } from './store';

/** How the trade goes about the codes to chase; one press puts the tests of a kind on the case. */
export function OpeningMoves({ courses }: { courses: CodeCourse[] }) {
  const record = useCase((s) => s.record);
  const together = useCase((s) => s.together);
  const { own } = useMeanings();
  const roles = effectiveRoles(record);
  const byKind = new Map<CodeKind, string[]>();
  for (const c of courses) {
    if (roles.get(c.code) !== 'chase') continue;
    const kind = kindOf(c.code, c.text || own[baseCode(c.code)] || meaningOf(c.code));
    byKind.set(kind, [...(byKind.get(kind) ?? []), c.code]);
  }
  if (byKind.size === 0 || record.cause.length > 0) return null;
  const asked = new Set(record.test.map((t) => t.question));

  const put = (kind: CodeKind) => {
    const ops: Op[] = [];
    const fresh = OPENING_MOVES[kind].moves.filter((m) => !asked.has(m.question));
    fresh.forEach((move, i) => {
      const testId = nanoid(14);
      const { question, setup = '', caution = '', expectation = '' } = move;
      // A millisecond apart, so that they stand in their order.
      const at = new Date(Date.parse(nowIso()) + i).toISOString();
      ops.push({
        op: 'add',
        kind: 'test',
        id: testId,
        row: {
          at,
          question,
          setup,
          caution,
          expectation,
          expectationSource: 'common practice',
          position: record.test.length + i,
        },
      });
      move.conditions?.forEach((what, n) =>
        ops.push({ op: 'add', kind: 'condition', id: nanoid(14), row: { testId, what, position: n } }),
      );
      move.readings.forEach((r, n) =>
        ops.push({
          op: 'add',
          kind: 'reading',
          id: nanoid(14),
          row: { testId, label: r.label, limit: r.limit ?? '', position: n },
        }),
      );
    });
    together(ops);
  };

  return (
    <details style={{ marginTop: 8, padding: '0 8px' }}>
      <summary style={{ minHeight: 32, cursor: 'pointer' }}>How the trade goes about these</summary>
      {[...byKind].map(([kind, codes]) => {
        const { says, moves } = OPENING_MOVES[kind];
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
              <Button onPress={() => put(kind)}>
                <ListPlus aria-hidden="true" /> Put{' '}
                {left.length === 1 ? 'this test' : `these ${left.length} tests`} on the case
              </Button>
            )}
          </section>
        );
      })}
      <Quiet>General practice, not this shop’s own experience.</Quiet>
    </details>
  );
}
