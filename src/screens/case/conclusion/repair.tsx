'use client';

import { Plus } from 'lucide-react';
import { isolationOf } from '@/core/cause';
import { Button, Empty, Quiet, Tag } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { useActions } from '../../frame/actions';
import { CasePart } from '../case-part';
import { focusNext } from '../fields';
import { useCatalogue } from './parts';
import { CaseEstimate } from './estimate';
import { RepairCard } from './repair-card';
import { useCase, useRecord } from '../saving/store';

/** What was done about each cause, with which part, and what else changed. */
export function RepairPart() {
  const record = useCase((s) => s.record);
  const add = useCase((s) => s.add);
  const { catalogue } = useCatalogue();
  const addRepair = () => {
    const cause = record.cause.at(-1);
    // The part that was found bad is what is mostly repaired; it stands there to be written over.
    const what = record.repair.some((r) => r.causeId === cause?.id)
      ? ''
      : (catalogue.resolve(cause?.partId ?? null)?.name ?? '');
    const id = add('repair', {
      causeId: cause?.id ?? null,
      what,
      position: record.repair.length,
    });
    focusNext(`${id}:what`);
  };
  useActions('On a case', [{ say: 'Repair', words: 'add done', key: 'r', run: addRepair }]);
  return (
    <CasePart
      id="repair"
      title="Repair"
      actions={
        <Button onPress={addRepair}>
          <Plus aria-hidden="true" /> Repair
        </Button>
      }
    >
      {record.repair.map((r) => (
        <RepairCard key={r.id} repair={r} />
      ))}
      <IsolationNote />
      <CaseEstimate />
      {record.repair.length === 0 && (
        <Empty>
          Nothing planned yet. Add what is to be replaced, cleaned or configured, with its parts. It counts
          only once it is marked done.
        </Empty>
      )}
    </CasePart>
  );
}

/** Says when more than one change stands between the failing and the passing test. */
function IsolationNote() {
  const record = useRecord();
  const isolation = isolationOf(record);
  if (record.repair.length === 0 || isolation.state === 'unknown') return null;
  return (
    <Text role="status" $indent>
      <Tag $tone={isolation.state === 'isolated' ? 'pass' : 'unsure'} $wraps>
        {isolation.because}
      </Tag>
      {isolation.state === 'not isolated' && <Quiet> Whatever is counted from this case says so.</Quiet>}
    </Text>
  );
}
