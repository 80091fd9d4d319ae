'use client';

import type { RowOf } from '@/core/case';
import { Segments } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { LineField, NumberField, Row } from '../fields';
import { useCase } from '../saving/store';

/** A fault that comes and goes: caught or only seen good, how often it was tried, how long it took. */
export function Watch({ test }: { test: RowOf<'test'> }) {
  const edit = useCase((s) => s.edit);
  const b = { kind: 'test', id: test.id } as const;
  return (
    <Cell $indent>
      <Inline $gap={10} $align="center" $pad="4px 0 0">
        <Text as="span" $tone="ink-3" $size="small">
          Intermittent
        </Text>
        <Segments
          label="The fault was"
          value={test.watch}
          options={[
            { value: 'caught', label: 'caught' },
            { value: 'seen good', label: 'seen good' },
          ]}
          onChange={(v) => edit('test', test.id, 'watch', v)}
        />
      </Inline>
      {test.watch !== '' && (
        <Row $columns="0.8fr 0.8fr 2fr">
          <NumberField {...b} field="tries" label="Attempts without the fault" />
          <LineField {...b} field="took" label="It took" figure placeholder="25 min" />
          <LineField
            {...b}
            field="caughtUnder"
            label={test.watch === 'caught' ? 'Seen under' : 'Tried under'}
            placeholder="hot, over a bump, after rain"
          />
        </Row>
      )}
    </Cell>
  );
}
