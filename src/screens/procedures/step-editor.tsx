'use client';

import { ArrowDown, ArrowUp, Plus, X } from 'lucide-react';
import { useId } from 'react';
import styled from 'styled-components';
import { EXPECTATION_SOURCES, WHERE_KINDS, type ProcedureStep } from '@/core/case';
import { CHECKS, checkOf, formOf } from '@/core/checks';
import { readLimit, readNumber } from '@/core/readings';
import { Button, Choice, FieldLabel, IconButton, Quiet, TextArea } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { LineInput } from '@/ui/line-input';

const Box = styled.li`
  padding: 6px 10px 10px;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-left: 4px solid var(--rule-2);
  border-radius: 3px;
  display: grid;
  gap: 4px;
`;
const Head = styled.div`
  display: grid;
  grid-template-columns: auto 1fr auto auto auto;
  gap: 6px;
  align-items: end;
  & > b {
    padding-bottom: 6px;
    color: var(--ink-3);
  }
`;
const Row = styled.div<{ $columns: string }>`
  display: grid;
  grid-template-columns: ${({ $columns }) => $columns};
  gap: 4px 10px;
  align-items: end;
  @media (max-width: 620px) {
    grid-template-columns: 1fr 1fr;
  }
`;

/** One step of a procedure: everything a test has but its readings. */
export function StepEditor({
  number,
  step,
  first,
  last,
  onChange,
  onMove,
}: {
  number: number;
  step: ProcedureStep;
  first: boolean;
  last: boolean;
  onChange: (step: ProcedureStep | undefined) => void;
  onMove: (by: number) => void;
}) {
  const id = useId();
  const set = (more: Partial<ProcedureStep>) => onChange({ ...step, ...more });
  const setReading = (i: number, more: Partial<ProcedureStep['readings'][number]> | undefined) =>
    set({
      readings: step.readings.flatMap((r, k) => {
        if (k !== i) return [r];
        if (more) return [{ ...r, ...more }];
        return [];
      }),
    });
  return (
    <Box aria-label={`Step ${number}`}>
      <Head>
        <b>{number}.</b>
        <LineInput label="Question" value={step.question} onChange={(question) => set({ question })} />
        <IconButton aria-label={`Step ${number} up`} isDisabled={first} onPress={() => onMove(-1)}>
          <ArrowUp aria-hidden="true" />
        </IconButton>
        <IconButton aria-label={`Step ${number} down`} isDisabled={last} onPress={() => onMove(1)}>
          <ArrowDown aria-hidden="true" />
        </IconButton>
        <IconButton aria-label={`Remove step ${number}`} onPress={() => onChange(undefined)}>
          <X aria-hidden="true" />
        </IconButton>
      </Head>
      <Row $columns="2fr 2fr 0.6fr">
        <LineInput
          label="Take care"
          placeholder="fuel, hot, pressure, high voltage"
          value={step.caution}
          onChange={(caution) => set({ caution })}
        />
        <LineInput
          label="Set-up check"
          placeholder="leads on the battery first: above 12 V"
          value={step.setup}
          onChange={(setup) => set({ setup })}
        />
        <LineInput
          label="Minutes"
          figure
          value={step.minutes === null ? '' : String(step.minutes)}
          onChange={(v) => {
            const n = v.trim() === '' ? null : readNumber(v)?.value;
            if (n === null || (n !== undefined && n >= 0 && n <= 10_000)) set({ minutes: n });
          }}
        />
      </Row>
      <Row $columns="0.7fr 1.3fr 1.4fr 1fr">
        <Choice
          label="Where"
          value={step.whereKind}
          options={WHERE_KINDS}
          onChange={(v) => set({ whereKind: v as ProcedureStep['whereKind'] })}
        />
        <LineInput label="Which" value={step.where} onChange={(where) => set({ where })} />
        <LineInput
          label="Expected"
          value={step.expectation}
          onChange={(expectation) => set({ expectation })}
        />
        <Choice
          label="Says who"
          value={step.expectationSource}
          options={EXPECTATION_SOURCES}
          onChange={(v) => set({ expectationSource: v as ProcedureStep['expectationSource'] })}
        />
      </Row>
      <Row $columns="1.2fr 1fr">
        <div>
          <FieldLabel htmlFor={id}>Needs, one condition on each line</FieldLabel>
          <TextArea
            id={id}
            rows={1}
            value={step.conditions.join('\n')}
            placeholder="oil above 85 °C"
            onChange={(e) => set({ conditions: e.target.value.split('\n').slice(0, 20) })}
          />
        </div>
        <Choice
          label="Computed check"
          value={step.checkId}
          options={['', ...CHECKS.map((c) => c.id)].map((value) => ({
            value,
            label: checkOf(value)?.title ?? '',
          }))}
          empty="none"
          onChange={(checkId) => set({ checkId, inputs: [] })}
        />
      </Row>
      {step.inputs.length > 0 && (
        <Quiet $indent>
          Kept with the check: {inputsInWords(step)}. Save the step anew from a case to change them.
        </Quiet>
      )}
      {step.readings.map((r, i) => {
        const limit = readLimit(r.limit);
        return (
          <Row key={i} $columns="1.6fr 1.2fr auto">
            <LineInput label="Reading" value={r.label} onChange={(label) => setReading(i, { label })} />
            <div>
              <LineInput
                label="Limit"
                figure
                placeholder="3.0–3.6 V, siblings"
                value={r.limit}
                onChange={(v) => setReading(i, { limit: v })}
              />
              {!limit.ok && (
                <Text $tone="unsure" $size="small">
                  {limit.message}
                </Text>
              )}
            </div>
            <IconButton aria-label={`Remove reading ${r.label}`} onPress={() => setReading(i, undefined)}>
              <X aria-hidden="true" />
            </IconButton>
          </Row>
        );
      })}
      <div>
        <Button
          $kind="quiet"
          onPress={() =>
            set({ readings: [...step.readings, { label: '', limit: step.readings.at(-1)?.limit ?? '' }] })
          }
        >
          <Plus aria-hidden="true" /> Reading
        </Button>
      </div>
    </Box>
  );
}

/** The givens of the step's check by the titles of their fields. */
function inputsInWords(step: ProcedureStep): string {
  const check = checkOf(step.checkId);
  const byField = new Map<string, string[]>();
  for (const i of step.inputs)
    if (i.entered !== '') byField.set(i.field, [...(byField.get(i.field) ?? []), i.entered]);
  const title = (name: string) => check && formOf(check).find((f) => f.name === name)?.title;
  return [...byField].map(([field, values]) => `${title(field) ?? field} ${values.join(', ')}`).join('; ');
}
