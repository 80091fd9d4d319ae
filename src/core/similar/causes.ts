import type { Grade } from '@/core/case';
import type { Near } from './nearness';
import { didComeBack } from './profile';

/** A cause as the matching cases tell it, with counts by grade rather than false precision. */
export interface CauseCount {
  key: string;
  name: string;
  cases: number;
  byGrade: Partial<Record<Grade, number>>;
  /** How many of them leave open which change helped. */
  notIsolated: number;
  /** How many of them came back. */
  cameBack: number;
  /** Numbers of the cases behind the count, nearest first. */
  numbers: number[];
  caseIds: string[];
}

/**
 * What it was, over the matching cases: causes with counts by grade.
 *
 * @param near ranked cases
 * @returns causes, those with most and best proven cases first
 */
export function countCauses(near: readonly Pick<Near, 'profile' | 'score'>[]): CauseCount[] {
  const counts = new Map<string, CauseCount & { weight: number }>();
  for (const { profile, score } of near) {
    for (const cause of profile.causes) {
      const c = counts.get(cause.key) ?? {
        ...cause,
        cases: 0,
        byGrade: {},
        notIsolated: 0,
        cameBack: 0,
        numbers: [],
        caseIds: [],
        weight: 0,
      };
      c.cases++;
      // A case in which several things were changed at once tells less of any one of them.
      c.weight += profile.isolated === 'not isolated' ? score / 2 : score;
      if (profile.isolated === 'not isolated') c.notIsolated++;
      if (didComeBack(profile)) c.cameBack++;
      c.byGrade[profile.grade] = (c.byGrade[profile.grade] ?? 0) + 1;
      c.numbers.push(profile.number);
      c.caseIds.push(profile.id);
      counts.set(cause.key, c);
    }
  }
  return [...counts.values()].sort((a, b) => b.weight - a.weight).map(({ weight: _weight, ...c }) => c);
}
