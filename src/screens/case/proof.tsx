'use client';

import { addDays } from 'date-fns';
import { Plus, X } from 'lucide-react';
import { PROOF_KINDS, type RowOf } from '@/core/case';
import { gradeProof } from '@/core/cause';
import { Button, Figure, IconButton, Quiet, Segments } from '@/ui/controls';
import { day, until } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';
import { CasePart, ChoiceField, LineField, nowIso, ProseField, Row, Sub } from './fields';
import { useCase } from './store';
import { useUnexplained } from './unexplained';

const FOLLOW_UP_DAYS = 30;

/** The proof: steps done or not, the grade they give and what the next one asks, follow-ups, closing. */
export function ProofPart() {
  const record = useCase((s) => s.record);
  const cameBackAs = useCase((s) => s.open.cameBackAs);
  const add = useCase((s) => s.add);
  const id = record.case.id;
  const grade = gradeProof({ ...record, comebackNumbers: cameBackAs.map((c) => c.number) });
  const plan = () =>
    (
      [
        ['record and clear', 'Scan, then clear'],
        ['key cycle and scan', 'Key off and on, scan again'],
        [
          'failing test again',
          record.test.find((t) => t.verdict === 'fail')?.question ?? 'The test that failed, repeated',
        ],
        [
          'complaint conditions',
          record.symptom.length ? 'The conditions of the complaint, without the symptom' : 'Road test',
        ],
      ] as const
    ).forEach(([kind, what], i) => add('proof', { kind, what, position: i }));
  return (
    <CasePart
      id="proof"
      title="Proof"
      actions={
        <>
          {record.proof.length === 0 && <Button onPress={plan}>Draw up the usual steps</Button>}
          <Button onPress={() => add('proof', { position: record.proof.length })}>
            <Plus aria-hidden="true" /> Step
          </Button>
          <Button
            onPress={() =>
              add('followUp', {
                dueAt: addDays(new Date(), FOLLOW_UP_DAYS).toISOString(),
                position: record.followUp.length,
              })
            }
          >
            <Plus aria-hidden="true" /> Follow-up
          </Button>
        </>
      }
    >
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', flexWrap: 'wrap', paddingLeft: 8 }}>
        <GradeMark grade={grade.grade} cameBack={cameBackAs.length > 0} />
        <span>{grade.because}</span>
        {grade.missing.length > 0 && <Quiet>For the next grade: {grade.missing.join('; ')}.</Quiet>}
      </p>
      {record.proof.map((p) => (
        <ProofRow key={p.id} step={p} />
      ))}
      {record.followUp.length > 0 && <Sub>Follow-up</Sub>}
      {record.followUp.map((f) => (
        <FollowUpRow key={f.id} row={f} />
      ))}
      <Sub>What to remember</Sub>
      <ProseField
        kind="case"
        id={id}
        field="lesson"
        label="For the next one with such a car"
        hideLabel
        placeholder="What told, what fooled, what would have been quicker."
      />
      <Closing />
    </CasePart>
  );
}

function ProofRow({ step: p }: { step: RowOf<'proof'> }) {
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const b = { kind: 'proof', id: p.id, hideLabel: true } as const;
  return (
    <Row $columns="1fr 1.6fr auto 1.6fr auto" style={{ alignItems: 'center' }}>
      <ChoiceField {...b} field="kind" label="Kind" options={PROOF_KINDS} />
      <LineField {...b} field="what" label="What" />
      <Segments
        label={`${p.what || p.kind}: outcome`}
        value={p.state === 'open' ? '' : p.state}
        options={[
          { value: 'passed', label: 'passed' },
          { value: 'failed', label: 'failed' },
          { value: 'not possible', label: 'cannot' },
        ]}
        onChange={(v) => {
          edit('proof', p.id, 'state', v || 'open');
          edit('proof', p.id, 'at', v ? nowIso() : null);
        }}
      />
      <LineField {...b} field="result" label="Result" placeholder="result" />
      <IconButton aria-label="Remove this step" onPress={() => remove('proof', p.id, 'proof step')}>
        <X aria-hidden="true" />
      </IconButton>
    </Row>
  );
}

function FollowUpRow({ row: f }: { row: RowOf<'followUp'> }) {
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const b = { kind: 'followUp', id: f.id, hideLabel: true } as const;
  return (
    <Row $columns="auto 1fr auto 1.6fr auto" style={{ alignItems: 'center' }}>
      <span style={{ paddingLeft: 8 }}>
        <Figure>{day(f.dueAt) || 'no date'}</Figure>{' '}
        {f.state === 'due' && f.dueAt && <Quiet>{until(f.dueAt)}</Quiet>}
      </span>
      <LineField {...b} field="dueOdometer" label="Or at" figure placeholder="or at odometer" />
      <Segments
        label="Did it hold"
        value={f.state === 'due' ? '' : f.state}
        options={[
          { value: 'held', label: 'held' },
          { value: 'came back', label: 'came back' },
          { value: 'not reached', label: 'not reached' },
        ]}
        onChange={(v) => {
          edit('followUp', f.id, 'state', v || 'due');
          edit('followUp', f.id, 'doneAt', v ? nowIso() : null);
        }}
      />
      <LineField {...b} field="note" label="Note" placeholder="who was asked, what they said" />
      <IconButton aria-label="Remove this follow-up" onPress={() => remove('followUp', f.id, 'follow-up')}>
        <X aria-hidden="true" />
      </IconButton>
    </Row>
  );
}

/** Closing: asks for a word about what no cause explains, then closes; reopening is one press. */
function Closing() {
  const record = useCase((s) => s.record);
  const edit = useCase((s) => s.edit);
  const open = useUnexplained();
  const { id, closedAt, unexplained } = record.case;
  if (closedAt) {
    return (
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', marginTop: 14, flexWrap: 'wrap' }}>
        <strong>Closed {day(closedAt)}.</strong>
        {unexplained && <span>Left unexplained: {unexplained}</span>}
        <Button onPress={() => edit('case', id, 'closedAt', null)}>Reopen</Button>
      </p>
    );
  }
  const needsWord = open.length > 0 && unexplained.trim() === '';
  return (
    <div style={{ marginTop: 14, display: 'grid', gap: 6 }}>
      {open.length > 0 && (
        <>
          <p style={{ paddingLeft: 8 }}>
            No cause accounts for: <strong>{open.join(', ')}</strong>.
          </p>
          <ProseField kind="case" id={id} field="unexplained" label="A word about each before closing" />
        </>
      )}
      <div>
        <Button
          $kind="main"
          isDisabled={needsWord}
          onPress={() => {
            edit('case', id, 'closedAt', nowIso());
            edit('case', id, 'waitsFor', '');
          }}
        >
          Close the case
        </Button>
        {needsWord && (
          <Quiet style={{ marginLeft: 10 }}>Closing waits for a word about what stays unexplained.</Quiet>
        )}
      </div>
    </div>
  );
}
