'use client';

import { KnownValuesAnswer } from '@/core/api';
import { X } from 'lucide-react';
import { nanoid } from 'nanoid';
import Link from '@/ui/link';
import { useState } from 'react';
import styled from 'styled-components';
import type { KnownValue } from '@/core/readings';
import { Button, Empty, Figure, IconButton, Quiet } from '@/ui/controls';
import { Problem, Text } from '@/ui/layout';
import { LineInput } from '@/ui/line-input';
import { TestShelf } from '../checks/sections';
import { post } from '../send';

type Value = KnownValue & { id?: string };

const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 26px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  & h1 {
    font-size: 1.1875rem;
  }
  & h2 {
    font-size: 0.9375rem;
    margin: 14px 0 2px;
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  & th {
    text-align: left;
    font-size: 0.75rem;
    color: var(--ink-3);
    font-weight: 600;
  }
  & th,
  & td {
    padding: 4px 8px;
    border-bottom: 1px solid var(--rule);
    overflow-wrap: anywhere;
  }
`;
const Form = styled.form`
  display: grid;
  gap: 6px;
  padding: 12px 14px;
  background: var(--sheet);
  box-shadow: var(--shadow);
  & h2 {
    margin: 0;
  }
`;
const EMPTY = { make: '', model: '', engine: '', year: '', label: '', entered: '', conditions: '', note: '' };

/** Values of healthy vehicles, by build: from proven repairs, and taken on purpose. */
export function KnownGoodScreen({ start }: { start: Value[] }) {
  const [values, setValues] = useState(start);
  const [filter, setFilter] = useState('');
  const [message, setMessage] = useState('');
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = values.filter((v) => {
    const text = `${buildOf(v)} ${v.label} ${v.conditions.join(' ')}`.toLowerCase();
    return words.every((w) => text.includes(w));
  });
  const builds = [...new Set(shown.map(buildOf))].sort();
  const send = async (body: unknown, done: string) => {
    const { answer, problem } = await post('/api/known-good', body, KnownValuesAnswer);
    setMessage(problem || done);
    if (answer) setValues(answer.values);
    return answer !== undefined;
  };
  return (
    <TestShelf>
      <Page>
        <section aria-label="Known-good values">
          <h1>What healthy vehicles read</h1>
          <Text $tone="ink-2" $measure={64} $pad="2px 0 8px">
            Readings after a repair that is proven come here by themselves, and go when the repair comes back.
            Where a test has no limit they are offered, by build and conditions, never mixed.
          </Text>
          <LineInput
            label="Build, reading or condition"
            value={filter}
            onChange={setFilter}
            placeholder="rail pressure idle"
          />
          <Text role="status" $tone="ink-2" $room={20}>
            {message}
          </Text>
          {builds.length === 0 && (
            <Empty>
              {values.length === 0
                ? 'None yet. Prove a repair by repeating the failing test, or enter what a healthy vehicle reads.'
                : `Nothing goes with “${filter}”.`}
            </Empty>
          )}
          {builds.map((build) => (
            <section key={build} aria-label={build}>
              <h2>{build}</h2>
              <Table>
                <thead>
                  <tr>
                    <th scope="col">Reading</th>
                    <Text as="th" scope="col" $width="16%">
                      Value
                    </Text>
                    <th scope="col">Conditions</th>
                    <th scope="col">From</th>
                    <Text as="th" scope="col" $width={52}>
                      <span className="visually-hidden">Remove</span>
                    </Text>
                  </tr>
                </thead>
                <tbody>
                  {shown
                    .filter((v) => buildOf(v) === build)
                    .map((v, i) => (
                      <tr key={v.id ?? i}>
                        <td>
                          {v.label}
                          {v.question && (
                            <>
                              <br />
                              <Quiet>{v.question}</Quiet>
                            </>
                          )}
                        </td>
                        <td>
                          <Figure>{v.entered}</Figure>
                        </td>
                        <td>{v.conditions.join(', ') || <Quiet>none noted</Quiet>}</td>
                        <td>
                          {v.caseId ? <Link href={`/cases/${v.caseId}`}>{v.from}</Link> : v.from}
                          {v.vehicle.year !== null && <Quiet> · {v.vehicle.year}</Quiet>}
                        </td>
                        <td>
                          {v.id && (
                            <IconButton
                              aria-label={`Remove ${v.label} ${v.entered}`}
                              onPress={() => void send({ do: 'remove', id: v.id }, `${v.label} is removed.`)}
                            >
                              <X aria-hidden="true" />
                            </IconButton>
                          )}
                        </td>
                      </tr>
                    ))}
                </tbody>
              </Table>
            </section>
          ))}
        </section>
        <TakenOnPurpose onSave={(value) => send({ do: 'save', value }, `${value.label} is kept.`)} />
      </Page>
    </TestShelf>
  );
}

/** Writes down what a healthy vehicle reads. The vehicle stays for the next reading. */
function TakenOnPurpose({
  onSave,
}: {
  onSave: (value: { label: string } & Record<string, unknown>) => Promise<boolean>;
}) {
  const [draft, setDraft] = useState(EMPTY);
  const [problem, setProblem] = useState('');
  const field = (key: keyof typeof EMPTY, label: string, placeholder = '', figure = false) => (
    <LineInput
      label={label}
      value={draft[key]}
      placeholder={placeholder}
      figure={figure}
      most={100}
      onChange={(v) => setDraft({ ...draft, [key]: v })}
    />
  );
  const save = async () => {
    const year = draft.year.trim() === '' ? null : Number(draft.year);
    if (year !== null && !Number.isInteger(year)) return setProblem('The year is a whole number, or empty.');
    setProblem('');
    const conditions = draft.conditions
      .split(/[,;]/)
      .map((c) => c.trim())
      .filter(Boolean);
    if (await onSave({ ...draft, id: nanoid(14), year, conditions }))
      setDraft({ ...draft, label: '', entered: '' });
  };
  return (
    <Form
      onSubmit={(e) => {
        e.preventDefault();
        void save();
      }}
    >
      <h2>Read on a healthy vehicle</h2>
      {field('make', 'Make')}
      {field('model', 'Model')}
      {field('engine', 'Engine', '1.6 petrol')}
      {field('year', 'Year', '', true)}
      {field('conditions', 'Conditions that held', 'engine warm, idle')}
      {field('label', 'What was read', 'rail pressure at idle')}
      {field('entered', 'Value', '3.4 bar', true)}
      {field('note', 'Note', 'customer’s second car, 61 000 km')}
      {problem && <Problem>{problem}</Problem>}
      <div>
        <Button type="submit" $kind="main">
          Keep this value
        </Button>
      </div>
    </Form>
  );
}

const buildOf = (v: Value) => [v.vehicle.make, v.vehicle.model, v.vehicle.engine].filter(Boolean).join(' ');
