import { describe, expect, it } from 'vitest';
import { applyOps, type CaseRecord, type Op } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { measuredOnBoth } from './measured-on-both';

const AT = '2026-05-04T09:00:00.000Z';
const LATER = '2026-05-05T09:00:00.000Z';
let n = 0;

const caseWith = (...ops: Op[]): CaseRecord => applyOps(emptyRecord(), ops);
const test = (question: string, readings: [string, string][], repeatOf: string | null = null): Op[] => {
  const id = `t${++n}`;
  return [
    { op: 'add', kind: 'test', id, row: { question, at: repeatOf ? LATER : AT, repeatOf } },
    ...readings.map(([label, entered]): Op => ({
      op: 'add',
      kind: 'reading',
      id: `r${++n}`,
      row: { testId: id, label, entered },
    })),
  ];
};
const list = (...values: [string, string][]): Op[] => {
  const id = `s${++n}`;
  return [
    { op: 'add', kind: 'scan', id, row: { at: AT, text: 'x' } },
    ...values.map(([name, entered]): Op => ({
      op: 'add',
      kind: 'live',
      id: `l${++n}`,
      row: { scanId: id, name, entered },
    })),
  ];
};
const said = (a: CaseRecord, b: CaseRecord) =>
  measuredOnBoth(a, b).map((m) => [m.name, ...m.values.map((v) => v.map((x) => x.entered).join(' → '))]);

describe('what was measured on two cases', () => {
  it('is the same whatever it was asked for, with what it read after the repair', () => {
    const first = test('Is it lean?', [['long-term trim at idle', '19.5 %']]);
    const again = test('Is it lean?', [['long-term trim at idle', '2 %']], (first[0] as { id: string }).id);
    const a = caseWith(...first, ...again);
    const b = caseWith(...test('How far do the trims lean?', [['Long-term trim, idle', '+12 %']]));
    expect(said(a, b)).toEqual([['long-term trim at idle', '19.5 % → 2 %', '+12 %']]);
  });

  it('knows a live value by each of its names, in a list or a test', () => {
    const a = caseWith(...list(['LTFT B1', '18 %'], ['RPM', '780 rpm']));
    const b = caseWith(...test('Trims', [['Long term fuel trim bank 1', '4 %']]));
    expect(said(a, b)).toEqual([['LTFT B1', '18 %', '4 %']]);
    expect(said(b, a)).toEqual([['Long term fuel trim bank 1', '4 %', '18 %']]);
  });

  it('takes a bare label only under its own question, and nothing that was read on one alone', () => {
    const a = caseWith(...test('How much does it draw?', [['at rest', '410 mA']]));
    const b = caseWith(...test('Does the actuator come back?', [['at rest', '12 %']]));
    expect(said(a, b)).toEqual([]);
    expect(said(a, caseWith(...test('How much does it draw?', [['at rest', '28 mA']])))).toHaveLength(1);
    expect(said(a, caseWith())).toEqual([]);
  });
});
