import { Catalogue, starterItems } from '@/core/cause';
import { changedInVain } from '@/core/cause/changed-before';
import { guideOf, practiceFor, type Facts } from '@/core/guide';
import { CaseIndex, rank, criteriaOfCase } from '@/core/similar';
import { testDigest } from '@/core/similar/test-digest';
import { readSentence } from '@/core/symptoms';
import { tradeOf } from '@/core/trade/shop';
import { FOURTH } from './fourth-troubles';
import { LATER } from './more-troubles';
import { THIRD } from './third-troubles';
import { readTroubles, TROUBLES, type Trouble } from './troubles';

const nothing: Facts = { outcomes: new Map(), readings: new Map() };

export interface Advice {
  causes: { name: string; share: number }[];
  unseen: number;
  tests: string[];
  symptoms: string[];
}

/** What the guide says of a trouble in a shop without a case. */
export function adviceOn(t: Trouble): Advice {
  const catalogue = new Catalogue(starterItems());
  const read = readSentence(t.said);
  const digest = testDigest({
    vehicle: {
      id: 'v',
      vin: '',
      make: 'Corvane',
      model: 'Tessa',
      engine: '',
      year: t.vehicle.year,
      kind: t.vehicle.kind as never,
      fuel: t.vehicle.fuel,
    },
    codes: t.codes.map((code) => ({ code, weight: 1 })),
    vain: changedInVain(t.said, catalogue).map((c) => c.part.name),
    symptoms: read.symptoms.filter((s) => !s.negated).map(({ id, label }) => ({ id, label })),
    conditions: [...new Set(read.conditions.filter((c) => !c.negated).map((c) => c.id))],
  });
  const ranking = rank(new CaseIndex(), criteriaOfCase(digest), catalogue);
  const shares = new Map([...ranking.prior.shares].map(([key, s]) => [key, s.share]));
  const { odds, next } = guideOf(
    [],
    nothing,
    { shares, unseen: ranking.prior.unseen },
    new Set(),
    practiceFor(tradeOf(catalogue), shares.keys()),
  );
  return {
    causes: odds.causes.map(({ name, share }) => ({ name, share })),
    unseen: odds.unseen,
    tests: next.map((n) => n.question),
    symptoms: digest.symptoms.map((s) => s.id),
  };
}

const names = (words: readonly string[], text: string): boolean =>
  words.some((w) => text.toLowerCase().includes(w));

/** Whether the cause stands among the first five and a fitting test among the first three. */
export function judgeAdvice(t: Trouble, a: Advice): { cause: boolean; test: boolean; first: boolean } {
  const at = a.causes.findIndex((c) => names(t.causes, c.name));
  return {
    first: at === 0,
    cause: at >= 0 && at < 5,
    test: a.tests.slice(0, 3).some((q) => names(t.tests, q)),
  };
}

/** Troubles that were looked at while mending, and those that were not. */
export const LOOKED_AT = TROUBLES.filter((_, i) => i % 2 === 0);
export const HELD_OUT = TROUBLES.filter((_, i) => i % 2 === 1);

const LATER_TROUBLES = readTroubles(LATER);
const LATER_LOOKED_AT = LATER_TROUBLES.filter((_, i) => i % 2 === 0);
const LATER_HELD_OUT = LATER_TROUBLES.filter((_, i) => i % 2 === 1);

const THIRD_TROUBLES = readTroubles(THIRD);
const THIRD_LOOKED_AT = THIRD_TROUBLES.filter((_, i) => i % 2 === 0);
const THIRD_HELD_OUT = THIRD_TROUBLES.filter((_, i) => i % 2 === 1);

const FOURTH_TROUBLES = readTroubles(FOURTH);
const FOURTH_LOOKED_AT = FOURTH_TROUBLES.filter((_, i) => i % 2 === 0);
const FOURTH_HELD_OUT = FOURTH_TROUBLES.filter((_, i) => i % 2 === 1);

const row = (name: string, troubles: readonly Trouble[]): string => {
  const judged = troubles.map((t) => judgeAdvice(t, adviceOn(t)));
  const count = (of: 'cause' | 'test' | 'first') => judged.filter((j) => j[of]).length;
  const both = judged.filter((j) => j.cause && j.test).length;
  return `| ${name} | ${troubles.length} | ${count('first')} | ${count('cause')} | ${count('test')} | ${both} |`;
};

/** The guide of a shop without a case, on troubles as they come through the door. */
export function firstDay(): string {
  return [
    '| Troubles | | cause first | among the first five | a fitting test among the first three | both |',
    '| --- | ---: | ---: | ---: | ---: | ---: |',
    row('looked at while mending', LOOKED_AT),
    row('not looked at', HELD_OUT),
    row('of a later month, looked at', LATER_LOOKED_AT),
    row('of a later month, not looked at', LATER_HELD_OUT),
    row('of a third month, looked at', THIRD_LOOKED_AT),
    row('of a third month, not looked at', THIRD_HELD_OUT),
    row('given up by other shops, looked at', FOURTH_LOOKED_AT),
    row('given up by other shops, not looked at', FOURTH_HELD_OUT),
  ].join('\n');
}
