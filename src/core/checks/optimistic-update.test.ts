import { describe, expect, it } from 'vitest';
import { type Kind, type Op } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { optimisticUpdate } from './optimistic-update';

const record = emptyRecord;
const add = (kind: Kind, id: string, row: Record<string, unknown>): Op => ({ op: 'add', kind, id, row });
const set = (kind: Kind, id: string, fields: Record<string, unknown>): Op => ({
  op: 'set',
  kind,
  id,
  revision: 1,
  set: fields,
  was: {},
});
const test = (id: string) => add('test', id, { at: '2026-01-01T10:00:00.000Z' });

describe('laying operations over a record', () => {
  const base = optimisticUpdate(record(), [
    test('t'),
    add('reading', 'r', { testId: 't', entered: '2 bar', limit: '≥ 3 bar' }),
    test('u'),
    add('input', 'i1', { testId: 'u', field: 'before', entered: '250 ppm' }),
  ]);
  it('judges a test at once, and the reading with it', () => {
    expect(base.test[0]).toMatchObject({ verdict: 'fail' });
    expect(base.reading[0]).toMatchObject({ verdict: 'fail' });
  });
  it('judges it anew by a reading, a condition, an entry, and by what is taken away', () => {
    const of = (op: Op, i = 0) => optimisticUpdate(base, [op]).test[i]!.verdict;
    expect(of(set('reading', 'r', { entered: '4 bar' }))).toBe('pass');
    expect(of(add('condition', 'c', { testId: 't', what: 'warm', met: 'no' }))).toBe('void');
    expect(of({ op: 'remove', kind: 'reading', id: 'r' })).toBe('');
    expect(of(set('test', 't', { overrule: 'unsure' }))).toBe('fail');
    expect(of(set('test', 't', { overrule: 'unsure', overruleWhy: 'gauge leaks' }))).toBe('unsure');
    const checked = optimisticUpdate(base, [
      set('test', 'u', { checkId: 'nox-conversion' }),
      add('input', 'i2', { testId: 'u', field: 'after', entered: '130 ppm' }),
    ]);
    expect(checked.test[1]!.verdict).toBe('fail');
  });
  it('leaves what it does not touch as it is', () => {
    const after = optimisticUpdate(base, [set('reading', 'r', { entered: '4 bar' })]);
    expect(after.test[1]).toBe(base.test[1]);
    expect(optimisticUpdate(base, [set('case', 'k', { said: 'x' })]).test).toBe(base.test);
  });
});
