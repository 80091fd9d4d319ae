'use client';

import { useShallow } from 'zustand/react/shallow';
import styled from 'styled-components';
import { dayTime } from '@/ui/dates';
import { Text } from '@/ui/layout';
import { useCase } from '../case/saving/store';
import { useTrace } from './open-trace';

const Table = styled.table`
  width: 100%;
  margin: 8px 0;
  border-collapse: collapse;
  font-size: 0.8125rem;
  & caption {
    text-align: left;
    font-weight: 600;
    padding: 4px 0;
  }
  & th {
    text-align: left;
    font-weight: 400;
    color: var(--ink-2);
  }
  & thead th {
    color: var(--ink-3);
    font-size: 0.75rem;
  }
  & th,
  & td {
    padding: 3px 8px 3px 0;
    border-top: 1px solid var(--rule);
    vertical-align: top;
  }
  & td {
    font-family: var(--mono);
  }
  & td[data-real='real'] {
    font-weight: 700;
  }
`;

/** Each figure here and in the trace that lies over it, and whether the difference is real. */
export function SideBySide() {
  const compared = useTrace((s) => s.compared);
  const over = useTrace((s) => s.over?.name);
  if (compared.length === 0) return null;
  return (
    <Table>
      <caption>Beside “{over}”</caption>
      <thead>
        <tr>
          <th scope="col">figure</th>
          <th scope="col">here</th>
          <th scope="col">there</th>
          <th scope="col">difference</th>
        </tr>
      </thead>
      <tbody>
        {compared.map((c) => (
          <tr key={c.label}>
            <th scope="row">{c.label}</th>
            <td>{c.here}</td>
            <td>{c.there}</td>
            <td data-real={c.real}>
              {c.difference}{' '}
              <Text as="span" $sans>
                {c.difference && c.real}
              </Text>
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

/** Recordings of one analysis that are shown beside each other. */
const COLUMNS = 3;

/** The figures of this analysis as they stand on the case, recording by recording. */
export function FiguresSoFar({ analysisId }: { analysisId: string }) {
  const tests = useCase(
    useShallow((s) =>
      s.record.test
        .filter((t) => t.analysisId === analysisId)
        .sort((a, b) => a.at.localeCompare(b.at))
        .slice(-COLUMNS),
    ),
  );
  const finds = useCase((s) => s.record.finding);
  if (tests.length < 2) return null;
  const of = (testId: string, about: string) => finds.find((f) => f.testId === testId && f.about === about);
  const abouts = [
    ...new Set(
      tests.flatMap((t) => finds.filter((f) => f.testId === t.id && f.figure !== '').map((f) => f.about)),
    ),
  ];
  return (
    <Table>
      <caption>Figures on this case so far</caption>
      <thead>
        <tr>
          <th scope="col">figure</th>
          {tests.map((t) => (
            <th key={t.id} scope="col">
              {dayTime(t.at)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {abouts.map((about) => (
          <tr key={about}>
            <th scope="row">{about}</th>
            {tests.map((t) => (
              <td key={t.id}>{of(t.id, about)?.figure ?? '—'}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
