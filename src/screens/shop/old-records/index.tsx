'use client';

import { Upload } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { FIELD_LABELS } from '@/core/exchange/old-records/fields';
import { Button, Choice, FieldLabel, Quiet, TextArea } from '@/ui/controls';
import { FileButton } from '@/ui/file-button';
import { ShopShelf } from '../sections';
import { ColumnsOfTable } from './columns';
import { JobsPreview } from './jobs';
import { TakenSoFar } from './result';
import { useTable, type TableOnItsWay } from './use-table';

const Page = styled.div`
  display: grid;
  gap: 12px;
  & h1 {
    font-size: 1.25rem;
  }
  & h2 {
    font-size: 0.9375rem;
    margin: 12px 0 4px;
  }
  & p {
    max-width: 76ch;
  }
`;
const Line = styled.div`
  display: flex;
  gap: 12px;
  align-items: end;
  flex-wrap: wrap;
`;

/** What is to be done stays in sight, however long the table is. */
const Deed = styled.div`
  position: sticky;
  bottom: 0;
  padding: 10px 0;
  background: var(--ground);
  border-top: 1px solid var(--rule-2);
`;

const DATES = [
  { value: '', label: 'not told' },
  { value: 'day first', label: 'day first (31/12/2021)' },
  { value: 'month first', label: 'month first (12/31/2021)' },
  { value: 'year first', label: 'year first (2021-12-31)' },
];
const UNITS = [
  { value: '', label: 'not told' },
  { value: 'km', label: 'km' },
  { value: 'mi', label: 'miles' },
  { value: 'h', label: 'hours' },
];

/** Past repairs out of a spreadsheet or an office program's export, each row a case. */
export function OldRecordsScreen() {
  const table = useTable();
  const [pasted, setPasted] = useState('');
  return (
    <ShopShelf>
      <Page>
        <h1>Old records</h1>
        <p>
          Past repairs from a spreadsheet or an office program’s export: one row a job. Each becomes a case
          marked <b>from old records</b>, graded <i>claimed</i>; similar cases and odds weigh it so. Nothing
          is written before you have seen how it is read.
        </p>
        <Line>
          <FileButton
            label="Table of past jobs"
            accept=".xlsx,.ods,.csv,.tsv,.txt"
            $kind="main"
            isDisabled={table.busy === 'taking in'}
            onFile={(file) => void table.open(file, file.name)}
          >
            <Upload aria-hidden="true" /> Choose a table
          </FileButton>
          <Quiet>XLSX, ODS or CSV, up to 60 MB. The file is read in this browser.</Quiet>
        </Line>
        {!table.look && (
          <div>
            <FieldLabel htmlFor="pasted-table">Or paste cells copied out of a spreadsheet</FieldLabel>
            <TextArea id="pasted-table" rows={4} value={pasted} onChange={(e) => setPasted(e.target.value)} />
            <Button isDisabled={pasted.trim() === ''} onPress={() => void table.open(pasted, 'pasted')}>
              Read it
            </Button>
          </div>
        )}
        {table.busy === 'opening' && <p role="status">Reading “{table.name}” …</p>}
        {table.problem !== '' && <p role="alert">{table.problem}</p>}
        {table.look && table.reading && <Preview table={table} />}
      </Page>
    </ShopShelf>
  );
}

function Preview({ table }: { table: TableOnItsWay }) {
  const { look, reading, taken, busy } = table;
  if (!look || !reading) return null;
  const running = busy === 'taking in';
  const { columns, dateOrder, odometerUnit } = reading.settings;
  const lacks = (['date', 'done'] as const).filter((f) => !columns.includes(f));
  const read = reading.jobs.filter((j) => j.state === 'read').length;
  return (
    <>
      <Line>
        <h2>{table.name}</h2>
        {table.sheets.length > 1 && (
          <Choice
            label="Sheet"
            value={String(table.sheet)}
            options={table.sheets.map((s, i) => ({ value: String(i), label: s || `sheet ${i + 1}` }))}
            onChange={(v) => void table.lookAt(Number(v))}
          />
        )}
      </Line>
      <ColumnsOfTable
        columns={reading.columns}
        settings={reading.settings}
        onColumn={(index, field) => void table.setColumn(index, field)}
      />
      <Line>
        <Choice
          label="Dates are written"
          value={dateOrder ?? ''}
          options={DATES}
          onChange={(v) => void table.setSetting({ dateOrder: v === '' ? null : (v as 'day first') })}
        />
        {columns.includes('odometer') && (
          <Choice
            label="An odometer without a unit is in"
            value={odometerUnit}
            options={UNITS}
            onChange={(v) => void table.setSetting({ odometerUnit: v as 'km' })}
          />
        )}
      </Line>
      {lacks.map((f) => (
        <p key={f} role="alert">
          No column holds the {FIELD_LABELS[f]}.{' '}
          {f === 'date' ? 'Without it nothing can be taken in.' : 'No cause will be named.'}
        </p>
      ))}
      <div>
        <h2>The first rows become</h2>
        <JobsPreview jobs={reading.jobs.slice(0, 30)} />
      </div>
      <Deed>
        <Line>
          <Button $kind="main" isDisabled={busy !== '' || read === 0} onPress={() => void table.take()}>
            Take in {look.total.toLocaleString('en')} {look.total === 1 ? 'row' : 'rows'}
          </Button>
          {running && <Button onPress={table.stop}>Stop</Button>}
          <Quiet>
            The same table again adds nothing. What you put right is kept for the next one like it.
          </Quiet>
        </Line>
        {taken && <TakenSoFar taken={taken} running={running} name={table.name} onMend={table.mend} />}
      </Deed>
    </>
  );
}
