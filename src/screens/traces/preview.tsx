'use client';

import styled from 'styled-components';
import type { Preview, ReadAs } from '@/core/traces/files';
import { TIME_UNITS } from '@/core/traces/files';
import { Button, Choice, FieldLabel, Input, Quiet } from '@/ui/controls';
import { Inline, Text } from '@/ui/layout';

const Page = styled.div`
  padding: 16px;
  & > section {
    background: var(--sheet);
    box-shadow: var(--shadow);
    padding: 14px 18px;
  }
  & h2 {
    font-size: 1rem;
    margin-bottom: 6px;
  }
`;
const Signs = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: end;
  margin: 8px 0 10px;
`;
const Scroll = styled.div`
  overflow: auto;
  max-height: 46vh;
  border: 1px solid var(--rule);
  & table {
    border-collapse: collapse;
    font: 0.8125rem/1.4 var(--mono);
    white-space: nowrap;
  }
  & td,
  & th {
    padding: 2px 10px;
    border-right: 1px solid var(--rule);
    text-align: left;
    vertical-align: top;
    font-weight: 400;
  }
  & thead th {
    background: var(--ground);
    border-bottom: 1px solid var(--rule-2);
    min-width: 130px;
    font-family: var(--sans);
  }
  & tr[data-above] td {
    color: var(--ink-3);
    font-style: italic;
  }
  & td[data-skip] {
    color: var(--ink-3);
    text-decoration: line-through;
  }
`;

const SIGNS: Record<string, string> = {
  ',': 'comma',
  ';': 'semicolon',
  '\t': 'tab',
  '|': 'bar',
  ' ': 'blank',
};

interface Reading {
  preview: Preview;
  onCorrect: (as: ReadAs) => void;
}
type ColumnAs = ReadAs['columns'][number];

/** How a file was read, to be corrected before it is taken. */
export function PreviewPane({
  name,
  preview,
  onCorrect,
  onTake,
  onBack,
}: Reading & { name: string; onTake: () => void; onBack: () => void }) {
  return (
    <Page>
      <section aria-label="How the file is read">
        <h2>How “{name}” is read</h2>
        <Quiet>Correct what is wrong; the file itself stays as it is, attached to the case.</Quiet>
        <Signs>
          <TableSigns as={preview.readAs} onCorrect={onCorrect} />
          <TimeSigns as={preview.readAs} onCorrect={onCorrect} />
        </Signs>
        <Columns preview={preview} onCorrect={onCorrect} />
        {preview.notes.map((n) => (
          <Text key={n} $tone="unsure" $pad="6px 0 0">
            {n}
          </Text>
        ))}
        <Inline $gap={10} $nowrap $pad="12px 0 0">
          <Button $kind="main" onPress={onTake}>
            Read it
          </Button>
          <Button onPress={onBack}>Another one</Button>
        </Inline>
      </section>
    </Page>
  );
}

/** What parts a table into figures. */
function TableSigns({ as, onCorrect }: { as: ReadAs; onCorrect: Reading['onCorrect'] }) {
  const set = (change: Partial<ReadAs>) => onCorrect({ ...as, ...change });
  if (as.format !== 'csv') return null;
  return (
    <>
      <Choice
        label="Separator"
        value={as.separator}
        options={Object.entries(SIGNS).map(([value, label]) => ({ value, label }))}
        onChange={(v) => set({ separator: v as ReadAs['separator'] })}
      />
      <Choice
        label="Decimal sign"
        value={as.decimal}
        options={[
          { value: '.', label: 'point' },
          { value: ',', label: 'comma' },
        ]}
        onChange={(v) => set({ decimal: v as ReadAs['decimal'] })}
      />
      <div>
        <FieldLabel htmlFor="skip">Lines before the figures</FieldLabel>
        <Input
          id="skip"
          $figure
          inputMode="numeric"
          value={String(as.skip)}
          onChange={(e) => /^\d{0,4}$/.test(e.target.value) && set({ skip: Number(e.target.value) })}
        />
      </div>
    </>
  );
}

/** What the time is counted in, or how fast the samples come where there is none. */
function TimeSigns({ as, onCorrect }: { as: ReadAs; onCorrect: Reading['onCorrect'] }) {
  const set = (change: Partial<ReadAs>) => onCorrect({ ...as, ...change });
  const hasTime = as.columns.some((c) => c.use === 'time');
  return (
    <>
      {hasTime && (
        <Choice
          label="Time is in"
          value={as.timeUnit}
          options={TIME_UNITS.map((u) => ({ value: u, label: u === 'clock' ? 'clock time' : u }))}
          onChange={(v) => set({ timeUnit: v as ReadAs['timeUnit'] })}
        />
      )}
      {!hasTime && as.format !== 'candump' && (
        <div>
          <FieldLabel htmlFor="rate">Samples a second</FieldLabel>
          <Input
            id="rate"
            $figure
            inputMode="decimal"
            key={as.interval}
            defaultValue={as.interval === null ? '' : String(Number((1 / as.interval).toPrecision(9)))}
            onBlur={(e) => {
              const hz = Number(e.target.value.replace(',', '.'));
              set({ interval: hz > 0 ? 1 / hz : null });
            }}
          />
        </div>
      )}
    </>
  );
}

/** The first rows, under what each column is taken for. */
function Columns({ preview, onCorrect }: Reading) {
  const as = preview.readAs;
  const table = as.format === 'csv';
  const above = table ? Math.min(as.skip, 6) : 0;
  const change = (i: number, to: Partial<ColumnAs>) =>
    onCorrect({ ...as, columns: as.columns.map((c, k) => (k === i ? { ...c, ...to } : c)) });
  return (
    <Scroll>
      <table>
        <thead>
          <tr>
            {as.columns.map((c, i) => (
              <ColumnHead key={i} place={i + 1} as={c} onChange={(to) => change(i, to)} />
            ))}
          </tr>
        </thead>
        <tbody>
          {preview.rows.map((r, k) => (
            <tr key={k} data-above={k < above || undefined}>
              {(table ? as.columns.map((_, i) => r[i] ?? '') : r).map((cell, i) => (
                <td key={i} data-skip={(table && as.columns[i]?.use === 'skip') || undefined}>
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Scroll>
  );
}

/** What one column is taken for: its use, name, unit and factor. */
function ColumnHead({
  place,
  as: c,
  onChange,
}: {
  place: number;
  as: ColumnAs;
  onChange: (to: Partial<ColumnAs>) => void;
}) {
  return (
    <th scope="col">
      <Choice
        label={`Column ${place} is`}
        hideLabel
        value={c.use}
        options={[
          { value: 'time', label: 'time' },
          { value: 'channel', label: 'channel' },
          { value: 'skip', label: 'left out' },
        ]}
        onChange={(v) => onChange({ use: v as 'time' })}
      />
      <Input
        aria-label={`Name of column ${place}`}
        value={c.name}
        maxLength={120}
        onChange={(e) => onChange({ name: e.target.value })}
      />
      {c.use === 'channel' && (
        <Inline as="span" $nowrap>
          <Input
            aria-label={`Unit of column ${place}`}
            placeholder="unit"
            value={c.unit}
            maxLength={40}
            onChange={(e) => onChange({ unit: e.target.value })}
          />
          <Input
            aria-label={`Column ${place} is multiplied by`}
            title="multiplied by"
            $figure
            defaultValue={c.times === 1 ? '' : String(c.times)}
            placeholder="× 1"
            onBlur={(e) => {
              const n = Number(e.target.value.replace(',', '.'));
              onChange({
                times: e.target.value.trim() === '' || Number.isNaN(n) || n === 0 ? 1 : n,
              });
            }}
          />
        </Inline>
      )}
    </th>
  );
}
