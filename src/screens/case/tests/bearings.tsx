'use client';

import { Quiet, Segments } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { useSuspectName } from '../conclusion/parts';
import { useCase } from '../saving/store';

const SAYS: Record<string, string> = {
  for: 'speaks for',
  against: 'speaks against',
  'rules out': 'rules out',
};

/** What this test says of each suspect. */
export function Bearings({ testId }: { testId: string }) {
  const suspects = useCase((s) => s.record.suspect);
  const bearings = useCase((s) => s.record.bearing);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const remove = useCase((s) => s.remove);
  const name = useSuspectName();
  if (suspects.length === 0)
    return <Quiet $indent>Add suspects below; this test can then count for or against them.</Quiet>;
  return (
    <div>
      {suspects.map((s) => {
        const row = bearings.find((x) => x.testId === testId && x.suspectId === s.id);
        return (
          <Inline key={s.id} $gap={10} $align="center" $pad="2px 0 2px 8px">
            <Cell as="span" $grow>
              {name(s)}
            </Cell>
            <Segments
              label={`Says of ${name(s)}`}
              value={row?.says ?? ''}
              options={Object.entries(SAYS).map(([value, label]) => ({
                value,
                label: label.replace('speaks against', 'against'),
              }))}
              onChange={(says) => {
                if (says === '') {
                  if (row) remove('bearing', row.id, 'what a test says');
                } else if (row) edit('bearing', row.id, 'says', says);
                else add('bearing', { testId, suspectId: s.id, says });
                if (says === 'rules out') edit('suspect', s.id, 'state', 'ruled out');
              }}
            />
          </Inline>
        );
      })}
    </div>
  );
}

/** The same in a line: what this test rules in or out. */
export function BearingsInWords({ testId }: { testId: string }) {
  const suspects = useCase((s) => s.record.suspect);
  const bearings = useCase((s) => s.record.bearing);
  const name = useSuspectName();
  const words = bearings.flatMap((b) => {
    const suspect = b.testId === testId && suspects.find((s) => s.id === b.suspectId);
    return suspect ? [`${SAYS[b.says] ?? b.says} ${name(suspect)}`] : [];
  });
  if (words.length === 0) return null;
  return (
    <Text $size="note" $indent>
      → {words.join('; ')}
    </Text>
  );
}
