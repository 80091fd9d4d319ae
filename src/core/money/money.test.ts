import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyOps, type CaseRecord } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { beyondLimit, estimate, inAll, Money, readPrice, toCome, writePrice } from '.';

describe('a price as it is typed', () => {
  it.each([
    ['84.50', 84.5],
    ['84,50', 84.5],
    ['€ 84,50', 84.5],
    ['84,50 €', 84.5],
    ['84.50 eur', 84.5],
    ['1,200', 1200],
    ['1.200', 1200],
    ['1.200,50', 1200.5],
    ['1 200', 1200],
    ['2 x 12.50', 25],
    ['3× €4', 12],
    ['0', 0],
    ['84,-', 84],
    ['eur84', 84],
  ])('%s is %d', (text, amount) => expect(readPrice(text, 'EUR')).toBeCloseTo(amount, 9));

  it.each([
    '',
    'on the house',
    '12.50 + 3',
    '84 to 90',
    '−5',
    'call 555 0100',
    'approx 300 or so',
    '2 x',
    'ca. 80',
    '80 net',
    'min 80',
  ])('%s is no price', (text) => expect(readPrice(text, 'EUR')).toBeUndefined());

  it.each([
    ['$84', 'USD', 84],
    ['$84', 'AUD', 84],
    ['£84.50', 'GBP', 84.5],
    ['84,50 kr', 'SEK', 84.5],
    ['Fr. 84.50', 'CHF', 84.5],
    ['84 zł', 'PLN', 84],
  ])('%s is so much in %s, and nothing in euros', (text, currency, amount) => {
    expect(readPrice(text, currency)).toBeCloseTo(amount, 9);
    expect(readPrice(text, 'EUR')).toBeUndefined();
  });

  it('is read back from what is written', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 9_999_999 }),
        fc.constantFrom('EUR', 'GBP', 'USD'),
        (cents, c) => {
          expect(readPrice(writePrice(cents / 100, c), c)).toBeCloseTo(cents / 100, 6);
        },
      ),
    );
  });
});

describe('the shop’s money', () => {
  it('takes three letters in any case, and a rate that can be', () => {
    expect(Money.parse({ currency: ' eur ', hourRate: 92 }).currency).toBe('EUR');
    expect(Money.safeParse({ currency: 'euro', hourRate: 1 }).success).toBe(false);
    expect(Money.safeParse({ currency: 'EUR', hourRate: -1 }).success).toBe(false);
  });
});

function record(): CaseRecord {
  const at = '2026-05-04T09:00:00.000Z';
  const repair = (id: string, row: Record<string, unknown>) =>
    ({ op: 'add', kind: 'repair', id, row }) as const;
  const part = (id: string, row: Record<string, unknown>) => ({ op: 'add', kind: 'part', id, row }) as const;
  return applyOps(emptyRecord(), [
    repair('done', { at, hours: 1.5 }),
    repair('agreed', { authorisation: 'authorised', hours: 0.7 }),
    repair('no', { authorisation: 'declined', hours: 9 }),
    part('a', { repairId: 'done', name: 'pump', price: '184,50' }),
    part('b', { repairId: 'done', name: 'seal', price: '2 x 3.10' }),
    part('c', { repairId: 'agreed', name: 'relay', price: 'to be asked' }),
    part('d', { repairId: 'no', name: 'converter', price: '900' }),
  ]);
}

describe('an estimate', () => {
  const rate = { currency: 'EUR', hourRate: 84 };

  it('adds hours by the rate and parts by their prices, by where the repairs stand', () => {
    // On paper: 1.5 h × 84 = 126.00; 184.50 + 2 × 3.10 = 190.70; 0.7 h × 84 = 58.80.
    expect(estimate(record(), rate, (s) => s === 'done')).toEqual({
      labour: 126,
      parts: 190.7,
      sum: 316.7,
      without: [],
    });
    expect(estimate(record(), rate, toCome)).toEqual({
      labour: 58.8,
      parts: 0,
      sum: 58.8,
      without: ['relay'],
    });
    expect(estimate(record(), rate, inAll).sum).toBe(375.5);
  });

  it('says what is not in it: parts without a price, hours without a rate', () => {
    expect(estimate(record(), { currency: 'EUR', hourRate: null }, inAll)).toEqual({
      labour: 0,
      parts: 190.7,
      sum: 190.7,
      without: ['1.5 h of work', '0.7 h of work', 'relay'],
    });
  });

  it('is held against what the customer said may be spent', () => {
    const limited = (spendingLimit: string) => {
      const r = record();
      return beyondLimit({ ...r, case: { ...r.case, spendingLimit } }, rate);
    };
    expect(limited('350 €')).toEqual({ limit: 350, sum: 375.5 });
    expect(limited('375.50')).toBeUndefined();
    expect(limited('')).toBeUndefined();
    expect(limited('ask me first')).toBeUndefined();
  });
});
