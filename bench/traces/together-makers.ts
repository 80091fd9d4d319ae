import { chance, normal, pick, type Random } from '@/sim/random';
import { between, channel, judgeNames, power, spoiled, type Judgement, type Maker } from './kit';
import type { Channel, TraceResult } from '@/core/traces';

/** A course that goes up and down like a drive or a load, never the same twice: steps through a slow body. */
function course(r: Random, n: number, rate: number, tau: number): Float64Array {
  const out = new Float64Array(n);
  let x = 0;
  let target = 0;
  let until = 0;
  for (let i = 0; i < n; i++) {
    if (i >= until) {
      target = between(r, 0, 1);
      until = i + rate * between(r, 4, 18);
    }
    x += (target - x) * (1 - Math.exp(-1 / (rate * tau)));
    out[i] = x;
  }
  return out;
}

const late = (s: Float64Array, samples: number): Float64Array =>
  s.map((_, i) => s[Math.max(0, Math.round(i - samples))]!);
const slowed = (s: Float64Array, tau: number, rate: number): Float64Array => {
  let x = s[0]!;
  return s.map((v) => (x += (v - x) * (1 - Math.exp(-1 / (rate * tau)))));
};
const noisy = (s: Float64Array, snr: number, r: Random): Float32Array => {
  const f = Float32Array.from(s);
  return spoiled(f, snr + 14, r, power(f) || 1);
};
const verdicts = (result: TraceResult) => {
  const of = (v: string) => result.findings.filter((f) => f.verdict === v).map((f) => f.about!);
  return { fail: of('fail'), unsure: of('unsure') };
};

/** An analyser behind a sensor. */
const delayed: Maker = {
  analysis: 'agreement',
  name: 'with a delay',
  about:
    'a sensor and an analyser 3 to 15 s behind it, in one unit or in proportion; agreeing, or apart for a while',
  least: 0.85,
  make(r, snr) {
    const rate = pick(r, [2, 5, 10]);
    const n = Math.round(rate * between(r, 150, 260));
    const base = course(r, n, rate, between(r, 2, 4));
    const seconds = between(r, 3, 15);
    const proportion = chance(r, 0.5);
    const apart = chance(r, 0.4);
    const second = late(base, seconds * rate);
    const from = Math.round(n * between(r, 0.3, 0.6));
    const long = Math.round(rate * between(r, 20, 35));
    const by = (chance(r, 0.5) ? 1 : -1) * between(r, 0.3, 0.45);
    const gain = proportion ? between(r, 0.05, 4) : 1;
    const channels: Channel[] = [
      channel(
        'sensor',
        'bar',
        noisy(
          base.map((v) => 2 + 3 * v),
          snr,
          r,
        ),
        rate,
      ),
      channel(
        'analyser',
        proportion ? '%' : 'bar',
        noisy(
          second.map((v, i) => gain * (2 + 3 * (v + (apart && i > from && i < from + long ? by : 0)))),
          snr,
          r,
        ),
        rate,
      ),
    ];
    return {
      given: { channels: { signals: channels } },
      settings: { as: proportion ? 'go in proportion' : 'say the same', lasting: 1000 },
      truth: `${seconds.toFixed(1)} s late, ${proportion ? 'in proportion' : 'the same'}, ${apart ? 'apart' : 'agreeing'}, ${rate} Hz`,
      judge(result): Judgement {
        const { fail, unsure } = verdicts(result);
        if (fail.length > 0) return 'wrong';
        const said = Number(
          /-?[\d.]+/.exec(result.findings.find((f) => f.about === 'delay')?.figure ?? '')?.[0],
        );
        // Of two that part nobody can say which is wrong.
        if (apart) {
          if (unsure.length === 2) return 'right';
          return unsure.length > 0 ? 'unsure' : 'wrong';
        }
        if (unsure.length > 0) return 'unsure';
        return Math.abs(said - seconds) < 1.2 / rate + 0.3 ? 'right' : 'wrong';
      },
    };
  },
};

/** Wheel speeds and the road speed that a module makes of them. */
const wheels: Maker = {
  analysis: 'agreement',
  name: 'wheels and road speed',
  about:
    'four wheels and a road speed that is rounded and late; one wheel drops out, reads low, or none does',
  least: 0.9,
  make(r, snr) {
    const rate = pick(r, [10, 20, 50]);
    const n = Math.round(rate * between(r, 40, 90));
    const base = course(r, n, rate, between(r, 3, 6)).map((v) => 15 + 60 * v);
    const kind = pick(r, ['none', 'drops', 'low'] as const);
    const bad = Math.floor(r() * 4);
    const from = Math.round(n * between(r, 0.25, 0.5));
    const wheel = Array.from({ length: 4 }, (_, k) => {
      const own = 1 + 0.004 * normal(r);
      return base.map((v, i) => {
        if (k === bad && kind === 'drops' && i > from && i < from + 4 * rate) return 0;
        return v * own * (k === bad && kind === 'low' ? 0.88 : 1);
      });
    });
    const behind = between(r, 0.2, 0.7);
    const road = late(base, behind * rate).map((v) => Math.round(v));
    const list = wheel.map((w, k) => channel(`wheel ${k + 1}`, 'km/h', noisy(w, snr, r), rate));
    list.splice(Math.floor(r() * 5), 0, channel('vehicle speed', 'km/h', Float32Array.from(road), rate));
    return {
      given: { channels: { signals: list } },
      settings: { tolerance: 3 },
      truth: `${kind} at wheel ${bad + 1}, road ${behind.toFixed(2)} s late, ${rate} Hz`,
      judge: (result) => judgeNames(verdicts(result), kind === 'none' ? [] : [`wheel ${bad + 1}`]),
    };
  },
};

/** Temperatures of one place while it warms up. */
const warming: Maker = {
  analysis: 'agreement',
  name: 'warming up',
  about: 'three to five temperatures that warm up together; one never does, comes far too late, or none does',
  least: 0.85,
  make(r, snr) {
    const rate = pick(r, [0.5, 1, 2]);
    const n = Math.round(rate * between(r, 500, 900));
    const count = pick(r, [3, 4, 5]);
    const kind = pick(r, ['none', 'never', 'late'] as const);
    const bad = Math.floor(r() * count);
    const load = course(r, n, rate, 40);
    const tau = between(r, 90, 160);
    const begins = between(r, 20, 60);
    const base = load.map((v, i) => {
      const t = i / rate - begins;
      return t < 0 ? 0 : (1 - Math.exp(-t / tau)) * (60 + 14 * v);
    });
    const behind = between(r, 45, 90);
    const list = Array.from({ length: count }, (_, k) => {
      const own = between(r, -0.8, 0.8);
      const s =
        k === bad && kind === 'never'
          ? base.map((v) => 0.04 * v)
          : k === bad && kind === 'late'
            ? late(base, behind * rate)
            : base;
      return channel(
        `temperature ${k + 1}`,
        '°C',
        noisy(
          s.map((v) => 18 + own + v),
          snr,
          r,
        ),
        rate,
      );
    });
    return {
      given: { channels: { signals: list } },
      settings: { tolerance: 4, share: 5, lasting: 20_000 },
      truth: `${kind} at ${bad + 1}${kind === 'late' ? `, ${behind.toFixed(0)} s` : ''}, ${rate} Hz`,
      judge(result) {
        const judged = judgeNames(verdicts(result), kind === 'none' ? [] : [`temperature ${bad + 1}`]);
        if (judged !== 'right' || kind === 'none') return judged;
        const said = result.findings.find((f) => f.about === `temperature ${bad + 1}`)!.because;
        return (kind === 'never' ? /does not move|stays at/ : /later|late/).test(said) ? 'right' : 'wrong';
      },
    };
  },
};

/** Temperatures one after another along a pipe. */
const pipe: Maker = {
  analysis: 'agreement',
  name: 'along a pipe',
  about:
    'three or four temperatures along a pipe, each slower than the one before; two exchanged, one that never warms, or none',
  least: 0.8,
  make(r, snr) {
    const rate = pick(r, [1, 2, 5]);
    const n = Math.round(rate * between(r, 300, 500));
    const count = pick(r, [3, 4]);
    const kind = pick(r, ['none', 'exchanged', 'never'] as const);
    const gas = course(r, n, rate, 6);
    const rows: Float64Array[] = [];
    let s = gas;
    for (let k = 0; k < count; k++) {
      s = slowed(late(s, rate * between(r, 0.5, 1.5)), between(r, 5, 10), rate);
      rows.push(s);
    }
    const swap = Math.floor(r() * (count - 1));
    const bad = Math.floor(r() * count);
    if (kind === 'exchanged') [rows[swap], rows[swap + 1]] = [rows[swap + 1]!, rows[swap]!];
    if (kind === 'never') rows[bad] = rows[bad]!.map((v) => 0.03 * v);
    const list = rows.map((v, k) =>
      channel(
        `gas temperature ${k + 1}`,
        '°C',
        noisy(
          v.map((x) => 150 - 20 * k + (450 - 60 * k) * x),
          snr,
          r,
        ),
        rate,
      ),
    );
    const truth =
      kind === 'none'
        ? []
        : kind === 'never'
          ? [`gas temperature ${bad + 1}`]
          : [`gas temperature ${swap + 1}`, `gas temperature ${swap + 2}`];
    return {
      given: { channels: { signals: list } },
      settings: { as: 'follow each other along a pipe' },
      truth: `${kind} at ${truth.join()}, ${rate} Hz`,
      judge: (result) => judgeNames(verdicts(result), truth),
    };
  },
};

export const TOGETHER_MAKERS: Maker[] = [delayed, wheels, warming, pipe];
