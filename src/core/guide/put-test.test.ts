import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyOps, KINDS, Procedure, type CaseRecord } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { CHECKS, checkOf, judgeWhole, rowsFor, type Typed } from '@/core/checks';
import { partsOf, runProgress, stepOf } from './procedures';
import { beginRun, putCheck, putTest, repeatTest, type Placing } from './put-test';

const vehicle = KINDS.vehicle.parse({ id: 'v', cylinders: 3, displacement: '1.2 L', strokes: 4 });
const empty = () => emptyRecord({}, vehicle);
let made = 0;
const place = (more: Partial<Placing> = {}): Placing => ({
  at: '2026-01-01T10:00:00.000Z',
  position: 0,
  newId: () => `id-${made++}`,
  ...more,
});
const judge = (record: CaseRecord, id: string) => {
  const { conditions, readings, inputs } = partsOf(record, id);
  return judgeWhole(
    record.test.find((t) => t.id === id)!,
    conditions,
    readings,
    inputs,
  );
};

describe('putting a test on a case', () => {
  it('brings its conditions, readings and the entries of its check', () => {
    const { testId, ops } = putTest(
      {
        question: 'Does it hold?',
        conditions: ['engine warm'],
        readings: [{ label: 'pressure', limit: '≥ 4 bar' }],
        checkId: 'nox-conversion',
        inputs: [{ field: 'limit', at: '', column: '', entered: '90 %' }],
      },
      place(),
    );
    const record = applyOps(empty(), ops);
    expect(record.test[0]).toMatchObject({ id: testId, question: 'Does it hold?', verdict: '' });
    expect(record.condition.map((c) => c.what)).toEqual(['engine warm']);
    expect(record.reading.map((r) => [r.label, r.limit, r.entered])).toEqual([['pressure', '≥ 4 bar', '']]);
    expect(record.input.map((i) => [i.field, i.entered])).toEqual([
      ['before', ''],
      ['after', ''],
      ['limit', '90 %'],
    ]);
  });

  it('fills in what the vehicle answers, and says the caution before the step', () => {
    const { ops } = putCheck(checkOf('injector-balance')!, place({ vehicle }));
    const record = applyOps(empty(), ops);
    expect(record.input.filter((i) => i.field === 'each').map((i) => i.at)).toEqual(['1', '2', '3']);
    expect(record.input.find((i) => i.field === 'cylinders')?.entered).toBe('3');
    expect(record.test[0]!.caution).toContain('fuel under pressure');
    expect(record.condition.length).toBe(checkOf('injector-balance')!.needs!.length);
    const air = applyOps(empty(), putCheck(checkOf('engine-air-flow')!, place({ vehicle })).ops);
    expect(air.input.find((i) => i.field === 'displacement')?.entered).toBe('1.2 L');
    expect(air.input.find((i) => i.field === 'strokes')?.entered).toBe('four-stroke');
  });

  it.each(CHECKS.map((c) => [c.id, c] as const))(
    '%s, with its example, is judged on the case',
    (_, check) => {
      const { testId, ops } = putCheck(check, place(), rowsFor(check, check.example as Typed));
      const record = applyOps(empty(), ops);
      expect(judge(record, testId).check?.state).toBe('done');
    },
  );
});

describe('repeating a test', () => {
  it.each(CHECKS.map((c) => [c.id, c] as const))(
    '%s: keeps the set-up, and proves nothing yet',
    (_, check) => {
      const put = putCheck(check, place(), rowsFor(check, check.example as Typed));
      let record = applyOps(empty(), put.ops);
      record = { ...record, condition: record.condition.map((c) => ({ ...c, met: 'yes' as const })) };
      const again = repeatTest(record.test[0]!, partsOf(record, put.testId), place({ position: 1 }));
      record = applyOps(record, again.ops);
      const second = record.test.find((t) => t.id === again.testId)!;
      expect(second.repeatOf).toBe(put.testId);
      // Nothing measured is carried over, so there is no verdict.
      expect(judge(record, again.testId).test.verdict).toBe('');
      expect(record.input.filter((i) => i.testId === again.testId).length).toBe(
        record.input.filter((i) => i.testId === put.testId).length,
      );
      expect(record.condition.filter((c) => c.testId === again.testId).every((c) => c.met === '')).toBe(true);
    },
  );

  it('keeps instrument and limits, forgets readings and a verdict by hand, and names the first of its line', () => {
    const { testId, ops } = putTest(
      { question: 'Q', setup: 'leads first', readings: [{ label: 'a', limit: '≥ 4 bar' }], minutes: 20 },
      place(),
      { instrument: 'gauge', accuracy: '± 1 %', overrule: 'pass', overruleWhy: 'seen', watch: 'caught' },
    );
    let record = applyOps(empty(), ops);
    record = { ...record, reading: record.reading.map((r) => ({ ...r, entered: '3 bar' })) };
    const second = repeatTest(record.test[0]!, partsOf(record, testId), place());
    record = applyOps(record, second.ops);
    const third = repeatTest(
      record.test.find((t) => t.id === second.testId)!,
      partsOf(record, second.testId),
      place(),
    );
    record = applyOps(record, third.ops);
    const last = record.test.find((t) => t.id === third.testId)!;
    expect(last).toMatchObject({
      repeatOf: testId,
      instrument: 'gauge',
      accuracy: '± 1 %',
      setup: 'leads first',
      overrule: '',
      watch: '',
      runId: null,
    });
    expect(partsOf(record, third.testId).readings.map((r) => [r.limit, r.entered])).toEqual([
      ['≥ 4 bar', ''],
    ]);
  });
});

describe('a procedure', () => {
  const procedure = Procedure.parse({
    id: 'p',
    title: 'Filter',
    steps: [
      { question: 'One?', readings: [{ label: 'a', limit: '≤ 3 bar' }] },
      {
        question: 'Two?',
        checkId: 'cam-crank',
        inputs: [{ field: 'teeth', at: '', column: '', entered: '22' }],
      },
    ],
  });

  it('begins as a run with its steps in their order', () => {
    const { runId, ops } = beginRun(procedure, place());
    const record = applyOps(empty(), ops);
    expect(record.run[0]).toMatchObject({ id: runId, procedureId: 'p', title: 'Filter', state: '' });
    expect(record.test.map((t) => [t.question, t.runId])).toEqual([
      ['One?', runId],
      ['Two?', runId],
    ]);
    expect(record.test[0]!.at < record.test[1]!.at).toBe(true);
    expect(runProgress(record.test)).toMatchObject({ done: 0, all: 2 });
  });

  it('saved from its own run is the same procedure again, whatever was measured', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), (typed) => {
        const { ops } = beginRun(procedure, place());
        let record = applyOps(empty(), ops);
        record = {
          ...record,
          reading: record.reading.map((r) => ({ ...r, entered: typed })),
          input: record.input.map((i) => (i.field === 'measured' ? { ...i, entered: typed } : i)),
        };
        expect(record.test.map((t) => stepOf(t, partsOf(record, t.id)))).toEqual(procedure.steps);
      }),
      { numRuns: 40 },
    );
  });

  it('made on four cylinders fits an engine of three', () => {
    const check = checkOf('injector-balance')!;
    const put = putCheck(check, place(), rowsFor(check, check.example as Typed));
    const record = applyOps(empty(), put.ops);
    const step = stepOf(record.test[0]!, partsOf(record, put.testId));
    expect(step.inputs.map((i) => `${i.field}=${i.entered}`)).toEqual([
      'given=pressure left',
      'pulses=50',
      'width=10 ms',
    ]);
    const there = applyOps(empty(), putTest(step, place({ vehicle })).ops);
    expect(there.input.filter((i) => i.field === 'each').map((i) => `${i.at}:${i.entered}`)).toEqual([
      '1:',
      '2:',
      '3:',
    ]);
    expect(there.input.find((i) => i.field === 'cylinders')?.entered).toBe('3');
  });
});
