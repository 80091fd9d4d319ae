'use client';

import { addDays } from 'date-fns';
import { ListChecks, Plus, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { PROOF_KINDS, type Op, type RowOf } from '@/core/case';
import {
  dueOdometer,
  proofPlan,
  readWords,
  sufficesFor,
  withoutWord,
  writeWord,
  type Missing,
} from '@/core/cause';
import { conditionLabel } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import { Button, Figure, IconButton, Quiet, Segments, Tag } from '@/ui/controls';
import { day, dayTime, until } from '@/ui/dates';
import { LineInput } from '@/ui/line-input';
import { GradeMark, VerdictMark } from '@/ui/marks';
import { useActions } from '../frame/actions';
import { personHere } from '../person';
import { useState } from 'react';
import { useConclusions } from './conclusions';
import { CasePart, ChoiceField, LineField, nowIso, ProseField, Row, Sub } from './fields';
import { OfferButton } from './offer';
import { usePeople } from './people';
import { useAcceptRoles } from './roles';
import { useCase, useRecord } from './store';
import { useUnexplained } from './unexplained';

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
      say: 'Proof: draw up the plan, go on with it',
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
              {record.proof.length === 0 ? 'Draw up the plan' : `Add what the plan lacks (${left.length})`}
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
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', flexWrap: 'wrap', paddingLeft: 8 }}>
        <GradeMark grade={grade.grade} cameBack={cameBackAs.length > 0} />
        <span>{grade.because}</span>
      </p>
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
        label="For the next one with such a car"
        hideLabel
        placeholder="What told, what fooled, what would have been quicker."
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
    <dl aria-label="What the grade lacks" style={{ padding: '2px 8px 8px', display: 'grid', gap: 2 }}>
      {grades.map((g) => (
        <div key={g} style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
          <dt>
            <Quiet>For {g}:</Quiet>
          </dt>
          <dd>
            {missing
              .filter((m) => m.for === g)
              .map((m) => m.say)
              .join('; ')}
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** What makes an open step count. */
const COUNTS_BY = {
  tick: 'needed for',
  scan: 'counts by the clear and the scan on the case, for',
  repeat: 'counts by its repeat on the case, for',
};

/** Steps there is one of, whatever its words. */
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
      <Row $columns="148px minmax(0, 1.5fr) auto minmax(0, 1.5fr) auto" style={{ alignItems: 'center' }}>
        <ChoiceField {...b} field="kind" label="Kind" options={PROOF_KINDS} />
        <ProseField {...b} field="what" label="What" most={400} />
        <Segments
          label={`${p.what || p.kind}: outcome`}
          value={p.state === 'open' ? '' : p.state}
          suggested={again?.verdict === 'pass' ? 'passed' : again?.verdict === 'fail' ? 'failed' : undefined}
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
      <Quiet as="p" style={{ paddingLeft: 8 }}>
        {open && (
          <Tag $tone="accent">
            {COUNTS_BY[open.by]} {open.missing.for}
          </Tag>
        )}{' '}
        {p.kind === 'failing test again' &&
          first &&
          (again ? (
            <>
              <a href={`#test-${again.id}`}>repeated</a>: <VerdictMark verdict={again.verdict} small />{' '}
            </>
          ) : waives && p.result.trim() !== '' ? (
            <>
              <a href={`#test-${first.id}`}>{first.question || 'The failing test'}</a>: waived for this
              reason.{' '}
            </>
          ) : first.verdict === 'fail' ? (
            <>
              <a href={`#test-${first.id}`}>repeat it on the case</a>: a tick alone proves nothing.{' '}
            </>
          ) : null)}
        {p.state !== 'open' && [people(p.byId), dayTime(p.at)].filter(Boolean).join(', ')}
      </Quiet>
    </div>
  );
}

/** Puts a follow-up on the case by the shop's own period. */
function useFollowUp(): () => void {
  const period = useCase((s) => s.open.followUp);
  const odometer = useCase((s) => s.record.case.odometer);
  const position = useCase((s) => s.record.followUp.length);
  const add = useCase((s) => s.add);
  return () =>
    add('followUp', {
      dueAt: addDays(new Date(), period.days).toISOString(),
      dueOdometer: dueOdometer(odometer, period.distance),
      position,
    });
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

/** Closing: asks for a word about each thing no cause explains, then closes; reopening is one press. */
function Closing() {
  const record = useCase((s) => s.record);
  const edit = useCase((s) => s.edit);
  const addFollowUp = useFollowUp();
  const open = useUnexplained();
  const { id, closedAt, unexplained } = record.case;
  const { grade, codes } = useConclusions();
  const [asked, setAsked] = useState(false);
  const proposed = codes.filter((c) => c.proposed && c.role !== 'unsorted');
  const accept = useAcceptRoles();
  useActions(
    'On a case',
    closedAt
      ? [{ say: 'Reopen the case', run: () => edit('case', id, 'closedAt', null) }]
      : [{ say: 'Close the case', words: 'done', key: 'x', run: () => close() }],
  );
  if (closedAt) {
    return (
      <p style={{ display: 'flex', gap: 10, alignItems: 'center', marginTop: 14, flexWrap: 'wrap' }}>
        <strong>Closed {day(closedAt)}.</strong>
        {unexplained && <span style={{ whiteSpace: 'pre-wrap' }}>Left unexplained: {unexplained}</span>}
        <Button onPress={() => edit('case', id, 'closedAt', null)}>Reopen</Button>
      </p>
    );
  }
  const words = readWords(unexplained, open);
  const missing = withoutWord(unexplained, open);
  const weak = grade.grade !== 'proven' && grade.grade !== 'held';
  function close() {
    if (missing.length > 0) {
      document.querySelector<HTMLElement>('[aria-label="Not explained"] input')?.focus();
      return;
    }
    // Below proven it is asked once, with what is missing.
    if (weak && !asked) return setAsked(true);
    setAsked(false);
    edit('case', id, 'closedAt', nowIso());
    edit('case', id, 'waitsFor', '');
    // Only a repair can hold; a case closed without one asks nobody later.
    if (record.repair.length > 0 && record.followUp.length === 0) addFollowUp();
  }
  return (
    <div style={{ marginTop: 14, display: 'grid', gap: 6 }}>
      {open.length > 0 && (
        <section aria-label="Not explained">
          <p style={{ paddingLeft: 8 }}>No cause accounts for these. A word about each before closing:</p>
          {open.map((label) => (
            <LineInput
              key={label}
              label={label}
              value={words.of.get(label) ?? ''}
              placeholder="left over from the flat battery; seen once; watched"
              onChange={(w) => edit('case', id, 'unexplained', writeWord(unexplained, open, label, w))}
            />
          ))}
        </section>
      )}
      {proposed.length > 0 && (
        <p
          role="note"
          style={{ paddingLeft: 8, display: 'flex', gap: 8, flexWrap: 'wrap', alignItems: 'center' }}
        >
          <span>
            Roles only proposed:{' '}
            {proposed.map((c, i) => (
              <span key={c.code}>
                {i > 0 && ', '}
                <a href={`#code-${c.code}`}>
                  <Figure>{c.code}</Figure>
                </a>{' '}
                {c.role}
              </span>
            ))}
          </span>
          <OfferButton onPress={accept}>Accept all {proposed.length}</OfferButton>
        </p>
      )}
      {asked && weak && (
        <div role="alert" style={{ padding: '8px 12px', background: 'var(--unsure-soft)', borderRadius: 3 }}>
          <p>
            It would be closed as <strong>{grade.grade || 'not proven'}</strong>. Still missing for proven:
          </p>
          <ul style={{ paddingLeft: 18, listStyle: 'disc' }}>
            {grade.missing
              .filter((m) => m.for !== 'held')
              .map((m) => (
                <li key={m.for + m.say}>{m.say}</li>
              ))}
          </ul>
        </div>
      )}
      {words.rest.length > 0 && (
        <ProseField kind="case" id={id} field="unexplained" label="Left unexplained, all together" />
      )}
      <div>
        <Button $kind="main" isDisabled={missing.length > 0} onPress={close}>
          {asked && weak ? 'Close it all the same' : 'Close the case'}
        </Button>
        {asked && weak && (
          <Button $kind="quiet" onPress={() => setAsked(false)}>
            Go on with the proof
          </Button>
        )}
        {missing.length > 0 && (
          <Quiet style={{ marginLeft: 10 }}>
            Closing waits for a word about {missing.length === 1 ? missing[0] : `${missing.length} things`}.
          </Quiet>
        )}
      </div>
    </div>
  );
}
