'use client';

import {
  Bar,
  BarChart,
  CartesianGrid,
  Cell,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import styled from 'styled-components';
import type { Drawing } from '@/core/checks';
import { CircuitDiagram } from './circuit-diagram';
import { VerdictMark, VerdictShape } from './marks';

/** A check's drawing: bars with limits, a curve against its reference, or a table. */

const Frame = styled.figure`
  margin: 8px 0 0;
  padding: 8px 6px 2px;
  background: var(--raised);
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  max-width: 620px;
  & figcaption {
    font-size: 0.75rem;
    color: var(--ink-3);
    padding: 0 8px 4px;
    display: flex;
    gap: 14px;
  }
  & figcaption span {
    display: inline-flex;
    align-items: center;
    gap: 5px;
  }
  & text {
    fill: var(--ink-2);
    font-size: 12px;
    font-family: var(--mono);
  }
`;
const WideFrame = styled(Frame)`
  max-width: none;
  & summary {
    padding: 6px 8px;
    color: var(--ink-2);
    font-size: 0.8125rem;
    cursor: pointer;
  }
`;
const Table = styled.table`
  border-collapse: collapse;
  font-size: 0.875rem;
  width: 100%;
  & th {
    text-align: left;
    font-weight: 600;
    color: var(--ink-3);
    font-size: 0.75rem;
  }
  & th,
  & td {
    padding: 4px 8px;
    border-bottom: 1px solid var(--rule);
  }
  & tr:last-child td {
    border-bottom: 0;
  }
  & .figure {
    font-family: var(--mono);
  }
`;

const tone = (verdict: string) => (verdict === '' ? 'var(--ink-3)' : `var(--${verdict})`);
const axis = { stroke: 'var(--rule-2)', tick: { fill: 'var(--ink-2)', fontSize: 12 } };
const box = {
  background: 'var(--sheet)',
  border: '1px solid var(--rule-2)',
  borderRadius: 4,
  color: 'var(--ink)',
  fontSize: 13,
};
const short = (v: number) => String(Number(v.toPrecision(4)));

export default function CheckDrawing({ drawing }: { drawing: Drawing }) {
  if (drawing.kind === 'table')
    return (
      <Frame>
        <Rows {...drawing} />
      </Frame>
    );
  if (drawing.kind === 'circuit')
    return (
      <WideFrame>
        <CircuitDiagram drawing={drawing} />
        <details>
          <summary>As a table</summary>
          <Rows {...drawing} />
        </details>
      </WideFrame>
    );
  return drawing.kind === 'bars' ? <Bars drawing={drawing} /> : <Curves drawing={drawing} />;
}

function Bars({ drawing }: { drawing: Extract<Drawing, { kind: 'bars' }> }) {
  const withUnit = (v: number) => `${short(v)} ${drawing.unit}`.trim();
  const words = drawing.bars
    .map(
      (b) =>
        `${b.at}: ${b.before === undefined ? '' : `before ${withUnit(b.before)}, now `}${withUnit(b.value)}`,
    )
    .join('; ');
  const highest = Math.max(...drawing.bars.flatMap((b) => [b.value, b.before ?? b.value]));
  const repeated = drawing.bars.some((b) => b.before !== undefined);
  const now = repeated ? 'now' : '';
  return (
    <Frame role="img" aria-label={words}>
      <ResponsiveContainer width="100%" height={180}>
        <BarChart data={drawing.bars} margin={{ top: 14, right: 12, bottom: 0, left: 0 }}>
          <CartesianGrid stroke="var(--rule)" vertical={false} />
          <XAxis dataKey="at" {...axis} interval={0} />
          <YAxis
            {...axis}
            width={52}
            tickFormatter={short}
            // A bar begins at zero, also where all values lie below it.
            domain={[(low: number) => Math.min(0, low), highest > 0 ? 'auto' : 0]}
          />
          <Tooltip
            contentStyle={box}
            cursor={{ fill: 'var(--sunk)' }}
            formatter={(v, name) => [withUnit(Number(v)), name === 'before' ? 'before' : now]}
            separator={repeated ? ': ' : ''}
          />
          {[drawing.low, drawing.high].map(
            (v, i) =>
              v !== undefined && (
                <ReferenceLine
                  key={i}
                  y={v}
                  stroke="var(--ink)"
                  strokeDasharray="6 4"
                  ifOverflow="extendDomain"
                />
              ),
          )}
          {repeated && (
            <Bar
              dataKey="before"
              isAnimationActive={false}
              maxBarSize={46}
              radius={[3, 3, 0, 0]}
              fill="none"
              stroke="var(--ink-3)"
              strokeWidth={1.5}
            />
          )}
          <Bar dataKey="value" isAnimationActive={false} maxBarSize={46} radius={[3, 3, 0, 0]}>
            {drawing.bars.map((b) => (
              <Cell
                key={b.at}
                fill={b.verdict === 'fail' ? tone('fail') : 'var(--sunk)'}
                stroke={tone(b.verdict)}
                strokeWidth={1.5}
                strokeDasharray={b.verdict === 'unsure' ? '4 3' : undefined}
              />
            ))}
          </Bar>
        </BarChart>
      </ResponsiveContainer>
      <figcaption>
        {(['fail', 'unsure'] as const).map(
          (v) =>
            drawing.bars.some((b) => b.verdict === v) && (
              <span key={v}>
                <VerdictShape verdict={v} size={11} /> {v}:{' '}
                {drawing.bars
                  .filter((b) => b.verdict === v)
                  .map((b) => b.at)
                  .join(', ')}
              </span>
            ),
        )}
        {(drawing.low !== undefined || drawing.high !== undefined) && <span>- - limit</span>}
        {repeated && <span>outline: before</span>}
        {drawing.unit && <span>in {drawing.unit}</span>}
      </figcaption>
    </Frame>
  );
}

function Curves({ drawing }: { drawing: Extract<Drawing, { kind: 'curve' }> }) {
  return (
    <Frame
      role="img"
      aria-label={`${drawing.lines.map((l) => l.name).join(' and ')}, ${drawing.y} over ${drawing.x}`}
    >
      <ResponsiveContainer width="100%" height={210}>
        <LineChart margin={{ top: 12, right: 18, bottom: 4, left: 0 }}>
          <CartesianGrid stroke="var(--rule)" />
          <XAxis
            dataKey="x"
            type="number"
            domain={['dataMin', 'dataMax']}
            {...axis}
            tickFormatter={short}
            allowDuplicatedCategory={false}
          />
          <YAxis dataKey="y" {...axis} width={52} tickFormatter={short} />
          <Tooltip
            contentStyle={box}
            formatter={(v, name) => [`${short(Number(v))} ${drawing.y}`, String(name)]}
            labelFormatter={(v) => `${short(Number(v))} ${drawing.x}`}
          />
          {drawing.lines.map((l) => (
            <Line
              key={l.name}
              data={l.points}
              dataKey="y"
              name={l.name}
              isAnimationActive={false}
              stroke={l.role === 'reference' ? 'var(--ink-3)' : 'var(--accent)'}
              strokeWidth={l.role === 'reference' ? 1.5 : 2.5}
              strokeDasharray={l.role === 'reference' ? '6 4' : undefined}
              dot={{
                r: l.role === 'reference' ? 2.5 : 4,
                fill: l.role === 'reference' ? 'var(--sheet)' : 'var(--accent)',
              }}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
      <figcaption>
        {drawing.lines.map((l) => (
          <span key={l.name}>
            <svg width="22" height="8" aria-hidden="true">
              <path
                d="M0 4h22"
                stroke={l.role === 'reference' ? 'var(--ink-3)' : 'var(--accent)'}
                strokeWidth={l.role === 'reference' ? 1.5 : 2.5}
                strokeDasharray={l.role === 'reference' ? '5 3' : undefined}
              />
            </svg>
            {l.name}
          </span>
        ))}
        <span>
          {drawing.y} {drawing.x && `over ${drawing.x}`}
        </span>
      </figcaption>
    </Frame>
  );
}

function Rows({ head, rows }: Pick<Extract<Drawing, { kind: 'table' }>, 'head' | 'rows'>) {
  return (
    <Table>
      <thead>
        <tr>
          {head.map((title) => (
            <th key={title} scope="col">
              {title}
            </th>
          ))}
          <th scope="col">
            <span className="visually-hidden">Verdict</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r, i) => (
          <tr key={i}>
            {r.cells.map((c, k) => (
              <td key={k} className={k >= 2 ? 'figure' : undefined}>
                {c}
              </td>
            ))}
            <td>{r.verdict !== '' && <VerdictMark verdict={r.verdict} small />}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
