import type { Channel } from '@/core/traces/channel';
import { firingPlan } from '@/core/traces/engine';
import { chanceFrom, gauss, motion, channelOf, triggerOf, type ScopeTest } from './kit';
import { SENSOR } from './sensor';

export type { ScopeTest } from './kit';

export const SCOPE_ENGINES = ['1-3-2', '1-3-4-2', '1-2-4-5-3', '1-5-3-6-2-4', '1-8-4-3-6-5-7-2'] as const;

const CRANKING: ScopeTest = {
  id: 'cranking',
  title: 'Cranking current',
  faults: [
    { id: 'low', label: 'a low cylinder' },
    { id: 'dead', label: 'a dead cylinder' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ plan, fault, chance }) {
    const n = plan.order.length;
    const weak = fault === 'healthy' ? -1 : Math.floor(chance() * n);
    const strength = plan.order.map((_, k) => {
      if (k === weak) {
        if (fault === 'dead') return 0.04;
        return 0.58;
      }
      return 1 + 0.02 * gauss(chance);
    });
    const m = motion(plan, {
      rate: 10_000,
      seconds: 4.2,
      rpm: (t) => (t < 0.25 ? 0.01 : 205 + 14 * Math.min(1, (t - 0.25) / 3)),
      uneven: 0.03,
      chance,
    });
    const reach = 300 / n;
    const s = m.angle.map((a, i) => {
      const t = i / m.rate;
      if (t < 0.25 || t > 4) return 0.6 * gauss(chance);
      let v = 128 + 340 * Math.exp(-(t - 0.25) / 0.04);
      plan.angles.forEach((at, k) => {
        const d = ((((a - at + 6 + 360) % 720) + 720) % 720) - 360;
        if (Math.abs(d) < reach) v += 46 * strength[k]! * Math.cos((Math.PI * d) / 2 / reach) ** 2;
      });
      return v + 2.4 * gauss(chance) + 1.5 * Math.sin(t * 2600);
    });
    return [
      channelOf('starter current', 'A', Float32Array.from(s), m.rate),
      channelOf('coil 1 trigger', 'V', triggerOf(m, 0, 5, chance), m.rate),
    ];
  },
};

const COOLANT: ScopeTest = {
  id: 'coolant',
  title: 'Coolant pressure, engine running',
  faults: [
    { id: 'gasket', label: 'combustion gas in the coolant' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ plan, fault, chance }) {
    const m = motion(plan, {
      rate: 4000,
      seconds: 8,
      rpm: (t) => 900 + 120 * Math.sin(t),
      uneven: 0.01,
      chance,
    });
    const n = plan.order.length;
    const at = plan.angles[Math.floor(chance() * n)]! - 0.42 * (720 / n);
    const s = m.angle.map((a, i) => {
      const t = i / m.rate;
      const since = (((a - at) % 720) + 720) % 720;
      const pulse =
        fault === 'gasket' ? 9 * Math.min(1, since / 28) * Math.exp(-Math.max(0, since - 28) / 60) : 0;
      return (
        118 + 3 * t * (fault === 'gasket' ? 1 : 0.2) + pulse + 1.6 * Math.sin(t * 96) + 0.8 * gauss(chance)
      );
    });
    return [
      channelOf('coolant pressure', 'mbar', Float32Array.from(s), m.rate),
      channelOf('coil 1 trigger', 'V', triggerOf(m, 0, 5, chance), m.rate),
    ];
  },
};

const INJECTORS: ScopeTest = {
  id: 'injectors',
  title: 'Rail pressure, injectors pulsed one by one',
  faults: [
    { id: 'rich', label: 'one lets through too much' },
    { id: 'clogged', label: 'one lets through too little' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ plan, fault, chance }) {
    const n = plan.order.length;
    const odd = Math.floor(chance() * n);
    const drop = plan.order.map(
      (_, k) => 16.4 * (k === odd ? ({ rich: 1.27, clogged: 0.66 }[fault] ?? 1) : 1 + 0.02 * gauss(chance)),
    );
    const rate = 1000;
    const step = 3;
    const s = new Float32Array(Math.round((1 + 2 * n * step + 1) * rate));
    let p = 57.2;
    for (let i = 0; i < s.length; i++) {
      const t = i / rate - 1;
      const k = Math.floor(t / step);
      const x = t - k * step;
      const down = t >= 0 && k < 2 * n && x > 1.2;
      const target = down ? 57.2 - drop[k % n]! * Math.min(1, (x - 1.2) / 0.5) : 57.2;
      p += (target - p) * (target > p ? 0.012 : 1);
      s[i] = p + 0.28 * gauss(chance) + (x < 1.2 ? 0.2 * Math.sin(t * 240) : 0);
    }
    return [channelOf('rail pressure', 'psi', s, rate)];
  },
};

const IGNITION: ScopeTest = {
  id: 'ignition',
  title: 'Secondary ignition, all cylinders on one clamp',
  faults: [
    { id: 'shunt', label: 'a shorted plug lead' },
    { id: 'short', label: 'a short burn' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ plan, fault, chance }) {
    const odd = Math.floor(chance() * plan.order.length);
    const m = motion(plan, { rate: 100_000, seconds: 1.2, rpm: () => 850, uneven: 0.006, chance });
    const s = Float32Array.from(m.angle, () => 0.03 * gauss(chance));
    plan.angles.forEach((at, k) => {
      const bad = k === odd ? fault : '';
      const burn = (bad === 'shunt' ? 2.9 : bad === 'short' ? 0.95 : 1.75) / 1000;
      const peak = bad === 'shunt' ? 4.4 : 10.4;
      for (let i = 1; i < s.length; i++) {
        if (Math.floor((m.angle[i]! - at + 10) / 720) === Math.floor((m.angle[i - 1]! - at + 10) / 720))
          continue;
        const wobble = 1 + 0.04 * gauss(chance);
        for (let j = 0; j < 0.009 * m.rate && i + j < s.length; j++) {
          const x = j / m.rate;
          const b = burn * wobble;
          s[i + j]! -=
            x < 0.00003
              ? peak
              : x < b
                ? 1.45 + 0.3 * (x / b) ** 3
                : 0.85 * Math.exp(-(x - b) / 0.0007) * Math.cos(2 * Math.PI * 4200 * (x - b));
        }
      }
    });
    return [
      channelOf('ignition', 'kV', s, m.rate),
      channelOf('coil 1 trigger', 'V', triggerOf(m, 350, 5, chance), m.rate),
    ];
  },
};

const CAM: ScopeTest = {
  id: 'cam',
  title: 'Cam and crank signals',
  faults: [
    { id: 'late', label: 'cam one tooth late' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ plan, fault, chance }) {
    const m = motion(plan, { rate: 50_000, seconds: 1.6, rpm: (t) => 780 + 60 * t, uneven: 0.01, chance });
    const late = fault === 'late' ? 16 : 0;
    const crank = m.angle.map((a) => {
      const x = (((a % 360) + 360) % 360) / 6;
      return (x < 58 && x % 1 < 0.5 ? 4.9 : 0.1) + 0.05 * gauss(chance);
    });
    const cam = m.angle.map((a) => {
      const c = (((a - late) % 720) + 720) % 720;
      return ([74, 254, 434].some((e) => c < e && c > e - 40) ? 4.9 : 0.1) + 0.05 * gauss(chance);
    });
    return [
      channelOf('crankshaft', 'V', Float32Array.from(crank), m.rate),
      channelOf('camshaft', 'V', Float32Array.from(cam), m.rate),
    ];
  },
};

const WHEELS: ScopeTest = {
  id: 'wheels',
  title: 'Wheel speeds, driving straight',
  faults: [
    { id: 'jagged', label: 'a damaged tone ring' },
    { id: 'dropping', label: 'one sensor dropping out' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ fault, chance }) {
    const rate = 100;
    const n = rate * 40;
    const odd = Math.floor(chance() * 4);
    return ['front left', 'front right', 'rear left', 'rear right'].map((name, k) => {
      const s = Float32Array.from({ length: n }, (_, i) => {
        const t = i / rate;
        let v = 32 + 26 * Math.sin(t / 7) ** 2 + 0.12 * gauss(chance);
        if (k === odd && fault === 'jagged') v += 2.2 * Math.sin(t * 90) * (t % 0.6 < 0.2 ? 1 : 0.15);
        if (k === odd && fault === 'dropping' && t > 18 && t < 21.5) v = 0.05 * Math.abs(gauss(chance));
        return v;
      });
      return channelOf(name, 'km/h', s, rate);
    });
  },
};

const BUS: ScopeTest = {
  id: 'bus',
  title: 'CAN high and low',
  faults: [
    { id: 'ground', label: 'low line shorted to ground' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ fault, chance }) {
    const per = 24;
    const bits: number[] = [];
    for (let f = 0; f < 8; f++) {
      for (let i = 0; i < 26; i++) bits.push(0);
      let alike = 0;
      let last = 0;
      for (let i = 0; i < 100; i++) {
        const b = i === 0 ? 1 : alike >= 5 ? 1 - last : chance() < 0.5 ? 1 : 0;
        alike = b === last ? alike + 1 : 1;
        last = b;
        bits.push(b);
      }
    }
    const line = (rest: number, driven: number) => {
      let v = rest;
      return Float32Array.from({ length: bits.length * per }, (_, i) => {
        v += ((bits[Math.floor(i / per)] ? driven : rest) - v) * 0.5;
        return v + 0.025 * gauss(chance);
      });
    };
    const low =
      fault === 'ground'
        ? Float32Array.from({ length: bits.length * per }, () => 0.06 + 0.02 * gauss(chance))
        : line(2.5, 1.48);
    return [
      channelOf('CAN high', 'V', line(2.5, 3.52), 500_000 * per),
      channelOf('CAN low', 'V', low, 500_000 * per),
    ];
  },
};

const HOLD: ScopeTest = {
  id: 'hold',
  title: 'Pressure hold',
  faults: [
    { id: 'leak', label: 'a leak' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ fault, chance }) {
    const rate = 50;
    const s = Float32Array.from({ length: rate * 180 }, (_, i) => {
      const t = i / rate;
      const held = Math.max(0, t - 8);
      return (
        (t < 8 ? 0.2 + 0.6 * t : 5 - (fault === 'leak' ? 0.32 : 0.01) * (held / 60)) + 0.02 * gauss(chance)
      );
    });
    return [channelOf('fuel pressure', 'bar', s, rate)];
  },
};

const ACTUATOR: ScopeTest = {
  id: 'actuator',
  title: 'Throttle commanded and answered',
  faults: [
    { id: 'late', label: 'answers late' },
    { id: 'hangs', label: 'does not come back' },
    { id: 'healthy', label: 'nothing wrong' },
  ],
  record({ fault, chance }) {
    const rate = 500;
    const told = (t: number) => {
      if (t < 2) return 12;
      if (t < 5) return 70;
      if (t < 8) return 40;
      if (t < 11) return 70;
      return 12;
    };
    let y = 12;
    const command = new Float32Array(rate * 14);
    const answer = new Float32Array(rate * 14);
    for (let i = 0; i < command.length; i++) {
      const t = i / rate;
      y += (told(t - (fault === 'late' ? 0.42 : 0.05)) - y) * 0.06;
      const shown = fault === 'hangs' && t > 11 ? Math.max(y, 26) : y;
      command[i] = told(t) + 0.15 * gauss(chance);
      answer[i] = shown + 0.5 * gauss(chance);
    }
    return [
      channelOf('throttle commanded', '%', command, rate),
      channelOf('throttle position', '%', answer, rate),
    ];
  },
};

export const SCOPE_TESTS: readonly ScopeTest[] = [
  CRANKING,
  COOLANT,
  INJECTORS,
  IGNITION,
  CAM,
  WHEELS,
  BUS,
  HOLD,
  ACTUATOR,
  SENSOR,
];

/**
 * Records with the simulated scope.
 *
 * @param order firing order, one of `SCOPE_ENGINES` or any other
 * @throws Error with a sentence for an order that cannot be, or a test it does not have
 */
export function recordWithScope(o: { test: string; fault: string; order: string; seed: number }): Channel[] {
  const plan = firingPlan(o.order);
  if (typeof plan === 'string') throw new Error(plan);
  const test = SCOPE_TESTS.find((t) => t.id === o.test);
  if (!test) throw new Error('The simulated scope does not have this test.');
  return test.record({ plan, fault: o.fault, chance: chanceFrom(o.seed) });
}
