import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { knownGoodFor, type KnownValue } from './known-good';

const build = {
  vin: '',
  kind: 'car',
  make: 'Corvane',
  model: 'Tessa',
  engine: '1.6 petrol',
  fuel: 'petrol',
  year: 2016,
} as const;
const here = { id: 'me', ...build };
const value = (id: string, entered: string, more: Partial<KnownValue> = {}, vehicle = {}): KnownValue => ({
  label: 'rail pressure at idle',
  entered,
  conditions: ['engine warm'],
  vehicle: { id, ...build, ...vehicle },
  from: `case ${id}`,
  ...more,
});
const ask = (values: KnownValue[], conditions = ['Engine warm'], entered = '3.9 bar') =>
  knownGoodFor({ label: 'Rail pressure, idle', entered }, conditions, here, values);

describe('known-good values', () => {
  it('gives how many vehicles, their range, and where this one stands', () => {
    const [offer] = ask([value('1', '3.2 bar'), value('2', '330 kPa'), value('2', '3.4 bar')]);
    expect(offer).toMatchObject({
      vehicles: 2,
      conditions: 'same',
      build: 'same build: Corvane Tessa 1.6 petrol',
    });
    expect(`${offer!.low} ${offer!.high}`).toBe('3.2\u00a0bar 3.4\u00a0bar');
    expect(offer!.stands).toBe('This one is 0.5\u00a0bar above the highest.');
  });
  it('mixes neither conditions nor builds', () => {
    const offers = ask([
      value('1', '3.2 bar'),
      value('2', '2.1 bar', { conditions: ['engine cold'] }),
      value('3', '4.0 bar', {}, { model: 'Vireo' }),
    ]);
    expect(offers.map((o) => [o.conditions, o.low])).toEqual([
      ['same', '3.2\u00a0bar'],
      ['same', '4.0\u00a0bar'],
    ]);
    expect(offers[1]!.build).toContain('same engine');
  });
  it('leaves out other readings, the vehicle itself, strangers, and words', () => {
    expect(ask([value('1', '3 bar', { label: 'return flow' })])).toEqual([]);
    expect(ask([value('me', '3 bar')])).toEqual([]);
    expect(
      ask([
        value('1', '3 bar', {}, { make: 'Haldric', model: 'Lugger', engine: '2.2 diesel', fuel: 'diesel' }),
      ]),
    ).toEqual([]);
    expect(ask([value('1', 'steady')])).toEqual([]);
  });
  it('takes a bare label only under its own question', () => {
    const values = [value('1', '11 %', { label: 'at rest', question: 'Does the actuator run its way?' })];
    const ask2 = (question: string) =>
      knownGoodFor({ label: 'at rest', entered: '', question }, ['engine warm'], here, values).length;
    expect(ask2('Does the actuator run its way?')).toBe(1);
    expect(ask2('How much does it draw?')).toBe(0);
  });
  it('makes no limit of one healthy car, nor of two; of three it does', () => {
    const limits = (entered: string[]) => {
      const [o] = ask(entered.map((e, i) => value(String(i), e)));
      return [o!.limit, o!.limitFrom];
    };
    expect(limits(['3.4 bar'])).toEqual(['', '']);
    expect(limits(['3.4 bar', '3.2 bar'])).toEqual(['', '']);
    expect(limits(['3.4 bar', '3.2 bar', '3.6 bar'])).toEqual(['3.2\u00a0bar–3.6\u00a0bar', 'vehicles']);
    // Three that read the same to the last place have no width that could be one.
    expect(limits(['3.4 bar', '3.4 bar', '3.4 bar'])).toEqual(['', '']);
    // Three readings of one car are one car.
    const [own] = ask(['3.2 bar', '3.4 bar', '3.6 bar'].map((e) => value('1', e)));
    expect([own!.vehicles, own!.limit]).toEqual([1, '']);
  });
  it('lays the accuracy of the instrument around a reference, rounded outwards', () => {
    const with_ = (accuracy: string, values: KnownValue[]) => {
      const reading = { label: 'Rail pressure, idle', entered: '', accuracy };
      const [o] = knownGoodFor(reading, ['engine warm'], here, values);
      return [o!.limit.replaceAll('\u00a0', ' '), o!.limitFrom];
    };
    // On paper: 3.4 bar × 1.5 % = 0.051 bar, so 3.349 to 3.451; to a tenth outwards 3.3 to 3.5.
    expect(with_('1.5 %', [value('1', '3.4 bar')])).toEqual(['3.3 bar–3.5 bar', 'accuracy']);
    // 3.40 bar ± 2 digits of 0.01.
    expect(with_('2 digits', [value('1', '3.40 bar')])).toEqual(['3.38 bar–3.42 bar', 'accuracy']);
    expect(with_('as good as new', [value('1', '3.4 bar')])).toEqual(['', '']);
    expect(with_('', [value('1', '3.4 bar')])).toEqual(['', '']);
  });
  it('does not depend on the order', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(['3.1 bar', '3.5 bar', '340 kPa', '49 psi'], { minLength: 4 }),
        (order) => {
          const [o] = ask(order.map((e, i) => value(String(i), e)));
          return o!.vehicles === 4;
        },
      ),
    );
  });
});
