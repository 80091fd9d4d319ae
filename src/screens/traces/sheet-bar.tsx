'use client';

import { Download, Layers, Rows3, Scan } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import type { RowOf } from '@/core/case';
import { Button, Choice, FieldLabel, Input, Segments } from '@/ui/controls';
import { Cell, Problem } from '@/ui/layout';
import { saveFile } from '@/ui/save-file';
import { LineField } from '../case/fields';
import { useCase } from '../case/saving/store';
import { CrankFields } from './crank-fields';
import { lineInk } from './draw';
import { FigureField, numberOr } from './figure-field';
import { useSheet, useTrace, useTraceStore, type Over } from './open-trace';

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

const ChannelName = styled.label<{ $line: number }>`
  color: var(${({ $line }) => lineInk($line)});
`;

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
  const touch = useTrace((s) => s.touch);
  const caseNumber = useCase((s) => s.record.case.number);
  const [crankOpen, setCrankOpen] = useState(false);
  const [channelsOpen, setChannelsOpen] = useState(false);
  const save = async () => {
    const { span, worker } = store.getState();
    const name = `case-${caseNumber}-${trace.name || 'trace'}.csv`.replace(/[^\w.-]+/g, '-');
    saveFile(await worker.api.csv(span.from, span.to), name);
  };
  return (
    <Bar>
      <Cell $min={190}>
        <LineField kind="trace" id={trace.id} field="name" label="Trace" />
      </Cell>
      <ChannelBoxes />
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
      {over && <OverFields over={over} />}
      <Button $kind="quiet" onPress={() => void save()}>
        <Download aria-hidden="true" /> What is shown, as CSV
      </Button>
      {problem && <Problem $whole>{problem}</Problem>}
      {channelsOpen && <ChannelPanel />}
      {crankOpen && <CrankFields order={order} />}
    </Bar>
  );
}

/** Which channels are drawn, each name in the colour of its line. */
function ChannelBoxes() {
  const { sheet, write } = useSheet();
  const channels = useTrace((s) => s.loaded.channels);
  return (
    <Channels>
      <legend className="visually-hidden">Channels shown</legend>
      {channels.map((c, i) => (
        <ChannelName key={c.name} $line={i}>
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
        </ChannelName>
      ))}
    </Channels>
  );
}

/** Where the trace lies that is laid over this one. */
function OverFields({ over }: { over: Over }) {
  const store = useTraceStore();
  const put = (change: Partial<Over>) => store.setState({ over: { ...over, ...change } });
  return (
    <>
      <FigureField
        id="over-shift"
        label="moved, s"
        width={92}
        value={String(Number(over.shift.toPrecision(6)))}
        onType={(text) => put({ shift: numberOr(text, 0) })}
      />
      <Cell $width={92}>
        <FieldLabel htmlFor="over-stretch">stretched, ×</FieldLabel>
        <Input
          id="over-stretch"
          $figure
          defaultValue={String(over.stretch)}
          onChange={(e) => put({ stretch: Math.max(1e-6, numberOr(e.target.value, 1)) })}
        />
      </Cell>
    </>
  );
}
