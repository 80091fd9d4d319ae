import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judgeSiblings } from './sibling-readings';
import { compareSiblings } from './siblings';

const plain = (text: string) => text.replace(/[\u00a0\u202f]/g, ' ');
/** Readings as `label=value`, all with one limit: the sentence for the group, and the verdict of each. */
function judge(limit: string, ...readings: string[]) {
  const judged = judgeSiblings(
    readings.map((r) => {
      const [label, entered] = r.split('=') as [string, string];
      return { label, entered, limit };
    }),
  )!;
  return {
    group: `${judged.group.verdict}: ${plain(judged.group.because)}`,
    each: readings.map((_, i) => judged.each.get(i)?.verdict ?? ''),
    third: plain(judged.each.get(2)?.because ?? ''),
  };
}

describe('readings held against each other', () => {
  it('names the odd one, by how much, and in percent of the others', () => {
    expect(judge('siblings', '1=11.8 bar', '2=11.6 bar', '3=8.2 bar', '4=11.9 bar')).toEqual({
      group: 'fail: 3: 8.2 bar is 3.6 bar (31 %) below the others’ 11.8 bar.',
      each: ['pass', 'pass', 'fail', 'pass'],
      third: '3.6 bar below the others’ 11.8 bar.',
    });
    expect(judge('siblings', '1=-18 mm', '2=-17 mm', '3=-30 mm', '4=-18 mm').group).toBe(
      'fail: 3: −30 mm is 12 mm (67 %) below the others’ −18 mm.',
    );
    // Against nothing there is no share.
    expect(judge('siblings', '1=0 V', '2=0 V', '3=5 V').group).toBe(
      'fail: 3: 5 V is 5 V above the others’ 0 V.',
    );
    expect(judge('siblings', '1=80 °C', '2=84 °C', '3=120 °C').group).toBe(
      'fail: 3: 120 °C is 38 °C above the others’ 82 °C.',
    );
  });

  it('holds them to the share or the amount that is set', () => {
    const four = ['1=11.8 bar', '2=11.6 bar', '3=11.1 bar', '4=11.9 bar'];
    expect(judge('siblings', ...four).group).toBe(
      'pass: They agree (11.1 bar to 11.9 bar). All could be equally bad: only a limit could tell.',
    );
    expect(judge('siblings ± 5 %', ...four).group).toMatch(/^fail: 3: 11\.1 bar is 0\.7 bar \(6 %\) below/);
    expect(judge('siblings ± 0.8 bar', ...four).group).toMatch(/^pass/);
    expect(judge('siblings', '1=10', '2=10', '3=10').group).toMatch(/^pass: They agree \(10\)\./);
  });

  it('reads other units and a unit typed once', () => {
    expect(judge('siblings', '1=5000 mV', '2=5.1 V', '3=7 V').group).toBe(
      'fail: 3: 7000.0 mV is 1950.0 mV (39 %) above the others’ 5050.0 mV.',
    );
    expect(judge('siblings', '1=5 V', '2=5.1', '3=5.2 V').each).toEqual(['pass', 'pass', 'pass']);
  });

  it.each([
    [['1=5 V'], 'unsure: One reading has nothing to be compared with. Measure the others too.'],
    [
      ['1=5 V', '2=9 V'],
      'unsure: The two differ (5 V to 9 V), but two cannot say which is off. Measure a third, or give a limit.',
    ],
    [
      ['1=10 V', '2=10.1 V', '3=20 V', '4=20.2 V'],
      'unsure: They fall into two groups: 1, 2 at 10.1 V; 3, 4 at 20.1 V. Which of them is right only a limit can tell.',
    ],
    [
      ['1=1 V', '2=3 V', '3=9 V', '4=27 V'],
      'unsure: They do not agree (1 V to 27 V) and no majority does, so none can be called the odd one. Give a limit.',
    ],
    [
      ['1=12 bar', '2=11 bar', '3=9 bar', '4=4 bar'],
      'unsure: They do not agree (4 bar to 12 bar) and no majority does, so none can be called the odd one. Give a limit.',
    ],
    [['1=5 V', '2=rough'], 'unsure: "rough" is no number to compare.'],
    [['1=5 V', '2=3 bar'], 'unsure: A pressure in bar cannot be converted to V.'],
  ])('says what it cannot tell of %j', (readings, says) => {
    const { group, each } = judge('siblings', ...readings);
    if (says.includes('converted')) expect(group).toMatch(/^unsure: /);
    else expect(group).toBe(says);
    expect(each.every((v) => v === 'unsure' || v === '')).toBe(true);
  });

  it('wants degrees, not a share, of temperatures', () => {
    expect(judge('siblings ± 5 %', '1=80 °C', '2=84 °C').group).toBe(
      'unsure: A share of a temperature depends on the scale; give degrees.',
    );
  });

  it('takes left for a side where it is one, and for a remainder where it is that', () => {
    for (const labels of [
      ['left front', 'right front', 'left rear', 'right rear'],
      ['front left', 'rear left', 'rear right', 'front right'],
      ['front left', 'rear left', 'bank left'],
      ['left', 'right', 'middle'],
    ])
      expect(judge('siblings', ...labels.map((l) => `${l}=50 km/h`)).group).toMatch(/^pass/);
    for (const labels of [
      ['FL left', 'FR left', 'RL left'],
      ['pressure left', 'second left', 'third left'],
      ['1 left over', '2 left over', '3 left over'],
      ['1 after 5 min', '2 after 5 min', '3 after 5 min'],
      ['residual 1', 'residual 2', 'residual 3'],
    ])
      expect(judge('siblings', ...labels.map((l) => `${l}=5 bar`)).group).toMatch(
        /^unsure: What is left over depends/,
      );
  });
});

describe('whoever is called odd', () => {
  it('stands beside others that are alike, whatever the readings', () => {
    const group = fc.array(fc.double({ min: 0, max: 100, noNaN: true }), { minLength: 3, maxLength: 8 });
    fc.assert(
      fc.property(group, fc.double({ min: 0.1, max: 10, noNaN: true }), (values, tolerance) => {
        const c = compareSiblings(
          values.map((value, i) => ({ at: String(i), value })),
          tolerance,
        );
        if (c.outcome !== 'odd') return true;
        const rest = values.filter((_, i) => !c.odd.some((o) => o.at === String(i)));
        return (
          rest.length > values.length / 2 &&
          Math.max(...rest) - Math.min(...rest) <= 2 * tolerance * 1.0001 &&
          c.odd.every((o) => Math.abs(o.value - o.others) > tolerance)
        );
      }),
    );
  });

  it('does not depend on the order, nor on where zero lies', () => {
    const values = fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 3, maxLength: 7 });
    fc.assert(
      fc.property(values, fc.integer({ min: -100, max: 100 }), (list, shift) => {
        const of = (v: number[]) => {
          const c = compareSiblings(
            v.map((value, i) => ({ at: String(i), value })),
            4,
          );
          return [c.outcome, c.odd.map((o) => o.value).sort((a, b) => a - b)] as const;
        };
        const [outcome, odd] = of(list);
        expect(of([...list].reverse())).toEqual([outcome, odd]);
        expect(of(list.map((v) => v + shift))).toEqual([outcome, odd.map((v) => v + shift)]);
      }),
    );
  });
});
