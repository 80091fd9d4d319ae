'use client';

import { Plus, X } from 'lucide-react';
import styled from 'styled-components';
import type { FieldProblem, FormField } from '@/core/checks';
import { placesOf, readMany } from '@/core/readings';
import { Button, FieldLabel, IconButton, Quiet } from '@/ui/controls';
import type { Entries, Entry } from './entries';
import { NumberCell } from './number-cell';

/** The fields of a check's form, by the kinds that its schema can have. */

const Wide = styled.fieldset`
  grid-column: 1 / -1;
  min-width: 0;
`;
const Cells = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 6px 10px;
`;
const Pair = styled.div`
  display: grid;
  grid-template-columns: minmax(52px, 0.8fr) 1.2fr auto;
  gap: 2px;
  align-items: start;
`;
const Grid = styled.div<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(92px, 190px)) 44px;
  gap: 2px 8px;
  align-items: start;
  & > span {
    font-size: 0.75rem;
    font-weight: 600;
    color: var(--ink-3);
    padding-left: 8px;
  }
`;
const Wrong = styled.p`
  color: var(--fail);
  font-size: 0.8125rem;
  padding-left: 8px;
`;

const hint = (f: { unit: string; optional?: boolean }, help: string) =>
  help || (f.unit === '' || f.unit === '*' ? '' : f.unit);

/** What is wrong with a field, in sentences. */
export function Problems({ of }: { of: FieldProblem[] }) {
  return of.map((p) => (
    <Wrong key={p.message} role="alert">
      {p.message}
    </Wrong>
  ));
}

export function Field({
  field,
  entries,
  problems,
}: {
  field: FormField;
  entries: Entries;
  problems: FieldProblem[];
}) {
  const rows = entries.rows.filter((r) => r.field === field.name).sort((a, b) => a.position - b.position);
  const { info } = field;
  if (info.kind === 'list')
    return <ListField field={field} rows={rows} entries={entries} problems={problems} />;
  if (info.kind === 'table')
    return <TableField field={field} rows={rows} entries={entries} problems={problems} />;
  const row = rows.at(-1);
  if (!row)
    return (
      <Button
        $kind="quiet"
        onPress={() => entries.add([{ field: field.name, at: '', column: '', entered: '' }])}
      >
        <Plus aria-hidden="true" /> {field.title}
      </Button>
    );
  if (info.kind === 'choice') return <div>{entries.choice(row, field.title, info.options)}</div>;
  const unit = info.kind === 'quantity' ? info.unit : '';
  return (
    <div>
      <NumberCell
        row={row}
        unit={unit}
        entries={entries}
        props={{ label: field.title, placeholder: hint({ unit }, field.help), figure: true }}
      >
        <Problems of={problems} />
      </NumberCell>
    </div>
  );
}

interface SetProps {
  field: FormField;
  rows: Entry[];
  entries: Entries;
  problems: FieldProblem[];
}

function ListField({ field, rows, entries, problems }: SetProps) {
  const info = field.info as Extract<FormField['info'], { kind: 'list' }>;
  /** Spreads `1:0.9 2:0.4 3:0.9`, typed into one cell, over the cells of those names. */
  const spread = (from: Entry) => {
    const many = readMany(from.entered) ?? [];
    const cells = placesOf(
      many,
      rows.map((r) => r.at),
    ).map((i) => rows[i]);
    if (!cells.includes(from)) entries.fill(from, '');
    many.forEach(({ at, entered }, i) => {
      const cell = cells[i];
      if (cell) entries.fill(cell, entered);
      else entries.add([{ field: field.name, at: at || String(i + 1), column: '', entered }]);
    });
  };
  return (
    <Wide>
      <FieldLabel as="legend">{field.title}</FieldLabel>
      <Cells>
        {rows.map((row, i) => (
          <div key={row.id}>
            <Pair>
              {entries.cell(row, 'at', {
                label: `Which ${info.each}`,
                hideLabel: true,
                placeholder: info.each,
              })}
              <div>
                <NumberCell
                  row={row}
                  unit={info.unit}
                  entries={entries}
                  props={{
                    label: `${field.title}, ${info.each} ${row.at || i + 1}`,
                    hideLabel: true,
                    placeholder: hint(info, ''),
                    figure: true,
                    onEnter: readMany(row.entered) ? () => spread(row) : undefined,
                  }}
                />
              </div>
              <IconButton
                aria-label={`Remove ${info.each} ${row.at || i + 1}`}
                onPress={() => entries.remove([row])}
              >
                <X aria-hidden="true" />
              </IconButton>
            </Pair>
            {readMany(row.entered) && (
              <Button onPress={() => spread(row)}>Spread over the {info.each}s</Button>
            )}
            <Problems of={problems.filter((p) => p.row === i)} />
          </div>
        ))}
      </Cells>
      <Button
        $kind="quiet"
        onPress={() => {
          const last = rows.at(-1)?.at ?? '';
          const first = rows.length === 0 ? (info.labels[0] ?? '1') : '';
          const at = /^\d+$/.test(last) ? String(Number(last) + 1) : first;
          entries.add([{ field: field.name, at, column: '', entered: '' }]);
        }}
      >
        <Plus aria-hidden="true" /> {info.each}
      </Button>
      {field.help && <Quiet>{field.help}</Quiet>}
      <Problems of={problems.filter((p) => p.row === undefined)} />
    </Wide>
  );
}

function TableField({ field, rows, entries, problems }: SetProps) {
  const info = field.info as Extract<FormField['info'], { kind: 'table' }>;
  const keys = [...new Set(rows.map((r) => r.at))];
  const nextKey = () => String(Math.max(0, ...keys.map((k) => Number(k) || 0)) + 1);
  return (
    <Wide>
      <FieldLabel as="legend">{field.title}</FieldLabel>
      {field.help && (
        <Quiet as="p" $indent>
          {field.help}
        </Quiet>
      )}
      <Grid $columns={info.columns.length} role="group" aria-label={field.title}>
        {info.columns.map((c) => (
          <span key={c.name}>{c.title}</span>
        ))}
        <span />
        {keys.map((key, i) => (
          <TableRow
            key={key}
            index={i}
            columns={info.columns}
            rows={rows.filter((r) => r.at === key)}
            entries={entries}
            problems={problems.filter((p) => p.row === i)}
          />
        ))}
      </Grid>
      <Button
        $kind="quiet"
        onPress={() =>
          entries.add(
            info.columns.map((c) => ({ field: field.name, at: nextKey(), column: c.name, entered: '' })),
          )
        }
      >
        <Plus aria-hidden="true" /> Row
      </Button>
      <Problems of={problems.filter((p) => p.row === undefined)} />
    </Wide>
  );
}

function TableRow({
  index,
  columns,
  rows,
  entries,
  problems,
}: {
  index: number;
  columns: Extract<FormField['info'], { kind: 'table' }>['columns'];
  rows: Entry[];
  entries: Entries;
  problems: FieldProblem[];
}) {
  return (
    <>
      {columns.map((c) => {
        const row = rows.find((r) => r.column === c.name);
        const label = `${c.title}, row ${index + 1}`;
        return (
          <div key={c.name}>
            {row && c.options.length > 0 && entries.choice(row, label, c.options)}
            {row &&
              c.options.length === 0 &&
              c.words &&
              entries.cell(row, 'entered', { label, hideLabel: true })}
            {row && c.options.length === 0 && !c.words && (
              <NumberCell
                row={row}
                unit={c.unit}
                entries={entries}
                props={{ label, hideLabel: true, placeholder: c.unit === '*' ? '' : c.unit, figure: true }}
              />
            )}
            <Problems of={problems.filter((p) => p.column === c.name)} />
          </div>
        );
      })}
      <IconButton aria-label={`Remove row ${index + 1}`} onPress={() => entries.remove(rows)}>
        <X aria-hidden="true" />
      </IconButton>
    </>
  );
}
