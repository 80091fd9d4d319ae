'use client';

import { Plus } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Procedure, ProcedureStep } from '@/core/case';
import { Button, FieldLabel, Quiet, TextArea } from '@/ui/controls';
import { Cell, Inline, Problem, Stack } from '@/ui/layout';
import { LineInput } from '@/ui/line-input';
import { useDraft } from '../draft';
import { StepEditor } from './step-editor';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 14px;
  & > :first-child,
  & > .wide {
    grid-column: 1 / -1;
  }
  @media (max-width: 620px) {
    grid-template-columns: 1fr;
  }
`;

interface Props {
  procedure: Procedure;
  isNew: boolean;
  onSave: (p: Procedure) => Promise<boolean>;
  onRemove: () => Promise<boolean>;
}

/** One procedure being written; what is not saved yet is kept in this browser. */
export function ProcedureEditor({ procedure, isNew, onSave, onRemove }: Props) {
  const [kept, keep] = useDraft(`procedure:${isNew ? 'new' : procedure.id}`);
  const draft = parse(kept) ?? procedure;
  const changed = kept !== '';
  const set = (more: Partial<Procedure>) => keep(JSON.stringify({ ...draft, ...more }));
  const setStep = (i: number, step: ProcedureStep | undefined) =>
    set({
      steps: draft.steps.flatMap((s, k) => {
        if (k !== i) return [s];
        if (step) return [step];
        return [];
      }),
    });
  const move = (i: number, by: number) => {
    const steps = [...draft.steps];
    const [step] = steps.splice(i, 1);
    steps.splice(i + by, 0, step!);
    set({ steps });
  };
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const save = async () => {
    const parsed = Procedure.safeParse({
      ...draft,
      id: procedure.id,
      revision: procedure.revision,
      steps: draft.steps.filter((s) => s.question.trim() !== ''),
    });
    if (!parsed.success) return setProblem(parsed.error.issues[0]?.message ?? 'Something is missing.');
    setProblem('');
    setBusy(true);
    if (await onSave(parsed.data)) keep('');
    setBusy(false);
  };
  return (
    <Stack $gap={10}>
      <Grid>
        <LineInput label="Name" value={draft.title} onChange={(title) => set({ title })} />
        <LineInput
          label="For codes"
          figure
          placeholder="P2463 P244B"
          value={draft.codes.join(' ')}
          onChange={(v) => set({ codes: v.split(/[\s,;]+/) })}
        />
        <LineInput
          label="For the part"
          placeholder="particle filter"
          value={draft.part}
          onChange={(part) => set({ part })}
        />
        <LineInput
          label="For the build (empty for any)"
          placeholder="make, model, engine"
          value={draft.build}
          onChange={(build) => set({ build })}
        />
        <div className="wide">
          <FieldLabel htmlFor={`note-${procedure.id}`}>Note</FieldLabel>
          <TextArea
            id={`note-${procedure.id}`}
            rows={1}
            value={draft.note}
            onChange={(e) => set({ note: e.target.value })}
          />
        </div>
      </Grid>
      <Stack as="ol" $gap={10}>
        {draft.steps.map((s, i) => (
          <StepEditor
            key={i}
            number={i + 1}
            step={s}
            first={i === 0}
            last={i === draft.steps.length - 1}
            onChange={(step) => setStep(i, step)}
            onMove={(by) => move(i, by)}
          />
        ))}
      </Stack>
      <Inline $gap={8} $align="center">
        <Button onPress={() => set({ steps: [...draft.steps, ProcedureStep.parse({})] })}>
          <Plus aria-hidden="true" /> Step
        </Button>
        <Cell as="span" $grow />
        {changed && <Quiet>Not saved yet, kept in this browser</Quiet>}
        {changed && (
          <Button $kind="quiet" onPress={() => keep('')}>
            Undo these changes
          </Button>
        )}
        {!isNew && (
          <Button $kind="quiet" onPress={() => void onRemove()}>
            Remove
          </Button>
        )}
        <Button $kind="main" isDisabled={busy || !changed} onPress={() => void save()}>
          Save the procedure
        </Button>
      </Inline>
      {problem && <Problem>{problem}</Problem>}
    </Stack>
  );
}

const Draft = Procedure.partial({ title: true, steps: true }).loose();

/** What was kept in the browser; nothing where it does not fit this version any more. */
function parse(kept: string): Procedure | undefined {
  if (kept === '') return undefined;
  try {
    const value = JSON.parse(kept) as Procedure;
    return Array.isArray(value.steps) && Draft.safeParse({ ...value, title: 'x', steps: undefined }).success
      ? value
      : undefined;
  } catch {
    return undefined;
  }
}
