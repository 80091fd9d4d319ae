import { findForks, type Fork } from '@/core/guide/fork';
import { factsOf, foldQuestion } from '@/core/guide/facts';
import { comparable, convert } from '@/core/readings';
import { countCauses, type CauseCount } from './causes';
import { didComeBack, type CaseProfile } from './profile';

/** A reading as the cases of one cause gave it. */
interface ReadingRange {
  cause: string;
  values: { value: number; number: number }[];
  low: number;
  median: number;
  high: number;
}

/** One reading over all causes, in one unit. */
export interface ReadingByCause {
  question: string;
  label: string;
  unit: string;
  decimals: number;
  causes: ReadingRange[];
}

/** What a shop has learned of a code, a cause, a vehicle or a build. */
export interface Experience {
  cases: number;
  open: number;
  causes: CauseCount[];
  /** Tests and readings that told causes apart. */
  told: Fork[];
  /** Questions that were asked most, with how they came out. */
  asked: { question: string; fail: number; pass: number; numbers: number[] }[];
  readings: ReadingByCause[];
  /** What had been replaced before and changed nothing. */
  vain: { what: string; numbers: number[] }[];
  misled: { words: string; number: number }[];
  comebacks: { number: number; as: number[] }[];
  /** Median of the minutes of all tests of a case; null when nobody noted any. */
  minutes: number | null;
}

const SHOWN = { asked: 8, readings: 8, vain: 8, misled: 8, told: 6 };

/**
 * What cases have in common: what it was, what told, what was replaced in vain, what came back.
 *
 * @param profiles the cases, newest first
 * @returns lists with the most telling or most frequent first; each names its cases by number
 */
export function experienceOf(profiles: readonly CaseProfile[]): Experience {
  const known = profiles.filter((p) => p.causes.length > 0);
  const standing = known.filter((p) => !didComeBack(p));
  const asked = new Map<string, Experience['asked'][number]>();
  const vain = new Map<string, { what: string; numbers: number[] }>();
  for (const p of profiles) {
    for (const o of p.outcomes) {
      if (o.verdict !== 'pass' && o.verdict !== 'fail') continue;
      const key = foldQuestion(o.question);
      const a = asked.get(key) ?? { question: o.question, fail: 0, pass: 0, numbers: [] };
      a[o.verdict]++;
      a.numbers.push(p.number);
      asked.set(key, a);
    }
    for (const what of p.vain) {
      const v = vain.get(what.toLowerCase()) ?? { what, numbers: [] };
      v.numbers.push(p.number);
      vain.set(what.toLowerCase(), v);
    }
  }
  const minutes = profiles.flatMap((p) => p.minutes ?? []);
  return {
    cases: profiles.length,
    open: profiles.filter((p) => p.open).length,
    causes: countCauses(known.map((profile) => ({ profile, score: 1 }))),
    told: findForks(
      standing.flatMap((p) =>
        p.causes.map((cause) => ({ id: p.id, number: p.number, cause, ...factsOf(p) })),
      ),
      SHOWN.told,
    ),
    asked: [...asked.values()]
      .sort((a, b) => b.fail + b.pass - a.fail - a.pass || a.question.localeCompare(b.question))
      .slice(0, SHOWN.asked),
    readings: readingsByCause(standing).slice(0, SHOWN.readings),
    vain: [...vain.values()].sort((a, b) => b.numbers.length - a.numbers.length).slice(0, SHOWN.vain),
    misled: profiles
      .flatMap((p) => p.misled.map((words) => ({ words, number: p.number })))
      .slice(0, SHOWN.misled),
    comebacks: profiles.flatMap((p) => (didComeBack(p) ? [{ number: p.number, as: p.comebacks }] : [])),
    minutes: minutes.length ? median(minutes) : null,
  };
}

/**
 * Middle value; the mean of the two middle ones for an even count.
 *
 * @example median([3, 1, 2, 10]) // 2.5
 */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

/** Readings that at least two cases have, by cause, each in the unit it was first taken in. */
function readingsByCause(profiles: readonly CaseProfile[]): ReadingByCause[] {
  const found = new Map<string, ReadingByCause & { all: number }>();
  for (const p of profiles)
    for (const r of p.readings) {
      const key = `${foldQuestion(r.question)}/${foldQuestion(r.label)}`;
      const reading = found.get(key) ?? {
        question: r.question,
        label: r.label,
        unit: r.unit,
        decimals: r.decimals,
        causes: [],
        all: 0,
      };
      if (r.unit !== reading.unit && !comparable(r.unit, reading.unit)) continue;
      found.set(key, reading);
      reading.all++;
      const value = convert({ value: r.value, unit: r.unit }, reading.unit).value;
      for (const { name } of p.causes) {
        let range = reading.causes.find((c) => c.cause === name);
        if (!range) {
          range = { cause: name, values: [], low: value, median: value, high: value };
          reading.causes.push(range);
        }
        range.values.push({ value, number: p.number });
      }
    }
  return [...found.values()]
    .filter((r) => r.all >= 2)
    .sort((a, b) => b.causes.length - a.causes.length || b.all - a.all)
    .map(({ all: _all, ...r }) => ({
      ...r,
      causes: r.causes
        .map((c) => {
          const values = c.values.map((v) => v.value);
          return { ...c, low: Math.min(...values), median: median(values), high: Math.max(...values) };
        })
        .sort((a, b) => b.values.length - a.values.length || a.median - b.median),
    }));
}
