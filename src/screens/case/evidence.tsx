'use client';

import { AudioWaveform, Calculator, ClipboardPaste, ListChecks, Plug, Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { Button, Empty, Quiet } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { CodesOverScans } from './scans/code-table';
import { ClearItem, ScanItem } from './scans/codes';
import { useActions } from '../frame/actions';
import { CasePart, nowIso, Sub, focusNext } from './fields';
import { MomentField } from './moment';
import { useCase } from './saving/store';
import { KnownGoodProvider } from './tests/known-good';
import { useRepeat } from './tests/repeat';
import { usePeople } from './people';
import { FoldedTest, useFolded } from './tests/folded-test';
import { RunItem } from './tests/run-item';
import { TestItem } from './tests/test-item';
import { TraceItem } from '../traces/list';

/** What opens on a press is fetched on the press. */
const PasteScan = dynamic(() => import('./scans/paste-scan').then((m) => m.PasteScan));
/** Only in the browser: a part that waits for its code must not hold up the page that is there. */
const LiveValues = dynamic(() => import('./scans/live-values').then((m) => m.LiveValues), { ssr: false });
const PortPanel = dynamic(() => import('./scans/port-panel').then((m) => m.PortPanel));
const ChooseCheck = dynamic(() => import('./tests/choose-check').then((m) => m.ChooseCheck));
const ChooseProcedure = dynamic(() => import('./tests/choose-procedure').then((m) => m.ChooseProcedure));

const Line = styled.li<{ $folded: boolean }>`
  display: grid;
  grid-template-columns: 72px 1fr;
  gap: 10px;
  padding: ${({ $folded }) => ($folded ? '2px' : '8px')} 0;
  border-bottom: 1px solid var(--rule);
  & > time {
    font: 0.75rem/1.35 var(--mono);
    color: var(--ink-3);
    padding-top: 8px;
    & a {
      color: inherit;
      text-decoration: none;
      opacity: 0.6;
      padding: 0 4px;
    }
    & a:hover {
      color: var(--accent);
      text-decoration: underline;
    }
  }
  scroll-margin-top: 116px;
  /* What is out of sight on a long case is not laid out until it comes near. */
  content-visibility: auto;
  contain-intrinsic-size: auto 150px;
  @media (max-width: 620px) {
    grid-template-columns: 1fr;
    & > time {
      padding-top: 0;
    }
  }
`;

const WHEN = {
  scan: 'Scan taken',
  clear: 'Codes cleared',
  trace: 'Recorded',
  run: 'Procedure begun',
  test: 'Tested',
};

/** The evidence: codes over all scans, then scans, clears and tests in the order they came. */
export function EvidencePart() {
  const scans = useCase((s) => s.record.scan);
  const clears = useCase((s) => s.record.clear);
  const tests = useCase((s) => s.record.test);
  const runs = useCase((s) => s.record.run);
  const traces = useCase((s) => s.record.trace);
  const number = useCase((s) => s.record.case.number);
  const router = useRouter();
  const hasCodes = useCase((s) => s.record.code.length > 0);
  const hasLive = useCase((s) => s.record.live.length > 0);
  const add = useCase((s) => s.add);
  const people = usePeople();
  const [pasting, setPasting] = useState(false);
  const [atVehicle, setAtVehicle] = useState(false);
  const [choosing, setChoosing] = useState<'' | 'check' | 'procedure'>('');
  const { folded, open, openAll } = useFolded();
  const inRun = (id: string | null) => runs.some((r) => r.id === id);
  const inOrder = [...scans].sort((a, b) => a.at.localeCompare(b.at));
  const items = [
    ...scans.map((row) => ({
      kind: 'scan' as const,
      at: row.at,
      id: row.id,
      node: <ScanItem scan={row} name={`S${inOrder.indexOf(row) + 1}`} />,
    })),
    ...clears.map((row) => ({
      kind: 'clear' as const,
      at: row.at,
      id: row.id,
      node: <ClearItem clear={row} />,
    })),
    ...traces.map((row) => ({
      kind: 'trace' as const,
      at: row.at ?? '',
      id: row.id,
      node: <TraceItem trace={row} />,
    })),
    ...runs.map((row) => ({
      kind: 'run' as const,
      at: row.at,
      id: row.id,
      node: <RunItem run={row} tests={tests.filter((t) => t.runId === row.id)} />,
    })),
    ...tests
      .filter((t) => !inRun(t.runId))
      .map((row) => ({
        kind: 'test' as const,
        at: row.at,
        id: row.id,
        by: row.byId,
        node: folded.has(row.id) ? (
          <FoldedTest test={row} by={row.byId === null ? '' : people(row.byId)} onOpen={() => open(row.id)} />
        ) : (
          <TestItem test={row} />
        ),
      })),
  ].sort((a, b) => a.at.localeCompare(b.at));

  const addTest = (question: string) => {
    const id = add('test', { at: nowIso(), question, position: tests.length });
    const reading = add('reading', { testId: id });
    focusNext(question ? `${reading}:label` : `${id}:question`);
  };
  const clear = () => add('clear', { at: nowIso(), position: clears.length });
  const failed = tests.filter((t) => t.verdict === 'fail' && !tests.some((x) => x.repeatOf === t.id));
  const repeat = useRepeat();
  const openTrace = () => router.push(`/cases/${number}/traces/new`);
  useActions('On a case', [
    { say: 'Scan: paste a report', words: 'codes', key: 's', run: () => setPasting(true) },
    { say: 'Test', words: 'add', takes: 'its question', key: 't', run: addTest },
    {
      say: 'Repeat the test that failed',
      words: 'again',
      key: 'e',
      run: () => failed[0] && repeat(failed[0]),
    },
    { say: 'Check', words: 'compute', key: 'k', run: () => setChoosing('check') },
    { say: 'Procedure', words: 'checklist', key: 'o', run: () => setChoosing('procedure') },
    { say: 'Read the vehicle', words: 'port live', run: () => setAtVehicle(true) },
    { say: 'Codes cleared', words: 'erase', key: 'd', run: clear },
    { say: 'Trace', words: 'scope recording', run: openTrace },
  ]);
  return (
    <CasePart
      id="evidence"
      title="Evidence"
      actions={
        <>
          <Button aria-expanded={atVehicle} onPress={() => setAtVehicle(!atVehicle)}>
            <Plug aria-hidden="true" /> Vehicle
          </Button>
          <Button onPress={() => setPasting(!pasting)}>
            <ClipboardPaste aria-hidden="true" /> Scan
          </Button>
          <Button onPress={clear}>
            <Plus aria-hidden="true" /> Codes cleared
          </Button>
          <Button onPress={() => addTest('')}>
            <Plus aria-hidden="true" /> Test
          </Button>
          <Button
            aria-expanded={choosing === 'check'}
            onPress={() => setChoosing(choosing === 'check' ? '' : 'check')}
          >
            <Calculator aria-hidden="true" /> Check
          </Button>
          <Button
            aria-expanded={choosing === 'procedure'}
            onPress={() => setChoosing(choosing === 'procedure' ? '' : 'procedure')}
          >
            <ListChecks aria-hidden="true" /> Procedure
          </Button>
          <Button onPress={openTrace}>
            <AudioWaveform aria-hidden="true" /> Trace
          </Button>
        </>
      }
    >
      {atVehicle && <PortPanel onDone={() => setAtVehicle(false)} />}
      {pasting && (
        <PasteScan
          onDone={(put) => {
            setPasting(false);
            if (put) focusNext('take-roles');
          }}
        />
      )}
      {choosing === 'check' && <ChooseCheck onDone={() => setChoosing('')} />}
      {choosing === 'procedure' && <ChooseProcedure onDone={() => setChoosing('')} />}
      {hasCodes && (
        <>
          <Sub>Fault codes over {scans.length === 1 ? 'one scan' : `${scans.length} scans`}</Sub>
          <CodesOverScans />
        </>
      )}
      <KnownGoodProvider>
        {hasLive && <LiveValues />}
        {items.length > 0 && (
          <>
            <Sub>In the order it came</Sub>
            {folded.size > 0 && (
              <Button $kind="quiet" onPress={openAll}>
                Unfold {folded.size === 1 ? 'the finished test' : `${folded.size} finished tests`}
              </Button>
            )}
            <ol>
              {items.map((i) => (
                <Line key={i.id} id={`at-${i.id}`} $folded={folded.has(i.id)}>
                  <time dateTime={i.at || undefined}>
                    <MomentField kind={i.kind} id={i.id} label={WHEN[i.kind]} empty="·" />
                    {!folded.has(i.id) && (
                      <>
                        <a
                          href={`#at-${i.id}`}
                          aria-label={`Link to what came ${i.at ? dayTime(i.at) : 'here'}`}
                        >
                          #
                        </a>
                        {'by' in i && i.by !== null && (
                          <Quiet as="div" style={{ fontFamily: 'var(--sans)' }}>
                            {people(i.by)}
                          </Quiet>
                        )}
                      </>
                    )}
                  </time>
                  {i.node}
                </Line>
              ))}
            </ol>
          </>
        )}
      </KnownGoodProvider>
      {items.length === 0 && !pasting && (
        <Empty>
          Nothing recorded yet. Scan first and record everything before clearing codes; then one test for one
          question.
        </Empty>
      )}
    </CasePart>
  );
}
