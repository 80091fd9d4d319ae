import { describe, expect, it } from 'vitest';
import { nameAndUnit, namesAbove } from './csv-names';
import { previewFile } from './index';

const bytes = (text: string) => new TextEncoder().encode(text);

describe('names and units of columns', () => {
  it.each([
    ['EGR position V', 'EGR position', 'V'],
    ['TPS V', 'TPS', 'V'],
    ['Starter current A', 'Starter current', 'A'],
    ['Pedal %', 'Pedal', '%'],
    ['Rail pressure (bar)', 'Rail pressure', 'bar'],
    ['Sensor A', 'Sensor A', ''],
    ['V', 'V', ''],
  ])('%s is %s in %j', (cell, name, unit) => expect(nameAndUnit(cell)).toEqual({ name, unit }));

  it('take the same letter behind several names for their unit, and letters that differ for names', () => {
    const of = (...heads: string[]) =>
      namesAbove(
        [heads],
        heads.map(() => '1'),
        heads.length,
        '.',
      );
    expect(of('s', 'INJ1 A', 'INJ2 A').slice(1)).toEqual([
      { name: 'INJ1', unit: 'A' },
      { name: 'INJ2', unit: 'A' },
    ]);
    expect(of('s', 'Probe A', 'Probe B').slice(1)).toEqual([
      { name: 'Probe A', unit: '' },
      { name: 'Probe B', unit: '' },
    ]);
  });
});

describe('what kind of file it is', () => {
  it('a table whose head begins with a bracket is no JSON', () => {
    const text = `[s];Ref [V]\n${Array.from({ length: 20 }, (_, i) => `${i / 10};4.9`).join('\n')}\n`;
    const { readAs } = previewFile(bytes(text), 'ref.csv', text.length);
    expect(readAs.format).toBe('csv');
    expect(readAs.columns.map((c) => c.use)).toEqual(['time', 'channel']);
  });

  it.each(['{"time":[0,1,2],"a":[1,2,3]}', ' [{"t":0,"a":1},{"t":1,"a":2}]', '[[0,1],[1,2],[2,3]]'])(
    'what begins as JSON does is JSON: %s',
    (text) => {
      try {
        expect(previewFile(bytes(text), 'x.json', text.length).readAs.format).toBe('json');
      } catch (e) {
        // Of another shape than is understood, but taken for JSON.
        expect(String(e)).toMatch(/JSON/);
      }
    },
  );
});
