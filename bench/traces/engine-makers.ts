import { pulsationBorders } from './pulsation-borders';
import { injectorPasses } from './injector-passes';
import { named } from './judge';
import { severalGaps } from './several-gaps';
import { chance, normal, pick } from '@/sim/random';
import {
  between,
  crankAndCam,
  channel,
  judgeNames,
  passes,
  PLANS,
  power,
  pulsesAt,
  spoiled,
  turning,
  type Maker,
} from './kit';

/** Events of all cylinders with one missing now and then, bursts, wasted spark, lost triggers. */
const cylinderMap: Maker = {
  analysis: 'cylinder-map',
  about:
    'all engines; speed changes; bursts of sparks; wasted spark; lost triggers; a cylinder without events',
  make(r, snr) {
    const wasted = chance(r, 0.25);
    const plan = wasted
      ? pick(
          r,
          PLANS.slice(0, 6).filter((p) => p.order.length % 2 === 0),
        )
      : pick(r, PLANS);
    const rate = 20_000;
    const seconds = between(r, 1.5, 3);
    const angle = turning(r, {
      plan,
      rpm: between(r, 650, 1500),
      to: between(r, 650, 1500),
      swing: 0.004,
      rate,
      seconds,
    });
    const known = pick(r, plan.order);
    const every = wasted ? 360 : 720;
    const offset = plan.angles[plan.order.indexOf(known)]!;
    let triggers = passes(angle, offset, every, rate);
    if (triggers.length > 12 && chance(r, 0.3))
      triggers = triggers.filter((_, i) => i === 0 || i !== Math.floor(triggers.length / 2));
    const advance = between(r, -6, 18) * Math.min(1, 8 / plan.order.length);
    const dead = chance(r, 0.4) ? pick(r, plan.order) : undefined;
    const bursts = !wasted && plan.order.length <= 6 && chance(r, 0.3) ? 3 : 1;
    const events: { t: number; cylinder: number }[] = [];
    plan.order.forEach((cylinder, i) => {
      if (wasted && plan.angles[i]! >= 360) return;
      if (cylinder === dead) return;
      for (let b = 0; b < bursts; b++)
        passes(angle, (plan.angles[i]! - advance + b * 4 + 720) % 720, every, rate).forEach((t) =>
          events.push({ t, cylinder }),
        );
    });
    // In a wasted system the cylinder that pairs with a dead one is gone with it.
    const n = angle.length;
    const trig = pulsesAt(triggers, { rate, n, height: 1, width: 0.0006 });
    const ev = pulsesAt(
      events.map((e) => e.t),
      { rate, n, height: chance(r, 0.3) ? -4 : 4, width: 0.0004 },
    );
    const peak = 16;
    const deadShows = dead !== undefined && (!wasted || plan.angles[plan.order.indexOf(dead)]! < 360);
    return {
      given: {
        engine: plan,
        channels: {
          trigger: [channel('trigger', 'V', spoiled(trig, snr, r, 1 / 4), rate)],
          events: [channel('sparks', 'V', spoiled(ev, snr, r, peak / 4), rate)],
        },
      },
      settings: { cylinder: known, comes: wasted ? 'every turn (wasted spark)' : 'once a cycle' },
      judge(result) {
        let unsure = 0;
        for (const m of result.marks) {
          const near = events.reduce((a, e) => (Math.abs(e.t - m.at) < Math.abs(a.t - m.at) ? e : a));
          if (m.words === '?') unsure++;
          else if (Math.abs(near.t - m.at) > 0.002) return 'wrong';
          else if (!m.words.split('/').includes(String(near.cylinder))) return 'wrong';
        }
        const found = result.findings.filter((f) => f.verdict === 'fail' && f.about?.startsWith('cylinder'));
        const named = found.some((f) =>
          f
            .about!.match(/\d+/g)!
            .map(Number)
            .includes(dead ?? -1),
        );
        if (deadShows && !named)
          return unsure > 0 || result.findings.some((f) => f.verdict === 'unsure') ? 'unsure' : 'wrong';
        if (found.length > (deadShows ? 1 : 0)) return 'wrong';
        return unsure > 0 ? 'unsure' : 'right';
      },
    };
  },
};

/** Cranking current: inrush, humps by compression, a weak one, speed-up, with and without a trigger. */
const cranking: Maker = {
  analysis: 'cranking-compression',
  about:
    'all engines; inrush; speeding up; one weak or dead cylinder or none; with trigger (either polarity) and without; clamp reversed; clipped tops',
  make(r, snr) {
    const plan = pick(r, PLANS.slice(0, 9));
    const n = plan.order.length;
    const rate = pick(r, [2000, 5000, 10_000]);
    const seconds = between(r, 3, 5);
    const bad = chance(r, 0.6) ? Math.floor(r() * n) : undefined;
    const left = chance(r, 0.6) ? between(r, 0, 0.2) : between(r, 0.25, 0.62);
    const strength = plan.order.map((_, i) => (i === bad ? left : 1 + 0.025 * normal(r)));
    if (bad !== undefined && left < 0.5) strength[(bad + 1) % n]! *= 1 + 0.06 * (1 - left);
    const rpm = between(r, 150, 260);
    const angle = turning(r, {
      plan,
      rpm,
      to: rpm * between(r, 1, 1.12),
      swing: 0.012,
      rate,
      seconds,
      slow: strength,
    });
    const base = between(r, 90, 220);
    const hump = base * between(r, 0.18, 0.5) * Math.min(1, 6 / n);
    const inrush = chance(r, 0.7);
    const start = inrush ? between(r, 0.1, 0.4) : 0;
    const end = chance(r, 0.3) ? seconds - between(r, 0.1, 0.4) : seconds;
    const reach = Math.min(80, 640 / n);
    const lead = between(r, 2, 12) * Math.min(1, 6 / n);
    const s = new Float32Array(angle.length);
    for (let i = 0; i < s.length; i++) {
      const t = i / rate;
      if (t < start || t > end) continue;
      let v = base * (1 + 0.08 * Math.exp(-(t - start) / 1.5));
      const a = angle[i]! % 720;
      plan.angles.forEach((at, k) => {
        const d = ((a - at + lead + 1080) % 720) - 360;
        if (Math.abs(d) < reach) v += strength[k]! * hump * (0.5 + 0.5 * Math.cos((Math.PI * d) / reach));
      });
      if (inrush) v += base * between(r, 3.2, 3.3) * Math.exp(-(t - start) / 0.035);
      s[i] = v;
    }
    const swing = s.subarray(
      Math.round((start + 0.5) * rate),
      Math.round(Math.min(end, seconds) * rate) - 10,
    );
    const noisy = spoiled(s, snr, r, power(swing));
    const reversed = chance(r, 0.15);
    const withTrigger = chance(r, 0.7);
    const known = pick(r, plan.order);
    const at = plan.angles[plan.order.indexOf(known)]!;
    const trig = pulsesAt(passes(angle, at, 720, rate), {
      rate,
      n: s.length,
      height: chance(r, 0.3) ? -5 : 5,
      width: 0.003,
    });
    const truth = bad === undefined ? [] : [withTrigger ? `cylinder ${plan.order[bad]!}` : 'hump'];
    return {
      given: {
        engine: plan,
        channels: {
          current: [channel('starter current', 'A', reversed ? noisy.map((v) => -v) : noisy, rate)],
          ...(withTrigger ? { trigger: [channel('trigger', 'V', spoiled(trig, snr, r, 25 / 4), rate)] } : {}),
        },
      },
      settings: { cylinder: known },
      judge(result) {
        if (withTrigger) {
          // The humps were made so many degrees before the firing that the trigger marks.
          const said = Number(
            /-?\d+/.exec(result.findings.find((f) => f.about === 'trigger')?.figure ?? '')?.[0],
          );
          if (Math.abs(said - lead) > 12) return 'wrong';
          return judgeNames(named(result, 'cylinder'), truth);
        }
        // Without a trigger the place is told by the marks: the weak hump must lie where the weak cylinder was.
        const found = named(result, 'hump');
        if (bad === undefined) {
          if (found.fail.length > 0) return 'wrong';
          return found.unsure.length > 0 ? 'unsure' : 'right';
        }
        if (found.fail.length > 1) return 'wrong';
        if (found.fail.length === 0) return found.unsure.length > 0 ? 'unsure' : 'wrong';
        const mark = result.marks.filter((m) => m.verdict === 'fail')[1]!;
        const a = (angle[Math.round(mark.at * rate)]! + lead) % 720;
        const d = Math.abs(((a - plan.angles[bad]! + 1080) % 720) - 360);
        return d < 360 / n ? 'right' : 'wrong';
      },
    };
  },
};

/** Rail pressure: prime, pulse, drop, prime again; one or two passes; one injector off, dead, or none. */
const injectors: Maker = {
  analysis: 'injector-drops',
  about:
    '3 to 12 injectors, one or two passes; one that lets through more, less, or nothing; pump ripple; slow recovery',
  make(r, snr) {
    const n = pick(r, [3, 4, 5, 6, 8, 10, 12]);
    const rate = pick(r, [200, 500, 1000, 2000]);
    const passesMade = chance(r, 0.5) ? 2 : 1;
    const rest = between(r, 40, 60);
    const drop = between(r, 12, 22);
    const kind = pick(r, ['none', 'more', 'less', 'nothing'] as const);
    const bad = Math.floor(r() * n);
    const factor = { none: 1, more: between(r, 1.22, 1.5), less: between(r, 0.5, 0.78), nothing: 0 }[kind];
    const own = Array.from({ length: n }, (_, k) => (k === bad ? factor : 1 + 0.025 * normal(r)));
    const up = between(r, 0.8, 1.4);
    const pulse = between(r, 0.4, 0.6);
    const stay = between(r, 0.8, 1.5);
    const step = up + pulse + stay;
    const lead = between(r, 0.5, 1);
    const total = lead + passesMade * n * step + (passesMade - 1) * 0.5 + 0.6;
    const s = new Float32Array(Math.round(total * rate));
    const tau = between(r, 0.04, 0.15);
    let p = rest;
    for (let i = 0; i < s.length; i++) {
      const t = i / rate - lead;
      const pass = Math.min(passesMade - 1, Math.max(0, Math.floor(t / (n * step + 0.5))));
      const inPass = t - pass * (n * step + 0.5);
      const k = Math.floor(inPass / step);
      const x = inPass - k * step;
      let target = rest;
      if (t >= 0 && inPass >= 0 && k < n && x > up)
        target = rest - drop * own[k]! * Math.min(1, (x - up) / pulse);
      const rising = target > p;
      p += (target - p) * (rising ? 1 - Math.exp(-1 / (rate * tau)) : 1);
      s[i] = p + (x < up ? 0.15 : 0.03) * Math.sin(2 * Math.PI * 37 * t);
    }
    // At either end of a pass only the pulses tell which injector let nothing through.
    const end = kind === 'nothing' && (bad === 0 || bad === n - 1 || n === 3);
    const command = new Float32Array(s.length);
    for (let pass = 0; pass < passesMade; pass++)
      for (let k = 0; k < n; k++) {
        const a = lead + pass * (n * step + 0.5) + k * step + up;
        for (let i = Math.round(a * rate); i < (a + pulse) * rate; i++)
          command[i] = Math.floor((i / rate - a) * 20) % 2 ? 0 : 1;
      }
    const withPulses = end || chance(r, 0.3);
    return {
      given: {
        channels: {
          pressure: [channel('rail pressure', 'psi', spoiled(s, snr, r), rate)],
          ...(withPulses
            ? { pulses: [channel('injector pulses', 'A', spoiled(command, snr, r), rate)] }
            : {}),
        },
      },
      settings: { injectors: n },
      judge(result) {
        const found = named(result, 'injector');
        // Seen once and without the pulses, it may just not have been pulsed.
        if (kind === 'nothing' && !withPulses && passesMade === 1) {
          if (judgeNames(found, [`injector ${bad + 1}`]) === 'wrong' || found.fail.length > 0) return 'wrong';
          return found.unsure.length === 1 ? 'right' : 'unsure';
        }
        return judgeNames(found, kind === 'none' ? [] : [`injector ${bad + 1}`]);
      },
    };
  },
};

/** A pressure with a pulse from one cylinder, under pulses of all, and drift. */
const pulsation: Maker = {
  analysis: 'pulsation',
  about:
    'all even engines; coolant pulse of one cylinder under a pump’s and all firings’ own; drift; lost triggers; nothing there at all in one of eight',
  make(r, snr) {
    const plan = pick(r, PLANS.slice(0, 8));
    const n = plan.order.length;
    const rate = 4000;
    const seconds = between(r, 5, 9);
    const angle = turning(r, { plan, rpm: between(r, 700, 1300), swing: 0.004, rate, seconds });
    const nothing = chance(r, 0.125);
    const bad = Math.floor(r() * n);
    const gap = 720 / n;
    // Combustion gas begins to leak late in compression; the flank's middle lies well inside the stroke.
    const rise = between(r, 0.22, 0.7) * gap;
    const flank = Math.min(40, 0.35 * gap);
    const s = new Float32Array(angle.length);
    const pump = between(r, 9, 31);
    const common = between(r, 0, 0.3);
    for (let i = 0; i < s.length; i++) {
      const a = angle[i]! % 720;
      const since = (a - plan.angles[bad]! + rise + 720 + flank / 2) % 720;
      let v = 0;
      if (!nothing) v = since < flank ? since / flank : Math.exp(-(since - flank) / 70);
      v += common * Math.sin((2 * Math.PI * a) / gap);
      s[i] = 12 * v;
    }
    const clean = power(s) || 16;
    const drift = between(r, -6, 6);
    for (let i = 0; i < s.length; i++)
      s[i]! += 100 + drift * (i / s.length) + 1.2 * Math.sin((2 * Math.PI * pump * i) / rate);
    const known = pick(r, plan.order);
    let triggers = passes(angle, plan.angles[plan.order.indexOf(known)]!, 720, rate);
    if (chance(r, 0.25)) triggers = triggers.filter((_, i) => i % 17 !== 9);
    const trig = pulsesAt(triggers, { rate, n: s.length, height: chance(r, 0.3) ? -5 : 5, width: 0.002 });
    return {
      given: {
        engine: plan,
        channels: {
          pressure: [channel('coolant pressure', 'mbar', spoiled(s, snr, r, clean), rate)],
          trigger: [channel('trigger', 'V', spoiled(trig, snr, r, 25 / 4), rate)],
        },
      },
      settings: { cylinder: known, medium: 'coolant' },
      judge(result) {
        const found = named(result, 'cylinder');
        if (nothing) return found.fail.length > 0 ? 'wrong' : 'right';
        if (found.fail.length === 0) return 'unsure';
        return found.fail[0] === `cylinder ${plan.order[bad]!}` ? 'right' : 'wrong';
      },
    };
  },
};

/** A crank wheel with a gap and a cam wheel, normal or off, drifting or not, with a broken tooth or not. */
const camCrank: Maker = {
  analysis: 'cam-crank',
  about:
    '60 − 2, 36 − 1, 36 − 2, 24 − 1 and 58 − 2 wheels, digital or coil; 1 to 4 cam edges; off by −20° to 20° or not; drift; broken tooth',
  make(r, snr) {
    const [teeth, gap] = pick(r, [
      [60, 2],
      [36, 1],
      [36, 2],
      [24, 1],
      [58, 2],
    ] as const);
    const rate = 50_000;
    const seconds = between(r, 1, 2);
    const angle = turning(r, {
      plan: PLANS[1]!,
      rpm: between(r, 700, 1300),
      to: between(r, 700, 1500),
      swing: 0.01,
      rate,
      seconds,
    });
    const coil = chance(r, 0.4);
    // A tooth lost exactly opposite the gap makes a sound wheel of half as many: nothing could tell.
    let broken = chance(r, 0.25) ? 6 + Math.floor(r() * (teeth - 14)) : -1;
    if (Math.abs(broken - teeth / 2) < 3) broken = 7;
    const cams = pick(r, [1, 2, 3, 4]);
    const normal_ = Array.from({ length: cams }, (_, i) =>
      Math.round((i * 720) / cams + (i > 0 ? between(r, -30, 30) : 0) + 70),
    );
    const off = chance(r, 0.5) ? between(r, -4, 4) : (chance(r, 0.5) ? 1 : -1) * between(r, 11, 20);
    const drift = chance(r, 0.25) ? (chance(r, 0.5) ? 1 : -1) * between(r, 5, 9) : 0;
    const n = angle.length;
    const crank = new Float32Array(n);
    const cam = new Float32Array(n);
    const width = 360 / teeth;
    for (let i = 0; i < n; i++) {
      const p = (angle[i]! % 360) / width;
      const k = Math.floor(p);
      const there = k < teeth - gap && k !== broken;
      const x = p - k;
      // The falling edge of a tooth is its mark, at the end of it.
      crank[i] = coil ? (there ? Math.sin(2 * Math.PI * x) : 0) * 4 : there && x < 0.5 ? 5 : 0;
      const shift = off + drift * (i / n - 0.5);
      const c = angle[i]! % 720;
      // Half a tooth lies between the first mark after the gap and the wheel's zero.
      cam[i] = normal_.some((a) => (c - a - shift - 0.5 * width + 1440) % 720 > 720 - 25) ? 5 : 0;
    }
    return {
      given: crankAndCam(crank, cam, { snr, r, rate }),
      settings: { normal: normal_.join(' ') },
      judge(result) {
        const by = (about: string) => result.findings.find((f) => f.about === about);
        const main = by('cam against crank');
        if (!main) return 'wrong';
        if (main.verdict === 'unsure' && by('teeth')!.verdict === 'unsure') return 'unsure';
        const said = Number(/-?\d+(\.\d+)?/.exec(main.figure!)![0]);
        if (by('pattern')!.figure !== `${teeth} − ${gap}`) return 'wrong';
        if (Math.abs(said - off) > 1.5 + Math.abs(drift) / 4) return 'wrong';
        if ((main.verdict === 'fail') !== Math.abs(off) > 10)
          return main.verdict === 'unsure' ? 'unsure' : 'wrong';
        if ((by('teeth')!.verdict === 'fail') !== broken >= 0) return 'wrong';
        if ((by('drift')!.verdict === 'fail') !== (drift !== 0)) return 'wrong';
        return 'right';
      },
    };
  },
};

export const ENGINE_MAKERS: Maker[] = [
  cylinderMap,
  cranking,
  injectors,
  pulsation,
  camCrank,
  severalGaps,
  pulsationBorders,
  injectorPasses,
];
