'use client';

import styled from 'styled-components';
import { Plus, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { doneRepairs, type RowOf } from '@/core/case';
import { unrecordedClears } from '@/core/codes';
import { Button, Figure, IconButton, Quiet, Tag } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { ChoiceField, LineField, Row } from '../fields';
import { Files } from '../files';
import { ScanCoverage } from './scan-coverage';
import { useCase } from '../saving/store';

const Raw = styled.pre`
  margin: 4px;
  max-height: 140px;
  overflow: auto;
`;
const Columns = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 2px 18px;
  padding: 4px 0;
`;

/** Fetched on the press. */
const AddCode = dynamic(() => import('./add-code').then((m) => m.AddCode));

/** What a scan's time does not say. What came before and what after follows from the times. */
const SCAN_TAKEN = [
  { value: '', label: '' },
  { value: 'after key cycle', label: 'after a key cycle' },
  { value: 'after road test', label: 'after a drive' },
];

/** A word an older version kept stays to be seen. */
const takenOptions = (phase: string) =>
  SCAN_TAKEN.some((o) => o.value === phase) ? SCAN_TAKEN : [...SCAN_TAKEN, { value: phase, label: phase }];

/** One scan in the order of the evidence. */
export function ScanItem({ scan, name }: { scan: RowOf<'scan'>; name: string }) {
  const codes = useCase((s) => s.record.code);
  const modules = useCase((s) => s.record.module);
  const monitors = useCase((s) => s.record.monitor);
  const freeze = useCase((s) => s.record.freeze);
  const remove = useCase((s) => s.remove);
  const mine = codes.filter((c) => c.scanId === scan.id);
  const ids = new Set(mine.map((c) => c.id));
  const frames = freeze.filter((f) => ids.has(f.codeId));
  const live = useCase((s) => s.record.live).filter((l) => l.scanId === scan.id);
  const done = monitors.filter((m) => m.scanId === scan.id && m.state === 'complete');
  const silent = modules.filter((m) => m.scanId === scan.id && !m.answered);
  const lost = modules.filter((m) => m.scanId === scan.id && m.answered && !m.read);
  const repairs = useCase((s) => s.record.repair);
  const causes = useCase((s) => s.record.cause);
  const repaired = doneRepairs({ repair: repairs, cause: causes, scan: [scan] }).some(
    (r) => r.at !== null && r.at < scan.at,
  );
  const waiting = monitors.filter((m) => m.scanId === scan.id && m.state === 'incomplete');
  const b = { kind: 'scan', id: scan.id, hideLabel: true } as const;
  const [adding, setAdding] = useState(false);
  return (
    <div>
      <Row $columns="auto 1.2fr 0.8fr 0.8fr 0.8fr 1fr auto">
        <Text as="strong" $pad="5px 0 0">
          {name} · {mine.length} code{mine.length === 1 ? '' : 's'}
          {repaired && <Quiet> after the repair</Quiet>}
        </Text>
        <ChoiceField {...b} field="phase" label="Taken" options={takenOptions(scan.phase)} empty="driven?" />
        <ChoiceField
          {...b}
          field="key"
          label="Key"
          options={[
            { value: '', label: 'key?' },
            { value: 'off', label: 'key off' },
            { value: 'on', label: 'key on' },
            { value: 'start', label: 'key start' },
          ]}
        />
        <ChoiceField
          {...b}
          field="engine"
          label="Engine"
          options={[
            { value: '', label: 'engine?' },
            { value: 'off', label: 'engine off' },
            { value: 'cranking', label: 'cranking' },
            { value: 'running', label: 'running' },
          ]}
        />
        <LineField {...b} field="battery" label="Battery" figure placeholder="battery V" />
        <LineField {...b} field="tool" label="Tool" placeholder="tool" />
        <IconButton aria-label={`Remove ${name}`} onPress={() => remove('scan', scan.id, name)}>
          <X aria-hidden="true" />
        </IconButton>
      </Row>
      {adding && <AddCode scan={scan} onClose={() => setAdding(false)} />}
      <Inline $gap={6} $margin="2px 0 0">
        <ScanCoverage scan={scan} />
        {!adding && (
          <Button $kind="quiet" onPress={() => setAdding(true)}>
            <Plus aria-hidden="true" /> Code
          </Button>
        )}
        {silent.map((m) => (
          <Tag key={m.id} $tone="fail">
            {m.name} did not answer
          </Tag>
        ))}
        {lost.map((m) => (
          <Tag key={m.id} $tone="unsure">
            {m.name} not read: the tool broke off
          </Tag>
        ))}
        {waiting.length > 0 && <Tag $tone="unsure">not run yet: {waiting.map((m) => m.name).join(', ')}</Tag>}
        {done.length > 0 && (
          <Tag title={done.map((m) => m.name).join(', ')}>
            {done.length} monitor{done.length === 1 ? '' : 's'} complete
          </Tag>
        )}
        {scan.leftover.length > 0 && (
          <Text as="details" $size="small">
            <summary>
              {scan.leftover.length} line{scan.leftover.length === 1 ? '' : 's'} not understood
            </summary>
            <Raw>{scan.leftover.join('\n')}</Raw>
          </Text>
        )}
        {live.length > 0 && (
          <Text as="details" $size="small" $whole>
            <summary>Values at that moment: {live.length}</summary>
            <Values rows={live.map((l) => ({ id: l.id, name: l.name, entered: l.entered }))} />
          </Text>
        )}
        <Cell $whole>
          <Files scanId={scan.id} label={`Photos of ${name}`} />
        </Cell>
        {frames.length > 0 && (
          <Text as="details" $size="small" $whole>
            <summary>Freeze frame: {frames.length} values</summary>
            <Values
              rows={frames.map((f) => ({
                id: f.id,
                name: `${mine.find((c) => c.id === f.codeId)?.code ?? ''} ${f.name}`,
                entered: f.entered,
              }))}
            />
          </Text>
        )}
      </Inline>
    </div>
  );
}

/** A clear in the order of the evidence; flagged when no scan was recorded before it. */
export function ClearItem({ clear }: { clear: RowOf<'clear'> }) {
  const scans = useCase((s) => s.record.scan);
  const clears = useCase((s) => s.record.clear);
  const remove = useCase((s) => s.remove);
  const blind = unrecordedClears(scans, clears).includes(clear.id);
  return (
    <Inline $gap={8} $align="center" $nowrap>
      <strong>Codes cleared</strong>
      {blind && <Tag $tone="fail">without a scan before it: what stood there is lost</Tag>}
      <Cell as="span" $grow>
        <LineField kind="clear" id={clear.id} field="note" label="Note" hideLabel placeholder="note" />
      </Cell>
      <IconButton aria-label="Remove this clear" onPress={() => remove('clear', clear.id, 'clear')}>
        <X aria-hidden="true" />
      </IconButton>
    </Inline>
  );
}

/** Names with their values, in columns. */
function Values({ rows }: { rows: { id: string; name: string; entered: string }[] }) {
  return (
    <Columns>
      {rows.map((r) => (
        <Inline key={r.id} $gap={8} $justify="space-between" $nowrap>
          <Text as="dt" $tone="ink-2">
            {r.name}
          </Text>
          <dd>
            <Figure>{r.entered}</Figure>
          </dd>
        </Inline>
      ))}
    </Columns>
  );
}
