'use client';

import { CopyPlus, FolderPlus, Plus, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { useShallow } from 'zustand/react/shallow';
import type { RowOf } from '@/core/case';
import { judgeWhole, overall, readingBars, sameReading, type WholeJudgement } from '@/core/checks';
import { partsOf } from '@/core/guide';
import { barometerOf } from '@/core/readings';
import { Button, IconButton, Quiet } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { VerdictMark } from '@/ui/marks';
import { LineField, focusNext } from '../fields';
import { AddFiles, Files } from '../files';
import { FoundInTrace } from '../../traces/list';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';
import { Bearings, BearingsInWords } from './bearings';
import { CheckOnCase } from './check-on-case';
import { AllMet, ConditionRow, SetupRow } from './conditions';
import { Details, DetailsInWords } from './details';
import { Findings } from './findings';
import { ReadingRow } from './reading-row';
import { useRepeat } from './repeat';
import { SaveProcedure } from './save-procedure';
import { Watch } from './watch';

/** The charts are heavy; a case without bars does not load them. */
const CheckDrawing = dynamic(() => import('@/ui/drawing'), { ssr: false });

const Card = styled.article<{ $verdict: string }>`
  border-left: 4px solid ${({ $verdict }) => ($verdict ? `var(--${$verdict})` : 'var(--rule-2)')};
  padding: 2px 0 6px 12px;
  scroll-margin-top: 116px;
  min-width: 0;
`;
const Care = styled.p`
  display: flex;
  gap: 8px;
  margin: 4px 0 4px 8px;
  padding: 5px 10px;
  border: 1px solid var(--unsure);
  border-left-width: 6px;
  border-radius: 3px;
  background: var(--unsure-soft);
  & b {
    color: var(--unsure);
    white-space: nowrap;
  }
`;
const Said = styled.p<{ $verdict: string }>`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  margin: 4px 0 2px 8px;
  padding: 5px 10px;
  border-radius: 3px;
  background: ${({ $verdict }) => `var(--${$verdict}-soft)`};
  color: ${({ $verdict }) => `var(--${$verdict})`};
  font-size: 0.875rem;
`;

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px;
`;

/**
 * One test: question, cautions, conditions and set-up, then readings that judge themselves. As a
 * step of a procedure its question stands in the checklist already.
 */
export function TestItem({ test, asStep }: { test: RowOf<'test'>; asStep?: boolean }) {
  const first = useCase((s) => s.record.test.find((t) => t.id === test.repeatOf));
  const before = useCase(useShallow((s) => s.record.reading.filter((r) => r.testId === test.repeatOf)));
  const repeatedOrOpen = useCase(
    (s) => s.record.repair.length === 0 || s.record.test.some((t) => t.repeatOf === test.id),
  );
  // Its own rows only: a letter on one test is nothing to the others.
  const conditions = useCase(useShallow((s) => partsOf(s.record, test.id).conditions));
  const readings = useCase(useShallow((s) => partsOf(s.record, test.id).readings));
  const inputs = useCase(useShallow((s) => partsOf(s.record, test.id).inputs));
  const add = useCase((s) => s.add);
  const remove = useCase((s) => s.remove);
  const [more, setMore] = useState(false);
  const [saving, setSaving] = useState(false);
  const [withSetup, setWithSetup] = useState(false);
  const [watching, setWatching] = useState(false);
  const findings = useCase(useShallow((s) => s.record.finding.filter((f) => f.testId === test.id)));
  const firstInputs = useCase(useShallow((s) => s.record.input.filter((i) => i.testId === test.repeatOf)));
  const judged = judgeWhole(
    test,
    conditions,
    readings,
    inputs,
    findings,
    first && { readings: before, inputs: firstInputs },
  );
  const { verdict, because } = judged.test;
  const air = barometerOf(readings);
  const bars = readingBars(
    readings,
    judged.readings.map((j) => j.verdict),
    before,
  );
  const b = { kind: 'test', id: test.id } as const;

  const addReading = () => {
    const last = readings.at(-1);
    const id = add('reading', { testId: test.id, limit: last?.limit ?? '', position: readings.length });
    focusNext(`${id}:label`);
  };
  const repeat = useRepeat();
  const again = () => repeat(test);
  const toRepeat = verdict === 'fail' && !repeatedOrOpen;

  return (
    <Card $verdict={verdict} aria-label={test.question || 'Test'} id={`test-${test.id}`}>
      <div style={{ display: 'flex', gap: 8, alignItems: 'start' }}>
        <div style={{ flex: 1, minWidth: 0 }}>
          {!asStep && (
            <LineField
              {...b}
              field="question"
              label="Question"
              hideLabel
              onEnter={() => focusNext(readings[0] ? `${readings[0].id}:label` : '')}
              placeholder="What does this test ask? “Does the pump hold pressure after switching off?”"
            />
          )}
        </div>
        <span style={{ paddingTop: 5 }}>
          <VerdictMark verdict={verdict} />
        </span>
        <IconButton aria-label="Repeat this test" onPress={again}>
          <CopyPlus aria-hidden="true" />
        </IconButton>
        <IconButton
          aria-label="Save as a procedure"
          aria-expanded={saving}
          onPress={() => setSaving(!saving)}
        >
          <FolderPlus aria-hidden="true" />
        </IconButton>
        <IconButton aria-label="Remove this test" onPress={() => remove('test', test.id, 'test')}>
          <X aria-hidden="true" />
        </IconButton>
      </div>
      {saving && <SaveProcedure testIds={[test.id]} onDone={() => setSaving(false)} />}
      {first && <Before first={first} />}
      {test.caution.trim() !== '' && (
        <Care role="note">
          <b>Take care:</b> {test.caution}
        </Care>
      )}
      {conditions.map((c) => (
        <ConditionRow key={c.id} condition={c} />
      ))}
      <AllMet conditions={conditions} />
      {(test.setup !== '' || test.setupResult !== '' || withSetup) && <SetupRow test={test} />}

      <Findings test={test} />
      {test.checkId !== '' && <CheckOnCase test={test} inputs={inputs} first={first} />}
      {readings.map((r, i) => (
        <ReadingRow
          key={r.id}
          reading={r}
          judged={judged.readings[i]!}
          accuracy={test.accuracy}
          air={air}
          before={sameReading(before, r)}
          onEnter={() => {
            const next = readings[i + 1];
            if (next) focusNext(`${next.id}:label`);
            else addReading();
          }}
        />
      ))}
      {bars && <CheckDrawing drawing={bars} />}
      <FoundInTrace readings={readings} />
      {(test.watch !== '' || watching) && <Watch test={test} />}
      {speaks(test, judged) && (
        <Said $verdict={verdict || 'void'} role="status">
          {because}
          {verdict === 'void' && (
            <OfferButton onPress={again}>
              <CopyPlus aria-hidden="true" /> Do it again
            </OfferButton>
          )}
        </Said>
      )}
      <Files testId={test.id} label="Photos and files of this test" />
      <Tools>
        <Button $kind="quiet" onPress={addReading}>
          <Plus aria-hidden="true" /> Reading
        </Button>
        <AddFiles testId={test.id} what={test.question || 'this test'} />
        <Button
          $kind="quiet"
          aria-expanded={more}
          aria-label={
            more ? 'Less' : 'More: condition, set-up check, where, source, suspects, verdict by hand'
          }
          onPress={() => setMore(!more)}
        >
          {more ? 'Less' : 'More …'}
        </Button>
        {toRepeat && (
          <OfferButton onPress={again}>
            <CopyPlus aria-hidden="true" /> Repeat after the repair
          </OfferButton>
        )}
      </Tools>
      {more ? (
        <>
          <Tools>
            <Button
              $kind="quiet"
              onPress={() =>
                focusNext(`${add('condition', { testId: test.id, position: conditions.length })}:what`)
              }
            >
              <Plus aria-hidden="true" /> Condition
            </Button>
            {test.setup === '' && !withSetup && (
              <Button
                $kind="quiet"
                onPress={() => {
                  setWithSetup(true);
                  focusNext(`${test.id}:setup`);
                }}
              >
                <Plus aria-hidden="true" /> Set-up check
              </Button>
            )}
            {test.watch === '' && !watching && (
              <Button $kind="quiet" onPress={() => setWatching(true)}>
                Intermittent
              </Button>
            )}
          </Tools>
          <Details test={test} />
          <Bearings testId={test.id} />
        </>
      ) : (
        <>
          <DetailsInWords test={test} />
          <BearingsInWords testId={test.id} />
        </>
      )}
    </Card>
  );
}

/** Whether the sentence for the whole test says more than what stands above it. */
function speaks(test: RowOf<'test'>, judged: WholeJudgement): boolean {
  const { verdict, because } = judged.test;
  if (because === '' || verdict === '') return false;
  if (verdict === 'void' || test.overrule !== '' || test.watch !== '') return true;
  const only = judged.readings.length === 1 ? judged.readings[0]!.because : '';
  if (only !== '' && because.endsWith(only)) return false;
  if (test.analysisId !== '') return because.startsWith('Unfinished');
  return judged.check?.state !== 'done' || overall(judged.check.findings).because !== because;
}

function Before({ first }: { first: RowOf<'test'> }) {
  return (
    <p style={{ paddingLeft: 8, fontSize: '0.875rem', color: 'var(--ink-2)' }}>
      Again, as on <a href={`#test-${first.id}`}>{dayTime(first.at)}</a>
      {first.verdict !== '' && (
        <>
          , when it was <VerdictMark verdict={first.verdict} small /> <Quiet>{first.because}</Quiet>
        </>
      )}
    </p>
  );
}
