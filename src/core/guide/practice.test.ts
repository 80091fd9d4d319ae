import { describe, expect, test } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { tradeOf } from '@/core/trade/shop';
import type { Facts } from './facts';
import { foldQuestion } from './facts';
import { nextTests } from './next-test';
import { oddsOf } from './odds';
import { practiceFor, practiceStep } from './practice';

const catalogue = new Catalogue(starterItems());
const trade = tradeOf(catalogue);
const key = (part: string, failure: string) =>
  `${catalogue.find('part', part)!.id}/${catalogue.find('failure', failure)!.id}`;
const COIL = key('ignition coil', 'internal fault');
const INJECTOR = key('fuel injector', 'blocked');
const VALVE = key('exhaust valve', 'burnt');
const prior = {
  shares: new Map([
    [COIL, 0.4],
    [INJECTOR, 0.3],
    [VALVE, 0.2],
  ]),
  unseen: 0.1,
};
const practice = practiceFor(trade, prior.shares.keys());
const none: Facts = { outcomes: new Map(), readings: new Map() };
const asked = (question: string, verdict: 'pass' | 'fail'): Facts => ({
  outcomes: new Map([[foldQuestion(question), { question, verdict, minutes: null }]]),
  readings: new Map(),
});
const shareOf = (facts: Facts, of: string) =>
  oddsOf([], facts, prior, new Set(), practice).causes.find((c) => c.key === of)!.share;

describe('a shop without a case', () => {
  test('has odds by general practice, which name their causes', () => {
    const odds = oddsOf([], none, prior, new Set(), practice);
    expect(odds.causes.map((c) => c.name)).toEqual([
      'ignition coil, internal fault',
      'fuel injector, blocked',
      'exhaust valve, burnt',
    ]);
    expect(odds.causes.every((c) => c.numbers.length === 0)).toBe(true);
    expect(odds.unseen).toBeCloseTo(0.1, 9);
  });
  test('moves them by an answer to a test of the trade, both ways', () => {
    const question = 'Does the misfire follow the coil to another cylinder?';
    expect(shareOf(asked(question, 'fail'), COIL)).toBeGreaterThan(0.75);
    expect(shareOf(asked(question, 'pass'), COIL)).toBeLessThan(0.2);
    const compress = asked('Do the cylinders compress alike?', 'fail');
    expect(shareOf(compress, VALVE)).toBeGreaterThan(0.6);
  });
  test('is offered tests that tell, each with its step; what was asked is not offered again', () => {
    const next = nextTests([], none, prior, new Set(), 3, practice);
    expect(next.length).toBeGreaterThan(0);
    for (const n of next) {
      expect(n.from).toEqual([]);
      expect(n.gain).toBeGreaterThan(0);
      const known = trade.tests.get(n.key)!;
      expect(n.minutes).toBe(known.test.minutes);
      expect(practiceStep(known.test)).toMatchObject({
        question: n.question,
        expectationSource: 'common practice',
      });
    }
    const again = nextTests([], asked(next[0]!.question, 'pass'), prior, new Set(), 3, practice);
    expect(again.map((n) => n.key)).not.toContain(next[0]!.key);
  });
  test('is offered nothing where one cause is left', () => {
    const sure = { shares: new Map([[COIL, 0.999]]), unseen: 0.001 };
    expect(nextTests([], none, sure, new Set(), 3, practiceFor(trade, sure.shares.keys()))).toEqual([]);
  });
});
