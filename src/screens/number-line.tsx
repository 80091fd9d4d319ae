'use client';

import styled from 'styled-components';
import { Figure, Quiet } from '@/ui/controls';

export interface LineRow {
  name: string;
  points: { value: number; number: number }[];
}

const Frame = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 1fr));
  font-size: 0.8125rem;
  margin-top: 2px;
`;
const Ends = styled(Quiet)`
  display: flex;
  justify-content: space-between;
`;
const Row = styled.div`
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: minmax(0, 38%) minmax(0, 1fr);
  gap: 0 10px;
  align-items: center;
  & > span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & svg {
    width: 100%;
    height: 18px;
    display: block;
    overflow: visible;
  }
`;

/** Beyond these a row is a crowd. */
const ROWS = 6;
/** Room at both ends, in per cent of the width. */
const MARGIN = 4;

/**
 * Readings of past cases as dots on one scale, a row for each cause, with the threshold that parts them and where this
 * car stands. What is told by place is told in words for those who do not see it.
 */
export function NumberLine({
  rows,
  write,
  threshold,
  here,
}: {
  rows: LineRow[];
  /** Writes a value with its unit. */
  write: (value: number) => string;
  threshold?: number | undefined;
  here?: number | undefined;
}) {
  const shown = rows.slice(0, ROWS);
  const all = [
    ...shown.flatMap((r) => r.points.map((p) => p.value)),
    ...[threshold, here].filter((x) => x !== undefined),
  ];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const at = (v: number) =>
    `${high === low ? 50 : MARGIN + ((100 - 2 * MARGIN) * (v - low)) / (high - low)}%`;
  return (
    <Frame>
      {shown.map((r) => (
        <Row key={r.name}>
          <span title={r.name}>{r.name}</span>
          <svg role="img" aria-label={inWords(r, write)}>
            <line x1="0" x2="100%" y1="9" y2="9" stroke="var(--rule)" />
            {threshold !== undefined && (
              <line
                x1={at(threshold)}
                x2={at(threshold)}
                y1="0"
                y2="18"
                stroke="var(--ink-3)"
                strokeDasharray="2 2"
              />
            )}
            {r.points.map((p) => (
              <circle key={`${p.number} ${p.value}`} cx={at(p.value)} cy="9" r="3.5" fill="var(--accent-2)">
                <title>{`case ${p.number}: ${write(p.value)}`}</title>
              </circle>
            ))}
            {here !== undefined && (
              <line x1={at(here)} x2={at(here)} y1="-1" y2="19" stroke="var(--accent)" strokeWidth="3" />
            )}
          </svg>
        </Row>
      ))}
      <Row aria-hidden="true">
        <Quiet>
          {here !== undefined ? (
            <>
              thick: this one, <Figure>{write(here)}</Figure>
            </>
          ) : (
            ''
          )}
        </Quiet>
        <Ends>
          <Figure>{write(low)}</Figure>
          {high > low && <Figure>{write(high)}</Figure>}
        </Ends>
      </Row>
    </Frame>
  );
}

function inWords(row: LineRow, write: (value: number) => string): string {
  const values = row.points.map((p) => p.value).sort((a, b) => a - b);
  const [low, high] = [values[0] ?? 0, values.at(-1) ?? 0];
  const cases = `${values.length} ${values.length === 1 ? 'case' : 'cases'}`;
  return `${row.name}: ${cases}, ${low === high ? write(low) : `${write(low)} to ${write(high)}`}`;
}
