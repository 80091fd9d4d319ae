import { describe, expect, it } from 'vitest';
import { Refusal } from '@/core/checks/contract';
import type { Channel } from '../channel';
import { firingPlan, type FiringPlan } from '../engine';
import { ANALYSES } from '../index';

/** Facts of the trade, each drawn up as the plainest recording that shows it: common practice, no source. */

const plan = (order: string, angles = '') => firingPlan(order, 4, angles) as FiringPlan;
const channel = (
  name: string,
  unit: string,
  rate: number,
  seconds: number,
  f: (t: number) => number,
): Channel => ({
  name,
  unit,
  interval: 1 / rate,
  start: 0,
  samples: Float32Array.from({ length: Math.round(rate * seconds) }, (_, i) => f(i / rate)),
});
function run(
  id: string,
  channels: Record<string, Channel[]>,
  settings: Record<string, unknown> = {},
  engine?: FiringPlan,
) {
  const analysis = ANALYSES.find((a) => a.id === id)!;
  return analysis.run({ channels, engine }, analysis.settings.parse(settings));
}
const failed = (r: ReturnType<typeof run>) =>
  r.findings.filter((f) => f.verdict === 'fail').map((f) => f.about);

/** A pulse of a hundredth of a cycle whenever the crank (200 rpm) stands at an angle. */
const trigger = (at: number, cycle: number, rate: number, seconds: number) =>
  channel('trigger', 'V', rate, seconds, (t) => (((((t / cycle) * 720 - at) % 720) + 720) % 720 < 7 ? 5 : 0));

describe('cranking current', () => {
  const order = plan('1-8-7-2-6-5-4-3');
  const cycle = 0.6;
  const humps = (strength: (cylinder: number) => number) =>
    channel('current', 'A', 2000, 4, (t) => {
      const a = ((t / cycle) * 720) % 720;
      return (
        120 +
        order.angles.reduce((sum, at, k) => {
          const d = Math.abs(((a - at + 1080) % 720) - 360);
          return sum + (d < 44 ? 30 * strength(order.order[k]!) * Math.cos((Math.PI * d) / 88) ** 2 : 0);
        }, 0)
      );
    });
  it('order 1-8-7-2-6-5-4-3, trigger on 8, the hump after 7 missing: cylinder 2', () => {
    const r = run(
      'cranking-compression',
      { current: [humps((c) => (c === 2 ? 0 : 1))], trigger: [trigger(90, cycle, 2000, 4)] },
      { cylinder: 8 },
      order,
    );
    expect(failed(r)).toEqual(['cylinder 2']);
    expect(r.findings[0]!.because).toContain('is missing');
  });
  it('the one after a dead one stands high, and is not the measure', () => {
    const r = run(
      'cranking-compression',
      {
        current: [humps((c) => (c === 2 ? 0.05 : c === 6 ? 1.12 : 1))],
        trigger: [trigger(90, cycle, 2000, 4)],
      },
      { cylinder: 8 },
      order,
    );
    expect(failed(r)).toEqual(['cylinder 2']);
    expect(r.findings.find((f) => f.about === 'cylinder 6')!.because).toContain(
      'speeds up over the weak one',
    );
    expect(
      Math.abs(Number.parseInt(r.findings.find((f) => f.about === 'cylinder 5')!.figure!) - 100),
    ).toBeLessThan(4);
  });
  it('without a trigger the place in the row is all that is said', () => {
    const r = run('cranking-compression', { current: [humps((c) => (c === 2 ? 0 : 1))] }, {}, order);
    expect(failed(r)).toHaveLength(1);
    expect(failed(r)[0]).toMatch(/^hump \d of the row$/);
  });
  it('a flat current is refused with what to do', () => {
    expect(() =>
      run('cranking-compression', { current: [channel('current', 'A', 2000, 4, () => 100)] }, {}, order),
    ).toThrow(Refusal);
  });
});

describe('a pressure pulse', () => {
  const order = plan('1-2-3');
  const cycle = 0.12;
  const pulse = (at: number) =>
    channel('coolant', 'mbar', 4000, 5, (t) => {
      const since = ((((t / cycle) * 720 - at) % 720) + 720) % 720;
      return 110 + (since < 40 ? since / 4 : 10 * Math.exp(-(since - 40) / 50));
    });
  it.each([
    [120, 'cylinder 2'],
    [360, 'cylinder 3'],
    [600, 'cylinder 1'],
  ])(
    'in the coolant %i° after trigger 1 of order 1-2-3 belongs to the cylinder then on compression: %s',
    (at, who) => {
      const r = run(
        'pulsation',
        { pressure: [pulse(at - 20)], trigger: [trigger(0, cycle, 4000, 5)] },
        { medium: 'coolant' },
        order,
      );
      expect(failed(r)).toEqual([who]);
      expect(r.findings[0]!.because).toContain('compression');
    },
  );
  it('that is not there is not found', () => {
    const flat = channel('coolant', 'mbar', 4000, 5, (t) => 110 + Math.sin(t * 977) + Math.sin(t * 1331));
    expect(
      failed(run('pulsation', { pressure: [flat], trigger: [trigger(0, cycle, 4000, 5)] }, {}, order)),
    ).toEqual([]);
  });
});

describe('injectors', () => {
  it('from 57.2 psi at rest the drops 17, 16, 16, 16, 20, 16 psi single out the fifth', () => {
    const drops = [17, 16, 16, 16, 20, 16];
    const rail = channel('rail', 'psi', 500, 1 + 6 * 3, (t) => {
      const k = Math.floor((t - 1) / 3);
      const x = t - 1 - 3 * k;
      return k >= 0 && k < 6 && x > 1 && x < 2.6 ? 57.2 - drops[k]! * Math.min(1, (x - 1) / 0.5) : 57.2;
    });
    const r = run('injector-drops', { pressure: [rail] }, { injectors: 6 });
    expect(failed(r)).toEqual(['injector 5']);
    expect(r.findings.flatMap((f) => f.speaks ?? [])).toEqual([
      { says: 'for', part: 'fuel injector', failure: '', where: 'cylinder 5' },
    ]);
    expect(r.findings[0]!.figure).toBe('17.0 psi');
    expect(r.findings[0]!.because).toContain('57.2 psi at rest');
    expect(r.findings.at(-1)!.because).toContain('brought back to 57.2 psi');
  });
});

describe('secondary ignition', () => {
  const coil = (name: string, burn: number, peak: number, swings: boolean) =>
    channel(name, 'kV', 200_000, 0.2, (t) => {
      const x = (t % 0.04) - 0.005;
      if (x < 0) return 0;
      if (x < 0.00003) return peak;
      if (x < burn) return 1.4;
      return swings ? 0.8 * Math.exp(-(x - burn) / 0.0008) * Math.cos(2 * Math.PI * 4000 * (x - burn)) : 0;
    });
  it('1.5 ms and more burns well, 1.3 ms is short, and no swings after it is a tired coil', () => {
    const r = run('ignition', {
      voltage: [coil('a', 0.0017, 10, true), coil('b', 0.00125, 10, true), coil('c', 0.0017, 10, false)],
    });
    const of = (name: string) => r.findings.filter((f) => f.about === name).map((f) => f.verdict);
    expect(of('a')).toEqual(['pass', 'pass', 'pass']);
    expect(of('b')).toEqual(['fail', 'pass', 'pass']);
    expect(of('c')).toEqual(['pass', 'pass', 'fail']);
  });
  it('a shorted plug lead lowers the peak and lengthens the burn', () => {
    const r = run('ignition', {
      voltage: [coil('a', 0.0017, 10, true), coil('b', 0.0029, 4.4, true), coil('c', 0.0017, 10.4, true)],
    });
    expect(failed(r)).toEqual(['b']);
    expect(r.findings.find((f) => f.verdict === 'fail')!.because).toContain('shunt');
  });
});

describe('cam against crank', () => {
  const wheel = channel('crank', 'V', 40_000, 1.5, (t) => {
    const x = (((t / 0.06) * 360) % 360) / 6;
    return x < 58 && x % 1 < 0.5 ? 5 : 0;
  });
  const cam = (shift: number) =>
    channel('cam', 'V', 40_000, 1.5, (t) => {
      const a = ((((t / 0.06) * 360 - shift) % 720) + 720) % 720;
      return a > 67 && a < 107 ? 5 : 0;
    });
  it.each([
    [4, 'pass'],
    [-5, 'pass'],
    [7, 'unsure'],
    [10.5, 'fail'],
    [16, 'fail'],
  ])('%i° off normal: %s', (shift, verdict) => {
    // The wheel's mark is the end of its first tooth, half a pitch (3°) after the gap: 107 − 3 = 104.
    const r = run('cam-crank', { crank: [wheel], cam: [cam(shift)] }, { normal: '104' });
    const f = r.findings.find((x) => x.about === 'cam against crank')!;
    expect(f.verdict).toBe(verdict);
    expect(Math.abs(Number.parseFloat(f.figure!) - shift)).toBeLessThan(0.3);
  });
});

describe('the rest', () => {
  it('a wheel that falls to nothing is the odd one, and when is told', () => {
    const speed = (name: string, f = (_: number, v: number) => v) =>
      channel(name, 'km/h', 50, 40, (t) => f(t, 40 + 10 * Math.sin(t / 5)));
    const r = run('agreement', {
      signals: [speed('fl'), speed('fr', (t, v) => (t > 20 && t < 24 ? 0 : v)), speed('rl')],
    });
    expect(failed(r)).toEqual(['fr']);
    expect(r.findings.find((f) => f.verdict === 'fail')!.place!.from).toBeCloseTo(20, 0);
  });
  it('with two channels only that they part is said', () => {
    const r = run('agreement', {
      signals: [channel('a', 'V', 50, 20, () => 2), channel('b', 'V', 50, 20, (t) => (t > 10 ? 3 : 2))],
    });
    expect(failed(r)).toEqual([]);
    expect(r.findings[0]!.because).toContain('cannot be said which is wrong');
  });
  it('an answer that stands still while the command moves is stuck', () => {
    const command = channel('command', '%', 200, 12, (t) => (t < 3 ? 10 : t < 6 ? 60 : t < 9 ? 30 : 10));
    expect(
      failed(
        run('command-answer', { command: [command], answer: [channel('position', '%', 200, 12, () => 22)] }),
      ),
    ).toEqual(['answered']);
    expect(failed(run('command-answer', { command: [command], answer: [command] }))).toEqual([]);
  });
  it('while the limit lies within the interval, a hold is not judged', () => {
    let seed = 5;
    const noise = () => ((seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647 - 0.5) * 0.4;
    const leak = channel('pressure', 'bar', 20, 12, (t) => 4 - (0.1 * t) / 60 + noise());
    expect(run('hold', { signal: [leak] }, { fall: 0.1 }).findings[0]!.verdict).toBe('unsure');
  });
  it('CAN low at ground all the time is shorted to it', () => {
    let b = 7;
    const bits = Array.from({ length: 400 }, () => (b = (b * 16_807) % 2_147_483_647) % 2);
    const high = channel('CAN high', 'V', 10e6, 400 * 2e-6, (t) => (bits[Math.floor(t / 2e-6)] ? 3.5 : 2.5));
    const r = run('bus-levels', {
      high: [high],
      low: [channel('CAN low', 'V', 10e6, 400 * 2e-6, () => 0.05)],
    });
    expect(failed(r)).toEqual(['CAN low, stuck']);
    expect(r.findings.find((f) => f.about === 'bit time')!.because).toContain('500 kbit/s');
  });
  it('every analysis refuses or answers on a flat line, and never falls over', () => {
    const flat = channel('flat', 'V', 1000, 3, () => 1);
    for (const a of ANALYSES) {
      const channels = Object.fromEntries(
        a.roles.map((r) => [r.id, r.many ? [flat, { ...flat, name: 'other' }] : [flat]]),
      );
      try {
        const r = a.run({ channels, engine: plan('1-3-4-2') }, a.settings.parse({}));
        expect(r.findings.length).toBeGreaterThan(0);
      } catch (e) {
        expect([a.id, e instanceof Refusal]).toEqual([a.id, true]);
      }
    }
  });
});

describe('a crank wheel with two gaps opposite each other', () => {
  const RPM = 900;
  /** 36 teeth, two missing at 180° and two at 360°; a cam with one edge, so many degrees after the gap. */
  const degrees = (t: number) => (t * RPM * 360) / 60;
  const crank = channel('crank', 'V', 50_000, 1.6, (t) => {
    const p = (degrees(t) % 360) / 10;
    return ![16, 17, 34, 35].includes(Math.floor(p)) && p % 1 < 0.5 ? 5 : 0;
  });
  const cam = (at: number) =>
    channel('cam', 'V', 50_000, 1.6, (t) => ((degrees(t) - at - 5 + 1440) % 720 > 695 ? 5 : 0));
  it('tells a true 12° as 12°, not as 24° on a wheel of half as many teeth', () => {
    const r = run('cam-crank', { crank: [crank], cam: [cam(82)] }, { normal: '70' });
    const main = r.findings.find((f) => f.about === 'cam against crank')!;
    expect(Number.parseFloat(main.figure!)).toBeCloseTo(12, 0);
    expect(main.verdict).toBe('fail');
    expect(r.findings.find((f) => f.about === 'pattern')!.because).toContain('36 − 2 teeth, 2 gaps a turn');
    expect(r.findings.find((f) => f.about === 'teeth')!.verdict).toBe('pass');
  });
  it('does not tell where the cam could stand as near to normal from the other gap', () => {
    // From the one gap 70°, from the other 70 + 180 = 250°: against 85° and 265° both are 15° early.
    const r = run('cam-crank', { crank: [crank], cam: [cam(70)] }, { normal: '85 265' });
    expect(r.findings.find((f) => f.about === 'cam against crank')!.verdict).toBe('unsure');
  });
});
