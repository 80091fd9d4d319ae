import { median } from 'simple-statistics';
import { GRADES, type Grade } from '@/core/case';
import { foldQuestion } from '@/core/guide/facts';
import type { CaseProfile } from '@/core/similar';

/** What a shop's closed cases of some time say of its work; every figure names the cases behind it. */
export interface Review {
  /** Numbers of all cases looked at. */
  cases: number[];
  /** How the cases ended, best proof last; cases without a proof are under ''. */
  proof: { grade: Grade; cases: number[] }[];
  /**
   * Causes whose repair came back: the cases, and of how many repaired with that cause. Of two causes in one case it is
   * not told which came back: they stand together.
   */
  comebacks: { keys: string[]; name: string; cases: number[]; of: number }[];
  /**
   * Minutes of testing before the repair, by the system of the cause: of cases on which every test has its minutes.
   */
  testing: { system: string; cases: number[]; median: number; longest: number }[];
  /** Parts that had been replaced before and changed nothing. */
  inVain: {
    part: string;
    cases: number[];
    /** What was spent on it, on which cases that is known, and on which a price stands that cannot be read. */
    spent: { sum: number; cases: number[]; unread: number[] } | undefined;
  }[];
  /** Tests that found something on cases whose cause was found, by how often for each hour spent on them. */
  tests: { question: string; found: number[]; done: number; minutes: number; perHour: number }[];
  /** What customers complain of, and what it was. */
  complaints: {
    symptom: string;
    causes: { key: string; name: string; cases: number[] }[];
    cases: number[];
  }[];
}

/** A test that was timed only once or twice says little of how long it takes. */
const LEAST_TIMES = 3;
const MOST = 12;
const MOST_CAUSES = 4;

class Groups<T extends object> {
  private readonly map = new Map<string, T & { cases: number[] }>();
  /** Adds a case to a group, once. */
  add(key: string, number: number, about: () => T): T & { cases: number[] } {
    const group = this.map.get(key) ?? { ...about(), cases: [] };
    if (!group.cases.includes(number)) group.cases.push(number);
    this.map.set(key, group);
    return group;
  }
  all(): (T & { cases: number[] })[] {
    return [...this.map.values()];
  }
  /** The largest first; of equal ones the one met first. */
  largest(most = MOST): (T & { cases: number[] })[] {
    return this.all()
      .sort((a, b) => b.cases.length - a.cases.length)
      .slice(0, most);
  }
}

const came = (p: CaseProfile): boolean => p.cameBack || p.comebacks.length > 0;

function comebacksOf(profiles: readonly CaseProfile[]): Review['comebacks'] {
  const repaired = new Groups<{ keys: string[]; name: string; back: number[] }>();
  for (const p of profiles) {
    if (!p.repaired || p.causes.length === 0) continue;
    const causes = [...p.causes].sort((a, b) => a.key.localeCompare(b.key));
    const keys = causes.map((c) => c.key);
    const group = repaired.add(keys.join(' '), p.number, () => ({
      keys,
      name: causes.map((c) => c.name).join(' and '),
      back: [],
    }));
    if (came(p)) group.back.push(p.number);
  }
  return repaired
    .all()
    .filter((g) => g.back.length > 0)
    .sort((a, b) => b.back.length - a.back.length)
    .slice(0, MOST)
    .map(({ keys, name, back, cases }) => ({ keys, name, cases: back, of: cases.length }));
}

function testingOf(profiles: readonly CaseProfile[], systemOf: (key: string) => string): Review['testing'] {
  const systems = new Groups<{ system: string; minutes: number[] }>();
  for (const p of profiles) {
    const [cause] = p.causes;
    const done = p.outcomes.filter((o) => o.verdict !== '');
    const minutes = done.flatMap((o) => o.minutes ?? []);
    if (!cause || done.length === 0 || minutes.length < done.length) continue;
    const system = systemOf(cause.key) || 'other';
    systems
      .add(system, p.number, () => ({ system, minutes: [] }))
      .minutes.push(minutes.reduce((sum, m) => sum + m, 0));
  }
  return systems
    .largest()
    .map(({ minutes, ...s }) => ({ ...s, median: median(minutes), longest: Math.max(...minutes) }))
    .sort((a, b) => b.median - a.median);
}

function testsOf(profiles: readonly CaseProfile[]): Review['tests'] {
  const tests = new Map<string, { question: string; found: number[]; times: number[]; done: number }>();
  for (const p of profiles) {
    if (p.causes.length === 0) continue;
    for (const o of p.outcomes) {
      if (o.verdict !== 'pass' && o.verdict !== 'fail') continue;
      const key = foldQuestion(o.question);
      const test = tests.get(key) ?? { question: o.question, found: [], times: [], done: 0 };
      test.done++;
      if (o.verdict === 'fail') test.found.push(p.number);
      if (o.minutes !== null && o.minutes > 0) test.times.push(o.minutes);
      tests.set(key, test);
    }
  }
  return [...tests.values()]
    .filter((t) => t.times.length >= LEAST_TIMES && t.found.length > 0)
    .map(({ question, found, times, done }) => {
      const minutes = median(times);
      return { question, found, done, minutes, perHour: ((found.length / done) * 60) / minutes };
    })
    .sort((a, b) => b.perHour - a.perHour)
    .slice(0, MOST);
}

function complaintsOf(profiles: readonly CaseProfile[]): Review['complaints'] {
  const symptoms = new Groups<{ symptom: string; causes: Groups<{ key: string; name: string }> }>();
  for (const p of profiles) {
    if (p.causes.length === 0) continue;
    for (const s of p.symptoms) {
      const group = symptoms.add(s.id, p.number, () => ({ symptom: s.label, causes: new Groups() }));
      for (const c of p.causes) group.causes.add(c.key, p.number, () => ({ key: c.key, name: c.name }));
    }
  }
  return symptoms.largest().map((s) => ({ ...s, causes: s.causes.largest(MOST_CAUSES) }));
}

function inVainOf(
  profiles: readonly CaseProfile[],
  priceOf: (typed: string) => number | undefined,
): Review['inVain'] {
  const vain = new Groups<{ part: string }>();
  const spent = new Map<string, { sum: number; cases: number[]; unread: number[] }>();
  for (const p of profiles) {
    for (const part of p.vain) vain.add(part, p.number, () => ({ part }));
    for (const { what, price } of p.spent) {
      const amount = priceOf(price);
      const known = spent.get(what) ?? { sum: 0, cases: [], unread: [] };
      known.sum += amount ?? 0;
      // A price that cannot be read is neither nothing nor unnoted.
      const cases = amount === undefined ? known.unread : known.cases;
      if (!cases.includes(p.number)) cases.push(p.number);
      spent.set(what, known);
    }
  }
  return vain.largest().map((v) => ({ ...v, spent: spent.get(v.part) }));
}

/**
 * Draws up what the closed cases of some time say of a shop's work.
 *
 * @param profiles closed cases of that time, in any order
 * @param systemOf the system (fuel, ignition …) of a cause by its key; empty where it is not known
 * @param priceOf an amount as typed in the shop's currency; undefined where it cannot be read
 * @returns counts with the numbers of the cases behind them, the largest first, twelve of each at the most. Minutes are
 * those noted on tests, and medians of them; a test's rate is (times it failed ÷ times it was judged) ÷ its median time
 * @example a test that failed in 3 of 4 cases and takes 10 minutes finds something 4.5 times an hour
 */
export function reviewOf(
  profiles: readonly CaseProfile[],
  systemOf: (key: string) => string,
  priceOf: (typed: string) => number | undefined = () => undefined,
): Review {
  return {
    cases: profiles.map((p) => p.number),
    proof: GRADES.map((grade) => ({
      grade,
      cases: profiles.filter((p) => p.grade === grade).map((p) => p.number),
    })).filter((g) => g.cases.length > 0),
    comebacks: comebacksOf(profiles),
    testing: testingOf(profiles, systemOf),
    inVain: inVainOf(profiles, priceOf),
    tests: testsOf(profiles),
    complaints: complaintsOf(profiles),
  };
}
