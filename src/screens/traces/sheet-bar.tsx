'use client';

import { Download, Layers, Rows3, Scan } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { Button, Choice, FieldLabel, Input, Quiet, Segments } from '@/ui/controls';
import { saveFile } from '@/ui/save-file';
import { LineField } from '../case/fields';
import { useCase } from '../case/saving/store';
import { useSheet, useTrace, useTraceStore } from './open-trace';

const ChannelPanel = dynamic(() => import('./channel-panel').then((m) => m.ChannelPanel), { ssr: false });

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: end;
  padding: 4px 12px 6px;
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
  & input[type='checkbox'] {
    accent-color: var(--accent);
  }
`;
const Channels = styled.fieldset`
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  & label {
    display: inline-flex;
    gap: 5px;
    align-items: center;
    min-height: 32px;
    font-weight: 600;
    font-size: 0.875rem;
  }
  @media (pointer: coarse) {
    & label {
      min-height: 44px;
    }
  }
`;

const number = (text: string, otherwise: number): number => {
  const n = Number(text.replace(',', '.'));
  return text.trim() === '' || Number.isNaN(n) ? otherwise : n;
};

/** What lies on the sheet and how: channels, layout, where the crank stands, another trace laid over it. */
export function SheetBar({
  trace,
  order,
  others,
  onOver,
  problem,
}: {
  trace: RowOf<'trace'>;
  order: string;
  others: { id: string; name: string }[];
  onOver: (id: string) => void;
  problem: string;
}) {
  const store = useTraceStore();
  const { sheet, write } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const over = useTrace((s) => s.over);
  const cycles = useTrace((s) => s.cycles);
  const touch = useTrace((s) => s.touch);
  const caseNumber = useCase((s) => s.record.case.number);
  const [crankOpen, setCrankOpen] = useState(false);
  const [channelsOpen, setChannelsOpen] = useState(false);
  const crank = sheet.crank ?? { channel: '', cylinder: 1, every: 720 as const, advance: 0 };
  const save = async () => {
    const { span, worker } = store.getState();
    const name = `case-${caseNumber}-${trace.name || 'trace'}.csv`.replace(/[^\w.-]+/g, '-');
    saveFile(await worker.api.csv(span.from, span.to), name);
  };
  return (
    <Bar>
      <div style={{ minWidth: 190 }}>
        <LineField kind="trace" id={trace.id} field="name" label="Trace" />
      </div>
      <Channels>
        <legend className="visually-hidden">Channels shown</legend>
        {loaded.channels.map((c, i) => (
          <label key={c.name} style={{ color: `var(--line-${(i % 8) + 1})` }}>
            <input
              type="checkbox"
              checked={!sheet.hidden.includes(c.name)}
              onChange={(e) =>
                write({
                  hidden: e.target.checked
                    ? sheet.hidden.filter((h) => h !== c.name)
                    : [...sheet.hidden, c.name],
                })
              }
            />
            {c.name}
          </label>
        ))}
      </Channels>
      <Segments
        label="A touch on the sheet"
        value={touch}
        options={[
          { value: 'move', label: 'move' },
          { value: 'first', label: 'first mark' },
          { value: 'second', label: 'second mark' },
          { value: 'pin', label: 'note' },
          ...(over ? [{ value: 'over', label: 'move the other' }] : []),
        ]}
        onChange={(v) => store.setState({ touch: (v || 'move') as typeof touch })}
      />
      <Button
        $kind="quiet"
        aria-pressed={sheet.layout === 'over'}
        onPress={() => write({ layout: sheet.layout === 'under' ? 'over' : 'under' })}
      >
        {sheet.layout === 'under' ? <Layers aria-hidden="true" /> : <Rows3 aria-hidden="true" />}{' '}
        {sheet.layout === 'under' ? 'Overlaid' : 'Stacked'}
      </Button>
      <Button $kind="quiet" onPress={() => store.setState({ span: { from: loaded.from, to: loaded.to } })}>
        <Scan aria-hidden="true" /> Whole
      </Button>
      <Button $kind="quiet" aria-expanded={channelsOpen} onPress={() => setChannelsOpen(!channelsOpen)}>
        Channels …
      </Button>
      <Button $kind="quiet" aria-expanded={crankOpen} onPress={() => setCrankOpen(!crankOpen)}>
        Crank …
      </Button>
      <Choice
        label="It stands for"
        value={sheet.stands}
        options={['', 'before', 'after', 'known-good']}
        onChange={(v) => write({ stands: v as typeof sheet.stands })}
      />
      {others.length > 0 && (
        <Choice
          label="Overlay"
          value={over ? (others.find((o) => o.name === over.name)?.id ?? '') : ''}
          options={[{ value: '', label: 'nothing' }, ...others.map((o) => ({ value: o.id, label: o.name }))]}
          onChange={onOver}
        />
      )}
      {over && (
        <>
          <div style={{ width: 92 }}>
            <FieldLabel htmlFor="over-shift">moved, s</FieldLabel>
            <Input
              id="over-shift"
              $figure
              value={String(Number(over.shift.toPrecision(6)))}
              onChange={(e) => store.setState({ over: { ...over, shift: number(e.target.value, 0) } })}
            />
          </div>
          <div style={{ width: 92 }}>
            <FieldLabel htmlFor="over-stretch">stretched, ×</FieldLabel>
            <Input
              id="over-stretch"
              $figure
              defaultValue={String(over.stretch)}
              onChange={(e) =>
                store.setState({ over: { ...over, stretch: Math.max(1e-6, number(e.target.value, 1)) } })
              }
            />
          </div>
        </>
      )}
      <Button $kind="quiet" onPress={() => void save()}>
        <Download aria-hidden="true" /> What is shown, as CSV
      </Button>
      {problem && (
        <p role="alert" style={{ color: 'var(--fail)', flexBasis: '100%' }}>
          {problem}
        </p>
      )}
      {channelsOpen && <ChannelPanel />}
      {crankOpen && (
        <div
          style={{ flexBasis: '100%', display: 'flex', flexWrap: 'wrap', gap: '4px 14px', alignItems: 'end' }}
        >
          <Choice
            label="Trigger channel"
            value={crank.channel}
            options={[{ value: '', label: 'none' }, ...loaded.channels.map((c) => c.name)]}
            onChange={(v) => write({ crank: v === '' ? null : { ...crank, channel: v } })}
          />
          <div style={{ width: 90 }}>
            <FieldLabel htmlFor="crank-cylinder">Its cylinder</FieldLabel>
            <Input
              id="crank-cylinder"
              $figure
              inputMode="numeric"
              value={String(crank.cylinder)}
              onChange={(e) =>
                write({ crank: { ...crank, cylinder: Math.max(1, Math.round(number(e.target.value, 1))) } })
              }
            />
          </div>
          <Choice
            label="It comes every"
            value={String(crank.every)}
            options={[
              { value: '720', label: '720° (once a cycle)' },
              { value: '360', label: '360° (every turn)' },
            ]}
            onChange={(v) => write({ crank: { ...crank, every: v === '360' ? 360 : 720 } })}
          />
          <div style={{ width: 120 }}>
            <FieldLabel htmlFor="crank-advance">Before TDC by, °</FieldLabel>
            <Input
              id="crank-advance"
              $figure
              inputMode="decimal"
              value={String(crank.advance)}
              onChange={(e) => write({ crank: { ...crank, advance: number(e.target.value, 0) } })}
            />
          </div>
          <div style={{ width: 170 }}>
            <FieldLabel htmlFor="crank-order">Firing order</FieldLabel>
            <Input
              id="crank-order"
              $figure
              placeholder={order || '1-3-4-2'}
              value={sheet.order}
              onChange={(e) => write({ order: e.target.value })}
            />
          </div>
          <div style={{ width: 230 }}>
            <FieldLabel htmlFor="crank-angles">Angles, if it fires unevenly</FieldLabel>
            <Input
              id="crank-angles"
              $figure
              placeholder="0 90 240 330 480 570"
              value={sheet.angles}
              onChange={(e) => write({ angles: e.target.value })}
            />
          </div>
          <Quiet>
            {sheet.crank === null
              ? ''
              : cycles.length > 1
                ? `${cycles.length - 1} cycles`
                : 'No trigger stands out of this channel.'}
          </Quiet>
        </div>
      )}
    </Bar>
  );
}
