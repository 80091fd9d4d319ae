import {
  firstRun,
  type CaseRecord,
  type Condition,
  type FindingRow,
  type Reading,
  type Test,
} from '@/core/case';
import {
  barometerOf,
  batteryLimit,
  isBatteryLimit,
  judgeReading,
  judgeSiblings,
  judgeTest,
  type Judgement,
} from '@/core/readings';
import type { Check } from './contract';
import { isMeasured, PER_CYLINDER, typedOf, type InputFacts } from './rows';
import { formOf, overall, runCheck, type CheckResult } from './run';
import { checkOf } from './search';

export interface WholeJudgement {
  test: Judgement;
  /** By reading, in the order given. */
  readings: Judgement[];
  check?: CheckResult;
}

/** What was taken when a test was done first; a repeat has to take it again. */
export interface FirstTime {
  readings: readonly Pick<Reading, 'label' | 'position' | 'entered' | 'limit'>[];
  inputs: readonly InputFacts[];
}

/**
 * Judges a test with all that belongs to it: conditions, set-up check, readings with their limits
 * and against each other, the computed check, what an analysis found, an intermittent fault watched for, a
 * person's word.
 *
 * @param test the test
 * @param conditions its conditions
 * @param readings its readings in order
 * @param inputs entries of its computed check
 * @param findings what an analysis of a trace found, as it was found
 * @param first for a repeat, what was taken the first time
 * @returns the verdict of the test and of every reading, and what the check found
 */
export function judgeWhole(
  test: Test,
  conditions: readonly Condition[],
  readings: readonly Reading[],
  inputs: readonly InputFacts[],
  findings: readonly Pick<FindingRow, 'verdict' | 'because' | 'about'>[] = [],
  first?: FirstTime,
): WholeJudgement {
  const siblings = judgeSiblings(readings);
  const each = readings.map((r, i) => siblings?.each.get(i) ?? judgeAmong(r, readings, test.accuracy));
  const check = test.checkId ? checkOf(test.checkId) : undefined;
  const result = check && runCheck(check, typedOf(check, inputs), typedOf(check, first?.inputs ?? []));
  const more: Judgement[] = [];
  if (siblings && siblings.group.verdict !== '') more.push(siblings.group);
  if (result?.state === 'done') more.push(overall(result.findings));
  if (result?.state === 'refused')
    more.push({ verdict: 'unsure', because: result.problems[0]?.message ?? 'An entry is not understood.' });
  if (findings.length) more.push(overall(findings));
  more.push(...otherLimits(readings, each, first));
  const missing = [
    ...missingReadings(readings, first),
    ...(check ? blankMembers(check, inputs) : []),
    ...(check && first ? missingEntries(check.id, inputs, first.inputs) : []),
  ];
  return {
    test: judgeTest(test, [...conditions], [...readings], { each, more, missing }),
    readings: each,
    ...(result ? { check: result } : {}),
  };
}

/** One reading against its limit, with what else was read in the same test: the battery for B+, the barometer. */
function judgeAmong(r: Reading, readings: readonly Reading[], accuracy: string): Judgement {
  if (!isBatteryLimit(r.limit) || r.entered.trim() === '')
    return judgeReading(r.entered, r.limit, accuracy, barometerOf(readings));
  const battery = batteryLimit(readings.filter((other) => other !== r));
  return 'problem' in battery
    ? { verdict: 'unsure', because: battery.problem }
    : judgeReading(r.entered, battery.limit, accuracy);
}

const folded = (s: string) => s.trim().toLowerCase().replace(/\s+/g, ' ');

/** Readings with a limit that stand empty, and those of the first time that are not here. */
function missingReadings(readings: readonly Reading[], first: FirstTime | undefined): string[] {
  const open = readings
    .filter((r) => r.entered.trim() === '' && r.limit.trim() !== '' && r.label.trim() !== '')
    .map((r) => r.label);
  const left = (first?.readings ?? [])
    .filter((f) => f.entered.trim() !== '' && f.limit.trim() !== '')
    .flatMap((f) => {
      const now = sameReading(readings, f);
      const name = f.label.trim() || `the reading against ${f.limit}`;
      if ((now?.entered ?? '').trim() === '') return [name];
      return now!.limit.trim() === '' ? [`a limit for ${name}`] : [];
    });
  return [...new Set([...open, ...left])];
}

/**
 * The reading of another run of a test that goes with one: of the same label, or in the same place where it has none.
 * Rows that were made of one line stand between places, so that the place alone tells nothing.
 *
 * @param readings of the other run
 * @param one the reading to look for
 */
export const sameReading = <R extends Pick<Reading, 'label' | 'position'>>(
  readings: readonly R[],
  one: Pick<Reading, 'label' | 'position'>,
): R | undefined =>
  readings.find(
    (r) => folded(r.label) === folded(one.label) && (one.label.trim() !== '' || r.position === one.position),
  );

/** Readings that pass only because their limit is another than the first time. */
function otherLimits(
  readings: readonly Reading[],
  each: readonly Judgement[],
  first: FirstTime | undefined,
): Judgement[] {
  return (first?.readings ?? []).flatMap((f): Judgement[] => {
    const now = sameReading(readings, f);
    if (!now || folded(now.limit) === folded(f.limit) || each[readings.indexOf(now)]?.verdict !== 'pass')
      return [];
    if (judgeReading(now.entered, f.limit).verdict !== 'fail') return [];
    return [
      {
        verdict: 'unsure',
        because: `${now.label || 'A reading'}: ${now.entered} passes against ${now.limit}, but the first time the limit was ${f.limit}. Make both the same, or say by hand which holds.`,
      },
    ];
  });
}

/** Cylinders of a list that stand empty beside others that were measured: nobody knows them to be good. */
function blankMembers(check: Check, inputs: readonly InputFacts[]): string[] {
  return formOf(check).flatMap(({ name, info, given }) => {
    if (info.kind !== 'list' || given !== false || !PER_CYLINDER.has(info.each)) return [];
    const mine = inputs.filter((r) => r.field === name);
    if (mine.every((r) => r.entered.trim() === '')) return [];
    return mine.filter((r) => r.entered.trim() === '' && r.at !== '').map((r) => `${info.each} ${r.at}`);
  });
}

/** Entries measured the first time and left empty now. */
function missingEntries(
  checkId: string,
  inputs: readonly InputFacts[],
  first: readonly InputFacts[],
): string[] {
  const check = checkOf(checkId);
  if (!check) return [];
  const key = (r: InputFacts) => `${r.field}/${r.at}/${r.column}`;
  const filled = new Set(inputs.filter((r) => r.entered.trim() !== '').map(key));
  return first
    .filter((r) => r.entered.trim() !== '' && isMeasured(check, r) && !filled.has(key(r)))
    .map((r) => [r.field, r.at, r.column].filter(Boolean).join(' '));
}

type Judged = Pick<CaseRecord, 'test' | 'condition' | 'reading' | 'input' | 'finding'>;

/** What judging changed: tests and readings with their new verdicts. */
export interface Rejudged {
  tests: { row: Test; verdict: Judgement }[];
  readings: { row: Reading; verdict: Judgement }[];
}

/**
 * Judges tests of a case: the one function behind browser, server and import.
 *
 * @param record tests and what hangs on them
 * @param only ids of the tests that were written; their repeats are judged with them. All when left out
 * @returns the rows whose verdict or reason is another than it says
 */
export function judgeTests(record: Judged, only?: ReadonlySet<string>): Rejudged {
  const out: Rejudged = { tests: [], readings: [] };
  const by = <T extends { testId: string }>(rows: readonly T[]) => {
    const map = new Map<string, T[]>();
    for (const r of rows) {
      const list = map.get(r.testId);
      if (list) list.push(r);
      else map.set(r.testId, [r]);
    }
    return (id: string): T[] => map.get(id) ?? [];
  };
  const conditions = by(record.condition);
  const readings = by(record.reading);
  const inputs = by(record.input);
  const findings = by(record.finding);
  for (const row of record.test) {
    const root = firstRun(record.test, row);
    if (only && !only.has(row.id) && !only.has(root.id)) continue;
    const own = readings(row.id);
    const first = root === row ? undefined : { readings: readings(root.id), inputs: inputs(root.id) };
    const judged = judgeWhole(row, conditions(row.id), own, inputs(row.id), findings(row.id), first);
    own.forEach((r, i) => {
      const verdict = judged.readings[i]!;
      if (verdict.verdict !== r.verdict || verdict.because !== r.because)
        out.readings.push({ row: r, verdict });
    });
    const verdict = judged.test;
    if (verdict.verdict !== row.verdict || verdict.because !== row.because) out.tests.push({ row, verdict });
  }
  return out;
}

/**
 * The record with its tests judged; rows that did not change are the same objects.
 *
 * @param record the case
 * @param only ids of the tests that were written; all when left out
 */
export function withVerdicts<R extends Judged>(record: R, only?: ReadonlySet<string>): R {
  const { tests, readings } = judgeTests(record, only);
  if (tests.length + readings.length === 0) return record;
  const newTests = new Map(tests.map(({ row, verdict }) => [row, { ...row, ...verdict }]));
  const newReadings = new Map(readings.map(({ row, verdict }) => [row, { ...row, ...verdict }]));
  return {
    ...record,
    test: record.test.map((t) => newTests.get(t) ?? t),
    reading: record.reading.map((r) => newReadings.get(r) ?? r),
  };
}
