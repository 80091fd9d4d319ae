import { describe, expect, it } from 'vitest';
import { checkOf } from './index';
import { givensOf, isMeasured, rowsFor, rowsToRepeat, typedOf, type InputFacts } from './rows';

const check = (id: string) => checkOf(id)!;
const row = (field: string, entered: string, at = '', column = '', position = 0): InputFacts => ({
  ...{ field, at, column, entered, position },
});
const drop = check('voltage-drop');
const filter = check('filter-back-pressure');

describe('entries of a check as rows of a case', () => {
  it('come back as they were typed: a field, a list by its labels, a table by its cells', () => {
    expect(
      typedOf(drop, [
        row('current', '120 A', '', '', 9),
        row('drops', '90 mV', 'cable +', '', 2),
        row('drops', '20 mV', 'battery post +', '', 1),
        row('current', '140 A', '', '', 10),
        row('nothing of this check', '1'),
      ]),
    ).toEqual({
      // In the order of their places; of a field that stands twice the later one.
      drops: [
        { at: 'battery post +', entered: '20 mV' },
        { at: 'cable +', entered: '90 mV' },
      ],
      current: '140 A',
      each: '',
      all: '',
    });
    const cells = [
      row('clean', '60', '1', 'flow'),
      row('clean', '35 mbar', '1', 'pressure'),
      row('clean', '90', '2', 'flow'),
    ];
    expect(typedOf(filter, cells).clean).toEqual([{ flow: '60', pressure: '35 mbar' }, { flow: '90' }]);
  });

  it('begin with the places of the check, or as many as the engine has cylinders', () => {
    const empty = rowsFor(drop, {});
    expect(empty.filter((r) => r.field === 'drops').map((r) => r.at)).toEqual([
      'battery post +',
      'cable +',
      'at the load',
      'ground strap',
      'battery post −',
    ]);
    expect(empty.every((r) => r.entered === '')).toBe(true);
    expect(
      rowsFor(filter, {})
        .filter((r) => r.field === 'clean' && r.column === 'flow')
        .map((r) => r.at),
    ).toEqual(['1', '2', '3']);
    const compression = check('compression-spread');
    const places = (cylinders: number | null) =>
      rowsFor(compression, {}, { cylinders })
        .filter((r) => r.at !== '')
        .map((r) => r.at);
    expect(places(5)).toEqual(['1', '2', '3', '4', '5']);
    expect(places(null)).not.toEqual(places(5));
  });

  it('take what was typed over what the vehicle says', () => {
    const air = check('engine-air-flow');
    const said = (typed: Record<string, string>) =>
      Object.fromEntries(
        rowsFor(air, typed, { displacement: '1.6 L', strokes: 4, cylinders: 4 }).map((r) => [
          r.field,
          r.entered,
        ]),
      );
    expect(said({}).displacement).toBe('1.6 L');
    expect(said({ displacement: '2.0 L' }).displacement).toBe('2.0 L');
  });

  it('give what they were made from, for every cell', () => {
    const typed = { drops: [{ at: 'cable +', entered: '90 mV' }], current: '140 A', each: '0.2 V', all: '' };
    const rows = rowsFor(drop, typed).map((r, i) => ({ ...r, position: i }));
    expect(typedOf(drop, rows)).toEqual(typed);
  });
});

describe('a check done once more', () => {
  const rows = [
    row('drops', '90 mV', 'cable +'),
    row('drops', '610 mV', 'ground strap'),
    row('current', '140 A'),
    row('each', '0.2 V'),
    row('gone', 'x'),
  ];
  it('keeps the limits and the places, and leaves empty what was measured', () => {
    expect(rowsToRepeat(drop, rows).map((r) => [r.field, r.at, r.entered])).toEqual([
      ['drops', 'cable +', ''],
      ['drops', 'ground strap', ''],
      ['current', '', ''],
      ['each', '', '0.2 V'],
    ]);
    expect(rows.map((r) => isMeasured(drop, r))).toEqual([true, true, true, false, false]);
  });
  it('on another vehicle keeps what holds for any: limits and places of a circuit, not rows of cylinders', () => {
    expect(givensOf(drop, rows).map((r) => [r.field, r.at, r.entered])).toEqual([
      ['drops', 'cable +', ''],
      ['drops', 'ground strap', ''],
      ['each', '', '0.2 V'],
    ]);
    const compression = check('compression-spread');
    const cylinders = rowsFor(compression, {}, { cylinders: 4 }).map((r, i) => ({ ...r, position: i }));
    expect(givensOf(compression, cylinders).filter((r) => /^\d$/.test(r.at))).toEqual([]);
  });
});
