import type { PracticeAnswer } from '@/core/api';
import type { Catalogue } from '@/core/cause';
import { nextTests, practiceFor, type Facts } from '@/core/guide';
import { tellsOfCauses, type Ranking } from '@/core/similar';
import { tradeOf } from '@/core/trade/shop';

const NOTHING: Facts = { outcomes: new Map(), readings: new Map() };
const SHOWN = 5;
/** Below this a cause is not worth a line. */
const LEAST = 0.04;
/** How many times likelier something has to make a cause to speak for it. */
const SPEAKS = 1.5;
export const NO_PRACTICE_ANSWER: PracticeAnswer = { causes: [], tests: [] };

/**
 * What general practice says of a line: causes that no case of the shop had, with what speaks for them, and the tests
 * that would tell them apart.
 *
 * @param ranking of the line
 * @param catalogue the shop's list
 */
export function practiceOf(ranking: Ranking, catalogue: Catalogue): PracticeAnswer {
  if (!tellsOfCauses(ranking.asks)) return NO_PRACTICE_ANSWER;
  const knowledge = tradeOf(catalogue);
  const { shares, unseen } = ranking.prior;
  const causes = [...shares]
    .filter(([key, s]) => s.cases === 0 && s.share >= LEAST && knowledge.at.has(key))
    .sort((a, b) => b[1].share - a[1].share)
    .slice(0, SHOWN)
    .flatMap(([key, s]) => {
      const cause = knowledge.causes[knowledge.at.get(key)!]!;
      const because = s.because.flatMap(({ label, factor, practice }) =>
        factor >= SPEAKS && practice !== null ? [{ label, chance: practice }] : [],
      );
      return because.length > 0
        ? [{ key, name: cause.name, share: s.share, because, mistaken: [...cause.fault.mistaken] }]
        : [];
    });
  const prior = { shares: new Map([...shares].map(([key, s]) => [key, s.share])), unseen };
  const tests = causes.length
    ? nextTests([], NOTHING, prior, new Set(), 3, practiceFor(knowledge, shares.keys()))
    : [];
  return {
    causes,
    tests: tests.map(({ question, minutes, key }) => ({
      question,
      minutes,
      expectation: knowledge.tests.get(key)?.test.expectation ?? '',
    })),
  };
}
