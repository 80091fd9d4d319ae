'use client';

import { X } from 'lucide-react';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { IconButton, Input, Quiet } from '@/ui/controls';
import { lineInk } from './draw';
import { useSheet, useTrace, useTraceStore } from './open-trace';
import { frequencyLabel, clampSpan, spanLabel, timeLabel } from './view';

const ChannelHead = styled.th<{ $line: number }>`
  && {
    color: var(${({ $line }) => lineInk($line)});
    font-weight: 600;
  }
`;
const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  align-items: center;
  padding: 6px 12px;
  border-top: 1px solid var(--rule);
  background: var(--sheet);
  font-size: 0.8125rem;
  & table {
    border-collapse: collapse;
  }
  & td,
  & th {
    padding: 1px 12px 1px 0;
    text-align: right;
    font-weight: 400;
  }
  & th:first-child {
    text-align: left;
  }
  & td {
    font: 0.8125rem/1.4 var(--mono);
  }
  & thead th {
    color: var(--ink-3);
    font-size: 0.75rem;
  }
`;
const Pins = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  & li {
    display: flex;
    gap: 4px;
    align-items: center;
  }
  & input {
    width: 210px;
  }
  & button[data-go] {
    font: 0.8125rem var(--mono);
    color: var(--accent);
    background: none;
    border: 0;
    padding: 4px;
    cursor: pointer;
    text-decoration: underline;
  }
`;

/** Degrees of the crank between two moments, from marks one cycle apart. */
function degrees(cycles: readonly number[], a: number, b: number, every: number): number | undefined {
  const at = (t: number) => {
    if (cycles.length < 2 || t < cycles[0]! || t > cycles.at(-1)!) return NaN;
    const i = Math.min(
      cycles.findLastIndex((c) => c <= t),
      cycles.length - 2,
    );
    return (i + (t - cycles[i]!) / (cycles[i + 1]! - cycles[i]!)) * every;
  };
  const d = at(b) - at(a);
  return Number.isNaN(d) ? undefined : d;
}

/** What the marks read: moments, values and their differences; and the notes that are pinned. */
export function Readout() {
  const store = useTraceStore();
  const { sheet, write } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const cycles = useTrace((s) => s.cycles);
  const worker = useTrace((s) => s.worker);
  const [a, b] = sheet.marks;
  const [values, setValues] = useState<number[][]>([]);
  useEffect(() => {
    let on = true;
    const moments = [a, b].filter((t) => t !== null);
    void worker.api.values(moments).then((v) => on && setValues(v));
    return () => {
      on = false;
    };
    // What was laid out anew reads otherwise at the same moments.
  }, [a, b, worker, loaded]);
  // The values of the moments that are marked, in their order.
  const at = (t: number | null, i: number) =>
    t === null ? undefined : values[t === a || a === null ? 0 : 1]?.[i];
  const figure = (v: number | undefined, unit: string) =>
    v === undefined || Number.isNaN(v) ? '—' : `${Number(v.toPrecision(5))} ${unit}`;
  const whole = { from: loaded.from, to: loaded.to };
  const turn = a !== null && b !== null ? degrees(cycles, a, b, sheet.crank?.every ?? 720) : undefined;
  const shown = loaded.channels.map((c, i) => ({ c, i })).filter(({ c }) => !sheet.hidden.includes(c.name));
  return (
    <Bar>
      {a === null && b === null ? (
        <Quiet>
          Click, or press F and G, to place the first and second mark. Drag or arrow keys move, wheel or pinch
          zooms, W shows the whole.
        </Quiet>
      ) : (
        <table aria-label="Marks">
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Channel</span>
              </th>
              <th scope="col">first</th>
              <th scope="col">second</th>
              <th scope="col">difference</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <th scope="row">time</th>
              <td>{a === null ? '—' : timeLabel(a, whole, 2)}</td>
              <td>{b === null ? '—' : timeLabel(b, whole, 2)}</td>
              <td>
                {a !== null && b !== null && a !== b
                  ? `${spanLabel(b - a)} · ${frequencyLabel(b - a)}${turn === undefined ? '' : ` · ${turn.toFixed(1)}°`}`
                  : '—'}
              </td>
            </tr>
            {shown.map(({ c, i }) => {
              const [va, vb] = [at(a, i), at(b, i)];
              return (
                <tr key={c.name}>
                  <ChannelHead scope="row" $line={i}>
                    {c.name}
                  </ChannelHead>
                  <td>{figure(va, c.unit)}</td>
                  <td>{figure(vb, c.unit)}</td>
                  <td>{va !== undefined && vb !== undefined ? figure(vb - va, c.unit) : '—'}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      {(a !== null || b !== null) && (
        <IconButton aria-label="Remove the marks" onPress={() => write({ marks: [null, null] })}>
          <X aria-hidden="true" />
        </IconButton>
      )}
      {sheet.pins.length > 0 && (
        <Pins aria-label="Notes on the trace">
          {sheet.pins.map((p) => (
            <li key={p.id}>
              <button
                data-go
                type="button"
                onClick={() => {
                  const { span } = store.getState();
                  const half = (span.to - span.from) / 2;
                  store.setState({ span: clampSpan({ from: p.at - half, to: p.at + half }, loaded) });
                }}
              >
                {timeLabel(p.at, whole)}
              </button>
              <Input
                aria-label={`Note at ${timeLabel(p.at, whole)}`}
                value={p.words}
                maxLength={400}
                onFocus={(e) => e.target.select()}
                onChange={(e) =>
                  write({
                    pins: sheet.pins.map((x) => (x.id === p.id ? { ...x, words: e.target.value } : x)),
                  })
                }
              />
              <IconButton
                aria-label={`Remove the note at ${timeLabel(p.at, whole)}`}
                onPress={() => write({ pins: sheet.pins.filter((x) => x.id !== p.id) })}
              >
                <X aria-hidden="true" />
              </IconButton>
            </li>
          ))}
        </Pins>
      )}
    </Bar>
  );
}
