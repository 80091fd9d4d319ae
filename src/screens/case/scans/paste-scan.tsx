'use client';

import { nanoid } from 'nanoid';
import { useDeferredValue, useMemo, useState, type ClipboardEvent } from 'react';
import styled from 'styled-components';
import { kindOfReport, madeAt, plainText, SURE_ENOUGH } from '@/core/codes';
import { Button, Choice, Quiet, TextArea } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Cell, Inline, Problem, Text } from '@/ui/layout';
import { useDraft } from '../../draft';
import { nowIso } from '../fields';
import { PhotoBeside } from './photo-beside';
import { PhotoButton, usePhoto, type PhotoRead } from './photo-button';
import { textOf } from './report-file';
import { useUploads } from '../saving/upload-queue';
import { useScanReading, type ScanReadingState } from './scan-edits';
import { useKeptHints } from './scan-hints';
import { scanOps } from './scan-ops';
import { ScanPreview } from './scan-preview';
import { Understood } from './understood';
import { useCase } from '../saving/store';

const ReportText = styled(TextArea)`
  max-height: 120px;
  background: var(--sheet);
  font-family: var(--mono);
  font-size: 0.875rem;
`;

const Box = styled.div`
  padding: 10px 12px;
  background: var(--sunk);
  border-radius: var(--radius);
  display: grid;
  gap: 8px;
`;

const MOST = 500_000;
const madeOf = (said: string): string | undefined =>
  said === '' ? undefined : madeAt(said, nowIso(), new Date().getTimezoneOffset());

/** Paste a scan report from any tool; what was understood is shown before it goes onto the case. */
export function PasteScan({ onDone }: { onDone: (put: boolean) => void }) {
  const record = useCase((s) => s.record);
  const together = useCase((s) => s.together);
  const [text, setText] = useDraft(`${record.case.id}:scan`);
  const [scope, setScope] = useState('');
  const [problem, setProblem] = useState('');
  const [taken, setTaken] = useState<PhotoRead>();
  const enqueue = useUploads((s) => s.enqueue);
  const photo = usePhoto((read) => {
    setTaken(read);
    setText(read.text);
  });
  const deferred = useDeferredValue(text);
  const kind = useMemo(() => kindOfReport(deferred), [deferred]);
  const sure = taken && taken.text === deferred ? taken.sure : undefined;
  const state = useScanReading(deferred.slice(0, MOST), kind, sure);
  const hints = useKeptHints(kind, state);
  const doubtful = useMemo(() => doubtfulLines(sure), [sure]);
  const [now, setNow] = useState(false);
  const write = (next: string) => {
    setProblem('');
    setText(next);
  };
  const tooLong = text.length > MOST;
  const put = () => {
    // Pressed right after pasting, what is shown may still be of the text before.
    // A photo's doubtful codes are only known once it is shown.
    if (taken?.text === text && deferred !== text) return;
    const report = state.reportOf(text.slice(0, MOST));
    const scanId = nanoid(14);
    const at = (now ? undefined : madeOf(report.made)) ?? nowIso();
    together(
      scanOps(scanId, report, { text, at, scope: scope || report.scope, position: record.scan.length }),
    );
    if (taken) {
      const { file } = taken;
      const of = { caseId: record.case.id, testId: null, partId: null, scanId };
      void enqueue([{ id: nanoid(14), ...of, name: file.name || 'screen.jpg', file, refused: '' }]);
    }
    setText('');
    onDone(true);
  };
  const take = {
    write: (more: string) => write(text + more),
    photo: (picture: File) => void photo.read(picture),
    refuse: setProblem,
  };
  return (
    <Box
      onDragOver={(e) => e.preventDefault()}
      onDrop={(e) => {
        const file = e.dataTransfer.files[0];
        if (!file) return;
        e.preventDefault();
        if (file.type.startsWith('image/')) void photo.read(file);
        else void textOf(file).then((r) => ('text' in r ? setText(r.text) : setProblem(r.problem)));
      }}
    >
      <PhotoButton photo={photo} />
      <ReportText
        autoFocus
        aria-label="Scan report"
        rows={5}
        value={text}
        placeholder={PLACEHOLDER}
        onPaste={(e) => takePasted(e, take)}
        onChange={(e) => write(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) {
            e.preventDefault();
            if (text.trim()) put();
          }
        }}
      />
      <TextProblems text={text} problem={problem} />
      {text.trim() !== '' && !tooLong && (
        <Text as="div" role="status" $size="note">
          <Understood state={state} doubtful={doubtful.size} />
          <TimeOfScan said={state.report.made} now={now} onNow={setNow} />
          {sure && taken && <PhotoBeside file={taken.file} />}
          <ScanPreview text={deferred} state={state} doubtful={doubtful} />
          <KeptCorrections hints={hints} offered={state.learned && kind !== ''} learned={state.learned} />
        </Text>
      )}
      <Inline $gap={8} $align="end">
        <WholeVehicle text={text} state={state} scope={scope} onScope={setScope} />
        {state.waiting.length > 0 && (
          <Quiet role="status" $whole>
            {state.waiting.length} code{state.waiting.length === 1 ? ' waits' : 's wait'} for your eye:
            confirmed or corrected above, or not put on the case.
          </Quiet>
        )}
        <Cell as="span" $push />
        <Button $kind="quiet" onPress={() => onDone(false)}>
          Close
        </Button>
        <Button $kind="main" isDisabled={text.trim() === '' || tooLong} onPress={put}>
          Add to the case
        </Button>
      </Inline>
    </Box>
  );
}

const PLACEHOLDER =
  'Paste the report of any tool, a table, or a frame log; or type codes, one a line:\nEngine\nP0171 System too lean bank 1  stored\nABS: no response\nBattery: 12.3 V';

/** Lines of a photo that were hard to read, from 1. */
const doubtfulLines = (sure: readonly number[] | undefined): Set<number> =>
  new Set(sure?.flatMap((s, i) => (s < SURE_ENOUGH ? [i + 1] : [])));

/** What comes from the clipboard: a picture, a table off a page, or text; plain text is left to the field itself. */
function takePasted(
  e: ClipboardEvent,
  to: { write: (more: string) => void; photo: (picture: File) => void; refuse: (why: string) => void },
): void {
  const picture = [...e.clipboardData.files].find((f) => f.type.startsWith('image/'));
  if (picture) {
    e.preventDefault();
    to.photo(picture);
    return;
  }
  const html = e.clipboardData.getData('text/html');
  if (/<t[dr]\b/i.test(html) && html.length <= MOST) {
    // A table copied off a page keeps its columns as tabs.
    e.preventDefault();
    to.write(plainText(html));
    return;
  }
  const pasted = e.clipboardData.getData('text');
  if (pasted.length <= MOST) return;
  // A browser chokes on such a paste; nothing of it is taken.
  e.preventDefault();
  to.refuse(
    `That is ${(pasted.length / 1e6).toFixed(1)} million characters; a scan of more than 500,000 is not taken. Paste the part with the codes.`,
  );
}

function TextProblems({ text, problem }: { text: string; problem: string }) {
  return (
    <>
      {problem && <Problem>{problem}</Problem>}
      {text.includes('\uFFFD') && (
        <Text role="alert" $tone="unsure">
          Some characters could not be read (�): the report is in another encoding. Codes and figures are read
          all the same; for the words, open it in the tool that made it and copy from there.
        </Text>
      )}
      {text.length > MOST && (
        <Problem>
          {Math.round(text.length / 1000)},000 characters: a scan report of more than 500,000 is not taken.
          Paste the part with the codes.
        </Problem>
      )}
    </>
  );
}

/** When the scan was made: as the report says, or now. */
function TimeOfScan({ said, now, onNow }: { said: string; now: boolean; onNow: (now: boolean) => void }) {
  const made = madeOf(said);
  if (!made) return null;
  return (
    <p>
      {now ? 'The scan gets the time of now.' : `The scan gets the time the report says: ${dayTime(made)}.`}{' '}
      <Button $kind="quiet" onPress={() => onNow(!now)}>
        {now ? 'Use the report’s time' : 'Use the time now'}
      </Button>
    </p>
  );
}

/** Corrections that the next report of this kind can profit from. */
function KeptCorrections({
  hints: { kept, keep, forget },
  learned,
  offered,
}: {
  hints: ReturnType<typeof useKeptHints>;
  learned: boolean;
  offered: boolean;
}) {
  return (
    <Inline as="p" $gap={8} $align="center" $pad="4px 0 0">
      {kept && !learned && (
        <>
          <Quiet>Read with corrections made in earlier reports of this kind.</Quiet>
          <Button $kind="quiet" onPress={forget}>
            Forget that
          </Button>
        </>
      )}
      {offered && (
        <>
          <Quiet>Your corrections can be used for reports of this kind.</Quiet>
          <Button onPress={keep}>Use them next time</Button>
        </>
      )}
    </Inline>
  );
}

/** Codes alone do not say what was read: asked where nothing in the text tells. */
function WholeVehicle({
  text,
  state: { report },
  scope,
  onScope,
}: {
  text: string;
  state: ScanReadingState;
  scope: string;
  onScope: (scope: string) => void;
}) {
  const bare = text.trim() !== '' && report.scope === '' && !report.modules.some((m) => m.answered);
  if (!bare && scope === '') return null;
  return (
    <Choice
      label="It read"
      value={scope}
      options={[
        { value: '', label: 'not said yet' },
        { value: 'vehicle', label: 'the whole vehicle' },
      ]}
      onChange={onScope}
    />
  );
}
