import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { knownGoodFor, labelWords, sameThing, type KnownValue } from './known-good';

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

/** One for which no conditions were noted, and what is offered for those. */
const bare = (id: string, entered: string, more: Partial<KnownValue> = {}, vehicle = {}): KnownValue =>
  value(id, entered, { conditions: [], ...more }, vehicle);
const askBare = (values: KnownValue[], entered = '', accuracy = '', conditions: string[] = []) =>
  knownGoodFor({ label: 'Rail pressure, idle', entered, accuracy }, conditions, here, values);

describe('the words of a label', () => {
  it.each([
    ['Rail  pressure, at IDLE', 'idle pressure rail'],
    ['the reading at rest', 'rest'],
    ['1.6 bar (left)', '1.6 bar left'],
    ['of the', ''],
  ])('%s', (label, words) => expect(labelWords(label)).toBe(words));
});

describe('whether two readings are the same thing read', () => {
  const of = (label: string, question?: string) => ({
    label,
    ...(question === undefined ? {} : { question }),
  });
  it('asks for the question where the label says little', () => {
    expect(sameThing('rest', 'battery good', of('at rest', 'Is the battery good?'))).toBe(false);
    expect(sameThing('rest', 'Battery, good is', of('at rest', 'Is the battery good?'))).toBe(true);
    expect(sameThing('idle rest', 'one', of('at rest idle', 'two'))).toBe(false);
    expect(sameThing('idle pressure rail', 'one', of('rail pressure at idle', 'two'))).toBe(true);
  });
  it('is content with the label where one of them has no question', () => {
    expect(sameThing('rest', undefined, of('at rest', 'two'))).toBe(true);
    expect(sameThing('rest', 'one', of('at rest'))).toBe(true);
    expect(sameThing('rest', 'one', of('at work'))).toBe(false);
  });
});

describe('what known-good values give', () => {
  it('a limit from three vehicles that differ, none from two', () => {
    const [two] = askBare([bare('1', '3.2 bar'), bare('2', '3.4 bar')]);
    expect(two).toMatchObject({ vehicles: 2, limit: '', limitFrom: '' });
    const [three] = askBare([bare('1', '3.2 bar'), bare('2', '3.4 bar'), bare('3', '3.30 bar')]);
    expect(three).toMatchObject({ vehicles: 3, limit: '3.20\u00a0bar–3.40\u00a0bar', limitFrom: 'vehicles' });
    const [alike] = askBare([bare('1', '3.2 bar'), bare('2', '3.2 bar'), bare('3', '3.2 bar')]);
    expect(alike).toMatchObject({ vehicles: 3, limit: '', limitFrom: '' });
  });
  it('a limit as wide as the instrument may be wrong, rounded outwards', () => {
    // 2 % of 3.4 bar is 0.068; 3.2 − 0.068 = 3.132 → 3.1, 3.4 + 0.068 = 3.468 → 3.5.
    const [offer] = askBare([bare('1', '3.2 bar'), bare('2', '3.4 bar')], '', '2 %');
    expect(offer).toMatchObject({ limit: '3.1\u00a0bar–3.5\u00a0bar', limitFrom: 'accuracy' });
    expect(askBare([bare('1', '3.2 bar')], '', ' ')[0]).toMatchObject({ limit: '', limitFrom: '' });
    expect(askBare([bare('1', '3.2 bar')], '', 'quite good')[0]).toMatchObject({ limit: '', limitFrom: '' });
    // Enough vehicles need no accuracy.
    const three = [bare('1', '3.2 bar'), bare('2', '3.4 bar'), bare('3', '3.3 bar')];
    expect(askBare(three, '', '2 %')[0]).toMatchObject({
      limit: '3.2\u00a0bar–3.4\u00a0bar',
      limitFrom: 'vehicles',
    });
  });
  it('where this one stands: on an edge it lies among them', () => {
    const values = [bare('1', '3.2 bar'), bare('2', '3.4 bar')];
    expect(askBare(values, '3.5 bar')[0]!.stands).toBe('This one is 0.1\u00a0bar above the highest.');
    expect(askBare(values, '3.4 bar')[0]!.stands).toBe('This one lies among them.');
    expect(askBare(values, '3.2 bar')[0]!.stands).toBe('This one lies among them.');
    expect(askBare(values, '290 kPa')[0]!.stands).toBe('This one is 0.3\u00a0bar below the lowest.');
    expect(askBare(values, '3.3')[0]!.stands).toBe('This one lies among them.');
    expect(askBare([bare('1', '3.2 bar')], '3.2 bar')[0]!.stands).toBe('This one reads the same.');
    expect(askBare(values)[0]!.stands).toBe('');
    expect(askBare(values, 'lamp lights')[0]!.stands).toBe('');
  });
  it('from where each comes, with its case where it has one', () => {
    expect(askBare([bare('1', '3.2 bar', { caseId: 'c1' }), bare('2', '3.4 bar')])[0]!.from).toEqual([
      { text: 'case 1', caseId: 'c1' },
      { text: 'case 2' },
    ]);
  });
  it('of one kind of unit: what cannot be compared is left out', () => {
    expect(askBare([bare('1', '3.2 bar'), bare('2', '3.3 V'), bare('3', '340 kPa')])[0]).toMatchObject({
      vehicles: 2,
      high: '3.4\u00a0bar',
    });
  });
  it('under the same conditions, whatever their order; nothing under others', () => {
    const values = [bare('1', '3.2 bar', { conditions: ['engine warm', 'A/C off', 'the'] })];
    expect(askBare(values, '', '', ['AC off', 'A/C off', 'Engine warm'])).toHaveLength(0);
    expect(askBare(values, '', '', ['A/C off', 'Engine  warm'])[0]).toMatchObject({ conditions: 'same' });
    expect(askBare(values, '', '', ['engine cold'])).toHaveLength(0);
  });
  it('nearest build first, its years aside; another model is none', () => {
    const offers = askBare([
      bare('1', '3.2 bar', {}, { engine: '2.3 diesel', fuel: 'diesel' }),
      bare('2', '3.4 bar', {}, { year: 2014 }),
      bare('3', '3.6 bar', {}, { model: 'Vanto', engine: '9.9 X', fuel: 'diesel', make: 'Brannock' }),
    ]);
    expect(offers[0]!.from[0]!.text).toBe('case 2');
    expect(offers[0]!.build).not.toMatch(/years? apart|same year/);
    expect(offers.flatMap((o) => o.from.map((f) => f.text))).not.toContain('case 3');
    expect(offers.map((o) => o.near)).toEqual([...offers.map((o) => o.near)].sort((a, b) => b - a));
  });
  it('nothing for a label without words', () => {
    expect(
      knownGoodFor({ label: 'the', entered: '' }, [], here, [bare('1', '3.2 bar', { label: 'of' })]),
    ).toEqual([]);
  });
});
