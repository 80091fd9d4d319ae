'use client';

import { ListChecks, Plus, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { PROOF_KINDS, type Op, type RowOf } from '@/core/case';
import { proofPlan, sufficesFor, type Missing } from '@/core/cause';
import { conditionLabel } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import { Button, IconButton, Quiet, Segments, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Inline, Stack } from '@/ui/layout';
import { GradeMark, VerdictMark } from '@/ui/marks';
import { useActions } from '../../frame/actions';
import { personHere } from '../../person';
import { Closing } from './closing';
import { useConclusions } from './conclusions';
import { CasePart } from '../case-part';
import { ChoiceField, LineField, nowIso, ProseField, Row, Sub } from '../fields';
import { FollowUpRow, useFollowUp } from './follow-up';
import { usePeople } from '../people';
import { useCase, useRecord } from '../saving/store';

/** The proof: a plan drawn up from the case, each step done or not, the grade, follow-ups, closing. */
export function ProofPart() {
  const record = useRecord();
  const steps = useCase((s) => s.record.proof);
  const followUps = useCase((s) => s.record.followUp);
  const cameBackAs = useCase((s) => s.open.cameBackAs);
  const add = useCase((s) => s.add);
  const together = useCase((s) => s.together);
  const addFollowUp = useFollowUp();
  const id = record.case.id;
  const { grade } = useConclusions();
  const planned = proofPlan(record, (c) => symptomById(c)?.label ?? c, conditionLabel);
  const left = planned.filter((p) => !record.proof.some((x) => sameStep(x, p, record.test)));
  const plan = () =>
    together(
      left.map(({ kind, what, testId }, i): Op => ({
        op: 'add',
        kind: 'proof',
        id: nanoid(14),
        row: { kind, what, testId, position: record.proof.length + i },
      })),
    );
  useActions('On a case', [
    {
      say: 'Proof: make the verification plan, go on with it',
      key: 'p',
      run: () => {
        if (left.length > 0) plan();
        // What only a tick can show comes first; the rest counts by what is measured.
        setTimeout(() => {
          for (const step of ['tick', 'open']) {
            const radio = document.querySelector<HTMLElement>(`[data-step="${step}"] input[type=radio]`);
            if (radio) return radio.focus();
          }
        }, 50);
      },
    },
    { say: 'Follow-up', words: 'add', run: addFollowUp },
  ]);
  return (
    <CasePart
      id="proof"
      title="Proof"
      actions={
        <>
          {left.length > 0 && record.case.closedAt === null && (
            <Button onPress={plan}>
              <ListChecks aria-hidden="true" />{' '}
              {record.proof.length === 0
                ? 'Make verification plan'
                : `Add what the plan lacks (${left.length})`}
            </Button>
          )}
          <Button onPress={() => add('proof', { position: record.proof.length })}>
            <Plus aria-hidden="true" /> Step
          </Button>
          <Button onPress={addFollowUp}>
            <Plus aria-hidden="true" /> Follow-up
          </Button>
        </>
      }
    >
      <Inline as="p" $gap={10} $align="center" $indent>
        <GradeMark grade={grade.grade} cameBack={cameBackAs.length > 0} />
        <span>{grade.because}</span>
      </Inline>
      <Lacks missing={grade.missing} />
      {steps.map((p) => (
        <ProofRow key={p.id} step={p} missing={grade.missing} />
      ))}
      {followUps.length > 0 && <Sub>Follow-up</Sub>}
      {followUps.map((f) => (
        <FollowUpRow key={f.id} row={f} />
      ))}
      <Sub>What to remember</Sub>
      <ProseField
        kind="case"
        id={id}
        field="lesson"
        label="Tip for the next technician"
        hideLabel
        placeholder="What found it, what misled, what would have been quicker."
      />
      <ProseField
        kind="case"
        id={id}
        field="toCustomer"
        label="Note for the customer (printed on their report)"
        placeholder="What they should know or do."
      />
      <Closing />
    </CasePart>
  );
}

/** What each higher grade still asks for, the next one first. */
function Lacks({ missing }: { missing: readonly Missing[] }) {
  const grades = [...new Set(missing.map((m) => m.for))];
  if (grades.length === 0) return null;
  return (
    <Stack as="dl" aria-label="Missing for a better grade" $gap={2} $pad="2px 8px 8px">
      {grades.map((g) => (
        <Inline key={g} $gap={8}>
          <dt>
            <Quiet>For {g}:</Quiet>
          </dt>
          <dd>
            {missing
              .filter((m) => m.for === g)
              .map((m) => m.say)
              .join('; ')}
          </dd>
        </Inline>
      ))}
    </Stack>
  );
}

/** What makes an open step count. */
const COUNTS_BY = {
  tick: 'needed for',
  scan: 'counts by the clear and the scan on the case, for',
  repeat: 'counts by its repeat on the case, for',
};

/** Steps there is one of, whatever its words. */
/** What a repeated test proposes for its step. */
const OUTCOME_OF: Partial<Record<string, 'passed' | 'failed'>> = { pass: 'passed', fail: 'failed' };

/** What became of repeating the test that failed: its repeat, why it is waived, or where it is done. */
function Repeated({
  first,
  again,
  waived,
}: {
  first: RowOf<'test'>;
  again: RowOf<'test'> | undefined;
  waived: boolean;
}) {
  if (again)
    return (
      <>
        <a href={`#test-${again.id}`}>repeated</a>: <VerdictMark verdict={again.verdict} small />{' '}
      </>
    );
  if (waived)
    return (
      <>
        <a href={`#test-${first.id}`}>{first.question || 'The failing test'}</a>: waived for this reason.{' '}
      </>
    );
  if (first.verdict !== 'fail') return null;
  return (
    <>
      <a href={`#test-${first.id}`}>repeat it on the case</a>: a tick alone proves nothing.{' '}
    </>
  );
}

const ONCE = new Set(['record and clear', 'key cycle and scan', 'cold start']);

/** Whether a step on the case is the planned one. */
function sameStep(
  step: RowOf<'proof'>,
  planned: Pick<RowOf<'proof'>, 'kind' | 'what' | 'testId'>,
  tests: RowOf<'test'>[],
): boolean {
  if (step.kind !== planned.kind) return false;
  const line = tests.find((t) => t.id === step.testId);
  if (planned.testId !== null) return planned.testId === (line?.repeatOf ?? step.testId);
  return ONCE.has(step.kind) || step.what === planned.what;
}

function ProofRow({ step: p, missing }: { step: RowOf<'proof'>; missing: readonly Missing[] }) {
  const open = p.state === 'open' ? sufficesFor(p, missing) : undefined;
  const waives = p.kind === 'failing test again' && p.testId !== null && p.state === 'not possible';
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const tests = useCase((s) => s.record.test);
  const people = usePeople();
  const first = tests.find((t) => t.id === p.testId);
  const line = first && tests.filter((t) => t.repeatOf === (first.repeatOf ?? first.id));
  const again = line?.filter((t) => t.verdict !== '').at(-1);
  const b = { kind: 'proof', id: p.id, hideLabel: true } as const;
  const done = (v: string) => {
    edit('proof', p.id, 'state', v || 'open');
    edit('proof', p.id, 'at', v ? nowIso() : null);
    edit('proof', p.id, 'byId', v ? personHere() : null);
  };
  return (
    <div id={`proof-${p.id}`} data-step={open?.by === 'tick' ? 'tick' : p.state}>
      <Row $columns="148px minmax(0, 1.5fr) auto minmax(0, 1.5fr) auto" $align="center">
        <ChoiceField {...b} field="kind" label="Kind" options={PROOF_KINDS} />
        <ProseField {...b} field="what" label="What" most={400} />
        <Segments
          label={`${p.what || p.kind}: outcome`}
          value={p.state === 'open' ? '' : p.state}
          suggested={OUTCOME_OF[again?.verdict ?? '']}
          options={[
            { value: 'passed', label: 'passed' },
            { value: 'failed', label: 'failed' },
            { value: 'not possible', label: 'cannot' },
          ]}
          onChange={done}
        />
        <LineField
          {...b}
          field="result"
          label={waives ? 'Why it cannot be repeated' : 'Result'}
          placeholder={waives ? 'why: without a reason it is not waived' : 'result'}
        />
        <IconButton aria-label="Remove this step" onPress={() => remove('proof', p.id, 'proof step')}>
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      <Quiet as="p" $indent>
        {open && (
          <Tag $tone="accent">
            {COUNTS_BY[open.by]} {open.missing.for}
          </Tag>
        )}{' '}
        {p.kind === 'failing test again' && first && (
          <Repeated first={first} again={again} waived={waives && p.result.trim() !== ''} />
        )}
        {p.state !== 'open' && [people(p.byId), dayTime(p.at)].filter(Boolean).join(', ')}
      </Quiet>
    </div>
  );
}
