'use client';

import styled from 'styled-components';
import type { RecordsReading, RecordSettings } from '@/core/api/old-records';
import { FIELD_LABELS, RECORD_FIELDS, type RecordField } from '@/core/exchange/old-records/fields';
import { Choice, Quiet } from '@/ui/controls';
import { PlainTable } from '@/ui/plain-table';

const Grid = styled(PlainTable)`
  & td {
    vertical-align: middle;
  }
  & td:last-child {
    color: var(--ink-2);
    max-width: 380px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & select {
    width: auto;
    min-width: 220px;
  }
`;

const OPTIONS = [
  { value: '', label: 'left out' },
  ...RECORD_FIELDS.map((f) => ({ value: f, label: FIELD_LABELS[f] })),
];
const TOLD: Record<string, string> = {
  head: 'by its name',
  content: 'by what stands in it',
  kept: 'as last time',
  person: 'as you said',
  '': '',
};

/** What each column of the table holds, each to be put right in one choice. */
export function ColumnsOfTable({
  columns,
  settings,
  onColumn,
}: {
  columns: RecordsReading['columns'];
  settings: RecordSettings;
  onColumn: (index: number, field: RecordField | '') => void;
}) {
  return (
    <Grid>
      <thead>
        <tr>
          <th>Column</th>
          <th>Holds</th>
          <th>Told</th>
          <th>For example</th>
        </tr>
      </thead>
      <tbody>
        {columns.map((c) => (
          <tr key={c.index}>
            <td>
              <b>{c.head || `column ${c.index + 1}`}</b>
            </td>
            <td>
              <Choice
                label={`What column ${c.head || c.index + 1} holds`}
                hideLabel
                value={settings.columns[c.index] ?? ''}
                options={OPTIONS}
                onChange={(v) => onColumn(c.index, v as RecordField | '')}
              />
            </td>
            <td>
              <Quiet>{TOLD[c.by]}</Quiet>
            </td>
            <td title={c.examples.join('\n')}>{c.examples.join(' · ')}</td>
          </tr>
        ))}
      </tbody>
    </Grid>
  );
}
