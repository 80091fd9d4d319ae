import styled from 'styled-components';
import type { CircuitDrawing, DrawnItem, DrawnPlace } from '@/core/checks';
import { layOutCircuit, LINE_BELOW, type PlacedItem } from './circuit-layout';
import { CircuitSymbol } from './circuit-symbols';
import { VerdictShape } from './marks';

/** A circuit with its probe points: what a good one reads there, what was found, and where the fault would lie. */

const Scroll = styled.div`
  overflow-x: auto;
  // Its width is the page's: a wide circuit scrolls within it.
  contain: inline-size;
  & svg {
    display: block;
  }
  && text {
    font-family: var(--sans);
    font-size: 12px;
    fill: var(--ink-2);
  }
  && .place {
    fill: var(--ink);
    font-weight: 600;
  }
  && .found {
    font-family: var(--mono);
    fill: var(--ink);
    font-weight: 600;
  }
  & .line {
    fill: none;
    stroke: var(--ink-2);
    stroke-width: 1.6;
  }
  & .halo {
    fill: none;
    stroke: var(--unsure);
    stroke-width: 1.6;
    stroke-dasharray: 5 3;
  }
  && .suspect > text {
    fill: var(--unsure);
  }
  & .suspect .line {
    stroke: var(--unsure);
    stroke-width: 2.2;
  }
  & .probe {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.8;
  }
  & .next {
    fill: var(--accent);
    stroke: var(--accent);
  }
  && .next-word {
    fill: var(--accent);
    font-weight: 600;
  }
  & .moves {
    stroke: var(--ink-3);
    stroke-dasharray: 2 4;
    fill: none;
  }
`;
const Caption = styled.figcaption`
  flex-wrap: wrap;
`;

const isSuspect = (item: DrawnItem): boolean =>
  'place' in item ? item.place.suspect : 'symbol' in item && item.suspect;

export function CircuitDiagram({ drawing }: { drawing: CircuitDrawing }) {
  const { lines, width, height, joint } = layOutCircuit(drawing);
  const anySuspect = drawing.lines.flat().some(isSuspect) || drawing.joins?.suspect;
  const moved = drawing.moves && [drawing.moves.from, drawing.moves.to].map(([l, i]) => lines[l]!.items[i]!);
  return (
    <>
      <Scroll>
        <svg width={width} height={height} aria-hidden="true">
          {lines.map((line, i) => (
            <g key={i} transform={`translate(0 ${line.y})`}>
              {line.items.map((item, k) => (
                <Item key={k} item={item} />
              ))}
              {joint && drawing.joins?.lines.includes(i) && (
                <path className="line" d={`M${line.right} 0H${joint.x}`} />
              )}
            </g>
          ))}
          {joint && (
            <g className={drawing.joins?.suspect ? 'suspect' : undefined}>
              <path className="line" d={`M${joint.x} ${joint.top}V${joint.bottom}`} />
              <text x={joint.x + 8} y={(joint.top + joint.bottom) / 2 - 8}>
                {drawing.joins?.label}
              </text>
            </g>
          )}
          {moved && (
            <path
              className="moves"
              d={`M${moved[0]!.x + moved[0]!.width / 2} ${lines[drawing.moves!.from[0]]!.y - 9}V${lines[drawing.moves!.to[0]]!.y + 4}`}
            />
          )}
        </svg>
      </Scroll>
      <Caption>
        {anySuspect && (
          <span>
            <svg width="20" height="12" aria-hidden="true">
              <rect
                x="1"
                y="1"
                width="18"
                height="10"
                rx="3"
                fill="none"
                stroke="var(--unsure)"
                strokeDasharray="5 3"
                strokeWidth="1.6"
              />
            </svg>
            a fault that goes with the readings would lie here
          </span>
        )}
      </Caption>
    </>
  );
}

function Item({ item: { item, x, width } }: { item: PlacedItem }) {
  if ('place' in item) return <Place place={item.place} x={x} width={width} />;
  if ('end' in item)
    return (
      <g transform={`translate(${x} 0)`}>
        <CircuitSymbol symbol={item.end} width={width} isFirst={x === 0} />
        <text x={x === 0 ? 2 : width / 2} y={-14} textAnchor={x === 0 ? 'start' : 'middle'}>
          {item.label}
        </text>
      </g>
    );
  return (
    <g transform={`translate(${x} 0)`} className={item.suspect ? 'suspect' : undefined}>
      <CircuitSymbol symbol={item.symbol} width={width} />
      <text x={width / 2} y={-14} textAnchor="middle">
        {item.label}
      </text>
      {item.suspect && <rect className="halo" x={1} y={-11} width={width - 2} height={22} rx={5} />}
    </g>
  );
}

/** Words in at most two rows of about equal length. */
function twoRows(label: string): string[] {
  if (label.length <= 16) return [label];
  const blanks = [...label.matchAll(/ /g)].map((m) => m.index);
  const middle = blanks.sort((a, b) => Math.abs(a - label.length / 2) - Math.abs(b - label.length / 2))[0];
  return middle === undefined ? [label] : [label.slice(0, middle), label.slice(middle + 1)];
}

function Place({ place, x, width }: { place: DrawnPlace; x: number; width: number }) {
  const rows = twoRows(place.label);
  const isNext = place.readings.some((r) => r.next);
  const texts = place.readings.flatMap((r) => [
    { key: `${r.state} state`, className: '', text: r.state, verdict: undefined },
    r.found
      ? { key: `${r.state} found`, className: 'found', text: r.found, verdict: r.verdict }
      : {
          key: `${r.state} expected`,
          className: r.next ? 'next-word' : '',
          text: r.next ? 'measure next' : `good: ${r.expected}`,
          verdict: undefined,
        },
    ...(r.found && r.verdict === 'fail'
      ? [{ key: `${r.state} good`, className: '', text: `good: ${r.expected}`, verdict: undefined }]
      : []),
  ]);
  return (
    <g transform={`translate(${x} 0)`}>
      <path className="line" d={`M0 0H${width}`} />
      {place.suspect && <rect className="halo" x={width / 2 - 11} y={-11} width={22} height={22} rx={5} />}
      <circle className={isNext ? 'probe next' : 'probe'} cx={width / 2} cy={0} r={5} />
      {rows.map((row, i) => (
        <text
          key={row}
          className="place"
          x={width / 2}
          y={-16 - 14 * (rows.length - 1 - i)}
          textAnchor="middle"
        >
          {row}
        </text>
      ))}
      {texts.map((t, i) => (
        <g key={t.key} transform={`translate(0 ${LINE_BELOW + i * 15})`}>
          {t.verdict && (
            <g transform={`translate(${width / 2 - 4.2 * t.text.length - 14} -10)`}>
              <VerdictShape verdict={t.verdict} size={11} />
            </g>
          )}
          <text className={t.className} x={width / 2} y={0} textAnchor="middle">
            {t.text}
          </text>
        </g>
      ))}
    </g>
  );
}
