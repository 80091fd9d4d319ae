import { ProcedureStep } from '@/core/case';
import type { TradeKnowledge } from '@/core/trade/knowledge';
import type { TradeTest } from '@/core/trade/contract';
import type { Practice } from './answers';

/**
 * What general practice knows of the causes at hand: the tests that speak of them, and their names.
 *
 * @param knowledge what the trade knows, in the keys of the shop
 * @param keys causes at hand
 */
export function practiceFor(knowledge: TradeKnowledge, keys: Iterable<string>): Practice {
  const names = new Map<string, string>();
  const tests = new Map<string, { words: string; minutes: number; fails: Map<string, number> }>();
  const wanted = new Set<number>();
  for (const key of keys) {
    const i = knowledge.at.get(key);
    if (i === undefined) continue;
    wanted.add(i);
    names.set(key, knowledge.causes[i]!.name);
  }
  for (const [question, { test, fails }] of knowledge.tests) {
    const here = new Map<string, number>();
    for (const [i, chance] of fails) if (wanted.has(i)) here.set(knowledge.causes[i]!.key, chance);
    if (here.size > 0) tests.set(question, { words: test.question, minutes: test.minutes, fails: here });
  }
  return { names, tests };
}

/** A test of general practice as a step that can be put on a case. */
export const practiceStep = (test: TradeTest): ProcedureStep =>
  ProcedureStep.parse({
    question: test.question,
    expectation: test.expectation ?? '',
    expectationSource: 'common practice',
    setup: test.tool ? `With: ${test.tool}` : '',
    minutes: test.minutes,
    conditions: test.conditions ?? [],
  });
