import { describe, expect, it } from 'vitest';
import { checkOf, runCheck, type Typed } from './index';

/** Curves as they are drawn: in the order of their x, each under its name, both in the units of what was measured. */

const lines = (id: string, typed: Typed) => {
  const result = runCheck(checkOf(id)!, typed);
  if (result.state !== 'done' || result.drawing?.kind !== 'curve') throw new Error(JSON.stringify(result));
  const { x, y } = result.drawing;
  return {
    axes: [x, y],
    lines: result.drawing.lines.map((l) => [
      l.name,
      l.role,
      l.points.map((p) => [p.x, Number(p.y.toFixed(6))]),
    ]),
  };
};
const rows = (a: string, b: string, pairs: [string, string][]) => pairs.map(([x, y]) => ({ [a]: x, [b]: y }));

describe('curves as they are drawn', () => {
  it('a reference and readings that were taken in any order', () => {
    expect(
      lines('reference-curve', {
        reference: rows('x', 'y', [
          ['4000 rpm', '5 bar'],
          ['1000 rpm', '2 bar'],
        ]),
        measured: rows('x', 'y', [
          ['3000 rpm', '410 kPa'],
          ['2000 rpm', '290 kPa'],
        ]),
      }),
    ).toEqual({
      axes: ['rpm', 'kPa'],
      lines: [
        [
          'reference',
          'reference',
          [
            [1000, 200],
            [4000, 500],
          ],
        ],
        [
          'measured',
          'measured',
          [
            [2000, 290],
            [3000, 410],
          ],
        ],
      ],
    });
  });

  it('a bare number of the reference is in the unit that was measured', () => {
    const { lines: drawn } = lines('reference-curve', {
      reference: rows('x', 'y', [
        ['1000', '2'],
        ['2000', '3'],
      ]),
      measured: rows('x', 'y', [['1500 rpm', '2.4 bar']]),
    });
    expect(drawn[0]).toEqual([
      'reference',
      'reference',
      [
        [1000, 2],
        [2000, 3],
      ],
    ]);
  });

  it('a filter over its flow', () => {
    expect(
      lines('filter-back-pressure', {
        off: '0 mbar',
        clean: rows('flow', 'pressure', [
          ['300 m³/h', '150 mbar'],
          ['50 m³/h', '20 mbar'],
        ]),
        measured: rows('flow', 'pressure', [
          ['290 m³/h', '160 mbar'],
          ['60 m³/h', '25 mbar'],
        ]),
      }).lines,
    ).toEqual([
      [
        'clean',
        'reference',
        [
          [50, 20],
          [300, 150],
        ],
      ],
      [
        'measured',
        'measured',
        [
          [60, 25],
          [290, 160],
        ],
      ],
    ]);
  });

  it('a sensor against what was applied: the true line, and what was shown in its unit', () => {
    expect(
      lines('applied-truth', {
        steps: [
          { truth: '500 mbar', shown: '52 kPa' },
          { truth: '0 mbar', shown: '1 kPa' },
          { truth: '250 mbar', shown: '26 kPa' },
        ],
      }),
    ).toEqual({
      axes: ['mbar', 'mbar'],
      lines: [
        [
          'true',
          'reference',
          [
            [0, 0],
            [250, 250],
            [500, 500],
          ],
        ],
        [
          'shown',
          'measured',
          [
            [0, 10],
            [250, 260],
            [500, 520],
          ],
        ],
      ],
    });
  });
});
