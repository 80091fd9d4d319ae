import type { Condition, Input, Reading, Test } from '@/core/case';
import { judgeReading, judgeSiblings, judgeTest, type Judgement } from '@/core/readings';
import { formOf, overall, runCheck, type CheckResult, type Typed } from './run';
import { checkOf } from './search';
import type { Check } from './contract';

type InputFacts = Pick<Input, 'field' | 'at' | 'column' | 'entered' | 'position'>;

/**
 * What was typed into a check, from its rows on the case: a single field is one row, a list one row
 * per label, a table one row per cell.
 *
 * @param check whose form it is
 * @param rows in any order; a field that stands twice is taken from the later row
 */
export function typedOf(check: Check, rows: readonly InputFacts[]): Typed {
  const typed: Typed = {};
  const sorted = [...rows].sort((a, b) => a.position - b.position);
  for (const field of formOf(check)) {
    const mine = sorted.filter((r) => r.field === field.name);
    if (field.info.kind === 'list') typed[field.name] = mine.map((r) => ({ at: r.at, entered: r.entered }));
    else if (field.info.kind === 'table') {
      const keys = [...new Set(mine.map((r) => r.at))];
      typed[field.name] = keys.map((key) =>
        Object.fromEntries(mine.filter((r) => r.at === key).map((r) => [r.column, r.entered])),
      );
    } else typed[field.name] = mine.at(-1)?.entered ?? '';
  }
  return typed;
}

/** The rows a check begins with on a case, from what was typed or from nothing. */
export function rowsFor(
  check: Check,
  typed: Typed,
  labels: Readonly<Record<string, readonly string[]>> = {},
): Omit<InputFacts, 'position'>[] {
  return formOf(check).flatMap((field): Omit<InputFacts, 'position'>[] => {
    const value = typed[field.name];
    const { info } = field;
    if (info.kind === 'list') {
      const given = Array.isArray(value) && value.length ? value : undefined;
      const rows = given ?? (labels[info.each] ?? info.labels).map((at) => ({ at, entered: '' }));
      return rows.map((r) => ({ field: field.name, at: r.at ?? '', column: '', entered: r.entered ?? '' }));
    }
    if (info.kind === 'table') {
      const given = Array.isArray(value) && value.length ? value : [{}, {}, {}];
      return given.flatMap((r, i) =>
        info.columns.map((c) => ({
          field: field.name,
          at: String(i + 1),
          column: c.name,
          entered: (r as Record<string, string>)[c.name] ?? '',
        })),
      );
    }
    return [{ field: field.name, at: '', column: '', entered: typeof value === 'string' ? value : '' }];
  });
}

export interface WholeJudgement {
  test: Judgement;
  /** By reading, in the order given. */
  readings: Judgement[];
  check?: CheckResult;
}

/**
 * Judges a test with all that belongs to it: conditions, set-up check, readings with their limits
 * and against each other, the computed check, an intermittent fault watched for, a person's word.
 *
 * @param test the test
 * @param conditions its conditions
 * @param readings its readings in order
 * @param inputs entries of its computed check
 * @returns the verdict of the test and of every reading, and what the check found
 */
export function judgeWhole(
  test: Test,
  conditions: readonly Condition[],
  readings: readonly Reading[],
  inputs: readonly InputFacts[],
): WholeJudgement {
  const siblings = judgeSiblings(readings);
  const each = readings.map(
    (r, i) => siblings?.each.get(i) ?? judgeReading(r.entered, r.limit, test.accuracy),
  );
  const check = test.checkId ? checkOf(test.checkId) : undefined;
  const result = check && runCheck(check, typedOf(check, inputs));
  const more: Judgement[] = [];
  if (siblings && siblings.group.verdict !== '') more.push(siblings.group);
  if (result?.state === 'done') more.push(overall(result.findings));
  if (result?.state === 'refused')
    more.push({ verdict: 'unsure', because: result.problems[0]?.message ?? 'An entry is not understood.' });
  return {
    test: judgeTest(test, [...conditions], [...readings], { each, more }),
    readings: each,
    ...(result ? { check: result } : {}),
  };
}
