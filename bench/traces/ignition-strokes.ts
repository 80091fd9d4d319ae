import { chance, pick, type Random } from '@/sim/random';
import { between, channel, power, spoiled, type Maker } from './kit';

interface Coil {
  /** Voltage over time as the coil's own side gives it, before noise. */
  add: (s: Float32Array, t0: number, rate: number, last: boolean, dwell: number) => void;
}

/** One spark of a coil: charged, fired, burning until it is charged again or rings out. */
const coil = (r: Random, o: { side: string; burn: number; until: number; swings: number }): Coil => {
  const peak = o.side === 'secondary' ? between(r, 9, 12) : between(r, 330, 400);
  const level = o.side === 'secondary' ? between(r, 1.3, 1.7) : between(r, 33, 42);
  const f = between(r, 3500, 5000);
  return {
    add(s, t0, rate, last, dwell) {
      const end = last ? o.burn : Math.min(o.burn, o.until);
      for (let i = Math.round((t0 - dwell) * rate); i < Math.round((t0 + (last ? 0.01 : end)) * rate); i++) {
        if (i < 0 || i >= s.length) continue;
        const x = i / rate - t0;
        let v = 0;
        if (x < 0) v = o.side === 'primary' ? 0.8 - 13.5 : -0.3 * Math.exp(-(x + dwell) / 0.0002);
        else if (x < 0.00003) v = (peak * (x + 1 / rate)) / 0.00003;
        else if (x < end) v = level + (peak - level) * Math.exp(-(x - 0.00003) / 0.000012);
        else if (o.swings > 0)
          v = level * 0.6 * Math.exp(-(x - end) / 0.0008) * Math.cos(2 * Math.PI * f * (x - end));
        else v = level * 0.3 * Math.exp(-(x - end) / 0.0001);
        s[i] = (o.side === 'primary' ? 13.5 : 0) + v;
      }
    },
  };
};

/** Cranking: several sparks in each stroke, other channels on the sheet, and where the spark lies on the compression. */
export const ignitionStrokes: Maker = {
  analysis: 'ignition',
  name: 'several sparks a stroke',
  about:
    'cranking, one to six sparks in each stroke, three or four coils of either side; all burn short alike, or none; a starter current and a trigger pulse beside them, called by name or not',
  least: 0.9,
  make(r, snr) {
    const rate = 100_000;
    const n = pick(r, [3, 4]);
    const side = pick(r, ['secondary', 'primary']);
    const sparks = pick(r, [1, 1, 3, 4, 5, 6]);
    const alike = chance(r, 0.3) ? 'short' : 'well';
    const cycle = between(r, 0.42, 0.6);
    const strokes = 3;
    const length = Math.round(cycle * (strokes + 0.4) * rate);
    const every = between(r, 0.0035, 0.005);
    const dwell = between(r, 0.0018, 0.0024);
    const placed = between(r, -1, 1) < 0 ? 'before' : 'after';
    // Share of the distance between two compressions by which the spark comes before or after the hump.
    const away = sparks === 1 && chance(r, 0.35) ? 0 : (placed === 'before' ? -1 : 1) * between(r, 0.12, 0.3);
    const channels = Array.from({ length: n }, (_, k) => {
      const c = coil(r, {
        side,
        burn: (alike === 'short' ? between(r, 0.7, 1) : between(r, 1.7, 2.1)) * 1e-3,
        until: every - dwell,
        swings: 8,
      });
      const s = new Float32Array(length).fill(side === 'primary' ? 13.5 : 0);
      for (let q = 0; q < strokes; q++)
        for (let b = 0; b < sparks; b++)
          c.add(s, cycle * (q + 0.3 + k / n) + b * every, rate, b === sparks - 1, b === 0 ? 0.0035 : dwell);
      return channel(
        `coil ${k + 1}`,
        side === 'secondary' ? 'kV' : 'V',
        spoiled(s, snr, r, power(s) * (sparks > 1 ? 0.35 : 1)),
        rate,
      );
    });
    const current = Float32Array.from({ length }, (_, i) => {
      const x = (i / rate - cycle * 0.3) / (cycle / n) + away;
      return 130 + 30 * Math.cos(2 * Math.PI * x);
    });
    const withCurrent = chance(r, 0.6);
    const trigger = Float32Array.from({ length }, (_, i) => ((i / rate / cycle) % 1 < 0.1 ? 5 : 0));
    const asVoltage = chance(r, 0.5);
    const trig = channel(asVoltage ? 'channel D' : 'cam sensor', 'V', spoiled(trigger, snr, r), rate);
    const amps = channel('starter current', 'A', spoiled(current, snr, r), rate);
    return {
      given: {
        channels: {
          // Whoever picks all of them must not be told that a cam sensor burns short.
          voltage: [
            ...channels,
            ...(chance(r, 0.5) ? [trig] : []),
            ...(withCurrent && asVoltage ? [amps] : []),
          ],
          ...(withCurrent ? { cranking: [amps] } : {}),
        },
      },
      settings: { side },
      truth: `${sparks} sparks, ${side}, ${alike}, ${withCurrent ? away.toFixed(2) : 'no current'}`,
      judge(result) {
        const judged = result.findings.filter((f) => f.verdict === 'fail' || f.verdict === 'pass');
        if (judged.some((f) => !/coil|all/.test(f.about!))) return 'wrong';
        const counts = result.findings
          .filter((f) => /sparks? in each stroke/.test(f.because))
          .map((f) => f.figure);
        if (sparks > 1 && counts.some((c) => c !== String(sparks))) return 'wrong';
        if (sparks > 1 && counts.length < n) return 'unsure';
        if (sparks === 1 && counts.length > 0) return 'wrong';
        const shared = result.findings.some((f) => /share/.test(f.because));
        const short = alike === 'short' && sparks === 1;
        if (shared && !short) return 'wrong';
        const burns = judged.filter((f) => /burns/.test(f.because));
        if (sparks === 1 && burns.some((f) => (f.verdict === 'fail') !== (alike === 'short'))) return 'wrong';
        if (sparks > 1 && burns.some((f) => f.verdict === 'fail')) return 'wrong';
        const spark = result.findings.filter((f) => /compression peak/.test(f.because));
        const where = away === 0 ? 'at' : away < 0 ? 'before' : 'after';
        if (spark.some((f) => !new RegExp(`\\b${where} the compression peak`).test(f.because)))
          return 'wrong';
        if (withCurrent && spark.length < n) return 'unsure';
        return short && !shared ? 'unsure' : 'right';
      },
    };
  },
};
