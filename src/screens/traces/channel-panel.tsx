'use client';

import { FlipVertical2, Plus, X } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { DERIVED_KINDS, type DerivedSpec } from '@/core/traces';
import { Button, Choice, FieldLabel, IconButton, Input } from '@/ui/controls';
import { Cell, Inline, Text } from '@/ui/layout';
import { useSheet, useTrace } from './open-trace';

const Panel = styled.div`
  flex-basis: 100%;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 28px;
  align-items: start;
  padding: 4px 0;
  & table {
    border-collapse: collapse;
    font-size: 0.875rem;
  }
  & th {
    text-align: left;
    font-weight: 400;
    padding-right: 12px;
  }
  & td {
    padding: 2px 8px 2px 0;
  }
  & td input {
    width: 92px;
  }
`;

const numberOr = (text: string, otherwise: number): number => {
  const n = Number(text.replace(',', '.'));
  return text.trim() === '' || Number.isNaN(n) ? otherwise : n;
};

/** The figure that a computed channel asks for. */
const ASKED_FOR: Partial<Record<DerivedSpec['kind'], string>> = {
  smoothed: 'Over, ms',
  'speed from a wheel': 'Teeth a turn',
};

const nameFor = (d: DerivedSpec): string =>
  ({
    difference: `${d.a} − ${d.b}`,
    ratio: `${d.a} / ${d.b}`,
    integral: `integral of ${d.a}`,
    smoothed: `${d.a}, smoothed over ${d.by} ms`,
    'speed from a wheel': `speed from ${d.a}`,
  })[d.kind].slice(0, 120);

/** Scale and offset of each channel, turned over or not, and channels computed from others. */
export function ChannelPanel() {
  const { sheet, write } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const own = loaded.channels.filter((c) => !sheet.derived.some((d) => d.name === c.name));
  const names = loaded.channels.map((c) => c.name);
  const [spec, setSpec] = useState<DerivedSpec>({
    name: '',
    kind: 'difference',
    a: names[0] ?? '',
    b: names[1] ?? '',
    by: 10,
  });
  const adjust = (name: string, change: { times?: number; plus?: number }) => {
    const before = sheet.adjust[name] ?? { times: 1, plus: 0 };
    write({ adjust: { ...sheet.adjust, [name]: { ...before, ...change } } });
  };
  const two = spec.kind === 'difference' || spec.kind === 'ratio';
  const asks = ASKED_FOR[spec.kind] ?? '';
  const taken = names.includes(nameFor(spec));
  return (
    <Panel>
      <table aria-label="Scale and offset">
        <thead>
          <tr>
            <th scope="col">Channel</th>
            <th scope="col">times</th>
            <th scope="col">plus</th>
            <th scope="col">
              <span className="visually-hidden">Invert</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {own.map((c) => {
            const is = sheet.adjust[c.name] ?? { times: 1, plus: 0 };
            return (
              <tr key={c.name}>
                <th scope="row">
                  {c.name}
                  {c.unit ? `, ${c.unit}` : ''}
                </th>
                <td>
                  <Input
                    aria-label={`${c.name}, times`}
                    $figure
                    key={is.times}
                    defaultValue={String(is.times)}
                    onBlur={(e) => adjust(c.name, { times: numberOr(e.target.value, 1) || 1 })}
                  />
                </td>
                <td>
                  <Input
                    aria-label={`${c.name}, plus`}
                    $figure
                    key={is.plus}
                    defaultValue={String(is.plus)}
                    onBlur={(e) => adjust(c.name, { plus: numberOr(e.target.value, 0) })}
                  />
                </td>
                <td>
                  <Button
                    $kind="quiet"
                    aria-pressed={is.times < 0}
                    onPress={() => adjust(c.name, { times: -is.times, plus: is.plus === 0 ? 0 : -is.plus })}
                  >
                    <FlipVertical2 aria-hidden="true" /> Invert
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Inline $gap="4px 12px" $align="end">
        <Choice
          label="Computed channel"
          value={spec.kind}
          options={[...DERIVED_KINDS]}
          onChange={(v) => {
            const kind = v as DerivedSpec['kind'];
            setSpec({ ...spec, kind, by: kind === 'speed from a wheel' ? 60 : 10 });
          }}
        />
        <Choice label="of" value={spec.a} options={names} onChange={(a) => setSpec({ ...spec, a })} />
        {two && (
          <Choice label="and" value={spec.b} options={names} onChange={(b) => setSpec({ ...spec, b })} />
        )}
        {asks !== '' && (
          <Cell $width={110}>
            <FieldLabel htmlFor="derived-by">{asks}</FieldLabel>
            <Input
              id="derived-by"
              $figure
              value={String(spec.by)}
              onChange={(e) => setSpec({ ...spec, by: Math.max(1e-6, numberOr(e.target.value, 1)) })}
            />
          </Cell>
        )}
        <Button
          isDisabled={taken || (two && spec.a === spec.b)}
          onPress={() => write({ derived: [...sheet.derived, { ...spec, name: nameFor(spec) }] })}
        >
          <Plus aria-hidden="true" /> Add
        </Button>
        <Text as="ul" aria-label="Computed channels" $whole>
          {sheet.derived.map((d) => (
            <Inline as="li" key={d.name} $gap={6} $align="center" $nowrap>
              {d.name}
              <IconButton
                aria-label={`Remove ${d.name}`}
                onPress={() => write({ derived: sheet.derived.filter((x) => x.name !== d.name) })}
              >
                <X aria-hidden="true" />
              </IconButton>
            </Inline>
          ))}
        </Text>
      </Inline>
    </Panel>
  );
}
