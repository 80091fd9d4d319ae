'use client';

import styled from 'styled-components';
import type { Preview, ReadAs } from '@/core/traces/files';
import { TIME_UNITS } from '@/core/traces/files';
import { Button, Choice, FieldLabel, Input, Quiet } from '@/ui/controls';

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

/** How a file was read, to be corrected before it is taken. */
export function PreviewPane({
  name,
  preview,
  onCorrect,
  onTake,
  onBack,
}: {
  name: string;
  preview: Preview;
  onCorrect: (as: ReadAs) => void;
  onTake: () => void;
  onBack: () => void;
}) {
  const as = preview.readAs;
  const set = (change: Partial<ReadAs>) => onCorrect({ ...as, ...change });
  const column = (i: number, change: Partial<ReadAs['columns'][number]>) =>
    set({ columns: as.columns.map((c, k) => (k === i ? { ...c, ...change } : c)) });
  const hasTime = as.columns.some((c) => c.use === 'time');
  const table = as.format === 'csv';
  const above = table ? Math.min(as.skip, 6) : 0;
  return (
    <Page>
      <section aria-label="How the file is read">
        <h2>How “{name}” is read</h2>
        <Quiet>Correct what is wrong; the file itself stays as it is, attached to the case.</Quiet>
        <Signs>
          {table && (
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
          )}
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
        </Signs>
        <Scroll>
          <table>
            <thead>
              <tr>
                {as.columns.map((c, i) => (
                  <th key={i} scope="col">
                    <Choice
                      label={`Column ${i + 1} is`}
                      hideLabel
                      value={c.use}
                      options={[
                        { value: 'time', label: 'time' },
                        { value: 'channel', label: 'channel' },
                        { value: 'skip', label: 'left out' },
                      ]}
                      onChange={(v) => column(i, { use: v as 'time' })}
                    />
                    <Input
                      aria-label={`Name of column ${i + 1}`}
                      value={c.name}
                      maxLength={120}
                      onChange={(e) => column(i, { name: e.target.value })}
                    />
                    {c.use === 'channel' && (
                      <span style={{ display: 'flex' }}>
                        <Input
                          aria-label={`Unit of column ${i + 1}`}
                          placeholder="unit"
                          value={c.unit}
                          maxLength={40}
                          onChange={(e) => column(i, { unit: e.target.value })}
                        />
                        <Input
                          aria-label={`Column ${i + 1} is multiplied by`}
                          title="multiplied by"
                          $figure
                          defaultValue={c.times === 1 ? '' : String(c.times)}
                          placeholder="× 1"
                          onBlur={(e) => {
                            const n = Number(e.target.value.replace(',', '.'));
                            column(i, {
                              times: e.target.value.trim() === '' || Number.isNaN(n) || n === 0 ? 1 : n,
                            });
                          }}
                        />
                      </span>
                    )}
                  </th>
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
        {preview.notes.map((n) => (
          <p key={n} style={{ color: 'var(--unsure)', paddingTop: 6 }}>
            {n}
          </p>
        ))}
        <div style={{ display: 'flex', gap: 10, paddingTop: 12 }}>
          <Button $kind="main" onPress={onTake}>
            Read it
          </Button>
          <Button onPress={onBack}>Another one</Button>
        </div>
      </section>
    </Page>
  );
}
