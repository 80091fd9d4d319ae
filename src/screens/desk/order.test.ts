import { describe, expect, it } from 'vitest';
import type { DeskCase } from '@/core/api';
import { inOrder, isOf } from './order';

const row = (number: number, waitsSince: string, promisedAt: string | null = null): DeskCase =>
  ({ number, waitsSince, promisedAt }) as DeskCase;
const cases = [
  row(1, '2026-05-03', '2026-05-09'),
  row(2, '2026-05-01'),
  row(3, '2026-05-02', '2026-05-08'),
  row(4, '2026-05-01'),
];
const numbers = (order: Parameters<typeof inOrder>[1]) => inOrder(cases, order).map((c) => c.number);

describe('the order of the desk', () => {
  it('is who waits longest, what is promised soonest, or what is newest', () => {
    expect(numbers('waiting')).toEqual([2, 4, 3, 1]);
    expect(numbers('promised')).toEqual([3, 1, 2, 4]);
    expect(numbers('number')).toEqual([4, 3, 2, 1]);
    expect(cases.map((c) => c.number)).toEqual([1, 2, 3, 4]);
  });
});

describe('whose a case is', () => {
  it('is who has it in hand and who leads it; nobody chosen means everybody', () => {
    const given = { leadId: 'mara', handId: 'joon' };
    expect(['mara', 'joon', 'nils', ''].map((p) => isOf(given, p))).toEqual([true, true, false, true]);
  });
});
