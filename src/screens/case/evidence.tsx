'use client';

import { AudioWaveform, Calculator, ClipboardPaste, ListChecks, Plug, Plus } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button, Empty } from '@/ui/controls';
import { CodesOverScans } from './scans/code-table';
import { useActions } from '../frame/actions';
import { CasePart } from './case-part';
import { nowIso, Sub, focusNext } from './fields';
import { useCase } from './saving/store';
import { KnownGoodProvider } from './tests/known-good';
import { useRepeat } from './tests/repeat';
import { Timeline } from './timeline';

/** What opens on a press is fetched on the press. */
const PasteScan = dynamic(() => import('./scans/paste-scan').then((m) => m.PasteScan));
/** Only in the browser: a part that waits for its code must not hold up the page that is there. */
const LiveValues = dynamic(() => import('./scans/live-values').then((m) => m.LiveValues), { ssr: false });
const PortPanel = dynamic(() => import('./scans/port-panel').then((m) => m.PortPanel));
const ChooseCheck = dynamic(() => import('./tests/choose-check').then((m) => m.ChooseCheck));
const ChooseProcedure = dynamic(() => import('./tests/choose-procedure').then((m) => m.ChooseProcedure));

/** What is open under the buttons, to be added to the evidence. */
type Adding = '' | 'vehicle' | 'scan' | 'check' | 'procedure';

/** The ways to add to the evidence, by button and by key. */
function useAdding() {
  const tests = useCase((s) => s.record.test);
  const clears = useCase((s) => s.record.clear);
  const number = useCase((s) => s.record.case.number);
  const add = useCase((s) => s.add);
  const router = useRouter();
  const repeat = useRepeat();
  const [adding, setAdding] = useState<Adding>('');
  const toggle = (what: Adding) => setAdding(adding === what ? '' : what);
  const test = (question: string) => {
    const id = add('test', { at: nowIso(), question, position: tests.length });
    const reading = add('reading', { testId: id });
    focusNext(question ? `${reading}:label` : `${id}:question`);
  };
  const clear = () => add('clear', { at: nowIso(), position: clears.length });
  const trace = () => router.push(`/cases/${number}/traces/new`);
  const again = () => {
    const failed = tests.find((t) => t.verdict === 'fail' && !tests.some((x) => x.repeatOf === t.id));
    if (failed) repeat(failed);
  };
  useActions('On a case', [
    { say: 'Scan: paste a report', words: 'codes', key: 's', run: () => setAdding('scan') },
    { say: 'Test', words: 'add', takes: 'its question', key: 't', run: test },
    { say: 'Repeat the test that failed', words: 'again', key: 'e', run: again },
    { say: 'Check', words: 'compute', key: 'k', run: () => setAdding('check') },
    { say: 'Procedure', words: 'checklist', key: 'o', run: () => setAdding('procedure') },
    { say: 'Read the vehicle', words: 'port live', run: () => setAdding('vehicle') },
    { say: 'Codes cleared', words: 'erase', key: 'd', run: clear },
    { say: 'Trace', words: 'scope recording', run: trace },
  ]);
  return { adding, toggle, close: () => setAdding(''), test, clear, trace };
}

/** The evidence: codes over all scans, then scans, clears and tests in the order they came. */
export function EvidencePart() {
  const scans = useCase((s) => s.record.scan.length);
  const hasCodes = useCase((s) => s.record.code.length > 0);
  const hasLive = useCase((s) => s.record.live.length > 0);
  const to = useAdding();
  return (
    <CasePart id="evidence" title="Evidence" actions={<AddButtons to={to} />}>
      {to.adding === 'vehicle' && <PortPanel onDone={to.close} />}
      {to.adding === 'scan' && (
        <PasteScan
          onDone={(put) => {
            to.close();
            if (put) focusNext('take-roles');
          }}
        />
      )}
      {to.adding === 'check' && <ChooseCheck onDone={to.close} />}
      {to.adding === 'procedure' && <ChooseProcedure onDone={to.close} />}
      {hasCodes && (
        <>
          <Sub>Fault codes over {scans === 1 ? 'one scan' : `${scans} scans`}</Sub>
          <CodesOverScans />
        </>
      )}
      <KnownGoodProvider>
        {hasLive && <LiveValues />}
        <Timeline
          empty={
            to.adding === 'scan' ? null : (
              <Empty>
                Nothing recorded yet. Scan first and record everything before clearing codes; then one test
                for one question.
              </Empty>
            )
          }
        />
      </KnownGoodProvider>
    </CasePart>
  );
}

function AddButtons({ to: { adding, toggle, clear, test, trace } }: { to: ReturnType<typeof useAdding> }) {
  return (
    <>
      <Button aria-expanded={adding === 'vehicle'} onPress={() => toggle('vehicle')}>
        <Plug aria-hidden="true" /> Vehicle
      </Button>
      <Button aria-expanded={adding === 'scan'} onPress={() => toggle('scan')}>
        <ClipboardPaste aria-hidden="true" /> Scan
      </Button>
      <Button onPress={clear}>
        <Plus aria-hidden="true" /> Codes cleared
      </Button>
      <Button onPress={() => test('')}>
        <Plus aria-hidden="true" /> Test
      </Button>
      <Button aria-expanded={adding === 'check'} onPress={() => toggle('check')}>
        <Calculator aria-hidden="true" /> Check
      </Button>
      <Button aria-expanded={adding === 'procedure'} onPress={() => toggle('procedure')}>
        <ListChecks aria-hidden="true" /> Procedure
      </Button>
      <Button onPress={trace}>
        <AudioWaveform aria-hidden="true" /> Trace
      </Button>
    </>
  );
}
