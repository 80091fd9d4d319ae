import type { Channel } from '../../channel';
import type { TraceFinding } from '../../contract';
import { timeAt } from '../../channel';
import type { FiringPlan } from '../../engine';
import { bin, median, peaksOf, quantiles, smooth, spread } from '../../signal';

/** Values a second that the starter's current is looked at with: compressions come 3 to 60 times a second. */
const RATE = 1000;
/** Within this share of the distance between two compressions a spark is at the peak. */
const AT = 0.06;
/** Nearer than this to half way it may belong to either. */
const BETWEEN = 0.44;

/** Moments of the compression peaks in a starter current, in seconds. */
export function compressionPeaks(c: Channel): number[] {
  const by = Math.max(1, Math.floor(1 / (RATE * c.interval)));
  const x = smooth(bin(c.samples, by), 25);
  const [low, high] = quantiles(x, [0.1, 0.9]) as [number, number];
  return peaksOf(x, 0.4 * (high - low), 8).map((p) => timeAt(c, p.at * by));
}

/**
 * Where a cylinder's spark lies against the nearest compression peak while cranking.
 *
 * @param firsts seconds of the first spark of each stroke
 */
export function againstCompression(
  name: string,
  firsts: readonly number[],
  peaks: readonly number[],
  plan: FiringPlan | undefined,
): TraceFinding[] {
  const gap = median(peaks.slice(1).map((t, i) => t - peaks[i]!));
  const offsets = firsts.flatMap((t) => {
    const nearest = peaks.reduce((a, p) => (Math.abs(p - t) < Math.abs(a - t) ? p : a), Infinity);
    return Math.abs(nearest - t) < gap ? [(t - nearest) / gap] : [];
  });
  if (peaks.length < 4 || offsets.length < 2) return [];
  const share = median(offsets);
  const doubt = spread(offsets) / Math.sqrt(offsets.length);
  if (Math.abs(share) + doubt > BETWEEN)
    return [
      {
        verdict: 'unsure',
        because: `${name}: the spark lies half way between two compression peaks; which one it belongs to is not told.`,
        about: `${name}, timing`,
      },
    ];
  const side = share < 0 ? 'before' : 'after';
  const where = Math.abs(share) < AT ? 'at' : side;
  const by = plan
    ? `${Math.round((Math.abs(share) * plan.cycle) / plan.order.length)}°`
    : `${Math.round(100 * Math.abs(share))} % of the way to the next`;
  const said = where === 'at' ? 'at the compression peak' : `${by} ${where} the compression peak`;
  return [
    {
      verdict: '',
      because: `${name}: the spark comes ${said} of the starter current.`,
      about: `${name}, timing`,
      figure: where === 'at' ? 'at the peak' : `${by} ${where}`,
      reading: { label: `spark against compression, ${name}`, entered: said, limit: '' },
    },
  ];
}
