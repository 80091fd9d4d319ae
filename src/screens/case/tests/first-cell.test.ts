import { describe, expect, it } from 'vitest';
import type { Op } from '@/core/case';
import { firstCell } from './first-cell';

const add = (kind: Op['kind'], id: string, row: Record<string, unknown>): Op => ({
  op: 'add',
  kind,
  id,
  row,
});

describe('the cell a test begins in', () => {
  const test = add('test', 't', { question: 'Does it hold?' });
  it('is its first value that is not known yet', () => {
    const known = add('input', 'i', { entered: '1.6 l' });
    expect(firstCell([test, known, add('input', 'j', { entered: '' })])).toBe('j:entered');
    expect(
      firstCell([test, add('condition', 'c', { what: 'warm' }), add('reading', 'r', { label: 'Rail' })]),
    ).toBe('r:entered');
  });
  it('is none where it asks for no value', () => {
    expect(firstCell([test, add('condition', 'c', { what: 'warm' })])).toBeUndefined();
    expect(firstCell([{ op: 'remove', kind: 'reading', id: 'r' }])).toBeUndefined();
  });
});
