'use client';

import { ListChecks, FolderPlus } from 'lucide-react';
import { nanoid } from 'nanoid';
import Link from '@/ui/link';
import { useEffect, useState } from 'react';
import { ProceduresAnswer } from '@/core/api';
import type { Procedure } from '@/core/case';
import { ask } from '../../send';
import { beginRun, rankProcedures } from '@/core/guide';
import { Button, Quiet, Tag } from '@/ui/controls';
import { Inline, Problem } from '@/ui/layout';
import { nowIso } from '../fields';
import { useSuspectName } from '../conclusion/parts';
import { useCase } from '../saving/store';
import { Offer, Panel } from './panel';
import { SaveProcedure } from './save-procedure';

/** The shop's own procedures, those for this case first; beginning one puts its steps on the case. */
export function ChooseProcedure({ onDone }: { onDone: () => void }) {
  const record = useCase((s) => s.record);
  const together = useCase((s) => s.together);
  const name = useSuspectName();
  const [list, setList] = useState<Procedure[]>();
  const [problem, setProblem] = useState('');
  const [saving, setSaving] = useState(false);
  useEffect(() => {
    void ask(
      '/api/procedures',
      ProceduresAnswer,
      {},
      'The shop’s procedures could not be fetched: no connection. Try again.',
    ).then(({ answer, problem: refused }) => {
      setProblem(refused);
      if (answer) setList(answer.procedures);
    });
  }, []);
  const hits = rankProcedures(list ?? [], record, record.suspect.map(name));
  const begin = (p: Procedure) => {
    const { runId, ops } = beginRun(p, {
      at: nowIso(),
      position: record.test.length,
      newId: () => nanoid(14),
      vehicle: record.vehicle,
    });
    together(ops);
    onDone();
    requestAnimationFrame(() => document.getElementById(`run-${runId}`)?.scrollIntoView({ block: 'start' }));
  };
  if (saving)
    return <SaveProcedure testIds={record.test.map((t) => t.id)} choose onDone={() => setSaving(false)} />;
  return (
    <Panel title="Procedures of this shop" onDone={onDone}>
      {problem && <Problem>{problem}</Problem>}
      {list?.length === 0 && (
        <Quiet>None yet. A test, or a row of tests, that worked can be saved as one.</Quiet>
      )}
      <ul>
        {hits.map(({ procedure: p, because }) => (
          <Offer key={p.id}>
            <div>
              <b>{p.title}</b>{' '}
              {because.map((b) => (
                <Tag key={b} $tone="accent">
                  {b}
                </Tag>
              ))}
              <p>
                {p.steps.length} {p.steps.length === 1 ? 'step' : 'steps'}
                {minutes(p) > 0 && `, about ${minutes(p)} min`}
                {p.note && ` · ${p.note}`}
              </p>
            </div>
            <Button aria-label={`Begin: ${p.title}`} onPress={() => begin(p)}>
              <ListChecks aria-hidden="true" /> Begin
            </Button>
          </Offer>
        ))}
      </ul>
      <Inline $gap={10} $align="center">
        {record.test.length > 0 && (
          <Button $kind="quiet" onPress={() => setSaving(true)}>
            <FolderPlus aria-hidden="true" /> Save tests of this case as one
          </Button>
        )}
        <Quiet>
          <Link href="/tests/procedures">All procedures</Link>
        </Quiet>
      </Inline>
    </Panel>
  );
}

const minutes = (p: Procedure) => p.steps.reduce((sum, s) => sum + (s.minutes ?? 0), 0);
