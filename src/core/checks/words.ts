import type { SiblingComparison } from '@/core/readings';
import {
  compareSiblings,
  convert,
  convertDifference,
  siblingSentence,
  siblingTolerance,
  type CurveComparison,
} from '@/core/readings';
import type { Drawing, Finding } from './contract';
import { type Read, type ReadAt } from './fields';

/** Sentences and pictures that several checks share. */

export const CYLINDERS = ['1', '2', '3', '4', '5', '6', '7', '8'] as const;

/** A value held against two edges of the same unit; on an edge is inside. */
export function inside(value: number, low: number, high: number): boolean {
  const slack = 1e-9 * Math.max(Math.abs(value), 1);
  return value >= low - slack && value <= high + slack;
}

/** A share with its sign, written as percent. */
export const percent = (share: number, places = 0): string =>
  `${(share * 100).toFixed(places).replace('-', '−')} %`;

/**
 * Compares a list of siblings in the unit in which its first member was entered.
 *
 * @param readings one list field
 * @param share the share of their median by which they may differ
 * @param noun what they are: "cylinder"
 * @param bad the side on which a member can only be for being bad
 */
export function siblings(
  readings: ReadAt[],
  share: number,
  noun: string,
  bad?: 'low' | 'high',
): { finding: Finding; comparison: SiblingComparison } {
  const values = readings.map((r) => r.value);
  const tolerance = siblingTolerance(values, readings[0]?.unit ?? '', { value: share * 100, unit: '%' });
  const comparison = compareSiblings(
    readings.map((r) => ({ at: r.at, value: r.value })),
    tolerance,
    bad,
  );
  const first = readings[0]!;
  const shown = shownAs(comparison, first);
  const said = siblingSentence(shown, first.as, Math.max(...readings.map((r) => r.decimals)), noun);
  return { finding: { ...said }, comparison };
}

/** The same comparison in the unit that was typed, so that the sentence speaks it. */
export function shownAs(c: SiblingComparison, r: Read): SiblingComparison {
  if (r.as === r.unit) return c;
  const at = (value: number) => convert({ value, unit: r.unit }, r.as).value;
  const by = (value: number) => convertDifference({ value, unit: r.unit }, r.as).value;
  return {
    ...c,
    low: at(c.low),
    high: at(c.high),
    median: at(c.median),
    odd: c.odd.map((o) => ({ ...o, value: at(o.value), others: at(o.others), delta: by(o.delta) })),
    ...(c.groups ? { groups: c.groups.map((g) => ({ ...g, median: at(g.median) })) } : {}),
  };
}

/** Bars of a list, with the odd ones marked. */
export function siblingBars(
  readings: ReadAt[],
  comparison: Pick<SiblingComparison, 'odd' | 'outcome'>,
): Extract<Drawing, { kind: 'bars' }> {
  const odd = new Set(comparison.odd.map((o) => o.at));
  const others = comparison.outcome === 'agree' || comparison.outcome === 'odd' ? 'pass' : 'unsure';
  return {
    kind: 'bars',
    unit: readings[0]?.unit ?? '',
    bars: readings.map((r) => ({ at: r.at, value: r.value, verdict: odd.has(r.at) ? 'fail' : others })),
  };
}

/** What a curve comparison means, in a sentence; what lies beyond the reference is said, not judged. */
export function curveSentence(
  c: CurveComparison,
  y: (value: number) => string,
  x: (value: number) => string,
): Finding {
  const beyond = c.points.filter((p) => p.side === 'beyond');
  const left = beyond.length
    ? ` Not judged, beyond the ends of the reference: ${beyond.map((p) => x(p.x)).join(', ')}.`
    : '';
  if (c.judged === 0)
    return {
      verdict: 'unsure',
      because: `No point lies where the reference has one.${left}`,
    };
  if (c.everywhere === 'within')
    return {
      verdict: 'pass',
      because: `Inside the band at ${c.judged === 1 ? 'the one point judged' : `all ${c.judged} points`}.${left}`,
    };
  const off = c.points.filter((p) => p.side === 'above' || p.side === 'below');
  const worst = off.reduce((a, b) => (Math.abs(b.y - b.reference!) > Math.abs(a.y - a.reference!) ? b : a));
  const where =
    c.everywhere === 'mixed'
      ? `Off at ${off.length} of ${c.judged} points`
      : `${c.everywhere === 'above' ? 'Above' : 'Below'} at every point`;
  const trend =
    c.everywhere === 'mixed'
      ? ''
      : {
          steady: ', by much the same',
          growing: ', and growing',
          steepening: ', and steepening',
          shrinking: ', and closing',
          unclear: '',
        }[c.trend];
  return {
    verdict: 'fail',
    because: `${where}${trend}: at ${x(worst.x)} it is ${y(worst.y)} against ${y(worst.reference!)}.${left}`,
  };
}
