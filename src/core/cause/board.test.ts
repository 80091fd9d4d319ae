import { describe, expect, it } from 'vitest';
import { KINDS, type RowOf } from '@/core/case';
import { boardOf, spokenOf } from './board';
import { Catalogue } from './catalogue';

const day = (d: number) => `2026-01-${String(d).padStart(2, '0')}T10:00:00.000Z`;
let made = 0;
const row = <K extends keyof typeof KINDS>(kind: K, over: Record<string, unknown> = {}): RowOf<K> =>
  KINDS[kind].parse({ id: `r${made++}`, caseId: 'k', ...over }) as RowOf<K>;
const item = (id: string, kind: 'part' | 'failure', name: string) => ({
  ...{ id, kind, name, system: '', synonyms: [], mergedInto: null, fresh: false },
});
const catalogue = new Catalogue([
  item('inj', 'part', 'fuel injector'),
  item('pump', 'part', 'fuel pump'),
  item('clogged', 'failure', 'clogged'),
  item('open', 'failure', 'open circuit'),
]);
const speaks = (says: 'for' | 'against', part = 'fuel injector', failure = '') => [
  { says, part, failure, where: 'cylinder 5' },
];
type Facts = Parameters<typeof spokenOf>[0];
const facts = (over: Partial<Facts>): Facts => ({
  ...{ suspect: [], bearing: [], test: [], condition: [], reading: [], input: [], finding: [] },
  ...{ repair: [], cause: [], scan: [], ...over },
});
const test = (over: Record<string, unknown> = {}) =>
  row('test', { id: 't', at: day(2), analysisId: 'injector-drops', verdict: 'fail', ...over });
const finding = (over: Record<string, unknown> = {}) =>
  row('finding', { testId: 't', verdict: 'fail', because: 'drops 20', speaks: speaks('for'), ...over });

describe('the board of suspects', () => {
  it('gets a suspect from a finding, with the sentence and the test', () => {
    const [entry, ...rest] = boardOf(facts({ test: [test()], finding: [finding()] }), catalogue);
    expect(rest).toEqual([]);
    expect(entry).toMatchObject({ suspectId: null, partId: 'inj', where: 'cylinder 5', state: 'standing' });
    expect(entry!.says).toEqual([{ testId: 't', says: 'for', why: 'drops 20', found: true }]);
  });

  it('lays what was found beside a person’s suspect of the same part, and not beside another failure of it', () => {
    const mine = (failureId: string | null) =>
      boardOf(
        facts({
          suspect: [row('suspect', { id: 's', partId: 'inj', failureId })],
          test: [test()],
          finding: [finding({ speaks: speaks('for', 'fuel injector', 'clogged') })],
        }),
        catalogue,
      );
    expect(mine(null).map((e) => e.says.length)).toEqual([1]);
    expect(mine('clogged').map((e) => e.says.length)).toEqual([1]);
    expect(mine('open').map((e) => [e.suspectId, e.says.length])).toEqual([
      ['s', 0],
      [null, 1],
    ]);
  });

  it('keeps the words of a part the shop’s list does not have', () => {
    const [entry] = boardOf(
      facts({ test: [test()], finding: [finding({ speaks: speaks('for', 'flux valve', 'stuck') })] }),
      catalogue,
    );
    expect(entry).toMatchObject({ partId: null, words: 'flux valve, stuck' });
  });

  it('puts nothing there that is only spoken against', () => {
    const against = facts({
      test: [test({ verdict: 'pass' })],
      finding: [finding({ verdict: 'pass', speaks: speaks('against') })],
    });
    expect(boardOf(against, catalogue)).toEqual([]);
    expect(spokenOf(against).map((s) => s.says)).toEqual(['against']);
  });
});

describe('what tests found speaks only where it was seen', () => {
  const spoken = (t: Record<string, unknown>, f: Record<string, unknown> = {}, more: Partial<Facts> = {}) =>
    spokenOf(facts({ test: [test(t)], finding: [finding(f)], ...more })).length;
  it.each([
    ['a test that failed', {}, {}, 1],
    ['an unsure test', { verdict: 'unsure' }, {}, 0],
    ['a void test', { verdict: 'void' }, {}, 0],
    ['an unsure finding in a failed test', {}, { verdict: 'unsure' }, 0],
    ['a finding without a verdict', {}, { verdict: '' }, 0],
    ['a test that a person judged otherwise', { verdict: 'pass', overrule: 'pass' }, {}, 0],
    ['a repeat', { repeatOf: 'x' }, {}, 0],
  ])('%s', (_, t, f, count) => expect(spoken(t, f)).toBe(count));

  it('not after the first repair that was done; one that is only planned changes nothing', () => {
    const cause = row('cause', { id: 'c', state: 'repaired' });
    const repair = (at: string | null) => row('repair', { causeId: 'c', what: 'injector', at });
    expect(spoken({}, {}, { cause: [cause], repair: [repair(day(1))] })).toBe(0);
    expect(spoken({}, {}, { cause: [cause], repair: [repair(day(3))] })).toBe(1);
    const planned = { cause: [row('cause', { id: 'c', state: 'diagnosed' })], repair: [repair(null)] };
    expect(spoken({}, {}, planned)).toBe(1);
  });
});
