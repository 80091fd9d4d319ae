import { describe, expect, it } from 'vitest';
import { ANALYSES } from './analyses';
import { compareRuns } from './compare';
import type { TraceResult } from './contract';
import { looksLike } from './looks-like';

const run = (figures: Record<string, string>): TraceResult => ({
  marks: [],
  findings: Object.entries(figures).map(([label, entered]) => ({
    verdict: '',
    because: '',
    reading: { label, entered, limit: '' },
  })),
});

describe('two recordings side by side', () => {
  const halves = (a: string, b: string) => [run({ x: a }), run({ x: b })];
  const of = (here: string, there: string, own: [string, string], other: [string, string]) =>
    compareRuns(run({ x: here }), run({ x: there }), { here: halves(...own), there: halves(...other) })[0]!;
  it('a difference of 38 % beside 2 % within is real', () => {
    expect(of('62 %', '100 %', ['61 %', '63 %'], ['100 %', '99 %'])).toEqual({
      label: 'x',
      here: '62 %',
      there: '100 %',
      difference: '-38 %',
      real: 'real',
    });
  });
  it('a difference of 3 beside 2 within either is not', () => {
    expect(of('53 V', '50 V', ['52 V', '54 V'], ['50 V', '50 V']).real).toBe('within its own scatter');
  });
  it('is not told where a half gave no figure, or the figure is a word', () => {
    expect(
      compareRuns(run({ x: '5' }), run({ x: '9' }), {
        here: [undefined, undefined],
        there: halves('9', '9'),
      })[0]!.real,
    ).toBe('not told');
    expect(of('cylinder', 'none', ['a', 'b'], ['a', 'b'])).toMatchObject({
      difference: '',
      real: 'not told',
    });
  });
  it('leaves out what only one of them has', () => {
    expect(
      compareRuns(run({ x: '1', y: '2' }), run({ x: '1' }), { here: [], there: [] }).map((c) => c.label),
    ).toEqual(['x']);
  });
});

describe('what a recording looks like', () => {
  const analysis = (id: string) => ANALYSES.find((a) => a.id === id)!;
  it('a starter current with a trigger', () => {
    const channels = [
      { name: 'starter current', unit: 'A' },
      { name: 'coil 1 trigger', unit: 'V' },
    ];
    expect(looksLike(analysis('cranking-compression'), channels, 8)).toBe(
      'This looks like cranking current of 8 cylinders, with a trigger.',
    );
  });
  it('wheels and a road speed are counted', () => {
    const channels = [
      'wheel speed FL',
      'wheel speed FR',
      'wheel speed RL',
      'wheel speed RR',
      'vehicle speed',
    ].map((name) => ({ name, unit: 'km/h' }));
    expect(looksLike(analysis('agreement'), channels, 0)).toBe(
      'This looks like four × wheel speed and vehicle speed.',
    );
  });
  it('tells what was found first', () => {
    const result: TraceResult = {
      marks: [],
      findings: [{ verdict: 'fail', because: 'It stops at 11.3 s.', about: 'x' }],
    };
    expect(looksLike(analysis('drop-outs'), [{ name: 'wheel sensor', unit: 'V' }], 0, result)).toContain(
      'wheel sensor. It stops at 11.3 s.',
    );
  });
});
