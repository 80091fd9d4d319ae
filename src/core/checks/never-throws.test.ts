import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CHECKS } from './all';
import { formOf, runCheck, type Typed } from './run';

/** What stands in a cell when somebody slips: another unit, a share, nothing, a word, a figure that cannot be. */
const SLIPS = [
  ...[
    '20 °C',
    '5 %',
    '-300 °C',
    '1 °F',
    '0 K',
    '5 % °C',
    '12 V',
    '0',
    '-1',
    '1e9',
    'OL',
    'open',
    '1,500 bar',
  ],
  ...[
    '',
    '100 °C ± 5 %',
    '90',
    '∞',
    '1:2 2:3',
    '°C',
    '%',
    '100 mbar',
    '6 psi abs',
    '4k7',
    '−0.5 V',
    '50 km/h',
  ],
];
const slip = fc.constantFrom(...SLIPS);

describe('no check throws, whatever is typed', () => {
  it.each(CHECKS.map((c) => [c.id, c] as const))('%s', (_, check) => {
    const example = check.example as Typed;
    /** The example with some cells overwritten, or all cells of a kind alike. */
    const typed = fc
      .record({
        every: fc.boolean(),
        all: slip,
        share: slip,
        each: fc.array(slip, { minLength: 40, maxLength: 40 }),
      })
      .map(({ every, all, share, each }): Typed => {
        let n = 0;
        const cell = (old: string) => {
          const next = each[n++ % each.length]!;
          return every ? all : n % 3 === 0 ? next : old;
        };
        return Object.fromEntries(
          formOf(check).map(({ name, info }) => {
            const value = example[name] ?? '';
            if (Array.isArray(value))
              return [
                name,
                value.map((r) =>
                  Object.fromEntries(Object.entries(r).map(([k, v]) => [k, k === 'at' ? v : cell(v)])),
                ),
              ];
            return [name, info.kind === 'choice' ? value : every ? share : cell(value)];
          }),
        );
      });
    fc.assert(
      fc.property(typed, (t) => {
        const result = runCheck(check, t);
        const text = JSON.stringify(result, (_, v: unknown) => (Number.isNaN(v) ? 'NaN' : v));
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
      }),
      { numRuns: 250 },
    );
  });

  it('odd one out: degrees within a share are refused with a sentence', () => {
    const check = CHECKS.find((c) => c.id === 'odd-one-out')!;
    const each = ['20', '21', '35'].map((v, i) => ({ at: String(i + 1), entered: `${v} °C` }));
    expect(runCheck(check, { each, band: '10 %' })).toMatchObject({
      state: 'refused',
      problems: [{ message: 'A share of a temperature depends on the scale; give degrees.' }],
    });
  });
});
