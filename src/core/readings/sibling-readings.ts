import type { Reading } from '@/core/case';
import { readEntry, writeQuantity } from './entry';
import { readLimit } from './limit';
import { compareSiblings, type SiblingComparison } from './siblings';
import { convert, convertDifference, findUnit, type Quantity } from './units';
import type { Judgement } from './hold';

type Facts = Pick<Reading, 'label' | 'entered' | 'limit'>;

/** The share of their median that siblings may differ by when nothing else is said; common practice, no source. */
const USUAL_SHARE = 0.1;
/** Temperatures have no share: a few degrees; common practice, no source. */
const USUAL_DEGREES = 5;

/**
 * How far siblings may differ.
 *
 * @param values in one unit
 * @param unit their unit
 * @param stated a share (`%`) or an amount, when one was given
 * @returns an amount in that unit, above 0
 * @throws RangeError with a sentence when the unit stated does not fit, or a share is asked of temperatures
 */
export function siblingTolerance(
  values: number[],
  unit: string,
  stated?: { value: number; unit: string },
): number {
  const sorted = values.map(Math.abs).sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? 0;
  const temperature = findUnit(unit)?.measures === 'temperature';
  const isShare = (u: string) => findUnit(u)?.measures === 'share';
  const share = stated && isShare(stated.unit) && !isShare(unit) ? convert(stated, '%').value : undefined;
  if (stated && share === undefined)
    return stated.unit === '' ? stated.value : convertDifference(stated, unit).value;
  if (temperature) {
    if (stated) throw new RangeError('A share of a temperature depends on the scale; give degrees.');
    return convertDifference({ value: USUAL_DEGREES, unit: '°C' }, unit).value;
  }
  // Readings around zero have no share of anything; then one part in a million keeps it above 0.
  return Math.max(((share ?? USUAL_SHARE * 100) / 100) * middle, 1e-9);
}

/**
 * Says what a comparison of siblings means, in a sentence.
 *
 * @param c the comparison
 * @param unit unit of its numbers
 * @param decimals places to write
 * @param noun what the members are: "cylinder", "corner", "reading"
 */
export function siblingSentence(
  c: SiblingComparison,
  unit: string,
  decimals: number,
  noun = 'reading',
): Judgement {
  const say = (value: number) => writeQuantity({ value, unit }, decimals);
  const range = c.low === c.high ? say(c.low) : `${say(c.low)} to ${say(c.high)}`;
  switch (c.outcome) {
    case 'too few':
      return {
        verdict: 'unsure',
        because: `${noun === 'one' ? 'A single one' : `One ${noun}`} has nothing to be compared with. Measure the others too.`,
      };
    case 'two differ':
      return {
        verdict: 'unsure',
        because: `The two differ (${range}), but two cannot say which is off. Measure a third, or give a limit.`,
      };
    case 'split':
      if (c.groups)
        return {
          verdict: 'unsure',
          because: `They fall into two groups: ${c.groups.map((g) => `${g.at.join(', ')} at ${say(g.median)}`).join('; ')}. Which of them is right only a limit can tell.`,
        };
      return {
        verdict: 'unsure',
        because: `They do not agree (${range}) and no majority does, so none can be called the odd one. Give a limit.`,
      };
    case 'agree':
      return {
        verdict: 'pass',
        because: `They agree (${range}). All could be equally bad: only a limit could tell.`,
      };
    case 'odd': {
      const each = c.odd.map((o) => {
        // Against next to nothing a share says nothing.
        const percent = Math.round(Math.abs(o.delta / o.others) * 100);
        const share = percent < 10_000 ? ` (${percent} %)` : '';
        return `${o.at}: ${say(o.value)} is ${say(Math.abs(o.delta))}${findUnit(unit)?.measures === 'temperature' ? '' : share} ${o.delta > 0 ? 'above' : 'below'} the others’ ${say(o.others)}`;
      });
      return { verdict: 'fail', because: `${each.join('; ')}.` };
    }
  }
}

const REMAINDER =
  /\b(?:left over|left after|remain(?:s|ing|der)?|residual|after \d{1,4} ?(?:s|min|h)[a-z]{0,8})\b/i;
/** "FL left", "pressure left"; "front left" and "left" alone are sides of the vehicle. */
const ENDS_IN_LEFT =
  /(?<!\b(?:front|rear|back|upper|lower|inner|outer|side|bank|wheel|door|seat|lamp|light|mirror|sensor|axle))\sleft$/i;

/** What was left of a start compares only when all began alike, which the labels do not say. */
function leftOver(labels: readonly string[]): string {
  const sides = labels.some((l) => /\bright\b/i.test(l));
  return labels.some((l) => REMAINDER.test(l) || (!sides && ENDS_IN_LEFT.test(l.trim().replace(/\s+/g, ' '))))
    ? 'What is left over depends on what each began at. Give the start of each and compare what each lost, or say so in the label: “lost”.'
    : '';
}

/**
 * Judges the readings of a test whose limit is "siblings", each against the others.
 *
 * @param readings all readings of the test
 * @returns a judgement per reading with that limit (by position in the list), and one for the group
 */
export function judgeSiblings(
  readings: readonly Facts[],
): { group: Judgement; each: Map<number, Judgement> } | undefined {
  const members: { index: number; at: string; quantity: Quantity; decimals: number }[] = [];
  let stated: { value: number; unit: string } | undefined;
  let problem = '';
  let any = false;
  readings.forEach((r, index) => {
    const limit = readLimit(r.limit);
    if (!limit.ok || limit.limit?.form !== 'siblings') return;
    any = true;
    stated ??= limit.limit.tolerance;
    const entry = readEntry(r.entered);
    if (entry.kind === 'empty') return;
    if (entry.kind === 'quantity')
      members.push({
        index,
        at: r.label || String(index + 1),
        quantity: entry.quantity,
        decimals: entry.decimals,
      });
    else
      problem ||= entry.kind === 'problem' ? entry.message : `"${r.entered.trim()}" is no number to compare.`;
  });
  if (!any) return undefined;
  const each = new Map<number, Judgement>();
  const refuse = (because: string) => ({ group: { verdict: 'unsure' as const, because }, each });
  if (problem) return refuse(problem);
  if (members.length === 0) return { group: { verdict: '', because: '' }, each };
  const untold = leftOver(members.map((m) => m.at));
  if (untold !== '') return refuse(untold);
  const unit = members.find((m) => m.quantity.unit !== '')?.quantity.unit ?? '';
  try {
    const values = members.map((m) =>
      m.quantity.unit === '' ? m.quantity.value : convert(m.quantity, unit).value,
    );
    const tolerance = siblingTolerance(values, unit, stated);
    const c = compareSiblings(
      members.map((m, i) => ({ at: String(i), value: values[i]! })),
      tolerance,
    );
    const decimals = Math.max(...members.map((m) => m.decimals));
    const nameOf = (at: string) => members[Number(at)]!.at;
    const named = {
      ...c,
      odd: c.odd.map((o) => ({ ...o, at: nameOf(o.at) })),
      ...(c.groups ? { groups: c.groups.map((g) => ({ ...g, at: g.at.map(nameOf) })) } : {}),
    };
    const group = siblingSentence(named, unit, decimals);
    members.forEach((m, i) => {
      const odd = c.odd.find((o) => o.at === String(i));
      if (odd)
        each.set(m.index, {
          verdict: 'fail',
          because: `${writeQuantity({ value: Math.abs(odd.delta), unit }, decimals)} ${odd.delta > 0 ? 'above' : 'below'} the others’ ${writeQuantity({ value: odd.others, unit }, decimals)}.`,
        });
      else if (c.outcome === 'agree' || c.outcome === 'odd')
        each.set(m.index, { verdict: 'pass', because: 'Like its siblings.' });
      else each.set(m.index, { verdict: 'unsure', because: group.because });
    });
    return { group, each };
  } catch (e) {
    return refuse(e instanceof Error ? e.message : 'These readings cannot be compared.');
  }
}
