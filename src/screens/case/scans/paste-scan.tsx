'use client';

import { nanoid } from 'nanoid';
import { useDeferredValue, useMemo, useState } from 'react';
import styled from 'styled-components';
import type { Op } from '@/core/case';
import { kindOfReport, madeAt, plainText, SURE_ENOUGH } from '@/core/codes';
import { reportRows } from '@/core/exchange';
import { Button, Choice, Figure, Quiet, TextArea } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { useDraft } from '../../draft';
import { nowIso } from '../fields';
import { PhotoBeside } from './photo-beside';
import { PhotoButton, usePhoto, type PhotoRead } from './photo-button';
import { textOf } from './report-file';
import { useUploads } from '../saving/upload-queue';
import { useScanReading } from './scan-edits';
import { useKeptHints } from './scan-hints';
import { ScanPreview } from './scan-preview';
import { useCase } from '../saving/store';

const Box = styled.div`
  padding: 10px 12px;
  background: var(--sunk);
  border-radius: var(--radius);
  display: grid;
  gap: 8px;
`;

const MOST = 500_000;
const FORMS = { text: '', table: ' from a table', frames: ' from a frame log' };

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
  const { form, report } = state;
  const { kept, keep, forget } = useKeptHints(kind, state);
  const [now, setNow] = useState(false);
  const madeThen = madeOf(report.made);
  const timeOf = (said: string) => (now ? undefined : madeOf(said)) ?? nowIso();
  const doubtful = useMemo(() => new Set(sure?.flatMap((s, i) => (s < SURE_ENOUGH ? [i + 1] : []))), [sure]);
  const tooLong = text.length > MOST;
  const bare = text.trim() !== '' && report.scope === '' && !report.modules.some((m) => m.answered);
  const put = () => {
    // Pressed right after pasting, what is shown may still be of the text before.
    // A photo's doubtful codes are only known once it is shown.
    if (taken?.text === text && deferred !== text) return;
    const report = state.reportOf(text.slice(0, MOST));
    const scanId = nanoid(14);
    const ops: Op[] = [
      {
        op: 'add',
        kind: 'scan',
        id: scanId,
        row: {
          at: timeOf(report.made),
          scope: scope || report.scope,
          text,
          leftover: report.leftover.slice(0, 5000),
          battery: report.battery,
          odometer: report.odometer,
          tool: report.tool,
          key: report.key,
          engine: report.engine,
          position: record.scan.length,
        },
      },
      ...reportRows(scanId, report, () => nanoid(14)).map(({ kind, row: { id, ...row } }): Op => ({
        op: 'add',
        kind,
        id,
        row,
      })),
    ];
    together(ops);
    if (taken)
      void enqueue([
        {
          id: nanoid(14),
          caseId: record.case.id,
          testId: null,
          partId: null,
          scanId,
          name: taken.file.name || 'screen.jpg',
          file: taken.file,
          refused: '',
        },
      ]);
    setText('');
    onDone(true);
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
      <TextArea
        autoFocus
        aria-label="Scan report"
        rows={5}
        value={text}
        placeholder={
          'Paste the report of any tool, a table, or a frame log; or type codes, one a line:\nEngine\nP0171 System too lean bank 1  stored\nABS: no response\nBattery: 12.3 V'
        }
        style={{
          fontFamily: 'var(--mono)',
          fontSize: '0.875rem',
          maxHeight: 120,
          background: 'var(--sheet)',
        }}
        onPaste={(e) => {
          const picture = [...e.clipboardData.files].find((f) => f.type.startsWith('image/'));
          if (picture) {
            e.preventDefault();
            void photo.read(picture);
            return;
          }
          const html = e.clipboardData.getData('text/html');
          if (/<t[dr]\b/i.test(html) && html.length <= MOST) {
            // A table copied off a page keeps its columns as tabs.
            e.preventDefault();
            setProblem('');
            setText(`${text}${plainText(html)}`);
            return;
          }
          const pasted = e.clipboardData.getData('text');
          if (pasted.length <= MOST) return;
          // A browser chokes on such a paste; nothing of it is taken.
          e.preventDefault();
          setProblem(
            `That is ${(pasted.length / 1e6).toFixed(1)} million characters; a scan of more than 500,000 is not taken. Paste the part with the codes.`,
          );
        }}
        onChange={(e) => {
          setProblem('');
          setText(e.target.value);
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) {
            e.preventDefault();
            if (text.trim()) put();
          }
        }}
      />
      {problem && (
        <p role="alert" style={{ color: 'var(--fail)' }}>
          {problem}
        </p>
      )}
      {text.includes('\uFFFD') && (
        <p role="alert" style={{ color: 'var(--unsure)' }}>
          Some characters could not be read (�): the report is in another encoding. Codes and figures are read
          all the same; for the words, open it in the tool that made it and copy from there.
        </p>
      )}
      {tooLong && (
        <p role="alert" style={{ color: 'var(--fail)' }}>
          {Math.round(text.length / 1000)},000 characters: a scan report of more than 500,000 is not taken.
          Paste the part with the codes.
        </p>
      )}
      {text.trim() !== '' && !tooLong && (
        <div role="status" style={{ fontSize: '0.875rem' }}>
          <strong>
            {report.codes.length} code{report.codes.length === 1 ? '' : 's'}
            {FORMS[form]}
          </strong>
          {report.codes.length > 0 && (
            <>
              :{' '}
              <Figure>
                {report.codes
                  .slice(0, 12)
                  .map((c) => c.code)
                  .join(' ')}
                {report.codes.length > 12 ? ' …' : ''}
              </Figure>
            </>
          )}
          {report.modules.length > 0 &&
            ` · ${report.modules.filter((m) => m.answered).length} modules answered`}
          {report.modules.some((m) => !m.answered) &&
            ` · silent: ${report.modules
              .filter((m) => !m.answered)
              .map((m) => m.name)
              .join(', ')}`}
          {report.battery && ` · battery ${report.battery}`}
          {report.monitors.length > 0 && ` · ${report.monitors.length} monitors`}
          {report.freeze.length > 0 && ` · ${report.freeze.length} freeze-frame values`}
          {doubtful.size > 0 && ` · ${doubtful.size} hard to read, marked`}
          {report.live.length > 0 && ` · ${report.live.length} live values`}
          {report.leftover.length > 0 &&
            ` · ${report.leftover.length} line${report.leftover.length === 1 ? '' : 's'} not understood; kept with the scan`}
          {madeThen && (
            <p>
              {now
                ? 'The scan gets the time of now.'
                : `The scan gets the time the report says: ${dayTime(madeThen)}.`}{' '}
              <Button $kind="quiet" onPress={() => setNow(!now)}>
                {now ? 'Use the report’s time' : 'Use the time now'}
              </Button>
            </p>
          )}
          {sure && taken && <PhotoBeside file={taken.file} />}
          <ScanPreview text={deferred} state={state} doubtful={doubtful} />
          <p style={{ display: 'flex', gap: 8, alignItems: 'center', flexWrap: 'wrap', paddingTop: 4 }}>
            {kept && !state.learned && (
              <>
                <Quiet>Read with corrections made in earlier reports of this kind.</Quiet>
                <Button $kind="quiet" onPress={forget}>
                  Forget that
                </Button>
              </>
            )}
            {state.learned && kind !== '' && (
              <>
                <Quiet>Your corrections can be used for reports of this kind.</Quiet>
                <Button onPress={keep}>Use them next time</Button>
              </>
            )}
          </p>
        </div>
      )}
      <div style={{ display: 'flex', gap: 8, alignItems: 'end', flexWrap: 'wrap' }}>
        {(bare || scope !== '') && (
          <Choice
            label="It read"
            value={scope}
            options={[
              { value: '', label: 'not said yet' },
              { value: 'vehicle', label: 'the whole vehicle' },
            ]}
            onChange={setScope}
          />
        )}
        {state.waiting.length > 0 && (
          <Quiet role="status" style={{ flexBasis: '100%' }}>
            {state.waiting.length} code{state.waiting.length === 1 ? ' waits' : 's wait'} for your eye:
            confirmed or corrected above, or not put on the case.
          </Quiet>
        )}
        <span style={{ marginLeft: 'auto' }} />
        <Button $kind="quiet" onPress={() => onDone(false)}>
          Close
        </Button>
        <Button $kind="main" isDisabled={text.trim() === '' || tooLong} onPress={put}>
          Add to the case
        </Button>
      </div>
    </Box>
  );
}
