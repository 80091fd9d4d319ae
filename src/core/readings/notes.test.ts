import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readEntry } from './entry';
import { fractionsAsDecimals } from './fraction';
import { readLimit } from './limit';
import { isNote, limitAlone, speakOfOtherStates } from './notes';
import { judgeCount, spanOf } from './span';
import { judgeReading } from './verdict';

// Sentences are printed with blanks that do not break.
const plain = (s: string) => s.replace(/[\u00a0\u202f]/g, ' ');
const judged = (value: string, limit: string) => {
  const { verdict, because } = judgeReading(value, limit);
  return [verdict, plain(because)];
};

describe('words beside a figure (common practice, no source)', () => {
  it.each([
    ['running', '', true],
    ['idle, lights on', 'V', true],
    ['leakage', '%', true],
    ['after 40 min', 'mA', true],
    ['between 6 and 14', 'Ω', true],
    ['across ground side', 'V', true],
    ['too low', 'V', false],
    ['not reached', 'V', false],
    ['or more', 'V', false],
    ['max', 'V', false],
    ['minimum', 'V', false],
    ['below spec', 'V', false],
    ['with a drop to 9 V', 'V', false],
    ['then 2', 'V', false],
    ['leaks', 'bar', false],
    ['falling', 'bar', false],
    ['sometimes', 'V', false],
    ['at 3 V ref', 'V', false],
    ['at 3000 rpm', 'V', true],
    ['expected', 'V', false],
    ['spec', 'V', false],
    ['target', 'V', false],
    ['on the other car', 'V', false],
    ['before repair', 'V', false],
    ['yesterday', 'V', false],
    ['calculated', 'V', false],
    ['peak', 'V', false],
    ['with the battery connected', 'V', false],
    ['pump off', 'V', false],
    ['', '', false],
    ['  idle ,  hot ', 'V', true],
    ['@ 3000 rpm', 'V', true],
    ['2000 rpm', 'V', false],
    ['5', 'V', false],
    ['at 5', 'V', true],
    ['at 5x', 'V', false],
    ['at 1-2', 'V', false],
    ['at 20C and 3000 rpm', 'V', true],
    ['at 20C and 3 V', 'V', false],
    ['at 3 V and 20C', 'V', false],
    // Without a unit of its own, any figure in it may be another reading's, and is taken for its place.
    ['at 3 V', '', true],
    ['min', 'V', false],
    ['after min', 'V', false],
    ['after 5 min', 'V', true],
    ['side side side side side side side side side', 'V', false],
    ['in in in in in in in in in in', 'V', true],
    ['in in in in in in in in in in in', 'V', false],
    // 42 letters and 43.
    ['resistance temperature pressure current hot', 'V', false],
    ['resistance temperature voltage current hot', 'V', true],
    ['to ground', 'Ω', true],
    ['to 9', 'V', false],
    ['under load', 'V', true],
    ['under', 'V', false],
    ['at the pump', 'V', true],
    ['pump', 'V', false],
    ['cyl 3', 'kV', true],
    ['cyl 3 and 4', 'kV', false],
  ])('%s behind a figure in %s: %s', (words, unit, is) => expect(isNote(words, unit)).toBe(is));

  it.each([
    ['250–350 bar at idle', '250–350 bar', 'at idle'],
    ['2 to 2.5 kohm @ 20C', '2 to 2.5 kohm', 'at 20C'],
    ['2.5 bar minimum when hot', '2.5 bar minimum', 'when hot'],
    ['1.0 bar min hot idle', '1.0 bar min', 'hot idle'],
    ['50 mA max after 30 min', '50 mA max', 'after 30 min'],
    ['0.5V max drop', '0.5V max', ''],
    ['spec: 3.8 - 4.2 bar', '3.8 - 4.2 bar', ''],
    ['should be 12.4 or better', '12.4 or better', ''],
    ['≥ 15 bar (80 °C)', '≥ 15 bar', 'at 80 °C'],
    ['500–600 Ω (20 °C)', '500–600 Ω', 'at 20 °C'],
    ['≥ 4 bar (58 psi)', '≥ 4 bar (58 psi)', ''],
    ['  12 V hot  ', '12 V', 'hot'],
    ['12 V @ idle', '12 V', 'at idle'],
    ['12 V @idle', '12 V', 'at idle'],
    ['12 V (at idle)', '12 V', 'at idle'],
    ['80–90 °C (at 100 °C)', '80–90 °C (at 100 °C)', ''],
    ['12 V (2 pins)', '12 V', 'at 2 pins'],
    ['12 V dropping', '12 V dropping', ''],
    ['0.2 V max drop', '0.2 V max', ''],
    ['0.2 V max loaded drop', '0.2 V max', 'loaded drop'],
    ['20 inHg vacuum', '20 inHg', ''],
    ['0.1  to  0.9 V   switching', '0.1 to 0.9 V', ''],
    ['0.1 to 0.9 V V', '0.1 to 0.9 V V', ''],
    ['at 5 V', 'at 5 V', ''],
    ['max 5 V', 'max 5 V', ''],
    ['baro 97–102 kPa', '97–102 kPa', ''],
    ['CO max 0.3 %', 'max 0.3 %', ''],
    ['lambda 1.00 ± 0.03', '1.00 ± 0.03', ''],
    ['rev limit 5,800 rpm max', '5,800 rpm max', ''],
    ['24 V nominal, min 23.8 V', 'min 23.8 V', ''],
    ['10 A fuse, 9 A or less', '10 A fuse, 9 A or less', ''],
    ['min 9.6 V while cranking', 'min 9.6 V', 'while cranking'],
    ['12 V at least', '12 V at least', ''],
    ['replace if > 2 mm', 'replace if > 2 mm', ''],
    ['-0.5 bar vacuum', '-0.5 bar vacuum', ''],
  ])('the limit %s is %s, %s', (text, alone, note) =>
    expect(limitAlone(text)).toEqual({ text: alone, note }),
  );

  it('says in what state the limit holds', () =>
    expect(judged('3.1 bar', '2.5 bar minimum when hot')).toEqual([
      'pass',
      '3.1 bar is OK (2.5 bar or more). The limit holds when hot.',
    ]));

  it('does not hold what was read cold against what holds hot', () => {
    expect(speakOfOtherStates('hot', 'cold')).toBe(true);
    expect(speakOfOtherStates('after a drive', 'hot')).toBe(false);
    expect(judged('5.2 bar cold', '2.5 bar minimum when hot')).toEqual([
      'unsure',
      '"5.2 bar cold" and the limit "2.5 bar minimum when hot" are not of the same state or side. Read it as the limit says.',
    ]);
  });

  it.each([
    ['6 mm front', 'rear min 5 mm', 'unsure'],
    ['6 mm rear', 'rear min 5 mm', 'pass'],
    ['4 mm rear', 'rear min 5 mm', 'fail'],
    ['12.1 V left', '12 V min right', 'unsure'],
    ['0.2 mm inner', 'max 0.15 mm outer', 'unsure'],
    ['4.9 V input', 'output 4.8–5.2 V', 'unsure'],
    ['825 rpm in D', '750±50 rpm in drive', 'fail'],
    ['790 rpm in D', '750±50 rpm in drive', 'pass'],
  ])('%s against %s: %s', (value, limit, verdict) =>
    expect(judgeReading(value, limit).verdict).toBe(verdict),
  );

  it.each([
    ['0.9 V p-p surge', { figure: '0.9 V p-p', beside: 'surge' }],
    ['3.1 V flexed a little', { figure: '3.1 V', beside: 'flexed a little' }],
    // A second figure may be a second reading.
    ['0.11 mm then 0.2 mm', {}],
    ['4 humps of 6', {}],
    ['lamp lights', {}],
  ])('offers the figure alone where the words beside it are not known: %s', (typed, apart) =>
    expect(readEntry(typed)).toEqual({ kind: 'state', state: typed, ...apart }),
  );

  it.each([
    ['fan on at 92–97 °C', ['92–97 °C']],
    ['14.7 V max surge', ['14.7 V max']],
    // What turns a limit round, or is of something else, is not offered.
    ['replace if > 2 mm', undefined],
    ['not good under 3 bar', undefined],
    ['worn: 0.5–0.6 mm', undefined],
    ['3.1–3.3 V before repair', undefined],
    ['on', undefined],
  ])('offers the limit within "%s": %j', (typed, offers) =>
    expect((readLimit(typed) as { offers?: string[] }).offers).toEqual(offers),
  );

  it.each([
    ['5.5 bar limit', '4 bar min'],
    ['12.4 V fan on', '12 V min'],
    ['3 mm new', '2 mm min'],
    ['14 V other car', '13.5 V min'],
  ])('does not take "%s" for a reading of the part', (value, limit) =>
    expect(judgeReading(value, limit).verdict).toBe('unsure'),
  );

  it.each([
    ['230 mV drop', '0.2 V max drop', 'fail'],
    ['180 mV drop', '0.2 V max', 'pass'],
    ['0.5 bar drop', '3 bar min', 'unsure'],
    ['0.5 bar drop', '3–4 bar', 'unsure'],
    ['0.5 bar drop', 'min drop 0.3 bar', 'pass'],
  ])('a drop is no level: %s against %s is %s', (value, limit, verdict) =>
    expect(judgeReading(value, limit).verdict).toBe(verdict),
  );

  const noted = fc.constantFrom('running', 'KOEO', '(hot)', 'on feed side', 'after 20 min', 'steady');
  it('change neither the figure nor the verdict', () => {
    fc.assert(
      fc.property(fc.integer({ min: -300, max: 300 }), noted, (tenths, note) => {
        const value = `${(tenths / 10).toFixed(1)} V`;
        expect(judgeReading(`${value} ${note}`, '5.0–12.5 V').verdict).toBe(
          judgeReading(value, '5.0–12.5 V').verdict,
        );
        const read = readEntry(`${value} ${note}`);
        expect(read.kind === 'quantity' && read.quantity).toEqual({ value: tenths / 10, unit: 'V' });
      }),
    );
  });

  it('never make a figure of words, nor throw', () => {
    const piece = fc.constantFrom(
      '12',
      'V',
      '(',
      ')',
      'at',
      'not',
      '-',
      '/',
      'hot',
      '3/32',
      '@',
      ' ',
      '±',
      'max',
      'of',
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 12 }), (pieces) => {
        const text = pieces.join(' ');
        expect(() => [readEntry(text), readLimit(text), judgeReading(text, text)]).not.toThrow();
        if (!/\d/.test(text)) expect(readEntry(text).kind).not.toBe('quantity');
      }),
    );
  });
});

describe('readings of more than one figure', () => {
  it.each([
    ['650-700 rpm', { low: '650 rpm', high: '700 rpm' }],
    ['780 ± 20 rpm', { low: '760 rpm', high: '800 rpm' }],
    ['0.1-0.9 V switching', { low: '0.1 V', high: '0.9 V' }],
    ['>500 MΩ', { low: '500 MΩ' }],
    ['< 0.1 Ω', { high: '0.1 Ω' }],
    ['max 5 V', undefined],
    ['5 V', undefined],
    ['on', undefined],
  ])('%s', (text, span) => expect(spanOf(text)).toEqual(span));

  it.each([
    ['650–700 rpm', '600–750 rpm', 'pass'],
    ['650–780 rpm', '600–750 rpm', 'fail'],
    ['590–700 rpm', '600–750 rpm', 'fail'],
    ['11.5–12.5 V', '≥ 12 V', 'fail'],
    ['>500 MΩ', '≥ 100 MΩ', 'pass'],
    ['>500 MΩ', '100–900 MΩ', 'unsure'],
    ['>500 MΩ', '≤ 100 MΩ', 'fail'],
    ['>50 MΩ', '≥ 100 MΩ', 'unsure'],
    ['<0.1 Ω', '< 0.5 Ω', 'pass'],
    ['<0.6 Ω', '< 0.5 Ω', 'unsure'],
    ['<0.1 Ω', '≥ 0.5 Ω', 'fail'],
  ])('%s against %s: %s', (value, limit, verdict) =>
    expect(judgeReading(value, limit).verdict).toBe(verdict),
  );

  it.each([
    ['2 of 4', '4 of 4', 'fail'],
    ['4/4', '4 of 4', 'pass'],
    ['3 of 6', '4 of 4', undefined],
    ['3', '4 of 4', undefined],
  ])('%s against %s', (value, limit, verdict) => expect(judgeCount(value, limit)?.verdict).toBe(verdict));
});

describe('fractions', () => {
  it.each([
    ['3/32"', '0.09375"'],
    ['1 1/2 turns', '1.5 turns'],
    ['1/4 to 1/2 turn', '0.25 to 0.5 turn'],
    ['5/32', '0.15625 in'],
    ['2/4', '2/4'],
    ['1/3 full', '1/3 full'],
    ['12/24 V', '12/24 V'],
    ['3/4/2026', '3/4/2026'],
  ])('%s is %s', (text, decimal) => expect(fractionsAsDecimals(text)).toBe(decimal));
});

it('what is nothing at all is not 12 V, however far it may be off; 11.9 V may be', () => {
  expect(judged('0 V', '12 V')[0]).toBe('fail');
  expect(judged('11.9 V', '12 V')[0]).toBe('unsure');
  expect(judged('0.0 V', '12 V')[0]).toBe('unsure');
  expect(judged('12 V', '0 V')[0]).toBe('unsure');
});
