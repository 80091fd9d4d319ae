import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Op } from '@/core/case';
import { ACTIONS, actionOf, deviceCode, mayDo, Passphrase, Pin, plainCode, tokenMayDo, type Action } from '.';

const set = (kind: Op['kind'], fields: Record<string, unknown>): Op => ({
  op: 'set',
  kind,
  id: 'x1',
  revision: 1,
  set: fields,
  was: {},
});
const add = (kind: Op['kind'], row: Record<string, unknown>): Op => ({ op: 'add', kind, id: 'x1', row });

describe('what a write to a case needs', () => {
  const cases: [string, Op, Record<string, unknown> | undefined, Action][] = [
    ['the customer’s words', set('case', { said: 'stalls' }), undefined, 'take in'],
    ['a vehicle', set('vehicle', { plate: 'AB 1' }), undefined, 'take in'],
    ['a symptom', add('symptom', { words: 'stalls' }), undefined, 'take in'],
    ['a follow-up', set('followUp', { state: 'held' }), undefined, 'take in'],
    ['closing', set('case', { closedAt: '2026-01-01T00:00:00Z' }), undefined, 'sign off'],
    ['closing beside a word', set('case', { said: 'x', closedAt: null }), undefined, 'sign off'],
    ['a scan', add('scan', { text: 'P0171' }), undefined, 'diagnose'],
    ['a reading', set('reading', { entered: '12 V' }), undefined, 'diagnose'],
    ['a suspect ruled out', set('suspect', { state: 'ruled out' }), undefined, 'diagnose'],
    ['a cause', add('cause', { partId: 'coil' }), undefined, 'sign off'],
    ['a cause that is only suspected', add('cause', { state: 'suspected' }), undefined, 'diagnose'],
    ['confirming one', set('cause', { state: 'diagnosed' }), { state: 'suspected' }, 'sign off'],
    [
      'repaired without having been confirmed',
      set('cause', { state: 'repaired' }),
      { state: 'suspected' },
      'sign off',
    ],
    ['repaired', set('cause', { state: 'repaired' }), { state: 'diagnosed' }, 'take in'],
    ['declined by the customer', set('cause', { state: 'declined' }), { state: 'diagnosed' }, 'take in'],
    ['no cause after all', set('cause', { state: 'suspected' }), { state: 'diagnosed' }, 'sign off'],
    ['the part of a proposed one', set('cause', { partId: 'plug' }), { state: 'suspected' }, 'diagnose'],
    ['another part as the cause', set('cause', { partId: 'plug' }), { state: 'diagnosed' }, 'sign off'],
    ['why it failed', set('cause', { why: 'worn' }), { state: 'diagnosed' }, 'diagnose'],
    ['taking a cause away', { op: 'remove', kind: 'cause', id: 'c' }, { state: 'repaired' }, 'sign off'],
    ['the customer’s answer', set('repair', { authorisation: 'authorised' }), undefined, 'take in'],
    [
      'the answer and the work',
      set('repair', { authorisation: 'authorised', hours: 2 }),
      undefined,
      'diagnose',
    ],
    ['a photo of the car', add('attachment', { name: 'a.jpg', testId: null }), undefined, 'take in'],
    ['a photo of a test', add('attachment', { name: 'a.jpg', testId: 't1' }), undefined, 'diagnose'],
  ];
  it.each(cases)('%s', (_, op, row, action) => expect(actionOf(op, row)).toBe(action));
});

describe('roles', () => {
  it('each may do what the one below it may, and more', () => {
    const all = Object.keys(ACTIONS) as Action[];
    const of = (role: Parameters<typeof mayDo>[0]) => all.filter((a) => mayDo(role, a));
    expect(of('technician')).toEqual(expect.arrayContaining(of('desk')));
    expect(of('lead')).toEqual(all);
    expect(of('desk')).toEqual(['open', 'own', 'look', 'take in']);
    expect(all.filter((a) => tokenMayDo('look', a))).toEqual(['open', 'look']);
  });
});

describe('secrets', () => {
  it('the first PINs that anybody tries are refused', () => {
    for (const pin of ['0000', '1234', '4321', '111111', '987654', '123', '1234567', '12a4', ''])
      expect(Pin.safeParse(pin).success, pin).toBe(false);
    for (const pin of ['4071', '1357', '2580', '112233', '12340'])
      expect(Pin.safeParse(pin).success, pin).toBe(true);
  });
  it('a passphrase is long and not one letter', () => {
    expect(Passphrase.safeParse('short one').success).toBe(false);
    expect(Passphrase.safeParse('aaaaaaaaaaaa').success).toBe(false);
    expect(Passphrase.safeParse('drei müde Ventile').success).toBe(true);
  });
  it('a device code is read however it is typed, and differs with every byte that differs enough', () => {
    fc.assert(
      fc.property(fc.uint8Array({ minLength: 8, maxLength: 8 }), (bytes) => {
        const code = deviceCode(bytes);
        expect(code).toMatch(/^[ACDEFGHJKLMNPQRTUVWXY34679]{4}-[ACDEFGHJKLMNPQRTUVWXY34679]{4}$/);
        expect(plainCode(` ${code.toLowerCase().replace('-', ' ')} `)).toBe(code.replace('-', ''));
      }),
    );
  });
});
