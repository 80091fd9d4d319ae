import type { TraceFinding } from '../../contract';
import { figure, fixed, listed } from '../../words';
import { delaysOf } from './delay';
import { stillWords, type Still } from './still';
import { verdictOf } from '../verdict-of';

/** A later channel may seem to come so much before the one ahead of it, in samples. */
const SLACK = 1;

/** Whether a row of delays never goes back by more than the slack. */
const inOrder = (d: readonly number[]): boolean => d.every((x, i) => i === 0 || x >= d[i - 1]! - SLACK);
const without = <T>(list: readonly T[], k: number): T[] => list.filter((_, i) => i !== k);

/**
 * Whose change comes where it should along a pipe: each after the one ahead of it. Two that come the other way round
 * are exchanged; one alone that breaks the order sits elsewhere, or answers too late.
 *
 * @param names in the order of the pipe
 * @param rows at the same moments
 * @param step seconds from one to the next
 * @param still those that do not move, which come nowhere
 */
export function alongPipe(
  names: readonly string[],
  rows: readonly Float32Array[],
  o: { step: number; most: number; still: readonly (Still | undefined)[]; unit: string },
): TraceFinding[] {
  const moving = names.flatMap((name, i) => (o.still[i] ? [] : [{ name, i }]));
  const delays = delaysOf(
    moving.map((m) => rows[m.i]!),
    o.most / o.step,
  );
  const at = delays.map((d) => d.samples);
  const told = delays.every((d) => d.fit > 0.75);
  const exchanged = at.flatMap((_, k) => {
    if (k === 0) return [];
    const other = [...at];
    [other[k - 1], other[k]] = [at[k]!, at[k - 1]!];
    return at[k]! < at[k - 1]! - SLACK && inOrder(other) ? [[k - 1, k]] : [];
  });
  const alone = at.flatMap((_, k) => (inOrder(without(at, k)) ? [k] : []));
  // In a row of two, or with several ways to mend the order, only that it is broken can be said.
  const guiltyOf = (): number[] | undefined => {
    if (inOrder(at)) return [];
    if (exchanged.length === 1 && moving.length > 2) return exchanged[0]!;
    return alone.length === 1 ? alone : undefined;
  };
  const guilty = guiltyOf();
  return names.map((name, i): TraceFinding => {
    const still = o.still[i];
    if (still)
      return {
        verdict: names.length > 2 ? 'fail' : 'unsure',
        because: stillWords(name, still, { unit: o.unit, count: names.length }),
        about: name,
        figure: figure(still.at, o.unit),
        reading: { label: `moves with the others, ${name}`, entered: 'no', limit: 'yes' },
      };
    const k = moving.findIndex((m) => m.i === i);
    const ahead = moving[k - 1];
    const after = ahead ? (at[k]! - at[k - 1]!) * o.step : 0;
    const says = ahead
      ? `${name} changes ${fixed(Math.abs(after), 's', 1)} ${after < 0 ? 'before' : 'after'} ${ahead.name}.`
      : `${name} is the first of the pipe.`;
    if (!told)
      return {
        verdict: 'unsure',
        because: `${name} does not go with the others closely enough to say what comes first.`,
        about: name,
      };
    const bad = guilty?.includes(k) ?? false;
    return {
      verdict: verdictOf(bad, guilty !== undefined),
      because: `${says}${brokenWords(
        guilty?.map((g) => moving[g]!.name),
        bad,
      )}`,
      about: name,
      figure: fixed(after, 's', 1),
      reading: { label: `in its place along the pipe, ${name}`, entered: bad ? 'no' : 'yes', limit: 'yes' },
    };
  });
}

/** What is wrong with the order, behind what a channel does; `guilty` is undefined where not one alone can be. */
function brokenWords(guilty: readonly string[] | undefined, bad: boolean): string {
  if (!guilty) return ' The order is broken, and not by one channel alone.';
  if (!bad) return '';
  return guilty.length === 2
    ? ` ${listed([...guilty])} come the other way round: exchanged, or named wrongly.`
    : ' It alone breaks the order: it sits elsewhere, or answers too late.';
}
