'use client';

import { CopyPlus, FolderPlus, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { useShallow } from 'zustand/react/shallow';
import type { RowOf } from '@/core/case';
import { judgeWhole, overall, readingBars, sameReading, type WholeJudgement } from '@/core/checks';
import { partsOf } from '@/core/guide';
import { barometerOf } from '@/core/readings';
import { IconButton, Quiet } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Cell, Inline, Text } from '@/ui/layout';
import { VerdictMark } from '@/ui/marks';
import { LineField, focusNext } from '../fields';
import { Files } from '../files';
import { FoundInTrace } from '../../traces/list';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';
import { CheckOnCase } from './check-on-case';
import { AllMet, ConditionRow, SetupRow } from './conditions';
import { Findings } from './findings';
import { ReadingRow } from './reading-row';
import { useRepeat } from './repeat';
import { SaveProcedure } from './save-procedure';
import { TestTools } from './test-tools';
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

/** The rows of one test and of the test it repeats. Its own only: a letter on one test is nothing to the others. */
function useTestRows(test: RowOf<'test'>) {
  const first = useCase((s) => s.record.test.find((t) => t.id === test.repeatOf));
  const before = useCase(useShallow((s) => s.record.reading.filter((r) => r.testId === test.repeatOf)));
  const firstInputs = useCase(useShallow((s) => s.record.input.filter((i) => i.testId === test.repeatOf)));
  const conditions = useCase(useShallow((s) => partsOf(s.record, test.id).conditions));
  const readings = useCase(useShallow((s) => partsOf(s.record, test.id).readings));
  const inputs = useCase(useShallow((s) => partsOf(s.record, test.id).inputs));
  const findings = useCase(useShallow((s) => s.record.finding.filter((f) => f.testId === test.id)));
  const earlier = first && { readings: before, inputs: firstInputs };
  const judged = judgeWhole(test, conditions, readings, inputs, findings, earlier);
  return { first, before, conditions, readings, inputs, judged };
}

/**
 * One test: question, cautions, conditions and set-up, then readings that judge themselves. As a
 * step of a procedure its question stands in the checklist already.
 */
export function TestItem({ test, asStep }: { test: RowOf<'test'>; asStep?: boolean }) {
  const { first, before, conditions, readings, inputs, judged } = useTestRows(test);
  const toRepeat = useCase(
    (s) =>
      judged.test.verdict === 'fail' &&
      s.record.repair.length > 0 &&
      !s.record.test.some((t) => t.repeatOf === test.id),
  );
  const add = useCase((s) => s.add);
  const repeat = useRepeat();
  const [withSetup, setWithSetup] = useState(false);
  const [watching, setWatching] = useState(false);
  const { verdict, because } = judged.test;
  const addReading = () => {
    const limit = readings.at(-1)?.limit ?? '';
    focusNext(`${add('reading', { testId: test.id, limit, position: readings.length })}:label`);
  };
  return (
    <Card $verdict={verdict} aria-label={test.question || 'Test'} id={`test-${test.id}`}>
      <TestHead
        test={test}
        asStep={asStep}
        verdict={verdict}
        onEnter={() => focusNext(readings[0] ? `${readings[0].id}:label` : '')}
      />
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
      <Readings
        accuracy={test.accuracy}
        readings={readings}
        before={before}
        judged={judged}
        onLast={addReading}
      />
      {(test.watch !== '' || watching) && <Watch test={test} />}
      {speaks(test, judged) && (
        <Said $verdict={verdict || 'void'} role="status">
          {because}
          {verdict === 'void' && (
            <OfferButton onPress={() => repeat(test)}>
              <CopyPlus aria-hidden="true" /> Do it again
            </OfferButton>
          )}
        </Said>
      )}
      <Files testId={test.id} label="Photos and files of this test" />
      <TestTools
        test={test}
        onReading={addReading}
        onRepeat={toRepeat ? () => repeat(test) : undefined}
        conditions={conditions.length}
        onSetup={test.setup === '' && !withSetup ? () => setWithSetup(true) : undefined}
        onWatch={test.watch === '' && !watching ? () => setWatching(true) : undefined}
      />
    </Card>
  );
}

/** Its question and verdict, and what can be done with it as a whole. */
function TestHead({
  test,
  asStep,
  verdict,
  onEnter,
}: {
  test: RowOf<'test'>;
  asStep: boolean | undefined;
  verdict: RowOf<'test'>['verdict'];
  onEnter: () => void;
}) {
  const remove = useCase((s) => s.remove);
  const repeat = useRepeat();
  const [saving, setSaving] = useState(false);
  return (
    <>
      <Inline $gap={8} $align="start" $nowrap>
        <Cell $min={0} $grow>
          {!asStep && (
            <LineField
              kind="test"
              id={test.id}
              field="question"
              label="Question"
              hideLabel
              onEnter={onEnter}
              placeholder="What does this test ask? “Does the pump hold pressure after switching off?”"
            />
          )}
        </Cell>
        <Cell as="span" $pad="5px 0 0">
          <VerdictMark verdict={verdict} />
        </Cell>
        <IconButton aria-label="Repeat this test" onPress={() => repeat(test)}>
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
      </Inline>
      {saving && <SaveProcedure testIds={[test.id]} onDone={() => setSaving(false)} />}
    </>
  );
}

/** The readings with their verdicts, and as bars where they are siblings. */
function Readings({
  accuracy,
  readings,
  before,
  judged,
  onLast,
}: {
  accuracy: string;
  readings: readonly RowOf<'reading'>[];
  before: readonly RowOf<'reading'>[];
  judged: WholeJudgement;
  /** Enter on the last one. */
  onLast: () => void;
}) {
  const air = barometerOf(readings);
  const verdicts = judged.readings.map((j) => j.verdict);
  const bars = readingBars(readings, verdicts, before);
  return (
    <>
      {readings.map((r, i) => (
        <ReadingRow
          key={r.id}
          reading={r}
          judged={judged.readings[i]!}
          accuracy={accuracy}
          air={air}
          before={sameReading(before, r)}
          onEnter={() => {
            const next = readings[i + 1];
            if (next) focusNext(`${next.id}:label`);
            else onLast();
          }}
        />
      ))}
      {bars && <CheckDrawing drawing={bars} />}
      <FoundInTrace readings={readings} />
    </>
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
    <Text $tone="ink-2" $size="note" $indent>
      Again, as on <a href={`#test-${first.id}`}>{dayTime(first.at)}</a>
      {first.verdict !== '' && (
        <>
          , when it was <VerdictMark verdict={first.verdict} small /> <Quiet>{first.because}</Quiet>
        </>
      )}
    </Text>
  );
}
