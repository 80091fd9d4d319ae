'use client';

import { CopyPlus, Plus, X } from 'lucide-react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import styled from 'styled-components';
import { EXPECTATION_SOURCES, VERDICTS, type Op, type RowOf } from '@/core/case';
import { judgeReading, judgeTest, readLimit } from '@/core/readings';
import { Button, IconButton, Quiet, Segments, Tag } from '@/ui/controls';
import { VerdictMark, VerdictShape } from '@/ui/marks';
import { ChoiceField, LineField, nowIso, NumberField, ProseField, Row, useFocusNext } from './fields';
import { useSuspectName } from './parts';
import { useCase } from './store';

const Card = styled.article<{ $verdict: string }>`
  border-left: 4px solid ${({ $verdict }) => ($verdict ? `var(--${$verdict})` : 'var(--rule-2)')};
  padding: 2px 0 6px 12px;
`;
const Reading = styled.div`
  display: grid;
  grid-template-columns:
    minmax(150px, 1.7fr) minmax(78px, 0.6fr) minmax(96px, 0.8fr) minmax(120px, 1.6fr)
    auto;
  gap: 2px 8px;
  align-items: center;
  /* On a narrow sheet the reason takes a line of its own under the three cells. */
  @container sheet (max-width: 740px) {
    grid-template-columns: minmax(110px, 1.7fr) minmax(74px, 0.7fr) minmax(84px, 0.8fr) auto;
    & > [role='status'] {
      grid-row: 2;
      grid-column: 1 / -1;
      padding-left: 8px;
    }
  }
`;

/** One test: the question first, then readings that judge themselves. */
export function TestItem({ test }: { test: RowOf<'test'> }) {
  const record = useCase((s) => s.record);
  const { add, edit, remove, together } = useActions();
  const [more, setMore] = useState(false);
  const focus = useFocusNext();
  const readings = record.reading.filter((r) => r.testId === test.id);
  const conditions = record.condition.filter((c) => c.testId === test.id);
  const judged = judgeTest(test, conditions, readings);
  const first = test.repeatOf ? record.test.find((t) => t.id === test.repeatOf) : undefined;
  const b = { kind: 'test', id: test.id } as const;

  const addReading = () => {
    const last = readings.at(-1);
    const id = add('reading', { testId: test.id, limit: last?.limit ?? '', position: readings.length });
    focus(`${id}:label`);
  };
  const again = () => {
    const id = nanoid(14);
    const {
      id: _id,
      caseId: _case,
      revision: _revision,
      verdict: _v,
      because: _b,
      overrule: _o,
      overruleWhy: _w,
      note: _n,
      minutes: _m,
      ...same
    } = test;
    const ops: Op[] = [
      {
        op: 'add',
        kind: 'test',
        id,
        row: {
          ...same,
          at: nowIso(),
          repeatOf: test.repeatOf ?? test.id,
          setupResult: '',
          position: record.test.length,
        },
      },
    ];
    for (const c of conditions)
      ops.push({
        op: 'add',
        kind: 'condition',
        id: nanoid(14),
        row: { testId: id, what: c.what, position: c.position },
      });
    for (const r of readings)
      ops.push({
        op: 'add',
        kind: 'reading',
        id: nanoid(14),
        row: { testId: id, label: r.label, limit: r.limit, position: r.position },
      });
    together(ops);
  };

  return (
    <Card $verdict={judged.verdict} aria-label={test.question || 'Test'} id={`test-${test.id}`}>
      <div style={{ display: 'flex', gap: 8, alignItems: 'start' }}>
        <div style={{ flex: 1 }}>
          <LineField
            {...b}
            field="question"
            label="Question"
            hideLabel
            placeholder="What does this test ask? “Does the pump hold pressure after switching off?”"
          />
        </div>
        <span style={{ paddingTop: 5 }}>
          <VerdictMark verdict={judged.verdict} />
        </span>
        <IconButton aria-label="Repeat this test" onPress={again}>
          <CopyPlus aria-hidden="true" />
        </IconButton>
        <IconButton aria-label="Remove this test" onPress={() => remove('test', test.id, 'test')}>
          <X aria-hidden="true" />
        </IconButton>
      </div>
      {test.caution && <Tag $tone="unsure">Take care: {test.caution}</Tag>}
      {first && (
        <Quiet style={{ paddingLeft: 8 }}>
          Again, as before{first.verdict ? `, when it was: ${first.verdict}` : ''}
        </Quiet>
      )}

      {conditions.map((c) => (
        <div key={c.id} style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
          <Quiet style={{ paddingLeft: 8 }}>needs</Quiet>
          <span style={{ flex: 2 }}>
            <LineField
              kind="condition"
              id={c.id}
              field="what"
              label="Condition"
              hideLabel
              placeholder="key on engine off, oil above 85 °C …"
            />
          </span>
          <Segments
            label={`${c.what}: met?`}
            value={c.met}
            options={[
              { value: 'yes', label: 'met' },
              { value: 'no', label: 'not met' },
            ]}
            onChange={(v) => edit('condition', c.id, 'met', v)}
          />
          <span style={{ flex: 1 }}>
            <LineField
              kind="condition"
              id={c.id}
              field="reading"
              label="Reading of the condition"
              hideLabel
              figure
              placeholder="reading"
            />
          </span>
          <IconButton
            aria-label="Remove this condition"
            onPress={() => remove('condition', c.id, 'condition')}
          >
            <X aria-hidden="true" />
          </IconButton>
        </div>
      ))}

      {readings.map((r, i) => (
        <ReadingRow
          key={r.id}
          reading={r}
          before={
            first &&
            record.reading.find(
              (x) => x.testId === first.id && x.label === r.label && x.position === r.position,
            )
          }
          onEnter={() => {
            const next = readings[i + 1];
            if (next) focus(`${next.id}:label`);
            else addReading();
          }}
        />
      ))}
      <div style={{ display: 'flex', gap: 4, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button $kind="quiet" onPress={addReading}>
          <Plus aria-hidden="true" /> Reading
        </Button>
        <Button
          $kind="quiet"
          onPress={() => focus(`${add('condition', { testId: test.id, position: conditions.length })}:what`)}
        >
          <Plus aria-hidden="true" /> Condition
        </Button>
        <Button $kind="quiet" aria-expanded={more} onPress={() => setMore(!more)}>
          {more ? 'Less' : 'Set-up, where, source …'}
        </Button>
        {judged.because &&
          (judged.verdict === 'void' || judged.verdict === 'unsure' || test.overrule !== '') && (
            <Quiet style={{ color: `var(--${judged.verdict})` }}>{judged.because}</Quiet>
          )}
      </div>
      {!more && (test.note || test.setup || test.where || test.expectation) && (
        <p style={{ paddingLeft: 8, fontSize: '0.875rem', color: 'var(--ink-2)' }}>
          {[
            test.where && `At: ${test.where}.`,
            test.setup && `Set-up: ${test.setup}${test.setupResult ? ` — ${test.setupResult}` : ''}.`,
            test.expectation &&
              `Expected: ${test.expectation}${test.expectationSource ? ` (${test.expectationSource})` : ''}.`,
            test.note,
          ]
            .filter(Boolean)
            .join(' ')}
        </p>
      )}
      {more && (
        <div style={{ display: 'grid', gap: 6, padding: '4px 0' }}>
          <Row $columns="1.2fr 1.5fr 0.8fr 0.6fr">
            <LineField {...b} field="where" label="Where" placeholder="cylinder 3, pin 12, bank 2 …" />
            <LineField
              {...b}
              field="setup"
              label="Set-up check"
              placeholder="leads on the battery first: 12.4 V"
            />
            <ChoiceField {...b} field="setupResult" label="Set-up was" options={['', 'ok', 'failed']} />
            <NumberField {...b} field="minutes" label="Minutes" />
          </Row>
          <Row $columns="1.5fr 1fr 1.5fr">
            <LineField {...b} field="expectation" label="Expected" />
            <ChoiceField {...b} field="expectationSource" label="Source" options={EXPECTATION_SOURCES} />
            <LineField {...b} field="caution" label="Take care" placeholder="hot, pressure, high voltage" />
          </Row>
          <ProseField {...b} field="note" label="Note" />
          <Row $columns="0.7fr 2fr">
            <ChoiceField
              {...b}
              field="overrule"
              label="Verdict by hand"
              options={VERDICTS}
              empty="computed"
            />
            <LineField {...b} field="overruleWhy" label="Why by hand" />
          </Row>
          <Bearings testId={test.id} />
        </div>
      )}
    </Card>
  );
}

function useActions() {
  return {
    add: useCase((s) => s.add),
    edit: useCase((s) => s.edit),
    remove: useCase((s) => s.remove),
    together: useCase((s) => s.together),
  };
}

function ReadingRow({
  reading: r,
  before,
  onEnter,
}: {
  reading: RowOf<'reading'>;
  before: RowOf<'reading'> | undefined;
  onEnter: () => void;
}) {
  const remove = useCase((s) => s.remove);
  const j = judgeReading(r.entered, r.limit);
  const limit = readLimit(r.limit);
  const b = { kind: 'reading', id: r.id, hideLabel: true } as const;
  return (
    <Reading>
      <LineField {...b} field="label" label="Reading" placeholder="what is read" onEnter={onEnter} />
      <LineField {...b} field="entered" label="Value" figure placeholder="3.72 V" onEnter={onEnter} />
      <LineField
        {...b}
        field="limit"
        label="Limit"
        figure
        placeholder="3.0–3.6 V, ≥ 12 V"
        onEnter={onEnter}
      />
      <span
        style={{
          display: 'flex',
          gap: 6,
          alignItems: 'baseline',
          fontSize: '0.875rem',
          color: 'var(--ink-2)',
        }}
        role="status"
      >
        {(j.verdict || r.entered) && (
          <span style={{ alignSelf: 'center', display: 'inline-flex' }}>
            <VerdictShape verdict={j.verdict} size={12} />
          </span>
        )}
        <span>
          {j.because || (limit.ok ? '' : limit.message)}
          {before?.entered && ` Before: ${before.entered}.`}
          {j.verdict && <span className="visually-hidden"> {j.verdict}</span>}
        </span>
      </span>
      <IconButton aria-label={`Remove reading ${r.label}`} onPress={() => remove('reading', r.id, 'reading')}>
        <X aria-hidden="true" />
      </IconButton>
    </Reading>
  );
}

/** What this test says of each suspect. */
function Bearings({ testId }: { testId: string }) {
  const suspects = useCase((s) => s.record.suspect);
  const bearings = useCase((s) => s.record.bearing);
  const name = useSuspectName();
  const { add, edit, remove } = useActions();
  if (suspects.length === 0)
    return (
      <Quiet style={{ paddingLeft: 8 }}>
        Name suspects below, and this test can speak for or against them.
      </Quiet>
    );
  return (
    <div>
      {suspects.map((s) => {
        const row = bearings.find((x) => x.testId === testId && x.suspectId === s.id);
        return (
          <div
            key={s.id}
            style={{ display: 'flex', gap: 10, alignItems: 'center', padding: '2px 0 2px 8px' }}
          >
            <span style={{ flex: 1 }}>{name(s)}</span>
            <Segments
              label={`Says of ${name(s)}`}
              value={row?.says ?? ''}
              options={[
                { value: 'for', label: 'speaks for' },
                { value: 'against', label: 'against' },
                { value: 'rules out', label: 'rules out' },
              ]}
              onChange={(says) => {
                if (says === '') {
                  if (row) remove('bearing', row.id, 'what a test says');
                } else if (row) edit('bearing', row.id, 'says', says);
                else add('bearing', { testId, suspectId: s.id, says });
                if (says === 'rules out') edit('suspect', s.id, 'state', 'ruled out');
              }}
            />
          </div>
        );
      })}
    </div>
  );
}
