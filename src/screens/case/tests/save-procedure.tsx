'use client';

import { nanoid } from 'nanoid';
import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import type { Procedure } from '@/core/case';
import { partsOf, stepOf } from '@/core/guide';
import { Button, Quiet } from '@/ui/controls';
import { LineInput } from '@/ui/line-input';
import { sendProcedure } from '@/screens/procedures/send';
import { Problem } from '@/ui/layout';
import { useSuspectName } from '../conclusion/parts';
import { useCase } from '../saving/store';
import { useChasedCodes } from './chased';
import { Panel } from './panel';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 4px 12px;
  @media (max-width: 620px) {
    grid-template-columns: 1fr;
  }
`;
const Pick = styled.label`
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
  cursor: pointer;
  & input {
    width: 20px;
    height: 20px;
    accent-color: var(--accent);
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;

/** Makes a test, or a row of tests, of this case into a procedure of the shop. */
export function SaveProcedure({
  testIds,
  choose,
  onDone,
}: {
  testIds: string[];
  choose?: boolean;
  onDone: () => void;
}) {
  const record = useCase((s) => s.record);
  const name = useSuspectName();
  const codes = useChasedCodes();
  const tests = record.test.filter(
    (t) => testIds.includes(t.id) && t.repeatOf === null && t.question.trim() !== '',
  );
  const v = record.vehicle;
  const [chosen, setChosen] = useState(() => tests.map((t) => t.id));
  const [draft, setDraft] = useState({
    title: tests.length === 1 ? tests[0]!.question.replace(/\?$/, '').slice(0, 200) : '',
    codes: codes.slice(0, 12).join(' '),
    part: record.suspect[0] ? name(record.suspect[0]).split(',')[0]! : '',
    build: [v.make, v.model, v.engine].filter(Boolean).join(' '),
  });
  const [state, setState] = useState<'' | 'sending' | 'done'>('');
  const [problem, setProblem] = useState('');
  const save = async () => {
    setState('sending');
    const procedure: Procedure = {
      id: nanoid(14),
      revision: 1,
      title: draft.title,
      codes: draft.codes.split(/[\s,;]+/).filter(Boolean),
      part: draft.part,
      build: draft.build,
      note: '',
      steps: tests.filter((t) => chosen.includes(t.id)).map((t) => stepOf(t, partsOf(record, t.id))),
    };
    const answer = await sendProcedure({ do: 'save', procedure });
    setProblem(answer.problem);
    setState(answer.problem ? '' : 'done');
  };
  const field = (key: keyof typeof draft, label: string, figure = false) => (
    <LineInput
      label={label}
      figure={figure}
      most={200}
      value={draft[key]}
      onChange={(v) => setDraft({ ...draft, [key]: v })}
    />
  );
  if (tests.length === 0)
    return (
      <Panel title="Save as a procedure" onDone={onDone}>
        <Quiet>Write the question of the test first.</Quiet>
      </Panel>
    );
  if (state === 'done')
    return (
      <Panel title="Saved as a procedure of the shop" onDone={onDone}>
        <p role="status">
          “{draft.title}” with {chosen.length} {chosen.length === 1 ? 'step' : 'steps'}.{' '}
          <Link href="/tests/procedures">See and change it</Link>
        </p>
      </Panel>
    );
  return (
    <Panel title="Save as a procedure" onDone={onDone}>
      <Grid>
        {field('title', 'Name')}
        {field('codes', 'For codes', true)}
        {field('build', 'For this build (empty for any)')}
        {field('part', 'For the part')}
      </Grid>
      {choose &&
        tests.map((t) => (
          <Pick key={t.id}>
            <input
              type="checkbox"
              checked={chosen.includes(t.id)}
              onChange={(e) =>
                setChosen(e.target.checked ? [...chosen, t.id] : chosen.filter((id) => id !== t.id))
              }
            />
            {t.question}
          </Pick>
        ))}
      <Quiet>Questions, places, cautions, set-up, conditions and limits are kept; readings are not.</Quiet>
      {problem && <Problem>{problem}</Problem>}
      <div>
        <Button
          $kind="main"
          isDisabled={state === 'sending' || draft.title.trim() === '' || chosen.length === 0}
          onPress={() => void save()}
        >
          Save the procedure
        </Button>
      </div>
    </Panel>
  );
}
