import { describe, expect, it } from 'vitest';
import { KINDS, type CatalogueItem, type RowOf } from '@/core/case';
import { Catalogue, causeName } from './catalogue';
import { coverOf } from './explained-evidence';
import { STARTER_FAILURES, STARTER_PARTS, starterItems } from './starter';

const item = (over: Partial<CatalogueItem>): CatalogueItem => ({
  id: 'a',
  kind: 'part',
  system: 'Fuel',
  name: 'fuel pump',
  synonyms: [],
  mergedInto: null,
  fresh: false,
  ...over,
});

describe('starter list', () => {
  const parts = STARTER_PARTS.flatMap((s) => s.parts);
  it('gives every entry an id of its own', () => {
    const ids = starterItems().map((i) => i.id);
    expect(ids.length).toBe(parts.length + STARTER_FAILURES.length);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toContain('p-fuel-pump');
    expect(ids).toContain('f-open-circuit');
  });
  it('has at least 150 parts and 25 kinds of failure, each once', () => {
    expect(parts.length).toBeGreaterThanOrEqual(150);
    expect(STARTER_FAILURES.length).toBeGreaterThanOrEqual(25);
    for (const list of [parts, STARTER_FAILURES])
      expect(new Set(list.map((p) => p.name)).size).toBe(list.length);
  });
  it('uses no synonym for two different things', () => {
    for (const list of [parts, STARTER_FAILURES]) {
      const all = list.flatMap((p) => [p.name, ...p.synonyms]);
      expect(all.filter((n, i) => all.indexOf(n) !== i)).toEqual([]);
    }
  });
});

describe('catalogue', () => {
  const c = new Catalogue([
    item({ id: 'a', synonyms: ['lift pump'] }),
    item({ id: 'b', name: 'petrol pump', mergedInto: 'a' }),
    item({ id: 'c', name: 'air filter', synonyms: ['fuel pump relay'] }),
    item({ id: 'd', name: 'fuel pump relay' }),
    item({ id: 'f', kind: 'failure', name: 'worn', synonyms: ['worn out'] }),
    item({ id: 'x', name: 'circle one', mergedInto: 'y' }),
    item({ id: 'y', name: 'circle two', mergedInto: 'x' }),
  ]);
  it('finds by name, synonym, plural and whatever was merged', () => {
    expect(c.find('part', 'Lift-Pump')?.id).toBe('a');
    expect(c.find('part', 'fuel pumps')?.id).toBe('a');
    expect(c.find('part', 'petrol pump')?.id).toBe('a');
    expect(c.find('failure', 'worn out')?.id).toBe('f');
    expect(c.find('part', 'worn out')).toBeUndefined();
  });
  it('takes a name before anybody else’s synonym', () => {
    expect(c.find('part', 'fuel pump relay')?.id).toBe('d');
  });
  it('ends in a circle of merges too', () => {
    expect(c.resolve('x')?.id).toMatch(/[xy]/);
  });
  it('suggests by the beginning of any word, whole names first, merged ones never', () => {
    expect(c.suggest('part', 'pum').map((s) => s.item.id)).toEqual(['a', 'd', 'c']);
    expect(c.suggest('part', 'lift')[0]).toMatchObject({ item: { id: 'a' }, via: 'lift pump' });
    expect(c.suggest('part', 'petrol')).toEqual([]);
  });
  it('names a cause', () => {
    expect(causeName(c, { partId: 'b', failureId: 'f', where: 'in the tank' })).toBe(
      'fuel pump, worn (in the tank)',
    );
    expect(causeName(c, { partId: null, failureId: null })).toBe('Cause not named yet');
  });
});

const row = <K extends keyof typeof KINDS>(kind: K, over: Record<string, unknown>): RowOf<K> =>
  KINDS[kind].parse({
    id: Math.random().toString(36).slice(2),
    caseId: 'k',
    at: '2026-01-01T00:00:00Z',
    ...over,
  }) as RowOf<K>;
describe('cover', () => {
  it('lists chased codes, symptoms and failed tests, and who explains them', () => {
    const cause = row('cause', { id: 'c' });
    const items = coverOf(
      {
        case: KINDS.case.parse({ id: 'k', number: 1, vehicleId: 'v', openedAt: '2026-01-01T00:00:00Z' }),
        scan: [],
        clear: [],
        module: [],
        code: [],
        repair: [],
        earlier: [],
        cause: [cause],
        role: [row('role', { code: 'P1', role: 'chase' }), row('role', { code: 'P2', role: 'leftover' })],
        symptom: [
          row('symptom', { id: 's1', words: 'shakes' }),
          row('symptom', { id: 's2', words: 'smells', reproduced: 'no' }),
        ],
        test: [
          row('test', { id: 't1', question: 'holds?', verdict: 'fail' }),
          row('test', { verdict: 'fail', repeatOf: 't1' }),
          row('test', { verdict: 'pass' }),
          row('test', { id: 't2', question: 'Lean everywhere?', verdict: 'fail' }),
          row('test', { id: 't4', question: 'Holds 5 bar?', verdict: 'fail' }),
          row('test', { id: 't3', question: 'Does each crank alike?', verdict: 'fail' }),
        ],
        reading: [
          row('reading', { testId: 't4', label: '', entered: '2 bar', verdict: 'fail' }),
          row('reading', { testId: 't2', label: 'load', entered: '4 %', verdict: 'pass' }),
          row('reading', { testId: 't2', label: 'trim at idle', entered: '19.5 %', verdict: 'fail' }),
        ],
        finding: [row('finding', { testId: 't3', about: 'cylinder 3', figure: '71 %', verdict: 'fail' })],
        explains: [
          row('explains', { causeId: 'c', of: 'code', what: 'P1' }),
          row('explains', { causeId: 'gone', of: 'symptom', what: 's1' }),
        ],
      },
      (x) => x,
    );
    expect(items.map((i) => [i.label, i.causeIds])).toEqual([
      ['P1', ['c']],
      ['shakes', []],
      ['Holds? – not OK', []],
      ['Trim at idle 19.5 % – not OK', []],
      ['Holds 5 bar? 2 bar – not OK', []],
      ['Cylinder 3 71 % – not OK', []],
    ]);
  });
});
