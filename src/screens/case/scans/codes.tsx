'use client';

import { Plus, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { doneRepairs, type RowOf } from '@/core/case';
import { unrecordedClears } from '@/core/codes';
import { Button, Figure, IconButton, Quiet, Tag } from '@/ui/controls';
import { ChoiceField, LineField, Row } from '../fields';
import { Files } from '../files';
import { ScanCoverage } from './scan-coverage';
import { useCase } from '../saving/store';

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
        <strong style={{ paddingTop: 5 }}>
          {name} · {mine.length} code{mine.length === 1 ? '' : 's'}
          {repaired && <Quiet> after the repair</Quiet>}
        </strong>
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
      <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap', marginTop: 2 }}>
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
          <details style={{ fontSize: '0.8125rem' }}>
            <summary>
              {scan.leftover.length} line{scan.leftover.length === 1 ? '' : 's'} not understood
            </summary>
            <pre style={{ margin: 4, maxHeight: 140, overflow: 'auto' }}>{scan.leftover.join('\n')}</pre>
          </details>
        )}
        {live.length > 0 && (
          <details style={{ fontSize: '0.8125rem', flexBasis: '100%' }}>
            <summary>Values at that moment: {live.length}</summary>
            <Values rows={live.map((l) => ({ id: l.id, name: l.name, entered: l.entered }))} />
          </details>
        )}
        <div style={{ flexBasis: '100%' }}>
          <Files scanId={scan.id} label={`Photos of ${name}`} />
        </div>
        {frames.length > 0 && (
          <details style={{ fontSize: '0.8125rem', flexBasis: '100%' }}>
            <summary>Freeze frame: {frames.length} values</summary>
            <Values
              rows={frames.map((f) => ({
                id: f.id,
                name: `${mine.find((c) => c.id === f.codeId)?.code ?? ''} ${f.name}`,
                entered: f.entered,
              }))}
            />
          </details>
        )}
      </div>
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
    <div style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
      <strong>Codes cleared</strong>
      {blind && <Tag $tone="fail">without a scan before it: what stood there is lost</Tag>}
      <span style={{ flex: 1 }}>
        <LineField kind="clear" id={clear.id} field="note" label="Note" hideLabel placeholder="note" />
      </span>
      <IconButton aria-label="Remove this clear" onPress={() => remove('clear', clear.id, 'clear')}>
        <X aria-hidden="true" />
      </IconButton>
    </div>
  );
}

/** Names with their values, in columns. */
function Values({ rows }: { rows: { id: string; name: string; entered: string }[] }) {
  return (
    <dl
      style={{
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))',
        gap: '2px 18px',
        padding: '4px 0',
      }}
    >
      {rows.map((r) => (
        <div key={r.id} style={{ display: 'flex', justifyContent: 'space-between', gap: 8 }}>
          <dt style={{ color: 'var(--ink-2)' }}>{r.name}</dt>
          <dd>
            <Figure>{r.entered}</Figure>
          </dd>
        </div>
      ))}
    </dl>
  );
}
