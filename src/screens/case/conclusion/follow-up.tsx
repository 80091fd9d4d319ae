'use client';

import { addDays } from 'date-fns';
import { X } from 'lucide-react';
import type { RowOf } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import { dueOdometer } from '@/core/cause';
import { odometerHere } from '@/core/region';
import { Figure, IconButton, Quiet, Segments } from '@/ui/controls';
import { day, until } from '@/ui/dates';
import { Cell } from '@/ui/layout';
import { ChoiceField, LineField, nowIso, Row } from '../fields';
import { useRegion } from '../../region';
import { usePeopleToChoose } from '../people';
import { useCase } from '../saving/store';

/** Puts a follow-up on the case by the shop's own period. */
export function useFollowUp(): () => void {
  const period = useCase((s) => s.open.followUp);
  const odometer = useCase((s) => s.record.case.odometer);
  const position = useCase((s) => s.record.followUp.length);
  const add = useCase((s) => s.add);
  const region = useRegion();
  return () =>
    add('followUp', {
      dueAt: addDays(new Date(), period.days).toISOString(),
      dueOdometer: dueOdometer(odometerHere(odometer, region), period.distance),
      position,
    });
}

export function FollowUpRow({ row: f }: { row: RowOf<'followUp'> }) {
  const toChoose = usePeopleToChoose();
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const b = { kind: 'followUp', id: f.id, hideLabel: true } as const;
  return (
    <Row $columns="auto 0.8fr auto 1.5fr 0.8fr auto" $align="center">
      <Cell as="span" $indent>
        <Figure>{day(f.dueAt) || 'no date'}</Figure>{' '}
        {f.state === 'due' && f.dueAt && <Quiet>{until(f.dueAt)}</Quiet>}
      </Cell>
      <LineField {...b} field="dueOdometer" label="Or at" figure placeholder="or at odometer" />
      <Segments
        label="Did it stay fixed?"
        value={f.state === 'due' ? '' : f.state}
        options={[
          { value: 'held', label: displayWord('held') },
          { value: 'came back', label: 'came back' },
          { value: 'not reached', label: 'not reached' },
        ]}
        onChange={(v) => {
          edit('followUp', f.id, 'state', v || 'due');
          edit('followUp', f.id, 'doneAt', v ? nowIso() : null);
        }}
      />
      <LineField {...b} field="note" label="Note" placeholder="who was asked, what they said" />
      <ChoiceField
        {...b}
        field="byId"
        label="Who calls"
        options={toChoose(f.byId).map((p) => ({ ...p, label: `${p.label} calls` }))}
        empty="the lead calls"
      />
      <IconButton aria-label="Remove this follow-up" onPress={() => remove('followUp', f.id, 'follow-up')}>
        <X aria-hidden="true" />
      </IconButton>
    </Row>
  );
}
