import { comparable, convert, writeQuantity } from '@/core/readings';
import { allAttributes, type ForkCase } from './attributes';
import type { Facts } from './facts';
import { informationGain } from './information';

/** Forks: what separated cases that looked alike, by what each answer tells about the cause. */

/** One side of a fork: who fell there, and what it was. */
export interface ForkSide {
  says: string;
  causes: { key: string; name: string; cases: number }[];
  numbers: number[];
}

export interface Fork {
  of: 'outcome' | 'reading';
  question: string;
  label: string;
  key: string;
  /** Only for readings. */
  threshold?: { value: number; unit: string };
  /** Only for readings: each case's value in the unit of the threshold, by the name of its cause. */
  values?: { cause: string; number: number; value: number }[];
  decimals?: number;
  sides: [ForkSide, ForkSide, ...ForkSide[]];
  /** On how many cases it rests. */
  cases: number;
  gain: number;
  /** Gain weighed by the share of the cases that have it at all. */
  worth: number;
}

/**
 * The tests and readings that separated cases of different causes, the most telling first.
 *
 * @param cases past cases that share a code or symptom set
 * @param most how many forks at the most
 * @returns forks that tell something and rest on at least two cases; none when all have one cause
 */
export function findForks(cases: readonly ForkCase[], most = 6): Fork[] {
  if (new Set(cases.map((c) => c.cause.key)).size < 2) return [];
  const forks = allAttributes(cases).flatMap((a): Fork[] => {
    const have = cases.filter((c) => a.answerOf(c) !== undefined);
    const fork = forkOf(
      have,
      have.map((c) => a.answerOf(c)!),
      cases.length,
      a.answers,
    );
    return fork
      ? [
          {
            ...fork,
            of: a.of,
            question: a.words,
            label: a.label,
            key: a.key,
            ...(a.threshold && a.readingOf
              ? {
                  threshold: a.threshold,
                  decimals: a.decimals ?? 0,
                  values: have.map((c) => ({
                    cause: c.cause.name,
                    number: c.number,
                    value: a.readingOf!(c)!,
                  })),
                }
              : {}),
          },
        ]
      : [];
  });
  // A reading tells its own threshold; the outcome of the same test says less when it says the same.
  return forks
    .sort((a, b) => b.worth - a.worth || Number(a.of === 'outcome') - Number(b.of === 'outcome'))
    .slice(0, most);
}

const LEAST_GAIN = 0.05;

function forkOf(
  have: readonly ForkCase[],
  groups: readonly string[],
  all: number,
  answers: readonly string[],
): Pick<Fork, 'sides' | 'cases' | 'gain' | 'worth'> | undefined {
  const labels = have.map((c) => c.cause.key);
  const names = answers.filter((a) => groups.includes(a));
  if (have.length < 2 || new Set(labels).size < 2 || names.length < 2) return undefined;
  const gain = informationGain(labels, groups);
  if (gain < LEAST_GAIN) return undefined;
  const sides = names.map((g): ForkSide => {
    const inside = have.filter((_, i) => groups[i] === g);
    const causes = new Map<string, { key: string; name: string; cases: number }>();
    for (const c of inside) {
      const known = causes.get(c.cause.key) ?? { ...c.cause, cases: 0 };
      known.cases++;
      causes.set(c.cause.key, known);
    }
    return {
      says: g,
      causes: [...causes.values()].sort((a, b) => b.cases - a.cases),
      numbers: inside.map((c) => c.number),
    };
  });
  return {
    sides: sides as unknown as Fork['sides'],
    cases: have.length,
    gain,
    worth: (gain * have.length) / all,
  };
}

/**
 * On which side of a fork a case falls.
 *
 * @returns the side, or undefined when the case has not asked that yet
 */
export function sideOf(
  fork: Fork,
  facts: Facts,
): { side: ForkSide; here: string; value?: number } | undefined {
  if (fork.of === 'outcome') {
    const verdict = facts.outcomes.get(fork.key)?.verdict ?? '';
    const side = fork.sides.find((s) => s.says === verdict);
    return side && { side, here: verdict };
  }
  const reading = facts.readings.get(fork.key);
  if (!reading || !fork.threshold) return undefined;
  const { unit, value } = fork.threshold;
  if (reading.quantity.unit !== unit && !comparable(reading.quantity.unit, unit)) return undefined;
  const here = convert(reading.quantity, unit).value;
  const side = fork.sides.find((s) => s.says.startsWith(here <= value ? 'up to' : 'above'));
  return side && { side, here: writeQuantity(reading.quantity, reading.decimals), value: here };
}
