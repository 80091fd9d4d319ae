import { chance, pick, type Random } from '@/sim/random';
import { between, channel, power, spoiled, type Maker } from './kit';

/** Levels that a command stands at, and whether it goes between them at once or slowly: one value a second and more. */
function commanded(r: Random, o: { seconds: number; ramps: boolean }): (t: number) => number {
  const low = between(r, 0, 15);
  const points: [number, number][] = [[0, low]];
  let t = between(r, 5, 8);
  let last = low;
  while (t < o.seconds - 26) {
    const to = last < low + 10 ? between(r, low + 45, 95) : pick(r, [low, between(r, low + 20, 95)]);
    const takes = o.ramps ? between(r, 5, 10) : 0;
    points.push([t, last], [t + takes, to]);
    last = to;
    t += takes + between(r, 6, 10);
  }
  points.push([t, last], [t + (o.ramps ? 6 : 0), low], [o.seconds + 60, low]);
  return (x) => {
    const k = points.findIndex((p) => p[0] > x);
    if (k <= 0) return k === 0 ? points[0]![1] : low;
    const [a, b] = [points[k - 1]!, points[k]!];
    return a[1] + ((b[1] - a[1]) * (x - a[0])) / (b[0] - a[0]);
  };
}

/** A command and its answer as a scan tool logs them: one to ten values a second, steps or ramps, percent and volts. */
export const slowFollow: Maker = {
  analysis: 'command-answer',
  name: 'slow loggers',
  least: 0.9,
  about:
    '1 to 10 values a second, steps and ramps, answer in the same unit or in volts of unknown scale, rising or falling; well, late, off, stuck, staying after the command is gone, following over part of its range only',
  make(r, snr) {
    const rate = pick(r, [1, 2, 5, 10]);
    const seconds = between(r, 70, 120);
    const ramps = chance(r, 0.5);
    const volts = chance(r, 0.5);
    const gain = volts ? between(r, 0.03, 0.045) * (chance(r, 0.25) ? -1 : 1) : 1;
    const offset = volts ? (gain < 0 ? between(r, 4.4, 4.8) : between(r, 0.3, 0.7)) : 0;
    const kind = pick(r, [
      'well',
      'well',
      'late',
      volts ? 'stays' : 'off',
      'stuck',
      'stays',
      'part',
    ] as const);
    const u = commanded(r, { seconds, ramps });
    const lag = kind === 'late' ? Math.max(1.2, 2.2 / rate) * between(r, 1, 1.8) : between(r, 0.02, 0.08);
    const n = Math.round(seconds * rate);
    const command = Float32Array.from({ length: n }, (_, i) => u(i / rate));
    const range = Math.max(...command) - Math.min(...command);
    const rest = command[0]!;
    const least = rest + range * between(r, 0.2, 0.35);
    const away = range * between(r, 0.12, 0.25) * (chance(r, 0.5) ? 1 : -1);
    // Back at rest for good: from here on nothing is asked of the answer.
    const over = command.findLastIndex((v) => v > rest + 0.02 * range) / rate;
    const held = rest + range * between(r, 0.2, 0.6);
    const answer = Float32Array.from({ length: n }, (_, i) => {
      const t = i / rate;
      const x = u(Math.max(0, t - lag));
      const y =
        kind === 'stuck'
          ? rest + 0.3 * range
          : kind === 'part'
            ? Math.max(x, least)
            : kind === 'off'
              ? x + away
              : kind === 'stays' && t > over - 1
                ? Math.max(x, held)
                : x;
      return gain * y + offset;
    });
    const clean = power(command);
    const truth = {
      well: [],
      late: ['lag'],
      off: ['steady error'],
      stuck: ['answered'],
      stays: ['return to rest'],
      part: ['range'],
    }[kind] as string[];
    return {
      given: {
        channels: {
          command: [channel('commanded', '%', spoiled(command, Math.max(snr, 34), r, clean), rate)],
          answer: [
            channel('measured', volts ? 'V' : '%', spoiled(answer, snr + 6, r, clean * gain * gain), rate),
          ],
        },
      },
      settings: {},
      truth: `${kind}, ${rate} Hz, ${ramps ? 'ramps' : 'steps'}, ${volts ? 'volts' : '%'}, lag ${lag.toFixed(2)} s`,
      judge(result) {
        const of = (verdict: string) =>
          result.findings.filter((f) => f.verdict === verdict).map((f) => f.about!);
        // An answer that stops short is also off where the command goes on.
        const said = kind === 'part' ? [...truth, 'steady error'] : truth;
        if (of('fail').some((f) => !said.includes(f))) return 'wrong';
        if (kind === 'part' && of('fail').length > 0) return 'right';
        if (truth.some((t) => !of('fail').includes(t)))
          return truth.every((t) => of('unsure').includes(t)) || of('unsure').includes('answered')
            ? 'unsure'
            : 'wrong';
        // A lag shorter than two samples cannot be seen to be short.
        if (rate < 10 && kind !== 'late' && kind !== 'stuck' && of('pass').includes('lag')) return 'wrong';
        const open = of('unsure').filter((f) => f !== 'lag');
        return open.length > 0 ? 'unsure' : 'right';
      },
    };
  },
};
