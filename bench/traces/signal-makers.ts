import { ignitionStrokes } from './ignition-strokes';
import { slowFollow } from './slow-follow';
import { chance, normal, pick } from '@/sim/random';
import { between, channel, judgeNames, power, pulsesAt, spoiled, type Judgement, type Maker } from './kit';

const number = (figure: string | undefined): number => Number(/-?[\d.]+(e-?\d+)?/.exec(figure ?? '')?.[0]);

/** Square, sine or pulse trains with jitter; a pulse missing in some. */
const pulses: Maker = {
  analysis: 'pulses',
  about:
    'square, rounded and sine signals; duty 15 to 85 %; jitter; a missing pulse in one of four; clipped tops; reversed',
  make(r, snr) {
    const rate = 20_000;
    const hz = between(r, 8, 400);
    const periods = Math.min(200, Math.max(20, Math.floor(hz * 1.5)));
    const kind = pick(r, ['square', 'rounded', 'sine'] as const);
    const duty = kind === 'sine' ? 0.5 : between(r, 0.15, 0.85);
    const jitter = between(r, 0, 0.02);
    const missing = chance(r, 0.25) ? 4 + Math.floor(r() * (periods - 8)) : -1;
    const n = Math.round((periods / hz) * rate);
    const s = new Float32Array(n);
    let t = 0;
    const edges: number[] = [];
    for (let k = 0; k < periods + 2; k++) {
      edges.push(t);
      t += (1 / hz) * (1 + jitter * normal(r));
    }
    let k = 0;
    for (let i = 0; i < n; i++) {
      while (k + 1 < edges.length && edges[k + 1]! <= i / rate) k++;
      const x = (i / rate - edges[k]!) / ((edges[k + 1] ?? edges[k]! + 1 / hz) - edges[k]!);
      if (k === missing) s[i] = kind === 'sine' ? -1 : 0;
      else if (kind === 'sine') s[i] = -Math.cos(2 * Math.PI * x);
      else s[i] = x < duty ? 1 : 0;
    }
    if (kind === 'rounded')
      for (let i = 1; i < n; i++)
        s[i] = s[i - 1]! + (s[i]! - s[i - 1]!) * Math.min(1, (hz * 25) / rate + 0.2);
    const up = chance(r, 0.25) ? -5 : 5;
    const clip = kind === 'sine' && chance(r, 0.3);
    const noisy = spoiled(
      s.map((v) => v * up),
      snr,
      r,
      undefined,
      clip,
    );
    return {
      given: { channels: { signal: [channel('signal', 'V', noisy, rate)] } },
      settings: {},
      judge(result): Judgement {
        const by = (about: string) => result.findings.find((f) => f.about === about);
        if (Math.abs(number(by('frequency')?.figure) / hz - 1) > 0.015) return 'wrong';
        const d = by('duty');
        const expected = up < 0 ? 1 - duty : duty;
        if (
          kind === 'square' &&
          d &&
          Math.abs(number(d.figure) / 100 - expected) > 0.025 + (missing >= 0 ? 2 / periods : 0)
        )
          return 'wrong';
        // A missing pulse shows as one odd distance, or in a reversed train as a pulse too wide.
        return (by('missing pulses')!.verdict === 'fail') === missing >= 0 ? 'right' : 'wrong';
      },
    };
  },
};

/** Sparks on either side of a coil, four channels or one cylinder each. */
const ignition: Maker = {
  analysis: 'ignition',
  about:
    'secondary of either polarity and primary, one channel per cylinder; healthy, short burn, shunted, no ringing',
  make(r, snr) {
    const rate = 200_000;
    const n = pick(r, [3, 4]);
    const side = chance(r, 0.6) ? 'secondary' : 'primary';
    const bad = chance(r, 0.7) ? Math.floor(r() * n) : -1;
    const kind = pick(r, ['short', 'shunt', 'no ringing'] as const);
    const sign = chance(r, 0.4) ? -1 : 1;
    const burns: number[] = [];
    const given = Array.from({ length: n }, (_, k) => {
      const faulty = k === bad;
      const burn =
        (faulty && kind === 'short'
          ? between(r, 0.7, 1.15)
          : faulty && kind === 'shunt'
            ? between(r, 2.6, 3.2)
            : between(r, 1.65, 2.1)) * 1e-3;
      burns.push(burn);
      const peak =
        (side === 'secondary' ? between(r, 9.5, 11.5) : between(r, 340, 390)) *
        (faulty && kind === 'shunt' ? 0.42 : 1);
      const level = side === 'secondary' ? between(r, 1.3, 1.7) : between(r, 34, 42);
      const sparks = 8;
      const gap = 0.03;
      const s = new Float32Array(Math.round(rate * (sparks * gap + 0.01)));
      const rest = side === 'secondary' ? 0 : 13.5;
      s.fill(rest);
      const swings = faulty && kind === 'no ringing' ? 0 : 8;
      const f = between(r, 3500, 5000);
      for (let q = 0; q < sparks; q++) {
        const t0 = 0.008 + q * gap;
        for (
          let i = Math.round((t0 - 0.004) * rate);
          i < Math.min(s.length, Math.round((t0 + 0.012) * rate));
          i++
        ) {
          const x = i / rate - t0;
          let v = 0;
          if (x < 0) {
            if (side === 'primary' && x > -0.0035) v = 0.8 - rest;
            else if (side === 'secondary' && x > -0.0035)
              v = -0.35 * Math.exp(-(x + 0.0035) / 0.0002) * Math.cos(2 * Math.PI * 9000 * (x + 0.0035));
          } else if (x < 0.00003) v = (peak * (x + 1 / rate)) / 0.00003;
          else if (x < burn)
            v = level * (1 + 0.18 * (x / burn) ** 4) + (peak - level) * Math.exp(-(x - 0.00003) / 0.000012);
          else if (swings > 0)
            v = level * 0.62 * Math.exp(-(x - burn) / 0.0008) * Math.cos(2 * Math.PI * f * (x - burn));
          else v = level * 0.3 * Math.exp(-(x - burn) / 0.0001);
          s[i] = rest + v;
        }
      }
      const active = power(s);
      return channel(
        `coil ${k + 1}`,
        side === 'secondary' ? 'kV' : 'V',
        spoiled(side === 'secondary' ? s.map((v) => v * sign) : s, snr, r, active * 0.35),
        rate,
      );
    });
    return {
      given: { channels: { voltage: given } },
      settings: { side },
      judge(result) {
        const of = (verdict: string) => [
          ...new Set(result.findings.filter((f) => f.verdict === verdict).map((f) => f.about!)),
        ];
        for (const f of result.findings) {
          if (!f.because.includes('burns')) continue;
          const k = Number(/\d+/.exec(f.about!)![0]) - 1;
          if (Math.abs(number(f.figure) / 1000 / burns[k]! - 1) > 0.12) return 'wrong';
        }
        return judgeNames(
          { fail: of('fail'), unsure: of('unsure').filter((x) => !of('fail').includes(x)) },
          bad < 0 ? [] : [`coil ${bad + 1}`],
        );
      },
    };
  },
};

/** Sensor signals with drop-outs, freezes and spikes; two channels at once; in step with firing. */
const dropOuts: Maker = {
  analysis: 'drop-outs',
  about:
    'slow and swinging signals; drop-outs, spikes, freezes, missing samples or none; on two channels at once; in step with firing or not',
  make(r, snr) {
    const rate = 2000;
    const seconds = 10;
    const n = rate * seconds;
    const kind = pick(r, ['none', 'drop-out', 'spike', 'frozen', 'missing'] as const);
    const both = kind !== 'none' && kind !== 'frozen' && chance(r, 0.5);
    const step = kind === 'spike' && chance(r, 0.5);
    const beat = between(r, 0.09, 0.16);
    const beats = Array.from({ length: Math.floor(seconds / beat) }, (_, i) => (i + 0.3) * beat);
    const times = Array.from({ length: step ? 9 : 1 + Math.floor(r() * 4) }, () =>
      step ? pick(r, beats.slice(3, -3)) + 0.4 * beat : between(r, 1, seconds - 1.2),
    );
    const make = (level: number, swing: number) => {
      const f = between(r, 0.1, 1.2);
      const s = Float32Array.from(
        { length: n },
        (_, i) => level + swing * Math.sin((2 * Math.PI * f * i) / rate),
      );
      return { s, swing };
    };
    const a = make(2.5, between(r, 0.3, 0.9));
    const b = make(12, between(r, 0.2, 0.6));
    const clean = [power(a.s), power(b.s)];
    const noisy = [spoiled(a.s, snr, r, clean[0]), spoiled(b.s, snr, r, clean[1])];
    const hit = (s: Float32Array, floor: number, swing: number) => {
      for (const t of times) {
        const i0 = Math.round(t * rate);
        const length = {
          none: 0,
          'drop-out': between(r, 0.03, 0.15),
          spike: 0.002,
          frozen: between(r, 0.12, 0.3),
          missing: between(r, 0.02, 0.1),
        }[kind];
        const sign = chance(r, 0.5) ? 1 : -1;
        const still = s[i0]!;
        for (let i = i0; i < i0 + Math.max(2, Math.round(length * rate)) && kind !== 'none'; i++) {
          if (kind === 'drop-out') s[i] = floor + 0.02 * normal(r);
          else if (kind === 'spike') s[i]! += sign * between(r, 3.2, 4.5) * swing;
          else if (kind === 'frozen') s[i] = still;
          else s[i] = NaN;
        }
      }
    };
    hit(noisy[0]!, 0.05, a.swing);
    if (both) hit(noisy[1]!, 0.1, b.swing);
    const firing = pulsesAt(beats, { rate, n, height: 5, width: 0.003 });
    return {
      given: {
        channels: {
          signals: [channel('pedal', 'V', noisy[0]!, rate), channel('supply', 'V', noisy[1]!, rate)],
          ...(step ? { firing: [channel('coil', 'V', spoiled(firing, 40, r, 5), rate)] } : {}),
        },
      },
      settings: {},
      judge(result) {
        const by = (about: string) => result.findings.find((f) => f.about === about);
        const truth = kind === 'none' ? [] : both ? ['pedal', 'supply'] : ['pedal'];
        const fail = ['pedal', 'supply'].filter((c) => by(c)?.verdict === 'fail');
        // Spikes that keep step with something are its doing: the sensors are neither accused nor whole.
        if (step) {
          if (fail.length > 0 || truth.some((t) => by(t)?.verdict !== 'unsure')) return 'wrong';
          return by('in step')?.verdict === 'fail' ? 'right' : 'unsure';
        }
        if (fail.some((f) => !truth.includes(f)) || truth.some((t) => !fail.includes(t))) return 'wrong';
        if (both !== (by('together') !== undefined)) return 'wrong';
        if (
          kind !== 'none' &&
          !by('pedal')!.because.includes(
            { 'drop-out': 'drops out', spike: 'spikes', frozen: 'stands still', missing: 'has no value' }[
              kind
            ],
          )
        )
          return 'wrong';
        if (kind !== 'none' && !times.some((t) => Math.abs(t - by('pedal')!.place!.from) < 0.03))
          return 'wrong';
        return 'right';
      },
    };
  },
};

/** Four wheel speeds or temperatures, one leaving, one jagged, or none; two tracks in proportion. */
const agreement: Maker = {
  analysis: 'agreement',
  about:
    'three to four channels that wander together; one leaves for a while, is jagged, or none does; proportional tracks',
  make(r, snr) {
    const rate = 100;
    const n = rate * 60;
    const count = pick(r, [3, 4]);
    const kind = pick(r, ['none', 'apart', 'jagged'] as const);
    const proportional = kind !== 'jagged' && chance(r, 0.35);
    const bad = Math.floor(r() * count);
    const base = new Float32Array(n);
    const [f1, f2] = [between(r, 0.01, 0.03), between(r, 0.05, 0.12)];
    for (let i = 0; i < n; i++)
      base[i] =
        50 + 22 * Math.sin((2 * Math.PI * f1 * i) / rate) + 6 * Math.sin((2 * Math.PI * f2 * i) / rate + 1);
    const from = between(r, 8, 35);
    const long = between(r, 4, 15);
    const by = (chance(r, 0.5) ? 1 : -1) * between(r, 12, 22);
    const clean = power(base);
    const channels = Array.from({ length: count }, (_, k) => {
      const gain = proportional && k > 0 ? between(r, 0.4, 2) : 1;
      const offset = proportional && k > 0 ? between(r, -5, 5) : 0;
      const s = base.map((v, i) => {
        const t = i / rate;
        const x = k === bad && kind === 'apart' && t > from && t < from + long ? v + by : v;
        return gain * x + offset;
      });
      const noisy = spoiled(s, snr + 14, r, clean * gain * gain);
      if (k === bad && kind === 'jagged') {
        const sigma = Math.sqrt(clean / 10 ** ((snr + 14) / 10));
        // Finer than the converter's steps nobody could see it.
        for (let i = 0; i < n; i++) noisy[i]! += Math.max(8 * sigma, 1.2) * normal(r);
      }
      return channel(`wheel ${k + 1}`, 'km/h', noisy, rate);
    });
    return {
      given: { channels: { signals: channels } },
      settings: { as: proportional ? 'go in proportion' : 'say the same', tolerance: 3, lasting: 500 },
      judge(result) {
        const of = (verdict: string) =>
          result.findings.filter((f) => f.verdict === verdict).map((f) => f.about!);
        const judged = judgeNames(
          { fail: of('fail'), unsure: of('unsure') },
          kind === 'none' ? [] : [`wheel ${bad + 1}`],
        );
        if (judged !== 'right' || kind !== 'apart') return judged;
        const place = result.findings.find((f) => f.about === `wheel ${bad + 1}`)!.place!;
        return Math.abs(place.from - from) < 1 ? 'right' : 'wrong';
      },
    };
  },
};

/** Steps of a command answered well, late, with overshoot, off, stuck, or not coming back. */
const commandAnswer: Maker = {
  analysis: 'command-answer',
  about:
    'steps up and down; late, overshooting, off, stuck, not coming back, or well; answer in another unit',
  make(r, snr) {
    const rate = 500;
    const seconds = 14;
    const n = rate * seconds;
    const kind = pick(r, ['well', 'late', 'overshoot', 'off', 'stuck', 'no return'] as const);
    const gain = chance(r, 0.5) ? 1 : between(r, 0.03, 0.08);
    const offset = gain === 1 ? 0 : 0.5;
    const u = new Float32Array(n);
    const size = between(r, 40, 80);
    for (let i = 0; i < n; i++) {
      const t = i / rate;
      u[i] = t < 2 ? 10 : t < 5 ? 10 + size : t < 8 ? 10 + size * 0.45 : t < 11 ? 10 + size : 10;
    }
    const lag = kind === 'late' ? between(r, 0.32, 0.6) : between(r, 0.02, 0.1);
    const over = kind === 'overshoot' ? between(r, 0.25, 0.5) : 0.02;
    const y = new Float32Array(n);
    let x = 10;
    let v = 0;
    const zeta = over > 0.1 ? -Math.log(over) / Math.hypot(Math.PI, Math.log(over)) : 1;
    const w = over > 0.1 ? 18 : 40;
    for (let i = 0; i < n; i++) {
      const late = Math.max(0, i - Math.round(lag * rate));
      const target = u[late]!;
      for (let q = 0; q < 4; q++) {
        v += ((target - x) * w * w - 2 * zeta * w * v) / rate / 4;
        x += v / rate / 4;
      }
      let out = x;
      if (kind === 'off') out = x + size * 0.13;
      if (kind === 'stuck') out = 10 + size * 0.3;
      if (kind === 'no return' && i / rate > 11) out = Math.max(out, 10 + size * 0.22);
      y[i] = gain * out + offset;
    }
    const clean = power(u);
    return {
      given: {
        channels: {
          command: [channel('command', '%', spoiled(u, Math.max(snr, 26), r, clean), rate)],
          answer: [
            channel('position', gain === 1 ? '%' : 'V', spoiled(y, snr, r, clean * gain * gain), rate),
          ],
        },
      },
      settings: { gain, offset },
      judge(result) {
        const verdict = (about: string) => result.findings.find((f) => f.about === about)?.verdict;
        const fails = ['answered', 'lag', 'overshoot', 'steady error', 'return to rest'].filter(
          (a) => verdict(a) === 'fail',
        );
        const unsure = ['lag', 'overshoot', 'steady error'].filter((a) => verdict(a) === 'unsure');
        const truth = {
          well: [],
          late: ['lag'],
          overshoot: ['overshoot'],
          off: ['steady error'],
          stuck: ['answered'],
          'no return': ['return to rest'],
        }[kind] as string[];
        // An answer that hangs at the end is off there, and one that is off has an error on every step.
        return judgeNames({ fail: fails, unsure }, truth);
      },
    };
  },
};

/** A pressure that holds or leaks, filled up first or not. */
const hold: Maker = {
  analysis: 'hold',
  about:
    'pressures and currents that hold, leak by 2 to 20 times the limit or rise a little; filled up first; temperature swing',
  make(r, snr) {
    const rate = 20;
    const seconds = between(r, 120, 300);
    const n = Math.round(rate * seconds);
    const leaks = chance(r, 0.5);
    const limit = 0.1;
    const perMinute = leaks ? limit * between(r, 2, 20) : limit * between(r, -0.2, 0.35);
    const fill = chance(r, 0.6) ? between(r, 4, 15) : 0;
    const top = between(r, 3, 6);
    const s = new Float32Array(n);
    for (let i = 0; i < n; i++) {
      const t = i / rate;
      const held = Math.max(0, t - fill);
      s[i] = t < fill ? 0.4 + (top - 0.4) * (t / fill) : Math.max(0, top - (perMinute * held) / 60);
    }
    // The swing of interest is what the limit would let it fall by; a noise 20 dB under the whole pressure.
    const noisy = spoiled(s, snr + 14, r, top * top * 0.1);
    return {
      given: { channels: { signal: [channel('pressure', 'bar', noisy, rate)] } },
      settings: { fall: limit, per: 'per minute' },
      judge(result) {
        const f = result.findings.find((x) => x.about === 'leak rate')!;
        if (f.verdict === 'unsure') return 'unsure';
        if ((f.verdict === 'fail') !== leaks) return 'wrong';
        return Math.abs(number(f.figure) - perMinute) < Math.max(0.15 * Math.abs(perMinute), 0.05)
          ? 'right'
          : 'wrong';
      },
    };
  },
};

/** Frames on a two-line or single-wire bus, with lines stuck or levels off. */
const busLevels: Maker = {
  analysis: 'bus-levels',
  about:
    'high-speed CAN of 125 to 1000 kbit/s and single wire; healthy, a line stuck to ground or battery, a dominant level too low; ringing edges',
  make(r, snr) {
    const single = chance(r, 0.25);
    const rate_ = single ? pick(r, [19_200, 10_417, 9600]) : pick(r, [125_000, 250_000, 500_000, 1_000_000]);
    const over = between(r, 16, 40);
    const rate = rate_ * over;
    const bits: boolean[] = [];
    for (let f = 0; f < 6; f++) {
      for (let i = 0; i < 20; i++) bits.push(false);
      let run = 0;
      let last = false;
      for (let i = 0; i < 90; i++) {
        // Bit stuffing: after five alike comes the other.
        const b: boolean = i === 0 ? true : run >= 5 ? !last : chance(r, 0.5);
        run = b === last ? run + 1 : 1;
        last = b;
        bits.push(b);
      }
    }
    const kind = pick(
      r,
      single ? (['well', 'weak'] as const) : (['well', 'high to ground', 'low to battery', 'weak'] as const),
    );
    const n = Math.round(bits.length * over);
    const wave = (recessive: number, dominant: number) => {
      const s = new Float32Array(n);
      let v = recessive;
      for (let i = 0; i < n; i++) {
        const target = bits[Math.floor(i / over)] ? dominant : recessive;
        v += (target - v) * 0.6;
        s[i] = v;
      }
      return s;
    };
    const high =
      kind === 'high to ground'
        ? new Float32Array(n).fill(0.08)
        : single
          ? wave(12.4, kind === 'weak' ? 6.8 : 0.9)
          : wave(2.5, kind === 'weak' ? 2.62 + 0 : 3.55);
    const low = kind === 'low to battery' ? new Float32Array(n).fill(12.2) : wave(2.5, 1.45);
    const ref = single ? power(wave(12.4, 0.9)) : power(wave(2.5, 3.5));
    if (kind === 'weak' && !single) for (let i = 0; i < n; i++) high[i] = 2.02 + (high[i]! - 2.5) * 4;
    return {
      given: {
        channels: {
          high: [channel(single ? 'LIN' : 'CAN high', 'V', spoiled(high, snr, r, ref), rate)],
          ...(single ? {} : { low: [channel('CAN low', 'V', spoiled(low, snr, r, ref), rate)] }),
        },
      },
      settings: { bus: single ? 'single wire' : 'high-speed CAN' },
      judge(result) {
        const fails = result.findings.filter((f) => f.verdict === 'fail').map((f) => f.about!);
        const bit = result.findings.find((f) => f.about === 'bit time');
        if (bit?.figure && Math.abs(number(bit.figure) * 1e-6 * rate_ - 1) > 0.01) return 'wrong';
        const want: Record<string, string[]> = {
          well: [],
          'high to ground': ['CAN high, stuck'],
          'low to battery': ['CAN low, stuck'],
          weak: [single ? 'LIN, dominant' : 'CAN high, dominant'],
        };
        const may = kind === 'weak' ? ['Between the lines, dominant'] : [];
        if (fails.some((f) => !want[kind]!.includes(f) && !may.includes(f))) return 'wrong';
        if (want[kind]!.some((w) => !fails.includes(w)))
          return result.findings.some((f) => f.verdict === 'unsure') ? 'unsure' : 'wrong';
        return bit?.figure && result.findings.every((f) => f.verdict !== 'unsure') ? 'right' : 'unsure';
      },
    };
  },
};

export const SIGNAL_MAKERS: Maker[] = [
  pulses,
  ignition,
  ignitionStrokes,
  dropOuts,
  agreement,
  commandAnswer,
  slowFollow,
  hold,
  busLevels,
];
