import { chance, normal, pick, type Random } from '@/sim/random';
import { between, channel, judgeNames, spoiled, type Maker } from './kit';
import { named } from './judge';

type Way = 'long' | 'short';

/** How far one injector has let the pressure down, 0 … 1, so many seconds after it began to open. */
const opened = (way: Way, x: number, pulse: number, count: number): number => {
  if (x <= 0) return 0;
  if (x >= pulse) return 1;
  if (way === 'long') return x / pulse;
  // Each of many short pulses: open for a third of its time.
  const k = Math.floor((x / pulse) * count);
  return (k + Math.min(1, ((x / pulse) * count - k) * 3)) / count;
};

/** Seconds at which each injector of each pass begins to open. */
function schedule(r: Random, o: { n: number; passes: number; step: number; lead: number; uneven: boolean }) {
  const at: number[][] = [];
  let t = o.lead;
  for (let p = 0; p < o.passes; p++) {
    at.push([]);
    for (let k = 0; k < o.n; k++) {
      at[p]!.push(t);
      t += o.step;
      // The connector is put on the next injector.
      if (o.uneven && chance(r, 0.6)) t += between(r, 4, 25);
    }
    t += between(r, 0, 12);
  }
  return { at, end: t };
}

/**
 * Injector balance as it is really recorded: each pass at its own rest and opened its own way, the pump's first
 * rise before it, connectors changed in between while the pressure sags.
 */
export const injectorPasses: Maker = {
  analysis: 'injector-drops',
  name: 'several passes',
  least: 0.85,
  about:
    'one to three passes with their own rest and depth, one long pulse or many short ones; the pump’s first rise; long pauses with a sagging pressure; one injector more, less, nothing, or only so with short pulses',
  make(r, snr) {
    const n = pick(r, [3, 4, 5, 6, 8]);
    const rate = pick(r, [50, 100, 500]);
    const passes = pick(r, [1, 2, 2, 3]);
    const uneven = chance(r, 0.5);
    const kind = pick(r, ['none', 'more', 'less', 'nothing', 'short only'] as const);
    const ways = Array.from({ length: passes }, (_, p): Way => {
      if (kind === 'short only' && passes > 1) return p === 0 ? 'long' : 'short';
      return pick(r, ['long', 'short']);
    });
    const bad = Math.floor(r() * n);
    const factor = {
      none: 1,
      more: between(r, 1.25, 1.5),
      less: between(r, 0.5, 0.75),
      nothing: 0,
      'short only': between(r, 0.5, 0.72),
    }[kind];
    const own = Array.from({ length: n }, () => 1 + 0.025 * normal(r));
    const share = (p: number, k: number) =>
      k !== bad || (kind === 'short only' && ways[p] === 'long')
        ? own[k]!
        : factor * (kind === 'nothing' ? 0 : 1);
    const up = between(r, 0.9, 1.5);
    const pulse = between(r, 0.4, 0.8);
    const stay = between(r, 0.8, 1.4);
    const { at, end } = schedule(r, { n, passes, step: up + pulse + stay, lead: between(r, 2.5, 4), uneven });
    // Each pass at its own rest; no pump brings a pressure down.
    const first = between(r, 42, 56);
    const rests = ways.map((_, q) => first + (q === 0 ? 0 : between(r, -3, 8)));
    const depth = ways.map((w) => (w === 'long' ? between(r, 12, 20) : between(r, 7, 12)));
    const count = Math.round(between(r, 8, 25));
    // Without the pulses nobody can tell which one of unevenly paused drops is not there.
    const withPulses =
      (kind === 'nothing' && (uneven || bad === 0 || bad === n - 1 || n === 3)) || chance(r, 0.3);
    const s = new Float32Array(Math.round((end + 1) * rate));
    const command = new Float32Array(s.length);
    const sag = between(r, 0, 0.002);
    const tau = between(r, 0.05, 0.12);
    const cold = chance(r, 0.6) ? between(r, 0, 25) : rests[0]!;
    let p = cold;
    for (let i = 0; i < s.length; i++) {
      const t = i / rate;
      let pass = at.findIndex((a, q) => t >= a[0]! - up && (q + 1 === at.length || t < at[q + 1]![0]! - up));
      if (pass < 0) pass = 0;
      const k = at[pass]!.filter((x) => t >= x - up).length - 1;
      const rest = rests[pass]!;
      if (k < 0 || t < at[pass]![k]!) {
        // The pump runs for a moment and brings it back.
        const runs = k < 0 ? t > 0.8 && t < 2.2 : t < at[pass]![k]! - 0.15;
        if (runs && rest > p) p += (rest - p) * (1 - Math.exp(-1 / (rate * tau)));
      } else {
        const x = t - at[pass]![k]!;
        const d = opened(ways[pass]!, x, pulse, count) - opened(ways[pass]!, x - 1 / rate, pulse, count);
        p -= depth[pass]! * share(pass, k) * d;
        const open = ways[pass] === 'long' ? x < pulse : x < pulse && ((x / pulse) * count) % 1 < 1 / 3;
        command[i] = open ? 1 : 0;
      }
      p *= 1 - sag / rate;
      s[i] = p + 0.05 * Math.sin(2 * Math.PI * 7 * t);
    }
    // What is looked at is the drops; the first rise would flatter the noise.
    const clean = 0.25 * Math.min(...depth) ** 2;
    const truth =
      kind === 'none' || (kind === 'short only' && ways.every((w) => w === 'long'))
        ? []
        : [`injector ${bad + 1}`];
    const mixed = kind === 'short only' && new Set(ways).size > 1;
    const oneUnseen = kind === 'nothing' && !withPulses && passes === 1;
    return {
      given: {
        channels: {
          pressure: [channel('rail pressure', 'psi', spoiled(s, snr, r, clean), rate)],
          ...(withPulses
            ? { pulses: [channel('injector pulses', 'A', spoiled(command, snr, r), rate)] }
            : {}),
        },
      },
      settings: { injectors: n },
      truth: `${kind} at ${bad + 1} of ${n}, ${ways.join(' ')}${uneven ? ', uneven' : ''}${withPulses ? ', pulses' : ''}`,
      judge(result) {
        // Each pass more floods the cylinders.
        if (result.findings.some((f) => /do (a third|another)/.test(f.because))) return 'wrong';
        const found = named(result, 'injector');
        // What the passes do not agree on, or what was perhaps never pulsed, is left open by name.
        if (mixed || oneUnseen) {
          if (found.fail.some((f) => !truth.includes(f))) return 'wrong';
          if (found.fail.length > 0) return mixed ? 'right' : 'wrong';
          if (found.unsure.includes(truth[0]!)) return found.unsure.length === 1 ? 'right' : 'unsure';
          return 'wrong';
        }
        return judgeNames(found, truth);
      },
    };
  },
};
