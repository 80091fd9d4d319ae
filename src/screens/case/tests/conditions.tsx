'use client';

import { CheckCheck, X } from 'lucide-react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { judgeCondition } from '@/core/readings';
import { Button, IconButton, Segments } from '@/ui/controls';
import { LineField } from '../fields';
import { useCase } from '../saving/store';

/** What must hold before a test proves anything: its conditions, and the check of the set-up. */

const Line = styled.div`
  display: grid;
  grid-template-columns: 52px minmax(120px, 2.6fr) minmax(80px, 0.8fr) minmax(112px, auto) 44px;
  gap: 2px 8px;
  align-items: center;
  & > span:first-child {
    padding-left: 8px;
    font-size: 0.8125rem;
    color: var(--ink-3);
  }
  @container sheet (max-width: 560px) {
    grid-template-columns: 52px 1fr 1fr auto;
    & > div:nth-child(2) {
      grid-column: 2 / -1;
    }
    & > span:nth-child(4) {
      grid-column: 2 / 4;
      grid-row: 3;
    }
  }
`;
const Because = styled.p<{ $met: string }>`
  grid-column: 2 / -1;
  padding-left: 8px;
  font-size: 0.8125rem;
  color: ${({ $met }) => {
    if ($met === 'no') return 'var(--void)';
    if ($met === 'yes') return 'var(--pass)';
    return 'var(--unsure)';
  }};
`;

/** One condition: met or not, by its own reading where it has one. */
export function ConditionRow({ condition: c }: { condition: RowOf<'condition'> }) {
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const judged = judgeCondition(c);
  const b = { kind: 'condition', id: c.id, hideLabel: true } as const;
  return (
    <Line>
      <span>needs</span>
      <LineField {...b} field="what" label="Condition" placeholder="oil above 85 °C, key on engine off …" />
      <LineField {...b} field="reading" label={`Reading of: ${c.what}`} figure placeholder="reads" />
      <span>
        <Segments
          label={`${c.what}: met?`}
          value={judged.because === '' ? c.met : judged.met}
          options={[
            { value: 'yes', label: 'met' },
            { value: 'no', label: 'not met' },
          ]}
          onChange={(v) => edit('condition', c.id, 'met', v)}
        />
      </span>
      <IconButton aria-label="Remove this condition" onPress={() => remove('condition', c.id, 'condition')}>
        <X aria-hidden="true" />
      </IconButton>
      {judged.because !== '' && (
        <Because $met={judged.met} role="status">
          {{ yes: 'Met: ', no: 'Not met: ', '': '' }[judged.met]}
          {judged.because}
        </Because>
      )}
    </Line>
  );
}

/** One press for a row of conditions that all hold. */
export function AllMet({ conditions }: { conditions: readonly RowOf<'condition'>[] }) {
  const edit = useCase((s) => s.edit);
  const asked = conditions.filter((c) => c.what.trim() !== '' && judgeCondition(c).met === '');
  if (asked.length < 2) return null;
  return (
    <Button $kind="quiet" onPress={() => asked.forEach((c) => edit('condition', c.id, 'met', 'yes'))}>
      <CheckCheck aria-hidden="true" /> {asked.length === 2 ? 'Both are met' : `All ${asked.length} are met`}
    </Button>
  );
}

const RESULT = { yes: 'ok', no: 'failed', '': '' } as const;

const MET_BY_SETUP = { ok: 'yes', failed: 'no', '': '' } as const;

/** The check of the set-up itself: an open lead reads the same 0 V as a dead sensor. */
export function SetupRow({ test }: { test: RowOf<'test'> }) {
  const edit = useCase((s) => s.edit);
  const judged = judgeCondition({
    what: test.setup,
    met: MET_BY_SETUP[test.setupResult],
    reading: test.setupReading,
  });
  const b = { kind: 'test', id: test.id, hideLabel: true } as const;
  return (
    <Line>
      <span>set-up</span>
      <LineField
        {...b}
        field="setup"
        label="Set-up check"
        placeholder="leads on the battery first: above 12 V"
      />
      <LineField {...b} field="setupReading" label="Set-up check read" figure placeholder="reads" />
      <span>
        <Segments
          label="Set-up check"
          value={RESULT[judged.met]}
          options={[
            { value: 'ok', label: 'ok' },
            { value: 'failed', label: 'failed' },
          ]}
          onChange={(v) => edit('test', test.id, 'setupResult', v)}
        />
      </span>
      <span />
      {judged.because !== '' && (
        <Because $met={judged.met} role="status">
          {judged.because}
        </Because>
      )}
    </Line>
  );
}
