'use client';

import { RunAnswer } from '@/core/api';
import { post } from '../send';
import { Activity, FileUp, Gauge } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Choice, FieldLabel, Input, Quiet } from '@/ui/controls';
import { FileButton } from '@/ui/file-button';
import { Problem } from '@/ui/layout';
import { useCase } from '../case/saving/store';

const Three = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(270px, 1fr));
  gap: 16px;
  padding: 16px;
  & section {
    background: var(--sheet);
    box-shadow: var(--shadow);
    padding: 16px 18px;
    display: flex;
    flex-direction: column;
    gap: 10px;
    align-items: flex-start;
  }
  & h2 {
    font-size: 1rem;
    display: flex;
    gap: 8px;
    align-items: center;
  }
  & h2 svg {
    width: 18px;
    color: var(--accent);
  }
`;

/** A recording that the simulated scope is to make. */
export interface ScopeAsked {
  test: string;
  fault: string;
  order: string;
  seed: number;
}

/** What the simulated scope offers. */
export interface ScopeOffer {
  tests: { id: string; title: string; faults: { id: string; label: string }[] }[];
  engines: string[];
}

export interface ChosenFile {
  file: File;
  source: string;
}

/** Where a trace comes from: a file, the simulated scope, or live values through the vehicle's port. */
export function Source({
  scope,
  onGiven,
  onScope,
}: {
  scope: ScopeOffer;
  onGiven: (g: ChosenFile) => void;
  onScope: (asked: ScopeAsked) => void;
}) {
  const caseId = useCase((s) => s.record.case.id);
  const vehicle = useCase((s) => s.record.vehicle);
  const [test, setTest] = useState(scope.tests[0]!.id);
  const [fault, setFault] = useState(scope.tests[0]!.faults[0]!.id);
  const orders = [...new Set([vehicle.firingOrder, ...scope.engines].filter(Boolean))];
  const [order, setOrder] = useState(
    orders.includes('1-3-4-2') && !vehicle.firingOrder ? '1-3-4-2' : orders[0]!,
  );
  const [seconds, setSeconds] = useState('30');
  const [problem, setProblem] = useState('');
  const chosen = scope.tests.find((t) => t.id === test)!;

  const record = async () => {
    setProblem('');
    const { answer, problem } = await post(
      `/api/cases/${caseId}/run`,
      { seconds: Number(seconds) },
      RunAnswer,
      'No connection to the shop’s server; nothing was recorded.',
    );
    setProblem(problem);
    if (answer)
      onGiven({ file: new File([answer.log], 'live-run.log', { type: 'text/plain' }), source: 'live run' });
  };
  return (
    <Three>
      <section>
        <h2>
          <FileUp aria-hidden="true" /> A recording
        </h2>
        <p>
          A table (CSV) from any instrument, JSON, a sound file (WAV), or a frame log with live values
          (candump).
        </p>
        <FileButton
          label="Recording"
          accept=""
          $kind="main"
          onFile={(file) => onGiven({ file, source: 'file' })}
        >
          Choose a file
        </FileButton>
        <Quiet>or drop it anywhere on this page</Quiet>
      </section>
      <section>
        <h2>
          <Activity aria-hidden="true" /> The simulated scope
        </h2>
        <p>Stands in for an instrument: choose engine, test and fault.</p>
        <Choice
          label="Test"
          value={test}
          options={scope.tests.map((t) => ({ value: t.id, label: t.title }))}
          onChange={(v) => {
            setTest(v);
            setFault(scope.tests.find((t) => t.id === v)!.faults[0]!.id);
          }}
        />
        <Choice
          label="Fault"
          value={fault}
          options={chosen.faults.map((f) => ({ value: f.id, label: f.label }))}
          onChange={setFault}
        />
        <Choice label="Firing order" value={order} options={orders} onChange={setOrder} />
        <Button onPress={() => onScope({ test, fault, order, seed: (Date.now() % 100_000) + 1 })}>
          Record
        </Button>
      </section>
      <section>
        <h2>
          <Gauge aria-hidden="true" /> Live values of the vehicle
        </h2>
        <p>
          Engine speed, load, trims and more through the vehicle’s port, ten times a second. Connect the
          vehicle on the case first.
        </p>
        <div>
          <FieldLabel htmlFor="run-seconds">Seconds</FieldLabel>
          <Input
            id="run-seconds"
            $figure
            inputMode="numeric"
            value={seconds}
            onChange={(e) => setSeconds(e.target.value)}
          />
        </div>
        <Button onPress={() => void record()}>Record</Button>
        {problem && <Problem>{problem}</Problem>}
      </section>
    </Three>
  );
}
