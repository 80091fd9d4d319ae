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
  conditions: [],
  vehicle: { id, ...build, ...vehicle },
  from: `case ${id}`,
  ...more,
});
const ask = (values: KnownValue[], entered = '', accuracy = '', conditions: string[] = []) =>
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
    const [two] = ask([value('1', '3.2 bar'), value('2', '3.4 bar')]);
    expect(two).toMatchObject({ vehicles: 2, limit: '', limitFrom: '' });
    const [three] = ask([value('1', '3.2 bar'), value('2', '3.4 bar'), value('3', '3.30 bar')]);
    expect(three).toMatchObject({ vehicles: 3, limit: '3.20\u00a0bar–3.40\u00a0bar', limitFrom: 'vehicles' });
    const [alike] = ask([value('1', '3.2 bar'), value('2', '3.2 bar'), value('3', '3.2 bar')]);
    expect(alike).toMatchObject({ vehicles: 3, limit: '', limitFrom: '' });
  });
  it('a limit as wide as the instrument may be wrong, rounded outwards', () => {
    // 2 % of 3.4 bar is 0.068; 3.2 − 0.068 = 3.132 → 3.1, 3.4 + 0.068 = 3.468 → 3.5.
    const [offer] = ask([value('1', '3.2 bar'), value('2', '3.4 bar')], '', '2 %');
    expect(offer).toMatchObject({ limit: '3.1\u00a0bar–3.5\u00a0bar', limitFrom: 'accuracy' });
    expect(ask([value('1', '3.2 bar')], '', ' ')[0]).toMatchObject({ limit: '', limitFrom: '' });
    expect(ask([value('1', '3.2 bar')], '', 'quite good')[0]).toMatchObject({ limit: '', limitFrom: '' });
    // Enough vehicles need no accuracy.
    const three = [value('1', '3.2 bar'), value('2', '3.4 bar'), value('3', '3.3 bar')];
    expect(ask(three, '', '2 %')[0]).toMatchObject({
      limit: '3.2\u00a0bar–3.4\u00a0bar',
      limitFrom: 'vehicles',
    });
  });
  it('where this one stands: on an edge it lies among them', () => {
    const values = [value('1', '3.2 bar'), value('2', '3.4 bar')];
    expect(ask(values, '3.5 bar')[0]!.stands).toBe('This one is 0.1\u00a0bar above the highest.');
    expect(ask(values, '3.4 bar')[0]!.stands).toBe('This one lies among them.');
    expect(ask(values, '3.2 bar')[0]!.stands).toBe('This one lies among them.');
    expect(ask(values, '290 kPa')[0]!.stands).toBe('This one is 0.3\u00a0bar below the lowest.');
    expect(ask(values, '3.3')[0]!.stands).toBe('This one lies among them.');
    expect(ask([value('1', '3.2 bar')], '3.2 bar')[0]!.stands).toBe('This one reads the same.');
    expect(ask(values)[0]!.stands).toBe('');
    expect(ask(values, 'lamp lights')[0]!.stands).toBe('');
  });
  it('from where each comes, with its case where it has one', () => {
    expect(ask([value('1', '3.2 bar', { caseId: 'c1' }), value('2', '3.4 bar')])[0]!.from).toEqual([
      { text: 'case 1', caseId: 'c1' },
      { text: 'case 2' },
    ]);
  });
  it('of one kind of unit: what cannot be compared is left out', () => {
    expect(ask([value('1', '3.2 bar'), value('2', '3.3 V'), value('3', '340 kPa')])[0]).toMatchObject({
      vehicles: 2,
      high: '3.4\u00a0bar',
    });
  });
  it('under the same conditions, whatever their order; nothing under others', () => {
    const values = [value('1', '3.2 bar', { conditions: ['engine warm', 'A/C off', 'the'] })];
    expect(ask(values, '', '', ['AC off', 'A/C off', 'Engine warm'])).toHaveLength(0);
    expect(ask(values, '', '', ['A/C off', 'Engine  warm'])[0]).toMatchObject({ conditions: 'same' });
    expect(ask(values, '', '', ['engine cold'])).toHaveLength(0);
  });
  it('nearest build first, its years aside; another model is none', () => {
    const offers = ask([
      value('1', '3.2 bar', {}, { engine: '2.3 diesel', fuel: 'diesel' }),
      value('2', '3.4 bar', {}, { year: 2014 }),
      value('3', '3.6 bar', {}, { model: 'Vanto', engine: '9.9 X', fuel: 'diesel', make: 'Brannock' }),
    ]);
    expect(offers[0]!.from[0]!.text).toBe('case 2');
    expect(offers[0]!.build).not.toMatch(/years? apart|same year/);
    expect(offers.flatMap((o) => o.from.map((f) => f.text))).not.toContain('case 3');
    expect(offers.map((o) => o.near)).toEqual([...offers.map((o) => o.near)].sort((a, b) => b - a));
  });
  it('nothing for a label without words', () => {
    expect(
      knownGoodFor({ label: 'the', entered: '' }, [], here, [value('1', '3.2 bar', { label: 'of' })]),
    ).toEqual([]);
  });
});
