import type { Channel } from '@/core/traces';
import { chance, pick, type Random } from '@/sim/random';
import { between, channel, power, pulsesAt, spoiled, type Maker } from './kit';

/**
 * Sensors that switch, as they fail: made from the turning of a wheel and what then happens to the wire, not from
 * pulses that are taken out of a list.
 */

interface Wheel {
  /** Places on the rim where a tooth begins, 0 … 1. */
  teeth: number[];
  /** Width of a tooth, share of the rim. */
  width: number;
}

const even = (n: number, width = 0.5): Wheel => ({
  teeth: Array.from({ length: n }, (_, i) => i / n),
  width: width / n,
});
const without = (n: number, ...gone: number[]): Wheel => ({
  teeth: even(n).teeth.filter((_, i) => !gone.includes(i)),
  width: 0.5 / n,
});

const WHEELS: readonly (() => Wheel)[] = [
  () => even(48),
  () => without(60, 58, 59),
  () => without(36, 35),
  () => without(36, 10, 11, 22, 23, 34, 35),
  () => even(4),
  // A cam wheel: four teeth of two widths.
  () => ({ teeth: [0, 0.2, 0.5, 0.62], width: 0.08 }),
];

/** A ring at a wheel of the road has no gap; what has one is called after the crank. */
const namesFor = (wheel: Wheel): readonly string[] => [
  'Hall sensor',
  'CKP',
  hasGap(wheel) ? 'CKP' : 'wheel speed',
];

/** Whether one tooth stands further from the next than others do. */
const hasGap = ({ teeth }: Wheel): boolean => {
  const apart = teeth.map((t, i) => (teeth[i + 1] ?? teeth[0]! + 1) - t);
  return Math.max(...apart) > 1.5 * Math.min(...apart);
};

interface Turning {
  /** Turns so far at each sample. */
  turns: Float64Array;
  /** Turns a second at each sample. */
  speed: Float64Array;
}

/** A wheel that speeds up and slows down, or stands for a while. */
function turningOf(r: Random, n: number, rate: number, perSecond: number, stands: boolean): Turning {
  const [turns, speed] = [new Float64Array(n), new Float64Array(n)];
  const [w, size] = [between(r, 0.1, 0.7), between(r, 0, 0.3)];
  const [stop, go] = [between(r, 0.4, 0.5) * n, between(r, 0.65, 0.8) * n];
  // It runs down and up again as something with inertia does.
  const slope = between(r, 0.08, 0.15) * n;
  let at = r();
  for (let i = 0; i < n; i++) {
    const base = perSecond * (1 + size * Math.sin((2 * Math.PI * w * i) / rate));
    const hold = !stands
      ? 1
      : i < stop
        ? 1
        : i < stop + slope
          ? Math.max(0, 1 - (i - stop) / slope)
          : i < go
            ? 0
            : Math.min(1, (i - go) / slope);
    speed[i] = base * hold;
    at += speed[i]! / rate;
    turns[i] = at;
  }
  return { turns, speed };
}

/** What a sensor on the wheel gives: two levels, or the swing of a coil that grows with the speed. */
function sensed(
  { turns, speed }: Turning,
  wheel: Wheel,
  o: { low: number; high: number; coil: boolean; top: number },
): Float32Array {
  return Float32Array.from(turns, (x, i) => {
    const at = x - Math.floor(x);
    const tooth = wheel.teeth.find((t) => at >= t && at < t + wheel.width);
    if (!o.coil) return tooth === undefined ? o.low : o.high;
    const middle = (o.low + o.high) / 2;
    const swing = ((o.high - o.low) / 2) * (speed[i]! / o.top);
    // Towards the tooth the one way, away from it the other.
    const next = wheel.teeth.find((t) => at >= t && at < t + 2 * wheel.width);
    return next === undefined ? middle : middle + swing * Math.sin((Math.PI * (at - next)) / wheel.width);
  });
}

type Fault = 'none' | 'missing pulses' | 'silence' | 'dead' | 'stuck' | 'sinks';

/** What happens to the wire. Silence and stuck last; from one moment on, or until it comes back. */
function broken(
  s: Float32Array,
  fault: Fault,
  r: Random,
  o: { rate: number; low: number; high: number; tooth: number },
) {
  const n = s.length;
  const moments: number[] = [];
  const level = pick(r, [o.low, o.high]);
  const hold = (from: number, to: number, at: number) => {
    for (let i = Math.round(from); i < Math.min(n, to); i++) s[i] = at;
    moments.push(from / o.rate);
  };
  if (fault === 'missing pulses')
    // A tooth without its pulse: the low level stays.
    for (let k = 0; k < 4; k++) {
      const from = Math.round(between(r, 0.1, 0.9) * n);
      const rise = (i: number) => s[i - 1]! < (o.low + o.high) / 2 && s[i]! >= (o.low + o.high) / 2;
      let i = from;
      while (i < n && !rise(i)) i++;
      let end = i;
      while (end < n && s[end]! > (o.low + o.high) / 2) end++;
      if (end < n - 1) hold(i, end, o.low);
    }
  else if (fault === 'silence')
    for (let k = 0; k < 2; k++) {
      const from = between(r, 0.15 + 0.4 * k, 0.4 + 0.4 * k) * n;
      hold(from, from + Math.max(12 * o.tooth, between(r, 0.005, 0.2)) * o.rate, level);
    }
  else if (fault === 'dead' || fault === 'stuck')
    hold(between(r, 0.3, 0.8) * n, n, fault === 'dead' ? o.low : o.high);
  else if (fault === 'sinks') {
    const from = between(r, 0.3, 0.6) * n;
    const to = between(r, 0.25, 0.45);
    const middle = (o.low + o.high) / 2;
    for (let i = Math.round(from); i < n; i++) {
      const share = 1 + (to - 1) * Math.min(1, (i - from) / (0.15 * n));
      s[i] = middle + (s[i]! - middle) * share;
    }
    moments.push(from / o.rate);
  }
  return moments;
}

const switchingSensors: Maker = {
  analysis: 'drop-outs',
  name: 'sensors that switch',
  about:
    'hall and coil sensors on six wheels, gaps of the wheel among them, speed that changes; missing pulses, silence and its end, dead or stuck to the end, a swing that sinks, or none; alone, with a twin, with a crank speed; or the wheel itself stands for a while',
  make(r, snr) {
    const rate = 20_000;
    const seconds = 4;
    const n = rate * seconds;
    const wheel = pick(r, WHEELS)();
    const coil = chance(r, 0.25);
    const perSecond = between(r, 6, 18) * (wheel.teeth.length < 6 ? 2 : 1);
    const stands = chance(r, 0.2);
    const fault: Fault = stands
      ? 'none'
      : pick(r, ['none', 'missing pulses', 'silence', 'dead', 'stuck', 'sinks'] as const);
    const turning = turningOf(r, n, rate, perSecond, stands);
    const [low, high] = coil
      ? [-between(r, 1, 8), 0]
      : pick(r, [
          [0.1, 5],
          [0.7, 11.8],
          [0.8, 1.6],
        ] as const);
    const levels = { low, high: coil ? -low : high };
    const clean = sensed(turning, wheel, { ...levels, coil, top: perSecond });
    const from = power(clean);
    const s = Float32Array.from(clean);
    // A coil at rest gives nothing.
    const wire = coil ? { low: 0, high: 0 } : levels;
    const moments =
      coil && (fault === 'missing pulses' || fault === 'stuck')
        ? []
        : broken(s, fault, r, {
            rate,
            ...(coil && fault !== 'sinks' ? wire : levels),
            tooth: wheel.width / perSecond,
          });
    const real = moments.length > 0 ? fault : 'none';
    const signals: Channel[] = [channel(pick(r, namesFor(wheel)), 'V', spoiled(s, snr, r, from), rate)];
    const witness = pick(r, ['none', 'twin', 'crank speed'] as const);
    if (witness === 'twin') {
      const other = sensed(turning, even(30), { ...levels, coil, top: perSecond });
      signals.push(channel('other sensor', 'V', spoiled(other, snr, r, from), rate));
    }
    if (witness === 'crank speed')
      signals.push(
        channel(
          'engine speed',
          'rpm',
          Float32Array.from(turning.speed, (v) => Math.round(60 * v)),
          rate,
        ),
      );
    const about = signals[0]!.name;
    return {
      truth: `${real}${stands ? ', stands' : ''} at ${moments.map((t) => t.toFixed(3)).join(', ')}`,
      given: { channels: { signals } },
      settings: {},
      judge(result) {
        const by = (name: string) => result.findings.find((f) => f.about === name);
        const own = by(about);
        if (!own) return 'wrong';
        // The other sensor has nothing.
        if (signals.slice(1).some((c) => by(c.name)?.verdict === 'fail')) return 'wrong';
        if (real === 'none') {
          if (own?.verdict === 'fail') return 'wrong';
          return own?.verdict === 'pass' || stands ? 'right' : 'unsure';
        }
        if (own?.verdict === 'pass') return 'wrong';
        if (own?.verdict !== 'fail') return 'unsure';
        const near = moments.some((m) => Math.abs(m - own.place!.from) < (real === 'sinks' ? 0.8 : 0.06));
        return near ? 'right' : 'wrong';
      },
    };
  },
};

/** Slow signals that a person moves, and steady ones: nothing drops out. */
const movedOnPurpose: Maker = {
  analysis: 'drop-outs',
  name: 'moved on purpose',
  about: 'pedals and brakes pressed two to five times, quickly or slowly; a supply that stands still',
  make(r, snr) {
    const rate = pick(r, [500, 1000, 5000]);
    const n = rate * 8;
    const s = new Float32Array(n).fill(0.7);
    const presses = 2 + Math.floor(r() * 4);
    for (let k = 0; k < presses; k++) {
      const at = ((k + between(r, 0.2, 0.5)) / presses) * n;
      const [down, stays, up] = [between(r, 0.06, 0.4), between(r, 0.05, 0.8), between(r, 0.06, 0.4)].map(
        (t) => t * rate,
      ) as [number, number, number];
      const depth = between(r, 0.8, 3.6);
      for (let i = Math.round(at); i < n; i++) {
        const x = i - at;
        const share = x < down ? x / down : x < down + stays ? 1 : Math.max(0, 1 - (x - down - stays) / up);
        if (share <= 0 && x > down) break;
        // A foot begins and ends gently.
        s[i] = Math.max(s[i]!, 0.7 + depth * (0.5 - 0.5 * Math.cos(Math.PI * share)));
      }
    }
    const name = pick(r, ['Accelerator pedal', 'Brake pressure', 'Clutch travel']);
    return {
      given: {
        channels: {
          signals: [
            channel(name, 'V', spoiled(s, snr, r, power(s)), rate),
            channel('Sensor supply 5 V', 'V', spoiled(new Float32Array(n).fill(5), 60, r, 0.04), rate),
          ],
        },
      },
      settings: {},
      judge: (result) => (result.findings.some((f) => f.verdict === 'fail') ? 'wrong' : 'right'),
    };
  },
};

/** Spikes on a sensor with each event of another wire, or by themselves. */
const interference: Maker = {
  analysis: 'drop-outs',
  name: 'interference',
  about:
    'spikes on a slow sensor at each firing of one of two coils, with a short delay, some left out; or as many spikes at moments of their own; or none',
  make(r, snr) {
    const rate = 10_000;
    const seconds = 5;
    const n = rate * seconds;
    const kind = pick(r, ['of a coil', 'by themselves', 'none'] as const);
    const cycle = between(r, 0.08, 0.16);
    const beats = (offset: number) => {
      const out: number[] = [];
      for (let t = offset * cycle + 0.02; t < seconds - 0.02; t += cycle * between(r, 0.97, 1.03))
        out.push(t);
      return out;
    };
    const coils = [beats(0.1), beats(0.6)];
    const guilty = pick(r, [0, 1]);
    const delay = between(r, 0, 0.001);
    const f = between(r, 0.1, 0.6);
    const swing = between(r, 0.3, 0.8);
    const clean = Float32Array.from(
      { length: n },
      (_, i) => 2.5 + swing * Math.sin((2 * Math.PI * f * i) / rate),
    );
    const s = spoiled(clean, snr, r, power(clean));
    const times =
      kind === 'of a coil'
        ? coils[guilty]!.filter(() => chance(r, 0.8)).map((t) => t + delay)
        : kind === 'none'
          ? []
          : Array.from({ length: 12 + Math.floor(r() * 20) }, () => between(r, 0.1, seconds - 0.1));
    const height = between(r, 3, 5) * swing * (chance(r, 0.5) ? 1 : -1);
    for (const t of times)
      for (let k = 0; k < 6; k++) {
        const i = Math.round(t * rate) + k;
        if (i < n) s[i]! += height * Math.exp(-k / 2) * (k % 2 === 0 ? 1 : -0.7);
      }
    const coilChannels = coils.map((list, k) =>
      channel(
        `Coil ${k + 1}`,
        'V',
        spoiled(pulsesAt(list, { rate, n, height: 40, width: 0.002 }), 40, r, 30),
        rate,
      ),
    );
    return {
      given: { channels: { signals: [channel('Oil pressure', 'V', s, rate), ...coilChannels] } },
      settings: {},
      judge(result) {
        const own = result.findings.find((x) => x.about === 'Oil pressure');
        const tied = result.findings.find((x) => x.about === 'interference');
        const others = result.findings.some((x) => x.about?.startsWith('Coil') && x.verdict === 'fail');
        if (others) return 'wrong';
        if (kind === 'none') return own?.verdict === 'fail' || tied ? 'wrong' : 'right';
        if (kind === 'by themselves') {
          if (tied) return 'wrong';
          if (own?.verdict === 'fail') return 'right';
          return own?.verdict === 'pass' ? 'wrong' : 'unsure';
        }
        if (own?.verdict !== 'unsure') return 'wrong';
        if (!tied) return 'unsure';
        return tied.because.includes(`Coil ${guilty + 1}`) && !tied.because.includes(`Coil ${2 - guilty}`)
          ? 'right'
          : 'wrong';
      },
    };
  },
};

export const SWITCHING_MAKERS: Maker[] = [switchingSensors, movedOnPurpose, interference];
