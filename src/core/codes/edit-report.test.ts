import { describe, expect, it } from 'vitest';
import { doubtfulRows, editReport, NO_EDITS, NONE_DOUBTFUL, readReport } from './index';

const TEXT = [
  'Engine',
  'P0171 System too lean (stored)',
  'P0300 Misfire (pending)',
  'ABS',
  'C0035 Wheel speed (stored)',
  'Freeze frame C0035',
  'Vehicle speed: 41 km/h',
  'Live data',
  'Coolant temperature: 91 °C',
  'RPM: 742 rpm',
  'nothing known',
];
const report = readReport(TEXT.join('\n'));
const said = (r: typeof report) =>
  r.codes.map((c) => [c.code, c.statuses.join(), c.module === null ? '' : r.modules[c.module]!.name]);
const edit = (edits: Partial<typeof NO_EDITS>) =>
  editReport(report, { ...NO_EDITS, ...edits }, NONE_DOUBTFUL);

describe('what a person puts right in a report', () => {
  it('is nothing where nothing was put right', () => {
    expect(edit({})).toEqual(report);
  });
  it('leaves a fault out, and with it its freeze frame', () => {
    const left = edit({ gone: [2] });
    expect(said(left).map(([code]) => code)).toEqual(['P0171', 'P0300']);
    expect(left.freeze).toEqual([]);
    // The places of the others move up.
    expect(edit({ gone: [0] }).freeze).toEqual([{ code: 1, name: 'Vehicle speed', entered: '41 km/h' }]);
  });
  it('changes status, module and code', () => {
    expect(
      said(
        edit({
          statuses: { 0: 'active', 1: '' },
          modules: { 1: 'ABS', 2: 'Front camera', 0: '' },
          codes: { 2: 'c0040' },
        }),
      ),
    ).toEqual([
      ['P0171', 'active', ''],
      ['P0300', '', 'ABS'],
      ['C0040', 'stored', 'Front camera'],
    ]);
  });
  it('takes a line for a fault in words, once', () => {
    const more = edit({ faults: ['nothing known'] });
    expect(said(more).at(-1)).toEqual(['nothing known', '', '']);
    expect(more.leftover).toEqual([]);
  });
});

describe('what was hard to read on a photo', () => {
  /** All sure but the lines named. */
  const without = (...lines: string[]) =>
    doubtfulRows(
      report,
      TEXT.map((l) => (lines.some((x) => l.startsWith(x)) ? 0.5 : 1)),
    );
  it('does not go onto the case until somebody looked at it', () => {
    const doubtful = without('ABS', 'C0035', 'Coolant');
    const put = editReport(report, NO_EDITS, doubtful);
    expect(said(put)).toEqual([
      ['P0171', 'stored', 'Engine'],
      ['P0300', 'pending', 'Engine'],
    ]);
    expect(put.modules.map((m) => m.name)).toEqual(['Engine']);
    expect(put.live.map((l) => l.name)).toEqual(['RPM']);
    expect(put.freeze).toEqual([]);
    const looked = editReport(
      report,
      { ...NO_EDITS, codes: { 2: 'C0035' }, confirmed: ['modules:1', 'live:0'] },
      doubtful,
    );
    expect(looked).toEqual(report);
  });
  it('leaves a clear fault under a doubtful heading without a module', () => {
    expect(said(editReport(report, NO_EDITS, without('Engine')))[0]).toEqual(['P0171', 'stored', '']);
  });
  it('doubts a fault in words beside codes: its code was not read', () => {
    const words = readReport('Stored codes\nP0171 lean (stored)\nCylinder 2 misfire (pending)');
    expect(words.codes).toHaveLength(2);
    expect(doubtfulRows(words, [1, 1, 1]).codes).toEqual([1]);
  });
});
