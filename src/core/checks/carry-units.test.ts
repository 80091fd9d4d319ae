import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findUnit } from '@/core/readings';
import { CHECKS } from './all';
import { carryUnits } from './carry-units';
import type { FieldInfo } from './fields';
import { runCheck } from './run';

const q = (unit: string): FieldInfo => ({ kind: 'quantity', unit, difference: false, optional: false });
const list = (unit: string): FieldInfo => ({ kind: 'list', unit, each: 'one', labels: [] });
const rows = (...entered: string[]) => entered.map((e, i) => ({ at: String(i + 1), entered: e }));
const check = (id: string) => CHECKS.find((c) => c.id === id)!;

describe('a unit typed once carries on', () => {
  it.each([
    [
      'from field to field',
      { a: q('bar'), b: q('bar') },
      { a: '57 psi', b: '40' },
      { a: '57 psi', b: '40 psi' },
    ],
    ['only downwards', { a: q('bar'), b: q('bar') }, { a: '3', b: '40 psi' }, { a: '3', b: '40 psi' }],
    ['not to another kind', { a: q('bar'), b: q('°C') }, { a: '57 psi', b: '40' }, { a: '57 psi', b: '40' }],
    [
      'not where one unit has two sizes',
      { a: q('V'), b: q('V') },
      { a: '80 mV', b: '12.1' },
      { a: '80 mV', b: '12.1' },
    ],
    ['not to words', { a: q('bar'), b: q('bar') }, { a: '57 psi', b: 'OL' }, { a: '57 psi', b: 'OL' }],
    [
      'nor over a unit',
      { a: q('bar'), b: q('bar') },
      { a: '57 psi', b: '3 bar' },
      { a: '57 psi', b: '3 bar' },
    ],
    [
      'the last one typed',
      { a: q('bar'), b: q('bar'), c: q('bar') },
      { a: '57 psi', b: '3 bar', c: '2' },
      { a: '57 psi', b: '3 bar', c: '2 bar' },
    ],
    ['negative numbers too', { a: q('°C'), b: q('°C') }, { a: '52 °F', b: '−4' }, { a: '52 °F', b: '−4 °F' }],
  ] as const)('%s', (_, fields, typed, wanted) => expect(carryUnits(fields, typed)).toEqual(wanted));

  it('through a list, to the rows above the first that has one as well', () => {
    const of = (...entered: string[]) =>
      (carryUnits({ l: list('V') }, { l: rows(...entered) }).l as { entered: string }[]).map(
        (r) => r.entered,
      );
    expect(of('80 mV', '90', '85')).toEqual(['80 mV', '90 mV', '85 mV']);
    expect(of('80', '90', '85 mV')).toEqual(['80 mV', '90 mV', '85 mV']);
    expect(of('80', '90')).toEqual(['80', '90']);
    // A thermistor from cold to hot: 300 is ohms, though the rows above are in kilohms.
    expect(carryUnits({ l: list('Ω') }, { l: rows('9 kΩ', '5', '300') }).l).toEqual(
      rows('9 kΩ', '5 kΩ', '300'),
    );
  });

  it('into a list from the field above it, and out of it', () => {
    expect(
      carryUnits({ a: q('psi'), l: list('psi'), z: q('psi') }, { a: '3.8 bar', l: rows('2.7', ''), z: '1' }),
    ).toEqual({ a: '3.8 bar', l: rows('2.7 bar', ''), z: '1 bar' });
  });
});

describe('the cases that showed it', () => {
  const fails = (id: string, typed: Parameters<typeof runCheck>[1]) => {
    const r = runCheck(check(id), typed);
    return r.state === 'done' ? r.findings.filter((f) => f.verdict === 'fail').map((f) => f.about) : r.state;
  };
  it('rest 3.8 bar, then 2.7 2.7 3.3 2.7: the third injector drops least', () => {
    expect(
      fails('injector-balance', {
        rest: '3.8 bar',
        cylinders: '4',
        each: rows('2.7', '2.7', '3.3', '2.7'),
      }),
    ).toEqual(['Injector 3']);
  });
  it('50 mph, then 50, 50, 50: no wheel is accused', () => {
    expect(fails('wheel-speeds', { wheels: rows('50 mph', '50', '50', '50') })).toEqual([]);
  });

  it('every check says the same of its example with the units of the lower rows left out', () => {
    let shortened = 0;
    for (const c of CHECKS)
      for (const [name, value] of Object.entries(c.example)) {
        if (!Array.isArray(value)) continue;
        const list = value as Record<string, string>[];
        const example = c.example as Parameters<typeof runCheck>[1];
        for (const column of Object.keys(list[0] ?? {})) {
          const units = list.map((r) => /[^\d\s.,−-].*$/.exec(r[column] ?? '')?.[0] ?? '');
          if (units.length < 2 || !findUnit(units[0]!) || units.some((u) => u !== units[0])) continue;
          const bare = list.map((r, i) =>
            i === 0 ? r : { ...r, [column]: r[column]!.replace(units[0]!, '').trim() },
          );
          shortened++;
          expect(runCheck(c, { ...example, [name]: bare }), `${c.id} ${name} ${column}`).toEqual(
            runCheck(c, example),
          );
        }
      }
    expect(shortened).toBeGreaterThanOrEqual(5);
  });

  it('goes on from the first time into the repeat, below a unit typed in the repeat itself', () => {
    const fields = { rest: q('psi'), each: list('psi') };
    const first = { rest: '3.8 bar', each: rows('2.7 bar', '2.7', '3.3') };
    expect(carryUnits(fields, { rest: '3.8', each: rows('2.7', '2.75') }, first)).toEqual({
      rest: '3.8 bar',
      each: rows('2.7 bar', '2.75 bar'),
    });
    expect(carryUnits(fields, { rest: '380 kPa', each: rows('270') }, first)).toEqual({
      rest: '380 kPa',
      each: rows('270 kPa'),
    });
    // A field that had none, and one of a kind read in two sizes.
    expect(carryUnits(fields, { rest: '52' }, { rest: '55' })).toEqual({ rest: '52' });
    const drop = { a: q('V') };
    expect(carryUnits(drop, { a: '80' }, { a: '120 mV' })).toEqual({ a: '80 mV' });
    expect(carryUnits(drop, { a: '0.08' }, { a: '120 mV' })).toEqual({ a: '0.08' });
  });

  it('judges a repeat of bare numbers in the unit of the first run', () => {
    const first = {
      rest: '3.8 bar',
      cylinders: '4',
      given: 'pressure left',
      each: rows('2.7', '2.7', '3.3', '2.7'),
    };
    const again = { ...first, rest: '3.8', each: rows('2.7', '2.72', '2.71', '2.7') };
    const result = runCheck(check('injector-balance'), again, first);
    expect(result).toMatchObject({ state: 'done', findings: [{ verdict: 'pass' }] });
    expect(JSON.stringify(result)).toMatch(/1\.1.?.bar/);
  });

  it('changes nothing where no unit was typed', () => {
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^-?\d{1,4}(\.\d{1,2})?$/), { maxLength: 6 }), (entered) => {
        const typed = { a: entered[0] ?? '', l: rows(...entered) };
        expect(carryUnits({ a: q('bar'), l: list('bar') }, typed)).toEqual(typed);
      }),
    );
  });
});
