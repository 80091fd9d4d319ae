import { describe, expect, it } from 'vitest';
import { CHECKS_SCENARIOS } from './checks';
import { CODES_SCENARIOS } from './codes';
import { GRADE_SCENARIOS } from './grades';
import { readScenarios } from './read-scenario';
import { scenarioResult } from './says';
import { TRIAGE_SCENARIOS } from './triage';
import { TEST_SCENARIOS } from './tests';

const GROUPS = {
  'what became of a code': CODES_SCENARIOS,
  roles: TRIAGE_SCENARIOS,
  'verdicts of tests': TEST_SCENARIOS,
  'computed checks': CHECKS_SCENARIOS,
  'the grade of a proof': GRADE_SCENARIOS,
};

let all = 0;
describe.each(Object.entries(GROUPS))('%s (common practice, no source)', (_, text) => {
  const scenarios = readScenarios(text);
  all += scenarios.length;
  it.each(scenarios.map((s) => [s.name, s] as const))('%s', (_name, s) => {
    expect(s.expected.length).toBeGreaterThan(0);
    for (const line of s.expected) {
      const { found, wanted } = scenarioResult(s, line);
      if (typeof wanted === 'string') expect(found, line).toBe(wanted);
      else expect(found, line).toMatch(wanted);
    }
  });
});

it('are at least sixty', () => {
  expect(all).toBeGreaterThanOrEqual(60);
});
